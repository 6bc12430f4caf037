package neatcorner.core.wood;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/**
 * What a frame is made of: a wood, a sheet or a metal of those that are known here, or a maker's own with its own
 * values.
 *
 * <p>Densities are means at about 12 % moisture (a board may lie 10 % either side), so every weight is
 * an estimate. Movement is the change across the grain per per cent of moisture: the dimensional change
 * coefficients C_R and C_T of the Wood Handbook (USDA Forest Products Laboratory), chapter 13, good from
 * 6 to 14 % moisture. Densities and coefficients are from memory of the handbook's tables; teak, the
 * mahoganies and the European woods from memory of similar ones. Those of sheets are from memory of makers' sheets of
 * values: as much in their length as across.
 *
 * @param name       of a known wood its key, as {@code red_oak}; of an own one what the maker calls it, up
 *                   to {@value #LONGEST_NAME} characters without {@code /}
 * @param isOwn      whether a maker gave its values
 * @param density    in kg/m³, of wood at about 12 % moisture; from 50 to 9000; an estimate
 * @param radial     change of width of a quarter-sawn board, as a share, per per cent of moisture; from 0 to 0.01
 * @param tangential the same of a flat-sawn board
 * @param hardness   how it takes tools
 * @param isSplintering whether long fibres lift and break out when a cut is too deep
 * @param colour     for drawing, as {@code 0xRRGGBB}
 * @param stuff      what kind of thing it is
 */
