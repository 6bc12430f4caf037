package neatcorner.core.joint;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;

/**
 * The corners decided.
 *
 * @param options     every way: what is advised first, and within that what is least work
 * @param recommended the least work that is enough, fits and suits the shop; where none does, the least that is enough
 *                    and fits; where none is, the strongest that fits
 * @param chosen      the maker's own choice, else the recommended one
 * @param demands     what asks for more than glue; empty for a small light frame
 * @param cuts        what is cut at the ends of pieces that meet square
 */
public record JointPlan(
        List<JointOption> options,
        JointKind recommended,
        JointKind chosen,
        List<Words> demands,
        SquareCuts cuts) {
    private static final double MORE = 1.1;

    /** The option for a kind. */
    public JointOption option(JointKind kind) {
        return options.stream().filter(option -> option.kind().equals(kind)).findFirst().orElseThrow();
    }

    /** All lengths and positions at the corners: what is cut at the ends, then the joint's own. */
    public List<Figure<Length>> settings() {
        return Stream.concat(cuts.settings().stream(), used().settings().stream()).toList();
    }

    /** What is cut at the ends of loose pieces, step by step: for how they meet, then for what holds them. */
    public List<Words> work() {
        return Stream.concat(
                        cuts.work().stream(),
                        used().fits() ? Joints.of(chosen).beforeGlue(used().fitted()).stream() : Stream.empty())
                .toList();
    }

    /** How the pieces meet and what holds them, for people. */
    public Words said() {
        return cuts.corner()
                .map(corner -> Words.of("joint.square", corner, chosen))
                .orElseGet(chosen::words);
    }

    /** What lies in the second corner of the frame; nothing where the joint does not go with it. */
    public List<Insert> inserts(Frame frame) {
        Joint joint = Joints.of(chosen);
        return joint.goesWith(frame.job().body().construction()) ? joint.inserts(frame, used()) : List.of();
    }

    /** How far along either piece that lies from the outer tip, with a little more; 0 where nothing does. */
    public double reach(Frame frame) {
        Vector tip = frame.members().getFirst().end(0, 0, true);
        Vector back = frame.members().getFirst().place().along().times(-1);
        Vector on = frame.members().get(1).place().along();
        return MORE
                * inserts(frame).stream()
                        .flatMap(insert -> insert.places().stream())
                        .map(place -> place.minus(tip))
                        .mapToDouble(from -> Math.max(from.dot(back), from.dot(on)))
                        .max()
                        .orElse(0);
    }

    /** The option that is used. */
    public JointOption used() {
        return option(chosen);
    }
}
