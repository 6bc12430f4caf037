package neatcorner.core.sawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import neatcorner.core.Sample;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.OddJobs;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import org.junit.jupiter.api.Test;

/** The order of cuts, from sticks to cards. */
class SawingTest {
    private static Sawing of(Plan plan) {
        return plan.toSaw().inOrder();
    }

    @Test
    void whoFollowsTheCardsHasEveryPiece() {
        OddJobs jobs = new OddJobs(20261201);
        List<String> wrong = new ArrayList<>();
        int cuts = 0;
        for (int i = 0; i < 150; i++) {
            try {
                Plan plan = Planner.plan(jobs.next(), Sample.shop());
                Sawing sawing = of(plan);
                cuts += sawing.cuts().size();
                assertThat(sawing.cuts().stream().filter(cut -> cut.on().turned()))
                        .allMatch(cut -> cut.on().stick().section().recess() instanceof Recess.Bar);
                int number = i;
                Paper.wrong(sawing, plan.cuts().sticks(), plan.frame().habits().get(Habit.KERF).toMm())
                        .ifPresent(what -> wrong.add(number + " " + plan.job().title() + ": " + what));
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        assertThat(wrong).isEmpty();
        assertThat(cuts).isGreaterThan(1000);
    }
}
