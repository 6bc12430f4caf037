package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.frame.Squaring;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.measure.Moment;
import neatcorner.core.measure.Share;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Joining;
import neatcorner.core.shop.School;
import neatcorner.core.strength.Burden;
import neatcorner.core.strength.Hold;
import neatcorner.core.strength.Scarfed;
import neatcorner.core.strength.Sides;
import neatcorner.core.strength.Weighing;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Stuff;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Judges the ways to join. A way is enough when its most strained corner keeps its reserve as the frame hangs or
 * stands, and when enough is left of it without its glue for what the frame's size, glass and section ask for. The
 * first is an estimate, the second common practice, and the plan says so.
 */
public final class JointPlanner {
    /** A side this many times as thick as its face is wide levers the corner open. Common practice, no source. */
    private static final double TALL = 1.5;
    /** What the most strained corner takes of what it may bear, as the frame hangs or stands. */
    public static final FigureKey<Share> USE = FigureKey.share(Station.CORNERS, "strength.use");
    /** The same when it is lifted. */
    public static final FigureKey<Share> USE_LIFTED = FigureKey.share(Station.CORNERS, "strength.use_lifted");

    /** What is said of strength, where it is judged: of the corners, then of the sides. */
    public static final List<FigureKey<?>> STRENGTH = List.of(USE, USE_LIFTED, Sides.USE, Scarfed.USE, Sides.BOW);

    /** Over so many times what it may bear, a corner of a poor board gives way. Common practice, no source. */
    private static final double BREAKS = 2;
    /** Of those that fit, that which goes on bearing without glue, then that which is strained least. */
    static final Comparator<JointOption> STRONGEST = Comparator.<JointOption, Grade>comparing(
                    option -> Joints.of(option.kind()).grade(), Comparator.reverseOrder())
            .thenComparing(option -> option.lasting().map(Strain::use).orElse(0.0));
    /** Over this, glue alone is no caution any more. Common practice, no source. */
    private static final Mass GLUE_ALONE_STOPS = Mass.kg(4);
    /** Corners that hold more than any others here. */
    private static final Construction LAPPED =
            new Construction.Squared(SquareCorner.HALF_LAPPED, Through.STILES);
    /** What is advised, then what is good all the same, then what fits; the order of the list within. */
    private static final Comparator<JointOption> BEST_FIRST = Comparator.comparing(
                    JointOption::isAdvised, Comparator.reverseOrder())
            .thenComparing(JointOption::isGood, Comparator.reverseOrder())
            .thenComparing(JointOption::fits, Comparator.reverseOrder());
    private static final Length MET = Length.mm(0.05);
    private static final Length THIN = Length.inches(0, 1, 2);

    private final Frame frame;
    private final Ledger ledger;
    private final Construction construction;
    /** Those that join pieces that meet so, the least work first; a board has nothing to join. */
    private final List<Joint> joined;
    private final Burden burden;
    private final Joining joining;
    private final Strains strains;
    private final List<Words> demands = new ArrayList<>();
    private final Map<Grade, List<Words>> reasons = new EnumMap<>(Grade.class);

    private JointPlanner(Frame frame, Burden burden, Joining joining, Ledger ledger) {
        this.frame = frame;
        this.joining = joining;
        this.ledger = ledger;
        this.construction = frame.job().body().construction();
        Stuff stuff = frame.job().section().species().stuff();
        this.joined = Joints.of(construction, stuff).stream()
                .filter(joint -> !(joint.isOnlyChosen() && joint.instead().isPresent()))
                .toList();
        this.burden = burden;
        this.strains = new Strains(frame, burden);
    }

    /** Judges the corners of a frame in a shop that joins them so. */
    public static Planned<JointPlan> plan(Frame frame, Burden burden, Joining joining) {
        Ledger ledger = new Ledger();
        return ledger.planned(new JointPlanner(frame, burden, joining, ledger).plan());
    }

    /** Every way to join a frame with this burden, none of them wished for; nothing is written down. */
    static List<JointOption> options(Frame frame, Burden burden, Joining joining) {
        JointPlanner planner = new JointPlanner(frame, burden, joining, new Ledger());
        planner.weigh();
        return planner.options(Optional.empty(), Optional.empty());
    }

