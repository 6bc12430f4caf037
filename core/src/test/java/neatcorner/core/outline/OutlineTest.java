package neatcorner.core.outline;

import static neatcorner.core.outline.Outlines.frame;
import static neatcorner.core.outline.Outlines.free;
import static neatcorner.core.outline.Outlines.job;
import static neatcorner.core.outline.Outlines.mm;
import static neatcorner.core.outline.Outlines.polygon;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.shop.Habit;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.hipparchus.special.elliptic.legendre.LegendreEllipticIntegral;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;

class OutlineTest {
    private static Outline.Regular regular(int sides, Outline.Across across, double size) {
        return new Outline.Regular(sides, across, mm(Line.SIGHT, size));
    }

    private static Boxed.Round ring(double size, int segments) {
        return new Boxed.Round(mm(Line.SIGHT, size), mm(Line.SIGHT, size), segments);
    }

    private static List<Finding> found(Job job) {
        return Planner.plan(job, Sample.shop()).findings();
    }

    private static List<String> findings(Job job) {
        return found(job).stream().map(Finding::id).toList();
    }

    /** tan swing = cos s · tan(180°/n), sin tilt = sin s · sin(180°/n): geometry, for every n and lean. */
    @Property(tries = 400, seed = Seed.FIXED)
    void compoundCutsFollowTheClosedForms(
            @ForAll @IntRange(min = 3, max = 36) int sides,
            @ForAll @DoubleRange(min = 0.1, max = 80) double lean,
            @ForAll Lean.Way way) {
        Frame frame = frame(job(regular(sides, Outline.Across.FLATS, 2000)).withLean(new Lean(lean, way)));
        double s = Math.toRadians(lean);
        for (Member member : frame.members()) {
            for (Mitre cut : List.of(member.left(), member.right())) {
                assertThat(cut.swing().tan()).isCloseTo(Math.cos(s) * Math.tan(Math.PI / sides), within(1e-9));
                assertThat(cut.tilt().sin())
                        .isCloseTo(
                                (way == Lean.Way.OUTWARDS ? 1 : -1) * Math.sin(s) * Math.sin(Math.PI / sides),
                                within(1e-9));
            }
        }
    }

    /**
     * The crown moulding table printed on many mitre saws, for 90° corners: its spring angle is the one
     * between the moulding's back and the wall, so the lean from flat is what is missing to 90°.
     */
    @ParameterizedTest
    @CsvSource({"38, 31.62, 33.86", "45, 35.26, 30.00"})
    void crownMouldingSettingsAreThoseOfThePrintedTable(double spring, double swing, double tilt) {
        Mitre cut = frame(Sample.job("20", "30").withLean(new Lean(90 - spring, Lean.Way.INWARDS)))
                .members()
                .getFirst()
                .left();
        assertThat(cut.swing().toDegrees()).isCloseTo(swing, within(0.006));
        assertThat(Math.abs(cut.tilt().toDegrees())).isCloseTo(tilt, within(0.006));
    }

    /** A board that stands on edge is cut like a box corner: no swing, half the corner as tilt. */
    @Test
    void standingSettingsOfAFlatFrameAreTheBevelAlone() {
        Mitre cut = frame(job(regular(6, Outline.Across.SIDE, 200))).members().getFirst().right();
        assertThat(cut.standingSwing().toDegrees()).isCloseTo(0, within(1e-9));
        assertThat(cut.standingTilt().toDegrees()).isCloseTo(30, within(1e-9));
    }

    /** Handbook identities of regular polygons: side = 2·a·tan(180°/n) = 2·R·sin(180°/n), angles (n − 2)·180°/n. */
    @Property(tries = 200, seed = Seed.FIXED)
    void regularPolygonsKeepTheirIdentities(
            @ForAll @IntRange(min = 3, max = 36) int sides, @ForAll Outline.Across across) {
        Outline.Regular outline = regular(sides, across, 800);
        double apothem = outline.apothem();
        double side = outline.by(Outline.Across.SIDE).size().length().toMm();
        assertThat(side)
                .isCloseTo(
                        outline.by(Outline.Across.CORNERS).size().length().toMm() * Math.sin(Math.PI / sides),
                        within(1e-4));
        assertThat(outline.by(Outline.Across.FLATS).size().length().toMm()).isCloseTo(2 * apothem, within(1e-5));
        Frame frame = frame(job(outline));
        frame.angles()
                .forEach(angle -> assertThat(angle.toDegrees()).isCloseTo(180.0 * (sides - 2) / sides, within(1e-9)));
        assertThat(frame.members()).allSatisfy(m -> {
            assertThat(m.left().swing().toDegrees()).isCloseTo(180.0 / sides, within(1e-9));
            assertThat(m.shortPoint().value().toMm()).isCloseTo(side, within(1e-4));
            assertThat(m.longPoint().value().toMm())
                    .isCloseTo(2 * (apothem + 38.1) * Math.tan(Math.PI / sides), within(1e-4));
        });
    }

