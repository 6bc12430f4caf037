package neatcorner.core.drawing;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Slab;
import neatcorner.core.joint.Insert;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.plan.Plan;

/** The corner seen from the face, with what is hidden in it dashed. */
final class CrossingFlat extends CrossingView {
    /** So many faces of each piece are shown. */
    private static final double SHOWN = 2.1;

    private CrossingFlat(Plan plan, Reader reader, double width, double height) {
        super(plan, reader, width, height);
    }

    /** The picture. */
    static Picture draw(Plan plan, Reader reader, double width, double height) {
        return new CrossingFlat(plan, reader, width, height).picture();
    }

    @Override
    void draw() {
        double reach = reach(SHOWN);
        List<Point> box = List.of(flat(crossing.at(0, 0, 0)), flat(crossing.at(reach, reach, 0)));
        double unit = Math.min(
                (width - sketch.em(24)) / Math.abs(box.get(1).x() - box.get(0).x()),
                (height - sketch.em(20)) / Math.abs(box.get(1).y() - box.get(0).y()));
        Point middle = box.get(0).towards(box.get(1), 0.5);
        Flat at = p -> new At(width / 2 + (p.x() - middle.x()) * unit, height / 2 + (p.y() - middle.y()) * unit);
        for (Member member : List.of(crossing.standing(), crossing.through())) {
            List<At> shape =
                    near(member, member.seen(false), reach).stream().map(at::at).toList();
            Vector way = member.place().along();
            sketch.woodAlong(shape, flat(way), species, member.side().id().hashCode() & 0xFF);
        }
        List<List<Point>> seen = Stream.of(crossing.standing(), crossing.through())
                .map(member -> near(member, member.seen(false), reach))
                .toList();
        for (Member member : List.of(crossing.standing(), crossing.through())) {
            for (Slab slab : member.slabs().subList(0, member.slabs().size() - 1)) {
                hidden(at, near(member, slab.outline(), reach), seen);
            }
        }
        for (List<Point> outline : seen) {
            sketch.outline(outline.stream().map(at::at).toList(), edge(), sketch.em(1.6));
        }
        rabbet(at, reach);
        double thick = plan.job().section().thickness().toMm();
        for (Insert insert : inserts()) {
            List<At> places =
                    insert.outline().stream().map(place -> at.at(flat(place))).toList();
            if (insert.form() == Insert.Form.WIRE) {
                sketch.line(places, Paint.of(Ink.GIVEN), sketch.em(2), Mark.Dash.HIDDEN);
            } else if (insert.high() > thick - SAME || insert.form() == Insert.Form.BLOCK) {
                sketch.area(places, Ink.KEY);
                sketch.outline(places, Ink.PENCIL, sketch.em(1));
            } else {
                sketch.hidden(places, Ink.GIVEN);
            }
        }
        letter(at, crossing.through(), reach);
        letter(at, crossing.standing(), reach);
    }

    /** Edges under the wood, but for those that run along one that is seen. */
    private void hidden(Flat at, List<Point> outline, List<List<Point>> seen) {
        for (int i = 0; i < outline.size(); i++) {
            Point a = outline.get(i);
            Point b = outline.get((i + 1) % outline.size());
            if (seen.stream().noneMatch(other -> runsAlong(a, b, other))) {
                sketch.line(
                        List.of(at.at(a), at.at(b)),
                        Paint.of(Sketch.letters(species)),
                        sketch.em(1),
                        Mark.Dash.HIDDEN);
            }
        }
    }

    private static boolean runsAlong(Point a, Point b, List<Point> outline) {
        for (int i = 0; i < outline.size(); i++) {
            Point c = outline.get(i);
            Point d = outline.get((i + 1) % outline.size());
            if (isOn(a, c, d) && isOn(b, c, d)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isOn(Point p, Point c, Point d) {
        return Math.abs(c.to(p) + p.to(d) - c.to(d)) < SAME;
    }

    /** Where a place of the frame is drawn. */
    private interface Flat {
        At at(Point place);
    }

    private void rabbet(Flat at, double reach) {
        double lip = plan.job().section().lip().toMm();
        if (lip > 0) {
            double x = crossing.through().section().face().toMm() - lip;
            double y = crossing.standing().section().face().toMm() - lip;
            sketch.line(
                    List.of(
                            at.at(flat(crossing.at(x, reach, 0))),
                            at.at(flat(crossing.at(x, y, 0))),
                            at.at(flat(crossing.at(reach, y, 0)))),
                    Paint.of(Sketch.letters(species)),
                    sketch.em(1),
                    Mark.Dash.DOTTED);
        }
    }

    private void letter(Flat at, Member member, double reach) {
        boolean through = member.equals(crossing.through());
        double deep = member.section().face().toMm() * 0.4;
        Point place = flat(through ? crossing.at(deep, reach * 0.8, 0) : crossing.at(reach * 0.8, deep, 0));
        boolean ends = member.equals(plan.frame().members().getFirst());
        String letter = ends ? member.side().to() : member.side().from();
        sketch.text(at.at(place), letter, Sketch.letters(species), 12, true, Anchor.MIDDLE);
    }

    private Paint edge() {
        return new Paint.Wood(species, Paint.Shade.EDGE);
    }
}
