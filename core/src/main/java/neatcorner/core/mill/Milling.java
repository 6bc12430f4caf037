package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import neatcorner.core.cut.Lot;
import neatcorner.core.job.PieceId;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.measure.Volume;
import neatcorner.core.rack.Board;
import neatcorner.core.recall.Known;
import neatcorner.core.section.Strip;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.solve.stick.StickSolver;
import neatcorner.core.wood.Species;

/**
 * Members from boards: one edge is jointed, strips are ripped along the board past its defects, and blanks
 * are crosscut from the strips past what defects are left; a board thick enough is resawn into several layers.
 *
 * <p>Rips are placed, a millimetre at a time, where the clean runs that hold a blank add up to most
 * (dynamic programming across the width). Blanks are then laid on the strips as on sticks, so that a defect is
 * a stretch to avoid. One board that holds all is best, for grain and colour match; else boards are taken one
 * after the other, the one that gives most first.
 *
 * @param parts   of boards as they are cut, in their order
 * @param stays   what is left and large enough to stay a board, by the board's label
 * @param missing blanks no board of the rack gives, by name
 * @param wood    how much there is of it at every step, from the rough boards to the finished strips
 */
public record Milling(
        List<Sawn> parts, Map<String, List<Area>> stays, Map<String, Integer> missing, Map<Step, Volume> wood) {
    private static final Length GRID = Length.mm(1);
    /** A narrower rest is no board any more. */
    private static final Length LEAST_WIDTH = Length.mm(50);

    /** Where wood goes. */
    public enum Step {
        /** What is taken of the boards as they lie on the rack. */
        ROUGH,
        /** Edge jointed, faces planed, sawn apart through the thickness. */
        PLANED,
        /** Ripped to strips. */
        RIPPED,
        /** Crosscut to blanks. */
        CROSSCUT,
        /** Dressed to the strips of the section. */
        FINISHED
    }

    /**
     * A part of a board with its cuts. What is left of the board beyond it stays a board, and may be used again.
     *
     * @param board  it is
     * @param layers how many the part is resawn into, from 1
     * @param area   the part that is taken, in the board
     * @param rips   from the near edge
     */
    public record Sawn(Board board, int layers, Area area, List<Rip> rips) {
    }

    /**
     * A rectangle of a board.
     *
     * @param x      along the board from its left end
     * @param y      across from its near edge
     * @param length along the board
     * @param width  across
     */
    public record Area(Length x, Length y, Length length, Length width) {
    }

    /**
     * A strip ripped from a board.
     *
     * @param y      of its near edge, from the board's near edge
     * @param width  as it is ripped
     * @param blanks on it, from the left; on every layer
     */
    public record Rip(Length y, Length width, List<Blank> blanks) {
    }

    /**
     * A blank on a strip.
     *
     * @param job    the name of the job it is for
     * @param piece  the one it becomes
     * @param x      from the board's left end
     * @param length as it is crosscut
     * @param layer  of the board, from 1
     */
    public record Blank(String job, PieceId piece, Length x, Length length, int layer) {
        /** Of the piece it becomes. */
        public String name() {
            return job + ", " + piece;
        }
    }

    /** A kind of blank that is wanted. */
    private record Want(
            Species species, Length thickness, Length width, Length finishedWidth, Length finishedThickness) {}

    private record Wanted(String job, PieceId piece, Length length, Length finished) {
        String name() {
            return job + ", " + piece;
        }
    }

    /** Mills the strips of some lots' sections from the boards of the rack. */
    public static Milling of(List<Lot> lots, Shop shop) {
        Habits habits = shop.habits();
        Length over = habits.get(Habit.OVER_LENGTH);
        Map<Want, List<Wanted>> wants = new LinkedHashMap<>();
        for (Lot lot : lots) {
            for (Strip strip : lot.section().strips()) {
                Want want = new Want(
                        strip.species(),
                        strip.thickness().plus(habits.get(Habit.PLANING)),
                        strip.width().plus(over.over(4)),
                        strip.width(),
                        strip.thickness());
                List<Wanted> list = wants.computeIfAbsent(want, _ -> new ArrayList<>());
                lot.pieces()
                        .forEach(piece -> list.add(new Wanted(
                                piece.job(), piece.id(), piece.length().plus(over), piece.length())));
            }
        }
        return new Mill(shop, habits).mill(wants);
    }

    /** The boards that are used, in the order they are cut. */
    public List<Board> boards() {
        return parts.stream().map(Sawn::board).distinct().toList();
    }

    /** How many blanks no board gives. */
    public int missingCount() {
        return missing.values().stream().mapToInt(n -> n).sum();
    }

    /** What is lost from one step to the next. */
    public Volume lost(Step step) {
        return step == Step.ROUGH
                ? Volume.ZERO
                : Known.in(wood, Step.values()[step.ordinal() - 1]).minus(Known.in(wood, step));
    }

    private static final class Mill {
        private final Shop shop;
        private final Length kerf;
        private final Length jointing;
        private final Length trim;
        private final Length useful;
        private final Map<String, Integer> missing = new TreeMap<>();
        private final List<Sawn> sawn = new ArrayList<>();
        private final Map<Step, Volume> wood = new EnumMap<>(Step.class);

        Mill(Shop shop, Habits habits) {
            this.shop = shop;
            this.kerf = habits.get(Habit.KERF);
            this.jointing = habits.get(Habit.JOINTING);
            this.trim = habits.get(Habit.END_TRIM);
            this.useful = habits.get(Habit.USEFUL);
        }

        /** What is free of a board, as if it were a board of its own. */
        private record Free(Board whole, Board part, Length x, Length y) {
        }

        Milling mill(Map<Want, List<Wanted>> wants) {
            List<Free> free = new ArrayList<>();
            shop.rack().all(Board.class).forEach(board -> free.add(new Free(board, board, Length.ZERO, Length.ZERO)));
            wants.forEach((want, blanks) -> {
                List<Wanted> left = new ArrayList<>(blanks);
                while (!left.isEmpty()) {
                    Optional<Try> best = free.stream()
                            .map(part -> attempt(part, want, left))
                            .filter(t -> !t.made.isEmpty())
                            .min(Comparator.comparing((Try t) -> t.made.size() < left.size())
                                    .thenComparing(t -> sawn.stream()
                                            .noneMatch(s -> s.board().equals(t.from.whole())))
                                    .thenComparingDouble(t -> t.made.size() < left.size()
                                            ? -t.madeLength()
                                            : t.taken().mm3()));
                    if (best.isEmpty()) {
                        break;
                    }
                    free.remove(best.get().from);
                    left.removeAll(best.get().made);
                    book(best.get(), want);
                    rest(best.get(), free);
                }
                left.forEach(blank -> missing.merge(blank.name(), 1, Integer::sum));
            });
            for (Step step : Step.values()) {
                wood.putIfAbsent(step, Volume.ZERO);
            }
            Map<String, List<Area>> stays = new TreeMap<>();
            free.stream()
                    .filter(f -> f.part != f.whole)
                    .forEach(f -> stays.computeIfAbsent(f.whole.label(), _ -> new ArrayList<>())
                            .add(new Area(f.x, f.y, f.part.length(), f.part.width())));
            return new Milling(
                    List.copyOf(sawn),
                    Collections.unmodifiableMap(stays),
                    Collections.unmodifiableMap(missing),
                    Collections.unmodifiableMap(wood));
        }

        /** What lies beyond the last rip over the length taken, and the whole width beyond the last blank. */
        private void rest(Try done, List<Free> free) {
            Board board = done.from.part();
            add(free, done.from, done.length, Length.ZERO, board.length().minus(done.length), board.width());
            add(free, done.from, Length.ZERO, done.width, done.length, board.width().minus(done.width));
        }

        private static void add(List<Free> free, Free from, Length x, Length y, Length length, Length width) {
            if (length.isUnder(Length.mm(100)) || width.isUnder(LEAST_WIDTH)) {
                return;
            }
            free.add(new Free(from.whole(), from.part().part(x, y, length, width), from.x().plus(x), from.y().plus(y)));
        }

        /** A way to make some blanks from what is free of a board, of which so much is taken. */
        private record Try(Free from, int layers, Length length, Length width, List<Rip> rips, List<Wanted> made) {
            Volume taken() {
                return Volume.of(length, width, from.whole().thickness());
            }

            double madeLength() {
                return made.stream().mapToDouble(w -> w.length().toMm()).sum();
            }
        }

        /** How many layers of a thickness a board is resawn into: each loses its planing, each cut a kerf. */
        private int layers(Board board, Want want) {
            return (int) Math.floor(board.thickness().plus(kerf).ratio(want.thickness().plus(kerf)) + 1e-9);
        }

        private Try attempt(Free from, Want want, List<Wanted> left) {
            Board board = from.part();
            int layers = board.species().equals(want.species()) ? layers(board, want) : 0;
            Length shortest = left.stream().map(Wanted::length).min(Length::compareTo).orElseThrow();
            List<Length> rips = layers == 0 || want.width().plus(jointing).isOver(board.width())
                    ? List.of()
                    : rips(board, want.width(), shortest);
            return rips.isEmpty()
                    ? new Try(from, 1, Length.ZERO, Length.ZERO, List.of(), List.of())
                    : crosscut(from, layers, want, rips, left);
        }

        /** Where strips begin across the board; the best of all ways on a grid. */
        private List<Length> rips(Board board, Length width, Length shortest) {
            int steps = (int) (board.width().minus(jointing).nanometres() / GRID.nanometres());
            int strip = (int) -Math.floorDiv(-width.nanometres(), GRID.nanometres());
            int saw = (int) -Math.floorDiv(-kerf.nanometres(), GRID.nanometres());
            double[] best = new double[steps + 2];
            boolean[] ripped = new boolean[steps + 2];
            for (int y = steps - strip; y >= 0; y--) {
                best[y] = best[y + 1];
                double here = clean(board, jointing.plus(GRID.times((long) y)), width, shortest)
                        + best[Math.min(steps + 1, y + strip + saw)];
                if (here > 0 && here > best[y] - 1e-6) {
                    best[y] = Math.max(best[y], here);
                    ripped[y] = true;
                }
            }
            List<Length> rips = new ArrayList<>();
            for (int y = 0; y <= steps - strip; y++) {
                if (ripped[y]) {
                    rips.add(jointing.plus(GRID.times((long) y)));
                    y += strip + saw - 1;
                }
            }
            return rips;
        }

        private double clean(Board board, Length y, Length width, Length shortest) {
            return strip(board, y, width).runs(trim).stream()
                    .map(Span::length)
                    .filter(run -> !run.isUnder(shortest))
                    .mapToDouble(Length::toMm)
                    .sum();
        }

        /** A strip as a stick: every defect it touches is a stretch to avoid. */
        private StickProblem.Stock strip(Board board, Length y, Length width) {
            List<Span> defects = board.defects().stream().filter(d -> d.y().isUnder(y.plus(width)) && d.top().isOver(y))
                    .map(d -> new Span(d.x(), d.right())).toList();
            return new StickProblem.Stock(board.label(), board.length(), Optional.of(1), 0, defects);
        }

        private Try crosscut(Free from, int layers, Want want, List<Length> rips, List<Wanted> left) {
            Board board = from.part();
            List<StickProblem.Stock> stock = new ArrayList<>();
            for (Length y : rips) {
                StickProblem.Stock strip = strip(board, y, want.width());
                stock.add(
                        new StickProblem.Stock(strip.name(), strip.length(), Optional.of(layers), 0, strip.defects()));
            }
            Map<Length, List<Wanted>> byLength = new TreeMap<>(Comparator.reverseOrder());
            left.forEach(w -> byLength.computeIfAbsent(w.length(), _ -> new ArrayList<>()).add(w));
            // What does not fit goes to sticks that do not exist, one for each blank: they cost its length.
            List<StickProblem.Kind> kinds = new ArrayList<>();
            byLength.forEach((length, alike) ->
                    kinds.add(new StickProblem.Kind(alike.getFirst().name(), length, alike.size())));
            byLength.keySet()
                    .forEach(length -> stock.add(new StickProblem.Stock(
                            "", length.plus(trim.times(2)), Optional.empty(), Math.max(1, Math.round(length.toMm())))));
            Optional<StickAnswer> answer = StickSolver.quick(new StickProblem(kinds, stock, kerf, trim));
            Map<Integer, List<Blank>> blanks = new TreeMap<>();
            List<Wanted> made = new ArrayList<>();
            List<List<Wanted>> names = byLength.values().stream().map(l -> (List<Wanted>) new ArrayList<>(l)).toList();
            int[] layer = new int[rips.size()];
            for (StickAnswer.Laid laid : answer.map(StickAnswer::sticks).orElse(List.of())) {
                if (laid.stock() < rips.size()) {
                    layer[laid.stock()]++;
                    List<Wanted> on = laid.placed().stream()
                            .map(placed -> names.get(placed.kind()).removeFirst())
                            .toList();
                    made.addAll(on);
                    blanks.computeIfAbsent(laid.stock(), _ -> new ArrayList<>())
                            .addAll(fromTheLeft(stock.get(laid.stock()), on, layer[laid.stock()], laid));
                }
            }
            List<Rip> used = new ArrayList<>();
            blanks.forEach((rip, on) -> used.add(new Rip(rips.get(rip), want.width(), List.copyOf(on))));
            return taken(from, layers, used, made);
        }

        /**
         * Blanks as far left as they go, the longest first, so that the rest of the board stays in one piece; else
         * where the solver laid them.
         */
        private List<Blank> fromTheLeft(
                StickProblem.Stock strip, List<Wanted> blanks, int layer, StickAnswer.Laid laid) {
            List<Span> runs = strip.runs(trim);
            Length[] at = runs.stream().map(Span::from).toArray(Length[]::new);
            List<Blank> placed = new ArrayList<>();
            for (Wanted wanted : blanks.stream().sorted(Comparator.comparing(Wanted::length).reversed()).toList()) {
                int run = 0;
                while (run < at.length && at[run].plus(wanted.length()).isOver(runs.get(run).to())) {
                    run++;
                }
                if (run == at.length) {
                    return IntStream.range(0, blanks.size())
                            .mapToObj(i -> new Blank(
                                    blanks.get(i).job(),
                                    blanks.get(i).piece(),
                                    laid.placed().get(i).start(),
                                    blanks.get(i).length(),
                                    layer))
                            .toList();
                }
                placed.add(new Blank(wanted.job(), wanted.piece(), at[run], wanted.length(), layer));
                at[run] = at[run].plus(wanted.length()).plus(kerf);
            }
            return placed.stream().sorted(Comparator.comparing(Blank::x)).toList();
        }

        /**
         * Only what is needed is taken: what is left beyond the last blank or the last rip stays a board when it is
         * large enough to be one.
         */
        private Try taken(Free from, int layers, List<Rip> used, List<Wanted> made) {
            Board board = from.part();
            Length right = used.stream()
                    .flatMap(rip -> rip.blanks().stream())
                    .map(b -> b.x().plus(b.length()))
                    .max(Length::compareTo)
                    .orElse(Length.ZERO)
                    .plus(kerf);
            Length far = used.stream()
                    .map(rip -> rip.y().plus(rip.width()))
                    .max(Length::compareTo)
                    .orElse(Length.ZERO)
                    .plus(kerf);
            return new Try(from, layers, board.length().minus(right).isUnder(useful) ? board.length() : right,
                    board.width().minus(far).isUnder(LEAST_WIDTH) ? board.width() : far, used, made);
        }

        private void book(Try done, Want want) {
            Free from = done.from;
            List<Rip> rips = done.rips.stream()
                    .map(rip -> new Rip(
                            rip.y().plus(from.y()),
                            rip.width(),
                            rip.blanks().stream()
                                    .map(b ->
                                            new Blank(b.job(), b.piece(), b.x().plus(from.x()), b.length(), b.layer()))
                                    .toList()))
                    .toList();
            sawn.add(new Sawn(from.whole(), done.layers, new Area(from.x(), from.y(), done.length, done.width), rips));
            add(Step.ROUGH, done.taken());
            add(
                    Step.PLANED,
                    Volume.of(done.length, done.width.minus(jointing), want.finishedThickness())
                            .times(done.layers));
            add(
                    Step.RIPPED,
                    Volume.of(done.length, want.width(), want.finishedThickness())
                            .times(rips.size() * done.layers));
            for (Wanted wanted : done.made) {
                add(Step.CROSSCUT, Volume.of(wanted.length(), want.width(), want.finishedThickness()));
                add(Step.FINISHED, Volume.of(wanted.finished(), want.finishedWidth(), want.finishedThickness()));
            }
        }

        private void add(Step step, Volume more) {
            wood.merge(step, more, Volume::plus);
        }
    }
}
