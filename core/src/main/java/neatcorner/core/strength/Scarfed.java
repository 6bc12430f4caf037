package neatcorner.core.strength;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Share;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * What sides that are joined from several lengths take of what their joints may bear: an estimate.
 *
 * @param use of the one that takes the most; empty where none is joined, or nothing is said of strength
 */
public record Scarfed(Optional<Share> use) {
    /** What it takes. */
    public static final FigureKey<Share> USE = FigureKey.share(Station.CORNERS, "strength.scarf_use");
    /** Of whole wood that a slope of 1 in 8 bears, well glued (Wood Handbook, from memory). */
    static final double LEFT = 0.8;

    /** The joined sides of a frame that bears so much. */
    public static Planned<Scarfed> of(Frame frame, Burden burden, List<Member> joined) {
        Ledger ledger = new Ledger();
        Optional<Share> use = burden.strength()
                .flatMap(strength -> burden.cases().stream()
                        .flatMap(borne -> IntStream.range(0, borne.sides().size())
                                .filter(i -> joined.contains(frame.members().get(i)))
                                .mapToObj(i -> borne.sides().get(i).stress()
                                        * borne.bearing().reserve()
                                        / (LEFT * strength.bending())))
                        .max(Double::compare))
                .map(Share::whole);
        use.ifPresent(most -> {
            ledger.enter(Figure.formula(USE).note("scarf_use", Share.whole(LEFT)).gives(most));
            if (most.fraction() > 1) {
                ledger.find(Finding.of(Severity.STOP, Station.CORNERS, "scarf_breaks", most)
                        .by(most)
                        .remedy(new Remedy.Visit(Station.CUTS)));
            }
        });
        return ledger.planned(new Scarfed(use));
    }
}
