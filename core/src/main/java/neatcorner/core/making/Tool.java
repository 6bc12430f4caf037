package neatcorner.core.making;

/** What a cut is made with. */
public enum Tool {
    /** A rip blade. */
    TABLE_SAW,
    /** A stack of blades as wide as the cut, or several passes of one. */
    DADO,
    /** A bit in a table, the stick along a fence. */
    ROUTER_TABLE,
    /** A planer for thickness, a jointer for flat. */
    PLANER,
    /** A plane in the hand, down to gauged lines. */
    HAND_PLANE,
    /** Glue and clamps. */
    GLUE,
    /** A bearing-guided bit in the hand, on the glued frame. */
    HAND_ROUTER
}
