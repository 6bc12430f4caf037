package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import javafx.beans.value.ChangeListener;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import neatcorner.app.desk.Appearance;
import neatcorner.app.desk.Page;
import neatcorner.core.drawing.Palette;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Unit;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;

/** How it looks and reads, on the real interface: units, light, text size, names, and tags beside one another. */
class LookTest extends OnTheDemo {
    @Test
    void oneKeyTurnsInchesIntoMillimetresAndDayIntoEvening() throws Exception {
        hand.push(KeyCode.SHORTCUT, KeyCode.U);
        assertThat(on(() -> desk.appearance().graduation().unit())).isEqualTo(Unit.MM);
        hand.push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.U);
        assertThat(on(() -> desk.appearance().graduation())).isEqualTo(Graduation.MM_TENTH);
        hand.clickOn("#inch");
        hand.push(KeyCode.SHORTCUT, KeyCode.L);
        assertThat(on(() -> desk.appearance().palette())).isEqualTo(Palette.EVENING);
        for (int i = 0; i < 9; i++) {
            hand.push(KeyCode.SHORTCUT, KeyCode.PLUS);
        }
        settle();
        assertThat(on(() -> desk.appearance().textSize())).isEqualTo(160);
        hand.push(KeyCode.SHORTCUT, KeyCode.MINUS);
        assertThat(on(() -> desk.appearance().textSize())).isEqualTo(150);
    }

    @Test
    void theKeysAreListedByF1() throws Exception {
        Set<Station> settled = plan().job().settled();
        hand.push(KeyCode.F1);
        List<String> texts = on(() -> all(view.lookup("#shortcuts"), Labeled.class::isInstance)
                .map(n -> ((Labeled) n).getText())
                .toList());
        for (Shortcut shortcut : Shortcut.values()) {
            assertThat(texts).contains(shortcut.shown());
        }
        hand.push(KeyCode.TAB).push(KeyCode.TAB).push(KeyCode.ENTER);
        assertThat(plan().job().settled()).as("what lies behind").isEqualTo(settled);
        assertThat(on(() -> view.lookup("#shortcuts").isVisible())).isFalse();
        hand.push(KeyCode.F1);
        hand.push(KeyCode.ESCAPE);
        assertThat(on(() -> view.lookup("#shortcuts").isVisible())).isFalse();
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

    /** Whoever has no mouse comes to every control with the Tab key, at stations of every make and in the shop. */
    @Test
    void everyControlIsReachedByTheTabKey() throws Exception {
        take(3);
        for (Station station : List.of(Station.BRIEF, Station.CUTS, Station.LOG)) {
            go(station);
            assertReached(station.toString());
        }
        on(() -> {
            desk.show(Page.SHOP);
            return true;
        });
        settle();
        assertReached("the shop");
    }

    private void assertReached(String where) throws Exception {
        Set<String> wanted =
                on(() -> all(view, LookTest::isStop).map(LookTest::called).collect(Collectors.toSet()));
        Set<String> left = ConcurrentHashMap.newKeySet();
        left.addAll(wanted);
        ChangeListener<Node> reached = (_, _, node) -> {
            if (node != null) {
                left.remove(called(node));
            }
        };
        view.getScene().focusOwnerProperty().addListener(reached);
        for (int i = 0; i < 2 * wanted.size() + 20 && !left.isEmpty(); i++) {
            hand.push(KeyCode.TAB);
        }
        view.getScene().focusOwnerProperty().removeListener(reached);
        assertThat(left).as("%s, of %d", where, wanted.size()).isEmpty();
    }

    /** By what it is and says: a figure that is looked at makes the column beside it anew. */
    private static String called(Node node) {
        String text = node instanceof Labeled labeled ? labeled.getText() : "";
        return node.getClass().getSimpleName() + " " + node.getId() + " " + text + " " + node.getAccessibleText();
    }

    private static boolean isStop(Node node) {
        return node.isFocusTraversable() && !node.isDisabled() && isShown(node) && !(node instanceof ScrollPane);
    }

    private static boolean isShown(Node node) {
        return node == null || node.isVisible() && isShown(node.getParent());
    }

    /** In the smallest window with the largest text every control ends in its column. */
    @Test
    void nothingOfAPanelIsCutOffAtItsSide() throws Exception {
        on(() -> {
            view.getScene().getWindow().setWidth(1024);
            view.getScene().getWindow().setHeight(700);
            desk.look(new Appearance(Graduation.INCH_16, Palette.DAY, 160));
            return true;
        });
        for (int job : new int[] {0, 4}) {
            take(job);
            for (Station station : Station.values()) {
                go(station);
                for (String column : List.of("#detail", "#side")) {
                    assertThat(on(() -> beside(view.lookup(column))))
                            .as("%s at %s of job %d", column, station, job)
                            .isEmpty();
                    assertThat(on(() -> right(view.lookup(column))))
                            .as("the edge of %s at %s of job %d", column, station, job)
                            .isLessThan(on(() -> view.getScene().getWidth()));
                }
            }
        }
    }

    private static double right(Node column) {
        return column.localToScene(column.getLayoutBounds()).getMaxX();
    }

    private static List<Node> beside(Node column) {
        double right = right(column);
        return all(column, node -> node.getParent() instanceof Panel
                        && node.localToScene(node.getLayoutBounds()).getMaxX() > right + 1)
                .toList();
    }

    /** The pieces fill the rail from end to end, each with its name in its middle, also when the window was resized. */
    @Test
    void theRailIsLaidFullAndItsNamesStandInTheMiddle() throws Exception {
        for (double width : new double[] {1280, 1024, 1920}) {
            on(() -> {
                view.getScene().getWindow().setWidth(width);
                return true;
            });
            settle();
            on(() -> {
                Region rail = (Region) view.lookup("#station-brief").getParent();
                Region before = null;
                for (Station station : Station.values()) {
                    Button piece = (Button) view.lookup("#station-" + station.id());
                    assertThat(piece.getHeight()).isEqualTo(rail.getHeight());
                    Node name = piece.lookup(".text");
                    assertThat(piece.sceneToLocal(name.localToScene(name.getLayoutBounds()))
                                    .getCenterY())
                            .as("the name of %s", station)
                            .isCloseTo(piece.getHeight() / 2, within(3.0));
                    if (before != null) {
                        assertThat(piece.getLayoutX()).isLessThan(before.getLayoutX() + before.getWidth());
                    }
                    before = piece;
                }
                assertThat(before.getLayoutX() + before.getWidth()).isCloseTo(rail.getWidth(), within(2.0));
                return true;
            });
        }
    }
}
