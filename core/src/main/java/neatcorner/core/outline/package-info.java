/**
 * The shape of a frame, in the plane, seen from the front; x runs to the right and y down, so that
 * clockwise is the way the letters A, B, C go round.
 * <ol>
 *   <li>An {@link neatcorner.core.outline.Outline} is what the maker said: a shape and its sizes at a
 *       {@linkplain neatcorner.core.outline.Line line} of the frame.</li>
 *   <li>It becomes a {@link neatcorner.core.outline.Loop} of {@linkplain neatcorner.core.outline.Edge
 *       edges}, one for each member.</li>
 *   <li>Every other line of the frame is a parallel of that loop, at a distance that may differ from
 *       side to side; corners lie where neighbouring parallels meet.</li>
 * </ol>
 */
@NullMarked
package neatcorner.core.outline;

import org.jspecify.annotations.NullMarked;
