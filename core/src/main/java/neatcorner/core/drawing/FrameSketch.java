package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.function.IntPredicate;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Curve;
import neatcorner.core.frame.FixtureBox;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.OnePiece;
import neatcorner.core.glue.Hinges;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.pane.Pane;
import neatcorner.core.plan.Plan;
import neatcorner.core.recall.Known;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Species;

/**
 * The frame itself, to scale: its wood, what it holds, its lines and letters. From behind, left and right change
 * places.
 */
final class FrameSketch {
    /** Those of a straight piece. */
    private static final int CORNERS = 4;
    private final Plan plan;
    private final Sketch sketch;
    private final boolean behind;
    private final double unit;
    private final At origin;
    private final double outsideWidth;
    /** Whether no other part is there yet, and nothing is bent over it. */
    private final boolean alone;

    /**
     * A frame in a space.
     *
     * @param left   of the space, with {@code top} the corner it starts at
     * @param width  of the space the frame's outside may fill
     * @param height of the space the frame's outside may fill
     */
    FrameSketch(Plan plan, Sketch sketch, boolean behind, double left, double top, double width, double height) {
        this.plan = plan;
        this.sketch = sketch;
        this.behind = behind;
        this.outsideWidth = plan.frame().width(Line.OUTSIDE).toMm();
        this.alone = false;
        Assembly whole = plan.assembly();
        double w = whole.width().toMm();
        double h = whole.height().toMm();
        this.unit = Math.max(1e-6, Math.min(width / w, height / h));
        double before = whole.leftOf(frame().job().seen()).toMm();
        double x = behind ? w - before - outsideWidth : before;
        double y = whole.below(frame().job().seen()).toMm();
        this.origin = new At(
                left + (width - w * unit) / 2 + x * unit, top + (height - h * unit) / 2 + y * unit);
    }

    private FrameSketch(Plan plan, Sketch sketch, double unit, At origin) {
        this.plan = plan;
        this.sketch = sketch;
        this.behind = false;
        this.alone = true;
        this.outsideWidth = plan.frame().width(Line.OUTSIDE).toMm();
        this.unit = unit;
        this.origin = origin;
    }

    /** The part that is looked at by itself, as it is when it is closed, in the middle of a space. */
    static FrameSketch alone(Plan plan, Sketch sketch, double left, double top, double width, double height) {
        double w = plan.frame().width(Line.OUTSIDE).toMm();
        double h = plan.frame().height(Line.OUTSIDE).toMm();
        double unit = Math.max(1e-6, Math.min(width / w, height / h));
        return new FrameSketch(
                plan,
                sketch,
                unit,
                new At(left + (width - w * unit) / 2, top + (height - h * unit) / 2));
    }

    /**
     * Another part of the job, or another like the one that is seen, in the same picture where it lies.
     *
     * @param copy which of those that are alike, from 0
     */
    private FrameSketch(FrameSketch seen, int part, int copy) {
        Assembly whole = seen.plan.assembly();
        Assembly.Lie lie = whole.copies(part).get(copy);
        double aside = lie.across() - whole.lies().get(part).across();
        this.plan = seen.plan.with(whole.frame(part));
        this.sketch = seen.sketch;
        this.behind = seen.behind;
        this.alone = false;
        this.unit = seen.unit;
        this.outsideWidth = plan.frame().width(Line.OUTSIDE).toMm();
        double x = whole.leftOf(part).minus(whole.leftOf(seen.frame().job().seen())).toMm() + aside;
        double y = whole.below(part).minus(whole.below(seen.frame().job().seen())).toMm();
        this.origin = seen.drawn(behind ? seen.outsideWidth - x - outsideWidth : x, y);
    }

    private Frame frame() {
        return plan.frame();
    }

    /** The picture's units in a millimetre. */
    double unit() {
        return unit;
    }

    /** A place in millimetres from the top left of the frame's outside box as it is drawn. */
    At drawn(double x, double y) {
        return new At(origin.x() + x * unit, origin.y() + y * unit);
    }

