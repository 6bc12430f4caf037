package neatcorner.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Body;
import neatcorner.core.job.Contents;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.Fixture.Kind;
import neatcorner.core.job.FixtureKey;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Outlines;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;

/** What lies behind a frame: what is in its way by JTS, level by level; everything else by independent sums. */
class FixtureBoxTest {
    private static final int LEVELS = 24;

    private static Section section(double face, double thick, Recess recess) {
        return new Section("s", Species.PINE, Length.mm(face), Length.mm(thick), recess, Profile.FLAT);
    }

    private static Job frame(double width, double height) {
        Job job = Sample.job("20", "20")
                .withSection(section(45, 22, new Recess.Rabbet(Length.mm(10), Length.mm(12))));
        Job sized = new Edit.Give(Axis.HEIGHT, Line.SIGHT, Length.mm(height))
                .apply(new Edit.Give(Axis.WIDTH, Line.SIGHT, Length.mm(width)).apply(job));
        return sized.withContents(Contents.NOTHING);
    }

    private static Job backing(Job job, double gap, double face, double thick) {
        Body body = new Body(job.outline(), section(face, thick, new Recess.Bar()), Map.of(), Lean.FLAT);
        return job.withPart(Part.of("backing", new Placement.Behind("frame", Length.mm(gap)), body))
                .at(0)
                .carriedBy(1);
    }

    private static Fixture fixture(Kind kind, double right, double up, double wide, double high, double deep) {
        return new Fixture(
                kind,
                Length.mm(right),
                Length.mm(up),
                Length.mm(wide),
                Length.mm(high),
                Length.mm(deep),
                Mass.kg(kind == Kind.SCREEN ? 3 : 0));
    }

    private static Job with(Job job, Fixture... behind) {
        return new Edit.SetBehind(List.of(behind)).apply(job);
    }

    private static Plan plan(Job job) {
        return Planner.plan(job, Sample.shop());
    }

    private static List<String> found(Plan plan) {
        return plan.findings().stream()
                .map(Finding::id)
                .filter(id -> id.matches("fixture.*|opening.*|vent.*|hardware_meets|behind.*"))
                .toList();
    }

    /** Presses the remedy of the first finding of this kind. */
    private static Plan cured(Plan plan, String finding) {
        Remedy remedy = plan.findings().stream()
                .filter(f -> f.id().equals(finding))
                .findFirst()
                .flatMap(Finding::remedy)
                .orElseThrow();
        return plan(((Remedy.OnJob) remedy).edit().apply(plan.job()));
    }

    /** The wood of a part at a height over its back: the ring from its outside to where its section begins there. */
    private static Geometry wood(Assembly all, int part, double height) {
        Frame frame = all.frame(part);
        Section section = frame.job().section();
        Geometry outer = Outlines.polygon(Known.in(frame.lines(), Line.OUTSIDE).stream()
                .map(all.lies().get(part)::of)
                .toList());
        double inner = IntStream.range(0, 1 + (int) (section.face().toMm() * 20))
                .mapToDouble(i -> i / 20.0)
                .filter(x -> section.wood().contains(x + 0.01, height))
                .findFirst()
                .orElseThrow();
        BufferParameters mitred = new BufferParameters(
                8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 1000);
        return outer.difference(BufferOp.bufferOp(outer, inner - section.face().toMm(), mitred));
    }

