package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;

/**
 * How the outside of a rectangle is sawn once it is joined. It stays as wide and as high as it was.
 *
 * @param form what is sawn
 * @param size the radius of rounded corners, what is cut off corners along both sides, or how far the ends of an arched
 *             top lie below its middle; from 1 to 500 mm
 */
public record OuterShape(Form form, Length size) {
    /** The least that is sawn off. */
    public static final Length LEAST = Length.mm(1);
    private static final Length MOST = Length.mm(500);
    /** Of the face, to start from. */
    private static final int SHARE = 3;

    public OuterShape {
        Range.within("size_of_the_outside", size, LEAST, MOST);
    }

    /** What is sawn. */
    public enum Form implements Named {
        /** Every corner to an arc that runs into both sides. */
        ROUND_CORNERS,
        /** Every corner straight off. */
        CUT_CORNERS,
        /** The outside of the top to one arc. */
        ARCHED_TOP;

        @Override
        public Words words() {
            return Words.of("outershape." + name().toLowerCase(Locale.ROOT));
        }
    }

    /** To start from. */
    public static OuterShape usual(Form form, Section section) {
        Length third = section.face().over(SHARE).min(section.plainEdge());
        return new OuterShape(form, LEAST.max(Length.mm(Math.floor(third.toMm()))).min(MOST));
    }

    /** Larger or smaller. */
    public OuterShape withSize(Length other) {
        return new OuterShape(form, other);
    }

    /** Whether the outside of such a part can be sawn so: a rectangle that lies flat, with a plain outer edge. */
    public static boolean canBe(Outline outline, Section section, Lean lean) {
        return lean.isFlat()
                && outline.isFourSquare()
                && !(section.recess() instanceof Recess.Floater)
                && section.band().isEmpty()
                && section.relief().isEmpty()
                && section.strips().getLast().isPlain()
                && section.plainEdge().isPositive()
                && section.species().stuff().isWorkedLikeWood();
    }

    static void check(Outline outline, Section section, Lean lean) {
        if (!canBe(outline, section, lean)) {
            throw Refusal.of("job.outer_shape");
        }
    }
}
