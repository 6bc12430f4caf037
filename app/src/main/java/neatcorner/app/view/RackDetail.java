package neatcorner.app.view;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.regex.Pattern;
import javafx.scene.control.Button;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.gauge.Gauge;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Money;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Price;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;

/** One item of the rack: its numbers to type, and where it lies. */
abstract sealed class RackDetail<T extends RackItem> extends Panel permits OffCutDetail, BoardDetail, SheetDetail {
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,9}(\\.\\d{0,6})?");
    private final String label;
    private final Class<T> kind;
    private T last;

    RackDetail(Desk desk, Class<T> kind, T item) {
        super(desk, NoTyping.HERE);
        this.label = item.label();
        this.kind = kind;
        this.last = item;
    }

    /** The panel of an item, whatever it is. */
    static RackDetail<?> of(Desk desk, RackItem item) {
        RackDetail<?> detail = switch (item) {
            case OffCut offCut -> new OffCutDetail(desk, offCut);
            case Board board -> new BoardDetail(desk, board);
            case Sheet sheet -> new SheetDetail(desk, sheet);
        };
        detail.fill();
        return detail;
    }

    private void fill() {
        heading(() -> Labels.get("rack.item", label));
        entries();
        line(Labels.get("rack.shelf"), () -> now().shelf(), text -> save(now().withShelf(text.strip())));
        Button away = new Button(Labels.get("rack.take_off"));
        away.getStyleClass().add("quiet");
        away.setId("rack-take-off");
        away.setOnAction(_ -> complain(away, desk().edit(new ShopEdit.Unshelve(List.of(label)))));
        getChildren().add(away);
        uses();
    }

    /** What is typed of such an item. */
    abstract void entries();

    /** What it is good for, below all entries. */
    abstract void uses();

    /** Whether what has this label now is still such a thing. */
    final boolean isOf(StockRow row) {
        return row instanceof StockRow.Item(RackItem item) && kind.isInstance(item);
    }

    final String label() {
        return label;
    }

    /** The item as it is now; while it is being taken off the rack, as it was. */
    final T now() {
        desk().shop().rack().item(label).filter(kind::isInstance).map(kind::cast).ifPresent(item -> last = item);
        return last;
    }

    final Optional<String> save(RackItem item) {
        return desk().edit(new ShopEdit.Shelve(List.of(item)));
    }

    /** A length typed in a line; what cannot be read or must not be is said below it. */
    final void length(String key, Function<T, Length> read, BiFunction<T, Length, RackItem> write) {
        GaugeHand.waits(
                line(
                        Labels.get(key),
                        () -> book().exactly(read.apply(now())),
                        text -> tried(() -> save(write.apply(now(), desk().parsed(text))))),
                Gauge.CALIPER);
    }

    static double number(String text) {
        String typed = text.strip().replace(',', '.');
        if (!NUMBER.matcher(typed).matches()) {
            throw new Refusal(Words.plain(Labels.get("rack.number_rule", text)));
        }
        return Double.parseDouble(typed);
    }

    static int whole(String text) {
        double number = number(text);
        if (number != Math.rint(number)) {
            throw new Refusal(Words.plain(Labels.get("rack.whole_rule", text)));
        }
        return (int) number;
    }

    /** What it costs, and for how much of it. */
    final void price(Function<Optional<Price>, RackItem> write) {
        line(
                Labels.get("rack.price_in", desk().shop().currency()),
                () -> now().price().map(p -> new Money(p.minor(), "").text()).orElse(""),
                text -> tried(() -> save(write.apply(
                        text.isBlank() ? Optional.empty() : Optional.of(new Price(amount(text), per()))))));
        choice(
                Labels.get("rack.price_per"),
                () -> List.of(Price.Per.values()),
                this::per,
                per -> Labels.get("per." + per.name().toLowerCase(Locale.ROOT)),
                per -> now().price().isEmpty()
                        ? Optional.of(Labels.get("rack.price_first"))
                        : save(write.apply(
                                now().price().map(price -> new Price(price.minor(), per)))));
    }

    private long amount(String text) {
        return Money.minor(text.replace(desk().shop().currency(), ""));
    }

    private Price.Per per() {
        return now().price().map(Price::per).orElse(Price.Per.PIECE);
    }
}
