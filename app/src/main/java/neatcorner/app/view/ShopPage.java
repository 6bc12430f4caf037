package neatcorner.app.view;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.cut.Makes;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Money;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Price;
import neatcorner.core.section.Section;
import neatcorner.core.shop.ClampKind;
import neatcorner.core.shop.Clamps;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Sale;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.wood.Air;
import neatcorner.core.wood.Climate;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Phrasebook;

/** The shop itself: sticks on the rack, clamps on hand, and the habits every job starts from. */
final class ShopPage extends HBox {
    /** As {@code 50 % 20 °C}. */
    private static final Pattern AIR =
            Pattern.compile("\\s*(\\d+(?:[.,]\\d+)?)\\s*%?[\\s;,/·]+(\\d+(?:[.,]\\d+)?)\\s*(?:°\\s*C?|C)?\\s*");
    /** As {@code 19.80}, {@code 2.10 / ft}, {@code 6.90 / m} or {@code 8.40 / bd ft}. */
    private static final Pattern PRICE =
            Pattern.compile("\\s*(\\d{1,7}(?:[.,]\\d{1,2})?)\\s*(?:/\\s*(ft|m|bd ft))?\\s*");

    private final Desk desk;
    private final Panel rack;
    private final Panel habits;
    private final Map<Section, Aside<Shop, List<StockRows.Lines>>> makes = new HashMap<>();

    ShopPage(Desk desk, FilePort files) {
        this.desk = desk;
        getStyleClass().add("shop-page");
        rack = new Panel(desk, new ShopTypist(desk));
        habits = new Panel(desk, new ShopTypist(desk));
        rack.heading(Labels.get("shop.rack"));
        rack.rows(box -> desk.shop().mouldings().forEach(moulding -> box.getChildren().add(moulding(moulding))));
        habits.heading(Labels.get("shop.habits"));
        habits.getChildren().add(Panel.text(Labels.get("shop.habits_how"), "soft"));
        for (Habit habit : Habit.values()) {
            habit(habit);
        }
        habits.line(Labels.get("shop.currency"), () -> desk.shop().currency(), text -> {
            try {
                return desk.edit(new ShopEdit.SetCurrency(text));
            } catch (Refusal refused) {
                return Optional.of(desk.said(refused));
            }
        }).setId("currency");
        habits.heading(Labels.get("shop.clamps"));
        habits.rows(box -> {
            for (ClampKind kind : ClampKind.values()) {
                box.getChildren().add(clamps(kind));
            }
        });
        air();
        everything(files);
        HBox.setHgrow(rack, Priority.ALWAYS);
        getChildren().addAll(scrolled(rack, "rack"), scrolled(habits, "habits"));
    }

    private void everything(FilePort files) {
        habits.heading(Labels.get("shop.everything"));
        habits.getChildren().add(Panel.text(Labels.get("shop.everything_how"), "soft"));
        Button export = new Button(Labels.get("shop.export"));
        export.setId("export-everything");
        export.getStyleClass().add("quiet");
        export.setOnAction(_ -> files.whereTo(Labels.get("shop.export_folder")).ifPresent(desk::exportAll));
        habits.getChildren().add(export);
    }

    /** The air in the shop and on the wall, as per cent and degrees Celsius. */
    private void air() {
        habits.heading(Labels.get("shop.air"));
        habits.getChildren().add(Panel.text(Labels.get("shop.air_how"), "soft"));
        air("shop", Climate::shop, (c, a) -> new Climate(a, c.dry(), c.damp()));
        air("dry", Climate::dry, (c, a) -> new Climate(c.shop(), a, c.damp()));
        air("damp", Climate::damp, (c, a) -> new Climate(c.shop(), c.dry(), a));
        habits.rows(box -> box.getChildren()
                .add(Panel.text(
                        desk.book()
                                .say(
                                        "shop.moisture",
                                        desk.shop().climate().shop().equilibriumMoisture(),
                                        desk.shop().climate().dry().equilibriumMoisture(),
                                        desk.shop().climate().damp().equilibriumMoisture()),
                        "soft")));
    }

    private void air(String where, Function<Climate, Air> read, BiFunction<Climate, Air, Climate> write) {
        habits.line(
                        Labels.get("shop.air." + where),
                        () -> desk.book()
                                .say(
                                        "shop.air",
                                        read.apply(desk.shop().climate()).humidity(),
                                        Math.round(read.apply(desk.shop().climate())
                                                                .celsius()
                                                        * 10)
                                                / 10.0),
                        text -> aired(text, write))
                .setId("air-" + where);
    }

    private Optional<String> aired(String text, BiFunction<Climate, Air, Climate> write) {
        Matcher numbers = AIR.matcher(text);
        if (!numbers.matches()) {
            return Optional.of(Labels.get("shop.air_rule", text));
        }
        try {
            Air air = Air.of(
                    Double.parseDouble(numbers.group(1).replace(',', '.')),
                    Double.parseDouble(numbers.group(2).replace(',', '.')));
            return desk.edit(new ShopEdit.SetClimate(write.apply(desk.shop().climate(), air)));
        } catch (Refusal refused) {
            return Optional.of(desk.said(refused));
        }
    }

