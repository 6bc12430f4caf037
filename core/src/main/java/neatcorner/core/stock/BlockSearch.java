package neatcorner.core.stock;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.NavigableMap;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;

/**
 * Rectangles that some of the panes make up without any waste (the bottom-up way of Wang, Two Algorithms for
 * Constrained Two-Dimensional Cutting Stock Problems, 1983, with nothing wasted inside a block). Two blocks join
 * along an equal side. Of panes of many sizes few do so by chance, and all blocks there are can be looked at;
 * where there are too many, those go on whose joints are the least likely to be chance, a little shaken in each round.
 */
final class BlockSearch {
    /** So many blocks of one number of panes go on in the first round; twice as many in each other. */
    private static final int MOST = 500;
    private static final int MOST_DOUBLINGS = 7;
    /** More are never kept at a time, of all numbers of panes together. */
    private static final int MOST_KEPT = 100_000;
    /** So many times more are made before those are chosen. */
    private static final int CHOICE = 4;
    /** How much rounds differ. */
    private static final double NOISE = 1;
    /** So many of the largest blocks are laid out with what goes beside them. */
    private static final int LAID = 100;
    /** So many of the largest are offered to fill sheets with. */
    private static final int LARGE = 500;
    /** Sides differing by less than this share of a side are its neighbours. */
    private static final double NEAR = 0.2;
    /** By how much sides of panes that are joined may differ, in nanometres, from round to round. */
    private static final long[] TOLERANCES = {0, 2_000_000, 6_000_000, 15_000_000};
    /** Of two ways to join, one that wastes this share more must be so much less likely chance, in powers of e. */
    private static final double WASTE = 30;
    private final SheetProblem problem;
    private final long kerf;
    private final long leastStrip;
    private final BooleanSupplier stop;
    private long tolerance;
    private final List<long[]> sheets;
    private final List<Joined> all = new ArrayList<>();
    private final Set<Long> known = new HashSet<>();

    /**
     * A block with the panes it takes.
     *
     * @param taken how many of each pane
     * @param once  a bit for each of the first 64 panes that it takes and of which there is one: parts most blocks quickly
     * @param turns whether it may lie on its side
     * @param mark  tells blocks apart that differ in size or in panes
     * @param doubt grows with every joint that may be chance
     */
    record Joined(Block block, short[] taken, long once, boolean turns, long mark, double doubt) {
        double area() {
            return (double) block.width() * block.height();
        }
    }

    BlockSearch(SheetProblem problem, BooleanSupplier stop) {
        this.problem = problem;
        this.kerf = problem.kerf().nanometres();
        this.leastStrip = problem.leastStrip().nanometres();
        this.stop = stop;
        this.sheets = problem.stock().stream().map(s -> new long[] {s.width().minus(problem.trim().times(2)).nanometres(),
            s.height().minus(problem.trim().times(2)).nanometres()}).toList();
    }

    /**
     * Gathers blocks; more and other ones from round to round.
     *
     * @return whether these are all blocks there are
     */
    boolean gather(int round) {
        int panes = problem.panes().stream().mapToInt(SheetProblem.Pane::count).sum();
        all.clear();
        tolerance = TOLERANCES[round % TOLERANCES.length];
        boolean whole = gather(panes, Math.min(MOST << Math.min(round / TOLERANCES.length, MOST_DOUBLINGS), Math.max(1, MOST_KEPT / panes)), round);
        all.sort(Comparator.comparingDouble(Joined::area).reversed());
        return whole;
    }

    /** Tells lists of blocks that hold all panes together: one large block each and the largest that the rest of the panes make. */
    void tell(Consumer<List<Block>> found) {
        for (int first = 0; first < Math.min(LAID, all.size()) && !stop.getAsBoolean(); first++) {
            found.accept(together(first));
        }
    }

    /** The largest blocks and every pane by itself. */
    List<Joined> largest() {
        return Stream.concat(all.stream().limit(LARGE), singles().stream()).toList();
    }

    private boolean gather(int panes, int most, int round) {
        List<List<Joined>> bySize = new ArrayList<>(List.of(List.of(), singles()));
        all.addAll(bySize.get(1));
        boolean whole = true;
        for (int size = 2; size <= panes && !stop.getAsBoolean(); size++) {
            List<Joined> blocks = new ArrayList<>();
            known.clear();
            for (int less = 1; 2 * less <= size; less++) {
                int limit = blocks.size() + CHOICE * most / less;
                join(bySize.get(less), bySize.get(size - less), blocks, limit);
                whole &= blocks.size() < limit;
            }
            if (blocks.size() > most) {
                whole = false;
                blocks.sort(Comparator.comparingDouble(b -> b.doubt + NOISE * shaken(b.mark + round)));
                blocks = new ArrayList<>(blocks.subList(0, most));
            }
            bySize.add(blocks);
            all.addAll(blocks);
        }
        return whole;
    }

