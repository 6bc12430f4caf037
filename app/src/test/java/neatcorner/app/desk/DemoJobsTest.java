package neatcorner.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.frame.EdgeRun;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.SideOpening;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.measure.Unit;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Side;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The demonstration jobs from end to end, against sums done by hand beside each. */
class DemoJobsTest {
    private static Length in(String text) {
        return MeasureText.length(text, Unit.INCH);
    }

    private static Plan plan(int job) {
        return Planner.plan(Demo.jobs().get(job).value(), Demo.shop().value());
    }

    private static void assertSize(Plan plan, Line line, String width, String height) {
        assertThat(plan.frame().size(line, Axis.WIDTH).orElseThrow().value()).as(line + " wide").isEqualTo(in(width));
        assertThat(plan.frame().size(line, Axis.HEIGHT).orElseThrow().value()).as(line + " high").isEqualTo(in(height));
    }

    /**
     * Glass 12 × 13; rabbet + 1/8; sight − 2 × 3/16; outside + 2 × 1 9/16; picture − 4 + 2 × 1/4 and − 4 1/2 + 2 × 1/4.
     */
    @Test
    void theSetOfSixPressings() {
        Plan plan = plan(0);
        assertSize(plan, Line.RABBET, "12 1/8", "13 1/8");
        assertSize(plan, Line.SIGHT, "11 3/4", "12 3/4");
        assertSize(plan, Line.OUTSIDE, "14 7/8", "15 7/8");
        assertSize(plan, Line.ART, "8 1/2", "9");
        assertThat(plan.cuts().sticks().stream().mapToInt(s -> s.placed().size()).sum()).isEqualTo(24);
        assertThat(plan.cuts().sticks())
                .as("12 × 14 7/8 + 12 × 15 7/8 with their gaps is 374 in: three sticks of 95.5 usable and off-cuts"
                        + " for 88")
                .noneMatch(StickLayout::bought)
                .anyMatch(s -> s.id().toString().equals("C-1"));
        assertThat(plan.findings()).isEmpty();
    }

    /** Picture 60 × 14; rabbet + 1/8; outside − 1/2 + 1 1/4. Strainer 60 1/8 − 1/8; stiles 14 1/8 − 1/8 − 3. */
    @Test
    void theLongTideChart() {
        Plan plan = plan(1);
        assertSize(plan, Line.OUTSIDE, "60 7/8", "14 7/8");
        assertThat(plan.assembly().frame(1).members().getFirst().longPoint().value()).isEqualTo(in("60"));
        assertThat(plan.assembly().frame(1).members().get(1).longPoint().value()).isEqualTo(in("11"));
        assertThat(plan.findings()).extracting(Finding::id).contains("flat_wire").doesNotContain("slender");
    }

    /**
     * Sides: face 1 1/2 against a rail of 2 1/2 is cut at atan(1.5/2.5) = 30.96° to its edge, swing 59.04°; the rail at
     * 30.96° swing.
     */
    @Test
    void theCertificateWithItsWideBottomRail() {
        Plan plan = plan(2);
        assertSize(plan, Line.OUTSIDE, "13 5/8", "17 5/8");
        Member left = plan.frame().member(Side.Name.LEFT);
        Member bottom = plan.frame().member(Side.Name.BOTTOM);
        assertThat(left.left().swing().toDegrees()).isCloseTo(59.036, within(0.001));
        assertThat(left.right().swing().toDegrees()).isCloseTo(45, within(1e-9));
        assertThat(bottom.left().swing().toDegrees()).isCloseTo(30.964, within(0.001));
        assertThat(bottom.shortPoint().value()).isEqualTo(in("10 5/8"));
        assertThat(plan.cuts().sticks().stream().filter(s -> s.section().face().equals(in("2 1/2")))).singleElement()
                .satisfies(stick -> assertThat(stick.bought()).isFalse());
    }

