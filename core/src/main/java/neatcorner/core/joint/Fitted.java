package neatcorner.core.joint;

import java.util.List;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;

/**
 * A way to join, tried in a section.
 *
 * @param kind      the way
 * @param settings  lengths and positions, empty when there is no room
 * @param count     fasteners a corner
 * @param obstacles why it does not fit; empty when it does
 * @param lean      between fastener and edge; a right angle unless it is driven aslant
 */
record Fitted(JointKind kind, List<Figure<Length>> settings, int count, List<Words> obstacles, Angle lean) {
    boolean fits() {
        return obstacles.isEmpty();
    }

    static Fitted not(JointKind kind, Words why) {
        return new Fitted(kind, List.of(), 0, List.of(why), Angle.RIGHT);
    }
}
