package neatcorner.app.view;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SequencedMap;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;
import neatcorner.app.desk.Desk;
import neatcorner.core.frame.Member;
import neatcorner.core.gauge.Gauge;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.measure.Quantity;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.saw.Doctor;
import neatcorner.core.saw.Look;
import neatcorner.core.saw.Mend;
import neatcorner.core.saw.SawPlan;

/** What is seen on a frame, what is likely wrong with it, and how it is mended. */
final class DoctorPanel extends Panel {
    private final Runnable changed;
    private final SequencedMap<Look, Double> seen = new LinkedHashMap<>();
    private Optional<Doctor> doctor = Optional.empty();
    private List<Member> ring = List.of();
    private boolean deep;
    private boolean measured;

    /** What is seen of a joint. */
    private enum Open {
        NOT_LOOKED,
        CLOSED,
        MORE,
        LESS
    }

    /**
     * The panel.
     *
     * @param changed is told when something else is to be drawn
     */
    DoctorPanel(Desk desk, Runnable changed) {
        super(desk, NoTyping.HERE);
        this.changed = changed;
        heading(Labels.get("doctor.heading"));
        getChildren().add(text(Labels.get("doctor.how"), "soft"));
        onUpdate(this::follow);
        rows(this::places, box -> !box.getChildren().isEmpty() && isInHand(box));
        rows(this::says);
        Button again = new Button(Labels.get("doctor.again"));
        again.setId("doctor-again");
        again.getStyleClass().add("quiet");
        again.setOnAction(_ -> anew());
        getChildren().add(again);
    }

    private static boolean isInHand(Node box) {
        return box.getScene() != null && box.getScene().getFocusOwner() instanceof TextField field
                && isIn(field, box);
    }

    private static boolean isIn(Node node, Node box) {
        return node == box || node.getParent() != null && isIn(node.getParent(), box);
    }

    /** Another frame has another doctor, and nothing was seen of it yet. */
    private void follow() {
        SawPlan plan = desk().plan().saw();
        if (!plan.ring().equals(ring)) {
            ring = plan.ring();
            doctor = Doctor.of(plan);
            seen.clear();
        }
    }

    private void anew() {
        seen.clear();
        deep = false;
        measured = false;
        update();
        changed.run();
    }

    /** The sides of the frame. */
    List<Member> ring() {
        return ring;
    }

    /** What was seen. */
    Map<Look, Double> seen() {
        return seen;
    }

