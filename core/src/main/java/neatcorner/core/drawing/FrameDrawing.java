package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Side;
import neatcorner.core.glue.Square;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.job.Axis;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Line;
import neatcorner.core.job.Station;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Numeral;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Recess;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Origin;

/**
 * The frame to scale with the tags of a station. Stations that work on the back draw it from behind.
 */
public final class FrameDrawing {
    private final Plan plan;
    private final Station station;
    private final Sketch sketch;
    private final double width;
    private final double height;
    private final double unit;
    private final At origin;

    private FrameDrawing(Plan plan, Station station, Reader reader, double width, double height) {
        this.plan = plan;
        this.station = station;
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        double w = frame().width(Line.OUTSIDE).toMm();
        double h = frame().height(Line.OUTSIDE).toMm();
        double side = Math.min(sketch.em(96), width * 0.24);
        double above = sketch.em(68);
        this.unit = Math.max(1e-6, Math.min((width - 2 * side) / w, (height - 2 * above) / h));
        this.origin = new At((width - w * unit) / 2, (height - h * unit) / 2);
    }

    /** The picture, to fill a space of this size. */
    public static Picture draw(Plan plan, Station station, Reader reader, double width, double height) {
        return new FrameDrawing(plan, station, reader, width, height).draw();
    }

    private Frame frame() {
        return plan.frame();
    }

    private boolean fromBehind() {
        return station == Station.HANG || station == Station.FIT;
    }

    private Picture draw() {
        contents();
        frame().members().forEach(this::member);
        if (fromBehind()) {
            back();
        } else {
            rabbetLine();
        }
        if (station != Station.HANG) {
            letters();
        }
        switch (station) {
            case GLUE_UP -> measuring();
            case HANG -> hanging();
            default -> sizes();
        }
        if (station == Station.BRIEF) {
            borders();
        }
        return sketch.picture(width, height);
    }

    /** A place on the frame, in millimetres from its top left outside corner as it is drawn. */
    private At at(double x, double y) {
        return new At(origin.x() + x * unit, origin.y() + y * unit);
    }

    private double outsideWidth() {
        return frame().width(Line.OUTSIDE).toMm();
    }

    private double outsideHeight() {
        return frame().height(Line.OUTSIDE).toMm();
    }

    /** The rectangle so far inside the outside line; the bottom rail may be wider by its own face. */
    private List<At> inset(Length fromOutside) {
        double in = fromOutside.toMm();
        double low = in + frame().job().faceOfBottom().minus(frame().job().section().face()).toMm();
        At topLeft = at(in, in);
        At bottomRight = at(outsideWidth() - in, outsideHeight() - low);
        return Sketch.rectangle(topLeft.x(), topLeft.y(), bottomRight.x(), bottomRight.y());
    }

    private void contents() {
        Length face = frame().job().section().face();
        List<At> opening = inset(face.plus(frame().job().section().recess().ledge()));
        if (frame().job().section().recess() instanceof Recess.Bar) {
            sketch.area(opening, Ink.PAPER);
            return;
        }
        if (fromBehind()) {
            sketch.area(inset(face.minus(frame().job().section().lip())), Ink.BOARD);
            return;
        }
        if (frame().job().contents().isMirror()) {
            sketch.area(opening, Ink.SILVER);
            shine(opening);
        } else {
            sketch.area(opening, frame().job().contents().hasMat() ? Ink.MAT : Ink.ART);
            plan.fit().matOpening().ifPresent(opened -> matOpening(opened.width().value(), opened.height().value()));
            if (frame().job().contents().isGlazed()) {
                shine(opening);
            }
        }
    }

    private void shine(List<At> opening) {
        At a = opening.get(0);
        At c = opening.get(2);
        double reach = Math.min(c.x() - a.x(), c.y() - a.y()) * 0.13;
        for (double offset : new double[] {0.35, 0.6}) {
            sketch.line(a.plus(reach * offset, reach), a.plus(reach, reach * offset), Ink.GLASS, sketch.em(1.2));
        }
    }

