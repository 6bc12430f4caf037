package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.mill.MillList;
import neatcorner.core.mill.MillStep;
import neatcorner.core.mill.Milling;
import neatcorner.core.mill.Operation;
import neatcorner.core.mill.Wanted;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.shop.Habits;

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
    /** Room for what is said beside the rips of a length. */
    private static final double RIP_LABELS = 80;
    /** A length is drawn no more than so many times as wide as it is long, for its rips to be lettered. */
    private static final double MOST_STRETCH = 4;
    /** So high is a leaf that has room for a name and a number. */
    private static final double LETTERED = 13.5;

    private final Sketch sketch;
    private final double labels;
    private final double width;
    /** Numbers of steps, drawn when all wood is. */
    private final List<Numbered> numbers = new ArrayList<>();

    private final Milling milling;
    private final Habits habits;
    /** By the board's label. */
    private final Map<String, List<MillStep>> steps = new HashMap<>();

    private BoardDrawing(Milling milling, Habits habits, Reader reader, double width, double labels) {
        this.milling = milling;
        this.habits = habits;
        this.sketch = new Sketch(reader);
        this.labels = sketch.em(labels);
        this.width = width;
    }

    /**
     * The boards of a milling plan, one below the other, and below each its lengths, larger; as high as it needs to be.
     */
    public static Picture draw(Milling milling, Habits habits, Reader reader, double width) {
        BoardDrawing drawing = new BoardDrawing(milling, habits, reader, width, LABELS);
        double y = drawing.sketch.em(4);
        for (Milling.Sawn sawn : milling.sawn()) {
            y = drawing.whole(sawn, y);
            for (int i = 0; i < sawn.lengths().size(); i++) {
                y = drawing.length(sawn, i, y) + drawing.sketch.em(14);
            }
        }
        return drawing.sketch.picture(width, y);
    }

    /** The same in parts that are not torn apart: of every board first itself, then each of its lengths. */
    public static List<Picture> parts(Milling.Sawn sawn, Milling milling, Habits habits, Reader reader, double width) {
        List<Picture> parts = new ArrayList<>();
        for (int i = -1; i < sawn.lengths().size(); i++) {
            BoardDrawing drawing = new BoardDrawing(milling, habits, reader, width, LABELS);
            double top = drawing.sketch.em(4);
            double bottom = i < 0 ? drawing.whole(sawn, top) : drawing.length(sawn, i, top) + drawing.sketch.em(8);
            parts.add(drawing.sketch.picture(width, bottom));
        }
        return parts;
    }

    /** A board with what is said beside it; returns where that ends. */
    private double whole(Milling.Sawn sawn, double top) {
        Board board = sawn.board();
        double shown = worked(board, milling);
        double beside = beside(board, top, shown);
        double unit = Math.min(
                (width - labels - sketch.em(4)) / shown, sketch.em(HIGHEST) / board.width().toMm());
        return Math.max(board(board, top, unit, shown), beside) + sketch.em(10);
    }

    private List<MillStep> steps(Milling.Sawn sawn) {
        return steps.computeIfAbsent(sawn.board().label(), _ -> MillList.of(sawn, habits));
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
    public static Picture draw(Board board, Milling milling, Habits habits, Reader reader, double width) {
        BoardDrawing drawing = new BoardDrawing(milling, habits, reader, width, 0);
        double bottom = drawing.board(
                board,
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
    private double beside(Board board, double top, double shown) {
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
    private double board(Board board, double top, double unit, double shown) {
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
            cuts(one, new BoardScale(left, bottom, unit, unit));
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
            defect(board, defect, Sketch.rectangle(x1, y1, x2, y2));
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
        if (x >= right
                || rest.place() == Milling.Rest.Place.BEHIND
                || rest.place() == Milling.Rest.Place.STRIP) {
            return;
        }
        double far = y - rest.width().toMm() * unit;
        sketch.wood(new At(x, far), new At(end, far), new At(end, y), new At(x, y), board.species(), 1, true);
        String text = sketch.say("board.stays", rest.length(), rest.width());
        if (y - far > sketch.em(15) && sketch.widthOf(text, sketch.em(10.5), false) < end - x - sketch.em(20)) {
            sketch.text(new At((x + end) / 2, (y + far) / 2), text, Ink.SOFT, 10.5, false, Anchor.MIDDLE);
        }
    }

    /** A step's number at a cut. */
    private record Numbered(At at, int number) {
    }

    private void cuts(Milling.Sawn sawn, BoardScale scale) {
        double top = scale.y(sawn.board().width());
        for (Milling.Crosscut piece : sawn.lengths()) {
            for (Milling.Rip rip : piece.rips()) {
                double far = scale.y(rip.far());
                sketch.line(
                        new At(scale.x(piece.x()), far),
                        new At(scale.x(piece.right()), far),
                        Ink.SAW,
                        sketch.em(0.8));
                blanks(sawn, rip, scale);
            }
        }
        for (MillStep step : steps(sawn)) {
            if (step.operation() == Operation.CROSSCUT) {
                double x = scale.x(step.from());
                sketch.line(new At(x, top), new At(x, scale.bottom()), Ink.SAW, sketch.em(1.4));
                numbers.add(new Numbered(new At(x, top + sketch.em(4)), step.number()));
            }
        }
    }

    private void blanks(Milling.Sawn sawn, Milling.Rip rip, BoardScale scale) {
        double low = scale.y(rip.y());
        double each = (low - scale.y(rip.far())) / rip.leaves();
        for (Milling.Blank blank : rip.blanks()) {
            double near = low - each * (blank.layer() - 1);
            double far = near - each;
            double from = scale.x(blank.x());
            double to = scale.x(blank.x().plus(blank.length()));
            sketch.area(
                    Sketch.rectangle(from, far, to, near), new Paint.Wood(sawn.board().species(), Paint.Shade.FACE));
            sketch.line(new At(from, far), new At(from, near), Ink.SAW, sketch.em(1.2));
            sketch.line(new At(to, far), new At(to, near), Ink.SAW, sketch.em(1.2));
            if (blank.layer() > 1) {
                sketch.line(
                        List.of(new At(from, near), new At(to, near)),
                        new Paint.Wood(sawn.board().species(), Paint.Shade.EDGE),
                        sketch.em(0.8),
                        Mark.Dash.HIDDEN);
            }
        }
    }

    /** One length as large as it goes, with its rips and blanks; returns where it ends. */
    private double length(Milling.Sawn sawn, int index, double top) {
        Milling.Crosscut piece = sawn.lengths().get(index);
        Board board = sawn.board();
        double left = sketch.em(RIP_LABELS);
        double unit = Math.min(
                (width - left - sketch.em(10)) / piece.length().toMm(),
                sketch.em(HIGHEST) / board.width().toMm());
        double across = across(piece, board, unit);
        Words length = Words.of("mill.length_is", index + 1, piece.length(), piece.x());
        sketch.text(
                new At(0, top + sketch.em(6)),
                across > unit * 1.05
                        ? sketch.say("mill.length_wide", length, Math.round(across / unit * 10) / 10.0)
                        : sketch.say(length),
                Ink.INK,
                11.5,
                true,
                Anchor.START);
        double high = top + sketch.em(18);
        double bottom = high + board.width().toMm() * across;
        double right = left + piece.length().toMm() * unit;
        BoardScale scale = new BoardScale(left - piece.x().toMm() * unit, bottom, unit, across);
        sketch.wood(
                new At(left, high),
                new At(right, high),
                new At(right, bottom),
                new At(left, bottom),
                board.species(),
                board.label().hashCode() % 50 + index,
                true);
        sketch.outline(
                Sketch.rectangle(left, high, right, bottom),
                new Paint.Wood(board.species(), Paint.Shade.EDGE),
                sketch.em(1));
        List<MillStep> steps =
                steps(sawn).stream().filter(step -> step.length() == index + 1).toList();
        for (int i = 0; i < piece.rips().size(); i++) {
            rip(sawn, piece.rips().get(i), i + 1, steps, scale, left, right);
        }
        defects(board, scale, left, right);
        double end = new Chalk(sketch, sawn, piece, scale).mark();
        numbers();
        return end;
    }

    /** Wide enough that the narrowest leaf of a rip can be lettered, but not without end. */
    private double across(Milling.Crosscut piece, Board board, double unit) {
        double narrowest = piece.rips().stream()
                .mapToDouble(rip -> rip.width().toMm() / rip.leaves())
                .min()
                .orElse(board.width().toMm());
        double most = Math.max(unit, Math.min(MOST_STRETCH * unit, sketch.em(HIGHEST) / board.width().toMm()));
        return Math.clamp(sketch.em(LETTERED) / narrowest, unit, most);
    }

    private void rip(
            Milling.Sawn sawn,
            Milling.Rip rip,
            int number,
            List<MillStep> steps,
            BoardScale scale,
            double left,
            double right) {
        double near = scale.y(rip.y());
        double far = scale.y(rip.far());
        sketch.line(new At(left, far), new At(right, far), Ink.SAW, sketch.em(1.4));
        numberOf(steps, step -> step.operation() == Operation.RIP && step.rips().contains(number))
                .ifPresent(n -> numbers.add(new Numbered(new At(right - sketch.em(7), far), n)));
        sketch.text(
                new At(left - sketch.em(5), (near + far) / 2),
                sketch.say("mill.rip_is", number, rip.width()),
                Ink.SOFT,
                10.5,
                false,
                Anchor.END);
        blanks(sawn, rip, scale);
        double each = (near - far) / rip.leaves();
        for (Milling.Blank blank : rip.blanks()) {
            double middle = near - each * (blank.layer() - 0.5);
            double from = scale.x(blank.x());
            double to = scale.x(blank.x().plus(blank.length()));
            if (each > sketch.em(10)) {
                name(blank, from, to, middle, Sketch.letters(sawn.board().species()));
            }
            if (each > sketch.em(13)) {
                numberOf(
                                steps,
                                step -> step.operation() == Operation.BLANK
                                        && step.setting().equals(blank.length()))
                        .ifPresent(n -> numbers.add(new Numbered(new At(to, middle), n)));
            }
        }
    }

    private static Optional<Integer> numberOf(List<MillStep> steps, Predicate<MillStep> which) {
        return steps.stream().filter(which).map(MillStep::number).findFirst();
    }

    private void defects(Board board, BoardScale scale, double left, double right) {
        for (Board.Defect defect : board.defects()) {
            double from = Math.max(left, scale.x(defect.x()));
            double to = Math.min(right, scale.x(defect.right()));
            if (from < to) {
                defect(board, defect, Sketch.rectangle(from, scale.y(defect.top()), to, scale.y(defect.y())));
            }
        }
    }

    /** One that does not go through has no dark ground, and a dashed outline when it is on the face that is down. */
    private void defect(Board board, Board.Defect defect, List<At> there) {
        if (defect.shallow().isEmpty()) {
            sketch.area(there, new Paint.Wood(board.species(), Paint.Shade.EDGE));
        }
        sketch.hatched(there, Ink.CAUTION);
        boolean isBelow =
                defect.shallow().map(one -> one.face() == Board.Face.LOWER).orElse(false);
        if (isBelow) {
            List<At> round = new ArrayList<>(there);
            round.add(there.getFirst());
            sketch.line(round, Paint.of(Ink.CAUTION), sketch.em(0.8), Mark.Dash.HIDDEN);
        }
    }

    /** The piece's letters, with its job and its length where there is room. */
    private void name(Milling.Blank blank, double from, double to, double y, Ink ink) {
        Wanted wanted = blank.wanted();
        for (String text : List.of(
                sketch.say("board.blank", milling.nameOf(wanted), blank.length()),
                sketch.say("board.blank", wanted.words(), blank.length()),
                sketch.say(wanted.words()),
                wanted.piece().toString())) {
            if (sketch.widthOf(text, sketch.em(10.5), true) < to - from - sketch.em(18)) {
                sketch.text(new At((from + to) / 2, y), text, ink, 10.5, true, Anchor.MIDDLE);
                return;
            }
        }
    }

    private void numbers() {
        for (Numbered numbered : numbers) {
            At at = numbered.at();
            double half = sketch.em(numbered.number() > 9 ? 7 : 5.5);
            double rise = sketch.em(4.7);
            sketch.area(Sketch.rectangle(at.x() - half, at.y() - rise, at.x() + half, at.y() + rise), Ink.PANEL);
            sketch.text(at, Integer.toString(numbered.number()), Ink.SAW, 8.5, true, Anchor.MIDDLE);
        }
        numbers.clear();
    }
}