    /** What it comes to; empty as long as nothing was seen, or where it cannot be. */
    Optional<Doctor.Diagnosis> diagnosis() {
        try {
            return seen.isEmpty() ? Optional.empty() : doctor.map(one -> one.diagnose(seen));
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }

    /** How much of it the likeliest cause is; empty where none is. */
    Optional<String> figure() {
        return likeliest().flatMap(words -> words.args().stream()
                        .filter(Quantity.class::isInstance)
                        .map(Quantity.class::cast)
                        .findFirst())
                .map(book()::write);
    }

    /** The likeliest cause; empty where none is likelier than that nothing is wrong. */
    Optional<String> title() {
        return likeliest().map(words -> Labels.get("doctor.most_likely", book().say(words)));
    }

    private Optional<Words> likeliest() {
        return diagnosis().flatMap(says -> says.found().stream()
                .filter(one -> one.isSeen() && one.confidence() > says.nothing())
                .findFirst()
                .map(one -> one.cause().said(ring, one.size())));
    }

    /** How the frame is drawn: as it likely is, or as planned before anything was seen; empty where none can judge. */
    Optional<Doctor.Guess> shown() {
        return doctor.map(_ -> diagnosis().map(Doctor.Diagnosis::best).orElse(Doctor.Guess.PLANNED));
    }

    private void places(VBox box) {
        if (doctor.isEmpty()) {
            box.getChildren().add(text(Labels.get("doctor.outside")));
            return;
        }
        List<Look> looks = doctor.get().looks();
        looks.stream().filter(Look.Across.class::isInstance).forEach(look -> box.getChildren().add(joint(look)));
        if (deep) {
            looks.stream().filter(Look.Through.class::isInstance).forEach(look -> box.getChildren().add(joint(look)));
        } else {
            box.getChildren().add(more("doctor-deep", "doctor.deep", () -> deep = true));
        }
        if (measured) {
            looks.stream()
                    .filter(look -> !(look instanceof Look.Across || look instanceof Look.Through))
                    .filter(look -> ring.size() <= 4 || !(look instanceof Look.Diagonal) || isLongest(look))
                    .forEach(look -> box.getChildren().add(measure(look)));
        } else {
            box.getChildren().add(more("doctor-measured", "doctor.measured", () -> measured = true));
        }
    }

    /** Of the many ways across a polygon those right through its middle. */
    private boolean isLongest(Look look) {
        return look instanceof Look.Diagonal(int from, int to) && to - from == ring.size() / 2;
    }

    private Button more(String id, String words, Runnable does) {
        Button more = new Button(Labels.get(words));
        more.setId(id);
        more.getStyleClass().add("quiet");
        more.setOnAction(_ -> {
            does.run();
            update();
        });
        return more;
    }

    /** A joint: closed, or open on one side by so much. */
    private HBox joint(Look look) {
        ComboBox<Open> open = new ComboBox<>();
        open.getItems().setAll(Open.values());
        boolean across = look instanceof Look.Across;
        Map<Open, String> words = new EnumMap<>(Open.class);
        words.put(Open.NOT_LOOKED, Labels.get("doctor.not_looked"));
        words.put(Open.CLOSED, Labels.get("doctor.closed"));
        words.put(Open.MORE, Labels.get(across ? "doctor.inside" : "doctor.front"));
        words.put(Open.LESS, Labels.get(across ? "doctor.outside_open" : "doctor.back"));
        open.setConverter(new StringConverter<>() {
            @Override
            public String toString(Open item) {
                return words.getOrDefault(item, "");
            }

            @Override
            public Open fromString(String text) {
                throw new IllegalStateException("a choice is not typed");
            }
        });
        TextField gap = GaugeHand.waits(new TextField(), Gauge.CALIPER);
        gap.setPrefColumnCount(7);
        gap.setPromptText(Labels.get("proving.gap_prompt"));
        Double now = seen.get(look);
        open.setValue(now == null ? Open.NOT_LOOKED : now == 0 ? Open.CLOSED : now > 0 ? Open.MORE : Open.LESS);
        if (now != null && now != 0) {
            gap.setText(book().write(Gap.mm(Math.abs(now))));
        }
        gap.setDisable(open.getValue() == Open.NOT_LOOKED || open.getValue() == Open.CLOSED);
        String name = book().say(look.said(ring));
        open.setAccessibleText(name);
        gap.setAccessibleText(name + ", " + Labels.get("proving.gap"));
        open.setId(id(look));
        gap.setId(id(look) + "-gap");
        open.setOnAction(_ -> {
            boolean wide = open.getValue() == Open.MORE || open.getValue() == Open.LESS;
            gap.setDisable(!wide);
            take(look, open.getValue(), gap);
        });
        gap.setOnAction(_ -> take(look, open.getValue(), gap));
        String corner = look instanceof Look.Across(int at)
                ? Labels.get("doctor.corner", ring.get(at).side().from())
                : name;
        HBox row = spread(text(corner, "soft"), new HBox(6, open, gap));
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static String id(Look look) {
        return switch (look) {
            case Look.Across(int corner) -> "doctor-across-" + corner;
            case Look.Through(int corner) -> "doctor-through-" + corner;
            case Look.Diagonal(int from, int to) -> "doctor-diagonal-" + from + "-" + to;
            case Look.Side(int side) -> "doctor-side-" + side;
            case Look.Winding(int side) -> "doctor-winding-" + side;
            case Look.Cut(int side, boolean right) -> "doctor-cut-" + side + (right ? "-right" : "-left");
        };
    }

    private void take(Look look, Open open, TextField gap) {
        complain(gap, tried(() -> {
            switch (open) {
                case NOT_LOOKED -> seen.remove(look);
                case CLOSED -> seen.put(look, 0.0);
                case MORE, LESS -> {
                    if (gap.getText().isBlank()) {
                        return Optional.empty();
                    }
                    double wide = desk().parsed(gap.getText()).toMm();
                    tryOut(look, open == Open.MORE ? wide : -wide);
                }
            }
            changed.run();
            update();
            return Optional.empty();
        }));
    }

    /** Takes a reading, unless what was seen cannot be with it. */
    private void tryOut(Look look, double value) {
        Optional<Double> before = Optional.ofNullable(seen.put(look, value));
        try {
            doctor.ifPresent(one -> one.diagnose(seen));
        } catch (Refusal refused) {
            before.ifPresentOrElse(was -> seen.put(look, was), () -> seen.remove(look));
            throw refused;
        }
    }

    /** Something that is measured: what it should be stands there as long as nothing was. */
    private HBox measure(Look look) {
        TextField field = new TextField();
        field.setPrefColumnCount(11);
        GaugeHand.waits(field, look instanceof Look.Cut ? Gauge.ANGLE_GAUGE : Gauge.CALIPER).setId(id(look));
        field.setPromptText(Labels.get("doctor.planned", shown(look, 0)));
        Double now = seen.get(look);
        if (now != null) {
            field.setText(shown(look, now));
        }
        String name = book().say(look.said(ring));
        field.setAccessibleText(name);
        field.setOnAction(_ -> complain(field, tried(() -> {
            if (field.getText().isBlank()) {
                seen.remove(look);
            } else {
                tryOut(look, read(look, field.getText()));
            }
            changed.run();
            update();
            return Optional.empty();
        })));
        HBox row = spread(text(name, "soft"), field);
        HBox.setHgrow(field, Priority.NEVER);
        return row;
    }

    /** What the instrument shows there when it is off by so much. */
    private String shown(Look look, double off) {
        double planned = doctor.orElseThrow().planned(look);
        return switch (look) {
            case Look.Cut _ -> book().write(new Angle(planned - off));
            case Look.Winding _ -> book().exactly(Length.mm(Look.Winding.over(off)));
            default -> book().exactly(Length.mm(planned + off));
        };
    }

    /** How much it is off when the instrument shows this. */
    private double read(Look look, String text) {
        double planned = doctor.orElseThrow().planned(look);
        return switch (look) {
            case Look.Cut _ -> planned - MeasureText.angle(text).radians();
            case Look.Winding _ -> Look.Winding.turned(desk().parsed(text).toMm());
            default -> desk().parsed(text).toMm() - planned;
        };
    }

    private void says(VBox box) {
        diagnosis().ifPresent(says -> {
            box.getChildren().add(text(Labels.get("doctor.likely"), "heading"));
            if (!says.explained()) {
                box.getChildren().add(text(Labels.get("doctor.unexplained"), "caution-word"));
                says.doubtful().ifPresent(look -> box.getChildren()
                        .add(text(Labels.get("doctor.doubtful", book().say(look.said(ring))), "strong")));
            }
            List<Node> found = new ArrayList<>();
            says.found().stream().filter(Doctor.Found::isSeen).limit(5).forEach(one -> found.add(spread(
                    text(book().say(one.cause().said(ring, one.size()))),
                    text(Labels.get("doctor.percent", Math.round(100 * one.confidence())), "strong"))));
            found.add(spread(
                    text(Labels.get("doctor.nothing"), "soft"),
                    text(Labels.get("doctor.percent", Math.round(100 * says.nothing())), "soft")));
            box.getChildren().addAll(found);
            says.next().ifPresentOrElse(
                    look -> box.getChildren()
                            .add(text(Labels.get("doctor.next", book().say(look.said(ring))), "strong")),
                    () -> box.getChildren().add(text(Labels.get("doctor.enough"), "soft")));
            mend(says, box);
        });
    }

    private void mend(Doctor.Diagnosis says, VBox box) {
        Mend mend = Mend.of(desk().plan().frame(), desk().plan().saw(), says.best(), seen);
        if (mend.steps().isEmpty()) {
            return;
        }
        box.getChildren().add(text(Labels.get("doctor.mend"), "heading"));
        steps(box, mend.steps());
        box.getChildren().add(text(Labels.get("doctor.cost", book().write(mend.cost()))));
        mend.room().ifPresent(room -> box.getChildren()
                .add(text(
                        Labels.get(
                                room.isNegative() ? "doctor.no_room" : "doctor.room",
                                book().write(new Gap(room.abs()))),
                        room.isNegative() ? "caution-word" : "plain")));
        box.getChildren().add(text(Labels.get("doctor.careful"), "soft"));
        if (mend.fills()) {
            box.getChildren().add(text(Labels.get("doctor.fill")));
        }
        box.getChildren().add(text(Labels.get("doctor.cut_again")));
    }
}
