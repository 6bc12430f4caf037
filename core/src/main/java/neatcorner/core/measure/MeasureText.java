package neatcorner.core.measure;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/**
 * Reads lengths, angles and masses as makers write them.
 *
 * <p>The grammar of a length: one or more terms, each a number with a unit, the largest unit first
 * ({@code 3' 4 1/2"}). A number is whole ({@code 15}), decimal with point or comma ({@code 39,4}),
 * a fraction ({@code 7/8}, {@code ⅞}) or mixed ({@code 15 1/2}, {@code 15-1/2}, {@code 15½}).
 * Without a unit the working unit counts, except that a fraction always means inches: no metric
 * tape has any.
 *
 * <p>A comma followed by exactly three digits is refused, since {@code 1,200} may mean two things.
 */
public final class MeasureText {
    private static final Map<Character, String> UNICODE_FRACTIONS = Map.ofEntries(
            Map.entry('½', "1/2"), Map.entry('¼', "1/4"), Map.entry('¾', "3/4"), Map.entry('⅛', "1/8"),
            Map.entry('⅜', "3/8"), Map.entry('⅝', "5/8"), Map.entry('⅞', "7/8"), Map.entry('⅓', "1/3"),
            Map.entry('⅔', "2/3"), Map.entry('⅕', "1/5"), Map.entry('⅖', "2/5"), Map.entry('⅗', "3/5"),
            Map.entry('⅘', "4/5"), Map.entry('⅙', "1/6"), Map.entry('⅚', "5/6"));

    private static final Map<String, Long> LENGTH_UNITS = Map.ofEntries(
            Map.entry("mm", Length.NANOMETRES_PER_MM), Map.entry("cm", 10 * Length.NANOMETRES_PER_MM),
            Map.entry("m", 1000 * Length.NANOMETRES_PER_MM),
            Map.entry("in", Length.NANOMETRES_PER_INCH), Map.entry("inch", Length.NANOMETRES_PER_INCH),
            Map.entry("inches", Length.NANOMETRES_PER_INCH), Map.entry("\"", Length.NANOMETRES_PER_INCH),
            Map.entry("ft", 12 * Length.NANOMETRES_PER_INCH), Map.entry("foot", 12 * Length.NANOMETRES_PER_INCH),
            Map.entry("feet", 12 * Length.NANOMETRES_PER_INCH), Map.entry("'", 12 * Length.NANOMETRES_PER_INCH));

    private static final Map<String, Long> MASS_UNITS = Map.of(
            "g", Mass.NANOGRAMS_PER_GRAM, "kg", 1000 * Mass.NANOGRAMS_PER_GRAM,
            "lb", Mass.NANOGRAMS_PER_POUND, "lbs", Mass.NANOGRAMS_PER_POUND, "oz", Mass.NANOGRAMS_PER_OUNCE);

    private static final Pattern TERM = Pattern.compile(
            "\\s*(?:(?<mixed>\\d+)(?:\\s*-\\s*|\\s+)(?<mn>\\d+)\\s*/\\s*(?<md>\\d+)"
            + "|(?<n>\\d+)\\s*/\\s*(?<d>\\d+)"
            + "|(?<decimal>\\d+(?:[.,]\\d+)?|[.,]\\d+))"
            + "\\s*(?<unit>[a-zA-Z]+|\"|')?");
    private static final Pattern ANGLE = Pattern.compile(
            "(?<sign>-)?(?<deg>\\d+(?:[.,]\\d+)?)\\s*(?:°|deg|degrees)?\\s*(?:(?<min>\\d+(?:[.,]\\d+)?)\\s*')?");
    private static final int LONGEST_ENTRY = 40;

    private MeasureText() {
    }

    /**
     * Reads a length.
     *
     * @param text    what was typed, at most 40 characters
     * @param working the unit meant when none is written
     * @throws Refusal when it cannot be understood; the message says what is allowed
     */
    public static Length length(String text, Unit working) {
        return new Length(sum(
                text,
                LENGTH_UNITS,
                term -> term.fraction() ? Unit.INCH.nanometres() : working.nanometres(),
                "15 1/2, 15.5 in, 3' 4 1/2\", 394 mm or 39,4 cm"));
    }

    /** Reads a mass such as {@code 3 lb 4 oz} or {@code 1.2 kg}; the unit must be written. */
    public static Mass mass(String text) {
        long nanograms = sum(text, MASS_UNITS, _ -> {
            throw refused(text, "weight_unit");
        }, "1.2 kg, 850 g or 3 lb 4 oz");
        if (nanograms < 0) {
            throw refused(text, "weight_negative");
        }
        return new Mass(nanograms);
    }

