package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.job.StickId;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.stick.StickProblem;

/**
 * The wood there is for single pieces more: the rests of the sticks that are laid out, then other sticks. Whatever is
 * taken of it is not there for the next.
 */
public final class Supply {
    private final List<StickLayout> sticks;
    private final Shop shop;
    private final List<Rest> rests = new ArrayList<>();

    /** Beside these sticks, with their pieces. */
    public Supply(List<StickLayout> sticks, Shop shop) {
        this.sticks = new ArrayList<>(sticks);
        this.shop = shop;
        for (int i = 0; i < sticks.size(); i++) {
            Rest.of(i + 1, sticks.get(i)).forEach(rests::add);
        }
    }

    /**
     * Where a piece is cut from.
     *
     * @param number of the stick, from 1: those that are taken up for it come after all that are laid out
     * @param fresh  whether another stick is taken up for it
     * @param layout of the piece: on the whole stick where it is another, else on what is left of one
     * @param from   where on its stick that begins
     */
    public record Taken(int number, boolean fresh, StickLayout layout, Length from) {
    }

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
     * Takes wood for a piece once more: the shortest rest that holds it, else another stick; off-cuts first, then whole
     * ones of the rack, then what is bought, the shortest of each that holds it.
     *
     * @param stick  on which it lay
     * @param placed the piece there
     */
    public Taken take(StickLayout stick, StickLayout.Placed placed) {
        Length piece = placed.piece().length();
        return rests.stream()
                .filter(rest ->
                        rest.of.section().equals(stick.section()) && !rest.length.isUnder(piece))
                .min(Comparator.comparing(Rest::length))
                .map(rest -> ofRest(rest, placed))
                .orElseGet(() -> another(stick, placed));
    }

    private Taken ofRest(Rest rest, StickLayout.Placed placed) {
        Length piece = placed.piece().length();
        // The end of a rest is as the last cut left it, aslant: where there is room it is cut clean.
        Length clean = rest.of.trim().min(rest.length.minus(piece));
        List<Rest> after = rests.stream()
                .flatMap(other -> rest.without(clean.plus(piece), other).stream())
                .toList();
        rests.clear();
        rests.addAll(after);
        Length length = rest.whole.to().minus(rest.whole.from());
        String label = String.valueOf(rest.stick);
        Source source = new Source(Source.From.OFF_CUT, length, Optional.of(1), 0, List.of(), label, "", "");
        Length start = rest.from.minus(rest.whole.from()).plus(clean);
        return new Taken(
                rest.stick,
                false,
                layout(rest.of, source, new StickId.Labelled(label), placed, start),
                rest.whole.from());
    }

    private Taken another(StickLayout stick, StickLayout.Placed placed) {
        Length piece = placed.piece().length();
        Source source = sources(stick.section())
                .filter(one -> !one.longestRun(stick.trim()).isUnder(piece))
                .min(Comparator.<Source, Integer>comparing(one -> rank(one.from())).thenComparing(Source::length))
                .orElseGet(() -> Source.toBuy(stick.length()));
        Length start = new StickProblem.Stock("", source.length(), Optional.of(1), 0, source.defects())
                .runs(stick.trim()).stream()
                        .filter(run -> !run.length().isUnder(piece))
                        .findFirst()
                        .map(Span::from)
                        .orElse(stick.trim());
        StickLayout taken = layout(stick, source, source.id(used(stick.section(), source) + 1), placed, start);
        sticks.add(taken);
        Rest.of(sticks.size(), taken).forEach(rests::add);
        return new Taken(sticks.size(), true, taken, Length.ZERO);
    }

    private static int rank(Source.From from) {
        return switch (from) {
            case OFF_CUT -> 0;
            case RACK -> 1;
            case TO_BUY -> 2;
        };
    }

    /** Those of which there is one more than is laid out. */
    private Stream<Source> sources(Section section) {
        return Source.of(Source.mouldingFor(section, shop), shop).stream()
                .filter(source -> used(section, source) < source.count().orElse(Integer.MAX_VALUE));
    }

    private int used(Section section, Source source) {
        ToIntFunction<StickId> number = id -> id instanceof StickId.Counted counted ? counted.number() : 1;
        return sticks.stream()
                .filter(stick -> stick.section().equals(section))
                .map(StickLayout::id)
                .filter(id -> source.id(number.applyAsInt(id)).equals(id))
                .mapToInt(number)
                .max()
                .orElse(0);
    }

    /** The piece alone on such a stick. */
    private static StickLayout layout(
            StickLayout like, Source source, StickId id, StickLayout.Placed placed, Length start) {
        StickLayout.Placed there = new StickLayout.Placed(placed.piece(), start, placed.lie(), false);
        return new StickLayout(
                like.section(),
                source,
                id,
                List.of(there),
                source.length().minus(like.trim()).minus(there.end()).max(Length.ZERO),
                like.trim(),
                like.gap());
    }

    /** The sticks that were laid out with more pieces on them, and those that were taken up for such. */
    static List<StickLayout> with(List<StickLayout> sticks, List<Taken> taken) {
        List<StickLayout> all = new ArrayList<>(sticks);
        taken.stream().filter(Taken::fresh).map(Taken::layout).forEach(all::add);
        return IntStream.range(0, all.size())
                .mapToObj(i -> with(
                        all.get(i),
                        taken.stream()
                                .filter(one -> one.number == i + 1 && !one.fresh)
                                .toList()))
                .toList();
    }

    private static StickLayout with(StickLayout stick, List<Taken> more) {
        if (more.isEmpty()) {
            return stick;
        }
        List<StickLayout.Placed> placed = new ArrayList<>(stick.placed());
        for (Taken one : more) {
            StickLayout.Placed there = one.layout.placed().getFirst();
            placed.add(new StickLayout.Placed(there.piece(), one.from.plus(there.start()), there.lie(), false));
        }
        placed.sort(Comparator.comparing(StickLayout.Placed::start));
        Length remnant = stick.length().minus(stick.trim()).minus(placed.getLast().end());
        return new StickLayout(
                stick.section(),
                stick.source(),
                stick.id(),
                placed,
                remnant.min(stick.remnant()).max(Length.ZERO),
                stick.trim(),
                stick.gap());
    }
}
