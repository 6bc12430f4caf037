package neatcorner.core.report;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import neatcorner.core.measure.Quantity;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/**
 * The book that is kept while a plan is made: figures and findings in the order they arise. Not for
 * more than one thread and one plan.
 */
public final class Ledger {
    private final Map<FigureKey<?>, Figure<?>> figures = new LinkedHashMap<>();
    private final List<Finding> findings = new ArrayList<>();
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

    /** All figures by their keys. */
    public Map<FigureKey<?>, Figure<?>> figures() {
        return Collections.unmodifiableMap(new LinkedHashMap<>(figures));
    }

    /** All findings, the gravest first, else in the order of the stations. */
    public List<Finding> findings() {
        return findings.stream().sorted(Comparator.comparing(Finding::severity)
                .thenComparing(Finding::station)).toList();
    }

    /** All cautions. */
    public Set<Safety> safety() {
        return safety.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(safety));
    }
}
