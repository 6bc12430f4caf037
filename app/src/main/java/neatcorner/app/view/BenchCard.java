package neatcorner.app.view;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.BenchDesk;
import neatcorner.app.desk.Desk;
import neatcorner.core.card.Card;
import neatcorner.core.drawing.Ink;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.work.Act;

/** What a card says. Its lines are used again from card to card: styling new ones takes longer than all the rest. */
final class BenchCard extends VBox {
    private static final double FIGURE = 118;
    /** A photo on a card is no wider and no higher. */
    private static final double PHOTO = 260;
    /** A title that is longer is a whole sentence, and set smaller. */
    private static final int SHORT = 44;
    private final Desk desk;
    private final Runnable again;
    private final NumeralView numeral = new NumeralView();
    private final Map<String, Deque<Line>> lines = new HashMap<>();
    private final Deque<CheckBox> checks = new ArrayDeque<>();
    /** What is shown now, while it is put together. */
    private final List<Node> now = new ArrayList<>();
    private Optional<Act> shown = Optional.empty();

    /** A line of one style. */
    private static final class Line extends Label {
        private final String style;

        Line(String style) {
            this.style = style;
            setWrapText(true);
            setMinHeight(Region.USE_PREF_SIZE);
            getStyleClass().add(style);
        }
    }

    /**
     * A card without words.
     *
     * @param again shows it anew when a photo that was waited for is there
     */
    BenchCard(Desk desk, Runnable again) {
        super(9);
        this.desk = desk;
        this.again = again;
        numeral.setId("bench-figure");
    }

    private BenchDesk bench() {
        return desk.bench();
    }

    /** Says what this card does; nothing where there is none. */
    void show(Optional<Card> card) {
        for (Node node : getChildren()) {
            if (node instanceof Line line) {
                lines.computeIfAbsent(line.style, _ -> new ArrayDeque<>()).add(line);
            } else if (node instanceof CheckBox box) {
                checks.add(box);
            }
        }
        now.clear();
        Optional<Act> act = card.map(Card::act);
        if (!act.equals(shown)) {
            // Whoever looked at something on one card has not looked at it on the next.
            checks.forEach(box -> box.setSelected(false));
        }
        shown = act;
        card.ifPresent(this::fill);
        getChildren().setAll(now);
    }

    private void fill(Card one) {
        String title = said(one.title());
        say(title.length() > SHORT ? "bench-sentence" : "bench-title", title);
        if (desk.plan().job().parts().size() > 1) {
            say("bench-soft", one.act().part());
        }
        one.figure().ifPresent(this::figure);
        bench().doubt().ifPresent(doubt -> say("bench-soft", Labels.get("bench.doubt", desk.book().write(doubt))));
        came(one);
        List<Words> says = bench().says();
        for (int i = 0; i < says.size(); i++) {
            say(one.isSetting(i) ? "bench-setting" : "bench-says", said(says.get(i)));
        }
        one.checks().forEach(this::check);
        one.cautions().forEach(caution -> say("bench-caution", said(caution.words())));
        if (!one.cautions().isEmpty()) {
            say("bench-soft", desk.book().say("card.tool_manual"));
        }
    }

    /** How it came out and what was remarked, above what else there is to read: nobody scrolls for it. */
    private void came(Card one) {
        for (Card.Readable readable : one.readables()) {
            bench().log().measured(readable.act()).ifPresent(measured -> say("bench-says", Labels.get(
                    one.reads().isEmpty() ? "bench.measured" : "bench.measured_of",
                    desk.book().exactly(measured.value()),
                    desk.book().write(measured.planned()),
                    BenchEntry.off(desk.book(), measured),
                    desk.book().sentence(readable.name()))));
        }
        bench().verdict().ifPresent(what -> say("bench-verdict", said(what)));
        bench().log().photos(one.act()).forEach(name -> Photos.of(desk, name, again).ifPresent(image -> {
            ImageView seen = new ImageView(image);
            seen.setPreserveRatio(true);
            seen.setFitWidth(PHOTO);
            seen.setFitHeight(PHOTO);
            seen.getStyleClass().add("bench-photo");
            now.add(seen);
        }));
        bench().log().remarks(one.act()).forEach(remark -> say("bench-remark", BenchEntry.text(remark)));
    }

    private String said(Words words) {
        return desk.book().sentence(words);
    }

    private void say(String style, String text) {
        Line spare = lines.computeIfAbsent(style, _ -> new ArrayDeque<>()).poll();
        Line line = spare == null ? new Line(style) : spare;
        line.setText(Phrasebook.unbroken(text));
        now.add(line);
    }

    private void figure(Figure<?> figure) {
        if (!(figure.value() instanceof Length)) {
            say("bench-angle", desk.book().write(figure));
            return;
        }
        @SuppressWarnings("unchecked") // Its value is a length.
        Figure<Length> length = (Figure<Length>) figure;
        numeral.show(
                desk.book().numeral(length),
                FIGURE * desk.appearance().textSize() / 100.0,
                Painter.colour(desk.appearance().palette().rgb(Ink.INK)));
        numeral.setAccessibleText(desk.book().write(length));
        now.add(numeral);
    }

    private void check(Words words) {
        CheckBox spare = checks.poll();
        CheckBox box = spare == null ? newCheck() : spare;
        box.setText(said(words));
        now.add(box);
    }

    private static CheckBox newCheck() {
        CheckBox box = new CheckBox();
        box.setWrapText(true);
        box.getStyleClass().add("bench-check");
        box.setFocusTraversable(false);
        return box;
    }
}
