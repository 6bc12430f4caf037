package neatcorner.core.fit;

import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.PartOffer;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Layer;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Whether the package and the section suit each other.
 *
 * @param stack how thick the package is
 * @param left  depth left behind it; below zero when it stands proud of the back
 * @param front the least wood in front of the rabbet
 */
public record DepthCheck(Figure<Length> stack, Figure<Length> left, Figure<Length> front) {
    /** All layers of the package. */
    public static final FigureKey<Length> STACK = FigureKey.length(Station.SECTION, "section.stack");
    /** What is left behind the package, or how far a floating picture stays below the front. */
    public static final FigureKey<Length> LEFT = FigureKey.length(Station.SECTION, "section.depth_left");
    /** Wood in front of the rabbet. */
    public static final FigureKey<Length> FRONT_WOOD = FigureKey.length(Station.SECTION, "section.front_wood");

    private static final Length LEAST_PLAY = Length.inches(0, 1, 16);
    /** Nobody measures or cuts a rabbet nearer than this. */
    private static final Length HAIR = Length.inches(0, 1, 64);
    /** The thinnest card that serves as a backing; common practice, no source. */
    private static final Length THIN_CARD = Length.mm(1);

    /** Checks depth, front, play and lip, and enters what it finds. */
    public static Planned<DepthCheck> of(Frame frame) {
        Ledger ledger = new Ledger();
        Recess recess = frame.job().section().recess();
        ledger.lead(
                Station.SECTION,
                recess.takesPackage()
                        ? LEFT
                        : recess instanceof Recess.Over ? SectionKey.OVERLAP : SectionKey.FACE);
        return ledger.planned(of(frame, ledger));
    }

    private static DepthCheck of(Frame frame, Ledger ledger) {
        Section section = frame.job().section();
        Contents contents = frame.job().contents();
        Figure.Sum sum = Figure.sum(STACK);
        if (!contents.layers().isEmpty()) {
            frame.job()
                    .linings()
                    .forEach(lining ->
                            sum.plus("lining", lining.body().section().thickness(), lining.name()));
        }
        contents.layers().forEach(layer -> sum.plus("layer", layer.thickness(), layer.material()));
        Figure<Length> stack = ledger.enter(sum.result());
        Figure<Length> left = ledger.enter(left(frame, stack.value()).result());
        Figure<Length> front = ledger.enter(Figure.formula(FRONT_WOOD)
                .named(Words.of(
                        section.recess() instanceof Recess.Slot
                                ? "figure.section.front_of_groove"
                                : "figure.section.front_wood"))
                .with("front_over_lip", section.woodInFrontOfRabbet().plus(section.recessFront()))
                .with("recess_front", section.recessFront()).note("front_wood").gives(section.woodInFrontOfRabbet()));
        SectionFigures.enter(section, ledger);
        DepthCheck check = new DepthCheck(stack, left, front);
        if (section.recess() instanceof Recess.Covering covering) {
            check.findCovered(frame, covering, ledger);
        } else if (section.recess() instanceof Recess.Floater floater) {
            check.findProudPicture(section, ledger);
            if (floater.isWall() && frame.job().linings().isEmpty()) {
                findNoLedge(frame, ledger);
            }
        }
        return check;
    }

    private void findCovered(Frame frame, Recess.Covering covering, Ledger ledger) {
        if (Leaning.find(frame, covering, ledger)) {
            return;
        }
        if (covering instanceof Recess.Slot slot) {
            findPanel(frame, slot, ledger);
            slot.behind().ifPresent(second -> findBack(frame, second, ledger));
        } else {
            findDepth(frame, covering, ledger);
        }
        findLoose(frame, ledger);
        findFront(frame, ledger);
        findPlay(frame, covering, ledger);
    }

