package neatcorner.core.strength;

import java.util.Arrays;

/** What something in a corner bears until it gives way. */
@FunctionalInterface
public interface Hold {
    /** How much of it a demand takes: over 1 it gives way. */
    double use(Demand demand);

    /**
     * One that takes a moment, a pull and a force along the joint in shares that add up.
     *
     * @param moment in N·mm, alone
     * @param pull   in N, alone
     * @param slide  in N, alone
     */
    static Hold of(double moment, double pull, double slide) {
        return demand -> share(demand.moment(), moment) + share(demand.pull(), pull) + share(demand.slide(), slide);
    }

    private static double share(double demand, double most) {
        return demand == 0 ? 0 : most > 0 ? demand / most : Double.POSITIVE_INFINITY;
    }

    /**
     * The better of several that do not bear together: the stiff one bears all until it lets go, and then the other
     * does, as glue and steel.
     */
    static Hold either(Hold... holds) {
        return demand -> Arrays.stream(holds).mapToDouble(hold -> hold.use(demand)).min().orElseThrow();
    }

    /** Several that are alike stiff and bear together, as glue on glue. */
    static Hold both(Hold one, Hold other) {
        return demand -> {
            double first = one.use(demand);
            double second = other.use(demand);
            return first == 0 || second == 0 ? 0 : 1 / (1 / first + 1 / second);
        };
    }
}
