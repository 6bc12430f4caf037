package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.job.Cutting;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;

/**
 * What cutting does to the rack: sticks, boards and sheets go, what is worth keeping of them comes.
 *
 * @param edit of the shop
 * @param kept off-cuts, parts of boards, rests of sheets and holes of mats, with their new labels
 * @param made what each job was cut from, by the name its pieces carry
 * @param open of these the jobs that are not cut as a whole by it
 */
public record Booking(ShopEdit edit, List<RackItem> kept, Map<String, List<Cutting.Made>> made, Set<String> open) {
    /** A narrower rest of a sheet is none. */
    private static final Length LEAST_SHEET = Length.mm(50);

    /**
     * The sticks of some lots.
     *
     * @param again  the wood of pieces that were made again
     * @param useful what is left is kept from this length on
     */
    public static Booking ofSticks(List<Lot> lots, List<Supply.Taken> again, Shop shop, Length useful) {
        List<StickLayout> sticks = Supply.with(CutPlan.sticks(lots), again);
        Keeper keeper = new Keeper(shop, "C");
        for (StickLayout stick : sticks) {
            switch (stick.source().from()) {
                case OFF_CUT -> keeper.take(stick.source().label());
                case RACK -> keeper.edit(new ShopEdit.Receive(stick.section(), stick.length(), -1));
                case TO_BUY -> {
                }
            }
            List<RackItem> left = new ArrayList<>();
            for (Span span : stick.offCuts(useful)) {
                left.add(keeper.keep(label -> new OffCut(
                        label,
                        asItCameOut(stick),
                        span.length(),
                        defectsIn(stick, span),
                        stick.source().shelf(),
                        stick.source().from() == Source.From.OFF_CUT
                                ? stick.source().batch()
                                : "")));
            }
            Keeper.byJob(stick.placed(), p -> p.piece().job())
                    .forEach((job, placed) -> keeper.enter(
                            job,
                            new Cutting.Made(
                                    Cutting.Stuff.STICK,
                                    stick.id().toString(),
                                    stick.section().name(),
                                    stick.length(),
                                    Length.ZERO,
                                    placed.stream()
                                            .map(p -> p.piece().id().toString())
                                            .distinct()
                                            .collect(Collectors.joining(", ")),
                                    Keeper.labels(left),
                                    Length.sum(left.stream()
                                            .map(item -> ((OffCut) item).length())
                                            .toList()))));
        }
        return keeper.booking(sticks.size());
    }

    /** Wood that did not come out as it was meant to is no more what it was. */
    private static Section asItCameOut(StickLayout stick) {
        return stick.placed().stream()
                .map(placed -> placed.piece().member().stock())
                .filter(section -> !section.isCutLike(stick.section()))
                .findFirst()
                .orElse(stick.section());
    }

    /**
     * Sheets of glass, mat and board; holes of mats that no other mat is cut from are kept too.
     *
     * @param useful rests are kept when both sides are as long as this or longer
     */
    public static Booking ofSheets(List<SheetLot> lots, Shop shop, Length useful) {
        Keeper keeper = new Keeper(shop, "S");
        Length least = useful.max(LEAST_SHEET);
        int cut = 0;
        for (SheetLot lot : lots) {
            List<SheetAnswer.Laid> sheets = lot.answer().map(SheetAnswer::sheets).orElse(List.of());
            Optional<Sheet> alike = sheets.stream()
                    .flatMap(laid -> lot.sheets().get(laid.stock()).stream())
                    .findFirst();
            int[] used = new int[lot.sheets().size()];
            for (SheetAnswer.Laid laid : sheets) {
                cut++;
                used[laid.stock()]++;
                Optional<Sheet> sheet = lot.sheets().get(laid.stock());
                if (!lot.isBought(laid)) {
                    sheet.ifPresent(s -> keeper.takeOne(s));
                }
                List<RackItem> left = new ArrayList<>();
                laid.rests().stream()
                        .filter(rest ->
                                !rest.width().isUnder(least) && !rest.height().isUnder(least))
                        .forEach(rest -> sheet.or(() -> alike)
                                .ifPresent(s ->
                                        left.add(keeper.keep(label -> s.part(label, rest.width(), rest.height())))));
                SheetProblem problem = lot.problem().orElseThrow();
                SheetProblem.Stock whole = problem.stock().get(laid.stock());
                Keeper.byJob(
                                laid.panes(),
                                placed -> problem.panes().get(placed.pane()).name())
                        .forEach((job, panes) -> keeper.enter(
                                job,
                                new Cutting.Made(
                                        Cutting.Stuff.SHEET,
                                        whole.name(),
                                        "",
                                        whole.width(),
                                        whole.height(),
                                        String.valueOf(panes.size()),
                                        Keeper.labels(left),
                                        Length.ZERO)));
            }
            for (int k = 0; k < used.length; k++) {
                SheetProblem.Stock hole = lot.problem().orElseThrow().stock().get(k);
                for (int n = used[k]; lot.sheets().get(k).isEmpty() && n < hole.count().orElse(0); n++) {
                    alike.ifPresent(s -> keeper.keep(label -> s.part(label, hole.width(), hole.height())));
                }
            }
        }
        return keeper.booking(cut);
    }

    private static List<Span> defectsIn(StickLayout stick, Span left) {
        return stick.source().defects().stream()
                .filter(d -> d.to().isOver(left.from()) && d.from().isUnder(left.to()))
                .map(d -> new Span(
                        d.from().max(left.from()).minus(left.from()),
                        d.to().min(left.to()).minus(left.from())))
                .toList();
    }
}
