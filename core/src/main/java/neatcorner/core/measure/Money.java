package neatcorner.core.measure;

import java.util.Locale;

/**
 * An amount of money.
 *
 * @param minor in the smallest coin, a hundredth of the currency
 * @param sign  the currency as it is written before the amount; may be empty
 */
public record Money(long minor, String sign) implements Quantity {
    /** As {@code $ 12.50}. */
    public String text() {
        String amount = String.format(
                Locale.ROOT, "%s%d.%02d", minor < 0 ? "−" : "", Math.abs(minor) / 100, Math.abs(minor) % 100);
        return sign.isEmpty() ? amount : sign + "\u00a0" + amount;
    }
}
