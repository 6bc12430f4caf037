package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import neatcorner.app.desk.Appearance;
import neatcorner.app.desk.Page;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.Palette;
import neatcorner.core.drawing.Picture;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Unit;
import neatcorner.core.outline.Line;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.util.WaitForAsyncUtils;

/** The real interface on the toolkit's offscreen platform, with mouse and keyboard. */
class MainViewTest extends OnTheDemo {
    @Start
    void start(Stage stage) throws Exception {
        open(stage);
    }

    private Node tag(String figure) {
        return all(
                        view,
                        node -> node instanceof TagField tag
                                && tag.figure().id().equals(figure)
                                && node.getScene() != null)
                .findFirst()
                .orElseThrow();
    }

    private void type(FxRobot robot, String figure, String text) {
        robot.clickOn(tag(figure));
        settle();
        robot.push(KeyCode.F2);
        settle();
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        settle();
        robot.write(text);
        settle();
    }

    @Test
    void aSizeIsTypedOnTheDrawingAndTheWholePlanFollows(FxRobot robot) throws Exception {
        type(robot, "glass.width", "14 1/2");
        assertThat(plan().frame().width(Line.GLASS))
                .as("it already shows while it is typed")
                .isEqualTo(Length.inches(14, 1, 2));
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(plan().frame().width(Line.OUTSIDE)).isEqualTo(Length.inches(17, 3, 8));
        assertThat(on(() -> desk.book().say(desk.history().getLast().words()))).contains("14 1/2");
    }

