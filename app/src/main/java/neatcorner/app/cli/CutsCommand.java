package neatcorner.app.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Severity;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.text.CutList;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code neat-corner cuts JOB.json -o OUT.csv}. */
@Command(name = "cuts", description = "Write the cut list of a job as CSV.", mixinStandardHelpOptions = true)
final class CutsCommand implements Runnable {
    @Parameters(paramLabel = "JOB.json", description = "The job.")
    private @Nullable Path job;
    @Option(names = {"-o", "--out"}, required = true, paramLabel = "OUT.csv", description = "Where it goes.")
    private @Nullable Path out;
    @Option(names = "--shop-file", paramLabel = "SHOP.json", description = "The shop to plan for; a new shop without it.")
    private @Nullable Path shop;

    @Override
    public void run() {
        Plan plan = JobFile.plan(job, Optional.ofNullable(shop));
        if (plan.cuts().sticks().isEmpty()) {
            Phrasebook book = new Phrasebook(Graduation.MM_TENTH);
            throw new CommandException(job + ": " + plan.findings().stream()
                    .filter(f -> f.severity() == Severity.STOP && f.id().equals("piece_too_long"))
                    .map(f -> book.say(f.what()) + " " + book.say(f.cure())).findFirst().orElse("no stick plan"));
        }
        JobFile.write(out, CutList.write(plan).getBytes(StandardCharsets.UTF_8));
    }
}
