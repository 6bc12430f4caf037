package neatcorner.core.solve.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/**
 * So few panes that every way to share them among sheets, and every way to lay those of one sheet, can be tried: of
 * each set of panes all blocks are kept that no other of the same panes is as narrow and as low as. What comes apart by
 * cuts from edge to edge can be pushed together to such a block, so without a narrowest strip nothing cheaper is
 * possible.
 */
final class FewPanes {
    private static final int MOST = 10;
    private static final long NONE = Long.MAX_VALUE / 4;
    private final SheetProblem problem;
    private final BooleanSupplier stop;
    private final SnapRule rule;
    private final List<Integer> panes = new ArrayList<>();
    private final List<List<Block>> blocks = new ArrayList<>();
    private final long widest;
    private final long highest;

    /**
     * The cheapest sheets.
     *
     * @param exact whether nothing is cheaper
     */
    record Cheapest(List<SheetLayout> sheets, boolean exact) {
    }

    private FewPanes(SheetProblem problem, BooleanSupplier stop) {
        this.problem = problem;
        this.stop = stop;
        this.rule = SnapRule.of(problem);
        for (int i = 0; i < problem.panes().size(); i++) {
            for (int n = 0; n < problem.panes().get(i).count(); n++) {
                panes.add(i);
            }
        }
        this.widest = largest(true);
        this.highest = largest(false);
    }

    /**
     * Tries all ways; empty where there are more panes than that allows, where the sheets do not hold them, or when
     * stopped.
     */
    static Optional<Cheapest> of(SheetProblem problem, BooleanSupplier stop) {
        return problem.panes().stream().mapToLong(SheetProblem.Pane::count).sum() > MOST
                ? Optional.empty()
                : new FewPanes(problem, stop).cheapest();
    }

    private long largest(boolean across) {
        long most = 0;
        for (int k = 0; k < problem.stock().size(); k++) {
            SheetLayout.Area area = new SheetLayout(k, problem).free().getFirst();
            most = Math.max(most, across ? area.width : area.height);
        }
        return most;
    }

    private Optional<Cheapest> cheapest() {
        for (int set = 0; set < 1 << panes.size(); set++) {
            if (stop.getAsBoolean()) {
                return Optional.empty();
            }
            blocks.add(Integer.bitCount(set) == 1 ? alone(set) : joined(set));
        }
        return new Sharing().sheets().map(sheets -> new Cheapest(sheets, problem.leastStrip().isZero()));
    }

    private List<Block> alone(int set) {
        int pane = panes.get(Integer.numberOfTrailingZeros(set));
        Block upright = Block.Single.upright(problem, pane);
        return least(problem.panes().get(pane).canTurn() ? List.of(upright, upright.onItsSide()) : List.of(upright));
    }

    /** Of every way to part the set in two, the two beside and above each other; equal parts are not tried twice. */
    private List<Block> joined(int set) {
        List<Block> joined = new ArrayList<>();
        for (int part = (set - 1) & set; part > (set ^ part); part = (part - 1) & set) {
            for (Block one : blocks.get(part)) {
                for (Block other : blocks.get(set ^ part)) {
                    join(joined, one, other);
                }
            }
        }
        return least(joined);
    }

    private void join(List<Block> joined, Block one, Block other) {
        long kerf = rule.kerf();
        long wide = one.width() + kerf + other.width();
        if (wide <= widest && rule.allows(Math.abs(one.height() - other.height()))) {
            joined.add(new Block.Pair(one, other, true, wide, Math.max(one.height(), other.height())));
        }
        long high = one.height() + kerf + other.height();
        if (high <= highest && rule.allows(Math.abs(one.width() - other.width()))) {
            joined.add(new Block.Pair(one, other, false, Math.max(one.width(), other.width()), high));
        }
    }

    /** Those that no other is as narrow and as low as. */
    private static List<Block> least(List<Block> all) {
        List<Block> least = new ArrayList<>();
        long lowest = Long.MAX_VALUE;
        for (Block block : all.stream()
                .sorted(Comparator.comparingLong(Block::width).thenComparingLong(Block::height))
                .toList()) {
            if (block.height() < lowest) {
                lowest = block.height();
                least.add(block);
            }
        }
        return least;
    }

    /** Which set goes on which kind of sheet: kind by kind and sheet by sheet, the least cost of every set so far. */
    private final class Sharing {
        private long[] cost = new long[1 << panes.size()];
        private final List<int[]> taken = new ArrayList<>();
        private final List<Integer> kinds = new ArrayList<>();

        Optional<List<SheetLayout>> sheets() {
            Arrays.fill(cost, NONE);
            cost[0] = 0;
            for (int k = 0; k < problem.stock().size(); k++) {
                int most = Math.min(panes.size(), problem.stock().get(k).count().orElse(panes.size()));
                boolean[] fits = fits(k);
                for (int n = 0; n < most && !stop.getAsBoolean(); n++) {
                    another(k, fits);
                }
            }
            return stop.getAsBoolean() || cost[cost.length - 1] >= NONE ? Optional.empty() : Optional.of(laid());
        }

        private boolean[] fits(int kind) {
            boolean[] fits = new boolean[cost.length];
            for (int set = 1; set < fits.length; set++) {
                fits[set] = new SheetLayout(kind, problem).placeFirst(blocks.get(set));
            }
            return fits;
        }

        private void another(int kind, boolean[] fits) {
            long[] next = cost.clone();
            int[] sets = new int[cost.length];
            long price = problem.stock().get(kind).cost();
            for (int set = 1; set < cost.length; set++) {
                for (int part = set; part > 0; part = (part - 1) & set) {
                    if (fits[part] && cost[set ^ part] + price < next[set]) {
                        next[set] = cost[set ^ part] + price;
                        sets[set] = part;
                    }
                }
            }
            cost = next;
            taken.add(sets);
            kinds.add(kind);
        }

        private List<SheetLayout> laid() {
            List<SheetLayout> sheets = new ArrayList<>();
            int left = cost.length - 1;
            for (int i = taken.size() - 1; i >= 0; i--) {
                int set = taken.get(i)[left];
                if (set > 0) {
                    SheetLayout sheet = new SheetLayout(kinds.get(i), problem);
                    sheet.placeFirst(blocks.get(set));
                    sheets.add(sheet);
                    left ^= set;
                }
            }
            return sheets;
        }
    }
}