    private At matTopLeft() {
        Borders borders = frame().job().contents().borders().orElseThrow();
        double glassLeft = (outsideWidth() - frame().width(Line.GLASS).toMm()) / 2;
        double rabbetTop = frame().job().section().face().minus(frame().job().section().lip()).toMm();
        double glassTop = rabbetTop + frame().height(Line.RABBET).minus(frame().height(Line.GLASS)).toMm() / 2;
        return new At(glassLeft + borders.sides().toMm(), glassTop + borders.top().toMm());
    }

    private void matOpening(Length w, Length h) {
        At topLeft = matTopLeft();
        At a = at(topLeft.x(), topLeft.y());
        At c = at(topLeft.x() + w.toMm(), topLeft.y() + h.toMm());
        sketch.area(Sketch.rectangle(a.x(), a.y(), c.x(), c.y()), Ink.ART);
        sketch.outline(Sketch.rectangle(a.x(), a.y(), c.x(), c.y()), Ink.HAIRLINE, sketch.em(1.4));
    }

    /** Four corners of a member as drawn: outside from, outside to, inside to, inside from. */
    private List<At> corners(Member member) {
        double w = outsideWidth();
        double h = outsideHeight();
        double depth = member.section().width().toMm();
        double fromIn = member.left().setback().toMm();
        double toIn = member.right().setback().toMm();
        List<At> mm = switch (member.side()) {
            case TOP -> List.of(new At(0, 0), new At(w, 0), new At(w - toIn, depth), new At(fromIn, depth));
            case RIGHT -> List.of(new At(w, 0), new At(w, h), new At(w - depth, h - toIn), new At(w - depth, fromIn));
            case BOTTOM -> List.of(new At(w, h), new At(0, h), new At(toIn, h - depth), new At(w - fromIn, h - depth));
            case LEFT -> List.of(new At(0, h), new At(0, 0), new At(depth, toIn), new At(depth, h - fromIn));
        };
        return mm.stream().map(p -> at(p.x(), p.y())).toList();
    }

    private void member(Member member) {
        List<At> c = corners(member);
        sketch.wood(c.get(0), c.get(1), c.get(2), c.get(3), member.section().species(), member.side().ordinal() + 1, false);
        sketch.outline(c, new Paint.Wood(member.section().species(), Paint.Shade.EDGE), sketch.em(1.2));
    }

    private void rabbetLine() {
        if (frame().job().section().recess() instanceof Recess.Rabbet(Length lip, _)) {
            sketch.hidden(inset(frame().job().section().face().minus(lip)), Sketch.letters(frame().job().section().species()));
        } else if (frame().job().section().recess() instanceof Recess.Floater) {
            Length gap = frame().habits().get(Habit.FLOAT_GAP);
            List<At> picture = inset(frame().job().section().face().plus(gap));
            sketch.area(picture, Ink.ART);
            sketch.outline(picture, Ink.SOFT, sketch.em(1));
        }
    }

    /** From behind: the rabbet is open, the package closed, points along it or the strainer in it. */
    private void back() {
        if (frame().job().section().recess() instanceof Recess.Rabbet(Length lip, _)) {
            List<At> rabbet = inset(frame().job().section().face().minus(lip));
            sketch.area(rabbet, Ink.BOARD);
            sketch.outline(rabbet, Ink.PENCIL, sketch.em(1));
            strainer(rabbet);
            if (station == Station.FIT) {
                points(rabbet);
            }
        }
    }

    private void strainer(List<At> rabbet) {
        if (plan.fit().strainer().isEmpty()) {
            return;
        }
        At a = rabbet.get(0);
        At c = rabbet.get(2);
        double strip = FitPlan.Strainer.WIDTH.toMm() * unit;
        List<At> outer = Sketch.rectangle(a.x() + unit, a.y() + unit, c.x() - unit, c.y() - unit);
        At p = outer.get(0);
        At q = outer.get(2);
        var pine = Species.PINE;
        List<List<At>> strips = List.of(
                Sketch.rectangle(p.x(), p.y(), q.x(), p.y() + strip), Sketch.rectangle(p.x(), q.y() - strip, q.x(), q.y()),
                upright(p.x(), p.y() + strip, p.x() + strip, q.y() - strip), upright(q.x() - strip, p.y() + strip, q.x(), q.y() - strip),
                q.x() - p.x() > q.y() - p.y()
                        ? upright((p.x() + q.x() - strip) / 2, p.y() + strip, (p.x() + q.x() + strip) / 2, q.y() - strip)
                        : Sketch.rectangle(p.x() + strip, (p.y() + q.y() - strip) / 2, q.x() - strip, (p.y() + q.y() + strip) / 2));
        strips.forEach(s -> {
            sketch.wood(s.get(0), s.get(1), s.get(2), s.get(3), pine, strips.indexOf(s) + 5, false);
            sketch.outline(s, new Paint.Wood(pine, Paint.Shade.EDGE), sketch.em(0.8));
        });
    }

