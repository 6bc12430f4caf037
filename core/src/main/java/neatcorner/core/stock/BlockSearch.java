package neatcorner.core.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Joins panes into larger blocks without any waste, two with an equal side at a time (the bottom-up way of
 * Wang, Two Algorithms for Constrained Two-Dimensional Cutting Stock Problems, 1983, as a beam search).
 * A side that few others share is likelier to be a cut of a perfect layout, so such joints are tried first.
 */
final class BlockSearch {
    private static final boolean[] BOTH = {false, true};
    private static final boolean[] UPRIGHT = {false};
    /** From so few blocks on they are laid out to see whether they fit. */
    private static final int FEW = 8;
    private static final int TOLD = 20;
    /** What a block without a neighbour counts, against joints that may be chance, in turn from round to round. */
    private static final double[] ALONE = {2, 0.7, 3.5, 1.3};
    /** How much rounds differ. */
    private static final double NOISE = 4;
    /** Joints looked at more closely, for each place in the beam. */
    private static final long CLOSER = 4;
    private final SheetProblem problem;
    private final long kerf;
    private final BooleanSupplier stop;
    private final boolean allTurn;
    private final boolean someTurn;
    private final List<long[]> sheets;

    BlockSearch(SheetProblem problem, BooleanSupplier stop) {
        this.problem = problem;
        this.kerf = problem.kerf().nanometres();
        this.stop = stop;
        this.allTurn = problem.panes().stream().allMatch(SheetProblem.Pane::canTurn);
        this.someTurn = problem.panes().stream().anyMatch(SheetProblem.Pane::canTurn);
        this.sheets = problem.stock().stream().map(s -> new long[] {s.width().minus(problem.trim().times(2)).nanometres(),
            s.height().minus(problem.trim().times(2)).nanometres()}).toList();
    }

    /** A way to have joined some panes; {@code doubt} grows with every joint that may be chance. */
    private record State(Block[] blocks, long mark, double doubt, double largest) {
    }

    /** A joint that could be made next. */
    private record Joint(State from, int one, int other, Block.Pair pair, long mark, double doubt) {
        State made() {
            Block[] blocks = new Block[from.blocks.length - 1];
            int at = 0;
            for (int i = 0; i < from.blocks.length; i++) {
                if (i != other) {
                    blocks[at++] = i == one ? pair : from.blocks[i];
                }
            }
            return new State(blocks, mark, doubt, area(pair));
        }
    }

    private static double area(Block block) {
        return (double) block.width() * block.height();
    }

    /** Sizes stirred so that their sum tells lists of blocks apart, whatever their order. */
    private static long mark(long width, long height) {
        long mixed = Math.min(width, height) * 0x9E3779B97F4A7C15L + Math.max(width, height) * 0xC2B2AE3D27D4EB4FL;
        mixed = (mixed ^ mixed >>> 29) * 0xBF58476D1CE4E5B9L;
        return mixed ^ mixed >>> 32;
    }

    /**
     * Searches with a beam of this width.
     *
     * @param round decides the ranking; from the fifth on each is shaken a little in its own way
     * @param found told of block lists that nothing more can be joined of, and of the likeliest of the last few joints
     */
    void search(List<Block> panes, int beam, int round, Consumer<List<Block>> found) {
        double lonely = ALONE[round % ALONE.length];
        long mark = 0;
        for (Block pane : panes) {
            mark += mark(pane.width(), pane.height());
        }
        List<State> level = List.of(new State(panes.toArray(Block[]::new), mark, 0, 0));
        while (!level.isEmpty()) {
            Map<Long, Joint> next = new HashMap<>();
            for (State state : level) {
                if (stop.getAsBoolean()) {
                    return;
                }
                joints(state, next);
            }
            if (next.isEmpty() || level.getFirst().blocks.length <= FEW) {
                level.stream().limit(TOLD).forEach(s -> found.accept(List.of(s.blocks)));
            }
            level = next.values().stream().sorted(Comparator.comparingDouble(Joint::doubt).thenComparingLong(Joint::mark)).limit(beam * CLOSER).map(Joint::made)
                    .sorted(Comparator.comparingDouble((State s) -> s.doubt + lonely * alone(s) + noise(s.mark(), round)).thenComparingLong(State::mark)).limit(beam).toList();
        }
    }

