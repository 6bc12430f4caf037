package neatcorner.core.sawing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Machines;

/**
 * What is to be sawn.
 *
 * @param sticks   with their pieces; of one job, or of many together
 * @param habits   the kerf, what is too short for a hand, what is worth keeping
 * @param machines of the shop
 */
public record ToSaw(List<StickLayout> sticks, Habits habits, Machines machines) {
    public ToSaw {
        sticks = List.copyOf(sticks);
    }

    /**
     * The sticks of one or several orders, with the habits of the one with the widest kerf, since they are laid with
     * it; on the saw that all of them wish for, else on the shop's first that can.
     */
    public static ToSaw of(List<StickLayout> sticks, List<Lots.Order> orders, Machines machines) {
        Habits habits = orders.stream()
                .map(order -> order.frame().habits())
                .max(Comparator.comparing(all -> all.get(Habit.KERF)))
                .orElseThrow();
        List<Optional<String>> saws = orders.stream()
                .map(order -> order.frame().job().saw())
                .distinct()
                .toList();
        return new ToSaw(sticks, habits, saws.size() == 1 ? machines.preferring(saws.getFirst()) : machines);
    }

    /** What the blade takes. */
    public Length kerf() {
        return habits.get(Habit.KERF);
    }

    /** Every cut in its order. */
    public Sawing inOrder() {
        return inOrder(() -> false);
    }

    /**
     * Every cut in its order.
     *
     * @param stop says yes once nobody waits for a better order any more
     */
    public Sawing inOrder(BooleanSupplier stop) {
        return new CutOrder(sticks, habits, machines).sawing(stop);
    }
}
