package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.card.Card;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Numeral;
import neatcorner.core.measure.Quantity;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.work.WorkLog;

/**
 * A card as it is printed: what stands on it at the bench, one under the other, its picture where there is room. What
 * has no room is carried over to a further place.
 */
public final class PrintedCard {
    private static final double TEXT = 11;
    private static final double TITLE = 15.5;
    private static final double FIGURE = 52;
    private static final double ANGLE = 30;
    private static final double LINE = 1.22;
    private static final double BOX = 18;
    /** How high a figure stands with what is free above and below it, in its own size. */
    private static final double TALL = 1.25;
    private static final double GAP = 18;
    /** Beside a figure so much of the width must be left for words. */
    private static final double LEAST_BESIDE = 0.4;
    /** Lower, a picture says nothing. */
    private static final double LEAST_PICTURE = 172;
    /** The print in the picture, in that beside it. */
    private static final double SMALLER = 0.9;
    private static final double HIGHEST_PICTURE = 270;
    private final Plan plan;
    private final Card card;
    private final Reader reader;
    private final double width;
    private final double height;
    private final double code;
    private final List<Row> above = new ArrayList<>();
    private final List<Row> below = new ArrayList<>();

    /** A line of print: how high it is, and how it is set at a place. */
    private record Row(double high, Setting setting) {
    }

    /** Sets a line into a picture, its top here. */
    private interface Setting {
        void at(Sketch sketch, double top);
    }

    private PrintedCard(Plan plan, Card card, Reader reader, double width, double height, double code) {
        this.plan = plan;
        this.card = card;
        this.reader = reader;
        this.width = width;
        this.height = height;
        this.code = code;
    }

    /**
     * The card on one place, or on as many as it takes.
     *
     * @param plan   of the job, whichever of its parts that looks at
     * @param number of the card, from 1
     * @param of     how many there are
     * @param reader for whom; its scale makes all print larger
     * @param code   the side of a square in the upper right corner of the first place that is left free; 0 for none
     */
    public static List<Picture> draw(
            Plan plan, Card card, int number, int of, Reader reader, double width, double height, double code) {
        PrintedCard printed = new PrintedCard(plan, card, reader, width, height, code);
        printed.write(number, of);
        return printed.places();
    }

    private double em(double points) {
        return points * reader.scale();
    }

    private Phrasebook book() {
        return reader.book();
    }

    private void write(int number, int of) {
        String station = book().say(Phrasebook.keyOf(card.act().station()));
        String done = plan.get(WorkLog.class).isDone(card.act()) ? " · " + book().say("card.is_done") : "";
        text(above, book().say("card.where", station, number, of, plan.job().title()) + done, Ink.SOFT, TEXT, false);
        if (plan.job().parts().size() > 1) {
            text(above, card.act().part(), Ink.SOFT, TEXT, false);
        }
        text(above, book().sentence(card.title()), Ink.INK, TITLE, true);
        int beside = card.figure().map(this::figure).orElse(0);
        for (int i = beside; i < card.says().size(); i++) {
            text(below, book().sentence(card.says().get(i)), Ink.INK, TEXT, card.isSetting(i));
        }
        card.checks().forEach(check -> indented(book().sentence(check), Ink.INK, true));
        card.cautions().forEach(caution -> indented(book().sentence(caution.words()), Ink.SAW, false));
        if (!card.cautions().isEmpty()) {
            text(below, book().say("card.tool_manual"), Ink.SOFT, TEXT, false);
        }
    }

    /** What stands beside the code keeps clear of it. */
    private double roomAt(List<Row> rows) {
        double top = rows.stream().mapToDouble(Row::high).sum();
        return rows == above && top < code ? width - code - em(8) : width;
    }

    private void text(List<Row> rows, String text, Ink ink, double size, boolean bold) {
        Sketch measure = new Sketch(reader);
        String rest = text;
        while (!rest.isEmpty()) {
            String line = measure.wrapped(rest, size, bold, roomAt(rows)).getFirst();
            rows.add(row(line, ink, size, bold, 0));
            rest = rest.substring(Math.min(rest.length(), line.length())).strip();
        }
    }

