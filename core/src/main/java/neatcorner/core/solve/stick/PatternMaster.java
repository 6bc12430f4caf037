package neatcorner.core.solve.stick;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;

/**
 * The least cost of making what is left when patterns may be cut a broken number of times: column
 * generation (Gilmore and Gomory, A Linear Programming Approach to the Cutting-Stock Problem, 1961) over
 * a revised simplex that keeps the inverse of its basis.
 *
 * <p>Rows: for every kind of piece, as many as wanted or more; for every limited stick, as many as there
 * are or fewer. The start is one artificial column for every kind, dearer than a stick for every piece:
 * one may push many others off a stick that costs nothing, and still must not be left unmade.
 */
final class PatternMaster {
    private static final double EPS = 1e-7;
    private final StickModel model;
    private final Filling filling;
    private final long[] priceOfStock;
    private final int[] left;
    private final int[] sticks;
    private final int[] rowOfKind;
    private final int[] rowOfStock;
    private final int rows;
    private final double[][] inverse;
    private final double[] amounts;
    private final double[] costs;
    private final Pattern[] basis;
    private final double artificial;
    private final List<Pattern> pool;
    private final List<Pattern> usable;
    private final Rule rule;
    private boolean proven = true;

    /**
     * What must hold of the pieces of a place besides their room; whatever it refuses, it refuses with more pieces too.
     */
    interface Rule {
        boolean allows(int place, int[] counts);
    }

    /**
     * A master problem.
     *
     * @param left   how many of each kind are still to be made
     * @param sticks how many of each kind of stick are left; negative for as many as one buys
     * @param pool   patterns known from before; new ones are added
     * @param rule   for every new pattern
     */
    PatternMaster(StickModel model, int[] left, int[] sticks, List<Pattern> pool, Rule rule) {
        this.model = model;
        this.left = left;
        this.sticks = sticks;
        this.pool = pool;
        this.rule = rule;
        this.usable = pool.stream().filter(p -> sticks[p.stock()] != 0 && p.times(left, 1) > 0).toList();
        this.filling = new Filling(model.needs());
        this.priceOfStock = model.places().stream().mapToLong(StickModel.Place::cost).toArray();
        this.rowOfKind = new int[left.length];
        this.rowOfStock = new int[sticks.length];
        int row = 0;
        for (int i = 0; i < left.length; i++) {
            rowOfKind[i] = left[i] > 0 ? row++ : -1;
        }
        for (int k = 0; k < sticks.length; k++) {
            rowOfStock[k] = sticks[k] >= 0 ? row++ : -1;
        }
        this.rows = row;
        this.inverse = new double[rows][rows];
        this.amounts = new double[rows];
        this.costs = new double[rows];
        this.basis = new Pattern[rows];
        this.artificial = (1.0 + Arrays.stream(priceOfStock).max().orElse(0)) * (1 + Arrays.stream(left).sum());
        for (int i = 0; i < left.length; i++) {
            if (rowOfKind[i] >= 0) {
                amounts[rowOfKind[i]] = left[i];
                costs[rowOfKind[i]] = artificial;
            }
        }
        for (int k = 0; k < sticks.length; k++) {
            if (rowOfStock[k] >= 0) {
                amounts[rowOfStock[k]] = sticks[k];
            }
        }
        for (int r = 0; r < rows; r++) {
            inverse[r][r] = 1;
        }
    }

    /** Solves it; false when it was stopped before the end. */
    boolean solve(BooleanSupplier stop) {
        while (improvePool()) {
            if (stop.getAsBoolean()) {
                return false;
            }
        }
        while (true) {
            if (stop.getAsBoolean()) {
                return false;
            }
            double[] prices = prices();
            boolean entered = slack(prices);
            if (!entered) {
                entered = newPatterns(prices);
            }
            if (!entered) {
                return true;
            }
        }
    }

    /** The cost so far; the least there is once it is solved, if {@link #isProven()}. */
    double cost() {
        double cost = 0;
        for (int r = 0; r < rows; r++) {
            cost += costs[r] * amounts[r];
        }
        return cost;
    }

    /** Whether the last pricing, which found nothing more, was solved to the end, so that the cost is a bound. */
    boolean isProven() {
        return proven;
    }

    /** Whether something is only made by artificial columns: there are not enough sticks. */
    boolean isShort() {
        for (int r = 0; r < rows; r++) {
            if (basis[r] == null && costs[r] > 0 && amounts[r] > 1e-4) {
                return true;
            }
        }
        return false;
    }

    /** A pattern and how often it is cut. */
    record Used(Pattern pattern, double times) {
    }

    /** The patterns in use. */
    List<Used> used() {
        List<Used> used = new ArrayList<>();
        for (int r = 0; r < rows; r++) {
            if (basis[r] != null && amounts[r] > 1e-6) {
                used.add(new Used(basis[r], amounts[r]));
            }
        }
        return used;
    }

