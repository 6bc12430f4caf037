package neatcorner.core.job;

import java.util.Comparator;
import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Section;

/**
 * A section the shop keeps or can buy.
 *
 * @param section what it is
 * @param sold    lengths that can be bought, at least one; kept shortest first
 * @param onHand  sticks on the rack; may be empty
 */
public record Moulding(Section section, List<Length> sold, List<Sticks> onHand) {
    /** What is sold where nothing else is known: 8 ft. Common practice. */
    public static final List<Length> USUALLY_SOLD = List.of(Length.inches(96));

    public Moulding {
        if (sold.isEmpty()) {
            throw new IllegalArgumentException("moulding " + section.name() + " is sold in no length; give at least one");
        }
        sold = sold.stream().sorted().distinct().map(length -> new Sticks(length, 1).length()).toList();
        onHand = onHand.stream().sorted(Comparator.comparing(Sticks::length)).toList();
    }

    /** With other sticks on the rack. */
    public Moulding withOnHand(List<Sticks> other) {
        return new Moulding(section, sold, other);
    }

    /** With other lengths on sale. */
    public Moulding withSold(List<Length> other) {
        return new Moulding(section, other, onHand);
    }
}
