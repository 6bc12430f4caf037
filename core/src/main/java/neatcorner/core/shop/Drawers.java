package neatcorner.core.shop;

import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Ware;

/**
 * Which sizes of screws, pins and the like are at hand.
 *
 * @param lacking of what is usually sold, what is not
 */
public record Drawers(Map<Ware, SortedSet<Length>> lacking) {
    /** Everything is there. */
    public static final Drawers FULL = new Drawers(Map.of());
    /** A bit bores a hole that is so much off what is asked for, in mm. Common practice, no source. */
    private static final double NEAR = 0.4;

    /**
     * Checks every size.
     *
     * @throws Refusal for one that is not usually sold
     */
    public Drawers {
        EnumMap<Ware, SortedSet<Length>> sorted = new EnumMap<>(Ware.class);
        lacking.forEach((ware, sizes) -> {
            sizes.stream().filter(size -> !ware.sizes().contains(size)).findFirst().ifPresent(size -> {
                throw Refusal.of("drawers.has_no_size", ware, size);
            });
            if (!sizes.isEmpty()) {
                sorted.put(ware, Collections.unmodifiableSortedSet(new TreeSet<>(sizes)));
            }
        });
        lacking = Collections.unmodifiableMap(sorted);
    }

    /** Whether this size is there. */
    public boolean has(Ware ware, Length size) {
        return !lacking.getOrDefault(ware, Collections.emptySortedSet()).contains(size);
    }

    /** The sizes that are there, from the smallest. */
    public List<Length> sizes(Ware ware) {
        return ware.sizes().stream().filter(size -> has(ware, size)).toList();
    }

    /** The longest or thickest that is there and not over this; empty where the smallest is. */
    public Optional<Length> longest(Ware ware, Length most) {
        return sizes(ware).stream().filter(size -> !size.isOver(most)).max(Comparator.naturalOrder());
    }

    /** With a size at hand or not. */
    public Drawers with(Ware ware, Length size, boolean atHand) {
        Map<Ware, SortedSet<Length>> changed = new EnumMap<>(Ware.class);
        changed.putAll(lacking);
        SortedSet<Length> sizes = new TreeSet<>(lacking.getOrDefault(ware, Collections.emptySortedSet()));
        if (atHand) {
            sizes.remove(size);
        } else {
            sizes.add(size);
        }
        changed.put(ware, sizes);
        return new Drawers(changed);
    }

    /** The bit for a screw's thread in such wood. */
    public Words bit(Screw screw, Species.Hardness hardness) {
        return bit(screw.pilot(hardness));
    }

    /** A screw's number and the bit for its thread. */
    public Words said(Screw screw, Species.Hardness hardness) {
        return Words.of("screw.said", screw.gauge(), bit(screw, hardness));
    }

    /** The nearest bits that are there, by the inch and by the millimetre; what to buy where none is near. */
    public Words bit(Length hole) {
        List<Words> there = marked(hole);
        return there.isEmpty() ? Words.of("screw.bit_to_buy", said(FULL.marked(hole))) : said(there);
    }

    private List<Words> marked(Length hole) {
        return Stream.of(Ware.INCH_BIT, Ware.MM_BIT)
                .flatMap(ware -> nearest(ware, hole).map(ware::marked).stream())
                .toList();
    }

    private static Words said(List<Words> bits) {
        return bits.size() > 1
                ? Words.of("screw.bit", bits.getFirst(), bits.getLast())
                : Words.of("screw.bit_only", bits.getFirst());
    }

    private Optional<Length> nearest(Ware ware, Length hole) {
        return sizes(ware).stream()
                .min(Comparator.comparing(size -> size.minus(hole).abs()))
                .filter(size -> size.minus(hole).abs().toMm() <= NEAR);
    }
}
