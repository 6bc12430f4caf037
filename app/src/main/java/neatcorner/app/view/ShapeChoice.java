package neatcorner.app.view;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Form;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.OutlineKey;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.outline.Traverse;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Known;
import neatcorner.core.words.Phrasebook;

/** The shape of the frame: which, how many sides, how it stands; what of it cannot be typed on the drawing. */
final class ShapeChoice {
    private final Panel panel;

    private ShapeChoice(Panel panel) {
        this.panel = panel;
    }

    /** Adds the rows to a panel; {@code importOutline} asks for a file with an outline. */
    static void add(Panel panel, Runnable importOutline) {
        new ShapeChoice(panel).build(importOutline);
    }

    private Desk desk() {
        return panel.desk();
    }

    private Outline outline() {
        return desk().plan().job().outline();
    }

    private void build(Runnable importOutline) {
        panel.heading(Labels.get("shape.heading"));
        panel.choice(Labels.get("shape.form"), () -> List.of(Form.values()), () -> Form.of(outline()), this::said,
                form -> desk().edit(new Edit.Draw(usual(form)))).setId("form");
        regular();
        arched();
        count("shape.segments", Boxed.Round.class, Boxed.Round::segments, (round, n) -> round.withSegments(n));
        count(
                "shape.rows",
                Boxed.Window.class,
                Boxed.Window::rows,
                (w, n) -> new Boxed.Window(w.width(), w.height(), n, w.columns(), w.bar()));
        count(
                "shape.columns",
                Boxed.Window.class,
                Boxed.Window::columns,
                (w, n) -> new Boxed.Window(w.width(), w.height(), w.rows(), n, w.bar()));
        panel.entry(OutlineKey.BAR);
        panel.entry(OutlineKey.SIZE);
        free();
        given();
        around();
        lean();
        Button open = quiet("shape.import", importOutline);
        open.setId("import-outline");
        panel.getChildren().add(open);
    }

    private String said(Enum<?> constant) {
        return panel.book().say(Phrasebook.keyOf(constant));
    }

    private static Button quiet(String label, Runnable action) {
        Button button = new Button(Labels.get(label));
        button.getStyleClass().add("quiet");
        button.setOnAction(_ -> action.run());
        return button;
    }

    /** A row that shows only while the outline is as it says. */
    private void only(Node control, Predicate<Outline> when) {
        panel.onlyWhile(control, () -> when.test(outline()));
    }

    /** The usual outline of a form about as large as the frame is now. */
    private Outline usual(Form form) {
        Frame frame = desk().plan().frame();
        Line line = outline().line();
        List<Point> corners = outline().isCurved() ? List.of() : Known.in(frame.lines(), line);
        return form.in(new Size(line, frame.width(line)), new Size(line, frame.height(line)), corners);
    }

    /** What counts a number of a shape and makes the shape with another. */
    private interface Counted<S> {
        Outline with(S shape, int count);
    }

    private <S extends Outline> void count(String label, Class<S> type, Function<S, Integer> now, Counted<S> with) {
        TextField field = panel.line(
                Labels.get(label),
                () -> type.isInstance(outline())
                        ? now.apply(type.cast(outline())).toString()
                        : "",
                text -> !type.isInstance(outline())
                        ? Optional.empty()
                        : whole(text, n -> desk().edit(new Edit.Draw(with.with(type.cast(outline()), n)))));
        field.setId(label.replace('.', '-'));
        only(field, type::isInstance);
    }

    private Optional<String> whole(String text, IntFunction<Optional<String>> edit) {
        try {
            return edit.apply(Integer.parseInt(text.strip()));
        } catch (NumberFormatException refused) {
            return Optional.of(Labels.get("shape.whole", text));
        } catch (Refusal refused) {
            return Optional.of(desk().said(refused));
        }
    }

    private void regular() {
        count("shape.sides", Outline.Regular.class, Outline.Regular::sides, Outline.Regular::withSides);
        var across = panel.choice(Labels.get("shape.across"), () -> List.of(Outline.Across.values()),
                () -> outline() instanceof Outline.Regular regular ? regular.across() : Outline.Across.SIDE, this::said,
                a -> desk().edit(new Edit.Draw(((Outline.Regular) outline()).by(a))));
        across.setId("across");
        only(across, Outline.Regular.class::isInstance);
    }

