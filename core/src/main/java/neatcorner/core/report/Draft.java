package neatcorner.core.report;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import neatcorner.core.job.Job;
import neatcorner.core.shop.Shop;

/**
 * A plan on its way: what is wanted, what there is to make it with, and what the subjects before have
 * worked out, each by its type. Immutable.
 */
public final class Draft {
    private final Job job;
    private final Shop shop;
    private final Map<Class<?>, Object> results;

    private Draft(Job job, Shop shop, Map<Class<?>, Object> results) {
        this.job = job;
        this.shop = shop;
        this.results = results;
    }

    /** Nothing worked out yet. */
    public static Draft of(Job job, Shop shop) {
        return new Draft(job, shop, Map.of());
    }

    /** What is wanted. */
    public Job job() {
        return job;
    }

    /** What there is to make it with. */
    public Shop shop() {
        return shop;
    }

    /** Whether a result of this type is there. */
    public boolean has(Class<?> type) {
        return results.containsKey(type);
    }

    /** With one result more. */
    public <T> Draft with(Class<T> type, T result) {
        Map<Class<?>, Object> more = new LinkedHashMap<>(results);
        more.put(type, result);
        return new Draft(job, shop, more);
    }

    /** Two drafts are equal when everything in them is. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Draft draft
                && job.equals(draft.job)
                && shop.equals(draft.shop)
                && results.equals(draft.results);
    }

    @Override
    public int hashCode() {
        return Objects.hash(job, results);
    }

    /** What a subject before has worked out; to ask for one that comes later is a bug. */
    public <T> T get(Class<T> type) {
        Object result = results.get(type);
        if (result == null) {
            throw new IllegalStateException(type.getSimpleName() + " is asked for before it is planned");
        }
        return type.cast(result);
    }
}
