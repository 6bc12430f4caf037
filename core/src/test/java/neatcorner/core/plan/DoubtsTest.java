package neatcorner.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import neatcorner.core.Sample;
import neatcorner.core.glue.GluePlanner;
import neatcorner.core.job.Body;
import neatcorner.core.job.Job;
import neatcorner.core.job.Part;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Propagation;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.SectionKey;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.FigureKey;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Instrument;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import org.hipparchus.analysis.differentiation.Gradient;
import org.junit.jupiter.api.Test;

/** How surely numbers are known that follow from readings. */
class DoubtsTest {
    /**
     * The end gauge of JCGM 100:2008, H.1, from memory: a length of 50.000838 mm known to 32 nm. The same with its
     * derivatives worked out by hipparchus.
     */
    @Test
    void anEndGaugeIsKnownAsTheGuideSays() {
        double[] read = {50_000_623, 215, 0, -0.1, 11.5e-6, 0};
        double[] doubts = {25, 9.7, 0.58e-6, 0.41, 1.2e-6, 0.029};
        double[] ours = Propagation.combined(
                x -> new double[] {x[0] + x[1] - x[0] * (x[2] * x[3] + x[4] * x[5])}, read, doubts);
        assertThat(ours[0]).isCloseTo(32, within(0.5));
        Gradient[] x = new Gradient[read.length];
        for (int i = 0; i < read.length; i++) {
            x[i] = Gradient.variable(read.length, i, read[i]);
        }
        Gradient length = x[0].add(x[1]).subtract(x[0].multiply(x[2].multiply(x[3]).add(x[4].multiply(x[5]))));
        assertThat(ours[0]).isCloseTo(combined(length, doubts), within(1e-6 * ours[0]));
    }

    private static double combined(Gradient result, double[] doubts) {
        double square = 0;
        for (int i = 0; i < doubts.length; i++) {
            square += Math.pow(result.getPartialDerivative(i) * doubts[i], 2);
        }
        return Math.sqrt(square);
    }

    private static WorkLog read(Plan plan, Line line, Instrument by) {
        WorkLog log = WorkLog.NOTHING;
        for (Axis axis : Axis.values()) {
            Length planned = plan.frame().size(line, axis).orElseThrow().value();
            Deed deed = new Deed.Measured(
                    Act.Size.of(plan.job().part().name(), line.size(axis)), planned, planned.plus(Length.mm(0.7)), by);
            log = log.with(new LogLine(Instant.EPOCH, "", deed, Words.of("card.take")));
        }
        return log;
    }

    private static Map<FigureKey<?>, Gap> doubts(Job job, WorkLog log) {
        return Doubts.of(Planner.plan(job, Sample.shop(), log, Answers.NONE), () -> false);
    }

    /** Glass is as sure as the rabbet was read, and what is cut from the wood not in doubt at all. */
    @Test
    void glassIsAsSureAsTheRabbet() {
        Job job = Sample.job("12", "14");
        Plan plan = Planner.plan(job, Sample.shop());
        Map<FigureKey<?>, Gap> doubts = doubts(job, read(plan, Line.RABBET, Instrument.RULE));
        assertThat(doubts.get(Line.GLASS.size(Axis.WIDTH))).isEqualTo(new Gap(Length.mm(0.5)));
        assertThat(doubts).doesNotContainKey(Line.OUTSIDE.size(Axis.WIDTH));
        assertThat(doubts(job, WorkLog.NOTHING)).isEmpty();
    }

    /** A frame given by its glass is, outside, twice as unsure as its face was read; the glass is not in doubt. */
    @Test
    void theOutsideIsAsSureAsTheFace() {
        Job job = Sample.job("12", "14");
        Plan plan = Planner.plan(job, Sample.shop());
        Length face = job.section().face();
        Act act = Act.Size.given("frame", SectionKey.FACE);
        for (Length value : List.of(face, face.minus(Length.mm(0.4)))) {
            Deed.Measured read = new Deed.Measured(act, face, value, Instrument.CALIPER);
            Job now = Entered.by(plan, read).map(edit -> edit.apply(job)).orElse(job);
            Map<FigureKey<?>, Gap> doubts = doubts(
                    now, WorkLog.NOTHING.with(new LogLine(Instant.EPOCH, "", read, Words.of("card.take"))));
            assertThat(doubts.get(Line.OUTSIDE.size(Axis.WIDTH)).width().toMm())
                    .isCloseTo(2 * Propagation.COVERAGE * Instrument.CALIPER.doubt().toMm(), within(1e-4));
            assertThat(doubts).doesNotContainKey(Line.GLASS.size(Axis.WIDTH));
        }
    }

    /** The diagonal of a rim around a frame that was read is as sure as hipparchus' derivatives of it say. */
    @Test
    void theDiagonalOfARimIsAsSureAsItsSides() {
        Job frame = Sample.job("12", "30");
        Body strips = new Body(frame.outline(), frame.section(), Map.of(), Lean.FLAT);
        Job job = frame.withPart(Part.of("rim", new Placement.Around("frame", Length.mm(1.5), Length.ZERO), strips))
                .at(1);
        Plan plan = Planner.plan(job.at(0), Sample.shop());
        WorkLog log = read(plan, Line.OUTSIDE, Instrument.TAPE);
        Plan after = Planner.plan(job, Sample.shop(), log, Answers.NONE);
        double[] size = {
            after.frame().width(Line.OUTSIDE).toMm(), after.frame().height(Line.OUTSIDE).toMm()
        };
        Gradient diagonal = Gradient.variable(2, 0, size[0]).hypot(Gradient.variable(2, 1, size[1]));
        double[] tape = {Instrument.TAPE.doubt().toMm(), Instrument.TAPE.doubt().toMm()};
        assertThat(Doubts.of(after, () -> false).get(GluePlanner.DIAGONAL).width().toMm())
                .isCloseTo(Propagation.COVERAGE * combined(diagonal, tape), within(1e-4));
    }
}
