package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Loop;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.shop.Habits;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Readings;

/** Lays the lines of a frame: the loop that was given and every parallel of it. */
final class Framing {
    /**
     * A curved side becomes so many straight runs in drawings, areas and lengths; off by under 1 in 3 000 of the
     * radius.
     */
    static final int CURVE_STEPS = 24;
    private static final double CLOSE_MM = 1e-6;
    private static final int MOST_STEPS = 40;
    /** A rule drawn through two points hardly apart leads nowhere. */
    private static final double FLAT = 0.05;

    /** What is cut to the rabbet, and that itself. */
    private static final Set<Line> FOLLOWING = EnumSet.of(Line.MAT, Line.GLASS, Line.RABBET);
    private final Job job;
    private final Habits habits;
    private final Ledger ledger;
    private final Offsets offsets;
    private final Optional<Placed> placed;
    private final Readings readings;
    private final RabbetRead judge;

    Framing(Job job, Habits habits, Ledger ledger, Optional<Placed> placed, Readings readings) {
        this.readings = readings;
        this.judge = new RabbetRead(job, readings, ledger);
        this.job = job;
        this.habits = habits;
        this.ledger = ledger;
        this.offsets = new Offsets(job, habits);
        this.placed = placed;
    }

    /** The frame, with its sizes and members entered. */
    Frame frame() {
        if (!offsets.lines().contains(job.outline().line())) {
            throw new Refusal(Words.of("impossible.line_here", job.outline().line()));
        }
        return job.outline() instanceof Boxed boxed ? boxed(boxed) : free();
    }

    private Frame boxed(Boxed boxed) {
        Chain across = Chain.of(job, boxed, habits, offsets, Axis.WIDTH);
        Chain down = Chain.of(job, boxed, habits, offsets, Axis.HEIGHT);
        Line base = boxed.width().line();
        boolean pointed = boxed instanceof Boxed.Arched arched && arched.arch() == Boxed.Arch.POINTED;
        boolean alone = boxed instanceof Boxed.Arched arched && !arched.hasSides();
        double width = boxed.width().length().toMm();
        double height = pointed
                ? pointedHeight(boxed, width, base)
                : down.walk(base.size(Axis.HEIGHT), base).result().value().toMm();
        Loop loop = boxed.loop(width, height);
        Map<Line, List<Point>> runs = runs(loop, base);
        if (job.isPlain()) {
            return finish(
                    loop,
                    base,
                    runs,
                    chained(across, Axis.WIDTH, loop),
                    chained(down, Axis.HEIGHT, loop),
                    Optional.of(across),
                    Optional.of(down));
        }
        return allRound(
                loop,
                base,
                runs,
                alone ? extents(runs, Axis.WIDTH) : walked(across, Axis.WIDTH),
                alone || pointed ? extents(runs, Axis.HEIGHT) : walked(down, Axis.HEIGHT));
    }

    /**
     * A point rises faster than its sides part: the height at the base line that gives the height that was asked for at
     * its own line, to a nanometre, by the secant rule.
     */
    private double pointedHeight(Boxed boxed, double width, Line base) {
        Size given = boxed.height();
        double before = given.length().toMm();
        double missedBefore = missed(boxed, width, before, base);
        double height = before + missedBefore;
        for (int i = 0; i < MOST_STEPS; i++) {
            double missed = missed(boxed, width, height, base);
            if (Math.abs(missed) < CLOSE_MM) {
                return height;
            }
            double slope = (missed - missedBefore) / (height - before);
            before = height;
            missedBefore = missed;
            height -= missed / (Math.abs(slope) > FLAT ? slope : -1);
        }
        throw new Refusal(Words.of("impossible.pointed_height", given.length(), given.line()));
    }

