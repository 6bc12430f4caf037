package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Mishaps;
import neatcorner.core.card.Scene;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.work.Deed;

/** What went wrong: what spoiled a piece, what that comes to and that it is made again; else what a corner has. */
final class BenchMishap extends VBox {
    private final Desk desk;
    private final Button open = side("bench-wrong", Labels.get("bench.wrong"));
    private final HBox kinds = new HBox(10);
    private final Label says = Panel.text("", "bench-says");
    private final Button again = side("bench-again", Labels.get("bench.make_again"));
    private final BenchCorner corner;
    private Optional<Mishaps.Spoiling> spoiling = Optional.empty();

    /**
     * What went wrong.
     *
     * @param after runs when something was typed here, or given up
     */
    BenchMishap(Desk desk, Runnable after) {
        super(10);
        this.desk = desk;
        this.corner = new BenchCorner(desk, () -> {
            close();
            after.run();
        });
        kinds.setAlignment(Pos.CENTER_LEFT);
        kinds.getChildren().add(Panel.text(Labels.get("bench.what_wrong"), "bench-says"));
        for (Deed.Spoilt what : Deed.Spoilt.values()) {
            String label = (what.ordinal() + 1) + " · " + desk.book().say(Phrasebook.keyOf(what));
            Button kind = side("bench-wrong-" + (what.ordinal() + 1), label);
            kind.setOnAction(_ -> choose(what));
            kinds.getChildren().add(kind);
        }
        HBox outcome = new HBox(14, says, again);
        outcome.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(kinds, outcome, corner);
        open.setOnAction(_ -> show(!isVisible()));
        again.setOnAction(_ -> take());
        show(false);
    }

    private static Button side(String id, String label) {
        Button button = BenchPage.button(id, "bench-side");
        button.setText(label);
        return button;
    }

    /** The button that opens it. */
    List<Button> buttons() {
        return List.of(open);
    }

    /** Does what this key means here; says no where it means nothing. */
    boolean takes(KeyCode code) {
        if (code == KeyCode.W && !open.isDisabled()) {
            show(!isVisible());
            return true;
        }
        if (!isVisible()) {
            return false;
        }
        if (code == KeyCode.ESCAPE) {
            close();
            return true;
        }
        if (corner.isVisible()) {
            corner.take(code);
            return code.isDigitKey() || code.isLetterKey();
        }
        if (code.isDigitKey()) {
            int number = code.getName().charAt(0) - '1';
            if (number >= 0 && number < Deed.Spoilt.values().length) {
                choose(Deed.Spoilt.values()[number]);
            }
            return true;
        }
        if (code == KeyCode.ENTER && spoiling.isPresent()) {
            take();
            return true;
        }
        return false;
    }

    /** Reads the desk anew. */
    void update() {
        open.setDisable(!isOfPiece() && desk.bench().mishaps().corners().isEmpty());
    }

    private boolean isOfPiece() {
        return desk.bench().card().filter(card -> card.scene() instanceof Scene.AtTheSaw).isPresent();
    }

    /** Closes it; nothing is spoiled. */
    void close() {
        if (isVisible()) {
            show(false);
        }
    }

    private void show(boolean shown) {
        setVisible(shown);
        setManaged(shown);
        outcome(Optional.empty());
        boolean ofPiece = shown && isOfPiece();
        kinds.setVisible(ofPiece);
        kinds.setManaged(ofPiece);
        if (shown && !ofPiece) {
            corner.open();
        } else {
            corner.close();
        }
    }

    private void choose(Deed.Spoilt what) {
        outcome(desk.bench().mishaps().spoiling(what));
    }

    private void outcome(Optional<Mishaps.Spoiling> now) {
        spoiling = now;
        says.setText(now.map(one -> desk.book().say(one.words())).orElse(""));
        says.setVisible(now.isPresent());
        says.setManaged(now.isPresent());
        again.setVisible(now.isPresent());
        again.setManaged(now.isPresent());
    }

    private void take() {
        Optional<Mishaps.Spoiling> now = spoiling;
        show(false);
        now.ifPresent(desk.bench().mishaps()::spoilt);
    }
}
