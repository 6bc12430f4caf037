package neatcorner.core.making;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.section.Silhouette;
import neatcorner.core.section.Strip;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.wood.Species;

/**
 * What must be cut from the strips of a section, and how each may be cut. Distances are from the fence to
 * the near side of the cutter; heights are over the table.
 */
final class Features {
    /** A router bit takes no more in a pass; half that where wood splinters. Common practice, no source. */
    private static final Length ROUTER_BITE = Length.inches(0, 1, 4);
    private static final Length SPLINTERING_BITE = Length.inches(0, 1, 8);
    /** A saw blade or dado stack takes this much at once. Common practice, no source. */
    /** What a rabbet can be read by. */
    static final List<SectionKey> RABBET = List.of(SectionKey.LIP, SectionKey.RABBET_DEPTH);
    /** What the step behind it can be. */
    static final List<SectionKey> STEP_BEHIND = List.of(SectionKey.BACK_LIP, SectionKey.BACK_DEPTH);
    private static final Length SAW_BITE = Length.inches(1, 1, 4);
    private static final Length DADO_BITE = Length.inches(0, 3, 8);
    /** No stack is wider than this; wider steps take several passes. Common practice, no source. */
    private static final Length WIDEST_DADO = Length.inches(0, 13, 16);
    /**
     * A hollow cut with the stick pushed aslant over the blade grows by this much a pass. Common practice, no source.
     */
    private static final Length COVE_BITE = Length.inches(0, 1, 16);

    private final Section section;
    private final Length kerf;
    private final double outer;
    /** What a floater's ledge stands out past its wall at the sight edge, where the wall's own cuts do not reach. */
    private final Length ledge;

    Features(Section section, Habits habits) {
        this.section = section;
        this.kerf = habits.get(Habit.KERF).max(Length.mm(1));
        this.outer = section.face().minus(section.band().map(b -> b.width()).orElse(Length.ZERO)).toMm();
        this.ledge = section.recess().ledge();
    }

    static Length routerBite(Species species) {
        return species.isSplintering() ? SPLINTERING_BITE : ROUTER_BITE;
    }

    /** A strip before anything is cut from it, where it lies in the stack. */
    Silhouette blank(int index) {
        Strip strip = section.strips().get(index);
        double low = section.strips().subList(0, index).stream().mapToDouble(s -> s.thickness().toMm()).sum();
        double right = outer - strip.setIn().toMm();
        return Silhouette.box(right - strip.width().toMm(), low, right, low + strip.thickness().toMm());
    }

    /** What is cut from one strip before it is glued to others. */
    List<Feature> ofStrip(int index) {
        Strip strip = section.strips().get(index).withWidth(section.strips().get(index).width().minus(ledge));
        Silhouette blank = blank(index);
        List<Feature> features = new ArrayList<>();
        edge(features, index, strip, strip.inner(), Surface.INNER, blank);
        edge(features, index, strip, strip.outer(), Surface.OUTER, blank);
        front(features, index, strip, blank);
        return features;
    }

    private void edge(List<Feature> features, int index, Strip strip, Edging edging, Surface side, Silhouette blank) {
        if (edging.kind() == Edging.Kind.SQUARE) {
            return;
        }
        Strip only = Strip.plain(strip.species(), strip.width(), strip.thickness());
        Strip worked = side == Surface.INNER ? only.withInner(edging) : only.withOuter(edging);
        Silhouette region = taken(only.withSetIn(strip.setIn()), worked.withSetIn(strip.setIn()), blank.low());
        Length width = edging.width();
        Length depth = edging.depth();
        List<Setup> setups = new ArrayList<>();
        switch (edging.kind()) {
            case BEVEL -> setups.addAll(bevels(strip, side, width, depth));
            case STEP -> setups.addAll(steps(strip, Surface.FRONT, side, width, depth, ledge));
            default -> {
                Words bit = width.equals(depth)
                        ? Words.of("bit." + edging.kind().name().toLowerCase(Locale.ROOT), width, depth)
                        : Words.of("bit.uneven", edging.kind(), width, depth);
                setups.add(Setup.of(
                        Tool.ROUTER_TABLE, bit, Surface.FRONT, side, past(side), depth, routerBite(strip.species())));
                if (width.equals(depth) && past(side).isZero()) {
                    setups.add(Setup.of(
                            Tool.ROUTER_TABLE,
                            bit,
                            side,
                            Surface.FRONT,
                            Length.ZERO,
                            width,
                            routerBite(strip.species())));
                }
            }
        }
        features.add(new Feature(
                "edge_" + side.name().toLowerCase(Locale.ROOT) + "_" + (index + 1),
                Words.of(side == Surface.INNER ? "feature.inner_edge" : "feature.outer_edge", edging.kind()),
                region,
                width.max(depth),
                setups));
    }

