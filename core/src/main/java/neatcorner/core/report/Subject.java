package neatcorner.core.report;

import java.util.function.Function;

/**
 * One subject of a plan: what it works out, and how.
 *
 * @param type    of its result, by which the plan and the subjects after it ask for it
 * @param planner works it out from what is there; a pure function, which may refuse the job
 */
public record Subject<T>(Class<T> type, Function<Draft, Planned<T>> planner) {
    /** A subject that looks at the frame alone, or at whatever else one type stands for. */
    public static <S, T> Subject<T> from(Class<S> source, Class<T> type, Function<S, Planned<T>> planner) {
        return new Subject<>(type, draft -> planner.apply(draft.get(source)));
    }
}
