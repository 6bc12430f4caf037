package neatcorner.app.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.BooleanSupplier;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.EdgeRunKey;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.EdgeKey;
import neatcorner.core.job.Job;
import neatcorner.core.job.OuterKey;
import neatcorner.core.job.OuterShape;
import neatcorner.core.job.Placement;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;

/** What goes in the frame and how big: the size at every line, the layers, how many. */
final class BriefDetail extends Panel {
    BriefDetail(Desk desk, TagField.Typing typing, Runnable importOutline, Runnable importPicture) {
        super(desk, typing);
        heading(Labels.get("brief.what"));
        line(Labels.get("brief.title"), () -> job().title(), text -> desk.edit(new Edit.Name(text)));
        line(Labels.get("brief.order"), () -> job().order(), text -> desk.edit(new Edit.For(text)));
        line(Labels.get("brief.quantity"), () -> Integer.toString(job().quantity()), this::quantity).setId("quantity");
        MouldingChoice.add(this);
        PlaceChoice.add(this);
        Panel shape = new Panel(desk, typing);
        ShapeChoice.add(shape, importOutline);
        within(shape, () -> job().placement().isEmpty());
        crossBars("cross-upright", CrossBars::upright, (bars, count) -> new CrossBars(count, bars.level()));
        crossBars("cross-level", CrossBars::level, (bars, count) -> new CrossBars(bars.upright(), count));
        atWire();
        innerEdge();
        outside();
        ExtrasChoice.add(this);
        heading(Labels.get("brief.lines"));
        ladder();
        Button turn = new Button(Labels.get("brief.turn"));
        turn.getStyleClass().add("quiet");
        turn.setOnAction(_ -> complain(turn, desk.edit(new Edit.Turn())));
        HBox turns = new HBox(turn);
        turns.setAlignment(Pos.CENTER_RIGHT);
        getChildren().add(turns);
        onlyWhile(turn, () -> job().placement().isEmpty());
        habit(Habit.PLAY, () -> job().section().recess() instanceof Recess.Covering);
        habit(Habit.FLOAT_GAP, () -> job().section().recess() instanceof Recess.Floater);
        habit(Habit.MAT_OVERLAP, () -> job().contents().hasMat());
        Panel inside = new Panel(desk, typing);
        inside.heading(Labels.get("brief.contents"));
        for (Material.Role role : Material.Role.values()) {
            layer(inside, role);
        }
        picture(inside, importPicture);
        BehindChoice.add(inside);
        within(inside, () -> job().seen() == job().holder());
    }

    /** Rows that stand there only while something holds. */
    private void within(Panel rows, BooleanSupplier holds) {
        getChildren().add(rows);
        onUpdate(() -> {
            rows.setVisible(holds.getAsBoolean());
            rows.setManaged(rows.isVisible());
            if (rows.isVisible()) {
                rows.update();
            }
        });
    }

    /** What the customer's picture looks like: it stands in every view from the front. */
    private void picture(Panel rows, Runnable importPicture) {
        Button in = new Button(Labels.get("brief.picture_put"));
        in.setId("picture-in");
        in.getStyleClass().add("quiet");
        in.setOnAction(_ -> importPicture.run());
        Button out = new Button(Labels.get("brief.picture_take"));
        out.setId("picture-out");
        out.getStyleClass().add("quiet");
        out.setOnAction(_ -> rows.complain(out, desk().edit(new Edit.ShowPicture(Optional.empty()))));
        FlowPane row = new FlowPane(8, 4, text(Labels.get("brief.picture"), "soft"), in, out);
        rows.getChildren().add(row);
        rows.onUpdate(() -> {
            boolean there = job().contents().picture().isPresent();
            in.setText(Labels.get(there ? "brief.picture_other" : "brief.picture_put"));
            out.setVisible(there);
            out.setManaged(there);
        });
    }

    /** How many bars run across one way, where there can be any. */
    private void crossBars(
            String id, ToIntFunction<CrossBars> count, BiFunction<CrossBars, Integer, CrossBars> with) {
        ComboBox<Integer> box = choice(
                Labels.get("brief." + id.replace('-', '_')),
                () -> IntStream.rangeClosed(0, CrossBars.MOST).boxed().toList(),
                () -> count.applyAsInt(job().body().cross()),
                number -> number == 0 ? Labels.get("brief.none") : Integer.toString(number),
                number -> desk().edit(new Edit.Cross(with.apply(job().body().cross(), number))));
        box.setId(id);
        onlyWhile(
                box,
                () -> job().placement()
                                .filter(place -> !(place instanceof Placement.Behind)
                                        && !(place instanceof Placement.InBack))
                                .isEmpty()
                        && job().body().edge().isEmpty()
                        && !job().body().isFilled()
                        && new CrossBars(1, 0).canBe(job().outline(), job().section(), job().lean()));
    }

    /** Where the one level bar lies. */
    private void atWire() {
        var box = choice(
                Labels.get("brief.cross_lies"),
                () -> List.of(false, true),
                () -> job().body().cross().atWire(),
                wired -> Labels.get(wired ? "brief.cross_at_wire" : "brief.cross_even"),
                wired -> desk().edit(new Edit.Cross(new CrossBars(0, 1, wired))));
        box.setId("cross-lies");
        onlyWhile(
                box,
                () -> job().body().cross().level() == 1
                        && job().body().cross().upright() == 0);
    }

