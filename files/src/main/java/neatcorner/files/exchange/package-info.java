/** Frames, pieces and sections at full size for other programs and for the bench: SVG, DXF and templates on paper. */
@NullMarked
package neatcorner.files.exchange;

import org.jspecify.annotations.NullMarked;
