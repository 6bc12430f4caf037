/**
 * From members to sticks and sheets, and what that does to the rack.
 *
 * <ol>
 *   <li>{@link neatcorner.core.cut.Lots} sorts the pieces of one or many jobs by section; a side too long for
 *       every stick is joined from parts ({@link neatcorner.core.cut.Scarf}).</li>
 *   <li>{@link neatcorner.core.cut.Lot} makes a bare {@link neatcorner.core.solve.stick.StickProblem} of each section,
 *       with what the maker wishes as locks and missing sticks, and turns answers back into layouts;
 *       {@link neatcorner.core.cut.SheetLot} does the same for panes.</li>
 *   <li>{@link neatcorner.core.cut.CutPlanner} says what one job takes, costs and wastes.</li>
 *   <li>{@link neatcorner.core.cut.Booking} books what was cut out of and into the rack.</li>
 * </ol>
 */
@NullMarked
package neatcorner.core.cut;

import org.jspecify.annotations.NullMarked;
