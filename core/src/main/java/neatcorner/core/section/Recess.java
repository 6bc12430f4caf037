package neatcorner.core.section;

import neatcorner.core.measure.Finite;
import neatcorner.core.measure.Length;

/** How a section holds what it frames. */
public sealed interface Recess {
    /** The largest recess in either direction. */
    Length MOST = Length.mm(150);

    /** How far wood covers the package on each side; zero when nothing covers it. */
    default Length lip() {
        return Length.ZERO;
    }

    /** How far wood reaches in behind what it frames, past the sight line. */
    default Length ledge() {
        return Length.ZERO;
    }

    /**
     * A step cut out of the back along the sight edge, closed from behind.
     *
     * @param lip   width, sight line to rabbet line; from 1 to 150 mm
     * @param depth from the back; from 1 to 150 mm
     */
    record Rabbet(Length lip, Length depth) implements Recess {
        public Rabbet {
            Finite.within("lip", lip, Length.mm(1), MOST);
            Finite.within("rabbet depth", depth, Length.mm(1), MOST);
        }
    }

    /**
     * An L: the picture stands in it from the front, free of the wall, screwed from behind.
     *
     * @param ledge     how far the ledge reaches in from the wall; from 3 to 150 mm
     * @param thickness of the ledge; from 3 to 150 mm
     */
    record Floater(Length ledge, Length thickness) implements Recess {
        public Floater {
            Finite.within("ledge width", ledge, Length.mm(3), MOST);
            Finite.within("ledge thickness", thickness, Length.mm(3), MOST);
        }
    }

    /** Nothing: a plain bar, as in strainers and stretchers. */
    record Bar() implements Recess {
    }
}
