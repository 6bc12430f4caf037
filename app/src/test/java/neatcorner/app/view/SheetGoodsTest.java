package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import neatcorner.app.desk.Laid;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.FixtureKey;
import neatcorner.core.job.OuterKey;
import neatcorner.core.job.OuterShape;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Placement.Hinged.Leaves;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.section.Holds;
import neatcorner.core.section.Ready;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Stuff;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;

/** Every other way to build a frame, made in the window: faces from sheets, leaves, boxes, parts on one another. */
class SheetGoodsTest extends OnTheDemo {
    private void takeSpecies(Species species) throws Exception {
        go(Station.SECTION);
        int index = on(() -> ((ComboBox<?>) view.lookup("#species-1")).getItems().indexOf(species));
        choose("#species-1", Station.SECTION, index);
    }

    @Test
    void aFaceOfPlywoodGetsAScallopedEdgeAndComesFromASheet() throws Exception {
        take(0);
        choose("#ready", Station.SECTION, 1 + Ready.FLAT.ordinal());
        choose("#holds", Station.SECTION, Holds.BAR.ordinal());
        takeSpecies(Species.PLYWOOD);
        choose("#inner-edge", Station.BRIEF, 1 + ShapedEdge.Form.SCALLOPS.ordinal());
        assertThat(plan().frame().edgeRuns()).hasSize(4);
        assertThat(on(() -> view.lookup("#cross-level").getParent().isVisible()))
                .as("no bars across a shaped edge")
                .isFalse();
        go(Station.CUTS);
        assertThat(on(() -> desk.cuts().laid())).isEqualTo(Laid.SHEETS);
        choose("#inner-edge", Station.BRIEF, 0);
        assertThat(plan().job().body().edge()).isEmpty();
        choose("#outside-shape", Station.BRIEF, 1 + OuterShape.Form.ARCHED_TOP.ordinal());
        assertThat(tag("outer.arched_top").isVisible()).isTrue();
        assertThat(plan().figure(OuterKey.ROUND_CORNERS)).isEmpty();
        assertThat(plan().frame().outer()).hasSizeGreaterThan(4);
        everyStation();
        choose("#outside-shape", Station.BRIEF, 0);
        assertThat(plan().job().body().outer()).isEmpty();
    }

    @Test
    void shuttersAreHungInAFrameFromNothing() throws Exception {
        take(0);
        choose("#meeting", Station.CORNERS, 1 + SquareCorner.BRIDLED.ordinal());
        hand.clickOn("#add-part");
        hand.clickOn("#offer-shutters");
        assertThat(plan().job().part().name()).isEqualTo("shutters");
        assertThat(plan().frame().slats()).isNotEmpty();
        choose("#leaves", Station.BRIEF, Leaves.LEFT.ordinal());
        assertThat(plan().assembly().copies(1)).hasSize(1);
        choose("#slat-tilt", Station.BRIEF, 0);
        assertThat(plan().job().body().slats().orElseThrow().degrees())
                .as("flat ones so near to one another would meet, and it says so")
                .isEqualTo(30);
        choose("#slat-tilt", Station.BRIEF, 4);
        assertThat(plan().job().body().slats().orElseThrow().degrees()).isEqualTo(20);
        for (Station station : Station.values()) {
            go(station);
        }
        choose("#between", Station.BRIEF, 0);
        assertThat(plan().frame().slats()).isEmpty();
    }

    /** A screen too deep is put behind, and a frame of strips behind it by one press. */
    @Test
    void aScreenWithDepthIsFramedFromNothing() throws Exception {
        take(0);
        go(Station.BRIEF);
        press("#behind-screen");
        assertThat(plan().job().packed().has(Fixture.Kind.SCREEN)).isTrue();
        assertThat(tag("fixture.1.depth").isVisible()).isTrue();
        on(() -> desk.edit(new Edit.Enter(new FixtureKey(0, FixtureKey.Of.DEPTH), Length.inches(1, 1, 2))));
        choose("#behind-mass-1", Station.BRIEF, 5);
        assertThat(plan().job().packed().behind().getFirst().mass()).isEqualTo(Mass.kg(2.5));
        Remedy remedy = plan().findings().stream()
                .filter(finding -> finding.id().equals("fixture_meets_wall"))
                .findFirst()
                .flatMap(Finding::remedy)
                .orElseThrow();
        on(() -> desk.edit(((Remedy.OnJob) remedy).edit()));
        assertThat(plan().job().parts()).hasSize(2);
        press("#behind-vent");
        for (Station station : Station.values()) {
            go(station);
        }
        go(Station.BRIEF);
        press("#behind-out-2");
        press("#behind-out-1");
        assertThat(plan().job().packed().behind()).isEmpty();
    }

    /** A wall gets its ledge, a frame a cap and extension pieces, a box two grooves, a stick its print. */
    @Test
    void otherWaysToBuildAreAFewPressesAway() throws Exception {
        take(0);
        choose("#holds", Station.SECTION, Holds.FLOATER_WALL.ordinal());
        hand.clickOn("#add-part");
        hand.clickOn("#offer-ledge");
        assertThat(plan().job().isLedge()).isTrue();
        assertThat(plan().job().carrier()).isEqualTo(1);
        everyStation();

        take(2);
        hand.clickOn("#add-part");
        hand.clickOn("#offer-cap");
        assertThat(plan().job().placement().orElseThrow()).isInstanceOf(Placement.OnTop.class);
        go(Station.BRIEF);
        assertThat(tag("place.high").isVisible()).isTrue();
        everyStation();
        on(() -> {
            desk.lookAtPart(0);
            return 1;
        });
        hand.clickOn("#add-part");
        hand.clickOn("#offer-extension");
        assertThat(plan().job().placement().orElseThrow()).isInstanceOf(Placement.OnFront.class);

        take(4);
        choose("#holds", Station.SECTION, Holds.TWO_SLOTS.ordinal());
        assertThat(plan().job().section().backGroove()).isPresent();
        go(Station.CUTS);
        press("#printed");
        press("#print-upright");
        assertThat(plan().job().choices().cutting().print().orElseThrow().upright()).isTrue();
        everyStation();
    }

    private void everyStation() throws Exception {
        for (Station station : Station.values()) {
            go(station);
        }
    }

    private void press(String button) throws Exception {
        on(() -> {
            ((ButtonBase) view.lookup(button)).fire();
            return 1;
        });
    }

    @Test
    void aMakersOwnMetalIsNotGlued() throws Exception {
        take(0);
        choose("#joint", Station.CORNERS, 0);
        takeSpecies(Species.ALUMINIUM);
        press("#species-1-own");
        Species own = plan().job().section().species();
        assertThat(own.isOwn()).isTrue();
        assertThat(own.stuff()).isEqualTo(Stuff.METAL);
        assertThat(on(() -> view.lookup("#species-1-colour").getParent().isVisible()))
                .isTrue();
        assertThat(plan().glue().times()).isEmpty();
        assertThat(plan().findings()).anyMatch(finding -> finding.id().equals("corners_not_judged"));
    }
}
