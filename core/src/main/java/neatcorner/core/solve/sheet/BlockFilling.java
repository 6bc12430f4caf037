package neatcorner.core.solve.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * Fills one sheet after the other with blocks: into each free rectangle goes the largest block that fits it, in
 * an order that is shaken more from try to try; the sheet that was filled best stays.
 */
final class BlockFilling {
    /** Orders tried for a sheet, each with every way to cut off the rests. */
    private static final int ORDERS = 24;
    private final SheetProblem problem;
    private final List<BlockSearch.Joined> blocks;
    private final BooleanSupplier stop;

    BlockFilling(SheetProblem problem, List<BlockSearch.Joined> blocks, BooleanSupplier stop) {
        this.problem = problem;
        this.blocks = blocks;
        this.stop = stop;
    }

    /** A sheet with what is left over of the panes when it is cut, and how much of it they cover, 0 to 1. */
    private record Filled(
            SheetLayout sheet, List<BlockSearch.Joined> order, SheetLayout.Split split, int[] left, double share) {}

    /**
     * Fills sheets until all panes have a place.
     *
     * @param seed another one, another answer
     * @return the sheets; empty when there are not enough or when it was stopped
     */
    Optional<List<SheetLayout>> fill(int seed) {
        List<SheetLayout> sheets = new ArrayList<>();
        int[] left = problem.panes().stream().mapToInt(SheetProblem.Pane::count).toArray();
        int[] stock = problem.stock().stream().mapToInt(s -> s.count().orElse(Integer.MAX_VALUE)).toArray();
        while (Arrays.stream(left).anyMatch(n -> n > 0)) {
            @Nullable Filled best = null;
            for (int order = 0; order < ORDERS && !stop.getAsBoolean(); order++) {
                Filled filled = best(
                        order(seed * 1_000L + sheets.size() * ORDERS + order, (double) order / ORDERS), left, stock);
                best = filled != null && (best == null || worth(filled) > worth(best)) ? filled : best;
            }
            if (best == null) {
                return Optional.empty();
            }
            for (Filled again = best;
                    again.share >= best.share && stock[best.sheet.stock()] > 0;
                    again = filled(
                            new SheetLayout(best.sheet.stock(), problem), best.order, best.split, left.clone())) {
                stock[best.sheet.stock()]--;
                sheets.add(again.sheet);
                left = again.left;
            }
        }
        return Optional.of(sheets);
    }

    private List<BlockSearch.Joined> order(long seed, double shake) {
        return blocks.stream()
                .sorted(Comparator.comparingDouble(b -> -b.area() * (1 - shake * BlockSearch.shaken(b.mark() + seed))))
                .toList();
    }

    /** What is on the rack before what is bought, then what is covered for the money. */
    private double worth(Filled filled) {
        long cost = problem.stock().get(filled.sheet.stock()).cost();
        return cost == 0 ? 1 + filled.share : filled.share * filled.sheet.area() / cost * 1e-18;
    }

    private @Nullable Filled best(List<BlockSearch.Joined> order, int[] left, int[] stock) {
        @Nullable Filled best = null;
        for (int k = 0; k < stock.length; k++) {
            for (SheetLayout.Split split : SheetLayout.Split.values()) {
                Filled filled = stock[k] > 0 ? filled(new SheetLayout(k, problem), order, split, left.clone()) : null;
                best = filled != null && filled.share > 0 && (best == null || worth(filled) > worth(best))
                        ? filled
                        : best;
            }
        }
        return best;
    }

    private Filled filled(SheetLayout sheet, List<BlockSearch.Joined> order, SheetLayout.Split split, int[] left) {
        double whole = sheet.area();
        double covered = 0;
        List<SheetLayout.Area> full = new ArrayList<>();
        while (full.size() < sheet.free().size()) {
            SheetLayout.Area area = sheet.free().stream()
                    .filter(a -> !full.contains(a))
                    .max(Comparator.comparingDouble(SheetLayout.Area::size))
                    .orElseThrow();
            Block block = first(sheet, area, order, left);
            if (block == null) {
                full.add(area);
            } else {
                covered += (double) block.width() * block.height();
                sheet.place(area, block, split.upperFirst(area, block));
            }
        }
        return new Filled(sheet, order, split, left, covered / whole);
    }

    /** The first in the order that there are panes for and that fits, taken from what is left; null when none does. */
    private static @Nullable Block first(
            SheetLayout sheet, SheetLayout.Area area, List<BlockSearch.Joined> order, int[] left) {
        for (BlockSearch.Joined joined : order) {
            Block block = joined.block();
            boolean lies = sheet.fits(area, block.width(), block.height());
            if ((lies || joined.turns() && sheet.fits(area, block.height(), block.width()))
                    && BlockSearch.isLeft(joined.taken(), left)) {
                for (int i = 0; i < left.length; i++) {
                    left[i] -= joined.taken()[i];
                }
                return lies ? block : block.onItsSide();
            }
        }
        return null;
    }
}
