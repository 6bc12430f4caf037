package neatcorner.core.job;

import java.util.Locale;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Words;

/**
 * Something with depth behind the frame, as the box it takes up: a screen, what holds it on the wall, a socket, the way
 * its air goes. Its place is that of its middle from the middle of the opening, as seen from the front.
 *
 * @param kind   what it is
 * @param right  of the middle of the opening, negative to the left of it; from −3 to 3 m
 * @param up     over the middle of the opening, negative below it; from −3 to 3 m
 * @param width  from 5 mm to 3 m
 * @param height from 5 mm to 3 m
 * @param depth  from front to back, from 1 to 300 mm
 * @param mass   what it weighs, up to 60 kg; counted where the frame carries it
 */
public record Fixture(
        Kind kind, Length right, Length up, Length width, Length height, Length depth, Mass mass) {
    /** So many may there be behind one frame. */
    public static final int MOST = 12;
    /** The heaviest there is. */
    public static final Mass HEAVIEST = Mass.kg(60);

    private static final Length FURTHEST = Length.mm(3000);
    /** How far a screen reaches past the opening. Common practice, no source. */
    private static final Length PAST = Length.mm(6);
    /** Free on each side of a screen. Common practice, no source. */
    private static final Length ROOM = Length.mm(2);

    /** What lies behind a frame. */
    public enum Kind implements Named {
        /** What is looked at: its front lies against what is before it. */
        SCREEN,
        /** What holds it on the wall. */
        MOUNT,
        /** A socket with its plug, on the wall. */
        SOCKET,
        /** Where its air must go, from the wall forwards. */
        VENT;

        /** Whether sides that are in its way are opened for it. */
        public boolean isOpened() {
            return this == SOCKET || this == VENT;
        }

        @Override
        public Words words() {
            return Words.of("fixture." + name().toLowerCase(Locale.ROOT));
        }
    }

    public Fixture {
        Range.within("place_of_a_fixture", right, FURTHEST.negated(), FURTHEST);
        Range.within("place_of_a_fixture", up, FURTHEST.negated(), FURTHEST);
        Range.within("width_of_a_fixture", width, Length.mm(5), FURTHEST);
        Range.within("height_of_a_fixture", height, Length.mm(5), FURTHEST);
        Range.within("depth_of_a_fixture", depth, Length.mm(1), Length.mm(300));
        Range.within("mass_of_a_fixture", mass, Mass.ZERO, HEAVIEST);
    }

    /**
     * In the middle of an opening this large, in sizes to start from: a screen a little larger than the opening, with
     * room round it where it lies in a rabbet, what lies behind it smaller. Common practice, no source.
     *
     * @param lip how far the rabbet reaches past the opening; zero where there is none
     */
    public static Fixture usual(Kind kind, Length wide, Length high, Length lip) {
        return switch (kind) {
            case SCREEN -> {
                Length free = lip.isPositive() ? lip.minus(ROOM).max(Length.mm(1)) : PAST;
                Length past = free.min(PAST).times(2);
                yield at(kind, Length.ZERO, wide.plus(past), high.plus(past), Length.mm(25), Mass.kg(2));
            }
            case MOUNT -> at(kind, Length.ZERO, wide.over(3), high.over(3), Length.mm(20), Mass.ZERO);
            case SOCKET ->
                at(kind, high.over(4).negated(), Length.mm(85), Length.mm(85), Length.mm(45), Mass.ZERO);
            case VENT ->
                at(kind, high.over(2).negated(), wide.over(2), Length.mm(120), Length.mm(15), Mass.ZERO);
        };
    }

    private static Fixture at(Kind kind, Length up, Length wide, Length high, Length deep, Mass mass) {
        Length least = Length.mm(5);
        return new Fixture(kind, Length.ZERO, up, wide.max(least), high.max(least), deep, mass);
    }

    /** So heavy. */
    public Fixture with(Mass other) {
        return new Fixture(kind, right, up, width, height, depth, other);
    }
}
