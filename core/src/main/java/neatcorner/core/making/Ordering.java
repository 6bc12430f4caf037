package neatcorner.core.making;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Silhouette;

/**
 * Finds an order of cuts in which the stick is carried at every cut. A depth-first search over the
 * cuts, those that take the least of the riding surfaces first; what is left of the stick depends only
 * on which cuts are done, so a set of done cuts that led nowhere is not tried again. At most 2^n sets
 * for n cuts; n is small.
 */
final class Ordering {
    /** Less than this on the table rocks. Common practice, no source. */
    private static final double LEAST_ON_TABLE = 6;
    /** Less than this along the fence wanders. Common practice, no source. */
    private static final double LEAST_ON_FENCE = 3;
    private final Silhouette blank;
    private final List<Feature> features;
    private final Set<Integer> dead = new HashSet<>();

    /**
     * A cut in its place in the order.
     *
     * @param feature   what is cut
     * @param setup     how
     * @param before    the stick before it
     * @param after     the stick after it
     * @param supported whether it is carried as it should be
     * @param because   why it comes before the next cut; empty where it might as well come later
     */
    record Placed(
            Feature feature,
            Setup setup,
            Silhouette before,
            Silhouette after,
            boolean supported,
            Optional<Words> because) {}

    private Ordering(Silhouette blank, List<Feature> features) {
        this.blank = blank;
        this.features = features;
    }

    /** The cuts in order; where no order carries them all, in the order that loses support the latest. */
    static List<Placed> of(Silhouette blank, List<Feature> features) {
        List<Feature> sorted = features.stream().sorted(Comparator.comparingDouble(f -> lost(blank, f))).toList();
        List<Placed> placed = new ArrayList<>();
        boolean found = new Ordering(
                                blank,
                                sorted.stream().map(Feature::withoutLeaningOver).toList())
                        .search(0, blank, placed)
                || new Ordering(blank, sorted).search(0, blank, placed);
        if (!found) {
            placed.clear();
            Silhouette stick = blank;
            for (Feature feature : sorted) {
                Silhouette after = stick.without(feature.region());
                Optional<Setup> carried = carried(stick, after, feature);
                placed.add(new Placed(
                        feature,
                        carried.orElse(feature.setups().getFirst()),
                        stick,
                        after,
                        carried.isPresent(),
                        Optional.empty()));
                stick = after;
            }
        }
        return explained(placed);
    }

    /** How much of the four riding surfaces a cut takes from the blank, in mm. */
    private static double lost(Silhouette blank, Feature feature) {
        Silhouette left = blank.without(feature.region());
        double sum = 0;
        for (Surface surface : Surface.values()) {
            sum += surface.contact(blank).total() - surface.contact(left).total();
        }
        return sum;
    }

    private boolean search(int done, Silhouette stick, List<Placed> placed) {
        if (placed.size() == features.size()) {
            return true;
        }
        if (dead.contains(done)) {
            return false;
        }
        for (int i = 0; i < features.size(); i++) {
            if ((done >> i & 1) == 1) {
                continue;
            }
            Silhouette after = stick.without(features.get(i).region());
            Optional<Setup> setup = carried(stick, after, features.get(i));
            if (setup.isPresent()) {
                placed.add(new Placed(features.get(i), setup.get(), stick, after, true, Optional.empty()));
                if (search(done | 1 << i, after, placed)) {
                    return true;
                }
                placed.removeLast();
            }
        }
        dead.add(done);
        return false;
    }

    /** The first way to cut it that carries the stick; ways that trap the waste are never taken. */
    private static Optional<Setup> carried(Silhouette stick, Silhouette after, Feature feature) {
        return feature.setups().stream().filter(s -> !s.trapped() && isCarried(stick, after, s)).findFirst();
    }

    private static boolean isCarried(Silhouette stick, Silhouette after, Setup setup) {
        return !after.isNone() && rides(stick, setup) && isLedOn(after, setup);
    }

    private static boolean rides(Silhouette stick, Setup setup) {
        Surface.Contact table = setup.down().contact(stick);
        double middle = setup.down().isFlatwise() ? stick.centroid().x() : stick.centroid().y();
        double whole = setup.down().isFlatwise() ? stick.right() - stick.left() : stick.high() - stick.low();
        return table.total() >= Math.min(LEAST_ON_TABLE, whole * 0.6) && table.from() < middle && middle < table.to()
                && setup.against().contact(stick).total() >= LEAST_ON_FENCE
                && missingOnEdge(stick, setup).isEmpty();
    }

    /** The surface that a second pass on edge wants along the fence and that is not flat enough any more. */
    static Optional<Surface> missingOnEdge(Silhouette stick, Setup setup) {
        return setup.then().filter(second -> second.contact(stick).total() < LEAST_ON_TABLE);
    }

    /** Past the cutter the stick still needs something on table and fence. */
    private static boolean isLedOn(Silhouette after, Setup setup) {
        return setup.down().contact(after).total() >= LEAST_ON_FENCE
                || setup.tool() == Tool.TABLE_SAW && setup.down().contact(after).total() > 0;
    }

    /** Says of each cut why the one after it could not come first. */
    private static List<Placed> explained(List<Placed> placed) {
        List<Placed> explained = new ArrayList<>();
        for (int i = 0; i < placed.size(); i++) {
            Placed here = placed.get(i);
            Optional<Words> because = Optional.empty();
            for (int j = i + 1; j < placed.size() && because.isEmpty() && here.supported(); j++) {
                Feature later = placed.get(j).feature();
                Silhouette without = here.before().without(later.region());
                if (!without.isNone() && !isCarried(without, without.without(here.feature().region()), here.setup())) {
                    because = Optional.of(because(later, here.setup(), without));
                }
            }
            explained.add(
                    new Placed(here.feature(), here.setup(), here.before(), here.after(), here.supported(), because));
        }
        return List.copyOf(explained);
    }

    private static Words because(Feature later, Setup setup, Silhouette without) {
        return missingOnEdge(without, setup)
                .map(second -> Words.of(
                        "making.before_second",
                        later.name(),
                        second,
                        Length.mm(second.contact(without).total())))
                .orElseGet(() -> Words.of(
                        "making.before",
                        later.name(),
                        setup.down(),
                        Length.mm(setup.down().contact(without).total()),
                        setup.against(),
                        Length.mm(setup.against().contact(without).total())));
    }
}
