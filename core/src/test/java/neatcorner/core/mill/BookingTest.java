package neatcorner.core.mill;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.cut.Booking;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.SheetLot;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Cutting;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Rack;
import neatcorner.core.rack.RackItem;
import neatcorner.core.rack.Sheet;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.sheet.SheetProblem;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Envelope;

/** What goes off the rack and what comes on it: nothing is made from nothing, and nothing worth keeping is lost. */
class BookingTest {
    private static Lots.Order order(Job job, Shop shop) {
        return new Lots.Order("job", Frame.of(job, shop).result());
    }

    private static Envelope area(Length x, Length y, Length width, Length height) {
        return new Envelope(x.toMm(), x.plus(width).toMm(), y.toMm(), y.plus(height).toMm());
    }

    /**
     * The parts of a board that stay boards lie on it, clear of all that was taken and of each other, with the knots
     * that lie in them.
     */
    @Property(tries = 40, seed = Seed.FIXED)
    void restsOfABoardAreBoardsOfTheirOwn(@ForAll @IntRange(min = 0, max = 1_000_000) int seed) {
        Random random = new Random(seed);
        Board board = new Board(
                "B-3",
                Sample.plain().species(),
                in("" + (60 + random.nextInt(60))),
                in("" + (6 + random.nextInt(4))),
                in("1 1/8"),
                Optional.empty(),
                "",
                List.of(new Board.Defect(
                        Board.Kind.KNOT,
                        in("" + random.nextInt(56)),
                        in("" + random.nextInt(4)),
                        in("2"),
                        in("1 3/4"))),
                Optional.empty(),
                "bay 2",
                Board.Condition.ROUGH);
        Shop shop = Sample.shop().withRack(new Rack(List.of(board)));
        Milling milling = Milling.of(List.of(order(Sample.job("8", "10"), shop)), shop, Answers.NONE);
        Booking booking = BoardBooking.of(milling, shop);
        List<RackItem> rack = booking.edit().apply(shop).rack().items();
        if (milling.sawn().isEmpty()) {
            assertThat(rack).containsExactly(board);
            return;
        }
        assertThat(rack).isEqualTo(booking.kept()).noneMatch(item -> item.label().equals("B-3"));
        Milling.Sawn sawn = milling.sawn().getFirst();
        List<Milling.Rest> stays = sawn.rests();
        assertThat(booking.kept()).hasSameSizeAs(stays);
        for (int i = 0; i < stays.size(); i++) {
            Milling.Rest stay = stays.get(i);
            Board kept = (Board) booking.kept().get(i);
            assertThat(kept.label()).isEqualTo("B-" + (4 + i));
            assertThat(kept.shelf()).isEqualTo("bay 2");
            Envelope here = area(stay.x(), stay.y(), kept.length(), kept.width());
            assertThat(area(Length.ZERO, Length.ZERO, board.length(), board.width()).covers(here)).isTrue();
            Board.Defect knot = board.defects().getFirst();
            assertThat(kept.defects().isEmpty())
                    .isEqualTo(!(area(knot.x(), knot.y(), knot.length(), knot.width())
                                    .intersection(here)
                                    .getArea()
                            > 0));
        }
        List<Cutting.Made> made = booking.made().get("job");
        assertThat(made)
                .singleElement()
                .satisfies(m -> assertThat(m.pieces().split(", ")).hasSize(4 - milling.missing().size()));
    }

    private static Sheet sheet(String label, Material material, int count, boolean forSale) {
        return new Sheet(
                label,
                material,
                in("40"),
                in("32"),
                Length.mm(2),
                count,
                forSale,
                Sheet.Grain.NONE,
                "white",
                Optional.empty(),
                "");
    }

    private static double area(RackItem item) {
        return item instanceof Sheet sheet ? sheet.width().toMm() * sheet.height().toMm() * sheet.count() : 0;
    }

    /**
     * Two frames with a mat: the sheets that were cut are gone, the holes of the mats and the rests are kept, and area
     * only gets less by the panes and by waste.
     */
    @Test
    void sheetsGoAndRestsAndHolesOfMatsCome() {
        Job job = Sample.matted("3", "3", "3").withQuantity(2);
        List<Sheet> sheets = Arrays.stream(Material.values())
                .map(m -> sheet("S-" + (m.ordinal() + 1), m, m.ordinal() % 4, m.ordinal() % 4 < 2))
                .toList();
        Shop shop = Sample.shop().withRack(Rack.EMPTY.with(sheets));
        List<SheetLot> lots = SheetLot.of(List.of(order(job, shop)), shop, Answers.NONE);
        assertThat(lots).isNotEmpty();
        Booking booking = Booking.ofSheets(lots, shop, in("4"));
        Rack after = booking.edit().apply(shop).rack();
        for (SheetLot lot : lots) {
            double panes = lot.problem().orElseThrow().paneArea();
            double bought = lot.answer().orElseThrow().sheets().stream()
                            .filter(lot::isBought)
                            .count()
                    * in("40").toMm()
                    * in("32").toMm();
            double before = shop.rack().items().stream()
                    .filter(i -> ((Sheet) i).material() == lot.material())
                    .mapToDouble(BookingTest::area)
                    .sum();
            double now = after.items().stream()
                    .filter(i -> ((Sheet) i).material() == lot.material())
                    .mapToDouble(BookingTest::area)
                    .sum();
            double holes = lot.sheets().stream().filter(Optional::isEmpty).count() == 0
                    ? 0
                    : lot.problem().orElseThrow().stock().stream()
                            .filter(s -> lot.sheets()
                                    .get(lot.problem().orElseThrow().stock().indexOf(s))
                                    .isEmpty())
                            .mapToDouble(s -> s.width().toMm()
                                    * s.height().toMm()
                                    * s.count().orElse(0))
                            .sum();
            assertThat(now).as("%s", lot.material()).isLessThanOrEqualTo(before + bought + holes - panes + 1e-6);
        }
        assertThat(sheets)
                .filteredOn(Sheet::forSale)
                .as("what is for sale stays on the list")
                .allMatch(s -> after.item(s.label()).isPresent());
        assertThat(booking.kept())
                .filteredOn(i -> ((Sheet) i).material().role() == Material.Role.MAT
                        && ((Sheet) i).width().isUnder(in("20")))
                .as("holes of mats")
                .isNotEmpty();
        assertThat(booking.kept())
                .extracting(RackItem::label)
                .doesNotHaveDuplicates()
                .allMatch(label -> label.matches("S-\\d+"))
                .doesNotContainAnyElementsOf(sheets.stream().map(Sheet::label).toList());
        List<Cutting.Made> made = booking.made().get("job");
        int panes = lots.stream()
                .flatMap(l -> l.problem().stream())
                .flatMap(p -> p.panes().stream())
                .mapToInt(SheetProblem.Pane::count)
                .sum();
        assertThat(made.stream().mapToInt(m -> Integer.parseInt(m.pieces())).sum()).isEqualTo(panes);
        Cutting cutting = Cutting.FREE.withMade(true, made);
        assertThat(cutting.isSheetsMade()).isTrue();
        assertThat(cutting.isMade()).as("the members are not cut by that").isFalse();
    }
}
