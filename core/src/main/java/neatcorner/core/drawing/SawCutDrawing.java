package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Numeral;
import neatcorner.core.sawing.Measure;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Strip;
import neatcorner.core.sawing.Stroke;
import neatcorner.core.section.Section;

/**
 * The strip at the saw for one cut, seen from above: fence, stop, blade as it swings, what is wanted and what is
 * waste, the sight edge scribbled, and below it the whole stick. Angles are true; a strip that is longer than the
 * picture is broken off.
 */
public final class SawCutDrawing {
    private final SawCut cut;
    private final Length kerf;
    private final Sketch sketch;
    private final double width;
    private final double height;
    private final double fence;
    private final double wide;
    private final double unit;
    private final double blade;
    private final double margin;

    private SawCutDrawing(SawCut cut, Length kerf, Reader reader, double width, double height) {
        this.cut = cut;
        this.kerf = kerf;
        this.sketch = new Sketch(reader);
        this.width = width;
        this.height = height;
        this.fence = sketch.em(68);
        this.margin = sketch.em(34);
        this.blade = width * (cut.held().isLeft() ? 0.58 : 0.4);
        double room = height - fence - sketch.em(104);
        double roomy = room > sketch.em(230) ? room * 0.52 : room;
        double lean = Math.tan(cut.setting().swing().radians());
        double most = Math.max(sketch.em(24), Math.min(roomy, width * 0.3 / Math.max(1, lean)));
        double whole = (blade - margin) / Math.max(1, length(cut.held().held()));
        double seen = Math.min(most, Math.max(sketch.em(56), Math.min(sketch.em(150), roomy * 0.6)));
        this.unit = Math.clamp(whole, seen / section().width().toMm(), most / section().width().toMm());
        this.wide = section().width().toMm() * unit;
    }

    private static double length(Strip strip) {
        return strip.to().minus(strip.from()).toMm();
    }

    /** To fill a space of this size. */
    public static Picture draw(SawCut cut, Length kerf, Reader reader, double width, double height) {
        return new SawCutDrawing(cut, kerf, reader, width, height).draw();
    }

    private Section section() {
        return cut.on().stick().section();
    }

    private Picture draw() {
        sketch.area(
                Sketch.rectangle(0, fence - sketch.em(14), width, fence - sketch.em(2)), Paint.of(Ink.METAL));
        sketch.small(new At(width - sketch.em(4), fence - sketch.em(22)), sketch.say("sawing.fence"), Anchor.END);
        strip(cut.held().left(), true);
        strip(cut.held().right(), false);
        scribble();
        broken();
        stop();
        blade();
        dimension();
        hand();
        offCut();
        tilt();
        wholeStick();
        return sketch.picture(width, height);
    }

    /** Where a place right of the blade is drawn; what is too far off ends past the picture's border. */
    private double x(Length at) {
        return Math.clamp(blade + at.minus(bladeAt()).toMm() * unit, -wide, width + 2 * wide);
    }

    /** Whether what lies left of the blade is drawn shorter than it is, with a break in it. */
    private boolean isBroken() {
        return blade - bladeAt().minus(cut.held().strip().furthest()).toMm() * unit < margin - sketch.em(1);
    }

    /** Where a place at the left end of what lies on the saw is drawn; steep ends that would cross are kept apart. */
    private double leftEnd(Length at) {
        if (!isBroken()) {
            return x(at);
        }
        Strip strip = cut.held().strip();
        Strip left = cut.held().left();
        double touch = at.minus(strip.furthest()).toMm() * unit;
        double fenceEdge = blade - margin - strip.from().minus(strip.furthest()).toMm() * unit;
        double nearEdge = fenceEdge + left.toLean().minus(strip.fromLean()).toMm() * unit;
        return margin + touch - Math.max(0, sketch.em(40) - Math.min(fenceEdge, nearEdge));
    }

    /** Where the blade's left face meets the fence. */
    private Length bladeAt() {
        return cut.held().left().to();
    }

