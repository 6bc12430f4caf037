package neatcorner.core.solve.stick;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
import neatcorner.core.cut.Makes;

/**
 * Makes the best of a layout without making it dearer: first the most valuable remnants, one long one
 * before three short, then the fewest stop settings, then the fewest sticks touched. Two sticks at a time
 * are emptied and filled anew, one as full as it will go, and what is on one stick is moved to another that
 * costs nothing; until no such exchange gains anything.
 */
final class Tidying {
    /** Exchanges tried at the most. */
    private static final int MOST_TRIES = 60_000;
    /** Remnants are valued to a centimetre: less decides nothing. */
    private static final long GRAIN = 10_000_000;
    private final StickProblem problem;
    private final StickModel model;
    private final Laying laying;
    private final List<Pattern> used;
    private final int[] unused;
    private final Filling filling;
    private final double[] lengths;
    private int tries;

    Tidying(StickProblem problem, StickModel model, Laying laying, List<Pattern> patterns) {
        this.problem = problem;
        this.model = model;
        this.laying = laying;
        this.used = new ArrayList<>(patterns);
        this.unused = model.limits();
        this.filling = new Filling(model.needs());
        this.lengths = Arrays.stream(model.needs()).mapToDouble(n -> Math.max(1, n) * 1e-6).toArray();
        patterns.stream().filter(p -> unused[p.stock()] > 0).forEach(p -> unused[p.stock()]--);
    }

    List<Pattern> tidied(BooleanSupplier stop) {
        boolean gained = true;
        Set<List<Pattern>> tried = new HashSet<>();
        while (gained) {
            gained = false;
            for (int i = 0; i < used.size() && !isOver(stop); i++) {
                gained |= moved(i);
                for (int j = i + 1; j < used.size() && !isOver(stop); j++) {
                    if (tried.add(List.of(used.get(i), used.get(j)))) {
                        gained |= exchanged(i, j);
                    }
                }
            }
            giveBack();
            gained &= !isOver(stop);
        }
        return used;
    }

    private boolean isOver(BooleanSupplier stop) {
        return tries > MOST_TRIES || stop.getAsBoolean();
    }

    /** Moves what is on a stick to one that costs nothing. */
    private boolean moved(int i) {
        Pattern from = used.get(i);
        if (from.kinds().length == 0 || model.places().get(from.stock()).locked()) {
            return false;
        }
        for (int k = 0; k < unused.length; k++) {
            tries++;
            Pattern to = new Pattern(k, from.kinds(), from.counts());
            if (unused[k] > 0 && model.cost(k) == 0 && k != from.stock() && fits(to)
                    && value(to) + untouched(from.stock()) > value(from) + untouched(k)) {
                release(from.stock());
                unused[k]--;
                used.set(i, to);
                return true;
            }
        }
        return false;
    }

    /** Whether nothing is cut from it; one with something locked to it is used all the same. */
    private boolean isNothing(Pattern pattern) {
        return pattern.kinds().length == 0 && !model.places().get(pattern.stock()).locked();
    }

    /** A stick that was emptied stays taken until here: an exchange may fill it again. */
    private void giveBack() {
        used.stream().filter(this::isNothing).forEach(pattern -> release(pattern.stock()));
        used.removeIf(this::isNothing);
    }

    private void release(int place) {
        if (unused[place] >= 0) {
            unused[place]++;
        }
    }

    private boolean exchanged(int i, int j) {
        tries++;
        int[] both = new int[model.needs().length];
        for (Pattern pattern : List.of(used.get(i), used.get(j))) {
            for (int k = 0; k < pattern.kinds().length; k++) {
                both[pattern.kinds()[k]] += pattern.counts()[k];
            }
        }
        return filled(i, j, both) || filled(j, i, both);
    }

    /** Fills the one as full as it will go and puts the rest on the other; kept when it gains something. */
    private boolean filled(int full, int other, int[] both) {
        Pattern a = used.get(full);
        Pattern b = used.get(other);
        int[] most = filling.fill(model.room(a.stock()), lengths, both, 0, counts -> laying.mayFit(a.stock(), counts));
        int[] rest = new int[both.length];
        Arrays.setAll(rest, k -> both[k] - most[k]);
        Pattern x = Pattern.of(a.stock(), most);
        Pattern y = Pattern.of(b.stock(), rest);
        if (!fits(x) || !fits(y)) {
            return false;
        }
        long gain = value(x) + value(y) - value(a) - value(b);
        int stops = a.kinds().length + b.kinds().length - x.kinds().length - y.kinds().length;
        if (gain < 0 || gain == 0 && stops <= 0) {
            return false;
        }
        used.set(full, x);
        used.set(other, y);
        return true;
    }

    private boolean fits(Pattern pattern) {
        return model.filled(pattern) <= model.room(pattern.stock())
                && (pattern.kinds().length == 0 || laying.fits(pattern));
    }

    /** Of what is left when a place is filled so. */
    private long value(Pattern pattern) {
        return pattern.kinds().length == 0 ? untouched(pattern.stock())
                : worth(model.room(pattern.stock()) - model.filled(pattern) - model.extra());
    }

    /** Of a place nothing is cut from: what is on the rack stays there, what is for sale is not bought. */
    private long untouched(int place) {
        return model.places().get(place).limit() < 0 ? Long.MAX_VALUE / 4 : worth(model.room(place) - model.extra());
    }

    /** The square of its length: one long remnant is worth more than three short ones. */
    private long worth(long left) {
        if (left <= 0 || left < problem.useful().nanometres()) {
            return 0;
        }
        long grains = left / GRAIN;
        return grains * grains;
    }
}
