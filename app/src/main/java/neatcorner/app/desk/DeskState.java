package neatcorner.app.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.drawing.Turn;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.job.Job;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;
import neatcorner.core.work.Deed;
import neatcorner.core.work.WorkLog;
import neatcorner.files.json.Document;
import neatcorner.files.store.ShopStore;

/**
 * Everything that lies on the desk. A change makes another; one that is refused leaves this as it is.
 *
 * @param shop  as it is saved
 * @param jobId of the job in hand, in the store
 * @param job   in hand, as it is saved
 * @param log   what was done and read of it
 * @param plan  of that job in that shop, after that
 * @param shown the same, or what it would become while a number is being typed or dragged
 * @param jobs  all of the shop
 * @param where the maker is
 */
record DeskState(
        Document<Shop> shop,
        String jobId,
        Document<Job> job,
        WorkLog log,
        Plan plan,
        Plan shown,
        List<ShopStore.Listed> jobs,
        Where where) {
    /**
     * Where the maker is.
     *
     * @param page     what fills the window
     * @param station  on the rail
     * @param selected the number whose working is shown; empty for the one that one comes to the station for
     * @param corner   that is looked at
     * @param turn     from where it is seen in space
     */
    record Where(Page page, Station station, Optional<FigureKey<?>> selected, int corner, Turn turn) {
        /** Where everything starts. */
        static final Where START = new Where(Page.JOB, Station.BRIEF, Optional.empty(), 0, Turn.NONE);

        Where at(Station other) {
            return new Where(Page.JOB, other, Optional.empty(), corner, turn);
        }

        Where on(Page other) {
            return new Where(other, station, selected, corner, turn);
        }

        Where looking(FigureKey<?> figure) {
            return new Where(page, station, Optional.of(figure), corner, turn);
        }

        Where atCorner(int other) {
            return new Where(page, station, selected, other, turn);
        }

        Where turned(Turn other) {
            return new Where(page, station, selected, corner, other);
        }
    }

    DeskState {
        jobs = List.copyOf(jobs);
    }

    /** A job taken up in a shop. */
    static DeskState of(
            Document<Shop> shop,
            String jobId,
            Document<Job> job,
            WorkLog log,
            Answers answers,
            List<ShopStore.Listed> jobs,
            Where where) {
        return of(shop, jobId, job, log, 0, answers, jobs, where);
    }

    /** The same with one of its parts looked at, from 0; the last where there are fewer. */
    private static DeskState of(
            Document<Shop> shop,
            String jobId,
            Document<Job> job,
            WorkLog log,
            int part,
            Answers answers,
            List<ShopStore.Listed> jobs,
            Where where) {
        Job seen = job.value().at(Math.min(part, job.value().parts().size() - 1));
        Plan plan = Planner.plan(seen, shop.value(), log, answers);
        return new DeskState(shop, jobId, job.with(plan.job().at(0)), log, plan, plan, jobs, where);
    }

    /** The job as it is saved, with the part looked at that is looked at now. */
    private Job seen() {
        return job.value().at(plan.job().seen());
    }

    /** Looking at another of its parts. */
    DeskState lookingAt(int part) {
        return planned(Planner.at(plan, part));
    }

    /** The same with another plan of the same job, as planned and as shown. */
    private DeskState planned(Plan other) {
        return new DeskState(shop, jobId, job, log, other, other, jobs, where);
    }

    /**
     * After an edit of the job.
     *
     * @throws Refusal when the edit is refused
     */
    DeskState edited(Edit edit) {
        Plan after = Planner.edited(plan, edit);
        Job changed = after.job().at(0);
        if (changed.equals(job.value())) {
            return this;
        }
        return new DeskState(shop, jobId, job.with(changed), log, after, after, named(jobId, changed), where);
    }

    /**
     * After a change of the shop.
     *
     * @throws Refusal when it is refused
     */
    DeskState edited(ShopEdit edit, Answers answers) {
        return of(shop.with(edit.apply(shop.value())), jobId, job, log, plan.job().seen(), answers, jobs, where);
    }

    /** With another shop and, of the job in hand, another state of it. */
    DeskState with(Document<Shop> otherShop, Document<Job> otherJob, Answers answers) {
        return of(
                otherShop, jobId, otherJob, log, plan.job().seen(), answers, named(jobId, otherJob.value()), where);
    }

    /** With another job in hand. */
    DeskState open(String id, Document<Job> other, WorkLog done, Answers answers) {
        return of(shop, id, other, done, answers, named(id, other.value()), where.on(Page.JOB));
    }

    /** After something more was done: what was read, and what was taken up, is planned with. */
    DeskState done(WorkLog more, Answers answers) {
        DeskState after = new DeskState(shop, jobId, job, more, plan, plan, jobs, where);
        Deed deed = more.entries().getLast().deed();
        return deed instanceof Deed.Measured || deed instanceof Deed.TookUp ? after.replanned(answers) : after;
    }

    /** The same job planned anew with what is known now. */
    DeskState replanned(Answers answers) {
        return planned(Planner.plan(seen(), shop.value(), log, answers));
    }

    /** Showing what an edit would do; without one, or with one that is refused, the job as it is. */
    DeskState previewing(Optional<Edit> edit, Answers answers) {
        return new DeskState(
                shop,
                jobId,
                job,
                log,
                plan,
                edit.map(change -> preview(change, answers)).orElse(plan),
                jobs,
                where);
    }

    private Plan preview(Edit edit, Answers answers) {
        try {
            return Planner.plan(edit.apply(seen()), shop.value(), log, answers);
        } catch (Refusal notYet) {
            return plan;
        }
    }

    /** Somewhere else. */
    DeskState at(Where other) {
        return new DeskState(shop, jobId, job, log, plan, shown, jobs, other);
    }

    /** With these jobs in the shop. */
    DeskState withJobs(List<ShopStore.Listed> other) {
        return new DeskState(shop, jobId, job, log, plan, shown, other, where);
    }

    private List<ShopStore.Listed> named(String id, Job now) {
        List<ShopStore.Listed> renamed = new ArrayList<>(jobs);
        renamed.replaceAll(entry ->
                entry.id().equals(id) ? new ShopStore.Listed(id, now.title(), now.order(), entry.away()) : entry);
        return renamed;
    }

    /**
     * The number whose working is shown: the one chosen, while the plan has it, else the one that one comes to the
     * station for.
     */
    FigureKey<?> selected() {
        return where.selected()
                .filter(figure -> plan.figure(figure).isPresent())
                .orElseGet(() -> plan.lead(where.station()));
    }
}
