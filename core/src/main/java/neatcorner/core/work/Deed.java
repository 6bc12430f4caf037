package neatcorner.core.work;

import java.time.Duration;
import java.time.temporal.ChronoUnit;
import java.util.List;
import neatcorner.core.job.Note;
import neatcorner.core.job.PieceId;
import neatcorner.core.job.StickId;
import neatcorner.core.job.Trouble;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;

/** What is written down in a log. */
public sealed interface Deed {
    /** What it concerns. */
    Act act();

    /**
     * Something was done.
     *
     * @param took from when it was begun to when it was done, in whole seconds; none where the clock was set back
     */
    record Done(Act act, Duration took) implements Deed {
        public Done {
            took = took.isNegative() ? Duration.ZERO : took.truncatedTo(ChronoUnit.SECONDS);
        }
    }

    /** It was not done after all. */
    record TakenBack(Act act) implements Deed {
    }

    /**
     * How something came out.
     *
     * @param planned what it was to be when it was measured
     * @param value   what was read
     * @param by      with what
     */
    record Measured(Act act, Length planned, Length value, Instrument by) implements Deed {
        /** How much it is over what it was to be, under it when negative. */
        public Length off() {
            return value.minus(planned);
        }

        /** Whether it is off by more than a reading with this instrument is. */
        public boolean isOff() {
            return off().abs().isOver(by.doubt());
        }

        /** Whether it is off, and under what it was to be. */
        public boolean isShort() {
            return isOff() && off().isNegative();
        }

        /**
         * Whether what was read is so far from what was planned that another unit or a slip is likelier than the saw:
         * more than an eighth of it, and more than a hand is wide.
         */
        public boolean isDoubtful() {
            Length off = off().abs();
            return off.isOver(planned.abs().over(8)) && off.isOver(Length.mm(3));
        }
    }

    /**
     * A piece was spoiled.
     *
     * @param act  the cut at which it was
     * @param what went wrong
     * @param lost how much of a stick that costs
     */
    record WentWrong(Act.Saw act, Spoilt what, Length lost) implements Deed {
    }

    /**
     * A corner went wrong when it was joined, or since.
     *
     * @param act     the card at which it was seen
     * @param trouble what is seen
     */
    record CornerWentWrong(Act act, Trouble trouble) implements Deed {
    }

    /**
     * What went wrong is good after all: a piece that was written off is not made again, a corner not mended.
     *
     * @param act any cut of the piece, or any step of mending the corner
     */
    record GoodAfterAll(Act act) implements Deed {
    }

    /**
     * Sticks were taken up to be cut: from here on pieces stay where they lie on them.
     *
     * @param act    the first act of the hands on them
     * @param sticks with their pieces
     */
    record TookUp(Act act, List<Laid> sticks) implements Deed {
        public TookUp {
            sticks = List.copyOf(sticks);
        }
    }

    /**
     * A stick as it was laid out.
     *
     * @param section its name
     * @param stick   which of that section
     * @param spots   from the left
     */
    record Laid(String section, StickId stick, List<Spot> spots) {
        public Laid {
            spots = List.copyOf(spots);
        }
    }

    /**
     * Where a piece lies on its stick.
     *
     * @param part     whose piece it is
     * @param piece    which
     * @param start    of its furthest point from the stick's left end
     * @param end      of its furthest point there
     * @param swapped  whether its right end lies at the left
     * @param mirrored whether it is turned over, so that its cuts lean the other way
     */
    record Spot(String part, PieceId piece, Length start, Length end, boolean swapped, boolean mirrored) {
        /** Between its furthest points. */
        public Length length() {
            return end.minus(start);
        }
    }

    /** What spoils a piece. */
    enum Spoilt {
        /** The saw swung, or the piece lay, the other way. */
        WRONG_WAY,
        /** It came out too short. */
        TOO_SHORT,
        /** It split. */
        SPLIT,
        /** Its edge chipped where it is seen. */
        CHIPPED
    }

    /**
     * What it looked like.
     *
     * @param picture the name under which the shop keeps it, up to {@value #LONGEST_NAME} characters, not blank
     */
    record Photo(Act act, String picture) implements Deed {
        private static final int LONGEST_NAME = 40;

        /**
         * Checks it.
         *
         * @throws Refusal for what is no name of a picture
         */
        public Photo {
            if (picture.isBlank() || picture.length() > LONGEST_NAME) {
                throw Refusal.of("work.photo", LONGEST_NAME, picture.length());
            }
        }
    }

    /**
     * Something to remember.
     *
     * @param text up to 2 000 characters, not blank
     */
    record Remark(Act act, String text) implements Deed {
        /**
         * Checks it.
         *
         * @throws neatcorner.core.phrase.Refusal for a text that is blank or too long
         */
        public Remark {
            Note.check(text);
        }
    }
}
