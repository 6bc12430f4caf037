package neatcorner.core.plan;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.core.cut.Answers;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.cut.CutPlanner;
import neatcorner.core.edit.Edit;
import neatcorner.core.finish.FinishPlan;
import neatcorner.core.fit.DepthCheck;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.fit.FitPlanner;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Weight;
import neatcorner.core.glue.GluePlan;
import neatcorner.core.glue.GluePlanner;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.hang.HangPlanner;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Job;
import neatcorner.core.joint.HiddenPlan;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.JointPlanner;
import neatcorner.core.joint.Movement;
import neatcorner.core.making.MakingPlan;
import neatcorner.core.making.MakingPlanner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Station;

/** The one way through: from a job and a shop to a plan. */
public final class Planner {
    private Planner() {
    }

    /**
     * Plans a job. A pure function, fast enough for every keystroke.
     *
     * @throws neatcorner.core.frame.ImpossibleFrame when the numbers leave no frame
     */
    public static Plan plan(Job job, Shop shop) {
        return plan(job, shop, Answers.NONE);
    }

    /**
     * Plans a job with what is already known of the best ways to lay its pieces on sticks; what is not
     * known is laid by quick rules.
     *
     * @throws neatcorner.core.frame.ImpossibleFrame when the numbers leave no frame
     */
    public static Plan plan(Job job, Shop shop, Answers answers) {
        Ledger ledger = new Ledger();
        Frame frame = Frame.of(job, shop, ledger);
        DepthCheck depth = DepthCheck.of(frame, ledger);
        MakingPlan making = MakingPlanner.plan(frame, ledger);
        Weight weight = Weight.of(frame, ledger);
        JointPlan joints = JointPlanner.plan(frame, weight, ledger);
        HiddenPlan hidden = HiddenPlan.of(frame, ledger);
        Movement movement = Movement.of(frame, shop.climate(), ledger);
        CutPlan cuts = CutPlanner.plan(frame, shop, answers, ledger);
        GluePlan glue = GluePlanner.plan(frame, joints, shop, cuts.joined(), ledger);
        FinishPlan finish = FinishPlan.plan(frame, ledger);
        FitPlan fit = FitPlanner.plan(frame, ledger);
        HangPlan hang = HangPlanner.plan(frame, weight, ledger);
        List<Finding> findings = ledger.findings().stream().map(finding -> curable(finding, frame)).toList();
        return new Plan(frame, depth, making, joints, hidden, movement, cuts, glue, finish, fit, hang, findings, ledger.safety(),
                ledger.figures());
    }

    /** With a way to where it can be mended, where the step that was thought of would leave no frame. */
    private static Finding curable(Finding finding, Frame frame) {
        return finding.remedy().filter(remedy -> remedy instanceof Remedy.OnJob(_, Edit edit) && !isPossible(edit, frame))
                .map(_ -> finding.remedy(new Remedy.Visit(finding.station()))).orElse(finding);
    }

    private static boolean isPossible(Edit edit, Frame frame) {
        try {
            return frame.couldBe(edit.apply(frame.job()));
        } catch (IllegalArgumentException refused) {
            return false;
        }
    }

    /**
     * The job after an edit, with every settled station opened again whose numbers the edit changed:
     * what was ticked off must not change behind the maker's back.
     *
     * @throws IllegalArgumentException when the edit is refused
     */
    public static Job edited(Plan before, Edit edit, Shop shop) {
        Job after = edit.apply(before.job());
        if (after.settled().isEmpty()) {
            plan(after, shop);
            return after;
        }
        Plan plan = plan(after, shop);
        Set<Station> kept = EnumSet.copyOf(after.settled());
        kept.removeIf(station -> !numbers(before, station).equals(numbers(plan, station)));
        if (edit instanceof Edit.Settle(Station station, boolean settled) && settled) {
            kept.add(station);
        }
        if (edit instanceof Edit.Cut(Cutting cutting) && cutting.isMade()) {
            kept.add(Station.CUTS);
        }
        return after.withSettled(kept);
    }

    private static Set<Object> numbers(Plan plan, Station station) {
        Set<Object> numbers = new HashSet<>();
        plan.figures(station).forEach(figure -> numbers.add(Map.entry(figure.key(), figure.value())));
        switch (station) {
            case CORNERS -> numbers.add(plan.joints().chosen());
            case GLUE_UP -> numbers.add(plan.glue().adhesive());
            case FINISH -> numbers.add(plan.finish());
            case HANG -> numbers.add(plan.hang().chosen());
            case CUTS -> numbers.add(plan.job().quantity());
            case BRIEF -> numbers.add(plan.job().contents());
            default -> {
            }
        }
        return numbers;
    }
}
