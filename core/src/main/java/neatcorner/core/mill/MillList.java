package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;

/**
 * The list a board is milled by, in the order of the work: lengths first, then for each length a face, an edge, the
 * thickness and the rips, then for each rip its leaves, its width and its blanks. A board that is not flat is ripped
 * before its face is made flat, since a narrow strip loses less; strips stay long until they are through the planer.
 */
public final class MillList {
    private final Habits habits;
    private final Machines machines;
    private final Milling.Sawn sawn;
    private final Board board;
    private final List<MillStep> steps = new ArrayList<>();
    private int length;

    private MillList(Milling.Sawn sawn, Habits habits) {
        this.sawn = sawn;
        this.board = sawn.board();
        this.habits = habits;
        this.machines = new Machines(habits);
    }

    /** The steps of every board, one board after the other, and then what is glued up. */
    public static List<MillStep> of(Milling milling, Habits habits) {
        return Stream.concat(
                        milling.sawn().stream().flatMap(sawn -> of(sawn, habits).stream()),
                        GlueUps.of(milling).stream())
                .toList();
    }

    /** The steps of one board. */
    public static List<MillStep> of(Milling.Sawn sawn, Habits habits) {
        MillList list = new MillList(sawn, habits);
        list.board();
        return List.copyOf(list.steps);
    }

    private boolean isRough() {
        return board.condition().isRough();
    }

    private boolean isFlat() {
        return board.condition().isFlat();
    }

    private boolean isRipFirst() {
        return machines.isRipFirst(board);
    }


    private void board() {
        if (board.defects().stream().anyMatch(defect -> defect.kind() == Board.Kind.METAL)) {
            step(
                    Operation.METAL,
                    List.of(),
                    Length.ZERO,
                    Length.ZERO,
                    List.of(),
                    Words.of("mill.metal"),
                    List.of(Words.of("mill.metal.why")));
        }
        Length end = Length.ZERO;
        for (Milling.Crosscut piece : sawn.lengths()) {
            length++;
            if (piece.x().isOver(end)) {
                crosscut(piece.x(), Words.of("mill.crosscut.left", piece.x()), false);
            }
            if (piece.right().isUnder(board.length())) {
                crosscut(piece.right(), Words.of("mill.crosscut.right", piece.right(), piece.length()), true);
            }
            end = piece.right().plus(habits.get(Habit.KERF));
        }
        length = 0;
        for (Milling.Crosscut piece : sawn.lengths()) {
            length++;
            length(piece);
        }
    }

    private void crosscut(Length at, Words what, boolean isLast) {
        List<Words> notes = new ArrayList<>(List.of(Words.of(isLast ? "mill.waste.right" : "mill.waste.left")));
        if (steps.stream().noneMatch(step -> step.operation() == Operation.CROSSCUT)) {
            notes.add(Safety.SAW.words());
        }
        step(Operation.CROSSCUT, List.of(), at, at, List.of(), what, notes);
    }

    private void length(Milling.Crosscut piece) {
        if (isRipFirst()) {
            rips(piece);
            faces(piece);
            edge(piece);
        } else {
            if (isRough()) {
                faces(piece);
            }
            if (!board.condition().isGrooved()) {
                edge(piece);
            }
            thickness(piece);
            rips(piece);
        }
        resaw(piece);
        plane(piece);
        width(piece);
        blanks(piece);
    }

    private void faces(Milling.Crosscut piece) {
        step(
                Operation.FLATTEN,
                List.of(),
                Length.ZERO,
                Length.ZERO,
                List.of(),
                Words.of(isFlat() ? "mill.flatten" : "mill.flatten.cup"),
                Stream.concat(
                                face(piece).stream(),
                                Stream.of(
                                        Words.of("mill.flatten.how"),
                                        Words.of("mill.machine", habits.get(Habit.PLANER_LENGTH))))
                        .toList());
    }

    /** Which face comes first, where that tells on which side a defect ends up. */
    private Optional<Words> face(Milling.Crosscut piece) {
        boolean isOnOneFace = board.defects().stream()
                .anyMatch(defect -> defect.shallow().isPresent()
                        && defect.x().isUnder(piece.right())
                        && defect.right().isOver(piece.x()));
        return isOnOneFace
                ? Optional.of(Words.of(sawn.face() == Board.Face.UPPER ? "mill.face.upper" : "mill.face.lower"))
                : Optional.empty();
    }

    private void edge(Milling.Crosscut piece) {
        step(
                Operation.EDGE,
                List.of(),
                Length.ZERO,
                Length.ZERO,
                List.of(),
                isRipFirst() ? Words.of("mill.edge.every") : Words.of("mill.edge", habits.get(Habit.JOINTING)),
                isRough() ? List.of() : face(piece).stream().toList());
    }

