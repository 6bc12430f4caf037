package neatcorner.core.stock;

import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Section;

/**
 * One stick with its pieces, from the left as it lies at the saw.
 *
 * @param section of the stick
 * @param length  whole
 * @param bought  whether it has to be bought
 * @param placed  the pieces
 * @param remnant what is left at the right, between the last piece and the end trim
 */
public record StickLayout(Section section, Length length, boolean bought, List<Placed> placed, Length remnant) {
    /**
     * A piece on a stick.
     *
     * @param piece what it is
     * @param start of its furthest point from the stick's left end
     */
    public record Placed(Piece piece, Length start) {
        /** Where its furthest point ends. */
        public Length end() {
            return start.plus(piece.member().overall());
        }
    }
}
