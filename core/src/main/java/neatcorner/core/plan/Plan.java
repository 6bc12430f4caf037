package neatcorner.core.plan;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.finish.FinishPlan;
import neatcorner.core.fit.DepthCheck;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Mitre;
import neatcorner.core.glue.GluePlan;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.job.Job;
import neatcorner.core.joint.HiddenPlan;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.Movement;
import neatcorner.core.making.MakingPlan;
import neatcorner.core.measure.Quantity;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Draft;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.saw.SawPlan;
import neatcorner.core.sawing.ToSaw;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;
import neatcorner.core.work.WorkLog;

/**
 * Everything that follows from a job and a shop. Views, sheets and exports only read it.
 *
 * @param results  what the subjects worked out
 * @param findings gravest first
 * @param safety   cautions that apply
 * @param figures  every number by its key, in the order they were worked out
 * @param leads    the figure one looks at first, of the stations that have one of their own
 * @param decided  what is decided besides figures, by station
 */
public record Plan(
        Draft results,
        List<Finding> findings,
        Set<Safety> safety,
        Map<FigureKey<?>, Figure<?>> figures,
        Map<Station, FigureKey<?>> leads,
        Map<Station, List<Object>> decided) {
    /** What one subject worked out, by the type of its result. */
    public <T> T get(Class<T> type) {
        return results.get(type);
    }

    /** All parts, and how they lie. */
    public Assembly assembly() {
        return get(Assembly.class);
    }

    /** Sizes and members of the part that is looked at. */
    public Frame frame() {
        return get(Frame.class);
    }

    /** Package and section. */
    public DepthCheck depth() {
        return get(DepthCheck.class);
    }

    /** The moulding from the board. */
    public MakingPlan making() {
        return get(MakingPlan.class);
    }

    /** Corners. */
    public JointPlan joints() {
        return get(JointPlan.class);
    }

    /** What may be hidden in the corners. */
    public HiddenPlan hidden() {
        return get(HiddenPlan.class);
    }

    /** What the corners do over a year. */
    public Movement movement() {
        return get(Movement.class);
    }

    /** Sticks. */
    public CutPlan cuts() {
        return get(CutPlan.class);
    }

    /** The saw that cuts it. */
    public SawPlan saw() {
        return get(SawPlan.class);
    }

    /** Glue-up. */
    public GluePlan glue() {
        return get(GluePlan.class);
    }

    /** Coats. */
    public FinishPlan finish() {
        return get(FinishPlan.class);
    }

    /** Fit-up. */
    public FitPlan fit() {
        return get(FitPlan.class);
    }

    /** Hanging. */
    public HangPlan hang() {
        return get(HangPlan.class);
    }

    /**
     * As it is drawn when one looks at the corner at the right end of this side, from 0: that corner is the second of
     * its frame, as the drawings of a corner want it.
     */
    public Plan atCorner(int side) {
        return with(frame().from(side));
    }

    /** As it is drawn when one looks at the part that carries the hardware. */
    public Plan hung() {
        return with(assembly().frame(job().carrier()));
    }

    /** As it is drawn when one looks at the part that holds what is framed. */
    public Plan packed() {
        return with(assembly().frame(job().holder()));
    }

    /** As it is drawn when one looks at another frame than the one it was worked out for, as at another part. */
    public Plan with(Frame other) {
        return new Plan(results.with(Frame.class, other), findings, safety, figures, leads, decided);
    }

    /** The same, sticks and all, with more written down of what was done; what was read must be in it already. */
    public Plan noting(WorkLog log) {
        return new Plan(results.with(WorkLog.class, log), findings, safety, figures, leads, decided);
    }

    /** What was wanted. */
    public Job job() {
        return results.job();
    }

    /** A number; empty when this plan has no such number. */
    public <Q extends Quantity> Optional<Figure<Q>> figure(FigureKey<Q> key) {
        @SuppressWarnings("unchecked") // A figure stands under its own key, and that says what kind it is.
        Figure<Q> figure = (Figure<Q>) figures.get(key);
        return Optional.ofNullable(figure);
    }

    /** Those of several figures that this plan has, in their order. */
    public List<Figure<?>> figures(List<FigureKey<?>> keys) {
        return keys.stream().<Figure<?>>flatMap(key -> figure(key).stream()).toList();
    }

    /** The numbers of one station, in the order they were worked out. */
    public List<Figure<?>> figures(Station station) {
        return figures.values().stream()
                .filter(figure -> figure.key().station() == station)
                .<Figure<?>>map(figure -> figure)
                .toList();
    }

    /** The figure one looks at first at a station: where it has none of its own, the length of the first side. */
    public FigureKey<?> lead(Station station) {
        FigureKey<?> lead = leads.get(station);
        return lead == null ? frame().members().getFirst().longPoint().key() : lead;
    }

    /** All that a station settles, figures and decisions: equal as long as nothing of it has changed. */
    Set<Object> settles(Station station) {
        Set<Object> settled = new HashSet<>(decided.getOrDefault(station, List.of()));
        figures(station).forEach(figure -> settled.add(Map.entry(figure.key(), figure.value())));
        return settled;
    }

    /** Findings of one station, gravest first. */
    public List<Finding> findings(Station station) {
        return findings.stream().filter(finding -> finding.station() == station).toList();
    }

    /** What is to be sawn from sticks, all parts together; nothing where some piece has no stick. */
    public ToSaw toSaw() {
        return new ToSaw(cuts().sticks(), frame().habits(), results.shop().machines());
    }

    /** How the saw is set for a cut at the left end of a piece or at its right one, in the shop's machine's terms. */
    public Words setting(Mitre cut, boolean leftEnd) {
        return cut.said(leftEnd, results.shop().machines());
    }

    /** How a station stands. */
    public Standing standing(Station station) {
        boolean serious = findings(station).stream().anyMatch(f -> f.severity() != Severity.NOTE);
        return serious ? Standing.FINDING : job().settled().contains(station) ? Standing.SETTLED : Standing.OPEN;
    }

    /** How a station stands. */
    public enum Standing {
        /** Ticked off by the maker, nothing against it. */
        SETTLED,
        /** Not ticked off yet. */
        OPEN,
        /** There is a stop or a caution. */
        FINDING
    }
}