    /** All rips as thick and nothing kept beside them: the length is planed whole, which is safest. */
    private boolean isPlanedWhole(Milling.Crosscut piece) {
        return isRough()
                && piece.rips().stream().noneMatch(rip -> isResawn(piece, rip))
                && piece.rips().stream().map(Milling.Rip::through).distinct().count() == 1
                && sawn.rests().stream()
                        .noneMatch(rest -> rest.place() == Milling.Rest.Place.BESIDE
                                && !rest.x().isUnder(piece.x())
                                && rest.x().isUnder(piece.right()));
    }

    private void thickness(Milling.Crosscut piece) {
        if (isPlanedWhole(piece)) {
            Length to = piece.rips().getFirst().through();
            step(
                    Operation.THICKNESS,
                    List.of(),
                    to,
                    Length.ZERO,
                    List.of(),
                    Words.of("mill.thickness", to),
                    List.of());
        }
    }

    /** Strips side by side of one width are ripped at one setting of the fence. */
    private void rips(Milling.Crosscut piece) {
        List<Milling.Rip> rips = piece.rips();
        for (int first = 0; first < rips.size(); ) {
            Milling.Rip one = rips.get(first);
            int next = first + 1;
            while (next < rips.size()
                    && rips.get(next).width().equals(one.width())
                    && rips.get(next).y().equals(rips.get(next - 1).far().plus(habits.get(Habit.KERF)))) {
                next++;
            }
            List<Words> notes = new ArrayList<>();
            notes.add(
                    !isRipFirst()
                            ? Words.of("mill.rip.how")
                            : isFlat()
                                    ? Words.of("mill.rip.wide", habits.get(Habit.PLANER_WIDTH))
                                    : Words.of("mill.rip.band"));
            if (first == 0) {
                notes.add(Safety.RIPPING.words());
            }
            step(
                    Operation.RIP,
                    IntStream.rangeClosed(first + 1, next).boxed().toList(),
                    one.width(),
                    one.y(),
                    rips.subList(first, next).stream().flatMap(rip -> rip.blanks().stream()).toList(),
                    Words.of("mill.rip", one.width(), next - first, one.y()),
                    notes);
            first = next;
        }
    }

    /** Some rips that are treated alike. */
    private record Alike(List<Integer> numbers, List<Milling.Blank> blanks, Milling.Rip first) {
        String rips() {
            return numbers.stream().map(String::valueOf).collect(Collectors.joining(", "));
        }
    }

    /** Rips of a length that have the same setting, together; those without one are passed over. */
    private static List<Alike> alike(Milling.Crosscut piece, Function<Milling.Rip, Optional<?>> setting) {
        Map<Object, List<Integer>> groups = new LinkedHashMap<>();
        for (int i = 0; i < piece.rips().size(); i++) {
            int number = i + 1;
            setting.apply(piece.rips().get(i))
                    .ifPresent(key -> groups.computeIfAbsent(key, _ -> new ArrayList<>()).add(number));
        }
        return groups.values().stream()
                .map(numbers -> new Alike(
                        numbers,
                        numbers.stream()
                                .flatMap(number -> piece.rips().get(number - 1).blanks().stream())
                                .toList(),
                        piece.rips().get(numbers.getFirst() - 1)))
                .toList();
    }

    private Optional<Milling.Rest> behind(Milling.Crosscut piece, Milling.Rip rip) {
        return sawn.behind(piece, rip);
    }

    private boolean isResawn(Milling.Crosscut piece, Milling.Rip rip) {
        return rip.leaves() > 1 || behind(piece, rip).isPresent();
    }

    private void resaw(Milling.Crosscut piece) {
        for (Alike alike : alike(piece, rip -> isResawn(piece, rip)
                ? Optional.of(List.of(rip.leaves(), rip.leaf(), behind(piece, rip).isPresent()))
                : Optional.empty())) {
            Milling.Rip rip = alike.first();
            // One face is flat by then: what is allowed for the other is still on.
            Length fence = rip.through().plus(rip.leaf().minus(rip.through()).over(2));
            List<Words> notes = new ArrayList<>(List.of(Words.of("mill.resaw.how")));
            behind(piece, rip).ifPresent(rest -> notes.addFirst(Words.of("mill.resaw.kept", rest.thick())));
            step(
                    Operation.RESAW,
                    alike.numbers(),
                    fence,
                    Length.ZERO,
                    List.of(),
                    rip.leaves() > 1
                            ? Words.of("mill.resaw", alike.rips(), fence, rip.leaves())
                            : Words.of("mill.resaw.off", alike.rips(), fence),
                    notes);
        }
    }

