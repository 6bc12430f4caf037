package neatcorner.files.exchange;

import java.util.Locale;
import neatcorner.core.drawing.FullSize;
import neatcorner.core.outline.Point;

/**
 * A drawing at full size as DXF, in the old text form (release 12) that every program reads: polylines
 * and texts on named layers, millimetres, y up.
 */
public final class DxfFile {
    private static final double LETTERS = 6;
    private final StringBuilder text = new StringBuilder();

    private DxfFile() {
    }

    /** The text of the file. */
    public static String write(FullSize drawing) {
        DxfFile file = new DxfFile();
        file.pair(0, "SECTION")
                .pair(2, "HEADER")
                .pair(9, "$ACADVER")
                .pair(1, "AC1009")
                .pair(9, "$INSUNITS")
                .pair(70, "4")
                .pair(0, "ENDSEC");
        file.pair(0, "SECTION").pair(2, "ENTITIES");
        drawing.traces().forEach(file::trace);
        drawing.words().forEach(file::word);
        file.pair(0, "ENDSEC").pair(0, "EOF");
        return file.text.toString();
    }

    private DxfFile pair(int code, String value) {
        text.append(code).append('\n').append(value).append('\n');
        return this;
    }

    private DxfFile place(Point point) {
        return pair(10, number(point.x())).pair(20, number(-point.y())).pair(30, "0");
    }

    private void trace(FullSize.Trace trace) {
        pair(0, "POLYLINE")
                .pair(8, trace.layer().name())
                .pair(66, "1")
                .place(new Point(0, 0))
                .pair(70, trace.closed() ? "1" : "0");
        trace.points().forEach(point -> pair(0, "VERTEX").pair(8, trace.layer().name()).place(point));
        pair(0, "SEQEND").pair(8, trace.layer().name());
    }

    private void word(FullSize.Word word) {
        pair(0, "TEXT")
                .pair(8, "LETTERS")
                .place(word.at())
                .pair(40, number(LETTERS))
                .pair(1, word.text().replace('–', '-'));
    }

    /** To a ten-thousandth of a millimetre, never a negative zero. */
    private static String number(double mm) {
        String number = String.format(Locale.ROOT, "%.4f", mm);
        return number.equals("-0.0000") ? "0.0000" : number;
    }
}
