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

/** Sized and glued, nothing else. */
final class Glued implements Joint {
    @Override
    public JointKind kind() {
        return JointKind.GLUED;
    }

    @Override
    public Grade grade() {
        return Grade.GLUE;
    }

    @Override
    public Hold hold(Faying at, Fitted used) {
        return at.glue();
    }

    @Override
    public Optional<Safety> caution() {
        return Optional.empty();
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Fitted(kind(), List.of(), 0, List.of(), Angle.RIGHT);
    }
}
