package neatcorner.core.drawing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;

/** What happened, over time, and what was measured beside what was planned. */
public final class LogDrawing {
    /** So many are said, the latest. */
    public static final int MOST_SAID = 16;

    private LogDrawing() {
    }

    /**
     * Something that happened.
     *
     * @param second since the epoch
     * @param when   as it is said
     * @param what   as it is said
     * @param note   whether somebody wrote it down, else an edit
     * @param undone whether it was undone since
     */
    public record Event(long second, String when, String what, boolean note, boolean undone) {
    }

    /** The picture, to fill a space of this size; the events oldest first, at least one. */
    public static Picture draw(Plan plan, List<Event> events, Reader reader, double width, double height) {
        Sketch sketch = new Sketch(reader);
        double table = plan.job().measured().isEmpty()
                ? 0
                : sketch.em(40) + plan.job().measured().size() * sketch.em(24);
        over(sketch, events, width, height - table);
        if (table > 0) {
            measured(sketch, plan, width, height - table + sketch.em(14));
        } else {
            sketch.footnote(sketch.say("log.nothing_measured"), Ink.SOFT, width, height);
        }
        return sketch.picture(width, height);
    }

    /** A line down the left with a dot for everything; the latest are said, notes before edits. */
    private static void over(Sketch sketch, List<Event> events, double width, double height) {
        List<Event> said = events.subList(Math.max(0, events.size() - MOST_SAID), events.size());
        double x = sketch.em(28)
                + said.stream()
                        .mapToDouble(event -> sketch.widthOf(event.when(), sketch.em(11.5), false))
                        .max()
                        .orElse(0);
        double top = sketch.em(18);
        double row = Math.min(sketch.em(30), (height - top - sketch.em(20)) / Math.max(1, said.size()));
        sketch.line(
                new At(x, top - sketch.em(10)),
                new At(x, top + row * (said.size() - 1) + sketch.em(10)),
                Ink.HAIRLINE,
                sketch.em(2));
        if (events.size() > said.size()) {
            sketch.small(
                    new At(x + sketch.em(14), top - sketch.em(12)),
                    sketch.say("log.before", events.size() - said.size()),
                    Anchor.START);
        }
        for (int i = 0; i < said.size(); i++) {
            Event event = said.get(i);
            double y = top + row * i + (events.size() > said.size() ? sketch.em(8) : 0);
            double dot = sketch.em(event.note() ? 6 : 4);
            sketch.area(Sketch.rectangle(x - dot, y - dot, x + dot, y + dot), event.note() ? Ink.GIVEN : Ink.KEY);
            sketch.small(new At(x - sketch.em(14), y), event.when(), Anchor.END);
            sketch.text(
                    new At(x + sketch.em(14), y),
                    shortened(sketch, event.what(), width - x - sketch.em(24)),
                    event.undone() ? Ink.SOFT : Ink.INK,
                    12.5,
                    event.note(),
                    Anchor.START);
        }
    }

    private static String shortened(Sketch sketch, String text, double room) {
        String shown = text.lines().findFirst().orElse("");
        while (shown.length() > 4 && sketch.widthOf(shown + "…", sketch.em(12.5), true) > room) {
            shown = shown.substring(0, shown.length() - 1);
        }
        return shown.equals(text) ? text : shown.strip() + "…";
    }

    private static void measured(Sketch sketch, Plan plan, double width, double top) {
        boolean narrow = width < sketch.em(520);
        double first = sketch.em(narrow ? 8 : 40);
        double room = Math.min(sketch.em(560), width - first);
        double[] columns = {0, room * 0.19, room * 0.40, room * 0.66};
        String[] heads = {"log.tape", "log.planned", "log.measured", "log.off"};
        for (int i = 0; i < heads.length; i++) {
            sketch.small(new At(first + columns[i], top), sketch.say(heads[i]), Anchor.START);
        }
        double y = top;
        for (Map.Entry<Tape, Length> entry : plan.job().measured().entrySet()) {
            y += sketch.em(24);
            Length reading = entry.getValue();
            String should = Optional.ofNullable(plan.glue().planned().get(entry.getKey()))
                    .map(sketch.book()::write)
                    .orElse("");
            String off = plan.glue()
                    .off(entry.getKey(), reading)
                    .map(length -> off(sketch, length))
                    .orElse("");
            cell(sketch, first, y, sketch.say("tag." + entry.getKey().id()), true);
            cell(sketch, first + columns[1], y, should, false);
            cell(sketch, first + columns[2], y, sketch.book().exactly(reading), false);
            cell(sketch, first + columns[3], y, off, true);
        }
    }

    private static void cell(Sketch sketch, double x, double y, String text, boolean bold) {
        sketch.text(new At(x, y), text, Ink.INK, 12.5, bold, Anchor.START);
    }

    private static String off(Sketch sketch, Length off) {
        return off.isZero()
                ? sketch.say("log.as_planned")
                : sketch.say(off.isNegative() ? "log.shorter" : "log.longer", off.abs());
    }
}
