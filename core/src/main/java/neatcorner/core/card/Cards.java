package neatcorner.core.card;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.finish.FinishPlan;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.job.Trouble;
import neatcorner.core.joint.SquareCuts;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Safety;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.sawing.ToSaw;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.WorkLog;

/**
 * All cards of a job, in the order hands follow: the wood, what is made of it, every cut; then of each part its
 * corners, its glue-up, what is worked after that, and its finish; then what goes in, and the wall.
 */
public final class Cards {
    private final Plan plan;
    private final Deck deck;
    private final WoodCards wood;
    private final GlueCards glue;
    /** Parts that are glued and not finished. */
    private final List<Plan> unfinished = new ArrayList<>();

    private Cards(Plan plan) {
        this.plan = plan;
        this.deck = new Deck(plan);
        this.wood = new WoodCards(deck);
        this.glue = new GlueCards(deck, wood);
    }

    /** The cards of a job, by its plan; whichever of its parts that looks at. */
    public static List<Card> of(Plan plan) {
        ToSaw toSaw = plan.toSaw();
        return of(plan, toSaw, toSaw.inOrder());
    }

    /** The same with its cuts brought into one order already, by which they are made where all are made at once. */
    public static List<Card> of(Plan plan, ToSaw toSaw, Sawing sawing) {
        Cards cards = new Cards(plan);
        cards.tell(toSaw, sawing);
        return cards.deck.cards();
    }

    private void tell(ToSaw toSaw, Sawing sawing) {
        SawCards saw = new SawCards(deck, toSaw, sawing);
        FitCards fit = new FitCards(deck, glue);
        List<Plan> parts = deck.parts();
        wood.take(toSaw.sticks());
        Set<String> ready = WoodCards.ready(toSaw.sticks());
        parts.stream()
                .filter(part -> !ready.contains(part.job().section().name()))
                .forEach(part -> wood.make(part, WoodCards.Turn.STICKS));
        for (int i = 0; i < parts.size(); i++) {
            Plan part = parts.get(i);
            if (i > 0 && saw.isCut(i)) {
                glue.begin(part);
                measureBase(part);
            }
            saw.before(i);
            saw.again(i);
            wood.make(part, WoodCards.Turn.PIECES);
            atTheCorners(part);
            if (FitCards.isGrooved(part)) {
                fit.fit(part);
            }
            glue.glue(part);
            glue.mend(part, false);
            finish(part, parts.subList(i + 1, parts.size()));
        }
        Plan holder = parts.get(plan.job().holder());
        List<String> behind = glue.behind(holder);
        parts.stream()
                .filter(part -> !behind.contains(part.job().part().name()))
                .forEach(glue::attach);
        if (!FitCards.isGrooved(holder)) {
            fit.fit(holder);
        }
        parts.forEach(glue::attach);
        hang(parts.get(plan.job().carrier()));
    }

    /** The work at the corners of a part; what the saw does of it was told cut by cut. */
    private void atTheCorners(Plan part) {
        List<Safety> cautions = Deck.cautions(part, Station.CORNERS);
        part.joints().work().stream()
                .filter(step -> !SquareCuts.isSawn(step))
                .forEach(step -> deck.say(
                        part,
                        Station.CORNERS,
                        step,
                        List.of(),
                        SquareCuts.isLookedAt(step) ? List.of() : cautions,
                        Optional.empty()));
    }

    /** What a part is fitted to, as it came out. */
    private void measureBase(Plan part) {
        Plan base = deck.part(part.job().part().placement().orElseThrow().on());
        Line followed = part.assembly().followed(part.job().seen()).orElseThrow();
        for (Axis axis : Axis.values()) {
            base.frame().size(followed, axis).filter(_ -> base.frame().isFourSquare()).ifPresent(size ->
                    deck.measure(
                            base,
                            size,
                            Words.of("card.size_of", base.job().part().name(), followed, axis),
                            Words.of("card.size_how", part.job().part().name())));
        }
    }

    /** Finishes what is glued, unless strips are glued on it yet: glue does not hold on a finish. */
    private void finish(Plan part, List<Plan> later) {
        unfinished.add(part);
        boolean waits = later.stream()
                .filter(other -> other.job().isFitted())
                .flatMap(other -> other.job().part().placement().stream())
                .anyMatch(where -> unfinished.stream()
                        .anyMatch(one -> one.job().part().name().equals(where.on())));
        if (!waits) {
            unfinished.forEach(this::finish);
            unfinished.clear();
        }
    }

    private void finish(Plan part) {
        for (FinishPlan.Step step : part.finish().steps()) {
            Words what = step.coat().product().isBlank()
                    ? Words.of("card.coat_bare", step.coat().kind())
                    : Words.of("card.coat", step.coat().kind(), step.coat().product());
            Duration pause = step.coat().pause();
            deck.say(part, Station.FINISH, what, List.of(), FinishPlan.cautions(step.coat().kind()),
                    pause.isZero() ? Optional.empty() : Optional.of(pause));
        }
        glue.mend(part, true);
    }

    private void hang(Plan carrier) {
        for (Words step : carrier.hang().order()) {
            Optional<Figure<Length>> taut =
                    carrier.hang().wire().map(HangPlan.Wire::drop).filter(drop -> step.args().contains(drop));
            if (taut.isPresent()) {
                deck.measure(carrier, taut.get(), step, Words.of("card.taut_how"));
            } else {
                List<Safety> cautions = Deck.cautions(carrier, Station.HANG);
                deck.say(carrier, Station.HANG, step, List.of(), cautions, Optional.empty());
            }
        }
    }

    /** What becomes of what did not come out as planned; empty for what did, was not read, or is judged later. */
    public static Optional<Words> verdict(Plan plan, Card card) {
        if (card.act() instanceof Act.Saw sawn) {
            return new Partners(plan, plan.toSaw().sticks()).verdict(sawn);
        }
        return new Verdicts(plan, card).say();
    }

    /** The pieces that could be cut as short as one that came out so; empty where there are none, or they are cut. */
    public static Optional<Words> toShare(Plan plan, Act.Saw sawn) {
        return new Partners(plan, plan.toSaw().sticks()).toShare(sawn);
    }

    /** Which corner of a part it is that went wrong, and how. */
    public static Words where(Plan part, Trouble trouble) {
        return GlueCards.where(part, trouble);
    }

    /** How a piece would be made again if it were spoiled now; empty for what is no piece of this job. */
    public static Optional<Remake> again(Plan plan, Deed.WentWrong wrong) {
        List<Deed.WentWrong> spoilt = new ArrayList<>(plan.get(WorkLog.class).spoilt());
        spoilt.add(wrong);
        return Remake.of(plan, spoilt).stream()
                .filter(remake -> remake.wrong() == wrong)
                .findFirst();
    }
}
