package neatcorner.app.desk;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Where a maker's own shop is kept, by each platform's convention. */
public final class Places {
    private Places() {
    }

    /**
     * The shop file when none is named.
     *
     * @param system     the name of the operating system, as Java gives it
     * @param home       the user's own folder
     * @param environment variables of the process
     */
    public static Path shop(String system, Path home, Map<String, String> environment) {
        String name = system.toLowerCase(Locale.ROOT);
        Path folder;
        if (name.startsWith("win")) {
            folder = Optional.ofNullable(environment.get("APPDATA")).map(Path::of)
                    .orElse(home.resolve("AppData").resolve("Roaming")).resolve("Neat Corner");
        } else if (name.contains("mac")) {
            folder = home.resolve("Library").resolve("Application Support").resolve("Neat Corner");
        } else {
            folder = Optional.ofNullable(environment.get("XDG_DATA_HOME")).filter(s -> !s.isBlank()).map(Path::of)
                    .orElse(home.resolve(".local").resolve("share")).resolve("neat-corner");
        }
        return folder.resolve("shop.neatcorner");
    }
}
