package neatcorner.core.finish;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Coat.Kind;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.words.Station;

/**
 * What goes over what: the wood is sanded before the first coat, stain and oil go into bare wood, films over
 * them, wax last; between coats one rubs down. Common practice, no source.
 */
final class CoatOrder {
    private CoatOrder() {
    }

    /** Finds the first step of every kind of mistake. */
    static void check(List<Coat> coats, Ledger ledger) {
        Remedy inOrder = new Remedy.OnJob(Words.of("remedy.coats_in_order"), new Edit.Finish(inOrder(coats)));
        find(
                "over_wax",
                coats,
                (coat, before) -> isCoat(coat) && coat != Kind.WAX && before.contains(Kind.WAX),
                inOrder,
                ledger);
        find(
                "stain_over_film",
                coats,
                (coat, before) -> coat == Kind.STAIN && before.stream().anyMatch(CoatOrder::isSealing),
                inOrder,
                ledger);
        find(
                "oil_over_film",
                coats,
                (coat, before) -> coat == Kind.OIL && before.stream().anyMatch(CoatOrder::isFilm),
                inOrder,
                ledger);
        find(
                "sanded_through",
                coats,
                (coat, before) -> coat == Kind.SAND && before.stream().anyMatch(CoatOrder::isCoat),
                inOrder,
                ledger);
        for (int i = 1; i < coats.size(); i++) {
            List<Kind> kinds = coats.subList(0, i).stream().map(Coat::kind).filter(CoatOrder::isCoat).toList();
            if (coats.get(i).kind() == Kind.WATER_VARNISH
                    && !kinds.isEmpty()
                    && (kinds.getLast() == Kind.OIL_VARNISH || kinds.getLast() == Kind.OIL)) {
                List<Coat> sealed = new ArrayList<>(coats);
                sealed.add(i, Coat.of(Kind.SHELLAC, ""));
                ledger.find(Finding.of(
                                Severity.NOTE,
                                Station.FINISH,
                                "water_over_oil",
                                i + 1,
                                coats.get(i).kind(),
                                kinds.getLast())
                        .remedy(new Remedy.OnJob(Words.of("remedy.seal_between"), new Edit.Finish(sealed))));
                return;
            }
        }
    }

    private interface Rule {
        boolean isBroken(Kind coat, List<Kind> before);
    }

    private static void find(String id, List<Coat> coats, Rule rule, Remedy remedy, Ledger ledger) {
        for (int i = 0; i < coats.size(); i++) {
            if (rule.isBroken(coats.get(i).kind(), coats.subList(0, i).stream().map(Coat::kind).toList())) {
                ledger.find(Finding.of(
                                Severity.CAUTION,
                                Station.FINISH,
                                id,
                                i + 1,
                                coats.get(i).kind())
                        .remedy(remedy));
                return;
            }
        }
    }

    /** Something that stays on or in the wood. */
    private static boolean isCoat(Kind kind) {
        return kind == Kind.STAIN || kind == Kind.OIL || kind == Kind.WAX || isFilm(kind);
    }

    private static boolean isFilm(Kind kind) {
        return switch (kind) {
            case SHELLAC, LACQUER, WATER_VARNISH, OIL_VARNISH, PAINT -> true;
            default -> false;
        };
    }

    private static boolean isSealing(Kind kind) {
        return isFilm(kind) || kind == Kind.OIL;
    }

    /**
     * The same coats in an order that breaks none of the rules; sanding after the first coat comes before it, or where
     * there is one becomes a rub between coats, or nothing after the last.
     */
    static List<Coat> inOrder(List<Coat> coats) {
        List<Coat> work = new ArrayList<>();
        List<Integer> ranks = new ArrayList<>();
        int last = 0;
        for (Coat coat : coats) {
            boolean later = coat.kind() == Kind.SAND
                    && work.stream().anyMatch(done -> done.kind() == Kind.SAND)
                    && work.stream().anyMatch(done -> isCoat(done.kind()));
            Coat kept = later ? Coat.of(Kind.RUB_DOWN, "") : coat;
            last = kept.kind() == Kind.RUB_DOWN ? last : rank(kept.kind());
            work.add(kept);
            ranks.add(last);
        }
        List<Integer> order = new ArrayList<>(IntStream.range(0, work.size()).boxed().toList());
        order.sort(Comparator.comparing(ranks::get));
        List<Coat> sorted = new ArrayList<>(order.stream().map(work::get).toList());
        while (!sorted.isEmpty() && sorted.getLast().kind() == Kind.RUB_DOWN) {
            sorted.removeLast();
        }
        return List.copyOf(sorted);
    }

    private static int rank(Kind kind) {
        return switch (kind) {
            case SAND -> 0;
            case RAISE_GRAIN -> 1;
            case DUST_OFF -> 2;
            case STAIN -> 3;
            case OIL -> 4;
            case WAX -> 6;
            default -> 5;
        };
    }
}
