package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Proof;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Volume;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.board.BoardAnswer;
import neatcorner.core.solve.board.BoardProblem;
import neatcorner.core.wood.Species;

/** Puts strips and boards to the solver, and reads what it answers. */
final class Mill {
    /** A shorter rest is no board any more. */
    private static final Length LEAST_LENGTH = Length.mm(100);
    /** So much wetter than the shop's air will make it a board is left for later. */
    private static final double WET = 0.02;
    /** What is sold is bought only for what no board gives that is here. */
    private static final int BOUGHT = 2;
    /** The most of one kind that are bought. */
    private static final int MOST_BOUGHT = 40;

    private final Habits habits;
    private final Machines machines;
    private final Shop shop;
    /** The boards of the rack, and one of each kind that is sold. */
    private final List<Board> here;

    /** The same with as many of those that are sold as may be wanted. */
    private final List<Board> boards;

    private final List<Milling.Missing> missing;
    private final List<Way> ways = new ArrayList<>();
    private final Map<Kind, List<Wanted>> kinds = new LinkedHashMap<>();
    private final List<BoardProblem> problems = new ArrayList<>();
    private final Length kerf;
    private final Length trim;

    /**
     * How a strip lies in a board.
     *
     * @param across  finished, across the board
     * @param rip     as it is ripped
     * @param through finished, through the board's thickness
     * @param rough   the same before it is planed
     */
    private record Way(
            Species species,
            boolean grooved,
            boolean onEdge,
            Length across,
            Length rip,
            Length through,
            Length rough) {}

    /** Blanks that are alike to the saw. */
    private record Kind(Length length, List<Way> ways, Optional<Wanted.Ring> ring) {
    }

    /**
     * For some orders.
     *
     * @param boards   that may be used
     * @param isWanted which of their strips; the others are not even missing
     */
    Mill(List<Lots.Order> orders, Shop shop, List<Board> boards, Predicate<Wanted> isWanted) {
        this.shop = shop;
        this.habits = shop.habits();
        this.machines = new Machines(habits);
        this.here = boards;
        this.kerf = orders.stream()
                .map(order -> order.frame().habits().get(Habit.KERF))
                .max(Length::compareTo)
                .orElse(habits.get(Habit.KERF));
        this.trim = habits.get(Habit.END_TRIM);
        Demand demand = Demand.of(orders, habits, this::longest, isWanted);
        this.missing = new ArrayList<>(demand.missing());
        for (Wanted wanted : demand.wanted()) {
            Kind kind = new Kind(wanted.blank(), ways(wanted), wanted.ring());
            kinds.computeIfAbsent(kind, _ -> new ArrayList<>()).add(wanted);
        }
        kinds.keySet().forEach(kind -> kind.ways().stream()
                .filter(way -> !ways.contains(way))
                .forEach(ways::add));
        this.boards = here.stream()
                .flatMap(board -> board.forSale() ? bought(board) : Stream.of(board))
                .toList();
    }

    /** Twice as many as the wood of all strips of its kind, and two more. */
    private Stream<Board> bought(Board board) {
        double wood = kinds.values().stream()
                .flatMap(List::stream)
                .filter(wanted -> wanted.species().equals(board.species()))
                .mapToDouble(Mill::finished)
                .sum();
        int count = wood == 0 ? 0 : (int) Math.min(MOST_BOUGHT, 2 + Math.ceil(2 * wood / board.volume().mm3()));
        return IntStream.rangeClosed(1, count).mapToObj(board::numbered);
    }

    /** The longest blank between the ends of a board that gives such a strip. */
    private Optional<Length> longest(Wanted wanted) {
        return here.stream()
                .filter(board -> ways(wanted).stream().anyMatch(way -> isWide(board, way)))
                .map(machines::clear)
                .max(Length::compareTo);
    }

    private boolean isWide(Board board, Way way) {
        return leaves(board, way).count() > 0
                && !way.rip().plus(machines.jointing(board)).isOver(board.width());
    }

    /** Flat, or on edge; one with a groove lies as the groove does. */
    private static List<Way> ways(Wanted wanted) {
        Way flat = way(wanted, false, wanted.width(), wanted.thickness());
        return wanted.grooved() || wanted.width().equals(wanted.thickness())
                ? List.of(flat)
                : List.of(flat, way(wanted, true, wanted.thickness(), wanted.width()));
    }

