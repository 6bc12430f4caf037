package neatcorner.core.sawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import neatcorner.core.cut.Lots;
import neatcorner.core.making.MakingPlanner;
import neatcorner.core.making.MakingStep;
import neatcorner.core.making.Tool;
import neatcorner.core.measure.Length;
import neatcorner.core.mill.MillList;
import neatcorner.core.mill.MillStep;
import neatcorner.core.mill.Milling;
import neatcorner.core.mill.Operation;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.Habits;
import neatcorner.core.solve.sequence.SequenceAnswer;
import neatcorner.core.solve.sequence.SequenceProblem;
import neatcorner.core.words.Figure;

/**
 * What is ripped, planed, rabbeted and profiled, of one job or of many: the boards' steps, then those of the sections
 * that come of them.
 *
 * @param milling how the boards are cut
 * @param orders  the jobs they are cut for
 * @param habits  of the shop
 */
public record Strips(Milling milling, List<Lots.Order> orders, Habits habits) {
    public Strips {
        orders = List.copyOf(orders);
    }

    /**
     * One thing that is done.
     *
     * @param machine with which it is done
     * @param what    is set, to what
     * @param stop    what the machine is set to; empty where nothing is
     * @param on      what goes through
     * @param after   what comes before it
     * @param caution for the hands
     */
    private record Work(String machine, Words what, Optional<Length> stop, Words on, List<Integer> after,
                        Optional<Safety> caution) {
        /** What it shares with all that goes through at the same setting. */
        Object setting() {
            return List.of(machine, what);
        }
    }

    /** Setting by setting. */
    public StripOrder inOrder() {
        return inOrder(() -> false);
    }

    /**
     * Setting by setting.
     *
     * @param stop says yes once nobody waits for a better order any more
     */
    public StripOrder inOrder(BooleanSupplier stop) {
        return ordered(ofBoards(), stop).then(ordered(ofSections(), stop));
    }

    /** The steps of every board; each comes after the last that was done to the same length. */
    private List<Work> ofBoards() {
        List<Work> works = new ArrayList<>();
        Map<List<Object>, Integer> last = new HashMap<>();
        for (MillStep step : MillList.of(milling, habits)) {
            if (step.operation() == Operation.GLUE) {
                continue;
            }
            List<Integer> after = new ArrayList<>();
            Optional.ofNullable(last.get(List.of(step.board(), step.length()))).ifPresent(after::add);
            Optional.ofNullable(last.get(List.of(step.board(), 0))).ifPresent(after::add);
            Optional<Length> stop = isSet(step.operation()) ? Optional.of(step.setting()) : Optional.empty();
            works.add(new Work(
                    machine(step.operation()), what(step), stop, on(step), after, caution(step.operation())));
            last.put(List.of(step.board(), step.operation() == Operation.CROSSCUT ? 0 : step.length()),
                    works.size() - 1);
        }
        return works;
    }

    private static boolean isSet(Operation operation) {
        return switch (operation) {
            case THICKNESS, RIP, RESAW, PLANE, WIDTH, BLANK -> true;
            case METAL, CROSSCUT, FLATTEN, EDGE, GLUE -> false;
        };
    }

    private static String machine(Operation operation) {
        return switch (operation) {
            case THICKNESS, PLANE -> "planer";
            case FLATTEN, EDGE -> "jointer";
            case CROSSCUT, BLANK -> "crosscut";
            case METAL, RIP, RESAW, WIDTH, GLUE -> operation.name();
        };
    }

    private static Optional<Safety> caution(Operation operation) {
        return switch (operation) {
            case RIP, RESAW -> Optional.of(Safety.RIPPING);
            case CROSSCUT, BLANK -> Optional.of(Safety.SAW);
            case METAL, FLATTEN, EDGE, THICKNESS, PLANE, WIDTH, GLUE -> Optional.empty();
        };
    }

    private static Optional<Safety> caution(Tool tool) {
        return switch (tool) {
            case TABLE_SAW, DADO -> Optional.of(Safety.RIPPING);
            case ROUTER_TABLE, HAND_ROUTER -> Optional.of(Safety.ROUTER);
            case PLANER, HAND_PLANE, GLUE -> Optional.empty();
        };
    }

