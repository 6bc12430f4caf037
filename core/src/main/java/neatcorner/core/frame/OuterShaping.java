package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.OuterKey;
import neatcorner.core.job.OuterShape;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The outside of a rectangle that is sawn to a shape once it is joined.
 *
 * @param frame as it is joined
 * @param shape what is sawn
 */
public record OuterShaping(Frame frame, OuterShape shape) {
    /** The radius of an arched top. */
    private static final FigureKey<Length> RADIUS = FigureKey.length(Station.BRIEF, "outer.radius");
    /** Wood that stays between the outside and what is cut for the package. Common practice, no source. */
    private static final Length LEAST_LEFT = Length.mm(12);
    private static final Length HARDLY = Length.mm(0.01);
    /** Straight runs an arc is drawn with. */
    private static final int STEPS = 48;
    /** In a millimetre; a place that lies off a line by less lies on it. */
    private static final double ON_LINE = 1e-6;
    private static final int HALVINGS = 40;

    /** That of a frame; empty where its outside is as it was joined. */
    public static Optional<OuterShaping> of(Frame frame) {
        return frame.job().body().outer().map(shape -> new OuterShaping(frame, shape));
    }

    /** Whether a number is one of an outside that is sawn. */
    public static boolean isOne(FigureKey<?> key) {
        return key instanceof OuterKey || key.equals(RADIUS);
    }

    /** The outside as it is sawn, clockwise, from the upper left corner; convex. */
    public List<Point> line() {
        List<Point> joined = Known.in(frame.lines(), Line.OUTSIDE);
        double size = shape.size().toMm();
        return switch (shape.form()) {
            case ROUND_CORNERS -> corners(joined, size, STEPS);
            case CUT_CORNERS -> corners(joined, size, 1);
            case ARCHED_TOP -> arched(joined, size);
        };
    }

    /** Every corner of four right angles in so many straight runs between the ends of its arc. */
    private static List<Point> corners(List<Point> joined, double size, int steps) {
        List<Point> line = new ArrayList<>();
        for (int i = 0; i < joined.size(); i++) {
            Point tip = joined.get(i);
            Point in = tip.minus(joined.get((i + joined.size() - 1) % joined.size())).unit();
            Point out = joined.get((i + 1) % joined.size()).minus(tip).unit();
            Point centre = tip.minus(in.times(size)).plus(out.times(size));
            for (int step = 0; step <= steps; step++) {
                double turn = Math.PI / 2 * step / steps;
                line.add(centre.plus(in.times(size * Math.sin(turn))).minus(out.times(size * Math.cos(turn))));
            }
        }
        return List.copyOf(line);
    }

    private List<Point> arched(List<Point> joined, double rise) {
        double half = frame.width(Line.OUTSIDE).toMm() / 2;
        double radius = (half * half + rise * rise) / (2 * rise);
        double reach = Math.asin(Math.min(1, half / radius));
        List<Point> line = new ArrayList<>();
        for (int step = 0; step <= STEPS; step++) {
            double turn = reach * (2.0 * step / STEPS - 1);
            // The ends are where the sides are, however an arc sine rounds.
            line.add(
                    step == 0 ? new Point(0, rise)
                            : step == STEPS ? new Point(2 * half, rise)
                            : new Point(half + radius * Math.sin(turn), radius * (1 - Math.cos(turn))));
        }
        line.addAll(joined.subList(2, joined.size()));
        return List.copyOf(line);
    }

    /** Of rounded corners; of an arched top, w wide and h high: (w²/4 + h²) / 2h. */
    public Length radius() {
        if (shape.form() != OuterShape.Form.ARCHED_TOP) {
            return shape.size();
        }
        double half = frame.width(Line.OUTSIDE).toMm() / 2;
        double rise = shape.size().toMm();
        return Length.mm((half * half + rise * rise) / (2 * rise));
    }

    /** What is sawn off seen from the front, in mm². */
    private double away() {
        return frame.area(Line.OUTSIDE) - Polygons.area(line());
    }

    /** What the wood that is sawn off weighs, in kg. */
    double kg() {
        return away() * 1e-6 * frame.job().section().edgeKgPerM2();
    }

    /** How much of the top's face is sawn off where most is: at the ends of an arch. */
    public Length offTop() {
        return shape.form() == OuterShape.Form.ARCHED_TOP ? shape.size() : Length.ZERO;
    }

    /** How much of a mitre is sawn off at its tip, where most is; nothing where pieces do not meet in mitres. */
    public Length offMitre() {
        if (frame.isSolid() || frame.isSquared()) {
            return Length.ZERO;
        }
        List<Point> line = line();
        return frame.members().stream()
                .map(member -> off(line, member.outline().getFirst(), member.outline().getLast()))
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }

    /** How far a place lies outside the line that is sawn, in mm; 0 for what stays. */
    public double past(Point place) {
        List<Point> line = line();
        return isIn(line, place) ? 0 : apart(List.of(place), line);
    }