    /** Long edge 2·R·tan(180°/N), blank R − r·cos(180°/N): plane geometry of a ring. */
    @Property(tries = 100, seed = Seed.FIXED)
    void ringsFollowTheirIdentities(
            @ForAll @IntRange(min = 4, max = 36) int segments,
            @ForAll @DoubleRange(min = 300, max = 1200) double sight) {
        double r = sight / 2;
        double outside = r + 38.1;
        assertThat(frame(job(ring(sight, segments))).members()).allSatisfy(m -> {
            assertThat(m.longPoint().value().toMm())
                    .isCloseTo(2 * outside * Math.tan(Math.PI / segments), within(1e-4));
            assertThat(m.curve().orElseThrow().blank().value().toMm())
                    .as("to whole millimetres up")
                    .isBetween(
                            outside - r * Math.cos(Math.PI / segments) - 1e-4,
                            outside - r * Math.cos(Math.PI / segments) + 1);
            assertThat(m.curve().orElseThrow().runOut().toDegrees()).isCloseTo(180.0 / segments, within(1e-9));
        });
    }

    /** Perimeter 4·a·E(m), m = 1 − b²/a², with the complete elliptic integral of Hipparchus. */
    @ParameterizedTest
    @CsvSource({"400, 400", "500, 400", "700, 300", "900, 350"})
    void anOvalIsAsLongAsTheEllipticIntegralSays(double width, double height) {
        Frame frame = frame(job(new Boxed.Round(mm(Line.SIGHT, width), mm(Line.SIGHT, height), 12)));
        double a = width / 2;
        double b = height / 2;
        double perimeter = 4 * a * LegendreEllipticIntegral.bigE(1 - b * b / (a * a));
        assertThat(Polygons.around(frame.lines().get(Line.SIGHT))).isCloseTo(perimeter, within(perimeter * 2e-4));
        assertThat(frame.area(Line.SIGHT)).isCloseTo(Math.PI * a * b, within(Math.PI * a * b * 1e-3));
    }

    /** Segment of a circle, handbook: r = (c²/4 + h²)/(2·h), area = r²/2·(α − sin α) with sin(α/2) = c/(2·r). */
    @Property(tries = 100, seed = Seed.FIXED)
    void aSegmentalTopIsTheHandbooksSegmentOfACircle(@ForAll @DoubleRange(min = 300, max = 1200) double chord,
                                                     @ForAll @DoubleRange(min = 0.15, max = 0.95) double share) {
        double height = share * chord / 2;
        double radius = (chord * chord / 4 + height * height) / (2 * height);
        double alpha = 2 * Math.asin(chord / (2 * radius));
        double segment = radius * radius / 2 * (alpha - Math.sin(alpha));
        Loop loop = new Boxed.Arched(mm(Line.SIGHT, chord), mm(Line.SIGHT, 2000), Boxed.Arch.SEGMENTAL, share, 3)
                .loop(chord, 2000);
        assertThat(Polygons.area(loop.line(_ -> 0, 400)))
                .isCloseTo(segment + chord * (2000 - height), within(segment * 1e-4));
    }

    /** An equilateral pointed arch is drawn with the whole span as radius. Geometry. */
    @Test
    void theUsualPointedArchIsEquilateral() {
        Loop loop = Boxed.Arched.usual(mm(Line.SIGHT, 400), mm(Line.SIGHT, 1000), Boxed.Arch.POINTED, 2)
                .loop(400, 1000);
        assertThat(((Edge.Arc) loop.parts().getFirst().edge()).radiusX()).isCloseTo(400, within(1e-9));
        assertThat(loop.parts().get(1).edge().at(1).y()).as("the crown").isCloseTo(0, within(1e-9));
        assertThat(loop.parts()
                        .get(2)
                        .edge()
                        .at(0)
                        .to(loop.parts().get(1).edge().at(1)))
                .as("both halves meet")
                .isCloseTo(0, within(1e-9));
    }

    /**
     * A half circle on a sill: parallels of both, so the outside is a circle of r + face cut off one face below its
     * middle.
     */
    @Test
    void aLunetteHasItsSillAndNoSides() {
        Frame frame =
                frame(job(new Boxed.Arched(mm(Line.SIGHT, 600), mm(Line.SIGHT, 300.6), Boxed.Arch.HALF_ROUND, 1, 4)));
        assertThat(frame.members()).hasSize(5);
        assertThat(frame.height(Line.SIGHT).toMm()).isCloseTo(300.6, within(1e-6));
        double face = 38.1;
        assertThat(frame.width(Line.OUTSIDE).toMm()).isCloseTo(2 * (300 + face), within(0.8));
        assertThat(frame.height(Line.OUTSIDE).toMm()).isCloseTo(300.6 + 2 * face, within(0.3));
        double sill = 2 * Math.sqrt(Math.pow(300 + face, 2) - face * face);
        assertThat(frame.members().getLast().longPoint().value().toMm()).isCloseTo(sill, within(1.0));
    }

