package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Words;

/**
 * Where a part lies by one that was there before it, and so how large it is. A gap counts on each side, in the plane
 * of the frame.
 */
public sealed interface Placement extends Named {
    /** No gap is wider. */
    Length MOST_GAP = Length.mm(300);

    /** The name of the part it is placed by. */
    String on();

    /** How far it keeps away from that part, on each side; from 0 to 300 mm. */
    Length gap();

    /** With another gap. */
    Placement withGap(Length other);

    /** By the same part under another name. */
    Placement on(String other);

    /** Whether two parts that lie so would be in one another's way. */
    default boolean isWhere(Placement other) {
        return on().equals(other.on()) && (id().equals(other.id()) || isAtEdge() && other.isAtEdge());
    }

    /** Whether it takes the outer edge of the other part. */
    default boolean isAtEdge() {
        return false;
    }

    /** Whether it is cut to fit that part: it goes round it or into it. */
    default boolean isSnug() {
        return switch (this) {
            case Around _, Inside _, InBack _, Hinged _ -> true;
            case Behind _, OnFront _, OnTop _ -> false;
        };
    }

    /** A shape like the one it gets, until its sizes are worked out. */
    default Outline like(Outline other) {
        return other;
    }

    /** How many alike lie so. */
    default int copies() {
        return 1;
    }

    /** Whether strips that lie so, right against the other part, are glued to it one by one. */
    default boolean isAlong() {
        return true;
    }

    /** Its name for machines. */
    String id();

    /** How it lies, in a sentence. */
    default Words said() {
        return Words.of("placement." + id() + ".said", on(), free(gap()));
    }

    /** Whether it lies right against the other, or how far away. */
    static Words free(Length gap) {
        return Words.of(gap.isZero() ? "placement.close" : "placement.free", gap);
    }

    @Override
    default Words words() {
        return Words.of("placement." + id());
    }

    private static void check(Length gap) {
        Range.within("gap_of_a_part", gap, Length.ZERO, MOST_GAP);
    }

    /**
     * Around the outside: a rim, an edging, a back band, or a frame that another frame lies in.
     *
     * @param proud how far its front stands out before the other's front; negative where it stands back; from −300 to
     *              300 mm
     */
    record Around(String on, Length gap, Length proud) implements Placement {
        public Around {
            check(gap);
            Range.within("proud_of_a_part", proud, MOST_GAP.negated(), MOST_GAP);
        }

        @Override
        public Around withGap(Length other) {
            return new Around(on, other, proud);
        }

        @Override
        public Words said() {
            String front = proud.isZero() ? "level" : proud.isPositive() ? "proud" : "back";
            return Words.of(
                    "placement.around.said",
                    on,
                    Placement.free(gap),
                    Words.of("placement.front." + front, proud.abs()));
        }

        /** With its front further out, or further back. */
        public Around withProud(Length other) {
            return new Around(on, gap, other);
        }

        @Override
        public boolean isAtEdge() {
            return true;
        }

        @Override
        public Around on(String other) {
            return new Around(other, gap, proud);
        }

        @Override
        public String id() {
            return "around";
        }
    }

    /** In the opening or in the rabbet: a lining, the ledge of a floater. */
    record Inside(String on, Length gap) implements Placement {
        public Inside {
            check(gap);
        }

        @Override
        public Inside withGap(Length other) {
            return new Inside(on, other);
        }

        @Override
        public Inside on(String other) {
            return new Inside(other, gap);
        }

        @Override
        public String id() {
            return "inside";
        }
    }

    /**
     * Hung in the opening: one leaf or a pair, free of the sides and of each other by the gap.
     *
     * @param leaves how many, and where their hinges are
     */
    record Hinged(String on, Length gap, Leaves leaves) implements Placement {
        public Hinged {
            check(gap);
        }

        /** How an opening is closed; left and right as seen from the front. */
        public enum Leaves implements Named {
            /** Two, each hinged on its own side. */
            PAIR,
            /** One, hinged on the left. */
            LEFT,
            /** One, hinged on the right. */
            RIGHT;

