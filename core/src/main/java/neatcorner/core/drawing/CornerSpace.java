package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.joint.Insert;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.outline.Vector;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Species;

/**
 * The corner between the first piece and the one after it as it stands in space: both pieces with their
 * section, their lean, their mitre and what holds it, seen from the front and from inside the frame,
 * without perspective. Fasteners hidden in the wood are drawn through it, dashed.
 *
 * <p>Which surface hides which is settled in two steps: the two pieces touch only in the plane of the
 * mitre, so the one on the far side of that plane is drawn first; and all surfaces of one piece run
 * along it, so they are drawn from the furthest to the nearest as seen across it.
 */
public final class CornerSpace {
    /**
     * Edges of the section are cut into strips no wider than this share of the section, so that the order of drawing
     * holds.
     */
    private static final double STRIP = 1 / 14.0;

    private final Sketch sketch;
    private final double width;
    private final double height;
    private final Eye eye;
    /** Whether both sides are one board, so that nothing parts their fronts and backs. */
    private final boolean solid;
    /** A face turned away from the front by so little runs on round the corner. */
    private static final double LEVEL = 0.999;
    /** A section that turns by more here has an arris. */
    private static final double ARRIS = Math.toRadians(25);
    /** Where the light comes from: over the left shoulder. */
    private static final Vector LIGHT = new Vector(-0.35, -0.45, 0.82);
    private final List<Surface> surfaces = new ArrayList<>();
    private final List<List<Vector>> fasteners = new ArrayList<>();

    /** A flat piece of surface. */
    private record Surface(List<Vector> places, Species species, double light, List<List<Vector>> lines) {
    }

    private CornerSpace(Plan plan, Turn turn, Reader reader, double width, double height) {
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        Member first = plan.frame().members().getFirst();
        Vector outward = first.place().outward();
        Vector along = first.place().along();
        Vector level = Vector.of(new Point(outward.x(), outward.y()).unit(), 0);
        this.eye = Eye.of(Vector.FORWARD.times(0.82).plus(level.times(-0.42)).plus(along.times(-0.5)), along)
                .turned(turn);
        this.solid = plan.frame().isSolid();
    }

    /** The picture, seen from the front and from inside, or from where the maker turned it to. */
    public static Picture draw(Plan plan, Turn turn, Reader reader, double width, double height) {
        if (plan.frame().isSquared()) {
            return CrossingApart.draw(plan, turn, reader, width, height);
        }
        CornerSpace space = new CornerSpace(plan, turn, reader, width, height);
        space.corner(plan);
        space.joint(plan);
        space.paint();
        return space.sketch.picture(width, height);
    }

    private void corner(Plan plan) {
        List<Member> members = plan.frame().members();
        Member first = members.getFirst();
        Member second = members.get(1);
        double reach = Math.max(
                2.2 * Math.max(first.stock().width().toMm(), first.stock().thickness().toMm()),
                plan.joints().reach(plan.frame()));
        Vector normal = first.place()
                .along()
                .times(first.right().along())
                .plus(first.place().outward().times(first.right().across()))
                .plus(first.place().front().times(first.right().through()));
        boolean firstIsNear = eye.near(normal) < 0;
        piece(firstIsNear ? second : first, !firstIsNear, reach);
        piece(firstIsNear ? first : second, firstIsNear, reach);
    }

    /**
     * One piece from its end at the corner back as far as {@code reach}; {@code atEnd} when the corner is at its far
     * end.
     */
    private void piece(Member member, boolean atEnd, double reach) {
        List<Surface> own = new ArrayList<>();
        Mitre cut = atEnd ? member.right() : member.left();
        double length = member.longPoint().value().toMm();
        double back = Math.min(reach, length * 0.75);
        for (Section.Part part : member.stock().parts()) {
            for (List<Point> outline : part.wood().outlines()) {
                List<Point> fine = fine(outline, member.stock().width().toMm() * STRIP);
                for (int i = 0; i < fine.size(); i++) {
                    Point before = fine.get((i + fine.size() - 1) % fine.size());
                    Point after = fine.get((i + 1) % fine.size());
                    boolean arris = Math.abs(Polygons.turn(before, fine.get(i), after)) > ARRIS;
                    side(own, member, part.species(), fine.get(i), after, arris, cut, atEnd, back);
                }
            }
        }
        own.sort(Comparator.comparingDouble(s -> across(s, member)));
        surfaces.addAll(own);
        for (Section.Part part : member.stock().parts()) {
            for (List<Point> outline : part.wood().outlines()) {
                List<Vector> end = outline.stream().map(p -> far(member, p, atEnd, back)).toList();
                Vector way = member.place().along().times(atEnd ? -1 : 1);
                if (eye.near(way) > 0) {
                    List<Vector> round = new ArrayList<>(end);
                    round.add(end.getFirst());
                    surfaces.add(new Surface(end, part.species(), 0.35, List.of(round)));
                }
            }
        }
    }

