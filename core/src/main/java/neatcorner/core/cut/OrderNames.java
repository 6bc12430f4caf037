package neatcorner.core.cut;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/** Gives every order a name of its own: its title, with a number behind it where that is taken. */
public final class OrderNames {
    private final Set<String> taken = new HashSet<>();
    /** Counted on per title: thousands of jobs may be called alike. */
    private final Map<String, Integer> alike = new HashMap<>();

    /** The name of the next order with this title. */
    public String next(String title) {
        String name = title;
        while (!taken.add(name)) {
            name = title + " (" + alike.merge(title, 2, (n, _) -> n + 1) + ")";
        }
        return name;
    }
}
