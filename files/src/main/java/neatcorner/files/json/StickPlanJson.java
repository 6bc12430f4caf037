package neatcorner.files.json;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Words;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;
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
        fields.knowsOnly("kerf", "trim", "useful", "pieces", "stock", "locks");
        Length kerf = fields.length("kerf", Length.ZERO, Length.ZERO, Length.mm(50));
        Length trim = fields.length("trim", Length.ZERO, Length.ZERO, Length.mm(1000));
        Map<String, List<StickProblem.Part>> groups = new LinkedHashMap<>();
        List<StickProblem.Kind> pieces = new ArrayList<>();
        fields.list("pieces", piece -> {
            piece.knowsOnly("name", "length", "count", "left", "right", "width", "flip", "group");
            int count = piece.whole("count", 1, 1, StickProblem.MOST_PIECES);
            StickProblem.Part part = new StickProblem.Part(
                    piece.text("name", ""),
                    piece.length("length"),
                    end(piece, "left", kerf),
                    end(piece, "right", kerf));
            boolean flips = piece.flag("flip", false);
            if (piece.has("group")) {
                List<StickProblem.Part> group = groups.computeIfAbsent(piece.text("group"), _ -> new ArrayList<>());
                if (group.size() + count > StickProblem.MOST_PIECES) {
                    throw piece.wrong("count", Words.of("refused.stick_plan.too_many", StickProblem.MOST_PIECES));
                }
                group.addAll(Collections.nCopies(count, part));
            } else {
                pieces.add(
                        piece.build(() -> new StickProblem.Kind(part.name(), List.of(part), List.of(), count, flips)));
            }
            return part;
        });
        fields.build(() -> {
            groups.forEach((name, parts) -> pieces.add(StickProblem.Kind.group(name, parts, kerf, 1)));
            return pieces;
        });
        List<StickProblem.Stock> stock = fields.list("stock", stick -> {
            stick.knowsOnly("name", "length", "count", "cost", "defects");
            return new StickProblem.Stock(
                    stick.text("name", ""),
                    stick.length("length"),
                    stick.has("count") ? Optional.of(stick.whole("count", 0, 0, Integer.MAX_VALUE)) : Optional.empty(),
                    stick.whole("cost", 0, 0, 1_000_000_000),
                    stick.list("defects", defect -> new Span(defect.length("from"), defect.length("to"))));
        });
        List<StickProblem.Lock> locks = fields.list("locks", lock -> {
            lock.knowsOnly("piece", "stock", "count");
            int piece = lock.whole("piece", 0, 0, pieces.size() - 1);
            return new StickProblem.Lock(
                    piece,
                    lock.whole("stock", 0, 0, stock.size() - 1),
                    lock.whole("count", 1, 1, pieces.get(piece).count()));
        });
        return fields.build(() -> new StickProblem(
                pieces,
                stock,
                kerf,
                trim,
                fields.length("useful", Length.ZERO, Length.ZERO, Length.mm(20_000)),
                locks));
    }

    /** A cut by its angle to the long edge; square when it is not said. */
    private static StickProblem.End end(Fields piece, String side, Length kerf) {
        if (!piece.has(side)) {
            return StickProblem.End.SQUARE;
        }
        double degrees = piece.number(side);
        if (!(degrees >= 10 && degrees <= 170)) {
            throw piece.wrong(side, Words.of("refused.stick_plan.angle", degrees));
        }
        if (degrees == 90) {
            return new StickProblem.End(Length.ZERO, kerf);
        }
        double angle = Math.toRadians(degrees);
        Length lean = piece.length("width", new Length(1), Length.mm(2000)).times(1 / Math.tan(angle));
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
                List<Length> starts = kind.starts();
                for (int i = 0; i < starts.size(); i++) {
                    StickProblem.Part part = kind.parts().get(i);
                    ObjectNode piece = pieces.addObject()
                            .put("piece", placed.kind())
                            .put("name", part.name())
                            .put("start_mm", placed.start().plus(starts.get(i)).toExactMm())
                            .put("length_mm", part.length().toExactMm());
                    if (kind.flips()) {
                        piece.put("lie", Fields.name(placed.lie()));
                    }
                }
            }
            stick.put("left_mm", problem.left(laid).toExactMm());
        }
        return Trees.write(node);
    }
}
