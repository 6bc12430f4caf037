package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Mitre;
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
 * V-shaped fasteners driven from the back, dead square: one near the outside, one near the inside
 * where the back is wide enough, none at the very tip. They end at least 1/8 in below the front; two
 * are stacked in tall mouldings. Sizes are those commonly sold, from memory.
 */
final class VFasteners {
    private static final Length CLEAR = Length.inches(0, 1, 8);
    private static final Length NEEDS = Length.mm(9);
    private static final Length ROOM_FOR_TWO = Length.mm(18);
    private static final Length[] STANDARD = {Length.mm(5), Length.mm(7), Length.mm(10), Length.mm(12), Length.mm(15)};
    private final Frame frame;
    private final Ledger ledger;

    VFasteners(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
    }

    Fitted fitted(Optional<Length> wish) {
        Section section = frame.job().section();
        Length back = section.withFace(frame.narrowFace()).backWidth();
        if (back.isUnder(NEEDS)) {
            return Fitted.not(JointKind.V_FASTENED, Words.of("obstacle.v_back", back, NEEDS));
        }
        Length wood = section.woodOverBack();
        Length most = wood.minus(CLEAR);
        Optional<Length> chosen = wish.or(() -> JointPlanner.longest(most, STANDARD));
        if (chosen.isEmpty()) {
            return Fitted.not(JointKind.V_FASTENED, Words.of("obstacle.v_thin", wood, STANDARD[0]));
        }
        List<Words> obstacles = new ArrayList<>();
        if (chosen.get().isOver(most)) {
            obstacles.add(Words.of("obstacle.v_too_high", chosen.get(), most, chosen.get().minus(most)));
        }
        boolean stacked = !chosen.get().times(2).isOver(most);
        boolean two = !back.isUnder(ROOM_FOR_TWO);
        Length mitre = Mitre.between(back, back, Angle.RIGHT).length();
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Station.CORNERS, Figure.formula("joint.v_height").with("wood_over_back", wood).with("clear", CLEAR)
                .note(stacked ? "v_stacked" : "v_height").rounded(Rounding.DOWN).gives(chosen.get())));
        settings.add(ledger.enter(Station.CORNERS, Figure.formula("joint.v_outer").with("back_width", back)
                .with("mitre_at_back", mitre).note("v_place").gives(mitre.times(two ? 0.3 : 0.5))));
        if (two) {
            settings.add(ledger.enter(Station.CORNERS, Figure.formula("joint.v_inner").with("back_width", back)
                    .with("mitre_at_back", mitre).note("v_place").gives(mitre.times(0.75))));
        }
        return new Fitted(JointKind.V_FASTENED, settings, (two ? 2 : 1) * (stacked ? 2 : 1), obstacles);
    }
}
