package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Place;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;

/** Where the sides of a frame whose pieces are a little off lie as seen from the front, to be drawn. */
public final class Laid {
    private Laid() {
    }

    /**
     * Pulled together all at once: each side by the four corners of its back, outside edge from start to end, then the
     * inside edge back, in mm in the frame's plane.
     */
    public static List<List<Point>> pulled(List<Member> sides, List<PieceError> errors) {
        Band band = new Band(sides);
        List<Band.Moved> moved = band.moved(errors);
        List<List<Point>> laid = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            Pose pose = band.pose(i);
            Band.Moved by = moved.get(i);
            laid.add(corners(sides.get(i), errors.get(i)).stream()
                    .map(own -> pose.place(own)
                            .plus(by.way())
                            .plus(by.turn().cross(pose.way(own))))
                    .map(place -> seen(place, sides.getFirst().place()))
                    .toList());
        }
        return laid;
    }

    /** Closed one corner after another from the second to the last; so too. */
    public static List<List<Point>> closed(List<Member> sides, List<PieceError> errors) {
        List<List<Point>> laid = new ArrayList<>();
        Pose pose = Pose.FIRST;
        for (int i = 0; i < sides.size(); i++) {
            if (i > 0) {
                pose = pose.next(
                        End.of(sides.get(i - 1), errors.get(i - 1), true), End.of(sides.get(i), errors.get(i), false));
            }
            Pose here = pose;
            laid.add(corners(sides.get(i), errors.get(i)).stream()
                    .map(own -> seen(here.place(own), sides.getFirst().place()))
                    .toList());
        }
        return laid;
    }

    private static List<Vector> corners(Member side, PieceError error) {
        End left = End.of(side, error, false);
        End right = End.of(side, error, true);
        return List.of(left.place(0, 0), right.place(0, 0), right.place(1, 0), left.place(1, 0));
    }

    private static Point seen(Vector place, Place first) {
        Vector at = first.at(place.x(), place.y(), place.z());
        return new Point(at.x(), at.y());
    }

    /** The same errors, so many times over. */
    public static List<PieceError> times(List<PieceError> errors, double factor) {
        return errors.stream()
                .map(error -> new PieceError(
                        times(error.left(), factor), times(error.right(), factor), error.length() * factor))
                .toList();
    }

    private static EndError times(EndError error, double factor) {
        return new EndError(error.swing() * factor, error.tilt() * factor);
    }
}
