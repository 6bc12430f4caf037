package neatcorner.core.frame;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Working;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FrameTest {
    private static Frame frame(Job job) {
        return Frame.of(job, Sample.shop()).result();
    }

    /** Common practice, no source: a 12 in sight opening with a 2 in face is cut with 16 in long points. */
    @Test
    void sightOpeningOfTwelveWithATwoInchFaceGivesSixteenInchLongPoints() {
        Frame frame =
                frame(Sample.given(Line.SIGHT, "12", "12").withSection(Sample.rabbeted("2", "3/4", "1/4", "1/2")));
        assertThat(frame.members()).allSatisfy(member -> {
            assertThat(member.longPoint().value()).isEqualTo(in("16"));
            assertThat(member.shortPoint().value()).isEqualTo(in("12"));
            assertThat(member.left().swing().toDegrees()).isCloseTo(45, within(1e-9));
        });
    }

    /** A whole chain by hand: glass 12, play 1/8, lips 2 × 3/16, faces 2 × 1 9/16. */
    @Test
    void theChainFromGlassToLongPointIsTheSumMakersDoByHand() {
        Frame frame = frame(Sample.job("12", "13").withSection(Sample.rabbeted("1 9/16", "1 1/8", "3/16", "1/2")));
        assertThat(frame.width(Line.RABBET)).isEqualTo(in("12 1/8"));
        assertThat(frame.width(Line.SIGHT)).isEqualTo(in("11 3/4"));
        assertThat(frame.width(Line.OUTSIDE)).isEqualTo(in("14 7/8"));
        assertThat(frame.height(Line.OUTSIDE)).isEqualTo(in("15 7/8"));
        assertThat(frame.member(Side.Name.TOP).rabbet().value()).isEqualTo(frame.width(Line.RABBET));
    }

    /** Common practice, no source: when the rabbet exists, glass is cut 1/16 in under it. */
    @Test
    void glassIsASixteenthUnderAGivenRabbetWhereThatIsTheHabit() {
        Job job = Sample.given(Line.RABBET, "8 1/16", "10 1/16");
        job = job.withOverrides(job.overrides().with(Habit.PLAY, in("1/16")));
        assertThat(frame(job).width(Line.GLASS)).isEqualTo(in("8"));
        assertThat(frame(job).height(Line.GLASS)).isEqualTo(in("10"));
    }

    /** ISO 216: A4 is 210 × 297 mm, A3 297 × 420, A2 420 × 594; each is two of the next turned on its side. */
    @ParameterizedTest
    @CsvSource({"148,210", "210,297", "297,420", "420,594"})
    void standardSheetsFitTheirGlassWithNothingLost(double width, double height) {
        Job job = Sample.job("10", "10").withGiven(Axis.WIDTH, new Size(Line.ART, Length.mm(width)))
                .withGiven(Axis.HEIGHT, new Size(Line.ART, Length.mm(height)));
        assertThat(frame(job).width(Line.GLASS)).isEqualTo(Length.mm(width));
        assertThat(frame(new Edit.Turn().apply(job)).height(Line.GLASS)).isEqualTo(Length.mm(width));
        assertThat(frame(new Edit.Turn().apply(job)).width(Line.OUTSIDE)).isEqualTo(frame(job).height(Line.OUTSIDE));
    }

    @Test
    void aMatLiesBetweenPictureAndGlass() {
        Frame frame = frame(Sample.matted("2", "2", "2 1/2"));
        assertThat(frame.width(Line.MAT)).isEqualTo(in("12"));
        assertThat(frame.width(Line.ART)).isEqualTo(in("12").minus(in("4")).plus(in("1/2")));
        assertThat(frame.height(Line.ART)).isEqualTo(in("14").minus(in("4 1/2")).plus(in("1/2")));
    }

    @Test
    void aFloaterStandsClearOfThePictureAllRound() {
        Frame frame = frame(Sample.floating("36", "24"));
        assertThat(frame.width(Line.RABBET)).isEqualTo(in("36 1/2"));
        assertThat(frame.width(Line.OUTSIDE)).isEqualTo(in("37 1/4"));
        assertThat(frame.has(Line.GLASS)).isFalse();
        assertThat(frame.member(Side.Name.TOP).rabbet().value()).isEqualTo(in("36 1/2"));
        assertThat(frame.member(Side.Name.TOP).shortPoint().value())
                .isEqualTo(in("37 1/4").minus(in("3/4").plus(in("3/8")).times(2)));
    }

    /** Whatever line the size is given at, all other lines come out the same. */
    @Property(tries = 200, seed = Seed.FIXED)
    void theFrameDoesNotCareWhereItWasMeasured(@ForAll Line line, @ForAll @IntRange(min = 320, max = 4000) int width,
                                              @ForAll @IntRange(min = 320, max = 4000) int height) {
        Job job = Sample.matted("1 1/2", "1 1/4", "2")
                .withGiven(Axis.WIDTH, new Size(Line.GLASS, Length.inches(0, width, 64)))
                .withGiven(Axis.HEIGHT, new Size(Line.GLASS, Length.inches(0, height, 64)));
        Frame first = frame(job);
        Job again = job.withGiven(Axis.WIDTH, new Size(line, first.width(line)))
                .withGiven(Axis.HEIGHT, new Size(line, first.height(line)));
        for (Line each : Line.values()) {
            assertThat(frame(again).width(each)).isEqualTo(first.width(each));
            assertThat(frame(again).height(each)).isEqualTo(first.height(each));
        }
    }

    /** The working is the sum: adding its lines up gives the number, in every plan. */
    @Property(tries = 100, seed = Seed.FIXED)
    void everyWorkingAddsUp(@ForAll Line line, @ForAll @IntRange(min = 640, max = 2000) int width) {
        Job job = Sample.matted("2", "2", "2 1/2").withFace("bottom", Optional.of(in("2 1/4")));
        Frame start = frame(job);
        Plan plan = Planner.plan(
                job.withGiven(Axis.WIDTH, new Size(line, start.width(line).plus(Length.inches(0, width, 64)))),
                Sample.shop());
        for (Figure<?> figure : plan.figures().values()) {
            boolean sum = figure.value() instanceof Length && !figure.working().lines().isEmpty()
                    && figure.working().lines().stream().noneMatch(l -> l.step() == Working.Step.WITH);
            if (sum) {
                long total = figure.working().lines().stream().mapToLong(l -> (l.step() == Working.Step.MINUS ? -1 : 1)
                        * ((Length) l.amount()).nanometres()).sum();
                assertThat(new Length(total)).as(figure.id()).isEqualTo(figure.value());
            }
        }
    }

    @Test
    void oppositeSidesAreIdentical() {
        Frame frame = frame(Sample.job("11", "17"));
        assertThat(frame.member(Side.Name.TOP).longPoint().value())
                .isEqualTo(frame.member(Side.Name.BOTTOM).longPoint().value());
        assertThat(frame.member(Side.Name.LEFT).longPoint().value())
                .isEqualTo(frame.member(Side.Name.RIGHT).longPoint().value());
    }

    @Test
    void lettersGoRoundTheFrame() {
        assertThat(frame(Sample.job("11", "17")).members())
                .extracting(m -> m.side().letters())
                .containsExactly("A–B", "B–C", "C–D", "D–A");
    }

    @Test
    void numbersThatLeaveNoFrameAreRefusedWithTheirName() {
        assertThatThrownBy(() -> frame(Sample.given(Line.OUTSIDE, "3", "3")
                        .withSection(Sample.rabbeted("1 1/2", "3/4", "1/4", "1/2"))))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("wide would be")
                .hasMessageContaining("must be 10 mm");
        assertThatThrownBy(() -> frame(Sample.given(Line.MAT, "8", "10")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("mat outside");
    }

    @Test
    void aWorkedOutNumberAsksWhichGivenOneShouldGiveWay() {
        Job job = Sample.job("12", "13");
        Length wanted = frame(job).width(Line.OUTSIDE).plus(in("1/4"));
        var options = GiveWay.options(job, Sample.shop(), Line.OUTSIDE.size(Axis.WIDTH), wanted);
        assertThat(options)
                .extracting(option -> option.number().key())
                .containsExactly(
                        "figure.glass.width", "figure.habit.play", "figure.section.lip", "figure.section.face");
        assertThat(options).allSatisfy(option ->
                assertThat(frame(option.edit().apply(job)).width(Line.OUTSIDE)).isEqualTo(wanted));
        assertThat(options.getLast().value()).isEqualTo(in("1 5/8"));
    }

    @Property(tries = 200, seed = Seed.FIXED)
    void whateverGivesWayTheNumberBecomesWhatWasTyped(
            @ForAll Line line, @ForAll Axis axis, @ForAll @IntRange(min = -64, max = 64) int by) {
        Job job = Sample.matted("2", "2", "2 1/2").withFace("bottom", Optional.of(in("2 1/2")));
        Length wanted = frame(job).size(line, axis).orElseThrow().value().plus(Length.inches(0, by, 32));
        for (GiveWay.Option option : GiveWay.options(job, Sample.shop(), line.size(axis), wanted)) {
            assertThat(frame(option.edit().apply(job)).size(line, axis).orElseThrow().value()).isEqualTo(wanted);
        }
    }

    @Test
    void onlyNumbersOfTheChainCanBeSolvedFor() {
        Job job = Sample.job("8", "9");
        assertThat(GiveWay.sizeOf(
                        job, frame(job).member(Side.Name.TOP).longPoint().key()))
                .contains(Line.OUTSIDE.size(Axis.WIDTH));
        assertThat(GiveWay.sizeOf(
                        job, frame(job).member(Side.Name.LEFT).longPoint().key()))
                .contains(Line.OUTSIDE.size(Axis.HEIGHT));
        assertThat(GiveWay.sizeOf(job, Weight.TOTAL)).isEmpty();
        assertThat(GiveWay.options(Sample.stretched("20", "30"), Sample.shop(), Line.GLASS.size(Axis.WIDTH), in("5")))
                .isEmpty();
    }

    /**
     * The mitre against plain coordinates: two strips of unequal width at any angle meet where their
     * inner edges cross, found here from the lines themselves.
     */
    @Property(seed = Seed.FIXED)
    void theMitreRunsToWhereTheSightLinesCross(
            @ForAll @IntRange(min = 10, max = 150) int a,
            @ForAll @IntRange(min = 10, max = 150) int b,
            @ForAll @IntRange(min = 20, max = 160) int degrees) {
        double theta = Math.toRadians(degrees);
        Mitre mitre = Mitre.between(Length.mm(a), Length.mm(b), Angle.degrees(degrees));
        double cross = (b - a * -Math.cos(theta)) / Math.sin(theta);
        Assume.that(Math.abs(cross) > 1e-6);
        double distanceToOther = Math.abs(Math.sin(theta) * cross - Math.cos(theta) * a);
        assertThat(distanceToOther).as("the point lies on the neighbour's sight line").isCloseTo(b, within(1e-6));
        assertThat(mitre.setback().toMm()).isCloseTo(cross, within(1e-5));
        assertThat(mitre.length().toMm()).isCloseTo(Math.hypot(cross, a), within(1e-5));
    }

    /**
     * Closed forms: equal faces cut at half the corner; swing 30° in a hexagon, 22.5° in an octagon; tan φ = a/b at
     * 90°.
     */
    @Test
    void equalFacesBisectAndUnequalOnesDoNot() {
        assertThat(Mitre.between(in("2"), in("2"), Angle.degrees(120)).swing().toDegrees()).isCloseTo(30, within(1e-9));
        assertThat(Mitre.between(in("2"), in("2"), Angle.degrees(135)).swing().toDegrees())
                .isCloseTo(22.5, within(1e-9));
        assertThat(Mitre.between(in("1"), in("1"), Angle.degrees(60)).swing().toDegrees()).isCloseTo(60, within(1e-9));
        Mitre narrow = Mitre.between(in("1 1/2"), in("2 1/2"), Angle.RIGHT);
        Mitre wide = Mitre.between(in("2 1/2"), in("1 1/2"), Angle.RIGHT);
        assertThat(narrow.toEdge().toDegrees()).isCloseTo(Math.toDegrees(Math.atan(1.5 / 2.5)), within(1e-9));
        assertThat(narrow.toEdge().plus(wide.toEdge()).toDegrees()).isCloseTo(90, within(1e-9));
        assertThat(narrow.length()).isEqualTo(wide.length());
        assertThat(narrow.kerfAlongEdge(in("1/8")).toInches())
                .isCloseTo(0.125 / Math.sin(Math.atan(0.6)), within(1e-8));
    }

    @Test
    void aWiderBottomRailMakesUnequalMitresAndStillClosesTheOpening() {
        Frame frame = frame(Sample.job("11", "14").withFace("bottom", Optional.of(in("2 1/2"))));
        assertThat(frame.height(Line.OUTSIDE)).isEqualTo(frame.height(Line.SIGHT).plus(in("4")));
        assertThat(frame.member(Side.Name.BOTTOM).shortPoint().value()).isEqualTo(frame.width(Line.SIGHT));
        assertThat(frame.member(Side.Name.LEFT).shortPoint().value()).isEqualTo(frame.height(Line.SIGHT));
        assertThat(frame.member(Side.Name.RIGHT).right()).isEqualTo(frame.member(Side.Name.LEFT).left());
        assertThat(frame.member(Side.Name.RIGHT).right().swing())
                .isNotEqualTo(frame.member(Side.Name.RIGHT).left().swing());
    }

    @Test
    void anotherMouldingMovesTheGivenSizeToALineItHas() {
        Job floating = new Edit.ChooseSection(Sample.floater()).apply(Sample.job("12", "16"));
        assertThat(floating.given(Axis.WIDTH)).contains(new Size(Line.ART, in("12")));
        Job bars = new Edit.ChooseSection(Sample.bar()).apply(floating);
        assertThat(bars.outline().line()).isEqualTo(Line.OUTSIDE);
        assertThat(bars.contents().layers()).isEmpty();
        assertThat(frame(bars).width(Line.OUTSIDE)).isEqualTo(in("12"));
    }
}
