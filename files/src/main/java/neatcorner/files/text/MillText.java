package neatcorner.files.text;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.measure.Money;
import neatcorner.core.mill.Balance;
import neatcorner.core.mill.Buying;
import neatcorner.core.mill.GlueUps;
import neatcorner.core.mill.Loss;
import neatcorner.core.mill.MillList;
import neatcorner.core.mill.MillStep;
import neatcorner.core.mill.Milling;
import neatcorner.core.mill.Operation;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Board;
import neatcorner.core.report.Safety;
import neatcorner.core.sawing.StripOrder;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Phrasebook;

/** What is said of boards that are milled, in the window and on the command line alike. */
public final class MillText {
    /** So many strips are named one by one. */
    private static final int MOST_NAMED = 24;

    private MillText() {
    }

    /**
     * Where some of the wood goes.
     *
     * @param what   it is
     * @param volume of it, as it is written
     */
    public record Line(String what, String volume) {
    }

    /**
     * Some of the work, one step after another.
     *
     * @param title what it is done to
     * @param steps of it
     * @param left  what stays of it
     */
    public record Part(String title, List<Step> steps, List<String> left) {
    }

    /**
     * One step.
     *
     * @param what     is done
     * @param notes    on it
     * @param cautions for the hands
     */
    public record Step(String what, List<String> notes, List<String> cautions) {
        /** Both, the cautions last. */
        public List<String> said() {
            return Stream.concat(notes.stream(), cautions.stream()).toList();
        }
    }

    /** The list some boards are milled by, one board after the other, and last what is glued. */
    public static List<Part> list(Milling milling, Habits habits, Phrasebook book) {
        return Stream.concat(
                        milling.sawn().stream().flatMap(sawn -> list(sawn, milling, habits, book).stream()),
                        glued(milling, book).stream())
                .toList();
    }

    /** Setting by setting, what goes through at each. */
    public static Part settings(StripOrder order, Phrasebook book) {
        return new Part(
                book.say("strips.settings", order.changes(), order.plainly(), order.proof()),
                order.turns().stream()
                        .map(turn -> new Step(
                                book.say(turn.what()),
                                turn.on().stream().map(book::say).toList(),
                                turn.caution().stream().map(caution -> book.say(caution.words())).toList()))
                        .toList(),
                List.of());
    }

    /** The list one board is milled by: its crosscuts, then its lengths. */
    public static List<Part> list(Milling.Sawn sawn, Milling milling, Habits habits, Phrasebook book) {
        List<Part> parts = new ArrayList<>();
        Board board = sawn.board();
        Map<Integer, List<MillStep>> byLength = MillList.of(sawn, habits).stream()
                .collect(Collectors.groupingBy(
                        step -> step.operation() == Operation.CROSSCUT ? 0 : step.length(),
                        TreeMap::new,
                        Collectors.toList()));
        parts.add(new Part(
                book.say(
                        "mill.board",
                        board.label(),
                        board.species(),
                        board.length(),
                        board.width(),
                        board.thickness()),
                steps(byLength.getOrDefault(0, List.of()), milling, book),
                sawn.rests().stream()
                        .map(rest -> book.say("mill.stays", rest.length(), rest.width(), rest.thick()))
                        .toList()));
        byLength.forEach((length, steps) -> {
            if (length > 0) {
                parts.add(new Part(
                        book.say("mill.board_length", board.label(), length),
                        steps(steps, milling, book),
                        List.of()));
            }
        });
        return parts;
    }

    /** What is glued up once all boards are milled; nothing when nothing is. */
    public static List<Part> glued(Milling milling, Phrasebook book) {
        List<MillStep> glued = GlueUps.of(milling);
        return glued.isEmpty()
                ? List.of()
                : List.of(new Part(book.say("mill.glue"), steps(glued, milling, book), List.of()));
    }

    private static List<Step> steps(List<MillStep> steps, Milling milling, Phrasebook book) {
        return steps.stream()
                .map(step -> new Step(
                        book.say("mill.step", step.number(), step.what())
                                + step.wanted().stream()
                                        .map(wanted -> " " + book.say(milling.nameOf(wanted)))
                                        .collect(Collectors.joining(";")),
                        step.notes().stream()
                                .filter(note -> !isCaution(note))
                                .map(book::say)
                                .toList(),
                        step.notes().stream()
                                .filter(MillText::isCaution)
                                .map(book::say)
                                .toList()))
                .toList();
    }

