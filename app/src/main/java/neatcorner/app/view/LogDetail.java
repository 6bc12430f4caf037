package neatcorner.app.view;

import java.time.Duration;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.TraversalDirection;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.BenchDesk;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.LogDesk;
import neatcorner.core.card.Card;
import neatcorner.core.card.Scene;
import neatcorner.core.drawing.LogDrawing;
import neatcorner.core.job.Note;
import neatcorner.core.measure.Length;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import neatcorner.files.store.Revision;
import neatcorner.files.store.ShopStore;

/** What happened: notes, and every edit of the job. */
final class LogDetail extends Panel {
    private static final DateTimeFormatter TIME =
            DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ROOT).withZone(ZoneId.systemDefault());
    private static final int SHOWN = 60;

    LogDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        heading(Labels.get("log.notes"));
        TextArea entry = new TextArea();
        // In a note nobody wants a tab stop, and whoever has no mouse must get out again.
        entry.addEventFilter(KeyEvent.KEY_PRESSED, key -> {
            if (key.getCode() == KeyCode.TAB) {
                key.consume();
                entry.requestFocusTraversal(key.isShiftDown() ? TraversalDirection.PREVIOUS : TraversalDirection.NEXT);
            }
        });
        entry.setId("note");
        entry.setPromptText(Labels.get("log.prompt"));
        entry.setAccessibleText(Labels.get("log.prompt"));
        entry.setPrefRowCount(2);
        entry.setWrapText(true);
        Button write = new Button(Labels.get("log.write"));
        write.setId("write-note");
        write.getStyleClass().add("quiet");
        write.setOnAction(_ -> {
            var refused = desk.note(entry.getText());
            complain(write, refused);
            if (refused.isEmpty()) {
                entry.clear();
            }
        });
        getChildren().addAll(entry, write);
        rows(this::notes);
        heading(Labels.get("log.search"));
        TextField search = new TextField();
        search.setId("search-logs");
        search.setPromptText(Labels.get("log.search_prompt"));
        search.setAccessibleText(Labels.get("log.search_prompt"));
        search.textProperty().addListener((_, _, typed) -> desk.logs().search(typed));
        getChildren().add(search);
        rows(this::found);
        rows(this::cameOut);
        rows(this::follows);
        rows(this::spent);
        rows(this::bench);
        rows(this::history);
    }

    /** Everything that happened to the job in hand, oldest first. */
    static List<LogDrawing.Event> events(Desk desk) {
        List<LogDrawing.Event> events = new ArrayList<>();
        boolean undone = false;
        for (Revision revision : desk.history()) {
            events.add(new LogDrawing.Event(
                    revision.at().getEpochSecond(),
                    TIME.format(revision.at()),
                    desk.book().say(revision.words()),
                    false,
                    undone));
            undone |= revision.current();
        }
        for (Note note : desk.plan().job().notes()) {
            events.add(
                    new LogDrawing.Event(note.at().getEpochSecond(), TIME.format(note.at()), note.text(), true, false));
        }
        events.sort(Comparator.comparingLong(LogDrawing.Event::second));
        return events;
    }

    /** What was found in all logs; pressing a line goes to its job. */
    private void found(VBox box) {
        desk().logs().found().ifPresent(lines -> {
            box.getChildren().add(text(
                    lines.isEmpty()
                            ? Labels.get("log.none_found")
                            : Labels.get(lines.size() < LogDesk.MOST ? "log.found" : "log.found_most", lines.size()),
                    "soft"));
            for (int i = 0; i < lines.size(); i++) {
                ShopStore.Said one = lines.get(i);
                Button line = new Button(Labels.get(
                        "log.found_line",
                        Labels.brief(title(one.job())),
                        TIME.format(one.line().at()),
                        did(one.line())));
                line.setId("found-log-" + i);
                line.getStyleClass().add("quiet");
                line.setWrapText(true);
                line.setMaxWidth(Double.MAX_VALUE);
                line.setAlignment(Pos.CENTER_LEFT);
                line.setOnAction(_ -> desk().open(one.job()));
                box.getChildren().add(line);
            }
        });
    }

    private String title(String job) {
        return desk().jobs().stream()
                .filter(entry -> entry.id().equals(job))
                .map(ShopStore.Listed::title)
                .findFirst()
                .orElse("");
    }

    /** Every piece that is cut, and every size that was read: planned against what came out. */
    private void cameOut(VBox box) {
        WorkLog log = desk().bench().log();
        if (log.entries().isEmpty()) {
            return;
        }
        List<Act> told = new ArrayList<>();
        List<Node> rows = new ArrayList<>();
        for (Card card : desk().bench().told().map(BenchDesk.Told::cards).orElse(List.of())) {
            if (card.scene() instanceof Scene.AtTheSaw saw && saw.planned().isPresent()) {
                told.add(card.act());
                if (log.measured(card.act()).isPresent() || log.isDone(card.act())) {
                    rows.add(cameOut(
                            book().say(saw.cut().on().letters(saw.cut().on().place())),
                            saw.planned().get(),
                            log.measured(card.act())));
                }
            }
        }
        for (LogLine entry : log.entries()) {
            if (entry.deed() instanceof Deed.Measured read
                    && !told.contains(read.act())
                    && log.measured(read.act()).filter(read::equals).isPresent()) {
                told.add(read.act());
                rows.add(cameOut(book().say(entry.said()), read.planned(), Optional.of(read)));
            }
        }
        if (!rows.isEmpty()) {
            box.getChildren().add(text(Labels.get("log.came_out"), "heading"));
            box.getChildren().addAll(rows);
        }
    }

    /** The numbers of the part that is looked at that follow from what was read, and how surely they are known. */
    private void follows(VBox box) {
        int part = desk().plan().job().seen();
        var doubts = desk().bench().doubts();
        if (part >= doubts.size() || doubts.get(part).isEmpty()) {
            return;
        }
        box.getChildren().add(text(Labels.get("log.follows"), "heading"));
        box.getChildren().add(text(Labels.get("log.sureness"), "soft"));
        // What is cut of one size from several sheets stands there once.
        Map<String, String> rows = new LinkedHashMap<>();
        doubts.get(part).forEach((key, doubt) -> desk().plan().figure(key).ifPresent(figure -> rows.put(
                book().say(figure.name()),
                Labels.get("log.sure_to", book().write(figure), book().write(doubt)))));
        rows.forEach((name, sure) -> box.getChildren().add(spread(text(name), text(sure, "strong"))));
    }

    private Node cameOut(String what, Length planned, Optional<Deed.Measured> read) {
        String came = read.map(one -> Labels.get(
                        "log.read_by",
                        book().exactly(one.value()),
                        one.isOff() ? BenchEntry.off(book(), one) : Labels.get("log.as_planned"),
                        book().say(Phrasebook.keyOf(one.by()))))
                .orElseGet(() -> Labels.get("log.not_measured"));
        Node line = text(Labels.get("log.planned", what, book().write(planned)));
        return read.isEmpty()
                ? spread(line, text(came, "soft"))
                : new VBox(line, text(came, read.get().isOff() ? "strong" : "soft"));
    }

    /** How long it took, station by station, and what mishaps cost. */
    private void spent(VBox box) {
        WorkLog log = desk().bench().log();
        Map<Station, Duration> spent = log.spent();
        if (!spent.isEmpty()) {
            box.getChildren().add(text(Labels.get("log.spent"), "heading"));
            spent.forEach((station, took) -> box.getChildren()
                    .add(spread(text(book().say(Phrasebook.keyOf(station))), text(BenchPage.time(took), "strong"))));
            Duration all = spent.values().stream().reduce(Duration.ZERO, Duration::plus);
            box.getChildren().add(spread(text(Labels.get("log.spent_in_all")), text(BenchPage.time(all), "strong")));
        }
        if (!log.spoilt().isEmpty()) {
            box.getChildren()
                    .add(spread(
                            text(Labels.get("log.lost", log.spoilt().size())),
                            text(book().write(log.lost()), "strong")));
        }
    }

    /** What was done at the bench, the last first. */
    private void bench(VBox box) {
        List<LogLine> entries = desk().bench().log().entries();
        if (entries.isEmpty()) {
            return;
        }
        box.getChildren().add(text(Labels.get("log.bench"), "heading"));
        for (LogLine entry : entries.reversed().stream().limit(SHOWN).toList()) {
            box.getChildren().add(spread(
                    text(did(entry), entry.deed() instanceof Deed.TakenBack ? "undone" : "plain"),
                    text(when(entry), "soft")));
        }
        if (entries.size() > SHOWN) {
            box.getChildren().add(text(Labels.get("log.bench_older", entries.size() - SHOWN), "soft"));
        }
    }

    /** When, and by whom where somebody said so. */
    private static String when(LogLine entry) {
        String at = TIME.format(entry.at());
        return entry.by().isEmpty() ? at : at + " · " + entry.by();
    }

    private String did(LogLine entry) {
        String said = book().say(entry.said());
        return switch (entry.deed()) {
            case Deed.Done _ -> said;
            case Deed.TookUp took -> Labels.get("log.took_up", took.sticks().size());
            case Deed.TakenBack _ -> Labels.get("log.taken_back", said);
            case Deed.CornerWentWrong _ -> said;
            case Deed.GoodAfterAll _ -> Labels.get("log.good_after_all", said);
            case Deed.Measured measured ->
                Labels.get("log.measured", said, book().exactly(measured.value()));
            case Deed.Remark remark -> Labels.get("log.remark", said, remark.text());
            case Deed.Photo _ -> Labels.get("log.photo", said);
            case Deed.WentWrong wrong -> Labels.get(
                    "log.went_wrong", said, book().say(Phrasebook.keyOf(wrong.what())), book().write(wrong.lost()));
        };
    }

    private void notes(VBox box) {
        for (Note note : desk().plan().job().notes().reversed()) {
            VBox entry = new VBox(1, text(TIME.format(note.at()), "soft"), text(note.text()));
            entry.getStyleClass().add("option");
            box.getChildren().add(entry);
        }
    }

    private void history(VBox box) {
        List<Revision> all = desk().history();
        if (all.size() + desk().plan().job().notes().size() <= LogDrawing.MOST_SAID) {
            return;
        }
        box.getChildren().add(text(Labels.get("log.history"), "heading"));
        boolean undone = all.stream().noneMatch(Revision::current);
        for (Revision revision : all.reversed().stream().limit(SHOWN).toList()) {
            undone |= revision.current();
            var row = spread(
                    text(book().say(revision.words()), undone ? "plain" : "undone"),
                    text(TIME.format(revision.at()), "soft"));
            if (revision.current()) {
                row.getStyleClass().add("current");
            }
            box.getChildren().add(row);
        }
        if (all.size() > SHOWN) {
            box.getChildren().add(text(Labels.get("log.older", all.size() - SHOWN), "soft"));
        }
    }
}
