package neatcorner.core.sawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.cut.StickLayout.Corners;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Machines;

/** The cuts of one stick, from the left. */
final class StickCuts {
    /** What is sawn roughly is so much longer where the stick has it to spare. Common practice, no source. */
    static final Length OVER = Length.inches(0, 1, 32);
    /** Nearer than this is beside each other. */
    private static final Length BESIDE = Length.mm(0.5);
    /** Less is no lean. */
    private static final Length UPRIGHT = Length.mm(0.01);
    private final StickLayout stick;
    private final int number;
    private final Habits habits;
    private final Machines machines;
    private final List<Length> starts;
    private final boolean turns;
    private final List<Raw> cuts;

    /**
     * A cut before it has its place in the order.
     *
     * @param stick   which, from 0
     * @param place   of the piece that it gives an end, from 0; for both the left one
     * @param at      where its kept face meets the fence, from the stick's left end
     * @param kerf    what it takes along the fence
     * @param stop    how long the piece at its left becomes, at the stop; empty where none is used
     * @param after   which cuts of the stick come before it
     * @param turned  whether the strip is turned over about its length for it
     */
    record Raw(int stick, int place, Stroke stroke, SawSetting setting, Length at, Length kerf, Optional<Length> stop,
               List<Integer> after, boolean turned) {
        /** Where what it leaves to its left ends, at the fence. */
        Length leftOf() {
            return stroke.makesLength() ? at : at.minus(kerf);
        }

        /** Where what it leaves to its right begins. */
        Length rightOf() {
            return stroke.makesLength() ? at.plus(kerf) : at;
        }
    }

    StickCuts(StickLayout stick, int number, Habits habits, Machines machines) {
        this.stick = stick;
        this.number = number;
        this.habits = habits;
        this.machines = machines;
        this.turns = mayBeTurned(stick)
                && places().anyMatch(place -> isShared(place) && rightLean(place).abs().isOver(UPRIGHT));
        this.starts = starts();
        this.cuts = List.copyOf(along());
    }

    /** A rabbet never leaves its side. */
    private static boolean mayBeTurned(StickLayout stick) {
        return stick.placed().stream().allMatch(placed -> placed.piece().mayBeTurned());
    }

    private IntStream places() {
        return IntStream.range(0, stick.placed().size());
    }

    private Length rightLean(int place) {
        return stick.placed().get(place).corners().rightLean();
    }

    /** Where the furthest point of a piece lies: as it was laid out, or a little further where there is some over. */
    Length start(int place) {
        return starts.get(place);
    }

    private Corners corners(int place) {
        return stick.placed().get(place).corners().plus(start(place));
    }

    StickLayout stick() {
        return stick;
    }

    private List<Length> starts() {
        int last = stick.placed().size() - 1;
        int first = last;
        while (first > 0 && isBeside(first - 1) && !isShared(first - 1)) {
            first--;
        }
        boolean kept = stick.offCuts(habits.get(Habit.USEFUL)).stream().map(Span::to).anyMatch(stick.length()::equals);
        boolean spare = !kept && !stick.free().isUnder(OVER.times((long) last - first));
        Length over = spare ? OVER : Length.ZERO;
        List<Length> starts = new ArrayList<>();
        for (int i = 0; i <= last; i++) {
            starts.add(stick.placed().get(i).start().plus(over.times((long) Math.max(0, i - first))));
        }
        return starts;
    }

    private boolean isLast(int place) {
        return place == stick.placed().size() - 1;
    }

    private Length kerf(Mitre cut) {
        return cut.kerfAlongEdge(habits.get(Habit.KERF));
    }

    private Mitre cut(int place, boolean right) {
        StickLayout.Placed placed = stick.placed().get(place);
        boolean own = right != placed.lie().isSwapped();
        boolean joined = placed.piece()
                .part()
                .filter(part -> own ? part.isJoinedRight() : part.isJoinedLeft())
                .isPresent();
        var member = placed.piece().member();
        return joined ? Mitre.square(member.stock().face()) : own ? member.right() : member.left();
    }

    private SawSetting setting(int place, boolean right) {
        var lie = stick.placed().get(place).lie();
        return SawSetting.of(cut(place, right), right == lie.isSwapped(), lie.isMirrored(), machines);
    }

    /** Whether a piece and the next are only a blade apart. */
    private boolean isBeside(int place) {
        StickLayout.Placed one = stick.placed().get(place);
        StickLayout.Placed next = stick.placed().get(place + 1);
        Length apart = next.start().minus(one.end());
        return !apart.isOver(stick.gap().max(kerf(cut(place + 1, false))).plus(BESIDE));
    }