    private void arched() {
        var arch = panel.choice(
                Labels.get("shape.arch"),
                () -> List.of(Boxed.Arch.values()),
                () -> outline() instanceof Boxed.Arched arched ? arched.arch() : Boxed.Arch.HALF_ROUND,
                this::said,
                a -> outline() instanceof Boxed.Arched arched
                        ? desk().edit(new Edit.Draw(
                                Boxed.Arched.usual(arched.width(), arched.height(), a, Math.max(2, arched.segments()))))
                        : Optional.empty());
        arch.setId("arch");
        only(arch, Boxed.Arched.class::isInstance);
        TextField rise = panel.line(
                Labels.get("shape.rise"),
                () -> outline() instanceof Boxed.Arched a ? percent(a.rise()) : "",
                text -> outline() instanceof Boxed.Arched a
                        ? number(text.replace("%", ""), share -> desk().edit(new Edit.Draw(a.withRise(share / 100))))
                        : Optional.empty());
        only(rise, o -> o instanceof Boxed.Arched arched && arched.arch() != Boxed.Arch.HALF_ROUND);
        count("shape.blanks", Boxed.Arched.class, Boxed.Arched::segments, Boxed.Arched::withSegments);
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f %%", share * 100).replace(".0 %", " %");
    }

    private Optional<String> number(String text, Function<Double, Optional<String>> edit) {
        try {
            return edit.apply(Double.parseDouble(text.strip().replace("°", "").strip()));
        } catch (NumberFormatException refused) {
            return Optional.of(Labels.get("shape.number", text));
        } catch (Refusal refused) {
            return Optional.of(desk().said(refused));
        }
    }

    /** Corners as typed coordinates, a walk along the sides, a corner more or less. */
    private void free() {
        TextField corners = panel.line(
                Labels.get("shape.corners"),
                () -> outline() instanceof Outline.Free free ? written(free) : "",
                this::readCorners);
        corners.setId("corners");
        only(corners, Outline.Free.class::isInstance);
        TextField walk = panel.line(Labels.get("shape.walk"), () -> "", this::readWalk);
        walk.setId("walk");
        only(walk, Outline.Free.class::isInstance);
        FlowPane buttons = new FlowPane(6, 4);
        panel.getChildren().add(buttons);
        only(buttons, Outline.Free.class::isInstance);
        panel.onUpdate(() -> {
            buttons.getChildren().clear();
            if (outline() instanceof Outline.Free free) {
                for (int i = 0; i < Math.min(free.corners().size(), MOST_BUTTONS); i++) {
                    buttons.getChildren()
                            .add(cornerButton(
                                    "shape.split",
                                    Side.letter(i) + "–"
                                            + Side.letter(
                                                    (i + 1) % free.corners().size()),
                                    i,
                                    free::split));
                }
                for (int i = 0;
                        i < Math.min(free.corners().size(), MOST_BUTTONS)
                                && free.corners().size() > 3;
                        i++) {
                    buttons.getChildren().add(cornerButton("shape.without", Side.letter(i), i, free::without));
                }
            }
        });
    }

    /** More corners than this are changed by dragging and typing alone. */
    private static final int MOST_BUTTONS = 8;

    private Button cornerButton(String label, String letters, int index, IntFunction<Outline> change) {
        Button button = new Button(Labels.get(label, letters));
        button.getStyleClass().add("quiet");
        button.setOnAction(_ -> {
            try {
                panel.complain(button, desk().edit(new Edit.Draw(change.apply(index))));
            } catch (Refusal refused) {
                panel.complain(button, Optional.of(desk().said(refused)));
            }
        });
        return button;
    }

    private String written(Outline.Free free) {
        return free.corners().stream().map(c -> plain(c.x()) + ", " + plain(c.y())).collect(Collectors.joining("; "));
    }

    private String plain(Length length) {
        return panel.book().exactly(length).replace("\"", "").replace(" mm", "").replace("\u00a0mm", "");
    }