    /** How much higher than this the arch would have to be at the line it was given at, in mm. */
    private double missed(Boxed boxed, double width, double height, Line base) {
        Size given = boxed.height();
        Loop loop = boxed.loop(width, height);
        return given.length().toMm()
                - Polygons.extent(
                        loop.line(side -> offsets.of(given.line(), side) - offsets.of(base, side), CURVE_STEPS),
                        Axis.HEIGHT);
    }

    private Frame free() {
        Loop loop = switch (job.outline()) {
            case Outline.Regular regular -> regular.loop();
            case Outline.Free free -> free.loop();
            case Boxed _ -> throw new IllegalStateException("boxed outlines have a chain of their own");
        };
        Line base = job.outline().line();
        Map<Line, List<Point>> runs = runs(loop, base);
        return allRound(loop, base, runs, extents(runs, Axis.WIDTH), extents(runs, Axis.HEIGHT));
    }

    /** How large a frame is at each line along an axis, by the plan. */
    private interface AsPlanned {
        Figure<Length> size(Line line);
    }

    private static AsPlanned walked(Chain chain, Axis axis) {
        return line -> chain.walk(line.size(axis), line).result();
    }

    private static AsPlanned extents(Map<Line, List<Point>> runs, Axis axis) {
        return line -> Figure.formula(line.size(axis))
                .note("extent", line)
                .gives(Length.mm(Polygons.extent(Known.in(runs, line), axis)));
    }

    /** A frame that is no rectangle, or leans. */
    private Frame allRound(Loop loop, Line base, Map<Line, List<Point>> runs, AsPlanned wide, AsPlanned high) {
        Map<Axis, AsPlanned> planned = new EnumMap<>(Map.of(Axis.WIDTH, wide, Axis.HEIGHT, high));
        Map<Axis, Deed.Measured> read = new EnumMap<>(Axis.class);
        for (Axis axis : Axis.values()) {
            readings.of(Line.RABBET.size(axis))
                    .filter(_ -> offsets.lines().contains(Line.RABBET))
                    .filter(one -> judge.isOf(
                            Known.in(planned, axis).size(Line.RABBET).value(), Line.RABBET, axis, one))
                    .ifPresent(one -> read.put(axis, one));
        }
        AllRound made = new AllRound(
                runs,
                (line, out) -> loop.line(side -> distance(line, base).at(side) + out, CURVE_STEPS),
                read);
        read.forEach((axis, one) -> judge.judge(
                axis,
                one,
                now(Line.ART, axis, Known.in(planned, axis), made),
                now(Line.GLASS, axis, Known.in(planned, axis), made)));
        return finish(
                loop,
                base,
                made.runs(),
                sizes(Axis.WIDTH, wide, made),
                sizes(Axis.HEIGHT, high, made),
                Optional.empty(),
                Optional.empty());
    }

    private Optional<Length> now(Line line, Axis axis, AsPlanned planned, AllRound made) {
        return Optional.of(line).filter(offsets.lines()::contains).map(there -> planned.size(there)
                .value()
                .plus(made.off(there, axis).orElse(Length.ZERO)));
    }

    private Map<Line, Figure<Length>> sizes(Axis axis, AsPlanned planned, AllRound made) {
        Map<Line, Figure<Length>> sizes = new EnumMap<>(Line.class);
        for (Line line : offsets.lines()) {
            Figure<Length> size = planned.size(line);
            sizes.put(line, made.off(line, axis)
                    .map(off -> Figure.sum(size.key())
                            .start("read.planned", size.value())
                            .plus(line == Line.RABBET ? "read.over" : "read.rabbet_over", off.max(Length.ZERO))
                            .minus(
                                    line == Line.RABBET ? "read.under" : "read.rabbet_under",
                                    off.negated().max(Length.ZERO))
                            .rounded(line == Line.RABBET ? Rounding.NEAREST : Rounding.DOWN)
                            .result())
                    .map(Framing::checked)
                    .map(ledger::enter)
                    .orElseGet(() -> enterSize(line, axis, size)));
        }
        return Collections.unmodifiableMap(sizes);
    }

