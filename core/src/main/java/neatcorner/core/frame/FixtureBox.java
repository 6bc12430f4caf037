package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.job.Fixture;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.recall.Known;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.Silhouette;

/**
 * Where something behind the frame is in space.
 *
 * @param fixture what it is
 * @param index   of it, from 0
 * @param box     the room it takes
 */
public record FixtureBox(Fixture fixture, int index, Cuboid box) {
    /** Past any stick, in mm. */
    private static final double FAR = 1e4;

    /** All things behind a job, in their order. */
    public static List<FixtureBox> of(Assembly assembly) {
        Point middle = middle(assembly);
        double wall = wall(assembly);
        double bearing = bearing(assembly);
        List<FixtureBox> boxes = new ArrayList<>();
        for (Fixture fixture : assembly.job().packed().behind()) {
            double x = middle.x() + fixture.right().toMm();
            double y = middle.y() - fixture.up().toMm();
            double wide = fixture.width().over(2).toMm();
            double high = fixture.height().over(2).toMm();
            double deep = fixture.depth().toMm();
            double back = fixture.kind() == Fixture.Kind.SCREEN ? bearing - deep : wall;
            boxes.add(new FixtureBox(
                    fixture,
                    boxes.size(),
                    new Cuboid(x - wide, y - high, x + wide, y + high, back, back + deep)));
        }
        return List.copyOf(boxes);
    }

    /** The middle of the opening that is looked through. */
    static Point middle(Assembly assembly) {
        int holder = assembly.job().holder();
        var sight = Known.in(assembly.frame(holder).lines(), Line.SIGHT);
        var across = sight.stream().mapToDouble(Point::x).summaryStatistics();
        var down = sight.stream().mapToDouble(Point::y).summaryStatistics();
        return assembly.lies()
                .get(holder)
                .of(new Point((across.getMin() + across.getMax()) / 2, (down.getMin() + down.getMax()) / 2));
    }

    /** The hindmost back of all parts: what hangs touches the wall there. */
    public static double wall(Assembly assembly) {
        return assembly.lies().stream()
                .mapToDouble(lie -> lie.back().toMm())
                .min()
                .orElseThrow();
    }

    /** What a screen's front lies against: the ledge of the recess or the last layer before it, else the back. */
    public static double bearing(Assembly assembly) {
        int holder = assembly.job().holder();
        Section section = assembly.frame(holder).job().section();
        double back = assembly.lies().get(holder).back().toMm();
        if (!(section.recess() instanceof Recess.Covering) || section.recess() instanceof Recess.Slot) {
            return back;
        }
        return back + Assembly.behindPackage(assembly.frame(holder)).toMm();
    }

    /**
     * Wood in its way: the side of a part, and how far it reaches past the inner edge of the wood there.
     *
     * @param part   of the job, from 0
     * @param member of that part, from 0
     * @param by     how far, in mm
     */
    public record InWay(int part, int member, double by) {
    }

    /** The sides of a part that are in its way; none where the part leans or a corner of it points inwards. */
    public List<InWay> inWay(Assembly assembly, int part) {
        Frame frame = assembly.frame(part);
        if (!canJudge(frame)) {
            return List.of();
        }
        return IntStream.range(0, frame.members().size())
                .mapToObj(member -> new InWay(part, member, reach(assembly, part, member)))
                .filter(way -> way.by > Cuboid.TOUCH)
                .toList();
    }

    /** What runs across a part and is in its way: a bar, or a bar of a window. */
    public Optional<Member> across(Assembly assembly, int part) {
        Frame frame = assembly.frame(part);
        double back = assembly.lies().get(part).back().toMm();
        double front = back + frame.job().section().thickness().toMm();
        return Stream.concat(frame.cross().stream(), frame.bars().stream())
                .filter(bar -> isIn(bar, assembly.lies().get(part), back, front))
                .findFirst();
    }

    /** Such pieces run level or upright, so the box around each is the piece. */
    private boolean isIn(Member piece, Assembly.Lie lie, double back, double front) {
        List<Point> places = piece.outline().stream().map(lie::of).toList();
        var across = places.stream().mapToDouble(Point::x).summaryStatistics();
        var down = places.stream().mapToDouble(Point::y).summaryStatistics();
        return box.into(new Cuboid(
                        across.getMin(), down.getMin(), across.getMax(), down.getMax(), back, front))
                > 0;
    }

    /** Whether what is in the way of a box can be told: of flat frames whose corners all point outwards. */
    public static boolean canJudge(Frame frame) {
        return frame.job().lean().isFlat() && frame.isConvex();
    }

    /** How far it reaches past the wood's inner edge at a side; below zero where it is free of it. */
    public double reach(Assembly assembly, int part, int member) {
        Assembly.Lie lie = assembly.lies().get(part);
        Section section = assembly.frame(part).members().get(member).section();
        Silhouette there = within(section, box.back() - lie.back().toMm(), box.front() - lie.back().toMm());
        if (there.isNone()) {
            return Double.NEGATIVE_INFINITY;
        }
        return isBeside(assembly, part)
                ? Double.NEGATIVE_INFINITY
                : over(assembly, part, member) + section.face().toMm() - there.left();
    }

    /** How far its furthest corner lies outside the outside of a side; below zero within. */
    public double over(Assembly assembly, int part, int member) {
        return beyond(assembly, part, member, true);
    }

    /** Whether all of it lies outside a part as seen from the front. */
    public boolean isBeside(Assembly assembly, int part) {
        return IntStream.range(0, assembly.frame(part).members().size())
                .anyMatch(member -> beyond(assembly, part, member, false) >= -Cuboid.TOUCH);
    }

    /** How far its furthest or its nearest corner lies outside a side, along all of it. */
    private double beyond(Assembly assembly, int part, int member, boolean furthest) {
        Assembly.Lie lie = assembly.lies().get(part);
        List<Point> run = assembly.frame(part).run(Line.OUTSIDE, member);
        return IntStream.range(0, run.size() - 1)
                .mapToDouble(i -> {
                    Point out = run.get(i + 1).minus(run.get(i)).unit().outward();
                    double outside = out.dot(lie.of(run.get(i)));
                    var beyond = box.corners().stream()
                            .mapToDouble(corner -> out.dot(corner) - outside)
                            .summaryStatistics();
                    return furthest ? beyond.getMax() : beyond.getMin();
                })
                .max()
                .orElseThrow();
    }

    /** The wood of a section from one height over its back to another. */
    private static Silhouette within(Section section, double low, double high) {
        return high - low <= 2 * Cuboid.TOUCH
                ? Silhouette.NONE
                : section.wood()
                        .without(Silhouette.box(-FAR, -FAR, FAR, low + Cuboid.TOUCH))
                        .without(Silhouette.box(-FAR, high - Cuboid.TOUCH, FAR, FAR));
    }
}
