package neatcorner.core.drawing;

import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Length;
import neatcorner.core.rack.Board;
import neatcorner.core.stock.Milling;
import neatcorner.core.words.Phrasebook;

/** Boards to scale with their defects, and the cuts of the milling plan in the order they are made: rips first, then crosscuts. */
public final class BoardDrawing {
    private static final double LABELS = 118;
    private final Sketch sketch;
    private final double labels;
    private final double width;
    private int cut;

    private BoardDrawing(Reader reader, double width) {
        this.sketch = new Sketch(reader);
        this.labels = sketch.em(LABELS);
        this.width = width;
    }

    /** The boards of a milling plan, one below the other; as high as it needs to be. */
    public static Picture draw(Milling milling, Reader reader, double width) {
        BoardDrawing drawing = new BoardDrawing(reader, width);
        Length longest = milling.boards().stream().map(s -> s.board().length()).max(Length::compareTo).orElse(Length.inches(96));
        double unit = (width - drawing.labels - drawing.sketch.em(4)) / longest.toMm();
        double y = drawing.sketch.em(4);
        for (Milling.Sawn sawn : milling.boards()) {
            y = drawing.board(sawn.board(), List.of(sawn), y, unit, sawn.board().label()) + drawing.sketch.em(14);
        }
        return drawing.sketch.picture(width, y);
    }

    /** One board, with its cuts if it is used; its defects can be dragged. */
    public static Picture draw(Board board, Milling milling, Reader reader, double width) {
        BoardDrawing drawing = new BoardDrawing(reader, width);
        double unit = (width - drawing.labels - drawing.sketch.em(4)) / board.length().toMm();
        List<Milling.Sawn> sawn = milling.boards().stream().filter(s -> s.board().label().equals(board.label())).toList();
        double bottom = drawing.board(board, sawn, drawing.sketch.em(4), unit, board.label());
        return drawing.sketch.picture(width, bottom + drawing.sketch.em(6));
    }

    /** How many picture units a millimetre of this board is, so that what is dragged can be measured. */
    public static double unit(Board board, Reader reader, double width) {
        BoardDrawing drawing = new BoardDrawing(reader, width);
        return (width - drawing.labels - drawing.sketch.em(4)) / board.length().toMm();
    }

    /** Draws it with its near edge down and returns where it ends. */
    private double board(Board board, List<Milling.Sawn> sawn, double top, double unit, String label) {
        double left = labels;
        double right = left + board.length().toMm() * unit;
        double bottom = top + board.width().toMm() * unit;
        sketch.text(new At(0, top + sketch.em(6)), label + " · " + sketch.say(Phrasebook.keyOf(board.species())), Ink.INK, 11.5, true, Anchor.START);
        sketch.small(new At(0, top + sketch.em(20)), sketch.say("board.size", board.length(), board.width()), Anchor.START);
        sketch.small(new At(0, top + sketch.em(33)), sketch.say("board.thick", board.thickness()), Anchor.START);
        sawn.stream().filter(s -> s.layers() > 1).forEach(s -> sketch.small(new At(0, top + sketch.em(46)), sketch.say("board.layers", s.layers()), Anchor.START));
        sketch.wood(new At(left, top), new At(right, top), new At(right, bottom), new At(left, bottom), board.species(), label.hashCode() % 50, sawn.isEmpty());
        sketch.outline(Sketch.rectangle(left, top, right, bottom), new Paint.Wood(board.species(), Paint.Shade.EDGE), sketch.em(1));
        cut = 0;
        sawn.forEach(s -> cuts(s, left, bottom, right, unit));
        for (int i = 0; i < board.defects().size(); i++) {
            Board.Defect defect = board.defects().get(i);
            double x1 = left + defect.x().toMm() * unit;
            double x2 = left + defect.right().toMm() * unit;
            double y1 = bottom - defect.top().toMm() * unit;
            double y2 = bottom - defect.y().toMm() * unit;
            sketch.area(Sketch.rectangle(x1, y1, x2, y2), new Paint.Wood(board.species(), Paint.Shade.EDGE));
            sketch.hatched(Sketch.rectangle(x1, y1, x2, y2), Ink.CAUTION);
            double grow = Math.max(0, (sketch.em(14) - (x2 - x1)) / 2);
            double rise = Math.max(0, (sketch.em(14) - (y2 - y1)) / 2);
            sketch.spot(x1 - grow, y1 - rise, x2 + grow, y2 + rise, "defect." + i);
        }
        return Math.max(bottom, top + sketch.em(52));
    }