    private List<JointOption> options(Optional<JointKind> wished, Optional<Length> wish) {
        Stuff stuff = frame.job().section().species().stuff();
        return Joints.ALL.stream()
                .filter(joint -> joint.goesWith(construction) && joint.isFor(stuff)
                        || wished.filter(joint.kind()::equals).isPresent())
                .map(joint -> option(tried(joint, wished.filter(joint.kind()::equals).flatMap(_ -> wish))))
                .sorted(BEST_FIRST)
                .toList();
    }

    private JointPlan plan() {
        weigh();
        Optional<Length> wish = frame.job().choices().fastener();
        Optional<JointKind> wished = frame.job().choices().joint();
        SquareCuts cuts = SquareCuts.of(frame, ledger);
        List<JointOption> options = options(wished, wish);
        Optional<JointOption> best = options.stream().filter(o -> o.isGood() && isOffered(o.kind())).findFirst();
        JointKind recommended = best.map(JointOption::kind).orElseGet(() -> options.stream()
                .filter(o -> o.fits() && isOffered(o.kind())).min(STRONGEST).map(JointOption::kind)
                .orElse(joined.getLast().kind()));
        JointKind chosen = wished.orElse(recommended);
        JointPlan plan = new JointPlan(options, recommended, chosen, List.copyOf(demands), cuts);
        find(plan, best.isPresent());
        enter(plan.used());
        Joints.of(chosen).cautions().forEach(ledger::warn);
        ledger.decide(Station.CORNERS, chosen);
        ledger.decide(Station.CORNERS, construction);
        plan.settings().stream().findFirst().ifPresent(first -> ledger.lead(Station.CORNERS, first.key()));
        return plan;
    }

    private Fitted tried(Joint joint, Optional<Length> wish) {
        Species species = frame.job().section().species();
        if (!joint.isFor(species.stuff())) {
            return Fitted.not(joint.kind(), Words.of("obstacle.stuff", species));
        }
        Optional<Ware> none = joint.ware()
                .filter(ware -> frame.habits().drawers().sizes(ware).isEmpty());
        if (none.isPresent()) {
            return Fitted.not(joint.kind(), Words.of("obstacle.none_at_hand", none.get()));
        }
        return joint.goesWith(construction)
                ? joint.fitted(frame, wish, ledger)
                : Fitted.not(joint.kind(), Words.of(frame.isSquared() ? "obstacle.squared" : "obstacle.mitred"));
    }

    private static boolean isOffered(JointKind kind) {
        return !Joints.of(kind).isOnlyChosen();
    }

    /** Of a frame in one piece, which has nothing to come apart, and of what its maker must answer for, nothing is. */
    private static boolean isJudged(JointKind kind) {
        return Joints.of(kind).instead().isEmpty();
    }

    /** What is glued along another part or lies in it is held by that; its corners only have to close. */
    private void weigh() {
        if (frame.job().isFitted() || Weighing.isInside(frame)) {
            return;
        }
        if (construction.isSquared(corner -> corner == SquareCorner.BUTTED)) {
            demand(Grade.REINFORCED, Words.of("demand.butt"));
        }
        Section section = frame.job().section();
        Length big = frame.habits().get(Habit.BIG_SIDE);
        if (frame.longSide().isOver(big)) {
            demand(
                    Grade.REINFORCED,
                    Words.of("demand.size", frame.longSide(), frame.habits().said(Habit.BIG_SIDE)));
        }
        if (frame.job().contents().isMirror()) {
            demand(Grade.REINFORCED, Words.of("demand.mirror"));
        } else if (frame.job().contents().materials().anyMatch(m -> m.isGlass())) {
            demand(Grade.FASTENED, Words.of("demand.glass"));
        }
        if (section.thickness().ratio(section.face()) > TALL) {
            demand(Grade.FASTENED, Words.of("demand.tall", section.thickness(), section.face()));
        }
        if (section.thickness().isUnder(THIN) || section.face().isUnder(THIN)) {
            demand(Grade.FASTENED, Words.of("demand.thin", section.thickness().min(section.face()), THIN));
        }
    }

