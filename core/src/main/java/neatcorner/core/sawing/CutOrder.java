package neatcorner.core.sawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.measure.Length;
import neatcorner.core.sawing.StickCuts.Raw;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Machines;
import neatcorner.core.solve.sequence.SequenceAnswer;
import neatcorner.core.solve.sequence.SequenceProblem;

/** Brings the cuts of several sticks into an order. */
final class CutOrder {
    /** Two stops that differ by less are one. */
    private static final Length SAME_STOP = Length.mm(0.02);
    private final List<StickCuts> sticks = new ArrayList<>();
    private final Habits habits;
    private final List<Raw> cuts = new ArrayList<>();
    private final List<List<Integer>> after = new ArrayList<>();
    private final List<Integer> settings = new ArrayList<>();
    /** Those that differ, the first of each that are like it. */
    private final List<SawSetting> known = new ArrayList<>();
    private final List<Length> stops;
    private final boolean shared;

    CutOrder(List<StickLayout> layouts, Habits habits, Machines machines) {
        this.habits = habits;
        for (int i = 0; i < layouts.size(); i++) {
            StickCuts stick = new StickCuts(layouts.get(i), i, habits, machines);
            sticks.add(stick);
            int first = cuts.size();
            for (Raw cut : stick.cuts()) {
                cuts.add(cut);
                after.add(cut.after().stream().map(before -> first + before).toList());
                settings.add(numberOf(cut.setting()));
            }
        }
        this.stops = stops();
        this.shared = layouts.stream()
                        .flatMap(stick -> stick.placed().stream())
                        .map(placed -> placed.piece().job())
                        .distinct()
                        .count()
                > 1;
    }

    private int numberOf(SawSetting setting) {
        for (int i = 0; i < known.size(); i++) {
            if (known.get(i).isLike(setting)) {
                return i;
            }
        }
        known.add(setting);
        return known.size() - 1;
    }

    /** The longest first. */
    private List<Length> stops() {
        List<Length> all = new ArrayList<>();
        cuts.stream()
                .flatMap(cut -> cut.stop().stream())
                .sorted(Comparator.reverseOrder())
                .filter(stop -> all.isEmpty() || all.getLast().minus(stop).isOver(SAME_STOP))
                .forEach(all::add);
        return List.copyOf(all);
    }

    private OptionalInt stop(Raw cut) {
        return cut.stop().isEmpty() ? OptionalInt.empty() : IntStream.range(0, stops.size())
                .filter(i -> !stops.get(i).minus(cut.stop().get()).abs().isOver(SAME_STOP))
                .findFirst();
    }

    Sawing sawing(BooleanSupplier stop) {
        if (cuts.isEmpty()) {
            return new Sawing(List.of(), new Effort(0, 0), new Effort(0, 0), 0);
        }
        SequenceAnswer answer = new SequenceProblem(IntStream.range(0, cuts.size())
                        .mapToObj(i -> new SequenceProblem.Cut(
                                settings.get(i), stop(cuts.get(i)), after.get(i), cuts.get(i).stroke() == Stroke.PART))
                        .toList())
                .solve(stop);
        int measured = (int) cuts.stream().filter(this::isMeasured).count();
        return new Sawing(
                new Walk().through(answer),
                new Effort(answer.settings(), answer.stops() + answer.marks() + measured),
                plainly(),
                answer.bound() + measured);
    }

    /** Whether it needs a mark of its own in any order. */
    private boolean isMeasured(Raw cut) {
        return cut.stop().isEmpty() && !isClean(cut);
    }

    /** Whether it only makes the raw end of a stick clean. */
    private boolean isClean(Raw cut) {
        StickLayout stick = sticks.get(cut.stick()).stick();
        return cut.stroke() == Stroke.LEFT && !stick.placed().getFirst().start().isOver(stick.trim().plus(SAME_STOP));
    }

    private Effort plainly() {
        int sets = 0;
        int before = -1;
        for (int setting : settingsAlong()) {
            sets += setting == before ? 0 : 1;
            before = setting;
        }
        long lengths = cuts.stream().filter(cut -> cut.stroke().makesLength()).count()
                + cuts.stream().filter(cut -> cut.stroke() == Stroke.LEFT && !isClean(cut)).count();
        return new Effort(sets, (int) lengths);
    }

    /** As the ends come along the sticks: a piece's right end before the left end of the next. */
    private List<Integer> settingsAlong() {
        return IntStream.range(0, cuts.size()).boxed()
                .sorted(Comparator.comparing((Integer i) -> cuts.get(i).stick())
                        .thenComparing(i -> cuts.get(i).place())
                        .thenComparing(i -> cuts.get(i).stroke().makesLength()))
                .map(settings::get)
                .toList();
    }

