package neatcorner.core.clash;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.joint.Insert;
import neatcorner.core.joint.JointOption;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Sampling;
import neatcorner.core.outline.Size;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.OddJobs;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.section.Section;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What lies in the corners, in space: in the wood, and clear of everything else, checked by sampled points. */
class ClashTest {
    private static final long SEED = 20261130;
    private static final int JOBS = 120;
    private static final int SAMPLES = 25;

    private static List<List<Insert>> corners(Plan plan) {
        return IntStream.range(0, plan.frame().members().size())
                .mapToObj(i -> Joints.of(plan.joints().chosen())
                        .inserts(plan.frame().from(i), plan.joints().used()))
                .toList();
    }

    private static Optional<Plan> plan(Job job) {
        try {
            return Optional.of(Planner.plan(job, Sample.shop()));
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }

    /** Whatever is sampled of two corners side by side is as far apart as the plan says, or the plan complains. */
    @Test
    void noClashIsUnsaidAndNoneIsSaidThatIsNone() {
        OddJobs jobs = new OddJobs(SEED);
        Random random = new Random(SEED);
        int checked = 0;
        for (int n = 0; n < JOBS; n++) {
            Optional<Plan> known = plan(jobs.next()).filter(plan -> plan.joints().used().fits()
                    && !plan.frame().isSolid()
                    && Joints.of(plan.joints().chosen())
                            .goesWith(plan.job().body().construction()));
            if (known.isEmpty()) {
                continue;
            }
            Plan plan = known.get();
            List<List<Insert>> corners = corners(plan);
            double sampled = Double.POSITIVE_INFINITY;
            for (int i = 0; i < corners.size(); i++) {
                for (Insert one : corners.get(i)) {
                    for (Insert other : corners.get((i + 1) % corners.size())) {
                        sampled = Math.min(sampled, sampled(one, other, random));
                        checked++;
                    }
                }
            }
            List<String> found = plan.findings().stream().map(Finding::id).toList();
            double least = plan.get(Clashes.class).least();
            assertThat(sampled).as("job " + n).isGreaterThanOrEqualTo(least - 1e-6);
            if (sampled < 0) {
                assertThat(found).as("job " + n).contains("corners_meet");
            }
            if (found.contains("corners_meet") || found.contains("corners_near")) {
                assertThat(least).isLessThan(1.5);
                cured(plan);
            }
        }
        assertThat(checked).isGreaterThan(500);
    }

    private static double sampled(Insert one, Insert other, Random random) {
        double least = Double.POSITIVE_INFINITY;
        for (Hull a : one.bodies()) {
            for (Hull b : other.bodies()) {
                for (int k = 0; k < SAMPLES; k++) {
                    Vector between = Sampling.in(a, random).minus(Sampling.in(b, random));
                    least = Math.min(least, between.length() - a.round() - b.round());
                }
            }
        }
        return least;
    }

    private static void cured(Plan plan) {
        plan.findings().stream()
                .filter(finding -> finding.id().startsWith("corners_meet")
                        || finding.id().startsWith("corners_near"))
                .flatMap(finding -> finding.remedy().stream())
                .filter(remedy -> remedy instanceof Remedy.OnJob)
                .map(remedy -> ((Remedy.OnJob) remedy).edit().apply(plan.job()))
                .forEach(cured -> assertThat(Planner.plan(cured, Sample.shop()).findings())
                        .extracting(Finding::id)
                        .doesNotContain("corners_meet", "corners_near", "fasteners_meet"));
    }

    /** A vector's check of each joint: what it lets in lies in the wood of one of the two pieces, wherever sampled. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 6, 8})
    void whatIsLetInLiesInTheWood(int sides) {
        Job job = Sample.job("20", "30").withSection(Sample.rabbeted("1 3/4", "1 1/8", "1/4", "1/2"));
        Job regular = sides == 4
                ? job
                : sides == 2
                        ? job.withFace("bottom", Optional.of(in("2 3/4")))
                : job.withOutline(
                        sides < 2
                                ? unlikeAngles(sides)
                                : new Outline.Regular(
                                        sides, Outline.Across.SIDE, new Size(Line.SIGHT, in("12"))));
        List<Job> tried = new ArrayList<>(List.of(regular, regular.withLean(new Lean(25, Lean.Way.OUTWARDS))));
        Random random = new Random(SEED);
        int seen = 0;
        for (Job each : tried) {
            for (JointKind kind : Joints.kinds()) {
                Plan plan = Planner.plan(new Edit.ChooseJoint(Optional.of(kind)).apply(each), Sample.shop());
                JointOption used = plan.joints().used();
                // Plates and triangles lie on the back and not in the wood.
                if (Set.of(JointKind.PLATED, JointKind.GUSSETED, JointKind.BLOCKED).contains(kind)
                        || !used.fits()
                        || !Joints.of(kind).goesWith(each.body().construction())) {
                    continue;
                }
                List<List<Insert>> corners = corners(plan);
                for (int corner = 0; corner < corners.size(); corner++) {
                    for (Hull body : corners.get(corner).stream()
                            .flatMap(insert -> insert.bodies().stream())
                            .toList()) {
                        for (int k = 0; k < SAMPLES; k++) {
                            Vector place = Sampling.in(body, random);
                            assertThat(isWood(plan.frame().from(corner), place))
                                    .as(kind.id() + " " + each.lean() + " in corner " + corner + " at " + place)
                                    .isTrue();
                            seen++;
                        }
                    }
                }
            }
        }
        assertThat(seen).isGreaterThan(200);
    }

    /** A parallelogram with corners of 45° and 135°, or a kite with three kinds. */
    private static Outline unlikeAngles(int which) {
        double[][] places = which == 0
                ? new double[][] {{260, 0}, {680, 0}, {420, 260}, {0, 260}}
                : new double[][] {{200, 0}, {400, 250}, {200, 620}, {0, 250}};
        return new Outline.Free(
                Line.SIGHT,
                Arrays.stream(places)
                        .map(place -> new Corner(Length.mm(place[0]), Length.mm(place[1])))
                        .toList());
    }

    /** A block lies in the inner angle, in no wood, and both its glued sides touch it all along. */
    @ParameterizedTest
    @ValueSource(ints = {0, 3, 4, 6, 8})
    void blocksFillTheInnerAngle(int sides) {
        Job bars = Sample.stretched("48", "30");
        Job job = sides == 0
                ? bars.with(bars.body().with(new Construction.Squared(SquareCorner.BUTTED, Through.STILES)))
                : sides == 4
                        ? bars
                        : bars.withOutline(new Outline.Regular(
                                sides, Outline.Across.SIDE, new Size(Line.SIGHT, in("24"))));
        Plan plan = Planner.plan(
                new Edit.ChooseJoint(Optional.of(JointKind.BLOCKED)).apply(job), Sample.shop(Sample.bar()));
        JointOption used = plan.joints().used();
        assertThat(used.fits()).as(used.toString()).isTrue();
        Insert block =
                Joints.of(JointKind.BLOCKED).inserts(plan.frame(), used).getFirst();
        Random random = new Random(SEED);
        Hull body = block.bodies().getFirst();
        for (int k = 0; k < 200; k++) {
            Vector in = Sampling.in(body, random);
            Vector middle = body.places().stream()
                    .reduce(Vector::plus)
                    .orElseThrow()
                    .times(1.0 / body.places().size());
            Vector place = in.plus(middle.minus(in).times(0.01));
            assertThat(isWood(plan.frame(), place)).as("a block in wood at " + place).isFalse();
        }
        List<Vector> back = block.outline();
        Vector inner = back.getFirst();
        Vector off = inner.minus(back.get(1).plus(back.get(2)).times(0.5)).unit();
        for (Vector leg : back.subList(1, 3)) {
            for (double share : new double[] {0.05, 0.5, 0.95}) {
                Vector place = inner.plus(leg.minus(inner).times(share))
                        .plus(off.times(0.2))
                        .plus(Vector.FORWARD.times(2));
                assertThat(isWood(plan.frame(), place)).as("wood beside a block at " + place).isTrue();
            }
        }
    }

    private static boolean isWood(Frame frame, Vector place) {
        return frame.members().subList(0, 2).stream().anyMatch(member -> isWood(member, place));
    }

    private static boolean isWood(Member member, Vector place) {
        Section section = member.section();
        Vector from = place.minus(member.place().start());
        double across = from.dot(member.place().outward());
        double through = from.dot(member.place().front());
        return section.wood().contains(section.face().toMm() + across - 1e-4, through + 1e-4)
                || section.wood().contains(section.face().toMm() + across + 1e-4, through - 1e-4);
    }

    /** Rings over the plates of a low frame's corners: found, with the next place that is free. */
    @Test
    void aRingOverAPlateIsFoundWithWhereItIsFree() {
        Job low = Sample.job("12", "5").withSection(Sample.rabbeted("1 1/2", "1", "1/4", "1/2"));
        Job butted = low.with(low.body().with(new Construction.Squared(SquareCorner.BUTTED, Through.STILES)));
        Plan plan = Planner.plan(
                butted.withChoices(butted.choices()
                        .withHardware(Optional.of(Hardware.RINGS_AND_WIRE))
                        .withJoint(Optional.of(JointKind.PLATED))),
                Sample.shop());
        assertThat(plan.findings()).extracting(Finding::id).contains("driven_meets");
        assertThat(plan.get(Clashes.class).least()).isLessThan(1.5);
    }
}
