package neatcorner.core.report;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.core.measure.Quantity;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * The book one planner keeps while it works: figures and findings in the order they arise. It is closed
 * by {@link #planned} and not written in after that. Not for more than one thread.
 */
public final class Ledger {
    private final Map<FigureKey<?>, Figure<?>> figures = new LinkedHashMap<>();
    private final List<Finding> findings = new ArrayList<>();
    private final Map<Station, FigureKey<?>> leads = new EnumMap<>(Station.class);
    private final Map<Station, List<Object>> decided = new EnumMap<>(Station.class);
    private final Set<Safety> safety = EnumSet.noneOf(Safety.class);

    /** Enters a figure and hands it back. Two figures under one key are a bug. */
    public <Q extends Quantity> Figure<Q> enter(Figure<Q> figure) {
        if (figures.putIfAbsent(figure.key(), figure) != null) {
            throw new IllegalStateException("figure " + figure.id() + " is entered twice");
        }
        return figure;
    }

    /** Adds a finding. */
    public void find(Finding finding) {
        findings.add(finding);
    }

    /** Adds a caution; the same one twice counts once. */
    public void warn(Safety caution) {
        safety.add(caution);
    }

    /** The figure one looks at first at a station; the last one named leads. */
    public void lead(Station station, FigureKey<?> figure) {
        leads.put(station, figure);
    }

    /** What a station decides besides its figures: a value that is equal as long as the decision stands. */
    public void decide(Station station, Object value) {
        decided.computeIfAbsent(station, _ -> new ArrayList<>()).add(value);
    }

    /** What was planned, with all that was written down. */
    public <T> Planned<T> planned(T result) {
        return new Planned<>(
                result,
                Collections.unmodifiableMap(figures),
                List.copyOf(findings),
                safety.isEmpty() ? Set.of() : Collections.unmodifiableSet(safety),
                Collections.unmodifiableMap(leads),
                Collections.unmodifiableMap(decided));
    }
}
