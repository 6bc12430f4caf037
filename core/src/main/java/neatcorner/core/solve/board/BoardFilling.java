package neatcorner.core.solve.board;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.IntStream;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.Chance;
import neatcorner.core.solve.board.BoardAnswer.Blank;
import neatcorner.core.solve.board.BoardAnswer.Piece;
import neatcorner.core.solve.board.BoardAnswer.Sawn;
import neatcorner.core.solve.board.BoardAnswer.Strip;

/**
 * Cuts one board for what is still wanted: length after length from its left end, each the one that weighs most for the
 * wood it takes. Where a length may end, and where a strip may begin, are few places that matter: a strip pushed to the
 * near edge stops at another strip or at a hole, and a length ends where blanks end.
 */
final class BoardFilling {
    private final BoardProblem problem;
    private final BoardProblem.Stock board;
    private final int stock;
    private final StripPacking packing;
    private final int mostEnds;
    private final Optional<Chance> chance;
    /** What may be cut from it, by profile: kinds, the longest first. */
    private final int[][] kinds;

    private final long kerf;
    private final long snipe;
    private final long end;

    /** How hard it is tried. */
    record Effort(int mostEnds, int mostSteps) {
    }

    /**
     * For one board.
     *
     * @param stock  which
     * @param board  the same, or turned end for end, or on its other face
     * @param weighs a blank of each kind, see {@link #weighed}
     * @param chance by which ends of lengths are left out; without it none is
     */
    BoardFilling(
            BoardProblem problem,
            int stock,
            BoardProblem.Stock board,
            double[] weighs,
            Effort effort,
            Optional<Chance> chance) {
        this.problem = problem;
        this.stock = stock;
        this.board = board;
        this.mostEnds = effort.mostEnds();
        this.chance = chance;
        this.kerf = problem.saw().kerf().nanometres();
        this.snipe = board.snipe().nanometres();
        this.end = board.length().minus(problem.saw().trim()).nanometres();
        long[] lengths = problem.kinds().stream().mapToLong(k -> k.length().nanometres()).toArray();
        this.packing = new StripPacking(kerf, lengths, weighs, effort.mostSteps());
        List<List<Integer>> profiles = problem.kinds().stream().map(this::profilesOf).toList();
        this.kinds = IntStream.range(0, problem.profiles().size())
                .mapToObj(profile -> kindsOf(profile, profiles))
                .toArray(int[][]::new);
    }

    /** What strips of this board a kind may be cut from; by chance only one of them. */
    private List<Integer> profilesOf(BoardProblem.Kind kind) {
        List<Integer> all = kind.profiles().stream()
                .filter(profile -> board.leaves().get(profile).count() > 0)
                .toList();
        return all.size() > 1 && chance.isPresent() && chance.get().below(2) == 0
                ? List.of(all.get(chance.get().below(all.size())))
                : all;
    }

    /**
     * What a blank of each kind weighs: its wood, in mm³, times its weight. A blank that may be cut from several strips
     * weighs no more on the larger one.
     */
    static double[] weighed(BoardProblem problem, int stock, double[] weights) {
        BoardProblem.Stock board = problem.stock().get(stock);
        return IntStream.range(0, weights.length)
                .mapToDouble(i -> weights[i]
                        * problem.kinds().get(i).length().toMm()
                        * problem.kinds().get(i).profiles().stream()
                                .filter(profile -> board.leaves().get(profile).count() > 0)
                                .mapToDouble(profile -> problem.profiles().get(profile).width().toMm()
                                        * board.leaves().get(profile).thick().toMm())
                                .min()
                                .orElse(0))
                .toArray();
    }

    private int[] kindsOf(int profile, List<List<Integer>> profiles) {
        return IntStream.range(0, problem.kinds().size())
                .filter(kind -> profiles.get(kind).contains(profile))
                .boxed()
                .sorted(Comparator.comparing((Integer kind) -> problem.kinds().get(kind).length()).reversed())
                .mapToInt(kind -> kind)
                .toArray();
    }

