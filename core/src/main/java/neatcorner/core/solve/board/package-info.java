/**
 * Blanks from boards: {@link neatcorner.core.solve.board.BoardProblem} says what is wanted and what there is,
 * {@link neatcorner.core.solve.board.BoardSolver} crosscuts boards to lengths, rips the lengths to strips, resaws
 * strips to leaves and crosscuts leaves to blanks, past what must not be in them. Lengths are exact: nothing is laid
 * on a grid.
 */
@NullMarked
package neatcorner.core.solve.board;

import org.jspecify.annotations.NullMarked;
