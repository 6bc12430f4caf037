package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.edit.Entry;
import neatcorner.core.job.Job;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.SizeKey;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Stuff;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Station;
import neatcorner.core.work.Readings;

/**
 * One frame worked out: its sizes at every line it has, and its members.
 *
 * @param job     what was wanted
 * @param habits  the shop's habits with the job's overrides
 * @param widths  at each line, of the box around it
 * @param heights at each line, of the box around it
 * @param members clockwise; a rectangle's from the top
 * @param added   all other pieces
 * @param lines   each line as it runs round, curves as runs of points; in mm from the top left of the
 *                box around the outside line
 * @param inner   where the wood ends inwards: the sight line, as it is sawn where it is shaped, or the edge of a
 *                floater's ledge
 */
public record Frame(
        Job job,
        Habits habits,
        Map<Line, Figure<Length>> widths,
        Map<Line, Figure<Length>> heights,
        List<Member> members,
        Added added,
        Map<Line, List<Point>> lines,
        List<Point> inner) {
    /** How deep a leaning frame is. */
    public static final FigureKey<Length> DEPTH = FigureKey.length(Station.BRIEF, "frame.depth");
    /** The number of blanks a curve is best sawn from. */
    public static final FigureKey<Count> BEST_COUNT = FigureKey.count(Station.CUTS, "curve.best");
    /** How far a leaning frame's front stands out beyond its outside. */
    public static final FigureKey<Length> FRONT_STANDS_OUT = FigureKey.length(Station.BRIEF, "frame.front_stands_out");

    /**
     * Works out the part of a job that is looked at, after those it lies by, and enters its figures.
     *
     * @throws Refusal when the numbers leave no opening or reach past what can be made
     */
    public static Planned<Frame> of(Job job, Shop shop) {
        return Assembly.of(job, shop).planned().get(job.seen());
    }

    /**
     * Works out the part of a job that is looked at.
     *
     * @param placed   how it lies by another, and so has its sizes; empty for the first
     * @param readings of its sizes as they came out
     */
    static Planned<Frame> of(Job job, Habits habits, Optional<Placed> placed, Readings readings) {
        Ledger ledger = new Ledger();
        Frame frame = new Framing(job, habits, ledger, placed, readings).frame();
        enterGiven(job, habits, readings, ledger);
        frame.enterDepth(ledger);
        frame.check(ledger);
        ledger.decide(Station.BRIEF, job.contents());
        return ledger.planned(frame);
    }

    private void check(Ledger ledger) {
        if (isSolid()) {
            OnePiece.check(this, ledger);
        } else {
            CutCheck.check(this, ledger);
        }
        if (isSquared()) {
            Squaring.check(this, ledger);
        }
        job.body().edge().ifPresent(edge -> Shaping.check(edge, this, ledger));
        job.body().slats().ifPresent(between -> Slatting.check(between, this, ledger));
        job.body().panel().ifPresent(panel -> Paneling.check(panel, this, ledger));
        job.body().trim().ifPresent(bent -> Trimming.check(bent, this, ledger));
        OuterShaping.of(this).ifPresent(outer -> outer.check(ledger));
    }

    /** Whether a job like this one, with the same habits, can be made at all, with all its parts. */
    public boolean couldBe(Job other) {
        return Assembly.isPossible(other, habits);
    }

    /**
     * All parts of a job like this one, with the same habits.
     *
     * @throws Refusal when the numbers leave no frame
     */
    public Assembly assembledAs(Job other) {
        return Assembly.of(other, habits);
    }

    /** Everything that was said or is habit, so that it can be shown and selected like the rest. */
    private static void enterGiven(Job job, Habits habits, Readings readings, Ledger ledger) {
        for (Entry entry : Entry.of(job)) {
            if (!isEnteredElsewhere(entry.key())) {
                ledger.enter(readings.entered(
                        Figure.given(entry.key(), entry.read().apply(job)).called(entry.words())));
            }
        }
        for (Habit habit : Habit.values()) {
            ledger.enter(
                    Figure.said(habit, habits.get(habit), job.overrides().says(habit) ? Origin.GIVEN : Origin.HABIT));
        }
    }

    /** Sizes at a line come with the frame's own sums, habits whether the job says them or not. */
    private static boolean isEnteredElsewhere(FigureKey<Length> key) {
        return key instanceof SizeKey || key instanceof Habit;
    }

    /** A leaning frame is deeper than its moulding is thick: face·sin s + thickness·cos s. */
    private void enterDepth(Ledger ledger) {
        if (!job.lean().isFlat()) {
            Length face = job.section().width();
            Length thickness = job.section().thickness();
            ledger.enter(Figure.formula(DEPTH).with("face", face).with("thickness", thickness)
                    .with("lean", job.lean().angle()).note("lean_depth")
                    .gives(face.times(job.lean().angle().sin()).plus(thickness.times(job.lean().angle().cos()))));
            enterFront(ledger);
        }
    }

    /**
     * The outside is that of the backs, where the cuts are measured; inwards leaning sides stand further out in front.
     */
    private void enterFront(Ledger ledger) {
        Section section = job.section();
        double lean = Seat.signed(job.lean(), job.lean().angle().radians());
        double back = section.face().toMm() * Math.cos(lean);
        double furthest = section.outline().stream()
                .mapToDouble(p -> p.x() * Math.cos(lean) - p.y() * Math.sin(lean))
                .max()
                .orElseThrow();
        if (furthest > back + 0.1) {
            ledger.enter(Figure.formula(FRONT_STANDS_OUT)
                    .with("face", section.face())
                    .with("thickness", section.thickness())
                    .with("lean", job.lean().angle())
                    .note("front_stands_out")
                    .gives(Length.mm(furthest - back)));
        }
    }

    /** The size at a line; empty where this frame has no such line. */
    public Optional<Figure<Length>> size(Line line, Axis axis) {
        return Optional.ofNullable((axis == Axis.WIDTH ? widths : heights).get(line));
    }

    /** The width at a line this frame must have. */
    public Length width(Line line) {
        return size(line, Axis.WIDTH).orElseThrow().value();
    }

    /** The height at a line this frame must have. */
    public Length height(Line line) {
        return size(line, Axis.HEIGHT).orElseThrow().value();
    }

    /** Whether this frame has that line. */
    public boolean has(Line line) {
        return widths.containsKey(line);
    }

    /** The first member of that name. */
    public Member member(Side.Name name) {
        return members.stream().filter(m -> m.side().name() == name).findFirst().orElseThrow();
    }

    /** Glazing bars; may be empty. */
    public List<Member> bars() {
        return added.bars();
    }

    /** Bars across a frame of plain bars. */
    public List<Member> cross() {
        return added.cross();
    }

    /** Between the upright sides of a leaf, from the top. */
    public List<Member> slats() {
        return added.slats();
    }

    /** In the grooves of a leaf: one or none. */
    public List<Member> panel() {
        return added.panel();
    }

    /** Strips bent over a curved top, from the inside outwards. */
    public List<Member> trim() {
        return added.trim();
    }

    /** Whether it is routed from one board and has no joints. */
    public boolean isSolid() {
        return job.body().isOnePiece();
    }

    /** Whether its pieces meet square, not in mitres. */
    public boolean isSquared() {
        return job.squared().isPresent();
    }

    /** Whether its corners are mitres. */
    private boolean isMitred() {
        return !isSolid() && !isSquared();
    }

    /** What it is made of. */
    private Stuff stuff() {
        return job.section().species().stuff();
    }

    /** Whether fasteners can be let into its mitres. */
    public boolean takesHidden() {
        return isMitred() && isWoodwork();
    }

    /** Whether glue, pins and screws do for it what they do for wood. */
    public boolean isWoodwork() {
        return stuff().isWorkedLikeWood();
    }

    /** How its slats are spaced; empty where it has none. */
    public Optional<Slatting> slatting() {
        return job.body().slats().map(between -> Slatting.of(between, Polygons.extent(inner, Axis.HEIGHT)));
    }

    /** Whether its mitres open when the air changes: what is pressed or layered moves as much along as across. */
    public boolean isOpening() {
        return isMitred()
                && job.section().strips().stream()
                        .anyMatch(strip -> strip.species().stuff().isGrown());
    }

    /** What repeats along its sides, in the order of its members; empty where they are straight. */
    public List<EdgeRun> edgeRuns() {
        return job.body().edge().map(edge -> Shaping.runs(edge, this)).orElse(List.of());
    }

    /** How its pieces lie at the saw. */
    public Words lying() {
        if (isSquared()) {
            return Words.of(members.stream().allMatch(Member::isSquare) ? "sheet.lie_square" : "sheet.lie_plain");
        }
        boolean before = job.rabbeting() == Rabbeting.BEFORE_MITRING;
        boolean rabbeted = before && job.section().lip().isPositive() && !isSolid();
        return Words.of(rabbeted ? "sheet.lie" : "sheet.lie_plain");
    }

    /**
     * Members, bars, bars across, slats, panel and bent strips, all that is sawn to length; for a frame in
     * one piece the board it is routed from.
     */
    public Stream<Member> pieces() {
        Stream<Member> own =
                isSolid() ? Stream.of(OnePiece.board(this)) : Stream.concat(members.stream(), bars().stream());
        return Stream.concat(own, added.otherThanBars());
    }

    /** Pieces that the saw makes alike, in groups, in the order of their first. */
    public List<List<Member>> alike() {
        List<List<Member>> groups = new ArrayList<>();
        pieces().forEach(piece -> groups.stream().filter(group -> group.getFirst().isCutLike(piece)).findFirst()
                .orElseGet(() -> {
                    groups.add(new ArrayList<>());
                    return groups.getLast();
                }).add(piece));
        return List.copyOf(groups);
    }

    /** The part of a line that runs along one member, counted from 0, from corner to corner. */
    public List<Point> run(Line line, int member) {
        List<Point> whole = Known.in(lines, line);
        int start = members.subList(0, member).stream().mapToInt(Frame::steps).sum();
        List<Point> run = new ArrayList<>(whole.subList(start, start + steps(members.get(member))));
        run.add(whole.get((start + steps(members.get(member))) % whole.size()));
        return List.copyOf(run);
    }

    private static int steps(Member member) {
        return member.curve().isPresent() ? Framing.CURVE_STEPS : 1;
    }

    /** The area inside a line this frame has, in mm². */
    public double area(Line line) {
        return Polygons.area(Known.in(lines, line));
    }

    /** Whether it has four square corners and lies flat, with glazing bars or without. */
    public boolean isFourSquare() {
        return job.lean().isFlat()
                && job.outline().isFourSquare();
    }

    /** Where the package rests in the common section. */
    public Seat seat() {
        return Seat.of(job.section(), Seat.signed(job.lean(), job.lean().angle().radians()));
    }

    /** The outside corners, each where a member starts. */
    public List<Point> corners() {
        List<Point> corners = new ArrayList<>();
        for (int i = 0; i < members.size(); i++) {
            corners.add(run(Line.OUTSIDE, i).getFirst());
        }
        return List.copyOf(corners);
    }

    /** Whether no corner points inwards, so that a band around it pulls every joint tight. */
    public boolean isConvex() {
        return Polygons.isConvex(Known.in(lines, Line.OUTSIDE));
    }

    /** The angle inside each corner, between the pieces that meet there, starting where the first piece starts. */
    public List<Angle> angles() {
        List<Angle> angles = new ArrayList<>();
        for (int i = 0; i < members.size(); i++) {
            Vector in = members.get((i + members.size() - 1) % members.size()).place().along();
            Vector out = members.get(i).place().along();
            double turn = Math.atan2(in.x() * out.y() - in.y() * out.x(), in.dot(out));
            angles.add(new Angle(Math.PI - turn));
        }
        return List.copyOf(angles);
    }

    /** The same members told from this side on, from 0, to look at its right end; lines are not turned. */
    public Frame from(int side) {
        List<Member> turned = new ArrayList<>(members);
        Collections.rotate(turned, -side);
        return new Frame(job, habits, widths, heights, turned, added, lines, inner);
    }

    /**
     * How far its wood stands out beyond the box around its outside, above where it has bent strips, and on each side
     * where those run on past the curve.
     */
    public Length standsOut(Axis axis) {
        return Length.mm(trim().stream()
                .flatMap(strip -> strip.outline().stream())
                .mapToDouble(place -> axis == Axis.WIDTH ? -place.x() : -place.y())
                .reduce(0, Math::max));
    }

    /** The longer outside side of the box around it. */
    public Length longSide() {
        return width(Line.OUTSIDE).max(height(Line.OUTSIDE));
    }

    /** Where the wood of its sides ends outwards: the outside line, or as it is sawn. */
    public List<Point> outer() {
        return OuterShaping.of(this).map(OuterShaping::line).orElseGet(() -> Known.in(lines, Line.OUTSIDE));
    }

    /** How far it is round the outside. */
    public Length around() {
        return Length.mm(Polygons.around(Known.in(lines, Line.OUTSIDE)));
    }

    /** The number of a screw, and the bits at hand for its thread in this wood. */
    public Words screw(Screw screw) {
        return habits.drawers().said(screw, job.section().species().hardness());
    }

    /** The same in words, or that none at hand is so short. */
    public Words screwUpTo(Length room) {
        return habits.drawers()
                .longest(Ware.SCREW, room)
                .map(longest -> Words.of("screws.up_to", longest))
                .orElseGet(() -> Words.of("screws.none_so_short", room));
    }

    /** The longest screw at hand that is not over this; so much where none is that short. */
    public Length longestScrew(Length room) {
        return habits.drawers().longest(Ware.SCREW, room).orElse(room);
    }

    /** The narrowest of the faces. */
    public Length narrowFace() {
        return narrowestSection().face();
    }

    /** The section of the member with the narrowest face. */
    public Section narrowestSection() {
        return members.stream()
                .map(Member::section)
                .min(Comparator.comparing(Section::face))
                .orElseThrow();
    }

    /**
     * Where a level line crosses a line of the frame: its leftmost and its rightmost point, in mm from
     * the left of the box.
     *
     * @param down mm from the top of the box, within the line
     */
    public double[] chord(Line line, double down) {
        List<Point> run = Known.in(lines, line);
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        for (int i = 0; i < run.size(); i++) {
            Point a = run.get(i);
            Point b = run.get((i + 1) % run.size());
            if (Math.min(a.y(), b.y()) <= down && Math.max(a.y(), b.y()) >= down) {
                double x = a.y() == b.y() ? Math.min(a.x(), b.x()) : a.towards(b, (down - a.y()) / (b.y() - a.y())).x();
                left = Math.min(left, x);
                right = Math.max(right, a.y() == b.y() ? Math.max(a.x(), b.x()) : x);
            }
        }
        return new double[] {left, right};
    }

    /**
     * What two pieces side by side on a stick lose between their furthest points: the blade crosses
     * their edges aslant, so it takes more of them than its own thickness. Both slanted cuts fit in the
     * wider of the two, since they lean away from each other.
     */
    public Length kerfBetweenPieces() {
        Length kerf = habits.get(Habit.KERF);
        return pieces().map(m -> m.left().kerfAlongEdge(kerf).max(m.right().kerfAlongEdge(kerf)))
                .max(Length::compareTo).orElseThrow();
    }
}
