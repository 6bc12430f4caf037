package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import neatcorner.core.frame.Member;
import neatcorner.core.outline.Vector;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;
import org.hipparchus.linear.SingularValueDecomposition;

/**
 * A frame whose pieces are a little off, pulled together all round at once as by a band: no corner is left over, each
 * takes its part. The corners then turn by the least that closes the ring (least squares), about their outside
 * corners; every piece stays rigid, and those of a flat frame stay flat, as on a board.
 *
 * <p>To first order. With misfit turns μ of the corners from their cuts, added turns ω, places P of the corners, and
 * added lengths ε along the ways u of the pieces, the ring closes where
 * <ol>
 *   <li>Σ (μ + ω) = 0: what turns away comes back, and
 *   <li>Σ (μ + ω) × (−P) + Σ ε·u = 0: and so does what moves.
 * </ol>
 * Of all ω that do it is the one with the least Σ ω². Second-order terms are about the angles' square: of corners off
 * by half a degree, less than a hundredth of what is seen.
 */
public final class Band {
    private static final double NEGLIGIBLE = 1e-9;
    private static final Vector EAST = new Vector(1, 0, 0);
    private static final Vector SOUTH = new Vector(0, 1, 0);
    private final List<Member> sides;
    /** Cuts that are as they should be. */
    private final Ends right;
    /** As it should lie, and how each piece lies on the one before in its axes. */
    private final List<Pose> poses = new ArrayList<>();
    private final List<Pose> steps = new ArrayList<>();
    private final boolean isFlat;
    private final List<Vector> axes;
    private final RealMatrix sharing;

    /** For the mitred sides of a frame, clockwise, three or more. */
    public Band(List<Member> sides) {
        this.sides = List.copyOf(sides);
        this.right = Ends.of(sides, Collections.nCopies(sides.size(), PieceError.NONE));
        Pose pose = Pose.FIRST;
        for (int i = 0; i < sides.size(); i++) {
            poses.add(pose);
            steps.add(step(right, i));
            pose = pose.next(right.right(i), right.left((i + 1) % sides.size()));
        }
        this.isFlat = poses.stream().allMatch(one -> one.front().z() > 1 - NEGLIGIBLE);
        this.axes = isFlat ? List.of(Vector.FORWARD) : List.of(EAST, SOUTH, Vector.FORWARD);
        this.sharing = sharing();
    }

    private int before(int side) {
        return (side + sides.size() - 1) % sides.size();
    }

    /** How the side of this number lies on the one before it. */
    private Pose step(Ends ends, int side) {
        return Pose.FIRST.next(ends.right(before(side)), ends.left(side));
    }

    /** The corner at the left end of a side. */
    private Vector corner(int side) {
        return poses.get(side).at();
    }

    /** From what does not close to the turns that close it: −A⁺, each row of A a closing condition. */
    private RealMatrix sharing() {
        return new SingularValueDecomposition(closing()).getSolver().getInverse().scalarMultiply(-1);
    }

    private RealMatrix closing() {
        RealMatrix closing = new Array2DRowRealMatrix(isFlat ? 3 : 6, axes.size() * sides.size());
        for (int i = 0; i < sides.size(); i++) {
            for (int j = 0; j < axes.size(); j++) {
                closing.setColumn(axes.size() * i + j, open(axes.get(j), moves(axes.get(j), i)));
            }
        }
        return closing;
    }

    /** Lengths are counted in the frame's own size, so that turns and ways weigh alike. */
    private double size() {
        return sides.stream().mapToDouble(side -> side.longPoint().value().toMm()).max().orElseThrow();
    }

    /** By how much a turn at a corner moves all that comes after it, at the first corner. */
    private Vector moves(Vector turn, int side) {
        return turn.cross(corner(side).times(-1 / size()));
    }

    /** The parts of a turn and of a way that matter for the closing; of a flat frame one of it, two of the other. */
    private double[] open(Vector turn, Vector way) {
        return isFlat
                ? new double[] {turn.z(), way.x(), way.y()}
                : new double[] {turn.x(), turn.y(), turn.z(), way.x(), way.y(), way.z()};
    }

    /** The turn of a corner that its two cuts make, beside what they should. */
    private Vector misfit(Ends ends, int side) {
        Vector own = step(ends, side).turnFrom(steps.get(side));
        return poses.get(before(side)).way(own);
    }

    /**
     * What each corner is left with, in the order of the sides, the first at the left end of the first.
     *
     * @throws IllegalArgumentException where there are not as many errors as sides
     */
    public List<Openings> pulled(List<PieceError> errors) {
        return pulled(Ends.of(sides, errors), errors);
    }

