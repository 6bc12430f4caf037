package neatcorner.core.making;

import java.util.Locale;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * A setting of a step of making: {@code making.2.fence} and the like.
 *
 * @param step the step's number, or what it is called when it comes after the glue-up
 * @param what which setting
 */
public record MakingKey(String step, What what) implements FigureKey.OfLength {
    /** A rabbet that is routed after the glue-up. */
    public static final MakingKey RABBET_LATER = new MakingKey("later", What.HEIGHT);
    /** The step behind it. */
    public static final MakingKey STEP_LATER = new MakingKey("later", What.HEIGHT_BEHIND);

    /** The settings of a step. */
    public enum What {
        /** Of the cutter. */
        HEIGHT,
        /** Of the cutter for what lies behind. */
        HEIGHT_BEHIND,
        /** From the fence to the cutter. */
        FENCE
    }

    @Override
    public String id() {
        return "making." + step + "." + what.name().toLowerCase(Locale.ROOT);
    }

    @Override
    public Station station() {
        return Station.SECTION;
    }
}
