package neatcorner.core.card;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.Source;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.job.StickId;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Words;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;

/**
 * A piece that was spoiled made again: from the shortest rest of a stick that holds it, else from another stick.
 *
 * @param wrong  what spoiled it
 * @param again  how often it was spoiled by now
 * @param layout of the piece on what it is cut from
 * @param rest   the number of the stick whose rest that is, from 1; empty for another stick
 */
public record Remake(Deed.WentWrong wrong, int again, StickLayout layout, Optional<Integer> rest) {
    /**
     * A clean stretch of what is left of a stick.
     *
     * @param stick  its number, from 1
     * @param of     the stick as it was laid out
     * @param whole  what is left there in one piece
     * @param from   where the stretch begins
     * @param length of it
     */
    private record Rest(int stick, StickLayout of, Span whole, Length from, Length length) {
        static Stream<Rest> of(int number, StickLayout stick) {
            return stick.offCuts(Length.ZERO).stream().flatMap(whole -> of(number, stick, whole));
        }

        /** Between the ends, where they are raw without what is trimmed, and whatever must be left out. */
        private static Stream<Rest> of(int number, StickLayout stick, Span whole) {
            Length from = whole.from().max(stick.trim());
            Length end = whole.to().min(stick.length().minus(stick.trim()));
            List<Rest> rests = new ArrayList<>();
            for (Span defect : stick.source().defects().stream()
                    .sorted(Comparator.comparing(Span::from))
                    .toList()) {
                rests.add(new Rest(number, stick, whole, from, defect.from().min(end).minus(from)));
                from = from.max(defect.to());
            }
            rests.add(new Rest(number, stick, whole, from, end.minus(from)));
            return rests.stream().filter(rest -> rest.length.isPositive());
        }

        /** What is left of this or another stretch once a piece was cut from the left of this one. */
        Optional<Rest> without(Length piece, Rest other) {
            if (other.stick != stick || !other.whole.equals(whole)) {
                return Optional.of(other);
            }
            Length end = from.plus(piece).plus(of.gap());
            Length start = end.max(other.from);
            Length left = other.from.plus(other.length).minus(start);
            // What lies before it hangs together with an end that was cut: nobody counts on that.
            return other.from.isUnder(from) || !left.isPositive()
                    ? Optional.empty()
                    : Optional.of(new Rest(stick, of, new Span(end, whole.to()), start, left));
        }
    }

    /**
     * All that were spoiled, each from what the ones before it left.
     *
     * @param sticks as they were laid out
     * @param parts  the name of the part by the name a piece carries
     */
    static List<Remake> of(List<StickLayout> sticks, List<Deed.WentWrong> spoilt, Map<String, String> parts) {
        List<Rest> rests = new ArrayList<>();
        for (int i = 0; i < sticks.size(); i++) {
            Rest.of(i + 1, sticks.get(i)).forEach(rests::add);
        }
        Map<List<Object>, Integer> times = new HashMap<>();
        List<Remake> remakes = new ArrayList<>();
        for (Deed.WentWrong wrong : spoilt) {
            Act.Saw act = wrong.act();
            int again = times.merge(List.of(act.part(), act.piece()), 1, Integer::sum);
            find(sticks, act, parts).ifPresent(from -> remakes.add(of(wrong, again, from, rests)));
        }
        return List.copyOf(remakes);
    }

    /** A stick with the piece on it. */
    private record From(StickLayout stick, StickLayout.Placed placed) {
    }

    /** Empty for a piece that the job has no more. */
    private static Optional<From> find(List<StickLayout> sticks, Act.Saw act, Map<String, String> parts) {
        return sticks.stream()
                .flatMap(stick -> stick.placed().stream().map(placed -> new From(stick, placed)))
                .filter(one -> one.placed.piece().id().equals(act.piece())
                        && act.part().equals(parts.getOrDefault(
                                one.placed.piece().job(), one.placed.piece().job())))
                .findFirst();
    }

    private static Remake of(Deed.WentWrong wrong, int again, From from, List<Rest> rests) {
        Piece piece = from.placed.piece();
        Optional<Rest> best = rests.stream()
                .filter(rest -> rest.of.section().equals(from.stick.section())
                        && !rest.length.isUnder(piece.length()))
                .min(Comparator.comparing(Rest::length));
        if (best.isPresent()) {
            Rest rest = best.get();
            List<Rest> after = rests.stream()
                    .flatMap(other -> rest.without(piece.length(), other).stream())
                    .toList();
            rests.clear();
            rests.addAll(after);
            Length length = rest.whole.to().minus(rest.whole.from());
            Source source = source(Source.From.OFF_CUT, length, String.valueOf(rest.stick));
            return new Remake(
                    wrong,
                    again,
                    layout(
                            from,
                            source,
                            new StickId.Labelled(source.label()),
                            rest.from.minus(rest.whole.from()),
                            from.stick.trim()),
                    Optional.of(rest.stick));
        }
        Source source = source(Source.From.TO_BUY, from.stick.length(), "");
        StickId id = new StickId.Counted(StickId.From.TO_BUY, source.length(), again);
        return new Remake(
                wrong, again, layout(from, source, id, from.stick.trim(), from.stick.trim()), Optional.empty());
    }

    private static Source source(Source.From from, Length length, String label) {
        return new Source(from, length, Optional.of(1), 0, List.of(), label, "", "");
    }

    private static StickLayout layout(From from, Source source, StickId id, Length start, Length trim) {
        StickLayout.Placed placed = new StickLayout.Placed(from.placed.piece(), start, from.placed.lie(), false);
        return new StickLayout(
                from.stick.section(),
                source,
                id,
                List.of(placed),
                source.length().minus(trim).minus(placed.end()).max(Length.ZERO),
                trim,
                from.stick.gap());
    }

    /** Which piece, in words. */
    public Words piece() {
        Piece piece = layout.placed().getFirst().piece();
        return Words.of("stick.piece", piece.member().side().letters(), piece.frame());
    }

    /** From what it is made again, in words. */
    public Words words() {
        return rest.map(stick -> Words.of("card.again_rest", stick, layout.length()))
                .orElseGet(() -> Words.of("card.again_stick", layout.section().name(), layout.length()));
    }

    /** Whether it was spoiled once more. */
    boolean isSpoilt(List<Remake> all) {
        return all.stream()
                .anyMatch(other -> other.again > again && other.wrong.act().isOfSamePiece(wrong.act()));
    }

    /** The numbers its stick goes by: that of the rest, or one more than there were. */
    int number(int sticks, List<Remake> all) {
        return rest.orElseGet(() -> sticks
                + (int) IntStream.rangeClosed(0, all.indexOf(this))
                        .filter(i -> all.get(i).rest.isEmpty())
                        .count());
    }
}
