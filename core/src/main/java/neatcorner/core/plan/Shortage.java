package neatcorner.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Shop;

/**
 * What can be done without buying when the rack has too little.
 *
 * @param smaller the same job in the same shape, as large as the rack allows; empty when there is none
 * @param others  sections on the rack of which there is enough, nearest in face first
 */
public record Shortage(Optional<Job> smaller, List<Section> others) {
    private static final int MOST_OTHERS = 4;
    private static final double LEAST_SCALE = 0.2;

    /**
     * Looks for ways; it plans the job many times over, so not on the interface thread.
     *
     * @param stop asked before every plan; once it says yes, what was found so far is returned
     */
    public static Shortage of(Job job, Shop shop, BooleanSupplier stop) {
        List<Section> others = new ArrayList<>();
        for (Moulding moulding : shop.mouldings().stream()
                .sorted((a, b) -> away(a, job).compareTo(away(b, job)))
                .toList()) {
            boolean like = moulding.section().recess().getClass() == job.section().recess().getClass();
            if (!stop.getAsBoolean()
                    && others.size() < MOST_OTHERS
                    && like
                    && !moulding.section().isCutLike(job.section())
                    && isMade(job.withSection(moulding.section()), shop)) {
                others.add(moulding.section());
            }
        }
        return new Shortage(
                job.outline() instanceof Boxed ? smaller(job, shop, stop) : Optional.empty(), List.copyOf(others));
    }

    private static Length away(Moulding moulding, Job job) {
        return moulding.section().face().minus(job.section().face()).abs();
    }

    private static boolean isMade(Job job, Shop shop) {
        try {
            Plan plan = Planner.plan(job, shop);
            return plan.cuts().complete()
                    && plan.cuts().toBuy().isEmpty()
                    && plan.cuts().lots().stream()
                            .flatMap(l -> l.pieces().stream())
                            .allMatch(p -> p.part().isEmpty());
        } catch (Refusal leavesNoFrame) {
            return false;
        }
    }

    /** The scale is halved in on until the longer side changes by under half a millimetre. */
    private static Optional<Job> smaller(Job job, Shop shop, BooleanSupplier stop) {
        Optional<Job> best = Optional.empty();
        double low = LEAST_SCALE;
        double high = 1;
        Length longer = job.given(Axis.WIDTH).orElseThrow().length().max(job.given(Axis.HEIGHT).orElseThrow().length());
        while ((high - low) * longer.toMm() > 0.5 && !stop.getAsBoolean()) {
            double middle = (low + high) / 2;
            try {
                Job scaled = scaled(job, middle);
                if (isMade(scaled, shop)) {
                    best = Optional.of(scaled);
                    low = middle;
                    continue;
                }
            } catch (Refusal tooSmall) {
                // Nothing smaller can be a frame either.
                break;
            }
            high = middle;
        }
        return best;
    }

    private static Job scaled(Job job, double by) {
        Job changed = job;
        for (Axis axis : Axis.values()) {
            Size size = job.given(axis).orElseThrow();
            changed = changed.withGiven(axis, new Size(size.line(), size.length().times(by)));
        }
        return changed;
    }
}
