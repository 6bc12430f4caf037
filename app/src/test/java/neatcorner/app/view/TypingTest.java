package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.report.Finding;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;

/** Numbers typed on the drawings, on the real interface. */
class TypingTest extends OnTheDemo {
    @Test
    void aSizeIsTypedOnTheDrawingAndTheWholePlanFollows() throws Exception {
        type("glass.width", "14 1/2");
        assertThat(plan().frame().width(Line.GLASS))
                .as("it already shows while it is typed")
                .isEqualTo(Length.inches(14, 1, 2));
        hand.push(KeyCode.ENTER);
        assertThat(plan().frame().width(Line.OUTSIDE)).isEqualTo(Length.inches(17, 3, 8));
        assertThat(on(() -> desk.book().say(desk.history().getLast().words()))).contains("14 1/2");
    }

    @Test
    void escapeLeavesTheNumberAsItWas() throws Exception {
        type("glass.width", "20");
        hand.push(KeyCode.ESCAPE);
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(12));
        assertThat(on(() -> desk.history().size())).isEqualTo(1);
    }

    @Test
    void aDigitOnAChosenNumberBeginsTypingWithoutTheMouse() throws Exception {
        hand.clickOn(tag("glass.width"));
        hand.write("9").push(KeyCode.ENTER);
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(9));
    }

    /** A chord takes what is being typed for the job it was typed in, and none of its keys ends in a field. */
    @Test
    void aChordTakesTheOpenEntryAndTypesNothing() throws Exception {
        String first = on(() -> desk.jobId());
        type("glass.width", "33");
        hand.push(KeyCode.SHORTCUT, KeyCode.N);
        assertThat(plan().frame().width(Line.GLASS)).isNotEqualTo(Length.inches(33));
        hand.push(KeyCode.ENTER);
        assertThat(plan().frame().width(Line.GLASS)).as("the new job").isNotEqualTo(Length.inches(33));
        on(() -> {
            desk.open(first);
            return true;
        });
        settle();
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(33));
        hand.clickOn(tag("glass.width"));
        hand.push(KeyCode.SHORTCUT, KeyCode.DIGIT4);
        assertThat(on(() -> desk.station())).isEqualTo(Station.CUTS);
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(33));
    }

    /** What is only shown is never written back rounded. */
    @Test
    void aUnitChangedWhileANumberIsOpenDoesNotRoundIt() throws Exception {
        hand.push(KeyCode.SHORTCUT, KeyCode.U);
        type("glass.width", "421");
        hand.push(KeyCode.ENTER);
        hand.clickOn(tag("glass.width"));
        hand.push(KeyCode.ENTER).push(KeyCode.SHORTCUT, KeyCode.U).push(KeyCode.ENTER).push(KeyCode.ENTER);
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.mm(421));
    }

    @Test
    void nonsenseStaysAsTypedWithTheReasonBelow() throws Exception {
        type("glass.width", "12 apples");
        hand.push(KeyCode.ENTER);
        assertThat(all(view, n -> n.getStyleClass().contains("refusal") && n.isVisible())
                        .map(n -> ((Labeled) n).getText())
                        .toList())
                .anySatisfy(reason -> assertThat(reason).contains("apples", "not a unit"));
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(12));
    }

    @Test
    void aWorkedOutNumberAsksWhatGivesWay() throws Exception {
        type("member.top.long", "15 7/8");
        hand.push(KeyCode.ENTER);
        List<MenuItem> choices = List.copyOf(Window.getWindows()).stream()
                .filter(ContextMenu.class::isInstance).map(ContextMenu.class::cast)
                .flatMap(menu -> menu.getItems().stream()).filter(item -> item.getOnAction() != null).toList();
        assertThat(choices)
                .extracting(MenuItem::getText)
                .anySatisfy(text -> assertThat(text).contains("face becomes 2 1/16"))
                .anySatisfy(text -> assertThat(text).contains("glass, wide becomes 13"));
        on(() -> {
            choices.stream().filter(item -> item.getText().startsWith("face")).findFirst().orElseThrow().fire();
            return true;
        });
        assertThat(plan().frame().width(Line.OUTSIDE)).isEqualTo(Length.inches(15, 7, 8));
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(12));
    }

    @Test
    void undoAndRedoFollowTheKeyboard() throws Exception {
        type("glass.height", "20");
        hand.push(KeyCode.ENTER);
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(plan().frame().height(Line.GLASS)).isEqualTo(Length.inches(13));
        hand.push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.Z);
        assertThat(plan().frame().height(Line.GLASS)).isEqualTo(Length.inches(20));
    }

    @Test
    void diagonalsAreTypedOnTheDrawing() throws Exception {
        go(Station.GLUE_UP);
        type("measured.diagonal_ac", "21 7/8");
        hand.push(KeyCode.ENTER);
        type("measured.diagonal_bd", "21 5/8");
        hand.push(KeyCode.ENTER);
        assertThat(plan().job().measured()).containsEntry(Tape.DIAGONAL_AC, Length.inches(21, 7, 8));
        assertThat(plan().findings()).extracting(Finding::id).contains("out_of_square");
    }

    @Test
    void theSectionIsTypedOnItsDrawing() throws Exception {
        go(Station.SECTION);
        type("section.face", "2");
        hand.push(KeyCode.ENTER);
        assertThat(plan().frame().width(Line.OUTSIDE)).isEqualTo(Length.inches(15, 3, 4));
        type("section.lip", "3");
        hand.push(KeyCode.ENTER);
        assertThat(plan().job().section().lip())
                .as("a lip wider than the face is refused")
                .isEqualTo(Length.inches(0, 3, 16));
    }

    @Test
    void theTitleAndTheQuantityAreTypedInTheBrief() throws Exception {
        TextInputControl quantity = on(() -> (TextInputControl) all(view, n -> n instanceof TextInputControl t
                && "how many".equals(t.getAccessibleText())).findFirst().orElseThrow());
        hand.doubleClickOn(quantity).push(KeyCode.SHORTCUT, KeyCode.A).write("9").push(KeyCode.ENTER);
        assertThat(plan().job().quantity()).isEqualTo(9);
        hand.doubleClickOn(quantity).push(KeyCode.SHORTCUT, KeyCode.A).write("many").push(KeyCode.ENTER);
        assertThat(plan().job().quantity()).isEqualTo(9);
        assertThat(all(view, n -> n.getStyleClass().contains("refusal")).map(n -> ((Labeled) n).getText()).toList())
                .anySatisfy(said -> assertThat(said).contains("many"));
    }
}
