package neatcorner.core.glue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import neatcorner.core.Seed;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class TapedFrameTest {
    private static Map<Tape, Length> readings(double w, double h, double dx, double dy) {
        double[][] corners = {{0, 0}, {w, 0}, {w + dx, h + dy}, {0, h}};
        int[][] ends = {{0, 1}, {1, 2}, {2, 3}, {3, 0}, {0, 2}, {1, 3}};
        List<Tape> tapes = List.of(Tape.TOP, Tape.RIGHT, Tape.BOTTOM, Tape.LEFT, Tape.DIAGONAL_AC, Tape.DIAGONAL_BD);
        Map<Tape, Length> readings = new EnumMap<>(Tape.class);
        for (int i = 0; i < 6; i++) {
            double[] a = corners[ends[i][0]];
            double[] b = corners[ends[i][1]];
            readings.put(tapes.get(i), Length.mm(Math.hypot(b[0] - a[0], b[1] - a[1])));
        }
        return readings;
    }

    /** Put together from coordinates, any four corners come back out of their six lengths. */
    @Property(tries = 100, seed = Seed.FIXED)
    void aFrameIsFoundFromItsReadings(
            @ForAll @DoubleRange(min = 150, max = 1500) double w,
            @ForAll @DoubleRange(min = 150, max = 1500) double h,
            @ForAll @DoubleRange(min = -8, max = 8) double dx,
            @ForAll @DoubleRange(min = -8, max = 8) double dy) {
        Map<Tape, Length> readings = readings(w, h, dx, dy);
        TapedFrame frame = TapedFrame.of(readings, w, h);
        readings.forEach(
                (tape, reading) -> assertThat(frame.reading(tape).toMm()).isCloseTo(reading.toMm(), within(0.05)));
        assertThat(TapedFrame.wrong(readings, readings(w, h, 0, 0))).isEmpty();
    }

    /** One reading of a true frame misread by a centimetre or more is named, and what it should have been is told. */
    @Property(tries = 60, seed = Seed.FIXED)
    void aMisreadTapeIsNamed(
            @ForAll @IntRange(min = 0, max = 5) int which,
            @ForAll @DoubleRange(min = 10, max = 40) double off,
            @ForAll boolean over) {
        Map<Tape, Length> planned = readings(420, 310, 0, 0);
        Tape tape = List.copyOf(planned.keySet()).get(which);
        Map<Tape, Length> readings = new EnumMap<>(planned);
        readings.merge(tape, Length.mm(over ? off : -off), Length::plus);
        List<TapedFrame.Wrong> wrong = TapedFrame.wrong(readings, planned);
        assertThat(wrong).extracting(TapedFrame.Wrong::tape).contains(tape);
        assertThat(wrong.getFirst().implied().toMm()).isCloseTo(planned.get(tape).toMm(), within(3.0));
    }

    /** A pane 4 mm smaller each way than a right-angled opening has 4 mm to spare; one 3 mm larger lacks them. */
    @Test
    void whatAPaneHasToSpareIsTheOpeningLessThePane() {
        TapedFrame frame = TapedFrame.of(readings(400, 300, 0, 0), 400, 300);
        double[] none = {0, 0, 0, 0};
        assertThat(frame.spare(396, 296, none)).isCloseTo(4, within(0.01));
        assertThat(frame.spare(403, 296, none)).isCloseTo(-3, within(0.01));
    }
}
