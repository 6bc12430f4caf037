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

    /** A recess that covers the edges of the package from the front. */
    sealed interface Covering extends Recess {
        /** Covering more or less of the package. */
        Covering withLip(Length other);

        /** With room for a thicker or thinner package. */
        Covering withDepth(Length other);
    }

    /**
     * A step cut out of the back along the sight edge, closed from behind.
     *
     * @param lip   width, sight line to rabbet line; from 1 to 150 mm
     * @param depth from the back; from 1 to 150 mm
     */
    record Rabbet(Length lip, Length depth) implements Covering {
        public Rabbet {
            Finite.within("lip", lip, Length.mm(1), MOST);
            Finite.within("rabbet depth", depth, Length.mm(1), MOST);
        }

        @Override
        public Rabbet withLip(Length other) {
            return new Rabbet(other, depth);
        }

        @Override
        public Rabbet withDepth(Length other) {
            return new Rabbet(lip, other);
        }
    }

    /**
     * Two steps: a narrow deep one for glass and picture, a wider and shallower one behind it for the
     * backing board.
     *
     * @param lip       width of the narrow step, sight line to rabbet line; from 1 to 150 mm
     * @param depth     of the narrow step, from the back; from 1 to 150 mm
     * @param backLip   width of the step behind, from the sight line; wider than the lip, up to 150 mm
     * @param backDepth of the step behind, from the back; less than the depth
     */
    record DoubleRabbet(Length lip, Length depth, Length backLip, Length backDepth) implements Covering {
        public DoubleRabbet {
            Finite.within("lip", lip, Length.mm(1), MOST);
            Finite.within("rabbet depth", depth, Length.mm(1), MOST);
            Finite.within("lip of the step behind", backLip, lip.plus(Length.mm(0.5)), MOST);
            Finite.within("depth of the step behind", backDepth, Length.mm(0.5), depth.minus(Length.mm(0.5)));
        }

        @Override
        public DoubleRabbet withLip(Length other) {
            return new DoubleRabbet(other, depth, backLip, backDepth);
        }

        @Override
        public DoubleRabbet withDepth(Length other) {
            return new DoubleRabbet(lip, other, backLip, backDepth);
        }

        /** How much larger a board in the step behind is than one in the narrow step, on each side. */
        public Length wider() {
            return backLip.minus(lip);
        }
    }

    /**
     * A groove in the sight edge that holds a panel all round; the panel goes in before the last corner
     * is closed.
     *
     * @param lip      how deep the groove is; from 1 to 150 mm
     * @param fromBack wood left behind the groove; from 1 to 150 mm
     * @param width    of the groove, what the panel may be thick; from 1 to 150 mm
     */
    record Slot(Length lip, Length fromBack, Length width) implements Covering {
        public Slot {
            Finite.within("depth of the groove", lip, Length.mm(1), MOST);
            Finite.within("wood behind the groove", fromBack, Length.mm(1), MOST);
            Finite.within("width of the groove", width, Length.mm(1), MOST);
        }

        @Override
        public Slot withLip(Length other) {
            return new Slot(other, fromBack, width);
        }

        @Override
        public Slot withDepth(Length other) {
            return new Slot(lip, fromBack, other);
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
