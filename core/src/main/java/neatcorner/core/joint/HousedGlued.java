package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;

/** Standing in a housing and glued; most of that is end grain. */
final class HousedGlued implements Joint {
    /** Whether pieces stand in housings. */
    static boolean isHoused(Construction construction) {
        return construction instanceof Construction.Squared squared && squared.corner() == SquareCorner.HOUSED;
    }

    @Override
    public JointKind kind() {
        return JointKind.HOUSED_GLUED;
    }

    @Override
    public Mass most() {
        return Mass.kg(5);
    }

    @Override
    public boolean goesWith(Construction construction) {
        return isHoused(construction);
    }

    @Override
    public Optional<Safety> caution() {
        return Optional.of(Safety.SQUARE_CUTS);
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Fitted(kind(), List.of(), 0, List.of(), Angle.RIGHT);
    }
}
