package neatcorner.core.sawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.Sample;
import neatcorner.core.cut.Lots;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Length;
import neatcorner.core.mill.Milling;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Rack;
import neatcorner.core.rack.RackItem;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.words.Phrasebook;
import org.junit.jupiter.api.Test;

/** One setting, all strips. */
class StripsTest {
    private static final Phrasebook BOOK = new Phrasebook(Graduation.INCH_16);

    private static Board board(String label) {
        return new Board(
                label,
                Sample.plain().species(),
                Length.inches(60),
                Length.inches(3),
                Length.inches(1, 1, 2),
                Optional.empty(),
                "",
                List.of(),
                Optional.empty(),
                "",
                Board.Condition.ROUGH);
    }

    private static StripOrder of(Job... jobs) {
        Shop shop = Sample.shop().withRack(new Rack(List.<RackItem>of(board("B-1"), board("B-2"), board("B-3"))));
        List<Lots.Order> orders = IntStream.range(0, jobs.length)
                .mapToObj(i -> new Lots.Order("job " + i, Frame.of(jobs[i], shop).result()))
                .toList();
        return new Strips(Milling.of(orders, shop, Answers.NONE), orders, shop.habits()).inOrder();
    }

    private static List<String> said(StripOrder order) {
        return order.turns().stream().map(turn -> BOOK.say(turn.what())).toList();
    }

    @Test
    void twoJobsOfOneSectionShareEverySetting() {
        Job one = Sample.job("8", "10");
        Job other = Sample.job("11", "14");
        List<String> alone = said(of(one));
        StripOrder both = of(one, other);
        List<String> together = said(both);
        List<String> settings = alone.stream().filter(what -> !what.startsWith("Blanks")).distinct().toList();
        assertThat(settings).isNotEmpty();
        assertThat(together.stream().filter(what -> !what.startsWith("Blanks")).distinct()).containsAll(settings);
        assertThat(together.stream().filter(what -> what.startsWith("Rip fence"))).doesNotHaveDuplicates();
        assertThat(together.stream().filter(what -> what.contains("rabbet"))).hasSize(1);
        StripOrder.Turn rabbet = both.turns().stream()
                .filter(turn -> BOOK.say(turn.what()).contains("rabbet"))
                .findFirst()
                .orElseThrow();
        assertThat(rabbet.on().stream().map(BOOK::say)).containsExactly("job 0: 4 strips", "job 1: 4 strips");
        assertThat(rabbet.caution()).isPresent();
        assertThat(both.changes()).isLessThan(both.plainly());
        assertThat(both.changes()).isGreaterThanOrEqualTo(both.bound());
    }

    @Test
    void withoutBoardsNothingIsSet() {
        Shop shop = Sample.shop();
        List<Lots.Order> orders =
                List.of(new Lots.Order("job", Frame.of(Sample.job("8", "10"), shop).result()));
        assertThat(new Strips(Milling.of(orders, shop, Answers.NONE), orders, shop.habits()).inOrder())
                .isEqualTo(StripOrder.NOTHING);
    }
}
