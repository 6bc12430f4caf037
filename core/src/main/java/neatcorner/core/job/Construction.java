package neatcorner.core.job;

import java.util.function.Predicate;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Refusal;

/**
 * How the pieces of a part meet. What holds them together there is a joint ({@link JointKind}), of those that go with
 * this. A frame in one piece has no pieces to meet; it is chosen as a joint.
 */
public sealed interface Construction {
    /** Pieces that meet in mitres. */
    Construction MITRED = new Mitred();

    /** Pieces that meet in mitres, whatever the outline and the lean. */
    record Mitred() implements Construction {
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
            case Squared squared -> other.isSquared(corner ->
                    corner == squared.corner() || corner.isLap() && squared.corner().isLap());
        };
    }

    /**
     * Refuses outlines and leans it cannot have.
     *
     * @throws Refusal where squared pieces would not meet at right angles, or would not lie flat
     */
    default void check(Outline outline, Lean lean) {
        if (!canBe(outline, lean)) {
            throw Refusal.of("job.squared");
        }
    }

    /** Whether a part of this shape can be built so. */
    default boolean canBe(Outline outline, Lean lean) {
        return this instanceof Mitred || outline.isFourSquare() && lean.isFlat();
    }
}
