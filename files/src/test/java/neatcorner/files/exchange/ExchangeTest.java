package neatcorner.files.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.drawing.FullSize;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.Jobs;
import neatcorner.files.outline.OutlineFile;
import neatcorner.files.sheet.SheetSize;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ExchangeTest {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.MM_TENTH);

    static Stream<Plan> plans() {
        Job bare = Jobs.plain().withContents(Contents.NOTHING);
        Size big = new Size(Line.OUTSIDE, Length.mm(500));
        Size low = new Size(Line.OUTSIDE, Length.mm(400));
        return Stream.of(
                        bare,
                        bare.withOutline(new Outline.Regular(6, Outline.Across.FLATS, big)),
                        bare.withOutline(new Boxed.Round(big, low, 12)),
                        bare.withOutline(Boxed.Arched.usual(low, big, Boxed.Arch.POINTED, 2)),
                        bare.withOutline(new Boxed.Window(big, low, 2, 3, Length.mm(20))))
                .map(job -> Planner.plan(job, Shop.starting()));
    }

    /** What is written is read back by the readers, which share nothing with the writers: same size, same area. */
    @ParameterizedTest
    @MethodSource("plans")
    void aFrameKeepsItsTrueSizeInSvgAndDxf(Plan plan) {
        FullSize frame = FullSize.frame(plan.frame());
        double area = Math.abs(plan.frame().area(Line.OUTSIDE));
        for (OutlineFile.Found found : List.of(OutlineFile.read(SvgFile.write(frame), true, Optional.empty()),
                OutlineFile.read(DxfFile.write(frame), false, Optional.empty()))) {
            assertThat(Math.abs(Polygons.area(found.corners()))).isCloseTo(area, within(area * 0.01));
            double width = found.corners().stream()
                            .mapToDouble(p -> p.x())
                            .max()
                            .orElseThrow()
                    - found.corners().stream().mapToDouble(p -> p.x()).min().orElseThrow();
            assertThat(width).isCloseTo(plan.frame().width(Line.OUTSIDE).toMm(), within(3.0));
        }
    }

    /** The longest edge of a piece's template is its long point; a curve stays on its blank. */
    @ParameterizedTest
    @MethodSource("plans")
    void piecesAreDrawnAsTheyAreCut(Plan plan) {
        plan.frame().members().forEach(member -> {
            FullSize piece = FullSize.piece(member);
            FullSize.Trace cut = piece.traces().getFirst();
            assertThat(cut.points().get(0).to(cut.points().get(1)))
                    .isCloseTo(member.longPoint().value().toMm(), within(1e-6));
            assertThat(Polygons.area(cut.points())).isCloseTo(Math.abs(Polygons.area(member.outline())), within(1e-2));
            assertThat(piece.points())
                    .allSatisfy(p -> assertThat(p.y())
                            .isBetween(-1e-6, member.stock().width().toMm() + 1e-6));
        });
        assertThat(FullSize.pieces(plan.frame()).words()).hasSize(plan.frame().alike().size());
    }

    /** The check bar on paper: 100 mm from tick to tick, found as ink on the rendered page. */
    @Test
    void templatesPrintAtTrueSizeWithBarsToCheck() throws IOException {
        Plan plan = plans().toList().get(1);
        for (SheetSize size : SheetSize.values()) {
            byte[] pdf = Template.write(List.of(FullSize.frame(plan.frame())), BOOK, size);
            try (PDDocument document = Loader.loadPDF(pdf)) {
                assertThat(document.getNumberOfPages()).isBetween(6, 12);
                assertThat(new PDFTextStripper().getText(document)).contains("100 mm", "4 in", "row 1, column 2");
                int dpi = 254;
                var image = new PDFRenderer(document).renderImageWithDPI(0, dpi);
                int longest = 0;
                for (int y = image.getHeight() * 9 / 10; y < image.getHeight(); y++) {
                    int run = 0;
                    for (int x = 0; x < image.getWidth(); x++) {
                        run = (image.getRGB(x, y) & 0xFF) < 160 ? run + 1 : 0;
                        longest = Math.max(longest, run);
                    }
                }
                assertThat(longest / 10.0).as("the longer bar, mm").isCloseTo(101.6, within(0.4));
            }
        }
        FullSize huge = new FullSize("huge", List.of(new FullSize.Trace(FullSize.Layer.EDGE,
                List.of(new Point(0, 0), new Point(9000, 9000)), false)), List.of());
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Template.write(List.of(huge), BOOK, SheetSize.A4))
                .withMessageContaining("sheets");
    }
}
