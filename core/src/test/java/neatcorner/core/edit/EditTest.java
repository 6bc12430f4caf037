package neatcorner.core.edit;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.job.BorderKey;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Coat;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Layer;
import neatcorner.core.job.Note;
import neatcorner.core.job.Tape;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.SectionKey;
import neatcorner.core.section.StripKey;
import neatcorner.core.shop.ClampKind;
import neatcorner.core.shop.Clamps;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Sale;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.words.Station;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class EditTest {
    private final Job job = Sample.matted("2", "2", "2 1/2");

    /** A number that is read and written back changes nothing; another one is read back as it was written. */
    @Test
    void everyEntryReadsWhatItWrites() {
        List<Job> jobs = List.of(
                job.withFace("bottom", Optional.of(in("2"))).withMeasured(Tape.TOP, in("12")),
                Sample.floating("20", "20"),
                Sample.stretched("20", "20"),
                new Edit.ChooseFastener(Optional.of(in("1"))).apply(job));
        for (Job each : jobs) {
            for (Entry entry : Entry.of(each)) {
                Length now = entry.read().apply(each);
                Length more = now.plus(Length.mm(0.5));
                Job changed = entry.write().apply(each, more);
                Length read = Entry.of(changed, entry.key()).orElseThrow().read().apply(changed);
                assertThat(read).as(entry.key().id()).isEqualTo(more);
                assertThat(Entry.of(each, entry.key()).orElseThrow().read().apply(each))
                        .as("the job itself is untouched")
                        .isEqualTo(now);
            }
        }
    }

    @Test
    void aNumberTheJobDoesNotHaveCannotBeEntered() {
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Edit.Enter(BorderKey.TOP, in("2")).apply(Sample.job("8", "10")))
                .withMessageContaining("border.top");
        assertThat(Entry.of(Sample.stretched("20", "20"), SectionKey.LIP)).isEmpty();
        assertThat(Entry.of(job, new StripKey(0, StripKey.What.DROP))).as("a flat front does not fall").isEmpty();
    }

    @Test
    void turningTwiceIsNotTurning() {
        assertThat(new Edit.Turn().apply(new Edit.Turn().apply(job))).isEqualTo(job);
        assertThat(new Edit.Turn().apply(job).given(Axis.WIDTH)).isEqualTo(job.given(Axis.HEIGHT));
    }

    @Test
    void aLayerIsPutInChangedAndTakenOut() {
        Job plain = Sample.job("8", "10");
        Job matted = new Edit.Pack(Material.Role.MAT, Optional.of(Material.MAT_8_PLY)).apply(plain);
        assertThat(matted.contents().hasMat()).isTrue();
        assertThat(matted.contents().layers()).extracting(l -> l.material().role()).isSorted();
        assertThat(new Edit.Pack(Material.Role.MAT, Optional.empty()).apply(matted)).isEqualTo(plain);
        Job bare = new Edit.Pack(Material.Role.GLAZING, Optional.empty()).apply(plain);
        assertThat(bare.contents().isGlazed()).isFalse();
        assertThat(bare.contents().stack()).isLessThan(plain.contents().stack());
    }

    @Test
    void takingTheMatOutMovesASizeGivenAtItToTheGlass() {
        Job atMat = new Edit.Give(Axis.WIDTH, Line.MAT, in("12")).apply(job);
        Job without = new Edit.Pack(Material.Role.MAT, Optional.empty()).apply(atMat);
        assertThat(without.given(Axis.WIDTH)).contains(new Size(Line.GLASS, in("12")));
    }

    @Test
    void anotherJointForgetsTheOldFastenersLength() {
        Job pinned = new Edit.ChooseFastener(Optional.of(in("1")))
                .apply(new Edit.ChooseJoint(Optional.of(JointKind.PINNED)).apply(job));
        assertThat(new Edit.ChooseJoint(Optional.of(JointKind.SPLINED)).apply(pinned).choices().fastener()).isEmpty();
    }

    @Test
    void aHabitGivenBackIsTheShopsAgain() {
        Job own = new Edit.Enter(Habit.PLAY, in("1/16")).apply(job);
        assertThat(own.overrides().says(Habit.PLAY)).isTrue();
        assertThat(new Edit.AsUsual(Habit.PLAY).apply(own)).isEqualTo(job);
    }

    @Test
    void stationsAreSettledAndOpened() {
        Job settled = new Edit.Settle(Station.CUTS, true).apply(job);
        assertThat(settled.settled()).containsExactly(Station.CUTS);
        assertThat(new Edit.Settle(Station.CUTS, false).apply(settled)).isEqualTo(job);
    }

    @Test
    void measurementsAreTakenAndWiped() {
        Job measured = new Edit.Measure(Tape.LEFT, in("13")).apply(new Edit.Measure(Tape.TOP, in("12")).apply(job));
        assertThat(measured.measured()).containsOnlyKeys(Tape.TOP, Tape.LEFT);
        assertThat(new Edit.MeasureAgain().apply(measured)).isEqualTo(job);
    }

    @Test
    void aJobThatCannotBeIsRefusedByName() {
        assertThatExceptionOfType(Refusal.class).isThrownBy(() -> job.withTitle(" ")).withMessageContaining("title");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> job.withTitle("x".repeat(121)))
                .withMessageContaining("1 to 120");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> job.withOrder("x".repeat(121)))
                .withMessageContaining("order");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> job.withQuantity(1000))
                .withMessageContaining("quantity is 1000");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> job.withFace("bottom", Optional.of(in("1/8"))))
                .withMessageContaining("face of bottom");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> job.withMeasured(Tape.TOP, Length.mm(1)))
                .withMessageContaining("measured, top");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Note(Instant.EPOCH, ""))
                .withMessageContaining("note");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Coat(Coat.Kind.OIL, "", Duration.ofDays(31)))
                .withMessageContaining("30 days");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Layer(Material.PAPER, Length.ZERO))
                .withMessageContaining("thickness");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Size(Line.ART, Length.mm(10_001)))
                .withMessageContaining("size at the picture line");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new Borders(in("2"), Length.mm(1), in("2")))
                .withMessageContaining("side border");
    }

    @Property(seed = Seed.FIXED)
    void habitsKeepWithinTheirRange(@ForAll Habit habit, @ForAll @IntRange(min = -10, max = 4000) int mm) {
        Length value = Length.mm(mm);
        boolean allowed = !value.isUnder(habit.least()) && !value.isOver(habit.most());
        try {
            assertThat(Habits.USUAL.with(habit, value).get(habit)).isEqualTo(value);
            assertThat(allowed).isTrue();
        } catch (Refusal refused) {
            assertThat(allowed).isFalse();
        }
        assertThat(habit.usual()).isBetween(habit.least(), habit.most());
    }

    @Test
    void theJobsHabitsGoOverTheShops() {
        Habits shop = Habits.USUAL.with(Habit.PLAY, in("1/16")).with(Habit.KERF, in("3/32"));
        Habits both = shop.over(Habits.USUAL.with(Habit.PLAY, in("3/16")));
        assertThat(both.get(Habit.PLAY)).isEqualTo(in("3/16"));
        assertThat(both.get(Habit.KERF)).isEqualTo(in("3/32"));
        assertThat(both.get(Habit.END_TRIM)).isEqualTo(Habit.END_TRIM.usual());
    }

    @Test
    void sticksComeInAreCountedAndGo() {
        Shop shop = Sample.shop(Sample.plain(), new Sticks(in("96"), 2));
        Shop more = new ShopEdit.Receive(Sample.plain(), in("96"), 3).apply(shop);
        assertThat(more.mouldings().getFirst().onHand()).containsExactly(new Sticks(in("96"), 5));
        Shop shorter = new ShopEdit.Receive(Sample.plain(), in("40"), 1).apply(more);
        assertThat(shorter.mouldings().getFirst().onHand())
                .extracting(Sticks::length)
                .containsExactly(in("40"), in("96"));
        assertThat(new ShopEdit.Stock(Sample.plain(), in("40"), 0).apply(shorter)).isEqualTo(more);
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new ShopEdit.Stock(Sample.plain(), in("96"), -1).apply(shop))
                .withMessageContaining("count");
        assertThatExceptionOfType(Refusal.class)
                .isThrownBy(() -> new ShopEdit.Stock(Sample.bar(), in("96"), 1).apply(shop))
                .withMessageContaining("bar");
    }

    @Test
    void aSectionIsKeptOnceWithAllTheLengthsItIsSoldIn() {
        Shop shop = Sample.shop();
        Shop longer = new ShopEdit.Keep(Sample.plain(), List.of(in("144"))).apply(shop);
        assertThat(longer.mouldings()).hasSize(1);
        assertThat(longer.mouldings().getFirst().sold()).extracting(Sale::length).containsExactly(in("96"), in("144"));
        Shop two = new ShopEdit.Keep(Sample.bar(), List.of(in("96"))).apply(longer);
        assertThat(two.mouldings()).hasSize(2);
        assertThat(new ShopEdit.Drop(Sample.bar()).apply(two)).isEqualTo(longer);
        assertThat(new ShopEdit.Receive(Sample.floater(), in("50"), 1)
                        .apply(shop)
                        .stockFor(Sample.floater()))
                .isPresent();
    }

    @Test
    void clampsOfOneKindAreOneEntry() {
        Shop shop = new ShopEdit.HaveClamps(new Clamps(ClampKind.BAND, 2, in("168"))).apply(Sample.shop());
        assertThat(shop.clamps(ClampKind.BAND, in("100"))).isEqualTo(2);
        assertThat(shop.clamps(ClampKind.BAND, in("200"))).isZero();
        assertThat(new ShopEdit.HaveClamps(new Clamps(ClampKind.BAND, 0, in("168"))).apply(shop))
                .isEqualTo(Sample.shop());
    }

    @Test
    void theFirstDaysShopHasAMouldingOfEveryKind() {
        Shop shop = Shop.starting();
        assertThat(shop.mouldings()).extracting(m -> m.section().recess().getClass().getSimpleName())
                .contains("Rabbet", "Floater", "Bar");
        assertThat(shop.mouldings())
                .anyMatch(m -> m.section().strips().getFirst().front().shape() != Profile.Shape.FLAT);
        assertThat(shop.stockFor(shop.mouldings().getFirst().section().withRecess(new Recess.Bar()))).isEmpty();
    }

    @Test
    void collectionsOfAJobCannotBeChangedFromOutside() {
        Map<Tape, Length> measured = new EnumMap<>(Map.of(Tape.TOP, in("12")));
        Set<Station> settled = EnumSet.of(Station.FIT);
        Job built = job.withMeasured(measured).withSettled(settled);
        measured.clear();
        settled.clear();
        assertThat(built.measured()).hasSize(1);
        assertThat(built.settled()).hasSize(1);
    }
}
