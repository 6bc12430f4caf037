package neatcorner.core.sawing;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;

/**
 * Cuts one after another for which nothing is set anew.
 *
 * @param setting how the saw stands
 * @param stop    how the stop stands; empty where none of them uses it
 * @param cuts    one or more
 */
public record Run(SawSetting setting, Optional<Length> stop, List<SawCut> cuts) {
    public Run {
        cuts = List.copyOf(cuts);
    }

    /** How many cuts at which setting, to which stop. */
    public Words words() {
        int first = cuts.getFirst().number();
        int last = cuts.getLast().number();
        Words which = first == last ? Words.of("sawing.cut", first) : Words.of("sawing.cuts", first, last);
        return stop.map(length -> Words.of("sawing.run_stop", which, setting.words(), length))
                .orElseGet(() -> Words.of("sawing.run", which, setting.words()));
    }

    /** Which ends of which pieces, a line for every stick. */
    public List<Words> lines() {
        Map<List<Object>, List<SawCut>> byStick = new LinkedHashMap<>();
        cuts.forEach(cut -> byStick.computeIfAbsent(
                        List.of(cut.on().number(), cut.stroke().makesLength()), _ -> new ArrayList<>())
                .add(cut));
        return byStick.values().stream()
                .map(on -> Words.of(
                        on.getFirst().stroke().makesLength() ? "sawing.right_ends" : "sawing.left_ends",
                        on.getFirst().on().number(),
                        Words.listed(on.stream().map(cut -> cut.on().letters(cut.on().place())).toList())))
                .toList();
    }

    /** The runs of an order. */
    static List<Run> of(List<SawCut> cuts) {
        List<Run> runs = new ArrayList<>();
        List<SawCut> run = new ArrayList<>();
        for (SawCut cut : cuts) {
            if (!run.isEmpty() && (cut.anew().setting() || cut.anew().stop())) {
                runs.add(of(run.getFirst().setting(), run));
                run.clear();
            }
            run.add(cut);
        }
        if (!run.isEmpty()) {
            runs.add(of(run.getFirst().setting(), run));
        }
        return runs;
    }

    private static Run of(SawSetting setting, List<SawCut> cuts) {
        Optional<Length> stop = cuts.stream()
                .map(SawCut::measure)
                .filter(Measure.Stop.class::isInstance)
                .map(Measure::length)
                .findFirst();
        return new Run(setting, stop, cuts);
    }
}
