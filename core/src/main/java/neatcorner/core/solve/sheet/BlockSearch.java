package neatcorner.core.solve.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.ToLongFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;

/**
 * Rectangles that some of the panes make up with hardly any waste (the bottom-up way of Wang, Two Algorithms for
 * Constrained Two-Dimensional Cutting Stock Problems, 1983). Two blocks join along sides that are equal or, in other
 * rounds, nearly so: by as much as the sheets have to spare. Of panes of many sizes few do so by chance, and all
 * blocks there are can be looked at; where there are too many, those go on whose joints are the least likely to be
 * chance, a little shaken in each round.
 */
final class BlockSearch {
    /** So many blocks of one number of panes go on in the first rounds; twice as many in those that follow. */
    private static final int MOST = 300;
    private static final int MOST_DOUBLINGS = 7;
    /** More are never kept at a time, of all numbers of panes together. */
    private static final int MOST_KEPT = 100_000;
    /** So many times more are made before those are chosen. */
    private static final int CHOICE = 4;
    /** How much rounds differ. */
    private static final double NOISE = 1;
    /** So many of the largest blocks are laid out with what goes beside them. */
    private static final int LAID = 30;
    /** So many of the largest are offered to fill sheets with. */
    private static final int LARGE = 500;
    /** Sides differing by less than this share of a side are its neighbours. */
    private static final double NEAR = 0.2;
    /**
     * By how much sides of panes that are joined may differ, as a share of what can be spared a pane, from round to
     * round.
     */
    private static final double[] TOLERANCES = {0, 1, 2, 0.7, 4};
    /** Never by more, in nanometres. */
    private static final double MOST_TOLERANCE = 15_000_000;
    /** Of two ways to join, one that wastes this share more must be so much less likely chance, in powers of e. */
    private static final double WASTE = 30;
    /** What is as wide or as high as a sheet is so much less likely chance, in powers of e. */
    private static final double SPANS = 5;
    private final SheetProblem problem;
    private final long kerf;
    private final SnapRule rule;
    private final BooleanSupplier stop;
    private long tolerance;
    private int round;
    private long tried;
    /** Panes that {@link Joined#once} cannot part. */
    private final int[] many;
    private final List<long[]> sheets;
    private final List<Joined> all = new ArrayList<>();
    private final Set<Long> known = new HashSet<>();

    /**
     * A block with the panes it takes.
     *
     * @param taken how many of each pane
     * @param panes a number that adds up over the panes it takes: others, as good as surely, another
     * @param once  a bit for each of the first 64 panes that it takes and of which there is one: parts most blocks
     *              quickly
     * @param turns whether it may lie on its side
     * @param mark  tells blocks apart that differ in size or in panes
     * @param doubt grows with every joint that may be chance
     */
    record Joined(Block block, short[] taken, long panes, long once, boolean turns, long mark, double doubt) {
        double area() {
            return (double) block.width() * block.height();
        }

        /** Upright and, where that is another and may be, on its side. */
        List<Block> lies() {
            return turns && block.width() != block.height() ? List.of(block, block.onItsSide()) : List.of(block);
        }
    }

    /** A block as it lies. */
    private record Lie(Joined joined, boolean turned, long width, long height) {
        Block block() {
            return turned ? joined.block.onItsSide() : joined.block;
        }
    }

    /** Two blocks that may be joined. */
    private record Draft(
            Lie one, Lie other, boolean beside, long width, long height, long mark, double doubt, double rank) {}

    /** Lies in the order of one side, with what most of them are parted by quickly. */
    private record Row(Lie[] lies, long[] sides, long[] once) {
        static Row of(List<Lie> lies, ToLongFunction<Lie> side) {
            Lie[] sorted = lies.stream().sorted(Comparator.comparingLong(side)).toArray(Lie[]::new);
            return new Row(
                    sorted,
                    Arrays.stream(sorted).mapToLong(side).toArray(),
                    Arrays.stream(sorted).mapToLong(lie -> lie.joined.once).toArray());
        }

        /** The first whose side is no less than a length. */
        int from(long length) {
            int from = 0;
            int to = sides.length;
            while (from < to) {
                int middle = (from + to) >>> 1;
                if (sides[middle] < length) {
                    from = middle + 1;
                } else {
                    to = middle;
                }
            }
            return from;
        }
    }

    /** Blocks of one number of panes in every lie, sorted by either side. */
    private record Level(List<Joined> blocks, Row byHeight, Row byWidth) {
        static Level of(List<Joined> blocks) {
            List<Lie> lies = new ArrayList<>();
            for (Joined joined : blocks) {
                long width = joined.block.width();
                long height = joined.block.height();
                lies.add(new Lie(joined, false, width, height));
                if (joined.turns && width != height) {
                    lies.add(new Lie(joined, true, height, width));
                }
            }
            return new Level(blocks, Row.of(lies, Lie::height), Row.of(lies, Lie::width));
        }
    }

