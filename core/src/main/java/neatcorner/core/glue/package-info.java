/**
 * Adhesive times, the order in which clamps close, and whether the glued frame is square.
 */
@NullMarked
package neatcorner.core.glue;

import org.jspecify.annotations.NullMarked;
