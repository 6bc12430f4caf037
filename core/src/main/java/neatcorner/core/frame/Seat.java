package neatcorner.core.frame;

import java.util.List;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Point;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;

/**
 * Where a flat package comes to rest in a section that lies flat or leans. All in mm: across, from the
 * stick's back sight corner outwards as seen from the front; deep, from that corner toward the front.
 *
 * <p>A stick that leans by s outwards takes a place x from its sight edge and y from its back to
 * x·cos s − y·sin s across and x·sin s + y·cos s deep; inwards s counts negative. The package comes from
 * behind, level. It stops where its front meets the first place of the ledge, and its edge may reach as
 * far as the wall lets it on the whole way there.
 *
 * @param sight how far in the wood shows from the front, the innermost of all of it
 * @param wall  how far out the package's edge may reach
 * @param cover how much of the package rests on the ledge when its edge reaches the wall; below zero when
 *              it falls through to the front
 * @param front how deep the package's front lies
 * @param room  from the package's front to where the wall ends behind it; zero or less when no wall is
 *              left beside it
 */
public record Seat(double sight, double wall, double cover, double front, double room) {
    /** The seat of a section whose sides stand like this; without a covering recess only the sight counts. */
    static Seat of(Section section, double lean) {
        double sight = lean == 0 ? 0 : section.outline().stream().mapToDouble(p -> across(p, lean)).min().orElseThrow();
        if (!(section.recess() instanceof Recess.Covering covering)) {
            return new Seat(
                    section.recess().ledge().isPositive() ? 0 : sight,
                    0,
                    0,
                    section.recessDepth().toMm(),
                    section.recessDepth().toMm());
        }
        List<Point> seat = covering.seat();
        double inner = across(seat.get(0), lean);
        double corner = across(seat.get(1), lean);
        double end = across(seat.get(2), lean);
        double innerDeep = deep(seat.get(0), lean);
        double cornerDeep = deep(seat.get(1), lean);
        double endDeep = deep(seat.get(2), lean);
        if (innerDeep <= cornerDeep + 1e-9) {
            double share = cornerDeep > endDeep ? Math.clamp((innerDeep - endDeep) / (cornerDeep - endDeep), 0, 1) : 1;
            double wall = Math.min(end, end + (corner - end) * share);
            return new Seat(sight, wall, wall - inner, innerDeep, innerDeep - endDeep);
        }
        double wall = Math.min(end, corner);
        double front = wall <= inner
                ? innerDeep
                : innerDeep + (cornerDeep - innerDeep) * Math.min(1, (wall - inner) / (corner - inner));
        return new Seat(sight, wall, wall - inner, front, front - endDeep);
    }

    /** A lean in radians, positive outwards. */
    static double signed(Lean lean, double radians) {
        return lean.forward() * radians;
    }

    private static double across(Point place, double lean) {
        return place.x() * Math.cos(lean) - place.y() * Math.sin(lean);
    }

    private static double deep(Point place, double lean) {
        return place.x() * Math.sin(lean) + place.y() * Math.cos(lean);
    }
}
