package neatcorner.core.drawing;

import java.util.Comparator;
import java.util.List;
import neatcorner.core.cut.CutPlan;
import neatcorner.core.cut.Lot;
import neatcorner.core.cut.Scarf;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.plan.Plan;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;

/**
 * Sticks with their pieces as real trapezoids: lengths to scale along the stick, widths to the same
 * scale where that is wide enough to see, else wider. Outside edge, long points, up, as at the saw.
 */
public final class StickDrawing {
    /** A window shows no more; the sheet and the cut list have them all. */
    public static final int MOST_SHOWN = 120;
    /** Where the sticks are not what the station is about, so many do. */
    public static final int FEW_SHOWN = 12;
    private static final double LABELS = 106;
    private final List<StickLayout> sticks;
    private final boolean numbered;
    private final boolean byJob;
    private final Length kerf;
    private final Length trim;
    private final Sketch sketch;
    private final double width;
    private final double unit;
    private final double labels;

    private StickDrawing(List<StickLayout> sticks, boolean numbered, Habits habits, Reader reader, double width) {
        this.sticks = sticks;
        this.numbered = numbered;
        this.byJob = sticks.stream().flatMap(s -> s.placed().stream()).map(p -> p.piece().job()).distinct().count() > 1;
        this.kerf = habits.get(Habit.KERF);
        this.trim = habits.get(Habit.END_TRIM);
        this.sketch = new Sketch(reader);
        this.width = width;
        this.labels = sketch.em(LABELS);
        Length longest = sticks.stream().map(StickLayout::length).max(Length::compareTo).orElse(Length.inches(96));
        this.unit = (width - labels - sketch.em(4)) / longest.toMm();
    }

    private StickDrawing(Plan plan, Reader reader, double width) {
        this(plan.cuts().sticks(), plan.job().isSeveral(), plan.frame().habits(), reader, width);
    }

    /** The first so many sticks, one below the other, with a word on those not shown; as high as it needs to be. */
    public static Picture draw(Plan plan, Reader reader, double width, int most) {
        return new StickDrawing(plan, reader, width).draw(0, most, Double.MAX_VALUE);
    }

