package neatcorner.app.view;

import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import javafx.scene.TraversalDirection;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.drawing.LogDrawing;
import neatcorner.core.job.Note;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.work.Deed;
import neatcorner.core.work.LogLine;
import neatcorner.files.store.Revision;

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
        rows(this::cameOut);
        rows(this::bench);
        rows(this::notes);
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

    /** What was measured at the bench: planned against what came out. */
    private void cameOut(VBox box) {
        List<LogLine> measured = desk().bench().log().entries().stream()
                .filter(entry -> entry.deed() instanceof Deed.Measured)
                .toList();
        if (measured.isEmpty()) {
            return;
        }
        box.getChildren().add(text(Labels.get("log.came_out"), "heading"));
        for (LogLine entry : measured.reversed().stream().limit(SHOWN).toList()) {
            Deed.Measured deed = (Deed.Measured) entry.deed();
            box.getChildren().add(spread(
                    text(book().say(entry.said())),
                    text(book().exactly(deed.value()) + ", " + BenchEntry.off(book(), deed), "strong")));
            box.getChildren().add(text(
                    Labels.get("log.planned_by", book().write(deed.planned()), book().say(Phrasebook.keyOf(deed.by()))),
                    "soft"));
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
                    text(TIME.format(entry.at()), "soft")));
        }
        if (entries.size() > SHOWN) {
            box.getChildren().add(text(Labels.get("log.bench_older", entries.size() - SHOWN), "soft"));
        }
    }

    private String did(LogLine entry) {
        String said = book().say(entry.said());
        return switch (entry.deed()) {
            case Deed.Done _ -> said;
            case Deed.TookUp took -> Labels.get("log.took_up", took.sticks().size());
            case Deed.TakenBack _ -> Labels.get("log.taken_back", said);
            case Deed.Measured measured ->
                Labels.get("log.measured", said, book().exactly(measured.value()));
            case Deed.Remark remark -> Labels.get("log.remark", said, remark.text());
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
