package neatcorner.app.desk;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.concurrent.Executor;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import neatcorner.core.card.Card;
import neatcorner.core.card.CardCode;
import neatcorner.core.card.Cards;
import neatcorner.core.card.Scene;
import neatcorner.core.cut.CutLots;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Doubts;
import neatcorner.core.plan.Entered;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Instrument;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import neatcorner.files.picture.CustomerPicture;
import neatcorner.files.store.ShopStore;

/** The job in hand, card by card, and what was done of it. Used from the interface thread only. */
public final class BenchDesk {
    /** The setting that keeps who is at the bench. */
    static final String BY = "bench.by";
    private final Desk desk;
    private final Clock clock;
    private final Runnable changed;
    private final Aside<Wanted, Told> told;
    private final Aside<Told, List<Map<FigureKey<?>, Gap>>> doubts;
    private final Together together;
    private final Mishaps mishaps;
    private Optional<Held> held = Optional.empty();
    private String by;
    /** The card that was asked for, until the cards are there. */
    private Optional<Asked> asked = Optional.empty();

    /** The bench of a desk, with whom was at it last. */
    BenchDesk(Desk desk, String by, Together together, Clock clock, Executor interfaceThread, Runnable changed) {
        this.by = by;
        this.together = together;
        this.desk = desk;
        this.clock = clock;
        this.changed = changed;
        this.told = new Aside<>(interfaceThread);
        this.doubts = new Aside<>(interfaceThread);
        this.mishaps = new Mishaps(desk, this, changed);
    }

    /** What cards depend on. A better way to lay the pieces is none of it: once they are told they stay. */
    private record Wanted(Job job, Shop shop, List<Deed.Measured> read, List<Deed> wrong) {
    }

    /** A card of a job whose name begins so. */
    private record Asked(String job, Predicate<Act> which) {
    }

    /**
     * The cards of a job.
     *
     * @param plan  they were told from
     * @param parts the same, seen from each part
     * @param cards in the order hands follow
     */
    public record Told(Plan plan, List<Plan> parts, List<Card> cards) {
        static Told of(Plan plan) {
            return new Told(plan, Planner.ofParts(plan), Cards.of(plan));
        }

        /** The plan, seen from the part of a card. */
        public Plan at(Card card) {
            return parts.get(card.part());
        }
    }

    /** What is in hand: a job, and the card of it that is looked at, from 0, since when. */
    private record Held(String job, int at, Instant since) {
    }

    /** The cards; empty as long as they are worked out. */
    public Optional<Told> told() {
        Wanted wanted = new Wanted(
                desk.plan().job().at(0), desk.shop(), log().measured(), log().wentWrong());
        if (!told.isAsked(wanted)) {
            Plan plan = desk.plan().noting(log());
            told.ask(wanted, _ -> Told.of(plan), this::settle);
        }
        return told.answer(wanted);
    }

    /** How surely numbers are known that follow from what was read, part by part; none as long as it is worked out. */
    public List<Map<FigureKey<?>, Gap>> doubts() {
        if (log().measured().isEmpty()) {
            return List.of();
        }
        return told().flatMap(all -> {
                    if (!doubts.isAsked(all)) {
                        doubts.ask(
                                all,
                                stop -> all.parts().stream()
                                        .map(part -> Doubts.of(part, stop))
                                        .toList(),
                                changed);
                    }
                    return doubts.answer(all);
                })
                .orElse(List.of());
    }

    /** How surely the number of the card in hand is known; empty where it follows from no reading. */
    public Optional<Gap> doubt() {
        return card().flatMap(card -> card.figure()
                .filter(_ -> card.part() < doubts().size())
                .flatMap(figure -> Optional.ofNullable(doubts().get(card.part()).get(figure.key()))));
    }

    /** What was done to the job in hand. */
    public WorkLog log() {
        return desk.log();
    }

    private Held held() {
        String job = desk.jobId();
        if (held.filter(one -> one.job.equals(job)).isEmpty()) {
            held = Optional.of(new Held(job, -1, clock.instant()));
        }
        return held.orElseThrow();
    }

    /**
     * Opens the job a printed card is of, at the bench and at that card.
     *
     * @return why that cannot be, in the maker's words; empty when it can
     */
    public Optional<String> open(String text) {
        Optional<CardCode> code = CardCode.read(text);
        if (code.isEmpty()) {
            return Optional.of(desk.book().say("card.no_code", text));
        }
        Optional<String> job = desk.jobs().stream()
                .map(ShopStore.Listed::id)
                .filter(id -> id.startsWith(code.get().job()))
                .findFirst();
        if (job.isEmpty()) {
            return Optional.of(desk.book().say("card.no_job"));
        }
        if (!job.get().equals(desk.jobId())) {
            desk.open(job.get());
        }
        ask(code.get().job(), code.get()::isOf);
        desk.goTo(Page.BENCH);
        if (told().isPresent()) {
            settle();
        }
        return Optional.empty();
    }

