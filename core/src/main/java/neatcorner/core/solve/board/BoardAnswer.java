package neatcorner.core.solve.board;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;
import neatcorner.core.measure.Length;
import neatcorner.core.solve.Answer;

/**
 * Boards with what is cut from them.
 *
 * @param sawn    the boards that are cut
 * @param missing how many of each kind are not made
 * @param late    worth of the boards of later ranks, every rank in a coin a thousand times as large
 * @param split   how many groups that are wished from one board come from several
 * @param cost    worth of the boards less that of their rests
 * @param bound   no answer that makes everything costs less
 */
public record BoardAnswer(List<Sawn> sawn, List<Integer> missing, long late, int split, long cost, long bound)
        implements Answer {
    private static final Comparator<BoardAnswer> ORDER = Comparator.comparingInt(BoardAnswer::missingCount)
            .thenComparingLong(BoardAnswer::late)
            .thenComparingInt(BoardAnswer::split)
            .thenComparingDouble(BoardAnswer::costWhenAllIsMade)
            .thenComparingInt(answer -> answer.sawn.size())
            .thenComparingDouble(answer -> -answer.restsSquared())
            .thenComparingLong(BoardAnswer::settings);

    public BoardAnswer {
        sawn = List.copyOf(sawn);
        missing = List.copyOf(missing);
    }

    /**
     * A board that is cut.
     *
     * @param stock   which
     * @param lengths it is crosscut to, from its left end; between them and beyond, what is left
     * @param rests   what of it is worth keeping
     * @param over    whether it lies on its upper face, so that leaves are counted from there
     */
    public record Sawn(int stock, List<Piece> lengths, List<Rest> rests, boolean over) {
        public Sawn {
            lengths = List.copyOf(lengths);
            rests = List.copyOf(rests);
        }
    }

    /**
     * A length of a board, ripped to strips.
     *
     * @param x      of its left end
     * @param length along the board
     * @param strips from the near edge
     */
    public record Piece(Length x, Length length, List<Strip> strips) {
        public Piece {
            strips = List.copyOf(strips);
        }

        /** Its right end. */
        public Length right() {
            return x.plus(length);
        }

        /** The same elsewhere on the board, every blank where it is said to be. */
        Piece at(Length otherX, UnaryOperator<Blank> moved) {
            return new Piece(
                    otherX,
                    length,
                    strips.stream()
                            .map(strip -> new Strip(
                                    strip.profile(),
                                    strip.y(),
                                    strip.leaves(),
                                    strip.blanks().stream()
                                            .map(moved)
                                            .sorted(Comparator.comparingInt(Blank::leaf)
                                                    .thenComparing(Blank::x))
                                            .toList()))
                            .toList());
        }
    }

    /**
     * A strip of a length.
     *
     * @param profile it is ripped to
     * @param y       of its near edge, from the board's
     * @param leaves  it is resawn into; 1 when it is not
     * @param blanks  on its leaves
     */
    public record Strip(int profile, Length y, int leaves, List<Blank> blanks) {
        public Strip {
            blanks = List.copyOf(blanks);
        }
    }

    /**
     * A blank.
     *
     * @param kind of blank
     * @param x    of its left end, from the board's
     * @param leaf it lies on, from 0
     */
    public record Blank(int kind, Length x, int leaf) {
    }

    /**
     * What is worth keeping of a board.
     *
     * @param x     from the board's left end
     * @param y     from its near edge
     * @param thick what of the thickness is left: all, or what leaves leave
     */
    public record Rest(Length x, Length y, Length length, Length width, Length thick) {
        double volume() {
            return length.toMm() * width.toMm() * thick.toMm();
        }
    }

    /** How many blanks are not made. */
    public int missingCount() {
        return missing.stream().mapToInt(n -> n).sum();
    }

    @Override
    public boolean isProven() {
        return missingCount() == 0 && late == 0 && split == 0 && cost <= bound || sawn.isEmpty() && missingCount() == 0;
    }

    /** What is missing cannot be set against what it would have cost. */
    private double costWhenAllIsMade() {
        return missingCount() == 0 ? cost : 0;
    }

    /** Few large rests come before many small ones. */
    private double restsSquared() {
        return sawn.stream()
                .flatMap(board -> board.rests().stream())
                .mapToDouble(rest -> rest.volume() * rest.volume())
                .sum();
    }

    /** How often the fence moves: strips side by side of one width are ripped at one setting. */
    private long settings() {
        return sawn.stream()
                .flatMap(board -> board.lengths().stream())
                .mapToLong(piece ->
                        Arrays.stream(piece.strips().stream().mapToInt(Strip::profile).toArray())
                                .distinct()
                                .count())
                .sum();
    }

    /**
     * More is made, or the same from drier boards, more groups each from one board, at less cost, from fewer boards,
     * with larger rests, fewer settings.
     */
    @Override
    public boolean isBetterThan(Answer other) {
        if (!(other instanceof BoardAnswer answer)) {
            return false;
        }
        int order = ORDER.compare(this, answer);
        return order < 0 || order == 0 && bound > answer.bound;
    }
}
