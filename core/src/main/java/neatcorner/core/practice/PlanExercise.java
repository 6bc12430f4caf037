package neatcorner.core.practice;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.random.RandomGenerator;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Hardware;
import neatcorner.core.job.Job;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Shop;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Station;

/** A plan that should not be made: what is wrong with it. */
final class PlanExercise implements Exercise {
    private static final int OPTIONS = 4;
    /** Plans of one size may not have as many things wrong. */
    private static final int MOST_TRIED = 200;
    /** What one must know of a frame to judge it. */
    private static final Set<String> FACTS = Set.of(
            "outside.width",
            "outside.height",
            "section.face",
            "section.thickness",
            "section.lip",
            "section.rabbet_depth",
            "section.stack",
            "weight.total");
    private static final List<Species> WOODS =
            List.of(Species.MAPLE, Species.PINE, Species.BASSWOOD, Species.RED_OAK, Species.WALNUT);
    private final Plan plan;
    private final Finding wrong;
    private final List<Words> options;

    private PlanExercise(Plan plan, Finding wrong, List<Words> options) {
        this.plan = plan;
        this.wrong = wrong;
        this.options = options;
    }

    static Exercise of(RandomGenerator random, Shop shop) {
        while (true) {
            Length across = Draws.eighths(random, 32, 420);
            Length down = Draws.eighths(random, 32, 420);
            Optional<Plan> plan = plan(random, shop, across, down);
            List<Finding> found = plan.map(PlanExercise::faults).orElse(List.of());
            if (!found.isEmpty()) {
                Finding wrong = Draws.one(random, found);
                List<Words> options = options(plan.get(), wrong, () -> plan(random, shop, across, down));
                if (options.size() == OPTIONS) {
                    return new PlanExercise(plan.get(), wrong, Draws.shuffled(random, options));
                }
            }
        }
    }

    /** What is wrong, and what is wrong with other plans of this size but not with this one. */
    private static List<Words> options(Plan plan, Finding wrong, Supplier<Optional<Plan>> others) {
        Set<String> known = new HashSet<>();
        plan.findings().forEach(finding -> known.add(finding.id()));
        List<Words> options = new ArrayList<>(List.of(wrong.what()));
        for (int tried = 0; tried < MOST_TRIED && options.size() < OPTIONS; tried++) {
            others.get().map(PlanExercise::faults).orElse(List.of()).stream()
                    .filter(finding -> known.add(finding.id()))
                    .limit(1)
                    .forEach(finding -> options.add(finding.what()));
        }
        return options;
    }

    /** What must not be made like this; what is wrong with the shop is not the plan's fault. */
    private static List<Finding> faults(Plan plan) {
        return plan.findings().stream()
                .filter(finding -> finding.severity() != Severity.NOTE)
                .filter(finding -> finding.station() != Station.LOG
                        && finding.station() != Station.CUTS)
                .toList();
    }

    /** Numbers as a hurry might give them; empty where they leave no frame. */
    private static Optional<Plan> plan(RandomGenerator random, Shop shop, Length across, Length down) {
        try {
            Section section = new Section(
                    "trial",
                    Draws.one(random, WOODS),
                    Draws.eighths(random, 4, 28),
                    Draws.eighths(random, 4, 16),
                    new Recess.Rabbet(Draws.eighths(random, 1, 5), Draws.eighths(random, 1, 9)),
                    Profile.FLAT);
            Job job = Job.starting("practice", across, down, section);
            job = new Edit.ChooseJoint(Optional.of(Draws.one(random, Joints.kinds()))).apply(job);
            job = new Edit.ChooseHardware(Optional.of(Draws.one(random, List.of(Hardware.values())))).apply(job);
            return Optional.of(Planner.plan(job, shop));
        } catch (Refusal notAFrame) {
            return Optional.empty();
        }
    }

    @Override
    public Words task() {
        return Words.of("practice.plan");
    }

    @Override
    public List<Words> facts() {
        List<Words> facts = new ArrayList<>();
        for (Station station : Station.values()) {
            plan.figures(station).stream()
                    .filter(figure -> FACTS.contains(figure.key().id()))
                    .forEach(figure -> facts.add(Words.of("card.figure", figure.name(), figure)));
        }
        plan.job().choices().joint().ifPresent(kind -> facts.add(Words.of("practice.joined", kind)));
        plan.job().choices().hardware().ifPresent(hung -> facts.add(Words.of("practice.hung", hung)));
        return facts;
    }

    @Override
    public List<Ask> asks() {
        return List.of(new Ask(Words.of("practice.what_is_wrong"), options));
    }

    @Override
    public Words hint() {
        return Words.of("practice.plan_hint", wrong.station());
    }

    @Override
    public Shown shown(List<Integer> answers) {
        return new Shown.Planned(plan, wrong.station());
    }

    @Override
    public Judged judge(List<Integer> answers) {
        boolean found = options.get(answers.getFirst()).equals(wrong.what());
        return new Judged(found ? Judged.MOST : 0, List.of(wrong.what(), wrong.cure()));
    }
}
