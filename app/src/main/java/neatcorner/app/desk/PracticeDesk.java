package neatcorner.app.desk;

import java.time.Clock;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executor;
import neatcorner.core.practice.Ask;
import neatcorner.core.practice.Attempt;
import neatcorner.core.practice.Exercise;
import neatcorner.core.practice.Judged;
import neatcorner.core.practice.Practice;
import neatcorner.core.shop.Shop;

/** The practice bench: one exercise after the other, and how they went. Used from the interface thread only. */
public final class PracticeDesk {
    private final Desk desk;
    private final Clock clock;
    private final Runnable changed;
    private final Aside<Wanted, Exercise> made;
    private final List<Attempt> record;
    private Practice what = Practice.GAP;
    private Wanted wanted;
    private List<Integer> answers = List.of();
    private Optional<Judged> judged = Optional.empty();
    private boolean hinted;

    PracticeDesk(Desk desk, List<Attempt> record, Clock clock, Executor interfaceThread, Runnable changed) {
        this.desk = desk;
        this.clock = clock;
        this.changed = changed;
        this.record = new ArrayList<>(record);
        this.made = new Aside<>(interfaceThread);
        this.wanted = fresh();
    }

    private record Wanted(Practice what, long seed, Shop shop) {
    }

    private Wanted fresh() {
        // One more than was ever done: no exercise comes twice.
        return new Wanted(what, record.size() + 1L, desk.shop());
    }

    /** What is practised. */
    public Practice what() {
        return what;
    }

    /** Practises something else. */
    public void practise(Practice other) {
        what = other;
        next();
    }

    /** The next exercise. */
    public void next() {
        wanted = fresh();
        answers = List.of();
        judged = Optional.empty();
        hinted = false;
        changed.run();
    }

    /** The exercise at hand; empty as long as it is made. */
    public Optional<Exercise> exercise() {
        if (!made.isAsked(wanted)) {
            Wanted now = wanted;
            made.ask(now, _ -> now.what.make(now.seed, now.shop), changed);
        }
        Optional<Exercise> exercise = made.answer(wanted);
        exercise.ifPresent(one -> {
            if (answers.size() != one.asks().size()) {
                answers = Collections.nCopies(one.asks().size(), Ask.OPEN);
            }
        });
        return exercise;
    }

    /** To every question the number of the option that is chosen, or {@link Ask#OPEN}. */
    public List<Integer> answers() {
        return answers;
    }

    /** Chooses an option; once it is judged nothing is changed any more. */
    public void answer(int ask, int option) {
        if (judged.isEmpty()) {
            List<Integer> changedAnswers = new ArrayList<>(answers);
            changedAnswers.set(ask, option);
            answers = List.copyOf(changedAnswers);
            changed.run();
        }
    }

    /** Whether every question has an answer and none was judged. */
    public boolean canJudge() {
        return judged.isEmpty() && exercise().filter(one -> one.isAnswered(answers)).isPresent();
    }

    /** Says what the answers are worth, and keeps that. */
    public void judge() {
        if (canJudge()) {
            Judged worth = exercise().orElseThrow().judge(answers);
            Attempt attempt =
                    new Attempt(clock.instant().truncatedTo(ChronoUnit.SECONDS), what, wanted.seed, worth.points());
            judged = Optional.of(worth);
            record.add(attempt);
            desk.keep(attempt);
            changed.run();
        }
    }

    /** What the answers were worth; empty until they were judged. */
    public Optional<Judged> judged() {
        return judged;
    }

    /** Asks for a hint. */
    public void hint() {
        hinted = true;
        changed.run();
    }

    /** Whether a hint was asked for. */
    public boolean isHinted() {
        return hinted;
    }

    /** How those of this kind went, the last first. */
    public List<Attempt> record() {
        return record.reversed().stream().filter(attempt -> attempt.what() == what).toList();
    }
}
