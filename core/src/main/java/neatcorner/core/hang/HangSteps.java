package neatcorner.core.hang;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import neatcorner.core.phrase.Words;

/** Hanging, step by step. */
final class HangSteps {
    private final HangPlan plan;
    private final List<Words> steps = new ArrayList<>();

    private HangSteps(HangPlan plan) {
        this.plan = plan;
    }

    /** Nothing for what does not hang. */
    static List<Words> of(HangPlan plan) {
        HangSteps steps = new HangSteps(plan);
        switch (plan.chosen()) {
            case SAW_TOOTH -> steps.add("plate");
            case RINGS_AND_WIRE, TWO_HOOKS -> steps.rings();
            case CLEAT -> steps.cleat();
            case LAID -> { }
        }
        plan.hookHeight().ifPresent(height -> steps.add("fixing." + plan.chosen().name().toLowerCase(
                Locale.ROOT), height));
        plan.hookHeight().ifPresent(_ -> steps.add("level"));
        return List.copyOf(steps.steps);
    }

    private void add(String step, Object... args) {
        steps.add(Words.of("hang.step." + step, args));
    }

    private void rings() {
        plan.rings().ifPresent(rings -> add("rings", rings.down(), rings.inset()));
        plan.wire().ifPresent(wire -> {
            add("wire", wire.length());
            add("taut", wire.drop());
        });
    }

    private void cleat() {
        plan.cleat().ifPresent(cleat -> add("cleat", cleat.length(), cleat.down(), cleat.screws()));
    }
}
