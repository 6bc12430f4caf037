package neatcorner.files.text;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.stream.Collectors;
import neatcorner.core.mill.Balance;
import neatcorner.core.mill.Loss;
import neatcorner.core.mill.Milling;
import neatcorner.core.phrase.Words;
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
