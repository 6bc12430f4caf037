package neatcorner.files.json;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.stock.StickAnswer;
import neatcorner.core.stock.StickProblem;
import tools.jackson.core.JacksonException;
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
        Fields fields;
        try {
            fields = new Fields(Trees.read(text), "");
        } catch (JacksonException broken) {
            throw new FormatException("", "is no JSON: " + broken.getOriginalMessage());
        }
        List<StickProblem.Kind> pieces = fields.list("pieces", piece -> new StickProblem.Kind(piece.text("name", ""), piece.length("length"),
                piece.has("count") ? piece.whole("count") : 1));
        List<StickProblem.Stock> stock = fields.list("stock", stick -> new StickProblem.Stock(stick.text("name", ""), stick.length("length"),
                stick.has("count") ? Optional.of(stick.whole("count")) : Optional.empty(), stick.has("cost") ? stick.whole("cost") : 0));
        return fields.build(() -> new StickProblem(pieces, stock, fields.has("kerf") ? fields.length("kerf") : Length.ZERO,
                fields.has("trim") ? fields.length("trim") : Length.ZERO));
    }

    /** The answer as JSON, with the seconds it took. */
    public static String write(StickProblem problem, StickAnswer answer, double seconds) {
        ObjectNode node = Trees.object();
        node.put("format", "neat-corner stick plan");
        node.put("version", 1);
        node.put("cost", answer.cost());
        node.put("bound", answer.bound());
        node.put("proven", answer.isProven());
        node.put("seconds", Math.round(seconds * 1000) / 1000.0);
        node.put("waste_mm", problem.waste(answer).toExactMm());
        ArrayNode sticks = node.putArray("sticks");
        for (StickAnswer.Filled filled : answer.sticks()) {
            ObjectNode stick = sticks.addObject();
            stick.put("stock", filled.stock());
            stick.put("name", problem.stock().get(filled.stock()).name());
            ArrayNode pieces = stick.putArray("pieces");
            for (int i = 0; i < filled.counts().size(); i++) {
                if (filled.counts().get(i) > 0) {
                    pieces.addObject().put("piece", i).put("name", problem.pieces().get(i).name()).put("count", filled.counts().get(i));
                }
            }
            stick.put("left_mm", problem.left(filled).toExactMm());
        }
        return Trees.write(node);
    }
}