    /** Of pieces whose cuts are known. */
    List<Openings> pulled(Ends ends, List<PieceError> errors) {
        List<Vector> turns = turns(ends, errors);
        List<Openings> openings = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            openings.add(openings(i, turns.get(i)).touching());
        }
        return List.copyOf(openings);
    }

    /** By how much each corner is turned beyond closed, as vectors in rad. */
    List<Vector> turns(List<PieceError> errors) {
        return turns(Ends.of(sides, errors), errors);
    }

    private List<Vector> turns(Ends ends, List<PieceError> errors) {
        List<Vector> misfits = new ArrayList<>();
        Vector turned = new Vector(0, 0, 0);
        Vector moved = new Vector(0, 0, 0);
        for (int i = 0; i < sides.size(); i++) {
            Vector misfit = misfit(ends, i);
            misfits.add(misfit);
            turned = turned.plus(misfit);
            moved = moved.plus(moves(misfit, i))
                    .plus(poses.get(i).along().times(errors.get(i).length() / size()));
        }
        double[] added = sharing.operate(open(turned, moved));
        List<Vector> turns = new ArrayList<>();
        for (int i = 0; i < sides.size(); i++) {
            turns.add(isFlat ? heldFlat(misfits.get(i), added[i])
                    : new Vector(added[3 * i], added[3 * i + 1], added[3 * i + 2]));
        }
        return turns;
    }

    /** A piece that lies on a board does not lean to close its corner: what its cuts lean is left open. */
    private static Vector heldFlat(Vector misfit, double turn) {
        return new Vector(-misfit.x(), -misfit.y(), turn);
    }

    /** What a turn about the outside corner opens. */
    private Openings openings(int side, Vector turn) {
        End first = right.left(side);
        Pose pose = poses.get(side);
        Vector apart = pose.way(first.normal()).times(-1);
        double thick = sides.get(side).stock().thickness().toMm();
        return new Openings(
                0,
                opened(first.place(1, 0), pose, turn, apart),
                opened(first.place(0, thick), pose, turn, apart),
                opened(first.place(1, thick), pose, turn, apart));
    }

    private static double opened(Vector place, Pose pose, Vector turn, Vector apart) {
        return turn.cross(pose.way(place)).dot(apart);
    }

    /**
     * How each side has moved: its turn as a vector in rad, and where its start went, in mm; the first one lies still.
     *
     * @param turn of the side
     * @param way  of the start of its outside edge
     */
    record Moved(Vector turn, Vector way) {
    }

    /** How the sides lie when it is pulled together, beside how they should, in the axes of the first. */
    List<Moved> moved(List<PieceError> errors) {
        return moved(errors, turns(errors));
    }

    private List<Moved> moved(List<PieceError> errors, List<Vector> added) {
        Ends ends = Ends.of(sides, errors);
        List<Moved> moved = new ArrayList<>();
        Vector turn = new Vector(0, 0, 0);
        Vector way = new Vector(0, 0, 0);
        moved.add(new Moved(turn, way));
        for (int i = 1; i < sides.size(); i++) {
            Pose before = poses.get(i - 1);
            way = way.plus(turn.cross(corner(i).minus(corner(i - 1))))
                    .plus(before.along().times(errors.get(i - 1).length()));
            turn = turn.plus(misfit(ends, i)).plus(added.get(i));
            moved.add(new Moved(turn, way));
        }
        return moved;
    }

    /** How a side should lie, in the axes of the first. */
    Pose pose(int side) {
        return poses.get(side);
    }

    /** Whether its pieces lie flat. */
    boolean isFlat() {
        return isFlat;
    }

    /**
     * How a frame can be racked with its corners still closing the ring: turns of the corners in its plane, each
     * list of length one and square to the others. A flat frame of n sides has n − 3.
     */
    List<double[]> racks() {
        int n = sides.size();
        RealMatrix closes = closing();
        RealMatrix kept = MatrixUtils.createRealIdentityMatrix(n).add(sharing.multiply(closes));
        List<double[]> racks = new ArrayList<>();
        for (int i = 0; i < n && racks.size() < n - 3; i++) {
            RealVector left = kept.getColumnVector(i);
            for (double[] other : racks) {
                RealVector before = new ArrayRealVector(other);
                left = left.subtract(before.mapMultiply(before.dotProduct(left)));
            }
            if (left.getNorm() > 1e-6) {
                racks.add(left.unitVector().toArray());
            }
        }
        return racks;
    }

    /**
     * How it is when it is pulled together and racked.
     *
     * @param openings of the corners, not brought together until they touch
     * @param moved    of the sides
     */
    record State(List<Openings> openings, List<Moved> moved) {
    }

    /** Pulled together, and racked by turns of the corners that close the ring; of a flat frame. */
    State state(List<PieceError> errors, double[] rack) {
        List<Vector> added = turns(errors);
        for (int i = 0; i < added.size(); i++) {
            added.set(i, added.get(i).plus(Vector.FORWARD.times(rack[i])));
        }
        List<Openings> openings = new ArrayList<>();
        for (int i = 0; i < added.size(); i++) {
            openings.add(openings(i, added.get(i)));
        }
        return new State(openings, moved(errors, added));
    }

    /** How much further one outside corner is from another than it should be, in mm. */
    double longer(int from, int to, State state) {
        Vector way = corner(to).minus(corner(from)).unit();
        return state.moved().get(to).way().minus(state.moved().get(from).way()).dot(way);
    }

    /** How far one outside corner should be from another, in mm. */
    double distance(int from, int to) {
        return corner(to).minus(corner(from)).length();
    }
}
