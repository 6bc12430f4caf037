package neatcorner.app.view;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.gauge.Gauge;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Machines;
import neatcorner.core.words.Phrasebook;

/** The machines of the shop: one is chosen, and can be said otherwise. */
final class MachinesPanel extends Panel {
    private String chosen = "";
    private MachineKind more = MachineKind.MITRE_SAW;

    MachinesPanel(Desk desk) {
        super(desk, NoTyping.HERE);
        heading(Labels.get("machines.heading"));
        getChildren().add(text(Labels.get("machines.how"), "soft"));
        choice(
                        Labels.get("machines.which"),
                        () -> machines().all().stream().map(Machine::name).toList(),
                        () -> machine().map(Machine::name).orElse(""),
                        name -> name,
                        this::choose)
                .setId("machine");
        rows(box -> machine().ifPresent(one -> box.getChildren().add(text(said(one), "soft"))));
        acts();
        one();
        heading(Labels.get("machines.more"));
        choice(Labels.get("machines.kind"), () -> List.of(MachineKind.values()), () -> more,
                kind -> book().say(Phrasebook.keyOf(kind)), kind -> {
                    more = kind;
                    return Optional.empty();
                })
                .setId("machine-kind");
        Button add = button("add-machine", Labels.get("machines.add"));
        add.setOnAction(_ -> complain(add, add()));
        getChildren().add(add);
    }

    private static Button button(String id, String words) {
        Button button = new Button(words);
        button.setId(id);
        button.getStyleClass().add("quiet");
        return button;
    }

    private Machines machines() {
        return desk().shop().machines();
    }

    private Optional<Machine> machine() {
        return machines().named(chosen).or(() -> machines().all().stream().findFirst());
    }

    private Optional<String> choose(String name) {
        chosen = name;
        update();
        return Optional.empty();
    }

    /** What it is, and when it was last proved. */
    private String said(Machine machine) {
        String kind = book().say(Phrasebook.keyOf(machine.kind()));
        if (!machine.kind().makesMitres()) {
            return kind;
        }
        return machine.lastProved()
                .map(day -> Labels.get("machines.proved", kind, day.toString()))
                .orElseGet(() -> Labels.get("machines.unproved", kind));
    }

    private void acts() {
        Button first = button("use-first", Labels.get("machines.first"));
        first.setOnAction(_ -> machine()
                .ifPresent(one -> complain(first, desk().edit(new ShopEdit.UseFirst(one.name())))));
        Button gone = button("machine-gone", Labels.get("machines.gone"));
        gone.setOnAction(_ -> machine()
                .ifPresent(one -> complain(gone, desk().edit(new ShopEdit.DropMachine(one.name())))));
        Button prove = button("prove-machine", Labels.get("machines.prove"));
        prove.setOnAction(_ -> desk().goTo(Page.PROVING));
        FlowPane acts = new FlowPane(8, 4, prove, first, gone);
        getChildren().add(acts);
        onUpdate(() -> {
            acts.setVisible(machine().isPresent());
            acts.setManaged(acts.isVisible());
            first.setDisable(machine().equals(machines().all().stream().findFirst()));
        });
    }

