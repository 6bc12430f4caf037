package neatcorner.core.job;

import java.util.function.Predicate;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;

/**
 * How the pieces of a part meet. What holds them together there is a joint ({@link JointKind}), of those that go with
 * this.
 */
public sealed interface Construction {
    /** Pieces that meet in mitres. */
    Construction MITRED = new Mitred();
    /** No pieces that meet: one board. */
    Construction ONE_PIECE = new OnePiece();

    /** Pieces that meet in mitres, whatever the outline and the lean. */
    record Mitred() implements Construction {
    }

    /** Routed from one board or sheet. */
    record OnePiece() implements Construction {
    }

    /**
     * Pieces that meet square.
     *
     * @param corner  how they meet
     * @param through which run through; of mitred laps, which do so behind
     */
    record Squared(SquareCorner corner, Through through) implements Construction {
    }

    /** Whether pieces meet square in a corner of this kind. */
    default boolean isSquared(Predicate<SquareCorner> kind) {
        return this instanceof Squared squared && kind.test(squared.corner());
    }

    /** Whether the same joints hold both. */
    default boolean isHeldLike(Construction other) {
        return switch (this) {
            case Mitred _ -> other instanceof Mitred;
            case OnePiece _ -> other instanceof OnePiece;
            case Squared squared -> other.isSquared(corner ->
                    corner == squared.corner() || corner.isLap() && squared.corner().isLap());
        };
    }

    /**
     * Refuses outlines, sections and leans it cannot have.
     *
     * @throws Refusal where squared pieces would not meet at right angles, or would not lie flat, or where no board
     *                 gives such a frame
     */
    default void check(Outline outline, Section section, Lean lean) {
        if (!canBe(outline, section, lean)) {
            throw Refusal.of(this instanceof OnePiece ? "job.one_piece" : "job.squared");
        }
    }

    /** Whether a part of this shape and section can be built so. */
    default boolean canBe(Outline outline, Section section, Lean lean) {
        return switch (this) {
            case Mitred _ -> true;
            case Squared _ -> outline.isFourSquare() && lean.isFlat();
            case OnePiece _ ->
                lean.isFlat()
                        && !(outline instanceof Boxed.Window)
                        && section.strips().size() == 1
                        && (section.recess() instanceof Recess.Rabbet || section.recess() instanceof Recess.Bar);
        };
    }
}
