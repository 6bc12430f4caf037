package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Sheet;
import neatcorner.core.section.Section;
import neatcorner.core.section.Strip;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;

/** What is sawn from sheets of what sides are made of, and from which sheets. */
public final class SheetPieces {
    /** Where the rack has none, sheets are taken to be so large. Common practice, no source. */
    private static final Length USUAL = Length.mm(2_440);
    private static final Length USUAL_WIDE = Length.mm(1_220);
    /** No sheet is sold thicker. Common practice, no source. */
    private static final Length THICKEST = Length.mm(40);
    /** A sheet so much thicker or thinner is the same to a frame maker, nominal sizes being what they are. */
    private static final Length AS_THICK = Length.mm(0.8);

    private SheetPieces() {
    }

    /** Whether this side is itself sawn from a sheet. */
    static boolean isOne(Member member) {
        Section stock = member.stock();
        return stock.strips().size() == 1
                && stock.band().isEmpty()
                && Material.of(stock.species()).isPresent();
    }

    /** Those of one frame of an order; of a moulding that the shop keeps nothing is made. */
    public static List<SheetPiece> of(Lots.Order order, Shop shop) {
        List<SheetPiece> pieces = new ArrayList<>();
        List<Member> members = order.frame().pieces().toList();
        for (int place = 0; place < members.size(); place++) {
            Member member = members.get(place);
            List<Strip> sheets = member.stock().strips().stream()
                    .filter(strip -> Material.of(strip.species()).isPresent())
                    .toList();
            boolean whole = isOne(member);
            if (!sheets.isEmpty() && (whole || shop.stockFor(member.stock()).isEmpty())) {
                for (Strip strip : sheets) {
                    pieces.addAll(parts(order, member, place, strip, whole, shop));
                }
            }
        }
        return List.copyOf(pieces);
    }

    /** A side longer than any sheet is joined from several; a strip that is glued to others is sawn over-long. */
    private static List<SheetPiece> parts(
            Lots.Order order, Member member, int place, Strip strip, boolean whole, Shop shop) {
        Length over = whole ? Length.ZERO : order.frame().habits().get(Habit.OVER_LENGTH);
        Length longest = longest(strip, shop).minus(over);
        Optional<List<Scarf>> joined = member.overall().isOver(longest) && !order.frame().isSolid()
                ? Scarf.parts(member, longest, place)
                : Optional.empty();
        return joined.map(scarfs -> scarfs.stream().map(Optional::of))
                .orElseGet(() -> Stream.of(Optional.empty()))
                .map(scarf -> new Piece(order.name(), member, 1, scarf))
                .map(piece -> new SheetPiece(piece, strip, piece.length().plus(over), whole))
                .toList();
    }

    /** Sheets of the rack or for sale that are of this material and as thick. */
    static List<Sheet> sheets(Material material, Length thickness, Shop shop) {
        return shop.rack().all(Sheet.class).stream()
                .filter(sheet -> sheet.material() == material
                        && isAsThick(sheet.thickness(), thickness)
                        && (sheet.count() > 0 || sheet.forSale()))
                .toList();
    }

    /** Whether a sheet of the rack, or one that is for sale, gives this piece. */
    static boolean isHad(SheetPiece piece, Shop shop) {
        return sheets(piece.material(), piece.strip().sheetThickness(), shop).stream()
                .anyMatch(sheet -> holds(sheet, piece));
    }

    /** The sheet one usually buys for this piece, under a label; empty where that is not enough. */
    static Optional<Sheet> usual(SheetPiece piece, String label) {
        if (piece.strip().sheetThickness().isOver(THICKEST)) {
            return Optional.empty();
        }
        Sheet sheet = new Sheet(
                label,
                piece.material(),
                USUAL,
                USUAL_WIDE,
                piece.strip().sheetThickness(),
                0,
                true,
                Sheet.Grain.NONE,
                "",
                Optional.empty(),
                "");
        return Optional.of(sheet).filter(_ -> holds(sheet, piece));
    }

    private static boolean holds(Sheet sheet, SheetPiece piece) {
        Length wide = piece.strip().sheetWidth();
        Length lengthwise = sheet.grain() == Sheet.Grain.UPRIGHT ? sheet.height() : sheet.width();
        Length crosswise = sheet.grain() == Sheet.Grain.UPRIGHT ? sheet.width() : sheet.height();
        return fits(piece.length(), wide, lengthwise, crosswise)
                || sheet.grain() == Sheet.Grain.NONE && fits(piece.length(), wide, crosswise, lengthwise);
    }

    private static boolean fits(Length along, Length across, Length lengthwise, Length crosswise) {
        return !along.isOver(lengthwise) && !across.isOver(crosswise);
    }

    static boolean isAsThick(Length one, Length other) {
        return !one.minus(other).abs().isOver(AS_THICK);
    }

    private static Length longest(Strip strip, Shop shop) {
        return sheets(Material.of(strip.species()).orElseThrow(), strip.sheetThickness(), shop).stream()
                .map(sheet -> sheet.width().max(sheet.height()))
                .max(Comparator.naturalOrder())
                .orElse(USUAL);
    }
}
