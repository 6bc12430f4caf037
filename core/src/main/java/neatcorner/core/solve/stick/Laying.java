package neatcorner.core.solve.stick;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;

/**
 * Patterns as pieces along sticks. Where only lengths add up, every pattern can be laid that its place has the room
 * for; else an order is looked for once and remembered.
 */
final class Laying {
    /** So that a long search does not fill the memory, all is forgotten now and then. */
    private static final int MOST_KNOWN = 40_000;
    private static final Layout.Found NOT_TRIED = new Layout.Found(Optional.empty(), true);
    private final StickProblem problem;
    private final StickModel model;
    private final Layout layout;
    private final boolean sure;
    private final Map<Pattern, Layout.Found> known = new HashMap<>();
    private BooleanSupplier stop = () -> false;

    Laying(StickProblem problem, StickModel model) {
        this.problem = problem;
        this.model = model;
        this.layout = new Layout(problem);
        this.sure = problem.isAdditive()
                && !problem.isNarrowed()
                && model.places().stream().allMatch(p -> p.run() >= 0);
    }

    /** From now on everything that is not known yet is refused once this says yes: whoever asks then gives up. */
    void giveUpWhen(BooleanSupplier other) {
        stop = other;
    }

    /** Whether room alone decides. */
    boolean isSure() {
        return sure;
    }

    /** Whether an order that fits is known. */
    boolean fits(Pattern pattern) {
        return sure || found(pattern).placed().isPresent();
    }

    /** False when it is proven that a place cannot hold so many of each kind, in no order. */
    boolean mayFit(int place, int[] counts) {
        return sure || found(Pattern.of(place, counts)).mayFit();
    }

    /** False when what is locked to a stick does not fit on it. */
    boolean holdsLocked(int stock) {
        return !problem.isLockedTo(stock) || layout.onStick(stock, problem.lockedTo(stock)).placed().isPresent();
    }

    private Layout.Found found(Pattern pattern) {
        if (known.size() > MOST_KNOWN) {
            known.clear();
        }
        Layout.Found before = known.get(pattern);
        if (before != null || stop.getAsBoolean()) {
            return before == null ? NOT_TRIED : before;
        }
        Layout.Found found = lay(pattern);
        known.put(pattern, found);
        return found;
    }

    /** A pattern's pieces, with those locked to its stick. */
    private Layout.Found lay(Pattern pattern) {
        StickModel.Place place = model.places().get(pattern.stock());
        int[] counts = new int[problem.pieces().size()];
        for (int i = 0; i < pattern.kinds().length; i++) {
            counts[pattern.kinds()[i]] = pattern.counts()[i];
        }
        if (place.run() >= 0) {
            return layout.onRun(place.stock(), place.run(), counts);
        }
        int[] locked = problem.lockedTo(place.stock());
        Arrays.setAll(counts, i -> counts[i] + locked[i]);
        return layout.onStick(place.stock(), counts);
    }

    /**
     * The patterns on whole sticks: runs of one stick come together, and sticks with nothing but locked pieces are not
     * forgotten.
     */
    List<StickAnswer.Laid> sticks(List<Pattern> patterns) {
        Map<Integer, List<List<List<StickAnswer.Placed>>>> runs = new TreeMap<>();
        List<Pattern> sorted = patterns.stream()
                .sorted(Comparator.comparingInt(Pattern::stock)
                        .thenComparing(p -> -model.filled(p))
                        .thenComparing(p -> p.kinds().length == 0 ? 0 : p.kinds()[0]))
                .toList();
        for (Pattern pattern : sorted) {
            StickModel.Place place = model.places().get(pattern.stock());
            List<List<List<StickAnswer.Placed>>> ofStock = runs.computeIfAbsent(place.stock(), _ -> new ArrayList<>());
            while (ofStock.size() <= Math.max(0, place.run())) {
                ofStock.add(new ArrayList<>());
            }
            ofStock.get(Math.max(0, place.run())).add(lay(pattern).placed().orElseThrow());
        }
        for (int k = 0; k < problem.stock().size(); k++) {
            if (problem.isLockedTo(k) && !runs.containsKey(k)) {
                runs.put(k, List.of(List.of(layout.onStick(k, problem.lockedTo(k)).placed().orElseThrow())));
            }
        }
        List<StickAnswer.Laid> sticks = new ArrayList<>();
        runs.forEach((stock, ofStock) -> {
            for (int n = 0; n < ofStock.stream().mapToInt(List::size).max().orElse(0); n++) {
                List<StickAnswer.Placed> placed = new ArrayList<>();
                for (List<List<StickAnswer.Placed>> run : ofStock) {
                    if (n < run.size()) {
                        placed.addAll(run.get(n));
                    }
                }
                sticks.add(new StickAnswer.Laid(stock, placed));
            }
        });
        return sticks;
    }
}
