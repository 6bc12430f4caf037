package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Mitre;
import neatcorner.core.measure.Angle;

/**
 * Two pieces that meet at a corner.
 *
 * @param before the piece that ends there, at its right end
 * @param after  the piece that starts there, at its left end
 * @param angle  inside the corner
 */
record Meeting(Member before, Member after, Angle angle) {
    /** One of every kind of corner a frame has, in the order they go around. */
    static List<Meeting> of(Frame frame) {
        List<Angle> angles = frame.angles();
        List<Member> members = frame.members();
        List<Meeting> kinds = new ArrayList<>();
        for (int i = 0; i < members.size(); i++) {
            Meeting meeting =
                    new Meeting(members.get((i + members.size() - 1) % members.size()), members.get(i), angles.get(i));
            if (kinds.stream().noneMatch(kind -> kind.isLike(meeting))) {
                kinds.add(meeting);
            }
        }
        return List.copyOf(kinds);
    }

    private boolean isLike(Meeting other) {
        return before.section().equals(other.before.section())
                && after.section().equals(other.after.section())
                && before.joint(true).isSetLike(other.before.joint(true))
                && after.joint(false).isSetLike(other.after.joint(false));
    }

    /** The two ways to look at it: from either piece into the other. */
    List<Way> ways() {
        return List.of(new Way(before, true, after), new Way(after, false, before));
    }

    /**
     * From one piece into the other.
     *
     * @param from  the piece that is entered first
     * @param atEnd whether the corner is at its right end
     * @param into  the other
     */
    record Way(Member from, boolean atEnd, Member into) {
        Mitre cut() {
            return from.joint(atEnd);
        }
    }
}
