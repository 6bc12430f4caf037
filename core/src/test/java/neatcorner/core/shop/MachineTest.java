package neatcorner.core.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.words.Phrasebook;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;

/** A machine and what is proved of it. */
class MachineTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 12, 1);
    private static final Machine SAW = MachineKind.MITRE_SAW.usual("saw");
    private static final Machine BOX = MachineKind.MITRE_BOX.usual("box");

    private static Proof.OfAngle left(LocalDate day, double error) {
        return new Proof.OfAngle(day, ProofKind.LEFT, Angle.degrees(45), Angle.degrees(error), Angle.degrees(0.01));
    }

    @Test
    void aBoxKnowsOnlyItsSlots() {
        Angle upright = Angle.degrees(0);
        assertThat(BOX.reaches(true, Angle.degrees(45), upright)).isTrue();
        assertThat(BOX.reaches(true, Angle.degrees(30), upright)).isFalse();
        assertThat(SAW.reaches(true, Angle.degrees(31.6), upright)).isTrue();
        assertThat(SAW.reaches(true, Angle.degrees(60), upright)).isFalse();
        Machines both = new Machines(List.of(BOX, SAW), Optional.empty());
        assertThat(both.sawFor(true, Angle.degrees(45), upright)).contains(BOX);
        assertThat(both.sawFor(true, Angle.degrees(30), upright)).contains(SAW);
    }

    @Test
    void speaksByItsOwnScale() {
        Phrasebook book = new Phrasebook(Graduation.INCH_16);
        Angle hexagon = Angle.degrees(30);
        assertThat(book.say(SAW.said(true, hexagon))).isEqualTo("swing right 30.0°");
        assertThat(book.say(SAW.said(false, Angle.degrees(31)))).isEqualTo("swing left 31.0°, no detent there");
        assertThat(book.say(SAW.with(Machine.Scale.FROM_FENCE).said(true, hexagon)))
                .isEqualTo("swing right 60.0° from the fence");
    }

    @Test
    void whatNoMachineIsIsRefused() {
        Angle none = Angle.degrees(0);
        refused(() -> SAW.with(new Machine.Reach(none, none, none)), "swings to neither side");
        refused(() -> SAW.withDetents(List.of(Angle.degrees(45), Angle.degrees(30)), false), "from square outwards");
        refused(() -> SAW.withDetents(List.of(Angle.degrees(70)), false), "reaches no further");
        refused(() -> BOX.withDetents(List.of(), true), "knows only its detents");
        refused(() -> SAW.called(" "), "needs a name");
        refused(() -> new Machines(List.of(SAW, SAW), Optional.empty()), "two machines");
        refused(() -> new Machine.Reach(Angle.degrees(90), none, none), "how far it swings");
    }

    private static void refused(ThrowingCallable made, String words) {
        assertThatThrownBy(made).isInstanceOf(Refusal.class).hasMessageContaining(words);
    }

    @Test
    void aProofIsOfThePastAndAges() {
        Machine oneSided = SAW.with(new Machine.Reach(Angle.degrees(50), Angle.degrees(0), Angle.degrees(45)));
        Machines machines = new Machines(List.of(oneSided), Optional.of(TODAY));
        refused(() -> machines.proved("saw", left(TODAY.plusDays(1), 0)), "from the future");
        refused(() -> machines.proved("plane", left(TODAY, 0)), "no machine called");
        assertThat(machines.isFresh(SAW)).isFalse();
        Machine fresh = machines.proved("saw", left(TODAY.minusDays(30), 0.1)).all().getFirst();
        assertThat(machines.isFresh(fresh)).isTrue();
        assertThat(machines.isFresh(oneSided.with(left(TODAY.minusDays(31), 0.1)))).isFalse();
        assertThat(machines.isFresh(oneSided.with(left(TODAY.plusDays(2), 0.1)))).as("still to come").isFalse();
        assertThat(machines.isFresh(SAW.with(left(TODAY, 0.1)))).as("never proved to the right").isFalse();
        Machine twice = fresh.with(left(TODAY, -0.02)).with(left(TODAY.minusDays(40), 0.5));
        assertThat(twice.angle(ProofKind.LEFT).orElseThrow().error().toDegrees()).isCloseTo(-0.02, within(1e-9));
    }

    /** Closed form: of pairs that differ by d each piece is off by √(Σd² / 2k). */
    @Test
    void pairsOffOneStopTellItsScatter() {
        Machine tried = SAW.with(new Proof.OfStop(TODAY, Length.mm(0.3))).with(new Proof.OfStop(TODAY, Length.mm(0.4)));
        assertThat(tried.scatter().orElseThrow().toMm()).isCloseTo(0.25, within(1e-6));
        assertThat(SAW.scatter()).isEmpty();
    }
}
