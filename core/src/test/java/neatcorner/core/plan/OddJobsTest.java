package neatcorner.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.job.Job;
import neatcorner.core.joint.Joint;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Force;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Mass;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Phrasebook;
import org.junit.jupiter.api.Test;

/** Plans of odd jobs of every kind: none fails, none says what is no number, no remedy leads back to its finding. */
class OddJobsTest {
    /** Printed with a failure; another seed, other jobs: {@code -Dodd.seed=7}. */
    private static final long SEED = Long.getLong("odd.seed", 20261127);
    private static final int JOBS = Integer.getInteger("odd.jobs", 600);
    private static final Phrasebook INCHES = new Phrasebook(Graduation.INCH_16);
    private static final Phrasebook MM = new Phrasebook(Graduation.MM_HALF);

    private static Optional<Plan> plan(Job job, Shop shop) {
        try {
            return Optional.of(Planner.plan(job, shop));
        } catch (Refusal refused) {
            assertThat(INCHES.say(refused.words())).isNotBlank();
            return Optional.empty();
        }
    }

    @Test
    void everyJobIsPlannedOrRefusedInWords() {
        OddJobs jobs = new OddJobs(SEED);
        int planned = 0;
        for (int i = 0; i < JOBS; i++) {
            Job job = jobs.next();
            Optional<Plan> plan;
            try {
                plan = plan(job, Sample.shop());
                plan.ifPresent(OddJobsTest::isSaid);
            } catch (RuntimeException | AssertionError bug) {
                throw new AssertionError("job " + i + " of seed " + SEED + ": " + job, bug);
            }
            planned += plan.isPresent() ? 1 : 0;
        }
        assertThat(planned).as("most of them are frames").isGreaterThan(JOBS * 3 / 4);
    }

    /** Everything a plan says can be said in both units and holds no NaN. */
    private static void isSaid(Plan plan) {
        for (Phrasebook book : List.of(INCHES, MM)) {
            List<String> said = new ArrayList<>();
            plan.findings()
                    .forEach(f -> said.add(book.say(f.what())
                            + book.say(f.cure())
                            + f.remedy().map(r -> book.say(r.words())).orElse("none")));
            plan.figures().values().forEach(f -> {
                said.add(book.say(f.name()) + book.write(f));
                f.working().lines().forEach(line -> said.add(book.say(line.words()) + book.exactly(line.amount())));
                f.working().note().ifPresent(note -> said.add(book.say(note)));
            });
            List<Words> steps = new ArrayList<>(plan.glue().steps());
            steps.addAll(plan.fit().order());
            steps.addAll(plan.making().cautions());
            plan.making().steps().forEach(step -> {
                steps.add(step.what());
                steps.addAll(step.how());
            });
            plan.findings().forEach(f -> steps.addAll(List.of(f.what(), f.cure())));
            assertThat(steps).extracting(book::say).noneMatch(text -> Character.isLowerCase(text.charAt(0)));
            steps.forEach(words -> said.add(book.say(words)));
            assertThat(said)
                    .as("a hair over nothing")
                    .noneMatch(text -> text.matches("(?s)(.*[^0-9./ ])? ?0( mm|\") [+−].*"));
            assertThat(said).noneMatch(text -> text.contains("NaN") || text.contains("Infinity") || text.contains("{"));
        }
        if (!plan.joints().used().fits()) {
            Joint refused = Joints.of(plan.joints().chosen());
            assertThat(plan.glue().steps())
                    .as("nothing is done with a joint that does not fit")
                    .noneMatch(step -> refused.whileClosed(plan.frame()).contains(step)
                            || refused.whenSet(plan.glue().adhesive()).contains(step));
        }
        plan.figures().values().forEach(OddJobsTest::isNumber);
        assertThat(plan.findings()).allSatisfy(f -> assertThat(f.remedy()).as(f.id()).isPresent());
    }

    private static void isNumber(Figure<?> figure) {
        switch (figure.value()) {
            case Angle angle -> assertThat(angle.radians()).as(figure.id()).isFinite();
            case Force force -> assertThat(force.newtons()).as(figure.id()).isFinite().isNotNegative();
            case Mass mass -> assertThat(mass.toKg()).as(figure.id()).isNotNegative();
            default -> assertThat(figure.value()).isNotNull();
        }
    }

    /** A remedy that changes something takes its finding away, or brings one that explains why it could not. */
    @Test
    void noRemedyLeadsBackToItsFinding() {
        OddJobs jobs = new OddJobs(SEED + 1);
        List<String> circles = new ArrayList<>();
        for (int i = 0; i < JOBS / 2; i++) {
            Job job = jobs.next();
            Shop shop = Sample.shop();
            int number = i;
            plan(job, shop)
                    .ifPresent(plan -> plan.findings()
                            .forEach(f -> f.remedy().ifPresent(remedy -> {
                                Optional<Plan> after = applied(job, shop, remedy);
                                if (!(remedy instanceof Remedy.Visit)
                                        && (after.isEmpty()
                                                || after.get().findings().stream()
                                                        .anyMatch(a -> isStill(f, a, plan, after.get())))) {
                                    circles.add("job " + number + " of seed " + (SEED + 1) + ": " + f.id() + ": "
                                            + MM.say(f.what()) + " → " + MM.say(remedy.words())
                                            + after.map(_ -> "").orElse(" (refused)"));
                                }
                            })));
        }
        assertThat(circles).isEmpty();
    }

    private static Optional<Plan> applied(Job job, Shop shop, Remedy remedy) {
        try {
            return switch (remedy) {
                case Remedy.OnJob(_, var edit) -> plan(edit.apply(job), shop);
                case Remedy.OnShop(_, var edit) -> plan(job, edit.apply(shop));
                case Remedy.Visit _, Remedy.Prove _ -> Optional.empty();
            };
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }

    /** The same finding with the same words; one of the same kind about something else is another. */
    private static boolean isStill(Finding before, Finding after, Plan first, Plan second) {
        boolean worse = second.findings().stream()
                .anyMatch(f -> f.severity() == Severity.STOP
                        && first.findings().stream().noneMatch(o -> o.id().equals(f.id())));
        return after.id().equals(before.id()) && MM.say(after.what()).equals(MM.say(before.what())) && !worse;
    }
}