            @Override
            public Words words() {
                return Words.of("leaves." + name().toLowerCase(Locale.ROOT));
            }
        }

        @Override
        public int copies() {
            return leaves == Leaves.PAIR ? 2 : 1;
        }

        @Override
        public boolean isAlong() {
            return false;
        }

        /** Hung otherwise. */
        public Hinged with(Leaves other) {
            return new Hinged(on, gap, other);
        }

        /** What the gaps across take together: one at each side, and one between two leaves. */
        public Length gapsAcross() {
            return gap.times(copies() + 1L);
        }

        @Override
        public Words said() {
            return Words.of("placement.hinged.said", leaves, on, gap);
        }

        @Override
        public Hinged withGap(Length other) {
            return new Hinged(on, other, leaves);
        }

        @Override
        public Hinged on(String other) {
            return new Hinged(other, gap, leaves);
        }

        @Override
        public String id() {
            return "hinged";
        }
    }

    /** On the back, its outside in from the other's outside by the gap: a backing frame, a spacer before the wall. */
    record Behind(String on, Length gap) implements Placement {
        public Behind {
            check(gap);
        }

        @Override
        public boolean isAlong() {
            return false;
        }

        @Override
        public Behind withGap(Length other) {
            return new Behind(on, other);
        }

        @Override
        public Words said() {
            return Words.of(
                    "placement.behind.said",
                    on,
                    Words.of(gap.isZero() ? "placement.level" : "placement.further_in", gap));
        }

        @Override
        public Behind on(String other) {
            return new Behind(other, gap);
        }

        @Override
        public String id() {
            return "behind";
        }
    }

    /** In the rabbet behind what is framed, loose there by the gap: a strainer. */
    record InBack(String on, Length gap) implements Placement {
        public InBack {
            check(gap);
        }

        @Override
        public boolean isAlong() {
            return false;
        }

        @Override
        public InBack withGap(Length other) {
            return new InBack(on, other);
        }

        @Override
        public InBack on(String other) {
            return new InBack(other, gap);
        }

        @Override
        public String id() {
            return "in_back";
        }
    }

    /** On the front, its outside in from the other's outside by the gap: extension pieces, an applied moulding. */
    record OnFront(String on, Length gap) implements Placement {
        public OnFront {
            check(gap);
        }

        @Override
        public boolean isAlong() {
            return false;
        }

        @Override
        public OnFront withGap(Length other) {
            return new OnFront(on, other);
        }

        @Override
        public Words said() {
            return Words.of(
                    "placement.on.said",
                    on,
                    Words.of(gap.isZero() ? "placement.level" : "placement.further_in", gap));
        }

        @Override
        public OnFront on(String other) {
            return new OnFront(other, gap);
        }

        @Override
        public String id() {
            return "on";
        }
    }

    /**
     * Standing on its upper edge: a curved cap on a sill of its own.
     *
     * @param gap  how far each end stands out beyond the other part
     * @param high how high it is, from 20 to 1000 mm
     */
    record OnTop(String on, Length gap, Length high) implements Placement {
        public OnTop {
            check(gap);
            Range.within("high_of_a_part", high, Length.mm(20), Length.mm(1000));
        }

        @Override
        public boolean isAlong() {
            return false;
        }

        @Override
        public OnTop withGap(Length other) {
            return new OnTop(on, other, high);
        }

        /** Lower or higher. */
        public OnTop withHigh(Length other) {
            return new OnTop(on, gap, other);
        }

        @Override
        public Words said() {
            return Words.of("placement.on_top.said", on, gap, high);
        }

        @Override
        public boolean isAtEdge() {
            return true;
        }

        @Override
        public Outline like(Outline other) {
            return Boxed.Arched.usual(
                    new Size(Line.OUTSIDE, high.times(5)),
                    new Size(Line.OUTSIDE, high),
                    Boxed.Arch.SEGMENTAL,
                    Boxed.Arched.LEAST_ON_A_SILL);
        }

        @Override
        public OnTop on(String other) {
            return new OnTop(other, gap, high);
        }

        @Override
        public String id() {
            return "on_top";
        }
    }
}
