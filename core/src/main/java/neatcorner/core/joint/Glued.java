package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Hold;

/**
 * Glued, nothing else.
 *
 * @param isSized whether the end grain is let drink before
 */
record Glued(boolean isSized) implements Joint {
    /** Of a sized joint's strength, without it. Common practice, no source. */
    private static final double UNSIZED = 0.8;

    @Override
    public JointKind kind() {
        return isSized ? JointKind.GLUED : JointKind.PLAIN_GLUED;
    }

    /** Sizing costs two minutes: without it is for whoever wants it so. */
    @Override
    public boolean isOnlyChosen() {
        return !isSized;
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.NOWHERE, isSized ? 2 : 1);
    }

    @Override
    public Grade grade() {
        return Grade.GLUE;
    }

    @Override
    public Hold hold(Faying at, Fitted used) {
        return isSized ? at.glue() : at.glued(UNSIZED).glue();
    }

    @Override
    public List<Safety> cautions() {
        return List.of();
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Fitted(kind(), List.of(), 0, List.of(), Angle.RIGHT);
    }
}
