package neatcorner.files.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.drawing.Ink;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.drawing.Picture;
import neatcorner.core.measure.Numeral;
import neatcorner.core.words.Phrasebook;

/** What stands under one another, broken into lines and measured before it is put on paper. Sizes are in points. */
final class Column {
    /** Nothing on a sheet is smaller: it is read from a wall, at arm's length. */
    static final double TEXT = 11;
    private static final double HEADING = 13;
    private static final double LEADING = 1.2;
    /** Height of a number with its fraction, by its size. */
    private static final double STACK = 1.14;
    /** Room for the number of a step and the sign of a caution. */
    private static final double INDENT = 17;
    private final double width;
    private final PdfPage.Face face;
    private final List<Line> lines = new ArrayList<>();

    /** Paints one line with its upper left corner here. */
    @FunctionalInterface
    interface Painter {
        void paint(PdfPage page, double x, double y) throws IOException;
    }

    /**
     * One line.
     *
     * @param height    down to the next
     * @param keepsNext whether no page or column may end after it
     * @param painter   of it
     */
    record Line(double height, boolean keepsNext, Painter painter) {
    }

    Column(double width, PdfPage.Face face) {
        this.width = width;
        this.face = face;
    }

    /** A column of its own, narrower by so much. */
    Column narrower(double by) {
        return new Column(width - by, face);
    }

    Column add(Column other) {
        lines.addAll(other.lines);
        return this;
    }

    double width() {
        return width;
    }

    List<Line> lines() {
        return List.copyOf(lines);
    }

    static double height(List<Line> lines) {
        return lines.stream().mapToDouble(Line::height).sum();
    }

    Column heading(String text) {
        gap(lines.isEmpty() ? 0 : 7);
        for (String line : broken(text, HEADING, true, width)) {
            add(HEADING * LEADING, true, (page, x, y) -> write(page, x, y, line, HEADING, true));
        }
        add(6, true, (page, x, y) -> page.rule(x, y + 1, width, Ink.INK));
        return this;
    }

    /** So much room. */
    Column gap(double height) {
        if (height > 0) {
            add(height, false, (page, x, y) -> { });
        }
        return this;
    }

    Column text(String text) {
        return text(text, TEXT, false);
    }

    Column text(String text, double size, boolean strong) {
        return paragraph(broken(text, size, strong, width), (line, _) ->
                (page, x, y) -> write(page, x, y, line, size, strong), size);
    }

    /** What is named by the number under it. */
    Column naming(String text) {
        for (String line : broken(text, TEXT, false, width)) {
            add(TEXT * LEADING, true, (page, x, y) -> write(page, x, y, line, TEXT, false));
        }
        return this;
    }

    /** What hands must mind, with a sign that a grey printer prints too. */
    Column caution(String text) {
        return paragraph(
                broken(text, TEXT, false, width - INDENT),
                (line, first) -> (page, x, y) -> {
                    if (first) {
                        page.warning(x, y + 1, TEXT);
                    }
                    write(page, x + INDENT, y, line, TEXT, false);
                },
                TEXT);
    }

    /** With a bar beside it, the broader the graver. */
    Column barred(String text, double bar) {
        return paragraph(
                broken(text, TEXT, false, width - 10),
                (line, _) -> (page, x, y) -> {
                    page.box(x, y, bar, TEXT * LEADING, Ink.INK);
                    write(page, x + 10, y, line, TEXT, false);
                },
                TEXT);
    }

    /** A name and what it is. */
    Column row(String name, String value) {
        double room = width - face.width(value, TEXT, true) - 8;
        return paragraph(
                broken(name, TEXT, false, room),
                (line, first) -> (page, x, y) -> {
                    write(page, x, y, line, TEXT, false);
                    if (first) {
                        page.text(new At(x + width, y + TEXT / 2), value, Ink.INK, TEXT, true, Anchor.END);
                    }
                },
                TEXT);
    }

    Column steps(Stream<String> steps) {
        int number = 0;
        for (String step : steps.toList()) {
            String said = ++number + ".";
            paragraph(
                    broken(step, TEXT, false, width - INDENT),
                    (line, first) -> (page, x, y) -> {
                        if (first) {
                            write(page, x, y, said, TEXT, true);
                        }
                        write(page, x + INDENT, y, line, TEXT, false);
                    },
                    TEXT);
        }
        return this;
    }

    /** A large number with lines beside it, to the right. */
    Column number(Numeral numeral, double size, List<String> beside) {
        double high = size * STACK;
        add(Math.max(high, beside.size() * TEXT * LEADING) + 2, false, (page, x, y) -> {
            page.number(new At(x, y + high / 2), numeral, Ink.INK, size, Anchor.START);
            double at = y + TEXT / 2;
            for (String line : beside) {
                page.text(new At(x + width, at), line, Ink.INK, TEXT, false, Anchor.END);
                at += TEXT * LEADING;
            }
        });
        return this;
    }

    Column picture(Picture picture, double tagSize) {
        add(picture.height(), false, (page, x, y) -> page.picture(picture, x, y, tagSize));
        return this;
    }

    /** Lines with a picture to the right of them. */
    Column beside(Column text, Picture picture, double tagSize) {
        List<Line> left = text.lines();
        add(Math.max(height(left), picture.height()), false, (page, x, y) -> {
            double at = y;
            for (Line line : left) {
                line.painter().paint(page, x, at);
                at += line.height();
            }
            page.picture(picture, x + width - picture.width(), y, tagSize);
        });
        return this;
    }

    private void add(double height, boolean keepsNext, Painter painter) {
        lines.add(new Line(height, keepsNext, painter));
    }

    /** How one line of a paragraph is painted. */
    @FunctionalInterface
    private interface Setter {
        Painter painter(String line, boolean first);
    }

    private Column paragraph(List<String> broken, Setter setter, double size) {
        for (int i = 0; i < broken.size(); i++) {
            add(size * LEADING, i + 1 < broken.size(), setter.painter(broken.get(i), i == 0));
        }
        return this;
    }

    private static void write(PdfPage page, double x, double y, String text, double size, boolean strong)
            throws IOException {
        page.text(new At(x, y + size / 2), text, Ink.INK, size, strong, Anchor.START);
    }

    /** Between words, and within a word where it is wider than the column. */
    private List<String> broken(String text, double size, boolean strong, double room) {
        List<String> broken = new ArrayList<>();
        Optional<String> line = Optional.empty();
        for (String word : Phrasebook.unbroken(text.strip()).split(" +")) {
            String longer = line.map(before -> before + " " + word).orElse(word);
            if (line.isPresent() && face.width(longer, size, strong) > room) {
                broken.add(line.get());
                line = Optional.of(word);
            } else {
                line = Optional.of(longer);
            }
            while (face.width(line.get(), size, strong) > room && line.get().length() > 1) {
                int fits = fitting(line.get(), size, strong, room);
                broken.add(line.get().substring(0, fits));
                line = Optional.of(line.get().substring(fits));
            }
        }
        line.ifPresent(broken::add);
        return broken;
    }

    private int fitting(String word, double size, boolean strong, double room) {
        int fits = word.length() - 1;
        while (fits > 1 && face.width(word.substring(0, fits), size, strong) > room) {
            fits--;
        }
        return fits;
    }
}
