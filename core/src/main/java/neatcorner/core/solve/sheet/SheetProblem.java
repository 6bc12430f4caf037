package neatcorner.core.solve.sheet;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Finite;
import neatcorner.core.measure.Length;

/**
 * Rectangles to be cut from sheets by cuts that run from edge to edge.
 *
 * @param panes      kinds of rectangles; one or more
 * @param stock      kinds of sheets; one or more
 * @param kerf       lost to every cut: a saw's kerf, nothing for a score; from 0 to 20 mm
 * @param trim       lost along every edge of a sheet, from 0 to 200 mm
 * @param leastStrip the narrowest strip that can still be snapped or held; nothing narrower may fall off; from 0 to 200 mm
 */
public record SheetProblem(List<Pane> panes, List<Stock> stock, Length kerf, Length trim, Length leastStrip) {
    /** The most panes in all. */
    public static final int MOST_PANES = 5_000;
    private static final Length LARGEST = Length.mm(20_000);

    public SheetProblem {
        panes = List.copyOf(panes);
        stock = List.copyOf(stock);
        if (panes.isEmpty()) {
            throw new IllegalArgumentException("there are no panes; give one or more");
        }
        if (stock.isEmpty()) {
            throw new IllegalArgumentException("there are no sheets; give one or more");
        }
        Finite.within("kerf", kerf, Length.ZERO, Length.mm(20));
        Finite.within("edge trim", trim, Length.ZERO, Length.mm(200));
        Finite.within("narrowest strip", leastStrip, Length.ZERO, Length.mm(200));
        long count = panes.stream().mapToLong(Pane::count).sum();
        if (count > MOST_PANES) {
            throw new IllegalArgumentException("there are " + count + " panes; there may be up to " + MOST_PANES);
        }
        for (Pane pane : panes) {
            boolean fits = false;
            for (Stock sheet : stock) {
                fits |= fits(pane, sheet, kerf, trim, leastStrip);
            }
            if (!fits) {
                throw new IllegalArgumentException("pane " + pane.name() + " of " + pane.width() + " × " + pane.height()
                        + " can be cut from no sheet inside its trims" + (pane.canTurn() ? "" : ", and it may not be turned")
                        + (leastStrip.isPositive() ? ", nor may a strip narrower than " + leastStrip + " be left beside it" : "") + "; add a larger sheet");
            }
        }
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
     */
    public record Pane(String name, Length width, Length height, int count, boolean canTurn) {
        public Pane {
            Finite.within("width of pane " + name, width, new Length(1), LARGEST);
            Finite.within("height of pane " + name, height, new Length(1), LARGEST);
            if (count < 1) {
                throw new IllegalArgumentException("pane " + name + " is wanted " + count + " times; it must be 1 or more");
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
            Finite.within("width of sheet " + name, width, new Length(1), LARGEST);
            Finite.within("height of sheet " + name, height, new Length(1), LARGEST);
            if (count.isPresent() && count.get() < 0) {
                throw new IllegalArgumentException("there are " + count.get() + " sheets " + name + "; it must be 0 or more");
            }
            if (cost < 0 || cost > 1_000_000_000L) {
                throw new IllegalArgumentException("sheet " + name + " costs " + cost + "; it must be from 0 to 1000000000");
            }
        }
    }

    /** Square millimetres of all panes. */
    public double paneArea() {
        return panes.stream().mapToDouble(p -> p.width().toMm() * p.height().toMm() * p.count()).sum();
    }
}