    /** Whether one cut makes the right end of a piece and the left end of the next. */
    private boolean isShared(int place) {
        if (isLast(place) || !isBeside(place)) {
            return false;
        }
        StickLayout.Placed one = stick.placed().get(place);
        StickLayout.Placed next = stick.placed().get(place + 1);
        Corners ends = one.corners().plus(one.start());
        Corners begins = next.corners().plus(next.start());
        Length most = stick.gap().max(kerf(cut(place, true))).plus(BESIDE);
        return setting(place, true).isLike(setting(place + 1, false))
                && !ends.rightLean().minus(begins.leftLean()).abs().isOver(UPRIGHT)
                && !begins.leftAtFence().minus(ends.rightAtFence()).isOver(most);
    }

    /** All of them, each after those it can only come after in any order. */
    List<Raw> cuts() {
        return cuts;
    }

    /** How much further right a cut is at the edge toward the maker, as the strip lies for it. */
    Length lean(Raw cut) {
        Corners corners = corners(cut.place(), cut.turned());
        return cut.stroke().makesLength() ? corners.rightLean() : corners.leftLean();
    }

    /** Where the right end of a piece will meet the fence. */
    Length rightEnd(int place, boolean turned) {
        return corners(place, turned).rightAtFence();
    }

    /** How much further left than on its back the front of what lies right of a cut begins. */
    Length frontBeyond(Raw cut) {
        return switch (cut.stroke()) {
            case LEFT, PART -> front(cut.place());
            case BOTH -> front(cut.place() + 1);
            case RIGHT -> Length.ZERO;
        };
    }

    private Length front(int place) {
        return corners(place).leftMost().minus(start(place));
    }

    private Corners corners(int place, boolean turned) {
        return turned ? corners(place).turnedOver() : corners(place);
    }

    private List<Raw> along() {
        List<Raw> cuts = new ArrayList<>();
        int leftEnd = 0;
        cuts.add(first());
        for (int i = 0; i < stick.placed().size(); i++) {
            if (isShared(i)) {
                cuts.add(right(i, Stroke.BOTH, List.of(leftEnd)));
                leftEnd = cuts.size() - 1;
            } else if (isLast(i)) {
                cuts.add(right(i, Stroke.RIGHT, List.of(leftEnd)));
            } else {
                cuts.add(part(i, leftEnd));
                int parted = cuts.size() - 1;
                cuts.add(right(i, Stroke.RIGHT, List.of(leftEnd, parted)));
                leftEnd = parted;
            }
        }
        return cuts;
    }

    private Raw first() {
        SawSetting setting = setting(0, false);
        return raw(0, Stroke.LEFT, setting, isTurned(setting), kerf(cut(0, false)), List.of());
    }

    /** The left end of the next, to the stop that the left end of this one touches. */
    private Raw part(int place, int leftEnd) {
        SawSetting setting = setting(place + 1, false);
        return raw(
                place + 1,
                Stroke.PART,
                setting,
                isTurned(setting),
                kerf(cut(place + 1, false)),
                List.of(leftEnd));
    }

    private Raw right(int place, Stroke stroke, List<Integer> after) {
        SawSetting setting = setting(place, true);
        return raw(place, stroke, setting, isTurned(setting), kerf(cut(place, true)), after);
    }

    /** A strip with shared slanted cuts is turned over where the saw would have to swing to the left. */
    private boolean isTurned(SawSetting setting) {
        return turns && !setting.toRight() && !setting.isSquare();
    }

    private Raw raw(int place, Stroke stroke, SawSetting setting, boolean turned, Length kerf, List<Integer> after) {
        Corners corners = corners(place, turned);
        Length at = stroke.makesLength() ? corners.rightAtFence() : corners.leftAtFence();
        Optional<Length> length = switch (stroke) {
            case LEFT -> Optional.empty();
            case PART -> Optional.of(at.minus(kerf).minus(start(place - 1)));
            case RIGHT, BOTH -> Optional.of(at.minus(start(place)));
        };
        SawSetting set = turned ? setting.turnedOver(machines) : setting;
        Optional<Length> stop = length.filter(
                reach -> set.saw().flatMap(saw -> saw.sizes().longestStop()).filter(reach::isOver).isEmpty());
        return new Raw(number, place, stroke, set, at, kerf, stop, after, turned);
    }
}
