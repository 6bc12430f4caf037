package neatcorner.core.solve.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.Chance;
import neatcorner.core.solve.Divisor;

/**
 * The cheapest sheets for the panes of a {@link SheetProblem}, cut from edge to edge.
 *
 * <ol>
 *   <li>A quick answer: panes in several orders, each into the free rectangle that suits it best, which is
 *       then cut apart along its shorter or its longer rest; the best of all such ways.</li>
 *   <li>Of few panes every way is tried, which proves the cheapest where no strip is too narrow
 *     ({@link FewPanes}).</li>
 *   <li>Panes with an equal or nearly equal side are joined to blocks ({@link BlockSearch}), and the blocks
 *       laid in the same way: layouts that leave nothing over are found so. Where there are too many blocks,
 *       rounds with more and other ones follow.</li>
 *   <li>Where the area of all panes is that of one sheet, a block goes along one of its edges and the panes left are
 *     gathered anew for the rest ({@link Peeling}); of sheets filled with blocks, the two emptiest are tried as
 *     one.</li>
 *   <li>Orders are shuffled a little, again and again from the best so far.</li>
 *   <li>The bound: what the area costs when none is lost but to kerfs, how many panes there are of which no two can
 *       share a sheet, and the cheapest sheet for a pane that few hold. Nothing more is proven, but of few panes.</li>
 * </ol>
 *
 * <p>Best is: least cost, then the largest rectangle left over. Same problem, same answers in the same order;
 * only when it is stopped may differ. Everything runs on the calling thread.
 */
public final class SheetSolver {
    private static final int MOST_SHUFFLES = 30_000;
    private static final int SHUFFLES_A_ROUND = 400;
    private static final int MOST_ROUNDS = 80;
    /** When all panes may go on one sheet, blocks are laid in order only so often. */
    private static final int FIRST_ROUNDS = 2;
    private static final int FILLINGS = 2;
    /** When nothing cheaper is possible, a larger rest is looked for only so long. */
    private static final int IDLE_WHEN_PROVEN = 1_500;
    /** With more ways to fill a side it is as good as filled. */
    private static final int MOST_SUMS = 20_000;
    private final SheetProblem problem;
    private final BooleanSupplier stop;
    private final Consumer<SheetAnswer> better;
    private final long kerf;
    private long bound;
    private List<SheetLayout> best = List.of();
    private long bestCost = Long.MAX_VALUE;
    private double bestRest;
    private final Chance chance = new Chance();

    private SheetSolver(SheetProblem problem, BooleanSupplier stop, Consumer<SheetAnswer> better) {
        this.problem = problem;
        this.stop = stop;
        this.better = better;
        this.kerf = problem.kerf().nanometres();
        this.bound = bound();
    }

    /**
     * Solves a problem.
     *
     * @param stop   asked often; once it says yes, the best answer so far is returned soon
     * @param better told of every better answer, on the calling thread
     * @return the best answer found; empty when there are not enough sheets
     */
    public static Optional<SheetAnswer> solve(
            SheetProblem problem, BooleanSupplier stop, Consumer<SheetAnswer> better) {
        SheetSolver solver = new SheetSolver(problem, stop, better);
        solver.quick();
        solver.improve();
        return solver.answer();
    }

    /** The answer of simple rules, within milliseconds. */
    public static Optional<SheetAnswer> quick(SheetProblem problem) {
        SheetSolver solver = new SheetSolver(problem, () -> true, _ -> { });
        solver.quick();
        return solver.answer();
    }

    private List<Block> panes() {
        List<Block> panes = new ArrayList<>();
        for (int i = 0; i < problem.panes().size(); i++) {
            for (int n = 0; n < problem.panes().get(i).count(); n++) {
                panes.add(Block.Single.upright(problem, i));
            }
        }
        return panes;
    }

    private void quick() {
        tryOrders(panes());
    }

    private void tryOrders(List<Block> blocks) {
        for (ToDoubleFunction<Block> order : List.<ToDoubleFunction<Block>>of(
                b -> (double) b.width() * b.height(),
                b -> Math.max(b.width(), b.height()),
                b -> Math.min(b.width(), b.height()),
                b -> b.height(),
                b -> b.width())) {
            tryAll(blocks.stream().sorted(Comparator.comparingDouble(order).reversed()).toList());
        }
    }

    private void tryAll(List<Block> order) {
        for (Fit fit : Fit.values()) {
            for (SheetLayout.Split split : SheetLayout.Split.values()) {
                laid(order, fit, split).ifPresent(this::found);
            }
        }
    }

