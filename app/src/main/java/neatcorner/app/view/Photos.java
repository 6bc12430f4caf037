package neatcorner.app.view;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
    /** Dots of the longer side; no view shows more. */
    private static final double LARGEST = 1200;
    private static final Photos LATELY = new Photos();
    private final Map<String, Image> ready = new LinkedHashMap<>(16, 0.75f, true);
    private final Map<String, List<Runnable>> waiting = new HashMap<>();
    private boolean begun;

    private Photos() {
    }

    /** The picture where it is ready; else {@code there} runs once it is, or never when the shop does not have it. */
    static Optional<Image> of(Desk desk, String name, Runnable there) {
        return LATELY.find(desk, name, there);
    }

    /** The first frames of a window do without pictures; from now on they are read. */
    static void begin(Desk desk) {
        LATELY.begun = true;
        List.copyOf(LATELY.waiting.keySet()).forEach(name -> desk.picture(name, LATELY::decode));
    }

    private Optional<Image> find(Desk desk, String name, Runnable there) {
        Image image = ready.get(name);
        if (image == null) {
            boolean first = !waiting.containsKey(name);
            waiting.computeIfAbsent(name, _ -> new ArrayList<>()).add(there);
            if (first && begun) {
                desk.picture(name, this::decode);
            }
        }
        return Optional.ofNullable(image);
    }

    private void decode(CustomerPicture picture) {
        Thread.ofVirtual().start(() -> {
            Image image = new Image(new ByteArrayInputStream(picture.bytes()), LARGEST, LARGEST, true, true);
            Platform.runLater(() -> keep(picture.name(), image));
        });
    }

    private void keep(String name, Image image) {
        if (!image.isError()) {
            ready.put(name, image);
            if (ready.size() > KEPT) {
                ready.remove(ready.keySet().iterator().next());
            }
        }
        Optional.ofNullable(waiting.remove(name)).ifPresent(those -> those.forEach(Runnable::run));
    }
}
