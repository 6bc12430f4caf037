package neatcorner.core.solve;

import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;

/**
 * Something to be searched for, that carries all there is to know of it.
 *
 * @param <A> what an answer to it is
 */
public interface Problem<A extends Answer> {
    /** How many pieces it lays; what is kept of old answers is counted in them. */
    long size();

    /**
     * The answer of simple rules, within milliseconds; empty when there is not enough to cut from.
     *
     * @throws neatcorner.core.phrase.Refusal when what is wished of it cannot be
     */
    Optional<A> quick();

    /**
     * Searches on the calling thread until the answer is proven best or {@code stop} says yes. It ends within
     * half a second of that, and always with the best answer so far; the same problem given the same time
     * need not give the same answer, but given until proven it does.
     *
     * @param stop   asked often
     * @param better told of every better answer and of every better bound, on the calling thread
     * @return the best answer; empty when there is not enough to cut from, or nothing was found before the stop
     * @throws neatcorner.core.phrase.Refusal when what is wished of it cannot be
     */
    Optional<A> solve(BooleanSupplier stop, Consumer<A> better);
}
