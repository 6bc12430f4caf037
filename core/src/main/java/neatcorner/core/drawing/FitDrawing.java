package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.FixtureBox;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.Layer;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.pane.Pane;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.rack.Material;
import neatcorner.core.recall.Known;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;

/** The package pulled apart, the front at the left: the frame, every layer and what is behind, each with its size. */
public final class FitDrawing {
    /** How much of its width a layer keeps, seen so far from the side. */
    private static final double ACROSS = 0.42;
    /** How far a layer rises along its width. */
    private static final double RISE = 0.3;
    /** Wider than this for its height, it is long. */
    private static final double LONG = 1.7;
    /** How much of its height a long one keeps as it lies, and how far that leans over. */
    private static final double LYING = 0.4;
    private static final double LYING_OVER = 0.35;
    /** Of more, a column is too narrow for a size. */
    private static final int MOST_COLUMNS = 6;
    private final Plan plan;
    private final Sketch sketch;
    private final double width;
    private final double height;
    private final List<Part> parts = new ArrayList<>();

    /**
     * One thing of the package.
     *
     * @param outline  in the frame's plane, mm
     * @param openings cut out of it; may be empty
     * @param within   pieces of the same wood across its opening or over its curve; may be empty
     * @param more     what else there is to know of it; may be empty
     */
    private record Part(
            List<Point> outline,
            List<List<Point>> openings,
            List<List<Point>> within,
            Paint fill,
            Paint edge,
            String name,
            String size,
            String more) {
        Part(
                List<Point> outline,
                List<List<Point>> openings,
                Paint fill,
                Paint edge,
                String name,
                String size,
                String more) {
            this(outline, openings, List.of(), fill, edge, name, size, more);
        }
    }

    private FitDrawing(Plan plan, Reader reader, double width, double height) {
        this.plan = plan.packed();
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
    }

    /** The picture, to fill a space of this size. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        FitDrawing drawing = new FitDrawing(plan, reader, width, height);
        drawing.gather();
        drawing.paint();
        return drawing.sketch.picture(width, height);
    }

    /** All parts from the front backwards, what is framed behind the one that holds it. */
    private void gather() {
        Assembly whole = plan.assembly();
        for (int part : whole.fromBehind(true).reversed()) {
            frame(whole.frame(part), part);
            if (part == plan.job().holder()) {
                layers();
                hanging(whole.frame(part));
                boxes(kind -> kind == Fixture.Kind.SCREEN);
            }
        }
        boxes(kind -> kind != Fixture.Kind.SCREEN);
    }

    /** What lies behind and has depth. */
    private void boxes(Predicate<Fixture.Kind> shown) {
        Assembly.Lie lie = plan.assembly().lies().get(plan.job().holder());
        for (FixtureBox one : FixtureBox.of(plan.assembly())) {
            if (shown.test(one.fixture().kind())) {
                parts.add(new Part(
                        one.box().corners().stream()
                                .map(p -> p.minus(new Point(lie.across(), lie.down())))
                                .toList(),
                        List.of(),
                        Paint.of(one.fixture().kind() == Fixture.Kind.SCREEN ? Ink.GLASS : Ink.BOARD),
                        Paint.of(Ink.INK),
                        sketch.say(one.fixture().kind().words()),
                        sketch.say("sheet.size", one.fixture().width(), one.fixture().height()),
                        sketch.say("behind.deep", one.fixture().depth())));
            }
        }
    }

    private static String alike(int many, String name) {
        return many == 1 ? name : many + " × " + name;
    }

    private void frame(Frame frame, int part) {
        boolean holds = frame.has(Line.RABBET);
        Line line = holds ? Line.RABBET : Line.OUTSIDE;
        Section section = frame.job().section();
        String size = sketch.say("sheet.size", Known.in(frame.widths(), line), Known.in(frame.heights(), line));
        String depth = holds && section.recess() instanceof Recess.Covering
                ? sketch.say("fit.deep", section.recessDepth())
                : "";
        Assembly whole = plan.assembly();
        double x = whole.lies().get(part).across()
                - whole.lies().get(plan.job().holder()).across();
        double y = whole.lies().get(part).down() - whole.lies().get(plan.job().holder()).down();
        UnaryOperator<List<Point>> placed = run ->
                run.stream().map(p -> p.plus(new Point(x, y))).toList();
        parts.add(new Part(
                placed.apply(frame.outer()),
                List.of(placed.apply(frame.inner())),
                Stream.concat(
                                frame.panel().stream().map(_ -> frame.inner()),
                                Stream.of(frame.bars(), frame.cross(), frame.slats(), frame.trim())
                                        .flatMap(List::stream)
                                        .map(Member::outline))
                        .map(placed)
                        .toList(),
                new Paint.Wood(section.species(), Paint.Shade.FACE),
                new Paint.Wood(section.species(), Paint.Shade.EDGE),
                plan.job().parts().size() == 1
                        ? sketch.say("fit.the_frame")
                        : alike(whole.copies(part).size(), frame.job().part().name()),
                size,
                depth));
    }

