package neatcorner.core.frame;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.Entry;
import neatcorner.core.job.Body;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.PlaceKey;
import neatcorner.core.job.Placement;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Tape;
import neatcorner.core.job.Through;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Station;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/** Parts that lie around, in and behind one another. */
class AssemblyTest {
    private static final GeometryFactory JTS = new GeometryFactory();
    private static final Section STRIP = Sample.bar();

    private static Job with(Job job, String name, Placement placement, Section section) {
        return job.withPart(Part.of(name, placement, new Body(job.outline(), section, Map.of(), Lean.FLAT)));
    }

    private static Job rimmed() {
        return with(Sample.job("12", "16"), "rim", new Placement.Around("frame", Length.ZERO, Length.mm(3)), STRIP);
    }

    private static Assembly assembly(Job job) {
        return Assembly.of(job, Sample.shop());
    }

    @Test
    void theInsideOfARimIsTheOutsideOfItsFrame() {
        Assembly whole = assembly(rimmed());
        Frame frame = whole.frame(0);
        Frame rim = whole.frame(1);
        assertThat(rim.width(Line.SIGHT)).isEqualTo(frame.width(Line.OUTSIDE));
        assertThat(rim.height(Line.SIGHT)).isEqualTo(frame.height(Line.OUTSIDE));
        assertThat(rim.width(Line.OUTSIDE))
                .isEqualTo(frame.width(Line.OUTSIDE).plus(STRIP.face().times(2)));
        assertThat(rim.size(Line.SIGHT, Axis.WIDTH).orElseThrow().origin()).isEqualTo(Origin.WORKED);
        assertThat(whole.lies().get(1).back())
                .as("its front stands 3 mm before the other's")
                .isEqualTo(frame.job().section().thickness().plus(Length.mm(3)).minus(STRIP.thickness()));
        assertThat(whole.lies().get(1).across()).isCloseTo(-STRIP.face().toMm(), within(1e-9));
    }

    @Test
    void aFrameAroundAFrameHasItInItsRabbet() {
        Job boxed = with(
                Sample.job("12", "16"),
                "outer",
                new Placement.Around("frame", Length.mm(1.5), Length.ZERO),
                Sample.job("12", "16").section());
        Assembly whole = assembly(boxed);
        assertThat(whole.frame(1).width(Line.RABBET))
                .isEqualTo(whole.frame(0)
                        .width(Line.OUTSIDE)
                        .plus(Length.mm(3)));
        Section own = whole.frame(1).job().section();
        assertThat(whole.lies().get(1).back().plus(own.recessFront()))
                .as("the ledge rests on the other's front")
                .isEqualTo(whole.frame(0).job().section().thickness());
        assertThat(whole.frame(1).has(Line.GLASS)).as("no package lies in it").isFalse();
        Job added = new Edit.AddPart(boxed.part()).apply(Sample.job("12", "16"));
        assertThat(added.carrier()).as("all hangs by what all lies in").isEqualTo(1);
        assertThat(Planner.plan(boxed, Sample.shop()).findings())
                .extracting(Finding::id)
                .contains("hangs_inside");
    }

    @Test
    void aLiningLiesAgainstTheRabbet() {
        Job lined = with(Sample.job("12", "16"), "lining", new Placement.Inside("frame", Length.mm(1)), STRIP);
        Assembly whole = assembly(lined);
        assertThat(whole.frame(1).width(Line.OUTSIDE))
                .isEqualTo(whole.frame(0).width(Line.RABBET).minus(Length.mm(2)));
    }

    @Test
    void aThinLiningThatLiesLooseNeedsNoStrongerCorners() {
        Section thin = STRIP.withThickness(Length.mm(4)).withFace(Length.mm(14));
        Plan plan = Planner.plan(
                with(Sample.job("20", "30"), "lining", new Placement.Inside("frame", Length.mm(1)), thin),
                Sample.shop());
        assertThat(plan.joints().used().enough()).isTrue();
        assertThat(plan.joints().used().why()).extracting(Words::key).contains("joint.enough_inside");
        assertThat(plan.findings(Station.CORNERS)).isEmpty();
    }

