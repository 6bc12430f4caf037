package neatcorner.core.joint;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.shop.JoiningTool;

/**
 * What it takes to make a joint, and where it shows.
 *
 * @param shows   when the frame is done
 * @param minutes hands are busy with one corner, the waiting left out. Common practice, no source
 * @param tools   besides what cuts and clamps the pieces
 */
record Craft(Shows shows, int minutes, List<JoiningTool> tools) {
    Craft {
        tools = List.copyOf(tools);
    }

    Craft(Shows shows, int minutes, JoiningTool... tools) {
        this(shows, minutes, List.of(tools));
    }

    /** Both of two, where the other shows at least as much. */
    Craft and(Craft other) {
        return new Craft(
                other.shows,
                minutes + other.minutes,
                Stream.concat(tools.stream(), other.tools.stream()).toList());
    }
}
