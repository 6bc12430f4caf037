package neatcorner.core.words;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.finish.Recipes;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.LayerKey;
import neatcorner.core.job.Note;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.Tape;
import neatcorner.core.job.Trouble;
import neatcorner.core.joint.HiddenFastener;
import neatcorner.core.making.Surface;
import neatcorner.core.making.Tool;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.mend.Mending;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.FaceKey;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Ready;
import neatcorner.core.section.SectionKey;
import neatcorner.core.section.Strip;
import neatcorner.core.section.StripKey;
import neatcorner.core.shop.ClampKind;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Species;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PhrasebookTest {
    private final Phrasebook inches = new Phrasebook(Graduation.INCH_16);
    private final Phrasebook millimetres = new Phrasebook(Graduation.MM_HALF);

    private static Stream<Job> jobs() {
        Stream<Job> ready = Stream.of(Ready.values())
                .map(r -> new Edit.ChooseSection(r.in(Species.ASH, "r")).apply(Sample.job("20", "30")))
                .flatMap(job -> Stream.of(Rabbeting.AFTER_ROUNDED, Rabbeting.AFTER_SQUARED)
                        .map(r -> new Edit.ChooseRabbeting(r).apply(job)));
        return Stream.concat(ready, plain());
    }

    private static Stream<Job> plain() {
        Job strained = Sample.strained(Sample.job("60", "14"));
        Job measured = Sample.job("12", "13")
                .withMeasured(Tape.DIAGONAL_AC, in("21 1/2"))
                .withMeasured(Tape.DIAGONAL_BD, in("21"));
        return Stream.of(
                Sample.job("8", "10"),
                Sample.matted("2", "2", "2 1/2").withFace("bottom", Optional.of(in("2 1/2"))),
                Sample.floating("36", "24"),
                Sample.stretched("48", "30"),
                strained,
                measured,
                troubled(Trouble.Kind.OPENED, "1/8"),
                troubled(Trouble.Kind.GAP, "1/64"),
                troubled(Trouble.Kind.GAP, "1/8"),
                troubled(Trouble.Kind.STEP, "1/32"),
                troubled(Trouble.Kind.STEP, "1/4"),
                troubled(Trouble.Kind.SPLIT, "1/4"),
                troubled(Trouble.Kind.SPLIT, "3"),
                troubled(Trouble.Kind.PROUD_PIN, "1/16"),
                new Edit.Finish(Recipes.SHELLAC).apply(Sample.job("30", "40")),
                new Edit.ChooseHardware(Optional.of(Hardware.TWO_HOOKS)).apply(Sample.given(Line.OUTSIDE, "20", "30")));
    }

    private static Job troubled(Trouble.Kind kind, String amount) {
        return Sample.job("9", "12").withTrouble(Optional.of(new Trouble(kind, 1, in(amount))));
    }

    /** Whatever a plan says, there is a phrase for it, in both units, with every gap filled. */
    @ParameterizedTest
    @MethodSource("neatcorner.core.joint.Joints#kinds")
    void everythingAPlanSaysCanBeSaid(JointKind joint) {
        jobs().map(job -> new Edit.ChooseJoint(Optional.of(joint)).apply(job))
                .map(job -> Planner.plan(job, Sample.shop()))
                .forEach(plan -> {
                    for (Phrasebook book : List.of(inches, millimetres)) {
                        said(plan, book)
                                .forEach(text -> assertThat(text).isNotBlank().doesNotContain("{", "}"));
                    }
                });
    }

    private static Stream<String> said(Plan plan, Phrasebook book) {
        Stream<String> figures = plan.figures().values().stream().flatMap(f -> Stream.concat(
                Stream.of(book.say(f.name()), book.write(f)),
                Stream.concat(f.working().note().stream().map(book::say),
                        f.working().lines().stream().map(l -> book.say(l.words()) + book.exactly(l.amount())))));
        Stream<Words> words = Stream.of(
                        plan.glue().times(),
                        plan.glue().steps(),
                        plan.fit().order(),
                        plan.joints().demands(),
                        plan.joints().options().stream()
                                .flatMap(o -> o.why().stream())
                                .toList(),
                        plan.joints().options().stream().map(o -> o.brief()).toList(),
                        plan.get(Mending.class).steps(),
                        plan.making().cautions(),
                        plan.making().steps().stream()
                                .flatMap(s -> Stream.concat(Stream.of(s.what()), s.how().stream()))
                                .toList(),
                        plan.findings().stream()
                                .flatMap(f -> Stream.of(
                                        f.what(),
                                        f.cure(),
                                        f.remedy().orElseThrow().words()))
                                .toList())
                .flatMap(List::stream);
        return Stream.concat(figures, words.map(book::say));
    }

    @Test
    void everyConstantHasAName() {
        Stream.<Enum<?>[]>of(
                        Station.values(),
                        Material.values(),
                        Material.Role.values(),
                        Adhesive.values(),
                        ClampKind.values(),
                        Hardware.values(),
                        Coat.Kind.values(),
                        Line.values(),
                        Axis.values(),
                        Severity.values(),
                        Safety.values(),
                        Origin.values(),
                        Plan.Standing.values(),
                        Profile.Shape.values(),
                        Boxed.Arch.values(),
                        Lean.Way.values(),
                        Outline.Across.values(),
                        Edging.Kind.values(),
                        Strip.Source.values(),
                        Species.Grain.values(),
                        Rabbeting.values(),
                        Surface.values(),
                        Tool.values(),
                        Ready.values(),
                        HiddenFastener.Kind.values(),
                        Species.Hardness.values())
                .flatMap(Stream::of)
                .forEach(constant -> assertThat(Phrasebook.knows(Phrasebook.keyOf(constant)))
                        .as(constant.toString())
                        .isTrue());
        Species.known().forEach(species -> assertThat(inches.say(species.words())).isNotBlank());
        Recipes.ALL.keySet().forEach(key -> assertThat(Phrasebook.knows(key)).as(key).isTrue());
        Stream.of(Habit.values()).forEach(habit -> assertThat(Phrasebook.knows("figure." + habit.id())).isTrue());
        Stream.of(Tape.values()).forEach(tape -> assertThat(Phrasebook.knows("tag." + tape.id())).isTrue());
    }

    @Test
    void everyEditHasWordsForTheHistory() {
        List<Edit> edits = List.of(
                new Edit.Enter(SectionKey.FACE, in("2")),
                new Edit.Enter(new LayerKey(0), in("1/8")),
                new Edit.Enter(new StripKey(1, StripKey.What.INNER_WIDTH), in("1/4")),
                new Edit.Enter(new FaceKey(Side.Name.BOTTOM, 0), in("2")),
                new Edit.Give(Axis.WIDTH, Line.ART, in("8")),
                new Edit.Measure(Tape.TOP, in("8")),
                new Edit.MeasureAgain(),
                new Edit.Name("n"),
                new Edit.For("o"),
                new Edit.Quantity(3),
                new Edit.Turn(),
                new Edit.ChooseSection(Sample.bar()),
                new Edit.Face("bottom", Optional.of(in("2"))),
                new Edit.Face("bottom", Optional.empty()),
                new Edit.Pack(Material.Role.MAT, Optional.of(Material.MAT_4_PLY)),
                new Edit.Pack(Material.Role.MAT, Optional.empty()),
                new Edit.ChooseJoint(Optional.empty()),
                new Edit.ChooseJoint(Optional.of(JointKind.PINNED)),
                new Edit.ChooseFastener(Optional.of(in("1"))),
                new Edit.ChooseFastener(Optional.empty()),
                new Edit.ChooseAdhesive(Adhesive.HIDE),
                new Edit.Finish(Recipes.OIL),
                new Edit.ChooseHardware(Optional.empty()),
                new Edit.ChooseHardware(Optional.of(Hardware.CLEAT)),
                new Edit.ChooseRabbeting(Rabbeting.AFTER_SQUARED),
                new Edit.ChooseGrain(Species.Grain.QUARTER_SAWN),
                new Edit.AsUsual(Habit.PLAY),
                new Edit.Settle(Station.FIT, true),
                new Edit.Settle(Station.FIT, false),
                new Edit.Write(new Note(Instant.EPOCH, "x")));
        assertThat(edits.stream().map(edit -> inches.say(edit.words())))
                .allSatisfy(said -> assertThat(said).isNotBlank().doesNotContain("{"));
    }

    @Test
    void quantitiesComeInTheReadersUnits() {
        assertThat(inches.write(Mass.kg(1.315418))).isEqualTo("2.9 lb");
        assertThat(millimetres.write(Mass.kg(1.315418))).isEqualTo("1.32 kg");
        assertThat(millimetres.write(Mass.kg(0.25))).isEqualTo("250 g");
        assertThat(inches.write(Mass.kg(0.1))).isEqualTo("3.5 oz");
        assertThat(millimetres.write(new Force(98.0665))).isEqualTo("98 N");
        assertThat(inches.write(new Force(98.0665))).isEqualTo("22 lbf");
        assertThat(inches.write(Angle.degrees(45))).isEqualTo("45.0°");
        assertThat(inches.write(Angle.degrees(30.9638))).isEqualTo("30.96°");
        assertThat(inches.say("glue.open", Duration.ofMinutes(8))).isEqualTo("close within 8 min");
        assertThat(inches.say("glue.open", Duration.ofHours(24))).isEqualTo("close within 24 h");
        assertThat(inches.say(Words.plain("the maker's {own} words"))).isEqualTo("the maker's {own} words");
    }

    /** What was said is shown as it was said, finer than the tape if need be; what was worked out, to the tape. */
    @Test
    void givenNumbersKeepTheirOwnFineness() {
        assertThat(inches.write(Figure.given(new LayerKey(0), in("3/32")))).isEqualTo("3/32\"");
        assertThat(inches.write(Figure.given(new LayerKey(0), Length.mm(0.3)))).isEqualTo("0.3 mm");
        assertThat(inches.write(Figure.sum(Line.OUTSIDE.size(Axis.WIDTH))
                        .start("given.glass.width", in("3/32"))
                        .result()))
                .isEqualTo("1/8\"\u00a0−");
        assertThat(millimetres.write(Figure.given(SectionKey.FACE, Length.mm(39.7)))).isEqualTo("39.7 mm");
    }

    @Test
    void settledStationsOpenAgainWhenTheirNumbersChange() {
        Job job = Sample.job("12", "13").withSettled(Set.of(Station.BRIEF, Station.FINISH, Station.CUTS));
        Job wider = Planner.edited(Planner.plan(job, Sample.shop()), new Edit.Give(Axis.WIDTH, Line.GLASS, in("14")))
                .job();
        assertThat(wider.settled()).containsExactly(Station.FINISH);
        Job renamed = Planner.edited(Planner.plan(job, Sample.shop()), new Edit.Name("other")).job();
        assertThat(renamed.settled()).isEqualTo(job.settled());
    }
}
