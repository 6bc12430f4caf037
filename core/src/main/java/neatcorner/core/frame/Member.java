package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;

/**
 * One piece of the frame. It lies at the saw on its back with its outside edge to the fence; then the
 * corner it starts from, going round, is its left end (the frame's top, seen from the front, has its
 * outside edge away from you).
 *
 * @param side       where it goes
 * @param section    what it is cut from
 * @param stock      what it is sawn from on the rack; for a curved piece a plain strip as wide as the blank
 * @param longPoint  along the outside edge, on the back
 * @param shortPoint along the sight edge, or the inner edge of a floater's ledge; of a panel how wide it is
 * @param rabbet     along the rabbet line
 * @param left       the cut at its left end
 * @param right      the cut at its right end
 * @param place      where it is in the frame
 * @param outline    its four corners in the plane of the frame: outside edge from start to end, then the
 *                   inner edge back
 * @param curve      what is sawn out of it after it is glued; empty for a straight piece
 * @param slabs      of a piece that meets its neighbours square, what is left of it when its ends are cut to go
 *                   together with them, from the back to the front, before any rabbet; empty where its outline says
 *                   it all
 * @param edge       the part of its inner edge that is sawn to a shape, in the frame's plane, from its start to its
 *                   end; empty where all of it is straight
 */
public record Member(Side side, Section section, Section stock, Figure<Length> longPoint, Figure<Length> shortPoint,
                     Figure<Length> rabbet, Mitre left, Mitre right, Place place, List<Point> outline,
                     Optional<Curve> curve, List<Slab> slabs, List<Point> edge) {
    /** Off a line by less, in mm, is on it. */
    private static final double ON_LINE = 1e-5;

    public Member {
        outline = List.copyOf(outline);
        slabs = List.copyOf(slabs);
        edge = List.copyOf(edge);
    }

    /** A piece that is as its cuts leave it. */
    Member(Side side, Section section, Section stock, Figure<Length> longPoint, Figure<Length> shortPoint,
           Figure<Length> rabbet, Mitre left, Mitre right, Place place, List<Point> outline, Optional<Curve> curve) {
        this(side, section, stock, longPoint, shortPoint, rabbet, left, right, place, outline, curve, List.of(),
                List.of());
    }

    /** A plain strip with square ends, not going round a corner. */
    static Member square(
            Side side,
            Section section,
            Figure<Length> length,
            Figure<Length> shown,
            Place place,
            List<Point> outline) {
        Mitre end = Mitre.square(section.face());
        return new Member(
                side, section, section, length, shown, length, end, end, place, outline, Optional.empty());
    }

    /** With its inner edge sawn to a shape, from its start to its end. */
    Member with(List<Point> shape) {
        return new Member(side, section, stock, longPoint, shortPoint, rabbet, left, right, place, outline, curve,
                slabs, shape);
    }

    /** What is seen of it in the frame, in the frame's plane, from the front or from behind. */
    public List<Point> seen(boolean behind) {
        List<Point> whole =
                slabs.isEmpty() ? outline : (behind ? slabs.getFirst() : slabs.getLast()).outline();
        return edge.isEmpty() ? whole : sawn(whole);
    }

    /** A polygon of this piece with the shape in place of what is straight of it there. */
    private List<Point> sawn(List<Point> whole) {
        List<Point> sawn = new ArrayList<>();
        for (int i = 0; i < whole.size(); i++) {
            Point from = whole.get(i);
            Point to = whole.get((i + 1) % whole.size());
            sawn.add(from);
            if (lies(edge.getFirst(), from, to) && lies(edge.getLast(), from, to)) {
                boolean back = from.to(edge.getLast()) < from.to(edge.getFirst());
                (back ? edge.reversed() : edge)
                        .stream()
                                .filter(place -> from.to(place) > ON_LINE && to.to(place) > ON_LINE)
                                .forEach(sawn::add);
            }
        }
        return List.copyOf(sawn);
    }

    private static boolean lies(Point place, Point from, Point to) {
        return from.to(place) + place.to(to) - from.to(to) < ON_LINE;
    }

    /** How much of a stick it takes, from its one furthest point to the other. */
    public Length overall() {
        return left.reach(stock.thickness()).plus(longPoint.value()).plus(right.reach(stock.thickness()));
    }

    /**
     * The cut at one end as it lies to the finished piece: that of a straight piece itself; a curved one's own
     * edges turn away from its blank's by the run-out there, so that smoothly joined segments meet square.
     */
    public Mitre joint(boolean atEnd) {
        Mitre cut = atEnd ? right : left;
        return curve.map(sawn -> {
            Angle toEdge = cut.toEdge().plus(sawn.runOut());
            return new Mitre(toEdge.sin(), -toEdge.cos(), 0, section.face());
        }).orElse(cut);
    }

    /** Whether the saw cuts both its ends square. */
    public boolean isSquare() {
        return left.isSquare() && right.isSquare();
    }

    /** The shorter of its two edges. */
    public Length shorterEdge() {
        return longPoint.value().min(shortPoint.value());
    }

    /** Whether the saw makes the same piece for both: section, lengths and both cuts alike, to a micrometre. */
    public boolean isCutLike(Member other) {
        return section.equals(other.section) && stock.equals(other.stock) && isLike(longPoint, other.longPoint)
                && isLike(shortPoint, other.shortPoint) && left.isSetLike(other.left) && right.isSetLike(other.right);
    }

    private static boolean isLike(Figure<Length> one, Figure<Length> other) {
        return !one.value().minus(other.value()).abs().isOver(new Length(1000));
    }

    /**
     * Where a line along the piece ends, in space.
     *
     * @param across  mm from the outside edge outwards; negative inwards
     * @param through mm from the back
     * @param atEnd   at its right end, else at its left
     */
    public Vector end(double across, double through, boolean atEnd) {
        Mitre cut = atEnd ? right : left;
        double past = -(across * cut.across() + through * cut.through()) / cut.along();
        return place.at(atEnd ? longPoint.value().toMm() + past : -past, across, through);
    }
}
