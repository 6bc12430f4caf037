package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Length;
import neatcorner.core.mill.Milling;
import neatcorner.core.mill.Wanted;
import neatcorner.core.rack.Board;

/**
 * Boards to scale with their defects, and the cuts of the milling plan numbered in the order they are made: lengths,
 * then rips, then blanks. Leaves of a rip that is resawn are drawn side by side within its width.
 */
public final class BoardDrawing {
    private static final double LABELS = 138;
    /** A board is drawn no higher, at the usual size of text. */
    private static final double HIGHEST = 230;
    /** Only where more than this of a board is left alone is that left out. */
    private static final double MOST_LEFT_OUT = 0.8;
    /** Lengths so near each other share their cut. */
    private static final Length KERF = Length.mm(10);

    private final Sketch sketch;
    private final double labels;
    private final double width;
    private final List<At> numbers = new ArrayList<>();

    private BoardDrawing(Reader reader, double width, double labels) {
        this.sketch = new Sketch(reader);
        this.labels = sketch.em(labels);
        this.width = width;
    }

    /** The boards of a milling plan, one below the other; as high as it needs to be. */
    public static Picture draw(Milling milling, Reader reader, double width) {
        BoardDrawing drawing = new BoardDrawing(reader, width, LABELS);
        double y = drawing.sketch.em(4);
        for (Board board : milling.boards()) {
            double shown = worked(board, milling);
            double beside = drawing.beside(board, milling, y, shown);
            double unit = Math.min(
                    (width - drawing.labels - drawing.sketch.em(4)) / shown,
                    drawing.sketch.em(HIGHEST) / board.width().toMm());
            y = Math.max(drawing.board(board, milling, y, unit, shown), beside) + drawing.sketch.em(14);
        }
        return drawing.sketch.picture(width, y);
    }

    /** How far along a board there is work, in mm, and a little more; all of it where most is worked. */
    private static double worked(Board board, Milling milling) {
        double whole = board.length().toMm();
        double end = sawn(board, milling)
                .flatMap(sawn -> sawn.lengths().stream())
                .mapToDouble(piece -> piece.right().toMm())
                .max()
                .orElse(whole);
        return end * 1.1 > whole * MOST_LEFT_OUT ? whole : end * 1.1;
    }

    private static Stream<Milling.Sawn> sawn(Board board, Milling milling) {
        return milling.sawn().stream().filter(sawn -> sawn.board().label().equals(board.label()));
    }

    /** One board as large as it goes, with its cuts if it is used; its defects can be dragged. */
    public static Picture draw(Board board, Milling milling, Reader reader, double width) {
        BoardDrawing drawing = new BoardDrawing(reader, width, 0);
        double bottom = drawing.board(
                board,
                milling,
                drawing.sketch.em(4),
                unit(board, reader, width),
                board.length().toMm());
        return drawing.sketch.picture(width, bottom + drawing.sketch.em(6));
    }

    /** How many picture units a millimetre of a board shown alone is, so that what is dragged can be measured. */
    public static double unit(Board board, Reader reader, double width) {
        return (width - 4 * reader.scale()) / board.length().toMm();
    }

    /** What a board is, line by line, and what stays of it where that is not drawn; returns where the lines end. */
    private double beside(Board board, Milling milling, double top, double shown) {
        sketch.text(
                new At(0, top + sketch.em(6)),
                board.label() + " · " + sketch.say(board.species().words()),
                Ink.INK,
                11.5,
                true,
                Anchor.START);
        List<String> lines = new ArrayList<>();
        lines.add(sketch.say("board.size", board.length(), board.width()));
        lines.add(sketch.say("board.thick", board.thickness()));
        if (shown < board.length().toMm()) {
            sawn(board, milling).flatMap(sawn -> sawn.rests().stream())
                    .max(Comparator.comparing(Milling.Rest::length))
                    .ifPresent(rest -> lines.add(sketch.say("board.stays", rest.length(), rest.width())));
        }
        double y = top + sketch.em(20);
        for (String line : lines) {
            sketch.small(new At(0, y), line, Anchor.START);
            y += sketch.em(13);
        }
        return y;
    }

