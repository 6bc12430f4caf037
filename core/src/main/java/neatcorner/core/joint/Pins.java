package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Station;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Words;

/**
 * Pins driven crosswise: two through each outside edge of a corner, at different levels so that they
 * pass each other. A pin is shorter than the face it enters less 1/8 in (common practice, no
 * source), so that it cannot come out at the sight edge even when the grain turns it.
 */
final class Pins {
    /** In a flatter corner pins from both sides run nearly along the joint. Common practice, no source. */
    private static final Angle FLATTEST = Angle.degrees(140);
    private static final Length CLEAR = Length.inches(0, 1, 8);
    private static final Length[] STANDARD = {Length.inches(0, 1, 2), Length.inches(0, 5, 8), Length.inches(0, 3, 4),
        Length.inches(1), Length.inches(1, 1, 4), Length.inches(1, 1, 2), Length.inches(2)};
    private final Frame frame;
    private final Ledger ledger;

    Pins(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
    }

    Fitted fitted(Optional<Length> wish) {
        Section section = frame.job().section();
        if (!frame.isConvex() || frame.angles().stream().anyMatch(angle -> angle.compareTo(FLATTEST) > 0)) {
            return Fitted.not(JointKind.PINNED, Words.of("obstacle.pin_flat", FLATTEST));
        }
        Length face = frame.narrowFace();
        Length most = face.minus(CLEAR);
        Optional<Length> chosen = wish.or(() -> JointPlanner.longest(most, STANDARD));
        if (chosen.isEmpty()) {
            return Fitted.not(JointKind.PINNED, Words.of("obstacle.pin_no_room", face, most, STANDARD[0]));
        }
        Length length = chosen.get();
        List<Words> obstacles = new ArrayList<>();
        if (length.isOver(most)) {
            obstacles.add(Words.of("obstacle.pin_too_long", length, most, length.minus(most)));
        }
        Length back = face.minus(section.lip());
        Length fromTip = length.times(0.4).min(back.minus(CLEAR));
        if (fromTip.isUnder(CLEAR)) {
            return Fitted.not(JointKind.PINNED, Words.of("obstacle.pin_edge", back, CLEAR.times(2)));
        }
        Length high = section.edgeHeight();
        return new Fitted(JointKind.PINNED, List.of(
                ledger.enter(Station.CORNERS, Figure.formula("joint.pin_length").with("narrow_face", face)
                        .with("clear", CLEAR).note("pin_length").rounded(Rounding.DOWN).gives(length)),
                ledger.enter(Station.CORNERS, Figure.formula("joint.pin_from_tip").with("pin_length", length)
                        .note("pin_from_tip").gives(fromTip)),
                level("joint.pin_level_1", high, 0.25), level("joint.pin_level_2", high, 0.6),
                level("joint.pin_level_3", high, 0.4), level("joint.pin_level_4", high, 0.75)), 4, obstacles);
    }

    private Figure<Length> level(String id, Length high, double share) {
        return ledger.enter(Station.CORNERS, Figure.formula(id).with("edge_height", high).note("pin_level").gives(high.times(share)));
    }
}
