/**
 * From members to sticks, boards and sheets.
 *
 * <p>Sticks:
 * <ol>
 *   <li>{@link neatcorner.core.stock.Lots} sorts the pieces of one or many jobs by section; a side too long for
 *       every stick is joined from parts ({@link neatcorner.core.stock.Scarf}).</li>
 *   <li>{@link neatcorner.core.stock.Lot} makes a bare {@link neatcorner.core.stock.StickProblem} of each section, with
 *       what the maker wishes as locks and missing sticks, and turns answers back into layouts.</li>
 *   <li>{@link neatcorner.core.stock.StickSolver} answers: quickly by {@code StickPacking}, then with a proven bound by
 *       {@code PatternMaster} and {@code Filling}; {@code Layout} finds the order on the stick, {@code Tidying} makes
 *       the best of what is left over.</li>
 *   <li>{@link neatcorner.core.stock.Booking} books what was cut out of and into the rack.</li>
 * </ol>
 *
 * <p>Boards: {@link neatcorner.core.stock.Milling} rips strips past the defects and cuts them like sticks.
 * Sheets: {@link neatcorner.core.stock.SheetLot} and {@link neatcorner.core.stock.SheetSolver}.
 */
@NullMarked
package neatcorner.core.stock;

import org.jspecify.annotations.NullMarked;