    @Test
    void whatGrowsTakesItsPartsAlong() {
        Job larger = rimmed().at(0).withGiven(Axis.WIDTH, new Size(Line.GLASS, in("20")));
        Length before = assembly(rimmed()).frame(1).width(Line.OUTSIDE);
        assertThat(assembly(larger).frame(1).width(Line.OUTSIDE)).isEqualTo(before.plus(in("8")));
    }

    @Test
    void allPartsAreCutFromOneRackAndWeighedTogether() {
        Plan alone = Planner.plan(Sample.job("12", "16"), Sample.shop());
        Plan whole = Planner.plan(rimmed(), Sample.shop());
        assertThat(whole.frame().job().part().name()).isEqualTo("rim");
        assertThat(whole.cuts().lots().stream().flatMap(lot -> lot.pieces().stream()))
                .as("four sides of each")
                .hasSize(8);
        List<Plan> parts = Planner.ofParts(whole);
        assertThat(parts).allSatisfy(plan -> assertThat(plan.cuts().lots())
                .isEqualTo(whole.cuts().lots()));
        assertThat(whole.get(Weight.class).total().value().toKg())
                .isCloseTo(
                        alone.get(Weight.class).total().value().toKg()
                                + whole.get(Weight.class).wood().value().toKg(),
                        within(1e-6));
        assertThat(whole.hang().rings()).isEqualTo(parts.getFirst().hang().rings());
        assertThat(whole.hang().hookHeight().orElseThrow().value())
                .as("half the rim's height over the centre, less the drop below the rim's top")
                .isEqualTo(whole.frame()
                        .habits()
                        .get(Habit.CENTRE_HEIGHT)
                        .plus(whole.frame().height(Line.OUTSIDE).over(2))
                        .minus(STRIP.face())
                        .minus(whole.hang().drop()));
    }

    @Test
    void aPlacedPartIsGivenItsGapAndNoSizes() {
        Job rim = rimmed();
        assertThat(Entry.of(rim, PlaceKey.GAP)).isPresent();
        assertThat(Entry.of(rim, PlaceKey.PROUD)).isPresent();
        assertThat(Entry.of(rim, Line.GLASS.size(Axis.WIDTH))).isEmpty();
        assertThat(new Edit.Enter(PlaceKey.GAP, Length.mm(2)).apply(rim).placement().orElseThrow().gap())
                .isEqualTo(Length.mm(2));
        assertThatThrownBy(() -> new Edit.Turn().apply(rim)).isInstanceOf(Refusal.class);
        assertThat(rim.contents()).isEqualTo(Contents.NOTHING);
        Job mirrored = new Edit.Pack(Material.Role.GLAZING, Optional.of(Material.MIRROR)).apply(rim);
        assertThat(mirrored.packed().isMirror()).as("it goes where the package lies").isTrue();
        assertThat(mirrored.seen()).isEqualTo(1);
        Job shown = new Edit.ShowPicture(Optional.of("0123.png")).apply(rim);
        assertThat(shown.packed().picture()).contains("0123.png");
        assertThat(shown.at(1)).isEqualTo(shown);
        assertThatThrownBy(() -> rim.withContents(rim.packed())).hasMessageContaining("lies in the frame");
    }

    @Test
    void onlyThePartWithSomethingOfItsOwnAgainstItIsInTrouble() {
        Plan far = Planner.plan(
                with(
                        Sample.job("12", "16"),
                        "rim",
                        new Placement.Around("frame", Length.ZERO, Length.mm(60)),
                        STRIP),
                Sample.shop());
        assertThat(far.findings()).extracting(Finding::id).contains("part_misses");
        assertThat(Planner.inTrouble(Planner.ofParts(far))).containsExactly(1);
        assertThat(Planner.inTrouble(Planner.ofParts(Planner.plan(Sample.job("12", "16"), Sample.shop()))))
                .isEmpty();
    }

