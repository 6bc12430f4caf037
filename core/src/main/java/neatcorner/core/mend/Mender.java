package neatcorner.core.mend;

import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Trouble;
import neatcorner.core.joint.Joint;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.strength.Burden;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Stuff;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** Says how a corner that went wrong is mended; its limits are common practice without a source unless named. */
public final class Mender {
    /** Over what length a step is planed away. */
    static final FigureKey<Length> FEATHER = FigureKey.length(Station.CORNERS, "mend.feather");
    /** How much of the mitre's length still touches. */
    static final FigureKey<Length> CLOSED = FigureKey.length(Station.CORNERS, "mend.closed");
    /** The longest pin that goes in its place. */
    static final FigureKey<Length> SHORTER = FigureKey.length(Station.CORNERS, "mend.shorter");

    /** Wood that was glued before and scraped clean bears so much of a fresh joint; hide glue takes to itself. */
    private static final double ONCE_GLUED = 0.5;

    private static final double HIDE_GLUED = 0.8;
    /** Over a wider gap glue that shrinks holds nothing; what is thick by itself fills this much. */
    private static final Length THIN_GLUE = Length.mm(0.15);

    private static final Length THICK_GLUE = Length.mm(1);
    /** Wider gaps are burnished shut, filled, or filled with a sliver of the same wood; past the last, neither. */
    private static final Length BURNISHED = Length.mm(0.25);

    private static final Length FILLED = Length.mm(0.5);
    private static final Length SLIVER = Length.mm(1);
    /** A step planed off over so many times its height is not seen or felt. */
    private static final int FLAT = 50;

    /** In mm; a front lower than this below the thickness is worked. */
    private static final double FLUSH = 0.01;

    private static final Length LEAST_FEATHER = Length.inches(3);
    private static final Length KEPT = Length.inches(0, 1, 8);
    /** Nothing shorter holds across a joint. */
    private static final Length LEAST_DRIVEN = Length.inches(0, 1, 2);

    /** A split is harmless when it is short beside the face. */
    private static final double SHORT = 0.5;

    private Mender() {
    }

    /** Says it for the part in hand. */
    public static Planned<Mending> of(Frame frame, JointPlan joints, Burden burden) {
        Ledger ledger = new Ledger();
        Optional<Trouble> trouble = frame.job().trouble();
        if (trouble.isEmpty()) {
            return ledger.planned(Mending.NONE);
        }
        if (frame.isSolid() || trouble.get().corner() >= frame.members().size()) {
            ledger.find(Finding.of(Severity.NOTE, Station.CORNERS, "trouble_nowhere")
                    .remedy(new Remedy.OnJob(Words.of("remedy.mended"), new Edit.Mishap(Optional.empty()))));
            return ledger.planned(Mending.NONE);
        }
        Broken broken = new Broken(frame, joints, burden, trouble.get(), ledger);
        boolean glue = trouble.get().kind() == Trouble.Kind.OPENED || trouble.get().kind() == Trouble.Kind.GAP;
        if (frame.job().section().species().stuff() == Stuff.METAL
                || glue && !Joints.of(joints.chosen()).isGlued()) {
            broken.add("not_glued", joints.chosen());
            return ledger.planned(new Mending(trouble, broken.steps()));
        }
        switch (trouble.get().kind()) {
            case OPENED -> opened(broken);
            case GAP -> gap(broken);
            case STEP -> step(broken);
            case SPLIT -> split(broken);
            case PROUD_PIN -> proud(broken);
        }
        return ledger.planned(new Mending(trouble, broken.steps()));
    }

    private static void opened(Broken broken) {
        broken.empty();
        if (broken.joints.used().count() > 0) {
            broken.add("draw", broken.joints.chosen());
            broken.ledger.warn(Safety.PINS);
        }
        broken.add("open", broken.said());
        broken.addByGlue("clean");
        broken.add("dry_again");
        broken.glueAgain();
        boolean hide = broken.adhesive().like() == Adhesive.HIDE;
        broken.judge(hide ? HIDE_GLUED : ONCE_GLUED, hide ? "mend_hide" : "mend_once", true);
    }

