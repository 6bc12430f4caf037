package neatcorner.core.shop;

/** What a shop lets be seen of what holds its corners. */
public enum School {
    /** Pins, keys and plugs may show on edge and face. */
    MAY_SHOW,
    /** Nothing may show on edge or face; what lies on the back may. */
    NOTHING_SHOWS
}
