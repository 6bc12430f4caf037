package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.glue.Closing;
import neatcorner.core.glue.Square;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.hang.HangPlanner;
import neatcorner.core.job.BorderKey;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Numeral;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.OutlineKey;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.plan.Plan;
import neatcorner.core.recall.Known;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Station;

/**
 * The frame to scale with the tags of a station. Stations that work on the back draw it from behind.
 */
public final class FrameDrawing {
    private static final FigureKey<Length> OUTSIDE_WIDTH = Line.OUTSIDE.size(Axis.WIDTH);
    private static final FigureKey<Length> OUTSIDE_HEIGHT = Line.OUTSIDE.size(Axis.HEIGHT);

    private final Plan plan;
    private final Station station;
    private final Sketch sketch;
    private final double width;
    private final double height;
    private final FrameSketch frameSketch;

    private FrameDrawing(Plan plan, Station station, Reader reader, double width, double height) {
        this.plan = plan;
        this.station = station;
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        double side = Math.min(sketch.em(96), width * 0.3);
        double above = sketch.em(68);
        boolean alone = station == Station.GLUE_UP && plan.glue().closing() != Closing.FITTED;
        this.frameSketch = alone
                ? FrameSketch.alone(plan, sketch, side, above, width - 2 * side, height - 2 * above)
                : new FrameSketch(
                        plan,
                        sketch,
                        station == Station.HANG || station == Station.FIT,
                        side,
                        above,
                        width - 2 * side,
                        height - 2 * above);
    }

    /** The picture, to fill a space of this size. */
    public static Picture draw(Plan plan, Station station, Reader reader, double width, double height) {
        return new FrameDrawing(plan, station, reader, width, height).draw();
    }

    /** The picture without tags, from the front or from behind, to fill a space of this size. */
    public static Picture plain(Plan plan, boolean behind, Reader reader, double width, double height) {
        Sketch sketch = new Sketch(reader);
        FrameSketch frame = new FrameSketch(
                plan, sketch, behind, sketch.em(2), sketch.em(2), width - sketch.em(4), height - sketch.em(4));
        frame.drawWhole();
        if (behind) {
            frame.back(false);
        }
        frame.letters();
        return sketch.picture(width, height);
    }

    /** The back with its hardware; how high it hangs is said on the wall. */
    static Picture hardware(Plan plan, Reader reader, double width, double height) {
        FrameDrawing drawing = new FrameDrawing(plan, Station.HANG, reader, width, height);
        drawing.frameSketch.draw();
        drawing.frameSketch.back(false);
        drawing.mounted();
        return drawing.sketch.picture(width, height);
    }

    /** The back, with what holds the package. */
    public static Picture back(Plan plan, Reader reader, double width, double height) {
        Sketch sketch = new Sketch(reader);
        FrameSketch frame = new FrameSketch(
                plan.packed(), sketch, true, sketch.em(2), sketch.em(2), width - sketch.em(4), height - sketch.em(4));
        frame.draw();
        frame.back(true);
        return sketch.picture(width, height);
    }

    /** The picture from the front without tags and letters, to be set small into another. */
    public static Picture small(Plan plan, Reader reader, double width, double height) {
        Sketch sketch = new Sketch(reader);
        new FrameSketch(plan, sketch, false, sketch.em(2), sketch.em(2), width - sketch.em(4), height - sketch.em(4))
                .drawWhole();
        return sketch.picture(width, height);
    }

    /** The frame small, with its corners to be pressed; a box stands around the one at the right end of this side. */
    public static Picture corners(Plan plan, Reader reader, double width, double height, int side) {
        Sketch sketch = new Sketch(reader);
        double margin = sketch.em(11);
        FrameSketch frame =
                new FrameSketch(plan, sketch, false, margin, margin, width - 2 * margin, height - 2 * margin);
        frame.draw();
        List<Member> members = plan.frame().members();
        double reach = sketch.em(10);
        for (int i = 0; i < members.size() && !plan.frame().isSolid(); i++) {
            Mark.At at = frame.at(plan.frame().run(Line.OUTSIDE, i).getLast());
            List<Mark.At> box =
                    Sketch.rectangle(at.x() - reach, at.y() - reach, at.x() + reach, at.y() + reach);
            if (i == side) {
                sketch.outline(box, Ink.GIVEN, sketch.em(2));
            }
            Thing corner = new Thing.Corner(i, members.get(i).side().to());
            sketch.spot(at.x() - reach, at.y() - reach, at.x() + reach, at.y() + reach, corner);
        }
        return sketch.picture(width, height);
    }