    /** A gap that closes evenly from one end of the mitre to the other: glue bridges the near part of it. */
    private static void gap(Broken broken) {
        Length amount = broken.amount();
        boolean thick = broken.adhesive() == Adhesive.EPOXY;
        double closed = Math.min(1, (thick ? THICK_GLUE : THIN_GLUE).ratio(amount));
        Length mitre = mitre(broken);
        broken.ledger.enter(Figure.formula(CLOSED)
                .with("mitre_long", mitre)
                .with("gap_wide", amount)
                .with("gap_bridged", thick ? THICK_GLUE : THIN_GLUE)
                .note("mend_closed")
                .rounded(Rounding.DOWN)
                .gives(mitre.times(closed)));
        if (!amount.isOver(BURNISHED)) {
            broken.add("burnish", broken.said());
        } else if (!amount.isOver(FILLED)) {
            broken.add("fill", broken.said());
        } else if (!amount.isOver(SLIVER)) {
            broken.add("sliver", broken.said());
        } else {
            broken.add(
                    "refit",
                    broken.said(),
                    SLIVER,
                    new Angle(Math.atan(amount.ratio(mitre))));
        }
        if (!amount.isOver(SLIVER)) {
            broken.judge(closed * closed, "mend_gap", false);
        }
    }

    private static Length mitre(Broken broken) {
        Section section = broken.before().section();
        double slope = broken.frame.isSquared() ? 1 : broken.before().joint(true).along();
        return section.face().over(Math.max(slope, 1e-3));
    }

    /** The thicker piece is planed down toward the corner, as flat as hides it; a profile is not planed. */
    private static void step(Broken broken) {
        Section section = broken.frame.job().section();
        Length amount = broken.amount();
        Length left = section.recessDepth().isPositive()
                ? section.woodInFrontOfRabbet().minus(amount)
                : section.thickness().minus(amount);
        broken.add("step_after");
        Length least = broken.frame.habits().get(Habit.FRONT_WOOD).over(2);
        if (section.wood().lowestFront(0, section.face().toMm()) < section.thickness().toMm() - FLUSH) {
            broken.add("step_profile", broken.said());
        } else if (left.isUnder(least)) {
            broken.add("step_thin", broken.said(), left.max(Length.ZERO), least);
        } else {
            Length feather = amount.times(FLAT).max(LEAST_FEATHER);
            broken.ledger.enter(Figure.formula(FEATHER)
                    .with("step_high", amount)
                    .note("mend_feather", FLAT, LEAST_FEATHER)
                    .rounded(Rounding.UP)
                    .gives(feather));
            Length shorter =
                    broken.before().longPoint().value().min(broken.after().longPoint().value());
            if (feather.times(2).isOver(shorter)) {
                broken.add("step_whole", broken.said(), feather, left);
            } else {
                broken.add("step_feather", broken.said(), feather, left);
            }
        }
        broken.add("step_before");
        broken.ledger.warn(Safety.DUST);
    }

    private static void split(Broken broken) {
        Length face = broken.frame.narrowFace();
        broken.add("split_stop");
        broken.add("split_glue", broken.adhesive().clamp());
        if (broken.amount().isOver(face.times(SHORT))) {
            broken.add("split_long", broken.said(), face);
        } else {
            broken.add(
                    "split_again",
                    broken.amount().max(Length.inches(1)),
                    broken.frame
                            .habits()
                            .drawers()
                            .bit(Screw.SIX, broken.frame.job().section().species().hardness()));
        }
        broken.ledger.warn(Safety.SCREWS);
    }

    private static void proud(Broken broken) {
        broken.add("pin_out", broken.said());
        broken.add("pin_cut");
        Joint joint = Joints.of(broken.joints.chosen());
        joint.fastener()
                .filter(_ -> joint.isDriven())
                .flatMap(broken.joints.used()::setting)
                .map(Length::mm)
                .ifPresent(used -> again(broken, used));
        broken.ledger.warn(Safety.PINS);
    }

    /** The one in its place ends where the other still had wood before it. */
    private static void again(Broken broken, Length used) {
        Length most = used.minus(broken.amount()).minus(KEPT);
        if (most.isUnder(LEAST_DRIVEN)) {
            broken.add("pin_none");
            return;
        }
        broken.ledger.enter(Figure.sum(SHORTER)
                .start("fastener_used", used)
                .minus("pin_out", broken.amount())
                .minus("clear", KEPT)
                .result());
        broken.add("pin_again", most);
    }
}
