package neatcorner.core.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Shop;
import neatcorner.core.job.ShopEdit;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.RackItem;
import neatcorner.core.words.Words;

/**
 * What cutting does to the rack: sticks go, off-cuts worth keeping come.
 *
 * @param edit    of the shop
 * @param offCuts with their new labels
 * @param made    what each job was cut from, by the job's title
 */
public record Booking(ShopEdit edit, List<OffCut> offCuts, Map<String, List<Cutting.Made>> made) {
    /**
     * Books what lots say.
     *
     * @param useful what is left is kept from this length on
     */
    public static Booking of(List<Lot> lots, Shop shop, Length useful) {
        List<StickLayout> sticks = CutPlan.sticks(lots);
        List<String> labels = shop.rack().freeLabels("C", sticks.stream().mapToInt(s -> s.offCuts(useful).size()).sum());
        List<ShopEdit> edits = new ArrayList<>();
        List<String> used = new ArrayList<>();
        List<RackItem> kept = new ArrayList<>();
        Map<String, List<Cutting.Made>> made = new LinkedHashMap<>();
        for (StickLayout stick : sticks) {
            switch (stick.source().from()) {
                case OFF_CUT -> used.add(stick.key());
                case RACK -> edits.add(new ShopEdit.Receive(stick.section(), stick.length(), -1));
                case TO_BUY -> {
                }
            }
            int before = kept.size();
            for (Span left : stick.offCuts(useful)) {
                kept.add(new OffCut(labels.get(kept.size()), stick.section(), left.length(), defectsIn(stick, left), stick.source().shelf(),
                        stick.source().from() == Source.From.OFF_CUT ? stick.source().batch() : ""));
            }
            enter(stick, kept.subList(before, kept.size()), made);
        }
        if (!used.isEmpty()) {
            edits.add(new ShopEdit.Unshelve(used));
        }
        if (!kept.isEmpty()) {
            edits.add(new ShopEdit.Shelve(kept));
        }
        return new Booking(new ShopEdit.Together(edits, Words.of("edit.booked", sticks.size(), kept.size())),
                kept.stream().map(OffCut.class::cast).toList(), made);
    }

    private static List<Span> defectsIn(StickLayout stick, Span left) {
        return stick.source().defects().stream().filter(d -> d.to().isOver(left.from()) && d.from().isUnder(left.to()))
                .map(d -> new Span(d.from().max(left.from()).minus(left.from()), d.to().min(left.to()).minus(left.from()))).toList();
    }

    private static void enter(StickLayout stick, List<RackItem> kept, Map<String, List<Cutting.Made>> made) {
        Map<String, List<StickLayout.Placed>> byJob = stick.placed().stream()
                .collect(Collectors.groupingBy(p -> p.piece().job(), LinkedHashMap::new, Collectors.toList()));
        byJob.forEach((job, placed) -> made.computeIfAbsent(job, _ -> new ArrayList<>()).add(new Cutting.Made(stick.key(), stick.section().name(), stick.length(),
                placed.stream().map(p -> p.piece().key()).collect(Collectors.joining(", ")),
                kept.stream().map(RackItem::label).collect(Collectors.joining(", ")),
                Length.sum(kept.stream().map(item -> ((OffCut) item).length()).toList()))));
    }
}