    /** The frame lettered and in its clamps, without anything to be typed. */
    public static Picture clamped(Plan plan, Reader reader, double width, double height) {
        FrameDrawing drawing = new FrameDrawing(plan, Station.GLUE_UP, reader, width, height);
        drawing.frameSketch.draw();
        drawing.frameSketch.letters();
        drawing.clamps();
        return drawing.sketch.picture(width, height);
    }

    private Frame frame() {
        return plan.frame();
    }

    private Picture draw() {
        frameSketch.draw();
        if (station == Station.HANG || station == Station.FIT) {
            frameSketch.back(station == Station.FIT);
        }
        if (station != Station.HANG) {
            frameSketch.letters();
        }
        switch (station) {
            case GLUE_UP -> {
                clamps();
                if (frame().isFourSquare()) {
                    measuring();
                } else {
                    checks();
                }
            }
            case HANG -> hanging();
            default -> sizes();
        }
        if (station == Station.BRIEF && frame().isFourSquare()) {
            borders();
        }
        return sketch.picture(width, height);
    }

    private At at(double x, double y) {
        return frameSketch.drawn(x, y);
    }

    private double outsideWidth() {
        return frame().width(Line.OUTSIDE).toMm();
    }

    private double outsideHeight() {
        return frame().height(Line.OUTSIDE).toMm();
    }

    private void sizes() {
        switch (frame().job().outline()) {
            case Boxed boxed -> boxedSizes(boxed);
            case Outline.Regular regular -> regularSizes(regular);
            case Outline.Free free -> freeSizes(free);
        }
    }

    private void boxedSizes(Boxed boxed) {
        Line across = boxed.width().line();
        Line down = boxed.height().line();
        double gap = sketch.em(36);
        double w = outsideWidth();
        double h = outsideHeight();
        double bottom = at(0, h).y() + gap;
        double left = at(0, 0).x() - sketch.em(48);
        if ((across == Line.OUTSIDE || down == Line.OUTSIDE) && frame().bars().isEmpty()) {
            sight();
        }
        double[] wide = extent(across, Axis.WIDTH);
        sketch.dimension(plan, new At(at(wide[0], 0).x(), bottom), new At(at(wide[1], 0).x(), bottom),
                across.size(Axis.WIDTH), caption(across, Axis.WIDTH));
        double[] high = extent(down, Axis.HEIGHT);
        sketch.dimension(plan, new At(left, at(0, high[0]).y()), new At(left, at(0, high[1]).y()),
                down.size(Axis.HEIGHT), caption(down, Axis.HEIGHT));
        boolean square = frame().isFourSquare() || boxed instanceof Boxed.Rectangle;
        if (across != Line.OUTSIDE) {
            double top = at(0, 0).y() - gap;
            sketch.dimension(
                    plan,
                    new At(at(0, 0).x(), top),
                    new At(at(w, 0).x(), top),
                    square ? longPoint(Side.Name.TOP) : OUTSIDE_WIDTH,
                    square ? longest() : sketch.say("tag.outside.width"));
        }
        if (down != Line.OUTSIDE) {
            double right = at(w, 0).x() + sketch.em(48);
            sketch.dimension(
                    plan,
                    new At(right, at(0, 0).y()),
                    new At(right, at(0, h).y()),
                    square ? longPoint(Side.Name.RIGHT) : OUTSIDE_HEIGHT,
                    square ? longest() : sketch.say("tag.outside.height"));
        }
    }

