package neatcorner.app.desk;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.ImpossibleFrame;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Job;
import neatcorner.core.job.Shop;
import neatcorner.core.report.Ledger;
import neatcorner.core.stock.Answers;
import neatcorner.core.stock.Lot;
import neatcorner.core.stock.Lots;

/**
 * All open jobs laid on the rack together.
 *
 * @param orders the jobs whose pieces are not cut yet
 * @param panes  those whose panes are not cut yet
 * @param ids    of the jobs in the store, by the names their pieces carry
 * @param lots   their pieces by section
 */
public record Together(List<Lots.Order> orders, List<Lots.Order> panes, Map<String, String> ids, List<Lot> lots) {
    /** Reads and lays jobs; those that are cut already, and those whose numbers leave no frame, are passed over. */
    static Together of(List<String> ids, Function<String, Job> read, Shop shop, Answers answers) {
        List<Lots.Order> orders = new ArrayList<>();
        List<Lots.Order> panes = new ArrayList<>();
        Map<String, String> names = new LinkedHashMap<>();
        for (String id : ids) {
            Job job = read.apply(id);
            Cutting cutting = job.choices().cutting();
            if (cutting.isMade() && cutting.isSheetsMade()) {
                continue;
            }
            try {
                String name = job.title();
                for (int n = 2; names.containsKey(name); n++) {
                    name = job.title() + " (" + n + ")";
                }
                Lots.Order order = new Lots.Order(name, Frame.of(job, shop, new Ledger()));
                if (!cutting.isMade()) {
                    orders.add(order);
                }
                if (!cutting.isSheetsMade()) {
                    panes.add(order);
                }
                names.put(name, id);
            } catch (ImpossibleFrame notYet) {
                continue;
            }
        }
        return new Together(List.copyOf(orders), List.copyOf(panes), names, Lots.ofAll(orders, shop, answers));
    }

    /** The same with the answers known now. */
    Together with(Shop shop, Answers answers) {
        return new Together(orders, panes, ids, Lots.ofAll(orders, shop, answers));
    }
}