    private Silhouette taken(Strip plain, Strip worked, double low) {
        return section.stripWood(plain, low).without(section.stripWood(worked, low));
    }

    /** How far the strip goes on past an edge of its wall. */
    private Length past(Surface side) {
        return past(side, ledge);
    }

    private static Length past(Surface side, Length ledge) {
        return side == Surface.INNER ? ledge : Length.ZERO;
    }

    /**
     * Flat, with the front down the blade leans away from the fence, with the back down it leans over what is kept; on
     * edge in the same way, by what is left to a right angle. A saw that tilts to 45° reaches one or the other.
     */
    private List<Setup> bevels(Strip strip, Surface side, Length across, Length deep) {
        Surface other = side == Surface.INNER ? Surface.OUTER : Surface.INNER;
        Angle flat = new Angle(Math.atan2(across.toMm(), deep.toMm()));
        Angle onEdge = new Angle(Math.atan2(deep.toMm(), across.toMm()));
        Length near = strip.width().minus(across).plus(past(other));
        Length up = strip.thickness().minus(deep);
        Words rip = Words.of("bit.rip");
        List<Setup> setups = new ArrayList<>(List.of(
                Setup.of(Tool.TABLE_SAW, rip, Surface.FRONT, other, near, deep, SAW_BITE)
                        .leaningAway(flat),
                Setup.of(Tool.TABLE_SAW, rip, Surface.BACK, other, near, strip.thickness(), SAW_BITE)
                        .leaningOver(flat)));
        if (past(side).isZero()) {
            setups.add(Setup.of(Tool.TABLE_SAW, rip, side, Surface.BACK, up, across, SAW_BITE)
                    .leaningAway(onEdge));
        }
        if (past(other).isZero()) {
            setups.add(Setup.of(Tool.TABLE_SAW, rip, other, Surface.BACK, up, strip.width(), SAW_BITE)
                    .leaningOver(onEdge));
        }
        setups.removeIf(setup -> setup.tilt().filter(Setup.Tilt::isTooFar).isPresent());
        return setups;
    }

    /**
     * A step along an edge, on the surface that is worked: two saw passes, so that the strip falls free on
     * the far side of the blade; else a stack of blades or a straight bit that turns it all to chips.
     *
     * @param ledge how far the strip goes on past its sight edge
     */
    private List<Setup> steps(Strip strip, Surface worked, Surface side, Length across, Length deep, Length ledge) {
        Surface opposite = worked == Surface.BACK ? Surface.FRONT : Surface.BACK;
        Surface other = side == Surface.INNER ? Surface.OUTER : Surface.INNER;
        Length past = past(side, ledge);
        Length reach = across.plus(past);
        Length under = strip.thickness().minus(deep);
        Words twoPasses = Words.of("bit.two_passes", reach, under);
        Words straight = Words.of("bit.straight");
        return List.of(
                Setup.of(
                                Tool.TABLE_SAW,
                                twoPasses,
                                worked,
                                other,
                                strip.width().minus(across).plus(past(other, ledge)),
                                deep,
                                SAW_BITE)
                        .then(opposite),
                Setup.of(Tool.TABLE_SAW, twoPasses, side, worked, deep.minus(kerf), reach, SAW_BITE)
                        .trapping(),
                Setup.of(Tool.DADO, dado(across), worked, side, past, deep, DADO_BITE),
                Setup.of(Tool.ROUTER_TABLE, straight, worked, side, past, deep, routerBite(strip.species())),
                Setup.of(Tool.ROUTER_TABLE, straight, side, opposite, under, reach, routerBite(strip.species())));
    }

