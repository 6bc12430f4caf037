package neatcorner.core.frame;

import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.Machines;

/**
 * The cut of one piece at one end: a plane, said by its normal in the piece's own axes. These are the
 * way along the piece toward this end, the way across its back from the sight edge to the outside
 * edge, and the way through it from back to front.
 *
 * @param along   part of the normal along the piece, over 0 and up to 1
 * @param across  part across the face; negative where the outside edge is the longer one
 * @param through part through the thickness; negative where the front is longer than the back
 * @param face    of the piece that is cut
 */
public record Mitre(double along, double across, double through, Length face) {
    /** A twentieth of a degree, in rad: what a saw can be set and proved to by hand (common practice, no source). */
    private static final double FINEST_SETTING = Math.toRadians(0.05);

    /** A cut square to the piece. */
    public static Mitre square(Length face) {
        return new Mitre(1, 0, 0, face);
    }

    /**
     * The cut of a piece of {@code face} against a neighbour of {@code other} face, both lying flat. Lay
     * the piece along the x axis with its outside edge on it and the outside corner at the origin: its
     * sight line is y = a, the neighbour's runs parallel to the direction θ at distance b. They meet at
     * x = (b + a·cos θ) / sin θ, hence tan φ = a·sin θ / (b + a·cos θ). At 90° that is a/b, at equal
     * faces tan θ/2.
     *
     * @param interior angle θ between the two outside lines, over 0° and under 360° but not 180°
     */
    public static Mitre between(Length face, Length other, Angle interior) {
        double a = face.toMm();
        double b = other.toMm();
        double turned = Math.signum(interior.sin());
        double phi = Math.atan2(turned * a * interior.sin(), turned * (b + a * interior.cos()));
        return new Mitre(Math.sin(phi), -Math.cos(phi), 0, face);
    }

    /** Between the cut and the piece's own outside edge, on its back; over 90° where the sight edge is longer. */
    public Angle toEdge() {
        return new Angle(Math.atan2(along, -across));
    }

    /**
     * How far the saw swings from a square cut when the piece lies on its back, outside edge to the
     * fence; negative where the sight edge is the longer one and the saw swings to the other side.
     */
    public Angle swing() {
        return toEdge().complement();
    }

    /**
     * How far the blade tilts from upright when the piece lies on its back: sin tilt is the normal's
     * part through the piece. Positive where the back is longer than the front.
     */
    public Angle tilt() {
        return new Angle(Math.asin(through));
    }

    /** The swing when the piece stands on its outside edge with its back against the fence. */
    public Angle standingSwing() {
        return new Angle(Math.atan2(through, along));
    }

    /** The tilt when the piece stands on its outside edge with its back against the fence. */
    public Angle standingTilt() {
        return new Angle(Math.asin(-across));
    }

    /**
     * The cut of a saw that is set otherwise.
     *
     * @param swing what is added to {@link #swing()}, in rad
     * @param tilt  what is added to {@link #tilt()}, in rad
     */
    public Mitre turned(double swing, double tilt) {
        double swung = swing().radians() + swing;
        double tilted = tilt().radians() + tilt;
        return new Mitre(
                Math.cos(tilted) * Math.cos(swung), -Math.cos(tilted) * Math.sin(swung), Math.sin(tilted), face);
    }

    /** Whether the blade stands upright for it. */
    public boolean isUpright() {
        return Math.abs(through) < 1e-9;
    }

    /** Whether it is square to the piece and upright. */
    public boolean isSquare() {
        return isUpright() && Math.abs(across) < 1e-9;
    }

    /** From the end of the outside edge back to the end of the sight edge, along the piece: face / tan φ. */
    public Length setback() {
        return setbackOver(face);
    }

    /** The same over only a part of the face, measured from the outside line. */
    public Length setbackOver(Length across) {
        return across.times(-this.across / along);
    }

    /** How much shorter the front is than the back here, for a piece of this thickness; negative when it is longer. */
    public Length lossToFront(Length thickness) {
        return thickness.times(through / along);
    }

    /** How far the piece reaches past the back end of its outside edge, whichever edge that is. */
    public Length reach(Length thickness) {
        return setback().negated().max(Length.ZERO).plus(lossToFront(thickness).negated().max(Length.ZERO));
    }

    /** How long the cut is on the back, from the outside corner to the sight corner. */
    public Length length() {
        return face.times(Math.hypot(along, across) / along);
    }

    /**
     * What a blade takes from the outside edge of the stick, which it crosses aslant: kerf / the normal's part along
     * it.
     */
    public Length kerfAlongEdge(Length kerf) {
        return kerf.times(1 / along);
    }

    /**
     * How the saw is set for it, in words: which way it swings from square and how the blade tilts, by the scale of
     * the first machine that can do it.
     *
     * @param leftEnd  of the piece as it lies on its back with its outside edge to the fence
     * @param machines of the shop; where none can do it, as most saws read
     */
    public Words said(boolean leftEnd, Machines machines) {
        Angle from = new Angle(Math.abs(swing().radians()));
        Angle lean = new Angle(Math.abs(tilt().radians()));
        boolean toRight = swingsRight(leftEnd);
        Optional<Machine> saw = machines.sawFor(toRight, from, lean);
        Words swung = from.radians() < 1e-9
                ? Words.of("cut.square")
                : saw.map(one -> one.said(toRight, from))
                        .orElseGet(() -> Words.of(toRight ? "cut.right" : "cut.left", from));
        Words whole = isUpright()
                ? swung
                : Words.of(through > 0 ? "cut.tilt_shorter" : "cut.tilt_longer", swung, lean);
        return saw.filter(one -> !one.equals(machines.saws().getFirst()))
                .map(other -> Words.of("cut.on", whole, other.name()))
                .orElse(whole);
    }

    /** Which way the saw swings for it, with the piece on its back and its outside edge to the fence. */
    public boolean swingsRight(boolean leftEnd) {
        return leftEnd == swing().radians() > 0;
    }

    /** The same cut with the piece standing on its outside edge, its back against the fence. */
    public Words saidStanding() {
        return Words.of(
                "cut.standing",
                new Angle(Math.abs(standingSwing().radians())),
                new Angle(Math.abs(standingTilt().radians())));
    }

    /** Whether the saw needs the same settings for both. */
    public boolean isSetLike(Mitre other) {
        return isWithin(1e-7, other);
    }

    /** Whether no hand could set a saw differently for the two; nobody is told to keep such cuts apart. */
    public boolean isOneSettingWith(Mitre other) {
        return isWithin(FINEST_SETTING, other);
    }

    private boolean isWithin(double radians, Mitre other) {
        return Math.abs(swing().minus(other.swing()).radians()) < radians
                && Math.abs(tilt().minus(other.tilt()).radians()) < radians;
    }
}
