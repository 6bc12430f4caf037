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
 */
public record StackedNumeral(List<Run> runs, double barFrom, double barTo, double barAt, double barThick, double width) {
    private static final double SMALL = 0.6;
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
        double small = size * SMALL;
        double barAt = size * CAP / 2;
        double thick = size * 0.055;
        if (numeral.hasFraction()) {
            String over = Integer.toString(numeral.numerator());
            String under = Integer.toString(numeral.denominator());
            double gap = size * 0.10;
            double room = Math.max(lettering.figures(over, small), lettering.figures(under, small));
            barFrom = x + (whole.isEmpty() ? 0 : gap);
            barTo = barFrom + room + size * 0.06;
            double middle = (barFrom + barTo) / 2;
            runs.add(new Run(over, middle - lettering.figures(over, small) / 2, barAt + thick * 1.4, small));
            runs.add(new Run(under, middle - lettering.figures(under, small) / 2, barAt - thick * 1.4 - small * CAP, small));
            x = barTo + size * 0.04;
        }
        String tail = numeral.unit().sign() + numeral.residue().sign();
        double tailSize = numeral.unit() == Unit.INCH ? size : size * 0.62;
        runs.add(new Run(tail, x, 0, tailSize));
        x += lettering.figures(tail, tailSize);
        return new StackedNumeral(List.copyOf(runs), barFrom, barTo, barAt, thick, x);
    }
}