    /** The dual prices: costs of the basis times its inverse. */
    private double[] prices() {
        double[] prices = new double[rows];
        for (int r = 0; r < rows; r++) {
            double cost = costs[r];
            if (cost != 0) {
                double[] line = inverse[r];
                for (int c = 0; c < rows; c++) {
                    prices[c] += cost * line[c];
                }
            }
        }
        return prices;
    }

    private boolean improvePool() {
        double[] prices = prices();
        Pattern best = null;
        double least = -EPS * 10;
        for (Pattern pattern : usable) {
            double reduced = reduced(pattern, prices);
            if (reduced < least) {
                least = reduced;
                best = pattern;
            }
        }
        return best != null && enter(column(best), priceOfStock[best.stock()], best);
    }

    private double reduced(Pattern pattern, double[] prices) {
        double reduced = priceOfStock[pattern.stock()];
        for (int i = 0; i < pattern.kinds().length; i++) {
            reduced -= pattern.counts()[i] * prices[rowOfKind[pattern.kinds()[i]]];
        }
        int row = rowOfStock[pattern.stock()];
        return row < 0 ? reduced : reduced - prices[row];
    }

    private double[] column(Pattern pattern) {
        double[] column = new double[rows];
        for (int i = 0; i < pattern.kinds().length; i++) {
            column[rowOfKind[pattern.kinds()[i]]] = pattern.counts()[i];
        }
        if (rowOfStock[pattern.stock()] >= 0) {
            column[rowOfStock[pattern.stock()]] = 1;
        }
        return column;
    }

    /** More than wanted may be made, fewer sticks than there are may be used. */
    private boolean slack(double[] prices) {
        for (int i = 0; i < left.length; i++) {
            int row = rowOfKind[i];
            if (row >= 0 && prices[row] < -EPS) {
                double[] column = new double[rows];
                column[row] = -1;
                return enter(column, 0, null);
            }
        }
        for (int row : rowOfStock) {
            if (row >= 0 && prices[row] > EPS) {
                double[] column = new double[rows];
                column[row] = 1;
                return enter(column, 0, null);
            }
        }
        return false;
    }

    private boolean newPatterns(double[] prices) {
        double[] values = new double[left.length];
        for (int i = 0; i < left.length; i++) {
            values[i] = rowOfKind[i] < 0 ? 0 : Math.max(0, prices[rowOfKind[i]]);
        }
        boolean entered = false;
        boolean sure = true;
        Pattern best = null;
        double most = EPS * 10;
        for (int k = 0; k < sticks.length; k++) {
            if (sticks[k] == 0) {
                continue;
            }
            double floor = priceOfStock[k] - (rowOfStock[k] < 0 ? 0 : prices[rowOfStock[k]]);
            int place = k;
            int[] counts =
                    filling.fill(model.room(k), values, left, floor + most, chosen -> rule.allows(place, chosen));
            sure &= filling.isProven();
            if (filling.value() > floor + most + 1e-9) {
                most = filling.value() - floor;
                best = Pattern.of(k, counts);
            }
        }
        if (best != null) {
            pool.add(best);
            entered = enter(column(best), priceOfStock[best.stock()], best);
        }
        proven = sure && (best == null || entered);
        return entered;
    }

    /** Brings a column into the basis; the row that reaches zero first leaves, artificial ones before others. */
    private boolean enter(double[] column, double cost, @Nullable Pattern pattern) {
        double[] way = new double[rows];
        for (int r = 0; r < rows; r++) {
            double sum = 0;
            double[] line = inverse[r];
            for (int c = 0; c < rows; c++) {
                if (column[c] != 0) {
                    sum += line[c] * column[c];
                }
            }
            way[r] = sum;
        }
        int leaves = -1;
        double least = Double.MAX_VALUE;
        for (int r = 0; r < rows; r++) {
            if (way[r] > 1e-9) {
                double ratio = Math.max(0, amounts[r]) / way[r];
                if (ratio < least - 1e-12 || ratio < least + 1e-12 && leaves >= 0 && way[r] > way[leaves]) {
                    least = ratio;
                    leaves = r;
                }
            }
        }
        if (leaves < 0) {
            return false;
        }
        double pivot = way[leaves];
        double[] line = inverse[leaves];
        for (int c = 0; c < rows; c++) {
            line[c] /= pivot;
        }
        amounts[leaves] = least;
        for (int r = 0; r < rows; r++) {
            double factor = way[r];
            if (r != leaves && factor != 0) {
                double[] other = inverse[r];
                for (int c = 0; c < rows; c++) {
                    other[c] -= factor * line[c];
                }
                amounts[r] -= factor * least;
            }
        }
        costs[leaves] = cost;
        basis[leaves] = pattern;
        return true;
    }
}
