package neatcorner.app.desk;

/** What fills the window. */
public enum Page {
    /** The job in hand. */
    JOB,
    /** The shop: rack, machines, clamps, habits, air. */
    SHOP,
    /** Every cut in its order. */
    ORDER,
    /** How true the saw is. */
    PROVING,
    /** What its errors do to the job in hand. */
    BUDGET,
    /** What is wrong with a frame that gapes. */
    DOCTOR,
    /** Exercises for the eye and the head. */
    PRACTICE,
    /** One card after another, in the whole window. */
    BENCH
}
