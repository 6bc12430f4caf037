package neatcorner.core.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.random.RandomGenerator;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;

/** Pieces with square ends are laid on sticks: on as few as can be, and what is left in one piece. */
final class SticksExercise implements Exercise {
    private static final int FEWEST = 6;
    private static final int MOST = 9;
    private static final int MOST_STICKS = 3;
    /** For as few sticks as can be, whatever is left. */
    private static final int FEW_ENOUGH = 60;
    private static final int ONE_TOO_MANY = 30;
    private final Length stick;
    private final Length gap;
    private final Length trim;
    private final List<Length> pieces;
    private final List<Integer> best;

    private SticksExercise(Length stick, Length gap, Length trim, List<Length> pieces, List<Integer> best) {
        this.stick = stick;
        this.gap = gap;
        this.trim = trim;
        this.pieces = pieces;
        this.best = best;
    }

    static Exercise of(RandomGenerator random, Shop shop) {
        Length gap = shop.habits().get(Habit.KERF);
        Length trim = shop.habits().get(Habit.END_TRIM);
        while (true) {
            Length stick = Length.inches(random.nextInt(72, 121));
            List<Length> pieces = new ArrayList<>();
            for (int left = random.nextInt(FEWEST, MOST); left > 0; left--) {
                pieces.add(Draws.eighths(random, 96, 360));
            }
            pieces.sort(Collections.reverseOrder());
            SticksExercise open = new SticksExercise(stick, gap, trim, List.copyOf(pieces), List.of());
            List<Integer> best = open.best();
            if (open.used(best) > 1 && !open.isEasy(best)) {
                return new SticksExercise(stick, gap, trim, open.pieces, best);
            }
        }
    }

    /** Whether laying the longest first wherever it fits does as well. */
    private boolean isEasy(List<Integer> as) {
        List<Integer> laid = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i++) {
            laid.add(0);
            while (rest(laid, laid.getLast()).isNegative()) {
                laid.set(i, laid.getLast() + 1);
            }
        }
        return used(laid) == used(as) && largest(laid).equals(largest(as));
    }

    /** The best there is, by trying all; of those alike the first. */
    private List<Integer> best() {
        int[] laid = new int[pieces.size()];
        List<Integer> best = List.of();
        do {
            List<Integer> tried = Arrays.stream(laid).boxed().toList();
            if (fits(tried) && (best.isEmpty() || isBetter(tried, best))) {
                best = tried;
            }
        } while (next(laid));
        return best;
    }

    private static boolean next(int[] laid) {
        for (int i = laid.length - 1; i >= 0; i--) {
            if (++laid[i] < MOST_STICKS) {
                return true;
            }
            laid[i] = 0;
        }
        return false;
    }

    private boolean isBetter(List<Integer> laid, List<Integer> other) {
        int fewer = used(other) - used(laid);
        return fewer > 0 || fewer == 0 && largest(laid).isOver(largest(other));
    }

    private boolean fits(List<Integer> laid) {
        return laid.stream().distinct().noneMatch(number -> rest(laid, number).isNegative());
    }

    private int used(List<Integer> laid) {
        return (int) laid.stream().distinct().count();
    }

    private List<Length> on(List<Integer> laid, int number) {
        List<Length> on = new ArrayList<>();
        for (int i = 0; i < laid.size(); i++) {
            if (laid.get(i) == number) {
                on.add(pieces.get(i));
            }
        }
        return on;
    }

    /** What is left of a stick behind the last cut, without the trim; under nothing where too much lies on it. */
    private Length rest(List<Integer> laid, int number) {
        List<Length> on = on(laid, number);
        Length lost = gap.times(Math.max(0, on.size() - 1));
        Length left = stick.minus(trim.times(2)).minus(lost).minus(Length.sum(on));
        return on.isEmpty() || left.isNegative() || left.isZero() ? left : left.minus(gap).max(Length.ZERO);
    }

    private Length largest(List<Integer> laid) {
        return laid.stream()
                .distinct()
                .map(number -> rest(laid, number))
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }

    @Override
    public Words task() {
        return Words.of("practice.sticks");
    }

    @Override
    public List<Words> facts() {
        return List.of(Words.of("practice.sticks_are", stick, gap, trim));
    }

    @Override
    public List<Ask> asks() {
        List<Words> sticks = new ArrayList<>();
        for (int i = 1; i <= MOST_STICKS + 1; i++) {
            sticks.add(Words.of("practice.stick", i));
        }
        return pieces.stream()
                .map(piece -> new Ask(Words.of("practice.piece", piece), sticks))
                .toList();
    }

    @Override
    public Words hint() {
        return Words.of("practice.sticks_hint");
    }

    @Override
    public Shown shown(List<Integer> answers) {
        List<List<Length>> sticks = new ArrayList<>();
        for (int i = 0; i <= MOST_STICKS; i++) {
            sticks.add(on(answers, i));
        }
        return new Shown.Sticks(stick, gap, trim, sticks, on(answers, Ask.OPEN));
    }

    @Override
    public Judged judge(List<Integer> answers) {
        List<Words> why = new ArrayList<>();
        for (int number : answers.stream().distinct().sorted().toList()) {
            Length rest = rest(answers, number);
            if (rest.isNegative()) {
                why.add(Words.of("practice.stick_over", number + 1, rest.abs()));
            }
        }
        int points = why.isEmpty() ? points(answers) : 0;
        if (points < Judged.MOST) {
            why.add(Words.of("practice.sticks_best", used(best), largest(best)));
            best.stream().distinct().sorted().forEach(number -> why.add(Words.of(
                    "practice.stick_holds",
                    number + 1,
                    Words.listed(on(best, number).stream()
                            .map(piece -> Words.of("practice.piece", piece))
                            .toList()),
                    rest(best, number))));
        } else {
            why.add(Words.of("practice.sticks_right", used(best), largest(best)));
        }
        return new Judged(points, why);
    }

    private int points(List<Integer> laid) {
        int more = used(laid) - used(best);
        if (more > 0) {
            return more == 1 ? ONE_TOO_MANY : 0;
        }
        Length most = largest(best);
        return most.isZero()
                ? Judged.MOST
                : FEW_ENOUGH + (int) ((Judged.MOST - FEW_ENOUGH) * largest(laid).toMm() / most.toMm());
    }
}
