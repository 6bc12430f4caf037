package neatcorner.core.measure;

/** The two units a shop works in. */
public enum Unit {
    /** The inch. */
    INCH(Length.NANOMETRES_PER_INCH, "\"", "″"),
    /** The millimetre. */
    MM(Length.NANOMETRES_PER_MM, " mm", " mm");

    private final long nanometres;
    private final String mark;
    private final String sign;

    Unit(long nanometres, String mark, String sign) {
        this.nanometres = nanometres;
        this.mark = mark;
        this.sign = sign;
    }

    /** Its size in nanometres. */
    public long nanometres() {
        return nanometres;
    }

    /** What stands behind a number set in figures of its own: {@code ″}, or a space and {@code mm}. */
    public String sign() {
        return sign;
    }

    /** What stands behind a number in running text, where not every face has a ″. */
    public String mark() {
        return mark;
    }
}
