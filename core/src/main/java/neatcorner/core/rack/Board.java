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
 * @param thickness as it is, rough or planed, where it is thinnest, from 5 to 150 mm
 * @param moisture  by weight, from 0 to 40 %; empty when it was not measured
 * @param grade     as the yard calls it; may be empty
 * @param defects   in no special order
 * @param price     of it
 * @param shelf     where it lies; may be empty
 * @param condition of its faces, and whether it is flat
 * @param forSale   whether it is not here but what a yard sells, as many as are wanted
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
        String shelf,
        Condition condition,
        boolean forSale)
        implements RackItem {
    /** One that is here. */
    public Board(
            String label,
            Species species,
            Length length,
            Length width,
            Length thickness,
            Optional<Share> moisture,
            String grade,
            List<Defect> defects,
            Optional<Price> price,
            String shelf,
            Condition condition) {
        this(label, species, length, width, thickness, moisture, grade, defects, price, shelf, condition, false);
    }

    public Board {
        label = RackItem.checkedLabel(label);
        if (!species.stuff().isGrown()) {
            throw Refusal.of("board.of_wood", label, species, species.stuff());
        }
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

    /** What was done to its faces. */
    public enum Surface {
        /** As the yard's saw left it. */
        ROUGH,
        /** Both faces planed, to the thickness it has. */
        PLANED,
        /** Planed, with a tongue on one edge and a groove on the near one. */
        GROOVED
    }

    /**
     * How a board is.
     *
     * @param surface what was done to its faces
     * @param cup     how hollow it is across its whole width, from 0 to 50 mm
     * @param twist   how far one corner stands up when the others lie, from 0 to 50 mm
     */
    public record Condition(Surface surface, Length cup, Length twist) {
        /** Rough and flat. */
        public static final Condition ROUGH = new Condition(Surface.ROUGH, Length.ZERO, Length.ZERO);

        public Condition {
            Range.within("cup_of_board", cup, Length.ZERO, Length.mm(50));
            Range.within("twist_of_board", twist, Length.ZERO, Length.mm(50));
        }

        /** Whether its faces are as the yard's saw left them. */
        public boolean isRough() {
            return surface == Surface.ROUGH;
        }

        /** Whether it is neither hollow nor twisted. */
        public boolean isFlat() {
            return cup.isZero() && twist.isZero();
        }

        /** Whether it has a groove at its near edge. */
        public boolean isGrooved() {
            return surface == Surface.GROOVED;
        }

        /** With other faces. */
        public Condition withSurface(Surface other) {
            return new Condition(other, cup, twist);
        }

        /** Otherwise hollow. */
        public Condition withCup(Length other) {
            return new Condition(surface, other, twist);
        }

        /** Otherwise twisted. */
        public Condition withTwist(Length other) {
            return new Condition(surface, cup, other);
        }

        /** What of it a part has: hollow goes with the square of the width, twist with width and length. */
        Condition part(double ofLength, double ofWidth) {
            return new Condition(surface, cup.times(ofWidth * ofWidth), twist.times(ofWidth * ofLength));
        }

        /** The thickness lost until a strip that is ripped first is flat, for its share of the board's width. */
        public Length loss(double ofWidth) {
            double share = Math.min(1, ofWidth);
            return cup.times(share * share).plus(twist.times(share));
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
     * @param shallow how deep it goes from one face; empty when it goes through
     */
    public record Defect(Kind kind, Length x, Length y, Length length, Length width, Optional<Shallow> shallow) {
        public Defect {
            Range.within("length_of_a_defect", length, new Length(1), Length.mm(7_000));
            Range.within("width_of_a_defect", width, new Length(1), Length.mm(1_000));
        }

        /** One that goes through. */
        public Defect(Kind kind, Length x, Length y, Length length, Length width) {
            this(kind, x, y, length, width, Optional.empty());
        }

        /** Elsewhere, or of another size. */
        public Defect at(Length otherX, Length otherY, Length otherLength, Length otherWidth) {
            return new Defect(kind, otherX, otherY, otherLength, otherWidth, shallow);
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

    /**
     * How a defect that does not go through lies in a board.
     *
     * @param face  it is seen on
     * @param depth it goes from there, over 0
     */
    public record Shallow(Face face, Length depth) {
        public Shallow {
            Range.within("depth_of_a_defect", depth, new Length(1), Length.mm(150));
        }
    }

    /** A face of a board, as it lies when it is measured and drawn. */
    public enum Face {
        /** The face that is seen. */
        UPPER,
        /** The face it lies on. */
        LOWER
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
        return new Board(
                label, species, length, width, thickness, moisture, grade, other, price, shelf, condition, forSale);
    }

    /** Of another wood. */
    public Board withSpecies(Species other) {
        return new Board(
                label, other, length, width, thickness, moisture, grade, defects, price, shelf, condition, forSale);
    }

    /** Of another size. */
    public Board withSize(Length otherLength, Length otherWidth, Length otherThickness) {
        return new Board(
                label,
                species,
                otherLength,
                otherWidth,
                otherThickness,
                moisture,
                grade,
                defects,
                price,
                shelf,
                condition, forSale);
    }

    /** With other faces, or flatter or less flat. */
    public Board withCondition(Condition other) {
        return new Board(
                label, species, length, width, thickness, moisture, grade, defects, price, shelf, other, forSale);
    }

    /** Measured wetter or drier, or not measured. */
    public Board withMoisture(Optional<Share> other) {
        return new Board(
                label, species, length, width, thickness, other, grade, defects, price, shelf, condition, forSale);
    }

    /** Of another grade. */
    public Board withGrade(String other) {
        return new Board(
                label, species, length, width, thickness, moisture, other, defects, price, shelf, condition, forSale);
    }

    /** At another price, or at none that is known. */
    public Board withPrice(Optional<Price> other) {
        return new Board(
                label, species, length, width, thickness, moisture, grade, defects, other, shelf, condition, forSale);
    }

    /** As a yard sells it, or as it is here. */
    public Board withForSale(boolean other) {
        return new Board(
                label, species, length, width, thickness, moisture, grade, defects, price, shelf, condition, other);
    }

    /** The label of its kind: without the number of {@link #numbered}. */
    public String soldAs() {
        int number = label.lastIndexOf('.');
        return number < 0 ? label : label.substring(0, number);
    }

    /** One of several that are sold alike, its number behind its label. */
    public Board numbered(int number) {
        return new Board(
                label + "." + number,
                species,
                length,
                width,
                thickness,
                moisture,
                grade,
                defects,
                price,
                shelf,
                condition,
                forSale);
    }

    @Override
    public Board withShelf(String other) {
        return new Board(
                label, species, length, width, thickness, moisture, grade, defects, price, other, condition, forSale);
    }

    /** The defect moved so far, but never off the board. */
    public Board withDefectMoved(int index, Length dx, Length dy) {
        Defect defect = defects.get(index);
        Length x = defect.x().plus(dx).max(Length.ZERO).min(length.minus(defect.length()));
        Length y = defect.y().plus(dy).max(Length.ZERO).min(width.minus(defect.width()));
        return withDefect(index, defect.at(x, y, defect.length(), defect.width()));
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
                    return d.at(
                            left.minus(fromX),
                            near.minus(fromY),
                            d.right().min(toX).minus(left),
                            d.top().min(toY).minus(near));
                })
                .toList();
        return new Board(
                label,
                species,
                partLength,
                partWidth,
                thickness,
                moisture,
                grade,
                within,
                price,
                shelf,
                condition.part(partLength.ratio(length), partWidth.ratio(width)), forSale);
    }

    /** The same paid for already and here, under another label. */
    public Board paid(String other) {
        return new Board(
                other,
                species,
                length,
                width,
                thickness,
                moisture,
                grade,
                defects,
                Optional.empty(),
                shelf,
                condition);
    }

    /** The wood in it. */
    public Volume volume() {
        return Volume.of(length, width, thickness);
    }
}