    /** Draws it with its near edge down and returns where it ends. */
    private double board(Board board, Milling milling, double top, double unit, double shown) {
        double left = labels;
        double right = left + shown * unit;
        double bottom = top + board.width().toMm() * unit;
        List<Milling.Sawn> sawn = sawn(board, milling).toList();
        String label = board.label();
        sketch.wood(
                new At(left, top),
                new At(right, top),
                new At(right, bottom),
                new At(left, bottom),
                board.species(),
                label.hashCode() % 50,
                sawn.isEmpty());
        sketch.outline(
                Sketch.rectangle(left, top, right, bottom),
                new Paint.Wood(board.species(), Paint.Shade.EDGE),
                sketch.em(1));
        for (Milling.Sawn one : sawn) {
            one.rests().forEach(rest -> stays(board, rest, left, bottom, unit, right));
            cuts(one, left, bottom, unit);
        }
        if (shown < board.length().toMm()) {
            broken(right, top, bottom);
        }
        numbers();
        for (int i = 0; i < board.defects().size(); i++) {
            Board.Defect defect = board.defects().get(i);
            double x1 = left + defect.x().toMm() * unit;
            double x2 = Math.min(right, left + defect.right().toMm() * unit);
            if (x1 >= right) {
                continue;
            }
            double y1 = bottom - defect.top().toMm() * unit;
            double y2 = bottom - defect.y().toMm() * unit;
            sketch.area(Sketch.rectangle(x1, y1, x2, y2), new Paint.Wood(board.species(), Paint.Shade.EDGE));
            sketch.hatched(Sketch.rectangle(x1, y1, x2, y2), Ink.CAUTION);
            double grow = Math.max(0, (sketch.em(14) - (x2 - x1)) / 2);
            double rise = Math.max(0, (sketch.em(14) - (y2 - y1)) / 2);
            sketch.spot(x1 - grow, y1 - rise, x2 + grow, y2 + rise, new Thing.Defect(i));
        }
        return sawn.isEmpty() ? bottom : lengths(sawn.getFirst(), left, bottom, unit);
    }

    /** Where the crosscuts are, from the left end, below the board; returns where that ends. */
    private double lengths(Milling.Sawn sawn, double left, double bottom, double unit) {
        double free = left;
        for (Milling.Crosscut piece : sawn.lengths()) {
            String text = sketch.say("board.length_at", piece.length(), piece.x());
            double middle = left + (piece.x().toMm() + piece.length().toMm() / 2) * unit;
            double half = sketch.widthOf(text, sketch.em(10.5), false) / 2;
            if (middle - half >= free - 0.01 && middle + half < width) {
                sketch.small(new At(middle, bottom + sketch.em(9)), text, Anchor.MIDDLE);
                free = middle + half + sketch.em(8);
            }
        }
        return bottom + sketch.em(14);
    }

    /** The board goes on, but nothing is done there. */
    private void broken(double x, double top, double bottom) {
        double step = (bottom - top) / 4;
        double out = sketch.em(6);
        sketch.area(
                List.of(
                        new At(x + 1, top - 1),
                        new At(x + 1, bottom + 1),
                        new At(x, bottom + 1),
                        new At(x - out, bottom - step),
                        new At(x, bottom - 2 * step),
                        new At(x - out, bottom - 3 * step),
                        new At(x, top - 1)),
                Ink.PANEL);
    }

    /** What is not taken stays a board. */
    private void stays(Board board, Milling.Rest rest, double left, double bottom, double unit, double right) {
        double x = left + rest.x().toMm() * unit;
        double y = bottom - rest.y().toMm() * unit;
        double end = Math.min(right, x + rest.length().toMm() * unit);
        if (x >= right || !rest.thick().equals(board.thickness())) {
            return;
        }
        double far = y - rest.width().toMm() * unit;
        sketch.wood(new At(x, far), new At(end, far), new At(end, y), new At(x, y), board.species(), 1, true);
        String text = sketch.say("board.stays", rest.length(), rest.width());
        if (y - far > sketch.em(15) && sketch.widthOf(text, sketch.em(10.5), false) < end - x - sketch.em(20)) {
            sketch.text(new At((x + end) / 2, (y + far) / 2), text, Ink.SOFT, 10.5, false, Anchor.MIDDLE);
        }
    }

