package neatcorner.core.clash;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.PartScrews;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.section.Recess;
import neatcorner.core.wood.Screw;

/** What is driven along the sides of all parts of a job, as the plan says, in the first part's picture. */
final class Rows {
    /** How far a point is pressed into the wall of the rabbet, in mm. Common practice, no source. */
    private static final double POINT_IN = 5;
    /** How thick it is, in mm. Common practice, no source. */
    private static final double POINT_THICK = 0.8;

    private final Assembly assembly;
    private final HangPlan hang;
    private final FitPlan fit;

    private Rows(Assembly assembly, HangPlan hang, FitPlan fit) {
        this.assembly = assembly;
        this.hang = hang;
        this.fit = fit;
    }

    /** All there are; parts that lean, and curved sides, have none whose place is known. */
    static List<Row> of(Assembly assembly, HangPlan hang, FitPlan fit) {
        Rows rows = new Rows(assembly, hang, fit);
        List<Row> all = new ArrayList<>();
        if (assembly.frame(assembly.job().carrier()).job().lean().isFlat()) {
            rows.rings().ifPresent(all::add);
            rows.cleat().ifPresent(all::add);
        }
        for (int part = 0; part < assembly.frames().size(); part++) {
            rows.fastening(part).ifPresent(all::add);
        }
        all.add(new Row(Row.Kind.POINT, rows.points()));
        return all.stream().filter(row -> !row.places().isEmpty()).toList();
    }

    private static boolean isStraight(Frame frame) {
        return frame.job().lean().isFlat()
                && !frame.job().outline().isCurved()
                && !frame.isSolid()
                && frame.isWoodwork();
    }

    /** A place in a part's own picture, in the first part's. */
    private Vector in(int part, Point place, double before) {
        return Vector.of(
                assembly.lies().get(part).of(place), assembly.lies().get(part).back().toMm() + before);
    }

    /** The screws of both rings. */
    private Optional<Row> rings() {
        int carrier = assembly.job().carrier();
        Frame frame = assembly.frame(carrier);
        return hang.rings().flatMap(rings -> hang.screwsIn().map(bite -> {
            double inset = rings.inset().value().toMm();
            double down = rings.down().value().toMm();
            double most = frame.height(Line.OUTSIDE).toMm() / 2;
            return new Row(
                    Row.Kind.RING_SCREW,
                    IntStream.range(0, 2)
                            .mapToObj(side -> new Row.Place(carrier, down, most, low -> {
                                double x = frame.chord(Line.OUTSIDE, low)[side] + (side == 0 ? inset : -inset);
                                return back(carrier, new Point(x, low), bite, Screw.SIX);
                            }))
                            .toList());
        }));
    }

    private Optional<Row> cleat() {
        int carrier = assembly.job().carrier();
        return hang.cleat().map(cleat -> {
            double down = cleat.down().toMm();
            double length = cleat.length().value().toMm();
            double left = cleat.left().toMm();
            return new Row(
                    Row.Kind.CLEAT_SCREW,
                    cleat.places().stream()
                            .map(place -> new Row.Place(
                                    carrier,
                                    place,
                                    length / 2,
                                    along -> back(
                                            carrier, new Point(left + along, down), cleat.bite(), Screw.EIGHT)))
                            .toList());
        });
    }

    /** A screw from the back of a part. */
    private Hull back(int part, Point place, HangPlan.Bite bite, Screw screw) {
        return Hull.rod(
                in(part, place, bite.from().toMm()),
                in(part, place, bite.from().plus(bite.deep()).toMm()),
                screw.diameter().toMm());
    }

    /** What holds a part to the one it lies in or on the back of. */
    private Optional<Row> fastening(int part) {
        Frame frame = assembly.frame(part);
        if (!isStraight(frame) || frame.job().placement().isEmpty()) {
            return Optional.empty();
        }
        Placement placement = frame.job().placement().get();
        Frame base = assembly.frame(assembly.job().indexOf(placement.on()));
        if (!isStraight(base)) {
            return Optional.empty();
        }
        return switch (placement) {
            case Placement.InBack _ -> inBack(part, frame);
            case Placement.Around _ when frame.job().isHolding() ->
                buttons(assembly.job().indexOf(placement.on()), part, placement.gap());
            case Placement.Inside _ when !frame.job().isFitted() ->
                buttons(part, assembly.job().indexOf(placement.on()), placement.gap());
            case Placement.Behind behind -> behind(part, frame, base, behind);
            default -> Optional.empty();
        };
    }

    private Optional<Row> inBack(int part, Frame frame) {
        if (!PartScrews.areBesideWall(assembly, part)) {
            return Optional.empty();
        }
        double level = frame.job()
                .section()
                .thickness()
                .minus(PartScrews.beside(assembly, part).over(2))
                .toMm();
        Length room = PartScrews.throughSide(frame, assembly.frame(assembly.job().holder()));
        double reach = frame.longestScrew(room).toMm();
        return Optional.of(along(Row.Kind.STRAINER_SCREW, part, frame, (corner, inwards) -> {
            Point head = corner.plus(inwards.times(frame.narrowFace().toMm()));
            Point tip = head.minus(inwards.times(reach));
            return Hull.rod(
                    in(part, head, level),
                    in(part, tip, level),
                    Screw.SIX.diameter().toMm());
        }));
    }