    private static Length off(List<Point> line, Point tip, Point inner) {
        double low = 0;
        double high = 1;
        if (isIn(line, tip)) {
            return Length.ZERO;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (isIn(line, tip.towards(inner, middle))) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return Length.mm(tip.to(inner) * high);
    }

    /**
     * Enters what follows from the shape, and finds where it leaves little wood.
     *
     * @throws Refusal where there is no room for it, or it would be sawn into more than the plain wood outside
     */
    void check(Ledger ledger) {
        Length room = room();
        if (shape.size().isOver(room) || !isWithin(this)) {
            Length most = largest(OuterShaping::isWithin).min(room);
            throw new Refusal(Words.of(
                    "impossible.outer." + shape.form().name().toLowerCase(Locale.ROOT),
                    shape.size(),
                    Length.mm(Math.floor(most.toMm()))));
        }
        if (shape.form() == OuterShape.Form.ARCHED_TOP) {
            ledger.enter(Figure.formula(RADIUS)
                    .with("outside_width", frame.width(Line.OUTSIDE))
                    .with("arch_rise", shape.size())
                    .note("outer_radius")
                    .gives(radius()));
        }
        List<Point> joined = Known.in(frame.lines(), Line.OUTSIDE);
        double stays = left(line());
        double least = Math.min(LEAST_LEFT.toMm(), left(joined));
        if (stays < least - ON_LINE) {
            Length smaller = Length.mm(Math.floor(largest(other -> other.left(other.line()) >= least - ON_LINE)
                    .toMm()));
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.BRIEF,
                            "outer_leaves_little",
                            Length.mm(stays),
                            LEAST_LEFT)
                    .by(Length.mm(least - stays))
                    .remedy(smaller.isUnder(OuterShape.LEAST) ? new Remedy.Visit(Station.BRIEF) : with(smaller)));
        }
    }

    private Remedy with(Length size) {
        return new Remedy.OnJob(
                Words.of("remedy.outer_size", shape.form(), size),
                new Edit.ShapeOutside(Optional.of(shape.withSize(size))));
    }

    /** As much as the shape has room for at all, so that a little of every side stays. */
    private Length room() {
        Length wide = frame.width(Line.OUTSIDE).over(2);
        Length high = frame.height(Line.OUTSIDE).over(2);
        Length room = shape.form() == OuterShape.Form.ARCHED_TOP ? wide.min(high.times(2)) : wide.min(high);
        return room.minus(HARDLY);
    }

    /**
     * The largest size, not over this, with which it holds; none where the least does not. What holds for a size has to
     * hold for smaller ones.
     */
    private Length largest(Predicate<OuterShaping> holds) {
        Predicate<Double> has = size -> holds.test(new OuterShaping(frame, shape.withSize(Length.mm(size))));
        double low = OuterShape.LEAST.toMm();
        double high = shape.size().min(room()).toMm();
        if (high < low || !has.test(low)) {
            return Length.ZERO;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (has.test(middle)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Length.mm(high);
    }

    /** Whether nothing but wood that is as thick as at the outer edge is sawn. */
    private static boolean isWithin(OuterShaping one) {
        double[] in = one.frame.members().stream()
                .mapToDouble(member -> member.section().plainEdge().toMm())
                .toArray();
        double wide = one.frame.width(Line.OUTSIDE).toMm();
        double high = one.frame.height(Line.OUTSIDE).toMm();
        List<Point> line = one.line();
        return Stream.of(
                        new Point(in[3], in[0]),
                        new Point(wide - in[1], in[0]),
                        new Point(wide - in[1], high - in[2]),
                        new Point(in[3], high - in[2]))
                .allMatch(place -> isIn(line, place));
    }

    /** The least distance between the outside and what is cut for the package, or the opening, in mm. */
    private double left(List<Point> outside) {
        return Stream.of(
                        frame.has(Line.RABBET) ? Known.in(frame.lines(), Line.RABBET) : frame.inner(), frame.inner())
                .mapToDouble(cut -> Math.min(apart(cut, outside), apart(outside, cut)))
                .min()
                .orElseThrow();
    }

    /** From the places of one line to the other, the least. */
    private static double apart(List<Point> places, List<Point> line) {
        return places.stream()
                .mapToDouble(place -> IntStream.range(0, line.size())
                        .mapToDouble(i -> Polygons.off(place, line.get(i), line.get((i + 1) % line.size())))
                        .min()
                        .orElseThrow())
                .min()
                .orElseThrow();
    }

    private static boolean isIn(List<Point> convex, Point place) {
        return IntStream.range(0, convex.size()).allMatch(i -> {
            Point from = convex.get(i);
            Point way = convex.get((i + 1) % convex.size()).minus(from);
            return way.outward().dot(place.minus(from)) <= ON_LINE * way.length();
        });
    }
}