    /** A place of the frame as it is drawn, mirrored when it is seen from behind. */
    At at(Point place) {
        return drawn(behind ? outsideWidth - place.x() : place.x(), place.y());
    }

    List<At> at(List<Point> places) {
        return places.stream().map(this::at).toList();
    }

    List<At> line(Line line) {
        return at(Known.in(frame().lines(), line));
    }

    /** Everything but tags: the part that is looked at over all others. */
    void draw() {
        int own = frame().job().seen();
        if (alone) {
            contents();
            wood();
            rabbetLine();
            return;
        }
        around(part -> part != own);
        woodOfAll(own);
        lines();
    }

    /** All parts as one sees them, those that lie further from the eye first. */
    void drawWhole() {
        around(_ -> true);
        lines();
    }

    /**
     * The wood of these parts about what is framed, which hides what lies wholly behind the part that holds it and is
     * seen through all others.
     */
    private void around(IntPredicate shown) {
        Assembly whole = plan.assembly();
        int holder = plan.job().holder();
        IntPredicate hidden = part -> !behind && whole.isBehind(part, holder);
        List<Integer> parts =
                whole.fromBehind(!behind).stream().filter(shown::test).toList();
        parts.stream().filter(hidden::test).forEach(this::woodOfAll);
        of(holder).contents();
        parts.stream().filter(part -> !hidden.test(part)).forEach(this::woodOfAll);
    }

    /** All that are alike of a part, with their hinges. */
    private void woodOfAll(int part) {
        of(part).wood();
        of(part).hinges(0);
        for (int copy = 1; copy < plan.assembly().copies(part).size(); copy++) {
            FrameSketch other = new FrameSketch(this, part, copy);
            other.wood();
            other.hinges(copy);
        }
    }

    /**
     * Knuckles on the side a leaf turns on, seen from the front.
     *
     * @param copy which of a pair, the left one first
     */
    private void hinges(int copy) {
        if (behind || !(frame().job().placement().orElse(null) instanceof Placement.Hinged hung)) {
            return;
        }
        boolean left = hung.leaves() == Placement.Hinged.Leaves.LEFT
                || hung.leaves() == Placement.Hinged.Leaves.PAIR && copy == 0;
        double x = left ? 0 : outsideWidth;
        double half = Math.min(sketch.em(7), frame().height(Line.OUTSIDE).toMm() * unit / 20);
        for (Length place : Hinges.of(frame().height(Line.OUTSIDE)).places()) {
            At at = drawn(x, place.toMm());
            sketch.area(
                    Sketch.rectangle(at.x() - sketch.em(2), at.y() - half, at.x() + sketch.em(2), at.y() + half),
                    Ink.METAL);
        }
    }

    /** A part of the job, from 0, in this picture. */
    private FrameSketch of(int part) {
        return part == frame().job().seen() ? this : new FrameSketch(this, part, 0);
    }

    private void wood() {
        frame().bars().forEach(this::member);
        frame().slats().forEach(this::member);
        frame().panel().forEach(this::member);
        if (!alone) {
            frame().trim().forEach(this::bent);
        }
        cross();
        if (frame().isSolid()) {
            board();
        } else {
            frame().members().forEach(this::member);
        }
    }

    /** Bars across; cloth covers them from the front. */
    private void cross() {
        boolean covered = frame().job().isStretcher() && !behind;
        for (Member bar : frame().cross()) {
            if (covered) {
                sketch.hidden(at(bar.outline()), Ink.PENCIL);
            } else {
                member(bar);
            }
        }
    }

    /** What is seen over the wood: the rabbet under it, and a picture that stands before its ledge. */
    private void lines() {
        FrameSketch holder = of(plan.job().holder());
        if (holder != this && holder.frame().job().section().recess() instanceof Recess.Floater && !behind) {
            holder.rabbetLine();
        }
        if (!behind) {
            rabbetLine();
        }
        boxes();
    }

