package neatcorner.core.drawing;

import neatcorner.core.words.Phrasebook;

/**
 * For whom a picture is drawn.
 *
 * @param book      the units and words
 * @param lettering the fonts
 * @param scale     the picture's units in one point of text at the usual size, over zero
 */
public record Reader(Phrasebook book, Lettering lettering, double scale) {
    public Reader {
        if (!(scale > 0) || Double.isInfinite(scale)) {
            throw new IllegalArgumentException("scale is " + scale + "; it must be over 0");
        }
    }
}
