package neatcorner.core.saw;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.Machines;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** Which saw cuts a frame, whether it can, and whether it is true enough for it. */
public final class SawPlanner {
    /** The error of one cut that is not yet seen in this frame's corners. */
    public static final FigureKey<Angle> ALLOWED = FigureKey.angle(Station.CUTS, "saw.allowed");
    /** What the last corner turns out when all others are closed tight. */
    public static final FigureKey<Angle> LAST_TURN = FigureKey.angle(Station.GLUE_UP, "saw.last_turn");
    /** How far the last corner is open at its toe. */
    public static final FigureKey<Gap> LAST_TOE = FigureKey.of(Station.GLUE_UP, "saw.last_toe", Gap.class);
    /** How far the last corner is open at its heel. */
    public static final FigureKey<Gap> LAST_HEEL = FigureKey.of(Station.GLUE_UP, "saw.last_heel", Gap.class);
    /** A gap that is narrower is not seen in a corner. Common practice, no source: a sheet of paper. */
    static final Length SEEN = Length.mm(0.1);
    /** Many mitre saws swing this far to at least one side. Common practice, no source; the saw's manual says. */
    static final Angle REACH = Angle.degrees(50);
    /** Most blades tilt no further. Common practice, no source. */
    static final Angle TILT = Angle.degrees(47);
    private static final Angle UPRIGHT = Angle.degrees(0);
    private final Frame frame;
    private final Machines machines;
    private final Ledger ledger = new Ledger();

    private SawPlanner(Frame frame, Machines machines) {
        this.frame = frame;
        this.machines = machines;
    }

    /** Of one frame with these machines. */
    public static Planned<SawPlan> plan(Frame frame, Machines machines) {
        return new SawPlanner(frame, machines).plan();
    }

    private List<SawSet> cuts() {
        return frame.isSolid() ? List.of() : frame.pieces().flatMap(SawSet::of).toList();
    }

    private Planned<SawPlan> plan() {
        List<SawSet> cuts = cuts();
        List<Machine> saws = machines.saws();
        Optional<Machine> saw = saws.stream()
                .filter(one -> cuts.stream().allMatch(cut -> cut.by(one)))
                .findFirst()
                .or(() -> saws.stream().findFirst());
        List<Member> ring = ring();
        Optional<Machine> proved = saw.map(machines::holding).filter(one -> one.lastProved().isPresent());
        SawPlan plan = new SawPlan(saw, ring, Trust.in(proved.or(() -> saw), ring));
        if (!cuts.isEmpty()) {
            findBeyond(cuts);
            findOther(saw);
        }
        if (plan.isRing()) {
            judge(plan);
        }
        return ledger.planned(plan);
    }

    /** The sides of a frame that go round with mitred ends. */
    private List<Member> ring() {
        List<Member> sides = frame.members();
        boolean mitred = !frame.isSolid()
                && !frame.isSquared()
                && sides.size() > 2
                && sides.stream().anyMatch(side -> !side.isSquare());
        return mitred ? sides : List.of();
    }

    /** Another saw than the one that was chosen cuts it: that one is gone, or cannot. */
    private void findOther(Optional<Machine> used) {
        frame.job().saw().filter(wanted -> used.filter(saw -> saw.name().equals(wanted)).isEmpty())
                .ifPresent(wanted -> ledger.find(Finding.of(
                                Severity.NOTE,
                                Station.CUTS,
                                machines.named(wanted).isPresent() ? "saw_cannot" : "saw_gone",
                                wanted,
                                used.map(saw -> Words.of("saw.the", saw.name())).orElse(Words.of("saw.many")))
                        .remedy(new Remedy.OnJob(Words.of("edit.saw_any"), new Edit.SawOn(Optional.empty())))));
    }

