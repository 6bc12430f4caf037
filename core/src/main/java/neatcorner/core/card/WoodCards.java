package neatcorner.core.card;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.making.MakingStep;
import neatcorner.core.making.Tool;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Safety;
import neatcorner.core.section.SectionKey;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;

/** The wood that is taken up, and what is made of it. */
final class WoodCards {
    /** What a moulding is listed by. */
    private static final List<SectionKey> LISTED =
            List.of(SectionKey.FACE, SectionKey.THICKNESS, SectionKey.LIP, SectionKey.RABBET_DEPTH);
    private final Deck deck;

    WoodCards(Deck deck) {
        this.deck = deck;
    }

    /** On what a section is worked. */
    enum Turn {
        STICKS,
        PIECES,
        JOINED;

        static Turn of(MakingStep step) {
            if (step.tool() != Tool.HAND_ROUTER) {
                return STICKS;
            }
            return step.how().stream().anyMatch(how -> how.key().equals("making.edge.pieces")) ? PIECES : JOINED;
        }
    }

    void take(List<StickLayout> sticks) {
        if (sticks.isEmpty()) {
            return;
        }
        Map<List<Object>, List<StickLayout>> alike = new LinkedHashMap<>();
        sticks.forEach(stick -> alike.computeIfAbsent(
                        List.of(stick.section().name(), stick.length(), stick.source().said()), _ -> new ArrayList<>())
                .add(stick));
        List<Words> lines = alike.values().stream()
                .map(these -> Words.of(
                        "card.take_line",
                        these.size(),
                        these.getFirst().length(),
                        these.getFirst().section().name(),
                        these.getFirst().source().said()))
                .toList();
        deck.add(new Card(
                deck.step(deck.parts().getFirst(), Station.CUTS, "card.take"),
                0,
                Words.of("card.take"),
                Optional.empty(),
                lines,
                List.of(Words.of("card.take_check")),
                List.of(),
                Optional.empty(),
                new Scene.OnTheRack(),
                readable(ready(sticks))));
    }

    /** The sizes of mouldings that nobody makes: what is sold or kept is not always as wide as it is listed. */
    private List<Card.Readable> readable(Set<String> ready) {
        List<Card.Readable> reads = new ArrayList<>();
        for (String name : ready.stream().sorted().toList()) {
            deck.parts().stream()
                    .filter(part -> part.job().section().name().equals(name))
                    .findFirst()
                    .ifPresent(part -> Deck.readable(part, LISTED).forEach(one -> reads.add(new Card.Readable(
                            one.act(),
                            ready.size() > 1 ? Words.of("card.of_moulding", name, one.name()) : one.name(),
                            one.planned()))));
        }
        return reads;
    }

    /** Mouldings of which every stick lies there as it is sold: nobody makes them. */
    static Set<String> ready(List<StickLayout> sticks) {
        Map<String, Boolean> all = new HashMap<>();
        sticks.forEach(stick -> all.merge(stick.section().name(), !stick.bought(), Boolean::logicalAnd));
        return all.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    /** What is done to the section at its turn. */
    void make(Plan part, Turn turn) {
        for (MakingStep step : part.making().steps()) {
            if (Turn.of(step) != turn) {
                continue;
            }
            List<Words> says = new ArrayList<>();
            step.fence().ifPresent(fence -> says.add(Words.of("card.fence", fence)));
            step.height().ifPresent(height -> says.add(Words.of("card.height", height)));
            if (step.passes().size() > 1) {
                says.add(Words.of("card.passes", step.passes().size()));
            }
            List<Words> how = step.how();
            says.addAll(how.subList(Math.min(Card.MOST_CHECKS, how.size()), how.size()));
            Optional<Figure<?>> set = step.fence().or(step::height).map(one -> one);
            deck.add(new Card(
                    deck.step(part, Station.SECTION, step.what().key()),
                    part.job().seen(),
                    step.what(),
                    set.or(() -> Deck.number(step.what())),
                    says,
                    how.subList(0, Math.min(Card.MOST_CHECKS, how.size())),
                    Deck.cautions(part, Station.SECTION, belonging(step.tool())),
                    Optional.empty(),
                    new Scene.InTheMachine(step),
                    Deck.readable(part, step.sizes())));
        }
    }

    static Set<Safety> belonging(Tool tool) {
        return switch (tool) {
            case TABLE_SAW, DADO -> Set.of(Safety.RIPPING, Safety.SHEETS, Safety.BOARD_DUST);
            case ROUTER_TABLE, HAND_ROUTER -> Set.of(Safety.ROUTER, Safety.BOARD_DUST);
            case PLANER -> Set.of(Safety.RIPPING, Safety.BOARD_DUST);
            case HAND_PLANE, GLUE -> Set.of();
        };
    }
}