    /** The sticks of many jobs together; each piece says whose it is. */
    public static Picture draw(List<Lot> lots, Habits habits, Reader reader, double width) {
        return new StickDrawing(CutPlan.sticks(lots), true, habits, reader, width)
                .draw(0, MOST_SHOWN, Double.MAX_VALUE);
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
        for (StickLayout stick : drawing.sticks.subList(first, drawing.sticks.size())) {
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
        double least = sketch.em(sticks.size() <= FEW_SHOWN ? 36 : 24);
        return Math.clamp(stick.section().width().toMm() * unit, least, sketch.em(48));
    }

    private void stick(StickLayout stick, double y, double high, int number) {
        sketch.text(
                new At(0, y + high * 0.3),
                sketch.say("stick.number", number, stick.length()),
                Ink.INK,
                11.5,
                true,
                Anchor.START);
        sketch.text(
                new At(0, y + high * 0.3 + sketch.em(13)),
                sketch.book().say(stick.source().said()),
                stick.bought() ? Ink.CAUTION : Ink.SOFT,
                11,
                false,
                Anchor.START);
        double end = x(stick.length());
        sketch.spot(0, y - sketch.em(4), width, y + high + sketch.em(4), new Thing.Stick(stick.id()));
        var species = stick.section().species();
        sketch.wood(
                new At(x(Length.ZERO), y),
                new At(end, y),
                new At(end, y + high),
                new At(x(Length.ZERO), y + high),
                species,
                number,
                true);
        sketch.outline(Sketch.rectangle(x(Length.ZERO), y, end, y + high), Ink.HAIRLINE, sketch.em(1));
        for (Span defect : stick.source().defects()) {
            sketch.hatched(Sketch.rectangle(x(defect.from()), y, x(defect.to()), y + high), Ink.CAUTION);
        }
        for (StickLayout.Placed placed : stick.placed()) {
            piece(stick, placed, y, high, number);
        }
        for (Span rest : stick.offCuts(Length.ZERO)) {
            String left = sketch.say("stick.left", rest.length());
            Span clear = clearest(rest, stick.source().defects());
            if (x(clear.to()) - x(clear.from()) > sketch.widthOf(left, sketch.em(11), false) + sketch.em(12)) {
                sketch.text(
                        new At((x(clear.from()) + x(clear.to())) / 2, y + high / 2),
                        left,
                        Ink.SOFT,
                        11,
                        false,
                        Anchor.MIDDLE);
            }
        }
    }

    /** The longest part of a rest that no defect is drawn over. */
    private static Span clearest(Span rest, List<Span> defects) {
        Span clearest = new Span(rest.from(), rest.from());
        Length from = rest.from();
        for (Span defect : defects.stream().sorted(Comparator.comparing(Span::from)).toList()) {
            Length to = defect.from().min(rest.to()).max(from);
            clearest = to.minus(from).isOver(clearest.length()) ? new Span(from, to) : clearest;
            from = from.max(defect.to()).min(rest.to());
        }
        return rest.to().minus(from).isOver(clearest.length()) ? new Span(from, rest.to()) : clearest;
    }

    private void piece(StickLayout stick, StickLayout.Placed placed, double y, double high, int number) {
        double start = x(placed.start());
        StickLayout.Corners corners = placed.corners();
        At a = new At(start + corners.leftAtFence().toMm() * unit, y);
        At b = new At(start + corners.rightAtFence().toMm() * unit, y);
        At c = new At(start + corners.rightNear().toMm() * unit, y + high);
        At d = new At(start + corners.leftNear().toMm() * unit, y + high);
        var species = stick.section().species();
        sketch.wood(a, b, c, d, species, number * 7 + placed.piece().frame(), false);
        double blade = Math.max(sketch.em(1.6), kerf.toMm() * unit);
        sketch.outline(List.of(a, b, c, d), new Paint.Wood(species, Paint.Shade.EDGE), sketch.em(1));
        sketch.line(a.plus(-blade / 2, 0), d.plus(-blade / 2, 0), Ink.SAW, blade);
        sketch.line(b.plus(blade / 2, 0), c.plus(blade / 2, 0), Ink.SAW, blade);
        placed.piece().part().ifPresent(part -> joints(part, a, b, high));
        sketch.spot(
                Math.min(a.x(), d.x()),
                y,
                Math.max(b.x(), c.x()),
                y + high,
                new Thing.Piece(placed.piece().job(), placed.piece().id()));
        label(placed, y, high, Math.max(a.x(), d.x()), Math.min(b.x(), c.x()), Sketch.letters(species));
    }

    /** Where a part overlaps its neighbour: the slope runs through the thickness and is seen from the edge only. */
    private void joints(Scarf part, At left, At right, double high) {
        double overlap = part.overlap().toMm() * unit;
        if (part.isJoinedLeft()) {
            sketch.line(
                    List.of(left.plus(overlap, 0), left.plus(overlap, high)),
                    Paint.of(Ink.PENCIL),
                    sketch.em(1),
                    Mark.Dash.HIDDEN);
        }
        if (part.isJoinedRight()) {
            sketch.line(
                    List.of(right.plus(-overlap, 0), right.plus(-overlap, high)),
                    Paint.of(Ink.PENCIL),
                    sketch.em(1),
                    Mark.Dash.HIDDEN);
        }
    }

    /** The longest name that finds room: job, letters and frame; letters and frame; letters. */
    private void label(StickLayout.Placed placed, double y, double high, double from, double to, Ink ink) {
        var piece = placed.piece();
        String letters = piece.member().side().letters()
                + piece.part()
                        .map(p -> sketch.say("stick.part", p.number(), p.of()))
                        .orElse("");
        String mark = placed.locked() ? sketch.say("stick.locked") : "";
        String counted = numbered ? sketch.say("stick.piece", letters, piece.frame()) : letters;
        double room = to - from - sketch.em(2);
        List<String> names = byJob
                ? List.of(
                        sketch.say("stick.piece_of", piece.job(), counted),
                        sketch.say("stick.piece_of", firstWord(piece.job()), counted),
                        counted,
                        letters)
                : List.of(counted + mark, letters + mark, letters);
        for (String text : names) {
            if (sketch.widthOf(text, sketch.em(11), true) < room) {
                sketch.text(new At((from + to) / 2, y + high / 2), text, ink, 11, true, Anchor.MIDDLE);
                return;
            }
        }
    }

    private static String firstWord(String title) {
        return title.split("[ ,]", 2)[0];
    }

    private double x(Length along) {
        return labels + along.toMm() * unit;
    }
}