    /** Lets the first card that is not done be the one in hand, unless one is already. */
    private void settle() {
        if (held().at < 0) {
            told().map(Told::cards).ifPresent(cards -> {
                // Another job may have been opened by hand meanwhile.
                Optional<Asked> wanted = asked.filter(one -> desk.jobId().startsWith(one.job));
                asked = Optional.empty();
                OptionalInt there = IntStream.range(0, cards.size())
                        .filter(i -> wanted.filter(one -> one.which.test(cards.get(i).act())).isPresent())
                        .findFirst();
                if (wanted.isPresent() && there.isEmpty()) {
                    desk.complain(Words.of("card.not_there"));
                }
                goTo(there.orElseGet(() -> next(cards, 0)));
            });
        }
        changed.run();
    }

    /** The first card from one on that is not done; the last where all are. */
    private int next(List<Card> cards, int from) {
        return IntStream.range(from, cards.size())
                .filter(i -> !log().isDone(cards.get(i).act()))
                .findFirst()
                .orElse(cards.size() - 1);
    }

    /** The number of the card in hand, from 0. */
    public int at() {
        int all = told().map(one -> one.cards().size()).orElse(0);
        return Math.clamp(held().at, 0, Math.max(0, all - 1));
    }

    /** The card in hand; empty as long as they are worked out, or where there is none. */
    public Optional<Card> card() {
        return told().map(Told::cards).filter(cards -> !cards.isEmpty()).map(cards -> cards.get(at()));
    }

    /** Looks at another card, from 0; the first or last where there is none such. */
    public void goTo(int card) {
        int all = told().map(one -> one.cards().size()).orElse(0);
        held = Optional.of(new Held(desk.jobId(), Math.clamp(card, 0, Math.max(0, all - 1)), clock.instant()));
        changed.run();
    }

    /** The card in hand is done, and the next one that is not is taken up. */
    public void done() {
        card().ifPresent(card -> {
            boolean news = !log().isDone(card.act());
            if (news) {
                write(card, new Deed.Done(card.act(), Duration.between(held().since, clock.instant())));
            }
            List<Card> cards = told().orElseThrow().cards();
            int next = at() == cards.size() - 1 ? at() : next(cards, at() + 1);
            Optional<String> turn = news
                    ? together.made(desk.jobId(), desk.plan().job(), card, cards.get(next), cards, log())
                    : Optional.empty();
            if (turn.isPresent()) {
                held = Optional.empty();
                desk.open(turn.get());
                desk.goTo(Page.BENCH);
            } else {
                goTo(next);
            }
        });
    }

    /**
     * Another job that is begun.
     *
     * @param job  its name in the store
     * @param title of it
     * @param cuts how many of its next cuts are at the setting of the card in hand
     */
    public record Also(String job, String title, int cuts) {
    }

    /** The other jobs whose next cuts are at the setting of the card in hand; none as long as they are looked for. */
    public List<Also> also() {
        return card().map(card -> together.also(desk.jobId(), desk.shop(), card)).orElse(List.of());
    }

    /** Whether jobs take turns at each setting of the saw. */
    public boolean isTogether() {
        return together.isWanted();
    }

    /** Lets jobs take turns at each setting of the saw, or not any more. */
    public void together(boolean wanted) {
        together.want(wanted);
        changed.run();
    }

    /** What the card in hand says, with what is to be set as another job left the saw. */
    public List<Words> says() {
        return card().map(card -> together.says(desk.jobId(), card)).orElse(List.of());
    }

    /** Whether the card in hand is done. */
    public boolean isDone() {
        return card().filter(card -> log().isDone(card.act())).isPresent();
    }

    /** Goes to such a card as soon as the cards are there. */
    void ask(String job, Predicate<Act> which) {
        asked = Optional.of(new Asked(job, which));
        held = Optional.empty();
    }

    /** How many cards are done. */
    public int doneCount() {
        return told().map(all -> (int) all.cards().stream()
                        .filter(card -> log().isDone(card.act()))
                        .count())
                .orElse(0);
    }

    /** What can be measured of the card in hand, in the order it is. */
    public List<Card.Readable> readables() {
        return card().map(card -> card.readables().stream().map(this::asPlanned).toList())
                .orElse(List.of());
    }

    /** What is measured next of the card in hand: the first that was not yet, else the first of all. */
    public Optional<Card.Readable> readable() {
        return readables().stream()
                .filter(one -> log().measured(one.act()).isEmpty())
                .findFirst()
                .or(() -> readables().stream().findFirst());
    }

    /** Of a size that was read before what was planned then: what it says now is what was read. */
    private Card.Readable asPlanned(Card.Readable one) {
        return log().measured(one.act())
                .filter(read -> one.act() instanceof Act.Size && read.value().equals(one.planned()))
                .map(read -> new Card.Readable(one.act(), one.name(), read.planned()))
                .orElse(one);
    }

