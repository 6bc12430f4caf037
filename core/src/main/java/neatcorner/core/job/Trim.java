package neatcorner.core.job;

import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Range;
import neatcorner.core.section.Section;

/**
 * Thin strips bent over the curved top of a part and glued to it and to one another, level with its back. They are of
 * the wood of the part.
 *
 * @param strip  how thick one is, from 1 to 12 mm
 * @param strips how many, from 1 to 20
 * @param proud  how far their front stands out before the front of the part, from 0 to 100 mm
 * @param beyond how far they run on, straight, past both ends of the curve, from 0 to 300 mm
 */
public record Trim(Length strip, int strips, Length proud, Length beyond) {
    /** So many there can be. */
    public static final int MOST = 20;
    /** No strip is thinner. */
    public static final Length LEAST = Length.mm(1);

    public Trim {
        Range.within("thickness_of_a_bent_strip", strip, LEAST, Length.mm(12));
        Range.number("bent_strips", strips, 1, MOST);
        Range.within("proud_of_bent_strips", proud, Length.ZERO, Length.mm(100));
        Range.within("bent_strips_beyond", beyond, Length.ZERO, Length.mm(300));
    }

    /** To start from: 9 mm in strips that bend, 6 mm proud, an inch longer at each end. Common practice, no source. */
    public static Trim usual() {
        return new Trim(Length.mm(3), 3, Length.mm(6), Length.inches(1));
    }

    /** Of more or fewer strips. */
    public Trim withStrips(int other) {
        return new Trim(strip, other, proud, beyond);
    }

    /** How far all together stand out from the curve. */
    public Length thickness() {
        return strip.times(strips);
    }

    /** Whether a part can have them: one arc over its whole top, of wood, lying flat. */
    static boolean canBe(Outline outline, Section section, Lean lean) {
        return outline instanceof Boxed.Arched arched
                && arched.arch() != Boxed.Arch.POINTED
                && lean.isFlat()
                && section.species().stuff().isGrown();
    }

    /** Whether a part like this can have them. */
    public static boolean canBe(Body body) {
        return canBe(body.outline(), body.section(), body.lean());
    }
}