    /** How the inner edge is sawn, where it can be, and the numbers of it. */
    private void innerEdge() {
        List<Optional<ShapedEdge.Form>> forms = orNone(List.of(ShapedEdge.Form.values()));
        var box = choice(
                Labels.get("brief.inner_edge"),
                () -> forms,
                () -> job().body().edge().map(ShapedEdge::form),
                form -> form.map(one -> book().say(one.words())).orElse(Labels.get("brief.straight")),
                form -> desk().edit(new Edit.ShapeEdge(form.map(this::shaped))));
        box.setId("inner-edge");
        onlyWhile(
                box,
                () -> !job().body().isFilled() && ShapedEdge.canBe(
                        job().outline(), job().section(), job().lean(), job().body().cross()));
        for (EdgeKey key : EdgeKey.values()) {
            entry(key);
        }
        rows(rows -> desk().plan().figures(Station.BRIEF).stream()
                .filter(figure -> figure.key() instanceof EdgeRunKey<?>)
                .map(this::figureRow)
                .forEach(rows.getChildren()::add));
    }

    /** How the outside is sawn, where it can be, and the numbers of it. */
    private void outside() {
        List<Optional<OuterShape.Form>> forms = orNone(List.of(OuterShape.Form.values()));
        var box = choice(
                Labels.get("brief.outside"),
                () -> forms,
                () -> job().body().outer().map(OuterShape::form),
                form -> form.map(one -> book().say(one.words())).orElse(Labels.get("brief.outside_joined")),
                form -> desk().edit(
                        new Edit.ShapeOutside(form.map(one -> OuterShape.usual(one, job().section())))));
        box.setId("outside-shape");
        onlyWhile(
                box,
                () -> OuterShape.canBe(job().outline(), job().section(), job().lean())
                        && job().placement()
                                .filter(place -> place.isAlong() || place instanceof Placement.InBack)
                                .isEmpty());
        for (OuterKey key : OuterKey.values()) {
            entry(key);
        }
        rows(rows -> desk().plan().figures(Station.BRIEF).stream()
                .filter(figure -> OuterShaping.isOne(figure.key()) && !(figure.key() instanceof OuterKey))
                .map(this::figureRow)
                .forEach(rows.getChildren()::add));
    }

    private ShapedEdge shaped(ShapedEdge.Form form) {
        return job().body()
                .edge()
                .map(edge -> edge.withForm(form))
                .orElseGet(() -> ShapedEdge.usual(form, job().section()));
    }

    private Job job() {
        return desk().plan().job();
    }

    private Optional<String> quantity(String text) {
        try {
            return desk().edit(new Edit.Quantity(Integer.parseInt(text.strip())));
        } catch (NumberFormatException refused) {
            return Optional.of(Labels.get("brief.quantity_rule", text));
        }
    }

    /** Every line of the frame with both sizes; any of them can be typed. */
    private void ladder() {
        GridPane grid = new GridPane();
        grid.getStyleClass().add("ladder");
        ColumnConstraints names = new ColumnConstraints();
        names.setHgrow(Priority.ALWAYS);
        grid.getColumnConstraints().add(names);
        grid.add(text(Labels.get("brief.wide"), "soft"), 1, 0);
        grid.add(text(Labels.get("brief.high"), "soft"), 2, 0);
        int row = 1;
        for (Line line : Line.values()) {
            var name = text(book().say(Phrasebook.keyOf(line)), "soft");
            grid.add(name, 0, row);
            List<TagField> tags = new ArrayList<>();
            for (Axis axis : Axis.values()) {
                TagField tag = new TagField(line.size(axis), typing());
                tag.setId("ladder-" + line.size(axis).id().replace('.', '-'));
                tags.add(tag);
                grid.add(tag, 1 + axis.ordinal(), row);
            }
            onUpdate(() -> {
                boolean has = desk().plan().frame().has(line);
                Stream.concat(Stream.of(name), tags.stream()).forEach(node -> {
                    node.setVisible(has);
                    node.setManaged(has);
                });
                tags.forEach(tag -> desk().plan().figure(tag.figure()).ifPresent(f -> show(tag, f)));
            });
            row++;
        }
        getChildren().add(grid);
    }

    private void layer(Panel rows, Material.Role role) {
        List<Optional<Material>> items = new ArrayList<>();
        items.add(Optional.empty());
        Stream.of(Material.values()).filter(m -> m.role() == role).map(Optional::of).forEach(items::add);
        ComboBox<Optional<Material>> box = rows.choice(book().say(Phrasebook.keyOf(role)), () -> items,
                () -> job().contents().layer(role).map(l -> l.material()),
                material -> material.map(m -> book().say(Phrasebook.keyOf(m))).orElse(Labels.get("brief.none")),
                material -> desk().edit(new Edit.Pack(role, material)));
        box.setId("pack-" + role.name().toLowerCase(Locale.ROOT));
    }
}
