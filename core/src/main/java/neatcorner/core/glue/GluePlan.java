package neatcorner.core.glue;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;

/**
 * The glue-up.
 *
 * @param adhesive what with
 * @param times    its times in words
 * @param steps    the closing sequence
 * @param checks   what the tape must read across: both diagonals of a rectangle, else corner to corner half
 *                 way round; empty for three corners, which hold themselves
 * @param least    squeeze over one joint, the lower end, an estimate; empty where nothing is glued
 * @param most     squeeze over one joint, the upper end, an estimate; empty where nothing is glued
 * @param square   the glued frame; empty until it is measured
 * @param mostLean how far it may lean before the glass no longer drops in; empty where there is none
 * @param closing  with which clamps
 * @param planned  what the tape should read on the outside of a four-square frame; empty for any other
 */
public record GluePlan(Adhesive adhesive, List<Words> times, List<Words> steps, List<Figure<Length>> checks,
                       Optional<Figure<Force>> least, Optional<Figure<Force>> most, Optional<Square> square,
                       Optional<Figure<Angle>> mostLean, Closing closing, Map<Tape, Length> planned) {

    /** What the tape should read there; empty where nothing is planned. */
    public Optional<Length> planned(Tape tape) {
        return Optional.ofNullable(planned.get(tape));
    }

    /** What a reading of the tape is over what it should be, under it when negative; empty where nothing is planned. */
    public Optional<Length> off(Tape tape, Length reading) {
        return planned(tape).map(reading::minus);
    }

    /** Whether a step waits until both parts are finished, and so comes when the package does. */
    public static boolean isOnceFinished(Words step) {
        return AttachSteps.isOnceFinished(step);
    }
}
