package neatcorner.core.mill;

/** Where wood of a board goes that becomes no finished strip and no rest. */
public enum Loss {
    /** Dust of the saws. */
    KERF,
    /** Taken off the near edge until it is straight. */
    JOINTING,
    /** Taken off the faces until strips have their thickness. */
    PLANING,
    /** What blanks are sawn longer and wider than they will be. */
    OVERSIZE,
    /** Ends, defects, and what is too small to be kept. */
    SCRAP
}
