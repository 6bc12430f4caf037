package neatcorner.core.solve.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/**
 * All panes of a problem on one sheet. A layout cut from edge to edge begins with a cut that parts the sheet; so a
 * block goes on it that reaches from one edge to the other, and the panes that are left are gathered anew for the
 * rectangle that is left. Of half as many panes far more blocks can be looked at.
 */
final class Peeling {
    /** The first block takes no less than this part of the panes and leaves no less. */
    private static final int LEAST_PART = 4;
    /** Rests are searched for so many times as long as the blocks were. */
    private static final int PATIENCE = 12;
    /** What a rest costs to begin with, in joints. */
    private static final int BEGINNING = 20_000;
    private final SheetProblem problem;
    private final int stock;
    private final BooleanSupplier stop;
    private final Set<List<SheetProblem.Pane>> tried = new HashSet<>();
    private long gathered;

    /**
     * A block along an edge of a sheet, and what is left.
     *
     * @param block as it lies
     * @param above whether the rest lies above it, else beside it
     */
    private record Peeled(Block block, boolean above, SheetRest rest) {
        private List<SheetProblem.Pane> panes() {
            return rest.problem().panes();
        }
    }

    /** @param stock the kind of sheet */
    Peeling(SheetProblem problem, int stock, BooleanSupplier stop) {
        this.problem = problem;
        this.stock = stock;
        this.stop = stop;
    }

    int stock() {
        return stock;
    }

    /** Whether the sheet is as large as all panes together and there is one. */
    boolean isLargeEnough() {
        return problem.stock().get(stock).count().orElse(1) > 0
                && problem.paneArea() * 1e12 <= new SheetLayout(stock, problem).area();
    }

    /**
     * Lays all panes on one sheet. No rest is searched twice, however often it is called.
     *
     * @param blocks with what it gathered of this problem
     * @return the sheet; empty when no way was found, which proves nothing
     */
    Optional<SheetLayout> lay(BlockSearch blocks) {
        Optional<SheetLayout> whole = blocks.withAll().flatMap(this::alone);
        if (whole.isPresent()) {
            return whole;
        }
        long patience = PATIENCE * (blocks.tried() - gathered);
        gathered = blocks.tried();
        for (Peeled peeled : peeled(blocks)) {
            if (patience < 0 || stop.getAsBoolean()) {
                return Optional.empty();
            }
            tried.add(peeled.panes());
            BlockSearch inRest = peeled.rest.gathered(stop);
            Optional<SheetLayout> laid = inRest.withAll().flatMap(rest -> laid(peeled, rest));
            if (laid.isPresent()) {
                return laid;
            }
            patience -= inRest.tried() + BEGINNING;
        }
        return Optional.empty();
    }

    private Optional<SheetLayout> alone(BlockSearch.Joined all) {
        SheetLayout layout = new SheetLayout(stock, problem);
        return layout.placeFirst(all.lies()) ? Optional.of(layout) : Optional.empty();
    }

    private Optional<SheetLayout> laid(Peeled peeled, BlockSearch.Joined rest) {
        SheetLayout layout = new SheetLayout(stock, problem);
        layout.place(layout.free().getFirst(), peeled.block, peeled.above);
        return layout.placeFirst(peeled.rest.inWhole(rest)) ? Optional.of(layout) : Optional.empty();
    }

    /** For every number of panes left in turn what leaves most to spare. */
    private List<Peeled> peeled(BlockSearch blocks) {
        List<Peeled> all = new ArrayList<>();
        SheetLayout.Area sheet = new SheetLayout(stock, problem).free().getFirst();
        for (BlockSearch.Joined joined : blocks.all()) {
            if (stop.getAsBoolean()) {
                return List.of();
            }
            for (Block block : joined.lies()) {
                peeled(joined, block, sheet, true).ifPresent(all::add);
                peeled(joined, block, sheet, false).ifPresent(all::add);
            }
        }
        all.sort(Comparator.comparingDouble((Peeled peeled) -> peeled.rest.share()).reversed());
        Map<Integer, Integer> alike = new HashMap<>();
        Set<List<SheetProblem.Pane>> known = new HashSet<>(tried);
        Map<Peeled, Integer> turns = new HashMap<>();
        all.removeIf(peeled -> !known.add(peeled.panes()));
        all.forEach(peeled -> turns.put(peeled, alike.merge(peeled.panes().size(), 1, Integer::sum)));
        all.sort(Comparator.comparingInt(turns::get));
        return all;
    }

    private Optional<Peeled> peeled(BlockSearch.Joined joined, Block block, SheetLayout.Area sheet, boolean above) {
        SnapRule rule = SnapRule.of(problem);
        long across = above ? sheet.width - block.width() : sheet.height - block.height();
        long along = (above ? sheet.height - block.height() : sheet.width - block.width()) - rule.kerf();
        if (across < 0 || !rule.allows(across) || along < rule.least() || along <= 0) {
            return Optional.empty();
        }
        return rest(joined, block, above, above ? sheet.width : along, above ? along : sheet.height);
    }

    private Optional<Peeled> rest(BlockSearch.Joined joined, Block block, boolean above, long width, long height) {
        int[] counts = new int[joined.taken().length];
        int taken = 0;
        int left = 0;
        for (int i = 0; i < counts.length; i++) {
            counts[i] = problem.panes().get(i).count() - joined.taken()[i];
            taken += joined.taken()[i];
            left += counts[i];
        }
        return Math.min(taken, left) * LEAST_PART < taken + left ? Optional.empty()
                : SheetRest.of(problem, counts, width, height).map(rest -> new Peeled(block, above, rest));
    }
}
