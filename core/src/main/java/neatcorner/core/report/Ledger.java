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
import neatcorner.core.words.Station;

/**
 * The book that is kept while a plan is made: figures and findings in the order they arise. Not for
 * more than one thread and one plan.
 */
public final class Ledger {
    private final Map<String, Figure<?>> figures = new LinkedHashMap<>();
    private final Map<String, Station> stations = new LinkedHashMap<>();
    private final List<Finding> findings = new ArrayList<>();
    private final Set<Safety> safety = EnumSet.noneOf(Safety.class);

    /** Enters a figure at a station and hands it back. Two figures of one name are a bug. */
    public <Q extends Quantity> Figure<Q> enter(Station station, Figure<Q> figure) {
        if (figures.putIfAbsent(figure.id(), figure) != null) {
            throw new IllegalStateException("figure " + figure.id() + " is entered twice");
        }
        stations.put(figure.id(), station);
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

    /** All figures by name. */
    public Map<String, Figure<?>> figures() {
        return Collections.unmodifiableMap(new LinkedHashMap<>(figures));
    }

    /** Where each figure belongs. */
    public Map<String, Station> stations() {
        return Collections.unmodifiableMap(new LinkedHashMap<>(stations));
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
