package neatcorner.files.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Polygons;
import neatcorner.core.phrase.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutlineFileTest {
    private static OutlineFile.Found svg(String inside) {
        return OutlineFile.read(
                "<svg xmlns='http://www.w3.org/2000/svg' width='400mm' height='300mm' viewBox='0 0 400 300'>" + inside
                        + "</svg>",
                true,
                Optional.empty());
    }

    private static String dxf(String entities) {
        return "0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n4\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n"
                + entities.replace(' ', '\n') + "\n0\nENDSEC\n0\nEOF\n";
    }

    private static double area(OutlineFile.Found found) {
        return Math.abs(Polygons.area(found.corners()));
    }

    /** Areas by plane geometry: an L of 300 × 200 less 100 × 100, a triangle, a box turned and doubled. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "<path d='M10 10 h300 v100 h-100 v100 h-200 z'/> | 6 | 50000",
        "<path d='m 0,0 l 300,0 0,200 z m 20 20 h 5 v 5 z'/> | 3 | 30000",
        "<polygon points='0,0 200,0 100,150'/> | 3 | 15000",
        "<polygon points='0,0 200-1 200,200'/> | 3 | 20100",
        "<g transform='scale(2)'><rect x='5' y='5' width='100' height='50' transform='rotate(30)'/></g> | 4 | 20000",
        "<defs><rect width='399' height='299'/></defs><rect width='100' height='90'/> | 4 | 9000"})
    void shapesOfAnSvgKeepTheirCornersAndArea(String inside, int corners, double area) {
        OutlineFile.Found found = svg(inside);
        assertThat(found.corners()).hasSize(corners);
        assertThat(found.offMm()).isZero();
        assertThat(area(found)).isCloseTo(area, within(1e-3));
        assertThat(found.outline(Line.GLASS)).isInstanceOf(Outline.Free.class);
    }

    /** A circle of 200 mm: π·r², within what the straight sides are said to be off. */
    @Test
    void curvesBecomeStraightSidesAndSayHowFarTheyAreOff() {
        OutlineFile.Found found = svg("<circle cx='150' cy='150' r='100'/>");
        assertThat(found.corners().size()).isBetween(12, 36);
        assertThat(found.offMm()).isBetween(0.01, 2.0);
        assertThat(Math.PI * 100 * 100 - area(found)).isBetween(0.0, 2 * Math.PI * 100 * found.offMm());
    }

    @Test
    void aDrawingWithoutAUnitAsksForIt() {
        String text = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 10 10'><rect width='8' height='6'/></svg>";
        assertThatThrownBy(() -> OutlineFile.read(text, true, Optional.empty()))
                .isInstanceOf(OutlineFile.UnitMissing.class)
                .hasMessageContaining("8.000 × 6.000");
        assertThat(area(OutlineFile.read(text, true, Optional.of(OutlineFile.Scale.INCH))))
                .isCloseTo(48 * 25.4 * 25.4, within(1e-6));
    }

    /** A polyline with one half-circle side (bulge 1): 200 × 100 and half a circle of 50 mm radius, by geometry. */
    @Test
    void polylinesWithBulgesLinesAndCirclesOfADxfAreRead() {
        OutlineFile.Found stadium = OutlineFile.read(
                dxf("0 LWPOLYLINE 90 4 70 1 10 0 20 0 10 200 20 0 42 1 10 200 20 100 10 0 20 100"),
                false,
                Optional.empty());
        assertThat(area(stadium))
                .isCloseTo(200 * 100 + Math.PI * 2500 / 2, within(Math.PI * 50 * stadium.offMm() * 1.5));
        OutlineFile.Found lines = OutlineFile.read(
                dxf("0 LINE 10 0 20 0 11 90 21 0 0 LINE 10 0 20 70 11 90 21 0 0 LINE 10 0 20 0 11 0 21 70"),
                false,
                Optional.empty());
        assertThat(lines.corners()).hasSize(3);
        assertThat(area(lines)).isCloseTo(90 * 70 / 2.0, within(1e-6));
        OutlineFile.Found old = OutlineFile.read(
                dxf("0 POLYLINE 66 1 70 1 0 VERTEX 10 0 20 0 0 VERTEX 10 120 20 0 0 VERTEX 10 60 20 80 0 SEQEND 0"
                        + " CIRCLE 10 5 20 5 40 1"),
                false,
                Optional.empty());
        assertThat(area(old)).isCloseTo(4800, within(1e-6));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "svg | <svg xmlns='http://www.w3.org/2000/svg'><path d='M0 0 L 5'/></svg> | line 1 <path>",
                "svg | <svg xmlns='http://www.w3.org/2000/svg'><text>hello</text></svg> | no closed outline",
                "svg | <svg><path d='M0 0 L5 5 L0 5'></svg> | line 1 is no SVG",
                "svg | not xml at all | is no SVG",
                "svg | <svg><ellipse rx='1e15' ry='4'/></svg> | it must lie between",
                "svg | <svg><path d='M0,2s1e39 5-3 0'/></svg> | it must lie between",
                "svg | <!DOCTYPE g[ | is no SVG",
                "svg | <svg><path d='zM0,0 q 151,-60 300,0z'/></svg> | does not begin with a move",
                "svg | <svg><rect width='3x' height='4'/></svg> | width is \"3x\"; it must be a number",
                "svg | <svg width='10mm' viewBox='0 0'><rect width='300' height='200'/></svg> | viewBox is \"0 0\"; it"
                        + " must be four numbers",
                "svg | <svg><polygon points='0,0 200;1 200,200'/></svg> | something between its numbers",
                "dxf | 0 SECTION 2 ENTITIES 0 LWPOLYLINE 20 5 10 0 0 ENDSEC | line 7 is the group code 20 before any x",
                "dxf | 0 SECTION 2 ENTITIES 0 CIRCLE 10 1e38 40 5 0 ENDSEC | it must lie between",
                "svg | <svg xmlns='http://www.w3.org/2000/svg' width='10mm'><rect width='NaN' height='4'/></svg> |"
                        + " <rect> cannot be read: width is \"NaN\"",
                "dxf | 0 SECTION 2 ENTITIES 0 SPLINE 70 1 0 ENDSEC | line 6 is the entity SPLINE",
                "dxf | 0 SECTION 2 ENTITIES 0 CIRCLE 10 x 20 0 40 3 0 ENDSEC | is \"x\"; it must be a number",
                "dxf | 0 SECTION 2 ENTITIES 0 CIRCLE 10 nan 20 0 40 3 0 ENDSEC | must be a number",
                "dxf | hello there | whole number",
                "dxf | 0 SECTION 2 ENTITIES 0 LINE 10 0 20 0 11 5 21 5 0 ENDSEC | no closed outline"
            })
    void whatCannotBeUsedIsNamedWithItsPlace(String kind, String text, String why) {
        String drawing = kind.equals("svg") ? text : text.replace(' ', '\n') + "\n";
        assertThatThrownBy(() -> OutlineFile.read(drawing, kind.equals("svg"), Optional.of(OutlineFile.Scale.MM)))
                .isInstanceOf(DrawingException.class).hasMessageContaining(why);
    }

    @Test
    void anOutlineThatCrossesItselfIsRefusedWhenItBecomesAFrame() {
        assertThatThrownBy(
                        () -> svg("<polygon points='0,0 200,150 200,0 0,140'/>").outline(Line.GLASS))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("crosses");
    }

    /** Forty thousand loose lines in no order and turned about make the ellipse they were cut from: π·a·b. */
    @Test
    void looseLinesAreJoinedInAnyNumber() {
        List<String> lines = IntStream.range(0, 40_000)
                .mapToObj(i -> {
                    double[] a = {2 * Math.PI * i / 40_000, 2 * Math.PI * (i + 1) / 40_000};
                    int from = i % 2;
                    return String.format(
                            Locale.ROOT,
                            "0 LINE 10 %.6f 20 %.6f 11 %.6f 21 %.6f",
                            150 * Math.cos(a[from]),
                            100 * Math.sin(a[from]),
                            150 * Math.cos(a[1 - from]),
                            100 * Math.sin(a[1 - from]));
                })
                .collect(Collectors.toCollection(ArrayList::new));
        Collections.shuffle(lines, new Random(5));
        OutlineFile.Found found = OutlineFile.read(dxf(String.join(" ", lines)), false, Optional.empty());
        assertThat(area(found)).isCloseTo(Math.PI * 150 * 100, within(2 * Math.PI * 150 * found.offMm()));
    }

    /** A zigzag has no few sides near it; it is thinned all the same, and says how far it is off. */
    @Test
    void aZigzagOfAnyLengthIsThinned() {
        String points = IntStream.range(0, 20_000)
                .mapToObj(i -> i + "," + (i % 2 == 0 ? 0 : 300))
                .collect(Collectors.joining(" "));
        assertThat(svg("<polygon points='" + points + "'/>").offMm()).isGreaterThan(100);
    }

    /** A million points on a circle become a frame one can saw. */
    @Test
    void aMillionPointsAreThinnedOut() {
        String points = IntStream.range(0, 1_000_000).mapToObj(i -> {
            double a = 2 * Math.PI * i / 1_000_000;
            return String.format("%.5f,%.5f", 200 + 150 * Math.cos(a), 200 + 150 * Math.sin(a));
        }).collect(Collectors.joining(" "));
        OutlineFile.Found found = svg("<polygon points='" + points + "'/>");
        assertThat(found.corners().size()).isBetween(12, 36);
        assertThat(area(found)).isCloseTo(Math.PI * 150 * 150, within(2 * Math.PI * 150 * found.offMm()));
    }
}
