package neatcorner.core.job;

import java.time.Duration;
import neatcorner.core.phrase.Refusal;

/**
 * One step of a finish.
 *
 * @param kind    what is done
 * @param product what with, in the maker's words; may be empty
 * @param pause   until the next step, from none to 30 days
 */
public record Coat(Kind kind, String product, Duration pause) {
    public Coat {
        if (pause.isNegative() || pause.compareTo(Duration.ofDays(30)) > 0) {
            throw Refusal.of("coat.waiting_time_is_none", pause);
        }
        if (product.length() > 200) {
            throw Refusal.of("coat.product_has_characters_have", product.length());
        }
    }

    /** With the usual waiting time. */
    public static Coat of(Kind kind, String product) {
        return new Coat(kind, product, kind.usualWait());
    }

    /** What can be done to bare wood; waiting times are common practice, from memory. */
    public enum Kind {
        /** 120 or 150 grit, then 180. */
        SAND(0, false, false),
        /** A damp cloth, and 220 or 240 grit when it is dry. */
        RAISE_GRAIN(30, false, false),
        /** Tack cloth. */
        DUST_OFF(0, false, false),
        /** Wiped on with the grain, wiped off. */
        STAIN(720, true, true),
        /** Oil or hard-wax oil. */
        OIL(720, true, true),
        /** Shellac. */
        SHELLAC(45, true, false),
        /** Lacquer. */
        LACQUER(30, true, false),
        /** Water-based varnish. */
        WATER_VARNISH(120, true, false),
        /** Oil-based varnish. */
        OIL_VARNISH(1440, true, true),
        /** Paint. */
        PAINT(240, true, false),
        /** Wax, buffed. */
        WAX(60, true, false),
        /** A light rub between coats. */
        RUB_DOWN(0, false, false);

        private final int minutes;
        private final boolean named;
        private final boolean oily;

        Kind(int minutes, boolean named, boolean oily) {
            this.minutes = minutes;
            this.named = named;
            this.oily = oily;
        }

        /** Until the next step; the tin's own label rules. */
        public Duration usualWait() {
            return Duration.ofMinutes(minutes);
        }

        /** Whether a product has to be written down to do it again. */
        public boolean isNamed() {
            return named;
        }

        /** Whether the rags can catch fire by themselves. */
        public boolean isOily() {
            return oily;
        }
    }
}