    /** The mirror that a surround comes over, where it hangs. */
    private void hanging(Frame frame) {
        if (frame.job().section().recess() instanceof Recess.Over) {
            Figure<Length> wide = Known.in(frame.widths(), Line.GLASS);
            parts.add(new Part(
                    Known.in(frame.lines(), Line.GLASS),
                    List.of(),
                    Paint.of(Ink.SILVER),
                    Paint.of(Ink.INK),
                    sketch.say("fit.the_mirror"),
                    sketch.say("sheet.size", wide, Known.in(frame.heights(), Line.GLASS)),
                    ""));
        }
    }

    private void layers() {
        List<Layer> layers = plan.job().packed().layers();
        List<Pane> sheets = plan.fit().sheets();
        for (int i = 0; i < sheets.size(); i++) {
            Pane sheet = sheets.get(i);
            layer(
                    sheet,
                    layers.stream()
                            .skip(i)
                            .findFirst()
                            .filter(layer -> sheet.material().equals(Optional.of(layer.material()))),
                    i);
        }
    }

    private void layer(Pane sheet, Optional<Layer> layer, int index) {
        Material.Role role = sheet.material().map(Material::role).orElse(Material.Role.ART);
        Line line = role == Material.Role.ART ? Line.ART : Line.GLASS;
        List<Point> around = Known.in(plan.frame().lines(), plan.frame().has(line) ? line : Line.OUTSIDE);
        List<Point> outline = plan.frame().isFourSquare() && plan.frame().bars().isEmpty()
                ? box(around, sheet.width().value(), sheet.height().value())
                : around;
        List<List<Point>> openings = new ArrayList<>();
        String more = layer.map(l -> sketch.book().exactly(l.thickness())).orElse("");
        if (role == Material.Role.MAT) {
            int mat = (int) plan.job().packed().layers().subList(0, index).stream()
                    .filter(l -> l.material().role() == Material.Role.MAT)
                    .count();
            Pane hole = plan.fit().matOpenings().get(mat);
            openings.add(plan.frame().isFourSquare() ? box(around, hole.width().value(), hole.height().value())
                    : shrunk(around, (sheet.width().value().toMm() - hole.width().value().toMm()) / 2));
            more = sketch.say("fit.opening", hole.width(), hole.height());
        }
        Words name = sheet.material().map(material -> Words.of(Phrasebook.keyOf(material))).orElse(sheet.name());
        String count = sheet.count() > 1 ? sheet.count() + " × " : "";
        parts.add(new Part(
                outline,
                openings,
                Paint.of(
                        switch (role) {
                            case GLAZING -> plan.job().packed().isMirror() ? Ink.SILVER : Ink.GLASS;
                            case MAT -> Ink.MAT;
                            case ART -> Ink.ART;
                            case MOUNT, BACKING -> Ink.BOARD;
                        }),
                Paint.of(Ink.INK),
                count + sketch.say(name),
                sketch.say("sheet.size", sheet.width(), sheet.height()),
                more));
    }

    /** A rectangle of this size about the middle of a line. */
    private static List<Point> box(List<Point> around, Length wide, Length high) {
        Point middle = middle(around);
        double w = wide.toMm() / 2;
        double h = high.toMm() / 2;
        return List.of(
                middle.plus(new Point(-w, -h)),
                middle.plus(new Point(w, -h)),
                middle.plus(new Point(w, h)),
                middle.plus(new Point(-w, h)));
    }

    /** Drawn in by so much at its widest. */
    private static List<Point> shrunk(List<Point> around, double by) {
        Point middle = middle(around);
        double half = around.stream().mapToDouble(p -> Math.abs(p.x() - middle.x())).max().orElseThrow();
        double share = Math.max(0.05, 1 - by / half);
        return around.stream().map(p -> middle.plus(p.minus(middle).times(share))).toList();
    }

    private static Point middle(List<Point> around) {
        var x = around.stream().mapToDouble(Point::x).summaryStatistics();
        var y = around.stream().mapToDouble(Point::y).summaryStatistics();
        return new Point((x.getMin() + x.getMax()) / 2, (y.getMin() + y.getMax()) / 2);
    }

    /** Long ones, many, and those whose words find no room side by side lie in rows, the front above. */
    private void paint() {
        double column = width / parts.size() - sketch.em(6);
        double most = column + sketch.em(4);
        boolean tooWide = parts.stream()
                .flatMap(part -> said(part, column).stream())
                .anyMatch(line -> sketch.widthOf(line.text(), sketch.em(line.size()), line.bold()) > most);
        if (tooWide
                || parts.size() > MOST_COLUMNS
                || plan.frame().width(Line.OUTSIDE).ratio(plan.frame().height(Line.OUTSIDE)) > LONG) {
            rows();
        } else {
            columns();
        }
    }