    private static Way way(Wanted wanted, boolean onEdge, Length across, Length through) {
        return new Way(
                wanted.species(),
                wanted.grooved(),
                onEdge,
                across,
                across.plus(wanted.over().over(4)),
                through,
                through.plus(wanted.planing()));
    }

    Milling milling(Answers answers) {
        if (kinds.isEmpty()) {
            return new Milling(List.of(), missing, balance(List.of()), problems, Optional.empty());
        }
        if (kinds.values().stream().mapToInt(List::size).sum() > BoardProblem.MOST_BLANKS) {
            kinds.values().forEach(list -> list.forEach(wanted -> missing.add(
                    new Milling.Missing(wanted, Words.of("mill.missing.many", BoardProblem.MOST_BLANKS)))));
            return new Milling(List.of(), missing, balance(List.of()), problems, Optional.empty());
        }
        BoardProblem problem = problem();
        problems.add(problem);
        Milling milling = milling(problem, answers.to(problem).or(problem::quick).orElseThrow());
        Set<List<Object>> broken = milling.missing().stream()
                .map(one -> one.wanted().whole())
                .collect(Collectors.toSet());
        broken.retainAll(milling.sawn().stream()
                .flatMap(Milling.Sawn::blanks)
                .map(blank -> blank.wanted().whole())
                .collect(Collectors.toSet()));
        if (broken.isEmpty()) {
            return milling;
        }
        // Half a side and two staves of three are not worth a cut. Without that half of such strips which takes most
        // wood the others may be made whole.
        Map<List<Object>, Double> wood = kinds.values().stream()
                .flatMap(List::stream)
                .filter(wanted -> broken.contains(wanted.whole()))
                .collect(Collectors.groupingBy(
                        Wanted::whole, LinkedHashMap::new, Collectors.summingDouble(Mill::finished)));
        List<List<Object>> order = wood.entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .toList();
        without(Set.copyOf(order.subList(order.size() / 2, order.size())), milling);
        return milling(answers);
    }

    /** Leaves strips out, with the reason why each of their parts is not made. */
    private void without(Set<List<Object>> strips, Milling milling) {
        kinds.values().forEach(list -> list.removeIf(wanted -> strips.contains(wanted.whole())));
        kinds.values().removeIf(List::isEmpty);
        milling.missing().stream()
                .filter(one -> strips.contains(one.wanted().whole()) && !missing.contains(one))
                .forEach(missing::add);
        milling.sawn().stream()
                .flatMap(Milling.Sawn::blanks)
                .map(Milling.Blank::wanted)
                .filter(wanted -> strips.contains(wanted.whole()))
                .forEach(wanted -> missing.add(new Milling.Missing(wanted, Words.of("mill.missing.parts"))));
    }

    private BoardProblem problem() {
        Map<Species, Double> rates = here.stream()
                .filter(board -> board.price().isPresent())
                .collect(Collectors.groupingBy(Board::species, Collectors.averagingDouble(Mill::rate)));
        double usual = rates.values().stream().mapToDouble(rate -> rate).average().orElse(1e-3);
        List<Wanted.Ring> rings =
                kinds.keySet().stream().flatMap(kind -> kind.ring().stream()).distinct().toList();
        return new BoardProblem(
                ways.stream().map(way -> new BoardProblem.Profile(way.rip(), way.grooved())).toList(),
                kinds.entrySet().stream()
                        .map(kind -> new BoardProblem.Kind(
                                kind.getKey().length(),
                                kind.getKey().ways().stream().map(ways::indexOf).toList(),
                                kind.getValue().size(),
                                kind.getKey().ring().map(ring -> 1 + rings.indexOf(ring)).orElse(0)))
                        .toList(),
                boards.stream()
                        .map(board -> stock(
                                board,
                                board.price().isPresent()
                                        ? rate(board)
                                        : rates.getOrDefault(board.species(), usual)))
                        .toList(),
                new BoardProblem.Saw(
                        kerf,
                        habits.get(Habit.RESAW_KERF),
                        habits.get(Habit.RESAW_HEIGHT),
                        trim,
                        habits.get(Habit.USEFUL).max(LEAST_LENGTH),
                        Machines.LEAST_WIDTH,
                        machines.leastThickness(),
                        longestHandled()));
    }

