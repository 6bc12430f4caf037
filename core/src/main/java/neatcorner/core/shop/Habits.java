package neatcorner.core.shop;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import neatcorner.core.measure.Length;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Origin;

/**
 * A set of habits, in which any may be missing. A shop's own set is read through its jobs'
 * overrides.
 *
 * @param values  the numbers that were said; what is missing has its usual value
 * @param drawers the sizes of screws and the like that are at hand
 * @param sizing how the shop comes to sizes; no job has a way of its own
 */
public record Habits(Map<Habit, Length> values, Drawers drawers, Sizing sizing) {
    /** Nothing said. */
    public static final Habits USUAL = new Habits(Map.of());

    /** Numbers alone. */
    public Habits(Map<Habit, Length> values) {
        this(values, Drawers.FULL, Sizing.BY_NUMBERS);
    }

    public Habits {
        EnumMap<Habit, Length> checked = new EnumMap<>(Habit.class);
        values.forEach((habit, value) -> checked.put(habit, habit.checked(value)));
        values = Collections.unmodifiableMap(checked);
    }

    /** The number to use. */
    public Length get(Habit habit) {
        return values.getOrDefault(habit, habit.usual());
    }

    /** The number to use, with whose word it is: in a sentence it is then written as finely as where it was given. */
    public Figure<Length> said(Habit habit) {
        return Figure.said(habit, get(habit), says(habit) ? Origin.GIVEN : Origin.HABIT);
    }

    /** Whether this set says something about it. */
    public boolean says(Habit habit) {
        return values.containsKey(habit);
    }

    /** With these sizes at hand. */
    public Habits with(Drawers other) {
        return new Habits(values, other, sizing);
    }

    /** Worked so. */
    public Habits with(Sizing other) {
        return new Habits(values, drawers, other);
    }

    /** With one number more or changed. */
    public Habits with(Habit habit, Length value) {
        return over(new Habits(Map.of(habit, value)));
    }

    /** These, except where {@code others} say something. */
    public Habits over(Habits others) {
        EnumMap<Habit, Length> merged = new EnumMap<>(Habit.class);
        merged.putAll(values);
        merged.putAll(others.values);
        return new Habits(merged, drawers, sizing);
    }
}
