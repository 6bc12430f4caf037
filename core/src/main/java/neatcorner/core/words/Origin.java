package neatcorner.core.words;

/** Where a number comes from. */
public enum Origin {
    /** The maker said so. Drawn blue and boxed. */
    GIVEN,
    /** The shop always does it so, until a job says otherwise. Drawn with a dotted outline. */
    HABIT,
    /** Neat Corner worked it out. Drawn in ink. */
    WORKED
}
