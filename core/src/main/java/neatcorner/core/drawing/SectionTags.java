package neatcorner.core.drawing;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.section.Band;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.section.Strip;
import neatcorner.core.section.StripKey;
import neatcorner.core.section.StripKey.What;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Phrasebook;

/**
 * The numbers of a section on its drawing: each with a line from where to where it is measured, moved
 * outwards until its tag is free, and a grip on the edge that moves.
 */
final class SectionTags {
    private static final int ROWS = 9;
    private final Plan plan;
    private final Section section;
    private final Sketch sketch;
    private final Axes axes;
    private final TagPlacer placer;
    private final double left;
    private final double right;
    private final double top;
    private final double low;

    /** From the section's axes, in mm, to the picture. */
    interface Axes {
        At at(double x, double y);

        double unit();
    }

    /** Where a dimension line goes. */
    private enum Where {
        ABOVE, BELOW, LEFT, RIGHT;

        boolean isLevel() {
            return this == ABOVE || this == BELOW;
        }
    }

    /**
     * Tags of a plan's section.
     *
     * @param past how far the package is drawn past the sight line, in mm
     */
    SectionTags(Plan plan, Sketch sketch, Axes axes, double past, double width, double height) {
        this.plan = plan;
        this.section = plan.job().section();
        this.sketch = sketch;
        this.axes = axes;
        List<At> outline = section.outline().stream().map(p -> axes.at(p.x(), p.y())).toList();
        this.placer = new TagPlacer(outline, width, height, sketch.em(10));
        double proud = Math.max(0, -plan.depth().left().value().toMm());
        this.left = axes.at(section.face().toMm(), 0).x();
        this.right = axes.at(-past, 0).x();
        this.top = axes.at(0, section.thickness().toMm()).y();
        this.low = axes.at(0, -proud).y();
    }

    /** How many numbers may ask for room above, below and beside; at least one each. */
    static int rows(Section section) {
        return 1 + (section.strips().size() > 1 ? 1 : 0) + (section.band().isPresent() ? 1 : 0);
    }

    void draw() {
        double face = section.face().toMm();
        double stacked = section.stacked().toMm();
        recess(section.recess());
        double core = face - section.band().map(Band::width).orElse(Length.ZERO).toMm();
        double back = 0;
        for (int i = 0; i < section.strips().size(); i++) {
            strip(i, core, back);
            back += section.strips().get(i).thickness().toMm();
        }
        section.relief().ifPresent(r -> {
            double outer = core - r.from().toMm();
            dimension(SectionKey.RELIEF_WIDTH, Where.BELOW, outer - r.width().toMm(), outer, 0);
            dimension(SectionKey.RELIEF_DEPTH, Where.LEFT, 0, r.depth().toMm(), outer);
            grip(SectionKey.RELIEF_WIDTH, outer - r.width().toMm(), r.depth().toMm() / 2, 1, 0);
            grip(SectionKey.RELIEF_DEPTH, outer - r.width().toMm() / 2, r.depth().toMm(), 0, -1);
            dimension(SectionKey.RELIEF_FROM, Where.BELOW, outer, core, 0);
            grip(SectionKey.RELIEF_FROM, outer, r.depth().toMm() / 2, 1, 0);
        });
        section.band().ifPresent(b -> {
            double front = stacked + b.reveal().toMm();
            dimension(SectionKey.BAND_WIDTH, Where.ABOVE, core, face, front);
            dimension(SectionKey.BAND_HEIGHT, Where.LEFT, front - b.height().toMm(), front, face);
            grip(
                    SectionKey.BAND_HEIGHT,
                    face - b.width().toMm() / 2,
                    front - b.height().toMm(),
                    0,
                    1);
            dimension(
                    SectionKey.BAND_REVEAL,
                    Where.LEFT,
                    Math.min(front, stacked),
                    Math.max(front, stacked) + 0.01,
                    face);
            grip(SectionKey.BAND_REVEAL, face - b.width().toMm() / 2, front, 0, -1);
            dimension(
                    SectionKey.BAND_EDGE, Where.ABOVE, face - b.outer().width().toMm(), face, front);
        });
        dimension(SectionKey.FACE, Where.ABOVE, 0, face, stacked);
        grip(SectionKey.FACE, face, section.wood().low() + section.edgeHeight().toMm() / 2, -1, 0);
        dimension(SectionKey.THICKNESS, Where.LEFT, 0, section.thickness().toMm(), face);
        if (section.strips().size() == 1) {
            grip(
                    SectionKey.THICKNESS,
                    core * 0.6,
                    stacked - section.strips().getFirst().front().drop().toMm() * 0.2,
                    0,
                    -1);
        }
    }

