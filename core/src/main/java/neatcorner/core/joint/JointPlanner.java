package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.frame.Squaring;
import neatcorner.core.frame.Weight;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Placement;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Stuff;
import neatcorner.core.words.Station;

/**
 * Judges the ways to join. What a frame demands is the strongest of what its weight, its size, its
 * glass and its section ask for; the thresholds are the shop's own judgement and common practice,
 * not a strength calculation, and the plan says so.
 */
public final class JointPlanner {
    /** A side this many times as thick as its face is wide levers the corner open. Common practice, no source. */
    private static final double TALL = 1.5;
    /** Over this, glue alone is no caution any more. Common practice, no source. */
    private static final Mass GLUE_ALONE_STOPS = Mass.kg(4);
    /** Corners that hold more than any others here. */
    private static final Construction LAPPED =
            new Construction.Squared(SquareCorner.HALF_LAPPED, Through.STILES);
    private static final Length MET = Length.mm(0.05);
    private static final Length THIN = Length.inches(0, 1, 2);

    private final Frame frame;
    private final Ledger ledger;
    private final Construction construction;
    /** Those that join pieces that meet so, the one that holds least first; a board has nothing to join. */
    private final List<Joint> joined;
    /** Where the table ends. */
    private final Mass most;
    private final List<Words> demands = new ArrayList<>();
    private final Map<JointKind, List<Words>> reasons = new LinkedHashMap<>();
    private JointKind demanded;
    private boolean beyond;

    private JointPlanner(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
        this.construction = frame.job().body().construction();
        Stuff stuff = frame.job().section().species().stuff();
        this.joined = Joints.of(construction, stuff).stream()
                .filter(joint -> !(joint.isOnlyChosen() && joint.instead().isPresent()))
                .toList();
        this.most = joined.getLast().most();
        this.demanded = joined.getFirst().kind();
    }

    /** Judges the corners of a frame. */
    public static Planned<JointPlan> plan(Frame frame, Weight weight) {
        Ledger ledger = new Ledger();
        return ledger.planned(new JointPlanner(frame, ledger).plan(weight));
    }

