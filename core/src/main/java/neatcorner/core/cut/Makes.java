package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.IntPredicate;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.OffCut;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.solve.stick.StickSolver;

/**
 * What a stick, an off-cut or a pile of them will make: rectangular frames with mitred corners.
 *
 * @param largest for each proportion, the largest frame, by its glass
 * @param sizes   standard sizes that can be made, the largest first, and how many of each alone
 */
public record Makes(List<Size> largest, List<Size> sizes) {
    /** The most frames counted. */
    public static final int MOST = 60;
    private static final double[] PROPORTIONS = {1, 1.25, 1.5, Math.sqrt(2)};
    /** Common practice for prints, and ISO 216 A5 to A2. */
    private static final List<Size> STANDARD = List.of(
            inches(4, 6),
            inches(5, 7),
            inches(8, 10),
            new Size(Length.inches(8, 1, 2), Length.inches(11), 1),
            inches(9, 12),
            inches(11, 14),
            inches(12, 16),
            inches(16, 20),
            inches(18, 24),
            inches(20, 24),
            inches(24, 36),
            mm(148, 210),
            mm(210, 297),
            mm(297, 420),
            mm(420, 594));

    private static Size inches(int width, int height) {
        return new Size(Length.inches(width), Length.inches(height), 1);
    }

    private static Size mm(int width, int height) {
        return new Size(Length.mm(width), Length.mm(height), 1);
    }

    /**
     * A frame by the glass that goes in.
     *
     * @param width  of the glass
     * @param height of it
     * @param count  how many of them
     */
    public record Size(Length width, Length height, int count) {
    }

    /** What these off-cuts of one section make, with the shop's play, kerf and trims. */
    public static Makes of(Section section, List<OffCut> cuts, Habits habits) {
        return new Pile(section, cuts.stream().map(Makes::stock).toList(), habits).makes();
    }

    /** What whole sticks of one length make. */
    public static Makes of(Section section, Sticks sticks, Habits habits) {
        return new Pile(section, List.of(stock(sticks)), habits).makes();
    }

    /** What everything of a moulding on the rack makes, off-cuts and whole sticks. */
    public static Makes of(Moulding moulding, Shop shop) {
        return new Pile(
                        moulding.section(),
                        Stream.concat(
                                        shop.offCutsFor(moulding.section()).stream()
                                                .map(Makes::stock),
                                        moulding.onHand().stream().map(Makes::stock))
                                .toList(),
                        shop.habits())
                .makes();
    }

    private static StickProblem.Stock stock(OffCut cut) {
        return new StickProblem.Stock(cut.label(), cut.length(), Optional.of(1), 0, cut.defects());
    }

    private static StickProblem.Stock stock(Sticks sticks) {
        return new StickProblem.Stock("", sticks.length(), Optional.of(sticks.count()), 0);
    }

    /** Something frames can be made from. */
    public interface Maker {
        /** Whether so many frames can be made, by their glass. */
        boolean makes(Length width, Length height, int count);

        /** By halving: the most frames of a size; where so many can be made, fewer can too. */
        default int count(Length width, Length height) {
            return most(count -> makes(width, height, count));
        }
    }

    /** By halving: the most of something, where if so many can be made, fewer can too. */
    public static int most(IntPredicate canBeMade) {
        int low = 0;
        int high = MOST;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (canBeMade.test(middle)) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /**
     * What something makes.
     *
     * @param most no side is longer
     */
    public static Makes by(Maker maker, Length most) {
        List<Size> largest = new ArrayList<>();
        for (double proportion : PROPORTIONS) {
            largest(maker, proportion, most).ifPresent(largest::add);
        }
        List<Size> sizes = new ArrayList<>();
        for (Size size : STANDARD.reversed()) {
            int count = maker.count(size.width(), size.height());
            if (count > 0) {
                sizes.add(new Size(size.width(), size.height(), count));
            }
        }
        return new Makes(List.copyOf(largest), List.copyOf(sizes));
    }

    /** To a half millimetre, by halving. */
    private static Optional<Size> largest(Maker maker, double proportion, Length most) {
        double low = 0;
        double high = most.toMm();
        while (high - low > 0.5) {
            double middle = (low + high) / 2;
            if (maker.makes(Length.mm(middle * proportion), Length.mm(middle), 1)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low < 30 ? Optional.empty() : Optional.of(new Size(Length.mm(low * proportion), Length.mm(low), 1));
    }

    private record Pile(Section section, List<StickProblem.Stock> stock, Habits habits) implements Maker {
        Makes makes() {
            return by(
                    this,
                    Length.mm(stock.stream()
                            .mapToDouble(s -> s.length().toMm() * s.count().orElse(0))
                            .sum()));
        }

        /** Long points: glass + play − two lips + two faces. */
        private Length longPoint(Length glass) {
            return glass.plus(habits.get(Habit.PLAY)).minus(section.lip().times(2)).plus(section.face().times(2));
        }

        /** Plain strips are turned over, so that neighbours share a slanted cut. */
        private StickProblem.Kind side(String name, Length glass, int count) {
            if (!Flipping.isPlain(section)) {
                return new StickProblem.Kind(name, longPoint(glass), count);
            }
            Length kerf = habits.get(Habit.KERF).times(Math.sqrt(2));
            StickProblem.Part part = new StickProblem.Part(
                    name,
                    longPoint(glass),
                    new StickProblem.End(section.face(), kerf),
                    new StickProblem.End(section.face().negated(), kerf));
            return new StickProblem.Kind(name, List.of(part), List.of(), count, true);
        }

        @Override
        public boolean makes(Length width, Length height, int count) {
            if (!longPoint(width.min(height)).isOver(section.face().times(2))) {
                return false;
            }
            try {
                List<StickProblem.Kind> kinds = width.equals(height) ? List.of(side("side", width, 4 * count))
                        : List.of(side("wide", width, 2 * count), side("high", height, 2 * count));
                return StickSolver.quick(new StickProblem(
                                kinds, stock, habits.get(Habit.KERF).times(Math.sqrt(2)), habits.get(Habit.END_TRIM)))
                        .isPresent();
            } catch (Refusal longerThanEveryStick) {
                return false;
            }
        }
    }
}
