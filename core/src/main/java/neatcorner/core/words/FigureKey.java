package neatcorner.core.words;

import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.measure.Money;
import neatcorner.core.measure.Quantity;
import neatcorner.core.measure.Share;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Words;

/**
 * Which number it is: a value with parts, compared as such and printed only at the edge. Most are plain;
 * what others need to know the parts of (a size at a line, a length of a piece, a habit, a measurement) is a
 * type of its own where that subject is.
 *
 * @param <Q> what kind of number stands under it
 */
public interface FigureKey<Q extends Quantity> extends Named {
    /** Its name for machines, unique in a plan, such as {@code sight.width}; printed and never taken apart. */
    String id();

    /** Where it belongs. */
    Station station();

    /** What kind of number stands under it. */
    Class<Q> kind();

    /** Its name for people, unless a figure says a better one. */
    @Override
    default Words words() {
        return Words.of("figure." + id());
    }

    /** A key of a length. */
    interface OfLength extends FigureKey<Length> {
        @Override
        default Class<Length> kind() {
            return Length.class;
        }
    }

    /**
     * A key with no parts that matter to others.
     *
     * @param station where it belongs
     * @param id      its name for machines
     * @param kind    what kind of number
     */
    record Plain<Q extends Quantity>(Station station, String id, Class<Q> kind) implements FigureKey<Q> {
    }

    /** A plain key of any kind. */
    static <Q extends Quantity> FigureKey<Q> of(Station station, String id, Class<Q> kind) {
        return new Plain<>(station, id, kind);
    }

    /** A plain key of a length. */
    static FigureKey<Length> length(Station station, String id) {
        return of(station, id, Length.class);
    }

    /** A plain key of an angle. */
    static FigureKey<Angle> angle(Station station, String id) {
        return of(station, id, Angle.class);
    }

    /** A plain key of a whole number. */
    static FigureKey<Count> count(Station station, String id) {
        return of(station, id, Count.class);
    }

    /** A plain key of a weight. */
    static FigureKey<Mass> mass(Station station, String id) {
        return of(station, id, Mass.class);
    }

    /** A plain key of a pull or a load. */
    static FigureKey<Force> force(Station station, String id) {
        return of(station, id, Force.class);
    }

    /** A plain key of an amount of money. */
    static FigureKey<Money> money(Station station, String id) {
        return of(station, id, Money.class);
    }

    /** A plain key of a share. */
    static FigureKey<Share> share(Station station, String id) {
        return of(station, id, Share.class);
    }
}