    private static Words what(MillStep step) {
        return switch (step.operation()) {
            case METAL -> Words.of("strips.metal");
            case CROSSCUT -> Words.of("strips.crosscut");
            case FLATTEN -> Words.of("strips.flatten");
            case EDGE -> Words.of("strips.edge");
            case THICKNESS, PLANE -> Words.of("strips.planer", step.setting());
            case RIP -> Words.of("strips.rip", step.setting());
            case RESAW -> Words.of("strips.resaw", step.setting());
            case WIDTH -> Words.of("strips.width", step.setting());
            case BLANK -> Words.of("strips.blank", step.setting());
            case GLUE -> throw new IllegalArgumentException("glue is not set");
        };
    }

    private static Words on(MillStep step) {
        return step.length() == 0
                ? Words.of("strips.board", step.board())
                : step.rips().isEmpty()
                        ? Words.of("strips.length", step.board(), step.length())
                        : Words.of(
                                "strips.rips",
                                step.board(),
                                step.length(),
                                Words.listed(step.rips().stream()
                                        .map(rip -> Words.plain(Integer.toString(rip)))
                                        .toList()));
    }

    /** The cuts of every section, in the order that keeps wood under each. */
    private List<Work> ofSections() {
        List<Work> works = new ArrayList<>();
        Map<String, Long> strips = milling.sawn().stream()
                .flatMap(sawn -> sawn.lengths().stream())
                .flatMap(length -> length.rips().stream())
                .flatMap(rip -> rip.blanks().stream())
                .map(Milling.Blank::wanted)
                .map(wanted -> List.of(wanted.job(), wanted.piece()))
                .distinct()
                .collect(Collectors.groupingBy(piece -> (String) piece.getFirst(), Collectors.counting()));
        for (Lots.Order order : orders) {
            if (!strips.containsKey(order.name())) {
                continue;
            }
            List<Integer> after = List.of();
            for (MakingStep step : MakingPlanner.plan(order.frame()).result().steps()) {
                if (step.fence().isEmpty() && step.height().isEmpty()) {
                    continue;
                }
                works.add(new Work(
                        step.tool().name(),
                        what(step),
                        step.fence().or(step::height).map(Figure::value),
                        Words.of("strips.job", order.name(), strips.get(order.name())),
                        after,
                        caution(step.tool())));
                after = List.of(works.size() - 1);
            }
        }
        return works;
    }

    private static Words what(MakingStep step) {
        Words what = Words.of("strips.tool", step.tool(), step.what());
        Words fenced = step.fence().map(fence -> Words.of("strips.fence", what, fence.value())).orElse(what);
        return step.height().map(high -> Words.of("strips.high", fenced, high.value())).orElse(fenced);
    }

    private static StripOrder ordered(List<Work> works, BooleanSupplier stop) {
        if (works.isEmpty()) {
            return StripOrder.NOTHING;
        }
        List<String> machines = works.stream().map(Work::machine).distinct().toList();
        List<Object> stops = works.stream()
                .filter(work -> work.stop().isPresent())
                .sorted(Comparator.comparing((Work work) -> work.stop().orElseThrow()).reversed())
                .map(Work::setting)
                .distinct()
                .toList();
        SequenceAnswer answer = new SequenceProblem(works.stream()
                        .map(work -> new SequenceProblem.Cut(
                                machines.indexOf(work.machine()),
                                work.stop().isEmpty() ? OptionalInt.empty()
                                        : OptionalInt.of(stops.indexOf(work.setting())),
                                work.after(),
                                false))
                        .toList())
                .solve(stop);
        List<Work> order = answer.steps().stream().map(step -> works.get(step.cut())).toList();
        return new StripOrder(turns(order), answer.changes(), changes(works), answer.bound());
    }

    private static List<StripOrder.Turn> turns(List<Work> order) {
        List<StripOrder.Turn> turns = new ArrayList<>();
        Set<Safety> told = EnumSet.noneOf(Safety.class);
        for (int i = 0; i < order.size(); ) {
            int from = i;
            while (i < order.size() && order.get(i).setting().equals(order.get(from).setting())) {
                i++;
            }
            turns.add(new StripOrder.Turn(
                    order.get(from).what(),
                    order.subList(from, i).stream().map(Work::on).distinct().toList(),
                    order.get(from).caution().filter(told::add)));
        }
        return turns;
    }

    /** In the order in which they are told: every other machine, and every other setting of it. */
    private static int changes(List<Work> works) {
        return IntStream.range(0, works.size())
                .map(i -> i == 0 ? 1 + works.getFirst().stop().map(_ -> 1).orElse(0)
                        : differs(works.get(i - 1), works.get(i)))
                .sum();
    }

    private static int differs(Work before, Work now) {
        return (before.machine().equals(now.machine()) ? 0 : 1)
                + (now.stop().isEmpty() || before.setting().equals(now.setting()) ? 0 : 1);
    }
}