    private void recess(Recess recess) {
        switch (recess) {
            case Recess.Covering covering -> {
                double front = section.recessFront().toMm();
                double lip = covering.lip().toMm();
                double from = front - section.recessDepth().toMm();
                dimension(SectionKey.LIP, Where.BELOW, 0, lip, 0);
                grip(SectionKey.LIP, lip, (front + from) / 2, -1, 0);
                dimension(SectionKey.RABBET_DEPTH, Where.RIGHT, from, front, 0);
                grip(SectionKey.RABBET_DEPTH, lip / 2, front, 0, -1);
                switch (covering) {
                    case Recess.Rabbet _, Recess.TiltedRabbet _ -> {
                    }
                    case Recess.DoubleRabbet(_, _, Length backLip, Length backDepth) -> {
                        dimension(SectionKey.BACK_LIP, Where.BELOW, 0, backLip.toMm(), 0);
                        grip(SectionKey.BACK_LIP, backLip.toMm(), backDepth.toMm() / 2, -1, 0);
                        dimension(SectionKey.BACK_DEPTH, Where.RIGHT, 0, backDepth.toMm(), 0);
                        grip(SectionKey.BACK_DEPTH, (lip + backLip.toMm()) / 2, backDepth.toMm(), 0, -1);
                    }
                    case Recess.Slot slot -> {
                        dimension(SectionKey.SLOT_FROM_BACK, Where.RIGHT, 0, slot.fromBack().toMm(), 0);
                        grip(SectionKey.SLOT_FROM_BACK, lip / 2, slot.fromBack().toMm(), 0, -1);
                        slot.behind().ifPresent(second -> {
                            double low = second.fromBack().toMm();
                            double high = second.fromBack().plus(second.width()).toMm();
                            dimension(SectionKey.GROOVE_BEHIND_WIDTH, Where.RIGHT, low, high, 0);
                            grip(SectionKey.GROOVE_BEHIND_WIDTH, lip / 2, high, 0, -1);
                            dimension(SectionKey.GROOVE_BEHIND_FROM, Where.RIGHT, 0, low, 0);
                            grip(SectionKey.GROOVE_BEHIND_FROM, lip / 4, low, 0, -1);
                        });
                    }
                }
            }
            case Recess.Floater floater when floater.isWall() -> {
            }
            case Recess.Floater(Length ledge, Length thickness) -> {
                dimension(SectionKey.LEDGE, Where.BELOW, -ledge.toMm(), 0, 0);
                grip(SectionKey.LEDGE, -ledge.toMm(), thickness.toMm() / 2, 1, 0);
                dimension(SectionKey.LEDGE_THICKNESS, Where.RIGHT, 0, thickness.toMm(), -ledge.toMm());
                grip(SectionKey.LEDGE_THICKNESS, -ledge.toMm() / 2, thickness.toMm(), 0, -1);
            }
            case Recess.Over(Length overlap, Length clips, Length stands) -> {
                double below = -stands.toMm() - 0.3 * section.thickness().toMm();
                dimension(SectionKey.OVERLAP, Where.BELOW, 0, overlap.toMm(), below);
                grip(SectionKey.OVERLAP, overlap.toMm(), -stands.toMm() / 2, -1, 0);
                dimension(SectionKey.STANDS_OFF, Where.RIGHT, -stands.toMm(), 0, 0);
            }
            case Recess.Bar() -> {
            }
        }
    }

