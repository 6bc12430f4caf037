package neatcorner.core.wood;

/**
 * Woods a frame is made of.
 *
 * <p>Densities are means at about 12 % moisture (a board may lie 10 % either side), so every weight is
 * an estimate. Movement is the change across the grain per per cent of moisture: the dimensional change
 * coefficients C_R and C_T of the Wood Handbook (USDA Forest Products Laboratory), chapter 13, good from
 * 6 to 14 % moisture. Densities and coefficients are from memory of the handbook's tables; teak, the
 * mahoganies and the European woods from memory of similar ones.
 */
public enum Species {
    /** American ash. */
    ASH(670, 169, 274, Hardness.HARD, 0xD9BC8B),
    /** Basswood, lime. */
    BASSWOOD(415, 230, 330, Hardness.SOFT, 0xE3CDA2),
    /** Beech. */
    BEECH(720, 190, 431, Hardness.HARD, 0xD6AE82),
    /** Black cherry. */
    CHERRY(560, 126, 248, Hardness.MIDDLING, 0xB9794F),
    /** Hard maple. */
    MAPLE(705, 165, 353, Hardness.HARD, 0xDDBE8F),
    /** Red oak. */
    RED_OAK(700, 158, 369, Hardness.HARD, 0xC99E6B),
    /** White oak. */
    WHITE_OAK(755, 180, 365, Hardness.HARD, 0xC6A274),
    /** Pine, common softwood; as ponderosa pine. */
    PINE(430, 133, 216, Hardness.SOFT, 0xE2BE83),
    /** Yellow poplar, tulipwood. */
    POPLAR(455, 158, 289, Hardness.MIDDLING, 0xCDBF8E),
    /** Spruce; as Sitka spruce. */
    SPRUCE(430, 148, 263, Hardness.SOFT, 0xE6CB98),
    /** Black walnut. */
    WALNUT(610, 190, 274, Hardness.MIDDLING, 0x8A6042),
    /** Red alder. */
    ALDER(450, 151, 256, Hardness.MIDDLING, 0xCE9B6C),
    /** Aspen. */
    ASPEN(420, 119, 234, Hardness.SOFT, 0xE8DCC0),
    /** Yellow birch. */
    BIRCH(690, 256, 338, Hardness.HARD, 0xE0C193),
    /** Western red cedar. */
    CEDAR(370, 111, 234, Hardness.SOFT, 0xB8805A),
    /** Chestnut. */
    CHESTNUT(480, 116, 234, Hardness.MIDDLING, 0xBE9463),
    /** Douglas fir, coast type. */
    DOUGLAS_FIR(530, 165, 267, Hardness.SOFT, 0xD6A06A),
    /** Eastern white pine. */
    EASTERN_WHITE_PINE(390, 71, 212, Hardness.SOFT, 0xE8CD9A),
    /** Elm. */
    ELM(560, 144, 338, Hardness.MIDDLING, 0xBD9468),
    /** Hickory. */
    HICKORY(800, 259, 411, Hardness.HARD, 0xCBA277),
    /** Mahogany. */
    MAHOGANY(545, 172, 238, Hardness.MIDDLING, 0x9A5A3C),
    /** Redwood, old growth. */
    REDWOOD(430, 120, 205, Hardness.SOFT, 0xA5613F),
    /** Sapele. */
    SAPELE(670, 185, 260, Hardness.HARD, 0x8E4F34),
    /** Red maple, sold as soft maple. */
    SOFT_MAPLE(590, 137, 289, Hardness.MIDDLING, 0xDCC097),
    /** Sycamore. */
    SYCAMORE(550, 172, 296, Hardness.MIDDLING, 0xD9B48F),
    /** Teak. */
    TEAK(655, 101, 186, Hardness.MIDDLING, 0xA9743F);

    private final double density;
    private final double radial;
    private final double tangential;
    private final Hardness hardness;
    private final int colour;

    Species(double density, int radial, int tangential, Hardness hardness, int colour) {
        this.density = density;
        this.radial = radial * 1e-5;
        this.tangential = tangential * 1e-5;
        this.hardness = hardness;
        this.colour = colour;
    }

    /** How a wood takes tools, pins and pressure. */
    public enum Hardness {
        /** Dents under a thumbnail; pins go in by hand. */
        SOFT,
        /** Easy to work. */
        MIDDLING,
        /** Wants pilot holes, light cuts and more pressure. */
        HARD
    }

    /** How a board's face lies to the growth rings. */
    public enum Grain {
        /** The face runs along the rings, as in most boards: it moves the most across. */
        FLAT_SAWN,
        /** The rings stand upright under the face. */
        QUARTER_SAWN
    }

    /** In kg/m³ at about 12 % moisture, an estimate. */
    public double density() {
        return density;
    }

    /** Change of width, as a share, per per cent of moisture. */
    public double movement(Grain grain) {
        return grain == Grain.QUARTER_SAWN ? radial : tangential;
    }

    /** How hard it is. */
    public Hardness hardness() {
        return hardness;
    }

    /** Whether long fibres lift and break out when a cut is too deep. */
    public boolean isSplintering() {
        return switch (this) {
            case ASH, RED_OAK, WHITE_OAK, HICKORY, DOUGLAS_FIR, ELM, CHESTNUT, SAPELE -> true;
            default -> false;
        };
    }

    /** For drawing, as {@code 0xRRGGBB}. */
    public int colour() {
        return colour;
    }
}
