package neatcorner.core.section;

import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Range;

/**
 * A shallow hollow along the back, so that the frame sits on two lines and not on a bow.
 *
 * @param from  wood left between the outside edge and the hollow, from 3 to 300 mm
 * @param width of the hollow, from 3 to 300 mm
 * @param depth from 0.5 to 20 mm
 */
public record Relief(Length from, Length width, Length depth) {
    public Relief {
        Range.within("wood_outside_the_back_hollow", from, Length.mm(3), Length.mm(300));
        Range.within("width_of_the_back_hollow", width, Length.mm(3), Length.mm(300));
        Range.within("depth_of_the_back_hollow", depth, Length.mm(0.5), Length.mm(20));
    }

    /** A shallow hollow over a third of the back of a section, in the strip that lies there, to start from. */
    public static Relief usual(Section section) {
        Strip back = section.strips().getFirst();
        Length reach = section.face().minus(section.lip()).min(back.setIn().plus(back.width()));
        return new Relief(
                back.setIn().plus(Length.inches(0, 3, 8).min(back.width().over(5)).max(Length.mm(3))),
                reach.minus(back.setIn()).over(3).max(Length.mm(3)),
                Length.inches(0, 1, 16));
    }
}
