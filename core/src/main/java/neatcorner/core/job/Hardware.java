package neatcorner.core.job;

import neatcorner.core.measure.Mass;

/**
 * Ways to hang a frame, lightest first. The greatest frame each is used for is common practice; the
 * rating printed on the hardware and the kind of wall rule.
 */
public enum Hardware {
    /** A saw-tooth plate in the middle of the top. */
    SAW_TOOTH(2),
    /** Two rings and a wire over one hook. */
    RINGS_AND_WIRE(9),
    /** Two rings on two hooks, no wire. */
    TWO_HOOKS(18),
    /** An interlocking bevelled cleat, screwed into studs. */
    CLEAT(60),
    /** None: it lies on a table or stands, as a tray or a box does. */
    LAID(0);

    private final double mostKg;

    Hardware(double mostKg) {
        this.mostKg = mostKg;
    }

    /** Whether it hangs on a wall by this. */
    public boolean isOnWall() {
        return this != LAID;
    }

    /** The heaviest frame it is used for; nothing where it does not hang. */
    public Mass most() {
        return Mass.kg(mostKg);
    }
}