    /** What lies behind: dashed from the front, before the wood from behind, where also the ways sawn for it are. */
    private void boxes() {
        Assembly.Lie own = plan.assembly().lies().get(frame().job().seen());
        Point to = new Point(-own.across(), -own.down());
        for (FixtureBox one : FixtureBox.of(plan.assembly())) {
            List<At> box = at(one.box().corners().stream().map(p -> p.plus(to)).toList());
            if (behind && !one.fixture().kind().isOpened()) {
                sketch.area(box, one.fixture().kind() == Fixture.Kind.SCREEN ? Ink.GLASS : Ink.BOARD);
                sketch.outline(box, Ink.INK, sketch.em(1));
            } else {
                sketch.hidden(box, Ink.SOFT);
            }
            named(one, box);
        }
    }

    /** The name of what lies behind in its lower left, where that is seen through the opening and has room. */
    private void named(FixtureBox one, List<At> box) {
        if (one.fixture().kind() == Fixture.Kind.SCREEN || !frame().isFourSquare()) {
            return;
        }
        List<At> opening = line(Line.SIGHT);
        double left = box.stream().mapToDouble(At::x).min().orElseThrow() + sketch.em(4);
        double low = box.stream().mapToDouble(At::y).max().orElseThrow() - sketch.em(9);
        double top = box.stream().mapToDouble(At::y).min().orElseThrow();
        double right = box.stream().mapToDouble(At::x).max().orElseThrow();
        String name = sketch.say(one.fixture().kind().words());
        double end = left + sketch.widthOf(name, sketch.em(11), false);
        double clear = sketch.em(16);
        boolean seen = left > opening.stream().mapToDouble(At::x).min().orElseThrow() + clear
                && end < opening.stream().mapToDouble(At::x).max().orElseThrow() - clear
                && low < opening.stream().mapToDouble(At::y).max().orElseThrow() - clear
                && low > opening.stream().mapToDouble(At::y).min().orElseThrow() + clear;
        if (seen && end < right && low - top > sketch.em(9)) {
            sketch.text(new At(left, low), name, Ink.INK, 11, false, Anchor.START);
        }
    }

    private void contents() {
        List<At> opening = at(frame().inner());
        if (frame().job().isStretcher()) {
            sketch.area(opening, Ink.PAPER);
        } else if (frame().job().contents().has(Fixture.Kind.SCREEN) && !behind) {
            sketch.area(opening, Ink.GLASS);
        } else if (frame().job().section().recess() instanceof Recess.Over) {
            sketch.area(behind ? line(Line.GLASS) : opening, Ink.SILVER);
            shine(opening);
        } else if (frame().job().contents().layers().isEmpty() && plan.job().parts().size() > 1) {
            // What lies in it or behind it is seen through its opening.
            return;
        } else if (behind) {
            sketch.area(line(frame().has(Line.RABBET) ? Line.RABBET : Line.SIGHT), Ink.BOARD);
        } else if (frame().job().contents().isMirror()) {
            sketch.area(opening, Ink.SILVER);
            shine(opening);
        } else {
            boolean mat = frame().job().contents().hasMat();
            sketch.area(opening, mat ? Ink.MAT : Ink.ART);
            if (!mat && frame().has(Line.ART)) {
                photo(opening, line(Line.ART), 0);
            }
            matOpening();
            if (frame().job().contents().isGlazed()) {
                shine(opening);
            }
        }
    }

    private void shine(List<At> opening) {
        double left = opening.stream().mapToDouble(At::x).min().orElseThrow();
        double right = opening.stream().mapToDouble(At::x).max().orElseThrow();
        double top = opening.stream().mapToDouble(At::y).min().orElseThrow();
        double low = opening.stream().mapToDouble(At::y).max().orElseThrow();
        double reach = Math.min(right - left, low - top) * 0.13;
        At from = frame().isFourSquare() ? new At(left, top)
                : new At((left + right) / 2 - reach * 1.6, (top + low) / 2 - reach * 1.6);
        for (double offset : new double[] {0.35, 0.6}) {
            sketch.line(from.plus(reach * offset, reach), from.plus(reach, reach * offset), Ink.GLASS, sketch.em(1.2));
        }
    }

