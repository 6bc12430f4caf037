package neatcorner.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.cut.SheetPiece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.Entry;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Weight;
import neatcorner.core.glue.GluePlanner;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Job;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Polygons;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Habit;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;

/** What must hold of the plan of any job, worked out here by other means than the planners'. */
class OddPlansTest {
    private static final long SEED = Long.getLong("odd.seed", 20261128);
    private static final int JOBS = Integer.getInteger("odd.plans", 150);
    private static final List<Plan> PLANS = plans();

    private static List<Plan> plans() {
        OddJobs jobs = new OddJobs(SEED);
        List<Plan> plans = new ArrayList<>();
        while (plans.size() < JOBS) {
            try {
                plans.add(Planner.plan(jobs.next(), Sample.shop()));
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        return plans;
    }

    private static Stream<StickLayout> sticks(Plan plan) {
        return plan.cuts().sticks().stream();
    }

    /** Every piece of every frame lies once on a stick of its own section, clear of the trim and of its neighbours. */
    @Test
    void everyPieceIsCutOnceAndNoneFromAnother() {
        for (Plan plan : PLANS) {
            if (!plan.cuts().complete()) {
                continue;
            }
            Map<String, Integer> cut = new TreeMap<>();
            sticks(plan).forEach(stick -> {
                Length last = Length.ZERO;
                for (StickLayout.Placed placed : stick.placed()) {
                    cut.merge(placed.piece().job() + ": " + placed.piece().id(), 1, Integer::sum);
                    assertThat(placed.start())
                            .as("%s of %s", placed.piece().id(), plan.job())
                            .isGreaterThanOrEqualTo(stick.trim());
                    // Mitres that run alike nest: a piece may begin beside the slant of the one before.
                    assertThat(placed.start()).isGreaterThan(last);
                    last = placed.start();
                    assertThat(placed.end().plus(stick.trim()))
                            .as("the stick's end: %s", plan.job())
                            .isLessThanOrEqualTo(stick.length());
                }
                assertThat(stick.remnant().isNegative()).isFalse();
            });
            assertThat(cut.values()).as("%s", plan.job()).allMatch(count -> count == 1);
            plan.cuts().sheeted().stream()
                    .filter(SheetPiece::isWhole)
                    .map(SheetPiece::piece)
                    .forEach(piece -> cut.merge(piece.job() + ": " + piece.id(), 1, Integer::sum));
            plan.assembly().frames().forEach(part -> part.pieces()
                    .forEach(piece -> assertThat(cut.keySet())
                            .as("%s of part %s of %s", piece.side(), part.job().seen(), plan.job())
                            .anyMatch(name -> name.contains(": " + piece.side().letters() + "/"))));
        }
    }

    /** A plan seen from another part is the plan of a job that is looked at there. */
    @Test
    void fromEveryPartItIsOnePlan() {
        int judged = 0;
        for (Plan plan : PLANS) {
            for (int part = 0; part < plan.job().parts().size(); part++) {
                if (part != plan.job().seen()) {
                    Plan anew = Planner.plan(
                            plan.job().at(part), plan.results().shop(), plan.get(Answers.class));
                    Plan seen = Planner.at(plan, part);
                    assertThat(seen.figures()).as("%s", plan.job()).isEqualTo(anew.figures());
                    assertThat(seen.findings()).isEqualTo(anew.findings());
                    assertThat(seen.cuts()).isEqualTo(anew.cuts());
                    judged++;
                }
            }
        }
        assertThat(judged).as("some have several parts").isGreaterThan(5);
    }

    /** What is kept of a stick is long enough to be of use, and no piece lies in it. */
    @Test
    void whatIsKeptIsWholeAndOfUse() {
        for (Plan plan : PLANS) {
            Length useful = plan.frame().habits().get(Habit.USEFUL);
            sticks(plan).forEach(stick -> stick.offCuts(useful).forEach(kept -> {
                assertThat(kept.length()).as("%s", plan.job()).isGreaterThanOrEqualTo(useful);
                assertThat(stick.placed())
                        .as("%s: %s", kept, plan.job())
                        .allMatch(placed -> !placed.start().isUnder(kept.to())
                                || !placed.end().isOver(kept.from()));
            }));
            plan.cuts().waste().ifPresent(waste -> {
                double whole = sticks(plan).mapToDouble(s -> s.length().toMm()).sum();
                assertThat(waste.value().toMm()).as("%s", plan.job()).isBetween(-1e-6, whole + 1e-6);
            });
        }
    }

    /** The volume of wood by length and section, times its density, is what a bare frame is said to weigh. */
    @Test
    void theWoodWeighsWhatItsVolumeDoes() {
        int judged = 0;
        for (Plan plan : PLANS) {
            boolean plain = plan.frame().members().stream()
                    .allMatch(member -> member.curve().isEmpty() && member.section().strips().size() == 1);
            if (!plain
                    || plan.frame().isSolid()
                    || !plan.job().lean().isFlat()
                    || !plan.job().contents().layers().isEmpty()
                    || !plan.frame().bars().isEmpty()
                    || !plan.frame().cross().isEmpty()
                    || !plan.frame().slats().isEmpty()
                    || plan.job().body().edge().isPresent()) {
                continue;
            }
            double kg = plan.frame().members().stream()
                    .mapToDouble(member -> between(member)
                            * member.section().areaMm2()
                            * 1e-9
                            * member.section().species().density())
                    .sum();
            kg += plan.frame().panel().stream()
                    .mapToDouble(panel -> Polygons.area(panel.outline())
                            * panel.section().thickness().toMm()
                            * 1e-9
                            * panel.section().species().density())
                    .sum();
            Weight weight = plan.get(Weight.class);
            boolean alone = plan.job().parts().size() == 1
                    && plan.job().packed().behind().isEmpty();
            double said = (alone ? weight.total() : weight.wood()).value().toKg();
            assertThat(said).as("%s", plan.job()).isCloseTo(kg, within(kg * 0.12 + 0.01));
            judged++;
        }
        assertThat(judged).as("some were judged").isGreaterThan(2);
    }

    /** A mitred piece is as long as the mean of its long and its short edge. */
    private static double between(Member member) {
        return (member.longPoint().value().toMm() + member.shortPoint().value().toMm()) / 2;
    }

    /** Pythagoras on the outside. */
    @Test
    void theDiagonalsOfFourSquareFramesAreThoseOfTheirOutside() {
        for (Plan plan : PLANS) {
            plan.figure(GluePlanner.DIAGONAL).ifPresent(diagonal -> {
                double w = plan.frame().width(Line.OUTSIDE).toMm();
                double h = plan.frame().height(Line.OUTSIDE).toMm();
                assertThat(diagonal.value().toMm() * diagonal.value().toMm())
                        .isCloseTo(w * w + h * h, within(1e-2 * (w + h)));
                assertThat(plan.lead(Station.GLUE_UP)).isIn(GluePlanner.DIAGONAL, GluePlanner.LEAN);
            });
        }
    }

    /** No step of the glue-up or the fit is said twice, and what a station leads with is a figure or a side. */
    @Test
    void stepsAreSaidOnce() {
        for (Plan plan : PLANS) {
            assertThat(plan.glue().steps()).as("%s", plan.job()).doesNotHaveDuplicates().isNotEmpty();
            assertThat(plan.get(FitPlan.class).order()).as("%s", plan.job()).doesNotHaveDuplicates();
            for (Station station : Station.values()) {
                assertThat(plan.lead(station)).isNotNull();
            }
        }
    }

    /** What a step names is there: glass only where something glazes it, four sides only of four, square corners. */
    @Test
    void stepsSpeakOfWhatIsThere() {
        for (Plan plan : PLANS) {
            List<String> fit = plan.get(FitPlan.class).order().stream().map(Words::key).toList();
            if (!plan.job().packed().isGlazed()) {
                assertThat(fit).as("%s", plan.job()).doesNotContain("fit.art_alone", "fit.glazing");
            }
            if (plan.frame().members().size() != 4) {
                assertThat(fit).as("%s", plan.job()).doesNotContain("fit.stretch.middles");
            }
            boolean square = plan.frame().angles().stream()
                    .allMatch(angle -> Math.abs(angle.toDegrees() - 90) < 1e-6);
            boolean chiselled = plan.making().steps().stream()
                    .flatMap(step -> step.how().stream())
                    .anyMatch(note -> note.key().equals("making.square_corners"));
            assertThat(chiselled && !square).as("%s", plan.job()).isFalse();
        }
    }

    /** Pins and fasteners hold a corner where it is: only a frame that was measured is driven together. */
    @Test
    void nothingHoldsTheCornersBeforeTheyAreMeasured() {
        int driven = 0;
        for (Plan plan : PLANS) {
            List<String> keys = plan.glue().steps().stream().map(Words::key).toList();
            int fastened = IntStream.range(0, keys.size())
                    .filter(i -> keys.get(i).startsWith("close.fasten"))
                    .findFirst()
                    .orElse(-1);
            if (fastened >= 0 && plan.frame().members().size() > 3) {
                assertThat(keys.subList(0, fastened))
                        .as("%s", plan.job())
                        .containsAnyOf("close.diagonals", "close.checks", "close.checks_blanks");
                driven++;
            }
        }
        assertThat(driven).isGreaterThan(5);
    }

    /** Typing a number as it stands changes nothing of the plan. */
    @Test
    void aNumberTypedAsItStandsChangesNoFigure() {
        for (Plan plan : PLANS.subList(0, Math.min(40, JOBS))) {
            for (Entry entry : Entry.of(plan.job())) {
                if (entry.key() instanceof Habit) {
                    continue;
                }
                Job same = entry.write().apply(plan.job(), entry.read().apply(plan.job()));
                assertThat(same.outline()).as("%s", entry.key().id()).isEqualTo(plan.job().outline());
                assertThat(same.section()).as("%s", entry.key().id()).isEqualTo(plan.job().section());
                assertThat(same.contents()).as("%s", entry.key().id()).isEqualTo(plan.job().contents());
            }
        }
    }

    /** What was ticked off stays so while nothing of it changes, and opens when a figure or a decision does. */
    @Test
    void aSettledStationOpensWhenWhatItDecidesChanges() {
        Job job = Sample.job("12", "16");
        for (Station station : Station.values()) {
            job = new Edit.Settle(station, true).apply(job);
        }
        Plan all = Planner.plan(job, Sample.shop());
        Map<Edit, Station> opens = new HashMap<>();
        opens.put(new Edit.ChooseAdhesive(Adhesive.HIDE), Station.GLUE_UP);
        opens.put(
                new Edit.ChooseJoint(Optional.of(Joints.kinds().stream()
                        .filter(kind -> !kind.equals(all.joints().chosen()))
                        .findFirst()
                        .orElseThrow())),
                Station.CORNERS);
        opens.put(new Edit.Quantity(5), Station.CUTS);
        opens.forEach((edit, station) -> {
            Plan after = Planner.edited(all, edit);
            assertThat(after.job().settled()).as("%s", edit).doesNotContain(station).contains(Station.SECTION);
        });
        assertThat(Planner.edited(all, new Edit.Name("Another name")).job().settled())
                .isEqualTo(all.job().settled());
    }
}