    private boolean isWaste(boolean left) {
        return switch (cut.stroke()) {
            case LEFT -> left;
            case RIGHT -> !left;
            case PART, BOTH -> false;
        };
    }

    private List<At> outline(Strip strip) {
        double near = fence + wide;
        boolean left = strip.equals(cut.held().left());
        double from = left ? leftEnd(strip.from()) : x(strip.from());
        return List.of(
                new At(from, fence),
                new At(x(strip.to()), fence),
                new At(x(strip.to()) + strip.toLean().toMm() * unit, near),
                new At(from + strip.fromLean().toMm() * unit, near));
    }

    private void strip(Strip strip, boolean left) {
        List<At> outline = clipped(outline(strip));
        boolean waste = isWaste(left);
        if (waste && outline.get(0).x() > outline.get(1).x()) {
            triangle(strip);
            return;
        }
        sketch.wood(outline.get(0), outline.get(1), outline.get(2), outline.get(3), section().species(),
                cut.number() * 2 + (left ? 0 : 1), waste);
        if (waste && !cut.offCut().orElseThrow().kept()) {
            sketch.hatched(outline, Ink.CAUTION);
        }
        sketch.outline(outline, new Paint.Wood(section().species(), Paint.Shade.EDGE), sketch.em(1.2));
        String says = waste
                ? sketch.say(cut.offCut().orElseThrow().kept() ? "sawing.keep" : "sawing.off_cut")
                : name(left);
        double free = left && isBroken() ? breakAt() + sketch.em(8) : 0;
        double from = Math.max(free, Math.max(outline.get(0).x(), outline.get(3).x()));
        double to = Math.min(outline.get(1).x(), outline.get(2).x());
        if (sketch.widthOf(says, sketch.em(13), true) < to - from - sketch.em(8)) {
            sketch.text(new At((from + to) / 2, fence + wide * 0.42), says, Sketch.letters(section().species()), 13,
                    true, Anchor.MIDDLE);
        }
    }

    /** A strip that ends in a point before it reaches the fence. */
    private void triangle(Strip strip) {
        List<At> outline = pointed(x(strip.from()), x(strip.to()), strip.fromLean().toMm() * unit,
                        strip.toLean().toMm() * unit, wide)
                .stream()
                .map(at -> at.plus(0, fence))
                .toList();
        if (!outline.isEmpty()) {
            sketch.area(outline, new Paint.Wood(section().species(), Paint.Shade.PALE));
            sketch.hatched(outline, Ink.CAUTION);
        }
    }

    /** The same cut off at the borders of the picture, where it goes on. */
    private List<At> clipped(List<At> outline) {
        return outline.stream()
                .map(at -> new At(Math.clamp(at.x(), 0, width), at.y()))
                .toList();
    }

    /** Whose wood it is: the piece beside the blade, and what stays on the stick. */
    private String name(boolean left) {
        int place = cut.on().place() - (cut.stroke() == Stroke.PART && left ? 1 : 0)
                + (cut.stroke() == Stroke.BOTH && !left ? 1 : 0);
        return sketch.book().say(cut.on().letters(place));
    }

    /** A scribble along the sight edge of what is wanted: it is always on the maker's side. */
    private void scribble() {
        if (cut.on().turned()) {
            return;
        }
        for (boolean left : new boolean[] {true, false}) {
            if (isWaste(left)) {
                continue;
            }
            List<At> outline = clipped(outline(left ? cut.held().left() : cut.held().right()));
            double from = outline.get(3).x() + sketch.em(8);
            double to = outline.get(2).x() - sketch.em(8);
            double high = Math.min(sketch.em(7), wide * 0.16);
            for (double at = from; at + sketch.em(6) < to; at += sketch.em(6)) {
                double y = fence + wide - sketch.em(4);
                sketch.line(
                        List.of(new At(at, y), new At(at + sketch.em(4.5), y - high), new At(at + sketch.em(6), y)),
                        Paint.of(Sketch.letters(section().species())), sketch.em(1), Mark.Dash.SOLID);
            }
        }
        // Where there is little room, what the saw is set to needs it.
        String legend = sketch.say("sawing.sight_edge");
        int lines = sketch.wrapped(sketch.say(cut.setting().words()), 15, true, width - sketch.em(8)).size();
        boolean above = fence + wide + sketch.em(46 + 17 * lines) < height - sketch.em(36);
        if (above || sketch.widthOf(legend, sketch.em(12), false) < settingLeft()) {
            sketch.small(new At(0, height - sketch.em(36)), legend, Anchor.START);
        }
    }