    @Test
    void whatCannotLieSoIsRefusedByName() {
        Job small = with(
                Sample.job("1", "1"), "lining", new Placement.Inside("frame", Length.mm(10)), STRIP);
        assertThatThrownBy(() -> assembly(small)).isInstanceOf(Refusal.class).hasMessageContaining("lining");
        Job leaning = with(
                Sample.job("12", "16").withLean(new Lean(20, Lean.Way.OUTWARDS)),
                "rim",
                new Placement.Around("frame", Length.ZERO, Length.ZERO),
                STRIP);
        assertThatThrownBy(() -> assembly(leaning)).hasMessageContaining("lean");
        assertThatThrownBy(() -> assembly(rimmed().withLean(new Lean(20, Lean.Way.INWARDS))))
                .hasMessageContaining("rim");
        Job deep = with(
                Sample.job("12", "16"), "lining", new Placement.Inside("frame", Length.ZERO), Sample.bar());
        assertThat(assembly(deep).lies().get(1).back())
                .as("its front rests on the ledge")
                .isEqualTo(Sample.job("12", "16").section().recessDepth().minus(Sample.bar().thickness()));
        assertThatThrownBy(() ->
                        with(Sample.job("12", "16"), "rim", new Placement.Behind("rim", Length.ZERO), STRIP))
                .hasMessageContaining("none of the parts before it");
        Job stacked = with(rimmed(), "spacer", new Placement.Behind("rim", Length.ZERO), STRIP);
        assertThatThrownBy(() -> new Edit.RemovePart("rim").apply(stacked)).hasMessageContaining("spacer");
        assertThat(new Edit.RemovePart("spacer").apply(stacked)).isEqualTo(rimmed());
        assertThat(stacked.at(1).withPartNamed("edge").parts().get(2).placement().orElseThrow().on())
                .isEqualTo("edge");
    }

    @Test
    void whatHoldsAndWhatCarriesCanBeAnotherPart() {
        Job lined = with(
                Sample.job("12", "16"),
                "lining",
                new Placement.Inside("frame", Length.ZERO),
                Sample.job("12", "16").section());
        Job held = new Edit.HoldHere().apply(lined);
        Plan plan = Planner.plan(held, Sample.shop());
        assertThat(plan.job().contents()).isEqualTo(Sample.job("12", "16").contents());
        assertThat(Planner.at(plan, 0).job().contents()).isEqualTo(Contents.NOTHING);
        Job carried = new Edit.ChooseHardware(Optional.of(Hardware.TWO_HOOKS))
                .apply(new Edit.CarryHere().apply(held).at(0));
        assertThat(carried.at(1).choices().hardware()).contains(Hardware.TWO_HOOKS);
        assertThat(carried.choices().hardware()).isEmpty();
    }

    @Test
    void whatTheTapeReadTakesThePlaceOfWhatWasPlanned() {
        Job taped = rimmed().at(0)
                .withMeasured(Tape.TOP, Length.mm(374))
                .withMeasured(Tape.BOTTOM, Length.mm(376))
                .at(1);
        Plan plan = Planner.plan(taped, Sample.shop());
        assertThat(plan.frame().width(Line.SIGHT)).as("the mean of both").isEqualTo(Length.mm(375));
        assertThat(plan.frame().height(Line.SIGHT))
                .as("not read yet")
                .isEqualTo(plan.assembly().frame(0).height(Line.OUTSIDE));
        assertThat(plan.glue().steps()).extracting(Words::key).contains("attach.measured", "attach.one_by_one");
        assertThat(plan.findings()).extracting(Finding::id).contains("sides_unlike");
        assertThat(Planner.plan(rimmed(), Sample.shop()).glue().steps())
                .extracting(Words::key)
                .contains("attach.first_pair")
                .doesNotContain("attach.measured");
    }