    private void rows() {
        Point middle = middle(Known.in(plan.frame().lines(), Line.OUTSIDE));
        double wide = plan.assembly().width().toMm();
        double high = plan.assembly().height().toMm();
        double row = height / parts.size();
        int most = Math.max(1, (int) (row / sketch.em(15)));
        double words = Math.min(width * (most > 2 ? 0.36 : 0.55), sketch.em(190));
        double unit = Math.min(
                (width - words - sketch.em(20)) / (wide + high * LYING_OVER), (row - sketch.em(12)) / (high * LYING));
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            At at = new At((width - words) / 2, row * (i + 0.5));
            draw(
                    part,
                    p -> at.plus(
                            (p.x() - middle.x() + (middle.y() - p.y()) * LYING_OVER) * unit,
                            (p.y() - middle.y()) * LYING * unit));
            double x = width - words + sketch.em(8);
            List<Said> said = said(part, words - sketch.em(10));
            said = first(said, most);
            double y = at.y() - sketch.em(7.5) * (said.size() - 1);
            for (Said line : said) {
                sketch.text(new At(x, y), line.text(), line.ink(), line.size(), line.bold(), Anchor.START);
                y += sketch.em(15);
            }
        }
    }

    /** So many lines: sizes stand in the list beside the picture too; of a name it shows that it is cut. */
    private static List<Said> first(List<Said> said, int most) {
        List<Said> shown = new ArrayList<>(said.subList(0, Math.min(said.size(), most)));
        Said last = shown.getLast();
        if (last.bold() && shown.size() < said.size() && said.get(shown.size()).bold()) {
            shown.set(shown.size() - 1, new Said(last.text() + " …", last.ink(), last.size(), true));
        }
        return shown;
    }

    private void draw(Part part, Function<Point, At> seen) {
        List<At> drawn = part.outline().stream().map(seen).toList();
        sketch.area(drawn.stream().map(a -> a.plus(sketch.em(4), sketch.em(2))).toList(), Ink.SOFT);
        sketch.area(drawn, part.fill());
        sketch.outline(drawn, part.edge(), sketch.em(1.2));
        for (List<Point> opening : part.openings()) {
            List<At> hole = opening.stream().map(seen).toList();
            sketch.area(hole, Ink.PANEL);
            sketch.outline(hole, part.edge(), sketch.em(1));
        }
        for (List<Point> piece : part.within()) {
            List<At> across = piece.stream().map(seen).toList();
            sketch.area(across, part.fill());
            sketch.outline(across, part.edge(), sketch.em(0.7));
        }
    }

    private void columns() {
        List<Point> outside = Known.in(plan.frame().lines(), Line.OUTSIDE);
        Point middle = middle(outside);
        double wide = plan.assembly().width().toMm();
        double high = plan.assembly().height().toMm();
        double column = width / parts.size();
        List<List<Said>> said =
                parts.stream().map(part -> said(part, column - sketch.em(6))).toList();
        int most = said.stream().mapToInt(List::size).max().orElseThrow();
        double below = sketch.em(14 + most * 15);
        double unit = Math.min(
                (column - sketch.em(18)) / (wide * ACROSS),
                (height - below - sketch.em(16)) / (high + wide * ACROSS * RISE * 2));
        double axis = (height - below) / 2;
        for (int i = 0; i < parts.size(); i++) {
            Part part = parts.get(i);
            At at = new At(column * (i + 0.5), axis);
            draw(
                    part,
                    p -> at.plus(
                            (p.x() - middle.x()) * ACROSS * unit,
                            (p.y() - middle.y() - (p.x() - middle.x()) * ACROSS * RISE) * unit));
            double y = Math.min(
                    axis + (high + wide * ACROSS * RISE) * unit / 2 + sketch.em(18),
                    height - below + sketch.em(12));
            for (Said line : said.get(i)) {
                sketch.text(new At(at.x(), y), line.text(), line.ink(), line.size(), line.bold(), Anchor.MIDDLE);
                y += sketch.em(15);
            }
        }
        sketch.line(
                List.of(new At(sketch.em(8), axis), new At(width - sketch.em(8), axis)),
                Paint.of(Ink.GIVEN),
                sketch.em(1),
                Mark.Dash.HIDDEN);
    }

    /** A line of what is said of a part. */
    private record Said(String text, Ink ink, double size, boolean bold) {
    }

    /** Its name, its size and what else there is to know, in lines that fit. */
    private List<Said> said(Part part, double room) {
        List<Said> lines = new ArrayList<>();
        sketch.wrapped(part.name(), 12, true, room).forEach(text -> lines.add(new Said(text, Ink.INK, 12, true)));
        double size = sketch.wrapped(part.size(), 13, false, room).stream()
                .mapToDouble(line -> sketch.fitting(line, 13, false, room))
                .min()
                .orElse(13);
        sketch.wrapped(part.size(), size, false, room).forEach(text -> lines.add(new Said(text, Ink.INK, size, false)));
        sketch.wrapped(part.more(), 11, false, room).forEach(text -> lines.add(new Said(text, Ink.SOFT, 11, false)));
        return lines;
    }
}
