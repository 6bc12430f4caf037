package neatcorner.core.glue;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.frame.PartScrews;
import neatcorner.core.job.Part;
import neatcorner.core.job.PlaceKey;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Progress;
import neatcorner.core.joint.PocketScrews;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** How a placed part comes to the part it lies by, once that is made. */
final class AttachSteps {
    /** Steps that begin so. */
    private static final Set<String> ONCE_FINISHED = Set.of(
            "attach.laid_in_it",
            "attach.laid_in_it_gap",
            "attach.slid_over",
            "attach.laid_into",
            "attach.laid_into_gap",
            "attach.screwed");
    /** The thickness of shims that set how far a rim stands proud. */
    private static final FigureKey<Length> SHIMS = FigureKey.length(Station.GLUE_UP, "attach.shims");
    /** Where the screws of a part on the back go, from its own outside. */
    private static final FigureKey<Length> SCREW_IN = FigureKey.length(Station.GLUE_UP, "attach.screw_in");
    /** The longest screw that holds a part on the back. */
    private static final FigureKey<Length> SCREW = FigureKey.length(Station.GLUE_UP, "attach.screw");

    /** How many hinges a leaf has. */
    private static final FigureKey<Count> HINGES = FigureKey.count(Station.GLUE_UP, "hinge.count");
    /** The middle of the outer hinges from the ends of the leaf. */
    private static final FigureKey<Length> HINGE_FROM_END = FigureKey.length(Station.GLUE_UP, "hinge.from_end");
    /** With less a leaf binds in damp weeks. Common practice, no source. */
    private static final Length LEAST_GAP = Length.inches(0, 1, 16);

    /** A block of plywood over a corner is so thick. Common practice, no source. */
    private static final Length BLOCK = Length.mm(6);
    /** A brad is so many times as long as what it holds is thick. Common practice, no source. */
    private static final int BRAD_TIMES = 3;
    /** Strips thinner than this bend under a clamp and are held by tape. Common practice, no source. */
    private static final Length TAPED = Length.mm(6);
    /** Less wood than this on both sides of a glue line or under a screw holds nothing. Common practice, no source. */
    private static final Length LEAST_HOLD = Length.mm(6);

    /** Thinner strips bend while they are glued on. Common practice, no source. */
    private static final Length LEAST_EXTENSION = Length.mm(3);
    /** A narrower sill has no room for a pocket. Common practice, no source. */
    private static final Length LEAST_SILL = Length.mm(32);
    /** Opposite sides that differ by less serve as one pattern. Common practice, no source. */
    private static final Length SAME = Length.mm(0.5);

    private final Assembly assembly;
    private final Frame frame;
    private final Placement placement;
    private final Frame base;
    private final String on;
    private final Ledger ledger;
    private final List<Words> steps = new ArrayList<>();

    /** Of the part that is looked at, which lies so by another. */
    AttachSteps(Assembly assembly, Placement placement, Ledger ledger) {
        this.assembly = assembly;
        this.frame = assembly.seen();
        this.placement = placement;
        this.on = placement.on();
        this.base = assembly.frame(assembly.job().indexOf(on));
        this.ledger = ledger;
    }

    /** Whether a step waits until both parts are finished, and so comes when the package does. */
    static boolean isOnceFinished(Words step) {
        return ONCE_FINISHED.contains(step.key());
    }

    /** The steps after it is closed; of strips that are fitted one by one, all there are. */
    List<Words> inOrder() {
        findTaken();
        if (frame.job().isFitted()) {
            add("attach.as_it_came_out", on);
        }
        measured();
        switch (placement) {
            case Placement.Around around -> around(around);
            case Placement.Inside _ -> inside();
            case Placement.Behind behind -> behind(behind);
            case Placement.InBack _ -> inBack();
            case Placement.Hinged hinged -> hinged(hinged);
            case Placement.OnFront front -> onFront(front);
            case Placement.OnTop top -> onTop(top);
        }
        return List.copyOf(steps);
    }

