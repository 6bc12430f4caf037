package neatcorner.core.words;

import java.math.BigDecimal;
import java.math.MathContext;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Area;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.measure.Moment;
import neatcorner.core.measure.Money;
import neatcorner.core.measure.Numeral;
import neatcorner.core.measure.Quantity;
import neatcorner.core.measure.Rounding;
import neatcorner.core.measure.SecondMoment;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Unit;
import neatcorner.core.measure.Volume;
import neatcorner.core.phrase.Phrases;
import neatcorner.core.phrase.Words;

/**
 * Says {@link Words} and writes quantities for one reader, in that reader's graduation. Numbers are
 * written alike whatever the machine's locale, so that what is written can be read back.
 */
public final class Phrasebook {
    private final Graduation graduation;

    /** A phrasebook that writes lengths to this graduation, and weights in the units that go with it. */
    public Phrasebook(Graduation graduation) {
        this.graduation = graduation;
    }

    /** The tape in use. */
    public Graduation graduation() {
        return graduation;
    }

    /** Whether the phrase file has this key. */
    public static boolean knows(String key) {
        return Phrases.knows(key);
    }

    /** The sentence. */
    public String say(Words words) {
        return Phrases.say(words, this::value);
    }

    /** The sentence for a key. */
    public String say(String key, Object... args) {
        return say(Words.of(key, args));
    }

    /** The same with a capital at its beginning. */
    public String sentence(Words words) {
        String says = say(words);
        return says.isEmpty() ? says : says.substring(0, 1).toUpperCase(Locale.ROOT) + says.substring(1);
    }

    private String value(Object value) {
        return switch (value) {
            case Figure<?> figure -> write(figure);
            case Quantity quantity -> write(quantity);
            case Duration duration -> write(duration);
            default -> value.toString();
        };
    }

    /** The key under which a constant's name for people stands: {@code joint.kind.splined}. */
    public static String keyOf(Enum<?> constant) {
        return Phrases.keyOf(constant);
    }

    /**
     * A figure's value, rounded its own way; what was said is written as it was said where some marks show it, else to
     * the tape like everything beside it.
     */
    public String write(Figure<?> figure) {
        return figure.value() instanceof Length length ? numeral(length, figure.rounding(), figure.origin()).toString()
                : write(figure.value());
    }

    /** A figure that is a length, as it is set in figures with a stacked fraction. */
    public Numeral numeral(Figure<Length> figure) {
        return numeral(figure.value(), figure.rounding(), figure.origin());
    }

    /** A length as {@link #write} says it, set with a stacked fraction. */
    public Numeral numeral(Length length) {
        return numeral(length, Rounding.NEAREST, Origin.WORKED);
    }

    private Numeral numeral(Length length, Rounding rounding, Origin origin) {
        Graduation seen = seen(length, rounding);
        return (origin == Origin.WORKED ? seen : showing(length).orElse(seen)).write(length, rounding);
    }

    /** A length to the coarsest marks that show it exactly, or to the tape when none do: for the lines of a sum. */
    public String exactly(Quantity quantity) {
        return quantity instanceof Length length ? fineEnough(length).write(length).toString() : write(quantity);
    }

    /** The marks in use, or for a length of less than half of one the finer ones that show it. */
    private Graduation seen(Length length, Rounding rounding) {
        if (length.isZero() || isShown(length, graduation, rounding)) {
            return graduation;
        }
        return own().stream()
                .filter(g -> isShown(length, g, rounding))
                .findFirst()
                .orElseGet(() -> own().getLast());
    }

    private static boolean isShown(Length length, Graduation by, Rounding rounding) {
        return !by.round(length, rounding).isZero()
                && !by.round(length, Rounding.NEAREST).isZero();
    }

    /** The coarsest marks in use that show the length exactly, else the finest. */
    private Graduation fineEnough(Length length) {
        return showing(length).orElseGet(() -> own().getLast());
    }

    /**
     * The coarsest marks in use that show the length exactly; a length hardly larger than a mark (a sheet of paper) may
     * be shown in the other unit when that alone is exact.
     */
    private Optional<Graduation> showing(Length length) {
        boolean tiny = length.abs().isUnder(graduation.step());
        return Stream.concat(own().stream(), Stream.of(Graduation.MM_TENTH).filter(_ -> tiny))
                .filter(g -> g.round(length, Rounding.NEAREST).equals(length))
                .findFirst();
    }

