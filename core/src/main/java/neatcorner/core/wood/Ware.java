package neatcorner.core.wood;

import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/** What is bought by its size to hold wood together, and the bits that bore for it. Sizes are from memory. */
public enum Ware {
    /** Wood screws, by their length. */
    SCREW(inches(0.25, 0.375, 0.5, 0.625, 0.75, 1, 1.25, 1.5, 2, 2.5, 3)),
    /** Headless pins and thin brads, by their length. */
    PIN(inches(0.5, 0.625, 0.75, 1, 1.25, 1.5, 2)),
    /** Finish nails, by their length. */
    NAIL(inches(0.75, 1, 1.25, 1.5, 2, 2.5, 3)),
    /** Staples, by the length of their legs. */
    STAPLE(mm(6, 8, 10, 12, 14)),
    /** V-shaped fasteners, by their height. */
    V_FASTENER(mm(5, 7, 10, 12, 15)),
    /** Screws for pockets, by their length. */
    POCKET_SCREW(inches(1, 1.25, 1.5, 2, 2.5)),
    /** Flat corner plates, by their legs. */
    PLATE(inches(1.5, 2, 2.5, 3, 4, 5, 6)),
    /** Rods for pegs, by their thickness. */
    PEG(inches(0.125, 0.1875, 0.25, 0.3125, 0.375)),
    /** Bits sold by the inch. */
    INCH_BIT(IntStream.rangeClosed(2, 16).mapToObj(n -> Length.inches(0, n, 64))),
    /** Bits sold by the millimetre. */
    MM_BIT(IntStream.rangeClosed(2, 13).mapToObj(n -> Length.mm(n / 2.0)));

    /** Bits are sold by the sixty-fourth of an inch. */
    private static final long INCH_BITS = 64;

    private final List<Length> sizes;

    Ware(Stream<Length> sizes) {
        this.sizes = sizes.toList();
    }

    private static Stream<Length> inches(double... sizes) {
        return DoubleStream.of(sizes).mapToObj(size -> Length.mm(size * Length.inches(1).toMm()));
    }

    private static Stream<Length> mm(double... sizes) {
        return DoubleStream.of(sizes).mapToObj(Length::mm);
    }

    /** Those that are usually sold, from the smallest. */
    public List<Length> sizes() {
        return sizes;
    }

    /** A size as it is marked on what is sold, whatever the maker measures in; else as the maker does. */
    public Words marked(Length size) {
        return switch (this) {
            case INCH_BIT -> {
                long parts = Math.round(size.toInches() * INCH_BITS);
                long common = Math.min(Long.lowestOneBit(parts), INCH_BITS);
                yield Words.of("ware.inch", parts / common, INCH_BITS / common);
            }
            case MM_BIT, STAPLE, V_FASTENER -> {
                long halves = Math.round(size.toMm() * 2);
                yield Words.of("ware.mm", Words.plain(halves / 2 + (halves % 2 == 0 ? "" : ".5")));
            }
            default -> Words.of("list.one", size);
        };
    }
}