    /** The same for the same blocks and round; none in the first rounds. */
    private static double noise(long mark, int round) {
        long mixed = (mark + round * 0x9E3779B97F4A7C15L) * 0xBF58476D1CE4E5B9L;
        return round < ALONE.length ? 0 : NOISE * ((mixed ^ mixed >>> 31) >>> 11) * 0x1.0p-53;
    }

    /** Blocks that share a side with no other: they wait for a neighbour that has to be made yet, or will never have one. */
    private static int alone(State state) {
        long[] sides = new long[2 * state.blocks.length];
        int at = 0;
        for (Block block : state.blocks) {
            sides[at++] = block.width();
            sides[at++] = block.height() == block.width() ? -at : block.height();
        }
        Arrays.sort(sides);
        int alone = 0;
        for (Block block : state.blocks) {
            alone += isSingle(sides, block.width()) && isSingle(sides, block.height()) ? 1 : 0;
        }
        return alone;
    }

    private static boolean isSingle(long[] sorted, long side) {
        int at = Arrays.binarySearch(sorted, side);
        return at < 0 || (at == 0 || sorted[at - 1] != side) && (at == sorted.length - 1 || sorted[at + 1] != side);
    }

    /**
     * Every way to join two blocks of a state exactly. Joints are made in the order of their area, so that one
     * and the same layout is not built up in many orders.
     */
    private void joints(State state, Map<Long, Joint> next) {
        Map<Long, List<Integer>> bySide = new HashMap<>();
        for (int i = 0; i < state.blocks.length; i++) {
            Block block = state.blocks[i];
            bySide.computeIfAbsent(block.width(), _ -> new ArrayList<>()).add(i);
            if (block.height() != block.width()) {
                bySide.computeIfAbsent(block.height(), _ -> new ArrayList<>()).add(i);
            }
        }
        bySide.forEach((side, sharing) -> {
            for (int a = 0; a < sharing.size(); a++) {
                for (int b = a + 1; b < sharing.size(); b++) {
                    join(state, sharing.get(a), sharing.get(b), side, Math.log(sharing.size() * (double) sharing.size()), next);
                }
            }
        });
    }

    private void join(State state, int i, int j, long side, double doubt, Map<Long, Joint> next) {
        Block one = state.blocks[i];
        Block other = state.blocks[j];
        for (boolean turnOne : turns(one)) {
            for (boolean turnOther : turns(other)) {
                for (boolean beside : BOTH) {
                    boolean shares = (beside == turnOne ? one.width() : one.height()) == side && (beside == turnOther ? other.width() : other.height()) == side;
                    long along = (beside == turnOne ? one.height() : one.width()) + kerf + (beside == turnOther ? other.height() : other.width());
                    long width = beside ? along : side;
                    long height = beside ? side : along;
                    if (shares && (double) width * height >= state.largest && fitsSheet(width, height, canTurn(one) && canTurn(other))) {
                        long mark = state.mark - mark(one.width(), one.height()) - mark(other.width(), other.height()) + mark(width, height);
                        Joint known = next.get(mark);
                        if (known == null || known.doubt > state.doubt + doubt) {
                            Block.Pair pair = Block.Pair.of(turnOne ? one.onItsSide() : one, turnOther ? other.onItsSide() : other, beside, kerf);
                            next.put(mark, new Joint(state, i, j, pair, mark, state.doubt + doubt));
                        }
                    }
                }
            }
        }
    }

    private boolean[] turns(Block block) {
        return canTurn(block) && block.width() != block.height() ? BOTH : UPRIGHT;
    }

    /** Whether all panes of a block may be turned. */
    private boolean canTurn(Block block) {
        return allTurn || someTurn && switch (block) {
            case Block.Single single -> problem.panes().get(single.pane()).canTurn();
            case Block.Pair pair -> canTurn(pair.first()) && canTurn(pair.second());
        };
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
