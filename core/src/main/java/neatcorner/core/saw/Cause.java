package neatcorner.core.saw;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Gap;
import neatcorner.core.phrase.Words;

/** What can be wrong with the pieces of a frame. */
public sealed interface Cause {
    /** How likely it is before anything was looked at, from 0 to 1. From memory of how often makers blame what. */
    double likely(int sides);

    /** How large it usually is where it is there, one standard deviation, in rad or mm. Common practice, no source. */
    double usual();

    /** What pieces are off by where it is as large as this, in rad or mm. */
    List<PieceError> does(List<Member> sides, double size);

    /** What is wrong, in words. */
    Words said(List<Member> sides, double size);

    /** All that can be wrong with a frame of these sides. */
    static List<Cause> all(List<Member> sides) {
        List<Cause> all = new ArrayList<>(List.of(new Swing(false), new Swing(true), new Tilt()));
        IntStream.range(0, sides.size()).mapToObj(Long::new).forEach(all::add);
        IntStream.range(0, sides.size()).mapToObj(Twist::new).forEach(all::add);
        return List.copyOf(all);
    }

    private static Angle degrees(double degrees) {
        return Angle.degrees(degrees);
    }

    /**
     * All cuts to one side of square are too pointed, or below zero too blunt.
     *
     * @param toRight which side
     */
    record Swing(boolean toRight) implements Cause {
        @Override
        public double likely(int sides) {
            return 0.25;
        }

        @Override
        public double usual() {
            return degrees(0.3).radians();
        }

        @Override
        public List<PieceError> does(List<Member> sides, double size) {
            Trust.Known none = new Trust.Known(0, 0, true);
            Trust.Known off = new Trust.Known(size, 0, true);
            return new Trust(toRight ? none : off, toRight ? off : none, none, 0, 0, false).expected(sides);
        }

        @Override
        public Words said(List<Member> sides, double size) {
            return Words.of(
                    size > 0 ? "cause.swing_far" : "cause.swing_little",
                    Words.of(toRight ? "cause.to_right" : "cause.to_left"),
                    new Angle(Math.abs(size)));
        }
    }

    /** All cuts lean so that the fronts end too short, or below zero the backs: blade, fence or how pieces lay. */
    record Tilt() implements Cause {
        @Override
        public double likely(int sides) {
            return 0.15;
        }

        @Override
        public double usual() {
            return degrees(0.3).radians();
        }

        @Override
        public List<PieceError> does(List<Member> sides, double size) {
            EndError end = new EndError(0, size);
            return sides.stream().map(_ -> new PieceError(end, end, 0)).toList();
        }

        @Override
        public Words said(List<Member> sides, double size) {
            return Words.of(size > 0 ? "cause.tilt_front" : "cause.tilt_back", new Angle(Math.abs(size)));
        }
    }

    /**
     * One piece is too long, or below zero too short.
     *
     * @param side which, from 0
     */
    record Long(int side) implements Cause {
        @Override
        public double likely(int sides) {
            return 0.3 / sides;
        }

        @Override
        public double usual() {
            return 0.8;
        }

        @Override
        public List<PieceError> does(List<Member> sides, double size) {
            return only(sides.size(), side, new PieceError(EndError.NONE, EndError.NONE, size));
        }

        @Override
        public Words said(List<Member> sides, double size) {
            return Words.of(
                    size > 0 ? "cause.long" : "cause.short",
                    sides.get(side).side().letters(),
                    Gap.mm(Math.abs(size)));
        }
    }

    /**
     * One piece is twisted: its ends lean against one another.
     *
     * @param side which, from 0
     */
    record Twist(int side) implements Cause {
        @Override
        public double likely(int sides) {
            return 0.15 / sides;
        }

        @Override
        public double usual() {
            return degrees(0.5).radians();
        }

        @Override
        public List<PieceError> does(List<Member> sides, double size) {
            Member twisted = sides.get(side);
            return only(
                    sides.size(),
                    side,
                    new PieceError(leaning(twisted.left(), size / 2), leaning(twisted.right(), -size / 2), 0));
        }

        /** What turns about the length of a piece leans its cut by the sine of its swing, and a square one not. */
        private static EndError leaning(Mitre cut, double turned) {
            return new EndError(0, turned * Math.sin(cut.swing().radians()));
        }

        @Override
        public Words said(List<Member> sides, double size) {
            return Words.of("cause.twist", sides.get(side).side().letters(), new Angle(Math.abs(size)));
        }
    }

    private static List<PieceError> only(int sides, int which, PieceError error) {
        return Stream.iterate(0, i -> i < sides, i -> i + 1)
                .map(i -> i == which ? error : PieceError.NONE)
                .toList();
    }
}
