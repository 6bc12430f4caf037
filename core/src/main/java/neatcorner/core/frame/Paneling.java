package neatcorner.core.frame;

import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.Panel;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.measure.Share;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Climate;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The panel in the grooves of a leaf, its grain the longer way: how large it is, and how much wider or narrower it gets
 * over the year.
 *
 * @param swells in the dampest weeks, across its grain; zero for what hardly moves
 * @param shrinks in the driest weeks
 */
public record Paneling(Length swells, Length shrinks) {
    /** How wide it is sawn. */
    private static final FigureKey<Length> WIDE = FigureKey.length(Station.CUTS, "panel.wide");
    /** How high it is sawn. */
    private static final FigureKey<Length> HIGH = FigureKey.length(Station.CUTS, "panel.high");
    /** How much wider it is in the dampest weeks. */
    public static final FigureKey<Length> SWELLS = FigureKey.length(Station.CUTS, "panel.swells");
    /** How much narrower it is in the driest weeks. */
    public static final FigureKey<Length> SHRINKS = FigureKey.length(Station.CUTS, "panel.shrinks");
    private static final List<FigureKey<?>> SAID = List.of(WIDE, HIGH, SWELLS, SHRINKS);
    /** So much stands in every groove in the driest weeks. Common practice, no source. */
    static final Length STAYS_IN = Length.mm(3);
    /** So much of a leaf stands before and behind its groove. Common practice, no source. */
    static final Length GROOVE_WALL = Length.mm(4);
    /** A panel in deeper grooves is wider and moves a little more. */
    private static final Length SPARE = Length.mm(0.5);
    /** A groove may take this share of a side. Common practice, no source. */
    private static final int GROOVE_SHARE = 2;

    private static final Paneling NONE = new Paneling(Length.ZERO, Length.ZERO);

    /** Whether a number is one of a panel. */
    public static boolean isOne(FigureKey<?> key) {
        return SAID.contains(key);
    }

    /** The panel and its figures; none where the job has none. */
    static List<Member> members(Job job, List<Point> inner, Ledger ledger) {
        return job.body().panel().map(panel -> List.of(member(panel, inner, ledger))).orElse(List.of());
    }

    private static Member member(Panel panel, List<Point> inner, Ledger ledger) {
        Point low = inner.get(0);
        Figure<Length> wide = size(WIDE, "sight_along", Length.mm(inner.get(2).x() - low.x()), panel, ledger);
        Figure<Length> high = size(HIGH, "sight_down", Length.mm(inner.get(2).y() - low.y()), panel, ledger);
        boolean upright = !high.value().isUnder(wide.value());
        Figure<Length> along = upright ? high : wide;
        Figure<Length> across = upright ? wide : high;
        Section section = new Section(
                "panel",
                panel.species(),
                across.value(),
                panel.thickness(),
                new Recess.Bar(),
                Profile.FLAT);
        double in = panel.groove().toMm() - panel.play().toMm() / 2;
        Point corner = low.minus(new Point(in, in));
        Point far = corner.plus(new Point(wide.value().toMm(), high.value().toMm()));
        List<Point> box = List.of(corner, new Point(far.x(), corner.y()), far, new Point(corner.x(), far.y()));
        Point start = upright ? box.get(3) : box.get(0);
        Point way = upright ? new Point(0, -1) : new Point(1, 0);
        Place place = new Place(Vector.of(start, 0), Vector.of(way, 0), Vector.of(way.outward(), 0), Vector.FORWARD);
        List<Point> seen = upright ? List.of(box.get(3), box.get(0), box.get(1), box.get(2)) : box;
        return Member.square(new Side(Side.Name.PANEL, 0, "P", "P"), section, along, across, place, seen);
    }

    private static Figure<Length> size(
            FigureKey<Length> key, String opening, Length clear, Panel panel, Ledger ledger) {
        return ledger.enter(Figure.sum(key)
                .start(opening, clear)
                .plus("slat_grooves", panel.groove().times(2), panel.groove())
                .minus("panel_play", panel.play())
                .rounded(Rounding.DOWN)
                .result());
    }