    /** What the saw cuts a piece to. */
    private String longest() {
        return sketch.say(frame().isSquared() ? "tag.sawn" : "tag.long_point");
    }

    /** From where to where a line reaches on an axis, in mm. */
    private double[] extent(Line line, Axis axis) {
        var along = Known.in(frame().lines(), line).stream()
                .mapToDouble(p -> axis == Axis.WIDTH ? p.x() : p.y())
                .summaryStatistics();
        return new double[] {along.getMin(), along.getMax()};
    }

    /** When the outside is given, what shows is what follows. */
    private void sight() {
        double[] wide = extent(Line.SIGHT, Axis.WIDTH);
        double y = at(0, extent(Line.SIGHT, Axis.HEIGHT)[1]).y() - sketch.em(26);
        sketch.dimension(
                plan,
                new At(at(wide[0], 0).x(), y),
                new At(at(wide[1], 0).x(), y),
                Line.SIGHT.size(Axis.WIDTH),
                sketch.say("tag.sight"));
    }

    /**
     * Across flats is measured down the left, across corners along the foot, a side over the top or, with a point on
     * top, along the foot.
     */
    private void regularSizes(Outline.Regular regular) {
        boolean even = regular.sides() % 2 == 0;
        Line line = regular.line();
        List<Point> run = Known.in(frame().lines(), line);
        double low = at(0, outsideHeight()).y() + sketch.em(36);
        double left = at(0, 0).x() - sketch.em(48);
        double right = at(outsideWidth(), 0).x() + sketch.em(48);
        double top = at(0, 0).y() - sketch.em(36);
        String given = sketch.say("tag.across." + regular.across().name().toLowerCase(Locale.ROOT), line);
        Point middle = middleOf(run);
        double apothem = regular.apothem();
        Point sideFrom = even ? run.get(0) : run.get(regular.sides() / 2);
        Point sideTo = even ? run.get(1) : run.get(regular.sides() / 2 + 1);
        switch (regular.across()) {
            case FLATS -> {
                double reach = even ? apothem : Math.min(apothem, middle.y());
                sketch.dimension(
                        plan,
                        new At(left, at(0, middle.y() - reach).y()),
                        new At(left, at(0, middle.y() + apothem).y()),
                        OutlineKey.SIZE,
                        given);
                across(low);
                longSide(top, low, even);
            }
            case CORNERS -> {
                double radius = apothem / Math.cos(Math.PI / regular.sides());
                sketch.dimension(
                        plan,
                        new At(at(middle.x() - radius, 0).x(), low),
                        new At(at(middle.x() + radius, 0).x(), low),
                        OutlineKey.SIZE,
                        given);
                down(left);
                if (even) {
                    longSide(top, low, true);
                }
            }
            case SIDE -> {
                double y = even ? top : low;
                sketch.dimension(
                        plan,
                        new At(at(Math.min(sideFrom.x(), sideTo.x()), 0).x(), y),
                        new At(at(Math.max(sideFrom.x(), sideTo.x()), 0).x(), y),
                        OutlineKey.SIZE,
                        given);
                down(left);
                if (even) {
                    across(low);
                }
            }
        }
        down(right);
    }

    private FigureKey<Length> longPoint(Side.Name side) {
        return frame().member(side).longPoint().key();
    }

    private static Point middleOf(List<Point> run) {
        Point sum = run.stream().reduce(new Point(0, 0), Point::plus);
        return sum.times(1.0 / run.size());
    }

    private void across(double y) {
        sketch.dimension(
                plan,
                new At(at(0, 0).x(), y),
                new At(at(outsideWidth(), 0).x(), y),
                OUTSIDE_WIDTH,
                sketch.say("tag.outside.width"));
    }

    private void down(double x) {
        sketch.dimension(
                plan,
                new At(x, at(0, 0).y()),
                new At(x, at(0, outsideHeight()).y()),
                OUTSIDE_HEIGHT,
                sketch.say("tag.outside.height"));
    }

