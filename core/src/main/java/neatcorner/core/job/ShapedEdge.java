package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;

/**
 * How the inner edge of every side is sawn: a straight piece at both corners, between them whole repeats of one arc
 * or one wave that run into the wood. What is not sawn away touches the sight line.
 *
 * @param form   of a repeat
 * @param pitch  how long a repeat is wished; from 10 mm to 2 m; on every side as near as whole repeats come to it
 * @param rise   how far it runs into the wood; from 1 to 200 mm
 * @param corner how much stays straight before and after the repeats of a side; from 0 to 500 mm
 */
public record ShapedEdge(Form form, Length pitch, Length rise, Length corner) {
    private static final Length LEAST_PITCH = Length.mm(10);
    private static final Length MOST_PITCH = Length.mm(2_000);
    private static final Length LEAST_RISE = Length.mm(1);
    private static final Length MOST_RISE = Length.mm(200);
    private static final Length MOST_CORNER = Length.mm(500);
    /** So far the wood that covers a package has to reach past the deepest place. Common practice, no source. */
    public static final Length STAYS_COVERED = Length.mm(3);

    public ShapedEdge {
        Range.within("pitch_of_the_edge", pitch, LEAST_PITCH, MOST_PITCH);
        Range.within("rise_of_the_edge", rise, LEAST_RISE, MOST_RISE);
        Range.within("corner_of_the_edge", corner, Length.ZERO, MOST_CORNER);
    }

    /** What is repeated. */
    public enum Form implements Named {
        /** Arcs that meet in points. */
        SCALLOPS,
        /** An arc out and an arc back that run into each other. */
        WAVES;

        @Override
        public Words words() {
            return Words.of("shapededge." + name().toLowerCase(Locale.ROOT));
        }
    }

    /** To start from: a quarter of the face deep, or as deep as what is behind it stays covered. */
    public static ShapedEdge usual(Form form, Section section) {
        Length quarter = section.face().over(4);
        Length rise = section.recess() instanceof Recess.Bar
                ? quarter
                : quarter.min(section.covers().minus(STAYS_COVERED));
        Length whole = Length.mm(Math.max(2, Math.floor(rise.toMm())));
        return new ShapedEdge(
                form, LEAST_PITCH.max(whole.times(6)), whole, MOST_CORNER.min(whole.times(3)));
    }

    /** Of another form. */
    public ShapedEdge withForm(Form other) {
        return new ShapedEdge(other, pitch, rise, corner);
    }

    /** With longer or shorter repeats. */
    public ShapedEdge withPitch(Length other) {
        return new ShapedEdge(form, other, rise, corner);
    }

    /** Running further into the wood, or less far. */
    public ShapedEdge withRise(Length other) {
        return new ShapedEdge(form, pitch, other, corner);
    }

    /** With more or less that stays straight at the corners. */
    public ShapedEdge withCorner(Length other) {
        return new ShapedEdge(form, pitch, rise, other);
    }

    /**
     * Whether the sides of such a part can be sawn so: straight ones that lie flat, with a plain strip in front and
     * nothing along the sight edge but a rabbet behind it.
     */
    public static boolean canBe(Outline outline, Section section, Lean lean, CrossBars cross) {
        boolean behind = section.recess() instanceof Recess.Bar
                || section.recess() instanceof Recess.Over
                || section.recess() instanceof Recess.Rabbet
                || section.recess() instanceof Recess.DoubleRabbet;
        return lean.isFlat()
                && !outline.isCurved()
                && !(outline instanceof Boxed.Window)
                && cross.isNone()
                && behind
                && (section.strips().size() == 1 || !(section.recess() instanceof Recess.Bar))
                && section.strips().getLast().isPlain()
                && section.band().isEmpty();
    }

    static void check(Outline outline, Section section, Lean lean, CrossBars cross) {
        if (!canBe(outline, section, lean, cross)) {
            throw Refusal.of("job.shaped_edge");
        }
    }
}
