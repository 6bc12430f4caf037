package neatcorner.app.cli;

import java.nio.file.Path;
import java.util.Locale;
import neatcorner.core.measure.Graduation;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.export.Export;
import neatcorner.files.export.Exports;
import neatcorner.files.sheet.SheetSize;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code neat-corner draw JOB.json -o OUT.svg}. */
@Command(
        name = "draw",
        description = "Draw a job at full size as SVG, DXF or a PDF tiled over sheets.",
        mixinStandardHelpOptions = true)
final class DrawCommand implements Runnable {
    /** What can be drawn. */
    enum What {
        /** The whole frame. */
        FRAME,
        /** One of every kind of piece. */
        PIECES,
        /** The moulding cut through. */
        SECTION
    }

    @Mixin
    private JobArguments arguments = new JobArguments();

    @Option(
            names = {"-o", "--out"},
            required = true,
            paramLabel = "OUT",
            description = "Where it goes; .svg, .dxf or .pdf says what it is.")
    private Path out;

    @Option(names = "--what", defaultValue = "FRAME", description = "${COMPLETION-CANDIDATES}.")
    private What what = What.FRAME;

    @Option(
            names = "--part",
            paramLabel = "NAME",
            description = "Of a job with several parts: which; the first if not said.")
    private @Nullable String part;

    @Option(names = "--paper", defaultValue = "A4", description = "For a PDF: ${COMPLETION-CANDIDATES}.")
    private SheetSize paper = SheetSize.A4;

    @Override
    public void run() {
        String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
        Export export = Exports.of(what.name().toLowerCase(Locale.ROOT), name.substring(name.lastIndexOf('.') + 1))
                .orElseThrow(() ->
                        new CommandException(out + " ends in nothing known; a drawing ends in .svg, .dxf or .pdf"));
        WholeFile.write(
                out,
                export.content()
                        .apply(new Export.Request(plan(), new Phrasebook(Graduation.MM_TENTH), paper)));
    }

    private Plan plan() {
        Plan plan = arguments.plan();
        try {
            return part == null ? plan : Planner.at(plan, plan.job().indexOf(part));
        } catch (Refusal refused) {
            throw new CommandException("--part " + part + ": " + refused.getMessage());
        }
    }
}
