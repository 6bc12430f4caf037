package neatcorner.app.view;

import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.wood.Air;
import neatcorner.core.wood.Climate;

/** The air in the shop and on the wall, as per cent and degrees Celsius. */
final class AirPanel extends Panel {
    /** As {@code 50 % 20 °C}. */
    private static final Pattern AIR =
            Pattern.compile("\\s*(\\d+(?:[.,]\\d+)?)\\s*%?[\\s;,/·]+(\\d+(?:[.,]\\d+)?)\\s*(?:°\\s*C?|C)?\\s*");

    AirPanel(Desk desk) {
        super(desk, NoTyping.HERE);
        heading(Labels.get("shop.air"));
        getChildren().add(text(Labels.get("shop.air_how"), "soft"));
        air("shop", Climate::shop, (c, a) -> new Climate(a, c.dry(), c.damp()));
        air("dry", Climate::dry, (c, a) -> new Climate(c.shop(), a, c.damp()));
        air("damp", Climate::damp, (c, a) -> new Climate(c.shop(), c.dry(), a));
        rows(box -> box.getChildren()
                .add(text(
                        book().say(
                                        "shop.moisture",
                                        climate().shop().equilibriumMoisture(),
                                        climate().dry().equilibriumMoisture(),
                                        climate().damp().equilibriumMoisture()),
                        "soft")));
    }

    private Climate climate() {
        return desk().shop().climate();
    }

    private void air(String where, Function<Climate, Air> read, BiFunction<Climate, Air, Climate> write) {
        line(Labels.get("shop.air." + where), () -> said(read.apply(climate())), text -> aired(text, write))
                .setId("air-" + where);
    }

    private String said(Air air) {
        return book().say("shop.air", air.humidity(), Math.round(air.celsius() * 10) / 10.0);
    }

    private Optional<String> aired(String text, BiFunction<Climate, Air, Climate> write) {
        Matcher numbers = AIR.matcher(text);
        if (!numbers.matches()) {
            return Optional.of(Labels.get("shop.air_rule", text));
        }
        return tried(() -> desk().edit(new ShopEdit.SetClimate(
                write.apply(climate(), Air.of(number(numbers.group(1)), number(numbers.group(2)))))));
    }

    private static double number(String digits) {
        return Double.parseDouble(digits.replace(',', '.'));
    }
}
