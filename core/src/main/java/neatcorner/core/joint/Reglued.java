package neatcorner.core.joint;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.frame.Frame;
import neatcorner.core.strength.Burden;

/** A corner whose glue is not what it was: what it takes of what it may bear, and what would still help. */
public final class Reglued {
    /** In mm, between what is in a corner and what is put in later. Common practice, no source. */
    private static final double LEAST_WOOD = 1.5;

    private final Frame frame;
    private final JointPlan joints;
    private final Strains strains;
    private final double glue;

    /**
     * All corners alike, as the worst of them is judged.
     *
     * @param glue what its glue bears as a share of a fresh joint, from over 0 to 1
     */
    public Reglued(Frame frame, Burden burden, JointPlan joints, double glue) {
        this.frame = frame;
        this.joints = joints;
        this.strains = new Strains(frame, burden);
        this.glue = glue;
    }

    /**
     * Something that can still be added.
     *
     * @param option what
     * @param strain what the most strained corner then takes of what it may bear
     */
    public record Helped(JointOption option, Strain strain) {
    }

    /** With glue alone; empty where it is not judged. */
    public Optional<Strain> alone() {
        return strains.most(true, strains.holds(at -> at.glued(glue).glued()));
    }

    /** What can be put into or on a closed corner and misses what is in it, that which holds best first. */
    public List<Helped> helped() {
        return joints.options().stream()
                .filter(option -> option.fits() && option.suits())
                .filter(option -> Joints.of(option.kind()).isAddedLater() && isFree(option))
                .flatMap(option -> strain(option).map(strain -> new Helped(option, strain)).stream())
                .sorted(Comparator.comparingDouble(helped -> helped.strain().use()))
                .toList();
    }

    private Optional<Strain> strain(JointOption option) {
        Joint joint = Joints.of(option.kind());
        return strains.most(true, strains.holds(at -> joint.hold(at.glued(glue), option.fitted())));
    }

    /** Whether it misses what lies in the corners; of the joint that is there itself, nothing is added. */
    private boolean isFree(JointOption option) {
        if (option.kind().equals(joints.chosen())) {
            return false;
        }
        Joint joint = Joints.of(option.kind());
        return IntStream.range(0, frame.members().size()).mapToObj(frame::from).allMatch(turned -> {
            List<Insert> there = joints.inserts(turned);
            return joint.inserts(turned, option).stream()
                    .allMatch(added -> there.stream().allMatch(insert -> added.gap(insert.bodies()) >= LEAST_WOOD));
        });
    }
}
