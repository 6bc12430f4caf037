/**
 * From what is wanted to what is to be made.
 *
 * <p>How a size becomes a frame:
 * <ol>
 *   <li>A {@link neatcorner.core.job.Job} gives one number for each axis at any
 *       {@linkplain neatcorner.core.job.Line line} of the frame.</li>
 *   <li>{@link neatcorner.core.frame.Chain} knows what lies between neighbouring lines (borders,
 *       play, lips, faces) and walks from the given line to every other one.</li>
 *   <li>{@link neatcorner.core.frame.Mitre} cuts each corner from its angle and the two faces.</li>
 *   <li>{@link neatcorner.core.frame.Member}s run from corner to corner, clockwise from the top as
 *       the frame is seen from the front.</li>
 * </ol>
 */
@NullMarked
package neatcorner.core.frame;

import org.jspecify.annotations.NullMarked;
