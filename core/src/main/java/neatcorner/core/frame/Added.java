package neatcorner.core.frame;

import java.util.List;
import java.util.stream.Stream;

/**
 * The pieces of a frame beside its members.
 *
 * @param bars     glazing bars; may be empty
 * @param cross    bars across a frame of plain bars
 * @param slats    between the upright sides of a leaf, from the top
 * @param panel    in the grooves of a leaf: one or none
 * @param trim     strips bent over a curved top, from the inside outwards
 */
public record Added(
        List<Member> bars, List<Member> cross, List<Member> slats, List<Member> panel,
        List<Member> trim) {
    public Added {
        bars = List.copyOf(bars);
        cross = List.copyOf(cross);
        slats = List.copyOf(slats);
        panel = List.copyOf(panel);
        trim = List.copyOf(trim);
    }

    /** All but the glazing bars. */
    Stream<Member> otherThanBars() {
        return Stream.of(cross, slats, panel, trim).flatMap(List::stream);
    }
}
