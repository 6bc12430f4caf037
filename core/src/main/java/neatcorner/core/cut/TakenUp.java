package neatcorner.core.cut;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import neatcorner.core.job.PieceId;
import neatcorner.core.recall.Known;
import neatcorner.core.work.Deed;

/**
 * Sticks as they were taken up at the bench: what is laid on them stays where it can.
 *
 * @param sticks of one section
 * @param parts  the name of the part by the name its pieces carry
 */
record TakenUp(List<Deed.Laid> sticks, Map<String, String> parts) {
    /** Of all sticks that were taken up those for some of these pieces: several sections may go by one name. */
    static TakenUp of(List<Deed.Laid> all, List<Piece> pieces, Map<String, String> parts) {
        TakenUp every = new TakenUp(all, parts);
        Set<Which> these = all.isEmpty()
                ? Set.of()
                : pieces.stream().map(every::which).collect(Collectors.toSet());
        return new TakenUp(
                all.stream()
                        .filter(stick -> stick.spots().stream().map(Which::of).anyMatch(these::contains))
                        .toList(),
                parts);
    }

    /** A piece as it is told from all others of its job. */
    record Which(String part, PieceId piece) {
        static Which of(Deed.Spot spot) {
            return new Which(spot.part(), spot.piece());
        }
    }

    Which which(Piece piece) {
        return new Which(Known.in(parts, piece.job()), piece.id());
    }

    /** A stick as it is written down. */
    static Deed.Laid laid(StickLayout stick, Map<String, String> parts) {
        return new Deed.Laid(
                stick.section().name(),
                stick.id(),
                stick.placed().stream()
                        .map(placed -> new Deed.Spot(
                                Known.in(parts, placed.piece().job()),
                                placed.piece().id(),
                                placed.start(),
                                placed.end(),
                                placed.lie().isSwapped(),
                                placed.lie().isMirrored()))
                        .toList());
    }

    /** Whether a stick carries nothing but what was laid on it when it was taken up. */
    static boolean isAs(Deed.Laid stick, List<Deed.Laid> taken) {
        return isAs(stick, taken, Which::of);
    }

    /** The same, and all as long as it was then. */
    static boolean isAsLong(Deed.Laid stick, List<Deed.Laid> taken) {
        return isAs(stick, taken, spot -> List.of(Which.of(spot), spot.length()));
    }

    private static boolean isAs(Deed.Laid stick, List<Deed.Laid> taken, Function<Deed.Spot, Object> told) {
        List<Object> pieces = stick.spots().stream().map(told).toList();
        return taken.stream()
                .filter(one -> one.stick().equals(stick.stick()))
                .anyMatch(one -> one.spots().stream().map(told).toList().containsAll(pieces));
    }
}
