package neatcorner.core.outline;

import java.util.Arrays;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

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

    private static final Set<String> SIZE_IDS = Arrays.stream(values()).flatMap(line -> Arrays.stream(Axis.values()).map(line::id))
            .collect(Collectors.toUnmodifiableSet());

    /** {@code glass.width} and the like, as figures are named. */
    public String id(Axis axis) {
        return name().toLowerCase(Locale.ROOT) + "." + axis.id();
    }

    /** Whether this is the name of a size at a line. */
    public static boolean isSizeId(String id) {
        return SIZE_IDS.contains(id);
    }
}