    /** Where what the saw is set to begins to be said, below the blade. */
    private double settingLeft() {
        double half = sketch.widthOf(sketch.say(cut.setting().words()), sketch.em(15), true) / 2;
        return Math.min(blade + slant() * (wide + sketch.em(22)), width - half) - half;
    }

    private void stop() {
        if (!(cut.measure() instanceof Measure.Stop)) {
            return;
        }
        double touch = leftEnd(cut.held().strip().furthest());
        boolean nearEdge = cut.held().strip().fromLean().isNegative();
        sketch.area(
                Sketch.rectangle(touch - sketch.em(12), fence - sketch.em(2), touch,
                        fence + (nearEdge ? wide + sketch.em(4) : Math.min(wide, sketch.em(34)))),
                Paint.of(Ink.GIVEN));
        sketch.text(new At(0, fence + Math.min(wide, sketch.em(34)) + sketch.em(10)), sketch.say("sawing.the_stop"),
                Ink.GIVEN, 12, true, Anchor.START);
    }

    /** Two wavy lines where a long strip is drawn shorter. */
    private void broken() {
        if (!isBroken()) {
            return;
        }
        double x = breakAt();
        double half = sketch.em(4);
        List<At> left = new ArrayList<>();
        List<At> right = new ArrayList<>();
        for (int i = 0; i <= 16; i++) {
            double y = fence - sketch.em(1) + (wide + sketch.em(2)) * i / 16;
            double wave = sketch.em(3) * Math.sin(i * Math.PI / 4);
            left.add(new At(x - half + wave, y));
            right.add(new At(x + half + wave, y));
        }
        List<At> gap = new ArrayList<>(left);
        gap.addAll(right.reversed());
        sketch.area(gap, Paint.of(Ink.PANEL));
        sketch.line(left, Paint.of(Ink.SOFT), sketch.em(1), Mark.Dash.SOLID);
        sketch.line(right, Paint.of(Ink.SOFT), sketch.em(1), Mark.Dash.SOLID);
    }

    private double breakAt() {
        return margin + (blade - margin) * 0.3;
    }

    private double slant() {
        return Math.tan(cut.setting().swing().radians()) * (cut.setting().toRight() ? 1 : -1);
    }

    private void blade() {
        double kerfAlong = kerf.toMm() * unit / Math.cos(cut.setting().swing().radians());
        double middle = blade + kerfAlong / 2;
        double past = sketch.em(22);
        At top = new At(middle - slant() * sketch.em(16), fence - sketch.em(16));
        At foot = new At(middle + slant() * (wide + past), fence + wide + past);
        if (Math.abs(slant()) > 0.01) {
            sketch.line(
                    List.of(new At(middle, fence), new At(middle, fence + wide + past)),
                    Paint.of(Ink.SOFT), sketch.em(1), Mark.Dash.HIDDEN);
        }
        sketch.line(top, foot, Ink.SAW, Math.max(sketch.em(2.5), kerf.toMm() * unit));
        String says = sketch.book().say(cut.setting().words());
        double size = sketch.widthOf(says, sketch.em(15), true) < width ? 15 : 12;
        double y = foot.y() + sketch.em(28);
        for (String line : sketch.wrapped(says, size, true, width - sketch.em(8))) {
            double half = sketch.widthOf(line, sketch.em(size), true) / 2 + sketch.em(4);
            sketch.text(new At(Math.clamp(foot.x(), half, Math.max(half, width - half)), y), line, Ink.SAW, size, true,
                    Anchor.MIDDLE);
            y += sketch.em(size + 2);
        }
    }