    /** The mat's opening: the picture less the overlap, in a rectangle where the borders put it. */
    private void matOpening() {
        if (!frame().job().contents().hasMat()) {
            return;
        }
        double overlap = frame().habits().get(Habit.MAT_OVERLAP).toMm();
        boolean seen = frame().job().seen() == plan.job().seen();
        List<At> opening = frame().isFourSquare() && seen ? matRectangle()
                : shrunk(Known.in(frame().lines(), Line.ART), overlap);
        sketch.area(opening, Ink.ART);
        photo(opening, opening, overlap * unit);
        sketch.outline(opening, Ink.HAIRLINE, sketch.em(1.4));
    }

    /** The customer's picture, as large as the frame is told it is; what lies under the lip or a mat is not seen. */
    private void photo(List<At> seen, List<At> covered, double under) {
        frame().job().contents().picture().ifPresent(name -> {
            At from = new At(
                    covered.stream().mapToDouble(At::x).min().orElseThrow() - under,
                    covered.stream().mapToDouble(At::y).min().orElseThrow() - under);
            At to = new At(
                    covered.stream().mapToDouble(At::x).max().orElseThrow() + under,
                    covered.stream().mapToDouble(At::y).max().orElseThrow() + under);
            sketch.photo(seen, from, to, name);
        });
    }

    /** The line drawn in towards its middle by the overlap, as near as a drawing needs. */
    private List<At> shrunk(List<Point> line, double overlap) {
        double w = frame().width(Line.ART).toMm();
        double h = frame().height(Line.ART).toMm();
        double left = line.stream().mapToDouble(Point::x).min().orElseThrow() + w / 2;
        double top = line.stream().mapToDouble(Point::y).min().orElseThrow() + h / 2;
        return line.stream()
                .map(p -> at(new Point(
                        left + (p.x() - left) * (1 - 2 * overlap / w), top + (p.y() - top) * (1 - 2 * overlap / h))))
                .toList();
    }

    private List<At> matRectangle() {
        Pane sheet = plan.fit().panes().matOpening().orElseThrow();
        Point topLeft = matTopLeft();
        At a = at(topLeft);
        At c = at(topLeft.plus(new Point(sheet.width().value().toMm(), sheet.height().value().toMm())));
        return Sketch.rectangle(a.x(), a.y(), c.x(), c.y());
    }

    /** Where the opening of a rectangular mat starts. */
    Point matTopLeft() {
        Borders borders = frame().job().contents().borders().orElseThrow();
        Point glass = Known.in(frame().lines(), Line.GLASS).getFirst();
        return glass.plus(new Point(borders.sides().toMm(), borders.top().toMm()));
    }

    /** Wood with grain that runs along the piece: a straight piece as it is cut, a curved one as it is sawn. */
    private void member(Member member) {
        Species species = member.section().species();
        int seed = member.side().id().hashCode() & 0xFF;
        List<At> shape = member.curve().map(this::sawn).orElseGet(() -> at(seen(member)));
        if (member.curve().isPresent() || shape.size() != CORNERS) {
            Point along = new Point(member.place().along().x(), member.place().along().y());
            sketch.woodAlong(shape, behind ? new Point(-along.x(), along.y()) : along, species, seed);
        } else {
            bands(member, shape, seed);
        }
        arrises(member, at(member.slabs().isEmpty() ? member.outline() : member.seen(behind)));
        sketch.outline(shape, new Paint.Wood(species, Paint.Shade.EDGE), sketch.em(1.2));
    }

    private List<Point> seen(Member member) {
        List<Point> joined = member.seen(behind);
        return frame().job().body().outer().isEmpty() ? joined : Polygons.within(joined, frame().outer());
    }

