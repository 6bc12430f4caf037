package neatcorner.core.job;

import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Range;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;

/**
 * Level slats between the upright sides of a leaf, their ends in its grooves. They are of the wood of the frame.
 *
 * @param width     of a slat, from 5 to 200 mm
 * @param thickness of a slat, from 3 to 40 mm
 * @param pitch     wished from one to the next, from 5 to 400 mm; as near as evenly spaced ones come to it
 * @param degrees   by which they are tilted out of the leaf's plane, from 0 (flat) to 80
 * @param groove    how deep their ends stand in the upright sides, from 2 to 40 mm
 * @param play      left at their ends, both together, from 0 to 6 mm
 */
public record Slats(Length width, Length thickness, Length pitch, int degrees, Length groove, Length play) {
    private static final int STEEPEST = 80;

    public Slats {
        Range.within("width_of_a_slat", width, Length.mm(5), Length.mm(200));
        Range.within("thickness_of_a_slat", thickness, Length.mm(3), Length.mm(40));
        Range.within("pitch_of_slats", pitch, Length.mm(5), Length.mm(400));
        Range.number("tilt_of_slats_in_degrees", degrees, 0, STEEPEST);
        Range.within("groove_for_slats", groove, Length.mm(2), Length.mm(40));
        Range.within("play_of_slats", play, Length.ZERO, Length.mm(6));
    }

    /** Tilted ones that fit a leaf as thick as this section, to start from. Common practice, no source. */
    public static Slats usual(Section section) {
        Length thick = Length.mm(6);
        Length wide = Length.mm(
                Math.max(12, Math.floor(section.thickness().minus(Length.mm(6)).toMm() * 1.3)));
        return new Slats(
                wide,
                thick,
                wide.times(0.85),
                30,
                Length.mm(8).min(section.face().over(3)).max(Length.mm(2)),
                Length.mm(1));
    }

    /** By which they are tilted. */
    public Angle tilt() {
        return Angle.degrees(degrees);
    }

    /** How high one is seen from the front: w·cos θ + t·sin θ. */
    public Length high() {
        return width.times(tilt().cos()).plus(thickness.times(tilt().sin()));
    }

    /** How deep one is, from the front to the back: w·sin θ + t·cos θ. */
    public Length deep() {
        return width.times(tilt().sin()).plus(thickness.times(tilt().cos()));
    }

    /** Tilted otherwise. */
    public Slats withDegrees(int other) {
        return new Slats(width, thickness, pitch, other, groove, play);
    }

    /** Whether a part can have them, or a panel: a flat rectangle of plain bars, with nothing else across it. */
    static boolean canBe(
            Outline outline, Section section, Lean lean, CrossBars cross, Optional<ShapedEdge> edge) {
        return outline.isFourSquare()
                && lean.isFlat()
                && section.recess() instanceof Recess.Bar
                && cross.isNone()
                && edge.isEmpty();
    }

    /** Whether a part like this can have them, or a panel. */
    public static boolean canBe(Body body) {
        return !body.isOnePiece()
                && canBe(body.outline(), body.section(), body.lean(), body.cross(), body.edge());
    }
}
