package neatcorner.files.json;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A bare problem of panes on sheets and its answer, as {@code docs/formats/sheetplan.md} describes them. */
public final class SheetPlanJson {
    private SheetPlanJson() {
    }

    /**
     * Reads a problem.
     *
     * @throws FormatException naming the field, its value and what is allowed
     */
    public static SheetProblem read(String text) {
        Fields fields = Fields.of(text);
        fields.knowsOnly("kerf", "trim", "least_strip", "panes", "stock");
        List<SheetProblem.Pane> panes = fields.list("panes", pane -> {
            pane.knowsOnly("name", "width", "height", "count", "turn");
            return new SheetProblem.Pane(pane.text("name", ""), pane.length("width"), pane.length("height"),
                    pane.whole("count", 1, 1, SheetProblem.MOST_PANES), pane.flag("turn", true));
        });
        List<SheetProblem.Stock> stock = fields.list("stock", sheet -> {
            sheet.knowsOnly("name", "width", "height", "count", "cost");
            return new SheetProblem.Stock(
                    sheet.text("name", ""),
                    sheet.length("width"),
                    sheet.length("height"),
                    sheet.has("count") ? Optional.of(sheet.whole("count", 0, 0, Integer.MAX_VALUE)) : Optional.empty(),
                    sheet.whole("cost", 0, 0, 1_000_000_000));
        });
        return fields.build(() -> new SheetProblem(
                panes,
                stock,
                fields.length("kerf", Length.ZERO, Length.ZERO, Length.mm(20)),
                fields.length("trim", Length.ZERO, Length.ZERO, Length.mm(200)),
                fields.length("least_strip", Length.ZERO, Length.ZERO, Length.mm(200))));
    }

    /** The answer as JSON, with the seconds it took. */
    public static String write(SheetProblem problem, SheetAnswer answer, double seconds) {
        ObjectNode node = Trees.object();
        node.put("format", "neat-corner sheet plan");
        node.put("version", 1);
        node.put("cost", answer.cost());
        node.put("bound", answer.bound());
        node.put("proven", answer.isProven());
        node.put("seconds", Math.round(seconds * 1000) / 1000.0);
        ArrayNode sheets = node.putArray("sheets");
        for (SheetAnswer.Laid laid : answer.sheets()) {
            ObjectNode sheet = sheets.addObject();
            sheet.put("stock", laid.stock());
            sheet.put("name", problem.stock().get(laid.stock()).name());
            ArrayNode panes = sheet.putArray("panes");
            laid.panes()
                    .forEach(pane -> panes.addObject()
                            .put("pane", pane.pane())
                            .put("name", problem.panes().get(pane.pane()).name())
                            .put("x_mm", pane.x().toExactMm())
                            .put("y_mm", pane.y().toExactMm())
                            .put("turned", pane.turned()));
            ArrayNode cuts = sheet.putArray("cuts");
            laid.cuts()
                    .forEach(cut -> cuts.addObject()
                            .put("x1_mm", cut.x1().toExactMm())
                            .put("y1_mm", cut.y1().toExactMm())
                            .put("x2_mm", cut.x2().toExactMm())
                            .put("y2_mm", cut.y2().toExactMm()));
            ArrayNode rests = sheet.putArray("rests");
            laid.rests()
                    .forEach(rest -> rests.addObject()
                            .put("x_mm", rest.x().toExactMm())
                            .put("y_mm", rest.y().toExactMm())
                            .put("width_mm", rest.width().toExactMm())
                            .put("height_mm", rest.height().toExactMm()));
        }
        return Trees.write(node);
    }
}
