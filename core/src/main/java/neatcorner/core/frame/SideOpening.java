package neatcorner.core.frame;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.job.Fixture;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.section.Recess;

/**
 * A way sawn out of the back of a side for what passes there: a plug and its cable, air.
 *
 * @param box    what it is for
 * @param part   of the job, from 0
 * @param member of that part, from 0
 * @param from   where it begins along the side, from the outside corner on the left of a level side, at the top of an
 *               upright one, else from where the piece starts
 * @param to     where it ends, from the same corner
 * @param deep   from the back
 */
public record SideOpening(FixtureBox box, int part, int member, Length from, Length to, Length deep) {
    /** What stays free around what passes. Common practice, no source. */
    private static final double FREE = 3;

    /** All there are in the sides of plain strips; other sections are not sawn into from behind. */
    public static List<SideOpening> of(Assembly assembly) {
        return FixtureBox.of(assembly).stream()
                .filter(box -> box.fixture().kind().isOpened())
                .flatMap(box -> IntStream.range(0, assembly.frames().size())
                        .filter(part -> canBeIn(assembly.frame(part)))
                        .boxed()
                        .flatMap(part -> box.inWay(assembly, part).stream()
                                .flatMap(way -> along(assembly, box, way))))
                .toList();
    }

    /** Whether the sides of a part may be opened. */
    public static boolean canBeIn(Frame frame) {
        return frame.job().section().recess() instanceof Recess.Bar && !frame.job().outline().isCurved();
    }

    /** How much wood stays in front of it. */
    public Length left(Assembly assembly) {
        return assembly.frame(part).job().section().thickness().minus(deep);
    }

    /** What it weighs less, in kg: an estimate. */
    double kg(Assembly assembly) {
        var section = assembly.frame(part).members().get(member).section();
        return to.minus(from).toMm()
                * deep.toMm()
                * section.face().toMm()
                * 1e-9
                * section.species().density();
    }

    private static Stream<SideOpening> along(Assembly assembly, FixtureBox box, FixtureBox.InWay way) {
        Frame frame = assembly.frame(way.part());
        Assembly.Lie lie = assembly.lies().get(way.part());
        List<Point> run = frame.run(Line.OUTSIDE, way.member());
        boolean turned = isTurned(run);
        Point start = lie.of(turned ? run.getLast() : run.getFirst());
        Point end = lie.of(turned ? run.getFirst() : run.getLast());
        Point on = end.minus(start).unit();
        double whole = start.to(end);
        var reach = box.box().corners().stream()
                .mapToDouble(corner -> corner.minus(start).dot(on))
                .summaryStatistics();
        double free = box.fixture().kind() == Fixture.Kind.VENT ? 0 : FREE;
        double from = Math.max(0, reach.getMin() - free);
        double to = Math.min(whole, reach.getMax() + free);
        Length thick = frame.job().section().thickness();
        Length deep = Length.mm(box.box().front() + free).minus(lie.back()).min(thick);
        return to > from
                ? Stream.of(new SideOpening(
                        box, way.part(), way.member(), Length.mm(from), Length.mm(to), deep))
                : Stream.empty();
    }

    /** A run goes clockwise: along the bottom from the right, up the left side from below. */
    private static boolean isTurned(List<Point> run) {
        Point way = run.getLast().minus(run.getFirst());
        return Math.abs(way.x()) > Math.abs(way.y()) ? way.x() < 0 : way.y() < 0;
    }
}
