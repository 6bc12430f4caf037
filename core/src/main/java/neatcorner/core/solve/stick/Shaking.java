package neatcorner.core.solve.stick;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import neatcorner.core.solve.Chance;

/**
 * Empties the stick with the least on it: a few sticks taken at random are unloaded with it and filled again, one
 * after the other as full as they will go; what is kept has the fuller sticks (the sum of squares of what is on
 * them), so that what is left over gathers on one stick and at last is nothing. Made for pieces that leave next to no
 * waste, where linear programming takes long; Fleszar and Hindi, New Heuristics for One-Dimensional Bin-Packing, 2002.
 */
final class Shaking {
    private static final int FEWEST = 2;
    private static final int MOST = 6;
    /** Stirs the order of pieces that are worth the same for their length, and decides nothing else. */
    private static final double STIR = 1e-10;
    private final StickModel model;
    private final Laying laying;
    private final Filling filling;
    private final List<Pattern> used;
    private final Chance chance = new Chance();

    Shaking(StickModel model, Laying laying, List<Pattern> patterns) {
        this.model = model;
        this.laying = laying;
        this.filling = new Filling(model.needs());
        this.used = new ArrayList<>(patterns);
    }

    /**
     * Tries so many times.
     *
     * @return whether a stick that costs something was emptied
     */
    boolean shake(int tries, BooleanSupplier stop) {
        long before = cost();
        for (int i = 0; i < tries && used.size() > FEWEST && cost() == before && !stop.getAsBoolean(); i++) {
            again();
        }
        return cost() < before;
    }

    /** As it is now. */
    List<Pattern> patterns() {
        return List.copyOf(used);
    }

    private long cost() {
        return used.stream().mapToLong(p -> model.cost(p.stock())).sum();
    }

    private void again() {
        int least = IntStream.range(0, used.size())
                .filter(i -> model.cost(used.get(i).stock()) > 0)
                .boxed()
                .min(Comparator.comparingLong(i -> model.filled(used.get(i))))
                .orElse(0);
        List<Integer> others = new ArrayList<>(
                IntStream.range(0, used.size()).filter(i -> i != least).boxed().toList());
        List<Integer> chosen = new ArrayList<>();
        for (int n = Math.min(others.size(), FEWEST + chance.below(MOST - FEWEST + 1)); n > 0; n--) {
            chosen.add(others.remove(chance.below(others.size())));
        }
        chosen.add(least);
        int[] pool = new int[model.needs().length];
        double before = 0;
        for (int i : chosen) {
            Pattern pattern = used.get(i);
            for (int k = 0; k < pattern.kinds().length; k++) {
                pool[pattern.kinds()[k]] += pattern.counts()[k];
            }
            before += squared(pattern);
        }
        List<Pattern> filled = new ArrayList<>();
        double after = 0;
        for (int i : chosen) {
            int place = used.get(i).stock();
            int[] counts = i == least
                    ? pool
                    : filling.fill(model.room(place), stirred(), pool, 0, taken -> laying.mayFit(place, taken));
            Pattern pattern = Pattern.of(place, counts.clone());
            if (i != least) {
                pattern.take(pool, 1);
            }
            filled.add(pattern);
            after += squared(pattern);
            if (model.filled(pattern) > model.room(place) || pattern.kinds().length > 0 && !laying.fits(pattern)) {
                return;
            }
        }
        if (after >= before) {
            for (int i = 0; i < chosen.size(); i++) {
                used.set(chosen.get(i), filled.get(i));
            }
            used.removeIf(p -> p.kinds().length == 0 && !model.places().get(p.stock()).locked());
        }
    }

    private double squared(Pattern pattern) {
        double filled = model.filled(pattern) * 1e-6;
        return filled * filled;
    }

    private double[] stirred() {
        return Arrays.stream(model.needs())
                .mapToDouble(need -> Math.max(1, need) * 1e-6 * (1 + STIR * chance.below(1000) / 1000))
                .toArray();
    }
}
