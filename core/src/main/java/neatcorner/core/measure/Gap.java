package neatcorner.core.measure;

/**
 * A width that no tape shows: a gap in a joint, a sheet of paper. It is written in thousandths of an inch or hundredths
 * of a millimetre, as feeler gauges are.
 *
 * @param width over 0, or below where two things would run into one another
 */
public record Gap(Length width) implements Quantity {
    /** In millimetres, to the nearest nanometre. */
    public static Gap mm(double mm) {
        return new Gap(Length.mm(mm));
    }
}
