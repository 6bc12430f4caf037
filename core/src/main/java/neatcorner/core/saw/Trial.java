package neatcorner.core.saw;

import java.time.LocalDate;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;

/**
 * A test with scraps: a cut is made across one, one half is turned over and both are put together, so that what is
 * seen is the error of the cut twice.
 *
 * @param kind    what is tested
 * @param at      what was set, from square; nothing for a stop
 * @param reading what was seen
 */
public record Trial(ProofKind kind, Angle at, Reading reading) {
    /** How finely a gap is seen against the light, one standard deviation. Common practice, no source. */
    public static final Length SEEN = Length.mm(0.05);
    /** How finely an angle gauge shows, one standard deviation: 0.1° either way, evenly. From memory. */
    public static final Angle GAUGE = Angle.degrees(0.1 / Math.sqrt(3));
    /** Legs and joints that are shorter show nothing that can be measured. Common practice, no source. */
    private static final Length SHORTEST = Length.mm(10);

    /** What was seen. */
    public sealed interface Reading {
        /** Nothing but a closed joint. */
        record Tight(Length over) implements Reading {
        }

        /**
         * A gap.
         *
         * @param where it is
         * @param gap   how wide, 0 or more
         * @param over  how far from where both touch: the joint's length, or the leg's from the corner
         */
        record Gap(Seen where, Length gap, Length over) implements Reading {
        }

        /** An angle gauge on the closed pair. */
        record OnPair(Angle shown) implements Reading {
        }

        /** An angle gauge between the cut and the long edge of one piece. */
        record OnPiece(Angle shown) implements Reading {
        }

        /** Two pieces off one stop, side by side. */
        record Difference(Length difference) implements Reading {
        }
    }

    /** What a closed pair should show: 180° less twice the swing; of a square cut a straight line. */
    public static Angle pair(Angle at) {
        return new Angle(Math.PI - 2 * at.radians());
    }

    /**
     * What it proves.
     *
     * @throws Refusal for gaps that no error of a machine makes, and for a gauge that was read on the wrong side
     */
    public Proof proof(LocalDate day) {
        return switch (reading) {
            case Reading.Tight(Length over) -> angle(day, Angle.degrees(0), fromGap(SEEN, checked(over)));
            case Reading.Gap(Seen where, Length gap, Length over) -> {
                if (!Seen.in(kind, at).contains(where)) {
                    throw Refusal.of("trial.not_seen_there", where, kind);
                }
                Range.within("trial_gap", gap, Length.ZERO, most(checked(over)));
                Angle error = fromGap(gap, over);
                yield angle(
                        day, where.isTooFar() ? error : new Angle(-error.radians()), fromGap(SEEN, over));
            }
            case Reading.OnPair(Angle shown) ->
                angle(day, new Angle(off(pair(at), shown).radians() / 2), new Angle(GAUGE.radians() / 2));
            case Reading.OnPiece(Angle shown) -> angle(day, off(at.complement(), shown), GAUGE);
            case Reading.Difference(Length difference) -> new Proof.OfStop(day, difference);
        };
    }

    private Proof angle(LocalDate day, Angle error, Angle doubt) {
        return new Proof.OfAngle(day, kind, at, error, doubt);
    }

    private static Length checked(Length over) {
        return Range.within("trial_over", over, SHORTEST, Length.mm(2000));
    }

    /**
     * The error of one cut: both halves are off by it, so the wedge between them is as wide as the gap and twice the
     * error at its tip. ½·atan(gap / over).
     */
    public static Angle fromGap(Length gap, Length over) {
        return new Angle(Math.atan2(gap.toMm(), over.toMm()) / 2);
    }

    /** The widest gap that can be an error of the machine. */
    public static Length most(Length over) {
        return over.times(new Angle(2 * Proof.OfAngle.MOST.radians()).tan());
    }

    private static Angle off(Angle should, Angle shown) {
        Angle off = should.minus(shown);
        double otherSide = Math.PI - shown.radians();
        double most = 2 * Proof.OfAngle.MOST.radians();
        if (Math.abs(off.radians()) > most && Math.abs(should.radians() - otherSide) <= most) {
            throw Refusal.of("trial.other_side", shown, should, new Angle(otherSide));
        }
        if (Math.abs(off.radians()) > most) {
            throw Refusal.of("trial.other_setting", shown, should);
        }
        return off;
    }
}
