package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.job.StickId;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.section.Section;
import neatcorner.core.solve.stick.StickProblem;

/**
 * One stick with its pieces, from the left as it lies at the saw.
 *
 * @param section of the stick
 * @param source  where it comes from
 * @param id      which stick
 * @param placed  the pieces
 * @param remnant what is left at the right, between the last piece and the end trim
 * @param trim    lost at either end
 * @param gap     least between neighbours
 */
public record StickLayout(
        Section section, Source source, StickId id, List<Placed> placed, Length remnant, Length trim, Length gap) {
    /** Its whole length. */
    public Length length() {
        return source.length();
    }

    /** Whether it has to be bought. */
    public boolean bought() {
        return source.from() == Source.From.TO_BUY;
    }

    /**
     * What is left in one piece when all is cut, with ends that were not trimmed and defects that lie in it, from the
     * left.
     *
     * @param useful only stretches with a clean run of this length or longer, never of nothing
     */
    public List<Span> offCuts(Length useful) {
        List<Span> left = new ArrayList<>();
        List<Span> runs = new StickProblem.Stock("", length(), Optional.empty(), 0, source.defects()).runs(trim);
        Length from = Length.ZERO;
        for (Placed piece : placed) {
            add(left, runs, from, piece.start().minus(gap), useful);
            from = from.max(piece.end().plus(gap));
        }
        add(left, runs, remnant.isPositive() ? length().minus(trim).minus(remnant) : from, length(), useful);
        return left;
    }

    private static void add(List<Span> left, List<Span> runs, Length from, Length to, Length useful) {
        Length clean = Length.ZERO;
        for (Span run : runs) {
            clean = clean.max(run.to().min(to).minus(run.from().max(from)));
        }
        if (clean.isPositive() && !clean.isUnder(useful)) {
            left.add(new Span(from, to));
        }
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
