package neatcorner.files.outline;

import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/** A drawing that holds no outline to use. It says the place and what is wrong there. */
public class DrawingException extends Refusal {
    DrawingException(String place, Words rule) {
        super(Words.of("refused.place", place, rule));
    }
}
