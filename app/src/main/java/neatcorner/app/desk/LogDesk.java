package neatcorner.app.desk;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.work.Deed;
import neatcorner.core.work.LogLine;
import neatcorner.files.store.ShopStore;

/** What was done to any job, searched by its words. Used from the interface thread only. */
public final class LogDesk {
    /** Nobody reads more. */
    public static final int MOST = 100;
    private final Desk desk;
    private final Saver saver;
    private final ShopStore store;
    private final Runnable changed;
    private final Executor interfaceThread;
    private String wanted = "";
    private String answered = "";
    private List<ShopStore.Said> found = List.of();

    LogDesk(Desk desk, ShopStore store, Saver saver, Executor interfaceThread, Runnable changed) {
        this.desk = desk;
        this.store = store;
        this.saver = saver;
        this.interfaceThread = interfaceThread;
        this.changed = changed;
    }

    /** What a line says, to be searched: in the units that are in hand when it is written, and in millimetres. */
    static String words(Phrasebook book, LogLine line) {
        Stream<String> more = switch (line.deed()) {
            case Deed.Done _, Deed.TakenBack _, Deed.GoodAfterAll _, Deed.Photo _ -> Stream.empty();
            case Deed.Measured read ->
                Stream.of(book.exactly(read.value()), read.value().toExactMm().toPlainString());
            case Deed.Remark remark -> Stream.of(remark.text());
            case Deed.WentWrong wrong -> Stream.of(book.say(Phrasebook.keyOf(wrong.what())));
            case Deed.CornerWentWrong wrong -> Stream.of(book.say(wrong.trouble().kind().words()));
            case Deed.TookUp took -> took.sticks().stream().map(stick -> stick.section() + " " + stick.stick());
        };
        return Stream.concat(Stream.of(book.say(line.said()), line.by()), more).collect(Collectors.joining(" "));
    }

    /** Looks for lines with all these words, or beginnings of words; for none where nothing is typed. */
    public void search(String typed) {
        wanted = typed.strip();
        String now = wanted;
        Phrasebook book = desk.book();
        if (now.isEmpty()) {
            answer(now, List.of());
            return;
        }
        // What was written just before is found, too.
        saver.after(() -> Thread.ofVirtual().start(() -> {
            List<ShopStore.Said> lines =
                    store.search(now, MOST, line -> words(book, line));
            interfaceThread.execute(() -> answer(now, lines));
        }));
    }

    private void answer(String typed, List<ShopStore.Said> lines) {
        if (typed.equals(wanted)) {
            answered = typed;
            found = lines;
            changed.run();
        }
    }

    /** What is looked for. */
    public String wanted() {
        return wanted;
    }

    /** The lines found, the newest first; empty as long as they are looked for, or where nothing is typed. */
    public Optional<List<ShopStore.Said>> found() {
        return wanted.isEmpty() || !answered.equals(wanted) ? Optional.empty() : Optional.of(found);
    }
}
