package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Weight;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Station;

/**
 * Judges the ways to join. What a frame demands is the strongest of what its weight, its size, its
 * glass and its section ask for; the thresholds are the shop's own judgement and common practice,
 * not a strength calculation, and the plan says so.
 */
public final class JointPlanner {
    /**
     * Over these weights glue, pins, V-fasteners and splines are each no longer enough; over the last the table
     * ends. Common practice, no source.
     */
    private static final List<Mass> MOST = List.of(Mass.kg(1.5), Mass.kg(4), Mass.kg(9), Mass.kg(25));
    /** A side this many times as thick as its face is wide levers the corner open. Common practice, no source. */
    private static final double TALL = 1.5;
    private static final Length THIN = Length.inches(0, 1, 2);

    private final Frame frame;
    private final Ledger ledger;
    private final List<Words> demands = new ArrayList<>();
    private final Map<JointKind, List<Words>> reasons = new EnumMap<>(JointKind.class);
    private JointKind demanded = JointKind.GLUED;
    private boolean beyond;

    private JointPlanner(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
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
        List<JointOption> options = List.of(
                new JointOption(JointKind.GLUED, isEnough(JointKind.GLUED), true, why(JointKind.GLUED, List.of()), List.of(), 0, Angle.RIGHT),
                option(new Pins(frame, ledger).fitted(wished == JointKind.PINNED ? wish : Optional.empty())),
                option(new VFasteners(frame, ledger).fitted(wished == JointKind.V_FASTENED ? wish : Optional.empty())),
                option(new Splines(frame, ledger).fitted(wished == JointKind.SPLINED ? wish : Optional.empty())), solid());
        Optional<JointOption> best = options.stream().filter(o -> o.isGood() && o.kind() != JointKind.SOLID).findFirst();
        JointKind recommended = best.map(JointOption::kind).orElseGet(() -> options.reversed().stream()
                .filter(o -> o.fits() && o.kind() != JointKind.SOLID).findFirst().orElseThrow().kind());
        JointKind chosen = frame.job().choices().joint().orElse(recommended);
        JointPlan plan = new JointPlan(options, recommended, chosen, List.copyOf(demands));
        find(plan, best.isPresent(), weight);
        warn(chosen);
        return plan;
    }

    /** One board has no corners to come apart, but must be as wide as the frame; it is never recommended, only chosen. */
    private JointOption solid() {
        boolean fits = frame.job().lean().isFlat() && frame.bars().isEmpty() && frame.job().section().recess() instanceof Recess.Rabbet
                && frame.job().section().strips().size() == 1;
        return new JointOption(JointKind.SOLID, true, fits, List.of(Words.of(fits ? "joint.one_board" : "obstacle.one_board")), List.of(), 0, Angle.RIGHT);
    }