    /** A panel slides in its groove with a hair to spare. */
    private void findPanel(Frame frame, Recess.Slot slot, Ledger ledger) {
        if (frame.job().outline().round().stream().anyMatch(Side::isCurved)) {
            Length depth = slot.fromBack().plus(slot.width());
            ledger.find(Finding.of(Severity.STOP, Station.SECTION, "groove_curved")
                    .by(slot.lip())
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.rabbet_for_groove", slot.lip(), depth),
                            new Edit.ChooseSection(
                                    frame.job().section().withRecess(new Recess.Rabbet(slot.lip(), depth))))));
            return;
        }
        if (!frame.job().contents().layers().isEmpty() && left.value().isNegative()) {
            Length width = slot.width().plus(left.value().abs());
            ledger.find(Finding.of(Severity.STOP, Station.SECTION, "panel_too_thick", width, slot.width())
                    .by(left.value().abs())
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.groove", width), new Edit.Enter(SectionKey.RABBET_DEPTH, width))));
        }
    }

    private static String leftName(Recess recess) {
        return switch (recess) {
            case Recess.Floater _ -> "figure.section.below_front";
            case Recess.Slot _ -> "figure.section.left_in_groove";
            default -> "figure.section.depth_left";
        };
    }

    /** The back of a box in the second groove. */
    private static void findBack(Frame frame, Recess.Slot.Groove second, Ledger ledger) {
        frame.job()
                .contents()
                .layer(Material.Role.BACKING)
                .filter(back -> back.thickness().isOver(second.width()))
                .ifPresent(back -> ledger.find(Finding.of(
                                Severity.STOP,
                                Station.SECTION,
                                "panel_too_thick",
                                back.thickness(),
                                second.width())
                        .by(back.thickness().minus(second.width()))
                        .remedy(new Remedy.OnJob(
                                Words.of("remedy.groove", back.thickness()),
                                new Edit.Enter(SectionKey.GROOVE_BEHIND_WIDTH, back.thickness())))));
    }

    /**
     * A backing board that lies in the step behind leaves what the step is deeper than it, less what lifts it off the
     * step.
     */
    private static Figure.Sum left(Frame frame, Length stack) {
        boolean floats = frame.job().section().recess() instanceof Recess.Floater;
        Figure.Sum left =
                Figure.sum(LEFT).named(Words.of(leftName(frame.job().section().recess())));
        Optional<Layer> backing = frame.job().contents().layer(Material.Role.BACKING);
        if (frame.job().section().recess() instanceof Recess.DoubleRabbet step
                && backing.isPresent()
                && frame.job().lean().isFlat()) {
            Length before = stack.minus(backing.get().thickness());
            Length lifted = before.minus(step.depth().minus(step.backDepth())).max(Length.ZERO);
            return left.start("step_depth", step.backDepth())
                    .minus("backing", backing.get().thickness(), backing.get().material())
                    .minus("lifted", lifted);
        }
        if (frame.job().section().recess() instanceof Recess.Slot slot
                && slot.behind().isPresent()
                && backing.isPresent()) {
            return left.start("recess_depth", slot.width())
                    .minus("before_back", stack.minus(backing.get().thickness()));
        }
        String deep = floats ? "wall_high" : isLevel(frame) ? "recess_depth" : "recess_room";
        return left.start(deep, room(frame)).minus("stack", stack);
    }

    /** A backing that lies on the step presses nothing that is thinner than the rabbet before it. */
    private void findLoose(Frame frame, Ledger ledger) {
        Optional<Layer> backing = frame.job().contents().layer(Material.Role.BACKING);
        if (backing.isEmpty()
                || !(frame.job().section().recess() instanceof Recess.DoubleRabbet step)
                || !frame.job().lean().isFlat()) {
            return;
        }
        Length before = stack.value().minus(backing.get().thickness());
        Length room = step.depth().minus(step.backDepth());
        Length depth = before.max(Length.mm(0.5)).plus(step.backDepth());
        if (before.isPositive() && room.minus(before).isOver(LEAST_PLAY)) {
            Recess shallower = new Recess.DoubleRabbet(step.lip(), depth, step.backLip(), step.backDepth());
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.SECTION,
                            "loose_before_step",
                            before,
                            room,
                            room.minus(before),
                            depth)
                    .by(room.minus(before))
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.rabbet_depth", depth),
                            new Edit.ChooseSection(frame.job().section().withRecess(shallower)))));
        }
    }

    /** Whether the package lies along the stick's own back, as deep as its rabbet was cut. */
    private static boolean isLevel(Frame frame) {
        return frame.job().lean().isFlat() && !(frame.job().section().recess() instanceof Recess.TiltedRabbet);
    }

    /** How deep the package may lie: the recess, or what a lean leaves of it. */
    private static Length room(Frame frame) {
        return isLevel(frame) ? frame.job().section().recessDepth() : Length.mm(frame.seat().room());
    }

    private void findDepth(Frame frame, Recess.Covering covering, Ledger ledger) {
        Length room = frame.habits().get(Habit.POINT_ROOM);
        boolean free = frame.job().contents().keeper() != Contents.Keeper.POINTS && frame.isWoodwork();
        if (frame.job().contents().layers().isEmpty() || free || !left.value().isUnder(room.minus(HAIR))) {
            return;
        }
        Section section = frame.job().section();
        Length missing = room.minus(left.value());
        boolean proud = !left.value().isPositive();
        if (!isLevel(frame)) {
            ledger.find(Finding.of(
                            proud ? Severity.STOP : Severity.CAUTION,
                            Station.SECTION,
                            "lean_shallow",
                            room(frame),
                            stack.value(),
                            frame.habits().said(Habit.POINT_ROOM))
                    .by(missing)
                    .remedy(Leaning.levelRabbet(frame).orElseGet(() -> new Remedy.Visit(Station.SECTION))));
            return;
        }
        if (section.recess() instanceof Recess.DoubleRabbet step
                && frame.job().contents().layer(Material.Role.BACKING).isPresent()) {
            Recess deep = new Recess.DoubleRabbet(
                    step.lip(),
                    step.depth().plus(missing),
                    step.backLip(),
                    step.backDepth().plus(missing));
            Section made = section.withThickness(section.thickness().plus(missing)).withRecess(deep);
            Words leaves = Words.of(proud ? "finding.step_stands_out" : "finding.step_leaves", left.value().abs());
            ledger.find(Finding.of(
                            proud ? Severity.STOP : Severity.CAUTION,
                            Station.SECTION,
                            "step_shallow",
                            step.backDepth(),
                            leaves,
                            frame.habits().said(Habit.POINT_ROOM),
                            thinner(frame, missing))
                    .by(missing)
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.deeper_step", step.backDepth().plus(missing), made.thickness()),
                            new Edit.ChooseSection(made))));
            return;
        }
        Deeper deeper = deeper(frame, covering, section.recessDepth().plus(missing));
        ledger.find(Finding.of(
                        proud ? Severity.STOP : Severity.CAUTION,
                        Station.SECTION,
                        proud ? "rabbet_too_shallow" : "no_room_for_points",
                        room(frame),
                        stack.value(),
                        frame.habits().said(Habit.POINT_ROOM),
                        missing,
                        left.value().abs(),
                        thinner(frame, missing),
                        deeper.said())
                .by(missing)
                .remedy(deeper.remedy()));
    }

    /**
     * What would have to be thinner: the backing where a thin card in its place is enough, else all layers together.
     */
    private static Words thinner(Frame frame, Length missing) {
        boolean backing = frame.job()
                .contents()
                .layer(Material.Role.BACKING)
                .filter(layer -> !layer.thickness().isUnder(missing.plus(THIN_CARD)))
                .isPresent();
        return Words.of(backing ? "finding.thinner_backing" : "finding.thinner_package");
    }

    /**
     * How more depth is had.
     *
     * @param said as a sentence's beginning
     */
    private record Deeper(Words said, Remedy remedy) {
    }

    /** A deeper rabbet where enough wood stays in front of it, else a thicker moulding with both. */
    private Deeper deeper(Frame frame, Recess.Covering covering, Length depth) {
        Section section = frame.job().section();
        Length more = depth.minus(section.recessDepth());
        Length keep = frame.habits().get(Habit.FRONT_WOOD);
        if (keepsFront(section, depth, keep)) {
            return new Deeper(
                    Words.of("finding.cut_deeper", more),
                    new Remedy.OnJob(
                            Words.of("remedy.rabbet_depth", depth), new Edit.Enter(SectionKey.RABBET_DEPTH, depth)));
        }
        Length thickness = section.thickness().plus(keep.plus(more).minus(front.value()));
        return new Deeper(
                Words.of("finding.take_thicker", thickness, depth),
                new Remedy.OnJob(
                        Words.of("remedy.thicker", thickness, depth),
                        new Edit.ChooseSection(
                                section.withThickness(thickness).withRecess(covering.withDepth(depth)))));
    }

    private void findFront(Frame frame, Ledger ledger) {
        Length keep = frame.habits().get(Habit.FRONT_WOOD);
        if (!front.value().isUnder(keep)) {
            return;
        }
        Section section = frame.job().section();
        String what = section.recess() instanceof Recess.Slot ? "groove" : "rabbet";
        Length missing = keep.minus(front.value());
        Length thickness = section.thickness().plus(missing);
        Remedy thicker = new Remedy.OnJob(
                Words.of("remedy.thickness", thickness), new Edit.Enter(SectionKey.THICKNESS, thickness));
        Remedy remedy = (section.recess() instanceof Recess.Slot slot
                        ? furtherBack(slot, missing, keep)
                        : shallower(frame, missing))
                .orElse(thicker);
        boolean through = !front.value().isPositive();
        ledger.find(Finding.of(
                        through ? Severity.STOP : Severity.CAUTION,
                        Station.SECTION,
                        through ? "rabbet_through_front" : "front_thin",
                        front.value().max(Length.ZERO),
                        frame.habits().said(Habit.FRONT_WOOD),
                        Words.of("recess." + what),
                        Words.of("recess." + what + ".front"))
                .by(missing)
                .remedy(remedy));
    }

    /** A groove moves back by what is missing before it, while as much wood stays behind it, and no second one. */
    private static Optional<Remedy> furtherBack(Recess.Slot slot, Length missing, Length keep) {
        Length back = slot.fromBack().minus(missing);
        return Optional.of(back)
                .filter(place -> slot.behind().isEmpty() && !place.isUnder(keep))
                .map(place -> new Remedy.OnJob(
                        Words.of("remedy.groove_back", place), new Edit.Enter(SectionKey.SLOT_FROM_BACK, place)));
    }

    private Optional<Remedy> shallower(Frame frame, Length missing) {
        Section section = frame.job().section();
        Length depth = section.recessDepth().minus(missing);
        Length needed = stack.value().plus(frame.habits().get(Habit.POINT_ROOM));
        return Optional.of(depth)
                .filter(less -> !less.isUnder(needed)
                        && keepsFront(section, less, frame.habits().get(Habit.FRONT_WOOD)))
                .map(less -> new Remedy.OnJob(
                        Words.of("remedy.rabbet_depth", less), new Edit.Enter(SectionKey.RABBET_DEPTH, less)));
    }

    /** Whether a recess of this depth can be cut and leaves enough wood before it. */
    private static boolean keepsFront(Section section, Length depth, Length keep) {
        try {
            return section.recess() instanceof Recess.Covering covering
                    && !section.withRecess(covering.withDepth(depth)).woodInFrontOfRabbet().isUnder(keep);
        } catch (Refusal cannotBeCut) {
            return false;
        }
    }

    private static void findPlay(Frame frame, Recess.Covering covering, Ledger ledger) {
        Length play = frame.habits().get(Habit.PLAY);
        if (play.isUnder(LEAST_PLAY)) {
            ledger.find(Finding.of(
                            play.isZero() ? Severity.STOP : Severity.CAUTION,
                            Station.BRIEF,
                            "no_play",
                            frame.habits().said(Habit.PLAY),
                            LEAST_PLAY)
                    .by(LEAST_PLAY.minus(play))
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.play", Habit.PLAY.usual()),
                            new Edit.Enter(Habit.PLAY, Habit.PLAY.usual()))));
        }
        if (!frame.job().lean().isFlat()) {
            return;
        }
        if (covering.lip().isUnder(play.plus(LEAST_PLAY))) {
            Length lip = play.plus(Length.inches(0, 1, 8));
            boolean grooved = covering instanceof Recess.Slot;
            Optional<Remedy> wider = lip.isUnder(frame.job().section().face().over(2))
                    ? Optional.of(new Remedy.OnJob(
                            Words.of(grooved ? "remedy.groove_deep" : "remedy.lip", lip),
                            new Edit.Enter(SectionKey.LIP, lip)))
                    : Optional.empty();
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.SECTION,
                            "lip_narrow",
                            covering.lip(),
                            frame.habits().said(Habit.PLAY),
                            Words.of(grooved ? "recess.groove.covers" : "recess.rabbet.covers", covering.lip()),
                            Words.of(grooved ? "recess.groove.wider" : "recess.rabbet.wider"))
                    .by(play.plus(LEAST_PLAY).minus(covering.lip()))
                    .remedy(wider.orElse(new Remedy.Visit(Station.SECTION))));
        }
    }

    /** A floater's wall alone carries nothing. */
    private static void findNoLedge(Frame frame, Ledger ledger) {
        ledger.find(Finding.of(
                        Severity.STOP, Station.SECTION, "no_ledge", frame.job().part().name())
                .remedy(PartOffer.named("ledge")
                        .by(frame, "ledge")
                        .<Remedy>map(part ->
                                new Remedy.OnJob(Words.of("remedy.ledge"), new Edit.AddPart(part)))
                        .orElseGet(() -> new Remedy.Visit(Station.SECTION))));
    }

    private void findProudPicture(Section section, Ledger ledger) {
        if (left.value().isNegative()) {
            Length thickness = section.thickness().minus(left.value());
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.SECTION,
                            "picture_proud",
                            left.value().abs(),
                            section.recessDepth())
                    .by(left.value().abs())
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.thickness", thickness), new Edit.Enter(SectionKey.THICKNESS, thickness))));
        }
    }
}
