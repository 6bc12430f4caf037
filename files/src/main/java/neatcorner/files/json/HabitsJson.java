package neatcorner.files.json;

import java.util.Map;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Habits;
import neatcorner.core.measure.Length;
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
