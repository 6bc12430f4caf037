/**
 * Panes on sheets, all cuts from edge to edge.
 *
 * <ol>
 *   <li>A {@link neatcorner.core.solve.sheet.SheetProblem} is panes, sheets, kerf, trim and the narrowest strip that
 *       breaks off cleanly.</li>
 *   <li>{@link neatcorner.core.solve.sheet.SheetSolver} answers: a few panes by every way there is ({@code FewPanes}),
 *       more by blocks that panes make up with little waste ({@code BlockSearch}, {@code BlockFilling}), and by
 *       peeling blocks along an edge ({@code Peeling}).</li>
 *   <li>{@code SheetCheck} proves every answer against the problem before it goes out.</li>
 * </ol>
 */
@NullMarked
package neatcorner.core.solve.sheet;

import org.jspecify.annotations.NullMarked;
