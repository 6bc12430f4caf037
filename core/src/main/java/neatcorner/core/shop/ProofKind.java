package neatcorner.core.shop;

/** What a test of a machine shows. */
public enum ProofKind {
    /** The angle of its cuts to the left of square. */
    LEFT,
    /** The angle of its cuts to the right of square. */
    RIGHT,
    /** The blade to the table. */
    TILT,
    /** The fence, or a table, to the blade when it is set square. */
    FENCE,
    /** Whether two pieces off one stop are alike. */
    STOP;

    /** Whether it shows an angle; else a length. */
    public boolean isAngle() {
        return this != STOP;
    }
}
