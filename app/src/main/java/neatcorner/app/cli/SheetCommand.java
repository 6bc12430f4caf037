package neatcorner.app.cli;

import java.nio.file.Path;
import java.util.Optional;
import neatcorner.core.measure.Graduation;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.sheet.SheetSize;
import neatcorner.files.sheet.ShopSheet;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code neat-corner sheet JOB.json -o OUT.pdf}. */
@Command(name = "sheet", description = "Write the shop sheet of a job as a PDF.", mixinStandardHelpOptions = true)
final class SheetCommand implements Runnable {
    @Parameters(paramLabel = "JOB.json", description = "The job.")
    private @Nullable Path job;
    @Option(names = {"-o", "--out"}, required = true, paramLabel = "OUT.pdf", description = "Where it goes.")
    private @Nullable Path out;
    @Option(names = "--paper", defaultValue = "A4", description = "${COMPLETION-CANDIDATES}.")
    private SheetSize paper = SheetSize.A4;
    @Option(names = "--shop-file", paramLabel = "SHOP.json", description = "The shop to plan for; a new shop without it.")
    private @Nullable Path shop;
    @Option(names = "--tape", defaultValue = "INCH_16", description = "How lengths are written: ${COMPLETION-CANDIDATES}.")
    private Graduation tape = Graduation.INCH_16;

    @Override
    public void run() {
        JobFile.write(out, ShopSheet.write(JobFile.plan(job, Optional.ofNullable(shop)), new Phrasebook(tape), paper));
    }
}
