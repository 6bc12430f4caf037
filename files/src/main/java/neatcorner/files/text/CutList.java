package neatcorner.files.text;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.SheetPiece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.frame.Member;
import neatcorner.core.plan.Plan;
import neatcorner.core.recall.Known;
import neatcorner.core.sawing.ToSaw;
import neatcorner.core.section.Section;
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
                    "of_part",
                    "left_cut",
                    "left_by",
                    "left_by_mm",
                    "left_saw_to",
                    "left_turned",
                    "right_cut",
                    "right_by",
                    "right_by_mm",
                    "right_saw_to",
                    "right_turned",
                    "saw")
            .get();

    private CutList() {
    }

    /** The list of one job. */
    public static String write(Plan plan) {
        return write(plan.toSaw(), plan.cuts().sheeted(), Lots.orders(plan.assembly()));
    }

    /** The list of sticks and of pieces that are sawn from sheets, all of these orders. */
    public static String write(ToSaw toSaw, List<SheetPiece> sheeted, List<Lots.Order> orders) {
        CutNumbers cuts = new CutNumbers(toSaw.inOrder());
        Map<String, Lots.Order> byName = new HashMap<>();
        orders.forEach(order -> byName.put(order.name(), order));
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, FORMAT)) {
            int number = 1;
            for (StickLayout stick : toSaw.sticks()) {
                int order = 1;
                for (StickLayout.Placed placed : stick.placed()) {
                    List<Object> onStick = List.of(
                            number,
                            stick.length().toExactMm().toPlainString(),
                            stick.bought()
                                    ? "buy"
                                    : stick.source().label().isEmpty()
                                            ? "rack"
                                            : CsvCell.write(stick.source().label()),
                            order);
                    printer.printRecord(row(
                            onStick,
                            placed.start().toExactMm().toPlainString(),
                            stick.section(),
                            placed.piece(),
                            placed.lie().name().toLowerCase(Locale.ROOT),
                            byName,
                            cuts.of(number, order - 1)));
                    order++;
                }
                number++;
            }
            List<Piece> whole =
                    sheeted.stream().filter(SheetPiece::isWhole).map(SheetPiece::piece).toList();
            for (Piece piece : whole) {
                Lots.Order order = Known.in(byName, piece.job());
                for (int frame = 1; frame <= order.frame().job().copies(); frame++) {
                    printer.printRecord(row(
                            List.of("", "", "sheet", ""),
                            "",
                            piece.member().stock(),
                            piece.ofFrame(frame),
                            "as_is",
                            byName,
                            CutNumbers.NONE));
                }
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static List<Object> row(
            List<Object> onStick,
            String start,
            Section section,
            Piece piece,
            String lie,
            Map<String, Lots.Order> byName,
            List<Object> cuts) {
        Member member = piece.member();
        Lots.Order order = Known.in(byName, piece.job());
        List<Object> row = new ArrayList<>(onStick);
        row.addAll(List.of(
                member.side().letters(),
                member.side().id(),
                piece.frame(),
                start,
                member.longPoint().value().toExactMm().toPlainString(),
                member.shortPoint().value().toExactMm().toPlainString(),
                member.rabbet().value().toExactMm().toPlainString(),
                member.left().swing().toDegrees(),
                member.right().swing().toDegrees(),
                CsvCell.write(section.name()),
                section.face().toExactMm().toPlainString(),
                piece.length().toExactMm().toPlainString(),
                member.left().tilt().toDegrees(),
                member.right().tilt().toDegrees(),
                CsvCell.write(order.job()),
                piece.part().map(p -> p.number() + "/" + p.of()).orElse(""),
                lie,
                CsvCell.write(order.part().orElse(""))));
        row.addAll(cuts);
        return row;
    }
}