    private void plane(Milling.Crosscut piece) {
        for (Alike alike : alike(piece, rip -> isAsThick(rip) || !isRipFirst() && isPlanedWhole(piece)
                ? Optional.empty()
                : Optional.of(rip.through()))) {
            Length through = alike.first().through();
            List<Words> notes = new ArrayList<>();
            if (through.isUnder(habits.get(Habit.PLANER_THIN))) {
                notes.add(Words.of("mill.thin", through));
            }
            if (machines.isTooWide(alike.first().width())) {
                notes.add(Words.of("mill.wide", alike.first().width(), habits.get(Habit.PLANER_WIDTH)));
            }
            if (piece.length().isUnder(habits.get(Habit.PLANER_LENGTH))) {
                notes.add(Words.of("mill.short", piece.length(), habits.get(Habit.PLANER_LENGTH)));
            }
            step(
                    Operation.PLANE,
                    alike.numbers(),
                    through,
                    Length.ZERO,
                    List.of(),
                    Words.of("mill.plane", alike.rips(), through),
                    notes);
        }
    }

    private boolean isAsThick(Milling.Rip rip) {
        return !isRough() && rip.leaves() == 1 && rip.through().equals(board.thickness());
    }

    private void width(Milling.Crosscut piece) {
        for (Alike alike : alike(piece, rip -> rip.width().isOver(rip.across())
                ? Optional.of(rip.across())
                : Optional.empty())) {
            step(
                    Operation.WIDTH,
                    alike.numbers(),
                    alike.first().across(),
                    Length.ZERO,
                    List.of(),
                    Words.of("mill.width", alike.rips(), alike.first().across()),
                    List.of());
        }
    }

    /** One setting of the stop for all blanks of a length that are as long. */
    private void blanks(Milling.Crosscut piece) {
        List<Length> stops = piece.rips().stream()
                .flatMap(rip -> rip.blanks().stream())
                .map(Milling.Blank::length)
                .distinct()
                .sorted(Comparator.reverseOrder())
                .toList();
        Set<Milling.Blank> apart = apart(piece);
        for (Length stop : stops) {
            List<Integer> rips = IntStream.rangeClosed(1, piece.rips().size())
                    .filter(number -> piece.rips().get(number - 1).blanks().stream()
                            .anyMatch(blank -> blank.length().equals(stop)))
                    .boxed()
                    .toList();
            List<Milling.Blank> blanks = piece.rips().stream()
                    .flatMap(rip -> rip.blanks().stream())
                    .filter(blank -> blank.length().equals(stop))
                    .toList();
            List<Words> notes = new ArrayList<>();
            if (isRough() && habits.get(Habit.SNIPE).isPositive() && !apart.containsAll(blanks)) {
                notes.add(Words.of("mill.blank.snipe", habits.get(Habit.SNIPE)));
            }
            blanks.stream().filter(apart::contains).forEach(blank -> notes.add(Words.of(
                    "mill.blank.at", blank.wanted().words(), blank.x().minus(piece.x()))));
            if (stop.isUnder(habits.get(Habit.SAFE_HOLD))) {
                notes.add(Safety.SHORT_PIECE.words());
            }
            String of = rips.stream().map(String::valueOf).collect(Collectors.joining(", "));
            step(
                    Operation.BLANK,
                    rips,
                    stop,
                    Length.ZERO,
                    blanks,
                    Words.of("mill.blank", of, blanks.size(), stop),
                    notes);
        }
    }

    /** Blanks that do not follow the one before, as behind a knot. */
    private Set<Milling.Blank> apart(Milling.Crosscut piece) {
        Set<Milling.Blank> apart = new HashSet<>();
        Length start = piece.x().plus(isRough() ? habits.get(Habit.SNIPE) : Length.ZERO);
        for (Milling.Rip rip : piece.rips()) {
            Map<Integer, Length> next = new HashMap<>();
            for (Milling.Blank blank : rip.blanks()) {
                if (!blank.x().equals(next.getOrDefault(blank.layer(), start))) {
                    apart.add(blank);
                }
                next.put(blank.layer(), blank.x().plus(blank.length()).plus(habits.get(Habit.KERF)));
            }
        }
        return apart;
    }

    private void step(
            Operation operation,
            List<Integer> rips,
            Length setting,
            Length from,
            List<Milling.Blank> blanks,
            Words what,
            List<Words> notes) {
        // What was said of a board once is not said again; at which side the waste lies is said at every cut.
        List<Words> fresh = operation == Operation.CROSSCUT
                ? notes
                : notes.stream()
                        .filter(note ->
                                steps.stream().noneMatch(step -> step.notes().contains(note)))
                        .toList();
        steps.add(new MillStep(
                board.label(),
                steps.size() + 1,
                operation,
                length,
                rips,
                setting,
                from,
                operation == Operation.RIP ? rips.size() : Math.max(1, blanks.size()),
                blanks.stream().map(Milling.Blank::wanted).toList(),
                what,
                fresh));
    }
}
