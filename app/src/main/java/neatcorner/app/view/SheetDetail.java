package neatcorner.app.view;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.CheckBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Sheet;
import neatcorner.core.words.Phrasebook;

/** A sheet of glass, board or mat. */
final class SheetDetail extends RackDetail<Sheet> {
    SheetDetail(Desk desk, Sheet item) {
        super(desk, Sheet.class, item);
    }

    @Override
    void entries() {
        choice(
                Labels.get("rack.material"),
                () -> Arrays.stream(Material.values())
                        .filter(m -> m.role() != Material.Role.ART)
                        .toList(),
                () -> now().material(),
                m -> book().say(Phrasebook.keyOf(m)),
                m -> save(now().withMaterial(m)));
        length("rack.width", Sheet::width, (s, l) -> s.withSize(l, s.height(), s.thickness()));
        length("rack.height", Sheet::height, (s, l) -> s.withSize(s.width(), l, s.thickness()));
        length("rack.thickness", Sheet::thickness, (s, l) -> s.withSize(s.width(), s.height(), l));
        line(
                Labels.get("rack.on_hand"),
                () -> Integer.toString(now().count()),
                text -> tried(() -> save(now().withCount(whole(text)))));
        CheckBox sale = new CheckBox(Labels.get("rack.for_sale"));
        onUpdate(() -> sale.setSelected(now().forSale()));
        sale.setOnAction(_ -> complain(sale, save(now().withForSale(sale.isSelected()))));
        getChildren().add(sale);
        choice(
                Labels.get("rack.grain"),
                () -> List.of(Sheet.Grain.values()),
                () -> now().grain(),
                g -> book().say(Words.of("sheet_grain." + g.name().toLowerCase(Locale.ROOT))),
                g -> save(now().withGrain(g)));
        line(
                Labels.get("rack.face"),
                () -> now().face(),
                text -> save(now().withFace(text.strip())));
        price(price -> now().withPrice(price));
    }

    @Override
    void uses() {
        // What is cut from it is seen at the cuts.
    }
}
