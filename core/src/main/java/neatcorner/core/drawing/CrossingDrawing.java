package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Slab;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.joint.Crossing;
import neatcorner.core.joint.Insert;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.plan.Plan;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Figure;

/**
 * The second corner of a frame whose pieces meet square: flat from the front, pulled apart in space, and cut through
 * along the piece that stands between.
 */
final class CrossingDrawing {
    /** So many faces of each piece are shown. */
    private static final double SHOWN = 2.1;
    /** Cut through so many. */
    private static final double SHOWN_CUT = 1.9;
    /** In space so many. */
    private static final double SHOWN_APART = 2.6;
    /** Corners nearer to one another, in mm, are one. */
    private static final double SAME = 1e-6;
    /** How far pieces are pulled apart, in faces. */
    private static final double APART = 0.45;
    /** Where the light comes from: over the left shoulder. */
    private static final Vector LIGHT = new Vector(-0.35, -0.45, 0.82);

    private final Plan plan;
    private final Sketch sketch;
    private final double width;
    private final double height;
    private final Crossing crossing;
    private final Species species;

    private CrossingDrawing(Plan plan, Reader reader, double width, double height) {
        this.plan = plan;
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        this.crossing = Crossing.of(plan.frame());
        this.species = plan.job().section().species();
    }

    /** Seen from the face, with what is hidden in it dashed. */
    static Picture flat(Plan plan, Reader reader, double width, double height) {
        CrossingDrawing drawing = new CrossingDrawing(plan, reader, width, height);
        drawing.flat();
        return drawing.sketch.picture(width, height);
    }

    /** Both pieces pulled apart, seen from the front and from inside the frame. */
    static Picture apart(Plan plan, Reader reader, double width, double height) {
        CrossingDrawing drawing = new CrossingDrawing(plan, reader, width, height);
        drawing.new Apart().draw();
        return drawing.sketch.picture(width, height);
    }

    /** Cut through along the middle of the piece that stands between, front up. */
    static Picture cut(Plan plan, Reader reader, double width, double height) {
        CrossingDrawing drawing = new CrossingDrawing(plan, reader, width, height);
        drawing.cut();
        return drawing.sketch.picture(width, height);
    }

