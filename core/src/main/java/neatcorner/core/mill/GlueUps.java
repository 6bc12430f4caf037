package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Safety;

/** Blanks that are glued up from staves or layers, in the order of the work, once all boards are milled. */
public final class GlueUps {
    private final List<MillStep> steps = new ArrayList<>();

    private GlueUps() {
    }

    /** Blanks that are glued up alike. */
    private record Alike(Wanted.Glued.Way way, int of, Length width, Length thickness, Length length) {
        static Alike of(Wanted wanted, Wanted.Glued glued) {
            return new Alike(glued.way(), glued.of(), glued.width(), glued.thickness(), wanted.blank());
        }
    }

    /** The steps; none when nothing is glued up. */
    public static List<MillStep> of(Milling milling) {
        Map<Alike, List<Wanted>> alike = new LinkedHashMap<>();
        milling.sawn().stream()
                .flatMap(Milling.Sawn::blanks)
                .map(Milling.Blank::wanted)
                .filter(wanted -> wanted.glued().isPresent())
                .sorted(Comparator.comparing(Wanted::job)
                        .thenComparing(wanted -> wanted.strip().toString())
                        .thenComparing(wanted -> wanted.glued().orElseThrow().number()))
                .forEach(wanted -> alike.computeIfAbsent(
                                Alike.of(wanted, wanted.glued().orElseThrow()), _ -> new ArrayList<>())
                        .add(wanted));
        GlueUps ups = new GlueUps();
        alike.forEach(ups::blanks);
        return List.copyOf(ups.steps);
    }

    private void blanks(Alike alike, List<Wanted> parts) {
        boolean isWide = alike.way() == Wanted.Glued.Way.EDGE_TO_EDGE;
        String way = isWide ? "edge" : "face";
        int count = parts.size() / alike.of();
        List<Words> notes = new ArrayList<>();
        notes.add(Words.of("mill.glue." + way + ".how"));
        if (steps.isEmpty()) {
            notes.add(Words.of("mill.glue.wait"));
            notes.add(Safety.ADHESIVE.words());
        }
        step(Operation.GLUE, alike, parts, Length.ZERO,
                Words.of("mill.glue." + way, count, alike.of(), alike.length()), notes);
        if (isWide) {
            step(
                    Operation.THICKNESS,
                    alike,
                    parts,
                    alike.thickness(),
                    Words.of("mill.glue.thickness", alike.thickness()),
                    List.of(Words.of("mill.glue.thickness.how")));
        }
        step(Operation.WIDTH, alike, parts, alike.width(), Words.of("mill.glue.width", alike.width()), List.of());
    }

    private void step(
            Operation operation, Alike alike, List<Wanted> parts, Length setting, Words what, List<Words> notes) {
        steps.add(new MillStep(
                "",
                steps.size() + 1,
                operation,
                0,
                List.of(),
                setting,
                Length.ZERO,
                parts.size() / alike.of(),
                operation == Operation.GLUE ? parts : List.of(),
                what,
                notes));
    }
}
