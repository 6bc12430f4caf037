package neatcorner.app.view;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.wood.Species;

/** Rows for a wood with a maker's own values: its name, density, movement and hardness. */
final class OwnWood {
    private final Panel panel;
    private final Supplier<Species> now;
    private final Function<Species, Optional<String>> save;

    private OwnWood(Panel panel, Supplier<Species> now, Function<Species, Optional<String>> save) {
        this.panel = panel;
        this.now = now;
        this.save = save;
    }

    /** Adds the rows below the choice of the wood; they show while it is an own one, else a button that makes it so. */
    static void add(Panel panel, String id, Supplier<Species> now, Function<Species, Optional<String>> save) {
        OwnWood own = new OwnWood(panel, now, save);
        own.start(id);
        own.row(panel.line(Labels.get("wood.name"), () -> now.get().name(), text -> own.tried(() -> own.with(text, now.get().density(), now.get().radial(), now.get().tangential()))));
        own.number(id, "wood.density", 1, Species::density, d -> own.with(now.get().name(), d, now.get().radial(), now.get().tangential()));
        own.number(id, "wood.tangential", 100, Species::tangential, t -> own.with(now.get().name(), now.get().density(), now.get().radial(), t));
        own.number(id, "wood.radial", 100, Species::radial, r -> own.with(now.get().name(), now.get().density(), r, now.get().tangential()));
        own.row(panel.choice(Labels.get("wood.hardness"), () -> List.of(Species.Hardness.values()), () -> now.get().hardness(), h -> panel.book().say(Phrasebook.keyOf(h)),
                h -> own.tried(() -> Species.own(now.get().name(), now.get().density(), now.get().radial(), now.get().tangential(), h, now.get().isSplintering()))));
        own.row(panel.choice(Labels.get("wood.splinters"), () -> List.of(false, true), () -> now.get().isSplintering(), on -> Labels.get(on ? "wood.splinters_yes" : "wood.splinters_no"),
                on -> own.tried(() -> Species.own(now.get().name(), now.get().density(), now.get().radial(), now.get().tangential(), now.get().hardness(), on))));
    }

    /** An own wood starts with the values of the one it takes the place of. */
    private void start(String id) {
        Button button = new Button(Labels.get("wood.own"));
        button.getStyleClass().add("quiet");
        button.setOnAction(_ -> {
            Species wood = now.get();
            panel.complain(button, save.apply(Species.own(Labels.get("wood.own_name", panel.book().say(wood.words())), wood.density(), wood.radial(), wood.tangential(),
                    wood.hardness(), wood.isSplintering())));
        });
        button.setId(id + "-own");
        panel.getChildren().add(button);
        shown(button, false);
    }

    private Species with(String name, double density, double radial, double tangential) {
        return Species.own(name, density, radial, tangential, now.get().hardness(), now.get().isSplintering());
    }

    private void number(String id, String label, double times, Function<Species, Double> read, DoubleFunction<Species> with) {
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
        } catch (IllegalArgumentException refused) {
            return Optional.of(panel.desk().said(refused));
        }
    }

    private void row(Node control) {
        Node row = control;
        while (row.getParent() != panel) {
            row = row.getParent();
        }
        shown(row, true);
    }

    private void shown(Node row, boolean whenOwn) {
        panel.onUpdate(() -> {
            row.setVisible(now.get().isOwn() == whenOwn);
            row.setManaged(row.isVisible());
        });
    }
}
