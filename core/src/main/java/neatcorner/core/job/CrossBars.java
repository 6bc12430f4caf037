package neatcorner.core.job;

import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;

/**
 * Bars across a frame of plain bars, evenly between its sides.
 *
 * @param upright how many stand between top and bottom, 0 to 8
 * @param level   how many lie between left and right, 0 to 8
 * @param atWire  whether the one level bar, with none upright, lies where a wire pulls the sides in
 */
public record CrossBars(int upright, int level, boolean atWire) {
    /** None. */
    public static final CrossBars NONE = new CrossBars(0, 0, false);
    /** The most one way. */
    public static final int MOST = 8;

    public CrossBars {
        if (Math.min(upright, level) < 0 || Math.max(upright, level) > MOST) {
            throw Refusal.of("cross_bars.number", upright, level, MOST);
        }
        if (atWire && (level != 1 || upright != 0)) {
            throw Refusal.of("cross_bars.at_wire");
        }
    }

    /** So many each way, evenly. */
    public CrossBars(int upright, int level) {
        this(upright, level, false);
    }

    /** Whether there are any. */
    public boolean isNone() {
        return equals(NONE);
    }

    /** Whether some cross others. */
    public boolean isCrossed() {
        return upright > 0 && level > 0;
    }

    /** Whether a part of this shape and section can have them: a flat rectangle of plain bars. */
    public boolean canBe(Outline outline, Section section, Lean lean) {
        return isNone()
                || outline.isFourSquare() && lean.isFlat() && section.recess() instanceof Recess.Bar;
    }

    void check(Outline outline, Section section, Lean lean) {
        if (!canBe(outline, section, lean)) {
            throw Refusal.of("job.cross_bars");
        }
    }
}
