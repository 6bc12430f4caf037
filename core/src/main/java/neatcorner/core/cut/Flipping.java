package neatcorner.core.cut;

import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;
import neatcorner.core.solve.stick.StickProblem;

/**
 * Which pieces may be turned over on the stick, so that neighbours share a slanted cut: those of a plain
 * strip, rectangular in section, with upright cuts. A moulding with its rabbet in it cannot be.
 */
final class Flipping {
    private Flipping() {
    }

    static boolean isAllowed(Piece piece) {
        Member member = piece.member();
        return piece.part().isEmpty()
                && isPlain(member.stock())
                && member.left().isUpright()
                && member.right().isUpright();
    }

    /** Whether the strip is the same whichever way it is turned. */
    static boolean isPlain(Section section) {
        Strip strip = section.strips().getFirst();
        return section.strips().size() == 1
                && section.recess() instanceof Recess.Bar
                && section.relief().isEmpty()
                && section.band().isEmpty()
                && strip.front().shape() == Profile.Shape.FLAT
                && strip.inner().kind() == Edging.Kind.SQUARE
                && strip.outer().kind() == Edging.Kind.SQUARE;
    }

    /** The end as it lies with its outside edge to the fence: the left cut of a long point leans to the right. */
    static StickProblem.End end(Piece piece, boolean right, Length kerf) {
        Mitre cut = right ? piece.member().right() : piece.member().left();
        Length lean = cut.setback();
        return new StickProblem.End(right ? lean.negated() : lean, cut.kerfAlongEdge(kerf));
    }
}