    /** Goes through an order once, cut by cut. */
    private final class Walk {
        private final List<List<Strip>> lying = new ArrayList<>();
        private final Proving proving = new Proving(sticks);
        private final List<Raw> marked = new ArrayList<>();
        private int setting = -1;
        private Optional<Length> stop = Optional.empty();

        private Walk() {
            sticks.forEach(stick -> lying.add(new ArrayList<>(List.of(Strip.whole(stick.stick().length())))));
        }

        List<SawCut> through(SequenceAnswer answer) {
            List<SawCut> made = new ArrayList<>();
            answer.steps().forEach(step -> made.add(made(step, made.size() + 1)));
            return made;
        }

        private SawCut made(SequenceAnswer.Step step, int number) {
            Raw cut = cuts.get(step.cut());
            StickCuts stick = sticks.get(cut.stick());
            Strip strip = takenUp(cut);
            Strip left = strip.upTo(cut.leftOf(), stick.lean(cut));
            Strip right = strip.beyond(cut.rightOf(), stick.lean(cut), stick.frontBeyond(cut));
            putDown(cut, left);
            putDown(cut, right);
            Optional<Length> wanted =
                    step.marked() ? Optional.empty() : stop(cut).stream().mapToObj(stops::get).findFirst();
            SawCut.Anew anew = new SawCut.Anew(
                    settings.get(step.cut()) != setting, wanted.isPresent() && !wanted.equals(stop));
            setting = settings.get(step.cut());
            stop = wanted.or(() -> stop);
            return new SawCut(
                    number,
                    new SawCut.On(cut.stick() + 1, stick.stick(), cut.place(), cut.turned(), shared),
                    cut.stroke(),
                    known.get(setting),
                    anew,
                    measure(cut, strip, wanted),
                    Held.of(strip, left, right, wanted.isPresent(), habits.get(Habit.SAFE_HOLD)),
                    over(cut, stick),
                    offCut(cut, left, right),
                    proving.after(cut));
        }

        /** The strip that a cut goes through, as it lies for it. */
        private Strip takenUp(Raw cut) {
            List<Strip> strips = lying.get(cut.stick());
            for (int i = 0; i < strips.size(); i++) {
                Strip strip = cut.turned() ? strips.get(i).turnedOver() : strips.get(i);
                if (strip.has(cut.at())) {
                    strips.remove(i);
                    return strip;
                }
            }
            throw new IllegalStateException("no strip of stick " + (cut.stick() + 1) + " reaches " + cut.at());
        }

        private void putDown(Raw cut, Strip strip) {
            lying.get(cut.stick()).add(cut.turned() ? strip.turnedOver() : strip);
        }

        private Measure measure(Raw cut, Strip strip, Optional<Length> wanted) {
            return wanted.<Measure>map(Measure.Stop::new).orElseGet(() -> isClean(cut)
                    ? new Measure.Clean(cut.at())
                    : mark(cut, cut.at().minus(strip.furthest())));
        }

        private Measure mark(Raw cut, Length length) {
            boolean makesLength = cut.stroke().makesLength();
            boolean again = makesLength && marked.stream().anyMatch(one -> isAlike(one, cut));
            if (makesLength) {
                marked.add(cut);
            }
            return new Measure.Mark(length, !makesLength, again);
        }

        /** Whether two right ends make pieces that can be laid beside one another, point to point. */
        private boolean isAlike(Raw one, Raw other) {
            return piece(one).member().isCutLike(piece(other).member())
                    && piece(one).length().equals(piece(other).length())
                    && one.turned() == other.turned();
        }

        private Piece piece(Raw cut) {
            return sticks.get(cut.stick()).stick().placed().get(cut.place()).piece();
        }

        /** By how much the piece at the left of a parting cut is longer than it will be. */
        private Length over(Raw cut, StickCuts stick) {
            if (cut.stroke() != Stroke.PART) {
                return Length.ZERO;
            }
            Length over = cut.leftOf().minus(stick.rightEnd(cut.place() - 1, cut.turned()));
            return over.isOver(SAME_STOP) ? over : Length.ZERO;
        }

        private Optional<OffCutShape> offCut(Raw cut, Strip left, Strip right) {
            return switch (cut.stroke()) {
                case LEFT -> Optional.of(shape(left));
                case RIGHT -> Optional.of(shape(right));
                case PART, BOTH -> Optional.empty();
            };
        }

        private OffCutShape shape(Strip strip) {
            return new OffCutShape(
                    strip.to().minus(strip.from()),
                    strip.to().plus(strip.toLean()).minus(strip.from()).minus(strip.fromLean()),
                    !strip.shorterEdge().isUnder(habits.get(Habit.USEFUL)));
        }
    }
}
