package neatcorner.files.text;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.plan.Plan;
import neatcorner.core.recall.Known;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/**
 * The cut list as CSV, one piece a row, lengths in millimetres and angles in degrees, unrounded. The
 * header is documented in {@code docs/formats/cuts.md}.
 */
public final class CutList {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(
                    "stick",
                    "stick_mm",
                    "stick_source",
                    "order",
                    "letters",
                    "side",
                    "frame",
                    "start_mm",
                    "long_mm",
                    "short_mm",
                    "rabbet_mm",
                    "left_swing_right_deg",
                    "right_swing_left_deg",
                    "section",
                    "face_mm",
                    "overall_mm",
                    "left_tilt_deg",
                    "right_tilt_deg",
                    "job",
                    "part",
                    "lie",
                    "of_part")
            .get();

    private CutList() {
    }

    /** The list of one job. */
    public static String write(Plan plan) {
        return write(plan.cuts().sticks(), Lots.orders(plan.assembly()));
    }

    /** The list of these sticks, with pieces of these orders. */
    public static String write(List<StickLayout> sticks, List<Lots.Order> orders) {
        Map<String, Lots.Order> byName = new HashMap<>();
        orders.forEach(order -> byName.put(order.name(), order));
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, FORMAT)) {
            int number = 1;
            for (StickLayout stick : sticks) {
                int order = 1;
                for (StickLayout.Placed placed : stick.placed()) {
                    var member = placed.piece().member();
                    printer.printRecord(
                            number,
                            stick.length().toExactMm().toPlainString(),
                            stick.bought()
                                    ? "buy"
                                    : stick.source().label().isEmpty()
                                            ? "rack"
                                            : CsvCell.write(stick.source().label()),
                            order++,
                            member.side().letters(),
                            member.side().id(),
                            placed.piece().frame(),
                            placed.start().toExactMm().toPlainString(),
                            member.longPoint().value().toExactMm().toPlainString(),
                            member.shortPoint().value().toExactMm().toPlainString(),
                            member.rabbet().value().toExactMm().toPlainString(),
                            member.left().swing().toDegrees(),
                            member.right().swing().toDegrees(),
                            CsvCell.write(stick.section().name()),
                            stick.section().face().toExactMm().toPlainString(),
                            placed.piece().length().toExactMm().toPlainString(),
                            member.left().tilt().toDegrees(),
                            member.right().tilt().toDegrees(),
                            CsvCell.write(order(placed, byName).job()),
                            placed.piece()
                                    .part()
                                    .map(p -> p.number() + "/" + p.of())
                                    .orElse(""),
                            placed.lie().name().toLowerCase(Locale.ROOT),
                            CsvCell.write(order(placed, byName).part().orElse("")));
                }
                number++;
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static Lots.Order order(StickLayout.Placed placed, Map<String, Lots.Order> byName) {
        return Known.in(byName, placed.piece().job());
    }
}