    /**
     * 110 + 1/8 − 5/8 + 4 = 113 1/2 in long points, past every stick of 8 ft: two lengths, a joint of 8 × 1 1/4 in
     * between.
     */
    @Test
    void theSurveyMapIsJoinedFromTwoLengths() {
        Plan plan = plan(3);
        assertThat(plan.frame().member(Side.Name.TOP).longPoint().value()).isEqualTo(in("113 1/2"));
        List<Piece> top = plan.cuts().sticks().stream().flatMap(s -> s.placed().stream()).map(StickLayout.Placed::piece)
                .filter(p -> p.member().side().equals(plan.frame().member(Side.Name.TOP).side())).toList();
        assertThat(top).hasSize(2);
        assertThat(Length.sum(top.stream().map(Piece::length).toList())).isEqualTo(in("123 1/2"));
        assertThat(plan.findings()).extracting(Finding::id).contains("side_joined").doesNotContain("piece_too_long");
    }

    /**
     * Mirror 24 × 60 × 4 mm weighs 0.9290 m² × 10 kg/m² = 9.29 kg; with wood and backing it wants a cleat and two
     * people.
     */
    @Test
    void theHallMirrorIsHeavy() {
        Plan plan = plan(4);
        double mirror = 24 * 60 * 25.4 * 25.4 / 1e6 * 4 * 2.5;
        assertThat(plan.hang().weight().total().value().toKg()).isGreaterThan(mirror + 5);
        assertThat(plan.hang().chosen()).isEqualTo(Hardware.CLEAT);
        assertThat(plan.joints().chosen()).isEqualTo(JointKind.V_FASTENED);
        assertThat(plan.joints().used().lasting().orElseThrow().use()).isBetween(0.1, 0.5);
        assertThat(plan.safety()).extracting(Enum::name).contains("TWO_PEOPLE", "GLASS", "WALL");
    }

    /** Picture 36 × 24 + 2 × 1/4 all round + 2 × 3/8 walls. */
    @Test
    void theSeascapeFloats() {
        Plan plan = plan(5);
        assertSize(plan, Line.SIGHT, "36 1/2", "24 1/2");
        assertSize(plan, Line.OUTSIDE, "37 1/4", "25 1/4");
        assertThat(plan.frame().has(Line.GLASS)).isFalse();
    }

    /** Cloth: 48 + 2 × (3/4 + 1 1/2). */
    @Test
    void theSailclothWrapsItsBars() {
        assertThat(plan(6).fit().sheets().getFirst().width().value()).isEqualTo(in("64 1/2"));
        assertThat(plan(6).fit().sheets().getFirst().height().value()).isEqualTo(in("40 1/2"));
    }

    /**
     * Glass 6 × 4 + 1/16 − 2 × 1/4 + 2 × 1 1/4; the board is as large, its grain the longer way, twelve of them to a
     * stick's worth.
     */
    @Test
    void theTideCardsAreRoutedFromOneBoardEach() {
        Plan plan = plan(15);
        assertSize(plan, Line.OUTSIDE, "8 1/16", "6 1/16");
        assertThat(plan.cuts().sticks().stream().mapToInt(s -> s.placed().size()).sum()).isEqualTo(12);
        assertThat(plan.cuts()
                        .sticks()
                        .getFirst()
                        .placed()
                        .getFirst()
                        .piece()
                        .member()
                        .longPoint()
                        .value())
                .isEqualTo(in("8 1/16"));
        assertThat(plan.findings()).extracting(Finding::id).contains("round_corners").doesNotContain("glue_alone");
        assertThat(plan.movement().dry().value()).isEqualTo(Length.ZERO);
    }

