package neatcorner.core.shop;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.job.Contents;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.OffCut;
import neatcorner.core.rack.Price;
import neatcorner.core.rack.Rack;
import neatcorner.core.report.Severity;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShopTest {
    private static Moulding sold(Sale... sales) {
        return new Moulding(Sample.plain(), List.of(sales), List.of());
    }

    /** A number that is not said is as usual; what is said holds from its least to its most, and no hair beyond. */
    @ParameterizedTest
    @EnumSource(Habit.class)
    void aHabitHasItsUsualNumberAndItsBounds(Habit habit) {
        assertThat(Habits.USUAL.get(habit)).isEqualTo(habit.usual()).isBetween(habit.least(), habit.most());
        for (Length bound : List.of(habit.least(), habit.most())) {
            assertThat(Habits.USUAL.with(habit, bound).get(habit)).isEqualTo(bound);
        }
        Length hair = new Length(1);
        for (Length beyond : List.of(habit.least().minus(hair), habit.most().plus(hair))) {
            assertThatExceptionOfType(Refusal.class).isThrownBy(() -> Habits.USUAL.with(habit, beyond));
        }
    }

    /** A job's own habit goes before the shop's, and the shop's before the usual. */
    @Test
    void theJobsWordGoesBeforeTheShops() {
        Habits shop = Habits.USUAL.with(Habit.PLAY, in("1/16")).with(Habit.KERF, in("3/32"));
        Habits both = shop.over(Habits.USUAL.with(Habit.PLAY, in("1/4")));
        assertThat(both.get(Habit.PLAY)).isEqualTo(in("1/4"));
        assertThat(both.get(Habit.KERF)).isEqualTo(in("3/32"));
        assertThat(both.get(Habit.END_TRIM)).isEqualTo(Habit.END_TRIM.usual());
        assertThat(both.says(Habit.END_TRIM)).isFalse();
        assertThat(shop.over(Habits.USUAL)).isEqualTo(shop);
        Job job = Sample.job("8", "10");
        assertThat(Planner.plan(
                                job.withOverrides(new Habits(Map.of(Habit.PLAY, in("1/4")))),
                                Sample.shop().withHabits(shop))
                        .frame()
                        .habits()
                        .values())
                .isEqualTo(both.values());
    }

    @Test
    void clampsThatDoNotReachAreNotCounted() {
        Shop shop = Sample.shop()
                .withClamps(List.of(
                        new Clamps(ClampKind.BAND, 2, in("60")),
                        new Clamps(ClampKind.BAND, 1, in("120")),
                        new Clamps(ClampKind.CORNER_VICE, 4, in("96"))));
        assertThat(shop.clamps(ClampKind.BAND, in("48"))).isEqualTo(3);
        assertThat(shop.clamps(ClampKind.BAND, in("60"))).isEqualTo(3);
        assertThat(shop.clamps(ClampKind.BAND, in("61"))).isEqualTo(1);
        assertThat(shop.clamps(ClampKind.BAND, in("121"))).isZero();
        assertThat(shop.clamps(ClampKind.CROSSED_ARMS, in("1"))).isZero();
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> new Clamps(ClampKind.BAND, 1000, in("60")));
    }

    @Test
    void aLengthIsOnSaleOnceShortestFirstWithTheLastPriceThatIsKnown() {
        Moulding moulding = sold(
                Sale.of(in("120")),
                new Sale(in("96"), Optional.of(Price.parse("19.80"))),
                Sale.of(in("96")));
        assertThat(moulding.sold()).extracting(Sale::length).containsExactly(in("96"), in("120"));
        assertThat(moulding.sold().getFirst().price()).isPresent();
        assertThat(moulding.isPriced()).as("the longer has none").isFalse();
        assertThat(moulding.isKept()).isTrue();
        assertThat(moulding.withSale(in("120"), Optional.of(Price.parse("2.10 / ft"))).isPriced()).isTrue();
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> sold());
    }

    /** With all prices known money counts, else millimetres. */
    @Test
    void whatAStickCostsIsMoneyOrLength() {
        Moulding priced = sold(new Sale(in("96"), Optional.of(Price.parse("2.10 / ft"))));
        assertThat(priced.cost(priced.sold().getFirst())).isEqualTo(1680);
        Moulding unpriced = sold(Sale.of(in("96")));
        assertThat(unpriced.cost(unpriced.sold().getFirst())).isEqualTo(2438);
    }

    @Property(tries = 100, seed = Seed.FIXED)
    void sticksAreCountedAndNeverFewerThanNone(
            @ForAll @IntRange(max = 20) int there, @ForAll @IntRange(min = -30, max = 30) int more) {
        Moulding moulding = sold(Sale.of(in("96"))).withOnHand(there == 0 ? List.of() : List.of(
                new Sticks(in("96"), there)));
        Moulding changed = moulding.withSticks(in("96"), more);
        assertThat(changed.onHand().stream().mapToInt(Sticks::count).sum()).isEqualTo(Math.max(0, there + more));
        assertThat(changed.sold()).isEqualTo(moulding.sold());
    }

    /** Off-cuts serve a section that is cut alike, whatever they are called. */
    @Test
    void anOffCutServesWhatIsCutAlike() {
        OffCut own = new OffCut("C-1", Sample.plain(), in("30"), List.of(), "", "");
        OffCut other = new OffCut("C-2", Sample.floater(), in("30"), List.of(), "", "");
        Shop shop = Sample.shop().withRack(new Rack(List.of(own, other)));
        assertThat(shop.offCutsFor(Sample.plain())).containsExactly(own);
        assertThat(shop.offCutsFor(Sample.bar())).isEmpty();
    }

    /** On its first day a shop can plan a frame of every moulding it begins with. */
    @Test
    void aNewShopCanBegin() {
        Shop shop = Shop.starting();
        assertThat(shop.mouldings()).hasSizeGreaterThan(3).allSatisfy(moulding -> {
            Plan plan = Planner.plan(Job.starting("First", in("8"), in("10"), Sample.plain())
                    .withContents(Contents.NOTHING)
                    .withOutline(new Boxed.Rectangle(
                            new Size(Line.OUTSIDE, in("16")),
                            new Size(Line.OUTSIDE, in("20"))))
                    .withSection(moulding.section()), shop);
            assertThat(plan.cuts().complete()).isTrue();
            assertThat(plan.findings()).noneMatch(finding -> finding.severity() == Severity.STOP);
        });
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> shop.withCurrency("123456789"));
    }
}
