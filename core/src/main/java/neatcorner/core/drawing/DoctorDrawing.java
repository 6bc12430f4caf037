package neatcorner.core.drawing;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import neatcorner.core.frame.Member;
import neatcorner.core.saw.Doctor;
import neatcorner.core.saw.Laid;
import neatcorner.core.saw.Look;
import neatcorner.core.saw.PieceError;

/** The frame with its pieces as they likely are, exaggerated so many times, and what was seen beside its corners. */
public final class DoctorDrawing {
    private static final double DRAWN = Math.toRadians(5);
    private static final double DRAWN_MM = 12;

    private DoctorDrawing() {
    }

    /** The picture, to fill a space of this size. */
    public static Picture draw(List<Member> ring, Doctor.Guess guess, Map<Look, Double> seen, Reader reader,
                               double width, double height) {
        Sketch sketch = new Sketch(reader);
        List<PieceError> errors = guess.does(ring);
        double turned = errors.stream().mapToDouble(PieceError::worstSwing).max().orElse(0);
        double longer = errors.stream().mapToDouble(error -> Math.abs(error.length())).max().orElse(0);
        int factor = turned == 0
                ? Exaggeration.of(longer, DRAWN_MM)
                : longer == 0
                        ? Exaggeration.of(turned, DRAWN)
                        : Math.min(Exaggeration.of(turned, DRAWN), Exaggeration.of(longer, DRAWN_MM));
        new RingSketch(sketch, ring)
                .draw(
                        Laid.pulled(ring, Laid.times(errors, factor)),
                        seen.isEmpty()
                                ? sketch.say("doctor.drawn_planned")
                                : sketch.say(factor == 1 ? "doctor.drawn" : "doctor.drawn_times", factor),
                        0,
                        width,
                        height,
                        IntStream.range(0, ring.size())
                                .mapToObj(corner -> beside(corner, seen, sketch))
                                .toList());
        return sketch.picture(width, height);
    }

    private static RingSketch.Beside beside(int corner, Map<Look, Double> seen, Sketch sketch) {
        double across = seen.getOrDefault(new Look.Across(corner), 0.0);
        double through = seen.getOrDefault(new Look.Through(corner), 0.0);
        if (across == 0 && through == 0) {
            return RingSketch.Beside.NOTHING;
        }
        return Math.abs(across) >= Math.abs(through)
                ? new RingSketch.Beside(
                        Math.abs(across), sketch.say(across > 0 ? "budget.inside" : "budget.outside"))
                : new RingSketch.Beside(
                        Math.abs(through), sketch.say(through > 0 ? "doctor.in_front" : "doctor.at_back"));
    }
}
