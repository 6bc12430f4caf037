package neatcorner.core.job;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.section.Section;
import neatcorner.core.wood.Species;

/**
 * A panel between the sides of a leaf, loose in grooves all round.
 *
 * @param species   what it is of
 * @param thickness from 2 to 60 mm; the grooves are as wide
 * @param groove    how deep it stands in each side, from 2 to 40 mm
 * @param play      left in both grooves together, each way, from 0 to 20 mm
 */
public record Panel(Species species, Length thickness, Length groove, Length play) {
    public Panel {
        Range.within("thickness_of_a_panel", thickness, Length.mm(2), Length.mm(60));
        Range.within("groove_for_a_panel", groove, Length.mm(2), Length.mm(40));
        Range.within("play_of_a_panel", play, Length.ZERO, Length.mm(20));
    }

    /** To start from, in a leaf of this section: of its wood, a third as thick. Common practice, no source. */
    public static Panel usual(Section section) {
        return new Panel(
                section.species(),
                Length.mm(Math.clamp(Math.floor(section.thickness().toMm() / 3), 2, 60)),
                Length.mm(10).min(section.face().over(3)).max(Length.mm(2)),
                Length.mm(4));
    }

    /** Of another wood, or from a sheet. */
    public Panel of(Species other) {
        return new Panel(other, thickness, groove, play);
    }

    /** With more or less play. */
    public Panel withPlay(Length other) {
        return new Panel(species, thickness, groove, other);
    }

    /** In deeper or shallower grooves. */
    public Panel withGroove(Length other) {
        return new Panel(species, thickness, other, play);
    }

    /** Thicker or thinner. */
    public Panel withThickness(Length other) {
        return new Panel(species, other, groove, play);
    }
}
