package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.wood.Ware;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** The shop, the jobs and the files, on the real interface. */
class ShopAndJobsTest extends OnTheDemo {
    /** From the shop back to the job: first an open entry is left, then the shop. */
    @Test
    void escapeLeadsFromTheShopBackToTheJob() throws Exception {
        hand.push(KeyCode.SHORTCUT, KeyCode.R).write("walnut");
        assertThat(on(desk::isInShop)).isTrue();
        hand.push(KeyCode.ESCAPE);
        assertThat(on(() -> ((TextInputControl) view.lookup("#rack-search")).getText())).isEmpty();
        assertThat(on(desk::isInShop)).isTrue();
        hand.push(KeyCode.ESCAPE);
        assertThat(on(desk::isInShop)).isFalse();
    }

    @Test
    void theShopsHabitsAreTypedOnItsOwnPage() throws Exception {
        hand.push(KeyCode.SHORTCUT, KeyCode.K);
        hand.clickOn("#shop-habits");
        type("habit.play", "1/16");
        hand.push(KeyCode.ENTER);
        assertThat(on(() -> desk.shop().habits().values())).containsValue(Length.inches(0, 1, 16));
        assertThat(plan().frame().width(Line.RABBET)).isEqualTo(Length.inches(12, 1, 16));
    }

    /** The longest pin of the certificate's corners is ticked off, and the next shorter one takes its place. */
    @Test
    void aSizeThatIsNotAtHandIsAskedForNoMore() throws Exception {
        on(() -> {
            desk.open(desk.jobs().stream()
                    .filter(job -> job.title().startsWith("Certificate"))
                    .findFirst()
                    .orElseThrow()
                    .id());
            return true;
        });
        assertThat(pin()).isEqualTo(Length.inches(1, 1, 4));
        hand.push(KeyCode.SHORTCUT, KeyCode.K);
        hand.clickOn("#shop-joining");
        hand.clickOn("#size-pin-" + Ware.PIN.sizes().indexOf(Length.inches(1, 1, 4)));
        assertThat(pin()).isEqualTo(Length.inches(1));
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(pin()).isEqualTo(Length.inches(1, 1, 4));
    }

    private Length pin() throws Exception {
        return plan().joints().used().settings().getFirst().value();
    }

    @Test
    void sticksAreCountedOnTheShopsPage() throws Exception {
        hand.push(KeyCode.SHORTCUT, KeyCode.K);
        int before = on(() -> desk.shop().mouldings().getFirst().onHand().getFirst().count());
        Node more = on(() -> all(
                        view.lookup("#rack-item"),
                        n -> n instanceof Button b && b.getText().equals("+"))
                .findFirst()
                .orElseThrow());
        hand.clickOn(more);
        assertThat(on(() -> desk.shop().mouldings().getFirst().onHand().getFirst().count())).isEqualTo(before + 1);
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(on(() -> desk.shop().mouldings().getFirst().onHand().getFirst().count())).isEqualTo(before);
    }

    @Test
    void jobsAreSearchedTakenUpAndBegun() throws Exception {
        hand.push(KeyCode.SHORTCUT, KeyCode.J);
        hand.write("hall mirror");
        List<Node> found = on(() -> all(view.lookup("#jobs"), n -> n.getStyleClass().contains("job")).toList());
        assertThat(found).hasSize(1);
        hand.clickOn(found.getFirst());
        assertThat(plan().job().title()).isEqualTo("Hall mirror");
        hand.push(KeyCode.SHORTCUT, KeyCode.N);
        assertThat(plan().job().title()).isEqualTo("New frame " + on(() -> desk.jobs().size()));
        hand.push(KeyCode.SHORTCUT, KeyCode.J);
        hand.write("mirror").push(KeyCode.ENTER);
        assertThat(plan().job().title()).as("the first found, by Enter").isEqualTo("Hall mirror");
        hand.push(KeyCode.SHORTCUT, KeyCode.J);
        hand.push(KeyCode.DOWN).push(KeyCode.DOWN).push(KeyCode.ENTER);
        assertThat(plan().job().title()).as("the second, by arrows").isEqualTo(on(() -> desk.jobs().get(1).title()));
    }

