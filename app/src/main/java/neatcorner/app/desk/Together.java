package neatcorner.app.desk;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.stream.Stream;
import neatcorner.core.card.Card;
import neatcorner.core.card.Cards;
import neatcorner.core.card.Scene;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Planner;
import neatcorner.core.sawing.Measure;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.SawSetting;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.work.WorkLog;
import neatcorner.files.store.ShopStore;
import neatcorner.files.store.StoreException;

/**
 * The jobs that are begun at the bench, which may go through one setting of the saw together, and how the saw stands
 * while they take turns. Used from the interface thread only.
 */
final class Together {
    private static final String SET_SAW = "card.set_saw";
    private static final String SET_STOP = "card.set_stop";
    private static final String SET_BOTH = "card.set_both";
    private static final Set<String> TO_SET = Set.of(SET_SAW, SET_STOP, SET_BOTH);
    /** Nobody has more on the bench: of more those that were worked on last. */
    private static final int MOST = 24;
    /** Lines before it say where the stop is and how the saw stands. */
    private static final int AFTER_THE_SETTING = 2;

    private final ShopStore store;
    private final Saver saver;
    private final Executor interfaceThread;
    private final Runnable changed;
    /** Read aside, too. */
    private volatile Optional<Key> asked = Optional.empty();
    private Optional<Map<String, Begun>> begun = Optional.empty();
    private boolean wanted;
    /** The job from which the others were gone to. */
    private Optional<String> home = Optional.empty();
    /** The job that is in hand unless the maker opened another. */
    private String expected = "";
    private Optional<Standing> standing = Optional.empty();

    /** What the cards of the others depend on. */
    private record Key(String home, Shop shop) {
    }

    /** A job of which something is done. */
    private record Begun(Job job, List<Card> cards, WorkLog log) {
        /** Its next cuts at a setting, if they are what comes next. */
        int cutsAt(SawSetting setting) {
            return (int) cards.stream()
                    .filter(card -> !log.isDone(card.act()))
                    .takeWhile(card -> isAt(card, setting))
                    .count();
        }
    }

    /** How the saw was left by the last cut. */
    private record Standing(String job, SawCut cut) {
    }

    Together(ShopStore store, Saver saver, Executor interfaceThread, Runnable changed) {
        this.store = store;
        this.saver = saver;
        this.interfaceThread = interfaceThread;
        this.changed = changed;
    }

    /** Whether a card is a cut at this setting. */
    static boolean isAt(Card card, SawSetting setting) {
        return cut(card).filter(cut -> cut.setting().isLike(setting)).isPresent();
    }

    private static Optional<SawCut> cut(Card card) {
        return card.scene() instanceof Scene.AtTheSaw saw ? Optional.of(saw.cut()) : Optional.empty();
    }

    /** Whether the jobs at one setting take turns. */
    boolean isWanted() {
        return wanted;
    }

    /** Lets them take turns, or not any more. */
    void want(boolean now) {
        wanted = now;
        home = Optional.empty();
    }

    /**
     * The other jobs whose next cuts are at the setting of a card.
     *
     * @param inHand the job the card is of
     */
    List<BenchDesk.Also> also(String inHand, Shop shop, Card card) {
        if (!inHand.equals(expected)) {
            expected = inHand;
            home = Optional.empty();
        }
        Optional<SawCut> cut = cut(card);
        if (cut.isEmpty()) {
            return List.of();
        }
        ask(new Key(home.orElse(inHand), shop));
        return begun.stream()
                .flatMap(all -> all.entrySet().stream())
                .filter(other -> !other.getKey().equals(inHand))
                .map(other -> new BenchDesk.Also(
                        other.getKey(),
                        other.getValue().job().title(),
                        other.getValue().cutsAt(cut.get().setting())))
                .filter(also -> also.cuts() > 0)
                .toList();
    }

    private void ask(Key key) {
        if (asked.filter(key::equals).isPresent()) {
            return;
        }
        asked = Optional.of(key);
        begun = Optional.empty();
        // What was done just before is known, too.
        saver.after(() -> Thread.ofVirtual().start(() -> {
            Map<String, Begun> all = read(key);
            interfaceThread.execute(() -> {
                if (asked.filter(key::equals).isPresent()) {
                    begun = Optional.of(all);
                    changed.run();
                }
            });
        }));
    }

    private Map<String, Begun> read(Key key) {
        Map<String, Begun> all = new HashMap<>();
        for (String id : store.begun(MOST)) {
            if (asked.filter(key::equals).isEmpty()) {
                break;
            }
            try {
                Job job = store.job(id).value();
                WorkLog log = store.work(id);
                all.put(id, new Begun(job, Cards.of(Planner.plan(job, key.shop, log, Answers.NONE)), log));
            } catch (Refusal | StoreException notToBeWorkedOn) {
                // It says so itself when it is opened.
            }
        }
        return all;
    }

    /**
     * A cut was made.
     *
     * @param inHand the job it is of
     * @param card   of the cut
     * @param next   the card of that job that comes next
     * @param cards  of that job
     * @param log    of it, the cut among what is done
     * @return the job that has the next turn; empty for the one in hand
     */
    Optional<String> made(String inHand, Job job, Card card, Card next, List<Card> cards, WorkLog log) {
        Optional<SawCut> cut = cut(card);
        if (cut.isEmpty()) {
            return Optional.empty();
        }
        standing = Optional.of(new Standing(inHand, cut.get()));
        begun.ifPresent(all -> all.put(inHand, new Begun(job, cards, log)));
        SawSetting setting = cut.get().setting();
        if (!wanted || isAt(next, setting) && !log.isDone(next.act())) {
            return Optional.empty();
        }
        Optional<String> turn = begun.stream()
                .flatMap(all -> all.entrySet().stream())
                .filter(other -> !other.getKey().equals(inHand) && other.getValue().cutsAt(setting) > 0)
                .map(Map.Entry::getKey)
                .sorted()
                .findFirst()
                .or(() -> home.filter(one -> !one.equals(inHand)));
        turn.ifPresent(to -> {
            home = home.isEmpty() ? Optional.of(inHand) : home.filter(one -> !one.equals(to));
            expected = to;
        });
        return turn;
    }

    /** What a card says, with what is to be set where another job left the saw otherwise, or as it is wanted. */
    List<Words> says(String inHand, Card card) {
        Optional<SawCut> cut = cut(card);
        Optional<Standing> other = standing.filter(one -> !one.job.equals(inHand));
        if (cut.isEmpty() || other.isEmpty()) {
            return card.says();
        }
        SawCut left = other.get().cut();
        boolean saw = !cut.get().setting().isLike(left.setting());
        Optional<Length> stop = stop(cut.get());
        boolean moved = stop.isPresent() && !stop.equals(stop(left));
        String toSet = saw ? moved ? SET_BOTH : SET_SAW : moved ? SET_STOP : "card.stands";
        List<Words> says = new ArrayList<>(card.says());
        says.removeIf(words -> TO_SET.contains(words.key()));
        says.add(AFTER_THE_SETTING, Words.of(toSet));
        return says;
    }

    private static Optional<Length> stop(SawCut cut) {
        return Stream.of(cut.measure())
                .filter(Measure.Stop.class::isInstance)
                .map(Measure::length)
                .findFirst();
    }
}
