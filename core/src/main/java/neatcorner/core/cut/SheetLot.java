package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.pane.Pane;
import neatcorner.core.pane.PanePlanner;
import neatcorner.core.pane.Panes;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Sheet;
import neatcorner.core.recall.Known;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;
import neatcorner.core.words.Phrasebook;

/**
 * All panes of one material, or all sides from sheets of one thickness, of one job or of many, and the sheets they are
 * cut from. Holes cut out of mats are stock for smaller mats, when they are large enough to keep.
 *
 * @param kind     of all
 * @param problem  as the solver sees it; empty when the rack has no sheet large enough
 * @param answer   the best known; empty when there is none
 * @param sheets   those of the rack, in the order of the problem's stock; empty for a hole of a mat
 * @param tooLarge panes that no sheet of the rack holds
 */
public record SheetLot(
        Kind kind,
        Optional<SheetProblem> problem,
        Optional<SheetAnswer> answer,
        List<Optional<Sheet>> sheets,
        List<SheetProblem.Pane> tooLarge) {
    /**
     * What can be cut from the same sheets.
     *
     * @param material  of them
     * @param thickness of sides that are sawn from sheets; empty for what lies in a frame, which takes any
     */
    public record Kind(Material material, Optional<Length> thickness) {
        /** Its name, with its thickness where that is asked for. */
        public Words words() {
            return thickness.map(thick -> Words.of("sheet.thick", thick, material))
                    .orElseGet(() -> Words.of(Phrasebook.keyOf(material)));
        }
    }

    /** The lots of some jobs, in the order of the package; sides that are sawn from sheets come last. */
    public static List<SheetLot> of(List<Lots.Order> orders, Shop shop, Answers answers) {
        Map<Kind, List<SheetProblem.Pane>> byKind = new LinkedHashMap<>();
        Map<Kind, List<SheetProblem.Stock>> holes = new LinkedHashMap<>();
        for (Lots.Order order : orders) {
            panes(order, shop, byKind, holes);
        }
        for (Lots.Order order : orders) {
            for (SheetPiece piece : SheetPieces.of(order, shop)) {
                Kind kind = kind(piece.material(), piece.strip().sheetThickness(), byKind.keySet());
                byKind.computeIfAbsent(kind, _ -> new ArrayList<>()).add(pane(order, piece, kind, shop));
            }
        }
        List<SheetLot> lots = new ArrayList<>();
        byKind.forEach((kind, panes) ->
                lots.add(lot(
                        kind,
                        panes,
                        holes.getOrDefault(kind, List.of()),
                        sheets(shop, kind, byKind.keySet()),
                        shop,
                        answers)));
        return List.copyOf(lots);
    }

    private static void panes(
            Lots.Order order,
            Shop shop,
            Map<Kind, List<SheetProblem.Pane>> byKind,
            Map<Kind, List<SheetProblem.Stock>> holes) {
        Panes panes = PanePlanner.plan(order.frame()).result();
        int quantity = order.frame().job().copies();
        for (Pane sheet : panes.sheets()) {
            sheet.material()
                    .filter(material -> material.role() != Material.Role.ART)
                    .ifPresent(material -> {
                        Kind kind = new Kind(material, Optional.empty());
                        byKind.computeIfAbsent(kind, _ -> new ArrayList<>())
                                .add(new SheetProblem.Pane(
                                        order.name(),
                                        sheet.width().value(),
                                        sheet.height().value(),
                                        sheet.count() * quantity,
                                        grain(shop, kind).isEmpty()));
                        if (material.role() == Material.Role.MAT) {
                            panes.matOpening()
                                    .ifPresent(hole -> hole(
                                                    order.name(),
                                                    hole,
                                                    quantity,
                                                    order.frame().habits().get(Habit.USEFUL_SHEET))
                                            .ifPresent(
                                                    holes.computeIfAbsent(kind, _ -> new ArrayList<>())::add));
                        }
                    });
        }
    }

    /** The rectangle a side is sawn from, along the grain where the sheets have any. */
    private static SheetProblem.Pane pane(Lots.Order order, SheetPiece piece, Kind kind, Shop shop) {
        Optional<Sheet.Grain> grain = grain(shop, kind);
        boolean stands = grain.filter(Sheet.Grain.UPRIGHT::equals).isPresent();
        Length wide = piece.strip().sheetWidth();
        return new SheetProblem.Pane(
                order.name(),
                stands ? wide : piece.length(),
                stands ? piece.length() : wide,
                order.frame().job().copies(),
                grain.isEmpty(),
                piece.letters());
    }

    /** That of a side, or of one as thick that is there already. */
    private static Kind kind(Material material, Length thickness, Set<Kind> known) {
        return known.stream()
                .filter(kind -> kind.material() == material
                        && kind.thickness()
                                .filter(other -> SheetPieces.isAsThick(other, thickness))
                                .isPresent())
                .findFirst()
                .orElseGet(() -> new Kind(material, Optional.of(thickness)));
    }

    /** Which way the sheets of a kind have their grain; empty where no sheet of the rack has any. */
    private static Optional<Sheet.Grain> grain(Shop shop, Kind kind) {
        return sheets(shop, kind).map(Sheet::grain).filter(grain -> grain != Sheet.Grain.NONE).findFirst();
    }

    /** Those of the rack for one of several kinds: what sides are sawn from is not taken for what lies in a frame. */
    private static List<Sheet> sheets(Shop shop, Kind kind, Set<Kind> all) {
        Set<Sheet> others = all.stream()
                .filter(other -> kind.thickness().isEmpty()
                        && other.material() == kind.material()
                        && other.thickness().isPresent())
                .flatMap(other -> sheets(shop, other))
                .collect(Collectors.toSet());
        return sheets(shop, kind).filter(sheet -> !others.contains(sheet)).toList();
    }

    private static Stream<Sheet> sheets(Shop shop, Kind kind) {
        return kind.thickness()
                .map(thick -> SheetPieces.sheets(kind.material(), thick, shop).stream())
                .orElseGet(() -> shop.rack().all(Sheet.class).stream()
                        .filter(sheet -> sheet.material() == kind.material()));
    }

    private static Optional<SheetProblem.Stock> hole(String job, Pane hole, int count, Length useful) {
        Length width = hole.width().value();
        Length height = hole.height().value();
        return width.isUnder(useful) || height.isUnder(useful) ? Optional.empty()
                : Optional.of(new SheetProblem.Stock(job, width, height, Optional.of(count), 0));
    }

    private static SheetLot lot(
            Kind kind,
            List<SheetProblem.Pane> panes,
            List<SheetProblem.Stock> holes,
            List<Sheet> rack,
            Shop shop,
            Answers answers) {
        List<SheetProblem.Stock> stock = new ArrayList<>(holes);
        List<Optional<Sheet>> sheets = new ArrayList<>();
        holes.forEach(_ -> sheets.add(Optional.empty()));
        for (Sheet sheet : rack) {
            if (sheet.count() > 0) {
                stock.add(new SheetProblem.Stock(
                        sheet.label(), sheet.width(), sheet.height(), Optional.of(sheet.count()), 0));
                sheets.add(Optional.of(sheet));
            }
            if (sheet.forSale()) {
                stock.add(new SheetProblem.Stock(
                        sheet.label(),
                        sheet.width(),
                        sheet.height(),
                        Optional.empty(),
                        sheet.price()
                                .map(p -> p.of(sheet.width(), sheet.height(), sheet.thickness()))
                                .orElseGet(() -> Math.round(
                                        sheet.width().toMm() * sheet.height().toMm() / 1000))));
                sheets.add(Optional.of(sheet));
            }
        }
        Material material = kind.material();
        Length kerf = material.isSawn() ? shop.habits().get(Habit.KERF) : Length.ZERO;
        Length strip = material.isGlass() ? shop.habits().get(Habit.SNAP_STRIP) : Length.ZERO;
        Map<Boolean, List<SheetProblem.Pane>> fitting = panes.stream()
                .collect(Collectors.partitioningBy(pane -> stock.stream()
                        .anyMatch(sheet -> SheetProblem.fits(
                                pane,
                                sheet,
                                material.isSawn() ? shop.habits().get(Habit.KERF) : Length.ZERO,
                                Length.ZERO,
                                strip))));
        if (Known.in(fitting, true).isEmpty()) {
            return new SheetLot(kind, Optional.empty(), Optional.empty(), List.of(), panes);
        }
        SheetProblem problem = new SheetProblem(Known.in(fitting, true), stock, kerf, Length.ZERO, strip);
        return new SheetLot(
                kind,
                Optional.of(problem),
                answers.to(problem).or(problem::quick),
                List.copyOf(sheets),
                Known.in(fitting, false));
    }

    /** How far what some lots cost may be from the best. */
    public static Proof proof(List<SheetLot> lots) {
        List<SheetAnswer> answers = lots.stream().flatMap(lot -> lot.answer().stream()).toList();
        return new Proof(
                answers.stream().allMatch(SheetAnswer::isProven),
                new Share(answers.stream().mapToDouble(SheetAnswer::gap).max().orElse(0)));
    }

    /** What they are cut from. */
    public Material material() {
        return kind.material();
    }

    /** Whether a sheet of the answer has to be bought. */
    public boolean isBought(SheetAnswer.Laid laid) {
        return problem.orElseThrow().stock().get(laid.stock()).count().isEmpty();
    }

    /** Whether it is the hole of a mat that is cut before. */
    public boolean isHole(SheetAnswer.Laid laid) {
        return sheets.get(laid.stock()).isEmpty();
    }
}
