package neatcorner.core.plan;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.finish.Recipes;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Layer;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.Tape;
import neatcorner.core.job.Trouble;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Phrasebook;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The mistakes Neat Corner exists to stop: each is found, said with its amount, and cured by its own remedy. */
class FindingsTest {
    private record Case(Severity severity, boolean amount, boolean cured, Supplier<Job> job) {
    }

    private static Job thin(String width, String height, String face) {
        return Sample.job(width, height).withSection(Sample.rabbeted(face, "1", "1/4", "1/2"));
    }

    private static Job cut(Job job, Cutting cutting) {
        return job.withChoices(job.choices().withCutting(cutting));
    }

    private static Job with(Job job, Habit habit, String value) {
        return job.withOverrides(job.overrides().with(habit, in(value)));
    }

    private static Job joint(Job job, JointKind kind, String fastener) {
        return job.withChoices(job.choices().withJoint(Optional.of(kind)).withFastener(
                fastener.isEmpty() ? Optional.empty() : Optional.of(in(fastener))));
    }

    private static Job packed(Material.Role role, Material material) {
        return Sample.job("12", "14").withContents(Sample.job("12", "14").contents().with(role, Optional.of(material)));
    }

    private static Job finished(Coat... coats) {
        Job job = Sample.job("8", "10");
        return job.withChoices(job.choices().withFinish(List.of(coats)));
    }

    private static Job measured(String ac, String bd) {
        return Sample.job("12", "13").withMeasured(Tape.DIAGONAL_AC, in(ac)).withMeasured(Tape.DIAGONAL_BD, in(bd));
    }

