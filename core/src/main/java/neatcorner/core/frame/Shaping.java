package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.Entry;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.SectionKey;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;

/**
 * Inner edges that are sawn to a shape.
 *
 * @param members with their shapes
 * @param inner   the opening as it is sawn, clockwise
 */
record Shaping(List<Member> members, List<Point> inner) {
    /** Sides whose repeats differ by more look uneven at the corner. Common practice, no source. */
    private static final double UNLIKE = 0.1;
    /** Wood that stays beside the deepest place. Common practice, no source. */
    private static final Length LEAST_LEFT = Length.mm(12);
    /** Points of real wood sharper than this break along the grain. Common practice, no source. */
    private static final Angle LEAST_POINT = Angle.degrees(90);
    /** The rise of an arc whose points are just not sharp, as a share of half its chord, and a little flatter. */
    private static final double BLUNT = Math.tan(Math.PI / 8) * 0.98;
    private static final int TRIED = 120;

    Shaping {
        members = List.copyOf(members);
        inner = List.copyOf(inner);
    }

    /**
     * Shapes the inner edges of straight members.
     *
     * @param inner the opening with straight sides, a corner where each member starts
     */
    static Shaping of(ShapedEdge edge, List<Member> members, List<Point> inner, Ledger ledger) {
        List<Member> shaped = new ArrayList<>();
        List<Point> opening = new ArrayList<>();
        List<EdgeRun> runs = new ArrayList<>();
        for (int i = 0; i < members.size(); i++) {
            Point from = inner.get(i);
            Point to = inner.get((i + 1) % inner.size());
            EdgeRun run = EdgeRun.of(edge, members.get(i).side(), from.to(to));
            List<Point> path = run.path(edge, from, to);
            runs.add(run);
            shaped.add(members.get(i).with(path));
            opening.add(from);
            opening.addAll(path);
        }
        enter(edge, runs, ledger);
        return new Shaping(shaped, opening);
    }

    /** Sides of one length have the same repeats, and are said once, by the letters of all of them. */
    private static void enter(ShapedEdge edge, List<EdgeRun> runs, Ledger ledger) {
        for (List<EdgeRun> alike : EdgeRun.alike(runs)) {
            EdgeRun run = alike.getFirst();
            Words where = alike.size() == runs.size()
                    ? Words.of("edge.every_side")
                    : Words.of("edge.along", EdgeRun.letters(alike));
            ledger.enter(Figure.formula(EdgeRunKey.count(run.side()))
                    .named(Words.of("figure.edge.count_of", where))
                    .with("pitch_wished", edge.pitch())
                    .note("edge_count")
                    .gives(new Count(run.count())));
            ledger.enter(Figure.formula(EdgeRunKey.length(run.side(), EdgeRunKey.What.PITCH))
                    .named(Words.of("figure.edge.pitch_of", where))
                    .with("inner_edge", Length.mm(run.along()))
                    .with("straight_corners", edge.corner().times(2))
                    .note("edge_pitch", run.count())
                    .gives(run.pitch()));
            ledger.enter(Figure.formula(EdgeRunKey.length(run.side(), EdgeRunKey.What.RADIUS))
                    .named(Words.of("figure.edge.radius_of", where))
                    .with("edge_repeat", run.pitch())
                    .with("edge_rise", edge.rise())
                    .note(edge.form() == ShapedEdge.Form.WAVES ? "edge_radius_wave" : "edge_radius")
                    .gives(run.radius(edge)));
        }
    }

    /** Finds what the shape uncovers, weakens or makes uneven. */
    static void check(ShapedEdge edge, Frame frame, Ledger ledger) {
        List<EdgeRun> runs = runs(edge, frame);
        covered(edge, frame, ledger);
        Length left = frame.narrowFace().minus(edge.rise());
        if (left.isUnder(LEAST_LEFT)) {
            Length flatter = frame.narrowFace().minus(LEAST_LEFT);
            ledger.find(Finding.of(Severity.CAUTION, Station.BRIEF, "edge_leaves_little", edge.rise(), left, LEAST_LEFT)
                    .by(LEAST_LEFT.minus(left))
                    .remedy(flatter.isUnder(Length.mm(1)) ? new Remedy.Visit(Station.BRIEF) : rise(edge, flatter)));
        }
        sharp(edge, frame, runs, ledger);
        unlike(edge, runs, ledger);
    }

    /** What repeats on every side of a frame, in the order of its members. */
    static List<EdgeRun> runs(ShapedEdge edge, Frame frame) {
        return IntStream.range(0, frame.members().size())
                .mapToObj(i -> {
                    List<Point> sight = frame.run(Line.SIGHT, i);
                    return EdgeRun.of(
                            edge, frame.members().get(i).side(), sight.getFirst().to(sight.getLast()));
                })
                .toList();
    }

