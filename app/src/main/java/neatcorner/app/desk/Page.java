package neatcorner.app.desk;

/** What fills the window. */
public enum Page {
    /** The job in hand. */
    JOB,
    /** The shop's habits, mouldings, clamps and air. */
    SHOP,
    /** What lies on the rack with a label. */
    RACK
}
