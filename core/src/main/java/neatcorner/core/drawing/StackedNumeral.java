package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.measure.Numeral;
import neatcorner.core.measure.Unit;

/**
 * A number set with its fraction stacked over a bar, ready to paint.
 *
 * @param runs     texts in the condensed face, left to right
 * @param barFrom  where the bar starts; equal to {@code barTo} when there is no fraction
 * @param barTo    where it ends
 * @param barAt    its height over the baseline
 * @param barThick its thickness
 * @param width    of it all
 * @param height   of it all, as far above the middle of a figure as below it
 */
public record StackedNumeral(
        List<Run> runs, double barFrom, double barTo, double barAt, double barThick, double width, double height) {
    /** A fraction's figures, as a share of the number's own size, where that is large. */
    private static final double SMALL = 0.6;
    /** Numbers smaller than this have no room for figures over one another: their fractions are set level. */
    private static final double LEAST_STACKED = 18.9;
    /** A fraction's figures are no smaller than this, so that they are 11 high. */
    private static final double LEAST_SMALL = 15.8;
    /** Height of a figure over the baseline, as a share of its size, in the condensed face. */
    public static final double CAP = 0.70;

    /**
     * A text at its place.
     *
     * @param text     what
     * @param x        from the left end
     * @param baseline over the number's own baseline
     * @param size     of the font
     */
    public record Run(String text, double x, double baseline, double size) {
    }

    /** Sets a number in this size. */
    public static StackedNumeral of(Numeral numeral, double size, Lettering lettering) {
        List<Run> runs = new ArrayList<>();
        double x = 0;
        String whole = (numeral.negative() ? "−" : "") + (numeral.showsWhole() ? numeral.whole() : "");
        if (!whole.isEmpty()) {
            runs.add(new Run(whole, x, 0, size));
            x += lettering.figures(whole, size);
        }
        double barFrom = x;
        double barTo = x;
        double small = Math.max(size * SMALL, Math.min(size * 0.84, LEAST_SMALL));
        double barAt = size * CAP / 2;
        double thick = size * 0.055;
        double high = size * CAP;
        if (numeral.hasFraction() && size < LEAST_STACKED) {
            String level = numeral.numerator() + "/" + numeral.denominator();
            x += whole.isEmpty() ? 0 : size * 0.22;
            barFrom = x;
            barTo = x;
            runs.add(new Run(level, x, 0, size));
            x += lettering.figures(level, size);
        } else if (numeral.hasFraction()) {
            high = 2 * (thick * 1.4 + small * CAP);
            String over = Integer.toString(numeral.numerator());
            String under = Integer.toString(numeral.denominator());
            double gap = size * 0.10;
            double room = Math.max(lettering.figures(over, small), lettering.figures(under, small));
            barFrom = x + (whole.isEmpty() ? 0 : gap);
            barTo = barFrom + room + size * 0.06;
            double middle = (barFrom + barTo) / 2;
            runs.add(new Run(over, middle - lettering.figures(over, small) / 2, barAt + thick * 1.4, small));
            runs.add(new Run(
                    under, middle - lettering.figures(under, small) / 2, barAt - thick * 1.4 - small * CAP, small));
            x = barTo + size * 0.04;
        }
        String tail = numeral.unit().sign() + numeral.residue().sign();
        double tailSize = numeral.unit() == Unit.INCH ? size : size * 0.62;
        runs.add(new Run(tail, x, 0, tailSize));
        x += lettering.figures(tail, tailSize);
        return new StackedNumeral(List.copyOf(runs), barFrom, barTo, barAt, thick, x, Math.max(high, size * 1.12));
    }
}
