package neatcorner.core.section;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import neatcorner.core.measure.Finite;
import neatcorner.core.measure.Length;
import neatcorner.core.wood.Species;

/**
 * A moulding or strip cut through.
 *
 * @param name      what the shop calls it
 * @param species   the wood
 * @param face      sight line to outside line, from 3 to 300 mm
 * @param thickness back to the highest point of the front, from 3 to 200 mm
 * @param recess    what holds the package
 * @param profile   the front
 */
public record Section(String name, Species species, Length face, Length thickness, Recess recess, Profile profile) {
    private static final int PROFILE_POINTS = 24;

    public Section {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a section needs a name");
        }
        Finite.within("face", face, Length.mm(3), Length.mm(300));
        Finite.within("thickness", thickness, Length.mm(3), Length.mm(200));
        Finite.within("profile drop", profile.drop(), Length.ZERO, thickness.minus(Length.mm(1)));
        switch (recess) {
            case Recess.Rabbet(Length lip, Length depth) -> {
                Finite.within("lip", lip, Length.mm(1), face.minus(Length.mm(1)));
                Finite.within("rabbet depth", depth, Length.mm(1), thickness.minus(Length.mm(0.5)));
            }
            case Recess.Floater(_, Length ledgeThickness) ->
                Finite.within("ledge thickness", ledgeThickness, Length.mm(3), thickness.minus(Length.mm(1)));
            case Recess.Bar() -> {
            }
        }
    }

    /** A point of the section, in millimetres from the sight line and from the back. */
    public record Point(double x, double y) {
    }

    /** How far wood covers the package on each side. */
    public Length lip() {
        return recess.lip();
    }

    /** All the wood across: what the stick is wide. */
    public Length width() {
        return face.plus(recess.ledge());
    }

    /** What is left of the back to drive fasteners into: rabbet line to outside line. */
    public Length backWidth() {
        return width().minus(lip());
    }

    /** How deep the package may lie: the rabbet's depth, or a floater's wall above its ledge. */
    public Length recessDepth() {
        return switch (recess) {
            case Recess.Rabbet rabbet -> rabbet.depth();
            case Recess.Floater floater -> thickness.minus(floater.thickness());
            case Recess.Bar() -> Length.ZERO;
        };
    }

    /** The least wood between the rabbet and the front; the whole thickness where there is no rabbet. */
    public Length woodInFrontOfRabbet() {
        if (!(recess instanceof Recess.Rabbet(Length lip, Length depth))) {
            return thickness;
        }
        Length lowest = IntStream.rangeClosed(0, PROFILE_POINTS)
                .mapToObj(i -> front(lip.ratio(face) * i / PROFILE_POINTS))
                .min(Length::compareTo).orElseThrow();
        return lowest.minus(depth);
    }

    private Length front(double across) {
        return thickness.minus(profile.below(across));
    }

    /** The same with another face width. */
    public Section withFace(Length other) {
        return new Section(name, species, other, thickness, recess, profile);
    }

    /** The same with another thickness. */
    public Section withThickness(Length other) {
        return new Section(name, species, face, other, recess, profile);
    }

    /** The same with another recess. */
    public Section withRecess(Recess other) {
        return new Section(name, species, face, thickness, other, profile);
    }

    /** Whether sticks of that section can stand in for this one: all but the name alike. */
    public boolean isCutLike(Section other) {
        return new Section(other.name, species, face, thickness, recess, profile).equals(other);
    }

    /** The outline, going round; x below zero is a floater's ledge. */
    public List<Point> outline() {
        List<Point> points = new ArrayList<>();
        double outside = face.toMm();
        switch (recess) {
            case Recess.Rabbet(Length lip, Length depth) -> {
                points.add(new Point(lip.toMm(), 0));
                points.add(new Point(lip.toMm(), depth.toMm()));
                points.add(new Point(0, depth.toMm()));
            }
            case Recess.Floater(Length ledge, Length ledgeThickness) -> {
                points.add(new Point(-ledge.toMm(), 0));
                points.add(new Point(-ledge.toMm(), ledgeThickness.toMm()));
                points.add(new Point(0, ledgeThickness.toMm()));
            }
            case Recess.Bar() -> points.add(new Point(0, 0));
        }
        int steps = profile.shape() == Profile.Shape.FLAT ? 1 : PROFILE_POINTS;
        for (int i = 0; i <= steps; i++) {
            double across = (double) i / steps;
            points.add(new Point(outside * across, front(across).toMm()));
        }
        points.add(new Point(outside, 0));
        return List.copyOf(points);
    }

    /** The area of wood cut through, in mm²: half the sum of cross products around the outline. */
    public double areaMm2() {
        List<Point> points = outline();
        double twice = 0;
        for (int i = 0; i < points.size(); i++) {
            Point a = points.get(i);
            Point b = points.get((i + 1) % points.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return Math.abs(twice) / 2;
    }
}
