package neatcorner.core.shop;

import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.rack.Price;

/**
 * A length that can be bought, as many as are wanted.
 *
 * @param length of the stick, from 50 mm to 12 m
 * @param price  of it; empty when nobody knows
 */
public record Sale(Length length, Optional<Price> price) {
    public Sale {
        new Sticks(length, 1);
    }

    /** A length whose price is not known. */
    public static Sale of(Length length) {
        return new Sale(length, Optional.empty());
    }
}
