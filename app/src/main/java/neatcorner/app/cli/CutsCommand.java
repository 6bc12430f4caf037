package neatcorner.app.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import neatcorner.core.job.Station;
import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Severity;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.text.CutList;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code neat-corner cuts JOB.json -o OUT.csv}. */
@Command(name = "cuts", description = "Write the cut list of a job as CSV.", mixinStandardHelpOptions = true)
final class CutsCommand implements Runnable {
    @Mixin
    private JobArguments arguments = new JobArguments();
    @Option(names = {"-o", "--out"}, required = true, paramLabel = "OUT.csv", description = "Where it goes.")
    private @Nullable Path out;

    @Override
    public void run() {
        Plan plan = arguments.plan();
        if (plan.cuts().sticks().isEmpty()) {
            Phrasebook book = new Phrasebook(Graduation.MM_TENTH);
            throw new CommandException(arguments.job() + ": " + plan.findings().stream()
                    .filter(f -> f.severity() == Severity.STOP && f.station() == Station.CUTS)
                    .map(f -> book.say(f.what()) + " " + book.say(f.cure())).findFirst().orElse("no stick plan"));
        }
        JobFile.write(out, CutList.write(plan).getBytes(StandardCharsets.UTF_8));
    }
}