    private void front(List<Feature> features, int index, Strip strip, Silhouette blank) {
        Profile front = strip.front();
        if (front.shape() == Profile.Shape.FLAT) {
            return;
        }
        Strip only = Strip.plain(strip.species(), strip.width(), strip.thickness()).withSetIn(strip.setIn());
        Length drop = front.drop();
        Silhouette wall = taken(only, only.withFront(front), blank.low());
        Silhouette region = front.shape() == Profile.Shape.STEP ? wall.plus(overLedge(drop)) : wall;
        Length least = strip.thickness().minus(drop);
        List<Setup> setups = switch (front.shape()) {
            case FLAT -> List.of();
            case SCOOP ->
                List.of(
                        Setup.of(
                                Tool.TABLE_SAW,
                                Words.of("bit.cove_pass"),
                                Surface.FRONT,
                                Surface.OUTER,
                                Length.ZERO,
                                drop,
                                COVE_BITE),
                        Setup.of(
                                Tool.ROUTER_TABLE,
                                Words.of("bit.core_box"),
                                Surface.FRONT,
                                Surface.OUTER,
                                Length.ZERO,
                                drop,
                                routerBite(strip.species())));
            case SLOPE -> slopes(strip, drop, Surface.INNER);
            case REVERSE_SLOPE -> slopes(strip, drop, Surface.OUTER);
            case ROUND ->
                Stream.of(Surface.INNER, Surface.OUTER)
                        .filter(side -> past(side).isZero())
                        .map(side -> Setup.of(
                                Tool.ROUTER_TABLE,
                                Words.of("bit.half_round", drop),
                                side,
                                Surface.BACK,
                                least,
                                strip.width(),
                                routerBite(strip.species())))
                        .toList();
            case STEP ->
                steps(strip, Surface.FRONT, Surface.INNER, strip.width().over(3), drop, ledge);
        };
        features.add(new Feature(
                "front_" + (index + 1),
                Words.of("feature.front", front.shape()),
                region,
                front.shape() == Profile.Shape.SLOPE || front.shape() == Profile.Shape.REVERSE_SLOPE
                        ? strip.width()
                        : drop,
                setups));
    }

    /** What a step cut in two passes takes with it of the wood over a floater's ledge. */
    private Silhouette overLedge(Length drop) {
        double top = section.stacked().toMm();
        return ledge.isZero() ? Silhouette.NONE : Silhouette.box(-ledge.toMm() - 1, top - drop.toMm(), 0, top + 1);
    }

    /**
     * On the thin edge the blade leans away from the fence; on the thick one it leans over what is kept. What is
     * steeper than a blade leans is planed by hand, the back on the bench.
     */
    private List<Setup> slopes(Strip strip, Length drop, Surface thin) {
        Angle lean = new Angle(Math.atan2(drop.toMm(), strip.width().toMm()));
        Length least = strip.thickness().minus(drop);
        Surface thick = thin == Surface.INNER ? Surface.OUTER : Surface.INNER;
        Words rip = Words.of("bit.rip");
        List<Setup> setups = new ArrayList<>();
        if (past(thin).isZero()) {
            setups.add(Setup.of(Tool.TABLE_SAW, rip, thin, Surface.BACK, least, strip.width(), SAW_BITE)
                    .leaningAway(lean));
        }
        if (past(thick).isZero()) {
            setups.add(Setup.of(Tool.TABLE_SAW, rip, thick, Surface.BACK, least, strip.width(), SAW_BITE)
                    .leaningOver(lean));
        }
        setups.removeIf(setup -> setup.tilt().filter(Setup.Tilt::isTooFar).isPresent());
        if (setups.isEmpty()) {
            setups.add(Setup.of(
                    Tool.HAND_PLANE,
                    Words.of("bit.plane", least, thin, lean),
                    Surface.BACK,
                    thick,
                    Length.ZERO,
                    drop,
                    drop));
        }
        return setups;
    }

