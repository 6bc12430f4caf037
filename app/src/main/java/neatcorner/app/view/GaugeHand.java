package neatcorner.app.view;

import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import neatcorner.core.gauge.Gauge;
import neatcorner.core.gauge.GaugeReading;
import neatcorner.core.words.Phrasebook;

/** Puts what an instrument says where a number waits for it, as a hand would type it. */
final class GaugeHand {
    private final Desk desk;
    private final Supplier<Optional<Node>> chosen;
    private final Function<GaugeReading, Boolean> bench;

    /**
     * The hand.
     *
     * @param chosen what has the keyboard
     * @param bench  takes it at the bench; says no where nothing waits for it
     */
    GaugeHand(Desk desk, Supplier<Optional<Node>> chosen, Function<GaugeReading, Boolean> bench) {
        this.desk = desk;
        this.chosen = chosen;
        this.bench = bench;
    }

    /** Lets a field wait for an instrument whenever it is chosen. */
    static <T extends TextField> T waits(T field, Gauge gauge) {
        field.getProperties().put(Gauge.class, gauge);
        return field;
    }

    /** Takes a reading; says where nothing waits for it. */
    Optional<String> take(GaugeReading reading) {
        boolean taken = desk.page() == Page.BENCH
                ? bench.apply(reading)
                : chosen.get().filter(node -> typed(node, reading)).isPresent();
        return taken
                ? Optional.empty()
                : Optional.of(desk.book()
                        .say(
                                "gauge.nobody_waits",
                                desk.book().say(Phrasebook.keyOf(reading.gauge())),
                                reading.typed()));
    }

    private static boolean typed(Node chosen, GaugeReading reading) {
        if (chosen instanceof TextField field && reading.gauge() == field.getProperties().get(Gauge.class)) {
            field.setText(reading.typed());
            field.fireEvent(new ActionEvent());
            return true;
        }
        for (Node node = chosen; node != null; node = node.getParent()) {
            if (node instanceof TagField tag) {
                return reading.gauge() == Gauge.CALIPER && tag.takes(reading.typed());
            }
        }
        return false;
    }
}
