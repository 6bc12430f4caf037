package neatcorner.core.solve;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The best answers so far, those asked for least lately forgotten first: so many of them, and of so many pieces in all.
 * May be asked from any thread.
 */
public final class KnownAnswers implements Answers {
    private static final int MOST_ANSWERS = 400;
    private static final long MOST_PIECES = 200_000;
    /** Every answer stands under its own problem: only {@link #put} writes here. */
    private final Map<Problem<?>, Answer> known = new LinkedHashMap<>(64, 0.75f, true);
    private long pieces;

    @Override
    @SuppressWarnings("unchecked") // See the map.
    public synchronized <A extends Answer> Optional<A> to(Problem<A> problem) {
        // Before the first answer no problem is hashed: a plan of many pieces takes a while to.
        return known.isEmpty() ? Optional.empty() : Optional.ofNullable((A) known.get(problem));
    }

    /** Keeps an answer in the place of the one before. */
    public synchronized <A extends Answer> void put(Problem<A> problem, A answer) {
        if (known.put(problem, answer) == null) {
            pieces += problem.size();
        }
        Iterator<Problem<?>> eldest = known.keySet().iterator();
        while (known.size() > MOST_ANSWERS || pieces > MOST_PIECES && known.size() > 1) {
            pieces -= eldest.next().size();
            eldest.remove();
        }
    }

    synchronized int size() {
        return known.size();
    }
}
