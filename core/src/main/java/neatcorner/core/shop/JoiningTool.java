package neatcorner.core.shop;

/** What corners are joined with, besides what cuts and clamps them. */
public enum JoiningTool {
    /** A hammer, or what drives pins. */
    HAMMER,
    /** What drives staples. */
    STAPLER,
    /** What drives V-shaped fasteners. */
    V_DRIVER,
    /** A drill and a screwdriver. */
    DRILL,
    /** A saw with a cradle for keys. */
    KEY_CRADLE,
    /** A router in a table. */
    ROUTER_TABLE,
    /** What guides the bit for dowels. */
    DOWEL_GUIDE,
    /** What cuts mortises for loose tenons. */
    MORTISER,
    /** What cuts slots for biscuits. */
    BISCUIT_CUTTER,
    /** What guides the bit for pockets. */
    POCKET_GUIDE
}
