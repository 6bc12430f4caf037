package neatcorner.core.rack;

import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;

/**
 * Sheets that are alike, or one with a label of its own.
 *
 * @param label     what is written on it
 * @param material  what it is
 * @param width     from 50 mm to 4 m
 * @param height    from 50 mm to 4 m
 * @param thickness from 0.05 to 50 mm
 * @param count     on hand, from 0 to 9999
 * @param forSale   whether as many more as are wanted can be bought
 * @param grain     which way its grain or pattern runs
 * @param face      its colour or surface; may be empty
 * @param price     of it
 * @param shelf     where it lies; may be empty
 */
public record Sheet(
        String label,
        Material material,
        Length width,
        Length height,
        Length thickness,
        int count,
        boolean forSale,
        Grain grain,
        String face,
        Optional<Price> price,
        String shelf)
        implements RackItem {
    /** Of one kind on a rack. */
    public static final int MOST = 9999;

    public Sheet {
        label = RackItem.checkedLabel(label);
        Range.within("width_of_sheet", width, Length.mm(50), Length.mm(4_000), label);
        Range.within("height_of_sheet", height, Length.mm(50), Length.mm(4_000), label);
        Range.within("thickness_of_sheet", thickness, Length.mm(0.05), Length.mm(50), label);
        if (count < 0 || count > MOST) {
            throw Refusal.of("sheet.there_are_sheets", count, label, MOST);
        }
    }

    /** Which way the grain, the corrugation or the pattern of a sheet runs. */
    public enum Grain {
        /** It has none: pieces may be turned. */
        NONE,
        /** Along its width. */
        ACROSS,
        /** Along its height. */
        UPRIGHT
    }

    /** One piece cut out of it as it lies, paid for already. */
    public Sheet part(String partLabel, Length partWidth, Length partHeight) {
        return new Sheet(
                partLabel, material, partWidth, partHeight, thickness, 1, false, grain, face, Optional.empty(), shelf);
    }

    /** So many on hand. */
    public Sheet withCount(int other) {
        return new Sheet(label, material, width, height, thickness, other, forSale, grain, face, price, shelf);
    }

    /** Of another material, as thick as that usually is. */
    public Sheet withMaterial(Material other) {
        return new Sheet(
                label, other, width, height, other.usualThickness(), count, forSale, grain, face, price, shelf);
    }

    /** Of another size. */
    public Sheet withSize(Length otherWidth, Length otherHeight, Length otherThickness) {
        return new Sheet(
                label, material, otherWidth, otherHeight, otherThickness, count, forSale, grain, face, price, shelf);
    }

    /** Whether more can be bought. */
    public Sheet withForSale(boolean other) {
        return new Sheet(label, material, width, height, thickness, count, other, grain, face, price, shelf);
    }

    /** With its grain another way. */
    public Sheet withGrain(Grain other) {
        return new Sheet(label, material, width, height, thickness, count, forSale, other, face, price, shelf);
    }

    /** With another face. */
    public Sheet withFace(String other) {
        return new Sheet(label, material, width, height, thickness, count, forSale, grain, other, price, shelf);
    }

    /** At another price, or at none that is known. */
    public Sheet withPrice(Optional<Price> other) {
        return new Sheet(label, material, width, height, thickness, count, forSale, grain, face, other, shelf);
    }

    @Override
    public Sheet withShelf(String other) {
        return new Sheet(label, material, width, height, thickness, count, forSale, grain, face, price, other);
    }
}
