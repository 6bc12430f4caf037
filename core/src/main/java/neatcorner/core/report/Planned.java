package neatcorner.core.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.core.edit.Edit;
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
    /** The same with one thing more that the maker should know. */
    public Planned<T> with(Finding more) {
        List<Finding> all = new ArrayList<>(findings);
        all.add(more);
        return new Planned<>(result, figures, List.copyOf(all), safety, leads, decided);
    }

    /** The same where another part of the job is looked at: what its remedies change is still this one, from 0. */
    public Planned<T> ofPart(int part) {
        List<Finding> meant = findings.stream()
                .map(finding -> finding.remedy()
                        .filter(Remedy.OnJob.class::isInstance)
                        .map(Remedy.OnJob.class::cast)
                        .map(remedy -> finding.remedy(
                                new Remedy.OnJob(remedy.words(), new Edit.InPart(part, remedy.edit()))))
                        .orElse(finding))
                .toList();
        return new Planned<>(result, figures, meant, safety, leads, decided);
    }
}
