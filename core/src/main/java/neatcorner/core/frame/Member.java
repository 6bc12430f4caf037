package neatcorner.core.frame;

import neatcorner.core.measure.Length;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;

/**
 * One piece of the frame. It lies at the saw with its face up and its outside edge to the fence;
 * then the corner it starts from, going round, is its left end (the frame's top, seen from the
 * front, has its outside edge away from you).
 *
 * @param side       where it goes
 * @param section    what it is cut from
 * @param longPoint  along the outside edge
 * @param shortPoint along the sight edge, or the inner edge of a floater's ledge
 * @param rabbet     along the rabbet line
 * @param left       the cut at its left end
 * @param right      the cut at its right end
 */
public record Member(Side side, Section section, Figure<Length> longPoint, Figure<Length> shortPoint,
                     Figure<Length> rabbet, Mitre left, Mitre right) {
}
