package neatcorner.core.outline;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;

/**
 * An outline walked by its sides and corner angles, as one measures a niche: along the first side to
 * the right, then round clockwise. What the tape got wrong shows where the walk ends.
 *
 * @param places where each side starts, the first at (0, 0), and last where the walk ends
 */
public record Traverse(List<Point> places) {
    /**
     * Walks.
     *
     * @param sides  from 3 to {@value Outline#MOST_SIDES} lengths, each from 5 mm to 10 m
     * @param angles inside the corner at the end of each side, from 8° to 352°; the last may be missing,
     *               since nothing is walked after it
     */
    public static Traverse walk(List<Length> sides, List<Angle> angles) {
        if (sides.size() < 3 || sides.size() > Outline.MOST_SIDES) {
            throw Refusal.of("traverse.outline_has_sides_have", sides.size(), Outline.MOST_SIDES);
        }
        if (angles.size() < sides.size() - 1) {
            throw Refusal.of(
                    "traverse.there_are_angles_for", angles.size(), sides.size(), (sides.size() - 1), sides.size());
        }
        List<Point> places = new ArrayList<>();
        Point at = new Point(0, 0);
        double heading = 0;
        for (int i = 0; i < sides.size(); i++) {
            places.add(at);
            Range.within("side", sides.get(i), Length.mm(5), Size.MOST, (i + 1));
            at = at.plus(Point.heading(heading).times(sides.get(i).toMm()));
            if (i < angles.size()) {
                heading += Math.PI
                        - Math.toRadians(
                                Range.number("angle_in_degrees", angles.get(i).toDegrees(), 8, 352, (i + 1)));
            }
        }
        places.add(at);
        return new Traverse(List.copyOf(places));
    }

    /** How far the end lies from the start. */
    public Length gap() {
        return Length.mm(places.getLast().to(places.getFirst()));
    }

    /**
     * The corners with the gap shared out over the sides in proportion to their lengths (the compass
     * rule of land surveying).
     */
    public List<Corner> closed() {
        double total = 0;
        for (int i = 1; i < places.size(); i++) {
            total += places.get(i - 1).to(places.get(i));
        }
        Point gap = places.getFirst().minus(places.getLast());
        List<Corner> corners = new ArrayList<>();
        double walked = 0;
        for (int i = 0; i < places.size() - 1; i++) {
            corners.add(Corner.of(places.get(i).plus(gap.times(walked / total))));
            walked += places.get(i).to(places.get(i + 1));
        }
        return corners;
    }
}