    /** What is cut from the whole stack: rabbets, groove, wall of a floater, hollow in the back. */
    List<Feature> ofStack(Silhouette stack, boolean rabbetLater) {
        List<Feature> features = new ArrayList<>();
        Strip whole = Strip.plain(section.species(), Length.mm(stack.right() - stack.left()), section.stacked());
        switch (section.recess()) {
            case Recess.Rabbet(Length lip, Length depth) -> {
                if (!rabbetLater) {
                    rabbet(features, "rabbet", whole, lip, depth, Silhouette.box(-1, -1, lip.toMm(), depth.toMm()),
                            RABBET);
                }
            }
            case Recess.TiltedRabbet tilted -> tilted(features, tilted);
            case Recess.DoubleRabbet(Length lip, Length depth, Length backLip, Length backDepth) -> {
                if (!rabbetLater) {
                    Silhouette behind = Silhouette.box(-1, -1, backLip.toMm(), backDepth.toMm());
                    rabbet(features, "rabbet", whole, lip, depth, Silhouette.box(-1, -1, lip.toMm(), depth.toMm()),
                            RABBET);
                    rabbet(features, "rabbet_behind", whole, backLip, backDepth, behind, STEP_BEHIND);
                }
            }
            case Recess.Slot slot -> {
                groove(features, "groove", slot.lip(), slot.fromBack(), slot.width(), SectionKey.LIP,
                        SectionKey.SLOT_FROM_BACK, SectionKey.RABBET_DEPTH);
                slot.behind()
                        .ifPresent(second ->
                                groove(features, "groove_behind", slot.lip(), second.fromBack(), second.width(),
                                        SectionKey.GROOVE_BEHIND_FROM, SectionKey.GROOVE_BEHIND_WIDTH));
            }
            case Recess.Floater floater when floater.isWall() -> {
                // Nothing is cut from it.
            }
            case Recess.Floater(Length ledge, Length thickness) ->
                features.add(new Feature(
                        "wall",
                        Words.of("feature.wall"),
                        Silhouette.box(
                                -ledge.toMm() - 1,
                                thickness.toMm(),
                                0,
                                section.stacked().toMm() + 1),
                        section.stacked().minus(thickness),
                        steps(
                                whole,
                                Surface.FRONT,
                                Surface.INNER,
                                ledge,
                                section.stacked().minus(thickness),
                                Length.ZERO),
                        List.of(SectionKey.LEDGE, SectionKey.LEDGE_THICKNESS)));
            case Recess.Over _, Recess.Bar _ -> {
            }
        }
        section.relief().ifPresent(r -> hollow(features, r));
        return features.stream().filter(f -> stack.area() - stack.without(f.region()).area() > 0.5).toList();
    }

    /** The rabbets along both edges of a glazing bar of this width, as large as the frame's. */
    List<Feature> ofBar(Length width, Silhouette blank) {
        Strip bar = Strip.plain(section.species(), width, section.thickness());
        Length lip = section.lip();
        Length depth = section.recessDepth();
        return List.of(
                new Feature(
                        "bar_rabbet",
                        Words.of("feature.bar_rabbet"),
                        Silhouette.box(blank.left() - 1, -1, lip.toMm(), depth.toMm()),
                        lip.max(depth),
                        steps(bar, Surface.BACK, Surface.INNER, lip, depth, Length.ZERO)),
                new Feature(
                        "bar_rabbet_other",
                        Words.of("feature.bar_rabbet_other"),
                        Silhouette.box(width.minus(lip).toMm(), -1, blank.right() + 1, depth.toMm()),
                        lip.max(depth),
                        steps(bar, Surface.BACK, Surface.OUTER, lip, depth, Length.ZERO)));
    }

    /** How many times a groove this wide goes over the saw. */
    private Words sawn(Length width) {
        long passes = Math.max(1, (long) Math.ceil(width.ratio(kerf) - 1e-9));
        return passes == 1 ? Words.of("bit.groove_once") : Words.of("bit.groove", passes);
    }

