package neatcorner.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Body;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Heading;
import neatcorner.core.job.Job;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.job.ShapedEdge.Form;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outlines;
import neatcorner.core.outline.Size;
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
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/** Inner edges sawn to a shape: against the geometry of the circle, and as areas by JTS. */
class ShapingTest {
    private static Job job(int width, int height, int face, ShapedEdge edge) {
        Section section =
                new Section("face", Species.PLYWOOD, Length.mm(face), Length.mm(12), new Recess.Bar(), Profile.FLAT);
        return Job.of(
                new Heading("face", "", 1),
                new Body(
                                new Boxed.Rectangle(
                                        new Size(Line.SIGHT, Length.mm(width)),
                                        new Size(Line.SIGHT, Length.mm(height))),
                                section,
                                Map.of(),
                                Lean.FLAT)
                        .withEdge(Optional.of(edge)),
                Contents.NOTHING);
    }

    private static ShapedEdge edge(Form form, int pitch, int rise, int corner) {
        return new ShapedEdge(form, Length.mm(pitch), Length.mm(rise), Length.mm(corner));
    }

    /**
     * Whole repeats fill every side, the arcs are those of a circle (two chords that cross: (c/2)² = h·(2R − h),
     * Euclid III 35), and what is sawn away is the segment of that circle, or of a wave half of its box.
     */
    @Property(tries = 200, seed = Seed.FIXED)
    void wholeRepeatsOfTrueArcsFillEverySide(
            @ForAll Form form,
            @ForAll Through through,
            @ForAll boolean mitred,
            @ForAll @IntRange(min = 300, max = 900) int width,
            @ForAll @IntRange(min = 300, max = 1800) int height,
            @ForAll @IntRange(min = 50, max = 200) int pitch,
            @ForAll @IntRange(min = 2, max = 16) int rise,
            @ForAll @IntRange(min = 0, max = 60) int corner) {
        ShapedEdge edge = edge(form, pitch, rise, corner);
        Job whole = job(width, height, 60, edge);
        Job job = mitred
                ? whole
                : whole.with(whole.body().with(new Construction.Squared(SquareCorner.HALF_LAPPED, through)));
        Frame frame = Frame.of(job, Sample.shop()).result();
        double sawn = 0;
        for (EdgeRun run : frame.edgeRuns()) {
            assertThat(run.count() * run.pitch().toMm() + 2 * corner).isCloseTo(run.along(), within(1e-3));
            assertThat(run.pitch().toMm()).as("as near as whole ones come").isBetween(pitch / 1.5, pitch * 2.0);
            int arcs = form == Form.WAVES ? 2 : 1;
            double half = run.pitch().toMm() / arcs / 2;
            double deep = (double) rise / arcs;
            double radius = run.radius(edge).toMm();
            assertThat(half * half).isCloseTo(deep * (2 * radius - deep), within(1e-3));
            double turn = 2 * Math.asin(half / radius);
            double segment = radius * radius * (turn - Math.sin(turn)) / 2;
            sawn += run.count() * (form == Form.WAVES ? run.pitch().toMm() * rise / 2 : segment);
        }
        Geometry opening = Outlines.polygon(frame.inner());
        Geometry sight = Outlines.polygon(Known.in(frame.lines(), Line.SIGHT));
        assertThat(opening.isValid()).isTrue();
        assertThat(opening.buffer(1e-6).covers(sight)).as("points touch the sight line").isTrue();
        assertThat(sight.buffer(rise + 1e-6, 64).covers(opening)).as("no deeper than asked").isTrue();
        assertThat(opening.getArea() - sight.getArea()).isCloseTo(sawn, within(sawn * 0.01));
        List<Geometry> pieces = frame.members().stream()
                .<Geometry>map(member -> Outlines.polygon(member.seen(false)))
                .toList();
        Geometry all = Outlines.union(pieces);
        Geometry ring = OverlayNGRobust.overlay(
                Outlines.polygon(Known.in(frame.lines(), Line.OUTSIDE)), opening, OverlayNG.DIFFERENCE);
        assertThat(OverlayNGRobust.overlay(all, ring, OverlayNG.SYMDIFFERENCE).getArea())
                .as("the pieces leave that opening")
                .isLessThan(0.1);
        double kg = Planner.plan(job, Sample.shop()).hang().weight().wood().value().toKg();
        assertThat(kg).isCloseTo(ring.getArea() * 12 * 620e-9, within(kg * 0.002));
    }

    /** Corners first: of a side of 1000 with 50 straight at both ends 9 repeats of 100 are left. */
    @Test
    void cornersAreSetFirst() {
        EdgeRun run = Frame.of(job(1000, 1000, 80, edge(Form.SCALLOPS, 95, 20, 50)), Sample.shop())
                .result()
                .edgeRuns()
                .getFirst();
        assertThat(run.count()).isEqualTo(9);
        assertThat(run.pitch()).isEqualTo(Length.mm(100));
        assertThat(run.radius(edge(Form.SCALLOPS, 95, 20, 50))).isEqualTo(Length.mm(72.5));
        assertThatThrownBy(() -> Frame.of(job(300, 300, 80, edge(Form.WAVES, 90, 60, 50)), Sample.shop()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("60")
                .hasMessageContaining("50");
    }

    private static Finding found(Plan plan, String id) {
        return plan.findings().stream()
                .filter(finding -> finding.what().key().equals("finding." + id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id + " is not among " + plan.findings()));
    }

    /** Whatever is found of a shape is gone with its remedy. */
    @Test
    void everyRemedyCures() {
        Job thin = job(600, 730, 30, edge(Form.WAVES, 90, 22, 20));
        Job covered = Sample.job("12", "16");
        Job shallow = new Edit.ShapeEdge(Optional.of(edge(Form.SCALLOPS, 60, 8, 20)))
                .apply(covered.withSection(new Section(
                        "flat",
                        Species.RED_OAK,
                        Length.mm(50),
                        Length.mm(20),
                        new Recess.Rabbet(Length.mm(9), Length.mm(12)),
                        Profile.FLAT)));
        Job oak = shallow.with(shallow.body().withEdge(Optional.of(edge(Form.SCALLOPS, 30, 7, 20))));
        Map<String, Job> cases = Map.of(
                "edge_leaves_little", thin,
                "edge_uncovers", shallow,
                "edge_unlike", job(260, 730, 60, edge(Form.WAVES, 180, 10, 20)),
                "edge_sharp", oak);
        cases.forEach((id, job) -> {
            Plan plan = Planner.plan(job, Sample.shop());
            Remedy.OnJob cure = (Remedy.OnJob) found(plan, id).remedy().orElseThrow();
            Plan cured = Planner.plan(cure.edit().apply(job), Sample.shop());
            assertThat(cured.findings())
                    .as(id)
                    .noneMatch(finding -> finding.what().key().equals("finding." + id));
        });
    }
}
