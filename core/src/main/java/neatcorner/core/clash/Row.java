package neatcorner.core.clash;

import java.util.List;
import java.util.Locale;
import java.util.function.DoubleFunction;
import neatcorner.core.outline.Hull;
import neatcorner.core.words.Station;

/**
 * What is driven along the sides of parts, each at a place of its own from the end of a side.
 *
 * @param kind   what it is
 * @param places where one goes
 */
record Row(Kind kind, List<Place> places) {
    /** What is driven along sides. */
    enum Kind {
        /** Of rings, from the back. */
        RING_SCREW(Station.HANG),
        /** Of the strip of a cleat, from the back. */
        CLEAT_SCREW(Station.HANG),
        /** Out of a part in the rabbet, into its wall. */
        STRAINER_SCREW(Station.FIT),
        /** Of turn-buttons, from the back beside a rabbet. */
        BUTTON_SCREW(Station.GLUE_UP),
        /** Through a part on the back. */
        BACK_SCREW(Station.GLUE_UP),
        /** That keep the package in, into the wall of the rabbet. */
        POINT(Station.FIT);

        private final Station station;

        Kind(Station station) {
            this.station = station;
        }

        /** Whether it splits no wood beside itself. */
        boolean isThin() {
            return this == POINT;
        }

        /** What its phrases are called by. */
        String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Where it is driven. */
        Station station() {
            return station;
        }
    }

    /**
     * One of them.
     *
     * @param part  of the job, from 0, that it belongs to
     * @param along from the end it is measured from, in mm
     * @param most  how far from there it may be moved, in mm
     * @param at    what it fills in space when it is so far along, in the first part's picture
     */
    record Place(int part, double along, double most, DoubleFunction<Hull> at) {
        /** Where it is. */
        Hull body() {
            return at.apply(along);
        }
    }

    Row {
        places = List.copyOf(places);
    }

    /** What all of them fill in space. */
    List<Hull> bodies() {
        return places.stream().map(Place::body).toList();
    }
}
