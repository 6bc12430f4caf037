package neatcorner.core.measure;

/**
 * How much wood there is.
 *
 * @param mm3 in cubic millimetres; finite, zero or more
 */
public record Volume(double mm3) implements Quantity, Comparable<Volume> {
    /** Nothing. */
    public static final Volume ZERO = new Volume(0);
    /** A board foot is 144 cubic inches: a foot square and an inch thick. */
    private static final double MM3_PER_BOARD_FOOT = 144 * 25.4 * 25.4 * 25.4;

    public Volume {
        Finite.within("volume in cubic millimetres", mm3, 0, 1e15);
    }

    /** Of a box. */
    public static Volume of(Length length, Length width, Length thickness) {
        return new Volume(length.toMm() * width.toMm() * thickness.toMm());
    }

    /** In board feet, the trade's measure of boards. */
    public double toBoardFeet() {
        return mm3 / MM3_PER_BOARD_FOOT;
    }

    /** In cubic decimetres. */
    public double toDm3() {
        return mm3 / 1e6;
    }

    /** The sum. */
    public Volume plus(Volume other) {
        return new Volume(mm3 + other.mm3);
    }

    /** What is left of it; nothing where there is more of the other. */
    public Volume minus(Volume other) {
        return new Volume(Math.max(0, mm3 - other.mm3));
    }

    /** So many alike. */
    public Volume times(int count) {
        return new Volume(mm3 * count);
    }

    @Override
    public int compareTo(Volume other) {
        return Double.compare(mm3, other.mm3);
    }
}
