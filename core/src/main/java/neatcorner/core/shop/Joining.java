package neatcorner.core.shop;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/**
 * How a shop joins corners.
 *
 * @param school  what may be seen of it
 * @param missing tools that are not at hand
 * @param drawers the sizes of screws and the like that are
 */
public record Joining(School school, Set<JoiningTool> missing, Drawers drawers) {
    /** Anything may show, and every tool is there. */
    public static final Joining ANY = new Joining(School.MAY_SHOW, Set.of(), Drawers.FULL);

    public Joining {
        EnumSet<JoiningTool> sorted = EnumSet.noneOf(JoiningTool.class);
        sorted.addAll(missing);
        missing = Collections.unmodifiableSet(sorted);
    }

    /** Of another school. */
    public Joining with(School other) {
        return new Joining(other, missing, drawers);
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
        return new Joining(school, changed, drawers);
    }

    /** With other sizes at hand. */
    public Joining with(Drawers other) {
        return new Joining(school, missing, other);
    }
}
