package neatcorner.core.card;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Entered;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Severity;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.WorkLog;

/** What becomes of what is no piece and did not come out as planned. */
final class Verdicts {
    private final Plan plan;
    private final Card card;
    /** Of the numbers that are given to the plan those that were read. */
    private final List<Deed.Measured> read;

    Verdicts(Plan plan, Card card) {
        this.plan = plan;
        this.card = card;
        this.read = card.reads().stream()
                .filter(one -> one.act() instanceof Act.Size)
                .flatMap(one -> plan.get(WorkLog.class).measured(one.act()).stream())
                .toList();
    }

    /** In words; empty where nothing was read, or it came out as planned. */
    Optional<Words> say() {
        Optional<Words> given = read.isEmpty()
                ? Optional.empty()
                : card.act().station() == Station.GLUE_UP ? Optional.of(square()) : given();
        Optional<Words> itself = itself();
        return itself.isPresent() && given.isPresent()
                ? Optional.of(Words.of("verdict.found", itself.get(), given.get()))
                : itself.or(() -> given);
    }

    /** What was read of the step itself: it says where that counts, or whether a sheet goes in. */
    private Optional<Words> itself() {
        return plan.get(WorkLog.class)
                .measured(card.act())
                .filter(off -> card.act() instanceof Act.Step && off.isOff())
                .flatMap(off -> switch (card.act().station()) {
                    case SECTION -> Optional.of(Words.of("verdict.section", off.off().abs()));
                    case GLUE_UP -> Optional.of(Words.of("verdict.across", off.off().abs()));
                    case FIT -> card.reads().isEmpty() ? Optional.empty() : pane(off);
                    default -> Optional.empty();
                });
    }

    /** What becomes of a sheet that is not as wide as it was to be: empty where no rabbet of its own holds it. */
    private Optional<Words> pane(Deed.Measured sheet) {
        Plan part = Planner.at(plan, card.part());
        if (!part.job().isPlain() || !part.frame().has(Line.RABBET) || !part.frame().bars().isEmpty()) {
            return Optional.empty();
        }
        Length rabbet = part.frame().width(Line.RABBET);
        Length room = rabbet.minus(sheet.value());
        Length meant = rabbet.minus(sheet.planned());
        String what = room.isNegative()
                ? "verdict.pane_too_large"
                : room.isUnder(meant.over(2))
                        ? "verdict.pane_tight"
                        : room.isOver(part.job().section().lip()) ? "verdict.pane_too_small" : "verdict.pane_hides";
        return Optional.of(Words.of(what, room.abs(), meant));
    }

    /** Whether the frame is square, of both diagonals. */
    private Words square() {
        if (read.size() < card.reads().size()) {
            return Words.of("verdict.other_diagonal");
        }
        Job untaped = new Edit.InPart(card.part(), new Edit.MeasureAgain()).apply(plan.job());
        return news(untaped).orElse(Words.of("verdict.square"));
    }

    private Optional<Words> given() {
        List<Deed.Measured> off =
                read.stream().filter(Deed.Measured::isOff).toList();
        return off.stream()
                .filter(one -> !Entered.now(plan, one.act()).equals(Optional.of(one.value())))
                .findFirst()
                .map(this::stays)
                .or(() -> off.isEmpty() ? Optional.empty() : Optional.of(entered(off)));
    }

    /** Why the plan goes by something else: pieces are cut, or the maker took it back. */
    private Words stays(Deed.Measured one) {
        return Words.of(
                Entered.by(plan, one).isEmpty() ? "verdict.stays" : "verdict.not_entered",
                Entered.now(plan, one.act()).orElse(one.planned()));
    }

    /** What is found now that was not as long as it stood as planned. */
    private Words entered(List<Deed.Measured> off) {
        Job job = plan.job();
        for (Deed.Measured one : off) {
            Optional<Edit> back = Entered.as(job, plan.get(WorkLog.class), one.act(), one.planned());
            job = back.isPresent() ? back.get().apply(job) : job;
        }
        return news(job).orElse(Words.of("verdict.entered"));
    }

    /** What is found that would not be for this job. */
    private Optional<Words> news(Job job) {
        Set<String> before = found(job);
        return serious(Planner.at(plan, card.part()))
                .filter(finding -> !before.contains(finding.id()))
                .findFirst()
                .map(Verdicts::said);
    }

    private Set<String> found(Job job) {
        try {
            Plan planned =
                    Planner.plan(job, plan.results().shop(), plan.get(WorkLog.class), plan.get(Answers.class));
            return serious(Planner.at(planned, card.part())).map(Finding::id).collect(Collectors.toSet());
        } catch (Refusal otherwiseNow) {
            return Set.of();
        }
    }

    private static Stream<Finding> serious(Plan part) {
        return part.findings().stream().filter(finding -> finding.severity() != Severity.NOTE);
    }

    private static Words said(Finding finding) {
        return Words.of("verdict.found", finding.what(), finding.cure());
    }
}
