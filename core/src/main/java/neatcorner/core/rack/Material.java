package neatcorner.core.rack;

import java.util.Map;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.wood.Species;

/**
 * What lies in the rabbet. Thicknesses are common practice; densities are from memory, glass and
 * acrylic apart, and only as good as a weight estimate needs.
 */
public enum Material {
    /** Thin glass for pictures. */
    PICTURE_GLASS(Role.GLAZING, Length.inches(0, 3, 32), 2500),
    /** Common window glass. */
    WINDOW_GLASS(Role.GLAZING, Length.inches(0, 1, 8), 2500),
    /** Acrylic sheet. */
    ACRYLIC(Role.GLAZING, Length.mm(3), 1190),
    /** Silvered glass. */
    MIRROR(Role.GLAZING, Length.mm(4), 2500),
    /** Four-ply mat board. */
    MAT_4_PLY(Role.MAT, Length.inches(0, 1, 16), 700),
    /** Eight-ply mat board. */
    MAT_8_PLY(Role.MAT, Length.inches(0, 1, 8), 700),
    /** A print, drawing or photograph on paper. */
    PAPER(Role.ART, Length.mm(0.3), 900),
    /** A pressed plant or cloth on a sheet. */
    PRESSING(Role.ART, Length.mm(1), 500),
    /** Canvas on its own bars; the density is that of bars and cloth over the whole area. */
    CANVAS_ON_BARS(Role.ART, Length.inches(0, 3, 4), 130),
    /** Mount board behind the picture. */
    MOUNT_BOARD(Role.MOUNT, Length.inches(0, 1, 16), 700),
    /** Foam-cored board. */
    FOAM_BOARD(Role.MOUNT, Length.inches(0, 3, 16), 80),
    /** Corrugated card. */
    CORRUGATED(Role.BACKING, Length.inches(0, 1, 8), 150),
    /** Hardboard. */
    HARDBOARD(Role.BACKING, Length.inches(0, 1, 8), 950),
    /** Thin MDF. */
    MDF(Role.BACKING, Length.mm(3), 750),
    /** Thin plywood. */
    PLYWOOD(Role.BACKING, Length.mm(4), 600),
    /** Particle board. */
    CHIPBOARD(Role.BACKING, Length.mm(10), 650);

    /** What a rack calls the sheets that these are. */
    private static final Map<Species, Material> OF_SPECIES =
            Map.of(Species.PLYWOOD, PLYWOOD, Species.MDF, MDF, Species.CHIPBOARD, CHIPBOARD);

    private final Role role;
    private final Length usualThickness;
    private final double density;

    Material(Role role, Length usualThickness, double density) {
        this.role = role;
        this.usualThickness = usualThickness;
        this.density = density;
    }

    /** What it does in the package; the order is front to back. */
    public enum Role {
        /** In front of everything. */
        GLAZING,
        /** A border with an opening. */
        MAT,
        /** What it is all for. */
        ART,
        /** What the art is fixed to. */
        MOUNT,
        /** Closes the back. */
        BACKING
    }

    /** The sheets that this comes in; empty for what comes as sticks and boards. */
    public static Optional<Material> of(Species species) {
        return Optional.ofNullable(OF_SPECIES.get(species));
    }

    /** What it does. */
    public Role role() {
        return role;
    }

    /** As usually bought. */
    public Length usualThickness() {
        return usualThickness;
    }

    /** In kg/m³. */
    public double density() {
        return density;
    }

    /** Whether it cuts hands and breaks. */
    public boolean isGlass() {
        return this == PICTURE_GLASS || this == WINDOW_GLASS || this == MIRROR;
    }

    /** Whether it is cut with a saw; the rest is scored or cut with a knife and loses nothing. */
    public boolean isSawn() {
        return this == HARDBOARD || this == MDF || this == PLYWOOD || this == CHIPBOARD;
    }
}
