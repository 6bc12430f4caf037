package neatcorner.app.cli;

import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.json.PlanJson;
import neatcorner.files.text.PlanText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code neat-corner plan JOB.json}. */
@Command(name = "plan", description = "Print the complete plan of a job.", mixinStandardHelpOptions = true)
final class PlanCommand implements Runnable {
    @Mixin
    private JobArguments arguments = new JobArguments();
    @Option(names = "--json", description = "As JSON: millimetres and degrees, unrounded.")
    private boolean json;

    @Option(
            names = "--tape",
            defaultValue = "INCH_16",
            description = "How lengths are written: ${COMPLETION-CANDIDATES}.")
    private Graduation tape = Graduation.INCH_16;

    @Override
    public void run() {
        Plan plan = arguments.plan();
        System.out.print(json ? PlanJson.write(plan) : PlanText.write(plan, new Phrasebook(tape)));
    }
}