    @Property(tries = 60, seed = Seed.FIXED)
    void whatIsInTheWayIsWhatJtsFinds(@ForAll Random random) {
        Outline outline = random.nextInt(3) == 0
                ? new Outline.Regular(
                        3 + random.nextInt(6),
                        Outline.Across.FLATS,
                        Outlines.mm(Line.SIGHT, 300 + random.nextInt(300)))
                : frame(300 + random.nextInt(200), 200 + random.nextInt(200)).outline();
        Job job = backing(
                frame(300, 300).with(new Body(
                        outline,
                        section(45, 22, new Recess.Rabbet(Length.mm(10), Length.mm(12))),
                        Map.of(),
                        Lean.FLAT)),
                random.nextInt(14),
                20 + random.nextInt(20),
                15 + random.nextInt(30));
        Kind kind = Kind.values()[random.nextInt(4)];
        Job full = with(
                job,
                fixture(
                        kind,
                        random.nextInt(300) - 150,
                        random.nextInt(300) - 150,
                        40 + random.nextInt(400),
                        40 + random.nextInt(300),
                        2 + random.nextInt(40)));
        Assembly all = Assembly.of(full, Sample.shop());
        FixtureBox box = FixtureBox.of(all).getFirst();
        Geometry seen = Outlines.polygon(box.box().corners());
        for (int part = 0; part < 2; part++) {
            double back = all.lies().get(part).back().toMm();
            double thick = all.frame(part).job().section().thickness().toMm();
            int number = part;
            double most = IntStream.range(0, LEVELS)
                    .mapToDouble(i -> back + thick * (i + 0.5) / LEVELS)
                    .filter(level -> level > box.box().back() && level < box.box().front())
                    .map(level -> wood(all, number, level - back).intersection(seen).getArea())
                    .max()
                    .orElse(0);
            boolean said = !box.inWay(all, part).isEmpty();
            boolean thin = Math.min(box.box().front(), back + thick) - Math.max(box.box().back(), back)
                    < thick / LEVELS;
            if (most > 40) {
                assertThat(said).as("in the wood of part %d: %s", part, full).isTrue();
            } else if (most == 0 && !thin) {
                assertThat(said).as("free of part %d: %s", part, full).isFalse();
            }
        }
    }

    @Test
    void aScreenTooDeepGetsAFrameBehindThatIsAsThickAsWhatIsMissing() {
        Plan plan = plan(with(frame(300, 180), fixture(Kind.SCREEN, 0, 0, 312, 192, 34)));
        assertThat(found(plan)).contains("fixture_meets_wall");

        Plan cured = cured(plan, "fixture_meets_wall");
        Frame behind = cured.assembly().frame(1);
        // 12 deep rabbet; 34 − 12
        assertThat(behind.job().section().thickness()).isEqualTo(Length.mm(22));
        // Outside 390; the screen is 312 wide: 39 on each side, less 3 to spare, for gap and face.
        assertThat(behind.job().placement().orElseThrow().gap().plus(behind.narrowFace()))
                .isLessThanOrEqualTo(Length.mm(36));
        assertThat(found(cured)).containsExactly("hardware_meets");
        assertThat(found(cured(cured, "hardware_meets"))).isEmpty();
        assertThat(cured.fit().order()).extracting(words -> words.key()).containsSequence(
                "behind.lay", "fit.part_behind", "behind.felt", "behind.keeper");
    }

    @Test
    void aVentIsSawnOutOfTheSideItMeets() {
        Job job = backing(frame(300, 180), 8, 25, 40);
        Plan plan = plan(with(
                job,
                fixture(Kind.SCREEN, 0, 0, 312, 192, 34),
                // From 110 + 60 below the middle to 110 − 60: through the lower side, which ends at 135 − 8.
                fixture(Kind.VENT, 20, -110, 140, 120, 15)));

        assertThat(found(plan)).isEmpty();
        SideOpening way = SideOpening.of(plan.assembly()).getFirst();
        assertThat(SideOpening.of(plan.assembly())).hasSize(1);
        // The strips reach from 8 to 382; the middle of the opening is at 195: 195 + 20 − 70 − 8.
        assertThat(way.from().toMm()).isEqualTo(137, within(1e-6));
        assertThat(way.to().minus(way.from())).isEqualTo(Length.mm(140));
        assertThat(way.deep()).isEqualTo(Length.mm(15));
        double kg = 0.140 * 0.015 * 0.025 * Species.PINE.density();
        Plan without = plan(with(job, fixture(Kind.SCREEN, 0, 0, 312, 192, 34)));
        assertThat(without.hang().weight().total().value().toKg() - plan.hang().weight().total().value().toKg())
                .isEqualTo(kg, within(1e-9));
        assertThat(without.hang().weight().total().value().toKg() - plan(job).hang().weight().total().value().toKg())
                .isEqualTo(3, within(1e-9));
    }

