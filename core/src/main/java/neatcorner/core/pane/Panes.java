package neatcorner.core.pane;

import java.util.List;
import java.util.Optional;

/**
 * Everything of the package that is cut to size.
 *
 * @param sheets      front to back
 * @param matOpenings of the mats, front to back; empty without one
 */
public record Panes(List<Pane> sheets, List<Pane> matOpenings) {
    public Panes {
        sheets = List.copyOf(sheets);
        matOpenings = List.copyOf(matOpenings);
    }

    /** The opening of the mat that lies on the picture; empty without one. */
    public Optional<Pane> matOpening() {
        return matOpenings.isEmpty() ? Optional.empty() : Optional.of(matOpenings.getLast());
    }
}