    /**
     * Cuts it.
     *
     * @param left how many there are of every kind; less afterwards by what was made
     * @return empty when nothing could be made
     */
    Optional<Sawn> fill(int[] left) {
        List<Piece> pieces = new ArrayList<>();
        long from = problem.saw().trim().nanometres();
        while (true) {
            int[] offered = offered(left);
            long start = from;
            Optional<Tried> best = best(from, offered, offered(offered)).or(() -> best(start, left, left));
            if (best.isEmpty()) {
                break;
            }
            Piece piece = best.get().piece();
            pieces.add(piece);
            piece.strips().forEach(strip -> strip.blanks().forEach(blank -> left[blank.kind()]--));
            from = piece.right().nanometres() + kerf;
        }
        if (pieces.isEmpty()) {
            return Optional.empty();
        }
        List<Piece> laid = new Sliding(problem, board).best(pieces);
        return Optional.of(new Sawn(stock, laid, Rests.of(problem, board, laid), false));
    }

    /** A length that could be cut next. */
    private record Tried(Piece piece, double score) {
    }

    /** The best length whose end is where some blanks end. */
    private Optional<Tried> best(long from, int[] left, int[] some) {
        Tried best = null;
        for (long start : starts(from)) {
            for (long stop : ends(start, some)) {
                Tried tried = attempt(start, stop, left);
                if (tried.score() > 0 && (best == null || tried.score() > best.score())) {
                    best = tried;
                }
            }
        }
        return Optional.ofNullable(best);
    }

    /** What is left, or by chance only some of it, so that other things come together. */
    private int[] offered(int[] left) {
        if (chance.isEmpty() || chance.get().below(2) == 0) {
            return left;
        }
        int[] some = left.clone();
        for (int i = 0; i < some.length; i++) {
            if (chance.get().below(3) == 0) {
                some[i] = 0;
            }
        }
        return some;
    }

    /** At the last cut, or past a hole. */
    private List<Long> starts(long from) {
        List<Long> starts = new ArrayList<>(List.of(from));
        board.holes().stream()
                .mapToLong(hole -> Math.max(from + kerf, hole.right().nanometres() - snipe))
                .filter(x -> x > from && x < end)
                .distinct()
                .sorted()
                .limit(2)
                .forEach(starts::add);
        return starts;
    }

    /** Where blanks laid one behind the other end, before a hole, and at the end of the board. */
    private TreeSet<Long> ends(long start, int[] left) {
        TreeSet<Long> ends = new TreeSet<>();
        long clear = Math.min(end - start, problem.saw().longest().nanometres()) - 2 * snipe;
        for (int profile = 0; profile < kinds.length; profile++) {
            int[] of = Arrays.stream(kinds[profile]).filter(kind -> left[kind] > 0).toArray();
            if (of.length == 0 || clear <= 0) {
                continue;
            }
            int[] laid = packing.fill(of, left, clear);
            long at = start + snipe;
            for (int i = 0; i < of.length; i++) {
                long one = problem.kinds().get(of[i]).length().nanometres();
                for (int n = 0; n < laid[i]; n++) {
                    at += one;
                    ends.add(at + snipe);
                    at += kerf;
                }
            }
            for (int kind : new int[] {of[0], of[of.length / 2], of[of.length - 1]}) {
                long one = problem.kinds().get(kind).length().nanometres();
                ends.add(start + 2 * snipe + one);
                board.holes().forEach(hole -> ends.add(hole.right().nanometres() + one + snipe));
            }
        }
        board.holes().forEach(hole -> ends.add(hole.x().nanometres() + snipe));
        ends.add(end);
        long least = board.least().nanometres();
        if (!ends.isEmpty() && ends.first() - start < least) {
            ends.add(start + least);
        }
        long longest = problem.saw().longest().nanometres();
        ends.add(start + longest);
        ends.removeIf(stop -> stop > end || stop - start < Math.max(least, 1) || stop - start > longest);
        thin(ends);
        return ends;
    }

    private void thin(TreeSet<Long> ends) {
        chance.ifPresent(c -> ends.removeIf(stop -> stop != end && c.below(5) == 0));
        while (ends.size() > mostEnds) {
            List<Long> all = List.copyOf(ends);
            for (int i = all.size() - 2; i > 0 && ends.size() > mostEnds; i -= 2) {
                ends.remove(all.get(i));
            }
        }
    }

