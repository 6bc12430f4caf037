package neatcorner.core.plan;

import java.util.List;
import java.util.concurrent.ForkJoinTask;
import java.util.concurrent.RecursiveTask;
import java.util.function.Function;
import neatcorner.core.clash.ClashPlanner;
import neatcorner.core.clash.Clashes;
import neatcorner.core.cut.CutLots;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.cut.CutPlanner;
import neatcorner.core.finish.FinishPlan;
import neatcorner.core.fit.DepthCheck;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.fit.FitPlanner;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Paneling;
import neatcorner.core.frame.Weight;
import neatcorner.core.glue.GluePlan;
import neatcorner.core.glue.GluePlanner;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.hang.HangPlanner;
import neatcorner.core.joint.HiddenPlan;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.JointPlanner;
import neatcorner.core.joint.Movement;
import neatcorner.core.making.MakingPlan;
import neatcorner.core.making.MakingPlanner;
import neatcorner.core.mend.Mender;
import neatcorner.core.mend.Mending;
import neatcorner.core.pane.PanePlanner;
import neatcorner.core.pane.Panes;
import neatcorner.core.report.Draft;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Subject;
import neatcorner.core.saw.SawPlan;
import neatcorner.core.saw.SawPlanner;
import neatcorner.core.solve.Answers;
import neatcorner.core.strength.Burden;
import neatcorner.core.strength.Scarfed;
import neatcorner.core.strength.Weighing;
import neatcorner.core.work.WorkLog;

/** What a plan is made of: a line a subject, each after those it asks for. */
final class Subjects {
    private static final List<Subject<?>> IN_ORDER = List.of(
            new Subject<>(
                    Frame.class,
                    draft -> draft.get(Assembly.class).planned().get(draft.job().seen())),
            Subject.from(Frame.class, DepthCheck.class, DepthCheck::of),
            Subject.from(Frame.class, MakingPlan.class, MakingPlanner::plan),
            Subject.from(Assembly.class, Weight.class, Weight::of),
            new Subject<>(
                    HangPlan.class,
                    draft -> of(
                            draft,
                            draft.job().carrier(),
                            _ -> HangPlanner.plan(
                                    draft.get(Assembly.class), draft.get(Weight.class), draft.get(WorkLog.class)))),
            new Subject<>(
                    Burden.class,
                    draft -> Weighing.of(draft.get(Frame.class), draft.get(Weight.class), draft.get(HangPlan.class))),
            new Subject<>(
                    JointPlan.class,
                    draft -> JointPlanner.plan(
                            draft.get(Frame.class),
                            draft.get(Burden.class),
                            draft.shop().joining())),
            Subject.from(Frame.class, HiddenPlan.class, HiddenPlan::of),
            new Subject<>(
                    Movement.class,
                    draft -> Movement.of(draft.get(Frame.class), draft.shop().climate())),
            new Subject<>(
                    Paneling.class,
                    draft -> Paneling.of(draft.get(Frame.class), draft.shop().climate())),
            new Subject<>(
                    CutLots.class,
                    draft -> CutLots.of(
                            draft.get(Assembly.class),
                            draft.shop(),
                            draft.get(WorkLog.class),
                            draft.get(Answers.class))),
            new Subject<>(
                    CutPlan.class,
                    draft -> CutPlanner.plan(draft.get(Frame.class), draft.get(CutLots.class), draft.shop())),
            new Subject<>(
                    SawPlan.class,
                    draft -> SawPlanner.plan(
                            draft.get(Frame.class), draft.shop().machines())),
            new Subject<>(
                    Scarfed.class,
                    draft -> Scarfed.of(
                            draft.get(Frame.class),
                            draft.get(Burden.class),
                            draft.get(CutPlan.class).joined())),
            new Subject<>(
                    GluePlan.class,
                    draft -> GluePlanner.plan(
                            draft.get(Assembly.class),
                            draft.get(JointPlan.class),
                            draft.shop(),
                            draft.get(CutPlan.class).joined())),
            Subject.from(Frame.class, FinishPlan.class, FinishPlan::plan),
            new Subject<>(
                    Panes.class,
                    draft -> of(draft, draft.job().holder(), PanePlanner::plan)),
            new Subject<>(
                    FitPlan.class,
                    draft -> of(
                            draft,
                            draft.job().holder(),
                            _ -> FitPlanner.plan(draft.get(Assembly.class), draft.get(Panes.class)))),
            new Subject<>(
                    Clashes.class,
                    draft -> ClashPlanner.of(
                            draft.get(Assembly.class),
                            draft.get(JointPlan.class),
                            draft.get(HangPlan.class),
                            draft.get(FitPlan.class))),
            new Subject<>(
                    Mending.class,
                    draft -> Mender.of(draft.get(Frame.class), draft.get(JointPlan.class), draft.get(Burden.class))));

    private Subjects() {
    }

    /** Those a draft does not know yet, in order; what takes longest is begun at once, beside the others. */
    static List<Subject<?>> begun(Draft known) {
        return IN_ORDER.stream()
                .filter(subject -> !known.has(subject.type()))
                .<Subject<?>>map(subject -> subject.type() == CutLots.class ? beside(subject, known) : subject)
                .toList();
    }

    /**
     * The same subject, worked out on another processor from what is known now; where there is none, when it is
     * asked for.
     */
    private static <T> Subject<T> beside(Subject<T> subject, Draft known) {
        ForkJoinTask<Planned<T>> task = new RecursiveTask<Planned<T>>() {
            @Override
            protected Planned<T> compute() {
                return subject.planner().apply(known);
            }
        }.fork();
        return new Subject<>(subject.type(), _ -> task.join());
    }

    /** What concerns one part, whichever is looked at. */
    private static <T> Planned<T> of(Draft draft, int part, Function<Frame, Planned<T>> planner) {
        Planned<T> planned = planner.apply(draft.get(Assembly.class).frame(part));
        return part == draft.job().seen() ? planned : planned.ofPart(part);
    }
}
