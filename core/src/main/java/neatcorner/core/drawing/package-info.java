/**
 * Pictures of a plan, free of any toolkit. A drawing function lays a {@link
 * neatcorner.core.drawing.Picture} out in the units of its reader (pixels, points): a list of
 * filled and stroked outlines, texts, numbers and tags in named inks. Window, sheet and export
 * paint the same picture.
 */
@NullMarked
package neatcorner.core.drawing;

import org.jspecify.annotations.NullMarked;