    /** Why a kind is enough: what holds the part, or what it has to hold. */
    private String enough() {
        if (frame.job().isFitted()) {
            return "enough_fitted";
        }
        if (Strains.isSharp(frame)) {
            return "enough_sharp";
        }
        return Weighing.isInside(frame) ? "enough_inside" : demands.isEmpty() ? "enough_small" : "enough";
    }

    private void demand(Grade grade, Words words) {
        demands.add(words);
        reasons.computeIfAbsent(grade, _ -> new ArrayList<>()).add(words);
    }

    private JointOption option(Fitted fitted) {
        Joint joint = Joints.of(fitted.kind());
        boolean judged = fitted.fits() && isJudged(fitted.kind());
        List<Hold> holds = judged ? strains.holds(at -> joint.hold(at, fitted)) : List.of();
        Optional<Strain> lasting = strains.most(true, holds);
        Optional<Strain> handled = strains.most(false, holds);
        List<Words> against = against(joint, lasting);
        boolean enough = !isJudged(joint.kind()) || against.isEmpty();
        List<Words> praise = new ArrayList<>();
        List<Words> why = new ArrayList<>(fitted.obstacles());
        if (!enough) {
            why.add(Words.of("joint.not_enough"));
            why.addAll(against);
        } else if (fitted.fits()) {
            praise.add(joint.instead().orElseGet(() -> Words.of("joint." + enough())));
        }
        lasting.filter(_ -> enough)
                .ifPresent(strain -> praise.add(Words.of("joint.bears", strain.share(), strain.bearing())));
        if (fitted.lean().compareTo(Angle.RIGHT) < 0) {
            why.add(Words.of("joint.pin_lean", fitted.lean()));
        }
        List<Words> unsuited = fitted.fits() ? unsuited(joint) : List.of();
        why.addAll(unsuited);
        return new JointOption(fitted, enough, unsuited.isEmpty(), praise, why, lasting, handled);
    }

    /** Why it is not for this shop. */
    private List<Words> unsuited(Joint joint) {
        List<Words> why = new ArrayList<>();
        if (joining.school() == School.NOTHING_SHOWS && joint.craft().shows().isSeen()) {
            why.add(Words.of(joint.craft().shows() == Shows.ON_FACE ? "joint.shows_face" : "joint.shows_edge"));
        }
        joint.craft().tools().stream()
                .filter(joining.missing()::contains)
                .forEach(tool -> why.add(Words.of("joint.wants", tool)));
        return why;
    }

    /** What asks for more than this kind. */
    private List<Words> against(Joint joint, Optional<Strain> lasting) {
        List<Words> against = new ArrayList<>();
        reasons.forEach((grade, why) -> {
            if (grade.compareTo(joint.grade()) > 0) {
                against.addAll(why);
            }
        });
        lasting.filter(JointPlanner::isTooMuch)
                .ifPresent(strain -> against.add(
                        Words.of("demand.strain", strain.share(), strain.bearing())));
        return against;
    }

    private static boolean isTooMuch(Strain strain) {
        return strain.use() > 1;
    }

    /** What the corners take of what holds them. */
    private void enter(JointOption used) {
        used.lasting().ifPresent(strain -> enter(USE, strain));
        used.handled().ifPresent(strain -> enter(USE_LIFTED, strain));
    }

    private void enter(FigureKey<Share> key, Strain strain) {
        ledger.enter(Figure.formula(key)
                .with("corner_moment", new Moment(strain.demand().moment() * 1e-3))
                .with("corner_pull", new Force(strain.demand().pull()))
                .with("corner_slide", new Force(strain.demand().slide()))
                .note("corner_use", strain.bearing(), (int) strain.bearing().reserve())
                .gives(strain.share()));
    }

