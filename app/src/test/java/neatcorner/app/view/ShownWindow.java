package neatcorner.app.view;

import java.nio.file.Path;
import java.time.Clock;
import neatcorner.files.store.ShopStore;

/** Opens the real window, says when it is shown, and ends. */
final class ShownWindow {
    private ShownWindow() {
    }

    public static void main(String[] args) {
        Window.open(Path.of(args[0]), path -> ShopStore.open(path, Clock.systemUTC()), () -> {
            System.out.println("shown");
            System.exit(0);
        });
    }
}
