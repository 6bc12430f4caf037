package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import neatcorner.core.edit.Edit;
import neatcorner.core.outline.FaceKey;
import neatcorner.core.outline.Side;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Moulding;

/** Picking a moulding from the rack, and a bottom rail of its own width. */
final class MouldingChoice {
    private MouldingChoice() {
    }

    static void add(Panel panel) {
        ComboBox<Section> box = panel.choice(Labels.get("section.moulding"), () -> sections(panel),
                () -> panel.desk().plan().job().section(), section -> said(panel, section),
                section -> panel.desk().edit(new Edit.ChooseSection(section)));
        box.setId("moulding");
    }

    static void addBottomRail(Panel panel) {
        ComboBox<Boolean> rail = panel.choice(Labels.get("section.bottom_rail"), () -> List.of(false, true),
                () -> panel.desk().plan().job().faces().containsKey("bottom"),
                own -> Labels.get(own ? "section.bottom_own" : "section.bottom_like"),
                own -> panel.desk().edit(own ? Edit.Face.widerBottom(panel.desk().plan().job().section())
                        : new Edit.Face("bottom", Optional.empty())));
        rail.setId("bottom-rail");
        panel.entry(new FaceKey(Side.Name.BOTTOM, 0));
    }

    /** The rack's sections, and the job's own when it was changed since. */
    private static List<Section> sections(Panel panel) {
        return Stream.concat(panel.desk().shop().mouldings().stream().map(Moulding::section),
                Stream.of(panel.desk().plan().job().section())).distinct().toList();
    }

    private static String said(Panel panel, Section section) {
        boolean kept = panel.desk().shop().mouldings().stream().anyMatch(m -> m.section().equals(section));
        return panel.book()
                .say(
                        kept ? "section.pick" : "section.pick_changed",
                        section.name(),
                        panel.book().exactly(section.face()));
    }
}