    private void longSide(double top, double low, boolean even) {
        if (even) {
            List<Point> side = frame().run(Line.OUTSIDE, 0);
            sketch.dimension(
                    plan,
                    new At(at(side.getFirst().x(), 0).x(), top),
                    new At(at(side.getLast().x(), 0).x(), top),
                    frame().members().getFirst().longPoint().key(),
                    sketch.say("tag.long_point"));
        }
    }

    /** A tag beside every side, where the tape goes; grips on the corners. */
    private void freeSizes(Outline.Free free) {
        TagPlacer placer = new TagPlacer(frameSketch.line(Line.OUTSIDE), width, height, sketch.em(10));
        boolean typed = station == Station.BRIEF;
        for (int i = 0; i < free.corners().size(); i++) {
            Member member = frame().members().get(i);
            FigureKey<Length> figure = typed ? OutlineKey.side(member.side()) : member.longPoint().key();
            String caption = typed
                    ? sketch.say("line." + free.line().name().toLowerCase(Locale.ROOT))
                    : longest();
            tagBeside(placer, i, figure, caption);
        }
        if (typed) {
            List<At> corners = frameSketch.line(free.line());
            for (int i = 0; i < corners.size(); i++) {
                sketch.grip(Mark.Grip.free(corners.get(i), new Handle.Corner(i), frameSketch.unit()));
            }
        }
    }

    private void tagBeside(TagPlacer placer, int member, FigureKey<Length> figure, String caption) {
        List<At> side = frameSketch.at(frame().run(Line.OUTSIDE, member));
        plan.figure(figure).ifPresent(f -> {
            double[] half = sketch.tagSize(f, caption);
            Optional<At> place = placer.beside(side.getFirst(), side.getLast(), half[0], half[1]);
            place.ifPresent(at -> {
                At from = Sketch.middle(side.getFirst(), side.getLast());
                if (Math.hypot(at.x() - from.x(), at.y() - from.y()) > sketch.em(44)) {
                    sketch.line(from, at, Ink.SOFT, sketch.em(0.8));
                }
                sketch.tag(plan, sketch.tagMiddle(at), figure, caption);
            });
        });
    }

    /** The clamps round the frame, and in which order its corners are closed. */
    private void clamps() {
        List<At> corners = frameSketch.at(frame().corners());
        switch (plan.glue().closing()) {
            case BAND -> band();
            case CROSSED_ARMS -> {
                for (int i = 0; i < corners.size() / 2; i++) {
                    sketch.line(
                            corners.get(i),
                            corners.get((i + corners.size() / 2) % corners.size()),
                            Ink.METAL,
                            sketch.em(3));
                }
                corners.forEach(this::jaw);
            }
            case FOUR_VICES -> corners.forEach(this::jaw);
            case HALVES -> {
                for (int i = 0; i < corners.size(); i++) {
                    jaw(corners.get(i));
                    turn(corners, i, i % 2 == 0 ? 1 : 2);
                }
            }
            case ONE_VICE, BY_HAND -> {
                if (corners.size() <= 8) {
                    for (int i = 0; i < corners.size(); i++) {
                        turn(corners, i, i + 1);
                    }
                }
            }
            case BARS -> bars();
            case WEDGES -> wedges(corners);
            case FLAT_BOARD, FITTED, NOTHING -> {
            }
        }
    }

    /** A bar near each side, a jaw at either end. */
    private void bars() {
        List<At> outside = frameSketch.line(Line.OUTSIDE);
        double over = sketch.em(12);
        for (int i = 0; i < frame().members().size(); i++) {
            List<Point> side = frame().run(Line.OUTSIDE, i);
            Point in = side.getLast().minus(side.getFirst()).unit().outward()
                    .times(-frame().members().get(i).section().face().toMm() / 2);
            At from = frameSketch.at(side.getFirst().plus(in));
            At to = frameSketch.at(side.getLast().plus(in));
            At one = Sketch.towards(from, to, -over);
            At other = Sketch.towards(to, from, -over);
            if (Legible.holds(outside, Sketch.middle(one, other))) {
                sketch.line(one, other, Ink.METAL, sketch.em(3));
                jaw(Sketch.towards(from, to, -over / 2));
                jaw(Sketch.towards(to, from, -over / 2));
            }
        }
    }