    /** What is on the sticks is what the frames need, and nothing lies past a stick's trimmed ends. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 4, 5})
    void everyDemoJobIsLaidOutSoundly(int job) {
        Plan plan = plan(job);
        assertThat(plan.cuts().sticks().stream()
                        .mapToInt(s -> s.placed().size())
                        .sum())
                .isEqualTo(plan.assembly().frames().stream()
                                .mapToInt(frame -> (int) frame.pieces().count())
                                .sum()
                        * plan.job().quantity());
        for (StickLayout stick : plan.cuts().sticks()) {
            assertThat(stick.placed().getFirst().start()).isGreaterThanOrEqualTo(in("1/4"));
            assertThat(stick.placed().getLast().end()).isLessThanOrEqualTo(stick.length().minus(in("1/4")));
            for (int i = 1; i < stick.placed().size(); i++) {
                assertThat(stick.placed().get(i).start()).isGreaterThan(stick.placed().get(i - 1).end());
            }
        }
    }

    private static List<String> lengths(Plan plan) {
        return plan.frame()
                .pieces()
                .map(piece -> piece.side().letters() + " "
                        + piece.longPoint().value().toInches())
                .toList();
    }

    private static String setting(Plan plan, String id) {
        return plan.joints().settings().stream()
                .filter(figure -> figure.id().equals(id))
                .findFirst()
                .orElseThrow()
                .value()
                .toInches() + "";
    }

    /** Glass 20 × 16; + 1/8 − 3/4 + 5: outside 24 3/8 × 20 3/8, and so is every piece; cheeks half of 7/8. */
    @Test
    void theOldPierBoards() {
        Plan plan = plan(17);
        assertThat(lengths(plan)).containsExactly("A–B 24.375", "B–C 20.375", "C–D 24.375", "D–A 20.375");
        assertThat(setting(plan, "joint.square_depth")).isEqualTo("0.4375");
        assertThat(setting(plan, "joint.peg_length")).isEqualTo("1.125");
        assertThat(plan.findings()).extracting(Finding::id).containsOnly("rack_short");
    }

    /** Outside 18 × 14: the tops stand in housings of a third of 3/4: 18 − 1 1/2 + 1/2 = 17. */
    @Test
    void theTideDisplayInItsBox() {
        Plan plan = plan(18);
        assertThat(lengths(plan)).containsExactly("A–B 17.0", "B–C 14.0", "C–D 17.0", "D–A 14.0");
        assertThat(plan.findings()).extracting(Finding::id).doesNotContain("square_section");
    }

    /** Rails run through: 36 + 1/8 − 1 + 6 = 41 1/8; stiles stand between, 24 + 1/8 − 1 = 23 1/8. */
    @Test
    void theQuayNoticeBoard() {
        Plan plan = plan(19);
        assertThat(lengths(plan)).containsExactly("A–B 41.125", "B–C 23.125", "C–D 41.125", "D–A 23.125");
        assertThat(plan.joints().used().fits()).isTrue();
    }

    /** A bar across 60 × 36 bars of 1 3/4: 36 − 3 1/2 long, in the middle of 56 1/2. */
    @Test
    void theSailclothHasABarAcross() {
        Plan plan = plan(6);
        assertThat(lengths(plan)).contains("U1 32.5");
        assertThat(plan.findings()).extracting(Finding::id).doesNotContain("drawn_in", "no_finish");
    }

    /** Sight 22 × 58 and faces of 5 1/2; 22 − 2·2 are 3 repeats of 6, 58 − 2·2 are 9; (6²/16 + 1.25²/4) / 1.25. */
    @Test
    void theWavedFaceOfTheEntranceMirror() {
        Plan plan = plan(23);
        assertSize(plan, Line.OUTSIDE, "33", "69");
        assertThat(plan.frame().edgeRuns()).extracting(EdgeRun::count).containsExactly(3, 9, 3, 9);
        assertThat(plan.frame().edgeRuns().getFirst().pitch()).isEqualTo(Length.inches(6));
        assertThat(plan.frame()
                        .edgeRuns()
                        .getFirst()
                        .radius(plan.job().body().edge().orElseThrow())
                        .toMm())
                .isCloseTo((36 / 16.0 + 1.25 * 1.25 / 4) / 1.25 * 25.4, within(1e-4));
        assertThat(plan.cuts().sheeted()).hasSize(4);
        assertThat(plan.findings()).extracting(Finding::id).containsOnly("make_sticks");
    }

    /** Opening 28 × 42, gaps of 1/16: leaves (28 − 3/16) / 2 wide and 42 − 1/8 high; slats 10 29/32 + 5/8 − 1/32. */
    @Test
    void theLookoutWindowHasAPairOfShutters() {
        Plan plan = Planner.at(plan(25), 1);
        assertSize(plan, Line.OUTSIDE, "13 29/32", "41 7/8");
        assertThat(lengths(plan)).contains("A–B 13.90625", "B–C 41.875", "S1 11.5");
        assertThat(Planner.ofParts(plan).subList(0, 2))
                .allSatisfy(part -> assertThat(part.findings())
                        .extracting(Finding::id)
                        .containsOnly("rack_short"));
    }

