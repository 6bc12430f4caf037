package neatcorner.core.shop;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;

/**
 * Sticks of one length on the rack.
 *
 * @param length from 50 mm to 12 m
 * @param count  how many, from 0 to 9 999
 */
public record Sticks(Length length, int count) {
    public Sticks {
        Range.within("stick_length", length, Length.mm(50), Length.mm(12_000));
        if (count < 0 || count > 9999) {
            throw Refusal.of("sticks.stick_count_is", count);
        }
    }
}
