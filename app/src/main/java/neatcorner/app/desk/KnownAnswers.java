package neatcorner.app.desk;

import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.cut.Answers;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;

/** The best answers so far, those asked for least lately forgotten first: so many of them, and of so many pieces in all. May be asked from any thread. */
final class KnownAnswers implements Answers {
    private static final int MOST_ANSWERS = 400;
    private static final long MOST_PIECES = 200_000;
    private final Map<Object, Object> known = new LinkedHashMap<>(64, 0.75f, true);
    private long pieces;

    @Override
    public Optional<StickAnswer> to(StickProblem problem) {
        return Optional.ofNullable((StickAnswer) of(problem));
    }

    @Override
    public Optional<SheetAnswer> to(SheetProblem problem) {
        return Optional.ofNullable((SheetAnswer) of(problem));
    }

    /** The answer to either kind of problem; null when there is none. */
    synchronized Object of(Object problem) {
        return known.get(problem);
    }

    synchronized void put(Object problem, Object answer) {
        if (known.put(problem, answer) == null) {
            pieces += pieces(problem);
        }
        Iterator<Object> eldest = known.keySet().iterator();
        while (known.size() > MOST_ANSWERS || pieces > MOST_PIECES && known.size() > 1) {
            pieces -= pieces(eldest.next());
            eldest.remove();
        }
    }

    synchronized int size() {
        return known.size();
    }

    private static long pieces(Object problem) {
        return switch (problem) {
            case StickProblem sticks -> sticks.pieces().stream().mapToLong(StickProblem.Kind::count).sum();
            case SheetProblem sheets -> sheets.panes().stream().mapToLong(SheetProblem.Pane::count).sum();
            default -> throw new IllegalStateException("no solver for " + problem.getClass());
        };
    }
}
