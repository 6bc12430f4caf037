package neatcorner.core.cut;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Share;
import neatcorner.core.pane.Pane;
import neatcorner.core.pane.PanePlanner;
import neatcorner.core.pane.Panes;
import neatcorner.core.rack.Material;
import neatcorner.core.rack.Sheet;
import neatcorner.core.recall.Known;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;

/**
 * All panes of one material, from one job or from many, and the sheets they are cut from. Holes cut out of
 * mats are stock for smaller mats, when they are large enough to keep.
 *
 * @param material of all
 * @param problem  as the solver sees it; empty when the rack has no sheet large enough
 * @param answer   the best known; empty when there is none
 * @param sheets   those of the rack, in the order of the problem's stock; empty for a hole of a mat
 * @param tooLarge panes that no sheet of the rack holds
 */
public record SheetLot(
        Material material,
        Optional<SheetProblem> problem,
        Optional<SheetAnswer> answer,
        List<Optional<Sheet>> sheets,
        List<SheetProblem.Pane> tooLarge) {
    /** The lots of some jobs, in the order of the package. */
    public static List<SheetLot> of(List<Lots.Order> orders, Shop shop, Answers answers) {
        Map<Material, List<SheetProblem.Pane>> byMaterial = new LinkedHashMap<>();
        Map<Material, List<SheetProblem.Stock>> holes = new LinkedHashMap<>();
        for (Lots.Order order : orders) {
            Panes panes = PanePlanner.plan(order.frame()).result();
            int quantity = order.frame().job().quantity();
            for (Pane sheet : panes.sheets()) {
                sheet.material()
                        .filter(material -> material.role() != Material.Role.ART)
                        .ifPresent(material -> {
                            byMaterial
                                    .computeIfAbsent(material, _ -> new ArrayList<>())
                                    .add(new SheetProblem.Pane(
                                            order.name(),
                                            sheet.width().value(),
                                            sheet.height().value(),
                                            sheet.count() * quantity,
                                            !hasGrain(shop, material)));
                            if (material.role() == Material.Role.MAT) {
                                panes.matOpening()
                                        .ifPresent(hole -> hole(
                                                        order.name(),
                                                        hole,
                                                        quantity,
                                                        order.frame().habits().get(Habit.USEFUL_SHEET))
                                                .ifPresent(
                                                        holes.computeIfAbsent(material, _ -> new ArrayList<>())::add));
                            }
                        });
            }
        }
        List<SheetLot> lots = new ArrayList<>();
        byMaterial.forEach((material, panes) ->
                lots.add(lot(material, panes, holes.getOrDefault(material, List.of()), shop, answers)));
        return List.copyOf(lots);
    }

    private static boolean hasGrain(Shop shop, Material material) {
        return shop.rack().all(Sheet.class).stream()
                .anyMatch(s -> s.material() == material && s.grain() != Sheet.Grain.NONE);
    }

    private static Optional<SheetProblem.Stock> hole(String job, Pane hole, int count, Length useful) {
        Length width = hole.width().value();
        Length height = hole.height().value();
        return width.isUnder(useful) || height.isUnder(useful) ? Optional.empty()
                : Optional.of(new SheetProblem.Stock(job, width, height, Optional.of(count), 0));
    }

    private static SheetLot lot(
            Material material,
            List<SheetProblem.Pane> panes,
            List<SheetProblem.Stock> holes,
            Shop shop,
            Answers answers) {
        List<SheetProblem.Stock> stock = new ArrayList<>(holes);
        List<Optional<Sheet>> sheets = new ArrayList<>();
        holes.forEach(_ -> sheets.add(Optional.empty()));
        for (Sheet sheet : shop.rack().all(Sheet.class)) {
            if (sheet.material() != material) {
                continue;
            }
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
            return new SheetLot(material, Optional.empty(), Optional.empty(), List.of(), panes);
        }
        SheetProblem problem = new SheetProblem(Known.in(fitting, true), stock, kerf, Length.ZERO, strip);
        return new SheetLot(
                material,
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

    /** Whether a sheet of the answer has to be bought. */
    public boolean isBought(SheetAnswer.Laid laid) {
        return problem.orElseThrow().stock().get(laid.stock()).count().isEmpty();
    }

    /** Whether it is the hole of a mat that is cut before. */
    public boolean isHole(SheetAnswer.Laid laid) {
        return sheets.get(laid.stock()).isEmpty();
    }
}
