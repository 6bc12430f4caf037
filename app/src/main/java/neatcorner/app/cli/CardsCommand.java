package neatcorner.app.cli;

import java.nio.file.Path;
import java.util.Optional;
import neatcorner.core.measure.Graduation;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.sheet.CardSheet;
import neatcorner.files.sheet.SheetSize;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code neat-corner cards JOB.json -o OUT.pdf}. */
@Command(
        name = "cards",
        description = "Write the cards of the bench as a PDF, one for every act.",
        mixinStandardHelpOptions = true)
final class CardsCommand implements Runnable {
    @Mixin
    private JobArguments arguments = new JobArguments();
    @Option(names = {"-o", "--out"}, required = true, paramLabel = "OUT.pdf", description = "Where it goes.")
    private Path out;
    @Option(names = "--a-page", defaultValue = "1", description = "How many cards to a page: 1 or 4.")
    private int aPage = 1;
    @Option(names = "--paper", defaultValue = "A4", description = "${COMPLETION-CANDIDATES}.")
    private SheetSize paper = SheetSize.A4;

    @Option(
            names = "--tape",
            defaultValue = "INCH_16",
            description = "How lengths are written: ${COMPLETION-CANDIDATES}.")
    private Graduation tape = Graduation.INCH_16;

    @Override
    public void run() {
        if (aPage != 1 && aPage != 4) {
            throw new CommandException("--a-page is " + aPage + "; it must be 1 or 4");
        }
        WholeFile.write(
                out, CardSheet.write(arguments.plan(), Optional.empty(), aPage, new Phrasebook(tape), paper));
    }
}
