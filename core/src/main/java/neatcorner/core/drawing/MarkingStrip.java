package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.mill.MillList;
import neatcorner.core.mill.MillStep;
import neatcorner.core.mill.Milling;
import neatcorner.core.mill.Operation;
import neatcorner.core.outline.Point;
import neatcorner.core.shop.Habits;
import neatcorner.core.words.Phrasebook;

/**
 * A strip of paper as long as the work on a board, laid along it from its left end: where it is crosscut, numbered as
 * in the list, and below that a row for every rip, or for every leaf of it, with its blanks. What lies across the board
 * is not drawn to scale: the fence sets it.
 */
public final class MarkingStrip {
    /** Height of a row, in mm. */
    private static final double ROW = 14;

    private static final double CUTS = 20;
    /** So much of the board is drawn beyond the last cut. */
    private static final double BEYOND = 30;

    private final Milling milling;
    private final Phrasebook book;
    private final List<FullSize.Trace> traces = new ArrayList<>();
    private final List<FullSize.Word> words = new ArrayList<>();

    private MarkingStrip(Milling milling, Phrasebook book) {
        this.milling = milling;
        this.book = book;
    }

    /** One for every board that is cut. */
    public static List<FullSize> of(Milling milling, Habits habits, Phrasebook book) {
        return milling.sawn().stream()
                .map(sawn -> new MarkingStrip(milling, book).strip(sawn, habits))
                .toList();
    }

    private FullSize strip(Milling.Sawn sawn, Habits habits) {
        double worked = sawn.lengths().getLast().right().toMm();
        double length = Math.min(sawn.board().length().toMm(), worked + BEYOND);
        int rows = sawn.lengths().stream()
                .mapToInt(piece ->
                        piece.rips().stream().mapToInt(Milling.Rip::leaves).sum())
                .max()
                .orElse(0);
        double high = CUTS + ROW * rows;
        box(0, 0, length, high, FullSize.Layer.EDGE);
        for (MillStep step : MillList.of(sawn, habits)) {
            if (step.operation() == Operation.CROSSCUT) {
                double x = step.from().toMm();
                traces.add(new FullSize.Trace(
                        FullSize.Layer.CUT, List.of(new Point(x, 0), new Point(x, high)), false));
                words.add(new FullSize.Word(new Point(x, CUTS / 2), Integer.toString(step.number())));
            }
        }
        int number = 0;
        for (Milling.Crosscut piece : sawn.lengths()) {
            number++;
            words.add(new FullSize.Word(
                    new Point(piece.x().plus(piece.length().over(2)).toMm(), CUTS / 2),
                    book.say("mill.length", number)));
            int row = 0;
            for (Milling.Rip rip : piece.rips()) {
                for (Milling.Blank blank : rip.blanks()) {
                    blank(blank, CUTS + ROW * (row + blank.layer() - 1));
                }
                row += rip.leaves();
            }
        }
        return new FullSize(sawn.board().label(), traces, words);
    }

    private void blank(Milling.Blank blank, double top) {
        Length right = blank.x().plus(blank.length());
        box(blank.x().toMm(), top, right.toMm(), top + ROW, FullSize.Layer.CUT);
        words.add(new FullSize.Word(
                new Point((blank.x().toMm() + right.toMm()) / 2, top + ROW / 2),
                book.say(milling.nameOf(blank.wanted()))));
    }

    private void box(double left, double top, double right, double low, FullSize.Layer layer) {
        traces.add(new FullSize.Trace(
                layer,
                List.of(new Point(left, top), new Point(right, top), new Point(right, low), new Point(left, low)),
                true));
    }
}
