package neatcorner.files.json;

import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Area;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.measure.Moment;
import neatcorner.core.measure.Money;
import neatcorner.core.measure.Quantity;
import neatcorner.core.measure.SecondMoment;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Volume;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Quantities as fields named after their unit. */
final class QuantityJson {
    private QuantityJson() {
    }

    static void write(Quantity quantity, ObjectNode node) {
        switch (quantity) {
            case Length length -> node.put("mm", length.toExactMm());
            case Gap gap -> node.put("gap_mm", gap.width().toExactMm());
            case Angle angle -> node.put("degrees", angle.toDegrees());
            case Area area -> node.put("mm2", area.mm2());
            case Volume volume -> node.put("mm3", volume.mm3());
            case SecondMoment moment -> node.put("mm4", moment.mm4());
            case Mass mass -> node.put("kg", mass.toKg());
            case Force force -> node.put("newtons", force.newtons());
            case Moment moment -> node.put("newton_metres", moment.newtonMetres());
            case Count count -> node.put("count", count.value());
            case Share share -> node.put("percent", share.toPercent());
            case Money money -> node.put("minor", money.minor()).put("currency", money.sign());
        }
    }

    /** What was written; empty where there is no such field. */
    static Optional<Quantity> read(JsonNode node) {
        return Optional.ofNullable(
                node.has("mm") ? Length.mm(node.get("mm").decimalValue())
                : node.has("gap_mm") ? new Gap(Length.mm(node.get("gap_mm").decimalValue()))
                : node.has("degrees") ? Angle.degrees(node.get("degrees").doubleValue())
                : node.has("mm2") ? new Area(node.get("mm2").doubleValue())
                : node.has("mm3") ? new Volume(node.get("mm3").doubleValue())
                : node.has("mm4") ? new SecondMoment(node.get("mm4").doubleValue())
                : node.has("kg") ? Mass.kg(node.get("kg").doubleValue())
                : node.has("newtons") ? new Force(node.get("newtons").doubleValue())
                : node.has("newton_metres") ? new Moment(node.get("newton_metres").doubleValue())
                : node.has("count") ? new Count(node.get("count").intValue())
                : node.has("percent") ? Share.percent(node.get("percent").doubleValue())
                : node.has("minor") && node.has("currency")
                        ? new Money(node.get("minor").longValue(), node.get("currency").stringValue())
                        : null);
    }
}
