package neatcorner.core.shop;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * How a shop joins corners.
 *
 * @param school  what may be seen of it
 * @param missing tools that are not at hand
 */
public record Joining(School school, Set<JoiningTool> missing) {
    /** Anything may show, and every tool is there. */
    public static final Joining ANY = new Joining(School.MAY_SHOW, Set.of());

    public Joining {
        EnumSet<JoiningTool> sorted = EnumSet.noneOf(JoiningTool.class);
        sorted.addAll(missing);
        missing = Collections.unmodifiableSet(sorted);
    }

    /** Of another school. */
    public Joining with(School other) {
        return new Joining(other, missing);
    }

    /** With a tool at hand or not. */
    public Joining with(JoiningTool tool, boolean atHand) {
        EnumSet<JoiningTool> changed = EnumSet.noneOf(JoiningTool.class);
        changed.addAll(missing);
        if (atHand) {
            changed.remove(tool);
        } else {
            changed.add(tool);
        }
        return new Joining(school, changed);
    }
}
