package neatcorner.app.view;

import java.util.List;
import neatcorner.core.words.Station;

/** The rooms there are: a line a station. */
final class Rooms {
    private static final List<Room> ALL = List.of(
            new BriefRoom(),
            new SectionRoom(),
            new CornersRoom(),
            new CutsRoom(),
            new GlueRoom(),
            new FinishRoom(),
            new FitRoom(),
            new HangRoom(),
            new LogRoom());

    private Rooms() {
    }

    /** The room of a station. */
    static Room of(Station station) {
        return ALL.stream().filter(room -> room.station() == station).findFirst().orElseThrow();
    }
}
