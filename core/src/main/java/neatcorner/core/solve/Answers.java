package neatcorner.core.solve;

import java.util.Optional;

/** Answers found before, so that a plan can be made again with better ones than the quick. */
public interface Answers {
    /** None yet. */
    Answers NONE = new Answers() {
        @Override
        public <A extends Answer> Optional<A> to(Problem<A> problem) {
            return Optional.empty();
        }
    };

    /** The best answer known. */
    <A extends Answer> Optional<A> to(Problem<A> problem);
}
