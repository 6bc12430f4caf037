package neatcorner.core.hang;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Bracing;
import neatcorner.core.frame.FixtureBox;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Weight;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Known;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Strength;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Readings;
import neatcorner.core.work.WorkLog;

/** Plans the hanging. Loads are estimates; ratings and walls are for whoever fixes it to judge. */
public final class HangPlanner {
    /** Rings down from the top. */
    public static final FigureKey<Length> RING_DOWN = FigureKey.length(Station.HANG, "ring.down");
    /** Rings in from the side. */
    public static final FigureKey<Length> RING_INSET = FigureKey.length(Station.HANG, "ring.inset");
    /** From ring to ring. */
    public static final FigureKey<Length> RING_APART = FigureKey.length(Station.HANG, "ring.apart");
    /** How steep the wire runs. */
    public static final FigureKey<Angle> WIRE_ANGLE = FigureKey.angle(Station.HANG, "wire.angle");
    /** The pull in either half of the wire. */
    public static final FigureKey<Force> WIRE_TENSION = FigureKey.force(Station.HANG, "wire.tension");
    /** From the top to the taut wire. */
    public static final FigureKey<Length> WIRE_DROP = FigureKey.length(Station.HANG, "wire.drop");
    /** How much wire to cut. */
    public static final FigureKey<Length> WIRE_LENGTH = FigureKey.length(Station.HANG, "wire.length");
    /** What the hardware must be rated for. */
    public static final FigureKey<Mass> RATING = FigureKey.mass(Station.HANG, "hang.rating");
    /** How deep the screws of the hardware may go into the wood. */
    public static final FigureKey<Length> SCREW_DEEP = FigureKey.length(Station.HANG, "hang.screw_deep");
    /** The longest screw for a ring or a plate. */
    public static final FigureKey<Length> SCREW = FigureKey.length(Station.HANG, "hang.screw");
    /** What to bore for its thread. */
    public static final FigureKey<Length> PILOT = FigureKey.length(Station.HANG, "hang.pilot");
    /** How many screws each ring takes. */
    public static final FigureKey<Count> SCREWS = FigureKey.count(Station.HANG, "hang.screws");
    /** How long the strip of a cleat on the back is. */
    public static final FigureKey<Length> CLEAT = FigureKey.length(Station.HANG, "hang.cleat");
    /** How many screws hold it. */
    public static final FigureKey<Count> CLEAT_SCREWS = FigureKey.count(Station.HANG, "hang.cleat_screws");
    /** The hook above the floor. */
    public static final FigureKey<Length> HOOK_HEIGHT = FigureKey.length(Station.HANG, "hang.hook_height");

    /** Less weight beside the middle is taken up by a touch on the wire. Common practice, no source. */
    private static final Length OFF_CENTRE = Length.mm(4);
    /** What stays free between frame and floor at least, for the skirting. Common practice, no source. */
    private static final Length OVER_FLOOR = Length.inches(4);
    private static final Angle EASY_WIRE = Angle.degrees(30);
    /** Flatter than this, each half of the wire pulls with twice the frame's weight and more. */
    private static final Angle FLAT_WIRE = Angle.degrees(14.4775);
    /** The backs of sides that lean by more look aside more than backwards. */
    private static final Angle STEEP = Angle.degrees(45);

    private static final Length HIDE_HOOK = Length.inches(2);
    private static final Length TAILS = Length.inches(8);
    /** The weakest hardware that is sold with a rating. Common practice, no source. */
    private static final Mass LEAST_RATING = Mass.kg(1);
    /** Hardware is loaded to a quarter of its rating. Common practice, no source. */
    private static final int RESERVE = 4;
    /** Nearer to a joint, in mm, no ring is screwed on. Common practice, no source. */
    private static final double FROM_JOINT = 18;
    /** From one try to the next of where a ring is beside every joint. */
    private static final Length RING_STEP = Length.inches(0, 1, 4);