    /** As the shop says, or the longest blank. */
    private Length longestHandled() {
        return kinds.keySet().stream()
                .map(kind -> kind.length().plus(habits.get(Habit.SNIPE).times(2)))
                .max(Length::compareTo)
                .orElse(Length.ZERO)
                .max(habits.get(Habit.HANDLED));
    }

    /** What a priced board costs, in thousandths of a coin for a cubic millimetre. */
    private static double rate(Board board) {
        return 1_000.0
                * board.price().orElseThrow().of(board.length(), board.width(), board.thickness())
                / board.volume().mm3();
    }

    /** A board without a price costs what the others of its wood do, else what all others do. */
    private BoardProblem.Stock stock(Board board, double rate) {
        return new BoardProblem.Stock(
                board.length(),
                board.width(),
                board.thickness(),
                machines.jointing(board),
                machines.snipe(board),
                machines.leastLength(board),
                board.defects().stream()
                        .flatMap(defect -> machines.hole(board, defect).stream())
                        .toList(),
                ways.stream().map(way -> leaves(board, way)).toList(),
                Math.clamp(Math.round(rate * board.volume().mm3()), 1, BoardProblem.MOST_WORTH),
                board.forSale() ? BOUGHT : isWet(board) ? 1 : 0);
    }

    /** More than about two per cent above what the air of the shop will bring it to; common practice, no source. */
    private boolean isWet(Board board) {
        double dry = shop.climate().shop().equilibriumMoisture().fraction();
        return board.moisture().map(m -> m.fraction() > dry + WET).orElse(false);
    }

    /**
     * How many strips of a way lie behind one another in a board. A planed board gives one as thick as it is; what is
     * resawn loses the planing of its faces anew.
     */
    private BoardProblem.Leaves leaves(Board board, Way way) {
        Board.Surface surface = board.condition().surface();
        if (!board.species().equals(way.species()) || way.grooved() != board.condition().isGrooved()) {
            return BoardProblem.Leaves.NONE;
        }
        Length flat = board.thickness().minus(board.condition().loss(way.rip().ratio(board.width())));
        Length saw = habits.get(Habit.RESAW_KERF);
        int resawn = way.rip().isOver(habits.get(Habit.RESAW_HEIGHT)) || way.grooved()
                ? 1
                : (int) Math.floor(flat.plus(saw).ratio(way.rough().plus(saw)) + 1e-12);
        if (resawn > 1) {
            return new BoardProblem.Leaves(resawn, way.rough());
        }
        Length one = switch (surface) {
            case ROUGH -> way.rough();
            // What is sawn off a planed board leaves a face to be planed; else it is planed down from all it has.
            case PLANED ->
                flat.minus(way.rough()).minus(saw).isUnder(machines.leastThickness()) ? way.through() : way.rough();
            case GROOVED -> way.through().max(board.thickness());
        };
        return flat.isUnder(one) ? BoardProblem.Leaves.NONE : new BoardProblem.Leaves(1, one);
    }

    private Milling milling(BoardProblem problem, BoardAnswer answer) {
        List<List<Wanted>> left =
                kinds.values().stream().map(list -> (List<Wanted>) new ArrayList<>(list)).toList();
        List<Milling.Sawn> sawn = answer.sawn().stream().map(one -> sawn(problem, one, left)).toList();
        List<Milling.Missing> none = new ArrayList<>(missing);
        left.forEach(list -> list.forEach(wanted -> none.add(new Milling.Missing(wanted, why(wanted)))));
        Optional<Proof> proof = answer.missingCount() > 0
                ? Optional.empty()
                : Optional.of(new Proof(answer.isProven(), new Share(answer.gap())));
        return new Milling(sawn, none, balance(sawn), problems, proof);
    }

    private Milling.Sawn sawn(BoardProblem problem, BoardAnswer.Sawn one, List<List<Wanted>> left) {
        List<BoardProblem.Leaves> leaves = problem.stock().get(one.stock()).leaves();
        Board board = boards.get(one.stock());
        List<Milling.Crosscut> lengths = one.lengths().stream()
                .map(piece -> new Milling.Crosscut(
                        piece.x(),
                        piece.length(),
                        piece.strips().stream()
                                .map(strip -> rip(strip, leaves.get(strip.profile()), left))
                                .toList()))
                .toList();
        Kept kept = new Kept(board, habits);
        return new Milling.Sawn(
                board,
                lengths,
                one.rests().stream()
                        .flatMap(rest -> kept.of(rest, lengths).stream())
                        .toList(),
                one.over() ? Board.Face.UPPER : Board.Face.LOWER);
    }

