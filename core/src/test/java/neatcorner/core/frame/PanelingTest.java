package neatcorner.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Body;
import neatcorner.core.job.Job;
import neatcorner.core.job.Panel;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Slats;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Remedy;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Climate;
import neatcorner.core.wood.Species;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

/** A panel in the grooves of a leaf. */
class PanelingTest {
    record Case(double width, double height, Panel panel) {
        Plan plan() {
            return PanelingTest.plan(leaf(width, height, panel));
        }
    }

    /** A pair of leaves in an opening so large. */
    private static Job leaf(double width, double height, Panel panel) {
        Section bar = new Section(
                "bar", Species.CHERRY, Length.mm(60), Length.mm(24), new Recess.Bar(), Profile.FLAT);
        Job job = Sample.job("12", "16")
                .withOutline(new Boxed.Rectangle(
                        new Size(Line.SIGHT, Length.mm(width)), new Size(Line.SIGHT, Length.mm(height))));
        Body body = new Body(job.outline(), bar, Map.of(), Lean.FLAT).withPanel(Optional.of(panel));
        return job.withPart(Part.of(
                        "doors", new Placement.Hinged("frame", Length.mm(2), Placement.Hinged.Leaves.PAIR), body))
                .at(1);
    }

    private static Plan plan(Job job) {
        return Planner.plan(job, Sample.shop());
    }

    @Provide
    Arbitrary<Case> cases() {
        return Arbitraries.randomValue(random -> new Case(
                500 + random.nextInt(1500),
                300 + random.nextInt(900),
                new Panel(
                        List.of(Species.CHERRY, Species.BEECH, Species.PLYWOOD).get(random.nextInt(3)),
                        Length.mm(6 + random.nextInt(8)),
                        Length.mm(4 + random.nextInt(20)),
                        Length.mm(random.nextInt(14)))));
    }

    private static Envelope box(List<Point> places) {
        Envelope box = new Envelope();
        places.forEach(place -> box.expandToInclude(place.x(), place.y()));
        return box;
    }

    /** By an independent sum and JTS: the clear opening, both grooves, less the play, in the middle of it. */
    @Property(tries = 60, seed = Seed.FIXED)
    void itLiesInAllGroovesWithItsPlay(@ForAll("cases") Case of) {
        Frame leaf = of.plan().frame();
        double wide = (of.width - 3 * 2) / 2 - 2 * 60 + 2 * of.panel.groove().toMm() - of.panel.play().toMm();
        double high = of.height - 2 * 2 - 2 * 60 + 2 * of.panel.groove().toMm() - of.panel.play().toMm();
        Envelope panel = box(leaf.panel().getFirst().outline());
        assertThat(panel.getWidth()).isCloseTo(wide, within(1e-4));
        assertThat(panel.getHeight()).isCloseTo(high, within(1e-4));
        assertThat(leaf.panel().getFirst().longPoint().value().toMm())
                .as("its grain runs the longer way")
                .isCloseTo(Math.max(wide, high), within(1e-4));
        Envelope opening = box(leaf.inner());
        assertThat(panel.centre().distance(opening.centre())).isLessThan(1e-4);
    }

    /**
     * Wood Handbook (USDA Forest Products Laboratory), chapter 13: ΔD = D·C_T·ΔM, with C_T of cherry 0.00248 and of
     * beech 0.00431 (from memory). What binds or falls out is found, nothing else is, and the remedy cures both.
     */
    @Property(tries = 80, seed = Seed.FIXED)
    void itMovesWithTheAir(@ForAll("cases") Case of) {
        Plan plan = of.plan();
        double coefficient = of.panel.species() == Species.CHERRY
                ? 0.00248
                : of.panel.species() == Species.BEECH ? 0.00431 : 0;
        Envelope panel = box(plan.frame().panel().getFirst().outline());
        double across = Math.min(panel.getWidth(), panel.getHeight());
        Climate air = Sample.shop().climate();
        double swells = across * coefficient * Math.max(0, air.swelling());
        double shrinks = across * coefficient * Math.max(0, -air.drying());
        Paneling moves = plan.get(Paneling.class);
        assertThat(moves.swells().toMm()).isCloseTo(swells, within(1e-3));
        assertThat(moves.shrinks().toMm()).isCloseTo(shrinks, within(1e-3));
        double play = of.panel.play().toMm();
        boolean grown = coefficient > 0;
        boolean binds = grown && swells > play;
        boolean falls = grown && !binds && play > 2 * of.panel.groove().toMm() - shrinks - 6;
        List<String> found = found(plan);
        assertThat(found.contains("panel_binds")).isEqualTo(binds);
        assertThat(found.contains("panel_falls")).isEqualTo(falls);
        plan.findings().stream()
                .filter(finding -> finding.id().startsWith("panel_"))
                .flatMap(finding -> finding.remedy().stream())
                .filter(Remedy.OnJob.class::isInstance)
                .forEach(remedy -> assertThat(found(plan(((Remedy.OnJob) remedy).edit().apply(plan.job()))))
                        .doesNotContain("panel_binds", "panel_falls"));
    }

    private static List<String> found(Plan plan) {
        return plan.findings().stream().map(finding -> finding.id()).toList();
    }

    @Test
    void sidesThatAreTooThinForItsGrooveAreFound() {
        Plan thick = plan(leaf(900, 700, new Panel(Species.CHERRY, Length.mm(20), Length.mm(10), Length.mm(4))));
        assertThat(found(thick)).contains("panel_thick");
        Plan deep = plan(leaf(900, 700, new Panel(Species.CHERRY, Length.mm(8), Length.mm(40), Length.mm(4))));
        assertThat(found(deep)).contains("slat_groove");
    }

    @Test
    void slatsAndAPanelTakeEachOthersPlace() {
        Job job = leaf(900, 700, Panel.usual(Sample.bar()));
        Job slatted = new Edit.Slat(Optional.of(Slats.usual(job.section()))).apply(job);
        assertThat(slatted.body().panel()).isEmpty();
        assertThat(new Edit.Fill(job.body().panel()).apply(slatted).body().slats()).isEmpty();
        assertThatThrownBy(() -> new Edit.Fill(job.body().panel()).apply(Sample.job("12", "16")))
                .isInstanceOf(Refusal.class);
        assertThat(Stream.of(job, slatted)).allMatch(leaf -> leaf.body().isFilled());
    }
}