    /** A rectangle whose grain runs up and down. */
    private static List<At> upright(double left, double top, double right, double bottom) {
        return List.of(new At(left, top), new At(left, bottom), new At(right, bottom), new At(right, top));
    }

    private void points(List<At> rabbet) {
        for (var points : plan.fit().points()) {
            boolean across = points.first().id().startsWith("points.width");
            for (int i = 0; i < points.each(); i++) {
                double along = (points.first().value().toMm() + i * points.apart().value().toMm()) * unit;
                At a = rabbet.get(0);
                At c = rabbet.get(2);
                point(across ? new At(a.x() + along, a.y()) : new At(a.x(), a.y() + along), across ? 0 : 1, across ? 1 : 0);
                point(across ? new At(a.x() + along, c.y()) : new At(c.x(), a.y() + along), across ? 0 : -1, across ? -1 : 0);
            }
        }
    }

    private void point(At at, int dx, int dy) {
        double length = sketch.em(6);
        sketch.line(at.plus(-dx * length * 0.4, -dy * length * 0.4), at.plus(dx * length, dy * length), Ink.METAL, sketch.em(2.4));
    }

    private void letters() {
        double size = 12;
        double face = frame().narrowFace().toMm() * unit;
        if (face < sketch.em(9)) {
            return;
        }
        for (Member member : frame().members()) {
            List<At> c = corners(member);
            Side side = member.side();
            double share = Math.min(0.3, sketch.em(34) / Math.max(1, Math.hypot(c.get(1).x() - c.get(0).x(), c.get(1).y() - c.get(0).y())));
            At from = Sketch.middle(Sketch.blend(c.get(0), c.get(1), share), Sketch.blend(c.get(3), c.get(2), share * 0.55));
            At to = Sketch.middle(Sketch.blend(c.get(1), c.get(0), share), Sketch.blend(c.get(2), c.get(3), share * 0.55));
            sketch.text(from, String.valueOf(fromBehind() ? mirrored(side.from()) : side.from()), Sketch.letters(member.section().species()), size, true, Anchor.MIDDLE);
            sketch.text(to, String.valueOf(fromBehind() ? mirrored(side.to()) : side.to()), Sketch.letters(member.section().species()), size, true, Anchor.MIDDLE);
        }
    }

    /** From behind, left and right change places. */
    private static char mirrored(char corner) {
        return switch (corner) {
            case 'A' -> 'B';
            case 'B' -> 'A';
            case 'C' -> 'D';
            default -> 'C';
        };
    }

    private void sizes() {
        Line across = frame().job().given(Axis.WIDTH).line();
        Line down = frame().job().given(Axis.HEIGHT).line();
        double gap = sketch.em(36);
        double w = outsideWidth();
        double h = outsideHeight();
        double sizeAcross = frame().width(across).toMm();
        double sizeDown = frame().height(down).toMm();
        double bottom = at(0, h).y() + gap;
        double left = at(0, 0).x() - sketch.em(48);
        if (across == Line.OUTSIDE || down == Line.OUTSIDE) {
            sight(h);
        }
        double startAcross = (w - sizeAcross) / 2;
        sketch.dimension(plan, new At(at(startAcross, 0).x(), bottom), new At(at(startAcross + sizeAcross, 0).x(), bottom),
                across.id(Axis.WIDTH), caption(across, Axis.WIDTH));
        double startDown = topOf(down);
        sketch.dimension(plan, new At(left, at(0, startDown).y()), new At(left, at(0, startDown + sizeDown).y()),
                down.id(Axis.HEIGHT), caption(down, Axis.HEIGHT));
        if (across != Line.OUTSIDE) {
            double top = at(0, 0).y() - gap;
            sketch.dimension(plan, new At(at(0, 0).x(), top), new At(at(w, 0).x(), top), "member.top.long", sketch.say("tag.long_point"));
        }
        if (down != Line.OUTSIDE) {
            double right = at(w, 0).x() + sketch.em(48);
            sketch.dimension(plan, new At(right, at(0, 0).y()), new At(right, at(0, h).y()), "member.right.long", sketch.say("tag.long_point"));
        }
    }

