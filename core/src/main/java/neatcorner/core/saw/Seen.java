package neatcorner.core.saw;

import java.util.List;
import neatcorner.core.measure.Angle;
import neatcorner.core.shop.ProofKind;

/** Where two scraps that are put together stand open. */
public enum Seen {
    /** Legs along the square: the joint is open at its inside. */
    INSIDE(true),
    /** Legs along the square: the joint is open at its outside. */
    OUTSIDE(false),
    /** Joint closed: a leg leaves the square at its end. */
    LEG_END(true),
    /** Joint closed: a leg leaves the square at the corner. */
    LEG_CORNER(false),
    /** Edges on the table: the joint is open at the table. */
    AT_TABLE(true),
    /** Edges on the table: the joint is open at the top. */
    AT_TOP(false),
    /** Edges along the fence: the joint is open at the fence. */
    AT_FENCE(true),
    /** Edges along the fence: the joint is open away from it. */
    AT_FRONT(false);

    private final boolean tooFar;

    Seen(boolean tooFar) {
        this.tooFar = tooFar;
    }

    /** Whether it shows a cut that was set too far, or leans or swings to the right where it should be square. */
    public boolean isTooFar() {
        return tooFar;
    }

    /** What can be seen in a test of this kind at this setting. */
    public static List<Seen> in(ProofKind kind, Angle at) {
        return switch (kind) {
            case LEFT, RIGHT -> List.of(INSIDE, OUTSIDE, LEG_END, LEG_CORNER);
            case TILT -> at.radians() > 0 ? List.of(INSIDE, OUTSIDE, LEG_END, LEG_CORNER) : List.of(AT_TABLE, AT_TOP);
            case FENCE -> List.of(AT_FENCE, AT_FRONT);
            case STOP -> List.of();
        };
    }
}