    private void weigh(Weight weight) {
        Section section = frame.job().section();
        Mass total = weight.total().value();
        beyond = total.isOver(MOST.getLast());
        for (int i = MOST.size() - 1; i >= 0; i--) {
            if (total.isOver(MOST.get(i))) {
                demand(JointKind.values()[Math.min(i + 1, JointKind.SPLINED.ordinal())], Words.of("demand.weight", total, MOST.get(i)));
                break;
            }
        }
        Length big = frame.habits().get(Habit.BIG_SIDE);
        if (frame.longSide().isOver(big)) {
            demand(JointKind.V_FASTENED, Words.of("demand.size", frame.longSide(), frame.habits().said(Habit.BIG_SIDE)));
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

    private void demand(JointKind kind, Words words) {
        demands.add(words);
        reasons.computeIfAbsent(kind, _ -> new ArrayList<>()).add(words);
        if (kind.compareTo(demanded) > 0) {
            demanded = kind;
        }
    }

    private boolean isEnough(JointKind kind) {
        return kind == JointKind.SOLID || !beyond && kind.compareTo(demanded) >= 0;
    }

    private JointOption option(Fitted fitted) {
        List<Words> why = new ArrayList<>(why(fitted.kind(), fitted.obstacles()));
        if (fitted.lean().compareTo(Angle.RIGHT) < 0) {
            why.add(Words.of("joint.pin_lean", fitted.lean()));
        }
        return new JointOption(fitted.kind(), isEnough(fitted.kind()), fitted.fits(), why, fitted.settings(), fitted.count(), fitted.lean());
    }

    private List<Words> why(JointKind kind, List<Words> obstacles) {
        List<Words> why = new ArrayList<>(obstacles);
        if (!isEnough(kind)) {
            why.add(Words.of("joint.not_enough"));
            why.addAll(against(kind));
        } else if (obstacles.isEmpty()) {
            why.add(Words.of(demands.isEmpty() ? "joint.enough_small" : "joint.enough"));
        }
        return why;
    }

    /** What asks for more than this kind. */
    private List<Words> against(JointKind kind) {
        return reasons.entrySet().stream().filter(reason -> beyond || reason.getKey().compareTo(kind) > 0).flatMap(reason -> reason.getValue().stream()).toList();
    }

    private void find(JointPlan plan, boolean anyGood, Weight weight) {
        JointOption used = plan.used();
        if (beyond && used.kind() != JointKind.SOLID) {
            ledger.find(Finding.of(Severity.STOP, Station.CORNERS, "joint_beyond", weight.total().value(), MOST.getLast())
                    .by(weight.total().value()).remedy(new Remedy.Visit(Station.BRIEF)));
        } else if (!used.enough() && used.fits()) {
            findWeak(plan, anyGood, weight);
        }
        if (!used.fits()) {
            boolean another = frame.job().choices().fastener().isPresent() && !used.settings().isEmpty();
            ledger.find(Finding.of(Severity.STOP, Station.CORNERS, "joint_does_not_fit", used.kind(), used.why().getFirst(),
                    Words.of(another ? "joint.another_length" : "joint.another"))
                    .remedy(another
                            ? new Remedy.OnJob(Words.of("remedy.fastener"), new Edit.ChooseFastener(Optional.empty())) : use(plan.recommended())));
        }
    }

    private static Remedy use(JointKind kind) {
        return new Remedy.OnJob(Words.of("remedy.joint", kind), new Edit.ChooseJoint(Optional.of(kind)));
    }

    /** Where something stronger fits, that; else what asks for it must change. */
    private void findWeak(JointPlan plan, boolean anyGood, Weight weight) {
        JointOption used = plan.used();
        Words why = Words.listed(against(used.kind()));
        boolean glueOnly = used.kind() == JointKind.GLUED;
        Severity severity = glueOnly && weight.total().value().isOver(MOST.get(1)) ? Severity.STOP : Severity.CAUTION;
        if (plan.recommended().compareTo(used.kind()) > 0) {
            ledger.find(Finding.of(severity, Station.CORNERS, glueOnly ? "glue_alone" : "joint_too_weak", used.kind(), plan.recommended(), why)
                    .by(weight.total().value()).remedy(use(plan.recommended())));
        } else if (!anyGood) {
            ledger.find(Finding.of(severity, Station.CORNERS, "no_joint_enough", used.kind(), why).by(weight.total().value())
                    .remedy(new Remedy.Visit(Station.SECTION)));
        }
    }

    private void warn(JointKind chosen) {
        switch (chosen) {
            case GLUED -> {
            }
            case SOLID -> ledger.warn(Safety.ROUTER);
            case PINNED -> ledger.warn(Safety.PINS);
            case V_FASTENED -> ledger.warn(Safety.FASTENERS);
            case SPLINED -> ledger.warn(Safety.SPLINE_SLOT);
        }
    }

    /** The longest standard size that is not over the limit. */
    static Optional<Length> longest(Length limit, Length... standard) {
        return Arrays.stream(standard).filter(length -> !length.isOver(limit)).max(Length::compareTo);
    }
}
