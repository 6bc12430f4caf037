package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Cuboid;
import neatcorner.core.frame.FixtureBox;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Fixture;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Section;

/**
 * All parts from above, cut through half way up what lies behind them, the wall at the top: how deep everything goes.
 * What lies higher or lower than the cut is dashed.
 */
public final class BehindDrawing {
    private final Assembly whole;
    private final List<FixtureBox> boxes;
    private final Sketch sketch;
    /** How far down is cut, in mm from the top of the first part. */
    private final double level;

    private final double wall;
    private final double unit;
    private final At origin;
    private final List<Name> written = new ArrayList<>();

    /** A name from where it begins. */
    private record Name(At at, double wide) {
    }

    private BehindDrawing(Plan plan, Reader reader, double width, double height) {
        this.whole = plan.assembly();
        this.boxes = FixtureBox.of(whole);
        this.sketch = new Sketch(reader);
        Cuboid main = boxes.stream()
                .min(Comparator.comparing(box -> box.fixture().kind()))
                .orElseThrow()
                .box();
        this.level = (main.top() + main.bottom()) / 2;
        this.wall = FixtureBox.wall(whole);
        double left = Stream.concat(
                        whole.lies().stream().map(Assembly.Lie::across),
                        boxes.stream().map(box -> box.box().left()))
                .min(Comparator.naturalOrder())
                .orElseThrow();
        double right = Math.max(
                left + whole.width().toMm(),
                boxes.stream().mapToDouble(box -> box.box().right()).max().orElseThrow());
        double front = front();
        double back = boxes.stream().mapToDouble(box -> box.box().back()).min().orElseThrow();
        double behind = Math.max(0, wall - back);
        this.unit = Math.min(
                (width - sketch.em(30)) / (right - left),
                (height - sketch.em(40)) / (front - wall + behind));
        this.origin = new At(
                (width - (right - left) * unit) / 2 - left * unit, sketch.em(18) + behind * unit);
    }

    private double front() {
        return Stream.iterate(0, part -> part < whole.frames().size(), part -> part + 1)
                .mapToDouble(part -> whole.lies().get(part).back().toMm()
                        + section(part).thickness().toMm())
                .max()
                .orElseThrow();
    }

    /** The picture, to fill a space of this size; of a job with something behind it. */
    public static Picture draw(Plan plan, Reader reader, double width, double height) {
        BehindDrawing drawing = new BehindDrawing(plan, reader, width, height);
        drawing.draw(width, height);
        return drawing.sketch.picture(width, height);
    }

    private Section section(int part) {
        return whole.frame(part).job().section();
    }

    private At at(double across, double before) {
        return new At(origin.x() + across * unit, origin.y() + (before - wall) * unit);
    }

    private void draw(double width, double height) {
        for (int part = 0; part < whole.frames().size(); part++) {
            sides(part);
        }
        boxes.stream().filter(box -> !isCut(box)).forEach(this::box);
        boxes.stream().filter(this::isCut).forEach(this::box);
        boxes.stream().filter(this::isCut).forEach(box -> name(box, true));
        boxes.stream().filter(box -> !isCut(box)).forEach(box -> name(box, false));
        sketch.line(new At(0, origin.y()), new At(width, origin.y()), Ink.INK, sketch.em(1.6));
        sketch.text(new At(sketch.em(4), sketch.em(8)), sketch.say("behind.wall"), Ink.SOFT, 11, false, Anchor.START);
        sketch.text(
                new At(width / 2, height - sketch.em(8)),
                sketch.say(
                        "behind.depths",
                        Length.mm(FixtureBox.bearing(whole) - wall),
                        Length.mm(front() - wall)),
                Ink.SOFT,
                11,
                false,
                Anchor.MIDDLE);
    }

    /** The wood of a part on the left and on the right of the cut. */
    private void sides(int part) {
        Frame frame = whole.frame(part);
        Assembly.Lie lie = whole.lies().get(part);
        double down = level - lie.down();
        if (down <= 0 || down >= frame.height(Line.OUTSIDE).toMm()) {
            return;
        }
        double[] outside = frame.chord(Line.OUTSIDE, down);
        Section section = frame.members().stream()
                .filter(member -> Math.abs(member.place().along().x()) < Math.abs(member.place().along().y()))
                .findFirst()
                .map(Member::section)
                .orElse(frame.job().section());
        for (boolean left : new boolean[] {true, false}) {
            for (Section.Part strip : section.parts()) {
                EndGrain.draw(
                        sketch,
                        strip.wood(),
                        strip.species(),
                        (x, y) -> at(
                                lie.across()
                                        + (left
                                                ? outside[0] + section.face().toMm() - x
                                                : outside[1] - section.face().toMm() + x),
                                lie.back().toMm() + y));
            }
        }
    }

    private void box(FixtureBox one) {
        Cuboid box = one.box();
        List<At> outline = List.of(
                at(box.left(), box.back()),
                at(box.right(), box.back()),
                at(box.right(), box.front()),
                at(box.left(), box.front()));
        if (isCut(one)) {
            sketch.area(outline, one.fixture().kind() == Fixture.Kind.SCREEN ? Ink.GLASS : Ink.BOARD);
            sketch.outline(outline, Ink.INK, sketch.em(1.2));
        } else {
            sketch.hidden(outline, Ink.SOFT);
        }
    }

    /** What it is and how deep, where there is room and nothing is written yet. */
    private void name(FixtureBox one, boolean cut) {
        Cuboid box = one.box();
        String name = sketch.say("behind.named", one.fixture().kind(), one.fixture().depth());
        double size = sketch.fitting(name, 11, false, (box.right() - box.left()) * unit - sketch.em(6));
        double line = sketch.em(size) * 1.2;
        double wide = sketch.widthOf(name, sketch.em(size), false);
        At middle = at((box.left() + box.right()) / 2, (box.back() + box.front()) / 2);
        double x = cut ? middle.x() - wide / 2 : at(box.left(), box.back()).x() + sketch.em(4);
        boolean taken = written.stream()
                .anyMatch(other -> Math.abs(other.at().y() - middle.y()) < line
                        && x < other.at().x() + other.wide()
                        && other.at().x() < x + wide);
        if (taken || size <= 7 || (box.front() - box.back()) * unit < line) {
            return;
        }
        written.add(new Name(new At(x, middle.y()), wide));
        sketch.text(new At(x, middle.y()), name, cut ? Ink.INK : Ink.SOFT, size, false, Anchor.START);
    }

    private boolean isCut(FixtureBox box) {
        return box.box().top() <= level && box.box().bottom() >= level;
    }
}
