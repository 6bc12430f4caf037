package neatcorner.core.strength;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.core.outline.Elimination;
import neatcorner.core.outline.Point;

/**
 * A closed ring of straight bays with stiff corners, in its plane, with ties across it: solved by virtual work. Cut
 * open where its first bay starts it is determinate; a force across, a force along and a moment there, and a pull in
 * each tie, are found so that the cut closes and the ties fit (the force method for a closed frame, as handbooks of
 * statics give it). Bending alone counts, not the stretch of the sides; ties stretch.
 *
 * @param bays going round, each starting where the one before it ends
 * @param ties from one place of the ring to another
 */
record Ring(List<Bay> bays, List<Tie> ties) {
    /** Nearer to an end of a bay, in mm, is at the end. */
    private static final double NEAR = 1e-6;
    /** Two forces and a moment where the ring is cut. */
    private static final int CUT = 3;

    Ring {
        bays = List.copyOf(bays);
        ties = List.copyOf(ties);
    }

    /**
     * A straight part of the ring.
     *
     * @param stiffness elasticity times second moment of area, in N·mm²
     */
    record Bay(Point from, Point to, double stiffness) {
        double length() {
            return from.to(to);
        }

        Point along() {
            return to.minus(from).unit();
        }
    }

    /** A place on the ring: so many mm along a bay. */
    record Spot(int bay, double along) {
    }

    /**
     * A bar across with hinged ends.
     *
     * @param stiffness elasticity times area, in N
     */
    record Tie(Spot from, Spot to, double stiffness) {
    }

    /** A force in N on one spot. */
    record Load(Spot at, Point force) {
    }

    /**
     * All that acts on the ring; forces and moments are in balance.
     *
     * @param loads  on spots
     * @param spread for each bay the force in N on every mm of it
     */
    record Loads(List<Load> loads, List<Point> spread) {
        Loads {
            loads = List.copyOf(loads);
            spread = List.copyOf(spread);
        }
    }

    Point place(Spot spot) {
        Bay bay = bays.get(spot.bay());
        return bay.from().plus(bay.along().times(spot.along()));
    }

    /** The moments and forces all round. */
    Forces under(Loads loads) {
        return new Solving(loads).solved();
    }

    /** A part of a bay between two spots where something acts, with what has come before it. */
    private record Piece(int bay, double from, double to, Point start, Point way, double stiffness) {
        double length() {
            return to - from;
        }

        Point at(double along) {
            return start.plus(way.times(along));
        }
    }

    /** What acts on the opened ring: at the start of a piece, and along pieces. */
    private interface Acting {
        /** The force and the moment about a place of all that acts before that place in a piece. */
        double moment(int piece, double along);
    }

    private final class Solving {
        private final Loads loads;
        private final List<Piece> pieces;
        /** Sums of what acts on spots before or at the start of each piece, and of what is spread before it. */
        private final Point[] force;

        private final double[] moment;

        Solving(Loads loads) {
            this.loads = loads;
            this.pieces = pieces();
            this.force = new Point[pieces.size()];
            this.moment = new double[pieces.size()];
            Point sum = new Point(0, 0);
            double about = 0;
            for (int i = 0; i < pieces.size(); i++) {
                Piece piece = pieces.get(i);
                for (Load load : loads.loads()) {
                    if (starts(piece, load.at())) {
                        sum = sum.plus(load.force());
                    }
                }
                force[i] = sum;
                moment[i] = about;
                Point spread = loads.spread().get(piece.bay());
                about = moved(about, sum, spread, piece, piece.length());
                sum = sum.plus(spread.times(piece.length()));
            }
        }

        /** The moment about a place so far on in a piece, of a force and a moment at its start and what is spread. */
        private double moved(double about, Point sum, Point spread, Piece piece, double along) {
            return about - along * piece.way().cross(sum) - along * along / 2 * piece.way().cross(spread);
        }

        private boolean starts(Piece piece, Spot spot) {
            return piece.bay() == spot.bay() && Math.abs(piece.from() - within(spot)) < NEAR;
        }

