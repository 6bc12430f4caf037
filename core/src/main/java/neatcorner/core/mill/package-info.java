/** From boards to strips: {@link neatcorner.core.mill.Milling} rips them past the defects and cuts them like sticks. */
@NullMarked
package neatcorner.core.mill;

import org.jspecify.annotations.NullMarked;
