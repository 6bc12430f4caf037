package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.cut.Booking;
import neatcorner.core.cut.Keeper;
import neatcorner.core.job.Cutting;
import neatcorner.core.measure.Length;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.RackItem;
import neatcorner.core.shop.Shop;

/** What milling does to the rack. */
public final class BoardBooking {
    private BoardBooking() {
    }

    /** All boards, milled to blanks: what is left of them and large enough stays a board. */
    public static Booking of(Milling milling, Shop shop) {
        return of(milling, milling.sawn(), shop);
    }

    /**
     * Only some of the boards; the strips that are not there yet stay wanted.
     *
     * @param boards that go together, see {@link Milling#with}
     */
    public static Booking of(Milling milling, List<Milling.Sawn> boards, Shop shop) {
        Keeper keeper = new Keeper(shop, "B");
        for (Milling.Sawn sawn : boards) {
            Board board = sawn.board();
            if (!board.forSale()) {
                keeper.take(board.label());
            }
            List<RackItem> left = new ArrayList<>();
            for (Milling.Rest rest : sawn.rests()) {
                left.add(keeper.keep(label -> kept(board, rest).paid(label)));
            }
            Keeper.byJob(sawn.blanks().toList(), blank -> blank.wanted().job())
                    .forEach((job, of) -> keeper.enter(
                            job,
                            new Cutting.Made(
                                    Cutting.Stuff.BOARD,
                                    board.label(),
                                    "",
                                    board.length(),
                                    board.width(),
                                    of.stream()
                                            .map(blank -> blank.wanted().piece().toString())
                                            .distinct()
                                            .collect(Collectors.joining(", ")),
                                    Keeper.labels(left),
                                    Length.ZERO,
                                    of.stream()
                                            .map(blank -> blank.wanted().strip())
                                            .distinct()
                                            .toList())));
        }
        Set<String> open = Stream.concat(
                        milling.missing().stream().map(Milling.Missing::wanted),
                        milling.sawn().stream()
                                .filter(sawn -> !boards.contains(sawn))
                                .flatMap(Milling.Sawn::blanks)
                                .map(Milling.Blank::wanted))
                .map(Wanted::job)
                .collect(Collectors.toUnmodifiableSet());
        return keeper.booking(boards.size(), open);
    }

    private static Board kept(Board board, Milling.Rest rest) {
        Board part = board.part(rest.x(), rest.y(), rest.length(), rest.width());
        Board.Surface surface = switch (rest.place()) {
            case END, BESIDE -> board.condition().surface();
            case BEHIND -> Board.Surface.ROUGH;
            case STRIP -> Board.Surface.PLANED;
        };
        return part.withSize(rest.length(), rest.width(), rest.thick())
                .withCondition(part.condition().withSurface(surface));
    }
}
