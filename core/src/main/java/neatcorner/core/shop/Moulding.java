package neatcorner.core.shop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Price;
import neatcorner.core.section.Section;

/**
 * A section the shop keeps or can buy.
 *
 * @param section what it is
 * @param sold    lengths that can be bought, at least one, each once; kept shortest first
 * @param onHand  sticks on the rack; may be empty
 */
public record Moulding(Section section, List<Sale> sold, List<Sticks> onHand) {
    /** What is sold where nothing else is known: 8 ft. Common practice. */
    public static final List<Sale> USUALLY_SOLD = List.of(Sale.of(Length.inches(96)));

    public Moulding {
        if (sold.isEmpty()) {
            throw Refusal.of("moulding.moulding_is_sold_in", section.name());
        }
        Map<Length, Sale> byLength = new LinkedHashMap<>();
        sold.forEach(sale -> byLength.merge(
                sale.length(), sale, (one, other) -> other.price().isPresent() ? other : one));
        sold = byLength.values().stream().sorted(Comparator.comparing(Sale::length)).toList();
        onHand = onHand.stream().sorted(Comparator.comparing(Sticks::length)).toList();
    }

    /** Whether it comes to the saw ready made: sticks of it lie on the rack, or the shop knows what they cost. */
    public boolean isKept() {
        return !onHand.isEmpty() || sold.stream().anyMatch(sale -> sale.price().isPresent());
    }

    /** Whether every length on sale has a price; else the least length is bought, not the least cost. */
    public boolean isPriced() {
        return sold.stream().allMatch(sale -> sale.price().isPresent());
    }

    /**
     * What a length on sale costs in the smallest coin, or how many millimetres it is long where not all have a price.
     */
    public long cost(Sale sale) {
        return isPriced()
                ? sale.price().orElseThrow().of(sale.length(), section.width(), section.thickness())
                : Math.round(sale.length().toMm());
    }

    /** With other sticks on the rack. */
    public Moulding withOnHand(List<Sticks> other) {
        return new Moulding(section, sold, other);
    }

    /** With so many more or fewer sticks of a length on the rack; never under none. */
    public Moulding withSticks(Length length, int more) {
        int there = onHand.stream().filter(s -> s.length().equals(length)).mapToInt(Sticks::count).sum();
        List<Sticks> changed = new ArrayList<>(onHand.stream().filter(s -> !s.length().equals(length)).toList());
        if (there + more > 0) {
            changed.add(new Sticks(length, there + more));
        }
        return withOnHand(changed);
    }

    /** With other lengths on sale. */
    public Moulding withSold(List<Sale> other) {
        return new Moulding(section, other, onHand);
    }

    /** With a length on sale at a price, or at none any more. */
    public Moulding withSale(Length length, Optional<Price> price) {
        List<Sale> changed = new ArrayList<>(sold.stream().filter(s -> !s.length().equals(length)).toList());
        changed.add(new Sale(length, price));
        return withSold(changed);
    }
}