    /**
     * A job put away leaves the list and is found among those put away, comes back, and is removed only when asked
     * twice.
     */
    @Test
    void jobsArePutAwayAndRemoved() throws Exception {
        hand.push(KeyCode.SHORTCUT, KeyCode.J);
        hand.write("mirror");
        press("Put away: Hall mirror");
        assertThat(listed()).doesNotContain("Hall mirror");
        hand.clickOn("#jobs-away");
        assertThat(listed()).contains("Hall mirror");
        press("Take out: Hall mirror");
        assertThat(listed()).doesNotContain("Hall mirror");
        hand.clickOn("#jobs-away");
        press("Put away: Hall mirror");
        hand.clickOn("#jobs-away");
        press("Remove: Hall mirror");
        assertThat(listed()).as("asked once").contains("Hall mirror");
        press("Remove: Hall mirror");
        assertThat(listed()).doesNotContain("Hall mirror");
        assertThat(on(() -> desk.jobs().stream().map(job -> job.title()).toList()))
                .doesNotContain("Hall mirror")
                .isNotEmpty();
    }

    private List<String> listed() throws Exception {
        return on(() -> all(view.lookup("#jobs"), n -> n.getStyleClass().contains("job"))
                .map(Node::getAccessibleText)
                .toList());
    }

    private void press(String button) throws Exception {
        hand.clickOn(on(() -> all(view.lookup("#jobs"), n -> button.equals(n.getAccessibleText()))
                .findFirst()
                .orElseThrow()));
    }

    /** The platform's file dialog is a port; here it answers at once. */
    @Test
    void theSheetGoesWhereTheMakerSays() throws Exception {
        Path pdf = folder.resolve("wall.pdf");
        when(files.whereTo(any())).thenReturn(Optional.of(pdf));
        hand.clickOn("#sheet");
        WaitForAsyncUtils.waitFor(90, TimeUnit.SECONDS, () -> Files.exists(pdf) && Files.size(pdf) > 1000);
        verify(files).whereTo("Seaweed pressing set of six.pdf");
    }

    /**
     * Every export can be written from the window; a drawing is kept among the recent files, and shown in its folder.
     */
    @Test
    void whatIsWrittenCanBeFoundAgain() throws Exception {
        Path svg = folder.resolve("frame.svg");
        when(files.whereTo(any())).thenReturn(Optional.of(svg));
        MenuButton write = (MenuButton) view.lookup("#write");
        on(() -> {
            write.fireEvent(new Event(MenuButton.ON_SHOWING));
            return true;
        });
        assertThat(write.getItems())
                .extracting(MenuItem::getId)
                .contains("export-frame-pdf", "export-pieces-dxf", "export-section-svg", "export-cuts-csv");
        on(() -> {
            write.getItems().stream()
                    .filter(item -> "export-frame-svg".equals(item.getId()))
                    .findFirst()
                    .orElseThrow()
                    .fire();
            return true;
        });
        WaitForAsyncUtils.waitFor(
                15,
                TimeUnit.SECONDS,
                () -> Files.exists(svg)
                        && Files.readString(svg).contains("</svg>")
                        && !on(desk::recentFiles).isEmpty());
        assertThat(on(desk::recentFiles)).containsExactly(svg.toAbsolutePath());
        verify(files).whereTo("Seaweed pressing set of six frame.svg");
        hand.clickOn("#show-file");
        verify(files).show(svg);
    }

    @Test
    void aJobGoesToAFileAndComesBackFromIt() throws Exception {
        Path json = folder.resolve("job.json");
        when(files.whereTo(any())).thenReturn(Optional.of(json));
        hand.push(KeyCode.SHORTCUT, KeyCode.S);
        WaitForAsyncUtils.waitFor(90, TimeUnit.SECONDS, () -> Files.exists(json) && Files.size(json) > 500);
        Files.writeString(json, Files.readString(json).replace("Seaweed pressing, set of six", "Came back"));
        when(files.which()).thenReturn(Optional.of(json));
        hand.push(KeyCode.SHORTCUT, KeyCode.O);
        // Files are read on a thread of their own.
        WaitForAsyncUtils.waitFor(
                15, TimeUnit.SECONDS, () -> plan().job().title().equals("Came back"));
        assertThat(plan().job().quantity()).isEqualTo(6);
        Files.writeString(json, "{}");
        hand.push(KeyCode.SHORTCUT, KeyCode.O);
        WaitForAsyncUtils.waitFor(
                15, TimeUnit.SECONDS, () -> messages().stream().anyMatch(said -> said.contains("format")));
        assertThat(plan().job().title()).isEqualTo("Came back");
        assertThat(messages())
                .singleElement()
                .satisfies(said -> assertThat(said).contains("job.json", "format"));
    }

    private List<String> messages() throws Exception {
        return on(() -> all(view, n -> n.getStyleClass().contains("message"))
                .map(n -> ((Labeled) n).getText())
                .toList());
    }
}
