package neatcorner.core.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Packing of lengths into sticks, in whole nanometres. A stick holds pieces whose lengths, with one
 * gap between neighbours, do not exceed what is usable of it.
 */
final class StickPacking {
    /** How many choices are tried for one stick before the best so far is taken. */
    private static final int MOST_CHOICES = 20_000;
    private final long[] pieces;
    private final long gap;
    private final List<Stick> rack;
    private final List<Stick> forSale;

    /**
     * A stick that may be used.
     *
     * @param usable length between the end trims, nanometres
     * @param full   whole length, nanometres
     * @param bought whether it is not on the rack yet
     */
    record Stick(long usable, long full, boolean bought) {
    }

    /**
     * A stick with the indices of the pieces on it.
     */
    record Filled(Stick stick, List<Integer> pieces) {
    }

    /** Pieces must each fit in some stick; {@link #pack} says so by an empty answer when not. */
    StickPacking(long[] pieces, long gap, List<Stick> rack, List<Stick> forSale) {
        this.pieces = pieces.clone();
        this.gap = gap;
        this.rack = List.copyOf(rack);
        this.forSale = List.copyOf(forSale);
    }

    /** The best layout found; empty when some piece is longer than every stick. */
    Optional<List<Filled>> pack() {
        List<List<Stick>> racks = List.of(sortedRack(true), sortedRack(false));
        List<List<Filled>> candidates = new ArrayList<>();
        for (List<Stick> order : racks) {
            for (Optional<Stick> sold : saleChoices()) {
                bestFit(order, sold).ifPresent(candidates::add);
                fillUp(order, sold).ifPresent(candidates::add);
            }
        }
        return candidates.stream().min(StickPacking::compare);
    }

    /** Plain best fit decreasing: the yardstick {@link #pack} is measured against. */
    Optional<List<Filled>> bestFitDecreasing() {
        return saleChoices().stream().flatMap(sold -> bestFit(sortedRack(true), sold).stream())
                .min(StickPacking::compare);
    }

    private List<Optional<Stick>> saleChoices() {
        return forSale.isEmpty() ? List.of(Optional.empty()) : forSale.stream().map(Optional::of).toList();
    }

    private List<Stick> sortedRack(boolean shortestFirst) {
        Comparator<Stick> byLength = Comparator.comparingLong(Stick::usable);
        return rack.stream().sorted(shortestFirst ? byLength : byLength.reversed()).toList();
    }

    private List<Integer> longestFirst() {
        return java.util.stream.IntStream.range(0, pieces.length).boxed()
                .sorted(Comparator.comparingLong((Integer i) -> -pieces[i]).thenComparing(i -> i)).toList();
    }

    /** Each piece, the longest first, goes where it leaves the least; else a new stick is taken. */
    private Optional<List<Filled>> bestFit(List<Stick> order, Optional<Stick> sold) {
        List<Stick> unused = new ArrayList<>(order);
        List<Filled> open = new ArrayList<>();
        List<Long> room = new ArrayList<>();
        for (int piece : longestFirst()) {
            long need = pieces[piece] + gap;
            int best = -1;
            for (int i = 0; i < open.size(); i++) {
                if (room.get(i) >= need && (best < 0 || room.get(i) < room.get(best))) {
                    best = i;
                }
            }
            if (best < 0) {
                Optional<Stick> next = take(unused, pieces[piece], sold);
                if (next.isEmpty()) {
                    return Optional.empty();
                }
                open.add(new Filled(next.get(), new ArrayList<>()));
                room.add(next.get().usable() + gap);
                best = open.size() - 1;
            }
            open.get(best).pieces().add(piece);
            room.set(best, room.get(best) - need);
        }
        return Optional.of(open);
    }

    /** The chosen length on sale, or for a piece too long for it the shortest that holds it. */
    private Optional<Stick> take(List<Stick> unused, long length, Optional<Stick> sold) {
        for (int i = 0; i < unused.size(); i++) {
            if (unused.get(i).usable() >= length) {
                return Optional.of(unused.remove(i));
            }
        }
        return sold.filter(stick -> stick.usable() >= length).or(() -> forSale.stream()
                .filter(stick -> stick.usable() >= length).min(Comparator.comparingLong(Stick::usable)));
    }

    /** One stick after another, each with the longest piece left and the choice that fills it best. */
    private Optional<List<Filled>> fillUp(List<Stick> order, Optional<Stick> sold) {
        List<Stick> unused = new ArrayList<>(order);
        List<Integer> left = new ArrayList<>(longestFirst());
        List<Filled> filled = new ArrayList<>();
        while (!left.isEmpty()) {
            Optional<Stick> next = take(unused, pieces[left.getFirst()], sold);
            if (next.isEmpty()) {
                return Optional.empty();
            }
            List<Integer> chosen = new Filling(left, next.get().usable() + gap).best();
            filled.add(new Filled(next.get(), chosen));
            left.removeAll(chosen);
        }
        return Optional.of(filled);
    }

    /** Depth-first choice of pieces for one stick; the longest piece left is always among them. */
    private final class Filling {
        private final List<Integer> left;
        private final long room;
        private int[] best = new int[0];
        private long bestUsed = -1;
        private int choices;

        Filling(List<Integer> left, long room) {
            this.left = left;
            this.room = room;
        }

        List<Integer> best() {
            int[] chosen = new int[left.size()];
            extend(chosen, 0, 0, 0);
            return Arrays.stream(best).mapToObj(left::get).toList();
        }

        private void extend(int[] chosen, int count, int from, long used) {
            if (used > bestUsed) {
                bestUsed = used;
                best = Arrays.copyOf(chosen, count);
            }
            long tried = -1;
            for (int i = from; i < left.size() && bestUsed < room && choices < MOST_CHOICES; i++) {
                long length = pieces[left.get(i)];
                if (length == tried || used + length + gap > room) {
                    continue;
                }
                tried = length;
                choices++;
                chosen[count] = i;
                extend(chosen, count + 1, i + 1, used + length + gap);
                if (count == 0) {
                    return;
                }
            }
        }
    }

    /** Least bought, then least stock touched, then fewest sticks. */
    private static int compare(List<Filled> one, List<Filled> other) {
        return Comparator.comparingLong((List<Filled> l) -> total(l, true))
                .thenComparingLong(l -> total(l, false))
                .thenComparingInt(List::size)
                .compare(one, other);
    }

    private static long total(List<Filled> layout, boolean boughtOnly) {
        return layout.stream().filter(f -> !boughtOnly || f.stick().bought()).mapToLong(f -> f.stick().full()).sum();
    }
}
