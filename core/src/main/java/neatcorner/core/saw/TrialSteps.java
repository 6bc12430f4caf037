package neatcorner.core.saw;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.measure.Angle;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.ProofKind;

/** How a machine is proved, step by step. */
public final class TrialSteps {
    private TrialSteps() {
    }

    /**
     * The steps.
     *
     * @param at what is set, from square
     */
    public static List<Words> of(Machine machine, ProofKind kind, Angle at) {
        return Stream.concat(
                        Stream.of(Words.of("trial.safe")),
                        switch (kind) {
                            case LEFT, RIGHT -> corner(Words.of(
                                    "trial.set", machine.name(), machine.said(kind == ProofKind.RIGHT, at)), at);
                            case TILT -> at.radians() > 0
                                    ? corner(Words.of("trial.set_tilt", machine.name(), at), at)
                                    : steps("trial.upright", machine.name());
                            case FENCE -> steps("trial.fence", machine.name());
                            case STOP -> steps("trial.stop", machine.name());
                        })
                .toList();
    }

    private static Stream<Words> corner(Words set, Angle at) {
        Angle pair = Trial.pair(at);
        boolean square = Math.abs(pair.toDegrees() - 90) < 0.05;
        return Stream.of(
                set,
                Words.of("trial.corner.cut"),
                Words.of("trial.corner.turn", pair),
                square ? Words.of("trial.corner.square") : Words.of("trial.corner.template", pair));
    }

    private static Stream<Words> steps(String key, String name) {
        return Stream.of(Words.of(key + ".1", name), Words.of(key + ".2"), Words.of(key + ".3"));
    }
}
