/**
 * Pieces on sticks.
 *
 * <ol>
 *   <li>A {@link neatcorner.core.solve.stick.StickProblem} is pieces, sticks, gaps, defects and locks, checked
 *       when it is built.</li>
 *   <li>{@link neatcorner.core.solve.stick.StickSolver} answers: quickly by {@code StickPacking}, then with a proven
 *       bound by {@code PatternMaster} and {@code Filling}, and by {@code Shaking} what the patterns leave.</li>
 *   <li>{@code Layout} finds the order and the turn of pieces on each stick, {@code Tidying} makes the best of
 *       what is left over.</li>
 *   <li>{@code StickCheck} proves every answer against the problem before it goes out.</li>
 * </ol>
 */
@NullMarked
package neatcorner.core.solve.stick;

import org.jspecify.annotations.NullMarked;
