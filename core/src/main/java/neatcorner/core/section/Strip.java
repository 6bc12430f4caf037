package neatcorner.core.section;

import java.util.List;
import java.util.TreeSet;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.wood.Species;

/**
 * One strip of the stack a section is glued up from; a plain moulding is one strip.
 *
 * @param species   the wood
 * @param width     across, from 3 to 1200 mm
 * @param thickness from 1 to 200 mm
 * @param setIn     how far its outer edge lies inside the outermost strip's, from 0 to 300 mm
 * @param front     how its whole front runs
 * @param inner     its front edge on the sight side
 * @param outer     its front edge on the outside
 * @param source    what it is made from
 */
public record Strip(
        Species species,
        Length width,
        Length thickness,
        Length setIn,
        Profile front,
        Edging inner,
        Edging outer,
        Source source) {
    /** The most strips glued into one section. */
    public static final int MOST = 6;
    private static final int FRONT_STEPS = 24;
    /** Thicker sheets are hardly sold. Common practice, no source. */
    private static final Length THICK_SHEET = Length.mm(25.4);

    public Strip {
        Range.within("strip_width", width, Length.mm(3), Section.WIDEST_BAR);
        Range.within("strip_thickness", thickness, Length.mm(1), Length.mm(200));
        Range.within("set_in", setIn, Length.ZERO, Length.mm(300));
        Range.within("profile_drop", front.drop(), Length.ZERO, thickness.minus(Length.mm(1)));
        Range.within("depth_of_the_inner_edge", inner.depth(), Length.ZERO, thickness);
        Range.within("depth_of_the_outer_edge", outer.depth(), Length.ZERO, thickness);
        Length room = width.minus(inner.width()).minus(outer.width());
        if (room.isNegative()) {
            throw Refusal.of("strip.worked_edges_are_wide", inner.width(), outer.width(), width);
        }
    }

    /** Whether it stands on edge when it comes from a sheet, as the side of a box does. */
    private boolean isOnEdge() {
        return thickness.isOver(THICK_SHEET) && thickness.isOver(width);
    }

    /** How thick the sheet is that it is sawn from. */
    public Length sheetThickness() {
        return isOnEdge() ? width : thickness;
    }

    /** How wide it is sawn from its sheet. */
    public Length sheetWidth() {
        return isOnEdge() ? thickness : width;
    }

    /** What a strip is made from. */
    public enum Source {
        /** A board, ripped and planed. */
        BOARD,
        /** A board with a tongue and a groove, whose groove becomes the rabbet. */
        GROOVED_BOARD
    }

    /** A plain strip. */
    public static Strip plain(Species species, Length width, Length thickness) {
        return new Strip(
                species, width, thickness, Length.ZERO, Profile.FLAT, Edging.SQUARE, Edging.SQUARE, Source.BOARD);
    }

    /** Of another wood. */
    public Strip withSpecies(Species other) {
        return new Strip(other, width, thickness, setIn, front, inner, outer, source);
    }

    /** Of another width. */
    public Strip withWidth(Length other) {
        return new Strip(species, other, thickness, setIn, front, inner, outer, source);
    }

    /** Of another thickness. */
    public Strip withThickness(Length other) {
        return new Strip(species, width, other, setIn, front, inner, outer, source);
    }

    /** Set in otherwise. */
    public Strip withSetIn(Length other) {
        return new Strip(species, width, thickness, other, front, inner, outer, source);
    }

    /** With another front. */
    public Strip withFront(Profile other) {
        return new Strip(species, width, thickness, setIn, other, inner, outer, source);
    }

    /** With a front of another shape, which falls as far as it did, or by a third of the strip. */
    public Strip withFront(Profile.Shape shape) {
        Length drop = front.drop().isPositive() ? front.drop() : thickness.over(3);
        return withFront(shape == Profile.Shape.FLAT ? Profile.FLAT : new Profile(shape, drop));
    }

    /** With another edge on the sight side. */
    public Strip withInner(Edging other) {
        return new Strip(species, width, thickness, setIn, front, other, outer, source);
    }

    /** With another edge on the outside. */
    public Strip withOuter(Edging other) {
        return new Strip(species, width, thickness, setIn, front, inner, other, source);
    }

    /** From another source. */
    public Strip from(Source other) {
        return new Strip(species, width, thickness, setIn, front, inner, outer, other);
    }

    /** Whether nothing is cut from it. */
    public boolean isPlain() {
        return front.shape() == Profile.Shape.FLAT
                && inner.kind() == Edging.Kind.SQUARE
                && outer.kind() == Edging.Kind.SQUARE;
    }

    /** Its wood, with its inner edge at {@code left} and its back at {@code low}, in mm. */
    Silhouette wood(double left, double low) {
        double wide = width.toMm();
        TreeSet<Double> stops = new TreeSet<>(List.of(0.0, wide));
        int steps = front.shape() == Profile.Shape.FLAT ? 0 : FRONT_STEPS;
        for (int i = 1; i < steps; i++) {
            stops.add(wide * i / steps);
        }
        for (double in : inner.stops()) {
            stops.add(in);
        }
        for (double in : outer.stops()) {
            stops.add(wide - in);
        }
        return Silhouette.under(
                low,
                stops.stream().map(x -> x + left).toList(),
                x -> low
                        + thickness.toMm()
                        - Math.max(
                                front.belowMm(Math.clamp((x - left) / wide, 0, 1)),
                                Math.max(inner.below(x - left), outer.below(left + wide - x))));
    }
}
