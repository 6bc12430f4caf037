package neatcorner.core.drawing;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.SheetLot;
import neatcorner.core.edit.Edit;
import neatcorner.core.finish.Recipes;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Tape;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Numeral;
import neatcorner.core.outline.Vector;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Rack;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.section.Ready;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class DrawingTest {
    /** A face in which every sign is half as wide as it is high. */
    private static final Lettering PLAIN = new Lettering() {
        @Override
        public double width(String text, double size, boolean bold) {
            return text.length() * size / 2;
        }

        @Override
        public double figures(String text, double size) {
            return text.length() * size / 2;
        }
    };
    private static final Reader READER = new Reader(new Phrasebook(Graduation.INCH_16), PLAIN, 1);

    private static Stream<Job> jobs() {
        return Stream.of(
                Sample.job("8", "10"),
                Sample.matted("2", "2", "2 1/2").withFace("bottom", Optional.of(in("2 1/2"))),
                Sample.floating("36", "24"),
                Sample.stretched("48", "30"),
                Sample.job("60", "14"),
                Sample.job("10", "70"),
                new Edit.Finish(Recipes.OIL).apply(Sample.strained(Sample.job("40", "12"))));
    }

    private static Plan plan(Job job) {
        return Planner.plan(job, Sample.shop());
    }

    private static Stream<Mark.At> points(Picture picture) {
        return picture.marks().stream().flatMap(mark -> switch (mark) {
            case Mark.Area area -> area.outline().stream();
            case Mark.Photo photo -> photo.outline().stream();
            case Mark.Stroke stroke -> stroke.points().stream();
            case Mark.Text text -> Stream.of(text.at());
            case Mark.Number number -> Stream.of(number.at());
            case Mark.Tag tag -> Stream.of(tag.at());
            case Mark.Grip grip -> Stream.of(grip.at());
            case Mark.Spot spot -> Stream.of(spot.from(), spot.to());
        });
    }

    @ParameterizedTest
    @EnumSource(Station.class)
    void nothingIsDrawnOutsideThePicture(Station station) {
        jobs().forEach(job -> {
            Picture picture = FrameDrawing.draw(plan(job), station, READER, 560, 520);
            assertThat(points(picture)).allSatisfy(at -> {
                assertThat(at.x()).isBetween(-0.5, 560.5);
                assertThat(at.y()).isBetween(-0.5, 520.5);
            });
        });
    }

    /** The members drawn are the members planned: areas to scale, long edges as long as their long points. */
    @Test
    void membersAreDrawnToScaleAndMeetWithoutGapOrOverlap() {
        jobs().forEach(job -> {
            Plan plan = plan(job);
            Picture picture = FrameDrawing.draw(plan, Station.CUTS, READER, 560, 520);
            List<Mark.Area> members = picture.marks().stream()
                    .filter(Mark.Area.class::isInstance)
                    .map(Mark.Area.class::cast)
                    .filter(area -> area.fill() instanceof Paint.Wood wood
                            && wood.species().equals(job.section().species()))
                    .toList();
            assertThat(members).hasSize(4);
            Mark.Area top = members.getFirst();
            double scale = distance(top.outline().get(0), top.outline().get(1))
                    / plan.frame().members().getFirst().longPoint().value().toMm();
            for (int i = 0; i < 4; i++) {
                var member = plan.frame().members().get(i);
                List<Mark.At> outline = members.get(i).outline();
                assertThat(distance(outline.get(0), outline.get(1)))
                        .isCloseTo(member.longPoint().value().toMm() * scale, within(1e-6));
                assertThat(distance(outline.get(2), outline.get(3)))
                        .isCloseTo(member.shortPoint().value().toMm() * scale, within(1e-5));
                List<Mark.At> next = members.get((i + 1) % 4).outline();
                assertThat(distance(outline.get(1), next.get(0)))
                        .as("outside corners meet")
                        .isLessThan(1e-6);
                assertThat(distance(outline.get(2), next.get(3)))
                        .as("sight corners meet")
                        .isLessThan(1e-4);
            }
        });
    }

    private static double distance(Mark.At a, Mark.At b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    @Test
    void theGivenSizesCarryTagsAndSoDoTheLongPoints() {
        Picture picture = FrameDrawing.draw(plan(Sample.job("8", "10")), Station.BRIEF, READER, 560, 520);
        assertThat(picture.tags().map(tag -> tag.figure().id()))
                .contains("glass.width", "glass.height", "member.top.long", "member.right.long");
        Picture glue = FrameDrawing.draw(plan(Sample.job("8", "10")), Station.GLUE_UP, READER, 560, 520);
        assertThat(glue.tags().map(Mark.Tag::figure)).hasSize(6).allMatch(Tape.class::isInstance);
        assertThat(glue.tags()).allMatch(tag -> tag.value().whole().equals("?"));
    }

    @Test
    void everyTagOfTheSectionShowsTheNumberItStandsFor() {
        jobs().forEach(job -> {
            Plan plan = plan(job);
            Picture picture = SectionDrawing.draw(plan, READER, 420, 300);
            assertThat(picture.tags().toList()).isNotEmpty().allSatisfy(tag ->
                    assertThat(tag.value()).isEqualTo(READER.book().numeral(plan.figure(tag.figure()).orElseThrow())));
            assertThat(SectionDrawing.plain(plan, READER, 420, 300).tags()).isEmpty();
        });
    }

    @Test
    void sticksShowEveryPieceOnceWithItsTrueLength() {
        Plan plan = plan(Sample.job("12", "13").withQuantity(6));
        Picture picture = StickDrawing.draw(plan, READER, 900, StickDrawing.MOST_SHOWN);
        long labelled = picture.marks().stream()
                .filter(mark -> mark instanceof Mark.Text text && text.text().matches("[A-D]–[A-D].*"))
                .count();
        assertThat(labelled).isEqualTo(24);
        assertThat(picture.height()).isGreaterThan(plan.cuts().sticks().size() * 24.0);
        long kerfs = picture.marks().stream()
                .filter(mark ->
                        mark instanceof Mark.Stroke stroke && stroke.paint().equals(Paint.of(Ink.SAW)))
                .count();
        assertThat(kerfs).as("two cuts a piece").isEqualTo(48);
        List<Double> scales = picture.marks().stream()
                .filter(mark -> mark instanceof Mark.Spot spot && spot.what() instanceof Thing.Piece)
                .map(mark -> (Mark.Spot) mark)
                .map(spot -> (spot.to().x() - spot.from().x())
                        / longPoint(plan, ((Thing.Piece) spot.what()).id().letters()))
                .toList();
        assertThat(scales)
                .hasSize(24)
                .allSatisfy(scale -> assertThat(scale).isCloseTo(scales.getFirst(), within(1e-6)));
    }

    /** Whichever is looked at, the corner drawn large is that one, in the plan's own angle. */
    @Test
    void everyCornerCanBeLookedAt() {
        jobs().filter(job -> !plan(job).frame().isSolid()).forEach(job -> {
            Plan plan = plan(job);
            int sides = plan.frame().members().size();
            for (int side = 0; side < sides; side++) {
                String letter = plan.frame().members().get(side).side().to();
                assertThat(plan.atCorner(side).frame().angles().get(1))
                        .isEqualTo(plan.frame().angles().get((side + 1) % sides));
                Picture picture = CornerSheet.draw(plan, side, Turn.NONE, READER, 540, 600);
                assertThat(picture.marks().stream()
                                .filter(mark -> mark instanceof Mark.Text text
                                        && text.text().equals(letter)))
                        .hasSize(2);
                assertThat(picture.marks().stream().filter(mark ->
                                mark instanceof Mark.Spot spot && spot.what() instanceof Thing.Corner))
                        .hasSize(sides);
            }
        });
    }

    /** However it is turned, an eye looks along a unit vector square to what is right and down for it, right-handed. */
    @Property(tries = 200, seed = Seed.FIXED)
    void anEyeStaysSquareToItsPicture(
            @ForAll @DoubleRange(min = -9, max = 9) double aside, @ForAll @DoubleRange(min = -9, max = 9) double down) {
        Eye eye = Eye.of(new Vector(0.3, -0.5, 0.8), new Vector(1, 0.2, 0)).turned(Turn.NONE.by(aside, down));
        assertThat(eye.to().length()).isCloseTo(1, within(1e-9));
        assertThat(eye.right().length()).isCloseTo(1, within(1e-9));
        assertThat(eye.to().dot(eye.right())).isCloseTo(0, within(1e-9));
        assertThat(eye.to().cross(eye.right()).minus(eye.down()).length()).isLessThan(1e-9);
        // As much to the right as is turned aside, seen from the first eye.
        Eye first = Eye.of(new Vector(0, 0, 1), new Vector(1, 0, 0)).turned(new Turn(0.5, 0));
        assertThat(Math.atan2(first.to().x(), first.to().z())).isCloseTo(0.5, within(1e-9));
    }

    private static double longPoint(Plan plan, String letters) {
        return plan.frame().members().stream()
                .filter(member -> member.side().letters().equals(letters))
                .findFirst()
                .orElseThrow()
                .longPoint()
                .value()
                .toMm();
    }

    @Test
    void theFinishRulerHasARowForEveryStep() {
        Plan plan = plan(new Edit.Finish(Recipes.OIL).apply(Sample.job("8", "10")));
        Picture picture = FinishDrawing.draw(plan, READER, 400);
        assertThat(picture.marks().stream().filter(Mark.Area.class::isInstance)).hasSize(plan.finish().steps().size());
    }

    @Test
    void cornersOfAllJointsAreDrawn() {
        for (JointKind kind : Joints.kinds()) {
            Plan plan = plan(new Edit.ChooseJoint(Optional.of(kind)).apply(Sample.job("12", "13")));
            assertThat(CornerDrawing.draw(plan, READER, 300, 200).marks()).isNotEmpty();
        }
    }

    /** The fraction stands over and under its bar, beside the whole number, and the width holds it all. */
    @Test
    void fractionsAreStacked() {
        Numeral numeral = Graduation.INCH_16.write(in("14 7/8"));
        StackedNumeral set = StackedNumeral.of(numeral, 20, PLAIN);
        assertThat(set.runs()).extracting(StackedNumeral.Run::text).containsExactly("14", "7", "8", "″");
        assertThat(set.runs().get(1).baseline()).isGreaterThan(set.barAt());
        assertThat(set.runs().get(2).baseline()).isLessThan(set.barAt());
        assertThat(set.barFrom()).isGreaterThanOrEqualTo(20);
        assertThat(set.runs().getLast().x() + 10).isLessThanOrEqualTo(set.width() + 1e-9);
    }

    /** Contrast of text on its ground, by the formula of WCAG 2.1: at least 4.5 to 1 in both lights. */
    @ParameterizedTest
    @EnumSource(Palette.class)
    void textIsLegibleInBothLights(Palette palette) {
        for (Ink ground : List.of(Ink.PAPER, Ink.PANEL)) {
            for (Ink text : List.of(Ink.INK, Ink.SOFT, Ink.GIVEN, Ink.SAW, Ink.GOOD, Ink.CAUTION)) {
                assertThat(contrast(palette.rgb(text), palette.rgb(ground)))
                        .as(text + " on " + ground)
                        .isGreaterThan(4.5);
            }
        }
        assertThat(contrast(palette.rgb(Ink.GIVEN), palette.rgb(Ink.GIVEN_GROUND))).isGreaterThan(4.5);
    }

    /**
     * Whatever lies under a word or a number: wood of every species, glass, mirror, mat and what is drawn over them.
     */
    @Test
    void everythingWrittenIsLegibleOnWhatLiesUnderIt() {
        List<RackItem> sheets = Stream.of(
                        Material.PICTURE_GLASS,
                        Material.MIRROR,
                        Material.MAT_4_PLY,
                        Material.PAPER,
                        Material.CORRUGATED)
                .<RackItem>map(m -> new Sheet(
                        "S-" + m,
                        m,
                        in("40"),
                        in("32"),
                        Length.mm(2),
                        9,
                        true,
                        Sheet.Grain.NONE,
                        "",
                        Optional.empty(),
                        ""))
                .toList();
        Shop shop = Sample.shop().withRack(new Rack(sheets));
        List<Job> jobs = new ArrayList<>(jobs().toList());
        Species.known()
                .forEach(wood ->
                        jobs.add(new Edit.ChooseSection(Ready.FLAT.in(wood, "flat")).apply(Sample.job("12", "13"))));
        for (Job job : jobs) {
            Plan plan = Planner.plan(job, shop);
            List<Picture> pictures = new ArrayList<>(List.of(
                    CornerDrawing.draw(plan, READER, 500, 400),
                    SectionDrawing.draw(plan, READER, 500, 400),
                    StickDrawing.draw(plan, READER, 700, StickDrawing.FEW_SHOWN),
                    MitreFaceDrawing.draw(plan, READER, 400, 300),
                    FinishDrawing.draw(plan, READER, 400),
                    SheetDrawing.draw(
                            SheetLot.of(List.of(new Lots.Order("a", plan.frame())), shop, Answers.NONE), READER, 700)));
            Stream.of(Station.values())
                    .forEach(station -> pictures.add(FrameDrawing.draw(plan, station, READER, 600, 500)));
            pictures.addAll(rooms(plan));
            pictures.forEach(DrawingTest::isLegible);
        }
    }

    /** The pictures that stand for a station alone. */
    private static List<Picture> rooms(Plan plan) {
        List<LogDrawing.Event> events = List.of(
                new LogDrawing.Event(1, "1 May", "new job", false, false),
                new LogDrawing.Event(2, "2 May", "x".repeat(300), true, false));
        return List.of(
                CornerSheet.draw(plan, 0, Turn.NONE, READER, 540, 600),
                GlueClock.draw(plan, READER, 880),
                FrameDrawing.back(plan, READER, 880, 180),
                FitDrawing.draw(plan, READER, 540, 400),
                WallDrawing.draw(plan, READER, 540, 600),
                LogDrawing.draw(plan, events, READER, 540, 600));
    }

    /**
     * On the wall there is what the frame hangs on: as many hooks as are named, as far apart as its rings; a cleat is
     * long.
     */
    @ParameterizedTest
    @CsvSource({"RINGS_AND_WIRE, 1", "SAW_TOOTH, 1", "TWO_HOOKS, 2", "CLEAT, 1"})
    void theWallShowsWhatTheFrameHangsOn(Hardware hardware, int places) {
        Job job = Sample.job("24", "18");
        Plan plan = Planner.plan(job.withChoices(job.choices().withHardware(Optional.of(hardware))), Sample.shop());
        List<Mark.Area> areas = WallDrawing.draw(plan, READER, 540, 600).marks().stream()
                .filter(Mark.Area.class::isInstance)
                .map(Mark.Area.class::cast)
                .toList();
        List<Mark.Area> drawn = areas.stream().filter(area -> area.fill().equals(Paint.of(Ink.SAW))).toList();
        assertThat(drawn).hasSize(places);
        double floor = areas.stream()
                .filter(area -> area.fill().equals(Paint.of(Ink.BOARD)))
                .findFirst()
                .orElseThrow()
                .outline()
                .getFirst()
                .y();
        double hook = drawn.getFirst().outline().stream().mapToDouble(Mark.At::y).average().orElseThrow();
        double unit = (floor - hook) / plan.hang().hookHeight().orElseThrow().value().toMm();
        double across = drawn.getLast().outline().getFirst().x() - drawn.getFirst().outline().getFirst().x();
        assertThat(across)
                .isCloseTo(
                        places == 1
                                ? 0
                                : plan.hang()
                                                .rings()
                                                .orElseThrow()
                                                .apart()
                                                .value()
                                                .toMm()
                                        * unit,
                        within(0.5));
        double wide = drawn.getFirst().outline().get(1).x() - drawn.getFirst().outline().getFirst().x();
        assertThat(wide > 20).isEqualTo(hardware == Hardware.CLEAT);
    }

    /** Nothing that is said in a station's picture is cut off at its edge, whatever the job. */
    @Test
    void wordsOfTheRoomsStayInside() {
        jobs().map(DrawingTest::plan)
                .flatMap(plan -> rooms(plan).stream())
                .forEach(picture -> picture.marks().forEach(mark -> {
                    if (mark instanceof Mark.Text text) {
                        double wide = PLAIN.width(text.text(), text.size(), text.bold());
                        double left = text.at().x()
                                - switch (text.anchor()) {
                                    case START -> 0;
                                    case MIDDLE -> wide / 2;
                                    case END -> wide;
                                };
                        assertThat(left).as(text.text()).isGreaterThanOrEqualTo(-1);
                        assertThat(left + wide).as(text.text()).isLessThanOrEqualTo(picture.width() + 1);
                        assertThat(text.at().y()).as(text.text()).isBetween(0.0, picture.height());
                    }
                }));
    }

    /** However a number is set, the figures of its fraction are 11 high or as high as the number's own. */
    @ParameterizedTest
    @ValueSource(doubles = {12, 15, 16.9, 17, 19, 24, 36, 72})
    void fractionsCanBeRead(double size) {
        StackedNumeral set = StackedNumeral.of(Graduation.INCH_16.write(in("14 7/8")), size, PLAIN);
        assertThat(set.runs())
                .allMatch(run -> run.size() * StackedNumeral.CAP >= Math.min(11, size * StackedNumeral.CAP) - 1e-9);
        assertThat(set.runs().stream().map(StackedNumeral.Run::text).toList())
                .isEqualTo(size < 18.9 ? List.of("14", "7/8", "″") : List.of("14", "7", "8", "″"));
        assertThat(set.height()).isGreaterThanOrEqualTo(size);
    }

    private static void isLegible(Picture picture) {
        List<Mark> marks = picture.marks();
        for (int i = 0; i < marks.size(); i++) {
            switch (marks.get(i)) {
                case Mark.Text text ->
                    isLegible(
                            text.ink(),
                            Legible.ground(marks, i, Legible.Box.of(text, PLAIN).middle()),
                            text.text());
                case Mark.Number number ->
                    isLegible(
                            number.ink(),
                            Legible.ground(
                                    marks, i, Legible.Box.of(number, PLAIN).middle()),
                            number.numeral().toString());
                default -> { }
            }
        }
    }

    private static void isLegible(Ink ink, Paint ground, String what) {
        for (Palette palette : Palette.values()) {
            assertThat(contrast(palette.rgb(ink), ground.rgb(palette)))
                    .as("\"" + what + "\" in " + ink + " on " + ground + ", " + palette)
                    .isGreaterThanOrEqualTo(4.5);
        }
    }

    private static double contrast(int one, int other) {
        double a = luminance(one);
        double b = luminance(other);
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double luminance(int rgb) {
        return 0.2126 * channel(rgb >> 16) + 0.7152 * channel(rgb >> 8) + 0.0722 * channel(rgb);
    }

    private static double channel(int value) {
        double c = (value & 0xFF) / 255.0;
        return c <= 0.03928 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }
}
