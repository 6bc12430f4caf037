package neatcorner.core.report;

import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * What a planner worked out, with everything it wrote down on the way.
 *
 * @param result   what it is for
 * @param figures  its numbers, in the order they were worked out
 * @param findings what the maker should know, in the order it was found
 * @param safety   the cautions that apply
 * @param leads    the figure one looks at first, of the stations for which it says so
 * @param decided  what is decided besides figures, by station; equal as long as the decisions stand
 */
public record Planned<T>(
        T result,
        Map<FigureKey<?>, Figure<?>> figures,
        List<Finding> findings,
        Set<Safety> safety,
        Map<Station, FigureKey<?>> leads,
        Map<Station, List<Object>> decided) {
}
