package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The bars of a window. Uprights and levels run from rabbet wall to rabbet wall, their front notched to
 * sit on the lips, and are half-lapped where they cross: uprights from behind, levels from the front.
 * Each carries a rabbet as deep as the frame's on both edges; the web between them stays.
 */
final class Glazing {
    /** What must stay between the two rabbets of a bar. Common practice, no source. */
    private static final Length LEAST_WEB = Length.mm(4);

    /** What shows of a pane between bars, across. */
    static final FigureKey<Length> PANE_WIDTH = FigureKey.length(Station.CUTS, "pane.width");
    /** What shows of a pane between bars, down. */
    static final FigureKey<Length> PANE_HEIGHT = FigureKey.length(Station.CUTS, "pane.height");

    private Glazing() {
    }

    /** The bars, uprights first from the left, then levels from the top. */
    static List<Member> bars(Job job, Boxed.Window window, List<Point> sight, Ledger ledger) {
        if (!(job.section().recess() instanceof Recess.Rabbet) || !job.lean().isFlat()) {
            throw new Refusal(Words.of("impossible.bars"));
        }
        if (job.contents().hasMat() && window.rows() * window.columns() > 1) {
            throw new Refusal(Words.of("impossible.mat_in_window", window.rows() * window.columns()));
        }
        Length web = window.bar().minus(job.section().lip().times(2));
        if (web.isUnder(LEAST_WEB)) {
            throw new Refusal(Words.of("impossible.bar_web", window.bar(), job.section().lip(),
                    job.section().lip().times(2).plus(LEAST_WEB)));
        }
        List<Member> bars = new ArrayList<>();
        bars(bars, job, window, Axis.HEIGHT, sight, ledger);
        bars(bars, job, window, Axis.WIDTH, sight, ledger);
        return List.copyOf(bars);
    }

    /** The bars that run along this axis. */
    private static void bars(
            List<Member> bars, Job job, Boxed.Window window, Axis along, List<Point> sight, Ledger ledger) {
        boolean upright = along == Axis.HEIGHT;
        int panes = upright ? window.columns() : window.rows();
        Point low = sight.get(0);
        Point high = sight.get(2);
        double room = upright ? high.x() - low.x() : high.y() - low.y();
        double run = upright ? high.y() - low.y() : high.x() - low.x();
        double bar = window.bar().toMm();
        double pane = (room - (panes - 1) * bar) / panes;
        Length paneSize = Length.mm(pane);
        if (paneSize.isUnder(Length.mm(10))) {
            throw new Refusal(Words.of("impossible.no_pane", panes, paneSize));
        }
        ledger.enter(Figure.formula(upright ? PANE_WIDTH : PANE_HEIGHT)
                .with("sight_across", Length.mm(room))
                .with("bar_faces", window.bar().times(panes - 1L))
                .note("pane", panes)
                .gives(paneSize));
        Section section = new Section(
                job.section().name(),
                job.section().species(),
                window.bar(),
                job.section().thickness(),
                new Recess.Bar(),
                Profile.FLAT);
        Length lip = job.section().lip();
        for (int i = 1; i < panes; i++) {
            Side side = new Side(
                    upright ? Side.Name.UPRIGHT : Side.Name.LEVEL,
                    i,
                    upright ? "U" + i : "L" + i,
                    upright ? "U" + i : "L" + i);
            double at = i * pane + (i - 1) * bar;
            bars.add(bar(
                    side,
                    section,
                    Length.mm(run),
                    lip,
                    corners(upright, low, at, bar, run, lip.toMm()),
                    window.isCrossed(),
                    ledger));
        }
    }

    /** The outline of a bar that lies so far in from the first side, past both ends by a lip. */
    static List<Point> corners(boolean upright, Point low, double at, double bar, double run, double lip) {
        return upright
                ? List.of(
                        low.plus(new Point(at, run + lip)),
                        low.plus(new Point(at, -lip)),
                        low.plus(new Point(at + bar, -lip)),
                        low.plus(new Point(at + bar, run + lip)))
                : List.of(
                        low.plus(new Point(-lip, at)),
                        low.plus(new Point(run + lip, at)),
                        low.plus(new Point(run + lip, at + bar)),
                        low.plus(new Point(-lip, at + bar)));
    }

    /** A bar with this outline, half-lapped with those it crosses. */
    static Member bar(
            Side side,
            Section section,
            Length sight,
            Length lip,
            List<Point> corners,
            boolean crossed,
            Ledger ledger) {
        Figure<Length> whole = ledger.enter(Figure.sum(MemberKey.length(side, MemberKey.What.LONG))
                .start("sight_along", sight).plus("laps", lip.times(2), lip).result());
        Figure<Length> shown = ledger.enter(Figure.sum(MemberKey.length(side, MemberKey.What.SHORT))
                .start("sight_along", sight).result());
        if (crossed) {
            ledger.enter(Figure.formula(MemberKey.length(side, MemberKey.What.HALF_LAP))
                    .with("thickness", section.thickness())
                    .note("half_lap")
                    .gives(section.thickness().over(2)));
        }
        Point along = corners.get(1).minus(corners.get(0)).unit();
        Place place = new Place(
                Vector.of(corners.getFirst(), 0), Vector.of(along, 0), Vector.of(along.outward(), 0), Vector.FORWARD);
        return Member.square(side, section, whole, shown, place, corners);
    }
}
