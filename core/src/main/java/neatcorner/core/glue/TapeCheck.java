package neatcorner.core.glue;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;

/** The glued frame under the tape: whether it can be believed, is square, and takes its pane. */
final class TapeCheck {
    /** No glass is cut finer. */
    private static final Length FINE = Length.mm(0.1);
    private static final Remedy AGAIN =
            new Remedy.OnJob(Words.of("remedy.measure_again"), new Edit.MeasureAgain());
    private final Frame frame;
    private final Map<Tape, Length> measured;
    private final Ledger ledger;

    TapeCheck(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.measured = frame.job().measured();
        this.ledger = ledger;
    }

    /** Judges what was measured and enters what it finds; where readings contradict each other, only that. */
    void judge(Optional<Square> square, Optional<Figure<Angle>> mostLean) {
        if (!findWrongReading()) {
            square.ifPresent(this::judge);
            judgePane(square, mostLean);
        }
    }

    /** Sides that were not measured are taken as planned; without both diagonals nothing can be said. */
    Optional<Square> square() {
        if (!frame.isFourSquare()
                || !measured.containsKey(Tape.DIAGONAL_AC)
                || !measured.containsKey(Tape.DIAGONAL_BD)) {
            return Optional.empty();
        }
        Length width = frame.width(Line.OUTSIDE);
        Length height = frame.height(Line.OUTSIDE);
        Optional<Square> square = Square.of(
                measured.getOrDefault(Tape.TOP, width),
                measured.getOrDefault(Tape.RIGHT, height),
                measured.getOrDefault(Tape.BOTTOM, width),
                measured.getOrDefault(Tape.LEFT, height),
                measured.get(Tape.DIAGONAL_AC),
                measured.get(Tape.DIAGONAL_BD));
        if (square.isEmpty()) {
            ledger.find(Finding.of(Severity.STOP, Station.GLUE_UP, "cannot_close")
                    .remedy(AGAIN));
        }
        return square;
    }

    private void judge(Square square) {
        ledger.lead(Station.GLUE_UP, GluePlanner.LEAN);
        ledger.enter(Figure.formula(GluePlanner.LEAN)
                .with("diagonal_ac", Known.in(measured, Tape.DIAGONAL_AC))
                .with("diagonal_bd", Known.in(measured, Tape.DIAGONAL_BD))
                .note("lean")
                .gives(square.lean()));
        boolean acLong = square.difference().isPositive();
        if (!square.isSquare()) {
            ledger.enter(Figure.formula(GluePlanner.PUSH).with("diagonal_difference", square.difference().abs())
                    .note("push").gives(square.difference().abs().over(2)));
            ledger.find(Finding.of(Severity.CAUTION, Station.GLUE_UP, "out_of_square", acLong ? "A–C" : "B–D",
                    square.difference().abs(), square.leaning(), square.difference().abs().over(2))
                    .by(square.difference().abs()).remedy(AGAIN));
        }
        findUnlike(square.topBottom(), Axis.WIDTH);
        findUnlike(square.leftRight(), Axis.HEIGHT);
    }

    private void findUnlike(Length difference, Axis axis) {
        if (!Square.isAlike(difference)) {
            ledger.find(Finding.of(Severity.CAUTION, Station.GLUE_UP, "sides_not_alike", Words.of("pair." + axis.id()),
                    difference.abs(), Square.openCorner(difference)).by(difference.abs()).remedy(AGAIN));
        }
    }

    /** Whether a reading is so far off that nothing can be said of the frame before it is taken again. */
    private boolean findWrongReading() {
        List<TapedFrame.Wrong> wrong = frame.isFourSquare() && measured.size() == Tape.values().length
                ? TapedFrame.wrong(measured, planned())
                : List.of();
        wrong.forEach(reading -> ledger.find(Finding.of(
                        Severity.CAUTION,
                        Station.GLUE_UP,
                        "reading_wrong",
                        Words.of("figure." + reading.tape().id()),
                        Known.in(measured, reading.tape()),
                        reading.implied())
                .by(reading.implied().minus(Known.in(measured, reading.tape())).abs())
                .remedy(AGAIN)));
        return !wrong.isEmpty();
    }

