package neatcorner.app.view;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.paint.Color;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Stuff;
import neatcorner.core.words.Phrasebook;

/** Rows for a wood with a maker's own values: its name, density, movement and hardness. */
final class OwnWood {
    private static final int FULL = 0xFF;
    private final Panel panel;
    private final String id;
    private final Supplier<Species> now;
    private final Function<Species, Optional<String>> save;

    private OwnWood(Panel panel, String id, Supplier<Species> now, Function<Species, Optional<String>> save) {
        this.panel = panel;
        this.id = id;
        this.now = now;
        this.save = save;
    }

    /** Adds the rows below the choice of the wood; they show while it is an own one, else a button that makes it so. */
    static void add(Panel panel, String id, Supplier<Species> now, Function<Species, Optional<String>> save) {
        OwnWood own = new OwnWood(panel, id, now, save);
        own.start();
        own.row(panel.line(
                Labels.get("wood.name"),
                () -> now.get().name(),
                text -> own.tried(() -> now.get().named(text))));
        own.row(panel.choice(
                Labels.get("wood.stuff"),
                () -> List.of(Stuff.values()),
                () -> now.get().stuff(),
                stuff -> panel.book().say(stuff.words()),
                stuff -> own.tried(() -> now.get().of(stuff))));
        own.colour();
        own.number("wood.density", 1, Species::density, d -> now.get().withDensity(d));
        own.number("wood.tangential", 100, Species::tangential, t -> now.get().withMovement(now.get().radial(), t));
        own.number("wood.radial", 100, Species::radial, r -> now.get().withMovement(r, now.get().tangential()));
        own.row(panel.choice(
                Labels.get("wood.hardness"),
                () -> List.of(Species.Hardness.values()),
                () -> now.get().hardness(),
                h -> panel.book().say(Phrasebook.keyOf(h)),
                h -> own.tried(() -> now.get().withHardness(h))));
        own.row(panel.choice(
                Labels.get("wood.splinters"),
                () -> List.of(false, true),
                () -> now.get().isSplintering(),
                on -> Labels.get(on ? "wood.splinters_yes" : "wood.splinters_no"),
                on -> own.tried(() -> now.get().withSplintering(on))));
    }

    /** An own wood starts with the values of the one it takes the place of. */
    private void start() {
        Button button = new Button(Labels.get("wood.own"));
        button.setId(id + "-own");
        button.getStyleClass().add("quiet");
        button.setOnAction(_ -> panel.complain(
                button,
                tried(() -> now.get()
                        .named(Labels.get(
                                "wood.own_name", panel.book().say(now.get().words()))))));
        panel.getChildren().add(button);
        panel.onlyWhile(button, () -> !now.get().isOwn());
    }

    /** Picked from what the toolkit offers; what is drawn follows. */
    private void colour() {
        ColorPicker picker = new ColorPicker();
        picker.setId(id + "-colour");
        HBox row = new HBox(8, Panel.text(Labels.get("wood.colour"), "soft"), picker);
        row.setAlignment(Pos.CENTER_LEFT);
        panel.getChildren().add(row);
        picker.setOnAction(_ -> {
            Color colour = picker.getValue();
            int rgb = (int) Math.round(colour.getRed() * FULL) << 16
                    | (int) Math.round(colour.getGreen() * FULL) << 8
                    | (int) Math.round(colour.getBlue() * FULL);
            panel.complain(row, tried(() -> now.get().withColour(rgb)));
        });
        panel.onUpdate(() -> {
            boolean own = now.get().isOwn();
            row.setVisible(own);
            row.setManaged(own);
            int rgb = now.get().colour();
            picker.setValue(Color.rgb(rgb >> 16 & FULL, rgb >> 8 & FULL, rgb & FULL));
        });
    }

    private void number(String label, double times, Function<Species, Double> read, DoubleFunction<Species> with) {
        TextField field = panel.line(Labels.get(label), () -> written(read.apply(now.get()) * times), text -> {
            double value;
            try {
                value = Double.parseDouble(text.strip().replace(',', '.'));
            } catch (NumberFormatException refused) {
                return Optional.of(Labels.get("shape.number", text));
            }
            return tried(() -> with.apply(value / times));
        });
        field.setId(id + "-" + label.substring(label.indexOf('.') + 1));
        row(field);
    }

    private static String written(double value) {
        return String.format(Locale.ROOT, "%.3f", value).replaceFirst("\\.?0+$", "");
    }

    private Optional<String> tried(Supplier<Species> made) {
        try {
            return save.apply(made.get());
        } catch (Refusal refused) {
            return Optional.of(panel.desk().said(refused));
        }
    }

    private void row(Node control) {
        panel.onlyWhile(control, () -> now.get().isOwn());
    }
}