    private JointPlan plan(Weight weight) {
        weigh(weight);
        Optional<Length> wish = frame.job().choices().fastener();
        JointKind wished = frame.job().choices().joint().orElse(null);
        SquareCuts cuts = SquareCuts.of(frame, ledger);
        List<JointOption> options = Joints.ALL.stream()
                .filter(joint -> joint.goesWith(construction)
                                && joint.isFor(frame.job().section().species().stuff())
                        || joint.kind().equals(wished))
                .map(joint -> option(tried(joint, joint.kind().equals(wished) ? wish : Optional.empty())))
                .toList();
        Optional<JointOption> best = options.stream().filter(o -> o.isGood() && isOffered(o.kind())).findFirst();
        JointKind recommended = best.map(JointOption::kind).orElseGet(() -> options.reversed().stream()
                .filter(o -> o.fits() && isOffered(o.kind())).findFirst().map(JointOption::kind)
                .orElse(joined.getLast().kind()));
        JointKind chosen = frame.job().choices().joint().orElse(recommended);
        JointPlan plan = new JointPlan(options, recommended, chosen, List.copyOf(demands), cuts);
        find(plan, best.isPresent(), weight);
        Joints.of(chosen).caution().ifPresent(ledger::warn);
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

    private static boolean isStronger(JointKind one, JointKind other) {
        return Joints.of(one).most().isOver(Joints.of(other).most());
    }

    /** What is glued along another part or lies in it is held by that; its corners only have to close. */
    private void weigh(Weight weight) {
        if (frame.job().isFitted() || isInside()) {
            return;
        }
        if (construction.isSquared(corner -> corner == SquareCorner.BUTTED)) {
            demand(JointKind.PLATED, Words.of("demand.butt"));
        }
        Section section = frame.job().section();
        Mass total = weight.carried();
        beyond = total.isOver(most);
        joined.stream()
                .map(Joint::most)
                .filter(total::isOver)
                .reduce((_, more) -> more)
                .ifPresent(passed -> demand(
                        joined.stream()
                                .filter(joint -> !total.isOver(joint.most()))
                                .findFirst()
                                .orElse(joined.getLast())
                                .kind(),
                        Words.of("demand.weight", total, passed)));
        Length big = frame.habits().get(Habit.BIG_SIDE);
        if (frame.longSide().isOver(big)) {
            demand(
                    JointKind.V_FASTENED,
                    Words.of("demand.size", frame.longSide(), frame.habits().said(Habit.BIG_SIDE)));
        }
        if (frame.job().contents().isMirror()) {
            demand(JointKind.V_FASTENED, Words.of("demand.mirror"));
        } else if (frame.job().contents().materials().anyMatch(m -> m.isGlass())) {
            demand(JointKind.PINNED, Words.of("demand.glass"));
        }
        if (section.thickness().ratio(section.face()) > TALL) {
            demand(JointKind.PINNED, Words.of("demand.tall", section.thickness(), section.face()));
        }
        if (section.thickness().isUnder(THIN) || section.face().isUnder(THIN)) {
            demand(JointKind.PINNED, Words.of("demand.thin", section.thickness().min(section.face()), THIN));
        }
    }

    /** Why a kind is enough: what holds the part, or what it has to hold. */
    private String enough() {
        if (frame.job().isFitted()) {
            return "enough_fitted";
        }
        return isInside() ? "enough_inside" : demands.isEmpty() ? "enough_small" : "enough";
    }

    /** Whether it lies in another part and holds nothing itself. */
    private boolean isInside() {
        return frame.job().seen() != frame.job().holder()
                && frame.job()
                        .placement()
                        .filter(place -> place instanceof Placement.Inside || place instanceof Placement.InBack)
                        .isPresent();
    }

    private void demand(JointKind kind, Words words) {
        demands.add(words);
        reasons.computeIfAbsent(kind, _ -> new ArrayList<>()).add(words);
        if (isStronger(kind, demanded)) {
            demanded = kind;
        }
    }

    private boolean isEnough(JointKind kind) {
        return !isJudged(kind) || !beyond && !isStronger(demanded, kind);
    }

    private JointOption option(Fitted fitted) {
        List<Words> why = new ArrayList<>(why(fitted.kind(), fitted.obstacles()));
        Optional<Words> instead = Joints.of(fitted.kind()).instead();
        if (instead.isPresent() && fitted.fits()) {
            why = new ArrayList<>(List.of(instead.get()));
        }
        if (fitted.lean().compareTo(Angle.RIGHT) < 0) {
            why.add(Words.of("joint.pin_lean", fitted.lean()));
        }
        return new JointOption(
                fitted.kind(),
                isEnough(fitted.kind()),
                fitted.fits(),
                why,
                fitted.settings(),
                fitted.count(),
                fitted.lean());
    }

    private List<Words> why(JointKind kind, List<Words> obstacles) {
        List<Words> why = new ArrayList<>(obstacles);
        if (!isEnough(kind)) {
            why.add(Words.of("joint.not_enough"));
            why.addAll(against(kind));
        } else if (obstacles.isEmpty()) {
            why.add(Words.of("joint." + enough()));
        }
        return why;
    }

    /** What asks for more than this kind. */
    private List<Words> against(JointKind kind) {
        return reasons.entrySet().stream()
                .filter(reason -> beyond || isStronger(reason.getKey(), kind))
                .flatMap(reason -> reason.getValue().stream())
                .toList();
    }

    private void find(JointPlan plan, boolean anyGood, Weight weight) {
        JointOption used = plan.used();
        boolean pressed = frame.job().section().species().stuff() == Stuff.PRESSED;
        if (pressed && isJudged(used.kind()) && !frame.job().isFitted()) {
            ledger.find(Finding.of(
                            weight.carried().isOver(GLUE_ALONE_STOPS) ? Severity.CAUTION : Severity.NOTE,
                            Station.CORNERS,
                            "board_corners",
                            frame.job().section().species())
                    .remedy(new Remedy.Visit(Station.CORNERS)));
        }
        if (used.kind().equals(JointKind.PROFILE_CORNER) && used.fits()) {
            ledger.find(Finding.of(
                            Severity.NOTE,
                            Station.CORNERS,
                            "corners_not_judged",
                            frame.job().section().species())
                    .remedy(new Remedy.Visit(Station.SECTION)));
        } else if (beyond && isJudged(used.kind()) && holdsLapped(weight.carried())) {
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.CORNERS,
                            "corners_beyond",
                            weight.carried(),
                            plan.said(),
                            most,
                            mostLapped())
                    .by(weight.carried())
                    .remedy(lapped()));
        } else if (beyond && isJudged(used.kind())) {
            ledger.find(Finding.of(Severity.STOP, Station.CORNERS, "joint_beyond", weight.carried(), most)
                    .by(weight.carried()).remedy(new Remedy.Visit(Station.BRIEF)));
        } else if (!used.enough() && used.fits()) {
            findWeak(plan, anyGood, weight);
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

    /** Whether half-laps could hold what these corners are not known to. */
    private boolean holdsLapped(Mass total) {
        return !construction.isSquared(SquareCorner::isLap)
                && LAPPED.canBe(frame.job().outline(), frame.job().section(), frame.job().lean())
                && Squaring.shown(frame.job().section(), SquareCorner.HALF_LAPPED, frame.narrowFace())
                        .isEmpty()
                && !total.isOver(mostLapped());
    }

    private Mass mostLapped() {
        return Joints.of(LAPPED, Stuff.WOOD).getLast().most();
    }

    /** Where something stronger fits, that; else what asks for it must change. */
    private void findWeak(JointPlan plan, boolean anyGood, Weight weight) {
        JointOption used = plan.used();
        Words why = Words.listed(against(used.kind()));
        boolean glueOnly = used.kind().equals(JointKind.GLUED);
        Severity severity =
                glueOnly && weight.carried().isOver(GLUE_ALONE_STOPS) ? Severity.STOP : Severity.CAUTION;
        if (isStronger(plan.recommended(), used.kind())) {
            ledger.find(Finding.of(
                            severity,
                            Station.CORNERS,
                            glueOnly ? "glue_alone" : "joint_too_weak",
                            used.kind(),
                            plan.recommended(),
                            why)
                    .by(weight.carried())
                    .remedy(use(plan.recommended())));
        } else if (!anyGood) {
            ledger.find(Finding.of(severity, Station.CORNERS, "no_joint_enough", used.kind(), why)
                    .by(weight.carried())
                    .remedy(new Remedy.Visit(Station.SECTION)));
        }
    }

    /** The longest standard size that is not over the limit. */
    static Optional<Length> longest(Length limit, Length... standard) {
        return Arrays.stream(standard).filter(length -> !length.isOver(limit)).max(Length::compareTo);
    }
}
