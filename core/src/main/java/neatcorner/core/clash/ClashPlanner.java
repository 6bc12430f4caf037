package neatcorner.core.clash;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.joint.Insert;
import neatcorner.core.joint.JointOption;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.wood.Screw;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;

/**
 * Lays everything that is known by its place in the wood of a part into space and looks at what is nearest to what:
 * the fasteners of every corner, and the screws of its rings. What is driven into wood where something else is splits
 * it, or turns aside and comes out.
 */
public final class ClashPlanner {
    /** In mm; less between things of two corners, or a fastener and a screw, splits. Common practice, no source. */
    private static final double LEAST_WOOD = 1.5;
    /** Things of one corner are laid out to pass each other and may come so near. Common practice, no source. */
    private static final double LEAST_BESIDE = 0.3;
    /** What is further from everything is not worth telling, in mm. */
    private static final double TOLD = 25;
    /** From one try to the next, of where rings would be free. */
    private static final Length STEP = Length.inches(0, 1, 4);

    private final Frame frame;
    private final JointPlan joints;
    private final HangPlan hang;
    private final Ledger ledger = new Ledger();

    private ClashPlanner(Frame frame, JointPlan joints, HangPlan hang) {
        this.frame = frame;
        this.joints = joints;
        this.hang = hang;
    }

    /** Looks at a part with its corners and its hardware. */
    public static Planned<Clashes> of(Frame frame, JointPlan joints, HangPlan hang) {
        ClashPlanner planner = new ClashPlanner(frame, joints, hang);
        return planner.ledger.planned(planner.clashes());
    }

    private Clashes clashes() {
        JointOption used = joints.used();
        if (!used.fits() || frame.isSolid()) {
            return new Clashes(Double.POSITIVE_INFINITY);
        }
        List<List<Insert>> corners = corners(used);
        double beside = besides(corners);
        double between = between(corners);
        List<Hull> rings = rings(hang.rings().map(at -> at.down().value().toMm()));
        double ring = free(corners, rings);
        if (between < LEAST_WOOD) {
            findNeighbours(between);
        } else if (beside < LEAST_BESIDE) {
            findBeside(beside);
        }
        if (ring < LEAST_WOOD) {
            findRing(corners, ring);
        }
        double least = DoubleStream.of(beside, between, ring).min().orElseThrow();
        if (least < TOLD) {
            ledger.enter(Figure.formula(Clashes.LEAST)
                    .note("clash_least")
                    .rounded(Rounding.DOWN)
                    .gives(Length.mm(Math.max(0, least))));
        }
        return new Clashes(least);
    }

    /** What lies in every corner, that at the end of the first side first. */
    private List<List<Insert>> corners(JointOption option) {
        if (!Joints.of(option.kind()).goesWith(frame.job().body().construction())) {
            return List.of();
        }
        List<List<Insert>> corners = new ArrayList<>();
        for (int i = 0; i < frame.members().size(); i++) {
            corners.add(Joints.of(option.kind()).inserts(frame.from(i), option));
        }
        return corners;
    }

    /** The least between things of one corner. */
    private static double besides(List<List<Insert>> corners) {
        double least = Double.POSITIVE_INFINITY;
        for (List<Insert> corner : corners) {
            for (int i = 0; i < corner.size(); i++) {
                for (int j = i + 1; j < corner.size(); j++) {
                    least = Math.min(least, corner.get(i).gap(corner.get(j).bodies()));
                }
            }
        }
        return least;
    }

    /** The least between things of a corner and of the next. */
    private static double between(List<List<Insert>> corners) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; corners.size() > 1 && i < corners.size(); i++) {
            for (Insert one : corners.get(i)) {
                for (Insert other : corners.get((i + 1) % corners.size())) {
                    least = Math.min(least, one.gap(other.bodies()));
                }
            }
        }
        return least;
    }

    private static double free(List<List<Insert>> corners, List<Hull> screws) {
        return corners.stream()
                .flatMap(List::stream)
                .mapToDouble(insert -> insert.gap(screws))
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** The screws of both rings, so far down, where the rings are on this part. */
    private List<Hull> rings(Optional<Double> down) {
        if (frame.job().seen() != frame.job().carrier() || hang.rings().isEmpty() || hang.screwsIn().isEmpty()) {
            return List.of();
        }
        double[] across = frame.chord(Line.OUTSIDE, down.orElseThrow());
        double in = hang.rings().get().inset().value().toMm();
        double deep = hang.screwsIn().get().toMm();
        return DoubleStream.of(across[0] + in, across[1] - in)
                .mapToObj(x -> Hull.rod(
                        new Vector(x, down.get(), 0),
                        new Vector(x, down.get(), deep),
                        Screw.SIX.diameter().toMm()))
                .toList();
    }

    /** Where sides are short, what holds one corner reaches what holds the next. */
    private void findNeighbours(double gap) {
        ledger.find(Finding.of(
                        Severity.STOP,
                        Station.CORNERS,
                        gap <= 0 ? "corners_meet" : "corners_near",
                        joints.chosen(),
                        Length.mm(Math.max(0, gap)),
                        Length.mm(LEAST_WOOD))
                .by(Length.mm(LEAST_WOOD - gap))
                .remedy(another()));
    }

    /** The first good joint whose fasteners keep clear of each other. */
    private Remedy another() {
        return joints.options().stream()
                .filter(option -> option.isGood() && !Joints.of(option.kind()).isOnlyChosen())
                .filter(option -> {
                    List<List<Insert>> corners = corners(option);
                    return between(corners) >= LEAST_WOOD && besides(corners) >= LEAST_BESIDE;
                })
                .map(JointOption::kind)
                .findFirst()
                .<Remedy>map(kind -> new Remedy.OnJob(
                        Words.of("remedy.joint", kind), new Edit.ChooseJoint(Optional.of(kind))))
                .orElseGet(() -> new Remedy.Visit(Station.CORNERS));
    }

    private void findBeside(double gap) {
        ledger.find(Finding.of(
                        Severity.CAUTION, Station.CORNERS, "fasteners_meet", joints.chosen(), Length.mm(LEAST_BESIDE))
                .by(Length.mm(LEAST_BESIDE - gap))
                .remedy(another()));
    }

    /** The nearest place further down at which the rings' screws are free. */
    private void findRing(List<List<Insert>> corners, double gap) {
        double from = hang.rings().orElseThrow().down().value().toMm();
        double to = frame.height(Line.OUTSIDE).toMm() / 2;
        Optional<Length> free = DoubleStream.iterate(from, down -> down <= to, down -> down + STEP.toMm())
                .filter(down -> free(corners, rings(Optional.of(down))) >= LEAST_WOOD)
                .mapToObj(Length::mm)
                .findFirst();
        ledger.find(Finding.of(
                        Severity.CAUTION,
                        Station.HANG,
                        "ring_meets",
                        joints.chosen(),
                        Length.mm(from),
                        free.map(down -> Words.of("clash.lower", down)).orElseGet(() -> Words.of("clash.nowhere")))
                .by(Length.mm(LEAST_WOOD - gap))
                .remedy(new Remedy.Visit(Station.HANG)));
    }
}
