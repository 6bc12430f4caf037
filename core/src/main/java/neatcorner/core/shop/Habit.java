package neatcorner.core.shop;

import java.util.Locale;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Numbers a shop always uses until a job says otherwise. The starting values are common practice
 * without a published source.
 */
public enum Habit implements FigureKey.OfLength {
    /** Room for the glass in the rabbet, in all, not a side. */
    PLAY(Station.BRIEF, Length.inches(0, 1, 8), 0, 12),
    /** Free gap around a picture in a floater, on each side. */
    FLOAT_GAP(Station.BRIEF, Length.inches(0, 1, 4), 1, 50),
    /** How far the mat covers the picture on each side. */
    MAT_OVERLAP(Station.BRIEF, Length.inches(0, 1, 4), 0, 30),
    /** How much of each mat shows inside the one before it, on each side. */
    MAT_REVEAL(Station.BRIEF, Length.inches(0, 1, 4), 1, 30),
    /** Depth left behind the package for points. */
    POINT_ROOM(Station.SECTION, Length.inches(0, 1, 8), 0, 25),
    /** Wood left between rabbet and front. */
    FRONT_WOOD(Station.SECTION, Length.inches(0, 1, 8), 1, 25),
    /** Furthest from one point to the next. */
    POINT_SPACING(Station.FIT, Length.inches(4), 20, 300),
    /** What the saw turns to dust, measured square to the cut. */
    KERF(Station.CUTS, Length.inches(0, 1, 8), 0, 8),
    /** Cut off each end of a stick before anything else. */
    END_TRIM(Station.CUTS, Length.inches(0, 1, 4), 0, 300),
    /** Shorter pieces are not held by hand at a power saw. */
    SAFE_HOLD(Station.CUTS, Length.inches(6), 50, 400),
    /** Longer sides want more than glue in the corner. */
    BIG_SIDE(Station.CORNERS, Length.inches(24), 100, 3000),
    /** From the floor to the middle of a picture on the wall. */
    CENTRE_HEIGHT(Station.HANG, Length.inches(58), 500, 3000),
    /** How much is wrapped behind a stretcher bar, past its depth. */
    WRAP_FOLD(Station.FIT, Length.inches(1, 1, 2), 10, 200),
    /** How much smaller than the opening a strainer is cut, in all. */
    STRAINER_SLACK(Station.FIT, Length.inches(0, 1, 8), 0, 12),
    /** The widest board on hand for blanks that are sawn to a curve; a nominal 1×6. */
    BOARD_WIDTH(Station.CUTS, Length.inches(5, 1, 2), 20, 600),
    /** Wood kept around anything hidden in the corner. */
    SAFE_MARGIN(Station.CORNERS, Length.inches(0, 1, 8), 1, 25),
    /** Wood of the cradle between the table and the tip of the corner that stands in it. */
    CRADLE_FLOOR(Station.CORNERS, Length.ZERO, 0, 50),
    /** Radius of the bearing-guided rabbeting bit; it is left in corners that are cut after assembly. */
    BIT_RADIUS(Station.SECTION, Length.inches(0, 5, 8), 3, 40),
    /** What is left of a stick is kept from this length on. */
    USEFUL(Station.CUTS, Length.inches(12), 0, 3000),
    /** Taken off a rough board's thickness until both faces are clean. */
    PLANING(Station.CUTS, Length.inches(0, 1, 8), 0, 25),
    /** Taken off its edge until it is straight. */
    JOINTING(Station.CUTS, Length.inches(0, 1, 8), 0, 25),
    /** How much longer and, by a quarter of it, wider a blank is sawn than it will be. */
    OVER_LENGTH(Station.CUTS, Length.inches(0, 1, 2), 0, 100),
    /** The narrowest strip of glass that can still be snapped off. */
    SNAP_STRIP(Station.CUTS, Length.inches(0, 1, 2), 0, 50),
    /** What is left of a sheet is kept when it is so large both ways. */
    USEFUL_SHEET(Station.CUTS, Length.inches(8), 0, 2000),
    /** What the saw takes that opens a strip into leaves. */
    RESAW_KERF(Station.CUTS, Length.inches(0, 1, 16), 0, 8),
    /** The highest strip that saw opens; nothing is resawn when it is 0. */
    RESAW_HEIGHT(Station.CUTS, Length.inches(6), 0, 600),
    /** Nothing shorter goes through the jointer or the planer; the manual of each machine rules. */
    PLANER_LENGTH(Station.CUTS, Length.inches(12), 0, 1000),
    /** Nothing wider goes through the jointer and the planer. */
    PLANER_WIDTH(Station.CUTS, Length.inches(12), 50, 1000),
    /** Nothing thinner goes through the planer without a board under it. */
    PLANER_THIN(Station.CUTS, Length.inches(0, 1, 4), 0, 25),
    /**
     * The longest length that is carried to the jointer and the planer, if blanks allow; common practice, no source.
     */
    HANDLED(Station.CUTS, Length.inches(72), 300, 7000),
    /** What the planer dips into at either end of a length. */
    SNIPE(Station.CUTS, Length.inches(2), 0, 150),
    /** The narrowest stave a wide blank is glued from edge to edge; none is when it is 0. */
    STAVE(Station.CUTS, Length.ZERO, 0, 500),
    /** The thinnest layer a thick blank is glued from face to face; none is when it is 0. */
    LAYER(Station.CUTS, Length.ZERO, 0, 100);

    private final String id = "habit." + name().toLowerCase(Locale.ROOT);
    private final Words words = Words.of("figure." + id);
    private final Station station;
    private final Length usual;
    private final Length least;
    private final Length most;

    Habit(Station station, Length usual, double leastMm, double mostMm) {
        this.station = station;
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
    @Override
    public String id() {
        return id;
    }

    @Override
    public Words words() {
        return words;
    }

    /** Where it is used first. */
    @Override
    public Station station() {
        return station;
    }

    /** The value, when it is allowed for this habit. */
    public Length checked(Length value) {
        return Range.within(words(), value, least, most);
    }
}