    /** Strips round the frame, and a pair of wedges on every side. */
    private void wedges(List<At> corners) {
        double away = sketch.em(9);
        for (int i = 0; i < corners.size(); i++) {
            At from = corners.get(i);
            At to = corners.get((i + 1) % corners.size());
            Point way = new Point(to.x() - from.x(), to.y() - from.y()).unit();
            Point out = way.outward();
            At middle = Sketch.middle(from, to);
            double half = sketch.em(18);
            At a = middle.plus(-way.x() * half, -way.y() * half);
            At b = middle.plus(way.x() * half, way.y() * half);
            At c = b.plus(out.x() * away, out.y() * away);
            At d = a.plus(out.x() * away, out.y() * away);
            sketch.area(List.of(a, b, c), Ink.METAL);
            sketch.outline(List.of(a, b, c, d), Ink.PENCIL, sketch.em(1));
            sketch.line(a, c, Ink.PENCIL, sketch.em(1));
            sketch.line(
                    from.plus(out.x() * away, out.y() * away),
                    to.plus(out.x() * away, out.y() * away),
                    Ink.PENCIL,
                    sketch.em(2.4));
        }
    }

    private void band() {
        List<At> outside = frameSketch.line(Line.OUTSIDE);
        double x = outside.stream().mapToDouble(At::x).average().orElseThrow();
        double y = outside.stream().mapToDouble(At::y).average().orElseThrow();
        double away = sketch.em(7);
        List<At> round = outside.stream()
                .map(at -> at.plus(Math.signum(at.x() - x) * away, Math.signum(at.y() - y) * away))
                .toList();
        sketch.outline(round, Ink.METAL, sketch.em(4));
        double low = round.stream().mapToDouble(At::y).max().orElseThrow();
        sketch.area(
                Sketch.rectangle(x - sketch.em(16), low - sketch.em(6), x + sketch.em(16), low + sketch.em(6)),
                Ink.METAL);
    }

    /** A block of a clamp outside a corner. */
    private void jaw(At corner) {
        double half = sketch.em(7);
        sketch.area(
                Sketch.rectangle(corner.x() - half, corner.y() - half, corner.x() + half, corner.y() + half),
                Ink.METAL);
    }

    /** When it is a corner's turn: beside the wood, where it covers no letter. */
    private void turn(List<At> corners, int index, int number) {
        double half = sketch.em(9);
        At wood = corners.get(index);
        At before = corners.get((index + corners.size() - 1) % corners.size());
        At after = corners.get((index + 1) % corners.size());
        At into =
                Sketch.middle(Sketch.towards(wood, before, sketch.em(16)), Sketch.towards(wood, after, sketch.em(16)));
        At off = wood.plus(wood.x() - into.x(), wood.y() - into.y());
        At corner = Legible.holds(corners, off) ? into : off;
        sketch.area(
                Sketch.rectangle(corner.x() - half, corner.y() - half, corner.x() + half, corner.y() + half),
                Ink.PANEL);
        sketch.outline(
                Sketch.rectangle(corner.x() - half, corner.y() - half, corner.x() + half, corner.y() + half),
                Ink.INK,
                sketch.em(1.2));
        sketch.text(corner, Integer.toString(number), Ink.INK, 12.5, true, Mark.Anchor.MIDDLE);
    }

    /** Corner to corner across, as the tape must read when it is closed. */
    private void checks() {
        List<Point> corners = frame().corners();
        TagPlacer placer = new TagPlacer(List.of(), width, height, sketch.em(10));
        int half = corners.size() / 2;
        for (int i = 0; i < Math.min(plan.glue().checks().size(), 6); i++) {
            At from = frameSketch.at(corners.get(i));
            At to = frameSketch.at(corners.get((i + half) % corners.size()));
            sketch.line(List.of(from, to), Paint.of(Ink.GIVEN), sketch.em(1), Mark.Dash.HIDDEN);
            var figure = plan.glue().checks().get(i);
            String caption = sketch.book().say(figure.name());
            double[] half2 = sketch.tagSize(figure, caption);
            double share = 0.3 + 0.13 * (i % 2);
            At near = Sketch.blend(from, to, share);
            placer.beside(near.plus(-half2[0], half2[1]), near.plus(half2[0], half2[1]), half2[0], half2[1])
                    .ifPresent(at -> sketch.tag(plan, sketch.tagMiddle(at), figure.key(), caption));
        }
    }

