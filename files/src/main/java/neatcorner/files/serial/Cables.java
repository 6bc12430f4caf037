package neatcorner.files.serial;

import java.util.List;
import java.util.function.Consumer;

/** What instruments can be plugged into. */
public interface Cables {
    /** The machine's own serial ports. */
    Cables SERIAL = new SerialCables();

    /** The names of what is there now. May take a moment: not for the interface thread. */
    List<String> names();

    /**
     * Listens to one. May take a moment, too.
     *
     * @param heard gets what comes down it, on a thread of its own
     * @param lost  runs when it is not there any more, on such a thread; not when it is closed
     * @throws CableException when it is not there, or cannot be opened
     */
    Cable open(String name, Consumer<String> heard, Runnable lost);

    /** One that is listened to. */
    interface Cable extends AutoCloseable {
        /** Listens no longer. */
        @Override
        void close();
    }

    /** One that cannot be listened to: it is not there, or something else listens to it. */
    final class CableException extends RuntimeException {
        /** For this reason, which is no maker's. */
        public CableException(String why) {
            super(why);
        }
    }
}
