package neatcorner.core.shop;

import java.util.Locale;
import neatcorner.core.measure.Finite;
import neatcorner.core.measure.Length;

/**
 * Numbers a shop always uses until a job says otherwise. The starting values are common practice
 * without a published source.
 */
public enum Habit {
    /** Room for the glass in the rabbet, in all, not a side. */
    PLAY(Length.inches(0, 1, 8), 0, 12),
    /** Free gap around a picture in a floater, on each side. */
    FLOAT_GAP(Length.inches(0, 1, 4), 1, 50),
    /** How far the mat covers the picture on each side. */
    MAT_OVERLAP(Length.inches(0, 1, 4), 0, 30),
    /** How much of each mat shows inside the one before it, on each side. */
    MAT_REVEAL(Length.inches(0, 1, 4), 1, 30),
    /** Depth left behind the package for points. */
    POINT_ROOM(Length.inches(0, 1, 8), 0, 25),
    /** Wood left between rabbet and front. */
    FRONT_WOOD(Length.inches(0, 1, 8), 1, 25),
    /** Furthest from one point to the next. */
    POINT_SPACING(Length.inches(4), 20, 300),
    /** What the saw turns to dust, measured square to the cut. */
    KERF(Length.inches(0, 1, 8), 0, 8),
    /** Cut off each end of a stick before anything else. */
    END_TRIM(Length.inches(0, 1, 4), 0, 300),
    /** Shorter pieces are not held by hand at a power saw. */
    SAFE_HOLD(Length.inches(6), 50, 400),
    /** Longer sides want more than glue in the corner. */
    BIG_SIDE(Length.inches(24), 100, 3000),
    /** From the floor to the middle of a picture on the wall. */
    CENTRE_HEIGHT(Length.inches(58), 500, 3000),
    /** How much is wrapped behind a stretcher bar, past its depth. */
    WRAP_FOLD(Length.inches(1, 1, 2), 10, 200),
    /** How much smaller than the opening a strainer is cut, in all. */
    STRAINER_SLACK(Length.inches(0, 1, 8), 0, 12),
    /** The widest board on hand for blanks that are sawn to a curve; a nominal 1×6. */
    BOARD_WIDTH(Length.inches(5, 1, 2), 20, 600),
    /** Wood kept around anything hidden in the corner. */
    SAFE_MARGIN(Length.inches(0, 1, 8), 1, 25),
    /** Radius of the bearing-guided rabbeting bit; it is left in corners that are cut after assembly. */
    BIT_RADIUS(Length.inches(0, 5, 8), 3, 40),
    /** What is left of a stick is kept from this length on. */
    USEFUL(Length.inches(12), 0, 3000),
    /** Taken off a rough board's thickness until both faces are clean. */
    PLANING(Length.inches(0, 1, 8), 0, 25),
    /** Taken off its edge until it is straight. */
    JOINTING(Length.inches(0, 1, 8), 0, 25),
    /** How much longer and, by a quarter of it, wider a blank is sawn than it will be. */
    OVER_LENGTH(Length.inches(0, 1, 2), 0, 100),
    /** The narrowest strip of glass that can still be snapped off. */
    SNAP_STRIP(Length.inches(0, 1, 2), 0, 50),
    /** What is left of a sheet is kept when it is so large both ways. */
    USEFUL_SHEET(Length.inches(8), 0, 2000);

    private final Length usual;
    private final Length least;
    private final Length most;

    Habit(Length usual, double leastMm, double mostMm) {
        this.usual = usual;
        this.least = Length.mm(leastMm);
        this.most = Length.mm(mostMm);
    }

    /** What a new shop starts with. */
    public Length usual() {
        return usual;
    }

    /** The least that is allowed. */
    public Length least() {
        return least;
    }

    /** The most that is allowed. */
    public Length most() {
        return most;
    }

    /** {@code habit.play} and the like. */
    public String id() {
        return "habit." + name().toLowerCase(Locale.ROOT);
    }

    /** The value, when it is allowed for this habit. */
    public Length checked(Length value) {
        return Finite.within(name().toLowerCase(Locale.ROOT).replace('_', ' '), value, least, most);
    }
}
