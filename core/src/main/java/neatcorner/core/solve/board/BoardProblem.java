package neatcorner.core.solve.board;

import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.solve.Problem;

/**
 * Blanks to be cut from boards in three cuts, each across the one before: a board is crosscut to lengths, a length
 * ripped to strips, a strip resawn to leaves where it is thick enough, a leaf crosscut to blanks.
 *
 * @param profiles what strips are ripped to
 * @param kinds    of blanks
 * @param stock    boards, each alone; those to be taken only when the rest gives not enough stand in a later rank
 * @param saw      what cuts take, and what is worth keeping
 */
public record BoardProblem(List<Profile> profiles, List<Kind> kinds, List<Stock> stock, Saw saw)
        implements Problem<BoardAnswer> {
    /** The most blanks in all. */
    public static final int MOST_BLANKS = 5_000;
    /** The most that a board is worth. */
    public static final long MOST_WORTH = 100_000_000_000L;
    private static final Length LONGEST = Length.mm(20_000);

    public BoardProblem {
        profiles = List.copyOf(profiles);
        kinds = List.copyOf(kinds);
        stock = List.copyOf(stock);
        long count = kinds.stream().mapToLong(Kind::count).sum();
        if (count > MOST_BLANKS) {
            throw Refusal.of("board_problem.too_many", count, MOST_BLANKS);
        }
        for (Kind kind : kinds) {
            for (int profile : kind.profiles()) {
                if (profile < 0 || profile >= profiles.size()) {
                    throw new IllegalArgumentException(kind + " has no profile " + profile);
                }
            }
        }
        for (Stock board : stock) {
            if (board.leaves().size() != profiles.size()) {
                throw new IllegalArgumentException(board + " does not know all profiles");
            }
        }
    }

    /**
     * What a strip is ripped to.
     *
     * @param width  as ripped, over 0
     * @param atEdge whether it must begin at the board's near edge, as one whose groove is there does
     */
    public record Profile(Length width, boolean atEdge) {
        public Profile {
            Range.within("width_of_strip", width, new Length(1), LONGEST);
        }
    }

    /**
     * Blanks that are alike.
     *
     * @param length   as crosscut, over 0
     * @param profiles of strips it may be cut from, one or more
     * @param count    how many, from 1
     * @param group    from 1, of kinds whose blanks are wished from one board, all of them; 0 for none
     */
    public record Kind(Length length, List<Integer> profiles, int count, int group) {
        /** From any boards. */
        public Kind(Length length, List<Integer> profiles, int count) {
            this(length, profiles, count, 0);
        }

        public Kind {
            profiles = List.copyOf(profiles);
            Range.within("length_of_blank", length, new Length(1), LONGEST);
            if (count < 1) {
                throw new IllegalArgumentException("blanks wanted: " + count);
            }
        }
    }

    /**
     * What a board gives of a profile.
     *
     * @param count how many leaves a strip gives at most; 0 when it cannot be cut from this board
     * @param thick of a leaf as sawn, before it is planed
     */
    public record Leaves(int count, Length thick) {
        /** It cannot be cut from this board. */
        public static final Leaves NONE = new Leaves(0, Length.ZERO);
    }

    /**
     * One board.
     *
     * @param length    along it
     * @param width     across
     * @param thickness of the whole
     * @param jointing  taken off the near edge of every length before it is ripped
     * @param snipe     at either end of every length that no blank may reach into
     * @param least     the shortest length that may go through the machines
     * @param holes     that no blank may touch
     * @param leaves    what it gives, by profile
     * @param worth     of the whole board, from 1, in any coin
     * @param rank      from 0 to 2: boards of a later rank are taken only for what the earlier ones do not give
     */
    public record Stock(
            Length length,
            Length width,
            Length thickness,
            Length jointing,
            Length snipe,
            Length least,
            List<Hole> holes,
            List<Leaves> leaves,
            long worth,
            int rank) {
        public Stock {
            holes = List.copyOf(holes);
            leaves = List.copyOf(leaves);
            if (worth < 1 || worth > MOST_WORTH || rank < 0 || rank > 2) {
                throw new IllegalArgumentException("worth and rank of a board: " + worth + ", " + rank);
            }
        }

        /** As it lies on its other face. */
        Stock over() {
            return withHoles(holes.stream().map(hole -> hole.over(thickness)).toList());
        }

        /** Turned end for end. */
        Stock turned() {
            return withHoles(holes.stream().map(hole -> hole.at(length.minus(hole.right()))).toList());
        }

        private Stock withHoles(List<Hole> other) {
            return new Stock(length, width, thickness, jointing, snipe, least, other, leaves, worth, rank);
        }

        double volume() {
            return length.toMm() * width.toMm() * thickness.toMm();
        }
    }

    /**
     * What no blank may touch.
     *
     * @param x    from the left end
     * @param y    from the near edge
     * @param low  from the lower face; 0 when it is seen there
     * @param high from the lower face; {@link #THROUGH} when it is seen on the upper one
     */
    public record Hole(Length x, Length y, Length length, Length width, Length low, Length high) {
        /** Higher than any board. */
        public static final Length THROUGH = LONGEST;

        /** One that goes through. */
        public Hole(Length x, Length y, Length length, Length width) {
            this(x, y, length, width, Length.ZERO, THROUGH);
        }

        /** Only so far from the lower face to so far. */
        public Hole between(Length from, Length to) {
            return new Hole(x, y, length, width, from, to);
        }

        boolean isThrough() {
            return low.isZero() && high.equals(THROUGH);
        }

        /** Elsewhere along the board. */
        Hole at(Length otherX) {
            return new Hole(otherX, y, length, width, low, high);
        }

        /** In a board as thick that lies on its other face. */
        Hole over(Length thickness) {
            return new Hole(
                    x,
                    y,
                    length,
                    width,
                    high.equals(THROUGH) ? Length.ZERO : thickness.minus(high),
                    low.isZero() ? THROUGH : thickness.minus(low));
        }

        /** Whether it touches a strip of so many leaves, counted from the lower face, at this one. */
        boolean touches(int leaf, Leaves leaves, Length resaw) {
            Length from = leaves.thick().plus(resaw).times(leaf);
            return low.isUnder(from.plus(leaves.thick())) && high.isOver(from);
        }

        Length right() {
            return x.plus(length);
        }

        Length far() {
            return y.plus(width);
        }
    }

    /**
     * What cuts take, and what is worth keeping.
     *
     * @param kerf       of crosscuts and rips
     * @param resaw      kerf of a cut that opens a strip into leaves
     * @param height     of the tallest strip that can be resawn
     * @param trim       off either end of a board
     * @param keepLength of what is kept, at least
     * @param keepWidth  of what is kept, at least
     * @param keepThick  of what is kept, at least
     * @param longest    length a board is crosscut to, at most
     */
    public record Saw(
            Length kerf,
            Length resaw,
            Length height,
            Length trim,
            Length keepLength,
            Length keepWidth,
            Length keepThick,
            Length longest) {}

    @Override
    public long size() {
        return kinds.stream().mapToLong(Kind::count).sum();
    }

    @Override
    public Optional<BoardAnswer> quick() {
        return Optional.of(BoardSolver.quick(this));
    }

    @Override
    public Optional<BoardAnswer> solve(BooleanSupplier stop, Consumer<BoardAnswer> better) {
        return Optional.of(BoardSolver.solve(this, stop, better));
    }
}
