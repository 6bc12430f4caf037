package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.measure.Length;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** The borders of a mat. */
public enum BorderKey implements FigureKey.OfLength {
    /** Above the picture. */
    TOP,
    /** Left and right of it. */
    SIDES,
    /** Below it. */
    BOTTOM;

    @Override
    public String id() {
        return "border." + name().toLowerCase(Locale.ROOT);
    }

    @Override
    public Station station() {
        return Station.BRIEF;
    }

    /** This border of some. */
    public Length of(Borders borders) {
        return switch (this) {
            case TOP -> borders.top();
            case SIDES -> borders.sides();
            case BOTTOM -> borders.bottom();
        };
    }

    /** The borders with this one changed. */
    public Borders in(Borders borders, Length length) {
        return switch (this) {
            case TOP -> new Borders(length, borders.sides(), borders.bottom());
            case SIDES -> new Borders(borders.top(), length, borders.bottom());
            case BOTTOM -> new Borders(borders.top(), borders.sides(), length);
        };
    }
}