    /** Marks of the unit in use, from those in use to the finest. */
    private List<Graduation> own() {
        return Stream.of(Graduation.values())
                .filter(g -> g.unit() == graduation.unit() && g.parts() >= graduation.parts())
                .toList();
    }

    /** A value to the nearest mark. */
    public String write(Quantity quantity) {
        return switch (quantity) {
            case Length length -> seen(length, Rounding.NEAREST).write(length).toString();
            case Gap gap ->
                imperial()
                        ? decimals(gap.width().toMm() / Length.inches(1).toMm(), 3) + "\""
                        : decimals(gap.width().toMm(), 2) + " mm";
            case Angle angle -> write(angle);
            case Area area -> imperial() ? trimmed(area.toSquareInches(), 2) + " in²" : trimmed(area.mm2(), 0) + " mm²";
            case Volume volume ->
                imperial() ? decimals(volume.toBoardFeet(), 2) + " bd ft" : decimals(volume.toDm3(), 2) + " dm³";
            case SecondMoment moment ->
                imperial() ? trimmed(moment.toInches4(), 3) + " in⁴" : trimmed(moment.mm4() / 1e4, 2) + " cm⁴";
            case Mass mass -> write(mass);
            case Force force ->
                imperial()
                        ? write(force.asMass()).replace(" lb", " lbf").replace(" oz", " ozf")
                        : trimmed(force.newtons(), force.newtons() < 10 ? 1 : 0) + " N";
            case Moment moment ->
                imperial()
                        ? significant(moment.toPoundInches()) + " lbf·in"
                        : significant(moment.newtonMetres()) + " N·m";
            case Count count -> Integer.toString(count.value());
            case Money money -> money.text();
            case Share share -> trimmed(share.toPercent(), 1) + " %";
        };
    }

    /** To a tenth of a degree when that is all there is, else to a hundredth. */
    private static String write(Angle angle) {
        double degrees = angle.toDegrees();
        boolean tenths = Math.abs(degrees * 10 - Math.rint(degrees * 10)) < 1e-3;
        return String.format(Locale.ROOT, tenths ? "%.1f°" : "%.2f°", degrees);
    }

    private String write(Mass mass) {
        if (imperial()) {
            return mass.toPounds() < 0.95
                    ? trimmed(mass.toPounds() * 16, 1) + " oz"
                    : trimmed(mass.toPounds(), mass.toPounds() < 30 ? 1 : 0) + " lb";
        }
        return mass.toKg() < 0.995 ? trimmed(mass.toKg() * 1000, 0) + " g" : trimmed(mass.toKg(), 2) + " kg";
    }

    private String write(Duration duration) {
        long minutes = duration.toMinutes();
        if (minutes < 120) {
            return minutes + " min";
        }
        return minutes % 60 == 0 || minutes >= 600
                ? (minutes + 30) / 60 + " h"
                : minutes / 60 + " h " + minutes % 60 + " min";
    }

    private boolean imperial() {
        return graduation.unit() == Unit.INCH;
    }

    /** The same text with no line break inside a measure: {@code 3 9/16} and {@code 270 mm} stay together. */
    public static String unbroken(String text) {
        return text.replaceAll("(\\d) (\\d+/\\d|mm\\b|kg\\b|lb\\b)", "$1\u00a0$2")
                .replaceAll("(\"|mm) ([+−])(?= |$)", "$1\u00a0$2")
                .replaceAll("× (?=\\d)", "×\u00a0");
    }

    private static String decimals(double value, int decimals) {
        return String.format(Locale.ROOT, "%." + decimals + "f", value);
    }

    /** To two figures that count, what is estimated being no better known. */
    private static String significant(double value) {
        return value == 0
                ? "0"
                : new BigDecimal(value).round(new MathContext(2)).toPlainString();
    }

    /** At most this many decimals and no zeros for show. */
    private static String trimmed(double value, int decimals) {
        String text = decimals(value, decimals);
        return text.contains(".") ? text.replaceAll("\\.?0+$", "") : text;
    }
}