    private void findBeyond(List<SawSet> cuts) {
        if (machines.saws().isEmpty()) {
            cuts.stream()
                    .map(SawSet::swing)
                    .max(Comparator.naturalOrder())
                    .filter(most -> most.compareTo(REACH) > 0)
                    .ifPresent(most -> findReach(
                            most, REACH, Words.of("saw.many"), Words.of("saw.on_end", most.complement())));
            cuts.stream()
                    .map(SawSet::tilt)
                    .max(Comparator.naturalOrder())
                    .filter(most -> most.compareTo(TILT) > 0)
                    .ifPresent(most -> findTilt(most, TILT, Words.of("saw.most_blades")));
            return;
        }
        List<SawSet> beyond = cuts.stream()
                .filter(cut -> machines.saws().stream().noneMatch(cut::by))
                .toList();
        beyond.stream()
                .filter(cut -> machines.sawFor(cut.toRight(), cut.swing(), UPRIGHT).isEmpty())
                .max(Comparator.comparing(SawSet::swing))
                .ifPresent(this::findSwing);
        beyond.stream()
                .filter(cut -> machines.sawFor(cut.toRight(), cut.swing(), UPRIGHT).isPresent())
                .max(Comparator.comparing(SawSet::tilt))
                .ifPresent(cut -> {
                    Machine best = machines.saws().stream()
                            .filter(saw -> saw.reaches(cut.toRight(), cut.swing(), UPRIGHT))
                            .max(Comparator.comparing(saw -> saw.reach().tilt()))
                            .orElseThrow();
                    findTilt(cut.tilt(), best.reach().tilt(), Words.of("saw.the", best.name()));
                });
    }

    /** What would do it: a wedge that makes up what is missing, or the piece on end in a jig. */
    private void findSwing(SawSet cut) {
        Machine best = machines.saws().stream()
                .min(Comparator.comparing(
                        saw -> Math.abs(nearest(saw, cut).minus(cut.swing()).radians())))
                .orElseThrow();
        Angle near = nearest(best, cut);
        Angle missing = new Angle(Math.abs(cut.swing().minus(near).radians()));
        Words how = Words.of(
                cut.swing().compareTo(near) > 0 ? "saw.wedge_more" : "saw.wedge_less",
                missing,
                near,
                Words.of("saw.the", best.name()),
                cut.swing().complement());
        if (best.onlyDetents() && best.reach().swing(cut.toRight()).compareTo(cut.swing()) >= 0) {
            ledger.find(Finding.of(
                            Severity.CAUTION, Station.CUTS, "no_such_angle", cut.swing(), best.name(), near, how)
                    .by(missing)
                    .remedy(new Remedy.Visit(Station.CORNERS)));
        } else {
            findReach(cut.swing(), best.reach().swing(cut.toRight()), Words.of("saw.the", best.name()), how);
        }
    }

    /** The setting of a saw that comes nearest. */
    private static Angle nearest(Machine saw, SawSet cut) {
        Angle most = saw.reach().swing(cut.toRight());
        return saw.onlyDetents()
                ? saw.detents().stream()
                        .filter(detent -> detent.compareTo(most) <= 0)
                        .min(Comparator.comparing(detent ->
                                Math.abs(detent.minus(cut.swing()).radians())))
                        .orElse(UPRIGHT)
                : most;
    }