    private static final Map<String, Case> CASES = Map.ofEntries(
            Map.entry(
                    "rabbet_too_shallow",
                    new Case(
                            Severity.STOP,
                            true,
                            true,
                            () -> Sample.job("12", "14").withSection(Sample.rabbeted("1 1/2", "3/4", "1/4", "3/16")))),
            Map.entry("corner_sharp", new Case(Severity.CAUTION, true, false, () -> Sample.job("12", "14")
                    .withOutline(new Outline.Free(
                            Line.GLASS,
                            List.of(
                                    new Corner(in("0"), in("0")),
                                    new Corner(in("60"), in("6")),
                                    new Corner(in("0"), in("12"))))))),
            Map.entry(
                    "trouble_nowhere",
                    new Case(Severity.NOTE, false, true, () -> Sample.job("12", "14")
                            .withTrouble(Optional.of(new Trouble(Trouble.Kind.GAP, 7, in("1/64")))))),
            Map.entry(
                    "no_room_for_points",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> Sample.job("12", "14").withSection(Sample.rabbeted("1 1/2", "3/4", "1/4", "5/16")))),
            Map.entry(
                    "front_thin",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> Sample.job("12", "14").withSection(Sample.rabbeted("1 1/2", "3/4", "1/4", "11/16")))),
            Map.entry(
                    "rabbet_through_front",
                    new Case(
                            Severity.STOP,
                            true,
                            true,
                            () -> Sample.job("12", "14")
                                    .withSection(new Section(
                                            "s",
                                            Species.ASH,
                                            in("1 1/2"),
                                            in("3/4"),
                                            new Recess.Rabbet(in("1/4"), in("1/2")),
                                            new Profile(Profile.Shape.SLOPE, in("1/2")))))),
            Map.entry(
                    "no_play",
                    new Case(Severity.STOP, true, true, () -> with(Sample.job("12", "14"), Habit.PLAY, "0"))),
            Map.entry(
                    "lip_narrow",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> Sample.job("12", "14").withSection(Sample.rabbeted("1 1/2", "3/4", "1/8", "1/2")))),
            Map.entry(
                    "picture_proud",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> Sample.floating("20", "20")
                                    .withContents(Sample.floating("20", "20")
                                            .contents()
                                            .withThickness(0, in("1 1/2"))))),
            Map.entry("short_piece", new Case(Severity.CAUTION, true, false, () -> Sample.job("4", "6"))),
            Map.entry(
                    "mirror_images",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> Sample.job("12", "14").withFace("bottom", Optional.of(in("2 1/2"))))),
            Map.entry(
                    "no_kerf",
                    new Case(Severity.CAUTION, false, false, () -> with(Sample.job("12", "14"), Habit.KERF, "0"))),
            Map.entry(
                    "piece_too_long",
                    new Case(
                            Severity.STOP,
                            true,
                            true,
                            () -> new Edit.Build(Construction.ONE_PIECE).apply(Sample.job("110", "4")))),
            Map.entry("side_joined", new Case(Severity.CAUTION, true, true, () -> Sample.job("110", "38"))),
            Map.entry(
                    "group_too_long",
                    new Case(
                            Severity.STOP,
                            true,
                            true,
                            () -> cut(Sample.job("40", "30"), Cutting.FREE.withMatched(true)))),
            Map.entry(
                    "wishes_refused",
                    new Case(
                            Severity.CAUTION,
                            false,
                            true,
                            () -> cut(
                                    Sample.job("40", "30"),
                                    Sample.kept(
                                            "A–B/1",
                                            "rack 2438.4 #1",
                                            "C–D/1",
                                            "rack 2438.4 #1",
                                            "B–C/1",
                                            "rack 2438.4 #1")))),
            Map.entry(
                    "rack_short",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> Sample.job("24", "36").withQuantity(20))),
            Map.entry(
                    "glue_alone",
                    new Case(Severity.STOP, true, true, () -> joint(Sample.job("30", "40"), JointKind.GLUED, ""))),
            Map.entry(
                    "joint_too_weak",
                    new Case(Severity.CAUTION, true, true, () -> joint(Sample.job("30", "40"), JointKind.PINNED, ""))),
            Map.entry("no_room_for_screws", new Case(Severity.CAUTION, true, false, () -> Sample.job("8", "10")
                    .withSection(Sample.rabbeted("1 1/2", "1/4", "1/4", "1/8")))),
            Map.entry("many_screws", new Case(Severity.CAUTION, true, false, () -> {
                Job job = thin("110", "9", "2");
                return job.withChoices(job.choices().withHardware(Optional.of(Hardware.RINGS_AND_WIRE)));
            })),
            Map.entry("joint_beyond", new Case(Severity.STOP, true, false, () -> thin("78", "118", "1"))),
            Map.entry("side_breaks", new Case(Severity.STOP, true, false, () -> thin("60", "90", "1/2"))),
            Map.entry("side_sags", new Case(Severity.CAUTION, true, false, () -> thin("70", "30", "1 1/4"))),
            Map.entry("side_bows_in", new Case(Severity.CAUTION, true, false, () -> thin("30", "70", "1"))),
            Map.entry("lifted_badly", new Case(Severity.CAUTION, true, true, () -> joint(
                    thin("42", "60", "1 1/4"), JointKind.V_FASTENED, ""))),
            Map.entry("corners_outside", new Case(Severity.STOP, true, false, () -> packed(
                            Material.Role.GLAZING, Material.MIRROR)
                    .withGiven(Axis.WIDTH, new Size(Line.GLASS, in("90")))
                    .withGiven(Axis.HEIGHT, new Size(Line.GLASS, in("90"))))),
            Map.entry(
                    "joint_does_not_fit",
                    new Case(
                            Severity.STOP,
                            false,
                            true,
                            () -> joint(Sample.job("12", "14"), JointKind.V_FASTENED, "3/4"))),
            Map.entry(
                    "open_time_short",
                    new Case(
                            Severity.CAUTION,
                            false,
                            true,
                            () -> Sample.job("12", "14")
                                    .withChoices(Sample.job("1", "1").choices().withAdhesive(Adhesive.HIDE)))),
            Map.entry("cannot_close", new Case(Severity.STOP, false, true, () -> measured("40", "20"))),
            Map.entry("out_of_square", new Case(Severity.CAUTION, true, true, () -> measured("21 3/8", "21 1/4"))),
            Map.entry("glass_will_not_drop_in", new Case(Severity.STOP, true, true, () -> measured("22", "20 5/8"))),
            Map.entry(
                    "sides_not_alike",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> measured("21 5/16", "21 5/16").withMeasured(Tape.TOP, in("14 3/4")))),
            Map.entry("no_finish", new Case(Severity.NOTE, false, true, () -> Sample.job("8", "10"))),
            Map.entry(
                    "not_sanded",
                    new Case(Severity.NOTE, false, true, () -> finished(Coat.of(Coat.Kind.WAX, "clear")))),
            Map.entry(
                    "product_not_written",
                    new Case(
                            Severity.CAUTION,
                            false,
                            false,
                            () -> finished(Coat.of(Coat.Kind.SAND, ""), Coat.of(Coat.Kind.STAIN, "")))),
            Map.entry(
                    "mat_overlap",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> with(Sample.matted("2", "2", "2"), Habit.MAT_OVERLAP, "1/16"))),
            Map.entry("mat_low", new Case(Severity.NOTE, true, true, () -> Sample.matted("2", "2", "1 1/2"))),
            Map.entry(
                    "slender",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> Sample.job("40", "12").withSection(Sample.rabbeted("3/4", "1", "1/4", "1/2")))),
            Map.entry(
                    "strainer_proud",
                    new Case(
                            Severity.NOTE,
                            true,
                            true,
                            () -> Sample.strained(Sample.job("40", "12")))),
            Map.entry(
                    "loose_before_step",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> packed(Material.Role.BACKING, Material.PLYWOOD)
                                    .withSection(Sample.plain()
                                            .withThickness(in("1 1/2"))
                                            .withRecess(new Recess.DoubleRabbet(
                                                    in("1/4"), in("1"), in("1/2"), in("1/2")))))),
            Map.entry(
                    "drawn_in",
                    new Case(
                            Severity.CAUTION,
                            true,
                            true,
                            () -> Sample.job("40", "20")
                                    .withContents(Contents.NOTHING)
                                    .withSection(new Section(
                                            "bar", Species.PINE, in("1"), in("3/4"), new Recess.Bar(), Profile.FLAT))
                                    .withGiven(Axis.WIDTH, new Size(Line.OUTSIDE, in("40")))
                                    .withGiven(Axis.HEIGHT, new Size(Line.OUTSIDE, in("20"))))),
            Map.entry("rings_in_hollow", new Case(Severity.CAUTION, true, true, () -> {
                Job job = Sample.job("20", "16");
                return job.withSection(
                        job.section().withRelief(Optional.of(new Relief(in("1/4"), in("3/4"), in("1/16")))));
            })),
            Map.entry("round_corners_canvas", new Case(Severity.CAUTION, true, true, () -> {
                Job job = packed(Material.Role.ART, Material.CANVAS_ON_BARS);
                return job.withChoices(job.choices().withRabbeting(Rabbeting.AFTER_ROUNDED));
            })),
            Map.entry(
                    "too_heavy",
                    new Case(
                            Severity.STOP,
                            true,
                            false,
                            () -> packed(Material.Role.GLAZING, Material.MIRROR)
                                    .withGiven(Axis.WIDTH, new Size(Line.GLASS, in("90")))
                                    .withGiven(Axis.HEIGHT, new Size(Line.GLASS, in("90"))))),
            Map.entry("hardware_too_light", new Case(Severity.STOP, true, true, () -> {
                Job job = Sample.job("24", "36");
                return job.withChoices(job.choices().withHardware(Optional.of(Hardware.SAW_TOOTH)));
            })),
            Map.entry("flat_wire", new Case(Severity.CAUTION, true, true, () -> {
                Job job = Sample.job("40", "10");
                return job.withChoices(job.choices().withHardware(Optional.of(Hardware.RINGS_AND_WIRE)));
            })));

    @TestFactory
    Stream<DynamicTest> everyMistakeIsFoundSaidAndCured() {
        return CASES.entrySet().stream().sorted(Map.Entry.comparingByKey())
                .map(entry -> DynamicTest.dynamicTest(entry.getKey(), () -> check(entry.getKey(), entry.getValue())));
    }

    private static void check(String id, Case expected) {
        Shop shop = Sample.shop();
        Job job = expected.job().get();
        Plan plan = Planner.plan(job, shop);
        Finding finding = plan.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("not found; only "
                        + plan.findings().stream().map(Finding::id).toList()));
        assertThat(finding.severity()).isEqualTo(expected.severity());
        assertThat(finding.amount().isPresent()).as("says by how much").isEqualTo(expected.amount());
        Phrasebook book = new Phrasebook(Graduation.INCH_16);
        assertThat(book.say(finding.what())).isNotBlank().doesNotContain("{");
        assertThat(book.say(finding.cure())).isNotBlank().doesNotContain("{");
        Remedy remedy = finding.remedy().orElseThrow();
        assertThat(book.say(remedy.words())).isNotBlank();
        Plan after = switch (remedy) {
            case Remedy.OnJob(_, Edit edit) -> Planner.plan(edit.apply(job), shop);
            case Remedy.OnShop(_, ShopEdit edit) -> Planner.plan(job, edit.apply(shop));
            case Remedy.Visit _, Remedy.Prove _ -> plan;
        };
        if (expected.cured()) {
            assertThat(after.findings())
                    .extracting(Finding::id)
                    .as("one press on “" + book.say(remedy.words()) + "” cures it")
                    .doesNotContain(id);
        }
    }

    @Test
    void withoutClampsPinsCloseTheFrame() {
        Shop bare = Sample.shop().withClamps(List.of());
        Job job = joint(Sample.job("12", "14"), JointKind.SPLINED, "");
        Plan plan = Planner.plan(job, bare);
        Finding finding = plan.findings().stream().filter(f -> f.id().equals("no_clamps")).findFirst().orElseThrow();
        Job pinned = ((Remedy.OnJob) finding.remedy().orElseThrow()).edit().apply(job);
        assertThat(Planner.plan(pinned, bare).findings()).extracting(Finding::id).doesNotContain("no_clamps");
    }

    @Test
    void aGoodFrameHasNothingAgainstIt() {
        Job job = joint(Sample.job("12", "14"), JointKind.SPLINED, "");
        job = job.withChoices(job.choices()
                .withFinish(Recipes.OIL.stream()
                        .map(c -> new Coat(c.kind(), "named", c.pause()))
                        .toList()));
        Plan plan = Planner.plan(job, Sample.shop(Sample.plain(), new Sticks(in("96"), 4)));
        assertThat(plan.findings()).isEmpty();
    }

    @Test
    void stopsComeFirst() {
        Job job = with(Sample.matted("2", "2", "1 1/2"), Habit.PLAY, "0");
        assertThat(Planner.plan(job, Sample.shop()).findings()).extracting(Finding::severity).isSorted();
    }

    @Test
    void aMatWithoutBordersAndBordersWithoutAMatCannotBe() {
        Borders borders = new Borders(in("2"), in("2"), in("2"));
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() -> new Contents(List.of(), Optional.of(borders))))
                .hasMessageContaining("no mat");
        assertThat(org.assertj.core.api.Assertions.catchThrowable(
                        () -> new Contents(List.of(Layer.of(Material.MAT_4_PLY)), Optional.empty())))
                .hasMessageContaining("borders");
        assertThat(org.assertj.core.api.Assertions.catchThrowable(() ->
                        new Contents(List.of(Layer.of(Material.MDF), Layer.of(Material.HARDBOARD)), Optional.empty())))
                .hasMessageContaining("backing");
        assertThat(Contents.NOTHING.stack()).isEqualTo(Length.ZERO);
    }

    /**
     * A backing is told to be thinner only where that can be enough: of 6.35 mm of plywood 4.3 mm can be saved, 5.9 mm
     * cannot.
     */
    @ParameterizedTest
    @CsvSource({"5/16,finding.thinner_backing", "1/4,finding.thinner_package"})
    void aThinnerBackingIsNamedOnlyWhereItCures(String deep, String cure) {
        Job plywood = packed(Material.Role.BACKING, Material.PLYWOOD);
        Job thick = plywood.withContents(
                plywood.contents().withThickness(plywood.contents().layers().size() - 1, in("1/4")));
        Finding finding = Planner.plan(thick.withSection(Sample.rabbeted("1 1/2", "3/4", "1/4", deep)), Sample.shop())
                .findings()
                .stream()
                .filter(f -> f.id().equals("rabbet_too_shallow"))
                .findFirst()
                .orElseThrow();
        assertThat(finding.cure().args()).contains(Words.of(cure));
    }

    /** A groove too near the front moves back; it is no rabbet, and no word of its plan calls it one. */
    @Test
    void aGrooveIsCalledOneAndMovesBack() {
        Job job = Sample.job("12", "14")
                .withSection(Sample.rabbeted("1 1/2", "3/4", "3/16", "1/2")
                        .withRecess(new Recess.Slot(in("1/8"), in("7/16"), in("1/4"))))
                .withContents(packed(Material.Role.BACKING, Material.PLYWOOD).contents());
        Plan plan = Planner.plan(job, Sample.shop());
        Phrasebook book = new Phrasebook(Graduation.INCH_16);
        for (String id : List.of("front_thin", "lip_narrow")) {
            Finding finding = plan.findings().stream()
                    .filter(one -> one.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError(id + " in " + plan.findings()));
            assertThat(book.say(finding.what()) + book.say(finding.cure())
                            + book.say(finding.remedy().orElseThrow().words()))
                    .contains("groove")
                    .doesNotContain("rabbet")
                    .doesNotContain(" lip");
            Edit edit = ((Remedy.OnJob) finding.remedy().orElseThrow()).edit();
            assertThat(Planner.edited(plan, edit).findings())
                    .noneMatch(one -> one.id().equals(id));
        }
    }
}
