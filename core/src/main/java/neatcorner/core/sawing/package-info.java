/**
 * The order of cuts: from pieces on sticks to one cut after another at the saw.
 *
 * <ol>
 *   <li>{@code StickCuts} says which cuts a stick takes. Neighbours whose ends lean the same way share one. Of all
 *       others every piece is parted from the next by that one's left end, roughly long, and later cut to its length
 *       at its right end, its left end at the stop: so the stick is never turned, and its rabbet stays on one side.
 *   <li>{@code CutOrder} numbers settings and stops, lets {@link neatcorner.core.solve.sequence} bring the cuts into an
 *       order, and goes through it once: what lies on the saw, what is held, what falls off.
 *   <li>A {@link neatcorner.core.sawing.SawCut} is one of them as a hand needs it, a
 *       {@link neatcorner.core.sawing.Run} all for which nothing is set anew, {@link neatcorner.core.sawing.Sawing} the
 *       whole, beside what it would cost to cut stick by stick.
 * </ol>
 */
@NullMarked
package neatcorner.core.sawing;

import org.jspecify.annotations.NullMarked;
