package neatcorner.core.wood;

/**
 * Woods a frame is made of. Densities are means at about 12 % moisture, from memory of the usual
 * handbook tables (a board may lie 10 % either side), so every weight is an estimate.
 */
public enum Species {
    /** American ash. */
    ASH(670, true, 0xD9BC8B),
    /** Basswood, lime. */
    BASSWOOD(415, true, 0xE3CDA2),
    /** European beech. */
    BEECH(720, true, 0xD6AE82),
    /** Black cherry. */
    CHERRY(560, true, 0xB9794F),
    /** Hard maple. */
    MAPLE(705, true, 0xDDBE8F),
    /** Red oak. */
    RED_OAK(700, true, 0xC99E6B),
    /** White oak. */
    WHITE_OAK(755, true, 0xC6A274),
    /** Pine, common softwood. */
    PINE(430, false, 0xE2BE83),
    /** Yellow poplar, tulipwood. */
    POPLAR(455, true, 0xCDBF8E),
    /** Spruce. */
    SPRUCE(430, false, 0xE6CB98),
    /** Black walnut. */
    WALNUT(610, true, 0x8A6042);

    private final double density;
    private final boolean hardwood;
    private final int colour;

    Species(double density, boolean hardwood, int colour) {
        this.density = density;
        this.hardwood = hardwood;
        this.colour = colour;
    }

    /** In kg/m³ at about 12 % moisture, an estimate. */
    public double density() {
        return density;
    }

    /** Whether fasteners, pressure and pilot holes are to be chosen for hardwood. */
    public boolean isHardwood() {
        return hardwood;
    }

    /** For drawing, as {@code 0xRRGGBB}. */
    public int colour() {
        return colour;
    }
}
