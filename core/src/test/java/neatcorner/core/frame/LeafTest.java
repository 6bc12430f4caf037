package neatcorner.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.cut.SheetPiece;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Body;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Placement.Hinged;
import neatcorner.core.job.Slats;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Tape;
import neatcorner.core.job.Through;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outlines;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.SizeKey;
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

/** Leaves with slats, hung in an opening: sizes by independent sums, places by JTS. */
class LeafTest {
    private static Section bar(int face, int thick) {
        return new Section("bar", Species.PINE, Length.mm(face), Length.mm(thick), new Recess.Bar(), Profile.FLAT);
    }

    /** A frame with an opening so large, and leaves in it. */
    private static Job job(int width, int height, int gap, Hinged.Leaves leaves, Optional<Slats> slats) {
        Job frame = Sample.job("20", "20")
                .withSection(new Section(
                        "frame",
                        Species.PINE,
                        Length.mm(60),
                        Length.mm(50),
                        new Recess.Rabbet(Length.mm(10), Length.mm(18)),
                        Profile.FLAT));
        Job sized = new Edit.Give(Axis.HEIGHT, Line.SIGHT, Length.mm(height))
                .apply(new Edit.Give(Axis.WIDTH, Line.SIGHT, Length.mm(width)).apply(frame));
        Body body = new Body(sized.outline(), bar(40, 25), Map.of(), Lean.FLAT)
                .with(new Construction.Squared(SquareCorner.BRIDLED, Through.STILES))
                .withSlats(slats);
        return sized.withPart(Part.of("leaf", new Hinged("frame", Length.mm(gap), leaves), body));
    }

    private static Slats slats(int width, int pitch, int degrees) {
        return new Slats(Length.mm(width), Length.mm(6), Length.mm(pitch), degrees, Length.mm(8), Length.mm(1));
    }

    private static Geometry moved(List<Point> outline, Assembly.Lie lie) {
        return Outlines.polygon(outline.stream().map(lie::of).toList());
    }

    /** (opening − gaps) / number; they lie in the opening, everywhere the gap away from its sides and each other. */
    @Property(tries = 100, seed = Seed.FIXED)
    void leavesShareTheOpening(
            @ForAll Hinged.Leaves leaves,
            @ForAll @IntRange(min = 300, max = 1200) int width,
            @ForAll @IntRange(min = 200, max = 1500) int height,
            @ForAll @IntRange(min = 2, max = 6) int gap) {
        Assembly whole = Assembly.of(job(width, height, gap, leaves, Optional.empty()), Sample.shop());
        Frame leaf = whole.frame(1);
        int n = leaves == Hinged.Leaves.PAIR ? 2 : 1;
        assertThat(leaf.width(Line.OUTSIDE).toMm()).isCloseTo((width - gap * (n + 1.0)) / n, within(1e-5));
        assertThat(leaf.height(Line.OUTSIDE).toMm()).isCloseTo(height - 2.0 * gap, within(1e-5));
        Geometry opening = moved(Known.in(whole.frame(0).lines(), Line.SIGHT), Assembly.Lie.FIRST);
        List<Geometry> placed = new ArrayList<>();
        whole.copies(1).forEach(lie -> placed.add(moved(Known.in(leaf.lines(), Line.OUTSIDE), lie)));
        assertThat(placed).hasSize(n);
        placed.forEach(one -> {
            assertThat(opening.covers(one)).isTrue();
            assertThat(opening.getBoundary().distance(one)).isCloseTo(gap, within(1e-4));
        });
        if (n == 2) {
            assertThat(placed.get(0).distance(placed.get(1))).isCloseTo(gap, within(1e-4));
        }
    }

