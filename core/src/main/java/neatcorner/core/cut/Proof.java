package neatcorner.core.cut;

import java.util.List;
import neatcorner.core.measure.Share;
import neatcorner.core.phrase.Words;

/**
 * How far what several lots cost may be from the best.
 *
 * @param proven whether nothing cheaper is possible in any lot
 * @param gap    the most by which the cost of a lot may be over the best, as a share of its cost
 */
public record Proof(boolean proven, Share gap) {
    /** The proof of several lots. */
    public static Proof of(List<Lot> lots) {
        boolean proven = true;
        double gap = 0;
        for (Lot lot : lots) {
            if (lot.answer().isPresent()) {
                proven &= lot.answer().get().isProven();
                gap = Math.max(gap, lot.answer().get().gap());
            }
        }
        return new Proof(proven, new Share(gap));
    }

    /** "Proven best", or at most how far from it. */
    public Words words() {
        return proven ? Words.of("proof.best") : Words.of("proof.gap", gap);
    }
}