    /** What the tape read on the other part takes the place of what was planned of it. */
    private void measured() {
        Optional<Length> wide = came().outside(true);
        Optional<Length> high = came().outside(false);
        boolean within = placement instanceof Placement.Inside
                || placement instanceof Placement.InBack
                || placement instanceof Placement.Hinged;
        if (within || !base.isFourSquare() || wide.isEmpty() && high.isEmpty()) {
            return;
        }
        add(
                "attach.measured",
                on,
                wide.orElseGet(() -> base.width(Line.OUTSIDE)),
                high.orElseGet(() -> base.height(Line.OUTSIDE)));
        Length most = unlike();
        if (frame.job().isFitted() && most.isOver(SAME)) {
            ledger.find(Finding.of(Severity.NOTE, Station.GLUE_UP, "sides_unlike", on, most)
                    .by(most)
                    .remedy(new Remedy.Visit(Station.GLUE_UP)));
        }
    }

    private Progress came() {
        return base.job().part().progress();
    }

    /** By how much opposite sides of the other part differ at most, as far as both were read. */
    private Length unlike() {
        return Stream.of(true, false)
                .flatMap(wide -> came().unlike(wide).stream())
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }

    private void add(String key, Object... arguments) {
        steps.add(Words.of(key, arguments));
    }

    private void around(Placement.Around around) {
        if (frame.job().isHolding()) {
            findStandsOut(base, frame);
            loose("attach.laid_in_it", base, frame);
            return;
        }
        findMissed();
        Length proud = around.proud();
        if (proud.isZero()) {
            add("attach.level", on);
        } else {
            Length shims = ledger.enter(Figure.sum(SHIMS)
                            .start(proud.isPositive() ? "proud" : "stands_back", proud.abs())
                            .note("shims")
                            .result())
                    .value();
            add(proud.isPositive() ? "attach.shims_under_other" : "attach.shims_under_part", on, shims);
        }
        if (frame.job().isFitted()) {
            oneByOne();
            gluedOn();
        } else {
            add("attach.slid_over", on, placement.gap());
        }
    }

    private void inside() {
        if (base.job().section().recess() instanceof Recess.Covering) {
            findStandsOut(frame, base);
        }
        if (frame.job().isFitted()) {
            oneByOne();
            if (frame.job().isLedge()) {
                ledge();
            } else {
                add("attach.glued_in");
            }
        } else {
            loose("attach.laid_into", frame, base);
        }
    }

    /** Behind a floater's wall: level with its back, glued there and in the mitres, pinned into the thinner of both. */
    private void ledge() {
        Length wall = base.narrowFace();
        Length pin = frame.job().section().face().plus(wall).minus(PartScrews.SHORT_OF_FRONT);
        add("attach.ledge", on);
        if (wall.isUnder(LEAST_HOLD)) {
            add("attach.ledge_taped");
        } else {
            ledger.warn(Safety.SCREWS);
            add(
                    "attach.ledge_pinned",
                    frame.habits().drawers().longest(Ware.PIN, pin).orElse(pin));
        }
    }

    /** Strips one after the other, each from its neighbour and the wood it lies against. */
    private void oneByOne() {
        boolean pairs = frame.isFourSquare() && !unlike().isOver(SAME);
        add(pairs ? "attach.first_pair" : "attach.one_by_one", frame.members().size());
    }

    /** Glued along the outside of what they go around. */
    private void gluedOn() {
        Section section = frame.job().section();
        boolean thin = section.face().isUnder(TAPED) || section.thickness().isUnder(TAPED);
        add(thin ? "attach.taped" : "attach.clamped");
        add("attach.flushed");
    }

    /** One part lies loose in the rabbet of another, kept by turn-buttons on the back of that. */
    private void loose(String key, Frame inner, Frame outer) {
        Length room = PartScrews.button(outer);
        add(
                placement.gap().isZero() ? key : key + "_gap",
                on,
                placement.gap(),
                PartScrews.said(inner),
                outer.screw(Screw.SIX),
                outer.screwUpTo(room.plus(PartScrews.BUTTON)));
    }

