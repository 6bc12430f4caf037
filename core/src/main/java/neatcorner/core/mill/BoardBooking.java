package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.List;
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

    /** Boards, milled to blanks: what is left of them and large enough stays a board. */
    public static Booking of(Milling milling, Shop shop) {
        Keeper keeper = new Keeper(shop, "B");
        for (Board board : milling.boards()) {
            keeper.take(board.label());
            List<RackItem> left = new ArrayList<>();
            for (Milling.Area area : milling.stays().getOrDefault(board.label(), List.of())) {
                left.add(keeper.keep(label -> board.part(area.x(), area.y(), area.length(), area.width()).paid(label)));
            }
            Stream<Milling.Blank> blanks = milling.parts().stream()
                    .filter(sawn -> sawn.board().equals(board))
                    .flatMap(sawn -> sawn.rips().stream())
                    .flatMap(rip -> rip.blanks().stream());
            Keeper.byJob(blanks.toList(), Milling.Blank::job)
                    .forEach((job, of) -> keeper.enter(
                            job,
                            new Cutting.Made(
                                    Cutting.Stuff.BOARD,
                                    board.label(),
                                    "",
                                    board.length(),
                                    board.width(),
                                    of.stream()
                                            .map(blank -> blank.piece().toString())
                                            .collect(Collectors.joining(", ")),
                                    Keeper.labels(left),
                                    Length.ZERO)));
        }
        return keeper.booking(milling.boards().size());
    }
}
