package neatcorner.core.measure;

/** The finest marks on the tape in use, and with them the unit that numbers are read and written in. */
public enum Graduation {
    /** Sixteenths of an inch. */
    INCH_16(Unit.INCH, 16),
    /** Thirty-seconds of an inch. */
    INCH_32(Unit.INCH, 32),
    /** Sixty-fourths of an inch. */
    INCH_64(Unit.INCH, 64),
    /** Half millimetres. */
    MM_HALF(Unit.MM, 2),
    /** Tenths of a millimetre. */
    MM_TENTH(Unit.MM, 10);

    private final Unit unit;
    private final int parts;

    Graduation(Unit unit, int parts) {
        this.unit = unit;
        this.parts = parts;
    }

    /** The unit that is divided. */
    public Unit unit() {
        return unit;
    }

    /** Into how many parts. */
    public int parts() {
        return parts;
    }

    /** From one mark to the next; always a whole number of nanometres. */
    public Length step() {
        return new Length(unit.nanometres() / parts);
    }

    /** The mark that {@code length} goes to. */
    public Length round(Length length, Rounding rounding) {
        return rounding.toWhole(length, step());
    }

    /** The number as it is written on the work, with the residue that the tape cannot show. */
    public Numeral write(Length length, Rounding rounding) {
        Length mark = round(length, rounding);
        // Over and under are said of what a tape shows; of a number below zero they would be read the wrong way round.
        Numeral.Residue residue = mark.isNegative()
                ? Numeral.Residue.NONE
                : switch (Integer.signum(length.compareTo(mark))) {
                    case -1 -> Numeral.Residue.UNDER;
                    case 1 -> Numeral.Residue.OVER;
                    default -> Numeral.Residue.NONE;
                };
        boolean negative = mark.isNegative();
        long steps = mark.abs().nanometres() / step().nanometres();
        long whole = steps / parts;
        long rest = steps % parts;
        if (unit == Unit.INCH) {
            long common = rest == 0 ? parts : Math.min(Long.lowestOneBit(rest), parts);
            return new Numeral(negative, Long.toString(whole), (int) (rest / common), (int) (parts / common),
                    unit, residue);
        }
        String digits = rest == 0 ? "" : "." + rest * 10 / parts;
        return new Numeral(negative, whole + digits, 0, 1, unit, residue);
    }

    /** {@link #write(Length, Rounding)} to the nearest mark. */
    public Numeral write(Length length) {
        return write(length, Rounding.NEAREST);
    }
}