    /** How far it lies over the wood of the other part, from the outside inwards; found where that holds nothing. */
    private Optional<Length> held(Length land, String missing) {
        Length gap = placement.gap();
        Length held = PartScrews.held(land, gap, frame);
        if (!held.isUnder(LEAST_HOLD)) {
            return Optional.of(held);
        }
        ledger.find(Finding.of(
                        Severity.STOP,
                        Station.BRIEF,
                        missing,
                        frame.job().part().name(),
                        on,
                        gap,
                        land)
                .by(LEAST_HOLD.minus(held))
                .remedy(
                        land.isUnder(LEAST_HOLD)
                                ? new Remedy.Visit(Station.SECTION)
                                : new Remedy.OnJob(
                                        Words.of("remedy.gap", Length.ZERO),
                                        new Edit.Enter(PlaceKey.GAP, Length.ZERO))));
        return Optional.empty();
    }

    /** It goes in when what is framed is there; until then only its corners are made fast. */
    private void inBack() {
        boolean lapped = frame.job().squared().filter(meet -> meet.corner().isLap()).isPresent();
        if (!lapped && !frame.isSolid() && frame.isWoodwork()) {
            add(
                    "attach.corner_blocks",
                    frame.habits()
                            .drawers()
                            .longest(
                                    Ware.STAPLE,
                                    BLOCK.plus(frame.job().section().thickness()).minus(PartScrews.SHORT_OF_FRONT))
                            .orElse(BLOCK));
        }
        add("attach.in_back", on);
    }

    private void behind(Placement.Behind behind) {
        held(base.narrowestSection().backWidth(), "part_meets_nothing")
                .ifPresent(held -> screwedBehind(behind, held));
    }

