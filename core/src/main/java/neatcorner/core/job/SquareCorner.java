package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Words;

/** How two pieces meet that are cut square. */
public enum SquareCorner implements Named {
    /** One stands against the edge of the other. */
    BUTTED,
    /** Half of each thickness is taken away over the other's whole width. */
    HALF_LAPPED,
    /** The same behind, a mitre in front. */
    MITRE_LAPPED,
    /** A tongue of a third of the thickness in a slot that is open at the end. */
    BRIDLED,
    /** The end of one stands in a housing across the other: the corner of a box. */
    HOUSED;

    /** A housing takes this share of the thickness it is cut into; a third to half is common practice, no source. */
    private static final int HOUSING = 3;

    /** How far a piece reaches into one of this face that runs through. */
    public Length enters(Length face) {
        return switch (this) {
            case BUTTED -> Length.ZERO;
            case HALF_LAPPED, MITRE_LAPPED, BRIDLED -> face;
            case HOUSED -> face.over(HOUSING);
        };
    }

    /**
     * How deep a cheek, a slot or a housing is cut.
     *
     * @param thickness of the frame
     * @param side      the thinnest of those a housing is cut into
     */
    public Length deep(Length thickness, Length side) {
        return switch (this) {
            case BUTTED -> Length.ZERO;
            case HALF_LAPPED, MITRE_LAPPED -> thickness.over(2);
            case BRIDLED -> thickness.over(3);
            case HOUSED -> enters(side);
        };
    }

    /** Whether both pieces cross over their whole width, so that flat sides are glued to flat sides. */
    public boolean isLap() {
        return this == HALF_LAPPED || this == MITRE_LAPPED || this == BRIDLED;
    }

    /** What share of a crossing one clamp over it presses flat together; nothing where only ends are glued. */
    public double pressed() {
        return switch (this) {
            case BUTTED, HOUSED -> 0;
            case HALF_LAPPED, BRIDLED -> 1;
            case MITRE_LAPPED -> 0.5;
        };
    }

    @Override
    public Words words() {
        return Words.of("squarecorner." + name().toLowerCase(Locale.ROOT));
    }
}