    private void strip(int index, double core, double back) {
        Strip strip = section.strips().get(index);
        double outer = core - strip.setIn().toMm();
        double inner = section.recess() instanceof Recess.Floater ? 0 : outer - strip.width().toMm();
        double front = back + strip.thickness().toMm();
        Where level = index == 0 && section.strips().size() > 1 ? Where.BELOW : Where.ABOVE;
        if (section.strips().size() > 1) {
            dimension(new StripKey(index, What.THICKNESS), Where.LEFT, back, front, outer);
            grip(new StripKey(index, What.THICKNESS), (inner + outer) / 2, front, 0, -1);
            dimension(new StripKey(index, What.WIDTH), level, inner, outer, level == Where.BELOW ? back : front);
            grip(
                    new StripKey(index, What.WIDTH),
                    inner,
                    (Math.max(back, section.recessFront().toMm()) + front) / 2,
                    1,
                    0);
            if (strip.setIn().isPositive()) {
                dimension(new StripKey(index, What.SET_IN), Where.ABOVE, outer, core, front);
            }
            grip(new StripKey(index, What.SET_IN), outer, (back + front) / 2, 1, 0);
        }
        if (strip.front().drop().isPositive()) {
            dimension(new StripKey(index, What.DROP), Where.RIGHT, front - strip.front().drop().toMm(), front, inner);
            grip(new StripKey(index, What.DROP), inner, front - strip.front().drop().toMm(), 0, 1);
        }
        edging(
                new StripKey(index, What.INNER_WIDTH),
                new StripKey(index, What.INNER_DEPTH),
                strip.inner(),
                inner,
                1,
                front);
        edging(
                new StripKey(index, What.OUTER_WIDTH),
                new StripKey(index, What.OUTER_DEPTH),
                strip.outer(),
                outer,
                -1,
                front);
    }

    /** A worked edge; {@code way} is 1 where the face runs outwards from it, −1 where it runs inwards. */
    private void edging(StripKey width, StripKey deep, Edging edging, double edge, int way, double front) {
        if (edging.kind() != Edging.Kind.SQUARE) {
            double end = edge + way * edging.width().toMm();
            dimension(width, Where.ABOVE, Math.min(edge, end), Math.max(edge, end), front);
            grip(width, end, front, -way, 0);
            double depth = front - edging.depth().toMm();
            dimension(deep, way > 0 ? Where.RIGHT : Where.LEFT, depth, front, edge);
            grip(deep, edge, depth, 0, 1);
        }
    }

    private void grip(FigureKey<Length> entry, double x, double y, double right, double down) {
        if (plan.figure(entry).isPresent()) {
            sketch.grip(new Mark.Grip(axes.at(x, y), new Handle.Number(entry), axes.unit(), right, down));
        }
    }

    /**
     * A dimension from one place of an axis to another.
     *
     * @param start on the other axis, where the line that leads out starts
     */
    private void dimension(FigureKey<Length> figure, Where where, double from, double to, double start) {
        Optional<Figure<Length>> shown = plan.figure(figure);
        if (shown.isEmpty()) {
            return;
        }
        String caption = caption(shown.get());
        double[] half = sketch.tagSize(shown.get(), caption);
        for (int row = 0; row < ROWS; row++) {
            At a = end(where, from, row, half);
            At b = end(where, to, row, half);
            At middle = Sketch.middle(a, b);
            if (placer.takeIfFree(new TagPlacer.Box(middle.x(), middle.y(), half[0], half[1]))) {
                lead(where, from, start, a);
                lead(where, to, start, b);
                sketch.ruler(a, b);
                sketch.tag(plan, sketch.tagMiddle(middle), figure, caption);
                return;
            }
        }
    }

    private String caption(Figure<Length> figure) {
        String key = "tag." + switch (figure.key()) {
            case SectionKey number -> number.name().toLowerCase(Locale.ROOT);
            case StripKey(_, What what) -> what.name().toLowerCase(Locale.ROOT);
            default -> figure.id();
        };
        return Phrasebook.knows(key) ? sketch.say(key) : sketch.book().say(figure.name());
    }

    private At end(Where where, double at, int row, double[] half) {
        double out = sketch.em(12) + (where.isLevel() ? half[1] : half[0]) + row * sketch.em(where.isLevel() ? 23 : 34);
        return switch (where) {
            case ABOVE -> new At(axes.at(at, 0).x(), top - out);
            case BELOW -> new At(axes.at(at, 0).x(), low + out);
            case LEFT -> new At(left - out, axes.at(0, at).y());
            case RIGHT -> new At(right + out, axes.at(0, at).y());
        };
    }

    private void lead(Where where, double at, double start, At end) {
        At from = where.isLevel() ? axes.at(at, start) : axes.at(start, at);
        sketch.line(from, end, Ink.HAIRLINE, sketch.em(0.8));
    }
}