    /** A strip on the way across, by what lies before it, and how many of each profile are clear from end to end. */
    private record Step(double weight, Optional<Step> before, int profile, long y, int[] clear) {
        boolean isClear() {
            return before.isPresent() && clear[profile] > before.get().clear()[profile];
        }

        Step then(double more, int next, long at, boolean isClear) {
            int[] count = clear.clone();
            count[next] += isClear ? 1 : 0;
            return new Step(weight + more, Optional.of(this), next, at, count);
        }
    }

    /** The best strips side by side between two crosscuts, filled with what is left. */
    private Tried attempt(long start, long stop, int[] left) {
        List<BoardProblem.Hole> holes = board.holes().stream()
                .filter(hole -> hole.x().nanometres() < stop - snipe
                        && hole.right().nanometres() > start + snipe)
                .toList();
        Step across = across(start, stop, holes, left);
        List<Step> steps = new ArrayList<>();
        for (Step step = across; step.before().isPresent(); step = step.before().get()) {
            steps.addFirst(step);
        }
        if (!holes.isEmpty() && chance.map(c -> c.below(2) == 0).orElse(false)) {
            // What is between holes has the fewest that fit.
            steps.sort(Comparator.comparing(Step::isClear));
        }
        int[] now = left.clone();
        List<Strip> strips = new ArrayList<>();
        double weight = 0;
        for (Step step : steps) {
            weight += strip(step.profile(), step.y(), runs(start, stop, step.y(), step.profile(), holes), now, strips);
        }
        strips.sort(Comparator.comparing(Strip::y));
        if (strips.isEmpty()) {
            return new Tried(new Piece(new Length(start), new Length(stop - start), List.of()), 0);
        }
        Piece piece = new Piece(new Length(start), new Length(stop - start), strips);
        return new Tried(piece, score(piece, weight));
    }

    /** Weight for the wood it takes; of two that are near alike the larger. */
    private double score(Piece piece, double weight) {
        double taken = (piece.length().nanometres() + kerf) * 1e-6 * board.width().toMm()
                * board.thickness().toMm();
        double kept = Rests.of(problem, board, List.of(piece)).stream()
                .filter(rest -> !rest.x().isUnder(piece.x()) && rest.x().isUnder(piece.right()))
                .mapToDouble(BoardAnswer.Rest::volume)
                .sum();
        double luck = chance.map(c -> c.below(4) == 0 ? 0.001 * c.below(1000) : 0.8 + 0.0004 * c.below(1000))
                .orElse(1.0);
        return luck * weight / Math.max(taken - kept, 1) * Math.pow(weight, 0.03);
    }

    private Step across(long start, long stop, List<BoardProblem.Hole> holes, int[] left) {
        TreeMap<Long, Step> open = new TreeMap<>();
        long first = board.jointing().nanometres();
        long width = board.width().nanometres();
        Supply[] supplies = IntStream.range(0, kinds.length)
                .mapToObj(profile -> new Supply(profile, start, stop, left))
                .toArray(Supply[]::new);
        open.put(first, new Step(0, Optional.empty(), -1, first, new int[kinds.length]));
        Step best = open.get(first);
        while (!open.isEmpty()) {
            Map.Entry<Long, Step> entry = open.pollFirstEntry();
            Step step = entry.getValue();
            if (step.weight() > best.weight() * (1 + 1e-9)) {
                best = step;
            }
            long y = entry.getKey();
            for (int profile = 0; profile < kinds.length; profile++) {
                long far = y + problem.profiles().get(profile).width().nanometres();
                if (kinds[profile].length == 0
                        || far > width
                        || problem.profiles().get(profile).atEdge() && y > 0) {
                    continue;
                }
                long[][][] runs = runs(start, stop, y, profile, holes);
                double weight = supplies[profile].weight(runs, step.clear()[profile]);
                if (weight > 0) {
                    relax(open, far + kerf, step.then(weight, profile, y, supplies[profile].isClear(runs)));
                }
            }
            for (BoardProblem.Hole hole : holes) {
                long past = hole.far().nanometres();
                if (past > y && past < width) {
                    relax(open, Math.max(past, y + kerf), step);
                }
            }
        }
        return best;
    }

    private static void relax(TreeMap<Long, Step> open, long y, Step step) {
        Step there = open.get(y);
        if (there == null || step.weight() > there.weight()) {
            open.put(y, step);
        }
    }

