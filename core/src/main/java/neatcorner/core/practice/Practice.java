package neatcorner.core.practice;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import neatcorner.core.shop.Shop;

/** What can be practised; each is made anew from a number, the same one always the same. */
public enum Practice {
    /** Read the gap of two scraps, and say how the saw is set right. */
    GAP(GapExercise::of),
    /** Set up a cut. */
    CUT(CutExercise::of),
    /** Say what is wrong with a frame that gapes. */
    GAPING(GapingExercise::of),
    /** Lay pieces on as few sticks as possible. */
    STICKS(SticksExercise::of),
    /** Find what is wrong with a plan. */
    PLAN(PlanExercise::of);

    private final Maker maker;

    Practice(Maker maker) {
        this.maker = maker;
    }

    private interface Maker {
        Exercise make(RandomGenerator random, Shop shop);
    }

    /** Its name in small letters. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** By its name in small letters; empty for none. */
    public static Optional<Practice> named(String name) {
        return Arrays.stream(values())
                .filter(one -> one.id().equals(name))
                .findFirst();
    }

    /**
     * An exercise.
     *
     * @param seed any number
     * @param shop whose machines, habits and mouldings it is about
     */
    public Exercise make(long seed, Shop shop) {
        return maker.make(
                RandomGeneratorFactory.of("L64X128MixRandom").create(seed * Practice.values().length + ordinal()),
                shop);
    }
}
