package neatcorner.core.joint;

import java.util.List;
import neatcorner.core.job.JointKind;
import neatcorner.core.phrase.Words;

/**
 * The corners decided.
 *
 * @param options     every way, weakest first
 * @param recommended the weakest that is enough and fits
 * @param chosen      the maker's own choice, else the recommended one
 * @param demands     what asks for more than glue; empty for a small light frame
 */
public record JointPlan(List<JointOption> options, JointKind recommended, JointKind chosen, List<Words> demands) {
    /** The option for a kind. */
    public JointOption option(JointKind kind) {
        return options.stream().filter(option -> option.kind().equals(kind)).findFirst().orElseThrow();
    }

    /** The option that is used. */
    public JointOption used() {
        return option(chosen);
    }
}