    private void improve() {
        if (isDone()) {
            return;
        }
        FewPanes.of(problem, stop).ifPresent(few -> {
            found(few.sheets());
            bound = few.exact() ? bestCost : bound;
        });
        BlockSearch blocks = new BlockSearch(problem, this::isDone);
        List<Block> order = new ArrayList<>(panes().stream()
                .sorted(Comparator.comparingDouble((Block b) -> (double) b.width() * b.height())
                        .reversed())
                .toList());
        List<Peeling> alone = IntStream.range(0, problem.stock().size())
                .mapToObj(stock -> new Peeling(problem, stock, this::isDone))
                .filter(Peeling::isLargeEnough)
                .toList();
        for (int round = 0; round < MOST_ROUNDS && (round == 0 || bestCost > bound) && !isDone(); round++) {
            blocks.gather(round);
            alone.forEach(sheet -> onOne(blocks, sheet));
            if (alone.isEmpty() || round < FIRST_ROUNDS) {
                lay(blocks, round);
            }
            order = shuffled(order, SHUFFLES_A_ROUND);
        }
        shuffled(order, bestCost > bound ? MOST_SHUFFLES : IDLE_WHEN_PROVEN);
    }

    /** All panes on one sheet that is cheaper than what was found. */
    private void onOne(BlockSearch blocks, Peeling sheet) {
        if (problem.stock().get(sheet.stock()).cost() < bestCost && !isDone()) {
            sheet.lay(blocks).ifPresent(layout -> found(List.of(layout)));
        }
    }

    /** Blocks one after the other, then sheets filled with them. */
    private void lay(BlockSearch blocks, int round) {
        blocks.tell(this::tryOrders);
        BlockFilling filling = new BlockFilling(problem, blocks.largest(), this::isDone);
        for (int i = 0; i < FILLINGS && !isDone(); i++) {
            filling.fill(FILLINGS * round + i).ifPresent(sheets -> {
                found(sheets);
                emptiestOnOne(sheets);
            });
        }
    }

    /** The panes of the two sheets that are covered least on one of them. */
    private void emptiestOnOne(List<SheetLayout> sheets) {
        List<SheetLayout> byCover = sheets.stream().sorted(Comparator.comparingDouble(this::covered)).toList();
        if (byCover.size() < 2 || isDone()) {
            return;
        }
        int[] counts = new int[problem.panes().size()];
        byCover.stream()
                .limit(2)
                .flatMap(sheet -> sheet.laid().panes().stream())
                .forEach(placed -> counts[placed.pane()]++);
        byCover.stream().limit(2).map(SheetLayout::stock).distinct()
                .flatMap(stock -> SheetRest.onOne(problem, counts, stock, this::isDone).stream())
                .forEach(one -> found(Stream.concat(Stream.of(one), byCover.stream().skip(2)).toList()));
    }

    private double covered(SheetLayout sheet) {
        return sheet.laid().panes().stream().map(placed -> problem.panes().get(placed.pane()))
                .mapToDouble(pane -> pane.width().toMm() * pane.height().toMm()).sum() / sheet.area();
    }

    /** Panes laid in other orders, until so many in a row gained nothing; returns the best order. */
    private List<Block> shuffled(List<Block> from, int mostIdle) {
        List<Block> order = from;
        for (int idle = 0; idle < mostIdle && !isDone() && order.size() > 1; idle++) {
            List<Block> other = new ArrayList<>(order);
            for (int swaps = 1 + chance.below(3); swaps > 0; swaps--) {
                int at = chance.below(other.size());
                other.add(chance.below(other.size()), other.remove(at));
            }
            Fit fit = Fit.values()[chance.below(Fit.values().length)];
            SheetLayout.Split split = SheetLayout.Split.values()[chance.below(SheetLayout.Split.values().length)];
            Optional<List<SheetLayout>> tried = laid(other, fit, split);
            if (tried.isPresent() && found(tried.get())) {
                idle = 0;
                order = other;
            }
        }
        return order;
    }

    /**
     * Nothing cheaper is possible, and what is left over on the last sheet cannot be more than the area that is not
     * used.
     */
    private boolean isDone() {
        return stop.getAsBoolean() || bestCost <= bound && bestRest >= leftInAll() - 1e12;
    }

    private double leftInAll() {
        double left = 0;
        for (SheetLayout layout : best) {
            SheetProblem.Stock sheet = problem.stock().get(layout.stock());
            left += sheet.width().minus(problem.trim().times(2)).nanometres()
                    * (double) sheet.height().minus(problem.trim().times(2)).nanometres();
        }
        return left - problem.paneArea() * 1e12;
    }

    /** Which free rectangle a pane goes to. */
    private enum Fit {
        AREA, SHORT_SIDE, LONG_SIDE, CORNER;

