package neatcorner.core.strength;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Weight;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Force;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.strength.Burden.Bent;
import neatcorner.core.strength.Burden.Borne;
import neatcorner.core.strength.Ring.Bay;
import neatcorner.core.strength.Ring.Forces;
import neatcorner.core.strength.Ring.Load;
import neatcorner.core.strength.Ring.Loads;
import neatcorner.core.strength.Ring.Spot;
import neatcorner.core.strength.Ring.Tie;
import neatcorner.core.wood.Strength;

/**
 * Loads the ring of a frame's sides, along the middles of their sections, in each way it is borne. Its own wood weighs
 * along every side; all else lies on the sides that face up from below, by what they are wide seen from above. Bars
 * across tie the sides they end at; glazing bars, slats and panels are not counted on.
 */
public final class Weighing {
    /** A curve is told by so many of its chords' ends. */
    private static final int EACH = 4;
    /** Nearer to parallel than this, two middles are not brought to cross. */
    private static final double PARALLEL = 1e-3;

    /** Sides that stand upright show no joint in their plane. */
    private static final double FLAT = 0.01;

    /** A frame of many corners is lifted much alike by any of them. */
    private static final int MOST_CORNERS = 4;

    private static final double GRAVITY = Force.STANDARD_GRAVITY;
    private final Frame frame;
    private final Strength strength;
    private final Weight weight;
    private final HangPlan hang;
    private final Ring ring;
    private final List<Double> moduli;
    /** What each bay weighs, in N on every mm. */
    private final List<Double> own;
    /** The member each bay belongs to. */
    private final List<Integer> owners = new ArrayList<>();

    private Weighing(Frame frame, Strength strength, Weight weight, HangPlan hang) {
        this.frame = frame;
        this.strength = strength;
        this.weight = weight;
        this.hang = hang;
        List<Bay> bays = bays();
        this.ring = new Ring(bays, ties(bays));
        this.own = owners.stream()
                .map(owner -> frame.members().get(owner).section().kgPerMetre() * GRAVITY * 1e-3)
                .toList();
        this.moduli = frame.members().stream()
                .map(member -> member.section().modulusInPlane(frame.job().lean()))
                .toList();
    }

    /** Weighs a part in each way it is borne. */
    public static Planned<Burden> of(Frame frame, Weight weight, HangPlan hang) {
        Optional<Strength> strength = Strength.least(frame.members().stream()
                .flatMap(member -> member.section().woods().stream())
                .distinct()
                .toList());
        Burden burden = strength.filter(_ -> !isHeld(frame))
                .map(known -> new Weighing(frame, known, weight, hang).burden())
                .orElseGet(() -> Burden.none(strength, weight.carried()));
        Ledger ledger = new Ledger();
        if (burden.strength().isPresent()) {
            Sides.check(frame, burden, ledger);
        }
        return ledger.planned(burden);
    }

    /** Whether something else holds it all round, or it has no corners that could open. */
    private static boolean isHeld(Frame frame) {
        return frame.isSolid() || frame.job().isFitted() || isInside(frame);
    }

    /** Whether it lies in another part and holds nothing itself. */
    public static boolean isInside(Frame frame) {
        return frame.job().seen() != frame.job().holder()
                && frame.job()
                        .placement()
                        .filter(place -> place instanceof Placement.Inside || place instanceof Placement.InBack)
                        .isPresent();
    }

    private Burden burden() {
        List<Borne> cases = new ArrayList<>();
        if (frame.job().seen() == frame.job().carrier()) {
            cases.add(
                    hang.chosen().isOnWall()
                            ? borne(Bearing.HUNG, hung(hang.chosen()))
                            : borne(Bearing.STANDING, standing()));
        }
        cases.add(borne(Bearing.LIFTED_BY_TOP, hanging(new Point(0, 1), Optional.empty())));
        cases.add(liftedByCorner());
        return new Burden(Optional.of(strength), weight.carried(), cases);
    }

