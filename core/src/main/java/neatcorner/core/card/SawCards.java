package neatcorner.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Piece;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Safety;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.sawing.Stroke;
import neatcorner.core.sawing.ToSaw;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.WorkLog;

/** The cuts across the sticks. */
final class SawCards {
    private final Deck deck;
    private final ToSaw toSaw;
    private final Waves waves;
    private final Spare spare;
    private final Partners partners;
    private final WorkLog log;
    /** The name of the part by the name its pieces carry. */
    private final Map<String, String> parts;
    private final List<Remake> remakes;

    SawCards(Deck deck, ToSaw toSaw, Sawing sawing) {
        this.deck = deck;
        this.toSaw = toSaw;
        this.spare = new Spare(deck.plan());
        this.waves = Waves.of(deck.plan(), spare, toSaw, sawing);
        this.partners = new Partners(deck.plan(), toSaw.sticks());
        this.log = deck.plan().get(WorkLog.class);
        this.parts = Lots.parts(Lots.orders(deck.plan().assembly()));
        this.remakes = Remake.of(deck.plan());
    }

    /** Whether anything is cut before a part is joined, from 0, and after those before it are. */
    boolean isCut(int part) {
        return !waves.of(part).isEmpty();
    }

    /** The cuts that come to the saw before a part is joined. */
    void before(int part) {
        for (SawCut cut : waves.of(part)) {
            Act.Saw act = act(cut, 0);
            boolean alone = cut.stroke() == Stroke.LEFT || cut.stroke() == Stroke.RIGHT;
            boolean spoilt = remakes.stream()
                    .map(remake -> remake.wrong().act())
                    .anyMatch(wrong -> wrong.piece().equals(act.piece())
                            && wrong.part().equals(act.part()));
            // What only a piece that is spoiled would get from it is not cut any more.
            if (!(spoilt && alone) || log.isDone(act)) {
                deck.add(card(act, cut.title(), cut, spare.of(cut, part), toSaw.kerf()));
            }
        }
    }

    /** The cuts of pieces that were spoiled, once more, after those that come before a part is joined. */
    void again(int part) {
        for (Remake remake : remakes) {
            if (waves.turn(deck.plan().job().indexOf(remake.wrong().act().part())) != part) {
                continue;
            }
            ToSaw again = new ToSaw(List.of(remake.from().layout()), toSaw.habits(), toSaw.machines());
            for (SawCut once : again.inOrder().cuts()) {
                SawCut cut = once.onStick(remake.from().number());
                Act.Saw act = act(cut, remake.again());
                if (!remake.isSpoilt(remakes) || log.isDone(act)) {
                    Words title = Words.of("card.again", cut.title());
                    deck.add(card(act, title, cut, Optional.of(remake.words()), toSaw.kerf()));
                }
            }
        }
    }

    private Act.Saw act(SawCut cut, int again) {
        Piece piece = cut.on().placed().piece();
        return new Act.Saw(
                parts.getOrDefault(piece.job(), piece.job()),
                piece.id(),
                cut.stroke() == Stroke.RIGHT || cut.stroke() == Stroke.BOTH,
                again);
    }

    private Card card(Act.Saw act, Words title, SawCut planned, Optional<Words> from, Length kerf) {
        Length less = planned.stroke().makesLength() ? partners.less(act) : Length.ZERO;
        SawCut cut = planned.lessBy(less);
        List<Words> says = new ArrayList<>(settings(cut));
        from.ifPresent(says::add);
        if (less.isPositive()) {
            says.add(Words.of("card.to_partner", less));
        }
        Set<Safety> always = Set.of(Safety.SAW, Safety.METAL);
        Set<Safety> clamped = Set.of(Safety.SAW, Safety.METAL, Safety.SHORT_PIECE);
        return new Card(
                act,
                deck.plan().job().indexOf(act.part()),
                title,
                Optional.of(Deck.plain(cut.measure().length())),
                says,
                cut.checks().stream().limit(Card.MOST_CHECKS).toList(),
                Deck.cautions(deck.part(act.part()), Station.CUTS, cut.held().clamped() ? clamped : always),
                Optional.empty(),
                new Scene.AtTheSaw(cut, kerf, less));
    }

    private static List<Words> settings(SawCut cut) {
        List<Words> says = new ArrayList<>(List.of(cut.measure().words(), cut.setting().words()));
        if (cut.anew().setting() || cut.anew().stop()) {
            says.add(Words.of(
                    !cut.anew().stop() ? "card.set_saw" : !cut.anew().setting() ? "card.set_stop" : "card.set_both"));
        }
        cut.checks().stream().skip(Card.MOST_CHECKS).forEach(says::add);
        cut.remains().ifPresent(rest -> says.add(Words.of("card.rest", rest)));
        return says;
    }
}
