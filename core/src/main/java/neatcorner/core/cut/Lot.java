package neatcorner.core.cut;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.Print;
import neatcorner.core.job.StickId;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Span;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Moulding;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickCheck;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.work.Deed;

/**
 * All pieces of one section, from one job or from many, and the sticks they are cut from.
 *
 * @param stock    the moulding
 * @param pieces   in the order of the jobs
 * @param problem  as the solver sees it; empty when some piece can be cut from no stick
 * @param answer   the best known; empty when there is none
 * @param sticks   of that answer
 * @param free     the problem without the maker's wishes, and its best known cost; empty when there are none
 * @param refused  why the wishes cannot be met and were left aside; may be empty
 */
public record Lot(
        Moulding stock,
        List<Piece> pieces,
        Optional<StickProblem> problem,
        Optional<StickAnswer> answer,
        List<StickLayout> sticks,
        Optional<Free> free,
        Optional<Words> refused) {
    /**
     * What it would be without the maker's wishes.
     *
     * @param problem without locks
     * @param cost    of its best known answer
     */
    public record Free(StickProblem problem, long cost) {
    }

    /**
     * What holds for all pieces of a lot.
     *
     * @param kerf     of the blade
     * @param gap      least between neighbours
     * @param trim     at either end
     * @param useful   what is left is stock from here on
     * @param oneBatch whether all sticks must be of one batch
     * @param wishes   of every job, by the name its pieces carry
     */
    record Terms(Length kerf, Length gap, Length trim, Length useful, boolean oneBatch, Map<String, Cutting> wishes) {
        boolean isFree() {
            return wishes.values().stream().allMatch(Cutting::isFree);
        }

        Terms freed() {
            Map<String, Cutting> freed = new LinkedHashMap<>();
            wishes.forEach((job, cutting) -> freed.put(job, cutting.freed()));
            return new Terms(kerf, gap, trim, useful, oneBatch, freed);
        }

        boolean isMatched(Piece piece) {
            return Optional.ofNullable(wishes.get(piece.job())).map(Cutting::matched).orElse(false);
        }

        /** What is printed along the stick this piece comes from. */
        Optional<Print> print(Piece piece) {
            return Optional.ofNullable(wishes.get(piece.job())).flatMap(Cutting::print);
        }

        /** Forbidden by any of the jobs. */
        Set<StickId> forbidden() {
            return wishes.values().stream()
                    .flatMap(cutting -> cutting.forbidden().stream())
                    .collect(Collectors.toCollection(LinkedHashSet::new));
        }

        List<Kept> kept() {
            return wishes.entrySet().stream()
                    .flatMap(wish -> wish.getValue().locks().stream()
                            .map(lock -> new Kept(wish.getKey(), lock.piece(), lock.stick())))
                    .toList();
        }
    }

    /** A piece of a job that is kept on a stick. */
    private record Kept(String job, PieceId piece, StickId stick) {
    }

    /** The section of all of them. */
    public Section section() {
        return stock.section();
    }

    /** What the wishes cost more than the free plan, in the lot's coin; empty without wishes. */
    public Optional<Long> priceOfWishes() {
        return free.flatMap(f -> answer.map(a -> a.cost() - f.cost()));
    }

    /** The lot as its sticks were taken up, else with the best answers known, else with quick ones. */
    static Lot of(
            Moulding stock, List<Piece> pieces, List<Source> sources, Terms terms, TakenUp taken, Answers answers) {
        return asTaken(stock, pieces, sources, terms, taken, answers)
                .orElseGet(() -> of(stock, pieces, sources, terms, answers));
    }

    /** Empty where no stick was taken up, or pieces or sticks are others by now. */
    private static Optional<Lot> asTaken(
            Moulding stock, List<Piece> pieces, List<Source> sources, Terms terms, TakenUp taken, Answers answers) {
        if (taken.sticks().isEmpty()) {
            return Optional.empty();
        }
        Setting setting = new Setting(stock, pieces, sources, terms);
        Optional<StickProblem> problem = setting.isTooMuch() ? Optional.empty() : setting.problem();
        return problem.flatMap(wanted -> setting.taken(wanted, taken, () -> best(wanted, answers))
                .map(answer -> new Lot(
                        stock,
                        pieces,
                        problem,
                        Optional.of(answer),
                        setting.layouts(wanted, answer),
                        Optional.empty(),
                        Optional.empty())));
    }

    private static Lot of(
            Moulding stock, List<Piece> pieces, List<Source> sources, Terms terms, Answers answers) {
        if (terms.oneBatch()) {
            Set<String> batches = sources.stream()
                    .map(Source::batch)
                    .filter(b -> !b.isEmpty())
                    .collect(Collectors.toCollection(LinkedHashSet::new));
            List<Lot> one = batches.stream()
                    .map(batch -> mixed(
                            stock,
                            pieces,
                            sources.stream()
                                    .filter(s -> s.batch().equals(batch))
                                    .toList(),
                            terms,
                            answers))
                    .filter(lot -> lot.answer().isPresent())
                    .toList();
            return one.stream()
                    .min(Comparator.comparingLong(
                                    (Lot lot) -> lot.answer().orElseThrow().cost())
                            .thenComparingInt(lot -> lot.sticks().size()))
                    .orElseGet(() -> {
                        Lot mixed = mixed(stock, pieces, sources, terms, answers);
                        return new Lot(
                                stock,
                                pieces,
                                mixed.problem(),
                                mixed.answer(),
                                mixed.sticks(),
                                mixed.free(),
                                Optional.of(Words.of("wishes.no_batch")));
                    });
        }
        return mixed(stock, pieces, sources, terms, answers);
    }

    /** Whatever batches the sticks are of. */
    private static Lot mixed(Moulding stock, List<Piece> pieces, List<Source> sources, Terms terms, Answers answers) {
        Setting setting = new Setting(stock, pieces, sources, terms);
        if (setting.isTooMuch()) {
            return new Lot(
                    stock,
                    pieces,
                    Optional.empty(),
                    Optional.empty(),
                    List.of(),
                    Optional.empty(),
                    Optional.of(Words.of(
                            "wishes.too_many", pieces.size(), StickProblem.MOST_PIECES, StickProblem.MOST_KINDS)));
        }
        Optional<StickProblem> problem = setting.problem();
        if (problem.isEmpty()) {
            return new Lot(stock, pieces, problem, Optional.empty(), List.of(), Optional.empty(), Optional.empty());
        }
        if (terms.isFree()) {
            Optional<StickAnswer> answer = best(problem.get(), answers);
            return new Lot(
                    stock,
                    pieces,
                    problem,
                    answer,
                    answer.map(a -> setting.layouts(problem.get(), a)).orElse(List.of()),
                    Optional.empty(),
                    Optional.empty());
        }
        Lot free = mixed(stock, pieces, sources, terms.freed(), answers);
        Optional<Words> refused;
        try {
            Optional<StickAnswer> answer = best(problem.get(), answers);
            if (answer.isPresent() || free.answer().isEmpty()) {
                Optional<Free> without = free.answer().map(a -> new Free(free.problem().orElseThrow(), a.cost()));
                return new Lot(
                        stock,
                        pieces,
                        problem,
                        answer,
                        answer.map(a -> setting.layouts(problem.get(), a)).orElse(List.of()),
                        without,
                        Optional.empty());
            }
            refused = Optional.of(Words.of("wishes.forbidden"));
        } catch (Refusal conflict) {
            refused = Optional.of(conflict.words());
        }
        return new Lot(stock, pieces, free.problem(), free.answer(), free.sticks(), Optional.empty(), refused);
    }

    private static Optional<StickAnswer> best(StickProblem problem, Answers answers) {
        return answers.to(problem).or(problem::quick);
    }

    /** From pieces and sources to the solver's kinds and sticks, and back. */
    private static final class Setting {
        private final Moulding stock;
        private final Terms terms;
        /** What repeats along these sticks, if any of the jobs that share them says so. */
        private final Optional<Print> print;
        private final List<Source> stockSources = new ArrayList<>();
        /** Which stick each is that stands alone; empty for those of which any will do. */
        private final List<Optional<StickId>> stockIds = new ArrayList<>();
        private final List<StickProblem.Stock> sticks = new ArrayList<>();
        private final Map<Object, List<List<Piece>>> kinds = new LinkedHashMap<>();
        private final List<StickProblem.Lock> locks = new ArrayList<>();
        private final Map<StickId, List<Piece>> lockedTo = new HashMap<>();

        Setting(Moulding stock, List<Piece> pieces, List<Source> sources, Terms terms) {
            this.stock = stock;
            this.terms = terms;
            this.print = pieces.stream().flatMap(piece -> terms.print(piece).stream()).findFirst();
            for (List<Piece> together : together(pieces)) {
                kinds.computeIfAbsent(together.stream().map(this::shape).toList(), _ -> new ArrayList<>())
                        .add(together);
            }
            sources.forEach(this::sticks);
            terms.kept().forEach(this::lock);
        }

        /** Pieces of matched frames by frame, every other by itself. */
        private List<List<Piece>> together(List<Piece> pieces) {
            Map<Object, List<Piece>> together = new LinkedHashMap<>();
            pieces.forEach(piece -> together.computeIfAbsent(
                            terms.isMatched(piece)
                                    ? List.of(piece.job(), piece.frame())
                                    : List.of(piece.job(), piece.id()),
                            _ -> new ArrayList<>())
                    .add(piece));
            return List.copyOf(together.values());
        }

        private record Shape(Length length, StickProblem.End left, StickProblem.End right, boolean flips) {
        }

        private Shape shape(Piece piece) {
            boolean flips = Flipping.isAllowed(piece) && print.isEmpty();
            return new Shape(taken(piece), flips ? Flipping.end(piece, false, terms.kerf()) : StickProblem.End.SQUARE,
                    flips ? Flipping.end(piece, true, terms.kerf()) : StickProblem.End.SQUARE, flips);
        }

        /** A source as sticks that are alike, less those forbidden; those with something locked to them stand alone. */
        private void sticks(Source source) {
            Set<StickId> alone = new HashSet<>();
            terms.kept().forEach(kept -> alone.add(kept.stick()));
            int taken = 0;
            for (StickId id : alone.stream().sorted(Comparator.comparing(StickId::toString)).toList()) {
                if (source.has(id) && !terms.forbidden().contains(id)) {
                    add(source, Optional.of(id), Optional.of(1));
                    taken++;
                }
            }
            taken += (int) terms.forbidden().stream().filter(source::has).count();
            if (source.count().isEmpty()) {
                if (terms.forbidden().stream().noneMatch(source::has)) {
                    add(source, Optional.empty(), Optional.empty());
                }
            } else if (source.count().get() > taken) {
                add(source, Optional.empty(), Optional.of(source.count().get() - taken));
            }
        }

        private void add(Source source, Optional<StickId> id, Optional<Integer> count) {
            stockSources.add(source);
            stockIds.add(id);
            String name = id.map(StickId::toString)
                    .orElseGet(() -> source.from() == Source.From.OFF_CUT
                            ? source.label()
                            : source.length().toString());
            sticks.add(new StickProblem.Stock(name, source.length(), count, source.cost(), spoilt(source)));
        }

        /** How much of the stick a piece takes: whole repeats of a print, less the cut to the next piece. */
        private Length taken(Piece piece) {
            return print.map(one -> one.whole(piece.length().plus(terms.gap())).minus(terms.gap()))
                    .orElse(piece.length());
        }

        /** How far in that it begins: in the middle. */
        private Length in(Piece piece) {
            return taken(piece).minus(piece.length()).over(2);
        }

        /**
         * What no piece may lie on. After a defect a print begins anew with a whole repeat; and so it does at the end
         * of a stick, where up to one is lost.
         */
        private List<Span> spoilt(Source source) {
            if (print.isEmpty()) {
                return source.defects();
            }
            Length end = source.length();
            List<Span> spoilt = new ArrayList<>();
            for (Span defect : source.defects()) {
                Length whole = print.get().whole(defect.to().minus(terms.trim()).max(Length.ZERO));
                spoilt.add(new Span(defect.from(), terms.trim().plus(whole).min(end)));
            }
            Length lost = end.minus(print.get().repeat()).minus(terms.trim());
            if (lost.isPositive()) {
                spoilt.add(new Span(lost, end));
            }
            return spoilt;
        }

        /** A lock on a piece or a stick that is no longer there is passed over. */
        private void lock(Kept lock) {
            int stick = stockIds.indexOf(Optional.of(lock.stick()));
            int kind = 0;
            for (List<List<Piece>> alike : kinds.values()) {
                for (List<Piece> together : alike) {
                    if (stick >= 0
                            && together.stream()
                                    .anyMatch(p -> p.job().equals(lock.job()) && p.id().equals(lock.piece()))
                            && lockedTo.values().stream().noneMatch(l -> l.containsAll(together))) {
                        locks.add(new StickProblem.Lock(kind, stick, 1));
                        lockedTo.computeIfAbsent(lock.stick(), _ -> new ArrayList<>()).addAll(together);
                        return;
                    }
                }
                kind++;
            }
        }

        /** More than can be laid at once. */
        boolean isTooMuch() {
            return kinds.size() > StickProblem.MOST_KINDS
                    || kinds.values().stream().mapToLong(List::size).sum() > StickProblem.MOST_PIECES;
        }

        Optional<StickProblem> problem() {
            if (sticks.isEmpty()) {
                return Optional.empty();
            }
            List<StickProblem.Kind> made = new ArrayList<>();
            kinds.forEach((_, alike) -> {
                List<StickProblem.Part> parts = alike.getFirst().stream()
                        .map(piece -> {
                            Shape shape = shape(piece);
                            return new StickProblem.Part(
                                    piece.id().toString(), shape.length(), shape.left(), shape.right());
                        })
                        .toList();
                String name = alike.getFirst().getFirst().id().toString();
                made.add(
                        parts.size() > 1
                                ? StickProblem.Kind.group(name, parts, terms.gap(), alike.size())
                                : new StickProblem.Kind(
                                        name,
                                        parts,
                                        List.of(),
                                        alike.size(),
                                        shape(alike.getFirst().getFirst()).flips()));
            });
            Length longest = stockSources.stream()
                    .map(s -> s.longestRun(terms.trim()))
                    .max(Length::compareTo)
                    .orElseThrow();
            if (made.stream().anyMatch(kind -> kind.length().isOver(longest))) {
                return Optional.empty();
            }
            return Optional.of(new StickProblem(made, sticks, terms.gap(), terms.trim(), terms.useful(), locks));
        }

        /**
         * Every piece on the stick on which it was taken up, where it lay: further right where what lies before it
         * has grown.
         *
         * @param best the best answer known without that
         */
        Optional<StickAnswer> taken(StickProblem problem, TakenUp taken, Supplier<Optional<StickAnswer>> best) {
            Map<TakenUp.Which, Integer> kindOf = new HashMap<>();
            int kind = 0;
            for (List<List<Piece>> alike : kinds.values()) {
                for (List<Piece> together : alike) {
                    kindOf.put(taken.which(together.getFirst()), kind);
                }
                kind++;
            }
            List<StickAnswer.Laid> laid = new ArrayList<>();
            long cost = 0;
            for (Deed.Laid stick : taken.sticks()) {
                int stockNumber = stockOf(stick.stick());
                List<StickAnswer.Placed> placed = placed(problem, stick, kindOf);
                if (stockNumber < 0 || placed.isEmpty()) {
                    return Optional.empty();
                }
                laid.add(new StickAnswer.Laid(stockNumber, placed));
                cost += problem.stock().get(stockNumber).cost();
            }
            StickAnswer answer = new StickAnswer(
                    laid, cost, Math.min(cost, best.get().map(StickAnswer::bound).orElse(0L)));
            return Optional.of(answer).filter(legal -> StickCheck.wrong(problem, legal).isEmpty());
        }

        private int stockOf(StickId stick) {
            for (int i = 0; i < stockSources.size(); i++) {
                if (stockSources.get(i).has(stick) && stockIds.get(i).filter(id -> !id.equals(stick)).isEmpty()) {
                    return i;
                }
            }
            return -1;
        }

        private List<StickAnswer.Placed> placed(
                StickProblem problem, Deed.Laid stick, Map<TakenUp.Which, Integer> kindOf) {
            List<List<List<Piece>>> alike = List.copyOf(kinds.values());
            List<StickAnswer.Placed> placed = new ArrayList<>();
            Optional<Length> grown = Optional.empty();
            Optional<Length> before = Optional.empty();
            for (Deed.Spot spot : stick.spots()) {
                Optional<Integer> kind = Optional.ofNullable(kindOf.get(TakenUp.Which.of(spot)));
                if (kind.isPresent()) {
                    Piece first = alike.get(kind.get()).getFirst().getFirst();
                    Length there = spot.start().minus(in(first));
                    Length start = grown.isEmpty() ? there
                            : there.max(grown.get().plus(spot.start().minus(before.orElseThrow())));
                    placed.add(new StickAnswer.Placed(
                            kind.get(), start, StickProblem.Lie.of(spot.swapped(), spot.mirrored())));
                    grown = Optional.of(start.plus(problem.pieces().get(kind.get()).length()));
                }
                before = Optional.of(spot.end());
            }
            return placed;
        }

        List<StickLayout> layouts(StickProblem problem, StickAnswer answer) {
            List<List<List<Piece>>> alike = List.copyOf(kinds.values());
            Set<List<Piece>> kept = new HashSet<>();
            lockedTo.values()
                    .forEach(pieces -> alike.forEach(
                            kind -> kind.stream().filter(pieces::containsAll).forEach(kept::add)));
            List<Deque<List<Piece>>> left = alike.stream()
                    .map(kind -> (Deque<List<Piece>>) new ArrayDeque<>(kind.stream()
                            .filter(together -> !kept.contains(together))
                            .toList()))
                    .toList();
            Map<Source, Integer> numbers = new HashMap<>();
            Set<StickId> reserved = stockIds.stream().flatMap(Optional::stream).collect(Collectors.toSet());
            List<StickLayout> layouts = new ArrayList<>();
            for (StickAnswer.Laid laid : answer.sticks()) {
                Source source = stockSources.get(laid.stock());
                StickId id = stockIds.get(laid.stock()).orElseGet(() -> next(source, numbers, reserved));
                List<Piece> locked = new ArrayList<>(lockedTo.getOrDefault(id, List.of()));
                List<StickLayout.Placed> placed = new ArrayList<>();
                for (StickAnswer.Placed one : laid.placed()) {
                    // Hardly any stick has something kept on it; looking for it among thousands alike is dear.
                    Optional<List<Piece>> own = locked.isEmpty() ? Optional.empty()
                            : alike.get(one.kind()).stream().filter(locked::containsAll).findFirst();
                    own.ifPresent(locked::removeAll);
                    List<Piece> together = own.orElseGet(() -> left.get(one.kind()).removeFirst());
                    List<Length> starts = problem.pieces().get(one.kind()).starts();
                    for (int i = 0; i < together.size(); i++) {
                        placed.add(new StickLayout.Placed(
                                together.get(i),
                                one.start().plus(starts.get(i)).plus(in(together.get(i))),
                                one.lie(),
                                own.isPresent()));
                    }
                }
                if (!placed.isEmpty()) {
                    layouts.add(new StickLayout(
                            stock.section(),
                            source,
                            id,
                            List.copyOf(placed),
                            problem.left(laid),
                            terms.trim(),
                            terms.gap()));
                }
            }
            return List.copyOf(layouts);
        }

        /** The next of alike sticks that nothing is kept on. */
        private static StickId next(Source source, Map<Source, Integer> numbers, Set<StickId> reserved) {
            StickId next = source.id(numbers.merge(source, 1, Integer::sum));
            while (source.from() != Source.From.OFF_CUT && reserved.contains(next)) {
                next = source.id(numbers.merge(source, 1, Integer::sum));
            }
            return next;
        }
    }

    /** How many sticks of each length are to be bought. */
    public Map<Length, Integer> toBuy() {
        Map<Length, Integer> toBuy = new TreeMap<>();
        sticks.stream().filter(StickLayout::bought).forEach(stick -> toBuy.merge(stick.length(), 1, Integer::sum));
        return toBuy;
    }
}
