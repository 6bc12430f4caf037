package neatcorner.core.saw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.saw.Trial.Reading;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A machine is proved with two scraps. */
class TrialTest {
    private static final LocalDate DAY = LocalDate.of(2026, 12, 1);
    private static final Angle HALF_SQUARE = Angle.degrees(45);
    private static final Machine SAW = MachineKind.MITRE_SAW.usual("saw");

    private static Proof.OfAngle proof(ProofKind kind, Angle at, Reading reading) {
        return (Proof.OfAngle) new Trial(kind, at, reading).proof(DAY);
    }

    private static double degrees(Reading reading) {
        return proof(ProofKind.LEFT, HALF_SQUARE, reading).error().toDegrees();
    }

    /** The trade's rule, plain geometry: each cut is off by ½·atan(gap / leg). */
    @Test
    void eachCutIsOffByHalfTheWedge() {
        Length gap = Length.mm(150).times(Math.tan(Math.toRadians(0.5)));
        assertThat(degrees(new Reading.Gap(Seen.LEG_END, gap, Length.mm(150)))).isCloseTo(0.25, within(1e-6));
        assertThat(degrees(new Reading.Gap(Seen.LEG_CORNER, gap, Length.mm(150)))).isCloseTo(-0.25, within(1e-6));
        assertThat(degrees(new Reading.OnPair(Angle.degrees(89.5)))).isCloseTo(0.25, within(1e-9));
        assertThat(degrees(new Reading.OnPiece(Angle.degrees(45.25)))).isCloseTo(-0.25, within(1e-9));
        assertThat(degrees(new Reading.Tight(Length.mm(150)))).isZero();
    }

    /** Scraps laid down by their corners: pointed ones, legs along the template, are open inside by what is found. */
    @ParameterizedTest
    @ValueSource(doubles = {60, 90, 108, 120, 135, 150})
    void scrapsLaidOnATemplateGiveTheirErrorBack(double corner) {
        Angle at = Angle.degrees(90 - corner / 2);
        for (double off : new double[] {0.1, 0.25, 0.8}) {
            double cut = Math.toRadians(corner / 2 - off);
            Point one = heel(Math.toRadians(corner / 2), cut, 1);
            Point other = heel(Math.toRadians(corner / 2), cut, -1);
            assertThat(one.x()).as("too pointed: the insides are apart").isLessThan(other.x());
            double joint = Math.hypot(one.x(), one.y());
            Proof.OfAngle found = proof(ProofKind.RIGHT, at,
                    new Reading.Gap(Seen.INSIDE, Length.mm(one.to(other)), Length.mm(joint)));
            assertThat(found.error().toDegrees()).isCloseTo(off, within(1e-3));
        }
    }

    /** The inside end of a 40 mm wide scrap's cut; both toes in the origin, the legs down to the left and right. */
    private static Point heel(double half, double cut, int side) {
        double back = 40 / Math.tan(cut);
        double x = -Math.sin(half) * back + Math.cos(half) * 40;
        return new Point(side * x, Math.cos(half) * back + Math.sin(half) * 40);
    }

    @Test
    void aWiderJointProvesMore() {
        double narrow = proof(ProofKind.LEFT, HALF_SQUARE, new Reading.Tight(Length.mm(30))).doubt().radians();
        double wide = proof(ProofKind.LEFT, HALF_SQUARE, new Reading.Tight(Length.mm(120))).doubt().radians();
        assertThat(narrow).isCloseTo(4 * wide, within(narrow * 0.01));
    }

    @Test
    void whatCannotBeIsRefusedInPlainWords() {
        refused(new Reading.Gap(Seen.INSIDE, Length.mm(20), Length.mm(100)), "the gap, over this length");
        refused(new Reading.Gap(Seen.INSIDE, Length.mm(-1), Length.mm(100)), "the gap, over this length");
        refused(new Reading.Gap(Seen.INSIDE, Length.mm(0.1), Length.mm(2)), "the length the gap is seen over");
        refused(new Reading.Gap(Seen.AT_FENCE, Length.mm(0.1), Length.mm(100)), "not seen in this test");
        refused(new Reading.OnPiece(Angle.degrees(134.8)), "other side");
        refused(new Reading.OnPair(Angle.degrees(60)), "another setting");
    }

    private static void refused(Reading reading, String words) {
        assertThatThrownBy(() -> new Trial(ProofKind.LEFT, Angle.degrees(44), reading).proof(DAY))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining(words);
    }

    /** A packing of thickness t at distance d turns the cut by atan(t / d). */
    @Test
    void threeCorrectionsComeToTheSame() {
        for (double off : new double[] {-0.9, -0.25, -0.05, 0.03, 0.1, 0.4}) {
            Proof.OfAngle proof = new Proof.OfAngle(
                    DAY, ProofKind.LEFT, HALF_SQUARE, Angle.degrees(off), Angle.degrees(0.01));
            Correction correction = Correction.of(SAW, proof).orElseThrow();
            Packing packing = correction.packing().orElseThrow();
            double turned = Math.atan2(
                    packing.thickness().toMm(), packing.distance(correction.turn()).toMm());
            assertThat(Math.toDegrees(turned)).isCloseTo(Math.abs(off), within(1e-5));
            assertThat(correction.lessFar()).isEqualTo(off > 0);
            assertThat(correction.ways()).hasSize(3);
        }
        assertThat(Correction.of(SAW, new Proof.OfAngle(
                        DAY, ProofKind.LEFT, HALF_SQUARE, Angle.degrees(0.01), Angle.degrees(0.01))))
                .isEmpty();
    }

    /** Whoever follows the words turns the work the right way: packing beside the blade blunts, further out points. */
    @Test
    void aPackingTurnsTheWorkTheRightWay() {
        // A piece right of the blade, its edge on the fence from the blade on; the cut runs toward the hand and right.
        double swing = Math.toRadians(45);
        double[] cut = {Math.sin(swing), -Math.cos(swing)};
        for (boolean besideTheBlade : List.of(true, false)) {
            double turn = 0.3 / 200;
            // Beside the blade the near end leaves the fence toward the hand, else the far one.
            double[] edge = besideTheBlade ? new double[] {1, turn} : new double[] {1, -turn};
            double toEdge = Math.acos((edge[0] * cut[0] + edge[1] * cut[1]) / Math.hypot(edge[0], edge[1]));
            assertThat(toEdge > Math.PI / 4).isEqualTo(besideTheBlade);
        }
    }
}
