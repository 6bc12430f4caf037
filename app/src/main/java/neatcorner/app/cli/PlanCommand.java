package neatcorner.app.cli;

import java.nio.file.Path;
import java.util.Optional;
import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.json.PlanJson;
import neatcorner.files.text.PlanText;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code neat-corner plan JOB.json}. */
@Command(name = "plan", description = "Print the complete plan of a job.", mixinStandardHelpOptions = true)
final class PlanCommand implements Runnable {
    @Parameters(paramLabel = "JOB.json", description = "The job.")
    private @Nullable Path job;
    @Option(names = "--json", description = "As JSON: millimetres and degrees, unrounded.")
    private boolean json;
    @Option(names = "--shop-file", paramLabel = "SHOP.json", description = "The shop to plan for; a new shop without it.")
    private @Nullable Path shop;
    @Option(names = "--tape", defaultValue = "INCH_16", description = "How lengths are written: ${COMPLETION-CANDIDATES}.")
    private Graduation tape = Graduation.INCH_16;

    @Override
    public void run() {
        Plan plan = JobFile.plan(job, Optional.ofNullable(shop));
        System.out.print(json ? PlanJson.write(plan) : PlanText.write(plan, new Phrasebook(tape)));
    }
}
