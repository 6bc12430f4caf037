package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;

/** One board has no corners to come apart, but must be as wide as the frame. */
final class Solid implements Joint {
    @Override
    public JointKind kind() {
        return JointKind.SOLID;
    }

    @Override
    public boolean goesWith(Construction construction) {
        return construction instanceof Construction.OnePiece;
    }

    @Override
    public boolean isGlued() {
        return false;
    }

    @Override
    public Optional<Words> instead() {
        return Optional.of(Words.of("joint.one_board"));
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.NOWHERE, 0, JoiningTool.ROUTER_TABLE);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    /** Not judged here. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        return Hold.of(Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE);
    }

    @Override
    public List<Safety> cautions() {
        return List.of(Safety.ROUTER);
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Fitted(kind(), List.of(), 0, List.of(), Angle.RIGHT);
    }
}
