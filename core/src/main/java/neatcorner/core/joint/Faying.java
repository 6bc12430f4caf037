package neatcorner.core.joint;

import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.job.Construction;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Angle;
import neatcorner.core.outline.Lean;
import neatcorner.core.section.Section;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Strength;

/**
 * The faying surfaces of a corner: where two pieces touch and are glued; of two that are unlike the lesser.
 *
 * @param wood     of the weaker
 * @param area     of the wood that meets there, in mm²
 * @param modulus  of that area for turning in the frame's plane, in mm³
 * @param length   of the joint from the outer corner to the inner, in mm
 * @param toGrain  between the joint and the grain of the piece, in rad; a right angle on end grain
 * @param angle    inside the corner, in rad
 * @param through  across the piece that runs through a corner that meets square, or across either of a mitre, clear of
 *                 its rabbet, in mm
 * @param standing the same across the other
 * @param thick    how thick the pieces are there, in mm
 * @param corner   how pieces meet that meet square
 * @param bond     of what a good joint's glue bears, what this one's does, as a share
 */
public record Faying(
        Strength wood,
        double area,
        double modulus,
        double length,
        double toGrain,
        double angle,
        double through,
        double standing,
        double thick,
        Optional<SquareCorner> corner,
        double bond) {
    private static final double ALIKE = 1e-6;
    /** Of side grain glued across: its fibres roll. Common practice, no source. */
    static final double ROLLING = 0.5;
    /**
     * All of a glued rectangle at its limit turns with so much of its area times its diagonal (the mean distance from
     * the middle of a square, 0.54 of its side's half times the root of two, reckoned).
     */
    private static final double TWIST = 0.27;

    /**
     * Of the corner at which a member starts.
     *
     * @param at     which, from 0
     * @param inside the angle there
     */
    static Faying of(Frame frame, int at, Angle inside, Strength wood) {
        Member after = frame.members().get(at);
        Member before = frame.members().get((at + frame.members().size() - 1) % frame.members().size());
        double angle = inside.radians();
        return frame.job()
                .squared()
                .map(squared -> squared(frame, before, after, squared, angle, wood))
                .orElseGet(() -> {
                    Lean lean = frame.job().lean();
                    Faying one = mitred(before.joint(true), before.section(), lean, angle, wood);
                    Faying other = mitred(after.joint(false), after.section(), lean, angle, wood);
                    return one.modulus < other.modulus ? one : other;
                });
    }

    /** A section cut aslant: what is cut is larger than the section by the cut's slope, and longer in the plane. */
    private static Faying mitred(Mitre cut, Section section, Lean lean, double angle, Strength wood) {
        double along = cut.along();
        double clear = section.backWidth().toMm();
        double wide = section.face().toMm() * lean.angle().cos()
                + section.thickness().toMm() * lean.angle().sin();
        return new Faying(
                wood,
                section.areaMm2() / along,
                section.modulusInPlane(lean) / (along * along),
                wide / along,
                Math.asin(along),
                angle,
                clear,
                clear,
                section.thickness().toMm(),
                Optional.empty(),
                1);
    }

    private static Faying squared(
            Frame frame, Member before, Member after, Construction.Squared squared, double angle, Strength wood) {
        boolean runs = squared.through().runs(before.side());
        Section through = (runs ? before : after).section();
        Section standing = (runs ? after : before).section();
        double open = frame.job().section().recess().opening().toMm();
        return new Faying(
                wood,
                standing.areaMm2(),
                standing.modulusInPlane(frame.job().lean()),
                standing.face().toMm(),
                Math.PI / 2,
                angle,
                through.face().toMm() - open,
                standing.face().toMm() - open,
                Math.min(through.thickness().toMm(), standing.thickness().toMm()),
                Optional.of(squared.corner()),
                1);
    }

    /** Whether a corner is like another to far less than a saw could make it. */
    boolean isLike(Faying other) {
        return corner.equals(other.corner)
                && Math.abs(area - other.area) < ALIKE * area
                && Math.abs(modulus - other.modulus) < ALIKE * modulus
                && Math.abs(angle - other.angle) < ALIKE
                && Math.abs(through - other.through) < ALIKE
                && Math.abs(standing - other.standing) < ALIKE;
    }

    /** With glue that bears so much less, as a share. */
    Faying glued(double share) {
        return new Faying(
                wood, area, modulus, length, toGrain, angle, through, standing, thick, corner, share * bond);
    }

    /** Glue between the pieces, sized where it is end grain, and nothing else. */
    Hold glue() {
        double stress = bond * wood.glue(toGrain);
        return Hold.of(stress * modulus, stress * area, stress * area);
    }

    /** Whatever is glued of a corner that meets so, and nothing else. */
    Hold glued() {
        return corner.map(meets -> meets.isLap() ? lapped() : meets == SquareCorner.HOUSED ? housed() : glue())
                .orElseGet(this::glue);
    }

    /** So many flat sides are glued to one another. */
    int cheeks() {
        return corner.filter(meets -> meets == SquareCorner.BRIDLED).isPresent() ? 2 : 1;
    }

    /** Flat side on flat side over the crossing, half of it where its front is mitred. */
    Hold lapped() {
        return lapped(
                through,
                standing,
                corner.filter(meets -> meets == SquareCorner.MITRE_LAPPED).isPresent() ? 0.5 : cheeks());
    }

    private Hold lapped(double one, double other, double share) {
        double glued = bond * ROLLING * wood.shear() * share * one * other;
        return Hold.of(glued * TWIST * Math.hypot(one, other), glued, glued);
    }

    /** What half-laps of these pieces would bear in place of a mitre or a square corner. */
    Hold halfLapped() {
        return lapped(through, standing, 1);
    }

    /** In a housing: its walls bear what slides, end grain and glue the rest. */
    Hold housed() {
        double stress = bond * wood.glue(toGrain);
        return Hold.of(
                stress * modulus, stress * area, wood.shear() * thick * through / 2);
    }
}
