package neatcorner.app.desk;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.card.Card;
import neatcorner.core.card.Cards;
import neatcorner.core.card.Remake;
import neatcorner.core.card.Scene;
import neatcorner.core.cut.Supply;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Trouble;
import neatcorner.core.measure.Length;
import neatcorner.core.mend.Mending;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;

/** What goes wrong at the bench, what becomes of it, and what of it can be taken back. On the interface thread. */
public final class Mishaps {
    private final Desk desk;
    private final BenchDesk bench;
    private final Runnable changed;

    Mishaps(Desk desk, BenchDesk bench, Runnable changed) {
        this.desk = desk;
        this.bench = bench;
        this.changed = changed;
    }

    /** What of the card in hand can be taken back: that it is done, else what makes it be there. */
    public enum TakingBack {
        /** It is done. */
        DONE,
        /** Its piece was spoiled. */
        PIECE,
        /** Its corner went wrong. */
        CORNER
    }

    /** What can be taken back just now; empty where nothing can. */
    public Optional<TakingBack> takingBack() {
        return bench.card().flatMap(card -> {
            if (bench.isDone()) {
                return Optional.of(TakingBack.DONE);
            }
            if (card.act() instanceof Act.Saw saw && saw.again() > 0) {
                return isBegun(saw) ? Optional.empty() : Optional.of(TakingBack.PIECE);
            }
            return isMending(card.act()) ? Optional.of(TakingBack.CORNER) : Optional.empty();
        });
    }

    /** Whether an end of a piece that is made again is cut already. */
    private boolean isBegun(Act.Saw saw) {
        return Stream.of(true, false)
                .anyMatch(right -> bench.log().isDone(new Act.Saw(saw.part(), saw.piece(), right, saw.again())));
    }

    /** Whether an act is a step of mending a corner. */
    static boolean isMending(Act act) {
        return act instanceof Act.Step step && Mending.isStep(step.what());
    }

    /** Takes back what can be: the card is not done, or what went wrong is good after all. */
    public void takeBack() {
        takingBack().ifPresent(what -> {
            Card card = bench.card().orElseThrow();
            switch (what) {
                case DONE -> bench.write(card, new Deed.TakenBack(card.act()));
                case PIECE -> {
                    Act.Saw spoilt = bench.log().lastSpoilt((Act.Saw) card.act()).act();
                    bench.write(card, new Deed.GoodAfterAll(card.act()));
                    bench.ask(desk.jobId(), spoilt::equals);
                }
                case CORNER -> {
                    bench.write(card, new Deed.GoodAfterAll(card.act()));
                    desk.edit(new Edit.InPart(card.part(), new Edit.Mishap(Optional.empty())));
                }
            }
            changed.run();
        });
    }

    /** What it comes to when the piece in hand is spoiled so; empty where no piece is cut. */
    public Optional<Spoiling> spoiling(Deed.Spoilt what) {
        return bench.card().flatMap(card -> card.act() instanceof Act.Saw saw
                        && card.scene() instanceof Scene.AtTheSaw(var cut, var kerf, _)
                ? again(new Deed.WentWrong(
                        saw, what, cut.on().placed().piece().length().plus(kerf)))
                : Optional.empty());
    }

    private Optional<Spoiling> again(Deed.WentWrong wrong) {
        Plan plan = bench.told().orElseThrow().plan().noting(bench.log());
        Optional<Words> share = wrong.what() == Deed.Spoilt.TOO_SHORT
                        && bench.log().measured(wrong.act()).isEmpty()
                ? Cards.toShare(plan, wrong.act())
                : Optional.empty();
        return Cards.again(plan, wrong).map(remake -> new Spoiling(wrong, remake, share));
    }

    /**
     * A piece that would be spoiled.
     *
     * @param wrong  what went wrong
     * @param remake how it is made again
     * @param share  what could be cut as short instead; empty where nothing could
     */
    public record Spoiling(Deed.WentWrong wrong, Remake remake, Optional<Words> share) {
        /** In words. */
        public Words words() {
            Words again = Words.of("bench.again", remake.piece(), remake.words(), wrong.lost());
            return share.map(others -> Words.of("bench.share", again, others)).orElse(again);
        }
    }

    /** It is spoiled, and is made again. */
    public void spoilt(Spoiling spoiling) {
        bench.card().ifPresent(card -> bench.write(card, spoiling.wrong()));
        changed.run();
    }

    /** The letters of the corners of the part in hand that can go wrong now, in order; none while it is cut. */
    public List<String> corners() {
        return bench.card()
                .map(card -> card.act().station())
                .filter(station -> station != Station.CUTS && station.compareTo(Station.CORNERS) >= 0)
                .flatMap(_ -> bench.card())
                .map(card -> bench.told().orElseThrow().at(card).frame())
                .filter(frame -> !frame.isSolid())
                .map(frame -> frame.members().stream()
                        .map(member -> member.side().to())
                        .toList())
                .orElse(List.of());
    }

    /**
     * A corner of the part in hand went wrong: from now on its mending is among the cards, and the first of it in hand.
     *
     * @return why that cannot be, in the maker's words; empty when it can
     */
    public Optional<String> cornerWentWrong(Trouble.Kind kind, int corner, Length amount) {
        Card card = bench.card().orElseThrow();
        try {
            Trouble trouble = new Trouble(kind, corner, amount);
            bench.append(
                    new Deed.CornerWentWrong(card.act(), trouble),
                    Cards.where(bench.told().orElseThrow().at(card), trouble));
            String part = card.act().part();
            bench.ask(desk.jobId(), act -> act.part().equals(part)
                    && isMending(act)
                    && !bench.log().isDone(act));
            Optional<String> refused =
                    desk.edit(new Edit.InPart(card.part(), new Edit.Mishap(Optional.of(trouble))));
            changed.run();
            return refused;
        } catch (Refusal outside) {
            return Optional.of(desk.said(outside));
        }
    }

    /** The wood of the pieces of the job in hand that were made again. */
    List<Supply.Taken> madeAgain() {
        return Remake.of(desk.plan().noting(bench.log())).stream().map(Remake::from).toList();
    }
}
