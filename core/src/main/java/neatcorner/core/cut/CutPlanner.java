package neatcorner.core.cut;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Print;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Money;
import neatcorner.core.measure.Rounding;
import neatcorner.core.measure.Share;
import neatcorner.core.measure.Span;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Sheet;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.shop.Sticks;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.solve.stick.StickSolver;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** Lays a job's pieces on the shop's sticks. */
public final class CutPlanner {
    private static final FigureKey<Length> BIGGEST_WIDTH = FigureKey.length(Station.CUTS, "biggest.width");
    private static final FigureKey<Length> BIGGEST_HEIGHT = FigureKey.length(Station.CUTS, "biggest.height");

    /** What neighbours on a stick lose between them. */
    public static final FigureKey<Length> GAP = FigureKey.length(Station.CUTS, "stick.gap");
    /** How many sticks are used. */
    public static final FigureKey<Count> STICKS = FigureKey.count(Station.CUTS, "stick.count");
    /** What becomes neither a piece nor an off-cut worth keeping. */
    public static final FigureKey<Length> WASTE = FigureKey.length(Station.CUTS, "stick.waste");
    /** That as a share of the sticks used. */
    public static final FigureKey<Share> WASTE_SHARE = FigureKey.share(Station.CUTS, "stick.waste_share");
    /** What is to be bought costs. */
    public static final FigureKey<Money> COST = FigureKey.money(Station.CUTS, "cuts.cost");
    /** What the wishes cost more. */
    public static final FigureKey<Money> WISHES = FigureKey.money(Station.CUTS, "cuts.wishes");

    /** No stick is ordered longer: it would not be carried round a corner. */
    private static final Length LONGEST_SOLD = Length.mm(6_000);
    private final Frame frame;
    private final CutLots all;
    private final Shop shop;
    private final Ledger ledger;
    private final Length gap;
    private final Length trim;
    private final Length useful;

    private CutPlanner(Frame frame, CutLots all, Shop shop, Ledger ledger) {
        this.frame = frame;
        this.all = all;
        this.shop = shop;
        this.ledger = ledger;
        this.gap = frame.kerfBetweenPieces();
        this.trim = frame.habits().get(Habit.END_TRIM);
        this.useful = frame.habits().get(Habit.USEFUL);
    }

    /** The cut plan of all parts, with the figures and findings of the one that is looked at. */
    public static Planned<CutPlan> plan(Frame frame, CutLots all, Shop shop) {
        Ledger ledger = new Ledger();
        return ledger.planned(new CutPlanner(frame, all, shop, ledger).plan());
    }

