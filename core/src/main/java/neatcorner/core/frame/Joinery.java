package neatcorner.core.frame;

import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.MemberKey.What;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Edge;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Loop;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;

/**
 * Cuts the members of a loop.
 *
 * <p>A corner's cut runs from the corner of the outside lines to the corner of the inner lines. Where
 * sides lean, it is a plane in space: it holds the line in which the backs of both sides meet and the
 * line in which their fronts meet, so its normal is the difference of the two fronts' normals.
 */
final class Joinery {
    private static final double SAME_FRONT = 1e-9;
    /** No board for one blank is wider. */
    private static final Length WIDEST = Length.mm(300);
    /** Blanks are ripped to whole millimetres, so that those of an oval come from few boards. */
    private static final Length BLANK_STEP = Length.mm(1);
    private final Job job;
    private final Ledger ledger;
    private final Offsets offsets;
    private final Loop loop;
    private final Line base;
    private final Point origin;

    Joinery(Job job, Ledger ledger, Offsets offsets, Loop loop, Line base, Point origin) {
        this.job = job;
        this.ledger = ledger;
        this.offsets = offsets;
        this.loop = loop;
        this.base = base;
        this.origin = origin;
    }

    /** The member on a side, counted from 0; a chain gives its long point as an exact sum where there is one. */
    Member member(int index, Optional<Chain> chain) {
        Loop.Part part = loop.parts().get(index);
        return part.edge() instanceof Edge.Arc arc
                ? curved(index, part.side(), arc)
                : straight(index, part.side(), chain);
    }

    private Point corner(int index, Loop.Distance distance) {
        return loop.corner(index % loop.size(), distance).minus(origin);
    }

    private Point outside(int index) {
        return corner(index, this::outsideAt);
    }

    private Point inner(int index) {
        return corner(index, this::innerAt);
    }

    private Section section(Side side) {
        return job.section().withFace(job.faceOf(side));
    }

    private Member straight(int index, Side side, Optional<Chain> chain) {
        Section section = section(side);
        Point from = outside(index);
        Point to = outside(index + 1);
        Point innerFrom = inner(index);
        Point innerTo = inner(index + 1);
        Point heading = loop.parts().get(index).edge().heading(0);
        Words name = side.words();
        if (to.minus(from).dot(heading) <= 0) {
            throw new Refusal(Words.of("impossible.long_point", name));
        }
        Place place = place(side, from, heading);
        Mitre left = job.isPlain() ? Mitre.between(section.width(), section(before(index)).width(), Angle.RIGHT)
                : cut(index, place, heading.times(-1), from, innerFrom, section);
        Mitre right = job.isPlain() ? Mitre.between(section.width(), section(after(index)).width(), Angle.RIGHT)
                : cut(index + 1, place, heading, to, innerTo, section);
        Figure<Length> longPoint = ledger.enter(chain
                .map(c -> c.walk(MemberKey.length(side, What.LONG), Line.OUTSIDE).result())
                .orElseGet(() -> longPoint(side, index, from, to, heading)));
        Figure.Sum sum = Figure.sum(MemberKey.length(side, What.SHORT)).start("long_point", longPoint.value());
        less(sum, "setback_left", left.setback(), left.toEdge());
        less(sum, "setback_right", right.setback(), right.toEdge());
        Figure<Length> shortPoint = ledger.enter(sum.note("setback").result());
        if (!shortPoint.value().isPositive()) {
            throw new Refusal(Words.of("impossible.short_point", shortPoint.name(), shortPoint.value()));
        }
        Length toRabbet = section.face().minus(section.lip());
        Figure.Sum along = Figure.sum(MemberKey.length(side, What.RABBET)).start("long_point", longPoint.value());
        less(along, "rabbet_setback_left", left.setbackOver(toRabbet), left.toEdge());
        less(along, "rabbet_setback_right", right.setbackOver(toRabbet), right.toEdge());
        Figure<Length> rabbet = ledger.enter(
                job.lean().isFlat() ? along.note("rabbet_setback").result() : seated(side, index, heading));
        enterCut(side, false, left, section, section(before(index)));
        enterCut(side, true, right, section, section(after(index)));
        Member member = new Member(side, section, section, longPoint, shortPoint, rabbet, left, right, place,
                List.of(from, to, innerTo, innerFrom), Optional.empty());
        if (!job.lean().isFlat()) {
            ledger.enter(Figure.formula(MemberKey.length(side, What.OVERALL))
                    .with("long_point", longPoint.value()).with("reach_left", left.reach(section.thickness()))
                    .with("reach_right", right.reach(section.thickness())).note("overall").gives(member.overall()));
        }
        return member;
    }

