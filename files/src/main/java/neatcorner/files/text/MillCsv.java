package neatcorner.files.text;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import neatcorner.core.mill.MillStep;
import neatcorner.core.words.Phrasebook;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The list boards are milled by as CSV, a step a row, as {@code docs/formats/mill.md} describes it. */
public final class MillCsv {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(
                    "board",
                    "step",
                    "operation",
                    "length",
                    "rips",
                    "setting_mm",
                    "from_mm",
                    "pieces",
                    "blanks",
                    "what",
                    "notes")
            .get();

    private MillCsv() {
    }

    /** The steps in the order of the work. */
    public static String write(List<MillStep> steps, Phrasebook book) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(text, FORMAT)) {
            for (MillStep step : steps) {
                printer.printRecord(
                        CsvCell.write(step.board()),
                        step.number(),
                        step.operation().name().toLowerCase(Locale.ROOT),
                        step.length() == 0 ? "" : step.length(),
                        step.rips().stream().map(String::valueOf).collect(Collectors.joining(" ")),
                        step.setting().isZero() ? "" : step.setting().toExactMm().toPlainString(),
                        step.from().isZero() ? "" : step.from().toExactMm().toPlainString(),
                        step.pieces(),
                        CsvCell.write(step.wanted().stream()
                                .map(wanted -> book.say(wanted.wordsWithJob()))
                                .collect(Collectors.joining("; "))),
                        CsvCell.write(book.say(step.what())),
                        CsvCell.write(step.notes().stream().map(book::say).collect(Collectors.joining(" "))));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }
}
