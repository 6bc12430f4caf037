package neatcorner.core.making;

import java.util.List;
import neatcorner.core.phrase.Words;

/**
 * How the section is made.
 *
 * @param steps    in order
 * @param cautions what to look out for; may be empty
 */
public record MakingPlan(List<MakingStep> steps, List<Words> cautions) {
    public MakingPlan {
        steps = List.copyOf(steps);
        cautions = List.copyOf(cautions);
    }
}
