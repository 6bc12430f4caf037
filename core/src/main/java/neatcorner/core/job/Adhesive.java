package neatcorner.core.job;

import java.time.Duration;

/**
 * Adhesives and their times. The figures are common practice, from memory, at room temperature; the
 * bottle's own label rules.
 */
public enum Adhesive {
    /** White or yellow wood glue. */
    PVA(8, 45, 24, 10, false),
    /** Water-resistant wood glue for outdoors. */
    PVA_WATERPROOF(8, 60, 24, 13, true),
    /** Hot or liquid hide glue. */
    HIDE(5, 120, 24, 15, false),
    /** Foaming polyurethane. */
    POLYURETHANE(20, 240, 24, 10, true),
    /** Slow two-part epoxy. */
    EPOXY(30, 480, 24, 15, true);

    private final int open;
    private final int clamp;
    private final int cure;
    private final int leastTemperature;
    private final boolean waterproof;

    Adhesive(int openMinutes, int clampMinutes, int cureHours, int leastTemperature, boolean waterproof) {
        this.open = openMinutes;
        this.clamp = clampMinutes;
        this.cure = cureHours;
        this.leastTemperature = leastTemperature;
        this.waterproof = waterproof;
    }

    /** From the first glue to the last clamp. */
    public Duration open() {
        return Duration.ofMinutes(open);
    }

    /** In the clamps. */
    public Duration clamp() {
        return Duration.ofMinutes(clamp);
    }

    /** Until it may be stressed. */
    public Duration cure() {
        return Duration.ofHours(cure);
    }

    /** The coldest it may be, in °C. */
    public int leastTemperature() {
        return leastTemperature;
    }

    /** Whether damp may reach it. */
    public boolean isWaterproof() {
        return waterproof;
    }

    /** Glues that are handled alike, by the one they are like. */
    public Adhesive like() {
        return this == PVA_WATERPROOF ? PVA : this;
    }
}