    /** A strip that bends, and its grain with it. */
    private void bent(Member strip) {
        Species species = strip.section().species();
        List<At> shape = at(strip.outline());
        sketch.area(shape, new Paint.Wood(species, Paint.Shade.FACE));
        sketch.outline(shape, new Paint.Wood(species, Paint.Shade.EDGE), sketch.em(0.8));
    }

    /** Wood all round in one piece, its grain the longer way; what it holds is drawn over it. */
    private void board() {
        Species species = frame().job().section().species();
        List<At> outside = at(frame().outer());
        sketch.woodAlong(outside, OnePiece.grain(frame()), species, 5);
        sketch.outline(outside, new Paint.Wood(species, Paint.Shade.EDGE), sketch.em(1.2));
        contents();
        frame().job().linings().forEach(lining -> of(plan.job().indexOf(lining.name())).wood());
        sketch.outline(at(frame().inner()), new Paint.Wood(species, Paint.Shade.EDGE), sketch.em(1.2));
    }

    /** Strips of the face from the inside outwards, each in its own wood; from behind, the wood of the back. */
    private void bands(Member member, List<At> shape, int seed) {
        List<Section.Seen> seen = behind ? List.of() : member.section().seen();
        if (seen.stream().map(Section.Seen::species).distinct().count() < 2) {
            sketch.wood(
                    shape.get(0),
                    shape.get(1),
                    shape.get(2),
                    shape.get(3),
                    seen.isEmpty()
                            ? member.section().species()
                            : seen.getFirst().species(),
                    seed,
                    false);
            return;
        }
        for (Section.Seen band : seen) {
            double out = share(member, band.to());
            double in = share(member, band.from());
            sketch.wood(
                    Sketch.blend(shape.get(0), shape.get(3), out),
                    Sketch.blend(shape.get(1), shape.get(2), out),
                    Sketch.blend(shape.get(1), shape.get(2), in),
                    Sketch.blend(shape.get(0), shape.get(3), in),
                    band.species(),
                    seed++,
                    false);
        }
    }

    /** How far a place of the section lies from the outside edge toward the inner, 0 to 1. */
    private static double share(Member member, double x) {
        return (member.section().face().toMm() - x) / member.section().width().toMm();
    }

    /** Lines along the piece where its front steps or its wood changes; none where they would run together. */
    private void arrises(Member member, List<At> shape) {
        double apart = sketch.em(3);
        if (behind
                || member.section().strips().getFirst().isPlain()
                        && member.section().strips().size() == 1
                        && member.section().band().isEmpty()) {
            return;
        }
        double last = 0;
        for (Section.Seen band : member.section().seen().reversed()) {
            double share = share(member, band.from());
            if (share < 0.995 && (share - last) * member.section().width().toMm() * unit > apart) {
                List<At> line = member.curve()
                        .map(c -> between(c, share))
                        .orElseGet(() -> List.of(
                                Sketch.blend(shape.get(0), shape.get(3), share),
                                Sketch.blend(shape.get(1), shape.get(2), share)));
                sketch.line(line, new Paint.Wood(band.species(), Paint.Shade.EDGE), sketch.em(0.7), Mark.Dash.SOLID);
                last = share;
            }
        }
    }

    private List<At> between(Curve curve, double share) {
        List<At> line = new ArrayList<>();
        for (int i = 0; i < curve.outer().size(); i++) {
            line.add(at(curve.outer().get(i).towards(curve.inner().get(i), share)));
        }
        return line;
    }

    private List<At> sawn(Curve curve) {
        return Stream.concat(curve.outer().stream(), curve.inner().reversed().stream()).map(this::at).toList();
    }