    /** When the outside is given, what shows is what follows. */
    private void sight(double h) {
        double face = frame().job().section().face().toMm();
        double y = at(0, h - frame().job().faceOfBottom().toMm()).y() - sketch.em(26);
        sketch.dimension(plan, new At(at(face, 0).x(), y), new At(at(outsideWidth() - face, 0).x(), y), "sight.width", sketch.say("tag.sight"));
    }

    /** How far below the top of the frame a line's own top lies. */
    private double topOf(Line line) {
        double face = frame().job().section().face().toMm();
        double rabbet = face - frame().job().section().lip().toMm();
        double play = frame().has(Line.RABBET) && line.compareTo(Line.RABBET) < 0
                ? frame().height(Line.RABBET).minus(frame().height(frame().has(Line.GLASS) ? Line.GLASS : line)).toMm() / 2 : 0;
        return switch (line) {
            case OUTSIDE -> 0;
            case SIGHT -> face;
            case RABBET -> rabbet;
            case GLASS, MAT -> rabbet + play;
            case ART -> frame().job().contents().hasMat()
                    ? matTopLeft().y() - frame().habits().get(Habit.MAT_OVERLAP).toMm() : rabbet + play;
        };
    }

    private String caption(Line line, Axis axis) {
        return sketch.say("tag." + line.name().toLowerCase(Locale.ROOT) + "." + axis.id());
    }

    private void borders() {
        frame().job().contents().borders().ifPresent(borders -> {
            At topLeft = matTopLeft();
            double openWidth = plan.fit().matOpening().orElseThrow().width().value().toMm();
            double openHeight = plan.fit().matOpening().orElseThrow().height().value().toMm();
            double x = topLeft.x() + openWidth / 2;
            double room = sketch.em(30);
            if (borders.top().toMm() * unit > room) {
                sketch.tag(plan, at(x, topLeft.y() - borders.top().toMm() / 2), "border.top", "");
            }
            if (borders.bottom().toMm() * unit > room) {
                sketch.tag(plan, at(x, topLeft.y() + openHeight + borders.bottom().toMm() / 2), "border.bottom", "");
            }
            if (borders.sides().toMm() * unit > sketch.em(46)) {
                sketch.tag(plan, at(topLeft.x() - borders.sides().toMm() / 2, topLeft.y() + openHeight / 2), "border.sides", "");
            }
        });
    }

    /** Tags for the tape on the glued frame: four sides outside, two diagonals, empty until taken. */
    private void measuring() {
        double w = outsideWidth();
        double h = outsideHeight();
        At a = at(0, 0);
        At b = at(w, 0);
        At c = at(w, h);
        At d = at(0, h);
        double gap = sketch.em(36);
        double aside = sketch.em(48);
        sketch.line(List.of(a, c), Paint.of(Ink.GIVEN), sketch.em(1), Mark.Dash.HIDDEN);
        sketch.line(List.of(b, d), Paint.of(Ink.GIVEN), sketch.em(1), Mark.Dash.HIDDEN);
        plan.glue().square().ifPresent(this::lean);
        tape(Tape.TOP, a.plus(0, -gap), b.plus(0, -gap), 0.5);
        tape(Tape.RIGHT, b.plus(aside, 0), c.plus(aside, 0), 0.5);
        tape(Tape.BOTTOM, d.plus(0, gap), c.plus(0, gap), 0.5);
        tape(Tape.LEFT, a.plus(-aside, 0), d.plus(-aside, 0), 0.5);
        measured(Tape.DIAGONAL_AC, Sketch.blend(a, c, 0.3));
        measured(Tape.DIAGONAL_BD, w > h ? Sketch.blend(b, d, 0.3) : Sketch.blend(d, b, 0.3));
    }

