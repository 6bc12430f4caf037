package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Slab;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.plan.Plan;

/**
 * Both pieces pulled apart in space, seen from the front and from inside the frame: solids of few sides, so whole sides
 * hide whole sides.
 */
final class CrossingApart extends CrossingView {
    /** So many faces of each piece are shown. */
    private static final double SHOWN_APART = 2.6;
    /** How far pieces are pulled apart, in faces. */
    private static final double APART = 0.45;
    /** Where the light comes from: over the left shoulder. */
    private static final Vector LIGHT = new Vector(-0.35, -0.45, 0.82);

    /** How light its front and its back are. */
    private static final double FRONT = 0.95;

    private static final double BACK = 0.7;

    private final Eye eye;
    private final List<Side> sides = new ArrayList<>();

    /** A side of a solid. */
    private record Side(List<Vector> places, double light) {
    }

    private CrossingApart(Plan plan, Turn turn, Reader reader, double width, double height) {
        super(plan, reader, width, height);
        Member first = plan.frame().members().getFirst();
        Vector outward = first.place().outward();
        Vector along = first.place().along();
        eye = Eye.of(Vector.FORWARD.times(0.72).plus(outward.times(-0.45)).plus(along.times(-0.53)), along)
                .turned(turn);
    }

    /** The picture. */
    static Picture draw(Plan plan, Turn turn, Reader reader, double width, double height) {
        return new CrossingApart(plan, turn, reader, width, height).picture();
    }

    @Override
    void draw() {
        Vector pulled = Vector.of(crossing.across(), 0)
                .times(crossing.through().section().face().toMm() * (1 + APART)
                        - start(crossing.standing()));
        boolean standingNear = eye.near(pulled) > 0;
        List<Member> order = standingNear
                ? List.of(crossing.through(), crossing.standing())
                : List.of(crossing.standing(), crossing.through());
        for (Member member : order) {
            solid(member, member.equals(crossing.standing()) ? pulled : new Vector(0, 0, 0));
        }
        paint();
    }

    /** Where a piece begins, seen from the outside edge of the piece that runs through. */
    private double start(Member standing) {
        return standing.slabs().stream()
                .flatMap(slab -> slab.outline().stream())
                .mapToDouble(crossing::fromThrough)
                .min()
                .orElseThrow();
    }

    private void solid(Member member, Vector pulled) {
        double reach = Math.max(
                reach(SHOWN_APART), plan.job().section().thickness().toMm());
        boolean fromBehind = eye.to().z() < 0;
        for (Slab slab : fromBehind ? member.slabs().reversed() : member.slabs()) {
            List<Point> outline = near(member, slab.outline(), reach);
            List<Side> own = new ArrayList<>();
            for (int i = 0; i < outline.size(); i++) {
                Point a = outline.get(i);
                Point b = outline.get((i + 1) % outline.size());
                if (a.to(b) < SAME) {
                    continue;
                }
                Vector normal = Vector.of(b.minus(a).unit().outward(), 0);
                if (eye.near(normal) > 0) {
                    own.add(new Side(
                            List.of(
                                    place(a, slab.low(), pulled),
                                    place(b, slab.low(), pulled),
                                    place(b, slab.high(), pulled),
                                    place(a, slab.high(), pulled)),
                            0.5 + 0.5 * Math.max(0, normal.dot(LIGHT))));
                }
            }
            own.sort(Comparator.comparingDouble(side -> side.places().stream()
                    .mapToDouble(eye::near)
                    .average()
                    .orElseThrow()));
            sides.addAll(own);
            double near = fromBehind ? slab.low() : slab.high();
            sides.add(new Side(
                    outline.stream().map(p -> place(p, near, pulled)).toList(), fromBehind ? BACK : FRONT));
        }
    }

    private Vector place(Point p, double level, Vector pulled) {
        return Vector.of(p, level).plus(pulled);
    }

    private void paint() {
        Function<Vector, At> at = eye.filling(
                sides.stream().flatMap(side -> side.places().stream()).toList(), width, height, sketch.em(8));
        for (Side side : sides) {
            List<At> drawn = side.places().stream().map(at).toList();
            sketch.area(drawn, new Paint.Lit(species, side.light()));
            sketch.outline(drawn, new Paint.Wood(species, Paint.Shade.EDGE), sketch.em(1));
        }
    }
}
