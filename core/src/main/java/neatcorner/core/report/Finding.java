package neatcorner.core.report;

import java.util.Optional;
import neatcorner.core.measure.Quantity;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Station;

/**
 * Something the maker should know before cutting.
 *
 * @param severity how much it matters
 * @param station  where it belongs
 * @param id       its name for machines, such as {@code rabbet_too_shallow}
 * @param what     what is wrong and why, phrase {@code finding.ID}
 * @param cure     what to do, phrase {@code finding.ID.cure}
 * @param amount   by how much, where a number says it
 * @param remedy   the step that would fix it
 */
public record Finding(Severity severity, Station station, String id, Words what, Words cure,
                      Optional<Quantity> amount, Optional<Remedy> remedy) {
    /** A finding whose words take these arguments, both in what and in cure. */
    public static Finding of(Severity severity, Station station, String id, Object... args) {
        return new Finding(
                severity,
                station,
                id,
                Words.of("finding." + id, args),
                Words.of("finding." + id + ".cure", args),
                Optional.empty(),
                Optional.empty());
    }

    /** With the number that says by how much. */
    public Finding by(Quantity quantity) {
        return new Finding(severity, station, id, what, cure, Optional.of(quantity), remedy);
    }

    /** With the step that would fix it. */
    public Finding remedy(Remedy step) {
        return new Finding(severity, station, id, what, cure, amount, Optional.of(step));
    }
}