    /** So many faces of each piece, and a little more than any fastener takes. */
    private double reach(double faces) {
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
    private List<Point> near(Member member, List<Point> outline, double reach) {
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

    private static Point flat(Vector place) {
        return new Point(place.x(), place.y());
    }

    private List<Insert> inserts() {
        return plan.joints().inserts(plan.frame());
    }

    // Flat

    private void flat() {
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
        for (Insert insert : inserts()) {
            List<At> places =
                    insert.places().stream().map(place -> at.at(flat(place))).toList();
            if (insert.form() == Insert.Form.PLATE && insert.places().getFirst().z() > 0) {
                sketch.area(places, Ink.KEY);
                sketch.outline(places, Ink.PENCIL, sketch.em(1));
            } else if (insert.form() == Insert.Form.PLATE) {
                sketch.hidden(places, Ink.GIVEN);
            } else {
                sketch.line(places, Paint.of(Ink.GIVEN), sketch.em(2), Mark.Dash.HIDDEN);
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

    // Cut through

    private void cut() {
        double thick = plan.job().section().thickness().toMm();
        double face = crossing.through().section().face().toMm();
        double reach = reach(SHOWN_CUT);
        double above = sketch.em(54);
        double below = sketch.em(10);
        double beside = sketch.em(92);
        double unit = Math.min((width - beside - sketch.em(16)) / reach, (height - above - below) / thick);
        double left = (width - beside - reach * unit) / 2 + sketch.em(4);
        double base = above + (height - above - below + thick * unit) / 2;
        for (Member member : List.of(crossing.standing(), crossing.through())) {
            boolean through = member.equals(crossing.through());
            for (Slab slab : member.slabs()) {
                double[] run = run(slab, reach);
                if (run[1] > run[0]) {
                    List<At> shape = List.of(
                            new At(left + run[0] * unit, base - slab.high() * unit),
                            new At(left + run[1] * unit, base - slab.high() * unit),
                            new At(left + run[1] * unit, base - slab.low() * unit),
                            new At(left + run[0] * unit, base - slab.low() * unit));
                    sketch.area(shape, new Paint.Wood(species, Paint.Shade.FACE));
                    if (through) {
                        sketch.hatched(shape, Ink.PENCIL);
                    } else {
                        sketch.wood(shape.get(0), shape.get(1), shape.get(2), shape.get(3), species, 3, false);
                    }
                    sketch.outline(shape, Ink.PENCIL, sketch.em(1.2));
                }
            }
        }
        for (Insert insert : inserts()) {
            List<At> places = insert.places().stream()
                    .map(p -> new At(left + crossing.fromThrough(flat(p)) * unit, base - p.z() * unit))
                    .toList();
            if (insert.form() == Insert.Form.WIRE) {
                sketch.line(places.getFirst(), places.getLast(), Ink.GIVEN, sketch.em(2.4));
            } else {
                pegOrPlate(insert, places, base, thick * unit);
            }
        }
        sizes(left, base, face, thick, unit, reach);
    }

    /** A peg goes all through; a plate lies on the back. */
    private void pegOrPlate(Insert insert, List<At> places, double base, double thick) {
        double from = places.stream().mapToDouble(At::x).min().orElseThrow();
        double to = places.stream().mapToDouble(At::x).max().orElseThrow();
        boolean plate = insert.places().getFirst().z() == 0;
        List<At> shape = plate
                ? Sketch.rectangle(from, base, to, base + sketch.em(3))
                : Sketch.rectangle(from, base - thick, to, base);
        sketch.area(shape, plate ? Ink.METAL : Ink.KEY);
        sketch.outline(shape, Ink.PENCIL, sketch.em(1));
    }

    private void sizes(double left, double base, double face, double thick, double unit, double reach) {
        List<Figure<Length>> settings = plan.joints().cuts().settings();
        double top = base - thick * unit;
        if (settings.isEmpty()) {
            return;
        }
        var depth = settings.getFirst();
        boolean housed = plan.job().squared().orElseThrow().corner() == SquareCorner.HOUSED;
        double deep = depth.value().toMm() * unit;
        double y = top - sketch.em(28);
        if (housed) {
            double to = left + face * unit;
            sketch.dimension(plan, new At(to - deep, y), new At(to, y), depth.key(), "");
        } else {
            double x = left + reach * unit + sketch.em(12);
            sketch.ruler(new At(x, base - deep), new At(x, base));
            double half = sketch.tagSize(depth, "")[0];
            sketch.tag(plan, new At(x + half + sketch.em(6), base - deep / 2), depth.key(), "");
            settings.stream()
                    .filter(setting -> setting.value().equals(crossing.through().section().face())
                            && !setting.key().equals(depth.key()))
                    .reduce((_, last) -> last)
                    .ifPresent(shoulder -> sketch.dimension(
                            plan, new At(left, y), new At(left + face * unit, y), shoulder.key(), ""));
        }
    }

    /** From where to where a slab lies on the middle line of the piece that stands between, from the tip. */
    private double[] run(Slab slab, double reach) {
        double line = crossing.standing().section().face().toMm() / 2;
        List<Double> at = new ArrayList<>();
        List<Point> outline = slab.outline();
        for (int i = 0; i < outline.size(); i++) {
            Point a = outline.get(i);
            Point b = outline.get((i + 1) % outline.size());
            double p = crossing.fromStanding(a) - line;
            double q = crossing.fromStanding(b) - line;
            if (p > 0 != q > 0) {
                at.add(crossing.fromThrough(a.towards(b, p / (p - q))));
            }
        }
        at.sort(Comparator.naturalOrder());
        return at.isEmpty() ? new double[] {0, 0} : new double[] {at.getFirst(), Math.min(reach, at.getLast())};
    }

    // Pulled apart

    /** The pieces in space: solids of few sides, so whole sides hide whole sides. */
    private final class Apart {
        private final Vector eye;
        private final Vector right;
        private final Vector down;
        private final List<Side> sides = new ArrayList<>();

        /** A side of a solid. */
        private record Side(List<Vector> places, double light) {
        }

        Apart() {
            Member first = plan.frame().members().getFirst();
            Vector outward = first.place().outward();
            Vector along = first.place().along();
            eye = Vector.FORWARD
                    .times(0.72)
                    .plus(outward.times(-0.45))
                    .plus(along.times(-0.53))
                    .unit();
            right = along.minus(eye.times(along.dot(eye))).unit();
            down = eye.cross(right);
        }

        void draw() {
            Vector pulled = Vector.of(crossing.across(), 0)
                    .times(crossing.through().section().face().toMm() * (1 + APART)
                            - start(crossing.standing()));
            boolean standingNear = pulled.dot(eye) > 0;
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
            for (Slab slab : member.slabs()) {
                List<Point> outline = near(member, slab.outline(), reach);
                List<Side> own = new ArrayList<>();
                for (int i = 0; i < outline.size(); i++) {
                    Point a = outline.get(i);
                    Point b = outline.get((i + 1) % outline.size());
                    if (a.to(b) < SAME) {
                        continue;
                    }
                    Vector normal = Vector.of(b.minus(a).unit().outward(), 0);
                    if (normal.dot(eye) > 0) {
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
                        .mapToDouble(p -> p.dot(eye))
                        .average()
                        .orElseThrow()));
                sides.addAll(own);
                sides.add(new Side(
                        outline.stream().map(p -> place(p, slab.high(), pulled)).toList(), 0.95));
            }
        }

        private Vector place(Point p, double level, Vector pulled) {
            return Vector.of(p, level).plus(pulled);
        }

        private Point seen(Vector place) {
            return new Point(place.dot(right), place.dot(down));
        }

        private void paint() {
            List<Point> all = sides.stream()
                    .flatMap(side -> side.places().stream())
                    .map(this::seen)
                    .toList();
            double left = all.stream().mapToDouble(Point::x).min().orElseThrow();
            double top = all.stream().mapToDouble(Point::y).min().orElseThrow();
            double wide = all.stream().mapToDouble(Point::x).max().orElseThrow() - left;
            double high = all.stream().mapToDouble(Point::y).max().orElseThrow() - top;
            double margin = sketch.em(8);
            double unit = Math.min((width - 2 * margin) / wide, (height - 2 * margin) / high);
            double x = (width - wide * unit) / 2 - left * unit;
            double y = (height - high * unit) / 2 - top * unit;
            for (Side side : sides) {
                List<At> drawn = side.places().stream()
                        .map(this::seen)
                        .map(p -> new At(x + p.x() * unit, y + p.y() * unit))
                        .toList();
                sketch.area(drawn, new Paint.Lit(species, side.light()));
                sketch.outline(drawn, new Paint.Wood(species, Paint.Shade.EDGE), sketch.em(1));
            }
        }
    }
}
