package neatcorner.core.job;

import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** The length that is given of a print on the stick. */
public enum PrintKey implements FigureKey.OfLength {
    /** From one to the next. */
    REPEAT;

    @Override
    public String id() {
        return "print.repeat";
    }

    @Override
    public Station station() {
        return Station.CUTS;
    }
}
