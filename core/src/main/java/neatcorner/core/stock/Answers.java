package neatcorner.core.stock;

import java.util.Optional;

/** Answers found before, so that a plan can be made again with better ones than the quick. */
public interface Answers {
    /** None yet. */
    Answers NONE = _ -> Optional.empty();

    /** The best answer known. */
    Optional<StickAnswer> to(StickProblem problem);
}
