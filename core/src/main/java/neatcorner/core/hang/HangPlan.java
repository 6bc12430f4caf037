package neatcorner.core.hang;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.frame.Weight;
import neatcorner.core.job.Hardware;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;

/**
 * How it hangs.
 *
 * @param weight      of everything
 * @param recommended the lightest hardware that is used for this weight
 * @param chosen      the maker's own choice, else the recommended
 * @param rings       for rings: where they go
 * @param wire        for a wire: how it runs and pulls
 * @param rating      what each fixing must be rated for by its maker: four times its load, never under the least that
 *                    is sold with one; empty where it does not hang
 * @param cleat       the strip on its back, where it hangs by one
 * @param screwsIn    where the screws of rings lie in the wood; empty where there are none or no room for them
 * @param hookHeight  from the floor to the hook, or to where the strips of a cleat meet; empty where it does not hang
 * @param drop        from the top of the frame down to there
 */
public record HangPlan(
        Weight weight,
        Hardware recommended,
        Hardware chosen,
        Optional<Rings> rings,
        Optional<Wire> wire,
        Optional<Figure<Mass>> rating,
        Optional<Cleat> cleat,
        Optional<Bite> screwsIn,
        Optional<Figure<Length>> hookHeight,
        Length drop) {
    /** Hanging, step by step; nothing for what does not hang. */
    public List<Words> order() {
        return HangSteps.of(this);
    }

    /**
     * Where rings go.
     *
     * @param down  from the top of the frame
     * @param inset from the outside edge
     * @param apart from one to the other
     */
    public record Rings(Figure<Length> down, Figure<Length> inset, Figure<Length> apart) {
    }

    /**
     * A wire over one hook.
     *
     * @param angle   from level, when taut
     * @param tension in each half
     * @param drop    from the top of the frame to the taut wire
     * @param length  to cut, with both tails
     */
    public record Wire(Figure<Angle> angle, Figure<Force> tension, Figure<Length> drop, Figure<Length> length) {
    }

    /**
     * The upper strip of a cleat.
     *
     * @param left   from the left of the frame to its end there
     * @param down   from the top of the frame to its middle
     * @param length as it is cut
     * @param screws how many hold it, evenly
     * @param first  from its ends to the outer ones
     * @param bite   where its screws lie in the wood at most
     */
    public record Cleat(
            Length left, Length down, Figure<Length> length, Figure<Count> screws, Length first, Bite bite) {
        /** Half of how high it is. Common practice, no source. */
        public static final Length HALF_HIGH = Length.mm(35);

        /** Where its screws are, from its left end, in mm. */
        public List<Double> places() {
            double between = length.value().minus(first.times(2)).toMm();
            int count = screws.value().value();
            return IntStream.range(0, count)
                    .mapToObj(i -> first.toMm() + between * i / (count - 1))
                    .toList();
        }
    }

    /**
     * Where a screw lies in the wood.
     *
     * @param from before the back of the frame, where it enters: over zero in a hollow
     * @param deep from there to its tip
     */
    public record Bite(Length from, Length deep) {
    }
}
