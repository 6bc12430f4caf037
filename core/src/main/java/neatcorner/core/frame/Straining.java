package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The strainer: an inner frame of plain wood behind the package, a little loose. Rails run across, stiles
 * stand between them, and a brace takes what bends it: between the stiles behind the wire that pulls
 * them in, else across the middle of the longer way. All are cut square.
 */
public final class Straining {
    /** The plain strip a strainer is made of, 1 1/2 in across as it lies flat and 3/4 in thick. */
    public static final Section STRIP = new Section(
            "strainer strip",
            Species.PINE,
            Length.inches(1, 1, 2),
            Length.inches(0, 3, 4),
            new Recess.Bar(),
            Profile.FLAT);

    /**
     * Rings, and so the brace behind their wire, sit so far down as a share of the height. Common practice, no source.
     */
    public static final double HANG_DOWN = 0.3;

    /** A smaller hole in the middle is no strainer any more. */
    private static final Length LEAST_OPENING = Length.inches(2);
    private final Job job;
    private final Length slack;
    private final Map<Line, Figure<Length>> widths;
    private final Map<Line, Figure<Length>> heights;
    private final List<Point> rabbet;
    private final Ledger ledger;

    private Straining(
            Job job,
            Habits habits,
            Map<Line, Figure<Length>> widths,
            Map<Line, Figure<Length>> heights,
            List<Point> rabbet,
            Ledger ledger) {
        this.job = job;
        this.slack = habits.get(Habit.STRAINER_SLACK);
        this.widths = widths;
        this.heights = heights;
        this.rabbet = rabbet;
        this.ledger = ledger;
    }

    /** Whether a job has one: wished, in a flat four-square frame that is closed from behind. */
    static boolean isIn(Job job) {
        return job.choices().strainer()
                && job.lean().isFlat()
                && job.outline().isFourSquare()
                && job.section().recess() instanceof Recess.Covering
                && !(job.section().recess() instanceof Recess.Slot);
    }

    private static boolean isTooSmall(Length smallerWay, Habits habits) {
        return smallerWay.isUnder(STRIP.face().times(2).plus(habits.get(Habit.STRAINER_SLACK)).plus(LEAST_OPENING));
    }

    /** Whether a frame without one could have one. */
    public static boolean canBeIn(Frame frame) {
        return isIn(frame.job().withChoices(frame.job().choices().withStrainer(true)))
                && !isTooSmall(frame.width(Line.RABBET).min(frame.height(Line.RABBET)), frame.habits());
    }

    /** Two rails, two stiles and the brace; none where the job has no strainer or its rabbet is too small for one. */
    static List<Member> members(
            Job job,
            Habits habits,
            Map<Line, Figure<Length>> widths,
            Map<Line, Figure<Length>> heights,
            List<Point> rabbet,
            Ledger ledger) {
        if (!isIn(job)) {
            return List.of();
        }
        return isTooSmall(
                        Known.in(widths, Line.RABBET)
                                .value()
                                .min(Known.in(heights, Line.RABBET).value()),
                        habits)
                ? List.of()
                : new Straining(job, habits, widths, heights, rabbet, ledger).members();
    }

    private List<Member> members() {
        Length strip = STRIP.face();
        boolean level = isBraceLevel(
                job,
                Known.in(widths, Line.RABBET).value(),
                Known.in(heights, Line.RABBET).value());
        Figure<Length> rail = length("strainer.rail", Axis.WIDTH, Length.ZERO);
        Figure<Length> stile = length("strainer.stile", Axis.HEIGHT, strip.times(2));
        Figure<Length> brace = length(
                level ? "strainer.brace" : "strainer.brace_upright", level ? Axis.WIDTH : Axis.HEIGHT, strip.times(2));
        double half = slack.over(2).toMm();
        double left = rabbet.getFirst().x() + half;
        double top = rabbet.getFirst().y() + half;
        double right = left + rail.value().toMm();
        double low = top + stile.value().toMm() + strip.toMm() * 2;
        double wide = strip.toMm();
        double middle = level ? top + (low - top) * HANG_DOWN : left + (right - left) / 2;
        List<Member> members = new ArrayList<>(List.of(
                piece(Side.Name.STRAINER_RAIL, 1, rail, new Point(left, top), new Point(1, 0)),
                piece(Side.Name.STRAINER_RAIL, 2, rail, new Point(right, low), new Point(-1, 0)),
                piece(Side.Name.STRAINER_STILE, 1, stile, new Point(left, low - wide), new Point(0, -1)),
                piece(Side.Name.STRAINER_STILE, 2, stile, new Point(right, top + wide), new Point(0, 1))));
        members.add(
                level
                        ? piece(
                                Side.Name.STRAINER_BRACE,
                                1,
                                brace,
                                new Point(left + wide, middle - wide / 2),
                                new Point(1, 0))
                        : piece(
                                Side.Name.STRAINER_BRACE,
                                1,
                                brace,
                                new Point(middle - wide / 2, low - wide),
                                new Point(0, -1)));
        return List.copyOf(members);
    }

    /** Level behind a wire and in an upright frame, else upright. */
    private static boolean isBraceLevel(Job job, Length width, Length height) {
        return !width.isOver(height)
                || job.choices()
                        .hardware()
                        .map(hardware -> hardware == Hardware.RINGS_AND_WIRE)
                        .orElse(true);
    }

    private Figure<Length> length(String id, Axis axis, Length strips) {
        return ledger.enter(Figure.sum(FigureKey.length(Station.FIT, id))
                .start(
                        "rabbet",
                        Known.in((axis == Axis.WIDTH ? widths : heights), Line.RABBET)
                                .value())
                .minus("slack", slack)
                .minus("strainer_rails", strips, STRIP.face())
                .rounded(Rounding.DOWN)
                .result());
    }

    private static Member piece(Side.Name name, int number, Figure<Length> length, Point start, Point way) {
        Side side = new Side(name, number, letter(name) + number, letter(name) + number);
        Point inward = way.outward().times(-STRIP.face().toMm());
        Point end = start.plus(way.times(length.value().toMm()));
        Place place = new Place(Vector.of(start, 0), Vector.of(way, 0), Vector.of(way.outward(), 0), Vector.FORWARD);
        return Member.square(
                side, STRIP, length, length, place, List.of(start, end, end.plus(inward), start.plus(inward)));
    }

    private static String letter(Side.Name name) {
        return switch (name) {
            case STRAINER_RAIL -> "R";
            case STRAINER_STILE -> "S";
            default -> "X";
        };
    }
}
