package neatcorner.core.report;

import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/**
 * What a planner worked out, with everything it wrote down on the way.
 *
 * @param result   what it is for
 * @param figures  its numbers, in the order they were worked out
 * @param findings what the maker should know, in the order it was found
 * @param safety   the cautions that apply
 */
public record Planned<T>(T result, Map<FigureKey<?>, Figure<?>> figures, List<Finding> findings, Set<Safety> safety) {
}