        double badness(SheetLayout.Area area, long width, long height) {
            double right = area.width - width;
            double up = area.height - height;
            return switch (this) {
                case AREA -> (double) area.width * area.height - (double) width * height;
                case SHORT_SIDE -> Math.min(right, up);
                case LONG_SIDE -> Math.max(right, up);
                case CORNER -> area.y * 1e3 + area.x;
            };
        }
    }

    private Optional<List<SheetLayout>> laid(List<Block> order, Fit fit, SheetLayout.Split split) {
        List<SheetLayout> sheets = new ArrayList<>();
        int[] left = problem.stock().stream().mapToInt(s -> s.count().orElse(Integer.MAX_VALUE)).toArray();
        long cost = 0;
        for (Block block : order) {
            if (!best.isEmpty() && stop.getAsBoolean()) {
                return Optional.empty();
            }
            if (!placed(sheets, block, fit, split)) {
                Optional<SheetLayout> fresh = fresh(left, block);
                if (fresh.isEmpty() || cost + problem.stock().get(fresh.get().stock()).cost() > bestCost) {
                    return Optional.empty();
                }
                cost += problem.stock().get(fresh.get().stock()).cost();
                left[fresh.get().stock()]--;
                sheets.add(fresh.get());
                if (!placed(List.of(fresh.get()), block, fit, split)) {
                    return Optional.empty();
                }
            }
        }
        return Optional.of(sheets);
    }

    private boolean placed(List<SheetLayout> sheets, Block block, Fit fit, SheetLayout.Split split) {
        SheetLayout where = null;
        SheetLayout.Area best = null;
        Block how = block;
        double least = Double.MAX_VALUE;
        boolean turns = canTurn(block);
        for (SheetLayout sheet : sheets) {
            for (SheetLayout.Area area : sheet.free()) {
                if (sheet.fits(area, block.width(), block.height())
                        && fit.badness(area, block.width(), block.height()) < least) {
                    least = fit.badness(area, block.width(), block.height());
                    where = sheet;
                    best = area;
                    how = block;
                }
                if (turns
                        && sheet.fits(area, block.height(), block.width())
                        && fit.badness(area, block.height(), block.width()) < least) {
                    least = fit.badness(area, block.height(), block.width());
                    where = sheet;
                    best = area;
                    how = block.onItsSide();
                }
            }
        }
        if (where == null || best == null || how == null) {
            return false;
        }
        where.place(best, how, split.upperFirst(best, how));
        return true;
    }

    private boolean canTurn(Block block) {
        return block.all(pane -> problem.panes().get(pane).canTurn());
    }

    /**
     * What is on the rack before what is bought, the smallest that holds the block; of what is bought the cheapest for
     * its area.
     */
    private Optional<SheetLayout> fresh(int[] left, Block block) {
        SheetLayout chosen = null;
        double least = Double.MAX_VALUE;
        for (int k = 0; k < left.length; k++) {
            SheetProblem.Stock sheet = problem.stock().get(k);
            if (left[k] > 0) {
                SheetLayout layout = new SheetLayout(k, problem);
                SheetLayout.Area area = layout.free().getFirst();
                double worth = sheet.cost() == 0
                        ? area.width * 1e-12 * area.height
                        : 1e9 + sheet.cost() / ((double) area.width * area.height) * 1e18;
                if (worth < least
                        && (layout.fits(area, block.width(), block.height())
                                || canTurn(block) && layout.fits(area, block.height(), block.width()))) {
                    least = worth;
                    chosen = layout;
                }
            }
        }
        return Optional.ofNullable(chosen);
    }

    private boolean found(List<SheetLayout> sheets) {
        long cost = sheets.stream().mapToLong(s -> problem.stock().get(s.stock()).cost()).sum();
        double rest = sheets.stream().mapToDouble(SheetLayout::largestFree).max().orElse(0);
        if (cost < bestCost
                || cost == bestCost
                        && (sheets.size() < best.size() || sheets.size() == best.size() && rest > bestRest)) {
            if (!SheetCheck.isLegal(
                    problem,
                    new SheetAnswer(sheets.stream().map(SheetLayout::laid).toList(), cost, Math.min(bound, cost)))) {
                return false;
            }
            bestCost = cost;
            bestRest = rest;
            best = sheets;
            answer().ifPresent(better);
            return true;
        }
        return false;
    }

    private Optional<SheetAnswer> answer() {
        return best.isEmpty()
                ? Optional.empty()
                : Optional.of(new SheetAnswer(
                        best.stream().map(SheetLayout::laid).toList(), bestCost, Math.min(bound, bestCost)));
    }

