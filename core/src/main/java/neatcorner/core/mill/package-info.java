/**
 * From boards to strips: {@link neatcorner.core.mill.Milling} says what each board is cut to and what is missing,
 * {@link neatcorner.core.mill.MillList} in which order it is done.
 */
@NullMarked
package neatcorner.core.mill;

import org.jspecify.annotations.NullMarked;