    private Map<Line, Figure<Length>> chained(Chain chain, Axis axis, Loop loop) {
        Map<Line, Figure<Length>> sizes = new EnumMap<>(Line.class);
        Optional<AsMade> made = asMade(chain, axis, loop);
        for (Line line : offsets.lines()) {
            sizes.put(line, made.filter(_ -> FOLLOWING.contains(line))
                    .map(one -> one.sum(line)
                            .rounded(line == Line.RABBET ? Rounding.NEAREST : Rounding.DOWN)
                            .result())
                    .map(Framing::checked)
                    .map(ledger::enter)
                    .orElseGet(() -> enterSize(line, axis, chain.walk(line.size(axis), line).result())));
        }
        return Collections.unmodifiableMap(sizes);
    }

    /** What is cut to the rabbet, by what came out. */
    private interface AsMade {
        Figure.Sum sum(Line line);
    }

    /**
     * The rabbet as it was read, or, before it is there, as the pieces around it came out; the wood around it and the
     * picture stay as they are.
     */
    private Optional<AsMade> asMade(Chain chain, Axis axis, Loop loop) {
        Length planned = chain.walk(Line.RABBET.size(axis), Line.RABBET).result().value();
        Length outside = chain.walk(Line.OUTSIDE.size(axis), Line.OUTSIDE).result().value();
        List<String> sides = sidesAlong(axis, loop);
        Optional<Deed.Measured> read = readings.of(Line.RABBET.size(axis))
                .filter(one -> judge.isOf(
                        readings.shortsUntil(sides, outside, one).contains(planned.minus(one.planned()))
                                ? one.planned()
                                : planned,
                        Line.RABBET,
                        axis,
                        one));
        Optional<Length> art = offsets.lines().contains(Line.ART)
                ? Optional.of(chain.walk(Line.ART.size(axis), Line.ART).result().value())
                : Optional.empty();
        if (read.isPresent()) {
            AsMade made = line -> chain.from(Line.RABBET, read.get().value(), line.size(axis), line);
            judge.judge(
                    axis,
                    read.get(),
                    art,
                    Optional.of(Line.GLASS)
                            .filter(offsets.lines()::contains)
                            .map(glass -> made.sum(glass).result().value()));
            return Optional.of(made);
        }
        Length less = readings.shortBy(sides, outside);
        if (less.isZero()) {
            return Optional.empty();
        }
        ledger.find(Finding.of(Severity.NOTE, Station.FIT, "sides_came_out", axis, less)
                .by(less)
                .remedy(new Remedy.Visit(Station.FIT)));
        judge.findTooSmall(axis, planned.minus(less), art);
        return Optional.of(line -> chain.walk(line.size(axis), line).minus("read.sides", less));
    }

    /** The sides whose lengths give the rabbet along an axis; none of a squared frame, which has rails between. */
    private List<String> sidesAlong(Axis axis, Loop loop) {
        Set<Side.Name> along = axis == Axis.WIDTH
                ? EnumSet.of(Side.Name.TOP, Side.Name.BOTTOM)
                : EnumSet.of(Side.Name.LEFT, Side.Name.RIGHT);
        return job.squared().isPresent()
                ? List.of()
                : loop.parts().stream()
                        .map(Loop.Part::side)
                        .filter(side -> along.contains(side.name()))
                        .map(Side::letters)
                        .toList();
    }

    private static Figure<Length> checked(Figure<Length> size) {
        if (size.value().isUnder(Size.LEAST)) {
            throw new Refusal(Words.of("impossible.no_room", size.name(), size.value(), Size.LEAST));
        }
        return size;
    }

