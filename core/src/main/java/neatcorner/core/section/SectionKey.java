package neatcorner.core.section;

import java.util.List;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The numbers by which a section is given, apart from those of its single strips; which there are hangs on the section.
 */
public enum SectionKey implements FigureKey.OfLength {
    /** Across the whole. */
    FACE("section.face"),
    /** Through the whole. */
    THICKNESS("section.thickness"),
    /** Over the package. */
    LIP("section.lip"),
    /** Of the rabbet from its front wall. */
    RABBET_DEPTH("section.rabbet_depth"),
    /** Of the step behind, from the sight edge. */
    BACK_LIP("section.back_lip"),
    /** Of the step behind, from the back. */
    BACK_DEPTH("section.back_depth"),
    /** Wood behind a groove. */
    SLOT_FROM_BACK("section.slot_from_back"),
    /** Wood behind a second groove. */
    GROOVE_BEHIND_FROM("section.groove_behind_from"),
    /** How wide a second groove is. */
    GROOVE_BEHIND_WIDTH("section.groove_behind_width"),
    /** A floater's shelf, across. */
    LEDGE("section.ledge"),
    /** A floater's shelf, through. */
    LEDGE_THICKNESS("section.ledge_thickness"),
    /** Over the edge of a mirror that hangs. */
    OVERLAP("section.overlap"),
    /** How far that mirror's clips stand in. */
    CLIPS("section.clips"),
    /** How far that mirror's front is off the wall. */
    STANDS_OFF("section.stands_off"),
    /** Wood outside the hollow. */
    RELIEF_FROM("relief.from"),
    /** The hollow, across. */
    RELIEF_WIDTH("relief.width"),
    /** The hollow, deep. */
    RELIEF_DEPTH("relief.depth"),
    /** The band, across. */
    BAND_WIDTH("band.width"),
    /** The band, through. */
    BAND_HEIGHT("band.height"),
    /** The band before the front. */
    BAND_REVEAL("band.reveal"),
    /** What is worked off the band's outer edge. */
    BAND_EDGE("band.edge");

    /** Those of what the frame holds by. */
    public static final List<SectionKey> RECESS =
            List.of(
                    LIP,
                    RABBET_DEPTH,
                    BACK_LIP,
                    BACK_DEPTH,
                    SLOT_FROM_BACK,
                    GROOVE_BEHIND_FROM,
                    GROOVE_BEHIND_WIDTH,
                    LEDGE,
                    LEDGE_THICKNESS,
                    OVERLAP,
                    CLIPS,
                    STANDS_OFF);
    /** Those of the hollow in the back. */
    public static final List<SectionKey> RELIEF = List.of(RELIEF_FROM, RELIEF_WIDTH, RELIEF_DEPTH);
    /** Those of the band outside. */
    public static final List<SectionKey> BAND = List.of(BAND_WIDTH, BAND_HEIGHT, BAND_REVEAL, BAND_EDGE);

    private final String id;

    SectionKey(String id) {
        this.id = id;
    }

    /** {@code section.lip}, {@code band.width} and the like. */
    @Override
    public String id() {
        return id;
    }

    @Override
    public Station station() {
        return Station.SECTION;
    }
}