    private static final int MOST_TRIES = 24;
    /** Wood that stays before a screw's tip. Common practice, no source. */
    private static final Length BEFORE_TIP = Length.inches(0, 1, 8);
    /** What a ring or a plate is thick. Common practice, no source. */
    private static final Length RING_THICK = Length.inches(0, 1, 16);
    /** A screw holds nothing in less. Common practice, no source. */
    private static final Length LEAST_DEEP = Length.inches(0, 3, 16);
    /** Shorter screws are thinner ones. Common practice, no source. */
    private static final Length SHORT = Length.inches(0, 3, 8);
    /** A ring's screw holds no better when it is longer. Common practice, no source. */
    private static final Length ENOUGH = Length.inches(1);
    /** A ring has no more holes. Common practice, no source. */
    private static final int MOST_SCREWS = 3;

    /** Of a cleat to the frame's width where it is. Common practice, no source. */
    private static final double CLEAT_SHARE = 0.7;
    /** Its outer screws from its ends. Common practice, no source. */
    private static final Length CLEAT_FIRST = Length.inches(1, 1, 2);
    /** Its screws stand no further apart. Common practice, no source. */
    private static final Length CLEAT_APART = Length.inches(8);

    private static final Mass TWO_PEOPLE = Mass.kg(15);
    /** What a ring or a plate needs beside its middle. Common practice, no source. */
    private static final Length HALF_RING = Length.mm(8);
    private final Assembly assembly;
    /** The part the hardware is on. */
    private final Frame frame;
    private final Weight weight;
    private final Ledger ledger;
    private final Mount mount;
    private final Readings readings;

    private HangPlanner(Assembly assembly, Weight weight, WorkLog log, Ledger ledger) {
        this.assembly = assembly;
        this.frame = assembly.frame(assembly.job().carrier());
        this.weight = weight;
        this.ledger = ledger;
        this.mount = new Mount(frame);
        this.readings = log.readings(frame.job().part().name());
    }

    /** How all parts together, of this weight, hang by the one that carries them. */
    public static Planned<HangPlan> plan(Assembly assembly, Weight weight) {
        return plan(assembly, weight, WorkLog.NOTHING);
    }

    /** The same after some of it was done, and the taut wire perhaps read. */
    public static Planned<HangPlan> plan(Assembly assembly, Weight weight, WorkLog log) {
        Ledger ledger = new Ledger();
        return ledger.planned(new HangPlanner(assembly, weight, log, ledger).plan());
    }

    private HangPlan plan() {
        Mass total = weight.total().value();
        Hardware least = Arrays.stream(Hardware.values()).filter(h -> h.isOnWall() && !total.isOver(h.most()))
                .findFirst().orElse(Hardware.CLEAT);
        if (assembly.job().packed().isMirror() && least.compareTo(Hardware.TWO_HOOKS) < 0) {
            least = Hardware.TWO_HOOKS;
        }
        Hardware recommended = hasLeaves() ? Hardware.CLEAT : least;
        Hardware chosen =
                frame.job().isHung() ? frame.job().choices().hardware().orElse(recommended) : Hardware.LAID;
        ledger.decide(Station.HANG, chosen);
        if (total.isOver(TWO_PEOPLE) || assembly.width().max(assembly.height()).isOver(Length.inches(60))) {
            ledger.warn(Safety.TWO_PEOPLE);
        }
        return chosen.isOnWall() ? hung(total, least, recommended, chosen) : laid(isGlued() ? chosen : recommended);
    }

    /** Whether it lies over a mirror that hangs, where no hardware of its own could hold it. */
    private boolean isGlued() {
        return frame.job().section().recess() instanceof Recess.Over;
    }

    private HangPlan laid(Hardware recommended) {
        ledger.lead(Station.HANG, Weight.TOTAL);
        return new HangPlan(
                weight,
                recommended,
                Hardware.LAID,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Length.ZERO);
    }

