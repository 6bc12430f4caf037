package neatcorner.app.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.mill.Milling;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Board;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import org.junit.jupiter.api.Test;

/** Strips are laid aside, one thing after another; what was laid before stands until then. */
class BoardDeskTest {
    private final Deque<Runnable> aside = new ArrayDeque<>();
    private final List<Milling> handed = new ArrayList<>();
    private final BoardDesk boards = new BoardDesk(aside::add, Runnable::run, Answers.NONE);
    private final Shop shop = Demo.shop().value();

    private BoardDesk.Wish wish(int quantity) {
        Plan plan = Planner.plan(new Edit.Quantity(quantity).apply(Demo.jobs().get(2).value()), shop);
        return new BoardDesk.Wish("job", plan, shop);
    }

    private Milling asked(BoardDesk.Wish wish) {
        return boards.milling(wish, (_, laid) -> handed.add(laid));
    }

    private void work() {
        while (!aside.isEmpty()) {
            aside.remove().run();
        }
    }

    private static long blanks(Milling milling) {
        return milling.sawn().stream().mapToLong(sawn -> sawn.blanks().count()).sum();
    }

    @Test
    void whatWasLaidStandsUntilTheNextIs() {
        BoardDesk.Wish one = wish(1);
        assertThat(asked(one)).isEqualTo(Milling.NONE);
        assertThat(boards.isLaying()).isTrue();
        assertThat(asked(one)).as("asked for twice, laid once").isEqualTo(Milling.NONE);
        assertThat(aside).hasSize(1);
        work();
        assertThat(boards.isLaying()).isFalse();
        assertThat(handed).hasSize(1);
        assertThat(blanks(asked(one))).isEqualTo(4);

        BoardDesk.Wish two = wish(2);
        assertThat(blanks(asked(two))).as("as it was before the edit").isEqualTo(4);
        assertThat(blanks(boards.now(two))).as("what is booked is never of before").isEqualTo(8);
        work();
        assertThat(blanks(asked(two))).isEqualTo(8);
        assertThat(asked(new BoardDesk.Wish("other", two.plan(), shop)))
                .as("another job shows nothing of this one")
                .isEqualTo(Milling.NONE);
    }

    @Test
    void ofSeveralThatWaitOnlyTheLastIsLaid() {
        asked(wish(1));
        asked(wish(2));
        BoardDesk.Wish last = wish(3);
        asked(last);
        work();
        assertThat(handed).extracting(BoardDeskTest::blanks).containsExactly(4L, 12L);
        boards.stale();
        asked(last);
        work();
        assertThat(handed).as("laid anew once better answers are known").hasSize(3);
    }

    /** A defect that is dragged is tried beside what is laid: neither takes the other's place. */
    @Test
    void trialsWaitInALaneOfTheirOwn() {
        BoardDesk.Wish wish = wish(1);
        List<Milling> tried = new ArrayList<>();
        boards.trial(wish, tried::add);
        asked(wish);
        Board board = (Board) shop.rack().item("B-5").orElseThrow();
        Shop without = new ShopEdit.Unshelve(List.of(board.label())).apply(shop);
        boards.trial(new BoardDesk.Wish("job", wish.plan(), without), tried::add);
        work();
        assertThat(handed).hasSize(1);
        assertThat(tried).hasSize(2);
        assertThat(tried.getFirst().boards()).contains(board);
        assertThat(tried.getLast().boards()).doesNotContain(board);
    }
}
