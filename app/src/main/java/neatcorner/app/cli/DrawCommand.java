package neatcorner.app.cli;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import neatcorner.core.drawing.FullSize;
import neatcorner.core.measure.Graduation;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.disk.WholeFile;
import neatcorner.files.exchange.DxfFile;
import neatcorner.files.exchange.SvgFile;
import neatcorner.files.exchange.Template;
import neatcorner.files.sheet.SheetSize;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code neat-corner draw JOB.json -o OUT.svg}. */
@Command(name = "draw", description = "Draw a job at full size as SVG, DXF or a PDF tiled over sheets.", mixinStandardHelpOptions = true)
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
    @Option(names = {"-o", "--out"}, required = true, paramLabel = "OUT", description = "Where it goes; .svg, .dxf or .pdf says what it is.")
    private @Nullable Path out;
    @Option(names = "--what", defaultValue = "FRAME", description = "${COMPLETION-CANDIDATES}.")
    private What what = What.FRAME;
    @Option(names = "--paper", defaultValue = "A4", description = "For a PDF: ${COMPLETION-CANDIDATES}.")
    private SheetSize paper = SheetSize.A4;

    @Override
    public void run() {
        String name = out.getFileName().toString().toLowerCase(Locale.ROOT);
        Plan plan = arguments.plan();
        if (name.endsWith(".svg")) {
            WholeFile.write(out, SvgFile.write(drawing(plan)).getBytes(StandardCharsets.UTF_8));
        } else if (name.endsWith(".dxf")) {
            WholeFile.write(out, DxfFile.write(drawing(plan)).getBytes(StandardCharsets.UTF_8));
        } else if (name.endsWith(".pdf")) {
            List<FullSize> drawings = what == What.PIECES
                    ? plan.frame().alike().stream().map(List::getFirst).map(FullSize::piece).toList() : List.of(drawing(plan));
            WholeFile.write(out, Template.write(drawings, new Phrasebook(Graduation.MM_TENTH), paper));
        } else {
            throw new CommandException(out + " ends in nothing known; a drawing ends in .svg, .dxf or .pdf");
        }
    }

    private FullSize drawing(Plan plan) {
        return switch (what) {
            case FRAME -> FullSize.frame(plan.frame());
            case PIECES -> FullSize.pieces(plan.frame());
            case SECTION -> FullSize.section(plan.job().section());
        };
    }
}
