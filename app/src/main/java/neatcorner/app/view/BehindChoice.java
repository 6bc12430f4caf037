package neatcorner.app.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.FixtureKey;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Mass;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;

/** What lies behind the frame and has depth: each with its sizes and its place, and what can be put there. */
final class BehindChoice {
    private final Panel panel;
    private final List<Panel> each = new ArrayList<>();

    private BehindChoice(Panel panel) {
        this.panel = panel;
    }

    static void add(Panel panel) {
        new BehindChoice(panel).build();
    }

    private Desk desk() {
        return panel.desk();
    }

    private Job job() {
        return desk().plan().job();
    }

    private List<Fixture> behind() {
        return job().packed().behind();
    }

    private void build() {
        panel.heading(Labels.get("behind.heading"));
        Panel things = new Panel(desk(), panel.typing());
        panel.getChildren().add(things);
        panel.onUpdate(() -> {
            while (each.size() < behind().size()) {
                Panel one = one(each.size());
                each.add(one);
                things.getChildren().add(one);
            }
            for (int i = 0; i < each.size(); i++) {
                boolean there = i < behind().size();
                each.get(i).setVisible(there);
                each.get(i).setManaged(there);
                if (there) {
                    each.get(i).update();
                }
            }
        });
        FlowPane more = new FlowPane(6, 4);
        for (Fixture.Kind kind : Fixture.Kind.values()) {
            Button button = new Button(panel.book().say(Words.of("behind.add", kind)));
            button.setId("behind-" + kind.name().toLowerCase(Locale.ROOT));
            button.getStyleClass().add("quiet");
            button.setOnAction(_ -> panel.complain(more, panel.tried(() -> desk().edit(with(kind)))));
            more.getChildren().add(button);
        }
        panel.getChildren().add(more);
    }

    private Edit with(Fixture.Kind kind) {
        var frame = desk().plan().assembly().frame(job().holder());
        Fixture usual = Fixture.usual(
                kind,
                frame.width(Line.SIGHT),
                frame.height(Line.SIGHT),
                frame.job().section().lip());
        return new Edit.SetBehind(
                Stream.concat(behind().stream(), Stream.of(usual)).toList());
    }

    /** The rows of one of them, by its place in the list. */
    private Panel one(int index) {
        Panel rows = new Panel(desk(), panel.typing());
        rows.rows(box -> {
            if (index < behind().size()) {
                Button out = new Button(Labels.get("behind.take_out"));
                out.setId("behind-out-" + (index + 1));
                out.getStyleClass().add("quiet");
                out.setOnAction(_ -> {
                    List<Fixture> fewer = new ArrayList<>(behind());
                    fewer.remove(index);
                    rows.complain(out, desk().edit(new Edit.SetBehind(fewer)));
                });
                String name = rows.book().say(behind().get(index).kind().words());
                box.getChildren().add(Panel.spread(Panel.text(name), out));
            }
        });
        for (FixtureKey.Of of : FixtureKey.Of.values()) {
            rows.entry(new FixtureKey(index, of));
        }
        var mass = rows.choice(
                Labels.get("behind.mass"),
                () -> masses(index),
                () -> index < behind().size() ? behind().get(index).mass() : Mass.ZERO,
                kg -> rows.book().say(Words.of("list.one", kg)),
                kg -> desk().edit(new Edit.SetBehind(job().packed()
                        .withBehind(index, behind().get(index).with(kg))
                        .behind())));
        mass.setId("behind-mass-" + (index + 1));
        rows.onlyWhile(
                mass,
                () -> index < behind().size() && behind().get(index).kind() == Fixture.Kind.SCREEN);
        return rows;
    }

    /** Half kilograms at first, whole ones later, and what it has. */
    private List<Mass> masses(int index) {
        TreeSet<Mass> all = new TreeSet<>(IntStream.rangeClosed(0, 10)
                .mapToObj(half -> Mass.kg(half / 2.0))
                .toList());
        IntStream.rangeClosed(6, 60).mapToObj(Mass::kg).forEach(all::add);
        if (index < behind().size()) {
            all.add(behind().get(index).mass());
        }
        return List.copyOf(all);
    }
}
