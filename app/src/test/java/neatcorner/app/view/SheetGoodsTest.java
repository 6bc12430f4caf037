package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import neatcorner.app.desk.Laid;
import neatcorner.core.job.ShapedEdge;
import neatcorner.core.section.Holds;
import neatcorner.core.section.Ready;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Stuff;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;

/** Faces sawn from sheets, shaped inner edges and materials that are no wood, made in the window. */
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
    }

    @Test
    void aMakersOwnMetalIsNotGlued() throws Exception {
        take(0);
        choose("#joint", Station.CORNERS, 0);
        takeSpecies(Species.ALUMINIUM);
        on(() -> {
            ((ButtonBase) view.lookup("#species-1-own")).fire();
            return 1;
        });
        Species own = plan().job().section().species();
        assertThat(own.isOwn()).isTrue();
        assertThat(own.stuff()).isEqualTo(Stuff.METAL);
        assertThat(on(() -> view.lookup("#species-1-colour").getParent().isVisible()))
                .isTrue();
        assertThat(plan().glue().times()).isEmpty();
        assertThat(plan().findings()).anyMatch(finding -> finding.id().equals("corners_not_judged"));
    }
}
