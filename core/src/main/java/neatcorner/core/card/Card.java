package neatcorner.core.card;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.mend.Mending;
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
 * @param reads    the numbers given to the plan that can be read once it is done
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
        Scene scene,
        List<Readable> reads) {
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
        reads = List.copyOf(reads);
        if (checks.size() > MOST_CHECKS) {
            throw new IllegalArgumentException(checks.size() + " checks on one card");
        }
    }

    /** One after which no number is read that is given to the plan. */
    Card(
            Act act,
            int part,
            Words title,
            Optional<Figure<?>> figure,
            List<Words> says,
            List<Words> checks,
            List<Safety> cautions,
            Optional<Duration> pause,
            Scene scene) {
        this(act, part, title, figure, says, checks, cautions, pause, scene, List.of());
    }

    /**
     * Something that can be read once a card is done.
     *
     * @param act     what is read, by which it is written down
     * @param name    of the number
     * @param planned as it is by the plan now
     */
    public record Readable(Act act, Words name, Length planned) {
    }

    /** Everything that can be read once it is done, in the order it is. */
    public List<Readable> readables() {
        return reads.isEmpty() ? length().map(length -> new Readable(act, title, length)).stream().toList() : reads;
    }

    /** The one length that comes out; empty where none does that is worth reading. */
    private Optional<Length> length() {
        return switch (act) {
            case Act.Saw _ -> scene instanceof Scene.AtTheSaw saw ? saw.planned() : Optional.empty();
            case Act.Step step when Mending.isStep(step.what()) -> Optional.empty();
            case Act.Step _, Act.Size _ -> figure.map(Figure::value)
                    .filter(Length.class::isInstance)
                    .map(Length.class::cast);
        };
    }

    /** Whether a line of what it says is what the machine is set to: after where the stop stands. */
    public boolean isSetting(int line) {
        return scene instanceof Scene.AtTheSaw && line == 1;
    }
}
