package neatcorner.app.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.json.Document;
import neatcorner.files.outline.OutlineFile;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code neat-corner outline DRAWING.svg -o JOB.json}. */
@Command(
        name = "outline",
        description = "Make a job of the outline in an SVG or DXF drawing.",
        mixinStandardHelpOptions = true)
final class OutlineCommand implements Runnable {
    @Parameters(paramLabel = "DRAWING", description = "An SVG or DXF with a closed outline: the edge of the glass.")
    private Path drawing;
    @Option(names = {"-o", "--out"}, required = true, paramLabel = "JOB.json", description = "Where the job goes.")
    private Path out;

    @Option(
            names = "--unit",
            paramLabel = "UNIT",
            description = "One unit of the drawing, when it does not say: ${COMPLETION-CANDIDATES}.")
    private OutlineFile.@Nullable Scale unit;

    @Option(
            names = {"--shop-file", "--shop"},
            paramLabel = "SHOP.json",
            description = "The shop whose first moulding with a rabbet is taken.")
    private @Nullable Path shop;

    @Override
    public void run() {
        try {
            OutlineFile.Found found = OutlineFile.read(drawing, Optional.ofNullable(unit));
            Shop stock = JobFile.shop(Optional.ofNullable(shop));
            Job start = Job.starting(
                    title(),
                    Length.inches(8),
                    Length.inches(10),
                    stock.mouldings().stream()
                            .filter(m -> m.section().lip().isPositive())
                            .findFirst()
                            .orElse(Shop.starting().mouldings().getFirst())
                            .section());
            Job job = start.withOutline(found.outline(Line.GLASS));
            Planner.plan(job, stock);
            WholeFile.write(out, Document.of(job).text().getBytes(StandardCharsets.UTF_8));
        } catch (OutlineFile.UnitMissing missing) {
            throw new CommandException(drawing + ": " + CommandException.said(missing) + " (--unit)");
        } catch (Refusal refused) {
            throw new CommandException(drawing, refused);
        }
    }

    private String title() {
        String name = drawing.getFileName().toString();
        return name.substring(0, Math.max(1, name.lastIndexOf('.')));
    }
}
