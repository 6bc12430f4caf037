package neatcorner.core.frame;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Body;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Contents;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Heading;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Outlines;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Pieces that meet square: checked as solids by an independent geometry library, JTS, level by level. */
class SquaringTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Job squared(SquareCorner corner, Through through) {
        Job job = Sample.job("12", "16");
        return job.with(job.body().with(new Construction.Squared(corner, through)));
    }

    private static Job bare(Line line, Length width, Length height, Section section) {
        Outline outline = new Boxed.Rectangle(new Size(line, width), new Size(line, height));
        return Job.of(
                new Heading("bare", "", 1), new Body(outline, section, Map.of(), Lean.FLAT), Contents.NOTHING);
    }

    private static Length sawn(Frame frame, int side) {
        return frame.members().get(side).longPoint().value();
    }

    /**
     * At every level the four pieces lie side by side, nothing twice, and together they are the whole ring between
     * outside and sight; and what the saw cuts holds what is left of it.
     */
    @Property(tries = 300, seed = Seed.FIXED)
    void thePiecesFillTheirJointsExactly(
            @ForAll SquareCorner corner,
            @ForAll Through through,
            @ForAll @IntRange(min = 100, max = 900) int width,
            @ForAll @IntRange(min = 100, max = 900) int height,
            @ForAll @IntRange(min = 12, max = 90) int face,
            @ForAll @IntRange(min = 12, max = 90) int bottom,
            @ForAll @IntRange(min = 9, max = 60) int thick) {
        Section section = new Section(
                "bar", Species.MAPLE, Length.mm(face), Length.mm(thick), new Recess.Bar(), Profile.FLAT);
        Job plain = bare(Line.SIGHT, Length.mm(width), Length.mm(height), section)
                .withFace("bottom", Optional.of(Length.mm(bottom)));
        Job job = plain.with(plain.body().with(new Construction.Squared(corner, through)));
        Frame frame = Frame.of(job, Sample.shop()).result();
        Geometry ring = Outlines.polygon(Known.in(frame.lines(), Line.OUTSIDE))
                .difference(Outlines.polygon(frame.inner()));
        for (double level = 0.05; level < 1; level += 0.1) {
            double at = level * thick;
            List<Geometry> cut = frame.members().stream()
                    .map(member -> member.slabs().stream()
                            .filter(slab -> slab.low() <= at && slab.high() > at)
                            .<Geometry>map(slab -> Outlines.polygon(slab.outline()))
                            .reduce(Geometry::union)
                            .orElseThrow())
                    .toList();
            double sum = cut.stream().mapToDouble(Geometry::getArea).sum();
            Geometry all = cut.stream().reduce(Geometry::union).orElseThrow();
            assertThat(sum).as("nothing twice").isCloseTo(all.getArea(), within(1e-3));
            assertThat(all.symDifference(ring).getArea()).as("the whole ring").isLessThan(1e-3);
        }
        for (Member member : frame.members()) {
            Geometry sawn = Outlines.polygon(member.outline()).buffer(1e-6);
            assertThat(member.slabs()).allMatch(slab -> sawn.covers(Outlines.polygon(slab.outline())));
            assertThat(member.slabs().getLast().high()).isCloseTo(thick, within(1e-9));
        }
        // Whatever one piece gives the other takes: as heavy as mitred. The ring's volume by another way.
        Weight weight = Weight.of(Assembly.of(job, Sample.shop())).result();
        assertThat(weight.wood().value().toKg())
                .isCloseTo(ring.getArea() * thick * 1e-9 * Species.MAPLE.density(), within(1e-6));
    }

    /**
     * Common practice, no source: half-lapped pieces are all as long as the outside; butted ones lose both faces; a
     * shelf in housings is as long as the clear width and both housings.
     */
    @Test
    void lengthsAreThoseOfTheTrade() {
        Job plain = bare(Line.OUTSIDE, in("20"), in("30"), Sample.bar());
        Map<SquareCorner, String> between = Map.of(
                SquareCorner.HALF_LAPPED, "20",
                SquareCorner.MITRE_LAPPED, "20",
                SquareCorner.BRIDLED, "20",
                SquareCorner.BUTTED, "17",
                SquareCorner.HOUSED, "18");
        between.forEach((corner, top) -> {
            Frame frame = Frame.of(
                            plain.with(plain.body().with(new Construction.Squared(corner, Through.STILES))),
                            Sample.shop())
                    .result();
            assertThat(sawn(frame, 0)).as(corner.name()).isEqualTo(in(top));
            assertThat(sawn(frame, 1)).isEqualTo(in("30"));
        });
    }

    /** A number typed on a piece that stands between others is no outside size; one that runs through is. */
    @Test
    void onlyAPieceThatRunsThroughSolvesForTheOutside() {
        Job job = squared(SquareCorner.BUTTED, Through.STILES);
        Frame frame = Frame.of(job, Sample.shop()).result();
        assertThat(GiveWay.sizeOf(job, frame.members().get(1).longPoint().key())).isPresent();
        assertThat(GiveWay.sizeOf(job, frame.members().get(0).longPoint().key())).isEmpty();
    }

    @Test
    void onlyFlatRectanglesMeetSquareAndAnotherShapeIsMitredAgain() {
        Job job = squared(SquareCorner.BRIDLED, Through.RAILS);
        Body body = job.body();
        assertThatThrownBy(() -> body.with(new Lean(10, Lean.Way.values()[0]))).isInstanceOf(Refusal.class);
        Outline six = new Outline.Regular(6, Outline.Across.values()[0], job.given(Axis.WIDTH)
                .orElseThrow());
        assertThat(new Edit.Draw(six).apply(job).squared()).isEmpty();
    }

    /** Pieces that cannot have their rabbet first get it when they are together; what nobody can cut there is found. */
    @Test
    void whatRunsAlongTheStickIsCutLaterOrFound() {
        Job job = squared(SquareCorner.HALF_LAPPED, Through.STILES);
        assertThat(job.rabbeting()).isEqualTo(Rabbeting.AFTER_SQUARED);
        assertThat(stops(job)).isEmpty();
        assertThat(stops(job.withSection(job.section().withRecess(new Recess.Slot(in("1/4"), in("1/4"), in("1/8"))))))
                .contains("square_section");
        Section box = new Section(
                "side",
                Species.PINE,
                in("3/4"),
                in("4"),
                new Recess.Slot(in("1/4"), in("1/2"), in("1/4")), Profile.FLAT);
        assertThat(stops(squared(SquareCorner.HOUSED, Through.STILES).withSection(box)))
                .as("a groove no deeper than the housing is hidden in it")
                .doesNotContain("square_section");
        Section deep =
                box.withRecess(new Recess.Slot(in("5/16"), in("1/2"), in("1/4")));
        assertThat(stops(squared(SquareCorner.HOUSED, Through.STILES).withSection(deep)))
                .contains("square_section");
    }

    private static List<String> stops(Job job) {
        return Planner.plan(job, Sample.shop()).findings().stream()
                .filter(finding -> finding.severity() == Severity.STOP)
                .map(finding -> finding.id())
                .toList();
    }

    /** Joints for mitres are not offered where pieces meet square; whatever lies in a corner lies in its wood. */
    @Property(tries = 150, seed = Seed.FIXED)
    void onlyJointsThatGoWithTheCornerAreOffered(
            @ForAll SquareCorner corner,
            @ForAll Through through,
            @ForAll @IntRange(min = 14, max = 90) int face,
            @ForAll @IntRange(min = 10, max = 50) int thick) {
        Job job = bare(
                Line.OUTSIDE,
                in("14"),
                in("18"),
                Sample.bar().withFace(Length.mm(face)).withThickness(Length.mm(thick)));
        Construction construction = new Construction.Squared(corner, through);
        Plan plan = Planner.plan(job.with(job.body().with(construction)), Sample.shop());
        assertThat(plan.joints().options())
                .allMatch(option -> Joints.of(option.kind()).goesWith(construction));
        assertThat(plan.joints().options()).noneMatch(option -> option.kind().equals(JointKind.SPLINED));
        Geometry wood = Outlines.polygon(Known.in(plan.frame().lines(), Line.OUTSIDE))
                .difference(Outlines.polygon(plan.frame().inner()))
                .buffer(1e-6);
        plan.joints().options().stream().filter(option -> option.fits()).forEach(option -> Joints.of(option.kind())
                .inserts(plan.frame(), option)
                .forEach(insert -> assertThat(insert.places()).as(option.kind().id()).allSatisfy(place -> {
                    assertThat(place.z()).isBetween(-1e-6, thick + 1e-6);
                    assertThat(wood.covers(FACTORY.createPoint(new Coordinate(place.x(), place.y()))))
                            .isTrue();
                })));
    }

    /** Bars across: every field is as wide, and what they weigh is the area of all bars together, times thickness. */
    @Property(tries = 100, seed = Seed.FIXED)
    void barsAcrossLieEvenly(
            @ForAll @IntRange(min = 400, max = 1500) int width,
            @ForAll @IntRange(min = 400, max = 1500) int height,
            @ForAll @IntRange(min = 0, max = 4) int upright,
            @ForAll @IntRange(min = 0, max = 4) int level) {
        Job plain = bare(Line.OUTSIDE, Length.mm(width), Length.mm(height), Sample.bar());
        Job job = plain.with(plain.body().with(new CrossBars(upright, level)));
        Frame frame = Frame.of(job, Sample.shop()).result();
        assertThat(frame.cross()).hasSize(upright + level);
        Geometry bars = frame.cross().stream()
                .<Geometry>map(bar -> Outlines.polygon(bar.outline()))
                .reduce(FACTORY.createPolygon(), Geometry::union);
        Geometry fields = Outlines.polygon(frame.inner()).difference(bars.buffer(1e-5));
        assertThat(fields.getNumGeometries()).isEqualTo((upright + 1) * (level + 1));
        double one = fields.getGeometryN(0).getArea();
        for (int i = 0; i < fields.getNumGeometries(); i++) {
            assertThat(fields.getGeometryN(i).getArea()).isCloseTo(one, within(0.1));
        }
        Geometry ring = Outlines.polygon(Known.in(frame.lines(), Line.OUTSIDE))
                .difference(Outlines.polygon(frame.inner()));
        double thick = Sample.bar().thickness().toMm();
        assertThat(Weight.of(Assembly.of(job, Sample.shop()))
                        .result()
                        .wood()
                        .value()
                        .toKg())
                .isCloseTo(
                        (ring.getArea() + bars.getArea()) * thick * 1e-9 * Species.PINE.density(), within(1e-6));
    }

    /** What cloth draws in is cured by as many bars as it takes, and no more. */
    @Test
    void barsAcrossHoldWhatClothDrawsIn() {
        Job job = bare(Line.OUTSIDE, in("70"), in("40"), Sample.bar());
        Plan plan = Planner.plan(job, Sample.shop());
        var finding = plan.findings().stream()
                .filter(found -> found.id().equals("drawn_in"))
                .findFirst()
                .orElseThrow();
        Job cured = ((Remedy.OnJob) finding.remedy().orElseThrow()).edit().apply(job);
        assertThat(cured.body().cross()).isEqualTo(new CrossBars(1, 0));
        assertThat(Planner.plan(cured, Sample.shop()).findings())
                .extracting(found -> found.id())
                .doesNotContain("drawn_in");
    }

    /** What butted corners do not hold, half-laps do: that is offered, and it is enough. */
    @Test
    void whatSuchCornersDoNotHoldIsHalfLapped() {
        Job heavy = Sample.job("48", "66").withSection(Sample.rabbeted("1 1/4", "1 1/8", "1/4", "5/16"));
        Job butted = heavy.with(heavy.body().with(new Construction.Squared(SquareCorner.BUTTED, Through.STILES)));
        Plan plan = Planner.plan(butted, Sample.shop());
        var finding = plan.findings().stream()
                .filter(found -> found.id().equals("corners_beyond"))
                .findFirst()
                .orElseThrow();
        Job lapped = ((Remedy.OnJob) finding.remedy().orElseThrow()).edit().apply(butted);
        assertThat(Planner.plan(lapped, Sample.shop()).findings())
                .extracting(found -> found.id())
                .doesNotContain("corners_beyond", "joint_beyond", "joint_too_weak");
    }

    /** A shape drawn over a frame with a wide bottom rail, or over one that leans, is not refused for what it drops. */
    @Test
    void anotherShapeDropsWhatItDoesNotHave() {
        Job wide = Sample.job("12", "16").withFace("bottom", Optional.of(in("2 1/2")));
        Outline six =
                new Outline.Regular(6, Outline.Across.values()[0], wide.given(Axis.WIDTH).orElseThrow());
        assertThat(new Edit.Draw(six).apply(wide).faces()).isEmpty();
        Job leaning = Sample.job("12", "16").withLean(new Lean(10, Lean.Way.values()[0]));
        Size size = leaning.given(Axis.WIDTH).orElseThrow();
        assertThat(new Edit.Draw(new Boxed.Round(size, size, 12)).apply(leaning).lean()).isEqualTo(Lean.FLAT);
    }

    /** Turned round, or lapped otherwise, a corner is held by the joint that was chosen; a butted one is not. */
    @Test
    void aJointIsKeptWhereItStillHolds() {
        Job lapped = squared(SquareCorner.HALF_LAPPED, Through.STILES);
        Job pegged = lapped.withChoices(lapped.choices().withJoint(Optional.of(JointKind.PEGGED)));
        assertThat(joint(pegged, new Construction.Squared(SquareCorner.BRIDLED, Through.RAILS)))
                .contains(JointKind.PEGGED);
        assertThat(joint(pegged, new Construction.Squared(SquareCorner.BUTTED, Through.STILES))).isEmpty();
        assertThat(joint(pegged, Construction.MITRED)).isEmpty();
    }

    private static Optional<JointKind> joint(Job job, Construction construction) {
        return new Edit.Build(construction).apply(job).choices().joint();
    }

    /** All housings are as deep as the thinnest side allows; what is deeper shows in that. */
    @Test
    void aGrooveIsMeasuredByTheThinnestSide() {
        Section box = new Section(
                "side",
                Species.PINE,
                in("3/4"),
                in("4"),
                new Recess.Slot(in("1/4"), in("1/2"), in("1/4")),
                Profile.FLAT);
        Job even = squared(SquareCorner.HOUSED, Through.STILES).withSection(box);
        assertThat(stops(even)).doesNotContain("square_section");
        Job uneven = even.withFace("left", Optional.of(in("5/8")));
        assertThat(stops(uneven)).contains("square_section");
        Frame frame = Frame.of(uneven, Sample.shop()).result();
        assertThat(sawn(frame, 0))
                .as("outside less both sides, and two housings of a third of the thinner")
                .isEqualTo(frame.width(Line.OUTSIDE)
                        .minus(in("3/4"))
                        .minus(in("5/8"))
                        .plus(in("5/8").over(3).times(2)));
    }
}
