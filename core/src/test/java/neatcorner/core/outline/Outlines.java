package neatcorner.core.outline;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import neatcorner.core.Sample;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Outlines for tests, and their translation for an independent geometry library. */
public final class Outlines {
    private static final GeometryFactory JTS = new GeometryFactory();

    private Outlines() {
    }

    /** A bare frame of this shape from the plain sample section, 1 1/2 × 3/4 in. */
    public static Job job(Outline outline) {
        return Sample.job("20", "20").withContents(Contents.NOTHING).withOutline(outline);
    }

    /** The frame of a job in the sample shop. */
    public static Frame frame(Job job) {
        return Frame.of(job, Sample.shop()).result();
    }

    /** A size at a line. */
    public static Size mm(Line line, double mm) {
        return new Size(line, Length.mm(mm));
    }

    /** A polygon for JTS. */
    public static Polygon polygon(List<Point> places) {
        List<Coordinate> ring = new ArrayList<>(places.stream().map(p -> new Coordinate(p.x(), p.y())).toList());
        ring.add(ring.getFirst());
        return JTS.createPolygon(ring.toArray(Coordinate[]::new));
    }

    /** All of these together. */
    public static Geometry union(List<? extends Geometry> parts) {
        return OverlayNGRobust.union(List.copyOf(parts), JTS);
    }

    /** A free outline with these corners. */
    public static Outline.Free free(Line line, double... xy) {
        List<Corner> corners = new ArrayList<>();
        for (int i = 0; i < xy.length; i += 2) {
            corners.add(Corner.of(new Point(xy[i], xy[i + 1])));
        }
        return new Outline.Free(line, corners);
    }

    /**
     * Polygons of 3 to 12 corners around a middle, at uneven turns and distances: convex ones and ones
     * with corners that point inwards.
     */
    static Arbitrary<Outline.Free> random(double least, double most) {
        return Arbitraries.integers().between(3, 12).flatMap(n -> Combinators.combine(
                Arbitraries.doubles().between(-0.25, 0.25).list().ofSize(n),
                Arbitraries.doubles().between(least, most).list().ofSize(n)).as((turns, radii) -> {
                    List<Corner> corners = new ArrayList<>();
                    for (int i = 0; i < n; i++) {
                        corners.add(Corner.of(Point.heading(2 * Math.PI * (i + turns.get(i)) / n).times(radii.get(i))));
                    }
                    return corners;
                })).filter(Outlines::canBe).map(corners -> new Outline.Free(Line.SIGHT, corners));
    }

    private static boolean canBe(List<Corner> corners) {
        try {
            return !new Outline.Free(Line.SIGHT, corners).corners().isEmpty();
        } catch (Refusal refused) {
            return false;
        }
    }

    /** A face of its own for some of the sides. */
    static Map<String, Length> faces(Outline outline, List<Double> mm) {
        Map<String, Length> faces = new TreeMap<>();
        List<Side> sides = outline.round();
        for (int i = 0; i < sides.size() && i < mm.size(); i++) {
            faces.put(sides.get(i).faceId(), Length.mm(mm.get(i)));
        }
        return faces;
    }
}
