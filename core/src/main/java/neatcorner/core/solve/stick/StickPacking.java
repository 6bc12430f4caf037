package neatcorner.core.solve.stick;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.Iterator;
import java.util.LinkedList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;

/**
 * Packing of lengths into sticks, in whole nanometres, by simple rules. What a piece takes includes its
 * gap, and a stick's room the gap its last piece does not need.
 */
final class StickPacking {
    /** Choices tried for one stick before the best so far is taken, where time is no matter. */
    static final int THOROUGH = 20_000;
    private static final int MOST_AT_ONCE = 400_000;
    private static final int LEAST_FOR_ONE = 150;
    private final long[] pieces;
    private final int mostForOne;
    private final List<Stick> rack;
    private final List<Stick> forSale;
    private final BooleanSupplier stop;

    /**
     * A stick that may be used.
     *
     * @param place which of the model's places it is
     * @param room  nanometres
     * @param cost  in the smallest coin
     */
    record Stick(int place, long room, long cost) {
    }

    /**
     * A stick with the indices of the pieces on it.
     */
    record Filled(Stick stick, List<Integer> pieces) {
    }

    /** Within milliseconds: choices are shared out among the pieces. */
    StickPacking(long[] pieces, List<Stick> rack, List<Stick> forSale) {
        this(
                pieces,
                rack,
                forSale,
                Math.clamp(MOST_AT_ONCE / Math.max(1, pieces.length), LEAST_FOR_ONE, THOROUGH),
                () -> false);
    }

    /**
     * Pieces must each fit in some stick; {@link #pack} says so by an empty answer when not.
     *
     * @param stop when to leave it at what was found
     */
    StickPacking(long[] pieces, List<Stick> rack, List<Stick> forSale, int mostForOne, BooleanSupplier stop) {
        this.stop = stop;
        this.pieces = pieces.clone();
        this.mostForOne = mostForOne;
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
        return candidates.stream().map(this::exchanged).min(this::compare);
    }

    /** Plain best fit decreasing: the yardstick {@link #pack} is measured against. */
    Optional<List<Filled>> bestFitDecreasing() {
        return saleChoices().stream().flatMap(sold -> bestFit(sortedRack(true), sold).stream())
                .min(this::compare);
    }

    /** Every stick that is bought exchanged for the cheapest that holds the same pieces. */
    private List<Filled> exchanged(List<Filled> layout) {
        return layout.stream()
                .map(filled -> {
                    if (!forSale.contains(filled.stick())) {
                        return filled;
                    }
                    long used =
                            filled.pieces().stream().mapToLong(i -> pieces[i]).sum();
                    return forSale.stream()
                            .filter(s -> s.room() >= used)
                            .min(Comparator.comparingLong(Stick::cost).thenComparingLong(Stick::room))
                            .map(s -> new Filled(s, filled.pieces()))
                            .orElse(filled);
                })
                .toList();
    }

    private List<Optional<Stick>> saleChoices() {
        return forSale.isEmpty() ? List.of(Optional.empty()) : forSale.stream().map(Optional::of).toList();
    }

    private List<Stick> sortedRack(boolean shortestFirst) {
        Comparator<Stick> byLength = Comparator.comparingLong(Stick::room);
        return rack.stream().sorted(shortestFirst ? byLength : byLength.reversed()).toList();
    }

    private List<Integer> longestFirst() {
        return IntStream.range(0, pieces.length).boxed()
                .sorted(Comparator.comparingLong((Integer i) -> -pieces[i]).thenComparing(i -> i)).toList();
    }

    /** Each piece, the longest first, goes where it leaves the least; else a new stick is taken. */
    private Optional<List<Filled>> bestFit(List<Stick> order, Optional<Stick> sold) {
        List<Stick> unused = new LinkedList<>(order);
        List<Filled> open = new ArrayList<>();
        TreeMap<Long, Deque<Filled>> byRoom = new TreeMap<>();
        for (int piece : longestFirst()) {
            long need = pieces[piece];
            Map.Entry<Long, Deque<Filled>> tightest = byRoom.ceilingEntry(need);
            Filled stick;
            long room;
            if (tightest == null) {
                Optional<Stick> next = take(unused, pieces[piece], sold);
                if (next.isEmpty()) {
                    return Optional.empty();
                }
                stick = new Filled(next.get(), new ArrayList<>());
                room = next.get().room();
                open.add(stick);
            } else {
                room = tightest.getKey();
                stick = tightest.getValue().removeFirst();
                if (tightest.getValue().isEmpty()) {
                    byRoom.remove(room);
                }
            }
            stick.pieces().add(piece);
            byRoom.computeIfAbsent(room - need, _ -> new ArrayDeque<>()).addLast(stick);
        }
        return Optional.of(open);
    }