    private Optional<Row> behind(int part, Frame frame, Frame base, Placement.Behind behind) {
        Length held = PartScrews.held(base.narrowestSection().backWidth(), behind.gap(), frame);
        Length room = frame.job()
                .section()
                .thickness()
                .plus(PartScrews.woodBefore(base, behind.gap(), held))
                .minus(PartScrews.SHORT_OF_FRONT);
        double reach = frame.longestScrew(room).toMm();
        return PartScrews.in(base, behind.gap(), held)
                .map(in -> along(Row.Kind.BACK_SCREW, part, frame, (corner, inwards) -> {
                    Point place = corner.plus(inwards.times(in.toMm()));
                    return Hull.rod(
                            in(part, place, 0),
                            in(part, place, reach),
                            Screw.SIX.diameter().toMm());
                }));
    }

    /** On the back of the part that holds another, in the middle of what stands beside its rabbet. */
    private Optional<Row> buttons(int inner, int outer, Length gap) {
        Frame held = assembly.frame(inner);
        Frame holder = assembly.frame(outer);
        double off = gap.plus(holder.narrowestSection().backWidth().over(2)).toMm();
        double reach = holder.longestScrew(PartScrews.button(holder).plus(PartScrews.BUTTON))
                .minus(PartScrews.BUTTON)
                .toMm();
        if (reach <= 0) {
            return Optional.empty();
        }
        double back = assembly.lies().get(outer).back().toMm()
                - assembly.lies().get(inner).back().toMm();
        return Optional.of(along(Row.Kind.BUTTON_SCREW, inner, held, (corner, inwards) -> {
            Point place = corner.minus(inwards.times(off));
            return Hull.rod(
                    in(inner, place, back),
                    in(inner, place, back + reach),
                    Screw.SIX.diameter().toMm());
        }));
    }

    /** One of a row, from a place on the outside of a part and the way inwards from there. */
    private interface Driven {
        Hull at(Point place, Point inwards);
    }

    /** At its places along every side. */
    private static Row along(Row.Kind kind, int part, Frame frame, Driven driven) {
        List<Row.Place> places = new ArrayList<>();
        for (int side = 0; side < frame.members().size(); side++) {
            List<Point> outline = frame.members().get(side).outline();
            List<Length> row = PartScrews.along(frame, side);
            double half = outline.get(0).to(outline.get(1)) / 2;
            for (int i = 0; i < row.size(); i++) {
                boolean turned = row.get(i).toMm() > half + 1e-6;
                double length = half * 2;
                places.add(place(part, turned ? length - row.get(i).toMm() : row.get(i).toMm(), half, along ->
                        driven.at(on(outline, turned ? length - along : along), inwards(outline))));
            }
        }
        return new Row(kind, places);
    }

    private static Row.Place place(int part, double along, double most, DoubleFunction<Hull> at) {
        return new Row.Place(part, along, most, at);
    }

    private static Point on(List<Point> outline, double along) {
        return outline.get(0).towards(outline.get(1), along / outline.get(0).to(outline.get(1)));
    }

    /** Square to the outside of a side, towards the opening. */
    private static Point inwards(List<Point> outline) {
        Point way = outline.get(1).minus(outline.get(0)).unit();
        return way.outward().times(-1);
    }

    /** Points and blocks, on the back of what is framed. */
    private List<Row.Place> points() {
        int holder = assembly.job().holder();
        Frame frame = assembly.frame(holder);
        if (!isStraight(frame) || !(frame.job().section().recess() instanceof Recess.Covering)) {
            return List.of();
        }
        double level = Assembly.behindPackage(frame).toMm();
        if (level <= 0) {
            return List.of();
        }
        List<Row.Place> places = new ArrayList<>();
        for (FitPlan.Points row : fit.points()) {
            for (Member member : row.members()) {
                List<Point> run = frame.run(Line.RABBET, frame.members().indexOf(member));
                double length = run.getFirst().to(run.getLast());
                Point outwards = run.getLast().minus(run.getFirst()).unit().outward();
                DoubleStream.iterate(
                                row.first().value().toMm(), at -> at + row.apart().value().toMm())
                        .limit(row.each())
                        .forEach(at -> places.add(place(holder, Math.min(at, length - at), length / 2, along -> {
                            Point wall = run.getFirst()
                                    .towards(run.getLast(), (at > length / 2 ? length - along : along) / length);
                            return Hull.rod(
                                    in(holder, wall, level),
                                    in(holder, wall.plus(outwards.times(POINT_IN)), level),
                                    POINT_THICK);
                        })));
            }
        }
        return places;
    }
}