    /** What clear strips of one profile weigh, each when those before it are filled. */
    private final class Supply {
        private final int profile;
        private final long start;
        private final long stop;
        private final List<int[]> left = new ArrayList<>();
        private final List<Double> weights = new ArrayList<>();

        Supply(int profile, long start, long stop, int[] left) {
            this.profile = profile;
            this.start = start;
            this.stop = stop;
            this.left.add(left);
        }

        /** Of the strip after so many others. */
        double weight(long[][][] runs, int before) {
            while (weights.size() < before) {
                next();
            }
            if (isClear(runs)) {
                while (weights.size() <= before) {
                    next();
                }
                return weights.get(before);
            }
            return strip(profile, 0, runs, left.get(before).clone(), new ArrayList<>());
        }

        boolean isClear(long[][][] runs) {
            for (long[][] leaf : runs) {
                if (leaf.length != 1 || leaf[0][1] - leaf[0][0] != stop - start - 2 * snipe) {
                    return false;
                }
            }
            return true;
        }

        private void next() {
            int[] now = left.getLast().clone();
            weights.add(strip(profile, 0, runs(start, stop, 0, profile, List.of()), now, new ArrayList<>()));
            left.add(now);
        }
    }

    /** Where blanks may lie on a strip, leaf by leaf, from the left. */
    private long[][][] runs(long start, long stop, long y, int profile, List<BoardProblem.Hole> holes) {
        BoardProblem.Leaves leaves = board.leaves().get(profile);
        long[][][] runs = new long[leaves.count()][][];
        List<BoardProblem.Hole> met = holes.isEmpty() ? holes : met(y, profile, holes);
        if (met.isEmpty() || met.stream().allMatch(BoardProblem.Hole::isThrough)) {
            Arrays.fill(runs, runs(start, stop, met));
            return runs;
        }
        for (int leaf = 0; leaf < runs.length; leaf++) {
            int here = leaf;
            runs[leaf] = runs(
                    start,
                    stop,
                    met.stream()
                            .filter(hole -> hole.touches(here, leaves, problem.saw().resaw()))
                            .toList());
        }
        return runs;
    }

    /** The holes in the way of a strip, from the left. */
    private List<BoardProblem.Hole> met(long y, int profile, List<BoardProblem.Hole> holes) {
        long far = y + problem.profiles().get(profile).width().nanometres();
        return holes.stream()
                .filter(h -> h.y().nanometres() < far && h.far().nanometres() > y)
                .sorted(Comparator.comparing(BoardProblem.Hole::x))
                .toList();
    }

    private long[][] runs(long start, long stop, List<BoardProblem.Hole> holes) {
        List<long[]> runs = new ArrayList<>();
        long from = start + snipe;
        for (BoardProblem.Hole hole : holes) {
            if (hole.x().nanometres() > from) {
                runs.add(new long[] {from, hole.x().nanometres()});
            }
            from = Math.max(from, hole.right().nanometres());
        }
        if (stop - snipe > from) {
            runs.add(new long[] {from, stop - snipe});
        }
        return runs.toArray(long[][]::new);
    }

    /** Fills a strip, leaf by leaf, and adds it when anything lies on it; returns what that weighs. */
    private double strip(int profile, long y, long[][][] runs, int[] left, List<Strip> strips) {
        BoardProblem.Leaves leaves = board.leaves().get(profile);
        List<Blank> blanks = new ArrayList<>();
        double weight = 0;
        int used = 0;
        for (int leaf = 0; leaf < leaves.count() && used == leaf; leaf++) {
            for (long[] run : runs[leaf]) {
                int[] laid = packing.fill(kinds[profile], left, run[1] - run[0]);
                weight += packing.weight();
                long x = run[0];
                for (int i = 0; i < laid.length; i++) {
                    for (int n = 0; n < laid[i]; n++) {
                        blanks.add(new Blank(kinds[profile][i], new Length(x), leaf));
                        left[kinds[profile][i]]--;
                        x += problem.kinds().get(kinds[profile][i]).length().nanometres() + kerf;
                        used = leaf + 1;
                    }
                }
            }
        }
        if (used > 0) {
            strips.add(new Strip(profile, new Length(y), used, blanks));
        }
        return weight;
    }
}
