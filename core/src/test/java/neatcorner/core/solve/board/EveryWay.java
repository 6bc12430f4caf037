package neatcorner.core.solve.board;

import java.util.Arrays;
import java.util.List;
import neatcorner.core.measure.Length;

/**
 * Every way to cut one small board whose measures are all so many marks of a grid, one mark being the kerf: which
 * blanks can be had together, and what is left at best when only rests as wide as the board are kept.
 */
final class EveryWay {
    private static final double NO = Double.NEGATIVE_INFINITY;
    private final BoardProblem problem;
    private final BoardProblem.Stock board;
    private final long mark;
    private final int[] kinds;

    /** Cut from the first board of the problem. */
    EveryWay(BoardProblem problem) {
        this.problem = problem;
        this.board = problem.stock().getFirst();
        this.mark = problem.saw().kerf().nanometres();
        this.kinds = java.util.stream.IntStream.range(0, problem.kinds().size())
                .flatMap(kind -> java.util.stream.IntStream.generate(() -> kind)
                        .limit(problem.kinds().get(kind).count()))
                .toArray();
    }

    private int marks(Length length) {
        return Math.toIntExact(length.nanometres() / mark);
    }

    /** Fewest blanks missing, and the least cost with so many. */
    long[] best() {
        int all = 1 << kinds.length;
        int long_ = marks(board.length());
        int end = long_ - marks(problem.saw().trim());
        double[][] left = new double[long_ + 2][all];
        for (double[] row : left) {
            Arrays.fill(row, NO);
        }
        int trim = marks(problem.saw().trim());
        for (int start = trim; start < end; start++) {
            double lead = rest(0, start - 1);
            for (int stop = start + Math.max(1, marks(board.least())); stop <= end; stop++) {
                boolean[] made = piece(start, stop);
                for (int mask = 1; mask < all; mask++) {
                    if (!made[mask]) {
                        continue;
                    }
                    left[stop][mask] = Math.max(left[stop][mask], lead);
                    for (int before = trim; before < start; before++) {
                        double between = rest(before + 1, start - 1);
                        for (int other = 1; other < all; other++) {
                            if ((other & mask) == 0 && left[before][other] > NO) {
                                left[stop][mask | other] =
                                        Math.max(left[stop][mask | other], left[before][other] + between);
                            }
                        }
                    }
                }
            }
        }
        int most = 0;
        double rests = 0;
        for (int stop = 0; stop <= end; stop++) {
            for (int mask = 1; mask < all; mask++) {
                if (left[stop][mask] > NO) {
                    int count = Integer.bitCount(mask);
                    double value = left[stop][mask] + rest(stop + 1, long_);
                    if (count > most || count == most && value > rests) {
                        most = count;
                        rests = value;
                    }
                }
            }
        }
        return new long[] {
            kinds.length - most, most == 0 ? 0 : Math.round(board.worth() * (1 - rests / board.length().toMm()))
        };
    }

    /** What a rest between two crosscuts is worth, as a length of the board; the board is all of its width. */
    private double rest(int from, int to) {
        double length = (to - from) * mark * 1e-6;
        double keep = problem.saw().keepLength().toMm();
        if (length < keep || !isClear(from, to, marks(problem.saw().keepLength()))) {
            return 0;
        }
        double whole = board.length().toMm();
        return length * Math.min(1, length / Math.min(2 * keep, whole)) * (0.85 + 0.15 * length / whole);
    }

    private boolean isClear(int from, int to, int length) {
        for (int x = from; x + length <= to; x++) {
            int left = x;
            if (board.holes().stream().noneMatch(h -> marks(h.x()) < left + length && marks(h.right()) > left)) {
                return true;
            }
        }
        return false;
    }

    /** Which blanks can be had together from a length. */
    private boolean[] piece(int start, int stop) {
        int wide = marks(board.width());
        boolean[][] at = new boolean[wide + 2][1 << kinds.length];
        at[marks(board.jointing())][0] = true;
        boolean[] made = new boolean[1 << kinds.length];
        for (int y = marks(board.jointing()); y <= wide + 1; y++) {
            for (int mask = 0; mask < made.length; mask++) {
                if (!at[y][mask]) {
                    continue;
                }
                made[mask] = true;
                if (y <= wide) {
                    at[y + 1][mask] = true;
                }
                for (int profile = 0; profile < problem.profiles().size(); profile++) {
                    int far = y + marks(problem.profiles().get(profile).width());
                    if (far > wide || board.leaves().get(profile).count() == 0) {
                        continue;
                    }
                    for (int more = 1; more < made.length; more++) {
                        if ((more & mask) == 0 && fits(start, stop, y, far, profile, more)) {
                            at[far + 1][mask | more] = true;
                        }
                    }
                }
            }
        }
        return made;
    }

    private boolean fits(int start, int stop, int near, int far, int profile, int mask) {
        int leaves = board.leaves().get(profile).count();
        List<int[]> runs = new java.util.ArrayList<>();
        int from = start + marks(board.snipe());
        int end = stop - marks(board.snipe());
        for (int x = from; x <= end; x++) {
            int here = x;
            boolean hole = x == end
                    || board.holes().stream()
                            .anyMatch(h -> marks(h.x()) <= here && marks(h.right()) > here && marks(h.y()) < far
                                    && marks(h.far()) > near);
            if (hole) {
                if (x > from) {
                    runs.add(new int[] {x - from});
                }
                from = x + 1;
            }
        }
        int[] room = new int[runs.size() * leaves];
        for (int i = 0; i < room.length; i++) {
            room[i] = runs.get(i / leaves)[0] + 1;
        }
        return fits(room, mask, profile);
    }

    private boolean fits(int[] room, int mask, int profile) {
        if (mask == 0) {
            return true;
        }
        int next = Integer.numberOfTrailingZeros(mask);
        BoardProblem.Kind kind = problem.kinds().get(kinds[next]);
        int length = marks(kind.length()) + 1;
        if (!kind.profiles().contains(profile)) {
            return false;
        }
        for (int i = 0; i < room.length; i++) {
            if (room[i] >= length) {
                room[i] -= length;
                boolean fits = fits(room, mask & mask - 1, profile);
                room[i] += length;
                if (fits) {
                    return true;
                }
            }
        }
        return false;
    }
}