    private void screwedBehind(Placement.Behind behind, Length held) {
        Optional<Length> in = PartScrews.in(base, behind.gap(), held);
        if (in.isEmpty()) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.BRIEF,
                            "part_over_hollow",
                            frame.job().part().name(),
                            on)
                    .remedy(new Remedy.Visit(Station.SECTION)));
            return;
        }
        ledger.warn(Safety.SCREWS);
        Length room = ledger.enter(Figure.sum(SCREW)
                        .start("part_thickness", frame.job().section().thickness())
                        .plus("wood_before_it", PartScrews.woodBefore(base, behind.gap(), held))
                        .minus("short_of_front", PartScrews.SHORT_OF_FRONT)
                        .rounded(Rounding.DOWN)
                        .note("attach_screw")
                        .result())
                .value();
        Figure<Length> place = ledger.enter(Figure.formula(SCREW_IN)
                .with("held_over", held)
                .note("screw_in")
                .gives(in.get()));
        add(
                "attach.screwed",
                on,
                base.screwUpTo(room),
                place,
                base.screw(Screw.SIX),
                PartScrews.said(frame));
    }

    /** Glued on, where the front of the other part is flat. */
    private void onFront(Placement.OnFront front) {
        Section under = base.narrowestSection();
        held(under.face(), "part_meets_little").ifPresent(held -> {
            double outer = under.face().minus(front.gap()).toMm();
            Length low = Length.mm(under.wood().lowestFront(outer - held.toMm(), outer));
            Length drop = under.thickness().minus(low);
            if (drop.isOver(SAME)) {
                ledger.find(Finding.of(
                                Severity.STOP,
                                Station.BRIEF,
                                "part_on_profile",
                                frame.job().part().name(),
                                on,
                                drop)
                        .by(drop)
                        .remedy(new Remedy.Visit(Station.SECTION)));
                return;
            }
            findCoversLeaf(front);
            add("attach.on_front", on);
            Length thick = frame.job().section().thickness();
            Length brad = thick.plus(low).minus(PartScrews.SHORT_OF_FRONT).min(thick.times(BRAD_TIMES));
            add(
                    "attach.on_front_glued",
                    frame.habits().drawers().longest(Ware.PIN, brad).orElse(brad));
        });
    }

    /** What lies on the front may not reach before a leaf that swings there. */
    private void findCoversLeaf(Placement.OnFront front) {
        Length past = front.gap().plus(frame.job().section().face()).minus(base.narrowFace());
        assembly.job().parts().stream()
                .filter(part -> part.hung().filter(leaf -> leaf.on().equals(on)).isPresent())
                .filter(part -> past.isOver(part.placement().orElseThrow().gap()))
                .findFirst()
                .ifPresent(leaf -> {
                    Length face = frame.job().section().face().minus(past);
                    ledger.find(Finding.of(
                                    Severity.STOP,
                                    Station.BRIEF,
                                    "front_covers_leaf",
                                    frame.job().part().name(),
                                    leaf.name(),
                                    past)
                            .by(past)
                            .remedy(
                                    face.isUnder(LEAST_HOLD)
                                            ? new Remedy.Visit(Station.SECTION)
                                            : new Remedy.OnJob(
                                                    Words.of("remedy.face", face),
                                                    new Edit.Enter(SectionKey.FACE, face))));
                });
    }

    /** Set on the upper edge, and screwed down through its sill. */
    private void onTop(Placement.OnTop top) {
        Length sill = frame.job().section().thickness();
        Optional<Length> screw = PocketScrews.forWood(sill, frame.habits().drawers())
                .filter(_ -> !frame.job().section().backWidth().isUnder(LEAST_SILL));
        ledger.warn(Safety.SCREWS);
        if (screw.isPresent()) {
            add("attach.on_top_pockets", sill);
        }
        add(top.gap().isZero() ? "attach.on_top_level" : "attach.on_top", on, top.gap());
        if (screw.isPresent()) {
            add("attach.on_top_screwed", screw.get());
        } else {
            add("attach.on_top_blocks");
        }
    }

    /** Tried in the opening, then hung. */
    private void hinged(Placement.Hinged hinged) {
        Length high = frame.height(Line.OUTSIDE);
        Hinges hinges = Hinges.of(high);
        Length from = ledger.enter(Figure.formula(HINGE_FROM_END)
                        .with("leaf_high", high)
                        .note("hinge_from_end", Hinges.SHARE)
                        .gives(hinges.fromEnd()))
                .value();
        ledger.enter(Figure.formula(HINGES)
                .with("leaf_high", high)
                .note("hinges", Hinges.TWO_UP_TO)
                .gives(new Count(hinges.places().size())));
        ledger.warn(Safety.SCREWS);
        boolean pair = hinged.leaves() == Placement.Hinged.Leaves.PAIR;
        bought();
        add(pair ? "attach.leaf_try" : "attach.leaf_try_one", on, hinged.gap());
        add("attach.leaf_hand." + hinged.leaves().name().toLowerCase(Locale.ROOT));
        String many = hinges.places().size() > 2 ? "attach.hinges_three" : "attach.hinges_two";
        add(pair ? many : many + "_one", from);
        add("attach.hinge_let_in", frame.screw(Screw.FOUR));
        if (pair) {
            add("attach.leaves_meet", hinged.gap());
        }
        add("attach.leaf_catch");
        Length proud = assembly.lies()
                .get(assembly.job().seen())
                .back()
                .plus(frame.job().section().thickness())
                .minus(assembly.lies()
                        .get(assembly.job().indexOf(on))
                        .back()
                        .plus(base.job().section().thickness()));
        if (proud.isOver(extension())) {
            ledger.find(Finding.of(
                            Severity.NOTE,
                            Station.BRIEF,
                            "leaf_proud",
                            frame.job().part().name(),
                            proud,
                            on)
                    .by(proud)
                    .remedy(extended(proud)));
        }
        if (hinged.gap().isUnder(LEAST_GAP)) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.BRIEF,
                            "leaf_binds",
                            frame.job().part().name(),
                            hinged.gap(),
                            LEAST_GAP)
                    .by(LEAST_GAP.minus(hinged.gap()))
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.gap", LEAST_GAP), new Edit.Enter(PlaceKey.GAP, LEAST_GAP))));
        }
    }

    /** How thick what lies on the front of the other part is already. */
    private Length extension() {
        return assembly.frames().stream()
                .map(Frame::job)
                .filter(other -> other.placement()
                        .filter(place -> place instanceof Placement.OnFront
                                && place.on().equals(on))
                        .isPresent())
                .map(other -> other.section().thickness())
                .max(Length::compareTo)
                .orElse(Length.ZERO);
    }

    /** Pieces so thick round the front of the other part, as wide as its sides, where nothing lies there yet. */
    private Remedy extended(Length thick) {
        int under = assembly.job().indexOf(on);
        return PartOffer.named("extension")
                .by(base, "extension pieces")
                .filter(_ -> assembly.job().parts().stream()
                        .noneMatch(part -> part.name().equals("extension pieces")))
                .map(part -> Part.of(
                                part.name(),
                                part.placement().orElseThrow(),
                                part.body()
                                        .with(part.body()
                                                .section()
                                                .withFace(base.job().section().face())
                                                .withThickness(thick.max(LEAST_EXTENSION))))
                        .finished(part.choices().finish()))
                .<Remedy>map(part -> new Remedy.OnJob(
                        Words.of("remedy.extension", thick.max(LEAST_EXTENSION)),
                        new Edit.InPart(under, new Edit.AddPart(part))))
                .orElseGet(() -> new Remedy.Visit(Station.SECTION));
    }

    /** A leaf that came wider than it must be, as one that was bought may: its upright sides stay whole. */
    private void bought() {
        Length wanted = frame.width(Line.OUTSIDE);
        frame.job()
                .part()
                .progress()
                .outside(true)
                .filter(came -> came.minus(wanted).isOver(SAME))
                .ifPresent(came -> add(
                        frame.slats().isEmpty() ? "attach.leaf_narrower" : "attach.leaf_narrower_slats",
                        came,
                        wanted,
                        came.minus(wanted)));
    }

    /** Two parts may not lie in one place: the later one lies by the earlier instead. */
    private void findTaken() {
        frame.job().parts().subList(0, frame.job().seen()).stream()
                .filter(other -> other.placement().filter(placement::isWhere).isPresent() || isAgainst(other))
                .findFirst()
                .ifPresent(other -> ledger.find(Finding.of(
                                Severity.STOP,
                                Station.BRIEF,
                                "place_taken",
                                frame.job().part().name(),
                                other.name(),
                                on)
                        .remedy(new Remedy.OnJob(
                                Words.of("remedy.place_by", other.name()),
                                new Edit.Place(placement.on(other.name()))))));
    }

    /** Whether what it lies by lies with that face against another part: behind it, or on its front. */
    private boolean isAgainst(Part other) {
        Optional<Placement> under = base.job().placement().filter(place -> place.on().equals(other.name()));
        return placement instanceof Placement.OnFront && under.filter(Placement.Behind.class::isInstance).isPresent()
                || placement instanceof Placement.Behind
                        && under.filter(Placement.OnFront.class::isInstance).isPresent();
    }

    /** What lies around another must touch its edge somewhere. */
    private void findMissed() {
        Length own = assembly.lies().get(assembly.job().seen()).back();
        Length other = assembly.lies().get(assembly.job().indexOf(on)).back();
        Length top = own.plus(frame.job().section().thickness())
                .min(other.plus(base.job().section().thickness()));
        Length touching = top.minus(own.max(other));
        if (touching.isUnder(LEAST_HOLD)) {
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.BRIEF,
                            "part_misses",
                            frame.job().part().name(),
                            on,
                            touching.max(Length.ZERO),
                            LEAST_HOLD)
                    .by(LEAST_HOLD.minus(touching))
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.level_fronts"), new Edit.Enter(PlaceKey.PROUD, Length.ZERO))));
        }
    }

    /** What lies in the rabbet of another part and is thicker than that is deep. */
    private void findStandsOut(Frame inner, Frame outer) {
        Length out = inner.job().section().thickness().minus(outer.job().section().recessDepth());
        if (out.isPositive()) {
            ledger.find(Finding.of(
                            Severity.NOTE,
                            Station.SECTION,
                            "part_stands_out",
                            inner.job().part().name(),
                            outer.job().part().name(),
                            out)
                    .by(out)
                    .remedy(new Remedy.Visit(Station.SECTION)));
        }
    }
}