    private static ScrollPane scrolled(Panel panel, String id) {
        ScrollPane pane = new ScrollPane(panel);
        pane.setId(id);
        pane.setFitToWidth(true);
        pane.getStyleClass().add("card");
        HBox.setHgrow(pane, Priority.ALWAYS);
        pane.setPrefWidth(500);
        return pane;
    }

    void update() {
        rack.update();
        habits.update();
    }

    private void habit(Habit habit) {
        TagField tag = new TagField(habit, habits.typing());
        var row = Panel.spread(Panel.text(desk.book().say(habit.words()), "soft"), tag);
        habits.onUpdate(() -> habits.show(tag, Figure.said(habit, desk.shop().habits().get(habit),
                desk.shop().habits().says(habit) ? Origin.GIVEN : Origin.HABIT)));
        habits.getChildren().add(row);
    }

    private VBox moulding(Moulding moulding) {
        VBox box = new VBox(3);
        box.getStyleClass().add("option");
        var section = moulding.section();
        Button drop = quiet(Labels.get("shop.drop"), () -> desk.edit(new ShopEdit.Drop(section)), box);
        box.getChildren()
                .add(Panel.spread(
                        Panel.text(
                                desk.book()
                                        .say(
                                                "shop.moulding",
                                                section.name(),
                                                section.species(),
                                                desk.book().exactly(section.face()),
                                                desk.book().exactly(section.thickness())),
                                "strong"),
                        drop));
        moulding.sold().forEach(sale -> box.getChildren().add(sale(moulding, sale, box)));
        for (Sticks sticks : moulding.onHand()) {
            Button less = quiet("−", () -> stock(moulding, sticks.length(), sticks.count() - 1), box);
            less.setAccessibleText(Labels.get("shop.less"));
            Button more = quiet("+", () -> stock(moulding, sticks.length(), sticks.count() + 1), box);
            more.setAccessibleText(Labels.get("shop.more"));
            HBox buttons = new HBox(4, less, more);
            box.getChildren()
                    .add(Panel.spread(
                            Panel.text(desk.book()
                                    .say(
                                            "shop.sticks",
                                            sticks.count(),
                                            desk.book().exactly(sticks.length()))),
                            buttons));
        }
        if (moulding.onHand().isEmpty()) {
            box.getChildren().add(Panel.text(Labels.get("shop.none"), "soft"));
        }
        box.getChildren().add(adding(moulding, box));
        if (!moulding.onHand().isEmpty()) {
            Shop shop = desk.shop();
            StockRows.asked(
                    rack,
                    box,
                    makes.computeIfAbsent(section, _ -> new Aside<>()),
                    shop,
                    Labels.get("shop.makes"),
                    () -> makes(moulding, shop));
        }
        return box;
    }

    /** What one whole stick of each length makes, and everything of the moulding together. */
    private static List<StockRows.Lines> makes(Moulding moulding, Shop shop) {
        List<StockRows.Lines> lines = new ArrayList<>();
        for (Sticks sticks : moulding.onHand()) {
            lines.add(new StockRows.Lines(Optional.of(Words.of("shop.makes_one", sticks.length())),
                    Makes.of(moulding.section(), new Sticks(sticks.length(), 1), shop.habits())));
        }
        lines.add(new StockRows.Lines(Optional.of(Words.of("shop.makes_all")), Makes.of(moulding, shop)));
        return lines;
    }

    /** A length on sale with its price, each or by the length. */
    private HBox sale(Moulding moulding, Sale sale, VBox at) {
        TextField price = new TextField(sale.price().map(this::said).orElse(""));
        price.setPromptText(Labels.get("shop.price_how"));
        price.setAccessibleText(Labels.get("shop.price_of", desk.book().exactly(sale.length())));
        price.setPrefColumnCount(8);
        price.setOnAction(_ -> refused(at, priced(moulding, sale, price.getText())));
        HBox row = new HBox(6, Panel.text(desk.shop().currency(), "soft"), price);
        row.setAlignment(Pos.CENTER_RIGHT);
        return Panel.spread(Panel.text(desk.book().say("shop.sold", desk.book().exactly(sale.length())), "soft"), row);
    }

    private String said(Price price) {
        String amount = new Money(price.minor(), "").text();
        return switch (price.per()) {
            case FOOT -> amount + " / ft";
            case METRE -> amount + " / m";
            case BOARD_FOOT -> amount + " / bd ft";
            default -> amount;
        };
    }

