package neatcorner.files.json;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.stock.StickAnswer;
import neatcorner.core.stock.StickProblem;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A bare planning problem and its answer, as {@code docs/formats/stickplan.md} describes them. */
public final class StickPlanJson {
    private StickPlanJson() {
    }

    /**
     * Reads a problem.
     *
     * @throws FormatException naming the field, its value and what is allowed
     */
    public static StickProblem read(String text) {
        Fields fields = Fields.of(text);
        Length kerf = fields.length("kerf", Length.ZERO);
        Map<String, List<StickProblem.Part>> groups = new LinkedHashMap<>();
        List<StickProblem.Kind> pieces = new ArrayList<>();
        fields.list("pieces", piece -> {
            StickProblem.Part part = new StickProblem.Part(piece.text("name", ""), piece.length("length"), end(piece, "left", kerf), end(piece, "right", kerf));
            int count = piece.whole("count", 1);
            boolean flips = piece.flag("flip", false);
            if (piece.has("group")) {
                List<StickProblem.Part> group = groups.computeIfAbsent(piece.text("group"), _ -> new ArrayList<>());
                for (int n = 0; n < count; n++) {
                    group.add(part);
                }
            } else {
                pieces.add(piece.build(() -> new StickProblem.Kind(part.name(), List.of(part), Length.ZERO, count, flips)));
            }
            return part;
        });
        fields.build(() -> {
            groups.forEach((name, parts) -> pieces.add(StickProblem.Kind.group(name, parts, kerf, 1)));
            return pieces;
        });
        List<StickProblem.Stock> stock = fields.list("stock", stick -> new StickProblem.Stock(stick.text("name", ""), stick.length("length"),
                stick.has("count") ? Optional.of(stick.whole("count")) : Optional.empty(), stick.whole("cost", 0),
                stick.list("defects", defect -> new Span(defect.length("from"), defect.length("to")))));
        List<StickProblem.Lock> locks = fields.list("locks", lock -> new StickProblem.Lock(lock.whole("piece"), lock.whole("stock"),
                lock.whole("count", 1)));
        return fields.build(() -> new StickProblem(pieces, stock, kerf, fields.length("trim", Length.ZERO),
                fields.length("useful", Length.ZERO), locks));
    }

    /** A cut by its angle to the long edge; square when it is not said. */
    private static StickProblem.End end(Fields piece, String side, Length kerf) {
        if (!piece.has(side)) {
            return StickProblem.End.SQUARE;
        }
        double degrees = piece.number(side);
        if (!(degrees >= 10 && degrees <= 170)) {
            throw new FormatException(side, "is " + degrees + "°; the angle of a cut to the long edge must be from 10 to 170");
        }
        double angle = Math.toRadians(degrees);
        Length lean = piece.length("width").times(1 / Math.tan(angle));
        return new StickProblem.End(side.equals("left") ? lean : lean.negated(), kerf.times(1 / Math.sin(angle)));
    }

    /** The answer as JSON, with the seconds it took. */
    public static String write(StickProblem problem, StickAnswer answer, double seconds) {
        ObjectNode node = Trees.object();
        node.put("format", "neat-corner stick plan");
        node.put("version", 2);
        node.put("cost", answer.cost());
        node.put("bound", answer.bound());
        node.put("proven", answer.isProven());
        node.put("seconds", Math.round(seconds * 1000) / 1000.0);
        node.put("waste_mm", problem.waste(answer).toExactMm());
        ArrayNode sticks = node.putArray("sticks");
        for (StickAnswer.Laid laid : answer.sticks()) {
            ObjectNode stick = sticks.addObject();
            stick.put("stock", laid.stock());
            stick.put("name", problem.stock().get(laid.stock()).name());
            ArrayNode pieces = stick.putArray("pieces");
            for (StickAnswer.Placed placed : laid.placed()) {
                StickProblem.Kind kind = problem.pieces().get(placed.kind());
                Length at = placed.start();
                for (StickProblem.Part part : kind.parts()) {
                    ObjectNode piece = pieces.addObject().put("piece", placed.kind()).put("name", part.name()).put("start_mm", at.toExactMm())
                            .put("length_mm", part.length().toExactMm());
                    if (kind.flips()) {
                        piece.put("lie", Fields.name(placed.lie()));
                    }
                    at = at.plus(part.length()).plus(kind.gap());
                }
            }
            stick.put("left_mm", problem.left(laid).toExactMm());
        }
        return Trees.write(node);
    }
}
