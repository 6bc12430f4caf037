package neatcorner.app.cli;

import java.nio.file.Path;
import neatcorner.core.measure.Graduation;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.sheet.SheetSize;
import neatcorner.files.sheet.ShopSheet;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code neat-corner sheet JOB.json -o OUT.pdf}. */
@Command(name = "sheet", description = "Write the shop sheet of a job as a PDF.", mixinStandardHelpOptions = true)
final class SheetCommand implements Runnable {
    @Mixin
    private JobArguments arguments = new JobArguments();
    @Option(names = {"-o", "--out"}, required = true, paramLabel = "OUT.pdf", description = "Where it goes.")
    private Path out;
    @Option(names = "--paper", defaultValue = "A4", description = "${COMPLETION-CANDIDATES}.")
    private SheetSize paper = SheetSize.A4;

    @Option(
            names = "--tape",
            defaultValue = "INCH_16",
            description = "How lengths are written: ${COMPLETION-CANDIDATES}.")
    private Graduation tape = Graduation.INCH_16;

    @Override
    public void run() {
        WholeFile.write(out, ShopSheet.write(arguments.plan(), new Phrasebook(tape), paper));
    }
}