    /** What lies in the corner, as its joint says. */
    private void joint(Plan plan) {
        for (Insert insert : plan.joints().inserts(plan.frame())) {
            fasteners.addAll(insert.edges());
        }
    }

    /** How near a surface is, seen across its piece. */
    private double across(Surface surface, Member member) {
        Vector along = member.place().along();
        Vector flat = eye.to().minus(along.times(eye.near(along)));
        return surface.places().stream().mapToDouble(p -> p.dot(flat)).average().orElseThrow();
    }

    private void side(
            List<Surface> own,
            Member member,
            Species species,
            Point a,
            Point b,
            boolean arris,
            Mitre cut,
            boolean atEnd,
            double back) {
        Point way = b.minus(a);
        Vector normal = member.place().outward().times(way.y()).plus(member.place().front().times(-way.x()));
        if (eye.near(normal) <= 0) {
            return;
        }
        List<Vector> places = List.of(
                near(member, a, cut, atEnd),
                near(member, b, cut, atEnd),
                far(member, b, atEnd, back),
                far(member, a, atEnd, back));
        List<List<Vector>> lines = new ArrayList<>();
        boolean faces = Math.abs(normal.unit().dot(member.place().front())) > LEVEL;
        if (!(solid && faces)) {
            lines.add(List.of(places.get(0), places.get(1)));
        }
        if (arris) {
            lines.add(List.of(places.get(0), places.get(3)));
        }
        own.add(new Surface(places, species, 0.5 + 0.5 * Math.max(0, normal.unit().dot(LIGHT)), lines));
    }

    /** Where a line of the section meets the mitre. */
    private static Vector near(Member member, Point p, Mitre cut, boolean atEnd) {
        double across = p.x() - member.stock().face().toMm();
        double in = -(cut.across() * across + cut.through() * p.y()) / cut.along();
        double length = member.longPoint().value().toMm();
        return member.place().at(atEnd ? length + in : -in, across, p.y());
    }

    private static Vector far(Member member, Point p, boolean atEnd, double back) {
        double length = member.longPoint().value().toMm();
        return member.place().at(atEnd ? length - back : back, p.x() - member.stock().face().toMm(), p.y());
    }

    private static List<Point> fine(List<Point> outline, double most) {
        List<Point> fine = new ArrayList<>();
        for (int i = 0; i < outline.size(); i++) {
            Point a = outline.get(i);
            Point b = outline.get((i + 1) % outline.size());
            int parts = (int) Math.ceil(a.to(b) / most);
            for (int k = 0; k < parts; k++) {
                fine.add(a.towards(b, (double) k / parts));
            }
        }
        return fine;
    }

    private void paint() {
        Function<Vector, At> at = eye.filling(
                surfaces.stream().flatMap(s -> s.places().stream()).toList(), width, height, sketch.em(8));
        for (Surface surface : surfaces) {
            List<At> drawn = surface.places().stream().map(at).toList();
            Paint paint = new Paint.Lit(surface.species(), surface.light());
            sketch.area(drawn, paint);
            sketch.outline(drawn, paint, sketch.em(0.6));
            for (List<Vector> line : surface.lines()) {
                sketch.line(
                        line.stream().map(at).toList(),
                        new Paint.Wood(surface.species(), Paint.Shade.EDGE),
                        sketch.em(0.9),
                        Mark.Dash.SOLID);
            }
        }
        for (List<Vector> line : fasteners) {
            sketch.line(
                    line.stream().map(at).toList(), Paint.of(Ink.GIVEN), sketch.em(1.4), Mark.Dash.HIDDEN);
        }
    }
}
