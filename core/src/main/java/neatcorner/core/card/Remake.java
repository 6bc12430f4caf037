package neatcorner.core.card;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.cut.CutLots;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.cut.Supply;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.recall.Known;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.WorkLog;

/**
 * A piece that was spoiled, made again.
 *
 * @param wrong what spoiled it
 * @param again how often it was spoiled by now
 * @param from  the wood it is made of
 */
public record Remake(Deed.WentWrong wrong, int again, Supply.Taken from) {
    /** All that were spoiled, each from what the ones before it left. */
    public static List<Remake> of(Plan plan) {
        return of(plan, plan.get(WorkLog.class).spoilt());
    }

    /** The same if these were spoiled. */
    static List<Remake> of(Plan plan, List<Deed.WentWrong> spoilt) {
        if (spoilt.isEmpty()) {
            return List.of();
        }
        List<StickLayout> sticks = plan.toSaw().sticks();
        Map<String, String> parts = Lots.parts(plan.get(CutLots.class).orders());
        Supply supply = new Supply(sticks, plan.results().shop());
        Map<List<Object>, Integer> times = new HashMap<>();
        List<Remake> remakes = new ArrayList<>();
        for (Deed.WentWrong wrong : spoilt) {
            Act.Saw act = wrong.act();
            int again = times.merge(List.of(act.part(), act.piece()), 1, Integer::sum);
            find(sticks, act, parts)
                    .map(one -> supply.take(one.stick, one.placed))
                    .ifPresent(from -> remakes.add(new Remake(wrong, again, from)));
        }
        return List.copyOf(remakes);
    }

    /** A stick with the piece on it. */
    private record Lying(StickLayout stick, StickLayout.Placed placed) {
    }

    /** Empty for a piece that the job has no more. */
    private static Optional<Lying> find(List<StickLayout> sticks, Act.Saw act, Map<String, String> parts) {
        return sticks.stream()
                .flatMap(stick -> stick.placed().stream().map(placed -> new Lying(stick, placed)))
                .filter(one -> one.placed.piece().id().equals(act.piece())
                        && act.part().equals(Known.in(parts, one.placed.piece().job())))
                .findFirst();
    }

    /** Which piece, in words. */
    public Words piece() {
        Piece piece = from.layout().placed().getFirst().piece();
        return Words.of("stick.piece", piece.member().side().letters(), piece.frame());
    }

    /** From what it is made again, in words. */
    public Words words() {
        StickLayout layout = from.layout();
        if (!from.fresh()) {
            return Words.of("card.again_rest", from.number(), layout.length());
        }
        return Words.of(
                layout.bought() ? "card.again_bought" : "card.again_stick",
                layout.section().name(),
                layout.length(),
                layout.source().said());
    }

    /** Whether it was spoiled once more. */
    boolean isSpoilt(List<Remake> all) {
        return all.stream()
                .anyMatch(other -> other.again > again && other.wrong.act().isOfSamePiece(wrong.act()));
    }
}
