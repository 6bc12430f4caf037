package neatcorner.core.section;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.wood.Species;

/**
 * A strip glued upright along the outside before mitring, to hide a sawn edge or to stand proud as a rim.
 *
 * @param species the wood
 * @param width   across, what it adds to the face, from 2 to 100 mm
 * @param height  from 3 to 250 mm
 * @param reveal  how far its front stands before the frame's front; negative when it stays behind
 * @param inner   its front edge toward the picture
 * @param outer   its front edge on the outside
 */
public record Band(Species species, Length width, Length height, Length reveal, Edging inner, Edging outer) {
    public Band {
        Range.within("band_width", width, Length.mm(2), Length.mm(100));
        Range.within("band_height", height, Length.mm(3), Length.mm(250));
        Range.within("reveal_of_the_band", reveal, height.negated(), height);
        strip(species, width, height, inner, outer);
    }

    private static Strip strip(Species species, Length width, Length height, Edging inner, Edging outer) {
        return new Strip(species, width, height, Length.ZERO, Profile.FLAT, inner, outer, Strip.Source.BOARD);
    }

    /** A narrow band as high as a section and flush with it, to start from. */
    public static Band usual(Section section) {
        return new Band(
                section.species(),
                Length.inches(0, 1, 4),
                section.stacked(),
                Length.ZERO,
                Edging.SQUARE,
                Edging.SQUARE);
    }

    /** The band as a strip that stands on its edge. */
    public Strip strip() {
        return strip(species, width, height, inner, outer);
    }

    /** Of another wood. */
    public Band withSpecies(Species other) {
        return new Band(other, width, height, reveal, inner, outer);
    }

    /** Of another width. */
    public Band withWidth(Length other) {
        return new Band(species, other, height, reveal, inner, outer);
    }

    /** Of another height. */
    public Band withHeight(Length other) {
        return new Band(species, width, other, reveal, inner, outer);
    }

    /** With another reveal. */
    public Band withReveal(Length other) {
        return new Band(species, width, height, other, inner, outer);
    }

    /** With its outside edge worked in another way, over a third of its width. */
    public Band withOuter(Edging.Kind kind) {
        return withOuter(Edging.of(kind, width.over(3)));
    }

    /** With another edge on the outside. */
    public Band withOuter(Edging other) {
        return new Band(species, width, height, reveal, inner, other);
    }
}
