package neatcorner.core.report;

import java.util.Locale;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Station;

/** Cautions for the hands, shown at the station where they apply. The tool's manual comes first. */
public enum Safety {
    /** Ripping and stacked blades. */
    RIPPING(Station.SECTION),
    /** Router work, in a table or in the hand. */
    ROUTER(Station.SECTION),
    /** Dust of boards that are pressed or layered with resin. */
    BOARD_DUST(Station.SECTION),
    /** Large sheets at the saw. */
    SHEETS(Station.SECTION),
    /** Eyes, ears, guards, the blade at rest, nothing trapped. */
    SAW(Station.CUTS),
    /** Metal under a wood saw. */
    METAL(Station.CUTS),
    /** Pieces too short to hold. */
    SHORT_PIECE(Station.CUTS),
    /** The slot cut for splines in its cradle. */
    SPLINE_SLOT(Station.CORNERS),
    /** Small triangles sawn from a sheet. */
    GUSSETS(Station.CORNERS),
    /** Slots for keys at a router table. */
    KEY_ROUTER(Station.CORNERS),
    /** Cheeks, slots and housings cut across the grain. */
    SQUARE_CUTS(Station.CORNERS),
    /** Boring into the ends of loose pieces. */
    BORING_ENDS(Station.CORNERS),
    /** Slots and mortises in the ends of loose pieces. */
    SLOTTING_ENDS(Station.CORNERS),
    /** Boring through a corner. */
    BORING(Station.CORNERS),
    /** Boring and driving aslant. */
    POCKETS(Station.CORNERS),
    /** Pins that turn. */
    PINS(Station.CORNERS),
    /** Driving fasteners from the back. */
    FASTENERS(Station.CORNERS),
    /** Drilling and driving screws. */
    SCREWS(Station.GLUE_UP),
    /** Gloves and air for adhesives that want them. */
    ADHESIVE(Station.GLUE_UP),
    /** Dust from sanding. */
    DUST(Station.FINISH),
    /** Solvents in the air. */
    SOLVENT(Station.FINISH),
    /** Rags that catch fire by themselves. */
    OILY_RAGS(Station.FINISH),
    /** Cutting and carrying glass. */
    GLASS(Station.FIT),
    /** Drilling and driving towards a picture. */
    FIXING(Station.FIT),
    /** Screens, sockets and what warms up behind a frame. */
    DEVICE(Station.FIT),
    /** A mirror on the wall whose clips are changed. */
    HUNG_MIRROR(Station.FIT),
    /** Heavy frames are two people's work. */
    TWO_PEOPLE(Station.HANG),
    /** Walls and fixings. */
    WALL(Station.HANG);

    private final Station station;

    Safety(Station station) {
        this.station = station;
    }

    /** What is said. */
    public Words words() {
        return Words.of("safety." + name().toLowerCase(Locale.ROOT));
    }

    /** Where it is shown. */
    public Station station() {
        return station;
    }
}
