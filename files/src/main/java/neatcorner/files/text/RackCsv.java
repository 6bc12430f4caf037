package neatcorner.files.text;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Span;
import neatcorner.core.measure.Unit;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Price;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Species;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** The rack as CSV, as {@code docs/formats/rack.md} describes it. */
public final class RackCsv {
    private static final String[] HEADER = {
        "kind",
        "label",
        "what",
        "length_mm",
        "width_mm",
        "thickness_mm",
        "count",
        "for_sale",
        "grain",
        "face",
        "moisture_percent",
        "grade",
        "batch",
        "shelf",
        "price",
        "price_per",
        "defects",
        "surface",
        "cup_mm",
        "twist_mm"
    };
    private static final Pattern NUMBER = Pattern.compile("-?\\d{1,12}(\\.\\d{1,12})?");
    private static final CSVFormat FORMAT = CSVFormat.RFC4180.builder().setHeader(HEADER).get();

    private RackCsv() {
    }

    /**
     * Rows that were read and rows that were not.
     *
     * @param items    from good rows
     * @param refusals one for each bad row, naming its line, what is wrong and what is allowed
     */
    public record Rows(List<RackItem> items, List<Words> refusals) {
    }

    /** The text of the rack. */
    public static String write(List<RackItem> items) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, FORMAT)) {
            for (RackItem item : items) {
                String price = item.price()
                        .map(p -> String.format(Locale.ROOT, "%d.%02d", p.minor() / 100, p.minor() % 100))
                        .orElse("");
                String per = item.price().map(p -> name(p.per())).orElse("");
                switch (item) {
                    case OffCut cut ->
                        printer.printRecord(
                                "off_cut",
                                text(cut.label()),
                                text(cut.section().name()),
                                mm(cut.length()),
                                "",
                                "",
                                "",
                                "",
                                "",
                                "",
                                "",
                                "",
                                text(cut.batch()),
                                text(cut.shelf()),
                                price,
                                per,
                                cut.defects().stream()
                                        .map(d -> mm(d.from()) + "-" + mm(d.to()))
                                        .collect(Collectors.joining("; ")),
                                "",
                                "",
                                "");
                    case Board board ->
                        printer.printRecord(
                                "board",
                                text(board.label()),
                                text(board.species().name()),
                                mm(board.length()),
                                mm(board.width()),
                                mm(board.thickness()),
                                "",
                                board.forSale() ? "yes" : "",
                                "",
                                "",
                                board.moisture()
                                        .map(m -> Double.toString(m.toPercent()))
                                        .orElse(""),
                                text(board.grade()),
                                "",
                                text(board.shelf()),
                                price,
                                per,
                                board.defects().stream()
                                        .map(d -> name(d.kind()) + " " + mm(d.x()) + " " + mm(d.y()) + " "
                                                + mm(d.length()) + " " + mm(d.width())
                                                + d.shallow()
                                                        .map(s -> " " + mm(s.depth()) + " " + name(s.face()))
                                                        .orElse(""))
                                        .collect(Collectors.joining("; ")),
                                name(board.condition().surface()),
                                mm(board.condition().cup()),
                                mm(board.condition().twist()));
                    case Sheet sheet ->
                        printer.printRecord(
                                "sheet",
                                text(sheet.label()),
                                name(sheet.material()),
                                mm(sheet.width()),
                                mm(sheet.height()),
                                mm(sheet.thickness()),
                                sheet.count(),
                                sheet.forSale() ? "yes" : "no",
                                name(sheet.grain()),
                                text(sheet.face()),
                                "",
                                "",
                                "",
                                text(sheet.shelf()),
                                price,
                                per,
                                "",
                                "",
                                "",
                                "");
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static String text(String own) {
        return CsvCell.write(own);
    }

    private static String mm(Length length) {
        return length.toExactMm().toPlainString();
    }

    private static String name(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    /**
     * Reads rows; off-cuts must be of a moulding the shop has.
     *
     * @throws Refusal when it is no CSV or its header is not ours
     */
    public static Rows read(String text, Shop shop) {
        List<RackItem> items = new ArrayList<>();
        List<Words> refusals = new ArrayList<>();
        Set<String> labels = new HashSet<>();
        try (CSVParser parser = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get()
                .parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
            for (String needed : List.of("kind", "label", "what")) {
                if (!parser.getHeaderMap().containsKey(needed)) {
                    throw Refusal.of("rack_csv.first_line_has_no", needed, String.join(", ", HEADER));
                }
            }
            for (CSVRecord row : parser) {
                try {
                    if (row.size() > parser.getHeaderNames().size()) {
                        throw Refusal.of("rack_csv.has_cells_first_line", row.size(), parser.getHeaderNames().size());
                    }
                    RackItem item = item(new Row(row), shop);
                    if (!labels.add(item.label())) {
                        throw Refusal.of("rack_csv.label_was_on_earlier", item.label());
                    }
                    items.add(item);
                } catch (Refusal refused) {
                    refusals.add(Words.of("refused.csv_line", parser.getCurrentLineNumber(), refused.words()));
                }
            }
        } catch (IOException | UncheckedIOException broken) {
            throw Refusal.of("rack_csv.is_no_csv", String.valueOf(broken.getMessage()));
        }
        return new Rows(List.copyOf(items), List.copyOf(refusals));
    }

    private static RackItem item(Row row, Shop shop) {
        return switch (row.text("kind")) {
            case "off_cut" ->
                new OffCut(
                        row.text("label"),
                        section(row, shop),
                        row.length("length_mm"),
                        row.parts("defects").stream()
                                .map(part -> {
                                    String[] ends = part.split("-");
                                    if (ends.length != 2) {
                                        throw Refusal.of("rack_csv.defects_has_defect_of", part);
                                    }
                                    return new Span(Row.length("defects", ends[0]), Row.length("defects", ends[1]));
                                })
                                .toList(),
                        row.text("shelf"),
                        row.text("batch"));
            case "board" ->
                new Board(
                        row.text("label"),
                        species(row, shop),
                        row.length("length_mm"),
                        row.length("width_mm"),
                        row.length("thickness_mm"),
                        row.text("moisture_percent").isEmpty()
                                ? Optional.empty()
                                : Optional.of(Share.percent(row.number("moisture_percent"))),
                        row.text("grade"),
                        row.parts("defects").stream().map(RackCsv::defect).toList(),
                        row.price(),
                        row.text("shelf"),
                        new Board.Condition(
                                row.text("surface").isEmpty()
                                        ? Board.Surface.ROUGH
                                        : row.constant("surface", Board.Surface.class),
                                row.text("cup_mm").isEmpty() ? Length.ZERO : row.length("cup_mm"),
                                row.text("twist_mm").isEmpty() ? Length.ZERO : row.length("twist_mm")),
                        row.isYes("for_sale"));
            case "sheet" -> {
                Material material = row.constant("what", Material.class);
                yield new Sheet(
                        row.text("label"),
                        material,
                        row.length("length_mm"),
                        row.length("width_mm"),
                        row.text("thickness_mm").isEmpty() ? material.usualThickness() : row.length("thickness_mm"),
                        row.text("count").isEmpty() ? 1 : row.count(),
                        row.isYes("for_sale"),
                        row.text("grain").isEmpty() ? Sheet.Grain.NONE : row.constant("grain", Sheet.Grain.class),
                        row.text("face"),
                        row.price(),
                        row.text("shelf"));
            }
            case String other -> throw Refusal.of("rack_csv.kind_is_one_of", other);
        };
    }

    private static Board.Defect defect(String part) {
        String[] words = part.split(" +");
        if (words.length != 5 && words.length != 7) {
            throw Refusal.of("rack_csv.defects_has_defect_of_2", part);
        }
        return new Board.Defect(
                Row.constant("defects", words[0], Board.Kind.class),
                Row.length("defects", words[1]),
                Row.length("defects", words[2]),
                Row.length("defects", words[3]),
                Row.length("defects", words[4]),
                words.length == 5
                        ? Optional.empty()
                        : Optional.of(new Board.Shallow(
                                Row.constant("defects", words[6], Board.Face.class),
                                Row.length("defects", words[5]))));
    }

    private static Species species(Row row, Shop shop) {
        String name = row.text("what");
        return shop.woods().stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow(() -> Refusal.of(
                        "rack_csv.what_is_which_is",
                        name,
                        shop.woods().stream().map(Species::name).collect(Collectors.joining(", "))));
    }

    private static Section section(Row row, Shop shop) {
        String name = row.text("what");
        return shop.mouldings().stream().map(m -> m.section()).filter(s -> s.name().equals(name)).findFirst()
                .orElseThrow(() -> Refusal.of("rack_csv.what_is_which_is_2", name));
    }

    /** One row by its columns; a missing column is an empty one. */
    private record Row(CSVRecord record) {
        String text(String column) {
            return record.isSet(column) ? CsvCell.read(record.get(column)) : "";
        }

        int count() {
            double count = number("count");
            if (count != Math.rint(count) || count < 0 || count > Sheet.MOST) {
                throw Refusal.of("rack_csv.count_is_whole_number", text("count"), Sheet.MOST);
            }
            return (int) count;
        }

        boolean isYes(String column) {
            return switch (text(column).toLowerCase(Locale.ROOT)) {
                case "yes" -> true;
                case "no", "" -> false;
                default -> throw Refusal.of("rack_csv.is_yes_no", column, text(column));
            };
        }

        List<String> parts(String column) {
            return Arrays.stream(text(column).split(";")).map(String::strip).filter(part -> !part.isEmpty()).toList();
        }

        double number(String column) {
            if (NUMBER.matcher(text(column)).matches()) {
                return Double.parseDouble(text(column));
            }
            throw Refusal.of("rack_csv.is_number", column, text(column));
        }

        Length length(String column) {
            return length(column, text(column));
        }

        static Length length(String column, String text) {
            try {
                return MeasureText.length(text.strip(), Unit.MM);
            } catch (Refusal refused) {
                throw Refusal.of("rack_csv.in_column", column, refused.words());
            }
        }

        <E extends Enum<E>> E constant(String column, Class<E> type) {
            return constant(column, text(column), type);
        }

        static <E extends Enum<E>> E constant(String column, String text, Class<E> type) {
            return Arrays.stream(type.getEnumConstants())
                    .filter(c -> name(c).equals(text))
                    .findFirst()
                    .orElseThrow(() -> Refusal.of(
                            "rack_csv.has_one_of",
                            column,
                            text,
                            Arrays.stream(type.getEnumConstants())
                                    .map(RackCsv::name)
                                    .collect(Collectors.joining(", "))));
        }

        Optional<Price> price() {
            if (text("price").isEmpty()) {
                return Optional.empty();
            }
            double amount = number("price");
            if (amount < 0) {
                throw Refusal.of("rack_csv.price_is_more", text("price"));
            }
            return Optional.of(new Price(
                    Math.round(amount * 100),
                    text("price_per").isEmpty() ? Price.Per.PIECE : constant("price_per", Price.Per.class)));
        }
    }
}