    /** The opening from the leaves is the leaves from the opening, the other way round. */
    @Property(tries = 100, seed = Seed.FIXED)
    void theOpeningFollowsFromTheLeaves(
            @ForAll Hinged.Leaves leaves,
            @ForAll @IntRange(min = 200, max = 600) int wide,
            @ForAll @IntRange(min = 300, max = 1500) int high) {
        Job job = job(800, 900, 3, leaves, Optional.empty());
        Job given = new Edit.Give(Axis.HEIGHT, Line.OUTSIDE, Length.mm(high))
                .apply(new Edit.Give(Axis.WIDTH, Line.OUTSIDE, Length.mm(wide)).apply(job));
        Assembly whole = Assembly.of(given, Sample.shop());
        assertThat(whole.frame(1).width(Line.OUTSIDE)).isEqualTo(Length.mm(wide));
        assertThat(whole.frame(1).height(Line.OUTSIDE)).isEqualTo(Length.mm(high));
        GiveWay.Option typed = GiveWay.options(
                        job, Sample.shop(), new SizeKey(Line.OUTSIDE, Axis.WIDTH), Length.mm(wide))
                .getFirst();
        Assembly other = Assembly.of(typed.edit().apply(job), Sample.shop());
        assertThat(other.frame(1).width(Line.OUTSIDE)).isEqualTo(Length.mm(wide));
        assertThat(other.frame(0).width(Line.SIGHT)).as("and it said so").isEqualTo(typed.value());
    }

    /** All slats as far apart, as much free above the first as below the last, and as wide apart as asked, nearly. */
    @Property(tries = 200, seed = Seed.FIXED)
    void slatsAreEven(
            @ForAll @IntRange(min = 200, max = 1500) int height,
            @ForAll @IntRange(min = 10, max = 60) int width,
            @ForAll @IntRange(min = 14, max = 90) int pitch,
            @ForAll @IntRange(min = 0, max = 14) int tilt) {
        Slats slats = slats(width, pitch, 5 * tilt);
        Frame leaf;
        try {
            leaf = Assembly.of(job(600, height, 2, Hinged.Leaves.LEFT, Optional.of(slats)), Sample.shop())
                    .frame(1);
        } catch (Refusal meet) {
            assertThat(slats.pitch().isOver(slats.high())).as("only slats that overlap can meet").isFalse();
            return;
        }
        List<Point> inner = leaf.inner();
        double top = inner.get(0).y();
        double low = inner.get(2).y();
        List<Member> all = leaf.slats();
        double first = all.getFirst().outline().getFirst().y() - top;
        double last = low - all.getLast().outline().get(2).y();
        assertThat(first).isCloseTo(last, within(1e-3)).isPositive();
        for (int i = 1; i < all.size(); i++) {
            double step = all.get(i).outline().getFirst().y() - all.get(i - 1).outline().getFirst().y();
            assertThat(step).isCloseTo(leaf.slatting().orElseThrow().pitch(), within(1e-6));
            assertThat(step).isBetween(pitch / 2.0, pitch * 2.0);
        }
        double clear = inner.get(1).x() - inner.get(0).x();
        assertThat(all.getFirst().longPoint().value().toMm()).isCloseTo(clear + 2 * 8 - 1, within(1e-5));
    }

    /** Everything twice for a pair: pieces, and their weight as volume times density, 430 kg/m³. */
    @Test
    void aPairIsCutAndWeighedTwice() {
        Job job = job(700, 800, 2, Hinged.Leaves.PAIR, Optional.of(slats(30, 40, 0)));
        Plan plan = Planner.plan(job, Sample.shop());
        Frame leaf = plan.frame();
        long slats = plan.cuts().sticks().stream()
                .flatMap(stick -> stick.placed().stream())
                .filter(placed -> placed.piece().member().side().letters().startsWith("S"))
                .count();
        assertThat(slats).isEqualTo(2L * leaf.slats().size());
        double w = (700 - 6) / 2.0;
        double h = 800 - 4;
        double ring = (w * h - (w - 80) * (h - 80)) * 25;
        double between = leaf.slats().size() * 30 * 6 * (w - 80 + 15);
        double kg = plan.hang().weight().wood().value().toKg();
        assertThat(kg).isCloseTo((ring + between) * 430e-9, within(0.001));
        assertThat(plan.cuts().sheeted()).noneMatch(SheetPiece::isWhole);
    }

