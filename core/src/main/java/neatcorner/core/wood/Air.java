package neatcorner.core.wood;

import neatcorner.core.measure.Share;
import neatcorner.core.phrase.Range;

/**
 * The air around wood.
 *
 * @param humidity relative, from 0 to 100 %
 * @param celsius  from 0 to 50
 */
public record Air(Share humidity, double celsius) {
    public Air {
        Range.number("humidity_in_per_cent", humidity.toPercent(), 0, 100);
        Range.number("temperature_in_c", celsius, 0, 50);
    }

    /** Air of so many per cent and degrees Celsius. */
    public static Air of(double percent, double celsius) {
        return new Air(Share.percent(percent), celsius);
    }

    /**
     * The moisture that wood comes to in this air after weeks, as a share of its dry weight: the sorption
     * formula of the Wood Handbook (USDA Forest Products Laboratory), chapter 4, in °F, with the
     * constants from memory. It holds for all species within about one per cent of moisture.
     */
    public Share equilibriumMoisture() {
        double t = celsius * 1.8 + 32;
        double h = humidity.fraction();
        double w = 330 + 0.452 * t + 0.00415 * t * t;
        double k = 0.791 + 0.000463 * t - 0.000000844 * t * t;
        double k1 = 6.34 + 0.000775 * t - 0.0000935 * t * t;
        double k2 = 1.09 + 0.0284 * t - 0.0000904 * t * t;
        double kh = k * h;
        double percent =
                1800 / w * (kh / (1 - kh) + (k1 * kh + 2 * k1 * k2 * kh * kh) / (1 + k1 * kh + k1 * k2 * kh * kh));
        return Share.percent(percent);
    }
}
