package neatcorner.files.json;

import java.util.Map;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import tools.jackson.databind.node.ObjectNode;

/** Habits, and other lengths by name. */
final class HabitsJson {
    private HabitsJson() {
    }

    static Habits read(Fields fields) {
        return fields.build(() -> new Habits(fields.lengthsBy("habits", Habit.class)));
    }

    static void write(Habits habits, ObjectNode parent) {
        lengths(habits.values(), "habits", parent);
    }

    static void lengths(Map<? extends Enum<?>, Length> lengths, String name, ObjectNode parent) {
        if (!lengths.isEmpty()) {
            ObjectNode node = parent.putObject(name);
            lengths.forEach((constant, length) -> node.put(Fields.name(constant), length.toExactMm()));
        }
    }
}
