package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import neatcorner.core.job.Body;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Known;
import neatcorner.core.recall.Recent;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Planned;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Shop;
import neatcorner.core.work.Readings;
import neatcorner.core.work.WorkLog;

/**
 * All parts of a job worked out, every one by those it lies by.
 *
 * @param job     with the shapes that its placed parts have got
 * @param planned a frame a part, with its figures and findings
 * @param lies    where each lies, in the same order
 */
public record Assembly(Job job, List<Planned<Frame>> planned, List<Lie> lies) {
    /** Several findings of a plan may try one way out. */
    private static final Recent<Wish, Boolean> POSSIBLE = new Recent<>(8, Assembly::tried);

    private record Wish(Job job, Habits habits) {
    }

    /** A leaf stays so far before glass. Common practice, no source. */
    private static final Length CLEAR_OF_PACKAGE = Length.mm(2);

    public Assembly {
        planned = List.copyOf(planned);
        lies = List.copyOf(lies);
    }

    /**
     * Where a part lies.
     *
     * @param across from the left of the first part's outside to the left of its own, to the right, in mm
     * @param down   from the top of the first part's outside to the top of its own, in mm
     * @param back   its back before the back of the first part; negative behind it
     */
    public record Lie(double across, double down, Length back) {
        /** Where the first part lies. */
        static final Lie FIRST = new Lie(0, 0, Length.ZERO);

        /** A place in its own picture, in the first part's. */
        public Point of(Point place) {
            return new Point(place.x() + across, place.y() + down);
        }
    }

    /**
     * Works all parts out.
     *
     * @throws Refusal when the numbers leave no frame, or a part no room
     */
    public static Assembly of(Job job, Shop shop) {
        return of(job, shop, WorkLog.NOTHING);
    }

    /**
     * The same after some of it was done.
     *
     * @param log what was done and read of it
     * @throws Refusal when the numbers leave no frame, or a part no room
     */
    public static Assembly of(Job job, Shop shop, WorkLog log) {
        return of(job, shop.habitsUnder(job.overrides()), log);
    }

    /** The same with another part looked at, from 0. */
    public Assembly at(int part) {
        return new Assembly(job.at(part), planned, lies);
    }

    /** The frame of a part, from 0. */
    public Frame frame(int part) {
        return planned.get(part).result();
    }

    /** The frame of the part that is looked at. */
    public Frame seen() {
        return frame(job.seen());
    }

    /** The frames of all parts. */
    public List<Frame> frames() {
        return planned.stream().map(Planned::result).toList();
    }

    /** The line of the part it lies by that a part follows; empty for the first. */
    public Optional<Line> followed(int part) {
        Part own = job.parts().get(part);
        return own.placement()
                .map(where -> Placed.of(where, own.body().section(), frame(job.indexOf(where.on())), Readings.NONE)
                        .beside());
    }

