package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.event.ActionEvent;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import neatcorner.core.drawing.Handle;
import neatcorner.core.drawing.Mark;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Outline;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Outlines and sections shaped by hand: dragged, chosen and brought in, in the real interface. */
class ShapingTest extends OnTheDemo {
    private static final int PENNANT = 9;
    private static final int MIRROR = 4;
    private void at(int job, Station station) throws Exception {
        take(job);
        go(station);
    }

    /** Takes hold of a grip and lets go of it so many pixels away. */
    private Mark.Grip drag(Handle grip, double dx, double dy) throws Exception {
        PictureView picture = (PictureView) view.lookup("#frame-picture");
        Mark.Grip mark = on(() -> picture.grips().filter(g -> g.what().equals(grip)).findFirst().orElseThrow());
        Point2D from = on(() -> picture.localToScreen(mark.at().x(), mark.at().y()));
        hand.drag(from, from.add(dx, dy));
        WaitForAsyncUtils.waitForFxEvents();
        return mark;
    }

    @Test
    void aCornerOfAPolygonIsDragged() throws Exception {
        at(PENNANT, Station.BRIEF);
        Length before = ((Outline.Free) plan().job().outline()).corners().get(1).x();
        Mark.Grip grip = drag(new Handle.Corner(1), 30, 0);
        Length after = ((Outline.Free) plan().job().outline()).corners().get(1).x();
        assertThat(after.minus(before).toMm()).isCloseTo(30 / grip.unit(), within(1.7));
        on(() -> {
            desk.undo();
            return true;
        });
        assertThat(((Outline.Free) plan().job().outline()).corners().get(1).x()).isEqualTo(before);
    }

    /** The rabbet's wall moves with the mouse, from mark to mark of the tape, and the whole frame follows. */
    @Test
    void theRabbetIsDraggedOnTheSection() throws Exception {
        at(MIRROR, Station.SECTION);
        Length lip = plan().job().section().lip();
        Mark.Grip grip = drag(new Handle.Number(SectionKey.LIP), -20, 0);
        Length wider = plan().job().section().lip();
        assertThat(wider.minus(lip).toMm()).isCloseTo(20 / grip.unit(), within(1.0));
        assertThat(wider.nanometres() % Length.inches(0, 1, 16).nanometres()).isZero();
    }

    /** Dragged past what can be, the section stays as it was. */
    @Test
    void aDragThatCannotBeChangesNothing() throws Exception {
        at(MIRROR, Station.SECTION);
        Section before = plan().job().section();
        drag(new Handle.Number(SectionKey.RABBET_DEPTH), 0, -220);
        assertThat(plan().job().section()).isEqualTo(before);
    }

    @Test
    void aReadySectionIsTakenAndBuiltUponFromTheLists() throws Exception {
        at(0, Station.SECTION);
        pick("#ready", 9);
        assertThat(plan().job().section().strips()).hasSize(3);
        on(() -> {
            ((Button) find("#section-add_strip")).fire();
            return true;
        });
        assertThat(plan().job().section().strips()).hasSize(4);
        pick("#holds", 1);
        assertThat(plan().job().section().recess()).isInstanceOf(Recess.DoubleRabbet.class);
        pick("#band", 1);
        assertThat(plan().job().section().band()).isPresent();
        pick("#rabbeting", 1);
        assertThat(plan().making().steps().getLast().tool().name()).isEqualTo("HAND_ROUTER");
    }

    /** A cat on the keyboard: what is refused is said, but not echoed by the hundred characters. */
    @Test
    void longNonsenseIsRefusedInShort() throws Exception {
        at(0, Station.BRIEF);
        on(() -> {
            TextField field = (TextField) find("#quantity");
            field.setText("9".repeat(5000));
            field.getOnAction().handle(new ActionEvent());
            return true;
        });
        assertThat(on(() -> ((Label) view.lookup(".refusal")).getText()))
                .contains("999…999", "1 to 999")
                .hasSizeLessThan(200);
    }

    /** A wood with the maker's own density weighs what he says: mass grows with it, volume stays. */
    @Test
    void aWoodOfOnesOwnIsWeighedByItsOwnDensity() throws Exception {
        at(MIRROR, Station.SECTION);
        double before = plan().hang().weight().total().value().toKg();
        double density = plan().job().section().species().density();
        on(() -> {
            ((Button) find("#species-1-own")).fire();
            TextField field = (TextField) find("#species-1-density");
            field.setText(Double.toString(density + 100));
            field.getOnAction().handle(new ActionEvent());
            return true;
        });
        assertThat(plan().job().section().species().isOwn()).isTrue();
        double wood = plan().hang().weight().total().value().toKg() - before;
        assertThat(wood).isPositive();
        on(() -> {
            TextField field = (TextField) find("#species-1-density");
            field.setText(Double.toString(density + 200));
            field.getOnAction().handle(new ActionEvent());
            return true;
        });
        assertThat(plan().hang().weight().total().value().toKg() - before)
                .as("twice the density more, twice the weight more")
                .isCloseTo(2 * wood, within(0.005));
    }

    /** A stranger's drawing becomes a frame with a cut list in two steps: choose the file, say the unit. */
    @Test
    void anOutlineFromADrawingBecomesAFrame() throws Exception {
        Path drawing = folder.resolve("pond.svg");
        Files.writeString(
                drawing,
                "<svg xmlns='http://www.w3.org/2000/svg' width='300mm' height='200mm' viewBox='0 0 300 200'><path d='M"
                        + " 0 0 H 300 V 150 L 220 200 H 0 Z'/></svg>");
        when(files.which()).thenReturn(Optional.of(drawing));
        at(0, Station.BRIEF);
        on(() -> {
            ((Button) find("#import-outline")).fire();
            return true;
        });
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> plan().job().outline() instanceof Outline.Free);
        assertThat(plan().frame().members()).hasSize(5);
        assertThat(plan().cuts().sticks()).isNotEmpty();
    }

    private Node find(String id) {
        return Optional.ofNullable(view.lookup(id)).orElseThrow(() -> new AssertionError(id + " is not shown"));
    }

    private void pick(String id, int index) throws Exception {
        on(() -> {
            ((ComboBox<?>) find(id)).getSelectionModel().select(index);
            return true;
        });
    }
}
