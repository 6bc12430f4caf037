package neatcorner.app.cli;

import java.util.List;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.OrderNames;
import neatcorner.core.plan.Plan;

/** What several jobs together are cut from. */
final class Orders {
    private Orders() {
    }

    /** The parts of these jobs, each under a name of its own. */
    static List<Lots.Order> of(List<Plan> plans) {
        OrderNames names = new OrderNames();
        return plans.stream()
                .flatMap(plan -> Lots.orders(plan.assembly(), names).stream())
                .toList();
    }
}
