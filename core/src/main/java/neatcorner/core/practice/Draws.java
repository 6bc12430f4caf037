package neatcorner.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.stream.Stream;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Shop;

/** What exercises are drawn from. */
final class Draws {
    private Draws() {
    }

    /** From one up to but without another, in steps. */
    static double between(RandomGenerator random, double from, double to, double step) {
        return from + step * random.nextInt((int) Math.round((to - from) / step));
    }

    /** In eighths of an inch. */
    static Length eighths(RandomGenerator random, int from, int to) {
        return Length.inches(0, random.nextInt(from, to), 8);
    }

    /** One of several. */
    static <T> T one(RandomGenerator random, List<T> from) {
        return from.get(random.nextInt(from.size()));
    }

    /** In another order. */
    static <T> List<T> shuffled(RandomGenerator random, List<T> all) {
        List<T> left = new ArrayList<>(all);
        List<T> shuffled = new ArrayList<>();
        while (!left.isEmpty()) {
            shuffled.add(left.remove(random.nextInt(left.size())));
        }
        return shuffled;
    }

    /** A plain frame of a moulding of the shop that has a rabbet. */
    static Job frame(RandomGenerator random, Shop shop) {
        List<Section> sections = Stream.concat(
                        shop.mouldings().stream(), Shop.starting().mouldings().stream())
                .map(Moulding::section)
                .filter(section -> section.recess() instanceof Recess.Rabbet)
                .toList();
        return Job.starting("practice", eighths(random, 48, 200), eighths(random, 48, 200), one(random, sections));
    }
}
