package neatcorner.core.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SequencedMap;
import java.util.random.RandomGenerator;
import neatcorner.core.measure.Share;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.saw.Cause;
import neatcorner.core.saw.Doctor;
import neatcorner.core.saw.Look;
import neatcorner.core.saw.Mend;
import neatcorner.core.shop.Shop;

/** A frame put together dry gapes: what is wrong with its pieces. */
final class GapingExercise implements Exercise {
    private static final int OPTIONS = 4;
    /** What is no likelier is not what is wrong. */
    private static final double UNLIKELY = 0.02;
    private static final double SURE = 0.7;
    private final Plan plan;
    private final Doctor.Guess guess;
    private final SequencedMap<Look, Double> seen;
    private final Doctor.Diagnosis diagnosis;
    private final List<Words> options;
    private final Words right;

    private GapingExercise(Plan plan, Doctor.Guess guess, SequencedMap<Look, Double> seen,
                           Doctor.Diagnosis diagnosis, List<Words> options, Words right) {
        this.plan = plan;
        this.guess = guess;
        this.seen = seen;
        this.diagnosis = diagnosis;
        this.options = options;
        this.right = right;
    }

    static Exercise of(RandomGenerator random, Shop shop) {
        while (true) {
            Plan plan = Planner.plan(Draws.frame(random, shop), shop);
            Optional<Exercise> made = Doctor.of(plan.saw()).flatMap(doctor -> of(random, plan, doctor));
            if (made.isPresent()) {
                return made.get();
            }
        }
    }

    /** Empty where what is seen could as well be something else that is asked for. */
    private static Optional<Exercise> of(RandomGenerator random, Plan plan, Doctor doctor) {
        List<Cause> all = Cause.all(plan.saw().ring());
        Cause cause = Draws.one(random, all);
        Doctor.Guess guess = guess(random, cause);
        SequencedMap<Look, Double> seen = doctor.shows(guess);
        if (seen.values().stream().allMatch(gap -> gap == 0)) {
            return Optional.empty();
        }
        Doctor.Diagnosis diagnosis = doctor.diagnose(seen);
        double sure = confidence(diagnosis, cause);
        List<Cause> others = Draws.shuffled(random, all).stream()
                .filter(other -> !other.equals(cause) && confidence(diagnosis, other) < UNLIKELY)
                .limit(OPTIONS - 1L)
                .toList();
        if (sure < SURE || others.size() < OPTIONS - 1) {
            return Optional.empty();
        }
        List<Words> options = new ArrayList<>();
        Words right = said(plan, guess);
        options.add(right);
        others.forEach(other -> options.add(said(plan, guess(random, other))));
        return Optional.of(new GapingExercise(
                plan, guess, seen, diagnosis, Draws.shuffled(random, options), right));
    }

    /** So large that it is seen, and no larger than it may be. */
    private static Doctor.Guess guess(RandomGenerator random, Cause cause) {
        double size = cause.usual() * Draws.between(random, 1.2, 2.4, 0.1) * (random.nextBoolean() ? 1 : -1);
        return new Doctor.Guess(List.of(cause), 1, new double[] {size}, new double[] {0}, 0);
    }

    private static Words said(Plan plan, Doctor.Guess guess) {
        return guess.causes().getFirst().said(plan.saw().ring(), guess.sizes()[0]);
    }

    private static double confidence(Doctor.Diagnosis diagnosis, Cause cause) {
        return diagnosis.found().stream()
                .filter(found -> found.cause().equals(cause))
                .mapToDouble(Doctor.Found::confidence)
                .sum();
    }

    @Override
    public Words task() {
        return Words.of("practice.gaping");
    }

    @Override
    public List<Words> facts() {
        return List.of(Words.of("practice.gaping_frame"));
    }

    @Override
    public List<Ask> asks() {
        return List.of(new Ask(Words.of("practice.what_is_wrong"), options));
    }

    @Override
    public Words hint() {
        return Words.of("practice.gaping_hint");
    }

    @Override
    public Shown shown(List<Integer> answers) {
        return new Shown.Gaping(plan.saw().ring(), guess, seen);
    }

    @Override
    public Judged judge(List<Integer> answers) {
        boolean found = options.get(answers.getFirst()).equals(right);
        List<Words> why = new ArrayList<>();
        why.add(Words.of(
                "practice.gaping_why",
                right,
                new Share(confidence(diagnosis, guess.causes().getFirst()))));
        why.addAll(Mend.of(plan.frame(), plan.saw(), diagnosis.best(), seen).steps());
        return new Judged(found ? Judged.MOST : 0, why);
    }
}