    @Test
    void whatHangsOnItsOwnMountIsNotCarried() {
        Job job = backing(frame(300, 180), 8, 25, 60);
        Plan hung = plan(with(
                job, fixture(Kind.SCREEN, 0, 0, 312, 192, 34), fixture(Kind.MOUNT, 0, 0, 100, 100, 20)));
        assertThat(found(hung)).isEmpty();
        assertThat(hung.hang().weight().total().value()).isEqualTo(plan(job).hang().weight().total().value());
    }

    @Test
    void everyFindingNamesItsCureAndTheCureHelps() {
        Plan wide = plan(with(backing(frame(300, 180), 8, 35, 40), fixture(Kind.SCREEN, 0, 0, 312, 192, 34)));
        assertThat(found(wide)).containsExactly("fixture_meets");
        assertThat(found(cured(wide, "fixture_meets"))).isEmpty();

        Plan shows = plan(with(backing(frame(300, 180), 8, 25, 40), fixture(Kind.SCREEN, 0, 0, 302, 192, 34)));
        assertThat(found(shows)).containsExactly("fixture_barely_covered");
        assertThat(found(cured(shows, "fixture_barely_covered"))).isEmpty();

        Plan shut = plan(with(
                backing(frame(300, 180), 8, 25, 40),
                fixture(Kind.SCREEN, 0, 0, 312, 192, 34),
                fixture(Kind.VENT, 0, -80, 100, 20, 15)));
        assertThat(found(shut)).containsExactly("vent_shut_in");
        assertThat(found(cured(shut, "vent_shut_in"))).isEmpty();

        Plan larger = plan(with(frame(300, 180), fixture(Kind.SCREEN, 0, 0, 420, 192, 10)));
        assertThat(found(larger)).contains("fixture_meets");
        assertThat(found(cured(larger, "fixture_meets"))).doesNotContain("fixture_meets");
    }

    /** A bar across the frame behind runs through the screen. */
    @Test
    void barsAcrossAreInTheWayToo() {
        Job barred = new Edit.InPart(1, new Edit.Cross(new CrossBars(1, 0)))
                .apply(backing(frame(300, 180), 8, 25, 40));
        Plan plan = plan(with(barred, fixture(Kind.SCREEN, 0, 0, 312, 192, 34)));
        assertThat(found(plan)).containsExactly("fixture_meets_bar");
        assertThat(found(cured(plan, "fixture_meets_bar"))).isEmpty();
        Plan aside = plan(with(barred, fixture(Kind.SCREEN, 0, 0, 312, 192, 10)));
        assertThat(found(aside)).as("the screen ends before the bar begins").isEmpty();
    }

    /** A socket in the way of the wire: another way to hang is offered that leaves it alone. */
    @Test
    void hardwareKeepsClearOfWhatLiesBehind() {
        Job job = with(frame(600, 400), fixture(Kind.SOCKET, 0, 130, 85, 85, 6));
        Plan plan = plan(new Edit.ChooseHardware(Optional.of(Hardware.RINGS_AND_WIRE)).apply(job));
        assertThat(found(plan)).contains("hardware_meets");
        Plan cured = cured(plan, "hardware_meets");
        assertThat(found(cured)).doesNotContain("hardware_meets");
        assertThat(cured.hang().chosen()).isNotEqualTo(Hardware.RINGS_AND_WIRE);
    }

    @Test
    void sizesAreTypedAndRefusedLikeAllOthers() {
        Job job = with(frame(300, 180), fixture(Kind.SCREEN, 0, 0, 312, 192, 10));
        FixtureKey depth = new FixtureKey(0, FixtureKey.Of.DEPTH);
        assertThat(new Edit.Enter(depth, Length.mm(11)).apply(job).packed().behind().getFirst().depth())
                .isEqualTo(Length.mm(11));
        assertThatThrownBy(() -> new Edit.Enter(depth, Length.mm(400)).apply(job)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> new Edit.SetBehind(
                                Collections.nCopies(Fixture.MOST + 1, job.packed().behind().getFirst()))
                        .apply(job))
                .isInstanceOf(Refusal.class);
    }
}