    private void cuts(Milling.Sawn sawn, double boardLeft, double bottom, double unit) {
        double top = bottom - sawn.board().width().toMm() * unit;
        Length from = Length.ZERO;
        for (Milling.Crosscut piece : sawn.lengths()) {
            if (piece.x().isOver(from)) {
                crosscut(boardLeft + piece.x().toMm() * unit, top, bottom);
            }
            if (piece.right().isUnder(sawn.board().length())) {
                crosscut(boardLeft + piece.right().toMm() * unit, top, bottom);
            }
            from = piece.right().plus(KERF);
        }
        for (Milling.Crosscut piece : sawn.lengths()) {
            double left = boardLeft + piece.x().toMm() * unit;
            double right = boardLeft + piece.right().toMm() * unit;
            double shift = sketch.em(9);
            for (Milling.Rip rip : piece.rips()) {
                double far = bottom - rip.far().toMm() * unit;
                sketch.line(new At(left, far), new At(right, far), Ink.SAW, sketch.em(1.4));
                number(new At(left + shift, far));
                shift += sketch.em(13);
            }
        }
        sawn.lengths().forEach(piece -> piece.rips().forEach(rip -> leaves(sawn, rip, boardLeft, bottom, unit)));
    }

    private void crosscut(double x, double top, double bottom) {
        sketch.line(new At(x, top), new At(x, bottom), Ink.SAW, sketch.em(1.4));
        number(new At(x, top + sketch.em(4)));
    }

    private void leaves(Milling.Sawn sawn, Milling.Rip rip, double boardLeft, double bottom, double unit) {
        double low = bottom - rip.y().toMm() * unit;
        double each = rip.width().toMm() * unit / rip.leaves();
        for (Milling.Blank blank : rip.blanks()) {
            double near = low - each * (blank.layer() - 1);
            double far = near - each;
            double from = boardLeft + blank.x().toMm() * unit;
            double to = from + blank.length().toMm() * unit;
            sketch.area(
                    Sketch.rectangle(from, far, to, near), new Paint.Wood(sawn.board().species(), Paint.Shade.FACE));
            sketch.line(new At(from, far), new At(from, near), Ink.SAW, sketch.em(1.4));
            sketch.line(new At(to, far), new At(to, near), Ink.SAW, sketch.em(1.4));
            if (blank.layer() > 1) {
                sketch.line(
                        List.of(new At(from, near), new At(to, near)),
                        new Paint.Wood(sawn.board().species(), Paint.Shade.EDGE),
                        sketch.em(0.8),
                        Mark.Dash.HIDDEN);
            }
            if (near - far > sketch.em(10)) {
                name(rip, blank, from, to, (far + near) / 2, Sketch.letters(sawn.board().species()));
            }
            if (near - far > sketch.em(13)) {
                number(new At(to, (far + near) / 2));
            }
        }
    }

    /** The piece's letters, with its job and its figures where there is room. */
    private void name(Milling.Rip rip, Milling.Blank blank, double from, double to, double y, Ink ink) {
        Wanted wanted = blank.wanted();
        String figures = sketch.say("board.blank", wanted.piece(), blank.length(), rip.width());
        for (String text :
                List.of(wanted.job() + ", " + figures, figures, wanted.piece().toString())) {
            if (sketch.widthOf(text, sketch.em(10.5), true) < to - from - sketch.em(18)) {
                sketch.text(new At((from + to) / 2, y), text, ink, 10.5, true, Anchor.MIDDLE);
                return;
            }
        }
    }

    /** The number of the next cut; drawn when all wood is. */
    private void number(At at) {
        numbers.add(at);
    }

    private void numbers() {
        double half = sketch.em(5.5);
        int cut = 0;
        for (At at : numbers) {
            sketch.area(
                    Sketch.rectangle(at.x() - half, at.y() - half * 0.85, at.x() + half, at.y() + half * 0.85),
                    Ink.PANEL);
            sketch.text(at, Integer.toString(++cut), Ink.SAW, 8.5, true, Anchor.MIDDLE);
        }
        numbers.clear();
    }
}
