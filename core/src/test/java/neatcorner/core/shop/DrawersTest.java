package neatcorner.core.shop;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.Random;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Job;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.joint.Joint;
import neatcorner.core.joint.JointOption;
import neatcorner.core.joint.Joints;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.Phrasebook;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

class DrawersTest {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.INCH_16);

    /** Whatever is not at hand is asked for nowhere, and a way to join that has nothing left says so. */
    @Property(tries = 120, seed = Seed.FIXED)
    void nothingIsAskedForThatIsNotThere(@ForAll @IntRange(max = 9999) int seed, @ForAll SquareCorner corner) {
        Random random = new Random(seed);
        Drawers drawers = Drawers.FULL;
        for (Ware ware : Ware.values()) {
            int share = random.nextInt(5);
            for (Length size : ware.sizes()) {
                drawers = drawers.with(ware, size, random.nextInt(4) >= share);
            }
        }
        Shop shop = Sample.shop();
        Job job = Sample.job("16", "20").withSection(Sample.rabbeted("2", "1", "1/4", "3/8"));
        Job made = random.nextBoolean()
                ? job
                : job.with(job.body().with(new Construction.Squared(corner, Through.STILES)));
        Plan plan = Planner.plan(made, shop.withJoining(shop.joining().with(drawers)));
        for (JointOption option : plan.joints().options()) {
            Joint joint = Joints.of(option.kind());
            Optional<Ware> ware = joint.ware();
            if (ware.isEmpty()) {
                continue;
            }
            if (drawers.sizes(ware.get()).isEmpty()) {
                assertThat(option.fits()).as(option.kind().id()).isFalse();
            }
            Drawers there = drawers;
            joint.fastener()
                    .filter(_ -> option.fits())
                    .flatMap(option::setting)
                    .stream()
                    .forEach(size -> assertThat(there.sizes(ware.get()))
                            .as(option.kind().id())
                            .anySatisfy(known -> assertThat(known.toMm()).isEqualTo(size)));
        }
    }

    @Test
    void theLongestThatHasRoomIsTakenAndNoneWhereNoneHas() {
        assertThat(Drawers.FULL.longest(Ware.SCREW, Length.inches(0, 23, 32))).contains(in("5/8"));
        assertThat(Drawers.FULL.longest(Ware.SCREW, in("3/16"))).isEmpty();
        assertThat(Drawers.FULL.with(Ware.SCREW, in("5/8"), false).longest(Ware.SCREW, Length.inches(0, 23, 32)))
                .contains(in("1/2"));
    }

    @Test
    void theNearestBitsThatAreThereAreNamed() {
        Length hole = Length.mm(2.4);
        assertThat(BOOK.say(Drawers.FULL.bit(hole))).isEqualTo("bit 3/32 in or 2.5 mm");
        Drawers metric = Drawers.FULL;
        Drawers none = Drawers.FULL;
        for (Length size : Ware.INCH_BIT.sizes()) {
            metric = metric.with(Ware.INCH_BIT, size, false);
        }
        none = metric;
        for (Length size : Ware.MM_BIT.sizes()) {
            none = none.with(Ware.MM_BIT, size, false);
        }
        assertThat(BOOK.say(metric.bit(hole))).isEqualTo("bit 2.5 mm");
        assertThat(BOOK.say(none.bit(hole))).isEqualTo("bit 3/32 in or 2.5 mm, to be bought");
    }

    @Test
    void aSizeThatIsNotSoldIsRefused() {
        assertThatThrownBy(() -> Drawers.FULL.with(Ware.PIN, in("5"), false)).isInstanceOf(Refusal.class);
    }
}
