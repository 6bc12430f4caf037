package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javafx.geometry.Point2D;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import neatcorner.core.drawing.CornerSpace;
import neatcorner.core.drawing.Mark;
import neatcorner.core.drawing.Picture;
import neatcorner.core.drawing.Thing;
import neatcorner.core.drawing.Turn;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** What is chosen and pressed at the stations, on the real interface. */
class RoomsTest extends OnTheDemo {
    /** Chosen from a file it is kept by the shop, seen in the frame, and taken out again by an undo. */
    @Test
    void theCustomersPictureStandsInTheFrame() throws Exception {
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
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(plan().job().contents().picture()).isEqualTo(was);
        assertThat(redDots()).isEqualTo(before);
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

    /** Pressed on the small frame, another corner is looked at. */
    @Test
    void anotherCornerIsLookedAtByPressingIt() throws Exception {
        go(Station.CORNERS);
        PictureView picture = (PictureView) view.lookup("#frame-picture");
        Mark.Spot spot = on(() -> picture.spots()
                .filter(s -> s.what().label().equals("D"))
                .findFirst()
                .orElseThrow());
        hand.clickOn(on(() -> picture.localToScreen(
                (spot.from().x() + spot.to().x()) / 2, (spot.from().y() + spot.to().y()) / 2)));
        assertThat(on(desk::corner)).isEqualTo(2);
    }

    /** Dragged in space a corner turns with the hand, and a way to look at it is chosen from a list. */
    @Test
    void aCornerIsTurnedInSpace() throws Exception {
        go(Station.CORNERS);
        PictureView picture = (PictureView) view.lookup("#frame-picture");
        Picture first = on(() -> CornerSpace.draw(desk.plan(), desk.turn(), PictureView.reader(desk), 200, 200));
        Mark.Spot spot = on(() -> picture.spots()
                .filter(s -> s.what() instanceof Thing.InSpace)
                .findFirst()
                .orElseThrow());
        Point2D from = on(() -> picture.localToScreen(
                (spot.from().x() + spot.to().x()) / 2, (spot.from().y() + spot.to().y()) / 2));
        hand.drag(from, from.add(60, -30));
        assertThat(on(desk::turn).aside()).isNegative();
        assertThat(on(desk::turn).down()).isPositive();
        assertThat(on(() -> CornerSpace.draw(desk.plan(), desk.turn(), PictureView.reader(desk), 200, 200)))
                .isNotEqualTo(first);
        choose("#seen-from", Station.CORNERS, 1);
        assertThat(on(desk::turn)).isEqualTo(Turn.NONE);
    }

    @Test
    void everyStationIsReachedByKeyboardAndByItsPiece() throws Exception {
        for (Station station : Station.values()) {
            hand.push(KeyCode.SHORTCUT, KeyCode.valueOf("DIGIT" + (station.ordinal() + 1)));
            assertThat(on(desk::station)).isEqualTo(station);
            hand.clickOn(station == Station.BRIEF ? "#station-log" : "#station-brief");
            hand.clickOn("#station-" + station.id());
            assertThat(on(desk::station)).isEqualTo(station);
            hand.push(KeyCode.SHORTCUT, KeyCode.ENTER);
            assertThat(plan().job().settled().contains(station))
                    .as("%s is ticked off, or opened again", station)
                    .isEqualTo(station != Station.BRIEF && station != Station.SECTION);
        }
    }

    /** The window shows the figures of the plan, written as the plan as text writes them. */
    @Test
    void theTallyShowsThePlansOwnFigures() throws Exception {
        for (int job = 0; job < 7; job++) {
            take(job);
            go(Station.HANG);
            Plan plan = plan();
            String hook = on(() -> desk.book().write(plan.hang().hookHeight().orElseThrow()));
            Button big = on(() -> (Button) view.lookup("#big-hang-hook_height"));
            assertThat(big.getAccessibleText()).endsWith(hook);
        }
    }

    @Test
    void aFigureThatIsPressedShowsItsWorking() throws Exception {
        go(Station.CUTS);
        hand.clickOn("#big-member-right-long");
        List<String> texts = on(() -> all(view.lookup("#side"), Labeled.class::isInstance)
                .map(n -> ((Labeled) n).getText().replace('\u00a0', ' ')).toList());
        assertThat(texts).contains("glass, high", "+ play for fit", "+ faces, 2 × 1 9/16\"", "How 15 7/8\" came about");
    }

    @Test
    void aRemedyIsOnePress() throws Exception {
        take(3);
        go(Station.CUTS);
        assertThat(plan().findings()).extracting(Finding::id).contains("side_joined");
        hand.clickOn("#remedy-side_joined");
        assertThat(plan().findings()).extracting(Finding::id).doesNotContain("side_joined");
        assertThat(plan().cuts().sticks()).isNotEmpty();
    }

    @Test
    void noRemedyLeadsToWhereOneAlreadyIs() throws Exception {
        int shown = 0;
        for (int job = 0; job < 7; job++) {
            take(job);
            Map<Station, List<Finding>> found =
                    plan().findings().stream().collect(Collectors.groupingBy(Finding::station));
            for (Station station : found.keySet()) {
                go(station);
                for (Finding finding : found.get(station)) {
                    boolean here = finding.remedy()
                            .filter(r -> !(r instanceof Remedy.Visit(_, Station where) && where == station))
                            .isPresent();
                    assertThat(on(() -> view.lookup("#remedy-" + finding.id()) != null))
                            .as(finding.id())
                            .isEqualTo(here);
                    shown++;
                }
            }
        }
        assertThat(shown).isGreaterThan(10);
    }

    @Test
    void mouldingLayersJointGlueAndHardwareAreChosenFromLists() throws Exception {
        choose("#pack-glazing", Station.BRIEF, 2);
        choose("#moulding", Station.SECTION, 1);
        JointKind third = plan().joints().options().get(2).kind();
        choose("#joint", Station.CORNERS, 3);
        choose("#adhesive", Station.GLUE_UP, 2);
        choose("#hardware", Station.HANG, 4);
        Plan plan = plan();
        assertThat(plan.job().section().name()).isEqualTo("thin walnut");
        assertThat(plan.joints().chosen()).isEqualTo(third);
        assertThat(plan.glue().adhesive().name()).isEqualTo("HIDE");
        assertThat(plan.hang().chosen().name()).isEqualTo("CLEAT");
    }

    @Test
    void recipesAreTakenAndTheTinIsWrittenDown() throws Exception {
        take(3);
        go(Station.FINISH);
        hand.clickOn("#recipe-stained");
        assertThat(plan().findings()).extracting(Finding::id).contains("product_not_written");
        hand.clickOn("#product-4").write("walnut").push(KeyCode.ENTER);
        assertThat(plan().job().choices().finish().get(3).product()).isEqualTo("walnut");
    }

    @Test
    void notesGoIntoTheLog() throws Exception {
        go(Station.LOG);
        hand.clickOn("#note").write("a knot");
        hand.clickOn("#write-note");
        assertThat(plan().job().notes()).singleElement().satisfies(note -> assertThat(note.text()).isEqualTo("a knot"));
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
    void aStrainerIsAddedAndABottomRailChosen() throws Exception {
        go(Station.FIT);
        hand.clickOn("#strainer");
        assertThat(plan().job().parts().getLast().placement().orElseThrow()).isInstanceOf(Placement.InBack.class);
        choose("#bottom-rail", Station.SECTION, 1);
        assertThat(plan().job().faces()).containsEntry("bottom", Length.inches(1, 9, 16).times(1.5));
        choose("#bottom-rail", Station.SECTION, 0);
        assertThat(plan().job().faces()).isEmpty();
    }
}
