package neatcorner.core.card;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.job.Job;
import neatcorner.core.job.Placement;
import neatcorner.core.plan.Plan;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.sawing.Stroke;
import neatcorner.core.sawing.ToSaw;
import neatcorner.core.shop.Sizing;

/**
 * When a cut comes to the saw. Most come first, in one order. Strips that are fitted one by one wait until what they
 * are fitted to is made, and by transfer so does whatever goes round another part or into it; of a stick that several
 * parts share, only the cuts that give a piece its length wait.
 */
final class Waves {
    private static final int FIRST = 0;
    private final Job job;
    private final Sizing sizing;
    private final Spare spare;
    private final Map<Integer, List<SawCut>> cuts = new HashMap<>();

    private Waves(Plan plan, Spare spare, Sizing sizing) {
        this.job = plan.job();
        this.spare = spare;
        this.sizing = sizing;
    }

    /** Those of a job, whose cuts are brought into one order already. */
    static Waves of(Plan plan, Spare spare, ToSaw toSaw, Sawing sawing) {
        Waves waves = new Waves(plan, spare, toSaw.habits().sizing());
        if (IntStream.range(FIRST, plan.job().parts().size()).anyMatch(waves::waits)) {
            waves.fill(toSaw);
        } else {
            waves.cuts.put(FIRST, sawing.cuts());
        }
        return waves;
    }

    /** Whether a part, from 0, waits for the one it lies by. */
    private boolean waits(int part) {
        return part > FIRST && (job.at(part).isFitted() || fits(part));
    }

    private boolean fits(int part) {
        return sizing == Sizing.BY_TRANSFER
                && job.parts().get(part).placement().filter(Placement::isSnug).isPresent();
    }

    private void fill(ToSaw toSaw) {
        Map<Integer, List<Integer>> sticks = new LinkedHashMap<>();
        for (int i = 0; i < toSaw.sticks().size(); i++) {
            sticks.computeIfAbsent(first(toSaw.sticks().get(i)), _ -> new ArrayList<>()).add(i);
        }
        sticks.forEach((part, places) -> {
            List<StickLayout> these = places.stream().map(toSaw.sticks()::get).toList();
            for (SawCut cut : new ToSaw(these, toSaw.habits(), toSaw.machines()).inOrder().cuts()) {
                int when = cut.stroke() == Stroke.RIGHT ? turn(piece(cut)) : part;
                cuts.computeIfAbsent(when, _ -> new ArrayList<>())
                        .add(cut.onStick(places.get(cut.on().number() - 1) + 1));
            }
        });
        cuts.replaceAll((_, once) -> inOrder(once));
    }

    /** What is set for each is another thing now that others come between, or do not. */
    private static List<SawCut> inOrder(List<SawCut> once) {
        List<SawCut> ordered = new ArrayList<>();
        once.forEach(cut -> ordered.add(cut.after(ordered)));
        return List.copyOf(ordered);
    }

    private int first(StickLayout stick) {
        return stick.placed().stream()
                .mapToInt(placed -> turn(placed.piece()))
                .min()
                .orElse(FIRST);
    }

    private static Piece piece(SawCut cut) {
        return cut.on().placed().piece();
    }

    private int turn(Piece piece) {
        return turn(spare.number(piece));
    }

    /** With which part the pieces of a part get their lengths, both from 0. */
    int turn(int part) {
        return waits(part) ? part : FIRST;
    }

    /** What is cut before a part is joined, from 0, and after those before it are. */
    List<SawCut> of(int part) {
        return cuts.getOrDefault(part, List.of());
    }
}