    /** The chosen length on sale, or for a piece too long for it the shortest that holds it. */
    private Optional<Stick> take(List<Stick> unused, long length, Optional<Stick> sold) {
        for (Iterator<Stick> sticks = unused.iterator(); sticks.hasNext();) {
            Stick stick = sticks.next();
            if (stick.room() >= length) {
                sticks.remove();
                return Optional.of(stick);
            }
        }
        return sold.filter(stick -> stick.room() >= length).or(() -> forSale.stream()
                .filter(stick -> stick.room() >= length).min(Comparator.comparingLong(Stick::room)));
    }

    /** One stick after another, each with a longest piece of those left and the choice that fills it best. */
    private Optional<List<Filled>> fillUp(List<Stick> order, Optional<Stick> sold) {
        List<Stick> unused = new LinkedList<>(order);
        List<Kind> left = kinds();
        List<Filled> filled = new ArrayList<>();
        while (!left.isEmpty()) {
            if (stop.getAsBoolean()) {
                return Optional.empty();
            }
            Optional<Stick> next = take(unused, left.getFirst().length(), sold);
            if (next.isEmpty()) {
                return Optional.empty();
            }
            int[] counts = new Choice(left, next.get().room()).best();
            List<Integer> chosen = new ArrayList<>();
            for (int i = 0; i < counts.length; i++) {
                for (int n = 0; n < counts[i]; n++) {
                    chosen.add(left.get(i).pieces().removeFirst());
                }
            }
            filled.add(new Filled(next.get(), chosen));
            left.removeIf(kind -> kind.pieces().isEmpty());
        }
        return Optional.of(filled);
    }

    /** Pieces of one length. */
    private record Kind(long length, Deque<Integer> pieces) {
    }

    /** The pieces by length, the longest first. An order of a hundred frames alike has two or three kinds. */
    private List<Kind> kinds() {
        List<Kind> kinds = new ArrayList<>();
        for (int piece : longestFirst()) {
            if (kinds.isEmpty() || kinds.getLast().length() != pieces[piece]) {
                kinds.add(new Kind(pieces[piece], new ArrayDeque<>()));
            }
            kinds.getLast().pieces().addLast(piece);
        }
        return kinds;
    }

    /** Depth-first choice of how many of each kind go on one stick; at least one of the longest does. */
    private final class Choice {
        private final List<Kind> left;
        private final long room;
        private final int[] chosen;
        private int[] best;
        private long bestUsed = -1;
        private int choices;

        Choice(List<Kind> left, long room) {
            this.left = left;
            this.room = room;
            this.chosen = new int[left.size()];
            this.best = chosen.clone();
        }

        int[] best() {
            choose(0, 0, 1);
            return best;
        }

        /**
         * Goes as deep as there are pieces on the stick: kinds of which none is taken are passed by, of however many
         * there are.
         */
        private void choose(int first, long used, int least) {
            if (used > bestUsed) {
                bestUsed = used;
                best = chosen.clone();
            }
            for (int kind = first; kind < left.size(); kind++) {
                long each = left.get(kind).length();
                int most = (int) Math.min(left.get(kind).pieces().size(), (room - used) / each);
                for (int count = most; count >= 1 && mayGoOn(); count--) {
                    choices++;
                    chosen[kind] = count;
                    choose(kind + 1, used + count * each, 0);
                }
                chosen[kind] = 0;
                if (kind == first && least > 0 || !mayGoOn()) {
                    return;
                }
                choices++;
            }
        }

        private boolean mayGoOn() {
            return bestUsed < room && choices < mostForOne;
        }
    }

    /** Least cost, then the most valuable remnants, then fewest sticks. */
    private int compare(List<Filled> one, List<Filled> other) {
        return Comparator.comparingLong((List<Filled> l) -> l.stream().mapToLong(f -> f.stick().cost()).sum())
                .thenComparing(Comparator.comparingLong(this::remnants).reversed())
                .thenComparingInt(List::size)
                .compare(one, other);
    }

    /**
     * Squares of what is left, in centimetres, less those of the sticks taken off the rack: one long remnant beats
     * three short ones.
     */
    private long remnants(List<Filled> layout) {
        long worth = 0;
        for (Filled filled : layout) {
            long left = (filled.stick().room() - filled.pieces().stream().mapToLong(i -> pieces[i]).sum()) / 10_000_000;
            long whole = forSale.contains(filled.stick()) ? 0 : filled.stick().room() / 10_000_000;
            worth += left * left - whole * whole;
        }
        return worth;
    }
}
