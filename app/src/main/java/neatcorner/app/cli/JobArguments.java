package neatcorner.app.cli;

import java.nio.file.Path;
import java.util.Optional;
import neatcorner.core.plan.Plan;
import neatcorner.core.shop.Shop;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** What every command that plans a job is given. */
final class JobArguments {
    @Parameters(paramLabel = "JOB.json", description = "The job.")
    private Path job;

    @Option(
            names = {"--shop-file", "--shop"},
            paramLabel = "SHOP.json",
            description = "The shop to plan for; a new shop without it.")
    private @Nullable Path shop;

    /** The job's file. */
    Path job() {
        return job;
    }

    /** The shop, or a shop on its first day. */
    Shop shop() {
        return JobFile.shop(Optional.ofNullable(shop));
    }

    /** The plan, or a complaint that names the file. */
    Plan plan() {
        return JobFile.plan(job, Optional.ofNullable(shop));
    }
}
