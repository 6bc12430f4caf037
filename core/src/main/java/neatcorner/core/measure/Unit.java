package neatcorner.core.measure;

/** The two units a shop works in. */
public enum Unit {
    /** The inch, written ″. */
    INCH(Length.NANOMETRES_PER_INCH, "″"),
    /** The millimetre. */
    MM(Length.NANOMETRES_PER_MM, " mm");

    private final long nanometres;
    private final String mark;

    Unit(long nanometres, String mark) {
        this.nanometres = nanometres;
        this.mark = mark;
    }

    /** Its size in nanometres. */
    public long nanometres() {
        return nanometres;
    }

    /** What stands behind a number: {@code ″}, or a space and {@code mm}. */
    public String mark() {
        return mark;
    }
}
