package neatcorner.core.outline;

import java.util.Arrays;
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

    /** {@code glass.width} and the like, as figures are named. */
    public String id(Axis axis) {
        return name().toLowerCase(Locale.ROOT) + "." + axis.id();
    }

    /** Whether this is the name of a size at a line. */
    public static boolean isSizeId(String id) {
        return Arrays.stream(values()).anyMatch(line -> id.equals(line.id(Axis.WIDTH)) || id.equals(line.id(Axis.HEIGHT)));
    }
}
