package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;

/**
 * What went wrong at a corner.
 *
 * @param kind   what is seen
 * @param corner at the end of which side, from 0
 * @param amount how much of it, within what its kind allows
 */
public record Trouble(Kind kind, int corner, Length amount) {
    /** What is seen. */
    public enum Kind implements Named {
        /** A glued corner has come apart, so far. */
        OPENED(0.05, 50),
        /** A glued mitre stands open at one end, so wide. */
        GAP(0.05, 10),
        /** The face of one piece stands over that of the other, so high. */
        STEP(0.05, 10),
        /** What was driven has split the wood, over such a length. */
        SPLIT(1, 300),
        /** A pin or nail has come out, by so much. */
        PROUD_PIN(0.1, 30);

        private final Length least;
        private final Length most;

        Kind(double leastMm, double mostMm) {
            this.least = Length.mm(leastMm);
            this.most = Length.mm(mostMm);
        }

        @Override
        public Words words() {
            return Words.of("trouble." + name().toLowerCase(Locale.ROOT));
        }

        /** Whether so much of it makes sense. */
        public boolean allows(Length amount) {
            return !amount.isUnder(least) && !amount.isOver(most);
        }

        /** What is measured of it. */
        public Words amount() {
            return Words.of("trouble.amount." + name().toLowerCase(Locale.ROOT));
        }
    }

    private static final int MOST_CORNERS = 100;

    public Trouble {
        if (corner < 0 || corner >= MOST_CORNERS) {
            throw Refusal.of("trouble.no_corner", corner);
        }
        Range.within(kind.amount(), amount, kind.least, kind.most);
    }
}
