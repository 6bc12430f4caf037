package neatcorner.core.cut;

import java.util.List;
import neatcorner.core.frame.Assembly;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;

/**
 * The pieces of all parts of a job that are not cut yet, on their sticks: the same whichever part is looked at.
 *
 * @param orders the parts
 * @param lots   their pieces by section
 */
public record CutLots(List<Lots.Order> orders, List<Lot> lots) {
    /** Lays them with the best answers known. */
    public static Planned<CutLots> of(Assembly assembly, Shop shop, Answers answers) {
        List<Lots.Order> orders = Lots.orders(assembly).stream()
                .filter(order -> !order.cutting().isMade())
                .toList();
        List<Lot> lots = orders.isEmpty()
                ? List.of()
                : Lots.of(orders, shop, assembly.seen().habits(), answers);
        return new Ledger().planned(new CutLots(orders, lots));
    }
}
