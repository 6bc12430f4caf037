package neatcorner.files.json;

import neatcorner.core.job.ClampKind;
import neatcorner.core.job.Clamps;
import neatcorner.core.job.Moulding;
import neatcorner.core.job.Shop;
import neatcorner.core.job.Sticks;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** The fields of a shop document, as {@code docs/formats/shop.schema.json} publishes them. */
final class ShopJson {
    private ShopJson() {
    }

    static Shop read(Fields fields) {
        return fields.build(() -> new Shop(fields.text("name", ""), HabitsJson.read(fields),
                fields.list("mouldings", moulding -> new Moulding(SectionJson.read(moulding.object("section")),
                        moulding.lengths("sold"),
                        moulding.list("on_hand", sticks -> new Sticks(sticks.length("length"), sticks.whole("count"))))),
                fields.list("clamps", clamps -> new Clamps(clamps.constant("kind", ClampKind.class), clamps.whole("count"),
                        clamps.length("reach")))));
    }

    static void write(Shop shop, ObjectNode node) {
        node.put("name", shop.name());
        HabitsJson.write(shop.habits(), node);
        ArrayNode mouldings = node.putArray("mouldings");
        for (Moulding moulding : shop.mouldings()) {
            ObjectNode item = mouldings.addObject();
            SectionJson.write(moulding.section(), item.putObject("section"));
            ArrayNode sold = item.putArray("sold");
            moulding.sold().forEach(length -> sold.add(length.toExactMm()));
            ArrayNode onHand = item.putArray("on_hand");
            moulding.onHand().forEach(sticks -> onHand.addObject().put("length", sticks.length().toExactMm())
                    .put("count", sticks.count()));
        }
        ArrayNode clamps = node.putArray("clamps");
        shop.clamps().forEach(c -> clamps.addObject().put("kind", Fields.name(c.kind())).put("count", c.count())
                .put("reach", c.reach().toExactMm()));
    }
}