    private List<Bay> bays() {
        List<Member> members = frame.members();
        int n = members.size();
        List<Point> nodes = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            nodes.add(node(members.get((i + n - 1) % n), members.get(i)));
        }
        List<Bay> bays = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Member member = members.get(i);
            List<Point> places = new ArrayList<>(List.of(nodes.get(i)));
            member.curve().ifPresent(curve -> {
                for (int k = EACH; k < curve.outer().size() - 1; k += EACH) {
                    places.add(curve.outer().get(k).towards(curve.inner().get(k), 0.5));
                }
            });
            places.add(nodes.get((i + 1) % n));
            double stiffness = strength.elasticity() * member.section().momentInPlane(frame.job().lean());
            for (int k = 0; k + 1 < places.size(); k++) {
                bays.add(new Bay(places.get(k), places.get(k + 1), stiffness));
                owners.add(i);
            }
        }
        return bays;
    }

    /** Where the middles of two pieces cross, else the middle of their joint. */
    private static Point node(Member before, Member after) {
        List<Point> one = middle(before);
        List<Point> other = middle(after);
        Point way = along(before);
        Point next = along(after);
        double turn = way.cross(next);
        if (before.curve().isPresent() || after.curve().isPresent() || Math.abs(turn) < PARALLEL) {
            return other.get(0);
        }
        double along = other.get(0).minus(one.get(0)).cross(next) / turn;
        return one.get(0).plus(way.times(along));
    }

    /** From the middle of one end to that of the other. */
    private static List<Point> middle(Member member) {
        return member.curve()
                .map(curve -> List.of(
                        curve.outer().getFirst().towards(curve.inner().getFirst(), 0.5),
                        curve.outer().getLast().towards(curve.inner().getLast(), 0.5)))
                .orElseGet(() -> List.of(
                        member.outline().get(0).towards(member.outline().get(3), 0.5),
                        member.outline().get(1).towards(member.outline().get(2), 0.5)));
    }

    private List<Tie> ties(List<Bay> bays) {
        return frame.cross().stream()
                .map(bar -> new Tie(
                        nearest(bays, middle(bar).get(0)),
                        nearest(bays, middle(bar).get(1)),
                        strength.elasticity() * bar.section().areaMm2()))
                .toList();
    }

    private static Spot nearest(List<Bay> bays, Point place) {
        return IntStream.range(0, bays.size())
                .mapToObj(i -> new Spot(i, Math.clamp(along(bays.get(i), place), 0, bays.get(i).length())))
                .min(Comparator.comparingDouble(spot -> bays.get(spot.bay())
                        .from()
                        .plus(bays.get(spot.bay()).along().times(spot.along()))
                        .to(place)))
                .orElseThrow();
    }

    private static double along(Bay bay, Point place) {
        return place.minus(bay.from()).dot(bay.along());
    }

    /** What is spread along the bays: their own wood, and all else on those that face up from below. */
    private List<Point> spread(Point down) {
        double all = weight.carried().toKg() * GRAVITY;
        double wood = 0;
        double wide = 0;
        for (int i = 0; i < ring.bays().size(); i++) {
            wood += own.get(i) * ring.bays().get(i).length();
            wide += under(i, down) * ring.bays().get(i).length();
        }
        double rest = Math.max(0, all - wood) / wide;
        return IntStream.range(0, ring.bays().size())
                .mapToObj(i -> down.times(own.get(i) + rest * under(i, down)))
                .toList();
    }

    /** How wide a millimetre of a bay is that lies below, seen from above; nothing of one above. */
    private double under(int bay, Point down) {
        return Math.max(0, ring.bays().get(bay).along().outward().dot(down));
    }

    private Loads hung(Hardware hardware) {
        Point down = new Point(0, 1);
        return hang.rings()
                .map(rings -> rings(down, rings, hardware))
                .orElseGet(() -> hardware == Hardware.CLEAT ? cleat(down) : hanging(down, Optional.empty()));
    }

    /** By two rings, each bearing as its distance from the middle of the weight says; a wire draws them together. */
    private Loads rings(Point down, HangPlan.Rings rings, Hardware hardware) {
        List<Point> spread = spread(down);
        double high = rings.down().value().toMm();
        List<Spot> crossed = crossings(new Point(0, 1), high);
        Spot left = crossed.stream().min(Comparator.comparingDouble(spot -> ring.place(spot).x())).orElseThrow();
        Spot right = crossed.stream().max(Comparator.comparingDouble(spot -> ring.place(spot).x())).orElseThrow();
        double all = total(spread);
        double from = ring.place(left).x();
        double to = ring.place(right).x();
        double share = Math.clamp((middle(spread, new Point(1, 0)) - from) / (to - from), 0, 1);
        double inward = hardware == Hardware.RINGS_AND_WIRE
                ? hang.wire().map(wire -> all / 2 / wire.angle().value().tan()).orElse(0.0)
                : 0;
        return balanced(
                List.of(
                        new Load(left, new Point(inward, -all * (1 - share))),
                        new Load(right, new Point(-inward, -all * share))),
                spread);
    }

    /** The spots where the ring crosses the line on which a way's part of a place is as given. */
    private List<Spot> crossings(Point way, double at) {
        List<Spot> crossed = new ArrayList<>();
        for (int i = 0; i < ring.bays().size(); i++) {
            Bay bay = ring.bays().get(i);
            double from = bay.from().dot(way) - at;
            double to = bay.to().dot(way) - at;
            if (from * to <= 0 && from != to) {
                crossed.add(new Spot(i, bay.length() * from / (from - to)));
            }
        }
        return crossed;
    }

    /** All along the sides that face up: a cleat is screwed along the top. */
    private Loads cleat(Point down) {
        List<Point> spread = spread(down);
        Point up = down.times(-1);
        double wide = 0;
        for (int i = 0; i < ring.bays().size(); i++) {
            wide += isLevel(i, up) ? ring.bays().get(i).length() : 0;
        }
        if (wide == 0) {
            return hanging(down, Optional.empty());
        }
        double each = total(spread) / wide;
        return balanced(
                List.of(),
                IntStream.range(0, ring.bays().size())
                        .mapToObj(i -> isLevel(i, up) ? spread.get(i).plus(up.times(each)) : spread.get(i))
                        .toList());
    }

    private boolean isLevel(int bay, Point out) {
        return ring.bays().get(bay).along().outward().dot(out) > 0.999;
    }

    /** The floor bears as it is wide, what lies on the lower sides goes straight into it. */
    private Loads standing() {
        Point down = new Point(0, 1);
        List<Point> spread = spread(down);
        double wide = 0;
        for (int i = 0; i < ring.bays().size(); i++) {
            wide += under(i, down) * ring.bays().get(i).length();
        }
        double each = total(spread) / wide;
        return balanced(
                List.of(),
                IntStream.range(0, ring.bays().size())
                        .mapToObj(i -> spread.get(i).minus(down.times(each * under(i, down))))
                        .toList());
    }

    /** By one spot, which is straight above the middle of the weight unless it is said. */
    private Loads hanging(Point down, Optional<Spot> by) {
        List<Point> spread = spread(down);
        Point aside = down.outward();
        Spot held = by.orElseGet(() -> crossings(aside, middle(spread, aside)).stream()
                .min(Comparator.comparingDouble(spot -> ring.place(spot).dot(down)))
                .orElseThrow());
        return balanced(List.of(new Load(held, down.times(-total(spread)))), spread);
    }

    /** The corner at which it asks the most of any, of those above; of many, of those furthest from the middle. */
    private Borne liftedByCorner() {
        Point middle = Polygons.centroid(Known.in(frame.lines(), Line.OUTSIDE));
        return IntStream.range(0, frame.members().size())
                .mapToObj(i -> new Spot(owners.indexOf(i), 0))
                .filter(spot -> ring.place(spot).y() < middle.y())
                .sorted(Comparator.comparingDouble(spot -> -ring.place(spot).to(middle)))
                .limit(MOST_CORNERS)
                .map(spot -> borne(
                        Bearing.LIFTED_BY_CORNER,
                        hanging(middle.minus(ring.place(spot)).unit(), Optional.of(spot))))
                .max(Comparator.comparingDouble(
                        borne -> borne.corners().stream().mapToDouble(Demand::moment).max().orElse(0)))
                .orElseThrow();
    }

    private double total(List<Point> spread) {
        double sum = 0;
        for (int i = 0; i < spread.size(); i++) {
            sum += spread.get(i).length() * ring.bays().get(i).length();
        }
        return sum;
    }

    /** Where the middle of what is spread lies, told along a way. */
    private double middle(List<Point> spread, Point way) {
        double sum = 0;
        for (int i = 0; i < spread.size(); i++) {
            Bay bay = ring.bays().get(i);
            sum += spread.get(i).length() * bay.length() * bay.from().towards(bay.to(), 0.5).dot(way);
        }
        return sum / total(spread);
    }

    /** What is left of a moment, since no hand holds quite under the middle, is taken by two forces far apart. */
    private Loads balanced(List<Load> loads, List<Point> spread) {
        double turning = 0;
        for (Load load : loads) {
            turning += ring.place(load.at()).cross(load.force());
        }
        for (int i = 0; i < spread.size(); i++) {
            Bay bay = ring.bays().get(i);
            turning += bay.from().towards(bay.to(), 0.5).cross(spread.get(i).times(bay.length()));
        }
        Spot near = new Spot(0, 0);
        Point from = ring.place(near);
        Spot far = IntStream.range(0, ring.bays().size())
                .mapToObj(i -> new Spot(i, 0))
                .max(Comparator.comparingDouble(spot -> ring.place(spot).to(from)))
                .orElseThrow();
        Point arm = ring.place(far).minus(from);
        Point force = arm.unit().outward().times(turning / arm.length());
        List<Load> all = new ArrayList<>(loads);
        all.add(new Load(far, force));
        all.add(new Load(near, force.times(-1)));
        return new Loads(all, spread);
    }

    private Borne borne(Bearing bearing, Loads loads) {
        Forces forces = ring.under(loads);
        List<Demand> corners = new ArrayList<>();
        List<Bent> sides = new ArrayList<>();
        for (int i = 0; i < frame.members().size(); i++) {
            int first = owners.indexOf(i);
            int last = owners.lastIndexOf(i);
            Point force = forces.forceAtStart(first);
            Point across = normal(i);
            corners.add(new Demand(
                    Math.abs(forces.momentAtStart(first)),
                    Math.max(0, -force.dot(across)),
                    Math.abs(force.cross(across))));
            double most = IntStream.rangeClosed(first, last).mapToDouble(forces::most).max().orElseThrow();
            Bay bay = ring.bays().get(first);
            sides.add(new Bent(
                    bay.from().to(ring.bays().get(last).to()),
                    first == last ? forces.bow(first, bay) : 0,
                    most / moduli.get(i)));
        }
        return new Borne(bearing, corners, sides);
    }

    /** Across the joint where a member starts, the way round. */
    private Point normal(int member) {
        List<Member> members = frame.members();
        Member after = members.get(member);
        Member before = members.get((member + members.size() - 1) % members.size());
        if (frame.isSquared()) {
            Member standing =
                    frame.job().squared().orElseThrow().through().runs(after.side()) ? before : after;
            return along(standing);
        }
        Point way = along(before).plus(along(after));
        Point joint = after.curve()
                .map(curve -> curve.outer().getFirst().minus(curve.inner().getFirst()))
                .orElseGet(() -> after.outline().get(0).minus(after.outline().get(3)));
        Point across = joint.length() < FLAT ? way.unit() : joint.unit().outward();
        return across.dot(way) < 0 ? across.times(-1) : across;
    }

    private static Point along(Member member) {
        List<Point> middle = middle(member);
        return middle.get(1).minus(middle.get(0)).unit();
    }
}