    @Test
    void escapeLeavesTheNumberAsItWas(FxRobot robot) throws Exception {
        type(robot, "glass.width", "20");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(12));
        assertThat(on(() -> desk.history().size())).isEqualTo(1);
    }

    @Test
    void aDigitOnAChosenNumberBeginsTypingWithoutTheMouse(FxRobot robot) throws Exception {
        robot.clickOn(tag("glass.width"));
        robot.write("9").push(KeyCode.ENTER);
        settle();
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(9));
    }

    /** A chord takes what is being typed for the job it was typed in, and none of its keys ends in a field. */
    @Test
    void aChordTakesTheOpenEntryAndTypesNothing(FxRobot robot) throws Exception {
        String first = on(() -> desk.jobId());
        type(robot, "glass.width", "33");
        robot.push(KeyCode.SHORTCUT, KeyCode.N);
        settle();
        assertThat(plan().frame().width(Line.GLASS)).isNotEqualTo(Length.inches(33));
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(plan().frame().width(Line.GLASS)).as("the new job").isNotEqualTo(Length.inches(33));
        on(() -> {
            desk.open(first);
            return true;
        });
        settle();
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(33));
        robot.clickOn(tag("glass.width"));
        robot.push(KeyCode.SHORTCUT, KeyCode.DIGIT4);
        settle();
        assertThat(on(() -> desk.station())).isEqualTo(Station.CUTS);
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(33));
    }

    /** What is only shown is never written back rounded. */
    @Test
    void aUnitChangedWhileANumberIsOpenDoesNotRoundIt(FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.U);
        type(robot, "glass.width", "421");
        robot.push(KeyCode.ENTER);
        settle();
        robot.clickOn(tag("glass.width"));
        robot.push(KeyCode.ENTER).push(KeyCode.SHORTCUT, KeyCode.U).push(KeyCode.ENTER).push(KeyCode.ENTER);
        settle();
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.mm(421));
    }

    @Test
    void nonsenseStaysAsTypedWithTheReasonBelow(FxRobot robot) throws Exception {
        type(robot, "glass.width", "12 apples");
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(all(view, n -> n.getStyleClass().contains("refusal") && n.isVisible())
                        .map(n -> ((Labeled) n).getText())
                        .toList())
                .anySatisfy(reason -> assertThat(reason).contains("apples", "not a unit"));
        assertThat(plan().frame().width(Line.GLASS)).isEqualTo(Length.inches(12));
    }

    @Test
    void aWorkedOutNumberAsksWhatGivesWay(FxRobot robot) throws Exception {
        type(robot, "member.top.long", "15 7/8");
        robot.push(KeyCode.ENTER);
        settle();
        List<MenuItem> choices = robot.robotContext().getWindowFinder().listWindows().stream()
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
    void undoAndRedoFollowTheKeyboard(FxRobot robot) throws Exception {
        type(robot, "glass.height", "20");
        robot.push(KeyCode.ENTER);
        settle();
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(plan().frame().height(Line.GLASS)).isEqualTo(Length.inches(13));
        robot.push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.Z);
        settle();
        assertThat(plan().frame().height(Line.GLASS)).isEqualTo(Length.inches(20));
    }

    @Test
    void oneKeyTurnsInchesIntoMillimetresAndDayIntoEvening(FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.U);
        settle();
        assertThat(on(() -> desk.appearance().graduation().unit())).isEqualTo(Unit.MM);
        robot.push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.U);
        settle();
        assertThat(on(() -> desk.appearance().graduation())).isEqualTo(Graduation.MM_TENTH);
        robot.clickOn("#inch");
        robot.push(KeyCode.SHORTCUT, KeyCode.L);
        settle();
        assertThat(on(() -> desk.appearance().palette())).isEqualTo(Palette.EVENING);
        for (int i = 0; i < 9; i++) {
            robot.push(KeyCode.SHORTCUT, KeyCode.PLUS);
        }
        settle();
        assertThat(on(() -> desk.appearance().textSize())).isEqualTo(160);
        robot.push(KeyCode.SHORTCUT, KeyCode.MINUS);
        settle();
        assertThat(on(() -> desk.appearance().textSize())).isEqualTo(150);
    }

    @ParameterizedTest
    @EnumSource(Station.class)
    void everyStationIsReachedByKeyboardAndByItsPiece(Station station, FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.valueOf("DIGIT" + (station.ordinal() + 1)));
        settle();
        assertThat(on(desk::station)).isEqualTo(station);
        robot.clickOn("#station-brief");
        robot.clickOn("#station-" + station.id());
        settle();
        assertThat(on(desk::station)).isEqualTo(station);
        robot.push(KeyCode.SHORTCUT, KeyCode.ENTER);
        settle();
        assertThat(plan().job().settled().contains(station))
                .isEqualTo(station != Station.BRIEF && station != Station.SECTION);
    }

    /** Every control a screen reader can stop at has a name, on every station and on the shop's page. */
    @Test
    void everyControlHasAnAccessibleName() throws Exception {
        for (int job : new int[] {0, 1, 2, 5, 6}) {
            take(job);
            for (Station station : Station.values()) {
                go(station);
                assertNamed(station.toString());
            }
        }
        on(() -> {
            desk.show(Page.SHOP);
            return true;
        });
        settle();
        for (String part : List.of("all", "sticks", "boards", "sheets", "clamps", "habits", "air", "books")) {
            on(() -> {
                ((Button) view.lookup("#shop-" + part)).fire();
                return true;
            });
            settle();
            assertNamed("the shop's " + part);
        }
    }

    /** Chosen from a file it is kept by the shop, seen in the frame, and taken out again by an undo. */
    @Test
    void theCustomersPictureStandsInTheFrame(FxRobot robot) throws Exception {
        BufferedImage red = new BufferedImage(64, 64, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = red.createGraphics();
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, 64, 64);
        Path file = folder.resolve("customer.png");
        ImageIO.write(red, "png", file.toFile());
        when(files.which()).thenReturn(Optional.of(file));
        int before = redDots();
        Optional<String> was = plan().job().contents().picture();
        on(() -> {
            ((Button) view.lookup("#picture-in")).fire();
            return true;
        });
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> redDots() > before + 2000);
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(plan().job().contents().picture()).isEqualTo(was);
        assertThat(redDots()).isEqualTo(before);
    }

    /** Pressed on the small frame, another corner is looked at. */
    @Test
    void anotherCornerIsLookedAtByPressingIt(FxRobot robot) throws Exception {
        go(Station.CORNERS);
        PictureView picture = (PictureView) view.lookup("#frame-picture");
        Mark.Spot spot = on(() -> picture.spots()
                .filter(s -> s.what().label().equals("D"))
                .findFirst()
                .orElseThrow());
        robot.clickOn(on(() -> picture.localToScreen(
                (spot.from().x() + spot.to().x()) / 2, (spot.from().y() + spot.to().y()) / 2)));
        settle();
        assertThat(on(desk::corner)).isEqualTo(2);
    }

    private int redDots() throws Exception {
        return on(() -> {
            WritableImage seen = view.lookup("#frame-picture").snapshot(null, null);
            int dots = 0;
            for (int x = 0; x < seen.getWidth(); x++) {
                for (int y = 0; y < seen.getHeight(); y++) {
                    dots += seen.getPixelReader().getArgb(x, y) == 0xFFFF0000 ? 1 : 0;
                }
            }
            return dots;
        });
    }

    /** From the shop back to the job: first an open entry is left, then the shop. */
    @Test
    void escapeLeadsFromTheShopBackToTheJob(FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.R).write("walnut");
        settle();
        assertThat(on(desk::isInShop)).isTrue();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(on(() -> ((TextInputControl) view.lookup("#rack-search")).getText())).isEmpty();
        assertThat(on(desk::isInShop)).isTrue();
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(on(desk::isInShop)).isFalse();
    }

    private void assertNamed(String where) throws Exception {
        List<String> nameless = on(() -> all(view, node -> node.isFocusTraversable() && node.isVisible()
                && !(node instanceof ScrollPane)).filter(node -> !isNamed(node)).map(Node::toString).toList());
        assertThat(nameless).as(where).isEmpty();
    }

    private static boolean isNamed(Node node) {
        boolean said = node.getAccessibleText() != null && !node.getAccessibleText().isBlank();
        boolean labelled = node instanceof Labeled labeled && labeled.getText() != null && !labeled.getText().isBlank();
        boolean prompted = node instanceof TextInputControl input
                && input.getPromptText() != null
                && !input.getPromptText().isBlank();
        return said || labelled || prompted || node instanceof ComboBoxBase<?> box && box.getAccessibleText() != null;
    }

    /** The window shows the figures of the plan, written as the plan as text writes them. */
    @Test
    void theTallyShowsThePlansOwnFigures() throws Exception {
        for (int job = 0; job < 7; job++) {
            take(job);
            go(Station.HANG);
            Plan plan = plan();
            String hook = on(() -> desk.book().write(plan.hang().hookHeight()));
            Button big = on(() -> (Button) view.lookup("#big-hang-hook_height"));
            assertThat(big.getAccessibleText()).endsWith(hook);
        }
    }

    @Test
    void aFigureThatIsPressedShowsItsWorking(FxRobot robot) throws Exception {
        go(Station.CUTS);
        robot.clickOn("#big-member-right-long");
        settle();
        List<String> texts = on(() -> all(view.lookup("#side"), Labeled.class::isInstance)
                .map(n -> ((Labeled) n).getText().replace('\u00a0', ' ')).toList());
        assertThat(texts).contains("glass, high", "+ play for fit", "+ faces, 2 × 1 9/16\"", "How 15 7/8\" came about");
    }

    @Test
    void aRemedyIsOnePress(FxRobot robot) throws Exception {
        take(3);
        go(Station.CUTS);
        assertThat(plan().findings()).extracting(Finding::id).contains("side_joined");
        robot.clickOn("#remedy-side_joined");
        settle();
        assertThat(plan().findings()).extracting(Finding::id).doesNotContain("side_joined");
        assertThat(plan().cuts().sticks()).isNotEmpty();
    }

    @Test
    void noRemedyLeadsToWhereOneAlreadyIs() throws Exception {
        int shown = 0;
        for (int job = 0; job < 7; job++) {
            take(job);
            for (Finding finding : plan().findings()) {
                go(finding.station());
                boolean here = finding.remedy()
                        .filter(r ->
                                !(r instanceof Remedy.Visit(_, Station where) && where == finding.station()))
                        .isPresent();
                assertThat(on(() -> view.lookup("#remedy-" + finding.id()) != null)).as(finding.id()).isEqualTo(here);
                shown++;
            }
        }
        assertThat(shown).isGreaterThan(10);
    }

    @Test
    void mouldingLayersJointGlueAndHardwareAreChosenFromLists() throws Exception {
        choose("#pack-glazing", Station.BRIEF, 2);
        choose("#moulding", Station.SECTION, 1);
        choose("#joint", Station.CORNERS, 3);
        choose("#adhesive", Station.GLUE_UP, 2);
        choose("#hardware", Station.HANG, 4);
        Plan plan = plan();
        assertThat(plan.job().section().name()).isEqualTo("thin walnut");
        assertThat(plan.joints().chosen()).isEqualTo(JointKind.V_FASTENED);
        assertThat(plan.glue().adhesive().name()).isEqualTo("HIDE");
        assertThat(plan.hang().chosen().name()).isEqualTo("CLEAT");
    }

    private void choose(String id, Station station, int index) throws Exception {
        go(station);
        on(() -> {
            ComboBox<?> box = (ComboBox<?>) view.lookup(id);
            box.getSelectionModel().select(index);
            return true;
        });
        settle();
    }

    @Test
    void diagonalsAreTypedOnTheDrawing(FxRobot robot) throws Exception {
        go(Station.GLUE_UP);
        type(robot, "measured.diagonal_ac", "21 7/8");
        robot.push(KeyCode.ENTER);
        type(robot, "measured.diagonal_bd", "21 5/8");
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(plan().job().measured()).containsEntry(Tape.DIAGONAL_AC, Length.inches(21, 7, 8));
        assertThat(plan().findings()).extracting(Finding::id).contains("out_of_square");
    }

    @Test
    void recipesAreTakenAndTheTinIsWrittenDown(FxRobot robot) throws Exception {
        take(3);
        go(Station.FINISH);
        robot.clickOn("#recipe-stained");
        settle();
        assertThat(plan().findings()).extracting(Finding::id).contains("product_not_written");
        robot.clickOn("#product-4").write("walnut").push(KeyCode.ENTER);
        settle();
        assertThat(plan().job().choices().finish().get(3).product()).isEqualTo("walnut");
    }

    @Test
    void notesGoIntoTheLog(FxRobot robot) throws Exception {
        go(Station.LOG);
        robot.clickOn("#note").write("a knot");
        robot.clickOn("#write-note");
        settle();
        assertThat(plan().job().notes()).singleElement().satisfies(note -> assertThat(note.text()).isEqualTo("a knot"));
    }

    @Test
    void jobsAreSearchedTakenUpAndBegun(FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.J);
        robot.write("mirror");
        settle();
        List<Node> found = on(() -> all(view.lookup("#jobs"), n -> n.getStyleClass().contains("job")).toList());
        assertThat(found).hasSize(1);
        robot.clickOn(found.getFirst());
        settle();
        assertThat(plan().job().title()).isEqualTo("Hall mirror");
        robot.push(KeyCode.SHORTCUT, KeyCode.N);
        settle();
        assertThat(plan().job().title()).isEqualTo("New frame " + on(() -> desk.jobs().size()));
        robot.push(KeyCode.SHORTCUT, KeyCode.J);
        robot.write("mirror").push(KeyCode.ENTER);
        settle();
        assertThat(plan().job().title()).as("the first found, by Enter").isEqualTo("Hall mirror");
        robot.push(KeyCode.SHORTCUT, KeyCode.J);
        robot.push(KeyCode.DOWN).push(KeyCode.DOWN).push(KeyCode.ENTER);
        settle();
        assertThat(plan().job().title()).as("the second, by arrows").isEqualTo(on(() -> desk.jobs().get(1).title()));
    }

    /**
     * A job put away leaves the list and is found among those put away, comes back, and is removed only when asked
     * twice.
     */
    @Test
    void jobsArePutAwayAndRemoved(FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.J);
        robot.write("mirror");
        settle();
        press("Put away: Hall mirror", robot);
        assertThat(listed()).doesNotContain("Hall mirror");
        robot.clickOn("#jobs-away");
        settle();
        assertThat(listed()).contains("Hall mirror");
        press("Take out: Hall mirror", robot);
        assertThat(listed()).doesNotContain("Hall mirror");
        robot.clickOn("#jobs-away");
        settle();
        press("Put away: Hall mirror", robot);
        robot.clickOn("#jobs-away");
        settle();
        press("Remove: Hall mirror", robot);
        assertThat(listed()).as("asked once").contains("Hall mirror");
        press("Remove: Hall mirror", robot);
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

    private void press(String button, FxRobot robot) throws Exception {
        robot.clickOn(on(() -> all(view.lookup("#jobs"), n -> button.equals(n.getAccessibleText()))
                .findFirst()
                .orElseThrow()));
        settle();
    }

    @Test
    void theKeysAreListedByF1(FxRobot robot) throws Exception {
        Set<Station> settled = plan().job().settled();
        robot.push(KeyCode.F1);
        settle();
        List<String> texts = on(() -> all(view.lookup("#shortcuts"), Labeled.class::isInstance)
                .map(n -> ((Labeled) n).getText())
                .toList());
        for (Shortcut shortcut : Shortcut.values()) {
            assertThat(texts).contains(shortcut.shown());
        }
        robot.push(KeyCode.TAB).push(KeyCode.TAB).push(KeyCode.ENTER);
        settle();
        assertThat(plan().job().settled()).as("what lies behind").isEqualTo(settled);
        assertThat(on(() -> view.lookup("#shortcuts").isVisible())).isFalse();
        robot.push(KeyCode.F1);
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(on(() -> view.lookup("#shortcuts").isVisible())).isFalse();
    }

    @Test
    void theShopsHabitsAreTypedOnItsOwnPage(FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.K);
        settle();
        robot.clickOn("#shop-habits");
        settle();
        type(robot, "habit.play", "1/16");
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(on(() -> desk.shop().habits().values())).containsValue(Length.inches(0, 1, 16));
        assertThat(plan().frame().width(Line.RABBET)).isEqualTo(Length.inches(12, 1, 16));
    }

    /** The platform's file dialog is a port; here it answers at once. */
    @Test
    void theSheetGoesWhereTheMakerSays(FxRobot robot) throws Exception {
        Path pdf = folder.resolve("wall.pdf");
        when(files.whereTo(any())).thenReturn(Optional.of(pdf));
        robot.clickOn("#sheet");
        WaitForAsyncUtils.waitFor(15, TimeUnit.SECONDS, () -> Files.exists(pdf) && Files.size(pdf) > 1000);
        verify(files).whereTo("Seaweed pressing set of six.pdf");
    }

    /**
     * Every export can be written from the window; a drawing is kept among the recent files, and shown in its folder.
     */
    @Test
    void whatIsWrittenCanBeFoundAgain(FxRobot robot) throws Exception {
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
        robot.clickOn("#show-file");
        verify(files).show(svg);
    }

    /** Each station shows a picture of its own; one room, and no other, is what is laid out instead. */
    @Test
    void everyStationHasItsOwnPicture() throws Exception {
        Set<Optional<Picture>> pictures = new HashSet<>();
        for (Station station : Station.values()) {
            pictures.add(on(() ->
                    Rooms.of(station).picture().map(drawn -> drawn.draw(desk, PictureView.reader(desk), 540, 600))));
            assertThat(on(() -> Rooms.of(station).station())).isEqualTo(station);
        }
        assertThat(pictures).hasSize(Station.values().length);
    }

    @Test
    void aJobGoesToAFileAndComesBackFromIt(FxRobot robot) throws Exception {
        Path json = folder.resolve("job.json");
        when(files.whereTo(any())).thenReturn(Optional.of(json));
        robot.push(KeyCode.SHORTCUT, KeyCode.S);
        WaitForAsyncUtils.waitFor(15, TimeUnit.SECONDS, () -> Files.exists(json) && Files.size(json) > 500);
        Files.writeString(json, Files.readString(json).replace("Seaweed pressing, set of six", "Came back"));
        when(files.which()).thenReturn(Optional.of(json));
        robot.push(KeyCode.SHORTCUT, KeyCode.O);
        settle();
        assertThat(plan().job().title()).isEqualTo("Came back");
        assertThat(plan().job().quantity()).isEqualTo(6);
        Files.writeString(json, "{}");
        robot.push(KeyCode.SHORTCUT, KeyCode.O);
        settle();
        assertThat(plan().job().title()).isEqualTo("Came back");
        assertThat(on(() -> all(view, n -> n.getStyleClass().contains("message"))
                        .map(n -> ((Labeled) n).getText())
                        .toList()))
                .singleElement()
                .satisfies(said -> assertThat(said).contains("job.json", "format"));
    }

    /** Nothing of the drawing's tags is cut off or lies over another, on any station of any demo job. */
    @Test
    void tagsOfTheFrameNeverOverlap() throws Exception {
        int jobs = on(() -> desk.jobs().size());
        for (int job = 0; job < jobs; job++) {
            take(job);
            for (Station station : List.of(Station.BRIEF, Station.SECTION, Station.GLUE_UP, Station.HANG)) {
                go(station);
                List<String> clashes = on(() -> clashes(view.lookup("#frame-picture")));
                assertThat(clashes).as("job " + job + " " + station).isEmpty();
            }
        }
    }

    /** Large text and millimetres make tags wider; they still find room. */
    @Test
    void tagsDoNotOverlapInLargeTextNorInMillimetres() throws Exception {
        for (Appearance look : List.of(
                new Appearance(Graduation.INCH_64, Palette.DAY, 130),
                new Appearance(Graduation.MM_TENTH, Palette.EVENING, 100))) {
            on(() -> {
                desk.look(look);
                return true;
            });
            for (int job : new int[] {0, 2, 3, 4}) {
                take(job);
                go(Station.BRIEF);
                List<String> clashes = on(() -> clashes(view.lookup("#frame-picture")));
                assertThat(clashes).as(look + " job " + job).isEmpty();
            }
        }
    }

    @Test
    void aStrainerIsTickedAndABottomRailChosen(FxRobot robot) throws Exception {
        go(Station.FIT);
        robot.clickOn("#strainer");
        settle();
        assertThat(plan().fit().strainer()).isPresent();
        choose("#bottom-rail", Station.SECTION, 1);
        assertThat(plan().job().faces()).containsEntry("bottom", Length.inches(1, 9, 16).times(1.5));
        choose("#bottom-rail", Station.SECTION, 0);
        assertThat(plan().job().faces()).isEmpty();
    }

    @Test
    void theSectionIsTypedOnItsDrawing(FxRobot robot) throws Exception {
        go(Station.SECTION);
        type(robot, "section.face", "2");
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(plan().frame().width(Line.OUTSIDE)).isEqualTo(Length.inches(15, 3, 4));
        type(robot, "section.lip", "3");
        robot.push(KeyCode.ENTER);
        settle();
        assertThat(plan().job().section().lip())
                .as("a lip wider than the face is refused")
                .isEqualTo(Length.inches(0, 3, 16));
    }

    @Test
    void sticksAreCountedOnTheShopsPage(FxRobot robot) throws Exception {
        robot.push(KeyCode.SHORTCUT, KeyCode.K);
        settle();
        int before = on(() -> desk.shop().mouldings().getFirst().onHand().getFirst().count());
        Node more = on(() -> all(
                        view.lookup("#rack-item"),
                        n -> n instanceof Button b && b.getText().equals("+"))
                .findFirst()
                .orElseThrow());
        robot.clickOn(more);
        settle();
        assertThat(on(() -> desk.shop().mouldings().getFirst().onHand().getFirst().count())).isEqualTo(before + 1);
        robot.push(KeyCode.SHORTCUT, KeyCode.Z);
        settle();
        assertThat(on(() -> desk.shop().mouldings().getFirst().onHand().getFirst().count())).isEqualTo(before);
    }

    @Test
    void theTitleAndTheQuantityAreTypedInTheBrief(FxRobot robot) throws Exception {
        TextInputControl quantity = on(() -> (TextInputControl) all(view, n -> n instanceof TextInputControl t
                && "how many".equals(t.getAccessibleText())).findFirst().orElseThrow());
        robot.doubleClickOn(quantity).push(KeyCode.SHORTCUT, KeyCode.A).write("9").push(KeyCode.ENTER);
        settle();
        assertThat(plan().job().quantity()).isEqualTo(9);
        robot.doubleClickOn(quantity).push(KeyCode.SHORTCUT, KeyCode.A).write("many").push(KeyCode.ENTER);
        settle();
        assertThat(plan().job().quantity()).isEqualTo(9);
        assertThat(all(view, n -> n.getStyleClass().contains("refusal")).map(n -> ((Labeled) n).getText()).toList())
                .anySatisfy(said -> assertThat(said).contains("many"));
    }

    private static List<String> clashes(Node picture) {
        List<Node> tags = all(picture, TagField.class::isInstance).toList();
        List<String> clashes = new ArrayList<>();
        for (int i = 0; i < tags.size(); i++) {
            for (int j = i + 1; j < tags.size(); j++) {
                var a = tags.get(i).getBoundsInParent();
                var b = tags.get(j).getBoundsInParent();
                boolean apart = a.getMaxX() <= b.getMinX() + 1 || b.getMaxX() <= a.getMinX() + 1
                        || a.getMaxY() <= b.getMinY() + 1 || b.getMaxY() <= a.getMinY() + 1;
                if (!apart) {
                    clashes.add(((TagField) tags.get(i)).figure().id() + " over "
                            + ((TagField) tags.get(j)).figure().id());
                }
            }
        }
        return clashes;
    }
}
