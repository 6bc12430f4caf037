package neatcorner.core.gauge;

import java.math.BigDecimal;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.core.phrase.Refusal;

/**
 * What a gauge said: a line of its text.
 *
 * @param gauge which
 * @param value in its unit
 * @param unit  {@code mm} or {@code in} of a length, {@code deg} of an angle, {@code %} of moisture
 */
public record GaugeReading(Gauge gauge, BigDecimal value, String unit) {
    private static final Pattern LINE =
            Pattern.compile("(?<word>[A-Za-z]+)\\s+(?<value>[+-]?\\d+(?:[.,]\\d+)?)\\s*(?<unit>mm|in|deg|%)");
    private static final int SHOWN = 40;

    /**
     * Checks it.
     *
     * @throws Refusal for a unit that is not the gauge's, or what no such gauge can show: lengths from 0 to 10 m,
     *                 angles from −180° to 180°, moisture from 0 to 100 %
     */
    public GaugeReading {
        if (!gauge.shows(value.doubleValue(), unit)) {
            throw Refusal.of("gauge." + gauge.word(), value.toPlainString() + " " + unit);
        }
    }

    /**
     * Reads a line.
     *
     * @return what it says; empty for a line that is blank or a comment, which begins with {@code #}
     * @throws Refusal for what is no reading, with what is allowed
     */
    public static Optional<GaugeReading> read(String line) {
        String text = line.strip();
        if (text.isEmpty() || text.startsWith("#")) {
            return Optional.empty();
        }
        Matcher parts = LINE.matcher(text);
        Optional<Gauge> gauge = parts.matches() ? Gauge.of(parts.group("word")) : Optional.empty();
        if (gauge.isEmpty()) {
            throw Refusal.of("gauge.line", shortened(text));
        }
        return Optional.of(new GaugeReading(
                gauge.get(), new BigDecimal(parts.group("value").replace(',', '.')), parts.group("unit")));
    }

    /** A text from outside as it may be shown: not endless, and without what is no letter. */
    static String shortened(String text) {
        String seen = text.replaceAll("\\P{Print}", "?");
        return seen.length() > SHOWN ? seen.substring(0, SHOWN) + "…" : seen;
    }

    /** The line that says it. */
    public String line() {
        return gauge.word() + " " + value.toPlainString() + " " + unit;
    }

    /** As a hand would type it where such a number is asked for. */
    public String typed() {
        String number = value.toPlainString();
        return switch (gauge) {
            case CALIPER -> number + " " + unit;
            case ANGLE_GAUGE -> number + "°";
            case MOISTURE_METER -> number + " %";
        };
    }
}
