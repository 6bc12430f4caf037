package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;

/**
 * Pieces that meet square, glued and nothing else.
 *
 * @param kind    its name
 * @param most    what it holds
 * @param corners the corners that hold so
 */
record SquareGlued(JointKind kind, Mass most, Predicate<SquareCorner> corners) implements Joint {
    /** Flat side to flat side. */
    static final Joint LAPPED = new SquareGlued(JointKind.LAP_GLUED, Mass.kg(15), SquareCorner::isLap);
    /** End against edge: it keeps a corner closed that something else holds. */
    static final Joint BUTTED =
            new SquareGlued(JointKind.BUTT_GLUED, Mass.kg(0.5), corner -> corner == SquareCorner.BUTTED);
    /** In a housing, most of it end grain. */
    static final Joint HOUSED =
            new SquareGlued(JointKind.HOUSED_GLUED, Mass.kg(5), corner -> corner == SquareCorner.HOUSED);

    @Override
    public boolean goesWith(Construction construction) {
        return construction.isSquared(corners);
    }

    @Override
    public Optional<Safety> caution() {
        return Optional.empty();
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Fitted(kind, List.of(), 0, List.of(), Angle.RIGHT);
    }
}
