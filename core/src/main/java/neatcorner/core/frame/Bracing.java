package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.frame.MemberKey.What;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Bars across a frame of plain bars: butted between its inner edges, evenly, so that all fields are as wide, and
 * half-lapped where they cross. They are sawn from what the frame is sawn from.
 */
public final class Bracing {
    /** What is clear between bars that stand. */
    private static final FigureKey<Length> CLEAR_ACROSS = FigureKey.length(Station.CUTS, "cross.clear_across");
    /** What is clear between bars that lie. */
    private static final FigureKey<Length> CLEAR_DOWN = FigureKey.length(Station.CUTS, "cross.clear_down");
    /** Nearer to one another they are no bars any more. */
    private static final Length LEAST_CLEAR = Length.mm(20);

    /** From the inner edge of the top to a bar behind the wire. */
    private static final FigureKey<Length> AT_WIRE = FigureKey.length(Station.CUTS, "cross.at_wire");
    /**
     * Rings, and so a bar behind their wire, sit so far down as a share of the height. Common practice, no source.
     */
    public static final double HANG_DOWN = 0.3;

    private Bracing() {
    }

    /** Those that stand from the left, then those that lie from the top. */
    static List<Member> members(Job job, List<Point> outside, List<Point> inner, Ledger ledger) {
        CrossBars cross = job.body().cross();
        List<Member> members = new ArrayList<>();
        if (!cross.isNone()) {
            members.addAll(bars(job, outside, inner, true, cross.upright(), ledger));
            members.addAll(bars(job, outside, inner, false, cross.level(), ledger));
        }
        return List.copyOf(members);
    }

    private static List<Member> bars(
            Job job, List<Point> outside, List<Point> inner, boolean upright, int count, Ledger ledger) {
        boolean crossed = job.body().cross().isCrossed();
        Point low = inner.get(0);
        Point high = inner.get(2);
        Length across = Length.mm(upright ? high.x() - low.x() : high.y() - low.y());
        Length along = Length.mm(upright ? high.y() - low.y() : high.x() - low.x());
        Section section = job.section();
        List<Member> bars = new ArrayList<>();
        if (count == 0) {
            return bars;
        }
        Length clear = across.minus(section.face().times(count)).over(count + 1.0);
        if (clear.isUnder(LEAST_CLEAR)) {
            throw new Refusal(
                    Words.of("impossible.cross_bars", count, clear, LEAST_CLEAR));
        }
        boolean even = upright || !job.body().cross().atWire();
        Length first = even ? clear : atWire(job, Length.mm(Polygons.extent(outside, Axis.HEIGHT)), low, ledger);
        if (even) {
            ledger.enter(Figure.formula(upright ? CLEAR_ACROSS : CLEAR_DOWN)
                    .with("sight_across", across)
                    .with("bar_faces", section.face().times(count))
                    .note("pane", count + 1)
                    .gives(clear));
        }
        for (int i = 1; i <= count; i++) {
            Side side = new Side(
                    upright ? Side.Name.UPRIGHT : Side.Name.LEVEL,
                    i,
                    (upright ? "U" : "L") + i,
                    (upright ? "U" : "L") + i);
            double at = even ? clear.times(i).plus(section.face().times(i - 1L)).toMm() : first.toMm();
            List<Point> corners =
                    Glazing.corners(upright, low, at, section.face().toMm(), along.toMm(), 0);
            bars.add(Glazing.bar(side, section, along, Length.ZERO, corners, crossed, ledger));
        }
        return bars;
    }

    /** Whether so many bars of this section have room within a frame of it so large outside. */
    static boolean isRoomy(Length outside, Section section, int count) {
        return !outside.minus(section.face().times(count + 2L))
                .over(count + 1.0)
                .isUnder(LEAST_CLEAR);
    }

    /** Whether a bar behind the wire has room below the top. */
    static boolean isRoomyAtWire(Length outside, Section section) {
        return !outside.times(HANG_DOWN).minus(section.face().times(1.5)).isUnder(LEAST_CLEAR);
    }

    /** From the inner edge of the top to the one bar there is: its middle behind the wire. */
    private static Length atWire(Job job, Length high, Point low, Ledger ledger) {
        Length face = job.section().face();
        Length first = high.times(HANG_DOWN).minus(Length.mm(low.y())).minus(face.over(2));
        if (first.isUnder(LEAST_CLEAR)) {
            throw new Refusal(Words.of("impossible.cross_bars", 1, first, LEAST_CLEAR));
        }
        return ledger.enter(Figure.formula(AT_WIRE)
                        .with("outside_height", high)
                        .with("face", face)
                        .note("at_wire")
                        .gives(first))
                .value();
    }
}
