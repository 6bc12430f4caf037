package neatcorner.core.measure;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.core.phrase.Refusal;

/**
 * An amount of money.
 *
 * @param minor in the smallest coin, a hundredth of the currency
 * @param sign  the currency as it is written before the amount; may be empty
 */
public record Money(long minor, String sign) implements Quantity {
    private static final Pattern AMOUNT = Pattern.compile("\\s*(\\d{1,7}(?:[.,]\\d{1,2})?)\\s*");

    /** What a person wrote, as {@code 19.80} or {@code 19,8}, in the smallest coin; else a refusal. */
    public static long minor(String typed) {
        Matcher amount = AMOUNT.matcher(typed);
        if (!amount.matches()) {
            throw Refusal.of("money.amount_is", typed.strip());
        }
        return new BigDecimal(amount.group(1).replace(',', '.')).movePointRight(2).longValueExact();
    }

    /** As {@code $ 12.50}. */
    public String text() {
        String amount = String.format(
                Locale.ROOT, "%s%d.%02d", minor < 0 ? "−" : "", Math.abs(minor) / 100, Math.abs(minor) % 100);
        return sign.isEmpty() ? amount : sign + "\u00a0" + amount;
    }
}