    /** Where sides lean, the rabbet is as long as what rests in it, not as its wall is on the stick. */
    private Figure<Length> seated(Side side, int index, Point heading) {
        Point from = corner(index, this::seatAt);
        Point to = corner(index + 1, this::seatAt);
        return Figure.formula(MemberKey.length(side, What.RABBET))
                .note("seated")
                .gives(Length.mm(to.minus(from).dot(heading)));
    }

    private static void less(Figure.Sum sum, String words, Length setback, Angle toEdge) {
        if (setback.isNegative()) {
            sum.plus(words, setback.negated(), toEdge);
        } else {
            sum.minus(words, setback, toEdge);
        }
    }

    private Side before(int index) {
        return loop.parts().get((index + loop.size() - 1) % loop.size()).side();
    }

    private Side after(int index) {
        return loop.parts().get((index + 1) % loop.size()).side();
    }

    private Figure<Length> longPoint(Side side, int index, Point from, Point to, Point heading) {
        Point baseFrom = corner(index, _ -> 0);
        Point baseTo = corner(index + 1, _ -> 0);
        Figure.Sum sum = Figure.sum(MemberKey.length(side, What.LONG))
                .start("side_at", Length.mm(baseTo.minus(baseFrom).dot(heading)), base);
        gain(sum, "gain_left", baseFrom.minus(from).dot(heading));
        gain(sum, "gain_right", to.minus(baseTo).dot(heading));
        return sum.note("gain").result();
    }

    private static void gain(Figure.Sum sum, String words, double mm) {
        if (mm < 0) {
            sum.minus(words, Length.mm(-mm));
        } else {
            sum.plus(words, Length.mm(mm));
        }
    }

    private void enterCut(Side side, boolean atEnd, Mitre cut, Section own, Section other) {
        ledger.enter(Figure.formula(MemberKey.angle(side, atEnd ? What.SWING_RIGHT : What.SWING_LEFT))
                .with("face", own.width())
                .with("neighbour_face", other.width())
                .note(job.lean().isFlat() ? "swing" : "swing_lean")
                .gives(cut.swing()));
        if (!job.lean().isFlat()) {
            ledger.enter(Figure.formula(MemberKey.angle(side, atEnd ? What.TILT_RIGHT : What.TILT_LEFT))
                    .with("lean", job.lean().angle()).note("tilt").gives(cut.tilt()));
        }
    }

    private Place place(Side side, Point from, Point heading) {
        double lean = offsets.lean(side).radians();
        int forward = job.lean().forward();
        Point u = heading.outward();
        Vector outward = Vector.of(u.times(Math.cos(lean)), forward * Math.sin(lean));
        Vector front = Vector.of(u.times(-forward * Math.sin(lean)), Math.cos(lean));
        return new Place(Vector.of(from, offsets.rise(side, job.faceOf(side))), Vector.of(heading, 0), outward, front);
    }

    /** The cut at a corner, for the piece that lies there and leaves it against {@code ahead}. */
    private Mitre cut(int corner, Place place, Point ahead, Point outside, Point inner, Section section) {
        Side one = before(corner % loop.size());
        Side other = loop.parts().get(corner % loop.size()).side();
        Vector normal = front(corner - 1).minus(front(corner));
        if (offsets.lean(one).radians() == 0 || normal.length() < SAME_FRONT || offsets.lean(other).radians() == 0) {
            Point along = outside.minus(inner);
            normal = new Vector(along.y(), -along.x(), 0);
        }
        normal = normal.unit();
        double along = normal.dot(Vector.of(ahead, 0));
        double sign = Math.signum(along);
        return new Mitre(
                Math.abs(along), sign * normal.dot(place.outward()), sign * normal.dot(place.front()), section.width());
    }

    private Vector front(int index) {
        Loop.Part part = loop.parts().get((index + loop.size()) % loop.size());
        return place(part.side(), new Point(0, 0), part.edge().heading(0)).front();
    }

