package neatcorner.core.shop;

import neatcorner.core.measure.Finite;
import neatcorner.core.measure.Length;

/**
 * Sticks of one length on the rack.
 *
 * @param length from 50 mm to 12 m
 * @param count  how many, from 0 to 9 999
 */
public record Sticks(Length length, int count) {
    public Sticks {
        Finite.within("stick length", length, Length.mm(50), Length.mm(12_000));
        if (count < 0 || count > 9999) {
            throw new IllegalArgumentException("stick count is " + count + "; it must be from 0 to 9999");
        }
    }
}
