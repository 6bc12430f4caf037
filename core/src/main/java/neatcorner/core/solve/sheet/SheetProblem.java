package neatcorner.core.solve.sheet;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.solve.Problem;

/**
 * Rectangles to be cut from sheets by cuts that run from edge to edge.
 *
 * @param panes      kinds of rectangles; one or more
 * @param stock      kinds of sheets; one or more
 * @param kerf       lost to every cut: a saw's kerf, nothing for a score; from 0 to 20 mm
 * @param trim       lost along every edge of a sheet, from 0 to 200 mm
 * @param leastStrip the narrowest strip that can still be snapped or held; nothing narrower may fall off; from 0 to 200
 *                   mm
 */
public record SheetProblem(List<Pane> panes, List<Stock> stock, Length kerf, Length trim, Length leastStrip)
        implements Problem<SheetAnswer> {
    /** The most panes in all. */
    public static final int MOST_PANES = 5_000;
    private static final Length LARGEST = Length.mm(20_000);

    public SheetProblem {
        panes = List.copyOf(panes);
        stock = List.copyOf(stock);
        if (panes.isEmpty()) {
            throw Refusal.of("sheet_problem.there_are_no_panes");
        }
        if (stock.isEmpty()) {
            throw Refusal.of("sheet_problem.there_are_no_sheets");
        }
        Range.within("kerf", kerf, Length.ZERO, Length.mm(20));
        Range.within("edge_trim", trim, Length.ZERO, Length.mm(200));
        Range.within("narrowest_strip", leastStrip, Length.ZERO, Length.mm(200));
        long count = panes.stream().mapToLong(Pane::count).sum();
        if (count > MOST_PANES) {
            throw Refusal.of("sheet_problem.there_are_panes_there", count, MOST_PANES);
        }
        for (Pane pane : panes) {
            boolean fits = false;
            for (Stock sheet : stock) {
                fits |= fits(pane, sheet, kerf, trim, leastStrip);
            }
            if (!fits) {
                throw Refusal.of(
                        "sheet_problem.pane_too_large",
                        pane.name(),
                        pane.width(),
                        pane.height(),
                        pane.canTurn() ? Words.plain("") : Words.of("refused.sheet_problem.not_turned"),
                        leastStrip.isPositive()
                                ? Words.of("refused.sheet_problem.strip", leastStrip)
                                : Words.plain(""));
            }
        }
    }

    @Override
    public long size() {
        return panes.stream().mapToLong(Pane::count).sum();
    }

    @Override
    public Optional<SheetAnswer> quick() {
        return SheetSolver.quick(this);
    }

    @Override
    public Optional<SheetAnswer> solve(BooleanSupplier stop, Consumer<SheetAnswer> better) {
        return SheetSolver.solve(this, stop, better);
    }

    /** Whether a pane can be cut from a sheet, alone. */
    public static boolean fits(Pane pane, Stock sheet, Length kerf, Length trim, Length leastStrip) {
        Length width = sheet.width().minus(trim.times(2));
        Length height = sheet.height().minus(trim.times(2));
        SnapRule rule = new SnapRule(kerf.nanometres(), leastStrip.nanometres());
        return rule.allows(width.minus(pane.width())) && rule.allows(height.minus(pane.height()))
                || pane.canTurn() && rule.allows(width.minus(pane.height())) && rule.allows(height.minus(pane.width()));
    }

    /**
     * Rectangles that are alike.
     *
     * @param name    what they are called
     * @param width   over 0 up to 20 m
     * @param height  over 0 up to 20 m
     * @param count   how many, from 1
     * @param canTurn whether it may be cut lying on its side; not with grain, corrugation or pattern
     * @param mark    what is pencilled on it besides; may be empty
     */
    public record Pane(String name, Length width, Length height, int count, boolean canTurn, String mark) {
        /** One without a mark. */
        public Pane(String name, Length width, Length height, int count, boolean canTurn) {
            this(name, width, height, count, canTurn, "");
        }

        public Pane {
            Range.within("width_of_pane", width, new Length(1), LARGEST, name);
            Range.within("height_of_pane", height, new Length(1), LARGEST, name);
            if (count < 1) {
                throw Refusal.of("sheet_problem.pane_is_wanted_times", name, count);
            }
        }

        /** Square nanometres that one takes up, a kerf each way included. */
        double roomTaken(long kerf) {
            return (double) (width.nanometres() + kerf) * (height.nanometres() + kerf);
        }
    }

    /**
     * Sheets that are alike.
     *
     * @param name   what they are called
     * @param width  over 0 up to 20 m
     * @param height over 0 up to 20 m
     * @param count  how many there are; empty for as many as one buys
     * @param cost   of one, in the smallest coin, from 0 to 1 000 000 000
     */
    public record Stock(String name, Length width, Length height, Optional<Integer> count, long cost) {
        public Stock {
            Range.within("width_of_sheet", width, new Length(1), LARGEST, name);
            Range.within("height_of_sheet", height, new Length(1), LARGEST, name);
            if (count.isPresent() && count.get() < 0) {
                throw Refusal.of("sheet_problem.there_are_sheets_more", count.get(), name);
            }
            if (cost < 0 || cost > 1_000_000_000L) {
                throw Refusal.of("sheet_problem.sheet_costs", name, cost);
            }
        }
    }

    /** Square millimetres of all panes. */
    public double paneArea() {
        return panes.stream().mapToDouble(p -> p.width().toMm() * p.height().toMm() * p.count()).sum();
    }
}
