package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Place;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.recall.Known;
import org.hipparchus.optim.linear.LinearConstraint;
import org.hipparchus.optim.linear.LinearConstraintSet;
import org.hipparchus.optim.linear.LinearObjectiveFunction;
import org.hipparchus.optim.linear.NonNegativeConstraint;
import org.hipparchus.optim.linear.Relationship;
import org.hipparchus.optim.linear.SimplexSolver;
import org.hipparchus.optim.nonlinear.scalar.GoalType;

/**
 * How much room a pane has in a rabbet whose sides have moved a little. The pane may shift and turn; its room is how
 * far it can be kept from every side at once: the m of the linear program
 *
 * <pre>
 * most m, so that for every side i and both ends v of the pane's edge there
 *   (v + t + φ·v⊥ − p_i) · n_i ≥ m
 * </pre>
 *
 * with p_i a place on the rabbet's line, n_i the way into the opening, t how far the pane shifts and φ how far it
 * turns, small.
 */
final class Play {
    private final List<Point> pane;
    private final List<Point> walls = new ArrayList<>();
    private final Band band;

    private Play(Frame frame, Band band) {
        this.band = band;
        Place first = frame.members().getFirst().place();
        this.pane = seen(Known.in(frame.lines(), Line.GLASS), first);
        walls.addAll(seen(Known.in(frame.lines(), Line.RABBET), first));
    }

    /** Of a flat frame with straight sides and a pane in a rabbet; empty for any other. */
    static Optional<Play> of(Frame frame, Band band) {
        int sides = frame.members().size();
        boolean straight = !frame.job().outline().isCurved() && frame.job().lean().isFlat();
        return straight
                        && frame.has(Line.GLASS)
                        && frame.has(Line.RABBET)
                        && Known.in(frame.lines(), Line.GLASS).size() == sides
                        && Known.in(frame.lines(), Line.RABBET).size() == sides
                ? Optional.of(new Play(frame, band))
                : Optional.empty();
    }

    /** In the axes of the first side. */
    private static List<Point> seen(List<Point> line, Place first) {
        return line.stream()
                .map(place -> Vector.of(place, 0).minus(first.start()))
                .map(way -> new Point(way.dot(first.along()), way.dot(first.outward())))
                .toList();
    }

    /** The room in all, in mm: twice what it can be kept from each side; below zero where it does not go in. */
    double room(List<PieceError> errors) {
        List<Band.Moved> moved = band.moved(errors);
        List<LinearConstraint> kept = new ArrayList<>();
        for (int i = 0; i < walls.size(); i++) {
            Pose pose = band.pose(i);
            double turn = moved.get(i).turn().z();
            Vector into = pose.across().times(-1);
            Vector normal = into.plus(new Vector(-turn * into.y(), turn * into.x(), 0));
            Vector wall = Vector.of(walls.get(i), 0);
            Vector arm = wall.minus(pose.at());
            Vector at = wall.plus(moved.get(i).way()).plus(new Vector(-turn * arm.y(), turn * arm.x(), 0));
            for (Point corner : List.of(pane.get(i), pane.get((i + 1) % pane.size()))) {
                double turning = -corner.y() * normal.x() + corner.x() * normal.y();
                double outside = at.dot(normal) - corner.x() * normal.x() - corner.y() * normal.y();
                kept.add(new LinearConstraint(
                        new double[] {normal.x(), normal.y(), turning, -1}, Relationship.GEQ, outside));
            }
        }
        return 2
                * new SimplexSolver()
                        .optimize(
                                new LinearObjectiveFunction(new double[] {0, 0, 0, 1}, 0),
                                new LinearConstraintSet(kept),
                                GoalType.MAXIMIZE,
                                new NonNegativeConstraint(false))
                        .getValue();
    }
}
