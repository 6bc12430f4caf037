package neatcorner.core.practice;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.saw.Correction;
import neatcorner.core.saw.Seen;
import neatcorner.core.saw.Trial;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;
import neatcorner.core.shop.Shop;

/** Two scraps stand together under a square: which way, and by how much, the saw is set right. */
final class GapExercise implements Exercise {
    private static final List<Double> ANGLES = List.of(45.0, 30.0, 22.5, 36.0);
    private static final int HALF = Judged.MOST / 2;
    private final Machine saw;
    private final Trial.Reading.Gap read;
    private final Proof.OfAngle proof;
    private final List<Angle> amounts;

    private GapExercise(Machine saw, Trial.Reading.Gap read, Proof.OfAngle proof, List<Angle> amounts) {
        this.saw = saw;
        this.read = read;
        this.proof = proof;
        this.amounts = amounts;
    }

    static Exercise of(RandomGenerator random, Shop shop) {
        ProofKind side = random.nextBoolean() ? ProofKind.LEFT : ProofKind.RIGHT;
        List<Machine> saws = shop.machines().saws().stream()
                .filter(saw -> saw.kind().makesMitres() && saw.kind().proofs().contains(side))
                .toList();
        Machine saw = saws.isEmpty() ? MachineKind.MITRE_SAW.usual("mitre saw") : Draws.one(random, saws);
        Length leg = Length.mm(Draws.between(random, 80, 220, 10));
        Length gap = Length.mm(Draws.between(random, 0.3, 2.0, 0.1));
        Trial.Reading.Gap read =
                new Trial.Reading.Gap(random.nextBoolean() ? Seen.INSIDE : Seen.OUTSIDE, gap, leg);
        Proof.OfAngle proof = (Proof.OfAngle)
                new Trial(side, Angle.degrees(Draws.one(random, ANGLES)), read).proof(LocalDate.EPOCH);
        double once = Math.abs(proof.error().radians());
        List<Angle> amounts = Draws.shuffled(
                random, List.of(new Angle(once / 2), new Angle(once), new Angle(once * 2), new Angle(once * 4)));
        return new GapExercise(saw, read, proof, amounts);
    }

    @Override
    public Words task() {
        return Words.of("practice.gap");
    }

    @Override
    public List<Words> facts() {
        return List.of(
                Words.of(proof.kind() == ProofKind.LEFT ? "practice.gap_left" : "practice.gap_right", proof.at()),
                Words.of(
                        read.where() == Seen.INSIDE ? "practice.gap_inside" : "practice.gap_outside",
                        new Gap(read.gap()),
                        read.over()));
    }

    @Override
    public List<Ask> asks() {
        return List.of(
                new Ask(
                        Words.of("practice.which_way"),
                        List.of(Words.of("practice.less_far"), Words.of("practice.further"))),
                new Ask(
                        Words.of("practice.how_much"),
                        amounts.stream()
                                .map(angle -> Words.of("practice.by", angle))
                                .toList()));
    }

    @Override
    public Words hint() {
        return Words.of("practice.gap_hint");
    }

    @Override
    public Shown shown(List<Integer> answers) {
        return new Shown.Scraps(proof);
    }

    private boolean isTooFar() {
        return proof.error().radians() > 0;
    }

    private int right() {
        return amounts.indexOf(new Angle(Math.abs(proof.error().radians())));
    }

    @Override
    public Judged judge(List<Integer> answers) {
        int points = (answers.get(0) == (isTooFar() ? 0 : 1) ? HALF : 0) + (answers.get(1) == right() ? HALF : 0);
        List<Words> why = new ArrayList<>();
        why.add(Words.of(isTooFar() ? "practice.gap_pointed" : "practice.gap_blunt"));
        why.add(Words.of(
                "practice.gap_why",
                new Gap(read.gap()),
                read.over(),
                new Angle(2 * Math.abs(proof.error().radians())),
                amounts.get(right())));
        Correction.of(saw, proof).ifPresent(correction -> why.addAll(correction.ways()));
        return new Judged(points, why);
    }
}
