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
    private static final String[] HEADER = {"kind", "label", "what", "length_mm", "width_mm", "thickness_mm", "count", "for_sale", "grain", "face", "moisture_percent",
        "grade", "batch", "shelf", "price", "price_per", "defects"};
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
    public record Rows(List<RackItem> items, List<String> refusals) {
    }

    /** The text of the rack. */
    public static String write(List<RackItem> items) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, FORMAT)) {
            for (RackItem item : items) {
                String price = item.price().map(p -> String.format(Locale.ROOT, "%d.%02d", p.minor() / 100, p.minor() % 100)).orElse("");
                String per = item.price().map(p -> name(p.per())).orElse("");
                switch (item) {
                    case OffCut cut -> printer.printRecord("off_cut", text(cut.label()), text(cut.section().name()), mm(cut.length()), "", "", "", "", "", "", "", "",
                            text(cut.batch()), text(cut.shelf()), price, per, cut.defects().stream().map(d -> mm(d.from()) + "-" + mm(d.to())).collect(Collectors.joining("; ")));
                    case Board board -> printer.printRecord("board", text(board.label()), text(board.species().name()), mm(board.length()), mm(board.width()), mm(board.thickness()),
                            "", "", "", "", board.moisture().map(m -> Double.toString(m.toPercent())).orElse(""), text(board.grade()), "", text(board.shelf()), price, per,
                            board.defects().stream().map(d -> name(d.kind()) + " " + mm(d.x()) + " " + mm(d.y()) + " " + mm(d.length()) + " " + mm(d.width()))
                                    .collect(Collectors.joining("; ")));
                    case Sheet sheet -> printer.printRecord("sheet", text(sheet.label()), name(sheet.material()), mm(sheet.width()), mm(sheet.height()), mm(sheet.thickness()),
                            sheet.count(), sheet.forSale() ? "yes" : "no", name(sheet.grain()), text(sheet.face()), "", "", "", text(sheet.shelf()), price, per, "");
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
     * @throws IllegalArgumentException when it is no CSV or its header is not ours
     */
    public static Rows read(String text, Shop shop) {
        List<RackItem> items = new ArrayList<>();
        List<String> refusals = new ArrayList<>();
        Set<String> labels = new HashSet<>();
        try (CSVParser parser = CSVFormat.RFC4180.builder().setHeader().setSkipHeaderRecord(true).setIgnoreEmptyLines(true).setTrim(true).get()
                .parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
            for (String needed : List.of("kind", "label", "what")) {
                if (!parser.getHeaderMap().containsKey(needed)) {
                    throw new IllegalArgumentException("the first line has no column \"" + needed + "\"; it must name the columns " + String.join(", ", HEADER));
                }
            }
            for (CSVRecord row : parser) {
                try {
                    if (row.size() > parser.getHeaderNames().size()) {
                        throw new IllegalArgumentException("it has " + row.size() + " cells; the first line names " + parser.getHeaderNames().size()
                                + " columns. A cell that holds a comma must stand in quotation marks");
                    }
                    RackItem item = item(new Row(row), shop);
                    if (!labels.add(item.label())) {
                        throw new IllegalArgumentException("label " + item.label() + " was on an earlier line already; every label must be written once");
                    }
                    items.add(item);
                } catch (IllegalArgumentException refused) {
                    refusals.add("line " + parser.getCurrentLineNumber() + ": " + refused.getMessage());
                }
            }
        } catch (IOException | UncheckedIOException broken) {
            throw new IllegalArgumentException("it is no CSV: " + broken.getMessage());
        }
        return new Rows(List.copyOf(items), List.copyOf(refusals));
    }

    private static RackItem item(Row row, Shop shop) {
        return switch (row.text("kind")) {
            case "off_cut" -> new OffCut(row.text("label"), section(row, shop), row.length("length_mm"), row.parts("defects").stream().map(part -> {
                String[] ends = part.split("-");
                if (ends.length != 2) {
                    throw new IllegalArgumentException("defects has \"" + part + "\"; a defect of an off-cut is written from-to in millimetres");
                }
                return new Span(Row.length("defects", ends[0]), Row.length("defects", ends[1]));
            }).toList(), row.text("shelf"), row.text("batch"));
            case "board" -> new Board(row.text("label"), species(row, shop), row.length("length_mm"), row.length("width_mm"), row.length("thickness_mm"),
                    row.text("moisture_percent").isEmpty() ? Optional.empty() : Optional.of(new Share(row.number("moisture_percent") / 100)), row.text("grade"),
                    row.parts("defects").stream().map(RackCsv::defect).toList(), row.price(), row.text("shelf"));
            case "sheet" -> {
                Material material = row.constant("what", Material.class);
                yield new Sheet(row.text("label"), material, row.length("length_mm"), row.length("width_mm"),
                        row.text("thickness_mm").isEmpty() ? material.usualThickness() : row.length("thickness_mm"),
                        row.text("count").isEmpty() ? 1 : row.count(), row.isYes("for_sale"),
                        row.text("grain").isEmpty() ? Sheet.Grain.NONE : row.constant("grain", Sheet.Grain.class), row.text("face"), row.price(), row.text("shelf"));
            }
            case String other -> throw new IllegalArgumentException("kind is \"" + other + "\"; it must be one of off_cut, board, sheet");
        };
    }

    private static Board.Defect defect(String part) {
        String[] words = part.split(" +");
        if (words.length != 5) {
            throw new IllegalArgumentException("defects has \"" + part + "\"; a defect of a board is written: kind x y length width, in millimetres");
        }
        return new Board.Defect(Row.constant("defects", words[0], Board.Kind.class), Row.length("defects", words[1]), Row.length("defects", words[2]),
                Row.length("defects", words[3]), Row.length("defects", words[4]));
    }

    private static Species species(Row row, Shop shop) {
        String name = row.text("what");
        return shop.woods().stream().filter(s -> s.name().equals(name)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("what is \"" + name + "\", which is none of the woods known here or in this shop: "
                        + shop.woods().stream().map(Species::name).collect(Collectors.joining(", "))));
    }

    private static Section section(Row row, Shop shop) {
        String name = row.text("what");
        return shop.mouldings().stream().map(m -> m.section()).filter(s -> s.name().equals(name)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("what is \"" + name + "\", which is none of the shop's mouldings"));
    }

    /** One row by its columns; a missing column is an empty one. */
    private record Row(CSVRecord record) {
        String text(String column) {
            return record.isSet(column) ? CsvCell.read(record.get(column)) : "";
        }

        int count() {
            double count = number("count");
            if (count != Math.rint(count) || count < 0 || count > Sheet.MOST) {
                throw new IllegalArgumentException("count is \"" + text("count") + "\"; it must be a whole number from 0 to " + Sheet.MOST);
            }
            return (int) count;
        }

        boolean isYes(String column) {
            return switch (text(column).toLowerCase(Locale.ROOT)) {
                case "yes" -> true;
                case "no", "" -> false;
                default -> throw new IllegalArgumentException(column + " is \"" + text(column) + "\"; it must be yes or no");
            };
        }

        List<String> parts(String column) {
            return Arrays.stream(text(column).split(";")).map(String::strip).filter(part -> !part.isEmpty()).toList();
        }

        double number(String column) {
            if (NUMBER.matcher(text(column)).matches()) {
                return Double.parseDouble(text(column));
            }
            throw new IllegalArgumentException(column + " is \"" + text(column) + "\"; it must be a number");
        }

        Length length(String column) {
            return length(column, text(column));
        }

        static Length length(String column, String text) {
            try {
                return MeasureText.length(text.strip(), Unit.MM);
            } catch (IllegalArgumentException refused) {
                throw new IllegalArgumentException(column + ": " + refused.getMessage());
            }
        }

        <E extends Enum<E>> E constant(String column, Class<E> type) {
            return constant(column, text(column), type);
        }

        static <E extends Enum<E>> E constant(String column, String text, Class<E> type) {
            return Arrays.stream(type.getEnumConstants()).filter(c -> name(c).equals(text)).findFirst()
                    .orElseThrow(() -> new IllegalArgumentException(column + " has \"" + text + "\"; it must be one of "
                            + Arrays.stream(type.getEnumConstants()).map(RackCsv::name).collect(Collectors.joining(", "))));
        }

        Optional<Price> price() {
            if (text("price").isEmpty()) {
                return Optional.empty();
            }
            double amount = number("price");
            if (amount < 0) {
                throw new IllegalArgumentException("price is " + text("price") + "; it must be 0 or more");
            }
            return Optional.of(new Price(Math.round(amount * 100), text("price_per").isEmpty() ? Price.Per.PIECE : constant("price_per", Price.Per.class)));
        }
    }
}
