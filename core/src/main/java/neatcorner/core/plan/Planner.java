package neatcorner.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.report.Draft;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Subject;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** The one way through: from a job and a shop to a plan. */
public final class Planner {
    private Planner() {
    }

    /**
     * Plans a job. A pure function, fast enough for every keystroke.
     *
     * @throws neatcorner.core.phrase.Refusal when the numbers leave no frame
     */
    public static Plan plan(Job job, Shop shop) {
        return plan(job, shop, Answers.NONE);
    }

    /**
     * Plans a job with what is already known of the best ways to lay its pieces on sticks; what is not
     * known is laid by quick rules.
     *
     * @throws neatcorner.core.phrase.Refusal when the numbers leave no frame
     */
    public static Plan plan(Job job, Shop shop, Answers answers) {
        Draft draft = Draft.of(job, shop).with(Answers.class, answers);
        List<Planned<?>> parts = new ArrayList<>();
        for (Subject<?> subject : Subjects.IN_ORDER) {
            draft = planned(subject, draft, parts);
        }
        return joined(draft, parts);
    }

    private static <T> Draft planned(Subject<T> subject, Draft draft, List<Planned<?>> parts) {
        Planned<T> planned = subject.planner().apply(draft);
        parts.add(planned);
        return draft.with(subject.type(), planned.result());
    }

    private static Plan joined(Draft draft, List<Planned<?>> parts) {
        Frame frame = draft.get(Frame.class);
        Map<FigureKey<?>, Figure<?>> figures = new LinkedHashMap<>();
        List<Finding> findings = new ArrayList<>();
        Set<Safety> safety = EnumSet.noneOf(Safety.class);
        Map<Station, FigureKey<?>> leads = new EnumMap<>(Station.class);
        Map<Station, List<Object>> decided = new EnumMap<>(Station.class);
        for (Planned<?> part : parts) {
            part.figures().forEach((key, figure) -> {
                if (figures.putIfAbsent(key, figure) != null) {
                    throw new IllegalStateException("figure " + key.id() + " is entered twice, the second time by "
                            + part.result().getClass().getSimpleName());
                }
            });
            part.findings().forEach(finding -> findings.add(curable(finding, frame)));
            safety.addAll(part.safety());
            leads.putAll(part.leads());
            part.decided().forEach((station, values) ->
                    decided.computeIfAbsent(station, _ -> new ArrayList<>()).addAll(values));
        }
        findings.sort(Comparator.comparing(Finding::severity).thenComparing(Finding::station));
        return new Plan(
                draft,
                List.copyOf(findings),
                Collections.unmodifiableSet(safety),
                Collections.unmodifiableMap(figures),
                Collections.unmodifiableMap(leads),
                Collections.unmodifiableMap(decided));
    }

    /** With a way to where it can be mended, where the step that was thought of would leave no frame. */
    private static Finding curable(Finding finding, Frame frame) {
        return finding.remedy()
                .filter(remedy -> remedy instanceof Remedy.OnJob(_, Edit edit) && !isPossible(edit, frame))
                .map(_ -> finding.remedy(new Remedy.Visit(finding.station())))
                .orElse(finding);
    }

    private static boolean isPossible(Edit edit, Frame frame) {
        try {
            return frame.couldBe(edit.apply(frame.job()));
        } catch (Refusal refused) {
            return false;
        }
    }

    /**
     * The plan after an edit, in the same shop and with the same answers known, with every settled station
     * opened again whose numbers the edit changed: what was ticked off must not change behind the maker's back.
     *
     * @throws Refusal when the edit is refused
     */
    public static Plan edited(Plan before, Edit edit) {
        Shop shop = before.results().shop();
        Answers answers = before.get(Answers.class);
        Job after = edit.apply(before.job());
        Plan plan = plan(after, shop, answers);
        if (after.settled().isEmpty()) {
            return plan;
        }
        Set<Station> kept = EnumSet.copyOf(after.settled());
        kept.removeIf(station -> !before.settles(station).equals(plan.settles(station)));
        if (edit instanceof Edit.Settle(Station station, boolean settled) && settled) {
            kept.add(station);
        }
        if (edit instanceof Edit.Cut(Cutting cutting) && cutting.isMade()) {
            kept.add(Station.CUTS);
        }
        return kept.equals(after.settled()) ? plan : plan(after.withSettled(kept), shop, answers);
    }
}
