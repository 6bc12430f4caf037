package neatcorner.core.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Edit;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Moulding;
import neatcorner.core.job.Shop;
import neatcorner.core.job.ShopEdit;
import neatcorner.core.job.Station;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.measure.Share;
import neatcorner.core.outline.Line;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Words;

/** Lays a job's pieces on the shop's sticks. */
public final class CutPlanner {
    private final Frame frame;
    private final Shop shop;
    private final Ledger ledger;
    private final Length gap;
    private final Length trim;

    private CutPlanner(Frame frame, Shop shop, Ledger ledger) {
        this.frame = frame;
        this.shop = shop;
        this.ledger = ledger;
        this.gap = frame.kerfBetweenPieces();
        this.trim = frame.habits().get(Habit.END_TRIM);
    }

    /** The cut plan, with its figures and findings entered. */
    public static CutPlan plan(Frame frame, Shop shop, Ledger ledger) {
        return new CutPlanner(frame, shop, ledger).plan();
    }

    private CutPlan plan() {
        ledger.warn(Safety.SAW);
        ledger.enter(Station.CUTS, Figure.formula("stick.gap").with("kerf", frame.habits().get(Habit.KERF))
                .note("slanted_kerf").rounded(Rounding.UP).gives(gap));
        findShortPieces();
        if (!frame.isSolid()) {
            findUnequalMitres();
        }
        if (frame.habits().get(Habit.KERF).isZero()) {
            ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "no_kerf")
                    .remedy(new Remedy.OnShop(Words.of("remedy.kerf", Habit.KERF.usual()),
                            new ShopEdit.SetHabit(Habit.KERF, Habit.KERF.usual()))));
        }
        Map<Section, List<Piece>> groups = new LinkedHashMap<>();
        for (Member member : frame.pieces().toList()) {
            for (int n = 1; n <= frame.job().quantity(); n++) {
                groups.computeIfAbsent(member.stock(), _ -> new ArrayList<>()).add(new Piece(member, n));
            }
        }
        List<StickLayout> sticks = new ArrayList<>();
        boolean complete = true;
        for (Map.Entry<Section, List<Piece>> group : groups.entrySet()) {
            List<StickLayout> laid = lay(group.getKey(), group.getValue());
            complete &= !laid.isEmpty();
            sticks.addAll(laid);
        }
        if (!complete) {
            sticks.clear();
        }
        Map<Length, Integer> toBuy = new TreeMap<>();
        sticks.stream().filter(StickLayout::bought).forEach(stick -> toBuy.merge(stick.length(), 1, Integer::sum));
        findToBuy(sticks);
        return new CutPlan(List.copyOf(sticks), toBuy, complete ? Optional.of(waste(sticks)) : Optional.empty(),
                complete ? Optional.of(wasteShare(sticks)) : Optional.empty(), biggest());
    }

    private Moulding stock(Section section) {
        return shop.stockFor(section).orElseGet(() -> new Moulding(section, shop.mouldings().stream()
                .filter(m -> m.section().name().equals(section.name())).map(Moulding::sold)
                .findFirst().orElse(Moulding.USUALLY_SOLD), List.of()));
    }

    private List<StickLayout> lay(Section section, List<Piece> pieces) {
        Moulding stock = stock(section);
        List<StickPacking.Stick> rack = stock.onHand().stream()
                .flatMap(s -> Stream.generate(() -> stick(s.length(), false)).limit(Math.min(s.count(), pieces.size()))).toList();
        List<StickPacking.Stick> forSale = stock.sold().stream().map(length -> stick(length, true)).toList();
        long[] lengths = pieces.stream().mapToLong(p -> p.member().overall().nanometres()).toArray();
        Optional<List<StickPacking.Filled>> packed = new StickPacking(lengths, gap.nanometres(), rack, forSale).pack();
        if (packed.isEmpty()) {
            findTooLong(section, pieces, stock);
            return List.of();
        }
        return packed.get().stream().map(filled -> layout(section, filled, pieces)).toList();
    }

    private StickPacking.Stick stick(Length length, boolean bought) {
        return new StickPacking.Stick(length.minus(trim.times(2)).nanometres(), length.nanometres(), bought);
    }

    private StickLayout layout(Section section, StickPacking.Filled filled, List<Piece> pieces) {
        List<StickLayout.Placed> placed = new ArrayList<>();
        Length at = trim;
        for (int index : filled.pieces()) {
            StickLayout.Placed next = new StickLayout.Placed(pieces.get(index), at);
            placed.add(next);
            at = next.end().plus(gap);
        }
        Length full = new Length(filled.stick().full());
        Length remnant = full.minus(trim).minus(placed.getLast().end().plus(gap)).max(Length.ZERO);
        return new StickLayout(section, full, filled.stick().bought(), List.copyOf(placed), remnant);
    }

    /** Remnants that two hands can hold clear of the blade are stock, not waste. */
    private boolean isUseful(Length remnant) {
        return !remnant.isUnder(frame.habits().get(Habit.SAFE_HOLD).times(2));
    }

    private Figure<Length> waste(List<StickLayout> sticks) {
        Length used = Length.sum(sticks.stream().map(StickLayout::length).toList());
        Length kept = Length.sum(sticks.stream().map(StickLayout::remnant).filter(this::isUseful).toList());
        Length pieces = Length.sum(sticks.stream().flatMap(s -> s.placed().stream())
                .map(p -> p.piece().member().overall()).toList());
        return ledger.enter(Station.CUTS, Figure.sum("stick.waste").start("sticks_used", used)
                .minus("pieces", pieces).minus("useful_remnants", kept, frame.habits().get(Habit.SAFE_HOLD).times(2))
                .rounded(Rounding.UP).note("waste").result());
    }

    private Figure<Share> wasteShare(List<StickLayout> sticks) {
        Length used = Length.sum(sticks.stream().map(StickLayout::length).toList());
        Length waste = (Length) ledger.figures().get("stick.waste").value();
        ledger.enter(Station.CUTS, Figure.formula("stick.count").gives(new Count(sticks.size())));
        return ledger.enter(Station.CUTS, Figure.formula("stick.waste_share").with("waste", waste)
                .with("sticks_used", used).gives(new Share(waste.ratio(used))));
    }

    /**
     * All straight members of the common section lie on one stick: each is its sight edge times the scale
     * k of the opening, plus what its mitres add, plus a gap between neighbours; solved for k.
     */
    private Optional<CutPlan.Biggest> biggest() {
        if (frame.job().outline().isCurved() || !frame.bars().isEmpty() || frame.isSolid()) {
            return Optional.empty();
        }
        Section section = frame.job().section();
        Moulding stock = stock(section);
        Length longest = Stream.concat(stock.sold().stream(), stock.onHand().stream().filter(s -> s.count() > 0)
                .map(s -> s.length())).max(Length::compareTo).orElseThrow();
        List<Member> members = frame.members().stream().filter(m -> m.section().equals(section)).toList();
        Length usable = longest.minus(trim.times(2)).minus(gap.times(members.size() - 1L));
        Length outside = Length.sum(members.stream().map(Member::overall).toList());
        Length sight = Length.sum(members.stream().map(m -> m.longPoint().value()
                .minus(m.left().setbackOver(m.section().face())).minus(m.right().setbackOver(m.section().face()))).toList());
        Length forSight = usable.minus(outside.minus(sight));
        if (!forSight.isPositive()) {
            return Optional.empty();
        }
        double scale = forSight.ratio(sight);
        return Optional.of(new CutPlan.Biggest(longest,
                biggest("biggest.width", frame.width(Line.SIGHT).times(scale), longest, outside.minus(sight)),
                biggest("biggest.height", frame.height(Line.SIGHT).times(scale), longest, outside.minus(sight))));
    }

    private Figure<Length> biggest(String id, Length size, Length stick, Length faces) {
        return ledger.enter(Station.CUTS, Figure.formula(id).with("stick", stick).with("trims", trim.times(2))
                .with("kerfs", gap).with("all_faces", faces).note("biggest").rounded(Rounding.DOWN).gives(size));
    }

    private void findTooLong(Section section, List<Piece> pieces, Moulding stock) {
        Length longestPiece = pieces.stream().map(p -> p.member().overall()).max(Length::compareTo).orElseThrow();
        Length needed = longestPiece.plus(trim.times(2));
        Length longest = stock.sold().getLast();
        Length order = Rounding.UP.toWhole(needed, Length.inches(12));
        ledger.find(Finding.of(Severity.STOP, Station.CUTS, "piece_too_long", section.name(), longestPiece, longest, needed)
                .by(needed.minus(longest))
                .remedy(new Remedy.OnShop(Words.of("remedy.sell_length", order), new ShopEdit.Keep(section, List.of(order)))));
    }

    private void findToBuy(List<StickLayout> sticks) {
        Map<Section, Map<Length, Integer>> bySection = new LinkedHashMap<>();
        sticks.stream().filter(StickLayout::bought).forEach(s -> bySection
                .computeIfAbsent(s.section(), _ -> new TreeMap<>()).merge(s.length(), 1, Integer::sum));
        bySection.forEach((section, lengths) -> lengths.forEach((length, count) -> {
            int onHand = stock(section).onHand().stream().mapToInt(s -> s.count()).sum();
            ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "rack_short", section.name(), section.face(), count, length, onHand)
                    .by(new Count(count))
                    .remedy(new Remedy.OnShop(Words.of("remedy.bought", count, length), new ShopEdit.Receive(section, length, count))));
        }));
    }

    private void findShortPieces() {
        Length safe = frame.habits().get(Habit.SAFE_HOLD);
        List<Member> tooShort = frame.pieces().filter(m -> m.shorterEdge().isUnder(safe)).toList();
        if (!tooShort.isEmpty()) {
            Length shortest = tooShort.stream().map(Member::shorterEdge).min(Length::compareTo).orElseThrow();
            ledger.warn(Safety.SHORT_PIECE);
            ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "short_piece", shortest, safe).by(safe.minus(shortest))
                    .remedy(new Remedy.Visit(Words.of("remedy.see_cuts"), Station.CUTS)));
        }
    }

    /** Where the two ends of a piece differ, a cut made on the wrong end spoils it: the classic spoilt stick. */
    private void findUnequalMitres() {
        frame.members().stream().filter(m -> !m.left().isSetLike(m.right())).reduce((_, last) -> last).ifPresent(odd -> {
            boolean faces = frame.job().isPlain();
            ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, faces ? "mirror_images" : "unlike_ends", odd.left().swing(), odd.right().swing(),
                    odd.side().letters())
                    .by(odd.left().swing().minus(odd.right().swing()))
                    .remedy(faces ? new Remedy.OnJob(Words.of("remedy.equal_rails"), new Edit.Face("bottom", Optional.empty()))
                            : new Remedy.Visit(Words.of("remedy.see_cuts"), Station.CUTS)));
        });
    }
}