    @Property(tries = 60, seed = Seed.FIXED)
    void whatMustFitInsideJustFits(
            @ForAll @IntRange(min = 3, max = 12) int sides,
            @ForAll @DoubleRange(min = 200, max = 600) double w,
            @ForAll @DoubleRange(min = 200, max = 600) double h) {
        Stream.of(
                        regular(sides, Outline.Across.SIDE, 100),
                        new Outline.Free(
                                Line.SIGHT,
                                regular(sides, Outline.Across.FLATS, 90).loop().corners(_ -> 0).stream()
                                        .map(Corner::of)
                                        .toList()),
                        ring(90, 8))
                .forEach(outline -> {
                    Geometry room = polygon(frame(job(outline.around(Length.mm(w), Length.mm(h))))
                            .lines()
                            .get(Line.SIGHT));
                    assertThat(fits(room, w * 0.99, h * 0.99))
                            .as(outline + " holds it")
                            .isTrue();
                    assertThat(fits(room, w * 1.01, h * 1.01))
                            .as(outline + " is no larger than needed")
                            .isFalse();
                });
    }

    /** Whether a rectangle fits somewhere: tried on a fine grid of places by JTS. */
    private static boolean fits(Geometry room, double w, double h) {
        var box = room.getEnvelopeInternal();
        Geometry rectangle = polygon(List.of(new Point(0, 0), new Point(w, 0), new Point(w, h), new Point(0, h)));
        for (int i = 0; i <= 200; i++) {
            double x = box.getMinX() + (box.getWidth() - w) / 2;
            double y = box.getMinY() + (box.getHeight() - h) * i / 200;
            if (room.covers(AffineTransformation.translationInstance(x, y).transform(rectangle))) {
                return true;
            }
        }
        return false;
    }

