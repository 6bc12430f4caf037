package neatcorner.app.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Aside;
import neatcorner.app.desk.Desk;
import neatcorner.core.cut.Makes;
import neatcorner.core.drawing.SectionDrawing;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Price;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Sale;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;

/** One moulding: the sticks of it on the rack, the lengths it is sold in with their prices, what it makes. */
final class MouldingDetail extends Panel {
    private static final double MOST_WIDE = 420;
    private static final double HIGH = 150;
    private final Section section;
    private final Aside<Shop, List<StockRows.Lines>> makes = new Aside<>(Platform::runLater);

    MouldingDetail(Desk desk, Section section) {
        super(desk, NoTyping.HERE);
        this.section = section;
        heading(() -> book().say(
                        "shop.moulding",
                        section.name(),
                        section.species(),
                        book().exactly(section.face()),
                        book().exactly(section.thickness())));
        PictureView picture = new PictureView(desk, NoTyping.HERE);
        onUpdate(() -> picture.drawTall(section.name(), width ->
                SectionDrawing.alone(section, PictureView.reader(desk), Math.min(width, MOST_WIDE), HIGH)));
        getChildren().add(picture);
        heading(Labels.get("shop.on_hand"));
        rows(box -> now().ifPresent(moulding -> onHand(moulding, box)));
        adding("shop.add_stick", length -> new ShopEdit.Receive(section, length, 1));
        heading(Labels.get("shop.sold_in"));
        rows(box -> now().ifPresent(moulding ->
                moulding.sold().forEach(sale -> box.getChildren().add(sale(sale)))));
        adding("shop.add_sold", length -> new ShopEdit.Keep(section, List.of(length)));
        rows(box -> now().filter(moulding -> !moulding.onHand().isEmpty()).ifPresent(moulding -> {
            Shop shop = desk().shop();
            StockRows.asked(this, box, makes, shop, Labels.get("shop.makes"), () -> makes(moulding, shop));
        }));
        Button drop = quiet(Labels.get("shop.drop"));
        drop.setId("drop-moulding");
        drop.setOnAction(_ -> complain(drop, desk().edit(new ShopEdit.Drop(section))));
        getChildren().add(drop);
    }

    /** Empty while it is being dropped. */
    private Optional<Moulding> now() {
        return desk().shop().stockFor(section);
    }

    private static Button quiet(String text) {
        Button button = new Button(text);
        button.getStyleClass().add("quiet");
        return button;
    }

    private void onHand(Moulding moulding, VBox box) {
        for (Sticks sticks : moulding.onHand()) {
            Button less = counting("−", "shop.less", sticks, -1);
            Button more = counting("+", "shop.more", sticks, 1);
            box.getChildren()
                    .add(spread(
                            text(book().say("shop.sticks", sticks.count(), book().exactly(sticks.length()))),
                            new HBox(4, less, more)));
        }
        if (moulding.onHand().isEmpty()) {
            box.getChildren().add(text(Labels.get("shop.none"), "soft"));
        }
    }

    private Button counting(String sign, String named, Sticks sticks, int by) {
        Button button = quiet(sign);
        button.setAccessibleText(Labels.get(named));
        button.setOnAction(_ -> complain(
                button, desk().edit(new ShopEdit.Stock(section, sticks.length(), sticks.count() + by))));
        return button;
    }

    /** A length on sale with its price, each or by the length. */
    private HBox sale(Sale sale) {
        TextField price = new TextField(sale.price().map(Price::text).orElse(""));
        price.setPromptText(Labels.get("shop.price_how"));
        price.setAccessibleText(Labels.get("shop.price_of", book().exactly(sale.length())));
        price.setPrefColumnCount(8);
        price.setOnAction(_ -> complain(price, priced(sale, price.getText())));
        HBox row = new HBox(6, text(desk().shop().currency(), "soft"), price);
        row.setAlignment(Pos.CENTER_RIGHT);
        return spread(text(book().exactly(sale.length()), "soft"), row);
    }

    private Optional<String> priced(Sale sale, String text) {
        return tried(() -> desk().edit(new ShopEdit.SetPrice(
                section, sale.length(), text.isBlank() ? Optional.empty() : Optional.of(Price.parse(text)))));
    }

    /** A length to type and what is done with it. */
    private void adding(String key, Function<Length, ShopEdit> edit) {
        TextField length = new TextField();
        length.setPromptText(Labels.get("shop.length"));
        length.setAccessibleText(Labels.get("shop.length") + ", " + Labels.get(key));
        length.setPrefColumnCount(8);
        Button add = quiet(Labels.get(key));
        Runnable adding = () -> {
            Optional<String> refused = tried(() -> desk().edit(edit.apply(desk().parsed(length.getText()))));
            complain(length, refused);
            if (refused.isEmpty()) {
                length.clear();
            }
        };
        add.setOnAction(_ -> adding.run());
        length.setOnAction(_ -> adding.run());
        HBox row = new HBox(6, length, add);
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().add(row);
    }

    /** What one whole stick of each length makes, and everything of the moulding together. */
    private static List<StockRows.Lines> makes(Moulding moulding, Shop shop) {
        List<StockRows.Lines> lines = new ArrayList<>();
        for (Sticks sticks : moulding.onHand()) {
            lines.add(new StockRows.Lines(
                    Optional.of(Words.of("shop.makes_one", sticks.length())),
                    Makes.of(moulding.section(), new Sticks(sticks.length(), 1), shop.habits())));
        }
        lines.add(new StockRows.Lines(Optional.of(Words.of("shop.makes_all")), Makes.of(moulding, shop)));
        return lines;
    }
}
