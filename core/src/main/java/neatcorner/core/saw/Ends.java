package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.frame.Member;

/**
 * Both cuts of every side of a frame.
 *
 * @param lefts  of the sides, clockwise
 * @param rights of the same
 */
record Ends(List<End> lefts, List<End> rights) {
    /**
     * Of sides that are each off by the error of its number.
     *
     * @throws IllegalArgumentException where the two lists differ in length
     */
    static Ends of(List<Member> sides, List<PieceError> errors) {
        if (sides.size() != errors.size()) {
            throw new IllegalArgumentException(sides.size() + " sides with " + errors.size() + " errors");
        }
        List<End> lefts = new ArrayList<>(sides.size());
        List<End> rights = new ArrayList<>(sides.size());
        for (int i = 0; i < sides.size(); i++) {
            lefts.add(End.of(sides.get(i), errors.get(i), false));
            rights.add(End.of(sides.get(i), errors.get(i), true));
        }
        return new Ends(lefts, rights);
    }

    int size() {
        return lefts.size();
    }

    End left(int side) {
        return lefts.get(side);
    }

    End right(int side) {
        return rights.get(side);
    }
}
