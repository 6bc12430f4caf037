package neatcorner.app.desk;

/** What fills the window. */
public enum Page {
    /** The job in hand. */
    JOB,
    /** The shop: rack, clamps, habits, air. */
    SHOP
}
