package neatcorner.core.cut;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Strip;

/**
 * What is sawn from a sheet for a side: the side itself, from a rectangle as long and as wide as it is, or a strip of
 * one that is glued up from several.
 *
 * @param piece   the side, or a part of it
 * @param strip   what it is sawn to
 * @param length  of the rectangle
 * @param isWhole whether it is the side itself, and so comes from no stick
 */
public record SheetPiece(Piece piece, Strip strip, Length length, boolean isWhole) {
    /** What the rack calls such sheets. */
    Material material() {
        return Material.of(strip.species()).orElseThrow();
    }

    /** The letters of its side, and which part of it. */
    public String letters() {
        return piece.member().side().letters()
                + piece.part().map(part -> " " + part.number() + "/" + part.of()).orElse("");
    }

    /** The sheet it is from, by what it is and how thick. */
    public Words from() {
        return Words.of("sheet.thick", strip.sheetThickness(), strip.species());
    }
}
