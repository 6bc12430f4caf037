package neatcorner.core.outline;

import java.util.Random;
import java.util.stream.IntStream;

/** Places by chance. */
public final class Sampling {
    private Sampling() {
    }

    /** A place in a hull, without its rounding: its corners in shares by chance. */
    public static Vector in(Hull hull, Random random) {
        double[] shares = IntStream.range(0, hull.places().size())
                .mapToDouble(_ -> -Math.log(1 - random.nextDouble()))
                .toArray();
        double sum = IntStream.range(0, shares.length).mapToDouble(i -> shares[i]).sum();
        Vector place = new Vector(0, 0, 0);
        for (int i = 0; i < shares.length; i++) {
            place = place.plus(hull.places().get(i).times(shares[i] / sum));
        }
        return place;
    }
}
