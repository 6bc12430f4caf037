package neatcorner.app.view;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.file.Path;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.GaugeDesk;
import neatcorner.core.drawing.GaugeDrawing;
import neatcorner.core.gauge.Gauge;
import neatcorner.core.gauge.GaugeReading;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Unit;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.words.Phrasebook;
import neatcorner.files.disk.WholeFile;

/**
 * The instruments in a small window of their own: which port is listened to, and for each instrument one that stands in
 * for it, to be moved and read as the real one. What it sends goes the same way as what comes down a cable.
 */
final class GaugeWindow extends VBox {
    private static final double WIDE = 460;
    private static final double HIGH = 760;
    private static final double PICTURE = 104;
    private static final long LARGEST = 1 << 20;
    private final Desk desk;
    private final FilePort files;
    private final Stage stage = new Stage();
    private final Errands errands;
    private final Map<Gauge, Stand> stands = new EnumMap<>(Gauge.class);
    private final CheckBox halfWay = new CheckBox(Labels.get("gauge.half_way"));
    private final ComboBox<String> ports = new ComboBox<>();
    private final Button listen = new Button();
    private final Label port = Panel.text("", "soft");
    private final Button replay = new Button();
    private List<String> lines = List.of();
    private int sent;

    /**
     * The instruments of a desk.
     *
     * @param owner the window that it belongs to, and goes with
     * @param say   tells the maker what came of a file
     */
    GaugeWindow(Desk desk, FilePort files, Window owner, Consumer<String> say) {
        super(10);
        this.desk = desk;
        this.files = files;
        this.errands = new Errands(desk, say);
        setId("gauges");
        getStyleClass().addAll("neat-corner", "gauges");
        getChildren().add(Panel.text(Labels.get("gauge.real"), "heading"));
        ports.setId("gauge-ports");
        ports.setAccessibleText(Labels.get("gauge.port"));
        ports.setPromptText(Labels.get("gauge.port"));
        ports.setMaxWidth(Double.MAX_VALUE);
        ports.valueProperty().addListener((_, _, _) -> updatePort());
        HBox.setHgrow(ports, Priority.ALWAYS);
        Button look = new Button(Labels.get("gauge.look"));
        look.getStyleClass().add("quiet");
        look.setMinWidth(Region.USE_PREF_SIZE);
        look.setOnAction(_ -> gauges().look());
        listen.setId("gauge-listen");
        listen.setOnAction(_ -> listen());
        listen.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(8, ports, listen, look);
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(row, port);
        getChildren().add(Panel.text(Labels.get("gauge.stand_in"), "heading"));
        for (Gauge gauge : Gauge.values()) {
            Stand stand = new Stand(gauge);
            stands.put(gauge, stand);
            getChildren().add(stand);
        }
        halfWay.setId("gauge-half-way");
        halfWay.setWrapText(true);
        replay.setId("gauge-replay");
        replay.setOnAction(_ -> replay());
        Button other = new Button(Labels.get("gauge.file"));
        other.setId("gauge-file");
        other.getStyleClass().add("quiet");
        other.setOnAction(_ -> files.which().ifPresent(this::read));
        HBox file = new HBox(8, replay, other);
        file.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(halfWay, file);
        ScrollPane whole = new ScrollPane(this);
        whole.setFitToWidth(true);
        stage.initOwner(owner);
        stage.setTitle(Labels.get("gauge.title"));
        stage.setScene(new Scene(whole, WIDE, HIGH));
    }

    /** Shows the window, before all others. */
    void show() {
        stage.show();
        stage.toFront();
    }

    private GaugeDesk gauges() {
        return desk.gauges();
    }

    /** Reads the desk anew. */
    void update(String style) {
        setStyle(style);
        if (!gauges().names().equals(ports.getItems())) {
            ports.getItems().setAll(gauges().names());
        }
        updatePort();
        boolean replaying = sent < lines.size();
        replay.setText(Labels.get("gauge.next", sent + 1, lines.size()));
        replay.setVisible(replaying);
        replay.setManaged(replaying);
        stands.values().forEach(Stand::update);
    }

    private void updatePort() {
        Optional<String> plugged = gauges().plugged();
        listen.setText(Labels.get(plugged.isPresent() ? "gauge.stop" : "gauge.listen"));
        listen.setDisable(plugged.isEmpty() && ports.getValue() == null);
        port.setText(plugged.map(name -> Labels.get("gauge.listening", name))
                .orElseGet(() -> Labels.get(ports.getItems().isEmpty() ? "gauge.no_ports" : "gauge.not_listening")));
    }

    private void listen() {
        if (gauges().plugged().isPresent()) {
            gauges().close();
        } else if (ports.getValue() != null) {
            gauges().plug(ports.getValue());
        }
    }

    private void read(Path file) {
        errands.read(file, () -> {
            List<String> read = WholeFile.readText(file, LARGEST).lines().filter(line -> !isNothing(line)).toList();
            return () -> {
                lines = read;
                sent = 0;
                update(getStyle());
            };
        });
    }

