package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;

/**
 * A part of a side for which no stick is long enough: neighbours overlap in a long slanted joint through
 * the thickness, eight times as long as the stick is thick. Common practice, no source.
 *
 * @param number  from 1, left to right
 * @param of      how many parts the side has
 * @param length  along the stick, with its overlaps
 * @param overlap with each neighbour
 */
public record Scarf(int number, int of, Length length, Length overlap) {
    /** Length of the slope for its rise. */
    public static final int SLOPE = 8;
    /** How far the joints of opposite sides are kept apart, as a share of a part. */
    private static final double STAGGER = 0.2;

    /**
     * The parts of a side. Joints are shared out evenly, away from the corners, and shifted a little to the
     * left or right in turn, so that joints of opposite sides do not face each other; none falls into a slanted end.
     *
     * @param longest that can be cut from a stick
     * @param place   of the side going round, to stagger by
     * @return empty when no joints can be so placed
     */
    public static Optional<List<Scarf>> parts(Member member, Length longest, int place) {
        Length overlap = member.stock().thickness().times((long) SLOPE);
        Length whole = member.overall();
        if (!longest.isOver(overlap.times(2))) {
            return Optional.empty();
        }
        int parts = (int) Math.ceil(whole.minus(overlap).ratio(longest.minus(overlap)) - 1e-9);
        double middle = overlap.toMm() / 2;
        double most = longest.toMm();
        double each = whole.toMm() / parts;
        double shift = each * STAGGER * (place % 4 < 2 ? 1 : -1);
        double first = member.left().setback().abs().plus(overlap).toMm();
        double last = member.right().setback().abs().plus(overlap).toMm();
        List<Scarf> made = new ArrayList<>();
        double from = 0;
        for (int i = 0; i < parts; i++) {
            double to = whole.toMm();
            if (i < parts - 1) {
                double wanted = each * (i + 1) + shift;
                double latest = from + most - middle - (i == 0 ? 0 : middle);
                double soonest = whole.toMm() - (parts - 1 - i) * (most - 2 * middle) - middle;
                double beforeRightEnd = whole.toMm() - last + middle;
                to = Math.min(
                        Math.min(latest, beforeRightEnd),
                        Math.max(Math.max(soonest, i == 0 ? first - middle : 0), wanted));
            }
            double reach = to - from + (i == 0 ? 0 : middle) + (i == parts - 1 ? 0 : middle);
            if (i == 0 && reach < first || i == parts - 1 && reach < last || reach > most + 1e-6) {
                return Optional.empty();
            }
            made.add(new Scarf(i + 1, parts, Length.mm(reach), overlap));
            from = to;
        }
        return Optional.of(made);
    }

    /** Whether its left end is a joint. */
    public boolean isJoinedLeft() {
        return number > 1;
    }

    /** Whether its right end is a joint. */
    public boolean isJoinedRight() {
        return number < of;
    }
}