    private void findReach(Angle swing, Angle most, Words who, Words how) {
        Remedy remedy = frame.job().outline() instanceof Outline.Regular regular && regular.sides() < 4
                ? new Remedy.OnJob(Words.of("remedy.sides", 4), new Edit.Draw(regular.withSides(4)))
                : new Remedy.Visit(Station.CUTS);
        ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "past_reach", swing, most, who, how)
                .by(swing.minus(most))
                .remedy(remedy));
    }

    private void findTilt(Angle tilt, Angle most, Words who) {
        ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "past_tilt", tilt, most, who)
                .by(tilt.minus(most))
                .remedy(new Remedy.Visit(Station.CUTS)));
    }

    private void judge(SawPlan plan) {
        Length joint = Length.mm(plan.longestJoint());
        Angle allowed = Trial.fromGap(SEEN, joint);
        ledger.enter(Figure.formula(ALLOWED)
                .with("longest_joint", joint)
                .with("gap_seen", new Gap(SEEN))
                .note("saw_allowed")
                .gives(allowed));
        plan.saw().ifPresent(saw -> {
            if (!machines.isFresh(saw)) {
                findUnproved(saw, allowed, plan);
            } else {
                judgeProved(saw, plan, allowed);
            }
        });
    }

    private void findUnproved(Machine saw, Angle allowed, SawPlan plan) {
        long age = machines.age(saw).orElse(0);
        String id = saw.lastProved().isEmpty() ? "saw_unproved" : age < 0 ? "saw_proved_later" : "saw_stale";
        Object since = saw.lastProved().isEmpty()
                ? ""
                : age < 0 ? saw.lastProved().get().toString() : Words.of("saw.days", (int) age);
        ledger.find(Finding.of(
                        Severity.CAUTION,
                        Station.CUTS,
                        id,
                        saw.name(),
                        allowed,
                        Length.mm(plan.longestJoint()),
                        since)
                .remedy(new Remedy.Prove(Words.of("remedy.prove", saw.name()))));
    }

    /** What a proof that still holds does to this frame, and whether it is seen. */
    private void judgeProved(Machine saw, SawPlan plan, Angle allowed) {
        Closure closed = Closure.of(plan.ring(), plan.trust().expected(plan.ring()));
        enterLast(plan, closed);
        findElsewhere(saw);
        double worst = worst(plan.trust().expected(plan.ring()));
        Angle off = new Angle(Math.abs(worst));
        // What no hand can set any finer is no fault of the saw, however wide the joint.
        if (off.compareTo(allowed) > 0 && off.compareTo(Correction.FINEST) > 0) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.CUTS,
                            "saw_not_true",
                            saw.name(),
                            off,
                            Words.of(worst > 0 ? "saw.too_far" : "saw.too_little"),
                            plan.shared(off.radians()),
                            Words.of(worst > 0 ? "saw.at_heel" : "saw.at_toe"),
                            new Angle(Math.abs(closed.turn())),
                            allowed)
                    .by(off)
                    .remedy(new Remedy.Prove(Words.of("remedy.set_right", saw.name()))));
        }
    }

    /** The first setting of this frame at which the saw was not proved, where it was at others. */
    private void findElsewhere(Machine saw) {
        Machine proved = machines.holding(saw);
        cuts().stream()
                .filter(cut -> cut.isSwung() && cut.by(saw) && !proved.isProved(cut.side(), cut.swing()))
                .findFirst()
                .ifPresent(cut -> proved.angle(cut.side()).ifPresent(proof -> ledger.find(Finding.of(
                                Severity.NOTE,
                                Station.CUTS,
                                "saw_proved_elsewhere",
                                saw.name(),
                                saw.said(cut.toRight(), proof.at()),
                                saw.said(cut.toRight(), cut.swing()))
                        .remedy(new Remedy.Prove(Words.of("remedy.prove", saw.name()))))));
    }

    /** The error of a cut, in rad, in the corner where its two have most of it together. */
    private static double worst(List<PieceError> errors) {
        return IntStream.range(0, errors.size())
                .mapToObj(i -> errors.get((i + errors.size() - 1) % errors.size()).right().swing()
                        + errors.get(i).left().swing())
                .map(both -> both / 2)
                .max(Comparator.comparing(Math::abs))
                .orElseThrow();
    }

    private void enterLast(SawPlan plan, Closure closed) {
        ledger.enter(Figure.formula(LAST_TURN)
                .with("error_left", new Angle(plan.trust().left().value()))
                .with("error_right", new Angle(plan.trust().right().value()))
                .note("saw_last_turn")
                .gives(new Angle(closed.turn())));
        ledger.enter(Figure.formula(LAST_TOE)
                .note("saw_last")
                .gives(Gap.mm(closed.openings().toeBack())));
        ledger.enter(Figure.formula(LAST_HEEL)
                .note("saw_last")
                .gives(Gap.mm(closed.openings().heelBack())));
    }
}