    /** What is no reading is sent, too: then it is said what is wrong with it, as of a real instrument. */
    private static boolean isNothing(String line) {
        try {
            return GaugeReading.read(line).isEmpty();
        } catch (Refusal unreadable) {
            return false;
        }
    }

    private void replay() {
        if (sent < lines.size()) {
            send(lines.get(sent++));
            update(getStyle());
        }
    }

    /** Sends a line, or its first half and then nothing. */
    private void send(String line) {
        gauges().hear(halfWay.isSelected() ? line.substring(0, line.length() / 2) : line + "\n");
    }

    /** One that stands in for an instrument. */
    private final class Stand extends VBox {
        private final Gauge gauge;
        private final PictureView picture = new PictureView(desk, NoTyping.HERE);
        private final Slider slider = new Slider(0, 1, 0.5);
        private final TextField number = new TextField();
        private final Label unit = Panel.text("", "soft");
        private final Label refused = Panel.text("", "caution-word");
        private double value;

        Stand(Gauge gauge) {
            super(4);
            this.gauge = gauge;
            getStyleClass().addAll("card", "padded");
            value = usual();
            picture.setMinHeight(PICTURE);
            picture.setPrefHeight(PICTURE);
            slider.setId("gauge-move-" + gauge.word());
            slider.setAccessibleText(Labels.get("gauge.move"));
            number.setId("gauge-number-" + gauge.word());
            number.setPrefColumnCount(8);
            number.setAccessibleText(desk.book().say(Phrasebook.keyOf(gauge)));
            Button send = new Button(Labels.get("gauge.send"));
            send.setId("gauge-send-" + gauge.word());
            send.setMinWidth(Region.USE_PREF_SIZE);
            unit.setMinWidth(Region.USE_PREF_SIZE);
            HBox.setHgrow(slider, Priority.ALWAYS);
            HBox row = new HBox(8, slider, number, unit, send);
            row.setAlignment(Pos.CENTER_LEFT);
            getChildren().addAll(
                    Panel.text(Labels.get("gauge.name." + gauge.word()), "strong"), picture, row, refused);
            slider.valueProperty().addListener((_, _, share) -> {
                if (slider.isFocused() || slider.isValueChanging()) {
                    show(share.doubleValue() * most());
                }
            });
            number.setOnAction(_ -> typed());
            send.setOnAction(_ -> {
                typed();
                if (!refused.isVisible()) {
                    send(reading().line());
                }
            });
            refuse("");
        }

        private double usual() {
            return switch (gauge) {
                case CALIPER -> desk.bench().readable().map(one -> one.planned().toMm()).orElse(25.4);
                case ANGLE_GAUGE -> 45;
                case MOISTURE_METER -> 8.5;
            };
        }

        private double most() {
            return switch (gauge) {
                case CALIPER -> Math.max(100, 1.25 * usual());
                case ANGLE_GAUGE -> 180;
                case MOISTURE_METER -> 30;
            };
        }

        private boolean isInches() {
            return desk.book().graduation().unit() == Unit.INCH;
        }

        private GaugeReading reading() {
            boolean inches = gauge == Gauge.CALIPER && isInches();
            BigDecimal shown = BigDecimal.valueOf(inches ? value / Length.inches(1).toMm() : value)
                    .setScale(inches ? 4 : gauge == Gauge.MOISTURE_METER ? 1 : 2, RoundingMode.HALF_EVEN);
            return new GaugeReading(gauge, shown, switch (gauge) {
                case CALIPER -> inches ? "in" : "mm";
                case ANGLE_GAUGE -> "deg";
                case MOISTURE_METER -> "%";
            });
        }

        private void typed() {
            try {
                GaugeReading read = GaugeReading.read(gauge.word() + " " + number.getText() + " " + reading().unit())
                        .orElseThrow();
                double now = read.value().doubleValue();
                refuse("");
                if (!read.line().equals(reading().line())) {
                    show(read.unit().equals("in") ? Length.inches(1).toMm() * now : now);
                }
            } catch (Refusal unreadable) {
                refuse(desk.said(unreadable));
            }
        }

        private void refuse(String why) {
            refused.setText(why);
            refused.setVisible(!why.isEmpty());
            refused.setManaged(!why.isEmpty());
        }

        private void show(double now) {
            value = now;
            number.setText(reading().value().toPlainString());
            update();
        }

        private void update() {
            double share = Math.clamp(value / most(), 0, 1);
            GaugeReading shows = reading();
            if (!number.isFocused()) {
                number.setText(shows.value().toPlainString());
            }
            unit.setText(Labels.get("gauge.unit." + shows.unit().replace("%", "percent")));
            if (!slider.isFocused() && !slider.isValueChanging()) {
                slider.setValue(share);
            }
            picture.draw(
                    shows.typed(),
                    space -> GaugeDrawing.draw(
                            gauge,
                            share,
                            shows.typed(),
                            PictureView.reader(desk),
                            space.getWidth(),
                            space.getHeight()));
        }
    }
}
