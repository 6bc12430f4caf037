package neatcorner.core.cut;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.job.Body;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Heading;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Rack;
import neatcorner.core.rack.Sheet;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.sheet.SheetProblem;
import neatcorner.core.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Sides sawn from sheets: every one on a sheet as thick, along its grain, and never on a stick. */
class SheetPiecesTest {
    private static Job job(int width, int height, int face, int thick) {
        Section section = new Section(
                "face", Species.PLYWOOD, Length.mm(face), Length.mm(thick), new Recess.Bar(), Profile.FLAT);
        return Job.of(
                        new Heading("face", "", 1),
                        new Body(
                                new Boxed.Rectangle(
                                        new Size(Line.OUTSIDE, Length.mm(width)),
                                        new Size(Line.OUTSIDE, Length.mm(height))),
                                section,
                                Map.of(),
                                Lean.FLAT),
                        Contents.NOTHING)
                .withQuantity(2);
    }

    private static Sheet sheet(String label, double thick, int count, Sheet.Grain grain) {
        return new Sheet(
                label,
                Material.PLYWOOD,
                Length.mm(2440),
                Length.mm(1220),
                Length.mm(thick),
                count,
                false,
                grain,
                "",
                Optional.empty(),
                "");
    }

    private static List<SheetLot> lots(Job job, Shop shop) {
        return SheetLot.of(Lots.orders(Assembly.of(job, shop)), shop, Answers.NONE);
    }

    @Property(tries = 60, seed = Seed.FIXED)
    void everySideLiesOnASheetAsThickAndAlongItsGrain(
            @ForAll @IntRange(min = 300, max = 1200) int width,
            @ForAll @IntRange(min = 300, max = 2400) int height,
            @ForAll @IntRange(min = 30, max = 120) int face,
            @ForAll boolean grained) {
        Shop shop = Sample.shop()
                .withRack(Rack.EMPTY.with(List.of(
                        sheet("thin", 4, 9, Sheet.Grain.NONE),
                        sheet("right", 12.4, 9, grained ? Sheet.Grain.ACROSS : Sheet.Grain.NONE))));
        Job job = job(width, height, face, 12);
        Plan plan = Planner.plan(job, shop);
        assertThat(plan.cuts().sticks()).isEmpty();
        assertThat(plan.findings()).extracting(Finding::id).doesNotContain("no_sheet", "sheets_too_small");
        SheetLot lot = lots(job, shop).getFirst();
        assertThat(lot.tooLarge()).isEmpty();
        assertThat(lot.sheets()).allMatch(one -> one.orElseThrow().label().equals("right"));
        SheetProblem problem = lot.problem().orElseThrow();
        assertThat(problem.panes().stream().mapToInt(SheetProblem.Pane::count).sum())
                .as("four sides of two frames")
                .isEqualTo(8);
        assertThat(problem.panes()).allSatisfy(pane -> {
            assertThat(pane.height()).isEqualTo(Length.mm(face));
            assertThat(pane.width()).isIn(Length.mm(width), Length.mm(height));
            assertThat(pane.canTurn()).isEqualTo(!grained);
        });
        Shop after = Booking.ofSheets(lots(job, shop), shop, Length.mm(200)).edit().apply(shop);
        assertThat(((Sheet) after.rack().item("right").orElseThrow()).count())
                .isEqualTo(9 - lot.answer().orElseThrow().sheets().size());
        assertThat(((Sheet) after.rack().item("thin").orElseThrow()).count()).isEqualTo(9);
    }

    /** A sheet of plywood behind a picture is not taken from those that sides are sawn from. */
    @Test
    void whatLiesInAFrameIsNotCutFromTheSheetsOfItsSides() {
        Shop shop = Sample.shop()
                .withRack(Rack.EMPTY.with(
                        List.of(sheet("thin", 4, 1, Sheet.Grain.NONE), sheet("right", 12, 1, Sheet.Grain.NONE))));
        Job face = job(600, 500, 60, 12);
        Job backed = face.withSection(face.section().withRecess(new Recess.Rabbet(Length.mm(20), Length.mm(8))))
                .withContents(Contents.NOTHING.with(Material.Role.BACKING, Optional.of(Material.PLYWOOD)));
        List<SheetLot> lots = lots(backed, shop);
        assertThat(lots).hasSize(2);
        assertThat(lots.get(0).sheets()).extracting(one -> one.orElseThrow().label()).containsExactly("thin");
        assertThat(lots.get(1).sheets()).extracting(one -> one.orElseThrow().label()).containsExactly("right");
    }

    /** The side of a box is ripped as wide as the box is deep from a sheet as thick as the side, and stands on edge. */
    @Test
    void theSidesOfABoxStandOnEdge() {
        Shop shop = Sample.shop()
                .withRack(Rack.EMPTY.with(List.of(sheet("side", 18, 1, Sheet.Grain.NONE))));
        Plan plan = Planner.plan(job(600, 500, 18, 100), shop);
        assertThat(plan.findings()).extracting(Finding::id).doesNotContain("no_sheet", "sheets_too_small");
        assertThat(plan.cuts().sheeted()).hasSize(4).allSatisfy(piece -> {
            assertThat(piece.strip().sheetThickness()).isEqualTo(Length.mm(18));
            assertThat(piece.strip().sheetWidth()).isEqualTo(Length.mm(100));
        });
        assertThat(Planner.plan(job(600, 500, 12, 18), shop).cuts().sheeted())
                .as("a narrow strip lies flat where such a sheet is sold")
                .allSatisfy(piece -> assertThat(piece.strip().sheetThickness()).isEqualTo(Length.mm(18)));
    }

    /** Without a sheet the usual one is offered and cures; larger boards are said to be so; long sides are joined. */
    @Test
    void whatNoSheetGivesIsSaid() {
        Job job = job(600, 900, 60, 12);
        Plan plan = Planner.plan(job, Sample.shop());
        Remedy.OnShop cure = (Remedy.OnShop) plan.findings().stream()
                .filter(finding -> finding.id().equals("no_sheet"))
                .findFirst()
                .orElseThrow()
                .remedy()
                .orElseThrow();
        assertThat(Planner.plan(job, cure.edit().apply(Sample.shop())).findings())
                .extracting(Finding::id)
                .doesNotContain("no_sheet");
        Job whole = new Edit.Build(Construction.ONE_PIECE).apply(job(700, 2700, 60, 12));
        assertThat(Planner.plan(whole, Sample.shop()).findings())
                .extracting(Finding::id)
                .contains("sheets_too_small");
        Plan joined = Planner.plan(job(700, 2700, 60, 12), Sample.shop());
        assertThat(joined.cuts().joined()).hasSize(2);
        assertThat(joined.cuts().sheeted()).hasSize(6);
    }
}
