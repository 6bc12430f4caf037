package neatcorner.app.cli;

import java.nio.file.Path;
import neatcorner.core.measure.Graduation;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.sheet.SheetSize;
import picocli.CommandLine.Option;

/** What every command that prints a job is given: where to, on what, in which units. */
final class PaperArguments {
    @Option(names = {"-o", "--out"}, required = true, paramLabel = "OUT.pdf", description = "Where it goes.")
    private Path out = Path.of("");
    @Option(names = "--paper", defaultValue = "A4", description = "${COMPLETION-CANDIDATES}.")
    private SheetSize paper = SheetSize.A4;

    @Option(
            names = "--tape",
            defaultValue = "INCH_16",
            description = "How lengths are written: ${COMPLETION-CANDIDATES}.")
    private Graduation tape = Graduation.INCH_16;

    /** The paper. */
    SheetSize paper() {
        return paper;
    }

    /** The reader's units. */
    Phrasebook book() {
        return new Phrasebook(tape);
    }

    /** Writes it. */
    void write(byte[] pdf) {
        WholeFile.write(out, pdf);
    }
}
