package neatcorner.core.work;

import neatcorner.core.measure.Length;

/** With what a length is measured, and how finely: one standard deviation. Common practice, no source. */
public enum Instrument {
    /** A tape or a folding rule. */
    TAPE(0.5),
    /** A steel rule, laid against. */
    RULE(0.25),
    /** A caliper. */
    CALIPER(0.03);

    private final double fine;

    Instrument(double fine) {
        this.fine = fine;
    }

    /** One standard deviation of a reading. */
    public Length doubt() {
        return Length.mm(fine);
    }
}
