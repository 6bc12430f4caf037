package neatcorner.core.stock;

import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Section;

/**
 * One stick with its pieces, from the left as it lies at the saw.
 *
 * @param section of the stick
 * @param source  where it comes from
 * @param key     what it is locked by
 * @param placed  the pieces
 * @param remnant what is left at the right, between the last piece and the end trim
 */
public record StickLayout(Section section, Source source, String key, List<Placed> placed, Length remnant) {
    /** Its whole length. */
    public Length length() {
        return source.length();
    }

    /** Whether it has to be bought. */
    public boolean bought() {
        return source.from() == Source.From.TO_BUY;
    }

    /**
     * A piece on a stick.
     *
     * @param piece  what it is
     * @param start  of its furthest point from the stick's left end
     * @param lie    how it lies
     * @param locked whether the maker put it there
     */
    public record Placed(Piece piece, Length start, StickProblem.Lie lie, boolean locked) {
        /** Where its furthest point ends. */
        public Length end() {
            return start.plus(piece.length());
        }
    }
}
