/**
 * From members to sticks.
 *
 * <p>How the stick plan is made:
 * <ol>
 *   <li>Pieces of one section are pooled over all frames of the job. A moulding cannot be turned
 *       over, so each piece takes its long point, and two neighbours lose the slanted kerf between
 *       them.</li>
 *   <li>{@link neatcorner.core.stock.StickPacking} lays them out several ways: best fit decreasing,
 *       and filling one stick after another as full as it will go, over different orders of the
 *       rack and for every length on sale.</li>
 *   <li>The best layout wins: everything made, least bought, least stock touched, fewest
 *       sticks. Since best fit decreasing is among the candidates, the plan is never worse.</li>
 * </ol>
 */
@NullMarked
package neatcorner.core.stock;

import org.jspecify.annotations.NullMarked;