    private void find(JointPlan plan, boolean anyGood) {
        JointOption used = plan.used();
        boolean pressed = frame.job().section().species().stuff() == Stuff.PRESSED;
        if (pressed && isJudged(used.kind()) && !frame.job().isFitted()) {
            ledger.find(Finding.of(
                            burden.mass().isOver(GLUE_ALONE_STOPS) ? Severity.CAUTION : Severity.NOTE,
                            Station.CORNERS,
                            "board_corners",
                            frame.job().section().species())
                    .remedy(new Remedy.Visit(Station.CORNERS)));
        }
        boolean beyond = plan.options().stream().noneMatch(JointOption::isGood)
                && plan.option(plan.recommended()).lasting().filter(JointPlanner::isTooMuch).isPresent();
        if (used.kind().equals(JointKind.PROFILE_CORNER) && used.fits()) {
            ledger.find(Finding.of(
                            Severity.NOTE,
                            Station.CORNERS,
                            "corners_not_judged",
                            frame.job().section().species())
                    .remedy(new Remedy.Visit(Station.SECTION)));
        } else if (isOutside() && isJudged(used.kind()) && used.fits()) {
            ledger.find(Finding.of(
                            Severity.STOP, Station.CORNERS, "corners_outside", burden.mass(), Hardware.CLEAT.most())
                    .by(burden.mass())
                    .remedy(new Remedy.Visit(Station.BRIEF)));
        } else if (beyond && isJudged(used.kind())) {
            findBeyond(plan);
        } else if (!used.enough() && used.fits()) {
            findWeak(plan, anyGood);
        } else {
            used.handled().filter(JointPlanner::isTooMuch).ifPresent(strain -> findLifted(plan, strain));
        }
        if (Strains.isSharp(frame) && !frame.isSolid()) {
            findSharp();
        }
        if (used.isGood() && !used.suits() && frame.job().choices().joint().isEmpty()) {
            ledger.find(Finding.of(
                            Severity.NOTE,
                            Station.CORNERS,
                            "joint_not_for_shop",
                            used.kind(),
                            Words.listed(unsuited(Joints.of(used.kind()))))
                    .remedy(new Remedy.Visit(Station.CORNERS)));
        }
        OuterShaping.of(frame).filter(_ -> used.fits()).ifPresent(outer -> findMet(outer, plan));
        if (!used.fits()) {
            boolean another = frame.job().choices().fastener().isPresent() && !used.settings().isEmpty();
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.CORNERS,
                            "joint_does_not_fit",
                            used.kind(),
                            used.why().getFirst(),
                            Words.of(another ? "joint.another_length" : "joint.another"))
                    .remedy(
                            another
                                    ? new Remedy.OnJob(
                                            Words.of("remedy.fastener"), new Edit.ChooseFastener(Optional.empty()))
                                    : plan.option(plan.recommended()).fits()
                                            ? use(plan.recommended())
                                            : lapped()));
        }
    }

    private void findSharp() {
        Angle angle = Strains.sharpest(frame);
        ledger.find(Finding.of(
                        Severity.CAUTION,
                        Station.CORNERS,
                        "corner_sharp",
                        angle,
                        frame.narrowFace().over(Math.sin(angle.radians() / 2)),
                        Strains.SHARP)
                .by(Strains.SHARP.minus(angle))
                .remedy(new Remedy.Visit(Station.BRIEF)));
    }

    /** Keys are sawn with the outside; what else holds the corners is not. */
    private void findMet(OuterShaping outer, JointPlan plan) {
        JointOption used = plan.used();
        Length past = Length.mm(used.kind().equals(JointKind.SPLINED) ? 0
                : Joints.of(used.kind()).inserts(frame, used).stream()
                        .flatMap(insert -> insert.places().stream())
                        .mapToDouble(place -> outer.past(new Point(place.x(), place.y())))
                        .reduce(0, Math::max));
        if (past.isOver(MET)) {
            Optional<JointOption> splined = plan.options().stream()
                    .filter(option -> option.kind().equals(JointKind.SPLINED) && option.isGood())
                    .findFirst();
            ledger.find(Finding.of(Severity.CAUTION, Station.CORNERS, "outer_meets", used.kind(), past)
                    .by(past)
                    .remedy(splined.map(option -> use(option.kind()))
                            .orElseGet(() -> new Remedy.Visit(Station.BRIEF))));
        }
    }

    private static Remedy use(JointKind kind) {
        return new Remedy.OnJob(Words.of("remedy.joint", kind), new Edit.ChooseJoint(Optional.of(kind)));
    }

    /** Where nothing holds pieces that meet so, half-laps do, which only want glue. */
    private static Remedy lapped() {
        return new Remedy.OnJob(Words.of("remedy.build_lapped"), new Edit.Build(LAPPED));
    }

    /** Heavier than anything that hangs on a wall here, more than its corners is in question. */
    private boolean isOutside() {
        return !burden.cases().isEmpty() && burden.mass().isOver(Hardware.CLEAT.most());
    }

    /** What holds for years as it hangs may not hold for the moment in which it is lifted badly. */
    private void findLifted(JointPlan plan, Strain strain) {
        Optional<JointOption> better = plan.options().stream()
                .filter(option -> option.isGood() && isOffered(option.kind()))
                .filter(option -> option.handled().filter(lifted -> !isTooMuch(lifted)).isPresent())
                .findFirst();
        ledger.find(Finding.of(
                        Severity.CAUTION,
                        Station.CORNERS,
                        "lifted_badly",
                        burden.mass(),
                        strain.bearing(),
                        strain.share())
                .by(strain.share())
                .remedy(better.map(option -> use(option.kind()))
                        .orElseGet(() -> new Remedy.Visit(Station.CORNERS))));
    }

    /** Nothing that fits holds it: half-laps where they would, else something else must change. */
    private void findBeyond(JointPlan plan) {
        Strain strain = plan.option(plan.recommended()).lasting().orElseThrow();
        Severity severity = strain.use() > BREAKS ? Severity.STOP : Severity.CAUTION;
        Finding beyond;
        Optional<Strain> lapped = lappedStrain().filter(laps -> !isTooMuch(laps));
        if (lapped.isPresent()) {
            beyond = Finding.of(
                            severity,
                            Station.CORNERS,
                            "corners_beyond",
                            burden.mass(),
                            plan.recommended(),
                            strain.share(),
                            strain.bearing(),
                            lapped.get().share())
                    .remedy(lapped());
        } else {
            List<Words> brings = new Bettering(frame, burden, joining).said();
            beyond = Finding.of(
                            severity,
                            Station.CORNERS,
                            "joint_beyond",
                            burden.mass(),
                            plan.recommended(),
                            strain.share(),
                            strain.bearing(),
                            brings.isEmpty()
                                    ? Words.of("brings.nothing")
                                    : Words.of("brings.all", Words.listed(brings)))
                    .remedy(new Remedy.Visit(Station.SECTION));
        }
        ledger.find(beyond.by(strain.share()));
    }

    /** What half-laps would bear in place of these corners; empty where they cannot be. */
    private Optional<Strain> lappedStrain() {
        return construction.isSquared(SquareCorner::isLap)
                        || !LAPPED.canBe(
                                frame.job().outline(), frame.job().section(), frame.job().lean())
                        || Squaring.shown(frame.job().section(), SquareCorner.HALF_LAPPED, frame.narrowFace())
                                .isPresent()
                ? Optional.empty()
                : strains.most(true, strains.holds(Faying::halfLapped));
    }

    /** Where something stronger fits, that; else what asks for it must change. */
    private void findWeak(JointPlan plan, boolean anyGood) {
        JointOption used = plan.used();
        Words why = Words.listed(against(Joints.of(used.kind()), used.lasting()));
        boolean glueOnly = used.kind().equals(JointKind.GLUED);
        boolean gives = used.lasting().filter(strain -> strain.use() > BREAKS).isPresent();
        Severity severity =
                gives || glueOnly && burden.mass().isOver(GLUE_ALONE_STOPS) ? Severity.STOP : Severity.CAUTION;
        if (anyGood) {
            ledger.find(Finding.of(
                            severity,
                            Station.CORNERS,
                            glueOnly ? "glue_alone" : "joint_too_weak",
                            used.kind(),
                            plan.recommended(),
                            why)
                    .by(burden.mass())
                    .remedy(use(plan.recommended())));
        } else {
            ledger.find(Finding.of(severity, Station.CORNERS, "no_joint_enough", used.kind(), why)
                    .by(burden.mass())
                    .remedy(new Remedy.Visit(Station.SECTION)));
        }
    }
}