    BlockSearch(SheetProblem problem, BooleanSupplier stop) {
        this.problem = problem;
        this.kerf = problem.kerf().nanometres();
        this.rule = SnapRule.of(problem);
        this.stop = stop;
        this.many = IntStream.range(0, problem.panes().size())
                .filter(i -> i >= Long.SIZE || problem.panes().get(i).count() > 1)
                .toArray();
        this.sheets = problem.stock().stream()
                .map(s -> new long[] {
                    s.width().minus(problem.trim().times(2)).nanometres(),
                    s.height().minus(problem.trim().times(2)).nanometres()
                })
                .toList();
    }

    /** Gathers blocks; more and other ones from round to round. */
    void gather(int round) {
        int panes = problem.panes().stream().mapToInt(SheetProblem.Pane::count).sum();
        all.clear();
        this.round = round;
        tolerance = (long) Math.min(MOST_TOLERANCE, TOLERANCES[round % TOLERANCES.length] * spare(panes));
        gather(
                panes,
                Math.min(MOST << Math.min(round / TOLERANCES.length, MOST_DOUBLINGS), Math.max(1, MOST_KEPT / panes)));
        all.sort(Comparator.comparingDouble(Joined::area).reversed());
    }

    /**
     * How much of every pane's side may be wasted in each direction when no sheet more is taken than its area asks for,
     * in nanometres.
     */
    private double spare(int panes) {
        double area = problem.panes().stream().mapToDouble(pane -> pane.roomTaken(kerf) * pane.count()).sum();
        double room = sheets.stream()
                .mapToDouble(sheet -> (double) (sheet[0] + kerf) * (sheet[1] + kerf))
                .max()
                .orElseThrow();
        double share = 1 - area / (Math.ceil(area / room) * room);
        return share * Math.sqrt(area / panes);
    }

    /** How many joints were tried since it began: a measure of time that is the same on every machine. */
    long tried() {
        return tried;
    }

    /** A block of all panes. */
    Optional<Joined> withAll() {
        return all.stream()
                .filter(joined -> IntStream.range(0, joined.taken.length)
                        .allMatch(i -> joined.taken[i] == problem.panes().get(i).count()))
                .findFirst();
    }

    /** What was gathered last, the largest first. */
    List<Joined> all() {
        return Collections.unmodifiableList(all);
    }

    /**
     * Tells lists of blocks that hold all panes together: one large block each and the largest that the rest of the
     * panes make.
     */
    void tell(Consumer<List<Block>> found) {
        for (int first = 0; first < Math.min(LAID, all.size()) && !stop.getAsBoolean(); first++) {
            found.accept(together(first));
        }
    }

    /** The largest blocks and every pane by itself. */
    List<Joined> largest() {
        return Stream.concat(all.stream().limit(LARGE), singles().stream()).toList();
    }

    private void gather(int panes, int most) {
        List<Level> levels = new ArrayList<>(List.of(Level.of(List.of()), Level.of(singles())));
        all.addAll(levels.get(1).blocks);
        for (int size = 2; size <= panes && !stop.getAsBoolean(); size++) {
            List<Draft> drafts = new ArrayList<>();
            known.clear();
            for (int less = 1; 2 * less <= size; less++) {
                int limit = drafts.size() + CHOICE * most / less;
                join(levels.get(less), levels.get(size - less), drafts, limit);
            }
            if (drafts.size() > most) {
                drafts.sort(Comparator.comparingDouble(Draft::rank));
                drafts = drafts.subList(0, most);
            }
            List<Joined> blocks = drafts.stream().map(this::joined).toList();
            levels.add(Level.of(blocks));
            all.addAll(blocks);
        }
    }

    private List<Joined> singles() {
        List<Joined> singles = new ArrayList<>();
        for (int i = 0; i < problem.panes().size(); i++) {
            SheetProblem.Pane pane = problem.panes().get(i);
            short[] taken = new short[problem.panes().size()];
            taken[i] = 1;
            singles.add(new Joined(Block.Single.upright(problem, i), taken, stirred(i),
                    i < Long.SIZE && pane.count() == 1 ? 1L << i : 0, pane.canTurn(), 0, 0));
        }
        return singles;
    }

    /** A block and, of what panes are left, the largest blocks one after the other. */
    private List<Block> together(int first) {
        List<Block> blocks = new ArrayList<>();
        int[] left = problem.panes().stream().mapToInt(SheetProblem.Pane::count).toArray();
        take(all.get(first), left, blocks);
        for (Joined next : all) {
            while (isLeft(next.taken, left)) {
                take(next, left, blocks);
            }
        }
        return blocks;
    }

    private static void take(Joined joined, int[] left, List<Block> blocks) {
        blocks.add(joined.block);
        for (int i = 0; i < left.length; i++) {
            left[i] -= joined.taken[i];
        }
    }

    static boolean isLeft(short[] taken, int[] left) {
        for (int i = 0; i < left.length; i++) {
            if (taken[i] > left[i]) {
                return false;
            }
        }
        return true;
    }

