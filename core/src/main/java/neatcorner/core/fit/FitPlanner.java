package neatcorner.core.fit;

import java.util.List;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.pane.Panes;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;

/** Plans the fit-up. */
public final class FitPlanner {
    private FitPlanner() {
    }

    /** The fit-up of the part that holds what is framed. */
    public static Planned<FitPlan> plan(Assembly assembly, Panes panes) {
        Frame frame = assembly.frame(assembly.job().holder());
        Ledger ledger = new Ledger();
        List<FitPlan.Points> points = new Retainers(frame, ledger).points(panes.sheets());
        new FitCheck(frame, ledger).check();
        Behind.Steps behind = Behind.of(assembly, ledger);
        return ledger.planned(
                new FitPlan(panes, points, behind.free(), FitSteps.of(assembly, points, behind, ledger)));
    }
}
