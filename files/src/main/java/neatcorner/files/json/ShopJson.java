package neatcorner.files.json;

import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.core.rack.Rack;
import neatcorner.core.shop.ClampKind;
import neatcorner.core.shop.Clamps;
import neatcorner.core.shop.Drawers;
import neatcorner.core.shop.Joining;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Sale;
import neatcorner.core.shop.School;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sizing;
import neatcorner.core.shop.Sticks;
import neatcorner.core.wood.Air;
import neatcorner.core.wood.Climate;
import neatcorner.core.wood.Ware;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The fields of a shop document, as {@code docs/formats/shop.schema.json} publishes them. */
final class ShopJson {
    private ShopJson() {
    }

    static Shop read(Fields fields) {
        List<Moulding> mouldings = fields.list(
                "mouldings",
                moulding -> new Moulding(
                        SectionJson.read(moulding.object("section")),
                        moulding.lengthsOr(
                                "sold",
                                Sale::of,
                                sale -> new Sale(
                                        sale.length("length"),
                                        sale.optional("price", name -> RackJson.price(sale.object(name))))),
                        moulding.list(
                                "on_hand", sticks -> new Sticks(sticks.length("length"), sticks.whole("count")))));
        return fields.build(() -> new Shop(
                fields.text("name", ""),
                HabitsJson.read(fields)
                        .with(fields.has("sizing")
                                ? fields.constant("sizing", Sizing.class)
                                : Sizing.BY_NUMBERS),
                mouldings,
                fields.list(
                        "clamps",
                        clamps -> new Clamps(
                                clamps.constant("kind", ClampKind.class),
                                clamps.whole("count"),
                                clamps.length("reach"))),
                fields.has("climate") ? climate(fields.object("climate")) : Climate.USUAL,
                new Rack(fields.list("rack", item -> RackJson.read(item, mouldings))),
                fields.has("joining") ? joining(fields.object("joining")) : Joining.ANY,
                fields.text("currency", Shop.USUAL_CURRENCY),
                MachinesJson.read(fields)));
    }

    private static Joining joining(Fields fields) {
        return new Joining(
                fields.constant("school", School.class),
                Set.copyOf(fields.list("missing", tool -> tool.constant("tool", JoiningTool.class))),
                fields.has("lacking") ? drawers(fields) : Drawers.FULL);
    }

    private static Drawers drawers(Fields fields) {
        return fields.build(() -> fields
                .list("lacking", gone -> Map.entry(gone.constant("ware", Ware.class), gone.length("size")))
                .stream()
                .reduce(
                        Drawers.FULL,
                        (drawers, gone) -> drawers.with(gone.getKey(), gone.getValue(), false),
                        (_, last) -> last));
    }

    private static Climate climate(Fields fields) {
        return new Climate(air(fields.object("shop")), air(fields.object("dry")), air(fields.object("damp")));
    }

    private static Air air(Fields fields) {
        return fields.build(() -> Air.of(fields.number("humidity_percent"), fields.number("celsius")));
    }

    private static void air(Air air, ObjectNode node) {
        node.put("humidity_percent", air.humidity().toPercent()).put("celsius", air.celsius());
    }

    static void write(Shop shop, ObjectNode node) {
        node.put("name", shop.name());
        HabitsJson.write(shop.habits(), node);
        node.put("sizing", Fields.name(shop.habits().sizing()));
        ArrayNode mouldings = node.putArray("mouldings");
        for (Moulding moulding : shop.mouldings()) {
            ObjectNode item = mouldings.addObject();
            SectionJson.write(moulding.section(), item.putObject("section"));
            ArrayNode sold = item.putArray("sold");
            for (Sale sale : moulding.sold()) {
                if (sale.price().isEmpty()) {
                    sold.add(sale.length().toExactMm());
                } else {
                    ObjectNode one = sold.addObject().put("length", sale.length().toExactMm());
                    RackJson.price(sale.price().get(), one.putObject("price"));
                }
            }
            ArrayNode onHand = item.putArray("on_hand");
            moulding.onHand().forEach(sticks -> onHand.addObject().put("length", sticks.length().toExactMm())
                    .put("count", sticks.count()));
        }
        ArrayNode clamps = node.putArray("clamps");
        shop.clamps().forEach(c -> clamps.addObject().put("kind", Fields.name(c.kind())).put("count", c.count())
                .put("reach", c.reach().toExactMm()));
        ObjectNode climate = node.putObject("climate");
        air(shop.climate().shop(), climate.putObject("shop"));
        air(shop.climate().dry(), climate.putObject("dry"));
        air(shop.climate().damp(), climate.putObject("damp"));
        ObjectNode joining = node.putObject("joining").put("school", Fields.name(shop.joining().school()));
        ArrayNode missing = joining.putArray("missing");
        shop.joining().missing().forEach(tool -> missing.addObject().put("tool", Fields.name(tool)));
        ArrayNode lacking = joining.putArray("lacking");
        shop.joining()
                .drawers()
                .lacking()
                .forEach((ware, sizes) -> sizes.forEach(size -> lacking.addObject()
                        .put("ware", Fields.name(ware))
                        .put("size", size.toExactMm())));
        node.put("currency", shop.currency());
        MachinesJson.write(shop.machines(), node);
        ArrayNode rack = node.putArray("rack");
        shop.rack().items().forEach(item -> RackJson.write(item, rack.addObject(), shop.mouldings()));
    }
}