public record Species(String name, boolean isOwn, double density, double radial, double tangential, Hardness hardness,
                      boolean isSplintering, int colour, Stuff stuff) implements Named {
    /** The longest name of an own wood. */
    public static final int LONGEST_NAME = 40;
    private static final List<Species> KNOWN = new ArrayList<>();

    /** American ash. */
    public static final Species ASH = known("ash", 670, 169, 274, Hardness.HARD, 0xD9BC8B, true);
    /** Basswood, lime. */
    public static final Species BASSWOOD = known("basswood", 415, 230, 330, Hardness.SOFT, 0xE3CDA2, false);
    /** Beech. */
    public static final Species BEECH = known("beech", 720, 190, 431, Hardness.HARD, 0xD6AE82, false);
    /** Black cherry. */
    public static final Species CHERRY = known("cherry", 560, 126, 248, Hardness.MIDDLING, 0xB9794F, false);
    /** Hard maple. */
    public static final Species MAPLE = known("maple", 705, 165, 353, Hardness.HARD, 0xDDBE8F, false);
    /** Red oak. */
    public static final Species RED_OAK = known("red_oak", 700, 158, 369, Hardness.HARD, 0xC99E6B, true);
    /** White oak. */
    public static final Species WHITE_OAK = known("white_oak", 755, 180, 365, Hardness.HARD, 0xC6A274, true);
    /** Pine, common softwood; as ponderosa pine. */
    public static final Species PINE = known("pine", 430, 133, 216, Hardness.SOFT, 0xE2BE83, false);
    /** Yellow poplar, tulipwood. */
    public static final Species POPLAR = known("poplar", 455, 158, 289, Hardness.MIDDLING, 0xCDBF8E, false);
    /** Spruce; as Sitka spruce. */
    public static final Species SPRUCE = known("spruce", 430, 148, 263, Hardness.SOFT, 0xE6CB98, false);
    /** Black walnut. */
    public static final Species WALNUT = known("walnut", 610, 190, 274, Hardness.MIDDLING, 0x8A6042, false);
    /** Red alder. */
    public static final Species ALDER = known("alder", 450, 151, 256, Hardness.MIDDLING, 0xCE9B6C, false);
    /** Aspen. */
    public static final Species ASPEN = known("aspen", 420, 119, 234, Hardness.SOFT, 0xE8DCC0, false);
    /** Yellow birch. */
    public static final Species BIRCH = known("birch", 690, 256, 338, Hardness.HARD, 0xE0C193, false);
    /** Western red cedar. */
    public static final Species CEDAR = known("cedar", 370, 111, 234, Hardness.SOFT, 0xB8805A, false);
    /** Chestnut. */
    public static final Species CHESTNUT = known("chestnut", 480, 116, 234, Hardness.MIDDLING, 0xBE9463, true);
    /** Douglas fir, coast type. */
    public static final Species DOUGLAS_FIR = known("douglas_fir", 530, 165, 267, Hardness.SOFT, 0xD6A06A, true);
    /** Eastern white pine. */
    public static final Species EASTERN_WHITE_PINE =
            known("eastern_white_pine", 390, 71, 212, Hardness.SOFT, 0xE8CD9A, false);
    /** Elm. */
    public static final Species ELM = known("elm", 560, 144, 338, Hardness.MIDDLING, 0xBD9468, true);
    /** Hickory. */
    public static final Species HICKORY = known("hickory", 800, 259, 411, Hardness.HARD, 0xCBA277, true);
    /** Mahogany. */
    public static final Species MAHOGANY = known("mahogany", 545, 172, 238, Hardness.MIDDLING, 0x9A5A3C, false);
    /** Redwood, old growth. */
    public static final Species REDWOOD = known("redwood", 430, 120, 205, Hardness.SOFT, 0xA5613F, false);
    /** Sapele. */
    public static final Species SAPELE = known("sapele", 670, 185, 260, Hardness.HARD, 0x8E4F34, true);
    /** Red maple, sold as soft maple. */
    public static final Species SOFT_MAPLE = known("soft_maple", 590, 137, 289, Hardness.MIDDLING, 0xDCC097, false);
    /** Sycamore. */
    public static final Species SYCAMORE = known("sycamore", 550, 172, 296, Hardness.MIDDLING, 0xD9B48F, false);
    /** Teak. */
    public static final Species TEAK = known("teak", 655, 101, 186, Hardness.MIDDLING, 0xA9743F, false);

    /** Plywood, birch all through or poplar inside. */
    public static final Species PLYWOOD = sheet("plywood", 620, 20, Stuff.LAYERED, 0xD9BE93);
    /** Medium-density fibreboard. */
    public static final Species MDF = sheet("mdf", 750, 30, Stuff.PRESSED, 0xB99A73);
    /** Particle board. */
    public static final Species CHIPBOARD = sheet("chipboard", 650, 35, Stuff.PRESSED, 0xC9B184);
    /** Aluminium, as drawn. */
    public static final Species ALUMINIUM = keep(
            new Species("aluminium", false, 2700, 0, 0, Hardness.HARD, false, 0xB9BEC2, Stuff.METAL));

    public Species {
        if (name.isBlank()
                || name.length() > LONGEST_NAME
                || name.contains("/")
                || name.chars().anyMatch(Character::isISOControl)) {
            throw Refusal.of("species.name_of_wood_have", name, LONGEST_NAME);
        }
        if (isOwn && KNOWN.stream().anyMatch(known -> known.name.equalsIgnoreCase(name.strip().replace(' ', '_')))) {
            throw Refusal.of("species.name_of_wood_is", name, name);
        }
        Range.number("density_in_kg_m", density, 50, 9000);
        Range.number("colour_of_a_material", colour, 0, 0xFFFFFF);
        Range.number("radial_movement_per", radial, 0, 0.01);
        Range.number("tangential_movement_per", tangential, 0, 0.01);
    }

    private static Species known(
            String key, double density, int radial, int tangential, Hardness hardness, int colour, boolean splinters) {
        return keep(new Species(
                key, false, density, radial * 1e-5, tangential * 1e-5, hardness, splinters, colour, Stuff.WOOD));
    }

    private static Species sheet(String key, double density, int movement, Stuff stuff, int colour) {
        return keep(new Species(
                key, false, density, movement * 1e-5, movement * 1e-5, Hardness.MIDDLING, false, colour, stuff));
    }

    private static Species keep(Species species) {
        KNOWN.add(species);
        return species;
    }

    /** The woods whose values are known here. */
    public static List<Species> known() {
        return List.copyOf(KNOWN);
    }

    /** A wood with a maker's own values, in the colour that woods so dense mostly have. */
    public static Species own(
            String name, double density, double radial, double tangential, Hardness hardness, boolean splinters) {
        return own(name, density, radial, tangential, hardness, splinters, shaded(density), Stuff.WOOD);
    }

    /** A material with a maker's own values. */
    public static Species own(
            String name,
            double density,
            double radial,
            double tangential,
            Hardness hardness,
            boolean splinters,
            int colour,
            Stuff stuff) {
        return new Species(name.strip(), true, density, radial, tangential, hardness, splinters, colour, stuff);
    }

    /** Wood is drawn the darker the denser it is. */
    private static int shaded(double density) {
        double dark = Math.clamp((density - 350) / 650, 0, 1);
        return shade(0xE3, 0x7A, dark) << 16 | shade(0xC8, 0x4C, dark) << 8 | shade(0x9B, 0x30, dark);
    }

    /** With another name, and so an own wood with these values. */
    public Species named(String other) {
        return own(other, density, radial, tangential, hardness, isSplintering, colour, stuff);
    }

    /** Of another density, an own material; what is drawn in the colour of its density stays so. */
    public Species withDensity(double other) {
        int drawn = colour == shaded(density) ? shaded(other) : colour;
        return own(name, other, radial, tangential, hardness, isSplintering, drawn, stuff);
    }

    /** Moving otherwise, an own material. */
    public Species withMovement(double otherRadial, double otherTangential) {
        return own(name, density, otherRadial, otherTangential, hardness, isSplintering, colour, stuff);
    }

    /** Harder or softer, an own material. */
    public Species withHardness(Hardness other) {
        return own(name, density, radial, tangential, other, isSplintering, colour, stuff);
    }

    /** With or without long fibres that break out, an own material. */
    public Species withSplintering(boolean other) {
        return own(name, density, radial, tangential, hardness, other, colour, stuff);
    }

    /** Drawn in another colour, an own material. */
    public Species withColour(int other) {
        return own(name, density, radial, tangential, hardness, isSplintering, other, stuff);
    }

    /** Of another kind, an own material; only wood splinters. */
    public Species of(Stuff other) {
        return own(name, density, radial, tangential, hardness, isSplintering && other.isGrown(), colour, other);
    }

    private static int shade(int light, int deep, double share) {
        return (int) Math.round(light + (deep - light) * share);
    }

    @Override
    public Words words() {
        return isOwn ? Words.plain(name) : Words.of("species." + name);
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

    /** Change of width, as a share, per per cent of moisture. */
    public double movement(Grain grain) {
        return grain == Grain.QUARTER_SAWN ? radial : tangential;
    }
}
