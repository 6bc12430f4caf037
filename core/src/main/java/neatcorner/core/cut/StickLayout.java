package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Member;
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

    /** How much further right the last piece could lie on clean wood. */
    public Length free() {
        Length end = placed.getLast().end();
        Length to = source.defects().stream()
                .map(Span::from)
                .filter(defect -> !defect.isUnder(end))
                .min(Length::compareTo)
                .orElse(length())
                .min(length().minus(trim));
        return to.minus(end).max(Length.ZERO);
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

        /** Where its four corners lie on the back, along the stick from its furthest point at the left. */
        public Corners corners() {
            Member member = piece.member();
            Length whole = piece.length();
            if (piece.part().isPresent()) {
                boolean left = !piece.part().get().isJoinedLeft();
                boolean right = !piece.part().get().isJoinedRight();
                Length in = left ? member.left().setback() : Length.ZERO;
                Length out = right ? member.right().setback() : Length.ZERO;
                return new Corners(
                        in.negated().max(Length.ZERO),
                        whole.minus(out.negated().max(Length.ZERO)),
                        whole.minus(out.max(Length.ZERO)),
                        in.max(Length.ZERO));
            }
            Length from = member.left().reach(member.stock().thickness());
            Length to = from.plus(member.longPoint().value());
            Corners asIs = new Corners(
                    from,
                    to,
                    to.minus(member.right().setback()),
                    from.plus(member.left().setback()));
            Corners along = lie.isSwapped() ? asIs.endForEnd(whole) : asIs;
            return lie.isLongAway() ? along.turnedOver() : along;
        }
    }

    /**
     * Where the corners of a piece lie along the stick.
     *
     * @param leftAtFence  its left end at the fence
     * @param rightAtFence its right end at the fence
     * @param rightNear    its right end at the edge away from the fence
     * @param leftNear     its left end there
     */
    public record Corners(Length leftAtFence, Length rightAtFence, Length rightNear, Length leftNear) {
        private Corners endForEnd(Length whole) {
            return new Corners(
                    whole.minus(rightAtFence), whole.minus(leftAtFence), whole.minus(leftNear), whole.minus(rightNear));
        }

        /** With its other edge at the fence. */
        public Corners turnedOver() {
            return new Corners(leftNear, rightNear, rightAtFence, leftAtFence);
        }

        /** Further along. */
        public Corners plus(Length further) {
            return new Corners(leftAtFence.plus(further), rightAtFence.plus(further), rightNear.plus(further),
                    leftNear.plus(further));
        }

        /** Its leftmost point on the back. */
        public Length leftMost() {
            return leftAtFence.min(leftNear);
        }

        /** How much further right its left cut is at the near edge. */
        public Length leftLean() {
            return leftNear.minus(leftAtFence);
        }

        /** How much further right its right cut is at the near edge. */
        public Length rightLean() {
            return rightNear.minus(rightAtFence);
        }
    }
}
