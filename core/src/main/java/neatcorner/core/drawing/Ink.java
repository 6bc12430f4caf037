package neatcorner.core.drawing;

/** What a colour is for. A {@link Palette} says what it looks like. */
public enum Ink {
    /** The bench everything lies on. */
    PAPER,
    /** A card on the bench. */
    PANEL,
    /** Text and outlines. */
    INK,
    /** Lesser text. */
    SOFT,
    /** Lines that only separate. */
    HAIRLINE,
    /** What the maker said. */
    GIVEN,
    /** The ground behind it. */
    GIVEN_GROUND,
    /** The saw. */
    SAW,
    /** In order. */
    GOOD,
    /** Look out. */
    CAUTION,
    /** Letters pencilled on wood. */
    PENCIL,
    /** Glass seen edge on. */
    GLASS,
    /** Mirror glass. */
    SILVER,
    /** Mat board. */
    MAT,
    /** The picture's own ground. */
    ART,
    /** Boards behind. */
    BOARD,
    /** Metal: pins, rings, wire. */
    METAL,
    /** A spline of another wood. */
    KEY,
    /** Letters on dark wood. */
    CHALK
}
