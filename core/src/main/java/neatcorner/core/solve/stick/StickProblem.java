package neatcorner.core.solve.stick;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.solve.Problem;

/**
 * Pieces to be cut from sticks, with nothing but lengths, ends and prices.
 *
 * @param pieces kinds of pieces; one or more
 * @param stock  kinds of sticks; one or more
 * @param gap    lost between neighbours on a stick at the least, from 0 to 50 mm
 * @param trim   lost at either end of a stick, from 0 to 1 m
 * @param useful what is left of a stick is stock from this length on, else waste; from 0 to 20 m
 * @param locks  pieces the maker wants on a certain stick; may be empty
 */
public record StickProblem(
        List<Kind> pieces, List<Stock> stock, Length gap, Length trim, Length useful, List<Lock> locks)
        implements Problem<StickAnswer> {
    /** The most pieces in all. */
    public static final int MOST_PIECES = 20_000;
    /** The most kinds of pieces; a layout says of every kind how many are on each stick. */
    public static final int MOST_KINDS = 6_000;
    private static final Length LONGEST = Length.mm(20_000);

    public StickProblem {
        pieces = List.copyOf(pieces);
        stock = List.copyOf(stock);
        locks = List.copyOf(locks);
        if (pieces.isEmpty()) {
            throw Refusal.of("stick_problem.there_are_no_pieces");
        }
        if (stock.isEmpty()) {
            throw Refusal.of("stick_problem.there_are_no_sticks");
        }
        Range.within("gap_between_pieces", gap, Length.ZERO, LONGEST);
        Range.within("end_trim", trim, Length.ZERO, Length.mm(1000));
        Range.within("smallest_useful_off_cut", useful, Length.ZERO, LONGEST);
        long count = pieces.stream().mapToLong(Kind::count).sum();
        if (count > MOST_PIECES) {
            throw Refusal.of("stick_problem.there_are_pieces_there", count, MOST_PIECES);
        }
        if (pieces.size() > MOST_KINDS) {
            throw Refusal.of("stick_problem.there_are_kinds_of", pieces.size(), MOST_KINDS);
        }
        for (Kind kind : pieces) {
            checkFits(kind, stock, trim);
        }
        for (Lock lock : locks) {
            lock.check(pieces, stock);
        }
    }

    @Override
    public long size() {
        return pieces.stream().mapToLong(Kind::count).sum();
    }

    @Override
    public Optional<StickAnswer> quick() {
        return StickSolver.quick(this);
    }

    @Override
    public Optional<StickAnswer> solve(BooleanSupplier stop, Consumer<StickAnswer> better) {
        return StickSolver.solve(this, stop, better);
    }

    /** Without locks, and with every remnant as good as another. */
    public StickProblem(List<Kind> pieces, List<Stock> stock, Length gap, Length trim) {
        this(pieces, stock, gap, trim, Length.ZERO, List.of());
    }

    private static void checkFits(Kind kind, List<Stock> stock, Length trim) {
        Length longest = stock.stream()
                .flatMap(s -> s.runs(trim).stream())
                .map(Span::length)
                .max(Length::compareTo)
                .orElse(Length.ZERO);
        if (kind.length().isOver(longest)) {
            throw Refusal.of(
                    kind.parts().size() > 1 ? "stick_problem.group_too_long" : "stick_problem.piece_too_long",
                    kind.name(),
                    kind.length(),
                    longest);
        }
    }

    /**
     * One end of a piece.
     *
     * @param lean how much further right the cut meets the near edge of the stick than the far one, negative for left
     * @param kerf what the blade takes along the stick there, 0 or more
     */
    public record End(Length lean, Length kerf) {
        /** A cut square to the stick, with a kerf of no more than the least gap. */
        public static final End SQUARE = new End(Length.ZERO, Length.ZERO);

        public End {
            Range.within("lean_of_a_cut", lean, LONGEST.negated(), LONGEST);
            Range.within("kerf_along_the_stick", kerf, Length.ZERO, Length.mm(500));
        }

        /** How much two cuts one after the other can share: cuts that lean the same way, as far as the lesser leans. */
        static long shared(long one, long other) {
            return one > 0 == other > 0 ? Math.min(Math.abs(one), Math.abs(other)) : 0;
        }
    }

    /**
     * A piece from its one furthest point to the other.
     *
     * @param name   what it is called
     * @param length over 0 up to 20 m
     * @param left   its left end as it is cut
     * @param right  its right end
     */
    public record Part(String name, Length length, End left, End right) {
        public Part {
            Range.within("length_of_piece", length, new Length(1), LONGEST, name);
            Length near = length.minus(left.lean().max(Length.ZERO)).minus(right.lean().negated().max(Length.ZERO));
            Length far = length.minus(left.lean().negated().max(Length.ZERO)).minus(right.lean().max(Length.ZERO));
            if (near.isNegative() || far.isNegative()) {
                throw Refusal.of(
                        "stick_problem.is_long_its_two",
                        ("piece " + name).strip(),
                        length,
                        length.minus(near.min(far)));
            }
        }

        /** Its mean length: what it takes of the wood, whatever it shares with its neighbours. */
        Length wood() {
            return length.minus(left.lean().abs().plus(right.lean().abs()).over(2));
        }
    }

    /**
     * Pieces that are alike, or groups of pieces that are alike: their parts are cut one after the other
     * from one stick, in this order, so that the grain runs on.
     *
     * @param name  what they are called
     * @param parts one, or more for a group
     * @param gaps  between the parts of a group, along the stick, one less than there are parts
     * @param count how many, from 1
     * @param flips whether they may be turned over and end for end, so that neighbours share a slanted cut; never for a
     *              group
     */
    public record Kind(String name, List<Part> parts, List<Length> gaps, int count, boolean flips) {
        public Kind {
            parts = List.copyOf(parts);
            gaps = List.copyOf(gaps);
            if (parts.isEmpty()) {
                throw Refusal.of("stick_problem.group_has_no_pieces", name);
            }
            if (flips && parts.size() > 1) {
                throw Refusal.of("stick_problem.group_cannot_turned_over", name);
            }
            if (count < 1) {
                throw Refusal.of("stick_problem.is_wanted_times_more", ("piece " + name).strip(), count);
            }
            if (gaps.size() != parts.size() - 1) {
                throw Refusal.of("stick_problem.group_has_pieces_gaps", name, parts.size(), gaps.size());
            }
            Range.within("length_of", lengthOf(parts, gaps), new Length(1), LONGEST, name);
        }

        /** A piece with square ends. */
        public Kind(String name, Length length, int count) {
            this(name, List.of(new Part(name, length, End.SQUARE, End.SQUARE)), List.of(), count, false);
        }

        /**
         * A group that is cut in this order: between two parts the wider kerf, but not less than this, less what their
         * cuts share.
         */
        public static Kind group(String name, List<Part> parts, Length leastGap, int count) {
            List<Length> gaps = new ArrayList<>();
            for (int i = 1; i < parts.size(); i++) {
                End one = parts.get(i - 1).right();
                End other = parts.get(i).left();
                gaps.add(leastGap.max(one.kerf())
                        .max(other.kerf())
                        .minus(new Length(
                                End.shared(one.lean().nanometres(), other.lean().nanometres()))));
            }
            return new Kind(name, parts, gaps, count, false);
        }

        private static Length lengthOf(List<Part> parts, List<Length> gaps) {
            return Length.sum(parts.stream().map(Part::length).toList()).plus(Length.sum(gaps));
        }

        /** What one takes of a stick, from its one furthest point to the other. */
        public Length length() {
            return lengthOf(parts, gaps);
        }

        /** Where each part starts, from where the first does. */
        public List<Length> starts() {
            List<Length> starts = new ArrayList<>();
            Length at = Length.ZERO;
            for (int i = 0; i < parts.size(); i++) {
                starts.add(at);
                at = at.plus(parts.get(i).length()).plus(i < gaps.size() ? gaps.get(i) : Length.ZERO);
            }
            return starts;
        }

        End end(Lie lie, boolean right) {
            boolean own = right != lie.isSwapped();
            End end = own ? parts.getLast().right() : parts.getFirst().left();
            return lie.isMirrored() ? new End(end.lean().negated(), end.kerf()) : end;
        }

        /** The ways it may lie. */
        List<Lie> lies() {
            return flips ? List.of(Lie.values()) : List.of(Lie.AS_IS);
        }
    }

    /** How a piece lies on the stick. */
    public enum Lie {
        /** Its long edge to the fence, as it is drawn. */
        AS_IS,
        /** Turned end for end, the same face up: its long edge is away from the fence. */
        TURNED,
        /** Turned over about its length: its long edge is away from the fence. */
        OVER,
        /** Turned over about its width: its long edge to the fence, its ends exchanged. */
        TURNED_OVER;

        /** The way that is swapped and mirrored like this. */
        public static Lie of(boolean swapped, boolean mirrored) {
            return mirrored ? swapped ? TURNED_OVER : OVER : swapped ? TURNED : AS_IS;
        }

        /** Whether its right end lies at the left. */
        public boolean isSwapped() {
            return this == TURNED || this == TURNED_OVER;
        }

        /** Whether its cuts lean the other way; a half turn leaves the way a line leans. */
        public boolean isMirrored() {
            return this == OVER || this == TURNED_OVER;
        }

        /** Whether its long edge is away from the fence. */
        public boolean isLongAway() {
            return this == TURNED || this == OVER;
        }
    }

    /**
     * Sticks that are alike.
     *
     * @param name    what they are called
     * @param length  whole, over 0 up to 20 m
     * @param count   how many there are; empty for as many as one buys
     * @param cost    of one, in the smallest coin, from 0 to 1 000 000 000
     * @param defects stretches no piece may have any part in, within the stick
     */
    public record Stock(String name, Length length, Optional<Integer> count, long cost, List<Span> defects) {
        public Stock {
            Range.within("length_of_stick", length, new Length(1), LONGEST, name);
            if (count.isPresent() && count.get() < 0) {
                throw Refusal.of("stick_problem.there_are_sticks_more", count.get(), name);
            }
            if (cost < 0 || cost > 1_000_000_000L) {
                throw Refusal.of("stick_problem.stick_costs", name, cost);
            }
            defects = defects.stream().sorted(Comparator.comparing(Span::from)).toList();
            for (Span defect : defects) {
                if (defect.from().isNegative() || defect.to().isOver(length)) {
                    throw Refusal.of("stick_problem.defect_of_stick_is", name, defect.from(), defect.to(), length);
                }
            }
        }

        /** Without defects. */
        public Stock(String name, Length length, Optional<Integer> count, long cost) {
            this(name, length, count, cost, List.of());
        }

        /** The clean runs between the trims and the defects, from the left. */
        public List<Span> runs(Length trim) {
            List<Span> runs = new ArrayList<>();
            Length from = trim;
            Length end = length.minus(trim);
            for (Span defect : defects) {
                Length to = defect.from().min(end);
                if (to.isOver(from)) {
                    runs.add(new Span(from, to));
                }
                from = from.max(defect.to());
            }
            if (end.isOver(from)) {
                runs.add(new Span(from, end));
            }
            return runs;
        }
    }

    /**
     * Pieces wanted on a certain stick.
     *
     * @param piece which kind, counted from 0
     * @param stock which stick, counted from 0; there must be just one of it
     * @param count how many of the kind, from 1
     */
    public record Lock(int piece, int stock, int count) {
        private void check(List<Kind> pieces, List<Stock> sticks) {
            if (piece < 0 || piece >= pieces.size() || stock < 0 || stock >= sticks.size()) {
                throw Refusal.of("stick_problem.lock_of_piece_stick", piece, stock, pieces.size(), sticks.size());
            }
            if (!sticks.get(stock).count().equals(Optional.of(1))) {
                throw Refusal.of("stick_problem.which_is_not_one", pieces.get(piece).name(), sticks.get(stock).name());
            }
            if (count < 1 || count > pieces.get(piece).count()) {
                throw Refusal.of(
                        "stick_problem.times",
                        pieces.get(piece).name(),
                        sticks.get(stock).name(),
                        count,
                        pieces.get(piece).count());
            }
        }
    }

    /** All of the sticks used that is not in a piece. */
    public Length waste(StickAnswer answer) {
        Length waste = Length.ZERO;
        for (StickAnswer.Laid laid : answer.sticks()) {
            waste = waste.plus(stock.get(laid.stock()).length());
            for (StickAnswer.Placed placed : laid.placed()) {
                waste = waste.minus(Length.sum(pieces.get(placed.kind()).parts().stream().map(Part::wood).toList()));
            }
        }
        return waste;
    }

    /** What is left at the right end of a stick, after the last cut and before the trim; what is between is waste. */
    public Length left(StickAnswer.Laid laid) {
        Span last = fillable(stock.get(laid.stock())).getLast();
        Length from = last.from();
        for (StickAnswer.Placed placed : laid.placed()) {
            Kind kind = pieces.get(placed.kind());
            from = from.max(placed.start().plus(kind.length()).plus(gapAfter(kind.end(placed.lie(), true))));
        }
        return last.to().minus(from).max(Length.ZERO);
    }

    /**
     * The clean runs of a stick as they can be filled: where a defect is thinner than a kerf, the next run starts a
     * kerf after the run before it, since the last cut there may need that room. As many as there are runs; one
     * that is used up so is empty.
     */
    List<Span> fillable(Stock stick) {
        Length widest = gap;
        for (Kind kind : pieces) {
            for (Part part : kind.parts()) {
                widest = widest.max(part.left().kerf()).max(part.right().kerf());
            }
        }
        List<Span> runs = stick.runs(trim);
        List<Span> fillable = new ArrayList<>();
        for (Span run : runs) {
            Length from = fillable.isEmpty()
                    ? run.from()
                    : run.from().max(fillable.getLast().to().plus(widest)).min(run.to());
            fillable.add(new Span(from, run.to()));
        }
        return fillable;
    }

    /** Whether some run can be filled less than it is long, so that what does not fit there might fit all the same. */
    boolean isNarrowed() {
        return stock.stream().anyMatch(stick -> !fillable(stick).equals(stick.runs(trim)));
    }

    private Length gapAfter(End end) {
        return gap.max(end.kerf());
    }

    /**
     * Least distance from the furthest point of one piece to the furthest of the next: the wider kerf, less what their
     * cuts share.
     */
    long between(End one, End other) {
        return gap.max(one.kerf()).max(other.kerf()).nanometres()
                - End.shared(one.lean().nanometres(), other.lean().nanometres());
    }

    /**
     * Whether all ends are alike and every piece may lie any way, or all are square: then room is only a matter of
     * adding lengths.
     */
    boolean isAdditive() {
        End first = pieces.getFirst().end(Lie.AS_IS, false);
        long lean = Math.abs(first.lean().nanometres());
        long kerf = gapAfter(first).nanometres();
        boolean sharing = pieces.stream().allMatch(Kind::flips);
        boolean noneFlips = pieces.stream().noneMatch(Kind::flips) && !sharesAsItLies();
        for (Kind kind : pieces) {
            for (boolean right : new boolean[] {false, true}) {
                End end = kind.end(Lie.AS_IS, right);
                if (gapAfter(end).nanometres() != kerf
                        || !noneFlips && (!sharing || Math.abs(end.lean().nanometres()) != lean)) {
                    return false;
                }
            }
        }
        return true;
    }

    /** Whether some cuts lean alike as the pieces lie, so that even without flipping they may be shared. */
    private boolean sharesAsItLies() {
        boolean[] right = leans(true);
        boolean[] left = leans(false);
        return right[0] && left[0] || right[1] && left[1];
    }

    private boolean[] leans(boolean right) {
        boolean[] leans = new boolean[2];
        for (Kind kind : pieces) {
            long lean = kind.end(Lie.AS_IS, right).lean().nanometres();
            leans[0] |= lean < 0;
            leans[1] |= lean > 0;
        }
        return leans;
    }

    /**
     * What a piece takes of a stick at the least, and the room there is at the most: half of every gap and
     * half of what may be shared belongs to either neighbour. Distances between neighbours are never under
     * the sum of their halves, so what does not fit so, fits in no order.
     */
    StickModel hopeful() {
        boolean share = mayShare();
        long most = Long.MIN_VALUE;
        long[] needs = new long[pieces.size()];
        for (int i = 0; i < needs.length; i++) {
            Kind kind = pieces.get(i);
            long both = 0;
            for (boolean right : new boolean[] {false, true}) {
                End end = kind.end(Lie.AS_IS, right);
                long twice = gapAfter(end).nanometres() - (share ? Math.abs(end.lean().nanometres()) : 0);
                both += twice;
                most = Math.max(most, twice);
            }
            needs[i] = kind.length().nanometres() + Math.floorDiv(both, 2L);
        }
        return StickModel.of(this, needs, most, true);
    }

    private boolean mayShare() {
        return pieces.stream().anyMatch(Kind::flips) || sharesAsItLies();
    }

    /**
     * What fits so, fits in every order that turns each other piece over: the widest gap, less the least that is always
     * shared.
     */
    StickModel careful() {
        long gapMost = 0;
        long leanLeast = Long.MAX_VALUE;
        for (Kind kind : pieces) {
            for (boolean right : new boolean[] {false, true}) {
                End end = kind.end(Lie.AS_IS, right);
                gapMost = Math.max(gapMost, gapAfter(end).nanometres());
                leanLeast = Math.min(leanLeast, kind.flips() ? Math.abs(end.lean().nanometres()) : 0);
            }
        }
        long between = gapMost - leanLeast;
        return StickModel.of(
                this,
                pieces.stream()
                        .mapToLong(k -> k.length().nanometres() + between)
                        .toArray(),
                between,
                false);
    }

    int[] wanted() {
        int[] wanted = pieces.stream().mapToInt(Kind::count).toArray();
        locks.forEach(lock -> wanted[lock.piece()] -= lock.count());
        for (int i = 0; i < wanted.length; i++) {
            if (wanted[i] < 0) {
                throw Refusal.of(
                        "stick_problem.piece_is_locked_times",
                        pieces.get(i).name(),
                        (pieces.get(i).count() - wanted[i]),
                        pieces.get(i).count());
            }
        }
        return wanted;
    }

    /** What is locked to a stick, of each kind. */
    int[] lockedTo(int stick) {
        int[] counts = new int[pieces.size()];
        locks.stream().filter(lock -> lock.stock() == stick).forEach(lock -> counts[lock.piece()] += lock.count());
        return counts;
    }

    boolean isLockedTo(int stick) {
        return Arrays.stream(lockedTo(stick)).sum() > 0;
    }
}