    /** Reads an angle in degrees: {@code 45}, {@code 22.5°}, {@code 22° 30'}. */
    public static Angle angle(String text) {
        Matcher matcher = ANGLE.matcher(prepared(text));
        if (text.length() > LONGEST_ENTRY || !matcher.matches()) {
            throw refused(text, "angle");
        }
        double degrees = decimal(text, matcher.group("deg")).doubleValue();
        if (matcher.group("min") != null) {
            degrees += decimal(text, matcher.group("min")).doubleValue() / 60;
        }
        return Angle.degrees(matcher.group("sign") == null ? degrees : -degrees);
    }

    private record Term(BigDecimal numerator, BigDecimal denominator, boolean fraction) {
        long times(long unit) {
            return numerator.multiply(BigDecimal.valueOf(unit))
                    .divide(denominator, 0, java.math.RoundingMode.HALF_EVEN).longValueExact();
        }
    }

    private interface DefaultUnit {
        long of(Term term);
    }

    private static long sum(String text, Map<String, Long> units, DefaultUnit defaultUnit, String examples) {
        String prepared = prepared(text);
        boolean negative = prepared.startsWith("-");
        String rest = negative ? prepared.substring(1) : prepared;
        if (rest.isBlank() || text.length() > LONGEST_ENTRY) {
            throw refused(text, "examples", examples);
        }
        Matcher matcher = TERM.matcher(rest);
        long total = 0;
        long last = Long.MAX_VALUE;
        int at = 0;
        try {
            while (at < rest.length()) {
                if (!matcher.find(at) || matcher.start() != at) {
                    throw refused(text, "not_understood", rest.substring(at).strip(), examples);
                }
                Term term = term(text, matcher);
                long unit = unit(text, matcher.group("unit"), units, defaultUnit, term);
                if (unit >= last) {
                    throw refused(text, "unit_order");
                }
                total = Math.addExact(total, term.times(unit));
                last = unit;
                at = matcher.end();
            }
        } catch (ArithmeticException tooLarge) {
            throw refused(text, "too_large");
        }
        return negative ? -total : total;
    }

    private static Term term(String text, Matcher matcher) {
        if (matcher.group("decimal") != null) {
            return new Term(decimal(text, matcher.group("decimal")), BigDecimal.ONE, false);
        }
        boolean mixed = matcher.group("mixed") != null;
        BigDecimal whole = mixed ? new BigDecimal(matcher.group("mixed")) : BigDecimal.ZERO;
        BigDecimal numerator = new BigDecimal(matcher.group(mixed ? "mn" : "n"));
        BigDecimal denominator = new BigDecimal(matcher.group(mixed ? "md" : "d"));
        if (denominator.signum() == 0) {
            throw refused(text, "over_zero");
        }
        return new Term(whole.multiply(denominator).add(numerator), denominator, true);
    }

    private static long unit(String text, String written, Map<String, Long> units, DefaultUnit defaultUnit, Term term) {
        if (written == null) {
            return defaultUnit.of(term);
        }
        Long unit = units.get(written.toLowerCase(Locale.ROOT));
        if (unit == null) {
            throw refused(text, "unknown_unit", written);
        }
        return unit;
    }

    private static BigDecimal decimal(String text, String digits) {
        int comma = digits.indexOf(',');
        if (comma > 0 && digits.length() - comma == 4) {
            throw refused(text, "two_meanings", digits, digits.replace(",", ""), digits.replace(',', '.'));
        }
        return new BigDecimal(digits.replace(',', '.'));
    }

    /** Quotes what was typed, cut short where it is long. */
    private static Refusal refused(String text, String rule, Object... args) {
        return Refusal.of(
                "measure",
                text.length() > 60 ? text.substring(0, 57) + "…" : text,
                Words.of("refused.measure." + rule, args));
    }

    private static String prepared(String text) {
        StringBuilder plain = new StringBuilder();
        for (char c : text.strip().toCharArray()) {
            String fraction = UNICODE_FRACTIONS.get(c);
            if (fraction != null) {
                plain.append(' ').append(fraction);
            } else {
                plain.append(switch (c) {
                    case '″', '”', '“' -> '"';
                    case '′', '’', '‘' -> '\'';
                    case '−', '–' -> '-';
                    case '⁄' -> '/';
                    case '\u00a0', '\u202f', '\t' -> ' ';
                    default -> c;
                });
            }
        }
        return plain.toString().replace("''", "\"").strip();
    }
}