    private void rabbetLine() {
        if (frame().job().section().recess() instanceof Recess.Over) {
            sketch.hidden(line(Line.GLASS), Sketch.letters(frame().job().section().species()));
        }
        if (frame().job().section().lip().isPositive()) {
            sketch.hidden(line(Line.RABBET), Sketch.letters(frame().job().section().species()));
        } else if (frame().job().section().recess() instanceof Recess.Floater && frame().has(Line.ART)) {
            List<At> picture = line(Line.ART);
            sketch.area(picture, Ink.ART);
            photo(picture, picture, 0);
            sketch.outline(picture, Ink.SOFT, sketch.em(1));
        }
    }

    /** The letters of the corners on every piece, as they are pencilled on. */
    void letters() {
        if (frame().isSolid()) {
            return;
        }
        for (Member member : frame().members()) {
            List<Point> seen = member.seen(behind);
            List<At> c = at(seen.size() == CORNERS ? seen : member.outline());
            double length = Math.hypot(c.get(1).x() - c.get(0).x(), c.get(1).y() - c.get(0).y());
            double inner = Math.hypot(c.get(2).x() - c.get(3).x(), c.get(2).y() - c.get(3).y());
            double face = member.section().face().toMm() * unit;
            if (face < sketch.em(9) || Math.min(length, inner) < sketch.em(26)) {
                continue;
            }
            double share = Math.min(0.3, sketch.em(34) / Math.max(1, length));
            Ink ink = Sketch.letters(member.section().species());
            letter(c.get(0), c.get(1), c.get(2), c.get(3), share, member.side().from(), ink);
            letter(c.get(1), c.get(0), c.get(3), c.get(2), share, member.side().to(), ink);
        }
    }

    private void letter(At corner, At other, At innerOther, At inner, double share, String letter, Ink ink) {
        At at = Sketch.middle(Sketch.blend(corner, other, share), Sketch.blend(inner, innerOther, share * 0.55));
        // A blank that is mitred very flat reaches far beyond the frame that is sawn from it.
        if (Legible.holds(line(Line.OUTSIDE), at)) {
            sketch.text(at, letter, ink, 12, true, Anchor.MIDDLE);
        }
    }

    /** From behind: the rabbet is open, the package closed, points along it or a strainer in it. */
    void back(boolean withPoints) {
        if (!frame().job().section().lip().isPositive()) {
            return;
        }
        List<At> rabbet = line(Line.RABBET);
        sketch.area(rabbet, Ink.BOARD);
        sketch.outline(rabbet, Ink.PENCIL, sketch.em(1));
        frame().bars().forEach(this::member);
        frame().job().inBack().forEach(inner -> of(plan.job().indexOf(inner.name())).wood());
        if (withPoints && frame().job().seen() == plan.job().holder()) {
            plan.fit().points().forEach(points -> points.members().forEach(member -> points(member, points)));
        }
    }

    /** Points along the rabbet wall of one member, square to it. */
    private void points(Member member, FitPlan.Points points) {
        List<Point> wall = frame().run(Line.RABBET, frame().members().indexOf(member));
        double way = 0;
        double next = points.first().value().toMm();
        int set = 0;
        for (int i = 1; i < wall.size() && set < points.each(); i++) {
            double step = wall.get(i - 1).to(wall.get(i));
            while (set < points.each() && next <= way + step + 1e-6) {
                point(
                        wall.get(i - 1).towards(wall.get(i), (next - way) / step),
                        wall.get(i).minus(wall.get(i - 1)).unit().outward());
                next += points.apart().value().toMm();
                set++;
            }
            way += step;
        }
    }

    private void point(Point place, Point outward) {
        At at = at(place);
        double dx = (behind ? -outward.x() : outward.x()) * sketch.em(6);
        double dy = outward.y() * sketch.em(6);
        sketch.line(at.plus(dx * 0.4, dy * 0.4), at.plus(-dx, -dy), Ink.METAL, sketch.em(2.4));
    }

    /** How wide the narrowest face is drawn. */
    double narrowFace() {
        return frame().narrowFace().toMm() * unit;
    }

    /** A length of the frame as it is drawn. */
    double drawn(Length length) {
        return length.toMm() * unit;
    }
}
