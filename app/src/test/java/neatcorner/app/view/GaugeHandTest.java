package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import neatcorner.app.desk.Page;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import org.junit.jupiter.api.Test;

/** A reading lands in the number that waits for it, and nowhere else. */
class GaugeHandTest extends OnTheDemo {
    private void hear(String line) throws Exception {
        on(() -> {
            desk.gauges().hear(line + "\n");
            return true;
        });
        settle();
    }

    private boolean says(String words) throws Exception {
        return on(() -> all(view, Label.class::isInstance)
                .anyMatch(label -> ((Label) label).getText().replace('\u00a0', ' ').contains(words)));
    }

    @Test
    void aLengthIsTypedOverTheChosenNumberOfTheDrawing() throws Exception {
        on(() -> {
            view.focusDrawing();
            return true;
        });
        settle();
        Length before = on(() -> desk.plan().job().given(Axis.WIDTH).orElseThrow().length());
        hear("angle 45 deg");
        assertThat(says("No number waits for it")).isTrue();
        assertThat(on(() -> desk.plan().job().given(Axis.WIDTH).orElseThrow().length())).isEqualTo(before);
        hear("length 310.5 mm");
        assertThat(on(() -> desk.plan().job().given(Axis.WIDTH).orElseThrow().length())).isEqualTo(Length.mm(310.5));
        hear("length 5 furlongs");
        assertThat(says("is no reading")).isTrue();
        assertThat(on(() -> desk.plan().job().given(Axis.WIDTH).orElseThrow().length())).isEqualTo(Length.mm(310.5));
    }

    @Test
    void anAngleIsTypedWhereThatIsAskedFor() throws Exception {
        TextField at = on(() -> {
            desk.goTo(Page.PROVING);
            view.applyCss();
            view.layout();
            TextField field = (TextField) view.lookup("#proving-at");
            field.requestFocus();
            return field;
        });
        settle();
        String before = on(at::getText);
        hear("length 30 mm");
        String untouched = on(at::getText);
        assertThat(untouched).isEqualTo(before);
        hear("angle 30 deg");
        String read = on(at::getText);
        assertThat(read).startsWith("30");
    }
}
