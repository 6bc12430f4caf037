package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Hold;

/**
 * Pieces that meet square, glued and nothing else.
 *
 * @param kind    its name
 * @param grade   what is left without the glue
 * @param corners the corners that hold so
 * @param held    what it bears
 */
record SquareGlued(JointKind kind, Grade grade, Predicate<SquareCorner> corners, Function<Faying, Hold> held)
        implements Joint {
    /** Flat side to flat side. */
    static final Joint LAPPED =
            new SquareGlued(JointKind.LAP_GLUED, Grade.REINFORCED, SquareCorner::isLap, Faying::lapped);
    /** End against edge: it keeps a corner closed that something else holds. */
    static final Joint BUTTED =
            new SquareGlued(
                    JointKind.BUTT_GLUED, Grade.GLUE, corner -> corner == SquareCorner.BUTTED, Faying::glue);
    /** In a housing, most of it end grain. */
    static final Joint HOUSED =
            new SquareGlued(
                    JointKind.HOUSED_GLUED, Grade.FASTENED, corner -> corner == SquareCorner.HOUSED, Faying::housed);

    @Override
    public Craft craft() {
        return new Craft(Shows.NOWHERE, 2);
    }

    @Override
    public boolean goesWith(Construction construction) {
        return construction.isSquared(corners);
    }

    @Override
    public Hold hold(Faying at, Fitted used) {
        return held.apply(at);
    }

    @Override
    public List<Safety> cautions() {
        return List.of();
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Fitted(kind, List.of(), 0, List.of(), Angle.RIGHT);
    }
}
