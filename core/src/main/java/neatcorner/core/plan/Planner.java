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
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.cut.CutLots;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Draft;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.report.Subject;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;
import neatcorner.core.work.WorkLog;

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
        return plan(job, shop, WorkLog.NOTHING, answers);
    }

    /**
     * The same after some of it was done: what was read takes over from what was planned, and the rest follows.
     *
     * @param log what was done and read of the job
     * @throws neatcorner.core.phrase.Refusal when the numbers leave no frame
     */
    public static Plan plan(Job job, Shop shop, WorkLog log, Answers answers) {
        Shop sawing = shop.sawing(job.saw());
        Assembly assembly = Assembly.of(job, sawing, log);
        return plan(Draft.of(assembly.job(), sawing)
                .with(Answers.class, answers)
                .with(WorkLog.class, log)
                .with(Assembly.class, assembly));
    }

    /** Works out whatever is not known of it. */
    private static Plan plan(Draft known) {
        Draft draft = known;
        List<Planned<?>> parts = new ArrayList<>();
        for (Subject<?> subject : Subjects.begun(known)) {
            draft = planned(subject, draft, parts);
        }
        return joined(draft, parts);
    }

    /** The same plan with another of the job's parts looked at, from 0: its frames and its sticks stay as they are. */
    public static Plan at(Plan plan, int part) {
        return part == plan.job().seen()
                ? plan
                : plan(Draft.of(plan.job().at(part), plan.results().shop())
                        .with(Answers.class, plan.get(Answers.class))
                        .with(WorkLog.class, plan.get(WorkLog.class))
                        .with(Assembly.class, plan.assembly().at(part))
                        .with(CutLots.class, plan.get(CutLots.class)));
    }

    /** A plan for each part of a job, in the order they are made. */
    public static List<Plan> ofParts(Plan plan) {
        return IntStream.range(0, plan.job().parts().size())
                .mapToObj(part -> at(plan, part))
                .toList();
    }

    /**
     * The parts, from 0, that have a stop or a caution of their own: one that concerns all parts is none of any.
     *
     * @param parts the plans of all parts of a job
     */
    public static Set<Integer> inTrouble(List<Plan> parts) {
        Set<Integer> troubled = new TreeSet<>();
        for (int i = 0; i < parts.size(); i++) {
            boolean own = serious(parts.get(i))
                    .anyMatch(what -> parts.stream()
                            .anyMatch(other -> serious(other).noneMatch(what::equals)));
            if (own) {
                troubled.add(i);
            }
        }
        return troubled;
    }

    private static Stream<Words> serious(Plan plan) {
        return plan.findings().stream()
                .filter(finding -> finding.severity() != Severity.NOTE)
                .map(Finding::what);
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
            Job after = edit.apply(frame.job());
            return after.isShapedLike(frame.job()) || frame.couldBe(after);
        } catch (Refusal refused) {
            return false;
        }
    }

    /**
     * The plan after an edit, in the same shop and with the same answers known, with every settled station of every
     * part opened again whose numbers the edit changed: what was ticked off must not change behind the maker's back.
     *
     * @throws Refusal when the edit is refused
     */
    public static Plan edited(Plan before, Edit edit) {
        Job after = edit.apply(before.job());
        Plan plan = plan(after, before.results().shop(), before.get(WorkLog.class), before.get(Answers.class));
        Job kept = after;
        for (int i = 0; i < after.parts().size(); i++) {
            kept = kept.at(i);
            if (!kept.settled().isEmpty()) {
                kept = kept.withSettled(stillSettled(before, plan, i, edit));
            }
        }
        kept = kept.at(after.seen());
        return kept.equals(after)
                ? plan
                : plan(kept, before.results().shop(), before.get(WorkLog.class), before.get(Answers.class));
    }

    /** The settled stations of a part after an edit; one that was not there before has nothing to lose. */
    private static Set<Station> stillSettled(Plan before, Plan after, int part, Edit edit) {
        Plan now = at(after, part);
        String name = now.job().part().name();
        Set<Station> kept = EnumSet.copyOf(now.job().settled());
        if (before.job().parts().stream().noneMatch(one -> one.name().equals(name))) {
            return kept;
        }
        Plan then = at(before, before.job().indexOf(name));
        kept.removeIf(station -> !then.settles(station).equals(now.settles(station)));
        if (edit instanceof Edit.Settle(Station station, boolean settled) && settled && part == after.job().seen()) {
            kept.add(station);
        }
        if (now.job().choices().cutting().isMade() && !then.job().choices().cutting().isMade()) {
            kept.add(Station.CUTS);
        }
        return kept;
    }
}
