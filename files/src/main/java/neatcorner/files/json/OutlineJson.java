package neatcorner.files.json;

import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Words;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The shape of a frame in a job document: a plain rectangle by its width and height alone, all others as an outline.
 */
final class OutlineJson {
    private OutlineJson() {
    }

    static Outline read(Fields job) {
        if (!job.has("outline")) {
            return new Boxed.Rectangle(size(job.object("width")), size(job.object("height")));
        }
        Fields fields = job.object("outline");
        return fields.build(() -> switch (fields.text("shape")) {
            case "regular" ->
                new Outline.Regular(
                        fields.whole("sides"),
                        fields.constant("across", Outline.Across.class),
                        size(fields.object("size")));
            case "free" ->
                new Outline.Free(
                        fields.constant("line", Line.class),
                        fields.list("corners", corner -> new Corner(corner.length("x"), corner.length("y"))));
            case "round" -> new Boxed.Round(width(fields), height(fields), fields.whole("segments"));
            case "arched" ->
                new Boxed.Arched(
                        width(fields),
                        height(fields),
                        fields.constant("arch", Boxed.Arch.class),
                        fields.number("rise"),
                        fields.whole("segments"));
            case "window" ->
                new Boxed.Window(
                        width(fields),
                        height(fields),
                        fields.whole("rows"),
                        fields.whole("columns"),
                        fields.length("bar"));
            default ->
                throw new FormatException(
                        "outline.shape", Words.of("refused.outline_json.is_one_of_regular", fields.text("shape")));
        });
    }

    private static Size width(Fields fields) {
        return size(fields.object("width"));
    }

    private static Size height(Fields fields) {
        return size(fields.object("height"));
    }

    private static Size size(Fields fields) {
        return fields.build(() -> new Size(fields.constant("line", Line.class), fields.length("length")));
    }

    static void write(Outline outline, ObjectNode job) {
        if (outline instanceof Boxed.Rectangle rectangle) {
            box(rectangle, job);
            return;
        }
        ObjectNode node = job.putObject("outline");
        switch (outline) {
            case Boxed.Rectangle _ -> throw new IllegalStateException("rectangles are written as their sizes");
            case Boxed.Round round -> {
                node.put("shape", "round");
                box(round, node);
                node.put("segments", round.segments());
            }
            case Boxed.Arched arched -> {
                node.put("shape", "arched");
                box(arched, node);
                node.put("arch", Fields.name(arched.arch()));
                node.put("rise", arched.rise());
                node.put("segments", arched.segments());
            }
            case Boxed.Window window -> {
                node.put("shape", "window");
                box(window, node);
                node.put("rows", window.rows());
                node.put("columns", window.columns());
                node.put("bar", window.bar().toExactMm());
            }
            case Outline.Regular regular -> {
                node.put("shape", "regular");
                node.put("sides", regular.sides());
                node.put("across", Fields.name(regular.across()));
                size(regular.size(), node.putObject("size"));
            }
            case Outline.Free free -> {
                node.put("shape", "free");
                node.put("line", Fields.name(free.line()));
                ArrayNode corners = node.putArray("corners");
                for (Corner corner : free.corners()) {
                    corners.addObject().put("x", corner.x().toExactMm()).put("y", corner.y().toExactMm());
                }
            }
        }
    }

    private static void box(Boxed boxed, ObjectNode node) {
        for (Axis axis : Axis.values()) {
            size(boxed.given(axis), node.putObject(axis.id()));
        }
    }

    private static void size(Size size, ObjectNode node) {
        node.put("line", Fields.name(size.line()));
        node.put("length", size.length().toExactMm());
    }
}