    private Optional<String> priced(Moulding moulding, Sale sale, String text) {
        Matcher read = PRICE.matcher(text);
        if (text.isBlank()) {
            return desk.edit(new ShopEdit.SetPrice(moulding.section(), sale.length(), Optional.empty()));
        }
        if (!read.matches()) {
            return Optional.of(Labels.get("shop.price_rule", text));
        }
        Price.Per per = switch (read.group(2) == null ? "" : read.group(2)) {
            case "ft" -> Price.Per.FOOT;
            case "m" -> Price.Per.METRE;
            case "bd ft" -> Price.Per.BOARD_FOOT;
            default -> Price.Per.PIECE;
        };
        try {
            Price price = new Price(Math.round(Double.parseDouble(read.group(1).replace(',', '.')) * 100), per);
            return desk.edit(new ShopEdit.SetPrice(moulding.section(), sale.length(), Optional.of(price)));
        } catch (Refusal refused) {
            return Optional.of(desk.said(refused));
        }
    }

    private Optional<String> stock(Moulding moulding, Length length, int count) {
        return desk.edit(new ShopEdit.Stock(moulding.section(), length, count));
    }

    private HBox adding(Moulding moulding, VBox at) {
        TextField length = new TextField();
        length.setPromptText(Labels.get("shop.length"));
        length.setAccessibleText(Labels.get("shop.length"));
        length.setPrefColumnCount(8);
        Button add = quiet(Labels.get("shop.add_stick"), () -> added(moulding, length.getText(), true), at);
        Button sell = quiet(Labels.get("shop.add_sold"), () -> added(moulding, length.getText(), false), at);
        HBox row = new HBox(6, length, add, sell);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Optional<String> added(Moulding moulding, String text, boolean onHand) {
        try {
            Length length = desk.parsed(text);
            return desk.edit(
                    onHand
                            ? new ShopEdit.Receive(moulding.section(), length, 1)
                            : new ShopEdit.Keep(moulding.section(), List.of(length)));
        } catch (Refusal refused) {
            return Optional.of(desk.said(refused));
        }
    }

    private HBox clamps(ClampKind kind) {
        int count = desk.shop().clamps(kind, Length.ZERO);
        Length reach = desk.shop().clamps().stream().filter(c -> c.kind() == kind).map(Clamps::reach)
                .max(Length::compareTo).orElse(Length.inches(96));
        Button less = quiet(
                "−", () -> desk.edit(new ShopEdit.HaveClamps(new Clamps(kind, Math.max(0, count - 1), reach))), habits);
        less.setAccessibleText(Labels.get("shop.less"));
        Button more = quiet("+", () -> desk.edit(new ShopEdit.HaveClamps(new Clamps(kind, count + 1, reach))), habits);
        more.setAccessibleText(Labels.get("shop.more"));
        TextField reaching = new TextField(desk.book().exactly(reach));
        reaching.setPrefColumnCount(7);
        reaching.setAccessibleText(Labels.get("shop.reach"));
        reaching.setOnAction(_ -> reach(kind, count, reaching.getText()));
        HBox buttons = new HBox(
                6,
                Panel.text(Integer.toString(count), "strong"),
                less,
                more,
                Panel.text(Labels.get("shop.reach"), "soft"),
                reaching);
        buttons.setAlignment(Pos.CENTER_RIGHT);
        return Panel.spread(Panel.text(desk.book().say(Phrasebook.keyOf(kind)), "soft"), buttons);
    }

    private void reach(ClampKind kind, int count, String text) {
        try {
            habits.complain(
                    habits,
                    desk.edit(new ShopEdit.HaveClamps(new Clamps(kind, Math.max(1, count), desk.parsed(text)))));
        } catch (Refusal refused) {
            habits.complain(habits, Optional.of(desk.said(refused)));
        }
    }

    private interface Change {
        Optional<String> make();
    }

    /** A button whose refusal shows at the end of the box it stands in. */
    private static Button quiet(String text, Change change, VBox at) {
        Button button = new Button(text);
        button.getStyleClass().add("quiet");
        button.setOnAction(_ -> refused(at, change.make()));
        return button;
    }

    private static void refused(VBox at, Optional<String> why) {
        at.getChildren().removeIf(node -> node.getStyleClass().contains("refusal"));
        why.ifPresent(reason -> at.getChildren().add(Panel.text(reason, "refusal")));
    }

    /** On this page a habit that is typed is the shop's, not the job's. */
    private record ShopTypist(Desk desk) implements TagField.Typing {
        @Override
        public Optional<String> enter(TagField tag, String text) {
            try {
                return desk.edit(new ShopEdit.SetHabit((Habit) tag.figure(), desk.parsed(text)));
            } catch (Refusal refused) {
                return Optional.of(desk.said(refused));
            }
        }

        @Override
        public void preview(TagField tag, String text) {
            // The shop's own numbers change every job at once; they are shown when they are entered.
        }

        @Override
        public void select(FigureKey<?> figure) {
            desk.select(figure);
        }
    }
}