    /** Behind a box to be ticked, or a bar. */
    private void indented(String text, Ink ink, boolean ticked) {
        List<String> lines = new Sketch(reader).wrapped(text, TEXT, false, width - em(BOX));
        for (int i = 0; i < lines.size(); i++) {
            String line = lines.get(i);
            boolean first = i == 0;
            Row words = row(line, ink, TEXT, false, em(BOX));
            below.add(new Row(words.high(), (sketch, top) -> {
                if (ticked && first) {
                    sketch.outline(
                            Sketch.rectangle(em(1), top + em(2), em(11), top + em(12)), Ink.INK, em(1));
                } else if (!ticked) {
                    sketch.area(Sketch.rectangle(em(4), top, em(7), top + em(TEXT) * LINE), Ink.SAW);
                }
                words.setting().at(sketch, top);
            }));
        }
    }

    /** The figure, and beside it as much of what the card says as has room there: how many lines of that. */
    private <Q extends Quantity> int figure(Figure<Q> figure) {
        boolean isLength = figure.value() instanceof Length;
        double size = isLength ? FIGURE : ANGLE;
        double high = em(size) * TALL;
        Sketch measure = new Sketch(reader);
        double wide;
        Setting number;
        if (isLength) {
            @SuppressWarnings("unchecked") // Its value is a length.
            Numeral numeral = book().numeral((Figure<Length>) figure);
            wide = StackedNumeral.of(numeral, em(size), reader.lettering()).width();
            number = (sketch, top) -> sketch.number(new At(0, top + high / 2), numeral, size, Anchor.START);
        } else {
            String text = book().write(figure);
            wide = measure.widthOf(text, em(size), true);
            number = (sketch, top) -> sketch.text(new At(0, top + high / 2), text, Ink.INK, size, true, Anchor.START);
        }
        double left = wide + em(GAP);
        double room = roomAt(above) - left;
        List<Row> rows = new ArrayList<>();
        int said = 0;
        while (said < card.says().size()) {
            boolean bold = card.isSetting(said);
            List<String> lines = measure.wrapped(
                    book().sentence(card.says().get(said)), TEXT, bold, room);
            if (room < width * LEAST_BESIDE || high(rows) + lines.size() * em(TEXT) * LINE > high) {
                break;
            }
            lines.forEach(line -> rows.add(row(line, Ink.INK, TEXT, bold, left)));
            said++;
        }
        above.add(new Row(high, (sketch, top) -> {
            number.at(sketch, top);
            set(sketch, rows, top + Math.max(0, (high - high(rows)) / 2));
        }));
        return said;
    }

    private Row row(String line, Ink ink, double size, boolean bold, double left) {
        return new Row(
                em(size) * LINE,
                (sketch, top) -> sketch.text(
                        new At(left, top + em(size) * LINE / 2), line, ink, size, bold, Anchor.START));
    }

    private static double high(List<Row> rows) {
        return rows.stream().mapToDouble(Row::high).sum();
    }

    private List<Picture> places() {
        List<Picture> places = new ArrayList<>();
        Sketch sketch = new Sketch(reader);
        double y = Math.max(set(sketch, above, 0), code);
        double room = Math.min(height - y - high(below) - em(12), em(HIGHEST_PICTURE));
        // Where there is none beside the words, the words come first and the picture where they end.
        boolean beside = room >= em(LEAST_PICTURE);
        if (beside) {
            sketch.inset(picture(room), 0, y + em(4));
            y += room + em(10);
        }
        for (Row row : below) {
            if (y + row.high() > height) {
                places.add(sketch.picture(width, height));
                sketch = new Sketch(reader);
                y = 0;
            }
            row.setting().at(sketch, y);
            y += row.high();
        }
        double left = Math.min(height - y - em(8), em(HIGHEST_PICTURE));
        if (!beside && left >= em(LEAST_PICTURE)) {
            sketch.inset(picture(left), 0, y + em(8));
        }
        places.add(sketch.picture(width, height));
        return places;
    }

    private Picture picture(double high) {
        Reader smaller = new Reader(book(), reader.lettering(), reader.scale() * SMALLER);
        return CardDrawing.printed(plan, card, smaller, width, high);
    }

    private static double set(Sketch sketch, List<Row> rows, double top) {
        double y = top;
        for (Row row : rows) {
            row.setting().at(sketch, y);
            y += row.high();
        }
        return y;
    }
}