    /**
     * A blank lies along the middle heading of its curve. Its outer edge touches the outside line there;
     * its inner edge passes through the innermost point of the sight line, which lies at one of its ends.
     * In a ring that gives a width of R − r·cos(turn/2) and a long edge of 2·R·tan(turn/2).
     */
    private Member curved(int index, Side side, Edge.Arc arc) {
        Section section = section(side);
        if (arc.leastRadius() + innerAt(side) < 1) {
            throw new Refusal(Words.of(
                    "impossible.tight_curve",
                    side.words(),
                    Length.mm(arc.leastRadius() - offsets.of(base, side) + offsets.of(Line.OUTSIDE, side)),
                    section.face()));
        }
        Point heading = arc.heading(0.5);
        Point outward = heading.outward();
        List<Point> outer = run(index, this::outsideAt);
        List<Point> inner = run(index, this::innerAt);
        double top = outer.stream().mapToDouble(p -> p.dot(outward)).max().orElseThrow();
        double low = inner.stream().mapToDouble(p -> p.dot(outward)).min().orElseThrow();
        Length width = Rounding.UP.toWhole(Length.mm(top - low), BLANK_STEP);
        low = top - width.toMm();
        Words name = side.words();
        if (width.isOver(WIDEST)) {
            throw new Refusal(Words.of("impossible.blank", name, width, WIDEST));
        }
        Figure<Length> blank = ledger.enter(Figure.formula(MemberKey.length(side, What.BLANK))
                .with("face", section.width()).with("turn", new Angle(arc.sweep())).note("blank_width").gives(width));
        Section stock = new Section(
                section.name(),
                section.species(),
                width.max(Length.mm(3)),
                section.thickness(),
                new Recess.Bar(),
                Profile.FLAT);
        Point from = across(outer.getFirst(), inner.getFirst(), outward, top);
        Point to = across(outer.getLast(), inner.getLast(), outward, top);
        Point innerFrom = across(outer.getFirst(), inner.getFirst(), outward, low);
        Point innerTo = across(outer.getLast(), inner.getLast(), outward, low);
        Place place = new Place(Vector.of(from, 0), Vector.of(heading, 0), Vector.of(outward, 0), Vector.FORWARD);
        Mitre left = flatCut(heading.times(-1), outward, from, innerFrom, stock);
        Mitre right = flatCut(heading, outward, to, innerTo, stock);
        Figure<Length> longPoint = blankEdge(side, What.LONG, arc, to.minus(from).dot(heading));
        Figure<Length> shortPoint = blankEdge(side, What.SHORT, arc, innerTo.minus(innerFrom).dot(heading));
        if (!shortPoint.value().isPositive()) {
            throw new Refusal(Words.of("impossible.short_point", shortPoint.name(), shortPoint.value()));
        }
        if (!longPoint.value().isPositive()) {
            throw new Refusal(Words.of("impossible.long_point", name));
        }
        Figure<Length> rabbet = ledger.enter(Figure.formula(MemberKey.length(side, What.RABBET))
                .note("along_curve").gives(Length.mm(wayAlong(index, this::rabbetAt))));
        enterCut(side, false, left, section, section(before(index)));
        enterCut(side, true, right, section, section(after(index)));
        return new Member(side, section, stock, longPoint, shortPoint, rabbet, left, right, place,
                List.of(from, to, innerTo, innerFrom),
                Optional.of(new Curve(blank, new Angle(arc.sweep()), new Angle(arc.sweep() / 2), outer, inner)));
    }

    private Figure<Length> blankEdge(Side side, What what, Edge.Arc arc, double mm) {
        return ledger.enter(Figure.formula(MemberKey.length(side, what)).with("turn", new Angle(arc.sweep()))
                .note("blank_edge").gives(Length.mm(mm)));
    }

    /**
     * How long a curved side is at a line. Chords are shorter than the curve by a share that falls with the square
     * of their number; two counts tell what none would leave out (Richardson's extrapolation), to some
     * nanometres here.
     */
    private double wayAlong(int index, Loop.Distance distance) {
        double few = chords(index, distance, Framing.CURVE_STEPS);
        double many = chords(index, distance, 2 * Framing.CURVE_STEPS);
        return many + (many - few) / 3;
    }

    private double chords(int index, Loop.Distance distance, int steps) {
        List<Point> run = loop.side(index, distance, steps);
        return Polygons.around(run) - run.getLast().to(run.getFirst());
    }

    /** Where the cut through two corners passes a line {@code at} mm outwards. */
    private static Point across(Point outer, Point inner, Point outward, double at) {
        double share = (at - outer.dot(outward)) / (inner.dot(outward) - outer.dot(outward));
        return outer.towards(inner, share);
    }

    private static Mitre flatCut(Point ahead, Point outward, Point outer, Point inner, Section stock) {
        Point cut = outer.minus(inner).unit();
        Point normal = new Point(cut.y(), -cut.x());
        double along = normal.dot(ahead);
        return new Mitre(Math.abs(along), Math.signum(along) * normal.dot(outward), 0, stock.width());
    }

    /** The line of a curved side from corner to corner. */
    private List<Point> run(int index, Loop.Distance distance) {
        return loop.side(index, distance, Framing.CURVE_STEPS).stream().map(p -> p.minus(origin)).toList();
    }

    private double outsideAt(Side side) {
        return offsets.of(Line.OUTSIDE, side) - offsets.of(base, side);
    }

    private double innerAt(Side side) {
        return offsets.inner(side) - offsets.of(base, side);
    }

    /** Where the package rests, which in a leaning section is not where the wall is on the stick. */
    private double seatAt(Side side) {
        return offsets.of(Line.RABBET, side) - offsets.of(base, side);
    }

    private double rabbetAt(Side side) {
        return offsets.run(side, job.section().lip()).toMm() - offsets.of(base, side);
    }
}
