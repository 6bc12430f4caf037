package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Section;

/**
 * Where the screws go that hold a part behind another or in its rabbet. Along its sides a rectangle has one near each
 * end, one in the middle of its short sides and at the thirds of the long ones, where they are long enough; any other
 * shape has them evenly. Common practice, no source.
 */
public final class PartScrews {
    /** Wood that stays before the tip of a screw in the wall of a rabbet. Common practice, no source. */
    public static final Length BEFORE_TIP = Length.inches(0, 1, 8);
    /** What stays between a screw's tip and the front. Common practice, no source. */
    public static final Length SHORT_OF_FRONT = Length.inches(0, 1, 8);

    /** With less of a wall beside it a screw splits it or misses it. Common practice, no source. */
    private static final Length LEAST_WALL = Length.inches(0, 3, 8);

    /** A turn-button is so thick. Common practice, no source. */
    public static final Length BUTTON = Length.inches(0, 1, 8);

    private static final Length FIRST = Length.inches(4);
    /** Screws of sides that are no rectangle's stand no further apart. */
    private static final Length APART = Length.inches(12);
    /** Nearer to one another they hold no more. */
    private static final Length LEAST_APART = Length.inches(3);

    /** Wood that a screw needs on either side of its middle, in mm. */
    private static final double BESIDE = 3;
    /** Flat on the back to so much, in mm. */
    private static final double FLAT = 0.05;
    /** From one try to the next of where the back is solid, in mm. */
    private static final double STEP = 0.5;

    private PartScrews() {
    }

    /**
     * How far in from the outside of a part on the back of another its screws go: the middle of where both lie on one
     * another, or the nearest place to it with solid wood over the other's back; empty where there is none.
     *
     * @param gap  from the outside of the other to that of this one
     * @param held how far both lie on one another from there
     */
    public static Optional<Length> in(Frame base, Length gap, Length held) {
        Section section = base.narrowestSection();
        double outer = section.face().minus(gap).toMm();
        double middle = held.toMm() / 2;
        return DoubleStream.iterate(0, off -> off < middle, off -> off + STEP)
                .flatMap(off -> DoubleStream.of(middle + off, middle - off))
                .filter(in -> section.wood().rooms(outer - in - BESIDE, outer - in + BESIDE).stream()
                        .findFirst()
                        .filter(room -> room[0] < FLAT)
                        .isPresent())
                .mapToObj(Length::mm)
                .findFirst();
    }

    /** How far a part on the back of another lies over its wood, from the outside inwards; zero or less where not. */
    public static Length held(Length land, Length gap, Frame part) {
        return land.min(gap.plus(part.narrowFace())).minus(gap);
    }

    /** How much wood there is at least over the back where both lie on one another. */
    public static Length woodBefore(Frame base, Length gap, Length held) {
        Section section = base.narrowestSection();
        double outer = section.face().minus(gap).toMm();
        return Length.mm(section.wood().lowestFront(outer - held.toMm(), outer));
    }

    /**
     * How much of the thickness of a part in the rabbet of the one that holds what is framed has the wall of the rabbet
     * beside it, from its front; its screws go into the middle of that. Below zero where all of it lies behind the
     * wall.
     */
    public static Length beside(Assembly assembly, int part) {
        Length back = assembly.lies().get(part).back();
        Length wall = assembly.lies().get(assembly.job().holder()).back();
        Length front = back.plus(assembly.frame(part).job().section().thickness());
        return front.minus(back.max(wall));
    }

    /** Along the outside of a straight side, counted from 0, from where it starts. */
    public static List<Length> along(Frame part, int side) {
        Length length = length(part.members().get(side));
        if (!part.isFourSquare()) {
            Length first = first(part);
            Length between = length.minus(first.times(2));
            return even(first, between, (int) Math.ceil(between.ratio(APART) - 1e-9));
        }
        boolean isLong = !length.isUnder(longest(part)) && !isAlike(part);
        return even(length, isLong ? 3 : 2);
    }

    /** How deep the screw of a turn-button may go into the back of a part, in the middle of that. */
    public static Length button(Frame outer) {
        Section section = outer.narrowestSection();
        double middle = section.face().minus(section.backWidth().over(2)).toMm();
        return Length.mm(section.wood().rooms(middle - BESIDE, middle + BESIDE).stream()
                        .findFirst()
                        .map(room -> room[1] - room[0])
                        .orElse(0.0))
                .minus(BEFORE_TIP)
                .max(Length.ZERO);
    }

    /** Whether so much of it has the wall beside it that screws through its sides find wood. */
    public static boolean areBesideWall(Assembly assembly, int part) {
        return !beside(assembly, part).isUnder(LEAST_WALL);
    }

    /** From the inner edge of a part in a rabbet through its side and the wall, short of the outside. */
    public static Length throughSide(Frame part, Frame holder) {
        return part.narrowFace().plus(holder.narrowestSection().backWidth()).minus(BEFORE_TIP);
    }

    /** The places in words, from the ends of the sides. */
    public static Words said(Frame part) {
        if (!part.isFourSquare()) {
            return Words.of("screws.round", first(part), APART);
        }
        Length longest = longest(part);
        Length shortest = shortest(part);
        return isAlike(part)
                ? Words.of("screws.square", places(even(longest, 2)))
                : Words.of("screws.oblong", places(even(shortest, 2)), places(even(longest, 3)));
    }

    /** Whether all four sides take as many. */
    private static boolean isAlike(Frame part) {
        return !longest(part).minus(shortest(part)).isOver(Length.mm(1));
    }

    /** Near each end, and between at the middle ({@code parts} = 2) or the thirds (3) where there is room for them. */
    private static List<Length> even(Length side, int parts) {
        Length first = FIRST.min(side.over(4));
        List<Length> places = new ArrayList<>(List.of(first));
        if (!side.over(parts).minus(first).isUnder(LEAST_APART)) {
            for (int i = 1; i < parts; i++) {
                places.add(side.times((double) i / parts));
            }
        }
        places.add(side.minus(first));
        return List.copyOf(places);
    }

    private static List<Length> even(Length first, Length between, int parts) {
        return Stream.iterate(0, i -> i <= parts, i -> i + 1)
                .map(i -> first.plus(between.times((double) i / Math.max(1, parts))))
                .distinct()
                .toList();
    }

    private static Length first(Frame part) {
        return FIRST.min(shortest(part).over(4));
    }

    private static Length length(Member member) {
        return Length.mm(member.outline().get(0).to(member.outline().get(1)));
    }

    private static Length longest(Frame part) {
        return part.members().stream().map(PartScrews::length).reduce(Length::max).orElseThrow();
    }

    private static Length shortest(Frame part) {
        return part.members().stream().map(PartScrews::length).reduce(Length::min).orElseThrow();
    }

    private static Words places(List<Length> places) {
        return places.stream()
                .map(place -> Words.of("list.one", place))
                .reduce((list, next) -> Words.of("list.comma", list, next))
                .orElseThrow();
    }
}