    private void join(Level some, Level others, List<Draft> made, int most) {
        for (Lie one : some.byHeight.lies) {
            join(one, one.height, others.byHeight, true, made);
            join(one, one.width, others.byWidth, false, made);
            if (made.size() >= most || stop.getAsBoolean()) {
                return;
            }
        }
    }

    /** Joins one to all that are about as high beside it, or about as wide above it. */
    private void join(Lie one, long side, Row others, boolean beside, List<Draft> made) {
        long once = one.joined.once;
        double chance = Double.NaN;
        for (int i = others.from(side - tolerance);
                i < others.sides.length && others.sides[i] <= side + tolerance;
                i++) {
            long over = Math.abs(others.sides[i] - side);
            if ((once & others.once[i]) == 0 && rule.allows(over)) {
                chance = Double.isNaN(chance) ? Math.log(density(side)) : chance;
                join(one, others.lies[i], beside, over, chance, made);
            }
        }
    }

    private void join(Lie one, Lie other, boolean beside, long over, double chance, List<Draft> made) {
        tried++;
        boolean turns = one.joined.turns && other.joined.turns;
        long width = beside ? one.width + kerf + other.width : Math.max(one.width, other.width);
        long height = beside ? Math.max(one.height, other.height) : one.height + kerf + other.height;
        if (!fitsSheet(width, height, turns)) {
            return;
        }
        long panes = one.joined.panes + other.joined.panes;
        long mark = mark(width, height, panes, turns);
        if (known.contains(mark)) {
            return;
        }
        if (areEnough(one.joined, other.joined)) {
            known.add(mark);
            double wasted =
                    (double) over * (beside ? Math.min(one.width, other.width) : Math.min(one.height, other.height));
            double doubt = one.joined.doubt + other.joined.doubt + chance + WASTE * wasted / ((double) width * height)
                    - (spans(width, height, turns) ? SPANS : 0);
            made.add(new Draft(one, other, beside, width, height, mark, doubt, doubt + NOISE * shaken(mark + round)));
        }
    }

    /** Whether there are as many of each pane as two blocks take. */
    private boolean areEnough(Joined one, Joined other) {
        for (int i = 0; i < many.length; i++) {
            if (one.taken[many[i]] + other.taken[many[i]] > problem.panes().get(many[i]).count()) {
                return false;
            }
        }
        return true;
    }

    private Joined joined(Draft draft) {
        Joined one = draft.one.joined;
        Joined other = draft.other.joined;
        short[] taken = new short[one.taken.length];
        for (int i = 0; i < taken.length; i++) {
            taken[i] = (short) (one.taken[i] + other.taken[i]);
        }
        return new Joined(
                new Block.Pair(draft.one.block(), draft.other.block(), draft.beside, draft.width, draft.height),
                taken,
                one.panes + other.panes,
                one.once | other.once,
                one.turns && other.turns,
                draft.mark,
                draft.doubt);
    }

    /** How close together sides of panes are about this one, per millimetre: with how many it would agree by chance. */
    private double density(long side) {
        double near = 0;
        for (SheetProblem.Pane pane : problem.panes()) {
            near += pane.count() * (near(pane.width(), side) + near(pane.height(), side));
        }
        return Math.max(near, 0.1) / (side * 1e-6);
    }

    private static double near(Length one, long side) {
        return Math.max(0, 1 - Math.abs(one.nanometres() - side) / (NEAR * side));
    }

    /** Size and panes stirred to one number that tells blocks apart, whatever they look like inside. */
    private static long mark(long width, long height, long panes, boolean turns) {
        return stirred(turns ? Math.min(width, height) : width)
                + 31 * stirred(turns ? Math.max(width, height) : height)
                + 17 * panes;
    }

    /** The last steps of SplitMix64 (Steele, Lea and Flood, 2014). */
    private static long stirred(long seed) {
        long mixed = (seed + 0x9E3779B97F4A7C15L) * 0xBF58476D1CE4E5B9L;
        mixed = (mixed ^ mixed >>> 27) * 0x94D049BB133111EBL;
        return mixed ^ mixed >>> 31;
    }

    /** The same number from 0 to 1 for the same seed. */
    static double shaken(long seed) {
        return (stirred(seed) >>> 11) * 0x1.0p-53;
    }

    private boolean spans(long width, long height, boolean turns) {
        for (long[] sheet : sheets) {
            if (spans(width, sheet[0])
                    || spans(height, sheet[1])
                    || turns && (spans(width, sheet[1]) || spans(height, sheet[0]))) {
                return true;
            }
        }
        return false;
    }

    private boolean spans(long side, long room) {
        return side <= room && side >= room - tolerance;
    }

    private boolean fitsSheet(long width, long height, boolean turns) {
        for (long[] sheet : sheets) {
            if (width <= sheet[0] && height <= sheet[1] || turns && height <= sheet[0] && width <= sheet[1]) {
                return true;
            }
        }
        return false;
    }
}
