package neatcorner.core.cut;

import java.util.List;
import java.util.Map;
import neatcorner.core.frame.Assembly;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Station;
import neatcorner.core.work.Deed;
import neatcorner.core.work.WorkLog;

/**
 * The pieces of all parts of a job that are not cut yet, on their sticks: the same whichever part is looked at.
 *
 * @param orders the parts
 * @param lots   their pieces by section
 */
public record CutLots(List<Lots.Order> orders, List<Lot> lots) {
    /** Lays them as they were taken up, else with the best answers known. */
    public static Planned<CutLots> of(Assembly assembly, Shop shop, WorkLog log, Answers answers) {
        List<Lots.Order> orders = Lots.orders(assembly).stream()
                .filter(order -> !order.cutting().isMade())
                .toList();
        List<Lot> lots = orders.isEmpty()
                ? List.of()
                : Lots.of(
                        orders,
                        shop,
                        assembly.seen().habits(),
                        log.tookUp(),
                        Milled.of(assembly.job(), log),
                        answers);
        Ledger ledger = new Ledger();
        CutLots all = new CutLots(orders, lots);
        if (log.cuts() > 0 && !log.tookUp().isEmpty() && !all.isAs(log.tookUp())) {
            ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "taken_up_otherwise", log.cuts())
                    .remedy(new Remedy.Visit(Station.CUTS)));
        }
        return ledger.planned(all);
    }

    /** Every stick with its pieces, as it is written down when it is taken up. */
    public List<Deed.Laid> laid() {
        Map<String, String> parts = Lots.parts(orders);
        return lots.stream()
                .flatMap(lot -> lot.sticks().stream())
                .map(stick -> TakenUp.laid(stick, parts))
                .toList();
    }

    /** Whether every piece lies on the stick on which it was taken up, and is as long as it was then. */
    public boolean isAsLong(List<Deed.Laid> taken) {
        return laid().stream().allMatch(stick -> TakenUp.isAsLong(stick, taken));
    }

    /** Whether every piece lies on the stick on which it was taken up. */
    public boolean isAs(List<Deed.Laid> taken) {
        return laid().stream().allMatch(stick -> TakenUp.isAs(stick, taken));
    }
}
