package neatcorner.core.gauge;

import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** An instrument with a cable, and the word its lines begin with. */
public enum Gauge {
    /** Measures lengths. */
    CALIPER("length"),
    /** Measures angles. */
    ANGLE_GAUGE("angle"),
    /** Measures how much water there is in wood, by its dry weight. */
    MOISTURE_METER("moisture");

    private final String word;

    Gauge(String word) {
        this.word = word;
    }

    /** What its lines begin with. */
    public String word() {
        return word;
    }

    /** Whether it can show so much in this unit. */
    boolean shows(double value, String unit) {
        return switch (this) {
            case CALIPER -> value >= 0
                    && (unit.equals("mm") && value <= 10_000 || unit.equals("in") && value <= 10_000 / 25.4);
            case ANGLE_GAUGE -> unit.equals("deg") && Math.abs(value) <= 180;
            case MOISTURE_METER -> unit.equals("%") && value >= 0 && value <= 100;
        };
    }

    /** The gauge whose lines begin so, in capitals or not; empty where there is none. */
    static Optional<Gauge> of(String word) {
        return Stream.of(values())
                .filter(one -> one.word.equals(word.toLowerCase(Locale.ROOT)))
                .findFirst();
    }
}
