package neatcorner.core.job;

import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Words;

/**
 * A way to join a corner, by its name. What each can do stands in its own class, and which there are in
 * {@link neatcorner.core.joint.Joints}.
 *
 * @param id its name for machines, such as {@code splined}; its phrase is {@code jointkind.ID}
 */
public record JointKind(String id) implements Named {
    /** Sized and glued, nothing else. */
    public static final JointKind GLUED = new JointKind("glued");
    /** Glued, nothing else, the end grain dry. */
    public static final JointKind PLAIN_GLUED = new JointKind("plain_glued");
    /** Glued, with pins driven crosswise through the outside edges. */
    public static final JointKind PINNED = new JointKind("pinned");
    /** Glued, with pins through one of the outside edges only. */
    public static final JointKind SIDE_PINNED = new JointKind("side_pinned");
    /** Glued, with staples across the joints on the back. */
    public static final JointKind STAPLED = new JointKind("stapled");
    /** Glued, with finish nails driven crosswise through the outside edges. */
    public static final JointKind NAILED = new JointKind("nailed");
    /** Glued, with screws driven crosswise through the outside edges. */
    public static final JointKind SCREWED = new JointKind("screwed");
    /** Glued, with V-shaped fasteners driven from the back. */
    public static final JointKind V_FASTENED = new JointKind("v_fastened");
    /** Glued, with splines (keys) let in across the corner. */
    public static final JointKind SPLINED = new JointKind("splined");
    /** The same in slots that a slot cutter cuts. */
    public static final JointKind CUTTER_SPLINED = new JointKind("cutter_splined");
    /** The same between pins that hold the corner while it sets. */
    public static final JointKind PINNED_SPLINED = new JointKind("pinned_splined");
    /** Glued, with dovetailed keys across the corner. */
    public static final JointKind DOVETAIL_SPLINED = new JointKind("dovetail_splined");
    /** Glued, with a dowel hidden across every corner. */
    public static final JointKind DOWELLED = new JointKind("dowelled");
    /** Glued, with a loose tenon hidden across every corner. */
    public static final JointKind FLOATING_TENON = new JointKind("floating_tenon");
    /** Glued, with a pressed lens hidden across every corner. */
    public static final JointKind BISCUIT = new JointKind("biscuit");
    /** Glued, with a strip hidden across every corner in slots that stop. */
    public static final JointKind STOPPED_SPLINE = new JointKind("stopped_spline");
    /** Ends glued against edges, and nothing else. */
    public static final JointKind BUTT_GLUED = new JointKind("butt_glued");
    /** Crossed over their whole width and glued, flat side to flat side. */
    public static final JointKind LAP_GLUED = new JointKind("lap_glued");
    /** The same, with brads from behind that hold it while it sets. */
    public static final JointKind LAP_BRADDED = new JointKind("lap_bradded");
    /** The same, with nails from the face. */
    public static final JointKind LAP_NAILED = new JointKind("lap_nailed");
    /** The same, with pegs through the crossing. */
    public static final JointKind PEGGED = new JointKind("pegged");
    /** Standing in a housing and glued. */
    public static final JointKind HOUSED_GLUED = new JointKind("housed_glued");
    /** The same, with nails through the side. */
    public static final JointKind HOUSED_NAILED = new JointKind("housed_nailed");
    /** Butted, with plates across the back. */
    public static final JointKind PLATED = new JointKind("plated");
    /** Glued, with triangles of plywood on the back. */
    public static final JointKind GUSSETED = new JointKind("gusseted");
    /** Glued, with blocks in the inner angles. */
    public static final JointKind BLOCKED = new JointKind("blocked");
    /** Butted, with screws driven aslant from pockets in the back. */
    public static final JointKind POCKET_SCREWED = new JointKind("pocket_screwed");
    /** Crossed over their whole width and screwed from behind, to be taken apart. */
    public static final JointKind LAP_SCREWED = new JointKind("lap_screwed");
    /** The corner pieces of a metal profile. */
    public static final JointKind PROFILE_CORNER = new JointKind("profile_corner");
    /** No joint at all: the frame is routed from one board. */
    public static final JointKind SOLID = new JointKind("solid");

    @Override
    public Words words() {
        return Words.of("jointkind." + id);
    }
}