    private Figure<Length> enterSize(Line line, Axis axis, Figure<Length> unchecked) {
        Figure<Length> size = checked(unchecked);
        boolean given = job.given(axis).filter(g -> g.line() == line).isPresent();
        Rounding rounding = line.compareTo(Line.RABBET) < 0 ? Rounding.DOWN : Rounding.NEAREST;
        Figure<Length> entered = given
                ? placed.map(by -> by.figure(axis))
                        .orElseGet(() ->
                                Figure.given(size.key(), job.given(axis).orElseThrow().length()))
                : size;
        if (line != Line.RABBET) {
            readings.of(line.size(axis)).ifPresent(read -> judge.isOf(entered.value(), line, axis, read));
        }
        // Given or not: glass is written down to the mark everywhere, so that the brief and the cutting list say the
        // same.
        return ledger.enter(new Figure<>(
                entered.key(), entered.name(), entered.value(), rounding, entered.origin(), entered.working()));
    }

    private Map<Line, List<Point>> runs(Loop loop, Line base) {
        Map<Line, List<Point>> runs = new EnumMap<>(Line.class);
        for (Line line : offsets.lines()) {
            runs.put(line, loop.line(distance(line, base), CURVE_STEPS));
        }
        return runs;
    }

    private Loop.Distance distance(Line line, Line base) {
        return side -> offsets.of(line, side) - offsets.of(base, side);
    }

    /** Moves everything so that the outside line starts at (0, 0), checks that the lines hold, and cuts the members. */
    private Frame finish(Loop loop, Line base, Map<Line, List<Point>> runs, Map<Line, Figure<Length>> widths,
                         Map<Line, Figure<Length>> heights, Optional<Chain> across, Optional<Chain> down) {
        List<Point> outside = Known.in(runs, Line.OUTSIDE);
        Point origin = Polygons.least(outside);
        Map<Line, List<Point>> moved = new EnumMap<>(Line.class);
        runs.forEach((line, run) -> moved.put(line, run.stream().map(p -> p.minus(origin)).toList()));
        List<Point> inner = loop.line(side -> offsets.inner(side) - offsets.of(base, side), CURVE_STEPS).stream()
                .map(p -> p.minus(origin)).toList();
        List<Member> members = job.squared().isPresent()
                ? squared(loop, Known.in(moved, Line.OUTSIDE))
                : mitred(new Joinery(job, ledger, offsets, loop, base, origin), loop, across, down);
        Polygons.crossing(inner).ifPresent(_ -> {
            throw new Refusal(Words.of("impossible.crosses"));
        });
        Optional<Shaping> shaping = job.body().edge().map(edge -> Shaping.of(edge, members, inner, ledger));
        List<Member> bars = job.outline() instanceof Boxed.Window window
                ? Glazing.bars(job, window, Known.in(moved, Line.SIGHT), ledger) : List.of();
        return new Frame(
                job,
                habits,
                widths,
                heights,
                shaping.map(Shaping::members).orElseGet(() -> List.copyOf(members)),
                new Added(
                        bars,
                        Bracing.members(job, Known.in(moved, Line.OUTSIDE), inner, ledger),
                        Slatting.members(job, inner, ledger),
                        Paneling.members(job, inner, ledger),
                        Trimming.members(job, members, ledger)),
                Collections.unmodifiableMap(moved),
                shaping.map(Shaping::inner).orElse(inner));
    }

    private static List<Member> mitred(
            Joinery joinery, Loop loop, Optional<Chain> across, Optional<Chain> down) {
        List<Member> members = new ArrayList<>();
        for (int i = 0; i < loop.size(); i++) {
            Side.Name name = loop.parts().get(i).side().name();
            members.add(joinery.member(i, name == Side.Name.TOP || name == Side.Name.BOTTOM ? across : down));
        }
        return members;
    }

    private List<Member> squared(Loop loop, List<Point> outside) {
        Boxed boxed = (Boxed) job.outline();
        return new Squaring(
                        job,
                        loop.parts().stream().map(Loop.Part::side).toList(),
                        outside,
                        Chain.of(job, boxed, habits, offsets, Axis.WIDTH),
                        Chain.of(job, boxed, habits, offsets, Axis.HEIGHT),
                        ledger)
                .members();
    }
}