    /**
     * The greatest of what the area costs, what panes cost that cannot share a sheet, and what one costs that few
     * sheets hold.
     */
    private long bound() {
        double area = 0;
        for (SheetProblem.Pane pane : problem.panes()) {
            area += pane.roomTaken(kerf) * pane.count();
        }
        double cost = 0;
        List<SheetProblem.Stock> byPrice = problem.stock().stream()
                .sorted(Comparator.comparingDouble(s -> s.cost() / room(s)))
                .toList();
        for (SheetProblem.Stock sheet : byPrice) {
            double used = Math.min(area, sheet.count().map(n -> n * room(sheet)).orElse(Double.MAX_VALUE));
            cost += used / room(sheet) * sheet.cost();
            area -= used;
        }
        long step = problem.stock().stream().mapToLong(SheetProblem.Stock::cost).reduce(0, Divisor::common);
        long byArea = step == 0 ? 0 : (long) Math.ceil(cost / step - 1e-6) * step;
        return Math.max(Math.max(byArea, large()), scarce());
    }

    /** A pane that no sheet on the rack holds costs the cheapest that does. */
    private long scarce() {
        return problem.panes().stream()
                .mapToLong(pane -> problem.stock().stream()
                        .filter(sheet ->
                                SheetProblem.fits(pane, sheet, problem.kerf(), problem.trim(), problem.leastStrip()))
                        .mapToLong(SheetProblem.Stock::cost)
                        .min()
                        .orElse(0))
                .max()
                .orElse(0);
    }

    /**
     * What panes can cover of a sheet: its sides are never filled further than sides of panes add up to (Christofides
     * and Whitlock, 1977).
     */
    private double room(SheetProblem.Stock sheet) {
        return (double) filled(sheet.width(), false) * filled(sheet.height(), true);
    }

    private long filled(Length side, boolean upright) {
        long whole = Math.max(1, side.minus(problem.trim().times(2)).nanometres() + kerf);
        Set<Long> sums = new HashSet<>(Set.of(0L));
        long most = 1;
        for (SheetProblem.Pane pane : problem.panes()) {
            for (boolean height : pane.canTurn() ? new boolean[] {false, true} : new boolean[] {upright}) {
                long step = (height ? pane.height() : pane.width()).nanometres() + kerf;
                for (int n = 0; n < pane.count(); n++) {
                    List<Long> more = sums.stream()
                            .map(sum -> sum + step)
                            .filter(sum -> sum <= whole && !sums.contains(sum))
                            .toList();
                    if (more.isEmpty()) {
                        break;
                    }
                    sums.addAll(more);
                    most = Math.max(most, Collections.max(more));
                    if (sums.size() > MOST_SUMS || most == whole) {
                        return whole;
                    }
                }
            }
        }
        return most;
    }

    /** Panes of which no two can share a sheet, gathered from the largest down: each costs a sheet. */
    private long large() {
        List<SheetProblem.Pane> apart = new ArrayList<>();
        long gathered = 0;
        for (SheetProblem.Pane pane : problem.panes().stream()
                .sorted(Comparator.comparingDouble(
                        (SheetProblem.Pane p) -> -p.width().toMm() * p.height().toMm()))
                .toList()) {
            if (apart.stream().noneMatch(other -> canShare(pane, other))) {
                apart.add(pane);
                gathered += canShare(pane, pane) ? 1 : pane.count();
            }
        }
        long count = gathered;
        List<Long> costs = new ArrayList<>();
        problem.stock().stream().sorted(Comparator.comparingLong(SheetProblem.Stock::cost)).forEach(s -> {
            for (int n = 0; n < Math.min(count, s.count().orElse(Integer.MAX_VALUE)) && costs.size() < count; n++) {
                costs.add(s.cost());
            }
        });
        return costs.stream().mapToLong(c -> c).sum();
    }

    /** Two panes on one sheet are parted by one cut from edge to edge. */
    private boolean canShare(SheetProblem.Pane one, SheetProblem.Pane other) {
        for (SheetProblem.Stock sheet : problem.stock()) {
            long wide = sheet.width().minus(problem.trim().times(2)).nanometres();
            long high = sheet.height().minus(problem.trim().times(2)).nanometres();
            for (long[] a : lies(one)) {
                for (long[] b : lies(other)) {
                    boolean beside = a[0] + kerf + b[0] <= wide && Math.max(a[1], b[1]) <= high;
                    boolean above = a[1] + kerf + b[1] <= high && Math.max(a[0], b[0]) <= wide;
                    if (beside || above) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    private static List<long[]> lies(SheetProblem.Pane pane) {
        long[] upright = {pane.width().nanometres(), pane.height().nanometres()};
        return pane.canTurn() ? List.of(upright, new long[] {upright[1], upright[0]}) : List.of(upright);
    }
}
