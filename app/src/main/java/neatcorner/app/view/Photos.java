package neatcorner.app.view;

import java.io.ByteArrayInputStream;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.application.Platform;
import javafx.scene.image.Image;
import neatcorner.app.desk.Desk;
import neatcorner.files.picture.CustomerPicture;

/**
 * Customers' pictures that were looked at lately, by their names, which are made of what they are. Read and made ready
 * beside the window; used on the interface thread alone.
 */
final class Photos {
    private static final int KEPT = 4;
    /** Dots of the longer side: sharp on a screen, and about half the memory of all that the shop keeps of it. */
    private static final double LARGEST = 1200;
    private static final Photos LATELY = new Photos();
    /** Empty for what the shop does not have or what is damaged, so that nobody asks for it again and again. */
    private final Map<String, Optional<Image>> ready = new LinkedHashMap<>(16, 0.75f, true);
    private final Map<String, Set<Runnable>> waiting = new HashMap<>();
    private boolean begun;

    private Photos() {
    }

    /**
     * The picture where it is ready; else {@code there} runs once that is decided. Asked again meanwhile with the same
     * {@code there}, it still runs once.
     */
    static Optional<Image> of(Desk desk, String name, Runnable there) {
        return LATELY.find(desk, name, there);
    }

    /** The first frames of a window do without pictures; from now on they are read. */
    static void begin(Desk desk) {
        LATELY.begun = true;
        List.copyOf(LATELY.waiting.keySet()).forEach(name -> LATELY.read(desk, name));
    }

    /** The shop may have got a picture that it did not have. */
    static void forget(String name) {
        LATELY.ready.remove(name);
    }

    private Optional<Image> find(Desk desk, String name, Runnable there) {
        Optional<Image> known = ready.get(name);
        if (known != null) {
            return known;
        }
        boolean first = !waiting.containsKey(name);
        waiting.computeIfAbsent(name, _ -> new LinkedHashSet<>()).add(there);
        if (first && begun) {
            read(desk, name);
        }
        return Optional.empty();
    }

    private void read(Desk desk, String name) {
        desk.picture(name, found -> found.ifPresentOrElse(this::decode, () -> keep(name, Optional.empty())));
    }

    private void decode(CustomerPicture picture) {
        Thread.ofVirtual().start(() -> {
            Image image = new Image(new ByteArrayInputStream(picture.bytes()), LARGEST, LARGEST, true, true);
            Platform.runLater(() -> keep(picture.name(), Optional.of(image).filter(seen -> !seen.isError())));
        });
    }

    private void keep(String name, Optional<Image> image) {
        ready.put(name, image);
        if (ready.size() > KEPT) {
            ready.remove(ready.keySet().iterator().next());
        }
        Optional.ofNullable(waiting.remove(name)).ifPresent(those -> those.forEach(Runnable::run));
    }
}
