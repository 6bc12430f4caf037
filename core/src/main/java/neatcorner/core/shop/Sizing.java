package neatcorner.core.shop;

/** How a shop comes to sizes: two ways of working, of which neither is better. */
public enum Sizing {
    /** All is cut to its numbers, in as few settings as may be. */
    BY_NUMBERS,
    /** What goes on, in or round something is marked and fitted there, once that is made. */
    BY_TRANSFER
}