    private HangPlan hung(Mass total, Hardware least, Hardware recommended, Hardware chosen) {
        ledger.lead(Station.HANG, HOOK_HEIGHT);
        ledger.warn(Safety.WALL);
        find(total, least, chosen);
        findCovered(chosen);
        findInner();
        findSteep(chosen);
        findOffCentre(chosen);
        findSwinging(chosen);
        findFloor();
        findBehind(least, chosen);
        Optional<HangPlan.Rings> rings = chosen == Hardware.RINGS_AND_WIRE || chosen == Hardware.TWO_HOOKS
                ? Optional.of(rings()) : Optional.empty();
        Optional<HangPlan.Wire> wire = chosen == Hardware.RINGS_AND_WIRE ? rings.map(this::wire) : Optional.empty();
        Optional<HangPlan.Bite> screwsIn = screws(chosen, rings.isPresent(), wire);
        Optional<Length> read = wire.flatMap(this::read);
        Length drop = read.or(() -> wire.map(w -> w.drop().value()))
                .or(() -> rings.map(r -> r.down().value()))
                .orElse(mount.down());
        return new HangPlan(
                weight,
                recommended,
                chosen,
                rings,
                wire,
                Optional.of(rating(chosen, wire)),
                chosen == Hardware.CLEAT ? cleat() : Optional.empty(),
                screwsIn,
                Optional.of(hookHeight(chosen, drop, read.isPresent() ? "drop_read" : "drop")),
                drop);
    }

