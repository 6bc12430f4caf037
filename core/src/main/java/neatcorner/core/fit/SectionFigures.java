package neatcorner.core.fit;

import neatcorner.core.measure.Area;
import neatcorner.core.measure.Mass;
import neatcorner.core.measure.SecondMoment;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.section.Silhouette;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;

/** What follows from the shape of a section alone. */
final class SectionFigures {
    private SectionFigures() {
    }

    static void enter(Section section, Ledger ledger) {
        Silhouette wood = section.wood();
        ledger.enter(Station.SECTION, Figure.formula("section.area").note("section_area").gives(new Area(wood.area())));
        ledger.enter(Station.SECTION, Figure.formula("section.per_metre").note("per_metre").gives(Mass.kg(section.kgPerMetre())));
        ledger.enter(Station.SECTION, Figure.formula("section.stiff_out").note("second_moment").gives(new SecondMoment(wood.momentOutOfPlane())));
        ledger.enter(Station.SECTION, Figure.formula("section.stiff_in").note("second_moment").gives(new SecondMoment(wood.momentInPlane())));
    }
}
