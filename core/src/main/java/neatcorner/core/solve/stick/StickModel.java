package neatcorner.core.solve.stick;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.measure.Span;

/**
 * A {@link StickProblem} as the search sees it: pieces that take room, places that have room. A stick
 * that costs nothing and has defects is as many places as it has clean runs.
 *
 * @param needs  room a piece of each kind takes, nanometres
 * @param extra  room a run has beyond its length, since its last piece needs no gap, nanometres
 * @param places what can be filled
 */
record StickModel(long[] needs, long extra, List<Place> places) {
    /**
     * A kind of place.
     *
     * @param stock  which kind of stick
     * @param run    which of its clean runs; negative for the whole stick
     * @param room   nanometres
     * @param cost   in the smallest coin
     * @param limit  how many there are; negative for as many as one buys
     * @param locked whether something is locked to it, so that it is used in any case
     */
    record Place(int stock, int run, long room, long cost, int limit, boolean locked) {
    }

    /**
     * The model of a problem.
     *
     * @param needs   room of each kind
     * @param extra   room beyond the length of a run: its last piece needs no gap
     * @param hopeful whether a stick of several runs that must be one place has the room of all of them, else of the
     *                longest
     */
    static StickModel of(StickProblem problem, long[] needs, long extra, boolean hopeful) {
        List<Place> places = new ArrayList<>();
        for (int k = 0; k < problem.stock().size(); k++) {
            StickProblem.Stock stock = problem.stock().get(k);
            List<Span> runs = stock.runs(problem.trim());
            int limit = stock.count().orElse(-1);
            boolean locked = problem.isLockedTo(k);
            if (!locked && (runs.size() == 1 || stock.cost() == 0)) {
                for (int r = 0; r < runs.size(); r++) {
                    places.add(new Place(k, r, runs.get(r).length().nanometres() + extra, stock.cost(), limit, false));
                }
                continue;
            }
            long room = 0;
            for (Span run : runs) {
                long one = run.length().nanometres() + extra;
                room = hopeful ? room + Math.max(0, one) : Math.max(room, one);
            }
            int[] there = problem.lockedTo(k);
            for (int i = 0; i < needs.length; i++) {
                room -= there[i] * needs[i];
            }
            places.add(new Place(k, -1, room, locked ? 0 : stock.cost(), limit, locked));
        }
        return new StickModel(needs.clone(), extra, List.copyOf(places));
    }

    int[] limits() {
        return places.stream().mapToInt(Place::limit).toArray();
    }

    long room(int place) {
        return places.get(place).room();
    }

    long cost(int place) {
        return places.get(place).cost();
    }

    long filled(Pattern pattern) {
        long sum = 0;
        for (int i = 0; i < pattern.kinds().length; i++) {
            sum += needs[pattern.kinds()[i]] * pattern.counts()[i];
        }
        return sum;
    }
}
