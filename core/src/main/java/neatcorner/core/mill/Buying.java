package neatcorner.core.mill;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.cut.Lot;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Volume;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.wood.Species;

/**
 * What a rough board must at least be to give strips that no board of the rack gives.
 *
 * @param species  of wood
 * @param quarters of an inch it is thick, as it is sold rough
 * @param width    of the widest strip's board
 * @param length   of the longest blank's board
 * @param wood     of all these strips, with a third more for waste
 */
public record Buying(Species species, int quarters, Length width, Length length, Volume wood) {
    /**
     * Rough thicknesses in the trade, in quarters of an inch: those of the National Hardwood Lumber Association's rules
     * up to four inches, from memory.
     */
    private static final int[] CLASSES = {4, 5, 6, 8, 10, 12, 16};
    private static final Length QUARTER = Length.inches(0, 1, 4);
    /** Wider boards are seldom to be had; common practice, no source. */
    private static final Length WIDEST = Length.inches(12);
    /** Common practice, no source. */
    private static final double WITH_WASTE = 4.0 / 3;

    /** Whether such a board is seldom to be had. */
    public boolean isTooWide() {
        return width.isOver(WIDEST);
    }

    /** As it is sold, rough. */
    public Length thickness() {
        return QUARTER.times(quarters);
    }

    /**
     * By wood and thickness. What has a groove, is bent, or is thicker than boards are sold is left out; a part that is
     * wider than any board is to be glued up and is said as wide as it is.
     */
    public static List<Buying> of(Milling milling, Habits habits) {
        Map<List<Object>, Buying> kinds = new LinkedHashMap<>();
        for (Milling.Missing missing : milling.missing()) {
            Wanted wanted = missing.wanted();
            if (wanted.grooved() || missing.isBent()) {
                continue;
            }
            Length rough = wanted.thickness().plus(wanted.planing());
            IntStream.of(CLASSES)
                    .filter(quarters -> !QUARTER.times(quarters).isUnder(rough))
                    .findFirst()
                    .ifPresent(quarters -> kinds.merge(
                            List.of(wanted.species(), quarters), of(wanted, quarters, habits), Buying::and));
        }
        return List.copyOf(kinds.values());
    }

    private static Buying of(Wanted wanted, int quarters, Habits habits) {
        Length rip = wanted.width().plus(wanted.over().over(4));
        Length ends = habits.get(Habit.END_TRIM).plus(habits.get(Habit.SNIPE)).times(2);
        return new Buying(
                wanted.species(),
                quarters,
                rip.plus(habits.get(Habit.JOINTING)),
                wanted.blank().plus(ends).max(habits.get(Habit.PLANER_LENGTH)),
                new Volume(WITH_WASTE
                        * Volume.of(wanted.blank(), rip, QUARTER.times(quarters)).mm3()));
    }

    private Buying and(Buying other) {
        return new Buying(
                species,
                quarters,
                width.max(other.width),
                length.max(other.length),
                new Volume(wood.mm3() + other.wood.mm3()));
    }

    /** What the sticks of these lots cost that would have to be bought; empty when one of them has no price. */
    public static Optional<Long> asMoulding(List<Lot> lots) {
        return lots.isEmpty()
                        || lots.stream().anyMatch(lot -> !lot.stock().isPriced()
                                || lot.answer().isEmpty())
                ? Optional.empty()
                : Optional.of(lots.stream()
                        .mapToLong(lot -> lot.answer().orElseThrow().cost())
                        .sum());
    }
}