        /** A spot at the very end of a bay counts just before it, so that what acts at the last end acts at all. */
        private double within(Spot spot) {
            double length = bays.get(spot.bay()).length();
            return Math.clamp(spot.along(), 0, length - Math.min(length / 2, 2 * NEAR));
        }

        private List<Piece> pieces() {
            List<Piece> all = new ArrayList<>();
            for (int i = 0; i < bays.size(); i++) {
                Bay bay = bays.get(i);
                List<Double> cuts = new ArrayList<>(List.of(0.0, bay.length()));
                for (Load load : loads.loads()) {
                    cut(cuts, i, load.at());
                }
                for (Tie tie : ties) {
                    cut(cuts, i, tie.from());
                    cut(cuts, i, tie.to());
                }
                cuts.sort(Comparator.naturalOrder());
                for (int c = 0; c + 1 < cuts.size(); c++) {
                    Point way = bay.along();
                    all.add(new Piece(
                            i,
                            cuts.get(c),
                            cuts.get(c + 1),
                            bay.from().plus(way.times(cuts.get(c))),
                            way,
                            bay.stiffness()));
                }
            }
            return all;
        }

        private void cut(List<Double> cuts, int bay, Spot spot) {
            if (spot.bay() == bay && cuts.stream().noneMatch(cut -> Math.abs(cut - within(spot)) < NEAR)) {
                cuts.add(within(spot));
            }
        }