    @Test
    void onlyWhatCanLieThereIsOffered() {
        Frame frame = assembly(Sample.job("12", "16")).frame(0);
        List<PartOffer> all =
                PartOffer.ALL.stream().filter(offer -> !offer.id().equals("ledge")).toList();
        assertThat(all).allSatisfy(offer -> assertThat(offer.by(frame, "other"))
                .as(offer.id())
                .hasValueSatisfying(part -> assertThat(Planner.plan(
                                        Sample.job("12", "16").withPart(part), Sample.shop())
                                .findings())
                        .as(offer.id())
                        .noneMatch(finding -> finding.severity() == Severity.STOP)));
        Frame rimmed = assembly(rimmed().at(0)).seen();
        assertThat(PartOffer.ALL.stream().filter(offer -> offer.by(rimmed, "other").isPresent()))
                .extracting(PartOffer::id)
                .as("one rim lies around it already")
                .containsExactly("lining", "strainer", "backing_frame", "extension", "shutters");
    }

    /** Wall 3/8 alone, picture 10 × 8 with 1/4 around: the ledge by the remedy, everything by sums. */
    @Test
    void aWallAloneGetsItsLedge() {
        Section wall = Sample.floater().withRecess(Recess.Floater.WALL);
        Job job = new Edit.ChooseSection(wall).apply(Sample.floating("10", "8"));
        Finding missing = Planner.plan(job, Sample.shop()).findings().stream()
                .filter(finding -> finding.id().equals("no_ledge"))
                .findFirst()
                .orElseThrow();
        Plan cured = Planner.plan(
                ((Remedy.OnJob) missing.remedy().orElseThrow()).edit().apply(job), Sample.shop());
        Frame ledge = cured.assembly().frame(1);
        assertThat(cured.assembly().frame(0).width(Line.SIGHT)).isEqualTo(in("10 1/2"));
        assertThat(ledge.width(Line.OUTSIDE)).isEqualTo(in("10 1/2"));
        assertThat(cured.assembly().lies().get(1).back()).isEqualTo(Length.ZERO);
        assertThat(cured.job().carrier()).isEqualTo(1);
        assertThat(cured.glue().steps())
                .extracting(Words::key)
                .containsSequence("attach.as_it_came_out", "attach.first_pair", "attach.ledge", "attach.ledge_pinned");
        assertThat(PartOffer.ALL.stream()
                        .filter(offer -> offer.by(assembly(job).seen(), "other").isPresent()))
                .extracting(PartOffer::id)
                .containsExactly("ledge", "backing_frame");
    }