    /** A sixth of the height from the ends, three over a metre: common practice, no source. */
    @Test
    void hingesStandWhereTheyUsuallyDo() {
        Plan low = Planner.plan(job(600, 904, 2, Hinged.Leaves.LEFT, Optional.empty()), Sample.shop());
        Plan high = Planner.plan(job(600, 1204, 2, Hinged.Leaves.RIGHT, Optional.empty()), Sample.shop());
        assertThat(figure(low, "hinge.count")).isEqualTo(new Count(2));
        assertThat(figure(low, "hinge.from_end")).isEqualTo(Length.mm(150));
        assertThat(figure(high, "hinge.count")).isEqualTo(new Count(3));
        assertThat(figure(high, "hinge.from_end")).isEqualTo(Length.mm(200));
    }

    /** A bought leaf 20 mm too wide: its rails and slats lose that, its stiles nothing. */
    @Test
    void aBoughtLeafIsMadeNarrower() {
        Job job = job(604, 904, 2, Hinged.Leaves.LEFT, Optional.of(slats(30, 40, 0)))
                .withMeasured(Tape.TOP, Length.mm(620))
                .withMeasured(Tape.BOTTOM, Length.mm(620));
        assertThat(Planner.plan(job, Sample.shop()).glue().steps())
                .filteredOn(step -> step.key().equals("attach.leaf_narrower_slats"))
                .singleElement()
                .satisfies(step -> assertThat(step.args()).contains(Length.mm(20)));
    }

    private static Object figure(Plan plan, String id) {
        return plan.figures().entrySet().stream()
                .filter(entry -> entry.getKey().id().equals(id))
                .<Object>map(entry -> entry.getValue().value())
                .findFirst()
                .orElseThrow();
    }

    /** What is found of leaves and slats names its numbers and is gone with its remedy; what cannot be is refused. */
    @Test
    void whatIsWrongIsFoundAndCured() {
        Map<String, Job> cases = Map.of(
                "slats_stand_out", job(600, 900, 2, Hinged.Leaves.PAIR, Optional.of(slats(40, 30, 45))),
                "leaf_binds", job(600, 900, 0, Hinged.Leaves.PAIR, Optional.empty()),
                "slat_groove",
                        job(
                                600,
                                900,
                                2,
                                Hinged.Leaves.LEFT,
                                Optional.of(new Slats(
                                        Length.mm(20),
                                        Length.mm(6),
                                        Length.mm(30),
                                        0,
                                        Length.mm(30),
                                        Length.ZERO))));
        cases.forEach((id, job) -> {
            Finding found = Planner.plan(job, Sample.shop()).findings().stream()
                    .filter(finding -> finding.id().equals(id))
                    .findFirst()
                    .orElseThrow(() -> new AssertionError(id));
            Job cured = ((Remedy.OnJob) found.remedy().orElseThrow()).edit().apply(job);
            assertThat(Planner.plan(cured, Sample.shop()).findings())
                    .noneMatch(finding -> finding.id().equals(id));
        });
        assertThatThrownBy(() -> Assembly.of(
                        job(600, 900, 2, Hinged.Leaves.PAIR, Optional.of(slats(40, 30, 5))), Sample.shop()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("5");
        assertThatThrownBy(() -> Assembly.of(
                        Sample.job("20", "20")
                                .withPart(Part.of(
                                        "leaf",
                                        new Placement.Hinged("door", Length.mm(2), Hinged.Leaves.LEFT),
                                        new Body(
                                                Sample.job("20", "20").outline(),
                                                bar(40, 20),
                                                Map.of(),
                                                Lean.FLAT))),
                        Sample.shop()))
                .hasMessageContaining("door");
    }
}
