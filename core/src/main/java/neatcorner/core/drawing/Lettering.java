package neatcorner.core.drawing;

/** How wide text is with the fonts at hand; whoever paints pictures knows. */
public interface Lettering {
    /** The width of a line of text, in the picture's units. */
    double width(String text, double size, boolean bold);

    /** The width of a line of figures in the condensed face, in the picture's units. */
    double figures(String text, double size);
}