    /** Which way it leans, far more than it does: nobody could see the true lean. */
    private void lean(Square square) {
        double shown = Math.signum(square.lean().radians()) * sketch.em(14);
        if (!square.isSquare()) {
            double w = outsideWidth();
            double h = outsideHeight();
            sketch.hidden(List.of(at(0, 0).plus(-shown, 0), at(w, 0).plus(-shown, 0), at(w, h).plus(shown, 0), at(0, h).plus(shown, 0)), Ink.SAW);
        }
    }

    private void tape(Tape tape, At from, At to, double share) {
        sketch.ruler(from, to);
        measured(tape, Sketch.blend(from, to, share));
    }

    private void measured(Tape tape, At at) {
        String caption = sketch.say("tag." + tape.id());
        if (plan.figure(tape.id()).isPresent()) {
            sketch.tag(plan, at, tape.id(), caption);
        } else {
            Numeral blank = new Numeral(false, "?", 0, 1, sketch.book().graduation().unit(), Numeral.Residue.NONE);
            sketch.emptyTag(at, new Mark.Tag(at, tape.id(), caption, blank, Origin.GIVEN));
        }
    }

    private void hanging() {
        double w = outsideWidth();
        double inset = plan.hang().rings().map(r -> r.inset().value().toMm()).orElse(0.0);
        plan.hang().rings().ifPresent(rings -> {
            double down = rings.down().value().toMm();
            At left = at(inset, down);
            At right = at(w - inset, down);
            plan.hang().wire().ifPresent(wire -> {
                At top = at(w / 2, wire.drop().value().toMm());
                sketch.line(List.of(left, top, right), Paint.of(Ink.METAL), sketch.em(2), Mark.Dash.SOLID);
                hook(top);
                double x = at(w / 2, 0).x();
                sketch.tag(plan, new At(x, at(0, 0).y() - sketch.em(30)), "wire.drop", sketch.say("tag.wire_drop"));
            });
            ring(left);
            ring(right);
            double x = at(w, 0).x() + sketch.em(48);
            sketch.dimension(plan, new At(x, at(0, 0).y()), new At(x, left.y()), "ring.down", sketch.say("tag.ring_down"));
            double y = at(0, outsideHeight()).y() + sketch.em(30);
            sketch.dimension(plan, new At(left.x(), y), new At(right.x(), y), "ring.apart", sketch.say("tag.ring_apart"));
        });
        if (plan.hang().rings().isEmpty()) {
            fixedAtTop(plan.hang());
        }
        sketch.tag(plan, new At(at(0, 0).x() - sketch.em(48), at(0, outsideHeight() / 2).y()), "hang.hook_height", sketch.say("tag.hook_height"));
    }

    /** A saw-tooth in the middle of the top rail, or a cleat along it. */
    private void fixedAtTop(HangPlan hang) {
        double y = frame().job().section().backWidth().toMm() / 2;
        double half = hang.chosen() == Hardware.CLEAT ? outsideWidth() * 0.35 : Math.min(25, outsideWidth() / 6);
        At left = at(outsideWidth() / 2 - half, y);
        At right = at(outsideWidth() / 2 + half, y);
        double thick = hang.chosen() == Hardware.CLEAT ? Math.max(sketch.em(4), 12 * unit) : sketch.em(4);
        sketch.line(left, right, Ink.METAL, thick);
    }

    private void ring(At at) {
        List<At> circle = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            double angle = i * Math.PI / 10;
            circle.add(at.plus(sketch.em(5) * Math.cos(angle), sketch.em(5) * Math.sin(angle)));
        }
        sketch.outline(circle, Ink.METAL, sketch.em(2.4));
    }

    private void hook(At at) {
        sketch.line(List.of(at.plus(0, -sketch.em(7)), at, at.plus(sketch.em(3), sketch.em(2)), at.plus(sketch.em(5), -sketch.em(2))),
                Paint.of(Ink.SAW), sketch.em(2.4), Mark.Dash.SOLID);
    }
}
