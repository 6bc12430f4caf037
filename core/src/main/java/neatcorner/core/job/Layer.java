package neatcorner.core.job;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.rack.Material;

/**
 * One sheet of the package.
 *
 * @param material  what it is
 * @param thickness from 0.05 to 100 mm
 */
public record Layer(Material material, Length thickness) {
    public Layer {
        Range.within("layer_thickness", thickness, Length.mm(0.05), Length.mm(100));
    }

    /** As usually bought. */
    public static Layer of(Material material) {
        return new Layer(material, material.usualThickness());
    }
}