    /** Glass 10 + 1/8 − 1/2 + 2 3/4: 12 3/8 and a cut in 7 repeats of 2; the next piece begins 14 further on. */
    @Test
    void theKnotCardIsCutInWholeRepeats() {
        Plan plan = plan(28);
        List<StickLayout.Placed> long1 = plan.cuts().sticks().stream()
                .flatMap(stick -> stick.placed().stream())
                .filter(placed -> placed.piece().member().side().name() == Side.Name.TOP)
                .toList();
        assertThat(long1.get(1).start().minus(long1.get(0).start()).ratio(in("2")) % 1)
                .isEqualTo(0, within(1e-6));
        assertThat(plan.findings()).extracting(Finding::id).containsOnly("rack_short", "print_upside_down");
    }

    /** Picture 20 × 16, 1/4 free; ledge outside 20 1/2, screws 3/8 + 3/4 − 1/8; 1 5/8 − 3/8 − 3/4 below the front. */
    @Test
    void theBreakwaterStudyStandsOnALedgeOfStrips() {
        Plan plan = plan(27);
        assertSize(Planner.at(plan, 1), Line.OUTSIDE, "20 1/2", "16 1/2");
        assertThat(plan.depth().left().value()).isEqualTo(in("1/2"));
        assertThat(plan.figures(Station.FIT))
                .filteredOn(figure -> figure.id().equals("float.screw"))
                .extracting(Figure::value)
                .isEqualTo(List.of(in("1")));
        assertThat(plan.findings()).extracting(Finding::id).containsOnly("rack_short");
    }

    /** The frame is 28 + 2 · 2 1/2 wide: 33, and an inch more at each end. */
    @Test
    void aCurvedCapStandsOnTheLookoutWindow() {
        Plan plan = Planner.at(plan(25), 2);
        assertSize(plan, Line.OUTSIDE, "35", "7");
        assertThat(plan.findings())
                .extracting(Finding::id)
                .containsOnly("rack_short", "past_reach", "saw_proved_elsewhere", "short_piece", "mirror_images");
        assertThat(plan.glue().steps()).extracting(step -> step.key()).contains("attach.on_top_pockets");
    }

    /**
     * Rabbet 1/2 and backing 1 1/4 make 1 3/4 of room for 1 3/8. Backing outside 15 3/4 − 2 · 1/4, inside 13 3/4: 3/4
     * beside a screen of 12 1/4. The vent: middle 7 5/8, ± 3.
     */
    @Test
    void theTideScreenHasItsRoom() {
        Plan plan = plan(26);
        assertThat(plan.fit().behind())
                .extracting(free -> free.value().toMm() / 25.4)
                .usingComparatorForType((a, b) -> Math.abs(a - b) < 1e-6 ? 0 : 1, Double.class)
                .containsExactly(1.75, 0.75, 0.75, 0.75, 0.75);
        SideOpening vent = SideOpening.of(plan.assembly()).getFirst();
        assertThat(vent.from()).isEqualTo(in("4 5/8"));
        assertThat(vent.to()).isEqualTo(in("10 5/8"));
        assertThat(plan.findings()).extracting(Finding::id).containsOnly("rack_short");
    }

    /** Half-laps with a screw that leaves wood before its tip, and no glue to wait for. */
    @Test
    void theTravellingNoticeComesApart() {
        Plan plan = plan(24);
        assertThat(setting(plan, "joint.lap_screw")).isEqualTo("0.75");
        assertThat(plan.glue().times()).isEmpty();
        assertThat(plan.findings()).extracting(Finding::id).containsOnly("rack_short");
    }

    /** Mirror 36 × 42, pieces 3 wide, 3/4 over it: 36 + 2 · 2 1/4 = 40 1/2; stiles between rails 46 1/2 − 6. */
    @Test
    void theSurroundOfTheWashRoomMirror() {
        Plan plan = plan(22);
        assertSize(plan, Line.OUTSIDE, "40 1/2", "46 1/2");
        assertThat(lengths(plan)).containsExactly("A–B 40.5", "B–C 40.5", "C–D 40.5", "D–A 40.5");
        assertThat(plan.hang().hookHeight()).isEmpty();
    }
}
