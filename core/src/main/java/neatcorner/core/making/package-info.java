/**
 * How a section is made from boards: the cuts, the machine's settings for each, and the order that keeps
 * wood under the cut.
 * <ol>
 *   <li>{@link neatcorner.core.making.Features} says what must be taken away, and for each the ways
 *       ({@link neatcorner.core.making.Setup}) it can be cut: which surface lies on the table, which
 *       runs along the fence.</li>
 *   <li>{@link neatcorner.core.making.Ordering} searches the orders, each state of the stick being the
 *       blank less what is already cut, until every cut has enough to ride on before and after it.</li>
 *   <li>{@link neatcorner.core.making.MakingPlanner} strings strips, glue-ups and cuts together and says
 *       what to look out for.</li>
 * </ol>
 */
@NullMarked
package neatcorner.core.making;

import org.jspecify.annotations.NullMarked;
