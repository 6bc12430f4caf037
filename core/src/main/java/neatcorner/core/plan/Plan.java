package neatcorner.core.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.finish.FinishPlan;
import neatcorner.core.fit.DepthCheck;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Frame;
import neatcorner.core.glue.GluePlan;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.job.Job;
import neatcorner.core.joint.HiddenPlan;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.Movement;
import neatcorner.core.making.MakingPlan;
import neatcorner.core.measure.Quantity;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Everything that follows from a job and a shop. Views, sheets and exports only read it.
 *
 * @param frame    sizes and members
 * @param depth    package and section
 * @param making   the moulding from the board
 * @param joints   corners
 * @param hidden   what may be hidden in the corners
 * @param movement what the corners do over a year
 * @param cuts     sticks
 * @param glue     glue-up
 * @param finish   coats
 * @param fit      fit-up
 * @param hang     hanging
 * @param findings gravest first
 * @param safety   cautions that apply
 * @param figures  every number by its key, in the order they were worked out
 */
public record Plan(Frame frame, DepthCheck depth, MakingPlan making, JointPlan joints, HiddenPlan hidden, Movement movement, CutPlan cuts, GluePlan glue, FinishPlan finish,
                   FitPlan fit, HangPlan hang, List<Finding> findings, Set<Safety> safety,
                   Map<FigureKey<?>, Figure<?>> figures) {
    /** What was wanted. */
    public Job job() {
        return frame.job();
    }

    /** A number; empty when this plan has no such number. */
    public <Q extends Quantity> Optional<Figure<Q>> figure(FigureKey<Q> key) {
        @SuppressWarnings("unchecked") // A figure stands under its own key, and that says what kind it is.
        Figure<Q> figure = (Figure<Q>) figures.get(key);
        return Optional.ofNullable(figure);
    }

    /** The numbers of one station, in the order they were worked out. */
    public List<Figure<?>> figures(Station station) {
        return figures.values().stream().filter(figure -> figure.key().station() == station).<Figure<?>>map(figure -> figure).toList();
    }

    /** Findings of one station, gravest first. */
    public List<Finding> findings(Station station) {
        return findings.stream().filter(finding -> finding.station() == station).toList();
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
