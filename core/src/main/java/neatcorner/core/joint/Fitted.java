package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/**
 * A way to join, tried in a section.
 *
 * @param kind      the way
 * @param settings  lengths and positions, empty when there is no room
 * @param count     fasteners a corner
 * @param obstacles why it does not fit; empty when it does
 * @param lean      between fastener and edge; a right angle unless it is driven aslant
 */
public record Fitted(JointKind kind, List<Figure<Length>> settings, int count, List<Words> obstacles, Angle lean) {
    public Fitted {
        settings = List.copyOf(settings);
        obstacles = List.copyOf(obstacles);
    }

    /** Whether there is room for it. */
    public boolean fits() {
        return obstacles.isEmpty();
    }

    /** A setting, in mm; empty when this way has none such. */
    Optional<Double> setting(FigureKey<Length> key) {
        return settings.stream()
                .filter(figure -> figure.key().equals(key))
                .findFirst()
                .map(figure -> figure.value().toMm());
    }

    /** A way that does not fit, and why. */
    public static Fitted not(JointKind kind, Words why) {
        return new Fitted(kind, List.of(), 0, List.of(why), Angle.RIGHT);
    }

    /** Fasteners are driven while the corners are closed, and how hangs on the frame. */
    static List<Words> fastened(Frame frame, JointKind kind) {
        String where = frame.job().outline().isCurved()
                ? "close.fasten_curved."
                : frame.members().size() == 4 ? "close.fasten." : "close.fasten_many.";
        return List.of(Words.of(where + kind.id()));
    }
}
