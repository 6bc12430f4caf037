package neatcorner.core.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Propagation;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;

/** How surely the lengths of a plan are known that follow from what was read. */
public final class Doubts {
    /** Nobody cuts finer. */
    private static final double LEAST_MM = 0.01;

    private Doubts() {
    }

    /**
     * Within what each of them lies 19 times of 20, to either side; none of those that no reading changes by more than
     * a hundredth of a millimetre, nor of the sticks: what is cut stays as it is.
     *
     * @param stop says yes once nobody waits for it any more: what comes then is of no use
     */
    public static Map<FigureKey<?>, Gap> of(Plan plan, BooleanSupplier stop) {
        WorkLog log = plan.get(WorkLog.class);
        List<Deed.Measured> readings =
                log.measured().stream().filter(Doubts::counts).toList();
        List<FigureKey<?>> keys = plan.figures().values().stream()
                .filter(figure -> figure.value() instanceof Length && figure.key().station() != Station.CUTS)
                .<FigureKey<?>>map(Figure::key)
                .toList();
        if (readings.isEmpty()) {
            return Map.of();
        }
        double[] doubts = Propagation.combined(
                values -> lengths(stop.getAsBoolean() ? plan : with(plan, log, readings, values), keys),
                readings.stream().mapToDouble(read -> read.value().toMm()).toArray(),
                readings.stream().mapToDouble(read -> read.by().doubt().toMm()).toArray());
        Map<FigureKey<?>, Gap> found = new LinkedHashMap<>();
        for (int i = 0; i < keys.size(); i++) {
            if (doubts[i] > LEAST_MM) {
                found.put(keys.get(i), new Gap(Length.mm(Propagation.COVERAGE * doubts[i])));
            }
        }
        return Collections.unmodifiableMap(found);
    }

    /** A piece that came out as planned, or long, changes nothing. */
    private static boolean counts(Deed.Measured read) {
        return read.act() instanceof Act.Size || read.isShort();
    }

    /** The same plan had these values been read; the plan itself where they leave no frame. */
    private static Plan with(Plan plan, WorkLog log, List<Deed.Measured> readings, double[] values) {
        WorkLog other = log;
        Job job = plan.job();
        LogLine like = log.entries().getLast();
        for (int i = 0; i < values.length; i++) {
            Deed.Measured read = readings.get(i);
            Length value = Length.mm(values[i]);
            if (value.equals(read.value())) {
                continue;
            }
            // As planned, or as it was read; else pieces were cut before, and the plan stays with those.
            Optional<Edit> entered = Entered.now(plan, read.act())
                    .filter(now -> now.equals(read.value()) || now.equals(read.planned()) && !read.isOff())
                    .flatMap(now -> Entered.as(
                            plan.job(), log, read.act(), now.plus(value).minus(read.value())));
            if (entered.isPresent()) {
                job = entered.get().apply(job);
            } else {
                Deed again = new Deed.Measured(read.act(), read.planned(), value, read.by());
                other = other.with(new LogLine(like.at(), like.by(), again, like.said()));
            }
        }
        try {
            return other == log && job.equals(plan.job())
                    ? plan
                    : Planner.plan(job, plan.results().shop(), other, plan.get(Answers.class));
        } catch (Refusal leavesNoFrame) {
            return plan;
        }
    }

    private static double[] lengths(Plan plan, List<FigureKey<?>> keys) {
        return keys.stream()
                .mapToDouble(key -> plan.figure(key)
                        .map(Figure::value)
                        .map(value -> ((Length) value).toMm())
                        .orElse(0.0))
                .toArray();
    }
}
