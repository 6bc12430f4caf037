package neatcorner.core.clash;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.OddJobs;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.section.Section;
import org.junit.jupiter.api.Test;

/** What is driven along the sides lies in wood, and what it meets there is said with the next place that is free. */
class RowsTest {
    private static final long SEED = 20261201;
    private static final int JOBS = 160;

    private static List<Row> rows(Plan plan) {
        return Rows.of(plan.assembly(), plan.hang(), plan.fit());
    }

    private static boolean isWood(Assembly assembly, int part, Vector place) {
        Assembly.Lie lie = assembly.lies().get(part);
        Vector own = place.minus(new Vector(lie.across(), lie.down(), lie.back().toMm()));
        Frame frame = assembly.frame(part);
        return frame.members().stream().anyMatch(member -> {
            Section section = member.section();
            Vector from = own.minus(member.place().start());
            double along = from.dot(member.place().along());
            return along > -1e-6
                    && along < member.outline().get(0).to(member.outline().get(1)) + 1e-6
                    && section.wood()
                            .contains(
                                    section.face().toMm() + from.dot(member.place().outward()),
                                    from.dot(member.place().front()));
        });
    }

    /** Past its tip along itself, and a hair behind its head. */
    private static Vector past(Hull rod, double by) {
        Vector head = rod.places().getFirst();
        Vector tip = rod.places().getLast();
        return tip.plus(tip.minus(head).unit().times(by));
    }

    /** The wood that each is to hold in, by the sections themselves: an eighth of an inch past a tip is wood. */
    @Test
    void whatIsDrivenAlongSidesEndsInWood() {
        OddJobs jobs = new OddJobs(SEED);
        Map<Row.Kind, Integer> seen = new EnumMap<>(Row.Kind.class);
        for (int n = 0; n < JOBS; n++) {
            Job job = jobs.next();
            Plan plan;
            try {
                plan = Planner.plan(job, Sample.shop());
            } catch (Refusal refused) {
                continue;
            }
            Assembly whole = plan.assembly();
            if (whole.frames().stream().anyMatch(frame -> frame.job().outline().isCurved())) {
                continue;
            }
            for (Row row : rows(plan)) {
                int part = row.places().getFirst().part();
                int into = switch (row.kind()) {
                    case RING_SCREW, CLEAT_SCREW, POINT -> part;
                    case BUTTON_SCREW -> holderOf(whole, part);
                    case STRAINER_SCREW, BACK_SCREW ->
                        whole.job()
                                .indexOf(whole.frame(part).job().placement().orElseThrow().on());
                };
                double past = row.kind() == Row.Kind.POINT ? 0 : in("1/8").toMm() - 0.2;
                for (Row.Place place : row.places()) {
                    Hull rod = place.body();
                    assertThat(isWood(whole, into, past(rod, -0.05)))
                            .as("job " + n + ", tip of " + row.kind() + " at " + rod)
                            .isTrue();
                    assertThat(isWood(whole, into, past(rod, past)))
                            .as("job " + n + ", wood past the tip of " + row.kind() + " at " + rod)
                            .isTrue();
                    seen.merge(row.kind(), 1, Integer::sum);
                }
            }
        }
        assertThat(seen).hasSize(Row.Kind.values().length);
        assertThat(seen.values()).allSatisfy(count -> assertThat(count).isGreaterThan(20));
    }

    /** The part in whose rabbet one lies: what it is placed on, or what is placed around it. */
    private static int holderOf(Assembly whole, int part) {
        return whole.frames().stream()
                .filter(frame -> frame.job().isHolding()
                        && frame.job()
                                .placement()
                                .filter(place -> place.on().equals(whole.frame(part).job().part().name()))
                                .isPresent())
                .map(frame -> whole.job().indexOf(frame.job().part().name()))
                .findFirst()
                .orElseGet(() -> whole.job()
                        .indexOf(whole.frame(part).job().placement().orElseThrow().on()));
    }

