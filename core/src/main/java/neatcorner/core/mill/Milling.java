package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Proof;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.board.BoardProblem;

/**
 * Strips from boards: a board is crosscut to lengths, a length flattened and ripped, a rip resawn where it is thick
 * enough, and what comes of it planed and crosscut to blanks.
 *
 * @param sawn    the boards that are cut, in the order of the rack
 * @param missing the strips that are not made, each with the reason
 * @param balance where the wood goes
 * @param problems as the solver sees it: first with everything that is wanted, then without what cannot be made whole;
 *                 empty when nothing is wanted that a board could give
 * @param proof   how far what it costs may be from the best; empty when something is missing, since then it is not said
 *                what all would cost
 */
public record Milling(
        List<Sawn> sawn,
        List<Missing> missing,
        Balance balance,
        List<BoardProblem> problems,
        Optional<Proof> proof) {
    /** Of nothing. */
    public static final Milling NONE =
            new Milling(List.of(), List.of(), Balance.NONE, List.of(), Optional.empty());

    /** Why a band round a curve is no strip of a board. */
    static final Words BENT = Words.of("mill.missing.bent");

    public Milling {
        sawn = List.copyOf(sawn);
        missing = List.copyOf(missing);
        problems = List.copyOf(problems);
    }

    /**
     * A board with its cuts.
     *
     * @param board   it is
     * @param lengths it is crosscut to, from its left end
     * @param rests   what is left of it and goes back to the rack
     * @param face    that is made flat first, from which its leaves are counted
     */
    public record Sawn(Board board, List<Crosscut> lengths, List<Rest> rests, Board.Face face) {
        public Sawn {
            lengths = List.copyOf(lengths);
            rests = List.copyOf(rests);
        }

        /** What is sawn off behind the leaves of a rip and kept; empty when it is planed away. */
        public Optional<Rest> behind(Crosscut piece, Rip rip) {
            return rests.stream()
                    .filter(rest -> rest.place() == Rest.Place.BEHIND
                            && rest.x().equals(piece.x())
                            && rest.y().equals(rip.y())
                            && rest.length().equals(piece.length())
                            && rest.width().equals(rip.width()))
                    .findFirst();
        }

        /** All blanks on it. */
        public Stream<Blank> blanks() {
            return lengths.stream().flatMap(length -> length.rips().stream()).flatMap(rip -> rip.blanks().stream());
        }
    }

    /**
     * A length of a board.
     *
     * @param x      of its left end, from the board's
     * @param length along the board
     * @param rips   from the near edge
     */
    public record Crosscut(Length x, Length length, List<Rip> rips) {
        public Crosscut {
            rips = List.copyOf(rips);
        }

        /** Its right end. */
        public Length right() {
            return x.plus(length);
        }
    }

    /**
     * A strip ripped from a length.
     *
     * @param y      of its near edge, from the board's
     * @param width  as it is ripped
     * @param leaves it is resawn into; 1 when it is not
     * @param leaf   thickness of each before it is planed; not the board's when the rest is sawn off or planed away
     * @param onEdge whether the board's thickness becomes the strip's width
     * @param blanks on its leaves
     */
    public record Rip(Length y, Length width, int leaves, Length leaf, boolean onEdge, List<Blank> blanks) {
        public Rip {
            blanks = List.copyOf(blanks);
        }

        /** What becomes of the board's thickness. */
        public Length through() {
            Wanted wanted = blanks.getFirst().wanted();
            return onEdge ? wanted.width() : wanted.thickness();
        }

        /** What becomes of its width. */
        public Length across() {
            Wanted wanted = blanks.getFirst().wanted();
            return onEdge ? wanted.thickness() : wanted.width();
        }

        /** Its far edge, from the board's near edge. */
        public Length far() {
            return y.plus(width);
        }
    }

    /**
     * A blank.
     *
     * @param wanted what it becomes
     * @param x      of its left end, from the board's
     * @param layer  it lies on, from 1
     */
    public record Blank(Wanted wanted, Length x, int layer) {
        /** As it is crosscut. */
        public Length length() {
            return wanted.blank();
        }
    }

    /**
     * What is left of a board and worth keeping.
     *
     * @param x     from the board's left end
     * @param y     from its near edge
     * @param thick what of the thickness is left
     * @param place where it is left
     */
    public record Rest(Length x, Length y, Length length, Length width, Length thick, Place place) {
        /** Where something is left. */
        public enum Place {
            /** Before, between or beyond the lengths: as the board was. */
            END,
            /** Beside the rips of a length: with these one face of it was made flat. */
            BESIDE,
            /** Sawn off behind the leaves of a rip. */
            BEHIND,
            /** Beside the blanks of a leaf: planed and jointed with them. */
            STRIP
        }
    }

    /**
     * A strip that is not made.
     *
     * @param wanted what it would become
     * @param why    it is not made
     */
    public record Missing(Wanted wanted, Words why) {
        /** Whether it is bent or laminated, not sawn from a board. */
        boolean isBent() {
            return why.key().equals(BENT.key());
        }
    }

    /** Mills the strips of some jobs from the boards of the rack, with the best answer known. */
    public static Milling of(List<Lots.Order> orders, Shop shop, Answers answers) {
        Milling milling = new Mill(orders, shop, shop.rack().all(Board.class), _ -> true).milling(answers);
        while (!milling.missing.isEmpty()) {
            // Joints and staves are laid out for the best boards there are: what these do not give may come from
            // others with other joints.
            Set<List<Object>> strips = milling.missingStrips();
            List<Board> used = milling.boards();
            List<Board> whole = shop.rack().all(Board.class).stream()
                    .filter(board -> !board.forSale() && !used.contains(board))
                    .toList();
            Milling more =
                    new Mill(orders, shop, whole, wanted -> strips.contains(wanted.whole())).milling(answers);
            if (more.sawn.isEmpty()) {
                break;
            }
            milling = milling.and(more);
        }
        return milling;
    }

    private Set<List<Object>> missingStrips() {
        return missing.stream().map(one -> one.wanted.whole()).collect(Collectors.toSet());
    }

    /** With what was missing made from other boards; why the rest is missing is as it was said at first. */
    private Milling and(Milling more) {
        Set<List<Object>> still = more.missingStrips();
        return new Milling(
                Stream.concat(sawn.stream(), more.sawn.stream()).toList(),
                missing.stream().filter(one -> still.contains(one.wanted.whole())).toList(),
                balance.plus(more.balance),
                Stream.concat(problems.stream(), more.problems.stream()).toList(),
                Optional.empty());
    }

    /** What a strip is called among these: its job is said only where there are several. */
    public Words nameOf(Wanted wanted) {
        boolean several = Stream.concat(
                                sawn.stream().flatMap(Sawn::blanks).map(Blank::wanted),
                                missing.stream().map(Missing::wanted))
                        .map(Wanted::job)
                        .distinct()
                        .count()
                > 1;
        return several ? wanted.wordsWithJob() : wanted.words();
    }

    /** Pieces of frames that are wished from one board and come from several, ring by ring. */
    public List<List<Piece>> spread() {
        Map<Wanted.Ring, List<Piece>> rings = new LinkedHashMap<>();
        sawn.forEach(one -> one.blanks()
                .forEach(blank -> blank.wanted().ring().ifPresent(ring -> rings.computeIfAbsent(
                                ring, _ -> new ArrayList<>())
                        .add(new Piece(blank.wanted(), one.board().label())))));
        return rings.values().stream()
                .filter(pieces -> pieces.stream().map(Piece::board).distinct().count() > 1)
                .toList();
    }

    /**
     * A strip with the board it comes from.
     *
     * @param board its label
     */
    public record Piece(Wanted wanted, String board) {
    }

    /** A board with those that hold other parts of what is scarfed or glued up from it; in the order of the rack. */
    public List<Sawn> with(Sawn first) {
        Set<Sawn> together = new LinkedHashSet<>(Set.of(first));
        boolean grows = true;
        while (grows) {
            Set<List<Object>> strips = together.stream()
                    .flatMap(Sawn::blanks)
                    .map(blank -> blank.wanted().whole())
                    .collect(Collectors.toSet());
            grows = together.addAll(sawn.stream()
                    .filter(one -> one.blanks().anyMatch(blank -> strips.contains(blank.wanted().whole())))
                    .toList());
        }
        return sawn.stream().filter(together::contains).toList();
    }

    /** The boards that are to be bought. */
    public List<Board> bought() {
        return boards().stream().filter(Board::forSale).toList();
    }

    /** What the boards cost that are to be bought, in the smallest coin; empty when a price is not known. */
    public Optional<Long> cost() {
        List<Board> bought = bought();
        return bought.isEmpty() || bought.stream().anyMatch(board -> board.price().isEmpty())
                ? Optional.empty()
                : Optional.of(bought.stream()
                        .mapToLong(board -> board.price()
                                .orElseThrow()
                                .of(board.length(), board.width(), board.thickness()))
                        .sum());
    }

    /** The boards that are cut. */
    public List<Board> boards() {
        return sawn.stream().map(Sawn::board).toList();
    }
}