    /** Whether the pane drops into the frame as measured: sides, diagonals and how far it may turn, all together. */
    private void judgePane(Optional<Square> square, Optional<Figure<Angle>> mostLean) {
        if (measured.isEmpty() || !takesGlass()) {
            return;
        }
        Map<Tape, Length> planned = planned();
        Map<Tape, Length> readings = new EnumMap<>(planned);
        readings.putAll(measured);
        if (!measured.containsKey(Tape.DIAGONAL_AC) || !measured.containsKey(Tape.DIAGONAL_BD)) {
            double wide = Known.in(readings, Tape.TOP).plus(Known.in(readings, Tape.BOTTOM)).over(2).toMm();
            double high = Known.in(readings, Tape.LEFT).plus(Known.in(readings, Tape.RIGHT)).over(2).toMm();
            readings.put(Tape.DIAGONAL_AC, measured.getOrDefault(Tape.DIAGONAL_AC, Length.mm(Math.hypot(wide, high))));
            readings.put(Tape.DIAGONAL_BD, measured.getOrDefault(Tape.DIAGONAL_BD, Length.mm(Math.hypot(wide, high))));
        }
        TapedFrame taped = TapedFrame.of(
                readings,
                Known.in(planned, Tape.TOP).toMm(),
                Known.in(planned, Tape.LEFT).toMm());
        double[] inset = Stream.of(Side.Name.TOP, Side.Name.RIGHT, Side.Name.BOTTOM, Side.Name.LEFT)
                .mapToDouble(name -> frame.member(name)
                        .section()
                        .face()
                        .minus(frame.job().section().lip())
                        .toMm())
                .toArray();
        Length width = frame.width(Line.GLASS);
        Length height = frame.height(Line.GLASS);
        Length spare = Length.mm(taped.spare(width.toMm(), height.toMm(), inset));
        ledger.enter(Figure.formula(GluePlanner.PANE_SPARE)
                .with("glass_width", width)
                .with("glass_height", height)
                .note("pane_spare")
                .rounded(Rounding.DOWN)
                .gives(spare));
        if (spare.isNegative()) {
            boolean leans = square.isPresent()
                    && mostLean.isPresent()
                    && square.get().leaning().compareTo(mostLean.get().value()) > 0;
                ledger.find(
                    leans
                            ? Finding.of(
                                            Severity.STOP,
                                            Station.GLUE_UP,
                                            "glass_will_not_drop_in",
                                            square.get().leaning(),
                                            mostLean.get().value(),
                                            spare.abs())
                                    .by(spare.abs())
                                    .remedy(AGAIN)
                            : Finding.of(
                                            Severity.STOP,
                                            Station.GLUE_UP,
                                            "glass_too_large",
                                            spare.abs(),
                                            Rounding.DOWN.toWhole(width.plus(spare), FINE),
                                            Rounding.DOWN.toWhole(height.plus(spare), FINE))
                                    .by(spare.abs())
                                    .remedy(AGAIN));
        }
    }

    /** What the tape should read on the outside of a four-square frame; empty for any other. */
    Map<Tape, Length> planned() {
        if (!frame.isFourSquare()) {
            return Map.of();
        }
        Length width = frame.width(Line.OUTSIDE);
        Length height = frame.height(Line.OUTSIDE);
        Length across = Length.mm(Math.hypot(width.toMm(), height.toMm()));
        return new EnumMap<>(Map.of(
                Tape.TOP,
                width,
                Tape.BOTTOM,
                width,
                Tape.LEFT,
                height,
                Tape.RIGHT,
                height,
                Tape.DIAGONAL_AC,
                across,
                Tape.DIAGONAL_BD,
                across));
    }

    /** How far it may lean before the glass no longer drops in; empty where there is none. */
    Optional<Figure<Angle>> mostLean() {
        if (!takesGlass()) {
            return Optional.empty();
        }
        return Optional.of(ledger.enter(Figure.formula(GluePlanner.MOST_LEAN)
                .with("glass_width", frame.width(Line.GLASS)).with("glass_height", frame.height(Line.GLASS))
                .with("rabbet_width", frame.width(Line.RABBET)).with("rabbet_height", frame.height(Line.RABBET))
                .note("most_lean").gives(Square.mostLean(frame.width(Line.GLASS), frame.height(Line.GLASS),
                        frame.width(Line.RABBET), frame.height(Line.RABBET)))));
    }

    /** Whether glass drops into a square rabbet. */
    private boolean takesGlass() {
        return frame.isFourSquare() && frame.has(Line.GLASS) && frame.has(Line.RABBET);
    }
}
