package neatcorner.core.outline;

import java.util.Locale;
import neatcorner.core.phrase.Words;

/**
 * One member's place in a frame.
 *
 * @param name   what makers call it
 * @param number which of those with the same name, from 1; 0 where there is only one
 * @param from   letter of the corner it starts from, going round clockwise
 * @param to     letter of the corner it runs to
 */
public record Side(Name name, int number, String from, String to) {
    /** Names of members. */
    public enum Name {
        /** Along the top. */
        TOP,
        /** Up the right, seen from the front. */
        RIGHT,
        /** Along the bottom. */
        BOTTOM,
        /** Up the left. */
        LEFT,
        /** One of many. */
        SIDE,
        /** Part of an arched top. */
        ARCH,
        /** Part of a ring or oval. */
        SEGMENT,
        /** A glazing bar that stands. */
        UPRIGHT,
        /** A glazing bar that lies. */
        LEVEL,
        /** One of many between the upright sides of a leaf. */
        SLAT,
        /** In grooves between the sides of a leaf. */
        PANEL,
        /** One of many bent over a curved top. */
        TRIM,
        /** The board a whole frame is routed from. */
        BOARD;

        private final String id = name().toLowerCase(Locale.ROOT);
    }

    /** The letter of a corner, counted from 0: A to Z, then A1 to Z1 and so on. */
    public static String letter(int corner) {
        char letter = (char) ('A' + corner % 26);
        return corner < 26 ? String.valueOf(letter) : letter + Integer.toString(corner / 26);
    }

    /** {@code A–B} and the like, {@code S1} of what runs between sides: what is pencilled on the piece. */
    public String letters() {
        return from.equals(to) ? from : from + "–" + to;
    }

    /** {@code top}, {@code side_3} and the like, as figures are named. */
    public String id() {
        return number == 0 ? kind() : kind() + "_" + number;
    }

    /** The name under which a face of its own is given; the parts of a curve share one. */
    public String faceId() {
        return name == Name.SIDE ? id() : kind();
    }

    /** Whether it is one of many alike, so that their numbers are told as a run. */
    public boolean isOneOfMany() {
        return name == Name.SLAT || name == Name.TRIM;
    }

    /** All of its kind together. */
    public Words all() {
        return Words.of("side." + kind() + ".all");
    }

    private String kind() {
        return name.id;
    }

    /** For people: {@code top}, {@code side 3}. */
    public Words words() {
        return number == 0 ? Words.of("side." + kind()) : Words.of("side." + kind() + ".nth", number);
    }

    /** Whether it is sawn to a curve after it is glued. */
    public boolean isCurved() {
        return name == Name.ARCH || name == Name.SEGMENT;
    }
}