    private String caption(Line line, Axis axis) {
        return sketch.say("tag." + line.name().toLowerCase(Locale.ROOT) + "." + axis.id());
    }

    private void borders() {
        frame().job().contents().borders().ifPresent(borders -> {
            Point topLeft = frameSketch.matTopLeft();
            double openWidth = plan.fit()
                    .panes()
                    .matOpening()
                    .orElseThrow()
                    .width()
                    .value()
                    .toMm();
            double openHeight = plan.fit()
                    .panes()
                    .matOpening()
                    .orElseThrow()
                    .height()
                    .value()
                    .toMm();
            double x = topLeft.x() + openWidth / 2;
            double room = sketch.em(30);
            if (frameSketch.drawn(borders.top()) > room) {
                sketch.tag(plan, at(x, topLeft.y() - borders.top().toMm() / 2), BorderKey.TOP, "");
            }
            if (frameSketch.drawn(borders.bottom()) > room) {
                sketch.tag(
                        plan, at(x, topLeft.y() + openHeight + borders.bottom().toMm() / 2), BorderKey.BOTTOM, "");
            }
            if (frameSketch.drawn(borders.sides()) > sketch.em(46)) {
                sketch.tag(
                        plan,
                        at(topLeft.x() - borders.sides().toMm() / 2, topLeft.y() + openHeight / 2),
                        BorderKey.SIDES,
                        "");
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
        boolean small = Math.min(b.x() - a.x(), d.y() - a.y()) < sketch.em(150);
        if (small) {
            diagonalAside(Tape.DIAGONAL_AC, a, a.plus(-aside, -gap));
            diagonalAside(Tape.DIAGONAL_BD, b, b.plus(aside, -gap));
        } else {
            measured(Tape.DIAGONAL_AC, Sketch.blend(a, c, 0.3));
            measured(Tape.DIAGONAL_BD, w > h ? Sketch.blend(b, d, 0.3) : Sketch.blend(d, b, 0.3));
        }
    }

    /** Which way it leans, far more than it does: nobody could see the true lean. */
    private void lean(Square square) {
        double shown = Math.signum(square.lean().radians()) * sketch.em(14);
        if (!square.isSquare()) {
            double w = outsideWidth();
            double h = outsideHeight();
            sketch.hidden(
                    List.of(
                            at(0, 0).plus(-shown, 0),
                            at(w, 0).plus(-shown, 0),
                            at(w, h).plus(shown, 0),
                            at(0, h).plus(shown, 0)),
                    Ink.SAW);
        }
    }

    /** Beyond the corner where a diagonal ends: within a frame drawn small the tags would cover each other. */
    private void diagonalAside(Tape tape, At corner, At beside) {
        sketch.line(List.of(corner, beside), Paint.of(Ink.GIVEN), sketch.em(1), Mark.Dash.HIDDEN);
        measured(tape, beside);
    }

    private void tape(Tape tape, At from, At to, double share) {
        sketch.ruler(from, to);
        measured(tape, Sketch.blend(from, to, share));
    }

    private void measured(Tape tape, At at) {
        String caption = sketch.say("tag." + tape.id());
        if (plan.figure(tape).isPresent()) {
            sketch.tag(plan, at, tape, caption);
        } else {
            Numeral blank = new Numeral(false, "?", 0, 1, sketch.book().graduation().unit(), Numeral.Residue.NONE);
            sketch.emptyTag(at, new Mark.Tag(at, tape, caption, blank, Origin.GIVEN));
        }
    }

    private void hanging() {
        if (!plan.hang().chosen().isOnWall()) {
            return;
        }
        mounted();
        sketch.tag(
                plan,
                new At(
                        at(0, 0).x() - sketch.em(48),
                        at(0, plan.hang().drop().toMm()).y()),
                HangPlanner.HOOK_HEIGHT,
                sketch.say("tag.height_of." + plan.hang().chosen().name().toLowerCase(Locale.ROOT)));
    }

    private void mounted() {
        double w = outsideWidth();
        plan.hang().rings().ifPresent(rings -> {
            double down = rings.down().value().toMm();
            double half = rings.apart().value().toMm() / 2;
            double middle = w - middleAt(frame(), down);
            At left = at(middle - half, down);
            At right = at(middle + half, down);
            plan.hang().wire().ifPresent(wire -> {
                At top = at(middle, wire.drop().value().toMm());
                sketch.line(List.of(left, top, right), Paint.of(Ink.METAL), sketch.em(2), Mark.Dash.SOLID);
                hook(top);
                double x = at(middle, 0).x();
                sketch.tag(
                        plan,
                        new At(x, at(0, 0).y() - sketch.em(30)),
                        HangPlanner.WIRE_DROP,
                        sketch.say("tag.wire_drop"));
            });
            ring(left);
            ring(right);
            double x = at(w, 0).x() + sketch.em(48);
            sketch.dimension(
                    plan,
                    new At(x, at(0, 0).y()),
                    new At(x, left.y()),
                    HangPlanner.RING_DOWN,
                    sketch.say("tag.ring_down"));
            double y = at(0, outsideHeight()).y() + sketch.em(30);
            sketch.dimension(
                    plan,
                    new At(left.x(), y),
                    new At(right.x(), y),
                    HangPlanner.RING_APART,
                    sketch.say("tag.ring_apart"));
        });
        double drop = plan.hang().drop().toMm();
        if (plan.hang().rings().isEmpty() && plan.hang().chosen().isOnWall()) {
            fixedAtTop(plan.hang(), drop);
        }
    }

    /** The middle of a frame at a depth under its top, in mm from its left as seen from the front. */
    static double middleAt(Frame frame, double down) {
        double[] chord = frame.chord(Line.OUTSIDE, down);
        return chord[0] < chord[1] ? (chord[0] + chord[1]) / 2 : frame.width(Line.OUTSIDE).toMm() / 2;
    }

    /**
     * Half of how long what is fixed at the top is drawn, in mm: a saw-tooth in the middle of the rail, or a cleat
     * along it.
     */
    static double fixedHalf(Plan plan) {
        double wide = plan.frame().width(Line.OUTSIDE).toMm();
        return plan.hang()
                .cleat()
                .map(cleat -> cleat.length().value().toMm() / 2)
                .orElse(plan.hang().chosen() == Hardware.CLEAT ? wide * 0.35 : Math.min(25, wide / 6));
    }

    private void fixedAtTop(HangPlan hang, double y) {
        double half = fixedHalf(plan);
        double from = hang.cleat().map(cleat -> cleat.left().toMm()).orElse(outsideWidth() / 2 - half);
        At left = at(from, y);
        At right = at(from + 2 * half, y);
        double thick = hang.chosen() == Hardware.CLEAT ? Math.max(sketch.em(4), 12 * frameSketch.unit()) : sketch.em(4);
        sketch.line(left, right, Ink.METAL, thick);
        hang.cleat().ifPresent(cleat -> cleat.places().forEach(place -> screwHead(at(from + place, y))));
    }

    private void screwHead(At at) {
        double half = sketch.em(1.6);
        sketch.area(Sketch.rectangle(at.x() - half, at.y() - half, at.x() + half, at.y() + half), Ink.PAPER);
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
        sketch.line(
                List.of(
                        at.plus(0, -sketch.em(7)),
                        at,
                        at.plus(sketch.em(3), sketch.em(2)),
                        at.plus(sketch.em(5), -sketch.em(2))),
                Paint.of(Ink.SAW),
                sketch.em(2.4),
                Mark.Dash.SOLID);
    }
}
