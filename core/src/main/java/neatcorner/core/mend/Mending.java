package neatcorner.core.mend;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.job.Trouble;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Safety;
import neatcorner.core.words.FigureKey;

/**
 * How a corner that went wrong is mended.
 *
 * @param trouble what went wrong; empty where nothing did
 * @param steps   what is done, in order; empty where nothing went wrong
 */
public record Mending(Optional<Trouble> trouble, List<Words> steps) {
    /** What is worked out of it, each where it matters. */
    public static final List<FigureKey<?>> FIGURES =
            List.of(Broken.AMOUNT, Mender.CLOSED, Broken.LEFT, Mender.FEATHER, Mender.SHORTER);

    /** Nothing went wrong. */
    static final Mending NONE = new Mending(Optional.empty(), List.of());

    /** What is only said of it: nothing is done. */
    private static final Set<String> SAID = Set.of(
            "mend.not_judged",
            "mend.afresh_holds",
            "mend.afresh_gives",
            "mend.as_it_is_holds",
            "mend.as_it_is_gives",
            "mend.reinforce",
            "mend.no_help",
            "mend.others",
            "mend.pin_none",
            "mend.step_before",
            "mend.step_after");

    public Mending {
        steps = List.copyOf(steps);
    }

    /**
     * A step for the hands.
     *
     * @param what is done
     * @param says what is to be known of it
     */
    public record Doing(Words what, List<Words> says) {
        /** Whether it waits until the finish is on. */
        public boolean isOnFinish() {
            return what.key().equals("mend.fill");
        }

        /** Whether it only empties a frame that is framed up already. */
        public boolean isEmptying() {
            return what.key().equals("mend.empty");
        }

        /** What can hurt while it is done. */
        public Set<Safety> cautions() {
            return switch (what.key().split("\\.")[1]) {
                case "empty" -> EnumSet.of(Safety.GLASS);
                case "draw", "pin_out", "pin_again" -> EnumSet.of(Safety.PINS);
                case "glue", "clamp", "burnish", "sliver", "split_glue" -> EnumSet.of(Safety.ADHESIVE);
                case "split_again" -> EnumSet.of(Safety.SCREWS);
                case "step_profile", "step_feather", "step_whole" -> EnumSet.of(Safety.DUST);
                default -> EnumSet.noneOf(Safety.class);
            };
        }

        /** Whether it leaves the corner in a clamp. */
        public boolean isClamped() {
            return what.key().equals("mend.clamp") || what.key().equals("mend.split_glue");
        }
    }

    /** Whether a step of this name is one of mending a corner. */
    public static boolean isStep(String name) {
        return name.startsWith("mend.");
    }

    /** What the hands do, each with what is said before the first and after it. */
    public List<Doing> doings() {
        List<Doing> doings = new ArrayList<>();
        List<Words> before = new ArrayList<>();
        for (Words step : steps) {
            if (!SAID.contains(step.key())) {
                doings.add(new Doing(step, List.copyOf(before)));
                before.clear();
            } else if (doings.isEmpty()) {
                before.add(step);
            } else {
                Doing last = doings.removeLast();
                doings.add(new Doing(last.what(), Stream.concat(last.says().stream(), Stream.of(step)).toList()));
            }
        }
        return List.copyOf(doings);
    }
}