    /** From the stop or the end to where the piece begins or ends. */
    private void dimension() {
        boolean toLeftFace = cut.stroke().makesLength() || cut.measure() instanceof Measure.Stop;
        double to = toLeftFace ? blade : x(cut.held().right().from());
        double from = leftEnd(cut.held().strip().furthest());
        double y = sketch.em(42);
        if (to - from > sketch.em(6)) {
            sketch.ruler(new At(from, y), new At(to, y));
        }
        Numeral says = sketch.book().numeral(cut.measure().length());
        double half = sketch.em(40);
        sketch.number(new At(Math.clamp((from + to) / 2, half, width - half), sketch.em(17)), says, 26, Anchor.MIDDLE);
    }

    private void hand() {
        List<At> outline = clipped(outline(cut.held().held()));
        double reach = sketch.em(44);
        double x = cut.held().isLeft()
                ? Math.max(outline.get(3).x() + reach / 3, Math.min(outline.get(2).x(), blade) - 2.6 * reach)
                : Math.min(outline.get(2).x() - reach / 3, Math.max(outline.get(3).x(), blade) + 2.6 * reach);
        double y = fence + wide + sketch.em(10);
        Ink ink = cut.held().clamped() ? Ink.CAUTION : Ink.GOOD;
        sketch.area(List.of(
                        new At(x, y - sketch.em(6)), new At(x + sketch.em(7), y + sketch.em(6)),
                        new At(x - sketch.em(7), y + sketch.em(6))),
                Paint.of(ink));
        sketch.text(new At(x, y + sketch.em(16)),
                sketch.say(cut.held().clamped() ? "sawing.clamp_here" : "sawing.hold_here"), ink, 12, true,
                Anchor.MIDDLE);
    }

    /** The blade from the front, where it leans. */
    private void tilt() {
        double size = sketch.em(52);
        if (cut.setting().isUpright() || fence + wide + sketch.em(86) > height - size - sketch.em(64)) {
            return;
        }
        double x = width - size - sketch.em(16);
        double y = height - sketch.em(48);
        double lean = Math.tan(cut.setting().tilt().radians()) * (cut.setting().topToRight() ? 1 : -1);
        double foot = x + size * 0.25;
        sketch.line(new At(x - size / 2, y), new At(x + size, y), Ink.METAL, sketch.em(3));
        sketch.line(List.of(new At(foot, y), new At(foot, y - size)), Paint.of(Ink.SOFT), sketch.em(1),
                Mark.Dash.HIDDEN);
        sketch.line(new At(foot - lean * sketch.em(6), y + sketch.em(6)),
                new At(foot + lean * size * 0.9, y - size * 0.9), Ink.SAW, sketch.em(3));
        sketch.small(new At(width - sketch.em(4), y - size - sketch.em(10)), sketch.say("sawing.from_front"),
                Anchor.END);
    }

    /** What falls off when the saw swung the right way, and what would when it swung the other. */
    private void offCut() {
        double top = fence + wide + sketch.em(78);
        double room = height - sketch.em(52) - top;
        boolean slanted = Math.abs(slant()) > 0.02;
        if (cut.offCut().isEmpty() || !slanted || room < sketch.em(40)) {
            return;
        }
        boolean right = cut.stroke() == Stroke.RIGHT;
        double scale = Math.min(unit, room / section().width().toMm());
        scale = Math.min(scale, width * 0.24 / section().width().toMm() / Math.max(1, 2 * Math.abs(slant())));
        double lean = section().width().toMm() * slant() * scale;
        double next = shape(right, lean, margin, top, scale, true);
        shape(right, -lean, next + sketch.em(24), top, scale, false);
    }

