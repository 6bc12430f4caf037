package neatcorner.core.frame;

import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;

/**
 * The cut of one piece at one corner. It runs from the corner of the outside lines to the corner of
 * the sight lines, which is the bisector only when both faces are equal.
 *
 * @param toEdge between the cut and the piece's own edge, between 0° and 180°, ends excluded
 * @param face   of the piece that is cut
 */
public record Mitre(Angle toEdge, Length face) {
    /**
     * The cut of a piece of {@code face} against a neighbour of {@code other} face. Lay the piece
     * along the x axis with its outside edge on it and the outside corner at the origin: its sight
     * line is y = a, the neighbour's runs parallel to the direction θ at distance b. They meet at
     * x = (b + a·cos θ) / sin θ, hence tan φ = a·sin θ / (b + a·cos θ). At 90° that is a/b, at equal
     * faces tan θ/2.
     *
     * @param interior angle θ between the two outside lines, over 0° and under 180°
     */
    public static Mitre between(Length face, Length other, Angle interior) {
        double a = face.toMm();
        double b = other.toMm();
        return new Mitre(new Angle(Math.atan2(a * interior.sin(), b + a * interior.cos())), face);
    }

    /** How far the saw swings from a square cut. */
    public Angle swing() {
        return toEdge.complement();
    }

    /** From the long point to the short point, along the piece: face / tan φ. */
    public Length setback() {
        return setbackOver(face);
    }

    /** The same over only a part of the face, measured from the outside line. */
    public Length setbackOver(Length across) {
        return across.times(1 / toEdge.tan());
    }

    /** How long the cut is, from the outside corner to the sight corner. */
    public Length length() {
        return face.times(1 / toEdge.sin());
    }

    /** What a blade takes from the outside edge of the stick: kerf / sin φ, since it crosses aslant. */
    public Length kerfAlongEdge(Length kerf) {
        return kerf.times(1 / toEdge.sin());
    }
}
