package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/**
 * One way to join, judged for one frame.
 *
 * @param kind     the way
 * @param enough   whether it is strong enough here
 * @param fits     whether the section has room for it
 * @param why      what speaks against it, or for it; at least one line
 * @param settings lengths and positions; empty when it does not fit
 * @param count    fasteners a corner
 * @param lean     between fastener and edge; a right angle unless it is driven aslant
 */
public record JointOption(JointKind kind, boolean enough, boolean fits, List<Words> why,
                          List<Figure<Length>> settings, int count, Angle lean) {
    public JointOption {
        why = List.copyOf(why);
        settings = List.copyOf(settings);
    }

    /** Whether it can be used with a good conscience. */
    public boolean isGood() {
        return enough && fits;
    }

    /** A setting, in mm; empty when this way has none such. */
    public Optional<Double> setting(FigureKey<Length> key) {
        return settings.stream()
                .filter(figure -> figure.key().equals(key))
                .findFirst()
                .map(figure -> figure.value().toMm());
    }
}
