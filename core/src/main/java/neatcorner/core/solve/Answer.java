package neatcorner.core.solve;

/** What a search found: how dear it is, and how far that may be from the best. */
public interface Answer {
    /** Of all that is used, in the smallest coin. */
    long cost();

    /** No answer costs less, as far as is proven; up to {@link #cost}. */
    long bound();

    /** Whether nothing cheaper is possible. */
    default boolean isProven() {
        return cost() <= bound();
    }

    /** How far it may be from the best, as a share of its cost; 0 when it is proven. */
    default double gap() {
        return cost() == 0 ? 0 : (double) (cost() - bound()) / cost();
    }

    /**
     * Whether it is worth having in the place of another to the same problem: cheaper, or as cheap and better proven.
     */
    default boolean isBetterThan(Answer other) {
        return cost() < other.cost() || cost() == other.cost() && bound() >= other.bound() && !equals(other);
    }
}