    /** Returns where it ends, with what is said of it. */
    private double shape(boolean right, double lean, double left, double top, double scale, boolean good) {
        Strip off = right ? cut.held().right() : cut.held().left();
        double high = section().width().toMm() * scale;
        double edge = Math.min(length(off) * scale, width * 0.12);
        double far = (right ? off.toLean() : off.fromLean()).toMm() * scale;
        List<At> outline = right ? pointed(0, edge, lean, far, high) : pointed(0, edge, far, lean, high);
        Ink ink = good ? Ink.GOOD : Ink.SAW;
        double to = left;
        if (!outline.isEmpty()) {
            double least = outline.stream().mapToDouble(At::x).min().orElseThrow();
            List<At> there = outline.stream().map(at -> at.plus(left - least, top)).toList();
            sketch.area(there, new Paint.Wood(section().species(), Paint.Shade.PALE));
            sketch.outline(there, ink, sketch.em(1.6));
            to = there.stream().mapToDouble(At::x).max().orElseThrow() + sketch.em(8);
        }
        String says = sketch.say(good ? "sawing.so" : outline.isEmpty() ? "sawing.only_dust" : "sawing.not_so");
        sketch.text(new At(to, top + high / 2), says, ink, 12, true, Anchor.START);
        return to + sketch.widthOf(says, sketch.em(12), true);
    }

    /**
     * Between two cuts: four corners from the fence on, three where they cross before they reach the other edge, none
     * where they are past each other.
     */
    private static List<At> pointed(double from, double to, double fromLean, double toLean, double high) {
        double near = to + toLean - from - fromLean;
        if (to >= from && near >= 0) {
            return List.of(new At(from, 0), new At(to, 0), new At(to + toLean, high), new At(from + fromLean, high));
        }
        if (to <= from && near <= 0) {
            return List.of();
        }
        double at = (from - to) / (toLean - fromLean);
        At point = new At(from + fromLean * at, high * at);
        return to < from
                ? List.of(point, new At(to + toLean, high), new At(from + fromLean, high))
                : List.of(new At(from, 0), new At(to, 0), point);
    }

    /** The stick with all its pieces, and where this cut is. */
    private void wholeStick() {
        StickLayout stick = cut.on().stick();
        double high = sketch.em(18);
        double top = height - high - sketch.em(4);
        double left = sketch.em(64);
        double scale = (width - left - sketch.em(4)) / stick.length().toMm();
        sketch.small(new At(0, top + high / 2), sketch.say("sawing.stick", cut.on().number()), Anchor.START);
        sketch.area(Sketch.rectangle(left, top, left + stick.length().toMm() * scale, top + high),
                new Paint.Wood(section().species(), Paint.Shade.PALE));
        for (int i = 0; i < stick.placed().size(); i++) {
            StickLayout.Placed placed = stick.placed().get(i);
            StickLayout.Corners corners = placed.corners().plus(placed.start());
            List<At> outline = List.of(
                    new At(left + corners.leftAtFence().toMm() * scale, top),
                    new At(left + corners.rightAtFence().toMm() * scale, top),
                    new At(left + corners.rightNear().toMm() * scale, top + high),
                    new At(left + corners.leftNear().toMm() * scale, top + high));
            boolean here = i == cut.on().place();
            sketch.area(outline, here ? Paint.of(Ink.GIVEN_GROUND)
                    : new Paint.Wood(section().species(), Paint.Shade.FACE));
            sketch.outline(outline, here ? Ink.GIVEN : Ink.SOFT, sketch.em(here ? 1.6 : 0.8));
        }
        StickLayout.Corners corners = cut.on().placed().corners().plus(cut.on().placed().start());
        boolean right = cut.stroke().makesLength();
        double at = left + (right ? corners.rightAtFence() : corners.leftAtFence()).toMm() * scale;
        double foot = left + (right ? corners.rightNear() : corners.leftNear()).toMm() * scale;
        sketch.line(new At(at, top - sketch.em(3)), new At(foot, top + high + sketch.em(3)), Ink.SAW, sketch.em(2.5));
    }
}
