package neatcorner.app.desk;

import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import neatcorner.core.cut.Lots;
import neatcorner.core.mill.Milling;
import neatcorner.core.plan.Plan;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;

/**
 * The strips of the job in hand on the boards of the rack. A large rack takes longer than a hand may wait: they are
 * laid aside, one thing after another, and of several that wait only the last is laid. Used from the interface thread
 * only.
 */
final class BoardDesk {
    private final Executor aside;
    private final Executor interfaceThread;
    private final Answers answers;
    private Optional<Wish> asked = Optional.empty();
    private Optional<Laid> laid = Optional.empty();
    private final Lane firm = new Lane();
    private final Lane trials = new Lane();

    /**
     * What is to be laid.
     *
     * @param job its name in the store
     */
    record Wish(String job, Plan plan, Shop shop) {
        /** Plans and shops are large, and are made anew with every edit. */
        private boolean isSame(Wish other) {
            return plan == other.plan && shop == other.shop;
        }

        /** Lays it, on any thread. */
        Milling milling(Answers answers) {
            return Milling.of(
                    Lots.orders(plan.assembly()).stream()
                            .filter(order -> !order.cutting().isMade())
                            .toList(),
                    shop,
                    answers);
        }
    }

    private record Laid(Wish wish, Milling milling) {
    }

    /**
     * For a desk.
     *
     * @param aside   runs one piece of work after another
     * @param answers the best known
     */
    BoardDesk(Executor aside, Executor interfaceThread, Answers answers) {
        this.aside = aside;
        this.interfaceThread = interfaceThread;
        this.answers = answers;
    }

    /** Better answers are known: what is wished next is laid anew. */
    void stale() {
        asked = Optional.empty();
    }

    /** Whether something that was asked for is being laid just now. */
    boolean isLaying() {
        return firm.isLaying;
    }

    /** Of just this, laid at once when it is not known. */
    Milling now(Wish wish) {
        return laid.filter(one -> one.wish().isSame(wish)).map(Laid::milling).orElseGet(() -> wish.milling(answers));
    }

    /**
     * What was laid last for this job, perhaps as it was before an edit; it is laid anew when it is not of just this.
     *
     * @param then called with what was laid before and what is laid now
     */
    Milling milling(Wish wish, BiConsumer<Milling, Milling> then) {
        if (!asked.map(wish::isSame).orElse(false)) {
            asked = Optional.of(wish);
            firm.lay(wish, milling -> {
                Milling before = laid.map(Laid::milling).orElse(Milling.NONE);
                laid = Optional.of(new Laid(wish, milling));
                then.accept(before, milling);
            });
        }
        return laid.filter(one -> one.wish().job().equals(wish.job()))
                .map(Laid::milling)
                .orElse(Milling.NONE);
    }

    /** Lays what is only tried. */
    void trial(Wish wish, Consumer<Milling> then) {
        trials.lay(wish, then);
    }

    /** One thing is laid at a time; of several that wait only the last. */
    private final class Lane {
        private Optional<Runnable> waiting = Optional.empty();
        private boolean isLaying;

        void lay(Wish wish, Consumer<Milling> then) {
            Runnable start = () -> start(wish, then);
            if (isLaying) {
                waiting = Optional.of(start);
            } else {
                start.run();
            }
        }

        private void start(Wish wish, Consumer<Milling> then) {
            isLaying = true;
            aside.execute(() -> {
                Optional<Milling> made = Optional.empty();
                try {
                    made = Optional.of(wish.milling(answers));
                } catch (RuntimeException bug) {
                    FaultLog.keep("laying strips on boards", bug);
                }
                Optional<Milling> done = made;
                interfaceThread.execute(() -> {
                    isLaying = false;
                    Optional<Runnable> next = waiting;
                    waiting = Optional.empty();
                    next.ifPresent(Runnable::run);
                    done.ifPresent(then);
                });
            });
        }
    }
}
