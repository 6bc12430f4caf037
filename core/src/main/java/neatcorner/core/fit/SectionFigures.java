package neatcorner.core.fit;

import neatcorner.core.measure.Area;
import neatcorner.core.measure.Mass;
import neatcorner.core.measure.SecondMoment;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.section.Silhouette;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** What follows from the shape of a section alone. */
public final class SectionFigures {
    /** The wood cut through. */
    public static final FigureKey<Area> AREA = FigureKey.of(Station.SECTION, "section.area", Area.class);
    /** The weight of a metre. */
    public static final FigureKey<Mass> PER_METRE = FigureKey.mass(Station.SECTION, "section.per_metre");
    /** Against bowing off the wall. */
    public static final FigureKey<SecondMoment> STIFF_OUT =
            FigureKey.of(Station.SECTION, "section.stiff_out", SecondMoment.class);
    /** Against sagging. */
    public static final FigureKey<SecondMoment> STIFF_IN =
            FigureKey.of(Station.SECTION, "section.stiff_in", SecondMoment.class);

    private SectionFigures() {
    }

    static void enter(Section section, Ledger ledger) {
        Silhouette wood = section.wood();
        ledger.enter(Figure.formula(AREA).note("section_area").gives(new Area(wood.area())));
        ledger.enter(Figure.formula(PER_METRE).note("per_metre").gives(Mass.kg(section.kgPerMetre())));
        ledger.enter(Figure.formula(STIFF_OUT).note("second_moment").gives(new SecondMoment(wood.momentOutOfPlane())));
        ledger.enter(Figure.formula(STIFF_IN).note("second_moment").gives(new SecondMoment(wood.momentInPlane())));
    }
}