    /** The sill of a cap lies on the upper edge and nothing else of it does; its crown is as high as was asked for. */
    @Property(tries = 60, seed = Seed.FIXED)
    void aCapStandsOnTheUpperEdge(
            @ForAll @IntRange(min = 400, max = 1200) int wide,
            @ForAll @IntRange(min = 0, max = 60) int beyond,
            @ForAll @IntRange(min = 20, max = 45) int share) {
        Job base = new Edit.Give(Axis.WIDTH, Line.OUTSIDE, Length.mm(wide)).apply(Sample.job("12", "16"));
        double high = Math.rint((wide + 2 * beyond) * share / 100.0);
        Assembly whole = assembly(with(
                base, "cap", new Placement.OnTop("frame", Length.mm(beyond), Length.mm(high)), STRIP.withFace(
                        Length.mm(20))));
        Polygon under = polygon(whole.frame(0).lines().get(Line.OUTSIDE));
        Polygon cap = polygon(whole.frame(1).lines().get(Line.OUTSIDE).stream()
                .map(whole.lies().get(1)::of)
                .toList());
        assertThat(under.intersection(cap).getArea()).isLessThan(1e-6);
        assertThat(under.buffer(0.001).intersection(cap).getArea() / 0.001)
                .as("they touch all along the upper edge")
                .isCloseTo(wide, within(wide * 0.01));
        assertThat(cap.getEnvelopeInternal().getMinX()).isCloseTo(-beyond, within(1e-6));
        assertThat(cap.getEnvelopeInternal().getMaxX()).isCloseTo(wide + beyond, within(1e-6));
        assertThat(cap.getEnvelopeInternal().getMinY()).isCloseTo(-high, within(0.05));
        // Euclid III 35: (w/2)² = rise · (2R − rise)
        double half = wide / 2.0 + beyond;
        double radius = (half * half + high * high) / (2 * high);
        assertThat(cap.getCoordinates()).allSatisfy(c -> assertThat(
                        Math.min(
                                Math.abs(c.getY()),
                                Math.abs(Math.hypot(c.getX() - wide / 2.0, c.getY() + high - radius) - radius)))
                .isLessThan(0.01));
        assertThat(whole.height().toMm()).isCloseTo(
                whole.frame(0).height(Line.OUTSIDE).toMm() + high, within(0.05));
    }

    /** A leaf that stands out gets extension pieces as thick as it stands out, flush inside and outside. */
    @Test
    void extensionPiecesComeFlushWithADeeperLeaf() {
        Job frame = Sample.job("20", "30");
        Job hung = frame.withPart(Part.of(
                        "leaf",
                        new Placement.Hinged("frame", Length.mm(2), Placement.Hinged.Leaves.LEFT),
                        new Body(frame.outline(), STRIP.withThickness(Length.mm(25)), Map.of(), Lean.FLAT)
                                .with(new Construction.Squared(SquareCorner.BRIDLED, Through.STILES))));
        Finding proud = Planner.plan(hung, Sample.shop()).findings().stream()
                .filter(finding -> finding.id().equals("leaf_proud"))
                .findFirst()
                .orElseThrow();
        Plan cured = Planner.plan(
                ((Remedy.OnJob) proud.remedy().orElseThrow()).edit().apply(hung), Sample.shop());
        assertThat(cured.findings()).extracting(Finding::id).doesNotContain("leaf_proud", "front_covers_leaf");
        Assembly whole = cured.assembly();
        Frame pieces = whole.frame(2);
        assertThat(pieces.width(Line.OUTSIDE)).isEqualTo(whole.frame(0).width(Line.OUTSIDE));
        assertThat(pieces.width(Line.SIGHT)).isEqualTo(whole.frame(0).width(Line.SIGHT));
        assertThat(whole.lies().get(2).back().plus(pieces.job().section().thickness()))
                .as("its front where the leaf's is")
                .isEqualTo(whole.lies().get(1).back().plus(Length.mm(25)));
        Plan wider = Planner.plan(
                new Edit.InPart(2, new Edit.Enter(SectionKey.FACE, Length.mm(60))).apply(cured.job()), Sample.shop());
        assertThat(Planner.at(wider, 2).findings()).extracting(Finding::id).contains("front_covers_leaf");
    }

    @Test
    void whereABackingFrameLiesTheHardwareGoesOnIt() {
        Job backed = with(Sample.job("12", "16"), "spacer", new Placement.Behind("frame", Length.mm(10)), STRIP)
                .at(0);
        Finding covered = Planner.plan(backed, Sample.shop()).findings().stream()
                .filter(finding -> finding.id().equals("hardware_covered"))
                .findFirst()
                .orElseThrow();
        Edit cure = ((Remedy.OnJob) covered.remedy().orElseThrow()).edit();
        Plan cured = Planner.plan(cure.apply(backed), Sample.shop());
        assertThat(cured.job().carrier()).isEqualTo(1);
        assertThat(cured.findings()).extracting(Finding::id).doesNotContain("hardware_covered");
    }

