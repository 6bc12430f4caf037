package neatcorner.core.drawing;

import java.util.List;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.job.Habit;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.stock.StickLayout;

/**
 * Sticks with their pieces as real trapezoids: lengths to scale along the stick, widths to the same
 * scale where that is wide enough to see, else wider. Outside edge, long points, up, as at the saw.
 */
public final class StickDrawing {
    /** A window shows no more; the sheet and the cut list have them all. */
    private static final int MOST_SHOWN = 120;
    private final Plan plan;
    private final Sketch sketch;
    private final double width;
    private final double unit;
    private final double labels;

    private StickDrawing(Plan plan, Reader reader, double width) {
        this.plan = plan;
        this.sketch = new Sketch(reader);
        this.width = width;
        this.labels = sketch.em(106);
        Length longest = plan.cuts().sticks().stream().map(StickLayout::length).max(Length::compareTo).orElse(Length.inches(96));
        this.unit = (width - labels - sketch.em(4)) / longest.toMm();
    }

    /** The first sticks, one below the other, with a word on those not shown; as high as it needs to be. */
    public static Picture draw(Plan plan, Reader reader, double width) {
        return new StickDrawing(plan, reader, width).draw(0, MOST_SHOWN, Double.MAX_VALUE);
    }

    /**
     * As many sticks from number {@code first} on, counted from 0, as find room in this height.
     *
     * @return the picture; {@link #shownIn} tells how many it holds
     */
    public static Picture draw(Plan plan, Reader reader, double width, int first, double height) {
        return new StickDrawing(plan, reader, width).draw(first, Integer.MAX_VALUE, height);
    }

    /** How many sticks a height holds, from one on; at least one. */
    public static int shownIn(Plan plan, Reader reader, double width, int first, double height) {
        StickDrawing drawing = new StickDrawing(plan, reader, width);
        double y = drawing.sketch.em(3);
        int shown = 0;
        for (StickLayout stick : plan.cuts().sticks().subList(first, plan.cuts().sticks().size())) {
            y += drawing.high(stick) + drawing.sketch.em(9);
            if (y > height && shown > 0) {
                break;
            }
            shown++;
        }
        return shown;
    }

    private Picture draw(int first, int most, double height) {
        double y = sketch.em(3);
        List<StickLayout> sticks = plan.cuts().sticks();
        int number = first;
        while (number < sticks.size() && number - first < most) {
            double high = high(sticks.get(number));
            if (y + high > height && number > first) {
                break;
            }
            stick(sticks.get(number), y, high, ++number);
            y += high + sketch.em(9);
        }
        if (height == Double.MAX_VALUE && number < sticks.size()) {
            sketch.small(new At(0, y + sketch.em(6)), sketch.say("stick.more", sticks.size() - number), Anchor.START);
            y += sketch.em(18);
        }
        return sketch.picture(width, y);
    }

    private double high(StickLayout stick) {
        return Math.clamp(stick.section().width().toMm() * unit, sketch.em(24), sketch.em(44));
    }

    private void stick(StickLayout stick, double y, double high, int number) {
        sketch.text(new At(0, y + high * 0.3), sketch.say("stick.number", number, stick.length()), Ink.INK, 11.5, true, Anchor.START);
        sketch.text(new At(0, y + high * 0.3 + sketch.em(13)), sketch.say(stick.bought() ? "stick.to_buy" : "stick.on_rack"),
                stick.bought() ? Ink.CAUTION : Ink.SOFT, 11, false, Anchor.START);
        double end = x(stick.length());
        var species = stick.section().species();
        sketch.wood(new At(x(Length.ZERO), y), new At(end, y), new At(end, y + high), new At(x(Length.ZERO), y + high), species, number, true);
        sketch.outline(Sketch.rectangle(x(Length.ZERO), y, end, y + high), Ink.HAIRLINE, sketch.em(1));
        for (StickLayout.Placed placed : stick.placed()) {
            piece(stick, placed, y, high, number);
        }
        Length trim = plan.frame().habits().get(Habit.END_TRIM);
        Length last = stick.placed().getLast().end();
        double room = x(stick.length().minus(trim)) - x(last);
        String left = sketch.say("stick.left", stick.remnant());
        if (room > sketch.widthOf(left, sketch.em(11), false) + sketch.em(16)) {
            sketch.text(new At(x(last) + room / 2 + sketch.em(4), y + high / 2), left, Ink.SOFT, 11, false, Anchor.MIDDLE);
        }
    }

    private void piece(StickLayout stick, StickLayout.Placed placed, double y, double high, int number) {
        var member = placed.piece().member();
        double from = x(placed.start().plus(member.left().reach(member.stock().thickness())));
        double to = from + member.longPoint().value().toMm() * unit;
        double fromIn = member.left().setback().toMm() * unit;
        double toIn = member.right().setback().toMm() * unit;
        At a = new At(from, y);
        At b = new At(to, y);
        At c = new At(to - toIn, y + high);
        At d = new At(from + fromIn, y + high);
        sketch.wood(a, b, c, d, stick.section().species(), number * 7 + placed.piece().frame(), false);
        double kerf = Math.max(sketch.em(1.6), plan.frame().habits().get(Habit.KERF).toMm() * unit);
        sketch.outline(List.of(a, b, c, d), new Paint.Wood(stick.section().species(), Paint.Shade.EDGE), sketch.em(1));
        sketch.line(a.plus(-kerf / 2, 0), d.plus(-kerf / 2, 0), Ink.SAW, kerf);
        sketch.line(b.plus(kerf / 2, 0), c.plus(kerf / 2, 0), Ink.SAW, kerf);
        String letters = member.side().letters();
        String whole = plan.job().quantity() > 1 ? sketch.say("stick.piece", letters, placed.piece().frame()) : letters;
        double room = to - toIn - from - fromIn - sketch.em(6);
        String label = sketch.widthOf(whole, sketch.em(11), true) < room ? whole : letters;
        if (sketch.widthOf(label, sketch.em(11), true) < room + sketch.em(4)) {
            sketch.text(new At((from + fromIn + to - toIn) / 2, y + high / 2), label, Sketch.letters(stick.section().species()), 11, true, Anchor.MIDDLE);
        }
    }

    private double x(Length along) {
        return labels + along.toMm() * unit;
    }
}
