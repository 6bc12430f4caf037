package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Figure;

/**
 * Half-laps and bridles with something driven through them from behind: screws and no glue, so that the frame comes
 * apart and together again, or glue and brads that hold the lap while it sets.
 *
 * @param isGlued whether it is the latter
 */
record LapDriven(boolean isGlued) implements Joint {
    /** To be taken apart. */
    static final Joint SCREWED = new LapDriven(false);
    /** For good. */
    static final Joint BRADDED = new LapDriven(true);
    /** Wood that stays before the tip. Common practice, no source. */
    private static final Length BEFORE_TIP = Length.inches(0, 3, 32);
    /** So much of a screw must be in the piece in front. Common practice, no source. */
    private static final Length LEAST_GRIP = Length.inches(0, 1, 4);
    private static final int A_CORNER = 2;
    private static final Screw SCREW_SIZE = Screw.EIGHT;
    /** Of a brad, in mm. Common practice, no source. */
    private static final double BRAD_THICK = 1.2;

    @Override
    public JointKind kind() {
        return isGlued ? JointKind.LAP_BRADDED : JointKind.LAP_SCREWED;
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.BEHIND, isGlued ? 3 : 5, isGlued ? JoiningTool.HAMMER : JoiningTool.DRILL);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    /** Two bear across, on the diagonal, half of the lap apart; or the glue does, over all of the lap. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double one = isGlued ? at.wood().nailLateral(BRAD_THICK) : at.wood().screwLateral(SCREW_SIZE.diameter().toMm());
        double apart = Math.hypot(at.through(), at.standing()) / 2;
        Hold driven = Hold.of(one * apart, A_CORNER * one, A_CORNER * one);
        return isGlued ? Hold.either(at.lapped(), driven) : driven;
    }

    @Override
    public boolean goesWith(Construction construction) {
        return construction.isSquared(SquareCorner::isLap);
    }

    @Override
    public boolean isOnlyChosen() {
        return true;
    }

    @Override
    public boolean isDriven() {
        return isGlued;
    }

    /** How long the screws or brads are. */
    private FastenerKey length() {
        return new FastenerKey(isGlued ? "joint.lap_brad" : "joint.lap_screw");
    }

    @Override
    public Optional<Ware> ware() {
        return Optional.of(isGlued ? Ware.PIN : Ware.SCREW);
    }

    @Override
    public List<Safety> cautions() {
        return List.of(isGlued ? Safety.PINS : Safety.BORING);
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        Length thickness = frame.job().section().thickness();
        Length most = thickness.minus(BEFORE_TIP);
        boolean bridled = frame.job().body().construction().isSquared(corner -> corner == SquareCorner.BRIDLED);
        Length least = (bridled ? thickness.times(2).over(3) : thickness.over(2)).plus(LEAST_GRIP);
        Optional<Length> best =
                frame.habits().drawers().longest(ware().orElseThrow(), most).filter(length -> !length.isUnder(least));
        if (best.isEmpty()) {
            return Fitted.not(kind(), Words.of(isGlued ? "obstacle.lap_brad" : "obstacle.lap_screw", least, most));
        }
        Figure<Length> length = ledger.enter(Figure.formula(length())
                .with("thickness", thickness)
                .with("lap_screw_rest", BEFORE_TIP)
                .note(isGlued ? "lap_brad" : "lap_screw")
                .rounded(Rounding.DOWN)
                .gives(best.get()));
        return new Fitted(kind(), List.of(length), A_CORNER, List.of(), Angle.RIGHT);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return isGlued
                ? Stream.concat(
                                CrossDriven.bored(frame, BRAD_THICK).stream(), Stream.of(Words.of("close.lap_brads")))
                        .toList()
                : List.of(
                        Words.of(
                                "close.lap_screws",
                                frame.screw(SCREW_SIZE)),
                        Words.of("close.witness"));
    }
}
