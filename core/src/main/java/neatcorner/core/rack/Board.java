package neatcorner.core.rack;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Volume;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.wood.Species;

/**
 * A board as it came from the yard.
 *
 * @param label     what is chalked on it
 * @param species   of wood
 * @param length    from 100 mm to 7 m
 * @param width     from 20 mm to 1 m
 * @param thickness as it is, rough or planed, from 5 to 150 mm
 * @param moisture  by weight, from 0 to 40 %; empty when it was not measured
 * @param grade     as the yard calls it; may be empty
 * @param defects   in no special order
 * @param price     of it
 * @param shelf     where it lies; may be empty
 */
public record Board(
        String label,
        Species species,
        Length length,
        Length width,
        Length thickness,
        Optional<Share> moisture,
        String grade,
        List<Defect> defects,
        Optional<Price> price,
        String shelf)
        implements RackItem {
    public Board {
        label = RackItem.checkedLabel(label);
        Range.within("length_of_board", length, Length.mm(100), Length.mm(7_000), label);
        Range.within("width_of_board", width, Length.mm(20), Length.mm(1_000), label);
        Range.within("thickness_of_board", thickness, Length.mm(5), Length.mm(150), label);
        if (moisture.isPresent() && !(moisture.get().fraction() >= 0 && moisture.get().fraction() <= 0.4)) {
            throw Refusal.of("board.moisture_of_board_is", label, moisture.get().toPercent());
        }
        defects = List.copyOf(defects);
        for (Defect defect : defects) {
            if (defect.x().isNegative()
                    || defect.y().isNegative()
                    || defect.right().isOver(length)
                    || defect.top().isOver(width)) {
                throw Refusal.of(
                        "board.defect_of_board_is",
                        label,
                        defect.x(),
                        defect.y(),
                        defect.right(),
                        defect.top(),
                        length,
                        width);
            }
        }
    }

    /**
     * A part no member may be cut from.
     *
     * @param kind   what it is
     * @param x      along the board from its left end
     * @param y      across from its near edge
     * @param length along the board, over 0
     * @param width  across, over 0
     */
    public record Defect(Kind kind, Length x, Length y, Length length, Length width) {
        public Defect {
            Range.within("length_of_a_defect", length, new Length(1), Length.mm(7_000));
            Range.within("width_of_a_defect", width, new Length(1), Length.mm(1_000));
        }

        /** Its right end along the board. */
        public Length right() {
            return x.plus(length);
        }

        /** Its far edge across the board. */
        public Length top() {
            return y.plus(width);
        }
    }

    /** What is wrong with a part of a board. */
    public enum Kind {
        /** A knot. */
        KNOT,
        /** A split or check. */
        SPLIT,
        /** Bark or a missing edge. */
        WANE,
        /** Sapwood of another colour. */
        SAPWOOD,
        /** A nail, screw or stone. */
        METAL,
        /** A stain or anything else. */
        STAIN
    }

    /** With one defect in the place of another. */
    public Board withDefect(int index, Defect other) {
        List<Defect> changed = new ArrayList<>(defects);
        changed.set(index, other);
        return withDefects(changed);
    }

    /** With other defects. */
    public Board withDefects(List<Defect> other) {
        return new Board(label, species, length, width, thickness, moisture, grade, other, price, shelf);
    }

    /** Of another wood. */
    public Board withSpecies(Species other) {
        return new Board(label, other, length, width, thickness, moisture, grade, defects, price, shelf);
    }

    /** Of another size. */
    public Board withSize(Length otherLength, Length otherWidth, Length otherThickness) {
        return new Board(
                label, species, otherLength, otherWidth, otherThickness, moisture, grade, defects, price, shelf);
    }

    /** Measured wetter or drier, or not measured. */
    public Board withMoisture(Optional<Share> other) {
        return new Board(label, species, length, width, thickness, other, grade, defects, price, shelf);
    }

    /** Of another grade. */
    public Board withGrade(String other) {
        return new Board(label, species, length, width, thickness, moisture, other, defects, price, shelf);
    }

    /** At another price, or at none that is known. */
    public Board withPrice(Optional<Price> other) {
        return new Board(label, species, length, width, thickness, moisture, grade, defects, other, shelf);
    }

    @Override
    public Board withShelf(String other) {
        return new Board(label, species, length, width, thickness, moisture, grade, defects, price, other);
    }

    /** The defect moved so far, but never off the board. */
    public Board withDefectMoved(int index, Length dx, Length dy) {
        Defect defect = defects.get(index);
        Length x = defect.x().plus(dx).max(Length.ZERO).min(length.minus(defect.length()));
        Length y = defect.y().plus(dy).max(Length.ZERO).min(width.minus(defect.width()));
        return withDefect(index, new Defect(defect.kind(), x, y, defect.length(), defect.width()));
    }

    /** A rectangle of it, with the parts of its defects that lie in it. */
    public Board part(Length fromX, Length fromY, Length partLength, Length partWidth) {
        Length toX = fromX.plus(partLength);
        Length toY = fromY.plus(partWidth);
        List<Defect> within = defects.stream()
                .filter(d ->
                        d.right().isOver(fromX) && d.x().isUnder(toX) && d.top().isOver(fromY) && d.y().isUnder(toY))
                .map(d -> {
                    Length left = d.x().max(fromX);
                    Length near = d.y().max(fromY);
                    return new Defect(
                            d.kind(),
                            left.minus(fromX),
                            near.minus(fromY),
                            d.right().min(toX).minus(left),
                            d.top().min(toY).minus(near));
                })
                .toList();
        return new Board(label, species, partLength, partWidth, thickness, moisture, grade, within, price, shelf);
    }

    /** The same paid for already, under another label. */
    public Board paid(String other) {
        return new Board(other, species, length, width, thickness, moisture, grade, defects, Optional.empty(), shelf);
    }

    /** The wood in it. */
    public Volume volume() {
        return Volume.of(length, width, thickness);
    }
}
