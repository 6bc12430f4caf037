package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.OuterShape;
import neatcorner.core.job.Placement;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.measure.Unit;
import neatcorner.core.outline.Line;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Holds;
import neatcorner.core.section.Ready;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;

/**
 * Every way to build a frame, begun from nothing in the window, in under two minutes. How long it takes a hand that
 * knows its way is added up act by act: the keystroke-level model (Card, Moran and Newell, Communications of the ACM
 * 23, 1980; its times from memory). One that has to look for things may take twice as long.
 */
class FromNothingTest extends OnTheDemo {
    /** A key by somebody who types a little. */
    private static final double KEY = 0.28;
    private static final double POINT = 1.1;
    private static final double PRESS = 0.2;
    private static final double HOME = 0.4;
    private static final double THINK = 1.35;
    /** A turn or two of the wheel; not in the model. */
    private static final double WHEEL = 1;
    /** Two minutes, halved for those who look for things. */
    private static final Duration MOST = Duration.ofSeconds(60);

    private double seconds;

    private void begin(String wide, String high) throws Exception {
        seconds = THINK + 2 * KEY;
        hand.push(KeyCode.SHORTCUT, KeyCode.N);
        settle();
        typed(Station.BRIEF, "glass.width", wide);
        typed(Station.BRIEF, "glass.height", high);
    }

    private void to(Station station) throws Exception {
        if (on(() -> desk.station()) != station) {
            seconds += THINK + POINT + PRESS;
            hand.clickOn("#station-" + station.id());
            settle();
        }
    }

    private void typed(Station station, String figure, String text) throws Exception {
        to(station);
        seconds += THINK + POINT + PRESS + HOME + (text.length() + 1) * KEY + HOME;
        Node tag = tag(figure);
        scrolled(tag);
        hand.clickOn(tag);
        hand.push(KeyCode.F2);
        hand.push(KeyCode.SHORTCUT, KeyCode.A);
        hand.write(text);
        hand.push(KeyCode.ENTER);
        settle();
        assertThat(plan().figures().values().stream()
                        .filter(one -> one.key().id().equals(figure))
                        .map(one -> (Object) one.value()))
                .as(figure)
                .containsExactly(MeasureText.length(text, Unit.INCH));
    }

    private void pressed(Station station, String button) throws Exception {
        to(station);
        Node node = on(() -> view.lookup(button));
        scrolled(node);
        seconds += THINK + POINT + PRESS;
        hand.clickOn(node);
        settle();
    }

    /** What lies below the window's edge is brought up with the wheel first. */
    private void scrolled(Node node) throws Exception {
        boolean wheeled = on(() -> {
            Node above = node;
            while (above != null && !(above instanceof ScrollPane)) {
                above = above.getParent();
            }
            if (!(above instanceof ScrollPane pane)
                    || pane.localToScreen(pane.getBoundsInLocal())
                            .contains(node.localToScreen(node.getBoundsInLocal()))) {
                return false;
            }
            double high = pane.getContent().getBoundsInLocal().getHeight();
            double at = pane.getContent()
                    .sceneToLocal(node.localToScene(node.getBoundsInLocal()))
                    .getCenterY();
            pane.setVvalue(Math.clamp((at - pane.getHeight() / 2) / (high - pane.getHeight()), 0, 1));
            return true;
        });
        if (wheeled) {
            seconds += POINT + WHEEL;
        }
    }

    /** A list that is opened and an item in it. */
    private void chosen(Station station, String list, Object item) throws Exception {
        to(station);
        scrolled(on(() -> view.lookup(list)));
        seconds += THINK + 2 * (POINT + PRESS);
        boolean there = on(() -> {
            ComboBox<?> box = (ComboBox<?>) view.lookup(list);
            int index = box.getItems().indexOf(item);
            box.getSelectionModel().select(index);
            return index >= 0 && box.isVisible();
        });
        assertThat(there).as("%s in %s", item, list).isTrue();
        settle();
    }

    /** What a finding offers, pressed beside it. */
    private void cured(String finding) throws Exception {
        Finding found = plan().findings().stream()
                .filter(one -> one.id().equals(finding))
                .findFirst()
                .orElseThrow();
        pressed(found.station(), "#remedy-" + finding);
    }

    private void part(String offer) throws Exception {
        pressed(on(() -> desk.station()), "#add-part");
        pressed(on(() -> desk.station()), "#offer-" + offer);
    }

    private void is(String what, Predicate<Plan> made) throws Exception {
        Plan plan = plan();
        assertThat(made.test(plan)).as(what).isTrue();
        assertThat(plan.findings().stream().filter(finding -> finding.severity() == Severity.STOP))
                .as("%s can be made", what)
                .extracting(Finding::id)
                .isEmpty();
        assertThat(seconds).as("seconds for %s", what).isLessThan(MOST.toSeconds());
    }

    private static boolean isLast(Plan plan, Class<? extends Placement> placement) {
        return placement.isInstance(
                plan.job().parts().getLast().placement().orElseThrow());
    }

    private static Construction squared(SquareCorner corner) {
        return new Construction.Squared(corner, Through.STILES);
    }

