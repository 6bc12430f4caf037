package neatcorner.core.wood;

import java.util.Collection;
import java.util.Optional;
import java.util.Set;

/**
 * How strong a material is: means of small clear pieces at about 12 % moisture, until they break. A board with a knot
 * or with its grain aslant holds less, and any piece less over years than over minutes, so nothing is loaded to these.
 *
 * <p>Wood by its density alone: the regressions property = a·G^b of the Wood Handbook (USDA Forest Products
 * Laboratory), chapter 5, for pieces at 12 % moisture, from memory; they differ for softwoods and hardwoods, and for a
 * wood that is not known here the lower of both is taken. Plywood, fibreboard and particle board as the least of the
 * standards EN 636, EN 622-5 and EN 312, from memory.
 *
 * @param gravity    specific gravity, of ovendry mass and the volume at 12 % moisture
 * @param elasticity along the grain, in MPa
 * @param bending    stress at which it breaks in bending, along the grain, in MPa
 * @param shear      along the grain, in MPa
 * @param isAssumed  whether it is a maker's own material, of which only the density is known
 */
public record Strength(double gravity, double elasticity, double bending, double shear, boolean isAssumed) {
    /** The mass of wood at 12 % moisture over that of its dry wood, in kg/m³. */
    private static final double PER_GRAVITY = 1120;
    private static final Set<Species> SOFTWOODS = Set.of(
            Species.PINE,
            Species.SPRUCE,
            Species.CEDAR,
            Species.DOUGLAS_FIR,
            Species.EASTERN_WHITE_PINE,
            Species.REDWOOD);
    /** Lighter or denser wood is outside what the regressions were drawn from. */
    private static final double LEAST_GRAVITY = 0.2;

    private static final double MOST_GRAVITY = 1.1;

    /** Of a material; empty for metal, of which a profile's shape and its maker's corners decide. */
    public static Optional<Strength> of(Species species) {
        double gravity = species.density() / PER_GRAVITY;
        return switch (species.stuff()) {
            case METAL -> Optional.empty();
            case LAYERED -> Optional.of(new Strength(gravity, 5000, 30, 4, species.isOwn()));
            case PRESSED ->
                Optional.of(
                        species.equals(Species.MDF)
                                ? new Strength(gravity, 2200, 20, 2.2, false)
                                : new Strength(gravity, 1600, 11, 1.4, species.isOwn()));
            case WOOD -> Optional.of(wood(species, Math.clamp(gravity, LEAST_GRAVITY, MOST_GRAVITY)));
        };
    }

    private static Strength wood(Species species, double g) {
        Strength soft = new Strength(
                g, 20500 * Math.pow(g, 0.84), 170.7 * Math.pow(g, 1.01), 16.6 * Math.pow(g, 0.85), species.isOwn());
        Strength hard = new Strength(
                g, 16500 * Math.pow(g, 0.7), 171.3 * Math.pow(g, 1.13), 21.9 * Math.pow(g, 1.13), species.isOwn());
        return species.isOwn() ? soft.least(hard) : SOFTWOODS.contains(species) ? soft : hard;
    }

    /** The least of several materials glued on one another; empty where one of them is not judged. */
    public static Optional<Strength> least(Collection<Species> materials) {
        return materials.stream()
                .map(Strength::of)
                .reduce((one, other) -> one.flatMap(first -> other.map(first::least)))
                .flatMap(least -> least);
    }

    private Strength least(Strength other) {
        return new Strength(
                Math.min(gravity, other.gravity),
                Math.min(elasticity, other.elasticity),
                Math.min(bending, other.bending),
                Math.min(shear, other.shear),
                isAssumed || other.isAssumed);
    }

    /**
     * What a glued joint bears, in MPa, between its surface and the grain: along the grain as much as the wood itself
     * in shear, at a mitre's 45° a quarter of it, on end grain a seventh, and between by Hankinson's formula (Wood
     * Handbook, from memory). A quarter at 45° is common practice for a sized mitre, no source; glue that was not
     * sized before bears four fifths of that.
     *
     * @param toGrain between the surface and the grain, in rad, from 0 to a right angle
     */
    public double glue(double toGrain) {
        double sin = Math.pow(Math.sin(toGrain), 2);
        return shear * END / (sin + END * (1 - sin));
    }

    /** End grain over side grain. */
    private static final double END = 1 / 7.0;

    /**
     * A smooth nail's or pin's withdrawal from side grain, in N: 54.12·G^5/2·D·L (Wood Handbook, chapter 8, from
     * memory).
     *
     * @param diameter in mm
     * @param length   in the wood, in mm
     */
    public double nailWithdrawal(double diameter, double length) {
        return 54.12 * Math.pow(gravity, 2.5) * diameter * length;
    }

    /** A wood screw's withdrawal from side grain, in N: 108.25·G²·D·L, with lengths in mm (ibid.). */
    public double screwWithdrawal(double diameter, double length) {
        return 108.25 * gravity * gravity * diameter * length;
    }

    /**
     * A nail's load across it until it gives way, in N: K·D^3/2 at the slip of 0.4 mm, with D in mm and K by the
     * wood's gravity, and 3.5 times that until it gives way, as in softwoods (ibid.).
     */
    public double nailLateral(double diameter) {
        return ULTIMATE * (gravity < 0.43 ? 50.04 : gravity < 0.48 ? 62.55 : gravity < 0.57 ? 69.5 : 94.52)
                * Math.pow(diameter, 1.5);
    }

    /** The same of a wood screw: K·D² (ibid.). */
    public double screwLateral(double diameter) {
        return ULTIMATE * (gravity < 0.43 ? 23.17 : gravity < 0.48 ? 29.79 : gravity < 0.57 ? 31.99 : 44.13)
                * diameter * diameter;
    }

    private static final double ULTIMATE = 3.5;
}
