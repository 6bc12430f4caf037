package neatcorner.core.drawing;

import neatcorner.core.measure.Numeral;

/** How wide text is with the fonts at hand; whoever paints pictures knows. */
public interface Lettering {
    /** The width of a line of text, in the picture's units. */
    double width(String text, double size, boolean bold);

    /** The width of a number with its stacked fraction, in the picture's units. */
    double width(Numeral numeral, double size);
}
