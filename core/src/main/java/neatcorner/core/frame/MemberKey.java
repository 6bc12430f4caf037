package neatcorner.core.frame;

import java.util.Locale;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Quantity;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * A number of one piece: {@code member.top.long} and the like.
 *
 * @param side which piece
 * @param what which of its numbers
 * @param kind what kind of number
 */
public record MemberKey<Q extends Quantity>(Side side, What what, Class<Q> kind) implements FigureKey<Q> {
    /** The numbers of a piece. */
    public enum What {
        /** Along its long edge, on the back. */
        LONG,
        /** Along its short edge. */
        SHORT,
        /** Along its rabbet. */
        RABBET,
        /** From its one furthest point to the other, where it leans. */
        OVERALL,
        /** How wide the blank of a curved one is. */
        BLANK,
        /** How wide the board of a frame in one piece is. */
        WIDE,
        /** How deep a bar is half-lapped. */
        HALF_LAP,
        /** How far the saw swings for its left end. */
        SWING_LEFT,
        /** How far the saw swings for its right end. */
        SWING_RIGHT,
        /** How far the blade tilts for its left end. */
        TILT_LEFT,
        /** How far the blade tilts for its right end. */
        TILT_RIGHT
    }

    /** A length of a piece. */
    static FigureKey<Length> length(Side side, What what) {
        return new MemberKey<>(side, what, Length.class);
    }

    /** An angle at an end of a piece. */
    static FigureKey<Angle> angle(Side side, What what) {
        return new MemberKey<>(side, what, Angle.class);
    }

    @Override
    public String id() {
        return "member." + side.id() + "." + word();
    }

    @Override
    public Station station() {
        return Station.CUTS;
    }

    @Override
    public Words words() {
        String kindOfPiece = switch (side.name()) {
            case UPRIGHT, LEVEL -> "bar";
            case SLAT -> "slat";
            case TRIM -> "trim";
            case PANEL -> "panel";
            case BOARD -> "board";
            default -> "member";
        };
        return Words.of("figure." + kindOfPiece + "." + word(), side.words());
    }

    private String word() {
        return what.name().toLowerCase(Locale.ROOT);
    }
}