    /** A groove in the inner edge, by the saw in passes or by a slot cutter. */
    private void groove(
            List<Feature> features, String id, Length lip, Length fromBack, Length width, SectionKey... sizes) {
        features.add(new Feature(
                        id,
                        Words.of("feature." + id),
                        Silhouette.box(
                                -1,
                                fromBack.toMm(),
                                lip.toMm(),
                                fromBack.plus(width).toMm()),
                        lip,
                        List.of(
                                Setup.of(
                                        Tool.TABLE_SAW,
                                        sawn(width),
                                        Surface.INNER,
                                        Surface.BACK,
                                        fromBack,
                                        lip,
                                        SAW_BITE),
                                Setup.of(
                                        Tool.ROUTER_TABLE,
                                        Words.of("bit.slot", width),
                                        Surface.BACK,
                                        Surface.INNER,
                                        Length.ZERO,
                                        fromBack,
                                        routerBite(section.species()))),
                        List.of(sizes)));
    }

    private void rabbet(
            List<Feature> features,
            String id,
            Strip whole,
            Length lip,
            Length depth,
            Silhouette region,
            List<SectionKey> sizes) {
        boolean grooved = id.equals("rabbet") && section.strips().getFirst().source() == Strip.Source.GROOVED_BOARD;
        List<Setup> setups = grooved
                ? List.of(Setup.of(
                        Tool.TABLE_SAW,
                        Words.of("bit.groove_wall"),
                        Surface.BACK,
                        Surface.OUTER,
                        whole.width().minus(lip),
                        depth,
                        SAW_BITE))
                : steps(whole, Surface.BACK, Surface.INNER, lip, depth, Length.ZERO);
        features.add(new Feature(
                id,
                Words.of(grooved ? "feature.groove_wall" : "feature." + id),
                region,
                lip.max(depth),
                setups,
                sizes));
    }

    /**
     * Two saw passes with the blade tilted: one makes the wall, the other the ledge, each as deep as where
     * they meet. With the back down the blade leans so that it comes out at the wall's end on the back.
     */
    private void tilted(List<Feature> features, Recess.TiltedRabbet rabbet) {
        Point inner = rabbet.seat().get(0);
        Point corner = rabbet.seat().get(1);
        Point end = rabbet.seat().get(2);
        Angle tilt = new Angle(Math.abs(rabbet.tilt().radians()));
        Length near = Length.mm(section.face().toMm() - Math.max(corner.x(), end.x()));
        Words bit = Words.of("bit.tilted_passes", Length.mm(inner.y()), Length.mm(corner.x()), tilt);
        Setup wall = Setup.of(Tool.TABLE_SAW, bit, Surface.BACK, Surface.OUTER, near, Length.mm(corner.y()), SAW_BITE)
                .then(Surface.BACK);
        features.add(new Feature(
                "rabbet",
                Words.of("feature.tilted_rabbet"),
                tilted(),
                rabbet.lip().max(rabbet.depth()),
                List.of(corner.x() > end.x() ? wall.leaningOver(tilt) : wall.leaningAway(tilt))));
    }

    private Silhouette tilted() {
        Silhouette whole = section.withRecess(new Recess.Bar()).wood();
        return whole.without(section.wood());
    }

    private static Words dado(Length wide) {
        int passes = (int) Math.ceil(wide.ratio(WIDEST_DADO) - 1e-9);
        return passes > 1 ? Words.of("bit.dado_passes", wide, passes) : Words.of("bit.dado", wide);
    }

    private void hollow(List<Feature> features, Relief r) {
        double right = outer - r.from().toMm();
        features.add(new Feature(
                "hollow",
                Words.of("feature.hollow"),
                Silhouette.box(right - r.width().toMm(), -1, right, r.depth().toMm()),
                r.depth(),
                List.of(
                        Setup.of(
                                Tool.DADO,
                                dado(r.width()),
                                Surface.BACK,
                                Surface.OUTER,
                                r.from(),
                                r.depth(),
                                DADO_BITE),
                        Setup.of(
                                Tool.ROUTER_TABLE,
                                Words.of("bit.straight"),
                                Surface.BACK,
                                Surface.OUTER,
                                r.from(),
                                r.depth(),
                                routerBite(section.species()))),
                List.of(SectionKey.RELIEF_FROM, SectionKey.RELIEF_WIDTH, SectionKey.RELIEF_DEPTH)));
    }
}
