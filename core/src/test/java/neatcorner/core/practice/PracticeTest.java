package neatcorner.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import neatcorner.core.Sample;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.words.Phrasebook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Exercises: endless, the same for the same number, said whole, with one answer that is right. */
class PracticeTest {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.INCH_16);
    private static final int MANY = 40;

    private static List<Integer> nothing(Exercise exercise) {
        return Collections.nCopies(exercise.asks().size(), Ask.OPEN);
    }

    /** All ways to answer, where those are not too many. */
    private static List<List<Integer>> ways(Exercise exercise) {
        List<List<Integer>> ways = List.of(List.of());
        for (Ask ask : exercise.asks()) {
            List<List<Integer>> longer = new ArrayList<>();
            for (List<Integer> way : ways) {
                for (int option = 0; option < ask.options().size(); option++) {
                    List<Integer> one = new ArrayList<>(way);
                    one.add(option);
                    longer.add(one);
                }
            }
            ways = longer;
        }
        return ways;
    }

    @ParameterizedTest
    @EnumSource(Practice.class)
    void oneAnswerIsRightAndSaidWhole(Practice what) {
        Set<String> tasks = new HashSet<>();
        Shop shop = Sample.shop();
        for (long seed = 1; seed <= (what == Practice.PLAN ? MANY / 2 : MANY); seed++) {
            Exercise exercise = what.make(seed, shop);
            assertThat(exercise.asks()).isEqualTo(what.make(seed, shop).asks());
            assertThat(BOOK.say(exercise.task())).isNotBlank();
            assertThat(BOOK.say(exercise.hint())).isNotBlank();
            tasks.add(exercise.facts().stream().map(BOOK::say).toList() + exercise.asks().stream()
                    .map(ask -> ask.options().stream().map(BOOK::say).toList())
                    .toList()
                    .toString());
            exercise.asks().forEach(ask -> assertThat(ask.options().stream().map(BOOK::say))
                    .doesNotHaveDuplicates());
            if (what != Practice.STICKS) {
                List<Judged> judged = ways(exercise).stream().map(exercise::judge).toList();
                assertThat(judged.stream().filter(one -> one.points() == Judged.MOST)).hasSize(1);
                judged.forEach(one -> assertThat(one.why().stream().map(BOOK::say)).allMatch(why -> !why.isBlank()));
            }
        }
        assertThat(tasks).hasSizeGreaterThan(what == Practice.CUT ? 10 : MANY / 3);
    }

    /** The two-piece test is ½·atan(gap / leg), and a swing that went too far opens inside. Facts of the trade. */
    @Test
    void theGapIsTwiceTheError() {
        for (long seed = 1; seed <= MANY; seed++) {
            Exercise exercise = Practice.GAP.make(seed, Sample.shop());
            Proof.OfAngle proof = (Proof.OfAngle) ((Shown.Scraps) exercise.shown(nothing(exercise))).proof();
            List<Integer> best = best(exercise);
            assertThat(best.getFirst()).isEqualTo(proof.error().radians() > 0 ? 0 : 1);
            boolean inside = exercise.facts().stream().anyMatch(fact -> fact.key().equals("practice.gap_inside"));
            assertThat(inside).isEqualTo(proof.error().radians() > 0);
            var fact = exercise.facts().getLast();
            double gap = ((Gap) fact.args().get(0)).width().toMm();
            double leg = ((Length) fact.args().get(1)).toMm();
            assertThat(Math.abs(proof.error().radians())).isCloseTo(Math.atan(gap / leg) / 2, within(1e-9));
        }
    }

    private static List<Integer> best(Exercise exercise) {
        return ways(exercise).stream()
                .filter(way -> exercise.judge(way).points() == Judged.MOST)
                .findFirst()
                .orElseThrow();
    }

    /** As few sticks as the planner needs for the same pieces; too much on one stick is worth nothing. */
    @Test
    void sticksAreAsFewAsThePlannersOwn() {
        Shop shop = Sample.shop();
        for (long seed = 1; seed <= MANY; seed++) {
            Exercise exercise = Practice.STICKS.make(seed, shop);
            Shown.Sticks open = (Shown.Sticks) exercise.shown(nothing(exercise));
            List<StickProblem.Kind> kinds = open.left().stream()
                    .map(length -> new StickProblem.Kind("", length, 1))
                    .toList();
            StickProblem problem = new StickProblem(
                    kinds,
                    List.of(new StickProblem.Stock("", open.stick(), Optional.empty(), 1)),
                    shop.habits().get(Habit.KERF),
                    shop.habits().get(Habit.END_TRIM));
            StickAnswer answer = problem.solve(() -> false, _ -> { }).orElseThrow();
            List<Integer> laid = new ArrayList<>(nothing(exercise));
            IntStream.range(0, answer.sticks().size()).forEach(stick -> answer.sticks()
                    .get(stick)
                    .placed()
                    .forEach(placed -> laid.set(placed.kind(), stick)));
            assertThat(exercise.judge(laid).points()).isGreaterThanOrEqualTo(60);
            assertThat(exercise.judge(Collections.nCopies(laid.size(), 0)).points()).isZero();
        }
    }
}
