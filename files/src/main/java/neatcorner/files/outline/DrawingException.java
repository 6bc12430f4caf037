package neatcorner.files.outline;

/** A drawing that holds no outline to use. The message names the place and what is wrong there. */
public class DrawingException extends IllegalArgumentException {
    DrawingException(String place, String rule) {
        super(place + " " + rule);
    }
}
