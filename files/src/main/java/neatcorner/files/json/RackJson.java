package neatcorner.files.json;

import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Price;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Moulding;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * What lies on the rack with a label. An off-cut names its moulding where one of the shop's has that
 * name and section; else its section is written out.
 */
final class RackJson {
    private RackJson() {
    }

    static Price price(Fields fields) {
        return fields.build(() -> new Price(fields.whole("minor"), fields.constant("per", Price.Per.class)));
    }

    static void price(Price price, ObjectNode node) {
        node.put("minor", price.minor()).put("per", Fields.name(price.per()));
    }

    static RackItem read(Fields item, List<Moulding> mouldings) {
        return switch (item.text("kind")) {
            case "off_cut" ->
                new OffCut(
                        item.text("label"),
                        section(item, mouldings),
                        item.length("length"),
                        item.list("defects", d -> new Span(d.length("from"), d.length("to"))),
                        item.text("shelf", ""),
                        item.text("batch", ""));
            case "board" ->
                new Board(
                        item.text("label"),
                        SpeciesJson.read(item),
                        item.length("length"),
                        item.length("width"),
                        item.length("thickness"),
                        item.optional("moisture_percent", name -> Share.percent(item.number(name))),
                        item.text("grade", ""),
                        item.list(
                                "defects",
                                d -> new Board.Defect(
                                        d.constant("kind", Board.Kind.class),
                                        d.length("x"),
                                        d.length("y"),
                                        d.length("length"),
                                        d.length("width"),
                                        d.optional(
                                                "depth",
                                                name -> new Board.Shallow(
                                                        d.constant("face", Board.Face.class), d.length(name))))),
                        item.optional("price", name -> price(item.object(name))),
                        item.text("shelf", ""),
                        new Board.Condition(
                                item.has("surface")
                                        ? item.constant("surface", Board.Surface.class)
                                        : Board.Surface.ROUGH,
                                item.has("cup") ? item.length("cup") : Length.ZERO,
                                item.has("twist") ? item.length("twist") : Length.ZERO),
                        item.flag("for_sale", false));
            case "sheet" -> {
                Material material = item.constant("material", Material.class);
                yield new Sheet(
                        item.text("label"),
                        material,
                        item.length("width"),
                        item.length("height"),
                        item.has("thickness") ? item.length("thickness") : material.usualThickness(),
                        item.whole("count", 1),
                        item.flag("for_sale", false),
                        item.has("grain") ? item.constant("grain", Sheet.Grain.class) : Sheet.Grain.NONE,
                        item.text("face", ""),
                        item.optional("price", name -> price(item.object(name))),
                        item.text("shelf", ""));
            }
            default ->
                throw new FormatException("kind", Words.of("refused.rack_json.is_one_of_off", item.text("kind")));
        };
    }

    private static Section section(Fields item, List<Moulding> mouldings) {
        if (item.has("section")) {
            return SectionJson.read(item.object("section"));
        }
        String name = item.text("moulding");
        return mouldings.stream()
                .map(Moulding::section)
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow(
                        () -> new FormatException("moulding", Words.of("refused.rack_json.is_which_is_none", name)));
    }

    static void write(RackItem item, ObjectNode node, List<Moulding> mouldings) {
        node.put("kind", kind(item)).put("label", item.label());
        switch (item) {
            case OffCut cut -> {
                boolean named = mouldings.stream()
                        .map(Moulding::section)
                        .filter(s -> s.name().equals(cut.section().name()))
                        .findFirst()
                        .filter(cut.section()::equals)
                        .isPresent();
                if (named) {
                    node.put("moulding", cut.section().name());
                } else {
                    SectionJson.write(cut.section(), node.putObject("section"));
                }
                node.put("length", cut.length().toExactMm());
                ArrayNode defects = node.putArray("defects");
                cut.defects()
                        .forEach(d -> defects.addObject()
                                .put("from", d.from().toExactMm())
                                .put("to", d.to().toExactMm()));
                node.put("batch", cut.batch());
            }
            case Board board -> {
                SpeciesJson.write(board.species(), node);
                node.put("length", board.length().toExactMm()).put("width", board.width().toExactMm())
                        .put("thickness", board.thickness().toExactMm()).put("grade", board.grade());
                board.moisture().ifPresent(m -> node.put("moisture_percent", m.toPercent()));
                node.put("surface", Fields.name(board.condition().surface()))
                        .put("cup", board.condition().cup().toExactMm())
                        .put("twist", board.condition().twist().toExactMm())
                        .put("for_sale", board.forSale());
                ArrayNode defects = node.putArray("defects");
                for (Board.Defect d : board.defects()) {
                    ObjectNode defect = defects.addObject()
                            .put("kind", Fields.name(d.kind()))
                            .put("x", d.x().toExactMm())
                            .put("y", d.y().toExactMm())
                            .put("length", d.length().toExactMm())
                            .put("width", d.width().toExactMm());
                    d.shallow()
                            .ifPresent(shallow -> defect.put("face", Fields.name(shallow.face()))
                                    .put("depth", shallow.depth().toExactMm()));
                }
            }
            case Sheet sheet ->
                node.put("material", Fields.name(sheet.material()))
                        .put("width", sheet.width().toExactMm())
                        .put("height", sheet.height().toExactMm())
                        .put("thickness", sheet.thickness().toExactMm())
                        .put("count", sheet.count())
                        .put("for_sale", sheet.forSale())
                        .put("grain", Fields.name(sheet.grain()))
                        .put("face", sheet.face());
        }
        item.price().ifPresent(price -> price(price, node.putObject("price")));
        node.put("shelf", item.shelf());
    }

    private static String kind(RackItem item) {
        return switch (item) {
            case OffCut _ -> "off_cut";
            case Board _ -> "board";
            case Sheet _ -> "sheet";
        };
    }
}
