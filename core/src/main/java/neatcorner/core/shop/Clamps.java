package neatcorner.core.shop;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;

/**
 * Clamps on hand.
 *
 * @param kind  what they are
 * @param count how many, from 0 to 999
 * @param reach the longest band, or the longest outside side that fits, from 100 mm to 20 m
 */
public record Clamps(ClampKind kind, int count, Length reach) {
    public Clamps {
        if (count < 0 || count > 999) {
            throw Refusal.of("clamps.clamp_count_is", count);
        }
        Range.within("clamp_reach", reach, Length.mm(100), Length.mm(20_000));
    }
}