    /** A ring on a strainer may sit where a screw of the strainer passes; moved as said, it is free. */
    @Test
    void aRingMeetsTheScrewOfItsStrainer() {
        int met = 0;
        for (int high = 14; high < 44; high++) {
            Job strained = Sample.strained(Sample.job("60", String.valueOf(high))
                    .withSection(Sample.rabbeted("2", "1 1/2", "1/4", "1 1/8")));
            Plan plan = Planner.plan(strained.at(1), Sample.shop());
            List<Row> rows = rows(plan);
            Row rings = rows.getFirst();
            Row screws = rows.stream()
                    .filter(row -> row.kind() == Row.Kind.STRAINER_SCREW)
                    .findFirst()
                    .orElseThrow();
            List<Hull> bodies = screws.places().stream().map(Row.Place::body).toList();
            double gap = rings.places().stream()
                    .mapToDouble(place -> Hull.gap(bodies, List.of(place.body())))
                    .min()
                    .orElseThrow();
            Optional<Finding> found = plan.findings().stream()
                    .filter(finding -> finding.id().equals("driven_meets"))
                    .findFirst();
            assertThat(found.isPresent()).as(high + " in").isEqualTo(gap < ClashPlanner.LEAST_WOOD);
            met += found.isPresent() ? 1 : 0;
            found.map(finding -> (Words) finding.what().args().getLast())
                    .filter(words -> words.key().equals("clash.free"))
                    .map(words -> ((Length) words.args().getFirst()).toMm())
                    .ifPresent(free -> assertThat(rows.stream()
                                    .filter(row -> row != rings)
                                    .flatMap(row -> row.bodies().stream())
                                    .mapToDouble(body -> body.gap(
                                            rings.places().getFirst().at().apply(free))))
                            .as("moved as said")
                            .allSatisfy(left -> assertThat(left).isGreaterThanOrEqualTo(ClashPlanner.LEAST_WOOD)));
        }
        assertThat(met).isPositive();
    }

    /** A frame screwed on behind would rock on the plates of the corners before it. */
    @Test
    void nothingLiesFlatOnPlates() {
        Job plated = new Edit.ChooseJoint(Optional.of(JointKind.PLATED))
                .apply(Sample.job("16", "20").withSection(Sample.rabbeted("1 3/4", "1", "1/4", "1/2")));
        assertThat(ids(plated)).doesNotContain("plate_under");
        Job backed = PartOffer.named("backing_frame")
                .by(Assembly.of(plated, Sample.shop()).seen(), "backing frame")
                .map(part -> new Edit.AddPart(part).apply(plated))
                .orElseThrow();
        assertThat(ids(backed.at(0))).contains("plate_under");
        Job hung = new Edit.InPart(1, new Edit.ChooseHardware(Optional.of(Hardware.CLEAT)))
                .apply(new Edit.InPart(1, new Edit.CarryHere()).apply(backed))
                .at(1);
        Job mitred = hung.with(hung.body().with(new Construction.Mitred()));
        Job joined = new Edit.InPart(1, new Edit.ChooseJoint(Optional.of(JointKind.V_FASTENED))).apply(mitred);
        Plan plan = Planner.plan(joined, Sample.shop());
        assertThat(plan.hang().cleat()).isPresent();
        assertThat(plan.joints().used().fits()).isTrue();
        assertThat(ids(joined)).as("what lies in the wood of a part behind").doesNotContain("plate_under");
        Job cleat = new Edit.ChooseHardware(Optional.of(Hardware.CLEAT)).apply(plated);
        assertThat(ids(cleat)).doesNotContain("plate_under");
        Job small = new Edit.ChooseHardware(Optional.of(Hardware.CLEAT))
                .apply(new Edit.ChooseJoint(Optional.of(JointKind.PLATED))
                        .apply(Sample.job("6", "8").withSection(Sample.rabbeted("1 3/4", "1", "1/4", "1/2"))));
        assertThat(ids(small)).contains("plate_under");
    }

    private static List<String> ids(Job job) {
        return Planner.plan(job, Sample.shop()).findings().stream().map(Finding::id).toList();
    }
}