    /** Everything about the one that is chosen. */
    private void one() {
        only(line(Labels.get("machines.name"), () -> now(Machine::name), this::rename), "machine-name");
        only(angle("left", machine -> machine.reach().left(), (machine, angle) -> machine.with(new Machine.Reach(
                angle, machine.reach().right(), machine.reach().tilt()))), "machine-left");
        only(angle("right", machine -> machine.reach().right(), (machine, angle) -> machine.with(new Machine.Reach(
                machine.reach().left(), angle, machine.reach().tilt()))), "machine-right");
        only(angle("tilt", machine -> machine.reach().tilt(), (machine, angle) -> machine.with(new Machine.Reach(
                machine.reach().left(), machine.reach().right(), angle))), "machine-tilt");
        only(line(
                Labels.get("machines.detents"),
                () -> now(machine -> machine.detents().stream().map(book()::write).collect(Collectors.joining("  "))),
                text -> changed(machine -> machine.withDetents(angles(text), machine.onlyDetents()))),
                "machine-detents");
        CheckBox only = new CheckBox(Labels.get("machines.only_detents"));
        only.setId("only-detents");
        only.setOnAction(_ -> complain(
                only, changed(machine -> machine.withDetents(machine.detents(), only.isSelected()))));
        onUpdate(() -> only.setSelected(machine().filter(Machine::onlyDetents).isPresent()));
        getChildren().add(only);
        onlyWhile(only, () -> machine().isPresent());
        onlyWhile(
                choice(Labels.get("machines.scale"), () -> List.of(Machine.Scale.values()),
                        () -> machine().map(Machine::scale).orElse(Machine.Scale.FROM_SQUARE),
                        scale -> book().say(Phrasebook.keyOf(scale)),
                        scale -> changed(machine -> machine.with(scale))),
                () -> machine().isPresent());
        only(length("kerf", Machine.Sizes::kerf, (sizes, length) ->
                new Machine.Sizes(length, sizes.longestStop(), sizes.smallest())), "machine-kerf");
        only(length("stop", Machine.Sizes::longestStop, (sizes, length) ->
                new Machine.Sizes(sizes.kerf(), length, sizes.smallest())), "machine-stop");
        only(length("smallest", Machine.Sizes::smallest, (sizes, length) ->
                new Machine.Sizes(sizes.kerf(), sizes.longestStop(), length)), "machine-smallest");
    }

    /** Shown while there is a machine at all. */
    private void only(Node field, String id) {
        field.setId(id);
        onlyWhile(field, () -> machine().isPresent());
    }

    private String now(Function<Machine, String> said) {
        return machine().map(said).orElse("");
    }

    private TextField angle(String what, Function<Machine, Angle> now, BiFunction<Machine, Angle, Machine> with) {
        return GaugeHand.waits(
                line(
                        Labels.get("machines." + what),
                        () -> now(machine -> book().write(now.apply(machine))),
                        text -> changed(machine -> with.apply(machine, MeasureText.angle(text)))),
                Gauge.ANGLE_GAUGE);
    }

    /** A length that may be left to the habits. */
    private TextField length(
            String what,
            Function<Machine.Sizes, Optional<Length>> now,
            BiFunction<Machine.Sizes, Optional<Length>, Machine.Sizes> with) {
        TextField field = line(
                Labels.get("machines." + what),
                () -> now(machine -> now.apply(machine.sizes()).map(book()::exactly).orElse("")),
                text -> changed(machine -> machine.with(with.apply(
                        machine.sizes(),
                        text.isBlank() ? Optional.empty() : Optional.of(desk().parsed(text))))));
        field.setPromptText(Labels.get("machines." + what + "_usual"));
        return GaugeHand.waits(field, Gauge.CALIPER);
    }

    private static List<Angle> angles(String text) {
        return Arrays.stream(text.strip().split("[\\s;]+"))
                .filter(part -> !part.isBlank())
                .map(MeasureText::angle)
                .toList();
    }

    private Optional<String> rename(String name) {
        Optional<String> refused = changed(machine -> machine.called(name.strip()));
        if (refused.isEmpty()) {
            chosen = name.strip();
            update();
        }
        return refused;
    }

    private Optional<String> changed(Function<Machine, Machine> change) {
        return tried(() -> machine()
                .flatMap(one -> desk().edit(new ShopEdit.HaveMachine(one.name(), change.apply(one)))));
    }

    /** One more, as it usually is, under a name that is free. */
    private Optional<String> add() {
        String kind = book().say(Phrasebook.keyOf(more));
        String name = kind;
        for (int number = 2; machines().named(name).isPresent(); number++) {
            name = kind + " " + number;
        }
        Optional<String> refused = desk().edit(new ShopEdit.HaveMachine(name, more.usual(name)));
        chosen = name;
        update();
        return refused;
    }
}
