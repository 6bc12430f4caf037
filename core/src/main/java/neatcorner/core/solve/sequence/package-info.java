/**
 * Cuts one after another at one saw, so that it is set anew as seldom as may be.
 *
 * <ol>
 *   <li>A {@link neatcorner.core.solve.sequence.SequenceProblem} is cuts: the setting each wants, the stop it is made
 *       to, and what must be cut before.
 *   <li>{@code Bench} is the saw with what is cut so far: how it stands, and all that can be cut as it stands, which
 *       is always cut, since that takes nothing away.
 *   <li>{@code SequenceSolver} goes straight through first: long before short, a setting that waits for no other
 *       before one that does. What that costs is often the least there can be. Else it searches (A*, with every
 *       setting and stop still to come as what must be paid at least; Hart, Nilsson and Raphael 1968), for a while.
 * </ol>
 */
@NullMarked
package neatcorner.core.solve.sequence;

import org.jspecify.annotations.NullMarked;
