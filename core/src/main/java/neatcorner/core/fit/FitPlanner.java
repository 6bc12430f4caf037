package neatcorner.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Straining;
import neatcorner.core.measure.Length;
import neatcorner.core.pane.Panes;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;

/** Plans the fit-up. */
public final class FitPlanner {
    private static final Length STRAINER_SCREW = Length.inches(4);

    private FitPlanner() {
    }

    /** The fit-up of the part that holds what is framed. */
    public static Planned<FitPlan> plan(Assembly assembly, Panes panes) {
        Frame frame = assembly.frame(assembly.job().holder());
        Ledger ledger = new Ledger();
        List<FitPlan.Points> points = new Retainers(frame, ledger).points(panes.sheets());
        Optional<FitPlan.Strainer> strainer =
                frame.strainer().isEmpty() ? Optional.empty() : Optional.of(strainer(frame));
        new FitCheck(frame, ledger).check();
        Behind.Steps behind = Behind.of(assembly, ledger);
        return ledger.planned(
                new FitPlan(
                        panes, points, strainer, behind.free(), FitSteps.of(frame, strainer, behind, ledger)));
    }

    private static FitPlan.Strainer strainer(Frame frame) {
        Length outer = Straining.STRIP.face().times(2);
        Length rail = frame.strainer().get(0).longPoint().value();
        Length stile = frame.strainer().get(2).longPoint().value().plus(outer);
        return new FitPlan.Strainer(
                frame.strainer().get(0).longPoint(),
                frame.strainer().get(2).longPoint(),
                frame.strainer().get(4).longPoint(),
                screws(rail.min(stile), 2),
                screws(rail.max(stile), 3));
    }

    /** Near each end, and between at the middle ({@code parts} = 2) or the thirds (3). */
    private static List<Length> screws(Length side, int parts) {
        Length first = STRAINER_SCREW.min(side.over(4));
        List<Length> places = new ArrayList<>();
        places.add(first);
        for (int i = 1; i < parts; i++) {
            places.add(side.times((double) i / parts));
        }
        places.add(side.minus(first));
        return List.copyOf(places);
    }
}