    @Test
    void whatIsSettledOpensAgainInEveryPartTheEditTouches() {
        Job settled = new Edit.Settle(Station.CUTS, true).apply(rimmed());
        Plan before = Planner.plan(settled.at(0), Sample.shop());
        Plan wider = Planner.edited(before, new Edit.Enter(Habit.PLAY, Length.mm(6)));
        assertThat(wider.job().at(1).settled()).as("the rim grew with the frame").isEmpty();
        Plan named = Planner.edited(before, new Edit.Name("Chart"));
        assertThat(named.job().at(1).settled()).containsExactly(Station.CUTS);
    }

    @Provide
    Arbitrary<Outline> shapes() {
        Size wide = new Size(Line.SIGHT, Length.mm(400));
        return Arbitraries.of(
                new Boxed.Rectangle(wide, new Size(Line.SIGHT, Length.mm(300))),
                new Boxed.Round(wide, wide, 12),
                Boxed.Arched.usual(wide, new Size(Line.SIGHT, Length.mm(700)), Boxed.Arch.HALF_ROUND, 4),
                Boxed.Arched.usual(wide, new Size(Line.SIGHT, Length.mm(700)), Boxed.Arch.SEGMENTAL, 3),
                Boxed.Arched.usual(wide, new Size(Line.SIGHT, Length.mm(900)), Boxed.Arch.POINTED, 3),
                new Outline.Regular(8, Outline.Across.SIDE, new Size(Line.SIGHT, Length.mm(150))),
                new Outline.Free(
                        Line.SIGHT,
                        Stream.of(new Point(0, 0), new Point(400, 40), new Point(330, 420), new Point(60, 300))
                                .map(Corner::of)
                                .toList()));
    }

    /** The part's own line, moved to where it lies, is the parallel that JTS draws of the other's line. */
    @Property(tries = 60, seed = Seed.FIXED)
    void aPartKeepsItsGapEverywhere(@ForAll("shapes") Outline outline, @ForAll("gaps") Length gap) {
        Job base = new Edit.ChooseSection(STRIP)
                .apply(Sample.job("12", "16"))
                .withOutline(outline);
        Job around = with(base, "rim", new Placement.Around("frame", gap, Length.ZERO), STRIP);
        Assembly whole = assembly(around);
        Polygon inner = polygon(whole.frame(0).lines().get(Line.OUTSIDE));
        List<Point> moved = whole.frame(1).lines().get(Line.SIGHT).stream()
                .map(whole.lies().get(1)::of)
                .toList();
        Polygon outer = polygon(moved);
        assertThat(outer.covers(inner.buffer(-0.01))).isTrue();
        assertThat(moved).allSatisfy(corner -> assertThat(JTS.createPoint(new Coordinate(corner.x(), corner.y()))
                        .distance(inner))
                .as("%s of %s", corner, outline)
                .isGreaterThan(gap.toMm() - 0.02));
        long near = IntStream.range(0, moved.size())
                .mapToObj(i -> moved.get(i).towards(moved.get((i + 1) % moved.size()), 0.5))
                .mapToDouble(middle -> JTS.createPoint(new Coordinate(middle.x(), middle.y())).distance(inner))
                .filter(away -> Math.abs(away - gap.toMm()) < 0.1)
                .count();
        assertThat(near).as("all but what is beside a sharp corner: %s", outline).isGreaterThan(moved.size() * 9 / 10);
    }

    @Provide
    Arbitrary<Length> gaps() {
        return Arbitraries.integers().between(0, 30).map(Length::mm);
    }

    private static Polygon polygon(List<Point> run) {
        Coordinate[] places = new Coordinate[run.size() + 1];
        for (int i = 0; i <= run.size(); i++) {
            Point place = run.get(i % run.size());
            places[i] = new Coordinate(place.x(), place.y());
        }
        return JTS.createPolygon(places);
    }
}