    /** Finds grooves that leave too little of a side, before, behind or beside them. */
    static void check(Panel panel, Frame frame, Ledger ledger) {
        Length thick = frame.job().section().thickness();
        Length most = thick.minus(GROOVE_WALL.times(2));
        if (panel.thickness().isOver(most)) {
            Finding finding = Finding.of(
                            Severity.STOP, Station.BRIEF, "panel_thick", panel.thickness(), thick, GROOVE_WALL)
                    .by(panel.thickness().minus(most));
            ledger.find(finding.remedy(
                    most.isUnder(Length.mm(2))
                            ? new Remedy.Visit(Station.SECTION)
                            : set(panel.withThickness(most), "remedy.panel_thickness", most)));
        }
        Length deepest = frame.narrowFace().over(GROOVE_SHARE);
        if (panel.groove().isOver(deepest)) {
            Length shallower = deepest.max(Length.mm(2));
            ledger.find(Finding.of(Severity.STOP, Station.BRIEF, "slat_groove", panel.groove(), frame.narrowFace())
                    .by(panel.groove().minus(deepest))
                    .remedy(set(panel.withGroove(shallower), "remedy.slat_groove", shallower)));
        }
    }

    /** How it moves with the air, and whether its grooves give room for that. */
    public static Planned<Paneling> of(Frame frame, Climate climate) {
        Ledger ledger = new Ledger();
        return ledger.planned(
                frame.job().body().panel().map(panel -> of(panel, frame, climate, ledger)).orElse(NONE));
    }

    private static Paneling of(Panel panel, Frame frame, Climate climate, Ledger ledger) {
        Species species = panel.species();
        if (!species.stuff().isGrown()) {
            return NONE;
        }
        Length across = frame.panel().getFirst().section().face();
        double per = species.movement(frame.job().choices().grain());
        Paneling moves = new Paneling(
                figure(SWELLS, across, climate.swelling(), per, species, ledger),
                figure(SHRINKS, across, -climate.drying(), per, species, ledger));
        moves.find(panel, ledger);
        return moves;
    }

    /** Across × movement per per cent × per cent; zero where the air changes the other way. */
    private static Length figure(
            FigureKey<Length> key, Length across, double percent, double per, Species species, Ledger ledger) {
        Length moves = across.times(Math.max(0, percent) * per);
        return ledger.enter(Figure.formula(key)
                        .with("panel_across", across)
                        .with("moisture_change", Share.percent(key.equals(SWELLS) ? percent : -percent))
                        .note("panel_moves", species)
                        .rounded(Rounding.UP)
                        .gives(moves))
                .value();
    }

    /**
     * In damp weeks its play has to take what it swells; in dry ones it still has to stand in both grooves when it lies
     * against the bottom of one.
     */
    private void find(Panel panel, Ledger ledger) {
        Length most = panel.groove().times(2).minus(shrinks).minus(STAYS_IN.times(2));
        Length play = swells.plus(SPARE);
        boolean binds = swells.isOver(panel.play());
        boolean falls = panel.play().isOver(most);
        if (!binds && !falls) {
            return;
        }
        Length deep = play.plus(shrinks).over(2).plus(STAYS_IN).plus(SPARE).max(panel.groove());
        boolean cures = !deep.isOver(Length.mm(40)) && !play.isOver(Length.mm(20));
        Finding finding = binds
                ? Finding.of(Severity.STOP, Station.BRIEF, "panel_binds", swells, panel.play())
                        .by(swells.minus(panel.play()))
                : Finding.of(Severity.CAUTION, Station.BRIEF, "panel_falls", shrinks, panel.play(), panel.groove())
                        .by(panel.play().minus(most));
        ledger.find(finding.remedy(
                cures
                        ? set(panel.withPlay(play).withGroove(deep), "remedy.panel_play", play, deep)
                        : new Remedy.Visit(Station.BRIEF)));
    }

    private static Remedy set(Panel panel, String said, Object... numbers) {
        return new Remedy.OnJob(Words.of(said, numbers), new Edit.Fill(Optional.of(panel)));
    }
}
