package neatcorner.core.cut;

import java.util.Optional;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;

/** Answers found before, so that a plan can be made again with better ones than the quick. */
public interface Answers {
    /** None yet. */
    Answers NONE = new Answers() {
        @Override
        public Optional<StickAnswer> to(StickProblem problem) {
            return Optional.empty();
        }

        @Override
        public Optional<SheetAnswer> to(SheetProblem problem) {
            return Optional.empty();
        }
    };

    /** The best answer known. */
    Optional<StickAnswer> to(StickProblem problem);

    /** The best answer known. */
    Optional<SheetAnswer> to(SheetProblem problem);
}
