package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.Trim;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
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
 * Strips bent over the arc of a curved top: all around its middle, straight on past its ends along the tangents there.
 *
 * @param centre of the arc, in the frame's plane, in mm
 * @param radius of the outside line, in mm
 * @param half   the turn from the crown to either end
 */
public record Trimming(Trim trim, Point centre, double radius, Angle half) {
    /** How long each strip is sawn. */
    private static final FigureKey<Length> LONG = FigureKey.length(Station.CUTS, "trim.long");
    /** How wide each strip is sawn. */
    private static final FigureKey<Length> WIDE = FigureKey.length(Station.CUTS, "trim.wide");
    /** The radius of the first strip's inside. */
    private static final FigureKey<Length> RADIUS = FigureKey.length(Station.CUTS, "trim.radius");
    /** Sawn off each end once they are glued. Common practice, no source. */
    private static final Length ENDS = Length.inches(0, 3, 4);
    /** Planed off both edges together once they are glued. Common practice, no source. */
    private static final Length EDGES = Length.inches(0, 1, 8);
    /**
     * Dry strips bend to this many times their thickness. The outer face of a strip t thick is stretched by t / 2R;
     * clear dry wood breaks at a strain near its bending strength over its stiffness, 0.7 to 1 % (Wood Handbook,
     * chapter 5, from memory). A hundred asks for 0.5 %, so that grain which is not quite straight does not break.
     */
    static final double LEAST_RADIUS = 100;

    private static final int STEPS = 48;
    private static final List<FigureKey<?>> SAID = List.of(RADIUS, WIDE, LONG);

    /** Whether a number is one of bent strips. */
    public static boolean isOne(FigureKey<?> key) {
        return SAID.contains(key);
    }

    /** Over the outside line of an arch, from its left foot to its right. */
    private static Trimming of(Trim trim, List<Point> arch) {
        Point left = arch.getFirst();
        Point right = arch.getLast();
        double chord = left.to(right) / 2;
        double top = arch.stream().mapToDouble(Point::y).min().orElseThrow();
        double rise = (left.y() + right.y()) / 2 - top;
        double radius = (chord * chord + rise * rise) / (2 * rise);
        return new Trimming(
                trim,
                new Point((left.x() + right.x()) / 2, top + radius),
                radius,
                new Angle(Math.atan2(chord, radius - rise)));
    }

    /** The strips from the inside outwards, and their figures; none where the job has none. */
    static List<Member> members(Job job, List<Member> sides, Ledger ledger) {
        return job.body().trim()
                .map(trim -> over(trim, sides).members(job, ledger))
                .orElse(List.of());
    }

    private static Trimming over(Trim trim, List<Member> sides) {
        return of(
                trim,
                sides.stream()
                        .filter(member -> member.side().name() == Side.Name.ARCH)
                        .flatMap(member -> member.curve().orElseThrow().outer().stream())
                        .toList());
    }

    private List<Member> members(Job job, Ledger ledger) {
        Length wide = ledger.enter(Figure.sum(WIDE)
                        .start("thickness", job.section().thickness())
                        .plus("trim_proud", trim.proud())
                        .plus("trim_edges", EDGES)
                        .result())
                .value();
        ledger.enter(Figure.formula(RADIUS).note("trim_radius").gives(Length.mm(radius)));
        Length outer = Length.mm(radius).plus(trim.thickness());
        Figure<Length> along = ledger.enter(Figure.sum(LONG)
                .start("trim_arc", outer.times(2 * half.radians()), outer, half.plus(half))
                .plus("trim_beyond", trim.beyond().times(2), trim.beyond())
                .plus("trim_ends", ENDS.times(2), ENDS)
                .rounded(Rounding.UP)
                .result());
        Section section = new Section(
                "strip to bend", job.section().species(), wide, trim.strip(), new Recess.Bar(), Profile.FLAT);
        List<Member> members = new ArrayList<>();
        for (int i = 1; i <= trim.strips(); i++) {
            double inside = radius + trim.strip().toMm() * (i - 1);
            List<Point> seen = new ArrayList<>(run(inside + trim.strip().toMm()));
            seen.addAll(run(inside).reversed());
            Side side = new Side(Side.Name.TRIM, i, "T" + i, "T" + i);
            Place place = new Place(
                    Vector.of(seen.getFirst(), 0),
                    Vector.of(new Point(1, 0), 0),
                    Vector.of(new Point(0, -1), 0),
                    Vector.FORWARD);
            members.add(Member.square(side, section, along, along, place, seen));
        }
        return members;
    }

    /** From the left end to the right at one radius: straight, the arc, straight. */
    private List<Point> run(double at) {
        List<Point> run = new ArrayList<>();
        double ends = trim.beyond().toMm();
        Point left = on(at, -half.radians());
        if (ends > 0) {
            run.add(left.minus(heading(-half.radians()).times(ends)));
        }
        for (int i = 0; i <= STEPS; i++) {
            run.add(on(at, half.radians() * (2.0 * i / STEPS - 1)));
        }
        if (ends > 0) {
            run.add(run.getLast().plus(heading(half.radians()).times(ends)));
        }
        return run;
    }

    /** So far round from the crown, clockwise. */
    private Point on(double at, double round) {
        return new Point(centre.x() + at * Math.sin(round), centre.y() - at * Math.cos(round));
    }

    private static Point heading(double round) {
        return new Point(Math.cos(round), Math.sin(round));
    }

    /** What the strips weigh once they are trimmed, in kg. */
    static double kg(Frame frame) {
        return frame.trim().stream()
                .mapToDouble(strip -> Polygons.area(strip.outline())
                        * strip.section().face().minus(EDGES).toMm()
                        * 1e-9
                        * strip.section().species().density())
                .sum();
    }

    /** Finds strips too stiff for the curve. */
    static void check(Trim trim, Frame frame, Ledger ledger) {
        Length radius = Length.mm(over(trim, frame.members()).radius());
        double ratio = radius.ratio(trim.strip());
        if (ratio >= LEAST_RADIUS) {
            return;
        }
        Length most = radius.over(LEAST_RADIUS);
        int strips = (int) Math.ceil(trim.thickness().ratio(most) - 1e-9);
        Length thinner = trim.thickness().over(Math.max(1, strips));
        boolean cures = strips <= Trim.MOST && !thinner.isUnder(Trim.LEAST);
        Finding finding = Finding.of(
                        Severity.CAUTION, Station.BRIEF, "trim_stiff", trim.strip(), radius, Math.round(ratio))
                .by(trim.strip().minus(most));
        ledger.find(cures
                ? finding.remedy(new Remedy.OnJob(
                        Words.of("remedy.trim_thinner", strips, thinner),
                        new Edit.Bend(Optional.of(new Trim(thinner, strips, trim.proud(), trim.beyond())))))
                : finding.remedy(new Remedy.Visit(Station.BRIEF)));
    }
}
