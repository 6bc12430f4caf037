package neatcorner.app.desk;

import neatcorner.core.job.Cutting;

/** What is laid out below the drawing where things are cut. */
public enum Laid {
    /** Pieces on sticks. */
    STICKS(Cutting.Stuff.STICK),
    /** Blanks on boards. */
    BOARDS(Cutting.Stuff.BOARD),
    /** Panes on sheets. */
    SHEETS(Cutting.Stuff.SHEET);

    private final Cutting.Stuff stuff;

    Laid(Cutting.Stuff stuff) {
        this.stuff = stuff;
    }

    /** What is cut then. */
    Cutting.Stuff stuff() {
        return stuff;
    }
}
