package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Parts added to a job, looked at and taken out again, in the window. */
class PartsTest extends OnTheDemo {
    private List<String> names() throws Exception {
        return plan().job().parts().stream().map(Part::name).toList();
    }

    private boolean isMarked(String part) throws Exception {
        return on(() -> ((Button) view.lookup(part)).getGraphic() != null);
    }

    @Test
    void aRimIsAddedAndTypedAndTakenBack() throws Exception {
        assertThat(view.lookup("#part-0")).as("a part that is alone needs no strip").isNull();
        hand.clickOn("#add-part");
        hand.clickOn("#offer-rim");
        assertThat(names()).containsExactly("frame", "rim");
        assertThat(plan().job().part().name()).as("it is looked at at once").isEqualTo("rim");
        assertThat(plan().frame().width(Line.SIGHT))
                .isEqualTo(plan().assembly().frame(0).width(Line.OUTSIDE));
        type("place.proud", "1/4");
        hand.push(KeyCode.ENTER);
        assertThat(plan().job().placement())
                .contains(new Placement.Around("frame", Length.ZERO, Length.inches(0, 1, 4)));
        assertThat(on(() -> desk.book().say(desk.history().getLast().words()))).startsWith("rim: ");

        type("place.proud", "4");
        hand.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitFor(90, TimeUnit.SECONDS, () -> isMarked("#part-1"));
        assertThat(isMarked("#part-0")).isFalse();
        hand.clickOn("#remedy-part_misses");
        WaitForAsyncUtils.waitFor(90, TimeUnit.SECONDS, () -> !isMarked("#part-1"));

        hand.clickOn("#part-0");
        type("glass.width", "20");
        hand.push(KeyCode.ENTER);
        assertThat(plan().job().seen()).as("the frame stays in view").isZero();
        assertThat(plan().assembly().frame(1).width(Line.SIGHT))
                .as("the rim grows with it")
                .isEqualTo(plan().frame().width(Line.OUTSIDE));

        for (int edits = 0; edits < 5; edits++) {
            hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        }
        assertThat(names()).containsExactly("frame");
        hand.push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.Z);
        hand.clickOn("#part-1");
        hand.clickOn("#remove-part");
        assertThat(names()).containsExactly("frame");
    }

    @Test
    void everyStationShowsThePartThatIsChosen() throws Exception {
        take(16);
        hand.clickOn("#part-2");
        for (Station station : Station.values()) {
            go(station);
            assertThat(plan().job().part().name()).isEqualTo("spacer");
        }
        go(Station.CUTS);
        List<String> texts = on(() -> all(view, Labeled.class::isInstance)
                .map(node -> ((Labeled) node).getText())
                .toList());
        assertThat(texts).as("pieces of all parts").anyMatch(text -> text != null && text.contains("pieces: 12"));
        assertThat(on(() -> desk.cut())).isEmpty();
        assertThat(plan().job().parts()).allMatch(part -> part.choices().cutting().isMade());
        assertThat(plan().job().parts().get(1).choices().cutting().made())
                .singleElement()
                .satisfies(made -> assertThat(made.section()).isEqualTo("walnut strip"));
    }
}