    @Test
    void aWalkThatDoesNotCloseSaysByHowMuchAndIsClosedOnRequest() {
        List<Length> sides = Stream.of(300, 200, 304, 200).map(Length::mm).toList();
        List<Angle> angles = Stream.of(90, 90, 90, 90).map(Angle::degrees).toList();
        Traverse walk = Traverse.walk(sides, angles);
        assertThat(walk.gap().toMm()).isCloseTo(4, within(1e-6));
        assertThat(new Outline.Free(Line.GLASS, walk.closed()).side(0).toMm()).isCloseTo(301.2, within(0.1));
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Traverse.walk(sides, angles.subList(0, 2)))
                .withMessageContaining("2 angles for 4 sides");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> Traverse.walk(List.of(Length.ZERO, Length.ZERO, Length.ZERO), angles))
                .withMessageContaining("side 1");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "0 0 100 0 0 100 100 100 | side B–C crosses side D–A",
        "0 0 100 0 | 2 corners; it must have from 3",
        "0 0 100 0 100 0 0 100 | side B–C",
        "0 0 50 0 100 0 50 90 | corner B lies on the straight",
        "0 0 900 0 0 20 | 1° sharp",
        "0 0 30000 0 0 100 | corner, across"})
    void outlinesThatCannotBeAreRefusedByCorner(String corners, String why) {
        double[] xy = Arrays.stream(corners.strip().split(" ")).mapToDouble(Double::parseDouble).toArray();
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> free(Line.GLASS, xy)).withMessageContaining(why);
    }

    @Test
    void cornersAreKeptClockwiseWhicheverWayTheyWereGiven() {
        Outline.Free clockwise = free(Line.GLASS, 300, 0, 0, 200, 0, 0);
        assertThat(free(Line.GLASS, 0, 0, 0, 200, 300, 0).corners()).isEqualTo(clockwise.corners());
        assertThat(Polygons.area(clockwise.places())).isPositive();
    }

    @Test
    void numbersOutOfRangeAreRefusedInWords() {
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> regular(2, Outline.Across.SIDE, 100))
                .withMessageContaining("from 3 to 36");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Lean(91, Lean.Way.INWARDS))
                .withMessageContaining("from 0 to 90");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Lean(Double.NaN, Lean.Way.INWARDS))
                .withMessageContaining("lean");
        assertThatIllegalArgumentException()
                .as("a bug, not a refusal")
                .isThrownBy(() -> new Point(Double.NaN, 0))
                .withMessageContaining("x in mm");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> frame(
                        job(new Boxed.Arched(mm(Line.SIGHT, 400), mm(Line.SIGHT, 180), Boxed.Arch.HALF_ROUND, 1, 3))))
                .withMessageContaining("leaves no straight sides");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> frame(job(new Outline.Regular(3, Outline.Across.SIDE, mm(Line.OUTSIDE, 100)))));
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> job(ring(300, 8)).withLean(new Lean(20, Lean.Way.OUTWARDS)))
                .withMessageContaining("curved");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> job(regular(5, Outline.Across.SIDE, 300)).withFaces(Map.of("top", Length.mm(40))))
                .withMessageContaining("side_1");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> frame(
                        job(new Boxed.Arched(mm(Line.SIGHT, 400), mm(Line.SIGHT, 900), Boxed.Arch.HALF_ROUND, 1, 3))
                                .withFaces(Map.of("arch", Length.mm(60)))))
                .withMessageContaining("same face");
    }

    @Test
    void whatASawOrTheWoodWillNotDoIsFound() {
        assertThat(findings(job(regular(3, Outline.Across.SIDE, 400)))).contains("past_reach");
        assertThat(findings(job(regular(4, Outline.Across.SIDE, 400))))
                .doesNotContain("past_reach", "past_tilt", "unlike_ends");
        assertThat(findings(job(regular(3, Outline.Across.SIDE, 400)).withLean(new Lean(75, Lean.Way.OUTWARDS))))
                .contains("past_tilt");
        assertThat(findings(job(ring(400, 6)))).contains("short_grain");
        assertThat(findings(job(ring(1700, 6)))).contains("blank_too_wide");
        assertThat(findings(job(free(Line.SIGHT, 0, 0, 300, 0, 304, 9, 150, 260)))).contains("sliver", "unlike_ends");
        // Corners of 60° but for a twentieth of a millimetre: no saw tells the two mitres apart, 2 mm it does.
        assertThat(findings(job(free(Line.SIGHT, 0, 0, 300, 0, 150.05, 259.8))))
                .doesNotContain("unlike_ends", "mirror_images");
        assertThat(findings(job(free(Line.SIGHT, 0, 0, 300, 0, 152, 259.8))))
                .containsAnyOf("unlike_ends", "mirror_images");
    }

    /** Every remedy that changes the number of segments takes its own finding away, and its blanks fit the board. */
    @Test
    void moreSegmentsMakeShortGrainAndWideBlanksGoAway() {
        for (double size : new double[] {420, 1700}) {
            Job job = job(ring(size, 6));
            found(job).stream()
                    .filter(f -> f.id().equals("short_grain") || f.id().equals("blank_too_wide"))
                    .forEach(finding -> {
                        Edit edit = ((Remedy.OnJob) finding.remedy().orElseThrow()).edit();
                        assertThat(findings(edit.apply(job))).doesNotContain(finding.id());
                    });
            int best = Planner.plan(job, Sample.shop()).figure(Frame.BEST_COUNT).orElseThrow().value().value();
            assertThat(frame(job(ring(size, best))).members()).allSatisfy(m ->
                    assertThat(m.curve().orElseThrow().blank().value()).isLessThanOrEqualTo(Habit.BOARD_WIDTH.usual()));
        }
    }

    @Test
    void oneSizeGivenAtAnotherLineGivesTheSamePolygon() {
        Frame first = frame(job(regular(6, Outline.Across.FLATS, 400)));
        Length side = first.members().getFirst().longPoint().value();
        Frame again = frame(job(new Outline.Regular(6, Outline.Across.SIDE, new Size(Line.OUTSIDE, side))));
        assertThat(again.members().getFirst().shortPoint().value().toMm())
                .isCloseTo(first.members().getFirst().shortPoint().value().toMm(), within(1e-4));
    }

    @Test
    void draggingScalingAndSplittingChangeOnlyWhatTheySay() {
        Outline.Free start = free(Line.GLASS, 0, 0, 400, 0, 300, 300);
        assertThat(start.withCorner(2, Corner.of(new Point(320, 310))).corners().subList(0, 2))
                .isEqualTo(start.corners().subList(0, 2));
        assertThat(start.withSide(0, Length.mm(500)).side(0).toMm()).isCloseTo(500, within(1e-5));
        assertThat(start.scaled(Axis.WIDTH, Length.mm(800)).extent(Axis.WIDTH)).isCloseTo(800, within(1e-5));
        assertThat(start.scaled(Axis.WIDTH, Length.mm(800)).extent(Axis.HEIGHT)).isCloseTo(300, within(1e-5));
        assertThat(start.split(1).without(2)).isEqualTo(start);
        assertThat(start.grown(2).turned().round()).hasSize(3);
    }
}
