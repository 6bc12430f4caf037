package neatcorner.core.solve.stick;

import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.Answer;

/**
 * Pieces on sticks.
 *
 * @param sticks as they are to be cut
 * @param cost   of all, in the smallest coin
 * @param bound  no layout costs less, as far as is proven; up to {@code cost}
 */
public record StickAnswer(List<Laid> sticks, long cost, long bound) implements Answer {
    public StickAnswer {
        sticks = List.copyOf(sticks);
    }

    /**
     * One stick.
     *
     * @param stock  which kind of stick, counted from 0
     * @param placed from the left
     */
    public record Laid(int stock, List<Placed> placed) {
        public Laid {
            placed = List.copyOf(placed);
        }

        /** How many of a kind of piece are cut from it. */
        public int count(int kind) {
            return (int) placed.stream().filter(p -> p.kind() == kind).count();
        }
    }

    /**
     * A piece, or a group of pieces, on a stick.
     *
     * @param kind  which kind, counted from 0
     * @param start of its furthest point from the stick's left end
     * @param lie   how it lies
     */
    public record Placed(int kind, Length start, StickProblem.Lie lie) {
    }
}
