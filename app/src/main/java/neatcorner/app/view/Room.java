package neatcorner.app.view;

import java.util.Optional;
import java.util.function.DoubleFunction;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.Reader;
import neatcorner.core.words.Station;

/**
 * What one station shows: its picture, its panel, its tally and its strip at the foot. One class a station, one line in
 * {@link Rooms}.
 */
interface Room {
    /** Which station it is the room of. */
    Station station();

    /** What is chosen and typed there beside the picture; made once a window. */
    Panel panel(Tools tools);

    /** What it is about; empty where what is laid out to be cut takes the picture's place. */
    default Optional<Drawn> picture() {
        return Optional.empty();
    }

    /** What the station decides, in large figures. */
    void tally(Tally tally);

    /** What stands below the picture; empty for nothing. */
    default Optional<Foot> foot(Desk desk) {
        return Optional.empty();
    }

    /** How a station's picture is drawn. */
    interface Drawn {
        /** To fill a space of this size. */
        Picture draw(Desk desk, Reader reader, double width, double height);
    }

    /**
     * What a panel works with.
     *
     * @param typing        what happens when a number is typed
     * @param importOutline asks for a drawing and takes its outline
     * @param importPicture asks for the customer's picture and shows it
     */
    record Tools(Desk desk, TagField.Typing typing, Runnable importOutline, Runnable importPicture) {
    }

    /**
     * The strip at a station's foot.
     *
     * @param heading what it shows
     * @param beside  said beside the heading; may be empty
     * @param height  so much of it is seen at once, at the usual size of text
     * @param picture for a width
     */
    record Foot(String heading, String beside, double height, DoubleFunction<Picture> picture) {
    }
}
