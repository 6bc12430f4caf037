package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Labeled;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.outline.Line;
import neatcorner.core.section.Holds;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;

/** Frames that meet square, bars across and surrounds, built in the window. */
class SquaredTest extends OnTheDemo {
    private List<String> said() throws Exception {
        return on(() -> all(view, Labeled.class::isInstance)
                .map(node -> ((Labeled) node).getText())
                .filter(text -> text != null)
                .toList());
    }

    private List<String> offered(String id) throws Exception {
        return on(() -> {
            ComboBox<?> box = (ComboBox<?>) view.lookup(id);
            return box.getItems().stream().map(Object::toString).toList();
        });
    }

    @Test
    void cornersAreHalfLappedAndPeggedAndMitredAgain() throws Exception {
        take(0);
        choose("#meeting", Station.CORNERS, 2 + SquareCorner.HALF_LAPPED.ordinal());
        assertThat(plan().job().squared()).isPresent();
        assertThat(plan().frame().members()).allMatch(member -> member.isSquare());
        assertThat(said()).anyMatch(text -> text.startsWith("1. Lay the four pieces out"));
        assertThat(offered("#joint")).noneMatch(text -> text.contains("splined"));
        List<JointKind> kinds = plan().joints().options().stream()
                .map(option -> option.kind())
                .toList();
        choose("#joint", Station.CORNERS, 1 + kinds.indexOf(JointKind.PEGGED));
        assertThat(plan().joints().chosen()).isEqualTo(JointKind.PEGGED);
        choose("#through", Station.CORNERS, 1);
        assertThat(plan().joints().chosen())
                .as("the other way round the same joint holds")
                .isEqualTo(JointKind.PEGGED);
        Stream.of(Station.values()).forEach(station -> {
            try {
                go(station);
            } catch (Exception failed) {
                throw new AssertionError(failed);
            }
        });
        choose("#meeting", Station.CORNERS, 0);
        assertThat(plan().job().squared()).isEmpty();
    }

    /** The stretched panel of the demonstration. */
    @Test
    void barsArePutAcrossAndTakenOut() throws Exception {
        take(6);
        choose("#cross-level", Station.BRIEF, 2);
        assertThat(plan().job().body().cross()).isEqualTo(new CrossBars(1, 2));
        assertThat(plan().frame().cross()).hasSize(3);
        choose("#cross-level", Station.BRIEF, 0);
        choose("#hardware", Station.HANG, 1 + Hardware.LAID.ordinal());
        assertThat(plan().job().isStretcher()).as("what lies is a tray").isFalse();
    }

    @Test
    void aFrameBecomesASurroundOverAMirror() throws Exception {
        take(0);
        choose("#holds", Station.SECTION, Holds.OVER.ordinal());
        assertThat(plan().frame().has(Line.GLASS)).isTrue();
        assertThat(plan().job().contents().layers()).isEmpty();
        go(Station.FIT);
        assertThat(said()).anyMatch(text -> text.startsWith("Change the mirror's clips"));
        go(Station.HANG);
        assertThat(plan().hang().hookHeight()).isEmpty();
    }
}