    private Optional<String> readCorners(String text) {
        try {
            List<Corner> corners = Arrays.stream(text.split(";")).map(pair -> {
                String[] xy = pair.split(",");
                if (xy.length != 2) {
                    throw new Refusal(Words.plain(Labels.get("shape.corner_rule", pair.strip())));
                }
                return new Corner(desk().parsed(xy[0].strip()), desk().parsed(xy[1].strip()));
            }).toList();
            return desk().edit(new Edit.Draw(new Outline.Free(outline().line(), corners)));
        } catch (Refusal refused) {
            return Optional.of(desk().said(refused));
        }
    }

    /**
     * Side, angle, side, angle…; a gap over a tape's width is shown, and closed only when asked for with a final
     * “close”.
     */
    private Optional<String> readWalk(String text) {
        if (text.isBlank()) {
            return Optional.empty();
        }
        try {
            boolean close = text.strip().endsWith(CLOSE);
            String[] parts = text.replace(CLOSE, "").split(";");
            List<Length> sides = new ArrayList<>();
            List<Angle> angles = new ArrayList<>();
            IntStream.range(0, parts.length).filter(i -> !parts[i].isBlank()).forEach(i -> {
                if (i % 2 == 0) {
                    sides.add(desk().parsed(parts[i].strip()));
                } else {
                    angles.add(Angle.degrees(Double.parseDouble(parts[i].replace("°", "").strip())));
                }
            });
            Traverse walk = Traverse.walk(sides, angles);
            if (!close && walk.gap().isOver(Length.mm(1))) {
                return Optional.of(Labels.get("shape.gap", panel.book().write(walk.gap()), CLOSE));
            }
            return desk().edit(new Edit.Draw(new Outline.Free(outline().line(), walk.closed())));
        } catch (NumberFormatException refused) {
            return Optional.of(Labels.get("shape.walk_rule"));
        } catch (Refusal refused) {
            return Optional.of(desk().said(refused));
        }
    }

    private static final String CLOSE = "close";

    /** Boxed shapes say their line by where a number is typed; the others here. */
    private void given() {
        var line = panel.choice(
                Labels.get("shape.line"),
                () -> List.copyOf(desk().plan().frame().lines().keySet()),
                () -> outline().line(),
                this::said,
                l -> desk().edit(new Edit.Draw(outline().at(l))));
        only(line, o -> !(o instanceof Boxed));
    }

    private void around() {
        TextField field = panel.line(Labels.get("shape.around"), () -> "", text -> {
            String[] sizes = text.split("[x×*]");
            if (text.isBlank()) {
                return Optional.empty();
            }
            if (sizes.length != 2) {
                return Optional.of(Labels.get("shape.around_rule"));
            }
            try {
                Line line = desk().plan().frame().has(Line.GLASS)
                        ? Line.GLASS
                        : desk().plan().frame().has(Line.ART) ? Line.ART : Line.SIGHT;
                return desk().edit(new Edit.Around(
                        desk().parsed(sizes[0].strip()), desk().parsed(sizes[1].strip()), line));
            } catch (Refusal refused) {
                return Optional.of(desk().said(refused));
            }
        });
        field.setPromptText(Labels.get("shape.around_prompt"));
        field.setId("around");
    }

    private void lean() {
        Supplier<Lean> now = () -> desk().plan().job().lean();
        TextField lean = panel.line(
                Labels.get("shape.lean"),
                () -> now.get().isFlat()
                        ? Labels.get("shape.flat")
                        : panel.book().write(now.get().angle()),
                text -> number(
                        text.strip().equalsIgnoreCase(Labels.get("shape.flat")) ? "0" : text,
                        degrees -> desk().edit(new Edit.Tilt(
                                new Lean(degrees, now.get().way())))));
        lean.setId("lean");
        only(lean, o -> !o.isCurved());
        var way = panel.choice(
                Labels.get("shape.way"),
                () -> List.of(Lean.Way.values()),
                () -> now.get().way(),
                this::said,
                w -> desk().edit(new Edit.Tilt(new Lean(now.get().degrees(), w))));
        way.setId("way");
        only(way, o -> !o.isCurved() && !now.get().isFlat());
    }
}