    private static boolean isCaution(Words note) {
        return Stream.of(Safety.values()).anyMatch(safety -> safety.words().equals(note));
    }

    /** Where the wood of the boards goes; nothing when none is cut. */
    public static List<Line> balance(Milling milling, Phrasebook book) {
        List<Line> lines = new ArrayList<>();
        if (milling.sawn().isEmpty()) {
            return lines;
        }
        Balance balance = milling.balance();
        lines.add(new Line(book.say("balance.taken"), book.write(balance.taken())));
        lines.add(new Line(book.say("balance.finished"), book.write(balance.finished())));
        lines.add(new Line(book.say("balance.rests"), book.write(balance.rests())));
        for (Loss loss : Loss.values()) {
            lines.add(new Line(book.say(Phrasebook.keyOf(loss)), book.write(balance.lost(loss))));
        }
        return lines;
    }

    /**
     * What is to be bought, by kind of board, what all of it costs as far as prices are known, what boards would give
     * what is still missing, and what the same costs as moulding.
     *
     * @param moulding what sticks to buy for the same would cost; empty when that is not known
     */
    public static List<String> bought(Milling milling, Optional<Long> moulding, Shop shop, Phrasebook book) {
        Map<String, List<Board>> kinds = milling.bought().stream()
                .collect(Collectors.groupingBy(Board::soldAs, LinkedHashMap::new, Collectors.toList()));
        List<String> said = new ArrayList<>();
        kinds.forEach((label, boards) -> {
            Board one = boards.getFirst();
            said.add(book.say("mill.buy", boards.size(), label, one.species(), one.length(), one.width(),
                    one.thickness()));
        });
        long unknown = milling.bought().stream().filter(board -> board.price().isEmpty()).count();
        if (unknown > 0) {
            said.add(book.say("mill.buy.unknown", unknown));
        }
        milling.cost().ifPresent(cost -> said.add(book.say("mill.buy.cost", new Money(cost, shop.currency()).text())));
        Buying.of(milling, shop.habits())
                .forEach(least -> said.add(book.say(
                        least.isTooWide() ? "mill.buy.wide" : "mill.buy.least",
                        least.species(),
                        least.quarters(),
                        least.thickness(),
                        least.width(),
                        least.length(),
                        least.wood())));
        if (!said.isEmpty()) {
            moulding.ifPresent(
                    cost -> said.add(
                            cost == 0
                                    ? book.say("mill.buy.moulding_here")
                                    : book.say("mill.buy.moulding", new Money(cost, shop.currency()).text())));
        }
        return said;
    }

    /** Frames whose sides are wished from one board and come from several, a sentence for each. */
    public static List<String> spread(Milling milling, Phrasebook book) {
        return milling.spread().stream()
                .map(ring -> book.say(
                        "mill.spread",
                        ring.stream()
                                .map(piece -> book.say(
                                        "mill.spread.piece",
                                        milling.nameOf(piece.wanted()),
                                        piece.board()))
                                .collect(Collectors.joining(", "))))
                .toList();
    }

    /** The strips that are not made, a sentence for every reason, each by its name while there are few. */
    public static List<String> missing(Milling milling, Phrasebook book) {
        LinkedHashMap<Words, List<Milling.Missing>> byReason = milling.missing().stream()
                .collect(Collectors.groupingBy(Milling.Missing::why, LinkedHashMap::new, Collectors.toList()));
        List<String> said = new ArrayList<>();
        byReason.forEach((why, missing) -> {
            String names = missing.stream()
                    .limit(MOST_NAMED)
                    .map(one -> book.say(milling.nameOf(one.wanted())))
                    .collect(Collectors.joining(", "));
            said.add(book.say(
                    "mill.missing", missing.size(), why, names + (missing.size() > MOST_NAMED ? " …" : "")));
        });
        return said;
    }
}
