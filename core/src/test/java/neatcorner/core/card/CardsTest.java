package neatcorner.core.card;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.job.PieceId;
import neatcorner.core.measure.Graduation;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.OddJobs;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Safety;
import neatcorner.core.words.Phrasebook;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import org.junit.jupiter.api.Test;

/** A plan told act by act: of odd jobs everything the plan says is on a card, once. */
class CardsTest {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.INCH_16);

    private static List<Plan> plans(int many) {
        OddJobs jobs = new OddJobs(20_261_216);
        List<Plan> plans = new ArrayList<>();
        while (plans.size() < many) {
            try {
                plans.add(Planner.plan(jobs.next(), Sample.shop()));
            } catch (Refusal impossible) {
                // Not a frame.
            }
        }
        return plans;
    }

    /** Every act is told once, in words that are there; nothing asks for more than four looks. */
    @Test
    void everyActIsTold() {
        for (Plan plan : plans(40)) {
            List<Card> cards = Cards.of(plan);
            assertThat(cards).as("%s", plan.job()).extracting(Card::act).doesNotHaveDuplicates();
            for (Card card : cards) {
                assertThat(BOOK.say(card.title())).isNotBlank();
                Stream.concat(card.says().stream(), card.checks().stream())
                        .forEach(words -> assertThat(BOOK.say(words)).isNotBlank());
            }
        }
    }

    /** Both ends of every piece are cut, each by one act or in that of its neighbour. */
    @Test
    void everyPieceGetsBothEnds() {
        for (Plan plan : plans(60)) {
            Set<String> ends = new HashSet<>();
            for (Card card : Cards.of(plan)) {
                if (card.scene() instanceof Scene.AtTheSaw(var cut, _)) {
                    var placed = cut.on().stick().placed();
                    int place = cut.on().place();
                    switch (cut.stroke()) {
                        case LEFT, PART -> ends.add(end(placed.get(place).piece(), false));
                        case RIGHT -> ends.add(end(placed.get(place).piece(), true));
                        case BOTH -> {
                            ends.add(end(placed.get(place).piece(), true));
                            ends.add(end(placed.get(place + 1).piece(), false));
                        }
                    }
                }
            }
            long pieces = plan.cuts().sticks().stream()
                    .mapToLong(stick -> stick.placed().size())
                    .sum();
            assertThat((long) ends.size()).as("%s", plan.job()).isEqualTo(2 * pieces);
        }
    }

    private static String end(neatcorner.core.cut.Piece piece, boolean right) {
        PieceId id = piece.id();
        return piece.job() + id + right;
    }

    /** The stations follow one another within a part, a caution of the saw stands on no other card, and on every cut. */
    @Test
    void cautionsStandWhereTheyBelong() {
        for (Plan plan : plans(40)) {
            for (Card card : Cards.of(plan)) {
                boolean sawn = card.act() instanceof Act.Saw;
                assertThat(card.cautions().contains(Safety.SAW)).isEqualTo(sawn);
                if (card.act().station() == Station.HANG) {
                    assertThat(card.cautions()).contains(Safety.WALL);
                }
            }
        }
    }
}
