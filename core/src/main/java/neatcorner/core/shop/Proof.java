package neatcorner.core.shop;

import java.time.LocalDate;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;

/** What a test of a machine gave. */
public sealed interface Proof {
    /** When it was made. */
    LocalDate day();

    /** What was tested. */
    ProofKind kind();

    /** The same, so many days later. */
    Proof later(long days);

    /**
     * One cut against the angle it should have had.
     *
     * @param at    what was set, from 0° to 90°: of a swing or tilt from square
     * @param error of one cut, from −3° to 3°: over 0 where it was set too far, and the piece comes out too pointed
     * @param doubt what the reading leaves open, one standard deviation, from 0° to 3°
     */
    record OfAngle(LocalDate day, ProofKind kind, Angle at, Angle error, Angle doubt) implements Proof {
        /** More is no error of a machine but another setting. Common practice, no source. */
        public static final Angle MOST = Angle.degrees(3);

        private static final Angle NEAR = Angle.degrees(1);

        /**
         * Checks it.
         *
         * @throws neatcorner.core.phrase.Refusal for what no test gives
         */
        public OfAngle {
            if (!kind.isAngle()) {
                throw new IllegalArgumentException(kind + " shows no angle");
            }
            Range.within("proof_at", at, Angle.degrees(0), Angle.RIGHT);
            Range.within("proof_error", error, new Angle(-MOST.radians()), MOST);
            Range.within("proof_doubt", doubt, Angle.degrees(0), MOST);
        }

        /** Whether it was made near this setting: each detent of a saw has an error of its own. */
        public boolean speaksFor(Angle setting) {
            return Math.abs(setting.radians() - at.radians()) <= NEAR.radians();
        }

        @Override
        public OfAngle later(long days) {
            return new OfAngle(day.plusDays(days), kind, at, error, doubt);
        }
    }

    /**
     * Two pieces off one stop, side by side.
     *
     * @param difference of their lengths, from 0 to 5 mm
     */
    record OfStop(LocalDate day, Length difference) implements Proof {
        /** Pieces that differ by more were not cut off one stop. Common practice, no source. */
        public static final Length MOST = Length.mm(5);

        /**
         * Checks it.
         *
         * @throws neatcorner.core.phrase.Refusal for what no test gives
         */
        public OfStop {
            Range.within("proof_difference", difference, Length.ZERO, MOST);
        }

        @Override
        public ProofKind kind() {
            return ProofKind.STOP;
        }

        @Override
        public OfStop later(long days) {
            return new OfStop(day.plusDays(days), difference);
        }
    }
}
