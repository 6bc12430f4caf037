package neatcorner.app.view;

import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Money;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Price;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Sale;
import neatcorner.core.words.Phrasebook;

/** One line of what the shop keeps: a moulding with all its whole sticks, or one thing with a label of its own. */
sealed interface StockRow {
    /** What it is found by again when the shop has changed. */
    String key();

    /** What is written on it; empty for sticks, which are alike. */
    String label();

    /** What it is. */
    String what(Phrasebook book);

    /** How large and how many. */
    String size(Phrasebook book);

    /** What it costs; empty when nobody knows. */
    String price(Phrasebook book, String currency);

    /** What it costs in the smallest coin, to sort by; nothing where nobody knows. */
    long minor();

    /** Where it lies; may be empty. */
    String shelf();

    /** Its length or area in mm or mm², to sort by. */
    double extent();

    /** What else it may be searched by. */
    String more(Phrasebook book);

    /** Everything it may be searched by, in small letters. */
    default String searched(Phrasebook book) {
        return String.join(" ", label(), what(book), shelf(), more(book)).toLowerCase(Locale.ROOT);
    }

    /** So that C-9 comes before C-10, and sticks before both. */
    default int serial() {
        String digits = label().replaceAll("\\D", "");
        return label().isEmpty() ? -1
                : digits.isEmpty() || digits.length() > 8 ? Integer.MAX_VALUE : Integer.parseInt(digits);
    }

    private static String said(Price price, String currency) {
        return new Money(price.minor(), currency).text() + " "
                + Labels.get("per." + price.per().name().toLowerCase(Locale.ROOT));
    }

    /** The unit stands once, at the end. */
    private static String sides(Phrasebook book, Length... sides) {
        String all = Arrays.stream(sides).map(book::exactly).collect(Collectors.joining(" × "));
        return all.replaceAll(" mm(?= )", "");
    }

    /** A moulding that the shop has or buys. */
    record Sticks(Moulding moulding) implements StockRow {
        @Override
        public String key() {
            return "moulding " + moulding.section().name();
        }

        @Override
        public String label() {
            return "";
        }

        @Override
        public String what(Phrasebook book) {
            return moulding.section().name();
        }

        @Override
        public String size(Phrasebook book) {
            return moulding.onHand().isEmpty()
                    ? Labels.get("shop.none")
                    : moulding.onHand().stream()
                            .map(sticks ->
                                    book.say("shop.sticks", sticks.count(), book.exactly(sticks.length())))
                            .collect(Collectors.joining(", "));
        }

        @Override
        public String price(Phrasebook book, String currency) {
            return moulding.sold().stream()
                    .filter(sale -> sale.price().isPresent())
                    .findFirst()
                    .map(sale -> priced(book, sale, sale.price().get(), currency))
                    .orElse("");
        }

        @Override
        public long minor() {
            return moulding.sold().stream()
                    .flatMap(sale -> sale.price().stream())
                    .mapToLong(Price::minor)
                    .findFirst()
                    .orElse(0);
        }

        private static String priced(Phrasebook book, Sale sale, Price price, String currency) {
            return price.per() == Price.Per.PIECE
                    ? Labels.get(
                            "shop.price_for", new Money(price.minor(), currency).text(), book.exactly(sale.length()))
                    : said(price, currency);
        }

        @Override
        public String shelf() {
            return "";
        }

        @Override
        public double extent() {
            return moulding.onHand().stream()
                    .mapToDouble(sticks -> sticks.count() * sticks.length().toMm())
                    .sum();
        }

        @Override
        public String more(Phrasebook book) {
            return book.say(moulding.section().species().words());
        }
    }

    /** A thing on the rack. */
    record Item(RackItem item) implements StockRow {
        @Override
        public String key() {
            return item.label();
        }

        @Override
        public String label() {
            return item.label();
        }

        @Override
        public String what(Phrasebook book) {
            return switch (item) {
                case OffCut cut -> cut.section().name();
                case Board board ->
                    Labels.get("rack.board_of", book.say(board.species().words()));
                case Sheet sheet ->
                    book.say(Phrasebook.keyOf(sheet.material())) + (sheet.face().isEmpty() ? "" : ", " + sheet.face());
            };
        }

        @Override
        public String size(Phrasebook book) {
            return switch (item) {
                case OffCut cut ->
                    book.exactly(cut.length()) + defects(cut.defects().size());
                case Board board ->
                    sides(book, board.length(), board.width(), board.thickness())
                            + defects(board.defects().size())
                            + (board.forSale() ? Labels.get("rack.sold") : "");
                case Sheet sheet ->
                    Labels.get("rack.sheets", sheet.count(), sides(book, sheet.width(), sheet.height()));
            };
        }

        private static String defects(int count) {
            return count == 0 ? "" : Labels.get("rack.with_defects", count);
        }

        @Override
        public String price(Phrasebook book, String currency) {
            return item.price().map(price -> said(price, currency)).orElse("");
        }

        @Override
        public long minor() {
            return item.price().map(Price::minor).orElse(0L);
        }

        @Override
        public String shelf() {
            return item.shelf();
        }

        @Override
        public double extent() {
            return switch (item) {
                case OffCut cut -> cut.length().toMm();
                case Board board -> board.length().toMm() * board.width().toMm();
                case Sheet sheet -> sheet.width().toMm() * sheet.height().toMm();
            };
        }

        @Override
        public String more(Phrasebook book) {
            return switch (item) {
                case OffCut cut -> cut.batch() + " " + book.say(cut.section().species().words());
                case Board board -> board.grade();
                case Sheet sheet -> sheet.face();
            };
        }
    }
}
