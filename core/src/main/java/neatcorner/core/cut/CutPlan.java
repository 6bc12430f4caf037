package neatcorner.core.cut;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.words.Figure;

/**
 * Every piece on its stick.
 *
 * @param lots     the pieces by section with their sticks
 * @param complete whether every piece has a stick
 * @param waste    all that is neither piece nor remnant worth keeping: kerfs, trims and short ends
 * @param share    the same as a share of all stock used
 * @param sheeted  what is sawn from sheets for one frame
 * @param biggest  the largest opening of the same shape that one stick would give, on each axis
 */
public record CutPlan(List<Lot> lots, boolean complete, Optional<Figure<Length>> waste,
                      Optional<Figure<Share>> share, List<SheetPiece> sheeted, Optional<Biggest> biggest) {
    /**
     * The largest frame of the same shape and section from one stick.
     *
     * @param stick  its length
     * @param width  of the sight opening
     * @param height of the sight opening
     */
    public record Biggest(Length stick, Figure<Length> width, Figure<Length> height) {
    }

    /** The sticks in the order they are cut; empty when some piece fits on no stick. */
    public List<StickLayout> sticks() {
        return complete ? sticks(lots) : List.of();
    }

    /** The sides for which no stick or sheet was long enough, each of several parts. */
    public List<Member> joined() {
        return Stream.concat(
                        sticks().stream()
                                .flatMap(stick -> stick.placed().stream())
                                .map(StickLayout.Placed::piece),
                        sheeted.stream().filter(SheetPiece::isWhole).map(SheetPiece::piece))
                .filter(piece -> piece.part().isPresent())
                .map(Piece::member)
                .distinct()
                .sorted(Comparator.comparing(member -> member.side().letters()))
                .toList();
    }

    /** The sticks of several lots. */
    public static List<StickLayout> sticks(List<Lot> lots) {
        return lots.stream().flatMap(lot -> lot.sticks().stream()).toList();
    }

    /** How many sticks of each length are to be bought, by length. */
    public Map<Length, Integer> toBuy() {
        Map<Length, Integer> toBuy = new TreeMap<>();
        sticks().stream().filter(StickLayout::bought).forEach(stick -> toBuy.merge(stick.length(), 1, Integer::sum));
        return toBuy;
    }

    /** Every problem a better answer would serve, those without the wishes included. */
    public static Stream<StickProblem> problems(List<Lot> lots) {
        return lots.stream()
                .flatMap(lot -> Stream.concat(lot.problem().stream(), lot.free().map(Lot.Free::problem).stream()));
    }

    /** How good the answers are. */
    public Proof proof() {
        return Proof.of(lots);
    }
}
