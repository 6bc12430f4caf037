package neatcorner.core.measure;

import java.util.Arrays;
import java.util.function.UnaryOperator;

/**
 * How surely results are known that are worked out of readings, each of which is sure only to some extent.
 *
 * <p>The law of propagation of uncertainty for readings that do not depend on one another: JCGM 100:2008 (the Guide to
 * the expression of uncertainty in measurement), 5.1.2; what one reading contributes is worked out as note 2 of 5.1.3
 * does, from the results with the reading half a step up and down.
 */
public final class Propagation {
    /** What a result lies within 19 times of 20, in standard uncertainties: 6.2.1 and 6.3.3 there. */
    public static final double COVERAGE = 2;

    private Propagation() {
    }

    /**
     * The standard uncertainties of results.
     *
     * @param results  worked out of readings, always as many
     * @param readings what was read
     * @param doubts   one standard uncertainty of each
     * @throws IllegalArgumentException where there are not as many doubts as readings
     */
    public static double[] combined(UnaryOperator<double[]> results, double[] readings, double[] doubts) {
        if (readings.length != doubts.length) {
            throw new IllegalArgumentException(doubts.length + " doubts of " + readings.length + " readings");
        }
        double[] squares = new double[results.apply(readings).length];
        for (int i = 0; i < readings.length; i++) {
            double[] up = results.apply(with(readings, i, readings[i] + doubts[i]));
            double[] down = results.apply(with(readings, i, readings[i] - doubts[i]));
            for (int k = 0; k < squares.length; k++) {
                double contributed = (up[k] - down[k]) / 2;
                squares[k] += contributed * contributed;
            }
        }
        return Arrays.stream(squares).map(Math::sqrt).toArray();
    }

    private static double[] with(double[] readings, int which, double value) {
        double[] other = readings.clone();
        other[which] = value;
        return other;
    }
}