    /** What is not taken stays a board: it is crosscut off first. */
    private void stays(Milling.Sawn sawn, double left, double bottom, double right, double unit) {
        Board board = sawn.board();
        double end = left + sawn.length().toMm() * unit;
        double top = bottom - board.width().toMm() * unit;
        if (sawn.length().isUnder(board.length())) {
            sketch.wood(new At(end, top), new At(right, top), new At(right, bottom), new At(end, bottom), board.species(), 1, true);
            sketch.line(new At(end, top), new At(end, bottom), Ink.SAW, sketch.em(1.4));
            number(new At(end, (top + bottom) / 2));
            String text = sketch.say("board.stays", board.length().minus(sawn.length()), board.width());
            if (sketch.widthOf(text, sketch.em(10.5), false) < right - end - sketch.em(20)) {
                sketch.text(new At((end + right) / 2, (top + bottom) / 2), text, Ink.SOFT, 10.5, false, Anchor.MIDDLE);
            }
        }
        double far = bottom - sawn.width().toMm() * unit;
        if (sawn.width().isUnder(board.width())) {
            sketch.wood(new At(left, top), new At(end, top), new At(end, far), new At(left, far), board.species(), 2, true);
            String text = sketch.say("board.stays", sawn.length(), board.width().minus(sawn.width()));
            if (far - top > sketch.em(12) && sketch.widthOf(text, sketch.em(10.5), false) < end - left - sketch.em(20)) {
                sketch.text(new At((left + end) / 2, (top + far) / 2), text, Ink.SOFT, 10.5, false, Anchor.MIDDLE);
            }
        }
    }

    private void cuts(Milling.Sawn sawn, double left, double bottom, double boardEnd, double unit) {
        stays(sawn, left, bottom, boardEnd, unit);
        double right = left + sawn.length().toMm() * unit;
        for (Milling.Rip rip : sawn.rips()) {
            double near = bottom - rip.y().toMm() * unit;
            double far = near - rip.width().toMm() * unit;
            sketch.line(new At(left, near), new At(right, near), Ink.SAW, sketch.em(0.8));
            sketch.line(new At(left, far), new At(right, far), Ink.SAW, sketch.em(1.4));
            number(new At(right - sketch.em(12), far));
        }
        for (Milling.Rip rip : sawn.rips()) {
            double near = bottom - rip.y().toMm() * unit;
            double far = near - rip.width().toMm() * unit;
            for (Milling.Blank blank : rip.blanks()) {
                if (blank.layer() > 1) {
                    continue;
                }
                double from = left + blank.x().toMm() * unit;
                double to = from + blank.length().toMm() * unit;
                sketch.area(Sketch.rectangle(from, far, to, near), new Paint.Wood(sawn.board().species(), Paint.Shade.FACE));
                sketch.line(new At(from, far), new At(from, near), Ink.SAW, sketch.em(1.4));
                sketch.line(new At(to, far), new At(to, near), Ink.SAW, sketch.em(1.4));
                name(blank.name(), from, to, (far + near) / 2, Sketch.letters(sawn.board().species()));
                if (near - far > sketch.em(11)) {
                    number(new At(to, (far + near) / 2));
                }
            }
        }
    }

    /** The piece's letters, with its job where there is room. */
    private void name(String name, double from, double to, double y, Ink ink) {
        for (String text : List.of(name, name.substring(name.lastIndexOf(", ") + 2))) {
            if (sketch.widthOf(text, sketch.em(10.5), true) < to - from - sketch.em(18)) {
                sketch.text(new At((from + to) / 2, y), text, ink, 10.5, true, Anchor.MIDDLE);
                return;
            }
        }
    }

    private void number(At at) {
        double half = sketch.em(6.5);
        sketch.area(Sketch.rectangle(at.x() - half, at.y() - half * 0.85, at.x() + half, at.y() + half * 0.85), Ink.PANEL);
        sketch.text(at, Integer.toString(++cut), Ink.SAW, 9.5, true, Anchor.MIDDLE);
    }
}
