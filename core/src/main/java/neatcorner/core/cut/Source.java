package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.job.StickId;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.OffCut;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Sale;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.solve.stick.StickProblem;

/**
 * Where sticks of one length come from.
 *
 * @param from    the rack or the yard
 * @param length  whole
 * @param count   how many there are; empty for as many as one buys
 * @param cost    of one; what lies on the rack costs nothing more
 * @param defects from its left end
 * @param label   written on it; empty for sticks that are only counted
 * @param shelf   where it lies; may be empty
 * @param batch   that matches in colour
 */
public record Source(
        From from,
        Length length,
        Optional<Integer> count,
        long cost,
        List<Span> defects,
        String label,
        String shelf,
        String batch) {
    /** Where a stick comes from. */
    public enum From {
        /** A whole stick on the rack. */
        RACK,
        /** A stick on the rack with a label of its own. */
        OFF_CUT,
        /** To be bought. */
        TO_BUY
    }

    /** Which stick the {@code number}th such is, from 1. */
    StickId id(int number) {
        return switch (from) {
            case OFF_CUT -> new StickId.Labelled(label);
            case RACK -> new StickId.Counted(StickId.From.RACK, length, number);
            case TO_BUY -> new StickId.Counted(StickId.From.TO_BUY, length, number);
        };
    }

    /** Whether a stick is one of these; of what can be bought any number may be. */
    boolean has(StickId stick) {
        return switch (stick) {
            case StickId.Labelled _ -> stick.equals(id(1));
            case StickId.Counted counted ->
                stick.equals(id(counted.number())) && counted.number() <= count.orElse(Integer.MAX_VALUE);
        };
    }

    /** A stick of this length to buy, where nobody knows in what lengths it is sold. */
    static Source toBuy(Length length) {
        return new Source(From.TO_BUY, length, Optional.empty(), 0, List.of(), "", "", "bought");
    }

    /** The sources of a section: off-cuts, whole sticks, what can be bought. */
    static List<Source> of(Moulding stock, Shop shop) {
        List<Source> sources = new ArrayList<>();
        for (OffCut cut : shop.offCutsFor(stock.section())) {
            sources.add(new Source(
                    From.OFF_CUT,
                    cut.length(),
                    Optional.of(1),
                    0,
                    cut.defects(),
                    cut.label(),
                    cut.shelf(),
                    cut.batch()));
        }
        for (Sticks sticks : stock.onHand()) {
            if (sticks.count() > 0) {
                sources.add(new Source(
                        From.RACK, sticks.length(), Optional.of(sticks.count()), 0, List.of(), "", "", "on the rack"));
            }
        }
        for (Sale sale : stock.sold()) {
            sources.add(new Source(
                    From.TO_BUY, sale.length(), Optional.empty(), stock.cost(sale), List.of(), "", "", "bought"));
        }
        return sources;
    }

    /**
     * The moulding a section is cut from; what is not on the list comes in the usual length, or in those of its
     * namesake.
     */
    static Moulding mouldingFor(Section section, Shop shop) {
        return shop.stockFor(section).orElseGet(() -> new Moulding(section, shop.mouldings().stream()
                .filter(m -> m.section().name().equals(section.name())).map(Moulding::sold)
                .findFirst().orElse(Moulding.USUALLY_SOLD), List.of()));
    }

    /** Where it comes from, in words. */
    public Words said() {
        return switch (from) {
            case TO_BUY -> Words.of("stick.to_buy");
            case RACK -> Words.of("stick.on_rack");
            case OFF_CUT ->
                shelf.isEmpty() ? Words.of("stick.off_cut", label) : Words.of("stick.off_cut_at", label, shelf);
        };
    }

    /** The longest clean run. */
    Length longestRun(Length trim) {
        return new StickProblem.Stock(label, length, count, cost, defects)
                .runs(trim).stream().map(Span::length).max(Length::compareTo).orElse(Length.ZERO);
    }
}