    /** How high all parts are together, outside. */
    public Length height() {
        return IntStream.range(0, lies.size())
                .mapToObj(part -> below(part).plus(frame(part).height(Line.OUTSIDE)))
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** How wide all parts are together, outside. */
    public Length width() {
        return IntStream.range(0, lies.size())
                .mapToObj(part -> leftOf(part)
                        .plus(frame(part).width(Line.OUTSIDE))
                        .plus(frame(part).standsOut(Axis.WIDTH)))
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** How far a part's top lies under the top of all. */
    public Length below(int part) {
        return Length.mm(lies.get(part).down() - least(Axis.HEIGHT));
    }

    /** How far a part's left lies to the right of the left of all. */
    public Length leftOf(int part) {
        return Length.mm(lies.get(part).across() - least(Axis.WIDTH));
    }

    /** Where the wood of all begins, on an axis of the first part's picture, in mm. */
    private double least(Axis axis) {
        return IntStream.range(0, lies.size())
                .mapToDouble(part -> (axis == Axis.WIDTH ? lies.get(part).across() : lies.get(part).down())
                        - frame(part).standsOut(axis).toMm())
                .min()
                .orElseThrow();
    }

    /** Where all that are alike of a part lie, from the left. */
    public List<Lie> copies(int part) {
        Lie first = lies.get(part);
        Part alike = job.parts().get(part);
        double apart = frame(part).width(Line.OUTSIDE).toMm()
                + alike.placement().map(Placement::gap).orElse(Length.ZERO).toMm();
        return IntStream.range(0, alike.copies())
                .mapToObj(copy -> new Lie(first.across() + copy * apart, first.down(), first.back()))
                .toList();
    }

    /** Whether one part lies wholly behind the back of another or in its rabbet behind what is framed, both from 0. */
    public boolean isBehind(int part, int other) {
        boolean within = job.parts().get(part).placement().filter(Placement.InBack.class::isInstance)
                .filter(place -> place.on().equals(job.parts().get(other).name())).isPresent();
        return within || !lies.get(part)
                .back()
                .plus(frame(part).job().section().thickness())
                .isOver(lies.get(other).back());
    }

    /**
     * The parts by how far forward their fronts lie, the hindmost first.
     *
     * @param hindmostFirst else the foremost back first
     */
    public List<Integer> fromBehind(boolean hindmostFirst) {
        Comparator<Integer> byDepth = Comparator.comparing(part -> hindmostFirst
                ? lies.get(part).back().plus(frame(part).job().section().thickness())
                : lies.get(part).back().negated());
        return IntStream.range(0, lies.size()).boxed().sorted(byDepth).toList();
    }

    /** Whether all parts can be worked out. */
    static boolean isPossible(Job job, Habits habits) {
        return POSSIBLE.of(new Wish(job, habits));
    }

    private static boolean tried(Wish wish) {
        try {
            of(wish.job(), wish.habits());
            return true;
        } catch (Refusal impossible) {
            return false;
        }
    }

    static Assembly of(Job job, Habits habits) {
        return of(job, habits, WorkLog.NOTHING);
    }

    private static Assembly of(Job job, Habits habits, WorkLog log) {
        List<Planned<Frame>> frames = new ArrayList<>();
        List<Lie> lies = new ArrayList<>();
        Job whole = job;
        for (int i = 0; i < job.parts().size(); i++) {
            whole = whole.at(i);
            if (i == 0) {
                frames.add(Frame.of(
                        whole, habits, Optional.empty(), log.readings(whole.part().name())));
                lies.add(Lie.FIRST);
            } else {
                Part part = whole.part();
                try {
                    if (!part.body().lean().isFlat()) {
                        throw Refusal.of("placed.leaning", part.name());
                    }
                    Placement placement = part.placement().orElseThrow();
                    int base = whole.indexOf(placement.on());
                    Placed now = Placed.of(
                            placement,
                            part.body().section(),
                            frames.get(base).result(),
                            log.readings(placement.on()));
                    // What is cut stays as it was: of what it is fitted to only that counts which was read before.
                    WorkLog then = log.beforeCutting(part.name());
                    Placed placed = then == log
                            ? now
                            : Placed.of(
                                    placement,
                                    part.body().section(),
                                    of(job, habits, then).frame(base),
                                    then.readings(placement.on()));
                    whole = whole.with(shaped(part.body(), placed.outline()));
                    Planned<Frame> planned = Frame.of(
                            whole, habits, Optional.of(placed), log.readings(part.name()));
                    for (Finding since : placed.since(now, part.name())) {
                        planned = planned.with(since);
                    }
                    frames.add(planned);
                    lies.add(lie(placement, placed, planned.result(), lies.get(base)));
                } catch (Refusal refused) {
                    throw new Refusal(Words.of("impossible.part", part.name(), refused.words()));
                }
            }
        }
        return new Assembly(whole.at(job.seen()), frames, lies);
    }

    /** The same body in another shape; faces of sides it does not have are as those of the rest. */
    private static Body shaped(Body body, Outline outline) {
        if (body.outline().equals(outline)) {
            return body;
        }
        Map<String, Length> kept = new TreeMap<>(body.faces());
        kept.keySet().retainAll(outline.round().stream().map(Side::faceId).toList());
        return body.with(outline, kept);
    }

    /**
     * In the plane one line of the part runs beside one of the other's; how deep it lies the placement says, or where
     * it comes to rest.
     */
    private static Lie lie(Placement placement, Placed placed, Frame own, Lie of) {
        Frame base = placed.base();
        Point moved = moved(placed, own);
        Length front = base.job().section().thickness();
        Length thick = own.job().section().thickness();
        Length back = switch (placement) {
            case Placement.Around around ->
                own.job().isHolding()
                        ? front.minus(own.job().section().recessFront())
                        : front.plus(around.proud()).minus(thick);
            case Placement.Inside _ ->
                base.job()
                        .section()
                        .recess()
                        .restsAt(thick, base.job().section().stacked());
            case Placement.Behind _ -> thick.negated();
            case Placement.InBack _ -> behindPackage(base).minus(thick);
            case Placement.Hinged _ -> front.minus(thick).max(clearOf(base));
            case Placement.OnFront _ -> front;
            case Placement.OnTop _ -> Length.ZERO;
        };
        return new Lie(of.across() + moved.x(), of.down() + moved.y(), of.back().plus(back));
    }

    /** The back of what is framed, before the back of the part that holds it. */
    public static Length behindPackage(Frame base) {
        Job job = base.job();
        Length stack = job.seen() == job.holder() ? job.packed().stack() : Length.ZERO;
        return job.section().recessFront().minus(job.lined()).minus(stack);
    }

    /** A leaf swings in front of what lies in the rabbet. */
    private static Length clearOf(Frame base) {
        Section section = base.job().section();
        return section.recess() instanceof Recess.Covering
                        && !base.job().contents().layers().isEmpty()
                ? section.recessFront().plus(CLEAR_OF_PACKAGE)
                : Length.ZERO;
    }

    /**
     * From where a part is drawn by itself to where it lies in the picture of the other, in mm. On two sides that are
     * not parallel its own line runs at its distance outside the other's: with their outward normals n, n·moved =
     * n·(other − own) + out.
     */
    private static Point moved(Placed placed, Frame own) {
        if (placed.across() > 1) {
            Point corner = Polygons.least(Known.in(placed.base().lines(), placed.beside()));
            return corner.minus(new Point(placed.out().toMm(), placed.out().toMm()));
        }
        if (placed.high().isPresent()) {
            Point corner = Polygons.least(Known.in(placed.base().lines(), Line.OUTSIDE));
            return corner.minus(
                    new Point(placed.out().toMm(), placed.high().get().toMm()));
        }
        boolean curved = placed.base().job().outline().isCurved();
        Point n = curved ? new Point(-1, 0) : outward(placed, 0);
        Point m = curved ? new Point(0, 1) : outward(placed, 1);
        double along = along(placed, own, n, 0);
        double alongToo = along(placed, own, m, 1);
        double det = n.cross(m);
        return new Point((along * m.y() - alongToo * n.y()) / det, (alongToo * n.x() - along * m.x()) / det);
    }

    private static Point outward(Placed placed, int side) {
        List<Point> run = placed.base().run(placed.beside(), side);
        return run.getLast().minus(run.getFirst()).unit().outward();
    }

    /** A curved frame has straight sides where it is furthest to the left and at the bottom, or a ring's tangents. */
    private static double along(Placed placed, Frame own, Point normal, int side) {
        return reach(placed.base(), placed.beside(), normal, side)
                - reach(own, placed.own(), normal, side)
                + placed.out().toMm();
    }

    private static double reach(Frame frame, Line line, Point normal, int side) {
        return frame.job().outline().isCurved()
                ? Known.in(frame.lines(), line).stream()
                        .mapToDouble(normal::dot)
                        .max()
                        .orElseThrow()
                : frame.run(line, side).getFirst().dot(normal);
    }
}
