package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;

/**
 * The second corner of a frame whose pieces meet at a right angle; of a mitre both run up to it alike, and the one
 * before it is taken to run through.
 *
 * @param through  the piece that runs through
 * @param standing the other
 * @param tip      the outside corner
 * @param across   the way from the tip across the piece that runs through, and so along the other, of length one
 * @param along    the way from the tip along the piece that runs through, of length one
 */
public record Crossing(Member through, Member standing, Point tip, Point across, Point along) {
    private static final int ROUND = 16;

    /** The corner at the right end of the first piece. */
    public static Crossing of(Frame frame) {
        Member before = frame.members().get(0);
        Member after = frame.members().get(1);
        Vector start = before.place().start();
        Vector way = before.place().along();
        Point tip = flat(start.plus(way.times(after.place().start().minus(start).dot(way))));
        Point back = flat(before.place().along()).times(-1);
        Point on = flat(after.place().along());
        return isThrough(frame, before)
                ? new Crossing(before, after, tip, on, back)
                : new Crossing(after, before, tip, back, on);
    }

    private static boolean isThrough(Frame frame, Member member) {
        return frame.job()
                .squared()
                .map(squared -> squared.through().runs(member.side()))
                .orElse(true);
    }

    private static Point flat(Vector way) {
        return new Point(way.x(), way.y());
    }

    /**
     * A place in the frame, in mm.
     *
     * @param fromThrough  in from the outside edge of the piece that runs through
     * @param fromStanding in from the outside edge of the other
     * @param level        from the back
     */
    public Vector at(double fromThrough, double fromStanding, double level) {
        return Vector.of(tip.plus(across.times(fromThrough)).plus(along.times(fromStanding)), level);
    }

    /** How far a place lies from the outside edge of the piece that runs through. */
    public double fromThrough(Point place) {
        return place.minus(tip).dot(across);
    }

    /** How far a place lies from the outside edge of the other piece. */
    public double fromStanding(Point place) {
        return place.minus(tip).dot(along);
    }

    /** The outline of a round thing that stands there, at a level. */
    List<Vector> round(double fromThrough, double fromStanding, double diameter, double level) {
        List<Vector> round = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double angle = 2 * Math.PI * i / ROUND;
            round.add(at(
                    fromThrough + diameter / 2 * Math.cos(angle),
                    fromStanding + diameter / 2 * Math.sin(angle),
                    level));
        }
        return round;
    }

    /** The narrowest face of those that run through, or of the others. */
    static Length narrowest(Frame frame, boolean through) {
        return frame.members().stream()
                .filter(member -> !frame.isSquared() || isThrough(frame, member) == through)
                .map(member -> member.section().face())
                .min(Length::compareTo)
                .orElseThrow();
    }

    /** The widest face of those that run through, or of the others. */
    static Length widest(Frame frame, boolean through) {
        return frame.members().stream()
                .filter(member -> !frame.isSquared() || isThrough(frame, member) == through)
                .map(member -> member.section().face())
                .max(Length::compareTo)
                .orElseThrow();
    }
}