    private Milling.Rip rip(BoardAnswer.Strip strip, BoardProblem.Leaves leaves, List<List<Wanted>> left) {
        Way way = ways.get(strip.profile());
        return new Milling.Rip(
                strip.y(),
                way.rip(),
                strip.leaves(),
                leaves.thick(),
                way.onEdge(),
                strip.blanks().stream()
                        .map(blank ->
                                new Milling.Blank(left.get(blank.kind()).removeFirst(), blank.x(), blank.leaf() + 1))
                        .toList());
    }

    /** The first thing that no board of the rack has. */
    private Words why(Wanted wanted) {
        List<Board> ofWood = here.stream()
                .filter(board -> board.species().equals(wanted.species()))
                .toList();
        if (ofWood.isEmpty()) {
            return Words.of("mill.missing.wood", wanted.species());
        }
        List<Board> ofKind = ofWood.stream()
                .filter(board -> wanted.grooved() == board.condition().isGrooved())
                .toList();
        if (ofKind.isEmpty()) {
            return Words.of(wanted.grooved() ? "mill.missing.groove" : "mill.missing.plain", wanted.species());
        }
        List<Way> both = ways(wanted);
        List<Board> thick = ofKind.stream()
                .filter(board -> both.stream().anyMatch(way -> leaves(board, way).count() > 0))
                .toList();
        if (thick.isEmpty()) {
            return missing("mill.missing.thin", wanted, both.getFirst().rough(), Habit.LAYER);
        }
        List<Board> wide = thick.stream()
                .filter(board -> both.stream().anyMatch(way -> isWide(board, way)))
                .toList();
        if (wide.isEmpty()) {
            return missing("mill.missing.narrow", wanted, both.getFirst().rip(), Habit.STAVE);
        }
        return wide.stream().allMatch(board -> wanted.blank().isOver(machines.clear(board)))
                ? Words.of("mill.missing.short", wanted.species(), wanted.blank())
                : Words.of("mill.missing.enough", wanted.species());
    }

    /** With what the shop would have to allow for it to be glued up. */
    private Words missing(String key, Wanted wanted, Length size, Habit glued) {
        Words no = Words.of(key, wanted.species(), size);
        return wanted.grooved() || habits.get(glued).isPositive()
                ? no
                : Words.of("mill.missing.glued", no, glued.words());
    }

    private Balance balance(List<Milling.Sawn> sawn) {
        Map<Loss, Double> lost = new EnumMap<>(Loss.class);
        for (Loss loss : Loss.values()) {
            lost.put(loss, 0.0);
        }
        double taken = 0;
        double finished = 0;
        double rests = 0;
        for (Milling.Sawn one : sawn) {
            double wood = one.board().volume().mm3();
            double made = one.blanks().mapToDouble(blank -> finished(blank.wanted())).sum();
            double kept = one.rests().stream()
                    .mapToDouble(rest -> Volume.of(rest.length(), rest.width(), rest.thick()).mm3())
                    .sum();
            Length jointing = machines.jointing(one.board());
            Map<Loss, Double> here = new Losses(one, kerf, habits.get(Habit.RESAW_KERF), jointing).lost();
            double named = here.values().stream().mapToDouble(v -> v).sum();
            here.forEach((loss, volume) -> lost.merge(loss, volume, Double::sum));
            lost.merge(Loss.SCRAP, wood - made - kept - named, Double::sum);
            taken += wood;
            finished += made;
            rests += kept;
        }
        Map<Loss, Volume> volumes = new EnumMap<>(Loss.class);
        lost.forEach((loss, volume) -> volumes.put(loss, new Volume(Math.max(0, volume))));
        return new Balance(new Volume(taken), new Volume(finished), new Volume(rests), volumes);
    }

    private static double finished(Wanted wanted) {
        return Volume.of(wanted.length(), wanted.width(), wanted.thickness()).mm3();
    }
}
