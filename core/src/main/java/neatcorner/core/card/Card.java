package neatcorner.core.card;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Safety;
import neatcorner.core.words.Figure;
import neatcorner.core.work.Act;

/**
 * One act, as it is read with both hands full.
 *
 * @param act      which
 * @param part     the number of the part it is done to, from 0
 * @param title    what is done
 * @param figure   the one number that matters, rounded as it is cut; empty where none does
 * @param says     what goes with that number, and what else must be read
 * @param checks   what is looked at before it is done, up to {@value #MOST_CHECKS}
 * @param cautions for the hands
 * @param pause    how long nothing may be touched after it; empty where one goes on
 * @param scene    what it looks like
 */
public record Card(
        Act act,
        int part,
        Words title,
        Optional<Figure<?>> figure,
        List<Words> says,
        List<Words> checks,
        List<Safety> cautions,
        Optional<Duration> pause,
        Scene scene) {
    /** Nobody keeps more in mind with a stick in both hands. */
    public static final int MOST_CHECKS = 4;

    /**
     * Checks it.
     *
     * @throws IllegalArgumentException for more checks than can be kept in mind
     */
    public Card {
        says = List.copyOf(says);
        checks = List.copyOf(checks);
        cautions = List.copyOf(cautions);
        if (checks.size() > MOST_CHECKS) {
            throw new IllegalArgumentException(checks.size() + " checks on one card");
        }
    }

    /** Whether a line of what it says is what the machine is set to: after where the stop stands. */
    public boolean isSetting(int line) {
        return scene instanceof Scene.AtTheSaw && line == 1;
    }
}