    private List<Joined> singles() {
        List<Joined> singles = new ArrayList<>();
        for (int i = 0; i < problem.panes().size(); i++) {
            SheetProblem.Pane pane = problem.panes().get(i);
            short[] taken = new short[problem.panes().size()];
            taken[i] = 1;
            singles.add(new Joined(new Block.Single(i, false, pane.width().nanometres(), pane.height().nanometres()), taken,
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

    private void join(List<Joined> some, List<Joined> others, List<Joined> made, int most) {
        NavigableMap<Long, List<Joined>> bySide = new TreeMap<>();
        for (Joined other : others) {
            bySide.computeIfAbsent(other.block.width(), _ -> new ArrayList<>()).add(other);
            if (other.block.height() != other.block.width()) {
                bySide.computeIfAbsent(other.block.height(), _ -> new ArrayList<>()).add(other);
            }
        }
        for (Joined one : some) {
            for (Block lie : lies(one)) {
                for (List<Joined> near : near(bySide, lie.height())) {
                    near.forEach(other -> join(one, lie, other, true, made));
                }
                for (List<Joined> near : near(bySide, lie.width())) {
                    near.forEach(other -> join(one, lie, other, false, made));
                }
                if (made.size() >= most || stop.getAsBoolean()) {
                    return;
                }
            }
        }
    }

    private Collection<List<Joined>> near(NavigableMap<Long, List<Joined>> bySide, long side) {
        if (tolerance == 0) {
            List<Joined> same = bySide.get(side);
            return same == null ? List.of() : List.of(same);
        }
        return bySide.subMap(side - tolerance, true, side + tolerance, true).values();
    }

    /** Whether what falls off beside the lesser of two is nothing, dust, or wide enough to come off. */
    private boolean canFallOff(long over) {
        return over == 0 || over <= tolerance && (over <= kerf || over - kerf >= leastStrip);
    }

    private void join(Joined one, Block lie, Joined other, boolean beside, List<Joined> made) {
        if ((one.once & other.once) != 0) {
            return;
        }
        for (Block next : lies(other)) {
            long over = Math.abs(beside ? next.height() - lie.height() : next.width() - lie.width());
            if (!canFallOff(over)) {
                continue;
            }
            boolean turns = one.turns && other.turns;
            Block.Pair pair = Block.Pair.of(lie, next, beside, kerf);
            short[] taken = both(one.taken, other.taken);
            long mark = mark(pair, taken, turns);
            if (taken.length > 0 && fitsSheet(pair.width(), pair.height(), turns) && known.add(mark)) {
                double wasted = over == 0 ? 0 : (double) over * (beside ? Math.min(lie.width(), next.width()) : Math.min(lie.height(), next.height()));
                double doubt = one.doubt + other.doubt + Math.log(density(beside ? lie.height() : lie.width())) + WASTE * wasted / ((double) pair.width() * pair.height());
                made.add(new Joined(pair, taken, one.once | other.once, turns, mark, doubt));
            }
        }
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

    private static List<Block> lies(Joined joined) {
        return joined.turns && joined.block.width() != joined.block.height() ? List.of(joined.block, joined.block.onItsSide()) : List.of(joined.block);
    }

    /** The panes of both; empty when there are not so many. */
    private short[] both(short[] some, short[] others) {
        short[] taken = new short[some.length];
        for (int i = 0; i < taken.length; i++) {
            taken[i] = (short) (some[i] + others[i]);
            if (taken[i] > problem.panes().get(i).count()) {
                return new short[0];
            }
        }
        return taken;
    }

    /** Size and panes stirred to one number that tells blocks apart, whatever they look like inside. */
    private static long mark(Block block, short[] taken, boolean turns) {
        long mark = stirred(turns ? Math.min(block.width(), block.height()) : block.width())
                + 31 * stirred(turns ? Math.max(block.width(), block.height()) : block.height());
        for (int i = 0; i < taken.length; i++) {
            mark += taken[i] == 0 ? 0 : stirred(i * 65_537L + taken[i]) * 17;
        }
        return mark;
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

    private boolean fitsSheet(long width, long height, boolean turns) {
        for (long[] sheet : sheets) {
            if (width <= sheet[0] && height <= sheet[1] || turns && height <= sheet[0] && width <= sheet[1]) {
                return true;
            }
        }
        return false;
    }
}
