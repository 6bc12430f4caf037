package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.outline.Vector;
import neatcorner.core.section.Silhouette;

/**
 * The way of a pin through a corner, in space: in at the outside edge of one piece, across the joint,
 * into the other. Seen from the edge it leans toward the corner by what is missing to a right angle.
 *
 * <p>With d from the corner to where it enters and β between pin and edge, a cut that makes the angle φ
 * with the edge is passed after d·sin φ / sin(φ + β).
 */
record PinPath(Meeting.Way way, double fromTip, double lean) {
    /** How far along the pin the joint lies, in mm; infinite where it runs past the joint. */
    double toJoint() {
        Mitre cut = way.cut();
        double closing = cut.along() * Math.cos(lean) - cut.across() * Math.sin(lean);
        return closing <= 1e-9 ? Double.POSITIVE_INFINITY : cut.along() * fromTip / closing;
    }

    /**
     * The heights over the back at which a pin of this length stays in wood all the way, with {@code clear} mm
     * of wood past its point and beside it toward the sight edge; from low to high, may be empty.
     */
    List<double[]> heights(double length, double clear) {
        Member from = way.from();
        double face = from.section().face().toMm();
        double inFirst = Math.min(toJoint(), length + clear);
        List<double[]> first = from.section().wood().rooms(face - inFirst * Math.sin(lean), face);
        if (toJoint() >= length) {
            return first;
        }
        double[] entered = inOther(toJoint());
        double[] reached = inOther(length + clear);
        Silhouette wood = way.into().section().wood();
        List<double[]> second = wood.rooms(
                Math.min(entered[0], reached[0]) - clear,
                Math.max(entered[0], reached[0]) + Math.min(clear, fromTip / 2));
        double rise = Math.min(0, reached[1]);
        double fall = Math.max(0, reached[1]);
        return both(first, second.stream().map(r -> new double[] {r[0] - rise, r[1] - fall}).toList());
    }

    /**
     * A place on the pin in the other piece: mm from its sight edge outwards, and how much further from its back than
     * where it entered the first.
     */
    private double[] inOther(double along) {
        Member from = way.from();
        Vector tip = from.end(0, 0, way.atEnd());
        Vector toCorner = from.place().along().times(way.atEnd() ? 1 : -1);
        Vector place = tip.plus(toCorner.times(along * Math.cos(lean) - fromTip))
                .minus(from.place().outward().times(along * Math.sin(lean)));
        Vector seen = place.minus(way.into().place().start());
        return new double[] {
            way.into().section().face().toMm() + seen.dot(way.into().place().outward()),
            seen.dot(way.into().place().front())
        };
    }

    /** What two lists of heights have in common. */
    static List<double[]> both(List<double[]> one, List<double[]> other) {
        List<double[]> common = new ArrayList<>();
        for (double[] a : one) {
            for (double[] b : other) {
                if (Math.min(a[1], b[1]) > Math.max(a[0], b[0])) {
                    common.add(new double[] {Math.max(a[0], b[0]), Math.min(a[1], b[1])});
                }
            }
        }
        return common;
    }

    /** The tallest of some heights, from low to high; without any, none at all. */
    static double[] tallest(List<double[]> rooms) {
        return rooms.stream().max((a, b) -> Double.compare(a[1] - a[0], b[1] - b[0])).orElse(new double[] {0, 0});
    }
}
