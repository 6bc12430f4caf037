package neatcorner.core.measure;

/**
 * The way a number goes when the tape has no mark for it. One policy for all of Neat Corner: glass
 * and everything else that must drop in goes {@link #DOWN}, openings and stock used go
 * {@link #UP}, the rest {@link #NEAREST}.
 */
public enum Rounding {
    /** To the next mark below (toward minus infinity). */
    DOWN,
    /** To the next mark above (toward plus infinity). */
    UP,
    /** To the nearest mark; from half-way, up. */
    NEAREST;

    /** A length rounded to a whole number of steps; {@code step} is above zero. */
    public Length toWhole(Length length, Length step) {
        return new Length(toMultiple(length.nanometres(), step.nanometres()));
    }

    /** {@code value} rounded to a whole number of {@code step}s; {@code step} is above zero. */
    long toMultiple(long value, long step) {
        long below = Math.floorDiv(value, step);
        long rest = Math.floorMod(value, step);
        boolean up = switch (this) {
            case DOWN -> false;
            case UP -> rest > 0;
            case NEAREST -> rest >= step - rest;
        };
        return Math.multiplyExact(up ? below + 1 : below, step);
    }
}
