package neatcorner.core.outline;

import java.util.Locale;

/** The lines of a frame at which a size may be given, in the order the sum runs through them. */
public enum Line {
    /** The edge of the picture itself. */
    ART,
    /** The outside edge of the mat. */
    MAT,
    /** The edge of the glass and of everything that lies on it. */
    GLASS,
    /** The rabbet line; in a floater the inside of the walls. */
    RABBET,
    /** The edge of what shows. */
    SIGHT,
    /** The back edge, where the long points are. */
    OUTSIDE;

    private final String id = name().toLowerCase(Locale.ROOT);

    /** {@code glass} and the like, as figures are named. */
    String id() {
        return id;
    }

    /** Which size at this line: {@code glass.width} and the like. */
    public SizeKey size(Axis axis) {
        return new SizeKey(this, axis);
    }
}