    /** What becomes of the piece in hand when it did not come out as planned. */
    public Optional<Words> verdict() {
        return card().filter(card -> card.readables().stream()
                        .anyMatch(one -> log().measured(one.act()).isPresent()))
                .flatMap(card -> Cards.verdict(told().orElseThrow().plan().noting(log()), card));
    }

    /**
     * How something on the card in hand came out. Where it is a number that is given to the plan, it is entered there.
     *
     * @param act   which of what can be measured
     * @param sure  whether it is kept also where another unit or a slip is likelier than what it says
     * @return why it was not kept, in the maker's words; empty when it was
     */
    public Optional<String> measured(Act act, Length value, Instrument by, boolean sure) {
        Optional<Card.Readable> there = readables().stream()
                .filter(one -> one.act().equals(act))
                .findFirst();
        if (there.isEmpty()) {
            return Optional.of(desk.book().say("bench.nothing_to_measure"));
        }
        Card card = card().orElseThrow();
        Card.Readable which = there.get();
        Deed.Measured deed = new Deed.Measured(which.act(), which.planned(), value, by);
        if (deed.isDoubtful() && !sure) {
            return Optional.of(desk.book().say("bench.doubtful", which.planned(), value));
        }
        try {
            Optional<Edit> entering = Entered.by(desk.plan().noting(log()), deed);
            Words said = card.reads().isEmpty()
                    ? card.title()
                    : Words.of("card.read_of", card.title(), which.name());
            write(card, deed, said);
            entering.ifPresent(desk::edit);
        } catch (Refusal leavesNoFrame) {
            return Optional.of(desk.said(leavesNoFrame));
        }
        changed.run();
        return Optional.empty();
    }

    /** What goes wrong. */
    public Mishaps mishaps() {
        return mishaps;
    }

    /** A remark on the card in hand; says why it is refused. */
    public Optional<String> remark(String text) {
        try {
            card().ifPresent(card -> write(card, new Deed.Remark(card.act(), text.strip())));
            changed.run();
            return Optional.empty();
        } catch (Refusal refused) {
            return Optional.of(desk.said(refused));
        }
    }

    /** A picture of the card in hand, as it looks now; the shop keeps it first. */
    public void photo(CustomerPicture picture) {
        card().ifPresent(card -> {
            desk.keep(picture);
            write(card, new Deed.Photo(card.act(), picture.name()));
            changed.run();
        });
    }

    /** Who is at the bench; empty where nobody said so. */
    public String by() {
        return by;
    }

    /** Who is at the bench from now on; says why it is refused. */
    public Optional<String> by(String name) {
        String now = name.strip();
        try {
            LogLine.checkName(now);
        } catch (Refusal tooLong) {
            return Optional.of(desk.said(tooLong));
        }
        by = now;
        desk.keepSetting(BY, by);
        changed.run();
        return Optional.empty();
    }

    /** Writes down what was done of a card; what lies on a stick is written first. */
    void write(Card card, Deed deed) {
        write(card, deed, card.title());
    }

    private void write(Card card, Deed deed, Words said) {
        if (!(deed instanceof Deed.Remark || deed instanceof Deed.Photo)) {
            takeUp(card);
        }
        append(deed, said);
    }

    /** What is laid on a stick stays there from the first act on it: a better way found later is no help to it. */
    private void takeUp(Card card) {
        boolean atSticks = card.scene() instanceof Scene.OnTheRack || card.scene() instanceof Scene.AtTheSaw;
        CutLots lots = told().orElseThrow().plan().get(CutLots.class);
        if (atSticks && !lots.laid().isEmpty() && !lots.isAsLong(log().tookUp())) {
            append(new Deed.TookUp(card.act(), lots.laid()), card.title());
        }
    }

    /** Writes down a deed in these words. */
    void append(Deed deed, Words said) {
        desk.log(new LogLine(clock.instant().truncatedTo(ChronoUnit.SECONDS), by, deed, said));
    }

    /**
     * Something that must be left alone.
     *
     * @param card what was done last
     * @param left until it may be touched; none when it is over
     */
    public record Waiting(Card card, Duration left) {
    }

    /** What must be left alone just now, and what is over but was not gone on with: the latest first. */
    public List<Waiting> waiting() {
        List<Waiting> waiting = new ArrayList<>();
        List<Card> cards = told().map(Told::cards).orElse(List.of());
        for (int i = cards.size() - 1; i >= 0; i--) {
            Card card = cards.get(i);
            boolean goneOn = i + 1 < cards.size() && log().isDone(cards.get(i + 1).act());
            if (card.pause().isPresent() && !goneOn) {
                log().done(card.act()).ifPresent(done -> {
                    Duration left = Duration.between(
                            clock.instant(), done.at().plus(card.pause().get()));
                    waiting.add(new Waiting(card, left.isNegative() ? Duration.ZERO : left));
                });
            }
        }
        return waiting;
    }
}