    @Test
    void partsAroundInsideAndBehind() throws Exception {
        begin("12", "9");
        part("rim");
        typed(Station.BRIEF, "place.gap", "1/16");
        is("a rim", plan -> isLast(plan, Placement.Around.class));

        begin("12", "9");
        chosen(Station.SECTION, "#holds", Holds.FLOATER_WALL);
        part("ledge");
        is("a floater's ledge", plan -> plan.job().isLedge());

        begin("24", "36");
        pressed(Station.FIT, "#strainer");
        chosen(Station.CORNERS, "#meeting", Construction.MITRED);
        is("a strainer, mitred", plan -> isLast(plan, Placement.InBack.class));

        begin("20", "12");
        pressed(Station.BRIEF, "#behind-screen");
        typed(Station.BRIEF, "fixture.1.depth", "1 1/2");
        cured("fixture_meets_wall");
        is("a frame behind a screen", plan -> isLast(plan, Placement.Behind.class));
    }

    @Test
    void piecesThatMeetSquare() throws Exception {
        begin("12", "9");
        chosen(Station.SECTION, "#ready", Optional.of(Ready.FLAT));
        chosen(Station.CORNERS, "#meeting", squared(SquareCorner.MITRE_LAPPED));
        chosen(Station.CORNERS, "#joint", Optional.of(JointKind.PEGGED));
        is("mitred half-laps, pegged", plan -> plan.joints().used().fits());

        begin("12", "9");
        chosen(Station.SECTION, "#ready", Optional.of(Ready.FLAT));
        chosen(Station.CORNERS, "#meeting", squared(SquareCorner.BRIDLED));
        is("bridles", plan -> plan.job().squared().isPresent());

        begin("12", "9");
        chosen(Station.SECTION, "#ready", Optional.of(Ready.FLAT));
        chosen(Station.SECTION, "#holds", Holds.BAR);
        chosen(Station.CORNERS, "#meeting", squared(SquareCorner.BUTTED));
        chosen(Station.CORNERS, "#joint", Optional.of(JointKind.POCKET_SCREWED));
        is("butts with pocket screws", plan -> plan.job().squared().isPresent());

        begin("12", "9");
        chosen(Station.SECTION, "#ready", Optional.of(Ready.BOX));
        chosen(Station.SECTION, "#holds", Holds.TWO_SLOTS);
        chosen(Station.CORNERS, "#meeting", squared(SquareCorner.HOUSED));
        is("a box with two grooves", plan -> plan.job().section().backGroove().isPresent());

        begin("12", "9");
        chosen(Station.SECTION, "#ready", Optional.of(Ready.FLAT));
        chosen(Station.CORNERS, "#meeting", squared(SquareCorner.HALF_LAPPED));
        chosen(Station.CORNERS, "#joint", Optional.of(JointKind.LAP_SCREWED));
        is("one to take apart", plan -> plan.joints().chosen().equals(JointKind.LAP_SCREWED));

        begin("8", "6");
        chosen(Station.CORNERS, "#meeting", Construction.ONE_PIECE);
        is("one piece", plan -> plan.frame().isSolid());
    }

    @Test
    void leavesCapsAndPanels() throws Exception {
        begin("30", "24");
        part("shutters");
        is("shutters", plan -> !plan.frame().slats().isEmpty());

        begin("30", "24");
        part("shutters");
        chosen(Station.BRIEF, "#between", ExtrasChoice.Between.PANEL);
        is("leaves with panels", plan -> !plan.frame().panel().isEmpty());

        begin("30", "24");
        part("cap");
        chosen(Station.BRIEF, "#trim", 4);
        is("a cap with a bent trim", plan -> !plan.frame().trim().isEmpty());
    }

    @Test
    void facesSticksAndWhatLiesFlat() throws Exception {
        begin("30", "24");
        chosen(Station.SECTION, "#holds", Holds.OVER);
        is("a surround", plan -> plan.job().section().covers().isPositive());

        begin("20", "40");
        chosen(Station.SECTION, "#ready", Optional.of(Ready.FACE_ON_RIDGE));
        chosen(Station.BRIEF, "#inner-edge", Optional.of(ShapedEdge.Form.SCALLOPS));
        chosen(Station.BRIEF, "#outside-shape", Optional.of(OuterShape.Form.ARCHED_TOP));
        is("a face from a sheet", plan -> plan.frame().edgeRuns().size() == 4);

        begin("12", "9");
        chosen(Station.SECTION, "#holds", Holds.BAR);
        is("a stretcher", plan -> plan.frame().has(Line.SIGHT));

        begin("12", "9");
        chosen(Station.HANG, "#hardware", Optional.of(Hardware.LAID));
        is("a tray", plan -> plan.hang().chosen() == Hardware.LAID);

        begin("12", "9");
        chosen(Station.SECTION, "#species-1", Species.ALUMINIUM);
        is("a metal profile", plan -> !plan.frame().isWoodwork());

        begin("12", "9");
        pressed(Station.CUTS, "#printed");
        is("a printed stick", plan -> plan.job().choices().cutting().print().isPresent());
    }
}