    private static Remedy rise(ShapedEdge edge, Length rise) {
        return new Remedy.OnJob(
                Words.of("remedy.edge_rise", rise), new Edit.ShapeEdge(Optional.of(edge.withRise(rise))));
    }

    /** Behind the deepest place the package must still be covered. */
    private static void covered(ShapedEdge edge, Frame frame, Ledger ledger) {
        Recess recess = frame.job().section().recess();
        if (recess instanceof Recess.Bar) {
            return;
        }
        Length stays = frame.job().section().covers().minus(edge.rise());
        if (stays.isUnder(ShapedEdge.STAYS_COVERED)) {
            Length flatter = frame.job().section().covers().minus(ShapedEdge.STAYS_COVERED);
            Length wider = edge.rise().plus(ShapedEdge.STAYS_COVERED);
            SectionKey cover = recess instanceof Recess.Over ? SectionKey.OVERLAP : SectionKey.LIP;
            boolean flat = !flatter.isUnder(Length.mm(1));
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.BRIEF,
                            "edge_uncovers",
                            edge.rise(),
                            frame.job().section().covers(),
                            ShapedEdge.STAYS_COVERED)
                    .by(ShapedEdge.STAYS_COVERED.minus(stays))
                    .remedy(flat ? rise(edge, flatter) : new Remedy.OnJob(
                            Words.of("remedy.lip", wider), new Edit.Enter(cover, wider))));
        }
    }

    /** Arcs of half a turn would meet in a needle; a tangent of θ on both sides leaves 180° − 2θ of wood. */
    private static void sharp(ShapedEdge edge, Frame frame, List<EdgeRun> runs, Ledger ledger) {
        boolean grown = frame.job().section().strips().getLast().species().stuff().isGrown();
        if (edge.form() != ShapedEdge.Form.SCALLOPS || !grown) {
            return;
        }
        EdgeRun sharpest = runs.stream()
                .min((one, other) -> one.pitch().compareTo(other.pitch()))
                .orElseThrow();
        double tangent = Math.asin(Math.min(1, sharpest.pitch().over(2).ratio(sharpest.radius(edge))));
        Angle point = new Angle(Math.PI - 2 * tangent);
        if (point.compareTo(LEAST_POINT) < 0) {
            Length flatter = Length.mm(Math.floor(sharpest.pitch().toMm() / 2 * BLUNT * 10) / 10);
            ledger.find(Finding.of(Severity.CAUTION, Station.BRIEF, "edge_sharp", point, LEAST_POINT)
                    .by(LEAST_POINT.minus(point))
                    .remedy(flatter.isUnder(Length.mm(1)) ? new Remedy.Visit(Station.BRIEF) : rise(edge, flatter)));
        }
    }

    private static void unlike(ShapedEdge edge, List<EdgeRun> runs, Ledger ledger) {
        double worst = uneven(runs);
        if (worst > UNLIKE) {
            Length longest = runs.stream().map(EdgeRun::pitch).max(Length::compareTo).orElseThrow();
            Length shortest = runs.stream().map(EdgeRun::pitch).min(Length::compareTo).orElseThrow();
            ledger.find(Finding.of(Severity.NOTE, Station.BRIEF, "edge_unlike", shortest, longest)
                    .by(longest.minus(shortest))
                    .remedy(alike(edge, runs)
                            .<Remedy>map(better -> new Remedy.OnJob(
                                    Words.of("remedy.edge_pitch", better.pitch()),
                                    new Edit.ShapeEdge(Optional.of(better))))
                            .orElseGet(() -> new Remedy.Visit(Station.BRIEF))));
        }
    }

    private static double uneven(List<EdgeRun> runs) {
        double longest = runs.stream().mapToDouble(run -> run.pitch().toMm()).max().orElseThrow();
        double shortest = runs.stream().mapToDouble(run -> run.pitch().toMm()).min().orElseThrow();
        return longest / shortest - 1;
    }

    /** The pitch nearest to the one that is wished with which all sides come out alike enough. */
    private static Optional<ShapedEdge> alike(ShapedEdge edge, List<EdgeRun> runs) {
        return IntStream.rangeClosed(1, TRIED)
                .boxed()
                .flatMap(i -> Stream.of(1 - i * 0.5 / TRIED, 1 + i * 1.0 / TRIED))
                .map(share -> edge.pitch().times(share))
                .filter(pitch -> !pitch.isUnder(edge.rise().times(2).max(Length.mm(10)))
                        && !pitch.isOver(Length.mm(2_000)))
                .map(pitch -> edge.withPitch(Length.mm(Math.rint(pitch.toMm()))))
                .filter(other -> uneven(runs.stream()
                                .map(run -> EdgeRun.nearest(other, run.side(), run.along()))
                                .toList())
                        <= UNLIKE)
                .filter(other -> runs.stream()
                        .map(run -> EdgeRun.nearest(other, run.side(), run.along()))
                        .noneMatch(run -> run.pitch().isUnder(edge.rise().times(2))))
                .findFirst();
    }
}
