package neatcorner.app.cli;

import java.util.Locale;
import java.util.Map;

/** Whether there is anything to show a window on; without it the toolkit draws offscreen. */
final class Display {
    private Display() {
    }

    static boolean isThere(String system, Map<String, String> environment) {
        return !system.toLowerCase(Locale.ROOT).contains("linux")
                || isSet(environment, "DISPLAY")
                || isSet(environment, "WAYLAND_DISPLAY");
    }

    private static boolean isSet(Map<String, String> environment, String name) {
        return !environment.getOrDefault(name, "").isBlank();
    }

    /** The toolkit draws into memory from now on. Must come before it starts. */
    static void offscreen() {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        System.setProperty("java.awt.headless", "true");
    }
}
