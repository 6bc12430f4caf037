package neatcorner.app.desk;

/** What is laid out below the drawing where things are cut. */
public enum Laid {
    /** Pieces on sticks. */
    STICKS,
    /** Blanks on boards. */
    BOARDS,
    /** Panes on sheets. */
    SHEETS
}
