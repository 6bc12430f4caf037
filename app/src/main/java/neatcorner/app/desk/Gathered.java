package neatcorner.app.desk;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.cut.Lot;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.OrderNames;
import neatcorner.core.cut.SheetLot;
import neatcorner.core.frame.Assembly;
import neatcorner.core.mill.Milling;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;

/**
 * All open jobs laid on the rack together.
 *
 * @param orders  the jobs whose pieces are not cut yet
 * @param panes   those whose panes are not cut yet
 * @param atBench how many jobs are left out of the orders: their sticks are taken up at the bench
 * @param whose   the parts of jobs in the store, by the names their pieces carry
 * @param lots    their pieces by section
 * @param sheets  their panes by material, where they were asked for
 * @param milling their strips from the boards of the rack, where they were asked for
 */
public record Gathered(
        List<Lots.Order> orders,
        List<Lots.Order> panes,
        int atBench,
        Map<String, Whose> whose,
        List<Lot> lots,
        Optional<List<SheetLot>> sheets,
        Optional<Milling> milling) {
    /**
     * Whose pieces they are.
     *
     * @param id   of the job in the store
     * @param part of that job, from 0
     */
    record Whose(String id, int part) {
    }

    /** How many jobs pieces of these names are of. */
    public long jobs(Stream<String> names) {
        return names.distinct()
                .map(name -> Optional.ofNullable(whose.get(name)).map(Whose::id).orElse(name))
                .distinct()
                .count();
    }

    /** The same laid anew on the sticks of a shop, and on what else is asked for. */
    Gathered laid(Shop shop, Answers answers, Laid laid) {
        List<Lot> sticks = Lots.ofAll(orders, shop, answers);
        return new Gathered(
                orders,
                panes,
                atBench,
                whose,
                sticks,
                laid == Laid.SHEETS ? Optional.of(SheetLot.of(panes, shop, answers)) : Optional.empty(),
                laid == Laid.BOARDS ? Optional.of(Milling.of(orders, shop, answers)) : Optional.empty());
    }

    /** Jobs that are being gathered, each under a name of its own; those that are cut already are passed over. */
    static final class Gathering {
        private final List<Lots.Order> orders = new ArrayList<>();
        private final List<Lots.Order> panes = new ArrayList<>();
        private final Map<String, Whose> whose = new LinkedHashMap<>();
        private final OrderNames names = new OrderNames();
        private int atBench;

        /**
         * Adds one.
         *
         * @param taken whether its sticks are taken up at the bench: what lies on them stays there
         */
        void add(String id, Assembly assembly, boolean taken) {
            List<Lots.Order> all = Lots.orders(assembly, names);
            if (taken && all.stream().anyMatch(order -> !order.cutting().isMade())) {
                atBench++;
            }
            for (Lots.Order order : all) {
                if (!taken && !order.cutting().isMade()) {
                    orders.add(order);
                }
                if (!order.cutting().isSheetsMade()) {
                    panes.add(order);
                }
                whose.put(order.name(), new Whose(id, order.frame().job().seen()));
            }
        }

        /** Gathered, but laid on nothing yet. */
        Gathered done() {
            return new Gathered(
                    List.copyOf(orders),
                    List.copyOf(panes),
                    atBench,
                    whose,
                    List.of(),
                    Optional.empty(),
                    Optional.empty());
        }
    }
}