        Forces solved() {
            double[][] acting = table((i, along) ->
                    moved(moment[i], force[i], loads.spread().get(pieces.get(i).bay()), pieces.get(i), along));
            List<double[][]> unknown = unknown().stream().map(this::table).toList();
            int n = unknown.size();
            double[][] flexible = new double[n][n + 1];
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    flexible[i][j] = work(unknown.get(i), unknown.get(j));
                }
                flexible[i][n] = -work(unknown.get(i), acting);
            }
            for (int t = 0; t < ties.size(); t++) {
                Tie tie = ties.get(t);
                flexible[CUT + t][CUT + t] += place(tie.from()).to(place(tie.to())) / tie.stiffness();
            }
            double[] found = Elimination.solved(flexible);
            List<Stretch> stretches = new ArrayList<>();
            for (int i = 0; i < pieces.size(); i++) {
                double[] moments = acting[i].clone();
                for (int u = 0; u < n; u++) {
                    for (int k = 0; k < moments.length; k++) {
                        moments[k] += found[u] * unknown.get(u)[i][k];
                    }
                }
                stretches.add(new Stretch(
                        pieces.get(i).bay(),
                        pieces.get(i).from(),
                        pieces.get(i).to(),
                        moments[0],
                        moments[1],
                        moments[2],
                        inside(i, found)));
            }
            List<List<Stretch>> byBay = new ArrayList<>();
            bays.forEach(_ -> byBay.add(new ArrayList<>()));
            stretches.forEach(stretch -> byBay.get(stretch.bay()).add(stretch));
            return new Forces(byBay);
        }

        private Point inside(int piece, double[] found) {
            Point sum = force[piece].plus(new Point(found[0], found[1]));
            for (int t = 0; t < ties.size(); t++) {
                Tie tie = ties.get(t);
                Point pull = pull(tie).times(found[CUT + t]);
                sum = piece >= starting(tie.from()) ? sum.plus(pull) : sum;
                sum = piece >= starting(tie.to()) ? sum.minus(pull) : sum;
            }
            return sum;
        }

        /** A force of 1 N across, one down and a moment of 1 N·mm where the ring is cut; a pull of 1 N in each tie. */
        private List<Acting> unknown() {
            Point cut = bays.getFirst().from();
            List<Acting> unknown = new ArrayList<>();
            unknown.add((i, along) -> turn(cut, new Point(1, 0), pieces.get(i).at(along)));
            unknown.add((i, along) -> turn(cut, new Point(0, 1), pieces.get(i).at(along)));
            unknown.add((_, _) -> 1);
            for (Tie tie : ties) {
                int first = starting(tie.from());
                int last = starting(tie.to());
                unknown.add((i, along) -> {
                    Point here = pieces.get(i).at(along);
                    return (i >= first ? turn(place(tie.from()), pull(tie), here) : 0)
                            - (i >= last ? turn(place(tie.to()), pull(tie), here) : 0);
                });
            }
            return unknown;
        }

        private Point pull(Tie tie) {
            return place(tie.to()).minus(place(tie.from())).unit();
        }

        private int starting(Spot spot) {
            for (int i = 0; i < pieces.size(); i++) {
                if (starts(pieces.get(i), spot)) {
                    return i;
                }
            }
            throw new IllegalStateException("no piece starts at " + spot);
        }

        /** The moments at the start, in the middle and at the end of every piece. */
        private double[][] table(Acting acting) {
            double[][] moments = new double[pieces.size()][];
            for (int i = 0; i < moments.length; i++) {
                double length = pieces.get(i).length();
                moments[i] =
                        new double[] {acting.moment(i, 0), acting.moment(i, length / 2), acting.moment(i, length)};
            }
            return moments;
        }

        /** Simpson's rule: exact, since loads give parabolas and unknowns straight lines. */
        private double work(double[][] one, double[][] other) {
            double sum = 0;
            for (int i = 0; i < one.length; i++) {
                double[] a = one[i];
                double[] b = other[i];
                Piece piece = pieces.get(i);
                sum += piece.length() / 6 / piece.stiffness() * (a[0] * b[0] + 4 * a[1] * b[1] + a[2] * b[2]);
            }
            return sum;
        }
    }

    /** The moment of a force about a place. */
    private static double turn(Point at, Point force, Point about) {
        return at.minus(about).cross(force);
    }

    /**
     * A part of a bay along which the moment is a parabola.
     *
     * @param bay    which
     * @param from   mm along it
     * @param to     mm along it
     * @param start  the moment at its start, in N·mm
     * @param middle the same in its middle
     * @param end    the same at its end
     * @param force  in N, of all that acts on the ring before its start, where the ring is cut with it
     */
    record Stretch(int bay, double from, double to, double start, double middle, double end, Point force) {
        double at(double along) {
            double share = (along - from) / (to - from);
            return start * (1 - share) * (1 - 2 * share) + middle * 4 * share * (1 - share)
                    + end * share * (2 * share - 1);
        }

        double most() {
            double most = Math.max(Math.abs(start), Math.abs(end));
            double bent = start - 2 * middle + end;
            double share = Math.abs(bent) < 1e-12 ? -1 : (start - end) / (4 * bent) + 0.5;
            return share > 0 && share < 1 ? Math.max(most, Math.abs(at(from + share * (to - from)))) : most;
        }
    }

    /**
     * What acts inside the ring.
     *
     * @param bays the stretches of each, going round
     */
    record Forces(List<List<Stretch>> bays) {
        /** The moment where a bay starts, in N·mm. */
        double momentAtStart(int bay) {
            return starting(bay).start();
        }

        /** The force in N that what comes before puts on what comes after where a bay starts. */
        Point forceAtStart(int bay) {
            return starting(bay).force();
        }

        private Stretch starting(int bay) {
            return bays.get(bay).getFirst();
        }

        /** The greatest moment in a bay, in N·mm, without its sign. */
        double most(int bay) {
            return bays.get(bay).stream().mapToDouble(Stretch::most).max().orElse(0);
        }

        /**
         * How far the middle of a bay bends away from the straight line between its ends, in mm, positive to the right
         * of its way and so inwards: the moments' work on a force of 1 N there, on the bay as a beam on two supports.
         */
        double bow(int bay, Bay of) {
            double middle = of.length() / 2;
            double sum = 0;
            for (Stretch s : bays.get(bay)) {
                double cut = Math.clamp(middle, s.from(), s.to());
                for (double[] part : new double[][] {{s.from(), cut}, {cut, s.to()}}) {
                    double half = (part[0] + part[1]) / 2;
                    sum += (part[1] - part[0])
                            / 6
                            * (s.at(part[0]) * unit(part[0], of)
                                    + 4 * s.at(half) * unit(half, of)
                                    + s.at(part[1]) * unit(part[1], of));
                }
            }
            return sum / of.stiffness();
        }

        private static double unit(double along, Bay of) {
            return Math.min(along, of.length() - along) / 2;
        }
    }
}
