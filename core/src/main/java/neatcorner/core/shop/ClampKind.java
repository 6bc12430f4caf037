package neatcorner.core.shop;

/** Ways a shop has to close a frame. */
public enum ClampKind {
    /** A band or strap around all four corners. */
    BAND,
    /** A crossed-arm jig with pegged stops. */
    CROSSED_ARMS,
    /** A vice that holds one corner. */
    CORNER_VICE,
    /** A bar that pulls two opposite sides together. */
    BAR
}
