package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.frame.Member;
import neatcorner.core.joint.Crossing;
import neatcorner.core.joint.Insert;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.plan.Plan;
import neatcorner.core.wood.Species;

/** The second corner of a frame whose pieces meet square, and what all pictures of it want. */
abstract class CrossingView {
    /** Corners nearer to one another, in mm, are one. */
    static final double SAME = 1e-6;

    final Plan plan;
    final Sketch sketch;
    final double width;
    final double height;
    final Crossing crossing;
    final Species species;

    CrossingView(Plan plan, Reader reader, double width, double height) {
        this.plan = plan;
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        this.crossing = Crossing.of(plan.frame());
        this.species = plan.job().section().species();
    }

    abstract void draw();

    final Picture picture() {
        draw();
        return sketch.picture(width, height);
    }

    /** So many faces of each piece, and a little more than any fastener takes. */
    final double reach(double faces) {
        double wide = Math.max(
                crossing.through().section().face().toMm(),
                crossing.standing().section().face().toMm());
        double fastened = inserts().stream()
                .flatMap(insert -> insert.places().stream())
                .mapToDouble(place -> Math.max(crossing.fromThrough(flat(place)), crossing.fromStanding(flat(place))))
                .max()
                .orElse(0);
        return Math.max(faces * wide, fastened + wide / 2);
    }

    /** What is shown of an outline: no more of the piece than so far from the corner. */
    final List<Point> near(Member member, List<Point> outline, double reach) {
        boolean through = member.equals(crossing.through());
        List<Point> near = new ArrayList<>();
        for (Point p : outline) {
            double x = crossing.fromThrough(p);
            double y = crossing.fromStanding(p);
            Point shown = flat(through ? crossing.at(x, Math.min(reach, y), 0) : crossing.at(Math.min(reach, x), y, 0));
            if (near.isEmpty() || near.getLast().to(shown) > SAME) {
                near.add(shown);
            }
        }
        return near;
    }

    static Point flat(Vector place) {
        return new Point(place.x(), place.y());
    }

    final List<Insert> inserts() {
        return plan.joints().inserts(plan.frame());
    }
}