    private void find(Mass total, Hardware recommended, Hardware chosen) {
        if (total.isOver(Hardware.CLEAT.most())) {
            ledger.find(Finding.of(Severity.STOP, Station.HANG, "too_heavy", total, Hardware.CLEAT.most()).by(total)
                    .remedy(new Remedy.Visit(Station.HANG)));
        } else if (chosen.compareTo(recommended) < 0) {
            boolean mirror = !total.isOver(chosen.most());
            ledger.find(Finding.of(
                            mirror ? Severity.CAUTION : Severity.STOP,
                            Station.HANG,
                            mirror ? "mirror_hardware" : "hardware_too_light",
                            chosen,
                            total,
                            chosen.most(),
                            recommended)
                    .by(total)
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.hardware", recommended),
                            new Edit.ChooseHardware(Optional.of(recommended)))));
        }
    }

    private boolean hasLeaves() {
        return assembly.job().parts().stream().anyMatch(part -> part.hung().isPresent());
    }

    /** An open leaf pulls what hangs by two points or fewer forward and aside. */
    private void findSwinging(Hardware chosen) {
        if (hasLeaves() && chosen != Hardware.CLEAT) {
            ledger.find(Finding.of(Severity.CAUTION, Station.HANG, "leaves_pull", chosen)
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.hardware", Hardware.CLEAT),
                            new Edit.InPart(
                                    assembly.job().carrier(),
                                    new Edit.ChooseHardware(Optional.of(Hardware.CLEAT))))));
        }
    }

    /** A part on the back of the one that carries all would lie where the hardware goes: then it carries all. */
    private void findCovered(Hardware chosen) {
        boolean rings = chosen == Hardware.RINGS_AND_WIRE || chosen == Hardware.TWO_HOOKS;
        Length in = rings ? rings(new Ledger()).inset().value() : mount.down();
        String carrier = frame.job().part().name();
        for (Frame other : assembly.frames()) {
            other.job()
                    .placement()
                    .filter(place -> place instanceof Placement.Behind && place.on().equals(carrier))
                    .filter(place -> in.plus(HALF_RING).isOver(place.gap())
                            && in.minus(HALF_RING).isUnder(place.gap().plus(other.narrowFace())))
                    .ifPresent(place -> ledger.find(Finding.of(
                                    Severity.CAUTION,
                                    Station.HANG,
                                    "hardware_covered",
                                    chosen,
                                    in,
                                    carrier,
                                    other.job().part().name())
                            .by(in)
                            .remedy(new Remedy.OnJob(
                                    Words.of("remedy.carry", other.job().part().name()),
                                    new Edit.InPart(other.job().seen(), new Edit.CarryHere())))));
        }
    }

    /** On steep sides the backs look aside, and hardware on them shows and pulls aslant. */
    private void findSteep(Hardware chosen) {
        Angle lean = frame.job().lean().angle();
        if (lean.compareTo(STEEP) > 0) {
            ledger.find(Finding.of(Severity.CAUTION, Station.HANG, "hangs_steep", lean, chosen)
                    .remedy(new Remedy.Visit(Station.HANG)));
        }
    }

    /** What lies loose in another part would have to hold that by its clips. */
    private void findInner() {
        String carrier = frame.job().part().name();
        assembly.frames().stream()
                .filter(other -> other.job().isHolding()
                        && other.job().placement().orElseThrow().on().equals(carrier))
                .map(other -> other.job())
                .findFirst()
                .ifPresent(outer -> ledger.find(
                        Finding.of(Severity.CAUTION, Station.HANG, "hangs_inside", carrier, outer.part().name())
                                .remedy(new Remedy.OnJob(
                                        Words.of("remedy.carry", outer.part().name()),
                                        new Edit.InPart(outer.seen(), new Edit.CarryHere())))));
    }

    /** What lies behind must leave the hardware its room; the lightest that has it and is enough takes its place. */
    private void findBehind(Hardware least, Hardware chosen) {
        if (assembly.job().packed().behind().isEmpty() || !FixtureBox.canJudge(frame)) {
            return;
        }
        Clearance clearance = new Clearance(assembly);
        HangPlan.Rings rings = rings(new Ledger());
        Function<Hardware, Optional<Fixture.Kind>> met = hardware -> clearance.met(
                hardware,
                rings.inset().value().toMm(),
                rings.down().value().toMm(),
                mount.down().toMm(),
                HIDE_HOOK.min(rings.down().value().over(2)).toMm());
        met.apply(chosen).ifPresent(kind -> {
            Optional<Hardware> other = Arrays.stream(Hardware.values())
                    .filter(hardware -> hardware.isOnWall() && hardware.compareTo(least) >= 0)
                    .filter(hardware -> met.apply(hardware).isEmpty())
                    .findFirst();
            ledger.find(Finding.of(Severity.CAUTION, Station.HANG, "hardware_meets", chosen, kind)
                    .remedy(other.<Remedy>map(hardware -> new Remedy.OnJob(
                                    Words.of("remedy.hardware", hardware),
                                    new Edit.ChooseHardware(Optional.of(hardware))))
                            .orElseGet(() -> new Remedy.Visit(Station.BRIEF))));
        });
    }

    private HangPlan.Rings rings() {
        findHollow();
        return rings(ledger);
    }

    private HangPlan.Rings rings(Ledger into) {
        Length height = frame.height(Line.OUTSIDE);
        Line within = frame.has(Line.RABBET) ? Line.RABBET : Line.SIGHT;
        Length down = besideJoints(height.times(Bracing.HANG_DOWN), within);
        double[] outside = frame.chord(Line.OUTSIDE, down.toMm());
        double[] inside = frame.chord(within, down.toMm());
        boolean level = frame.isFourSquare() || inside[0] > inside[1];
        Length width = level ? frame.width(Line.OUTSIDE) : Length.mm(outside[1] - outside[0]);
        Length inset = mount.inset(level, outside, inside);
        return new HangPlan.Rings(
                into.enter(Figure.formula(RING_DOWN).with("outside_height", height).note("ring_down")
                        .gives(down)),
                inset(inset, into),
                into.enter(Figure.sum(RING_APART).start(level ? "outside_width" : "outside_there", width)
                        .minus("ring_insets", inset.times(2)).result()));
    }

    /** Where no joint is near: the wood of one would be bored through, and what holds it met. */
    private Length besideJoints(Length wanted, Line within) {
        if (frame.isFourSquare()) {
            return wanted;
        }
        List<Point> outer = frame.corners();
        List<Point> inner = IntStream.range(0, outer.size())
                .mapToObj(i -> frame.run(within, i).getFirst())
                .toList();
        return IntStream.rangeClosed(0, MOST_TRIES)
                .boxed()
                .flatMap(i -> Stream.of(wanted.plus(RING_STEP.times(i)), wanted.minus(RING_STEP.times(i))))
                .filter(down -> down.isPositive()
                        && down.isUnder(frame.height(Line.OUTSIDE).over(2))
                        && isBesideJoints(down.toMm(), within, outer, inner))
                .findFirst()
                .orElse(wanted);
    }

    private boolean isBesideJoints(double down, Line within, List<Point> outer, List<Point> inner) {
        double[] outside = frame.chord(Line.OUTSIDE, down);
        double[] inside = frame.chord(within, down);
        return IntStream.range(0, outer.size()).allMatch(i -> IntStream.range(0, 2).allMatch(side -> {
            Point ring = new Point((outside[side] + inside[side]) / 2, down);
            return Polygons.off(ring, outer.get(i), inner.get(i)) > FROM_JOINT;
        }));
    }

    private Figure<Length> inset(Length inset, Ledger into) {
        Figure.Formula<Length> working = Figure.formula(RING_INSET);
        return into.enter((mount.isBesideHollow()
                                ? working.note("ring_beside_hollow")
                                : working.with("back_width", inset.times(2)).note("ring_inset"))
                .gives(inset));
    }

    private void findHollow() {
        if (mount.isInHollow()) {
            Length left = mount.inFrontOfHollow();
            ledger.find(Finding.of(Severity.CAUTION, Station.HANG, "rings_in_hollow", left)
                    .by(left)
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.no_hollow"),
                            new Edit.ChooseSection(frame.job().section().withRelief(Optional.empty())))));
        }
    }

    /** Where the middle of the whole lies beside the middle of the box, to the right: that of its outline. */
    private Length offCentre() {
        List<Point> outside = Known.in(frame.lines(), Line.OUTSIDE);
        return Length.mm(Polygons.centroid(outside).x()).minus(frame.width(Line.OUTSIDE).over(2));
    }

    private void findOffCentre(Hardware chosen) {
        Length off = offCentre();
        if (off.abs().isOver(OFF_CENTRE) && (chosen == Hardware.SAW_TOOTH || chosen == Hardware.RINGS_AND_WIRE)) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.HANG,
                            "off_centre",
                            off.abs(),
                            Words.of(off.isPositive() ? "hang.right" : "hang.left"),
                            chosen)
                    .by(off.abs())
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.hardware", Hardware.TWO_HOOKS),
                            new Edit.ChooseHardware(Optional.of(Hardware.TWO_HOOKS)))));
        }
    }

    private void findFloor() {
        Length under = frame.habits().get(Habit.CENTRE_HEIGHT).minus(assembly.height().over(2));
        if (under.isUnder(OVER_FLOOR)) {
            Length higher = assembly.height().over(2).plus(OVER_FLOOR);
            Remedy remedy = higher.isOver(Habit.CENTRE_HEIGHT.most())
                    ? new Remedy.Visit(Station.BRIEF)
                    : new Remedy.OnJob(
                            Words.of("remedy.centre_height", higher), new Edit.Enter(Habit.CENTRE_HEIGHT, higher));
            ledger.find(Finding.of(
                            under.isNegative() ? Severity.STOP : Severity.CAUTION,
                            Station.HANG,
                            under.isNegative() ? "below_floor" : "near_floor",
                            frame.habits().said(Habit.CENTRE_HEIGHT),
                            under.abs(),
                            OVER_FLOOR)
                    .by(OVER_FLOOR.minus(under))
                    .remedy(remedy));
        }
    }

    /** As slack as 30° where the frame is tall enough to hide the hook behind it, else as slack as it allows. */
    private HangPlan.Wire wire(HangPlan.Rings rings) {
        Length half = rings.apart().value().over(2);
        Length down = rings.down().value();
        Length mostRise = down.minus(HIDE_HOOK.min(down.over(2)));
        Length rise = half.times(EASY_WIRE.tan()).min(mostRise);
        Angle angle = Angle.atan2(rise, half);
        Force load = Force.weightOf(weight.total().value());
        Figure<Angle> slope = ledger.enter(Figure.formula(WIRE_ANGLE).with("half_apart", half)
                .with("rise", rise).note("wire_angle").gives(angle));
        Figure<Force> tension = ledger.enter(Figure.formula(WIRE_TENSION).with("weight", weight.total().value())
                .with("angle", angle).note("wire_tension").gives(new Force(load.newtons() / (2 * angle.sin()))));
        if (angle.compareTo(FLAT_WIRE) < 0) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.HANG,
                            "flat_wire",
                            angle,
                            tension.value(),
                            weight.total().value())
                    .by(tension.value())
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.hardware", Hardware.TWO_HOOKS),
                            new Edit.ChooseHardware(Optional.of(Hardware.TWO_HOOKS)))));
        }
        return new HangPlan.Wire(slope, tension,
                ledger.enter(Figure.sum(WIRE_DROP).start("rings_down", down).minus("rise", rise).result()),
                ledger.enter(Figure.formula(WIRE_LENGTH).with("half_apart", half).with("rise", rise)
                        .with("tails", TAILS).note("wire_length").rounded(Rounding.UP)
                        .gives(Length.mm(2 * Math.hypot(half.toMm(), rise.toMm())).plus(TAILS))));
    }

    /** Where the taut wire came out, if it is the wire that is planned now. */
    private Optional<Length> read(HangPlan.Wire wire) {
        Length planned = wire.drop().value();
        Optional<Deed.Measured> read = readings.of(WIRE_DROP);
        read.filter(one -> !one.planned().equals(planned))
                .ifPresent(one -> ledger.find(Finding.of(
                                Severity.CAUTION, Station.HANG, "wire_of_another", one.value(), one.planned(), planned)
                        .by(one.planned().minus(planned).abs())
                        .remedy(new Remedy.Visit(Station.HANG))));
        return read.filter(one -> one.planned().equals(planned)).map(Deed.Measured::value);
    }

    /** How long the screws may be, what to bore, how many hold at a ring; gives where those of rings lie. */
    private Optional<HangPlan.Bite> screws(Hardware chosen, boolean rings, Optional<HangPlan.Wire> wire) {
        Optional<Strength> strength = Strength.of(frame.job().section().species());
        if (strength.isEmpty()) {
            return Optional.empty();
        }
        Length wood = mount.depth(rings);
        Length deep = wood.minus(BEFORE_TIP);
        Screw screw = chosen == Hardware.CLEAT
                ? Screw.EIGHT
                : deep.plus(RING_THICK).isUnder(SHORT) ? Screw.FOUR : Screw.SIX;
        Optional<Length> length = chosen == Hardware.CLEAT
                ? Optional.of(deep)
                : frame.habits().drawers().longest(Ware.SCREW, deep.plus(RING_THICK).min(ENOUGH));
        if (length.isEmpty() || deep.isUnder(LEAST_DEEP)) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.HANG,
                            "no_room_for_screws",
                            chosen,
                            wood,
                            BEFORE_TIP.plus(LEAST_DEEP))
                    .by(BEFORE_TIP.plus(LEAST_DEEP).minus(wood))
                    .remedy(new Remedy.Visit(Station.SECTION)));
            return Optional.empty();
        }
        Words bit = frame.habits().drawers().bit(screw, frame.job().section().species().hardness());
        ledger.enter(Figure.formula(SCREW_DEEP)
                .with("screw_wood", wood)
                .with("clear", BEFORE_TIP)
                .note("screw_deep")
                .rounded(Rounding.DOWN)
                .gives(deep));
        if (chosen != Hardware.CLEAT) {
            ledger.enter(Figure.formula(SCREW)
                    .named(Words.of("figure.hang.screw_bit", bit))
                    .with("screw_deep", deep)
                    .with("ring_thick", RING_THICK)
                    .note("screw_length", screw.gauge(), ENOUGH)
                    .rounded(Rounding.DOWN)
                    .gives(length.get()));
        }
        ledger.enter(Figure.formula(PILOT)
                .named(Words.of("figure.hang.pilot_bit", bit))
                .with("screw_thick", screw.diameter())
                .note("pilot", screw.gauge(), frame.job().section().species())
                .gives(screw.pilot(frame.job().section().species().hardness())));
        if (!rings) {
            return Optional.empty();
        }
        Length in = length.get().minus(RING_THICK);
        held(screw, strength.get(), in, wire);
        return Optional.of(new HangPlan.Bite(mount.floor(true), in));
    }

    /** The strip on the back and what holds it; empty where no screw does. */
    private Optional<HangPlan.Cleat> cleat() {
        Length deep = mount.depth(false).minus(BEFORE_TIP);
        Optional<Strength> strength = Strength.of(frame.job().section().species());
        if (strength.isEmpty() || deep.isUnder(LEAST_DEEP)) {
            return Optional.empty();
        }
        double[] level = frame.chord(Line.OUTSIDE, mount.down().toMm());
        Length across = Length.mm(level[1] - level[0]);
        Figure<Length> length = ledger.enter(Figure.formula(CLEAT)
                .with("frame_there", across)
                .note("cleat_long")
                .rounded(Rounding.DOWN)
                .gives(across.times(CLEAT_SHARE)));
        Length first = CLEAT_FIRST.min(length.value().over(4));
        Force load = Force.weightOf(weight.total().value());
        Force each = new Force(Screw.EIGHT.lateral(strength.get(), deep) / RESERVE);
        int bearing = (int) Math.ceil(load.newtons() / each.newtons() - 1e-9);
        int even = (int) Math.ceil(length.value().minus(first.times(2)).ratio(CLEAT_APART) - 1e-9) + 1;
        Figure<Count> screws = ledger.enter(Figure.formula(CLEAT_SCREWS)
                .named(Words.of("figure.hang.cleat_screws_from", first))
                .with("weight", weight.total().value())
                .with("screw_bears", each)
                .note("cleat_screws", CLEAT_APART, RESERVE)
                .gives(new Count(Math.max(2, Math.max(bearing, even)))));
        Length left = Length.mm((level[0] + level[1]) / 2).minus(length.value().over(2));
        return Optional.of(new HangPlan.Cleat(
                left, mount.down(), length, screws, first, new HangPlan.Bite(mount.floor(false), deep)));
    }

    /** Screws of a ring bear across, to a quarter of what makes them give way. */
    private void held(Screw screw, Strength strength, Length deep, Optional<HangPlan.Wire> wire) {
        Force pull = wire.map(w -> w.tension().value())
                .orElseGet(() -> Force.weightOf(weight.total().value().times(0.5)));
        Force each = new Force(screw.lateral(strength, deep) / RESERVE);
        int count = (int) Math.max(1, Math.ceil(pull.newtons() / each.newtons() - 1e-9));
        ledger.enter(Figure.formula(SCREWS)
                .with("ring_pull", pull)
                .with("screw_bears", each)
                .note("ring_screws", RESERVE)
                .gives(new Count(count)));
        if (count > MOST_SCREWS) {
            ledger.find(Finding.of(Severity.CAUTION, Station.HANG, "many_screws", pull, each, count, MOST_SCREWS)
                    .by(pull)
                    .remedy(new Remedy.Visit(Station.HANG)));
        }
    }

    private Figure<Mass> rating(Hardware chosen, Optional<HangPlan.Wire> wire) {
        Mass load = wire.map(w -> w.tension().value().asMass()).orElse(chosen == Hardware.TWO_HOOKS
                ? weight.total().value().times(0.5) : weight.total().value());
        return ledger.enter(Figure.formula(RATING).with("load", load).note("rating", RESERVE, LEAST_RATING)
                .gives(load.times(RESERVE).isOver(LEAST_RATING) ? load.times(RESERVE) : LEAST_RATING));
    }

    private Figure<Length> hookHeight(Hardware chosen, Length drop, String which) {
        return ledger.enter(Figure.sum(HOOK_HEIGHT)
                .named(Words.of("figure.hang.height_of." + chosen.name().toLowerCase(Locale.ROOT)))
                .start("centre_height", frame.habits().get(Habit.CENTRE_HEIGHT))
                .plus("half_height", assembly.height().over(2))
                .minus("carrier_below", assembly.below(assembly.job().carrier()))
                .minus(which, drop)
                .result());
    }
}
