package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.Slats;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Slats of a leaf, evenly between its level sides. Where they leave gaps, all gaps are alike, the first and the last
 * with them; where they lie over one another, they begin and end a little clear of the sides.
 *
 * @param count how many
 * @param pitch from one to the next, in mm
 * @param first from the inner edge of the upper side to the top of the first, in mm
 */
public record Slatting(int count, double pitch, double first) {
    /** How many slats. */
    private static final FigureKey<Count> COUNT = FigureKey.count(Station.CUTS, "slats.count");
    /** From the middle of one to the middle of the next. */
    private static final FigureKey<Length> PITCH = FigureKey.length(Station.CUTS, "slats.pitch");
    /** From the inner edge of the upper side to the first, and from the last to the lower. */
    private static final FigureKey<Length> MARGIN = FigureKey.length(Station.CUTS, "slats.margin");
    /** How long each is. */
    private static final FigureKey<Length> LONG = FigureKey.length(Station.CUTS, "slats.long");
    /** How high one is seen. */
    private static final FigureKey<Length> HIGH = FigureKey.length(Station.CUTS, "slats.high");
    private static final List<FigureKey<?>> SPACING = List.of(HIGH, PITCH, MARGIN);
    /** Slats that lie over one another keep so far from the sides. Common practice, no source. */
    private static final double CLEAR_OF_SIDES = 3;
    /** A narrower gap closes when slats swell, in mm. Common practice, no source. */
    private static final double LEAST_GAP = 0.5;
    /** More are no leaf any more. */
    private static final int MOST = 200;
    /** A groove may take this share of an upright side. Common practice, no source. */
    private static final int GROOVE_SHARE = 2;

    /**
     * The spacing in an opening so high.
     *
     * @throws Refusal where not one slat has room, there would be too many, or one would run into the next: parallel
     *                 slats at a pitch p, tilted by θ, lie p·sin θ apart
     */
    static Slatting of(Slats slats, double opening) {
        double high = slats.high().toMm();
        double wished = slats.pitch().toMm();
        if (wished > high) {
            long room = (long) Math.floor((opening - LEAST_GAP) / (high + LEAST_GAP));
            long count = Math.max(1, Math.min(room, Math.round((opening - (wished - high)) / wished)));
            double gap = (opening - count * high) / (count + 1);
            if (gap < LEAST_GAP || count > MOST) {
                throw uneven(slats, opening);
            }
            return new Slatting((int) count, high + gap, gap);
        }
        double free = opening - high - 2 * CLEAR_OF_SIDES;
        long count = Math.round(free / wished) + 1;
        if (count < 2 || count > MOST) {
            throw uneven(slats, opening);
        }
        double pitch = free / (count - 1);
        if (pitch * slats.tilt().sin() < slats.thickness().toMm()) {
            throw new Refusal(Words.of("impossible.slats_meet", Length.mm(pitch), slats.tilt(), slats.high()));
        }
        return new Slatting((int) count, pitch, CLEAR_OF_SIDES);
    }

    /** Whether a number is one of the spacing of slats. */
    public static boolean isOne(FigureKey<?> key) {
        return SPACING.contains(key);
    }

    private static Refusal uneven(Slats slats, double opening) {
        return new Refusal(Words.of("impossible.slats", slats.high(), slats.pitch(), Length.mm(opening), MOST));
    }

    /** The slats from the top down, and their figures; none where the job has none. */
    static List<Member> members(Job job, List<Point> inner, Ledger ledger) {
        return job.body().slats().map(slats -> members(job, slats, inner, ledger)).orElse(List.of());
    }

    private static List<Member> members(Job job, Slats slats, List<Point> inner, Ledger ledger) {
        Point low = inner.get(0);
        Length clear = Length.mm(inner.get(2).x() - low.x());
        Length opening = Length.mm(inner.get(2).y() - low.y());
        Slatting even = of(slats, opening.toMm());
        Section section = new Section(
                "slat",
                job.section().species(),
                slats.width(),
                slats.thickness(),
                new Recess.Bar(),
                Profile.FLAT);
        Figure<Length> length = ledger.enter(Figure.sum(LONG)
                .start("sight_along", clear)
                .plus("slat_grooves", slats.groove().times(2), slats.groove())
                .minus("slat_play", slats.play())
                .result());
        ledger.enter(Figure.formula(COUNT)
                .with("pitch_wished", slats.pitch())
                .note("slat_count")
                .gives(new Count(even.count)));
        ledger.enter(Figure.formula(HIGH)
                .with("slat_width", slats.width())
                .with("slat_thickness", slats.thickness())
                .with("slat_tilt", slats.tilt())
                .note("slat_high")
                .gives(slats.high()));
        ledger.enter(Figure.formula(PITCH)
                .with("sight_down", opening)
                .with("slat_high", slats.high())
                .note("slat_pitch", even.count)
                .gives(Length.mm(even.pitch)));
        ledger.enter(Figure.formula(MARGIN)
                .with("sight_down", opening)
                .note("slat_margin")
                .gives(Length.mm(even.first)));
        List<Member> members = new ArrayList<>();
        for (int i = 1; i <= even.count; i++) {
            double at = even.first + even.pitch * (i - 1);
            List<Point> seen =
                    Glazing.corners(false, low, at, slats.high().toMm(), clear.toMm(), 0);
            Point start = seen.getFirst().minus(new Point(slats.groove().toMm() - slats.play().toMm() / 2, 0));
            Side side = new Side(Side.Name.SLAT, i, "S" + i, "S" + i);
            Place place = new Place(
                    Vector.of(start, 0),
                    Vector.of(new Point(1, 0), 0),
                    Vector.of(new Point(0, -1), 0),
                    Vector.FORWARD);
            members.add(Member.square(side, section, length, length, place, seen));
        }
        return List.copyOf(members);
    }

    /** Finds slats that stand out of the leaf, and grooves that cut its sides through. */
    static void check(Slats slats, Frame frame, Ledger ledger) {
        Length thick = frame.job().section().thickness();
        if (slats.deep().isOver(thick)) {
            int flatter = slats.degrees();
            while (flatter > 0 && slats.withDegrees(flatter).deep().isOver(thick)) {
                flatter--;
            }
            boolean cures = !slats.withDegrees(flatter).deep().isOver(thick);
            ledger.find(Finding.of(Severity.CAUTION, Station.BRIEF, "slats_stand_out", slats.deep(), thick)
                    .by(slats.deep().minus(thick))
                    .remedy(cures ? set(slats.withDegrees(flatter), "remedy.slat_tilt", flatter)
                            : new Remedy.Visit(Station.SECTION)));
        }
        Length most = frame.narrowFace().over(GROOVE_SHARE);
        if (slats.groove().isOver(most)) {
            Length shallower = most.max(Length.mm(2));
            ledger.find(Finding.of(Severity.STOP, Station.BRIEF, "slat_groove", slats.groove(), frame.narrowFace())
                    .by(slats.groove().minus(most))
                    .remedy(set(
                            new Slats(
                                    slats.width(),
                                    slats.thickness(),
                                    slats.pitch(),
                                    slats.degrees(),
                                    shallower,
                                    slats.play()),
                            "remedy.slat_groove",
                            shallower)));
        }
    }

    private static Remedy set(Slats slats, String said, Object number) {
        return new Remedy.OnJob(Words.of(said, number), new Edit.Slat(Optional.of(slats)));
    }
}