    private CutPlan plan() {
        ledger.decide(Station.CUTS, frame.job().quantity());
        if (all.orders().isEmpty()) {
            return new CutPlan(List.of(), true, Optional.empty(), Optional.empty(), List.of(), biggest());
        }
        List<SheetPiece> sheeted = all.orders().stream()
                .filter(order -> !order.cutting().isSheetsMade())
                .flatMap(order -> SheetPieces.of(order, shop).stream())
                .toList();
        ledger.warn(Safety.SAW);
        if (!frame.isWoodwork()) {
            ledger.warn(Safety.METAL);
        }
        ledger.enter(Figure.formula(GAP).with("kerf", frame.habits().get(Habit.KERF))
                .note("slanted_kerf").rounded(Rounding.UP).gives(gap));
        findShortPieces();
        findUpsideDown();
        if (!frame.isSolid()) {
            findUnequalMitres();
        }
        if (frame.habits().get(Habit.KERF).isZero()) {
            ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "no_kerf")
                    .remedy(new Remedy.OnShop(Words.of("remedy.kerf", Habit.KERF.usual()),
                            new ShopEdit.SetHabit(Habit.KERF, Habit.KERF.usual()))));
        }
        List<Lot> lots = all.lots();
        boolean complete = lots.stream().allMatch(lot -> lot.answer().isPresent());
        lots.stream().filter(lot -> lot.answer().isEmpty()).forEach(this::findTooLong);
        lots.forEach(this::findRefused);
        sheeted.stream()
                .filter(piece -> !SheetPieces.isHad(piece, shop))
                .max(Comparator.comparing(SheetPiece::length))
                .ifPresent(this::findSheet);
        List<StickLayout> sticks = complete ? CutPlan.sticks(lots) : List.of();
        findJoined(lots);
        if (complete) {
            lots.forEach(this::findToBuy);
            enterCost(lots);
        }
        Optional<Figure<Length>> waste = sticks.isEmpty() ? Optional.empty() : Optional.of(waste(sticks));
        return new CutPlan(
                lots,
                complete,
                waste,
                waste.map(wasted -> wasteShare(sticks, wasted.value())),
                sheeted,
                biggest());
    }

    private Money money(long minor) {
        return new Money(minor, shop.currency());
    }

    /** What is bought, where every length has its price; and what the maker's wishes cost. */
    private void enterCost(List<Lot> lots) {
        long cost = 0;
        for (Lot lot : lots) {
            boolean buys = lot.sticks().stream().anyMatch(StickLayout::bought);
            if (buys && !lot.stock().isPriced()) {
                return;
            }
            cost += buys ? lot.answer().orElseThrow().cost() : 0;
        }
        ledger.enter(Figure.formula(COST).note("cuts_cost").gives(money(cost)));
        lots.stream()
                .filter(lot -> lot.stock().isPriced())
                .map(Lot::priceOfWishes)
                .flatMap(Optional::stream)
                .reduce(Long::sum)
                .ifPresent(price ->
                        ledger.enter(Figure.formula(WISHES).note("cuts_wishes").gives(money(price))));
    }

    private void findRefused(Lot lot) {
        lot.refused()
                .ifPresent(why -> ledger.find(Finding.of(
                                Severity.CAUTION,
                                Station.CUTS,
                                "wishes_refused",
                                lot.section().name(),
                                why)
                        .remedy(new Remedy.OnJob(
                                Words.of("remedy.free_cutting"),
                                new Edit.FreeCuts()))));
    }

    private void findJoined(List<Lot> lots) {
        lots.stream()
                .flatMap(lot -> lot.pieces().stream())
                .filter(p -> p.part().isPresent())
                .findFirst()
                .ifPresent(piece -> {
                    Scarf part = piece.part().orElseThrow();
                    Length needed = piece.member().overall().plus(trim.times(2));
                    Length order = Rounding.UP.toWhole(needed, Length.inches(12));
                    Finding found = Finding.of(
                            Severity.CAUTION,
                            Station.CUTS,
                            "side_joined",
                            piece.member().overall(),
                            part.of(),
                            part.overlap());
                    ledger.find(
                            order.isOver(LONGEST_SOLD)
                                    ? found.by(part.overlap()).remedy(new Remedy.Visit(Station.CUTS))
                                    : found.by(part.overlap())
                                            .remedy(new Remedy.OnShop(
                                                    Words.of("remedy.sell_length", order),
                                                    new ShopEdit.Keep(
                                                            piece.member().stock(), List.of(order)))));
                });
    }

    private Figure<Length> waste(List<StickLayout> sticks) {
        Length used = Length.sum(sticks.stream().map(StickLayout::length).toList());
        Length kept = Length.sum(sticks.stream().flatMap(s -> s.offCuts(useful).stream()).map(Span::length).toList());
        Length pieces = Length.sum(sticks.stream().flatMap(s -> s.placed().stream())
                .map(p -> p.piece().wood()).toList());
        return ledger.enter(Figure.sum(WASTE).start("sticks_used", used)
                .minus("pieces", pieces).minus("useful_remnants", kept, useful)
                .rounded(Rounding.UP).note("waste").result());
    }

    private Figure<Share> wasteShare(List<StickLayout> sticks, Length waste) {
        Length used = Length.sum(sticks.stream().map(StickLayout::length).toList());
        ledger.enter(Figure.formula(STICKS).gives(new Count(sticks.size())));
        return ledger.enter(Figure.formula(WASTE_SHARE).with("waste", waste)
                .with("sticks_used", used).gives(new Share(waste.ratio(used))));
    }

    /**
     * All straight members of the common section lie on one stick: each is its sight edge times the scale
     * k of the opening, plus what its mitres add, plus a gap between neighbours; solved for k.
     */
    private Optional<CutPlan.Biggest> biggest() {
        if (frame.job().outline().isCurved()
                || !frame.bars().isEmpty()
                || frame.job().body().isFilled()
                || frame.isSolid()
                || frame.job().choices().cutting().print().isPresent()
                || frame.members().stream().anyMatch(SheetPieces::isOne)
                || frame.job().placement().isPresent()) {
            return Optional.empty();
        }
        Section section = frame.job().section();
        Length longest = Source.of(Source.mouldingFor(section, shop), shop).stream()
                .map(Source::length)
                .max(Length::compareTo)
                .orElseThrow();
        List<Member> members = frame.members();
        if (members.stream().anyMatch(m -> !m.section().equals(section))) {
            // No one stick makes a frame of several sections.
            return Optional.empty();
        }
        Length outside = Length.sum(members.stream().map(Member::overall).toList());
        Length sight = Length.sum(members.stream().map(CutPlanner::sight).toList());
        double scale = Flipping.isPlain(section) && frame.job().lean().isFlat()
                ? turnedScale(members, longest)
                : longest.minus(trim.times(2))
                        .minus(gap.times(members.size() - 1L))
                        .minus(outside.minus(sight))
                        .ratio(sight);
        if (scale <= 0) {
            return Optional.empty();
        }
        return Optional.of(new CutPlan.Biggest(longest,
                biggest(BIGGEST_WIDTH, frame.width(Line.SIGHT).times(scale), longest, outside.minus(sight)),
                biggest(BIGGEST_HEIGHT, frame.height(Line.SIGHT).times(scale), longest, outside.minus(sight))));
    }

    private static Length sight(Member member) {
        if (!member.slabs().isEmpty()) {
            return member.shortPoint().value();
        }
        return member.longPoint()
                .value()
                .minus(member.left().setbackOver(member.section().face()))
                .minus(member.right().setbackOver(member.section().face()));
    }

    /**
     * Pieces that may be turned over share cuts; the scale at which they just fit is found by halving, to a tenth of a
     * millimetre.
     */
    private double turnedScale(List<Member> members, Length longest) {
        double low = 0;
        double high = longest.ratio(sight(members.getFirst()));
        double fine = 0.1 / Math.max(frame.width(Line.SIGHT).toMm(), frame.height(Line.SIGHT).toMm());
        while (high - low > fine) {
            double middle = (low + high) / 2;
            if (fits(members, middle, longest)) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return low;
    }

    private boolean fits(List<Member> members, double scale, Length stick) {
        try {
            List<StickProblem.Kind> kinds = members.stream()
                    .map(member -> {
                        Piece piece = new Piece("", member, 1, Optional.empty());
                        StickProblem.Part part = new StickProblem.Part(
                                "",
                                member.overall().plus(sight(member).times(scale - 1)),
                                Flipping.end(piece, false, frame.habits().get(Habit.KERF)),
                                Flipping.end(piece, true, frame.habits().get(Habit.KERF)));
                        return new StickProblem.Kind("", List.of(part), List.of(), 1, true);
                    })
                    .toList();
            return StickSolver.quick(new StickProblem(
                            kinds, List.of(new StickProblem.Stock("", stick, Optional.of(1), 0)), gap, trim))
                    .isPresent();
        } catch (Refusal tooShortOrTooLong) {
            return false;
        }
    }

    private Figure<Length> biggest(FigureKey<Length> key, Length size, Length stick, Length faces) {
        return ledger.enter(Figure.formula(key).with("stick", stick).with("trims", trim.times(2))
                .with("kerfs", gap).with("all_faces", faces).note("biggest").rounded(Rounding.DOWN).gives(size));
    }

    private void findTooLong(Lot lot) {
        Length longestPiece = lot.pieces().stream().map(Piece::length).max(Length::compareTo).orElseThrow();
        Length longest = lot.stock().sold().getLast().length();
        Optional<Lots.Order> matched = all.orders().stream()
                .filter(order -> order.cutting().matched())
                .filter(order -> lot.pieces().stream().anyMatch(p -> p.job().equals(order.name())))
                .findFirst();
        if (matched.isPresent() && !longestPiece.plus(trim.times(2)).isOver(longest)) {
            Lots.Order order = matched.get();
            Length around = Length.sum(lot.pieces().stream()
                    .filter(p -> p.frame() == 1 && p.job().equals(order.name()))
                    .map(Piece::length)
                    .toList());
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.CUTS,
                            "group_too_long",
                            lot.section().name(),
                            around,
                            longest)
                    .by(around.minus(longest))
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.not_matched"),
                            new Edit.InPart(
                                    order.frame().job().seen(),
                                    new Edit.Cut(order.cutting().withMatched(false))))));
            return;
        }
        Length needed = longestPiece.plus(trim.times(2));
        Length order = Rounding.UP.toWhole(needed, Length.inches(12));
        ledger.find(Finding.of(
                        Severity.STOP,
                        Station.CUTS,
                        "piece_too_long",
                        lot.section().name(),
                        longestPiece,
                        longest,
                        needed)
                .by(needed.minus(longest))
                .remedy(new Remedy.OnShop(
                        Words.of("remedy.sell_length", order), new ShopEdit.Keep(lot.section(), List.of(order)))));
    }

    /** A side for which the rack has no sheet: one that is usually sold may do. */
    private void findSheet(SheetPiece piece) {
        Optional<Sheet> usual = SheetPieces.usual(piece, shop.rack().freeLabels("S", 1).getFirst());
        ledger.find(Finding.of(
                        usual.isPresent() ? Severity.CAUTION : Severity.STOP,
                        Station.CUTS,
                        usual.isPresent() ? "no_sheet" : "sheets_too_small",
                        piece.from(),
                        piece.letters(),
                        piece.length(),
                        piece.strip().sheetWidth())
                .by(piece.length())
                .remedy(usual.<Remedy>map(sheet -> new Remedy.OnShop(
                                Words.of("remedy.sell_sheet", sheet.width(), sheet.height()),
                                new ShopEdit.Shelve(List.of(sheet))))
                        .orElseGet(() -> new Remedy.Visit(Station.SECTION))));
    }

    private void findToBuy(Lot lot) {
        int onHand = lot.stock().onHand().stream().mapToInt(Sticks::count).sum()
                + shop.offCutsFor(lot.section()).size();
        Section cut = lot.pieces().getFirst().member().stock();
        boolean plain = lot.section().recess() instanceof Recess.Bar
                && all.orders().stream()
                        .map(order -> order.frame().job().section())
                        .filter(section -> section.recess() instanceof Recess.Bar)
                        .noneMatch(section -> section.isCutLike(cut));
        boolean made = lot.section().strips().size() > 1 && !lot.stock().isKept();
        Words name = Words.of(plain ? "stock.plain_strip" : "list.one", lot.section().name());
        lot.toBuy()
                .forEach((length, count) -> ledger.find(Finding.of(
                                made ? Severity.NOTE : Severity.CAUTION,
                                Station.CUTS,
                                made ? "make_sticks" : "rack_short",
                                name,
                                lot.section().face(),
                                count,
                                length,
                                onHand,
                                lot.section().thickness())
                        .by(new Count(count))
                        .remedy(new Remedy.OnShop(
                                Words.of("remedy.bought", count, length),
                                new ShopEdit.Receive(lot.section(), length, count)))));
    }

    /** A rabbet keeps the stick from being turned end for end, so what has a way up stands on its head below. */
    private void findUpsideDown() {
        boolean upright = frame.job().choices().cutting().print().filter(Print::upright).isPresent();
        if (upright && frame.isFourSquare() && !Flipping.isPlain(frame.job().section())) {
            ledger.find(Finding.of(
                            Severity.NOTE,
                            Station.CUTS,
                            "print_upside_down",
                            frame.member(Side.Name.BOTTOM).side().words())
                    .remedy(new Remedy.Visit(Station.CUTS)));
        }
    }

    private void findShortPieces() {
        Length safe = frame.habits().get(Habit.SAFE_HOLD);
        List<Member> tooShort = frame.pieces().filter(m -> m.shorterEdge().isUnder(safe)).toList();
        if (!tooShort.isEmpty()) {
            Length shortest = tooShort.stream().map(Member::shorterEdge).min(Length::compareTo).orElseThrow();
            ledger.warn(Safety.SHORT_PIECE);
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.CUTS,
                            "short_piece",
                            shortest,
                            frame.habits().said(Habit.SAFE_HOLD))
                    .by(safe.minus(shortest))
                    .remedy(new Remedy.Visit(Station.CUTS)));
        }
    }

    /**
     * Where the two ends of a piece differ, a cut made on the wrong end spoils it: the classic spoilt stick. In a
     * rectangle two opposite pieces are then mirror images of each other.
     */
    private void findUnequalMitres() {
        List<Member> odd = frame.members().stream().filter(m -> !m.left().isOneSettingWith(m.right())).toList();
        if (odd.isEmpty()) {
            return;
        }
        Member first = odd.getFirst();
        Optional<Member> mirrored = odd.stream().filter(m -> m != first && m.section().equals(first.section())
                && m.left().isOneSettingWith(first.right()) && m.right().isOneSettingWith(first.left())).findFirst();
        Finding finding = mirrored.map(other -> Finding.of(
                        Severity.CAUTION,
                        Station.CUTS,
                        "mirror_images",
                        first.side().words(),
                        other.side().words(),
                        first.left().said(true, shop.machines()),
                        first.right().said(false, shop.machines())))
                .orElseGet(() -> Finding.of(
                        Severity.CAUTION,
                        Station.CUTS,
                        "unlike_ends",
                        first.left().said(true, shop.machines()),
                        first.right().said(false, shop.machines()),
                        first.side().letters()));
        boolean byFaces = frame.job().isPlain() && !frame.job().faces().isEmpty();
        ledger.find(finding.by(first.left().swing().minus(first.right().swing()))
                .remedy(
                        byFaces
                                ? new Remedy.OnJob(Words.of("remedy.equal_rails"), new Edit.LikeFaces())
                                : new Remedy.Visit(Station.CUTS)));
    }
}
