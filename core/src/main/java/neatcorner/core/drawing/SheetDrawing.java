package neatcorner.core.drawing;

import java.util.List;
import neatcorner.core.cut.SheetLot;
import neatcorner.core.drawing.Mark.Anchor;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.rack.Material;
import neatcorner.core.solve.sheet.SheetAnswer;
import neatcorner.core.solve.sheet.SheetProblem;

/** Sheets to one scale, row by row, with panes, cuts numbered in order, and what is left. */
public final class SheetDrawing {
    private static final double HIGHEST = 190;
    private final Sketch sketch;
    private final double width;

    private SheetDrawing(Reader reader, double width) {
        this.sketch = new Sketch(reader);
        this.width = width;
    }

    /** All sheets of some lots; as high as it needs to be. */
    public static Picture draw(List<SheetLot> lots, Reader reader, double width) {
        return new SheetDrawing(reader, width).draw(lots);
    }

    private Picture draw(List<SheetLot> lots) {
        double unit = unit(lots);
        double x = 0;
        double y = sketch.em(4);
        double row = 0;
        for (SheetLot lot : lots) {
            if (lot.answer().isEmpty()) {
                continue;
            }
            SheetProblem problem = lot.problem().orElseThrow();
            for (SheetAnswer.Laid laid : lot.answer().get().sheets()) {
                SheetProblem.Stock stock = problem.stock().get(laid.stock());
                boolean turned = stock.height().isOver(stock.width());
                double wide = (turned ? stock.height() : stock.width()).toMm() * unit;
                double high = (turned ? stock.width() : stock.height()).toMm() * unit;
                double needed = Math.max(wide, sketch.em(150));
                if (x > 0 && x + needed > width) {
                    y += row + sketch.em(14);
                    x = 0;
                    row = 0;
                }
                sheet(lot, problem, laid, x, y + sketch.em(32), unit, turned);
                x += needed + sketch.em(18);
                row = Math.max(row, high + sketch.em(36));
            }
        }
        y += row + sketch.em(14);
        for (SheetLot lot : lots) {
            for (SheetProblem.Pane pane : lot.tooLarge()) {
                sketch.text(
                        new At(0, y),
                        sketch.say("sheet.none", lot.kind().words(), pane.name(), pane.width(), pane.height()),
                        Ink.CAUTION,
                        11.5,
                        false,
                        Anchor.START);
                y += sketch.em(17);
            }
        }
        return sketch.picture(width, y);
    }

    /**
     * One scale for all: most sheets are as high as a row should be, and the longest is no longer than there is room.
     */
    private double unit(List<SheetLot> lots) {
        List<SheetProblem.Stock> used = lots.stream()
                .flatMap(lot -> lot.answer().stream()
                        .flatMap(answer -> answer.sheets().stream())
                        .map(laid -> lot.problem().orElseThrow().stock().get(laid.stock())))
                .toList();
        double[] heights = used.stream().mapToDouble(s -> s.height().min(s.width()).toMm()).sorted().toArray();
        double longest = used.stream().mapToDouble(s -> s.height().max(s.width()).toMm()).max().orElse(1);
        return heights.length == 0 ? 1 : Math.min(sketch.em(HIGHEST) / heights[heights.length / 2], width / longest);
    }

    private void sheet(
            SheetLot lot,
            SheetProblem problem,
            SheetAnswer.Laid laid,
            double left,
            double top,
            double unit,
            boolean turned) {
        SheetProblem.Stock stock = problem.stock().get(laid.stock());
        Ink fill = fill(lot.material());
        String from = lot.isHole(laid)
                ? sketch.say("sheet.hole", stock.name())
                : lot.isBought(laid) ? sketch.say("sheet.buy", stock.name()) : stock.name();
        sketch.text(
                new At(left, top - sketch.em(24)),
                sketch.say("sheet.title", lot.kind().words(), stock.width(), stock.height()),
                Ink.INK,
                11.5,
                true,
                Anchor.START);
        sketch.text(
                new At(left, top - sketch.em(10)),
                from,
                lot.isBought(laid) ? Ink.CAUTION : Ink.SOFT,
                11,
                false,
                Anchor.START);
        Frame frame = new Frame(left, top, unit, turned, stock.width().toMm(), stock.height().toMm());
        sketch.area(frame.rectangle(0, 0, stock.width().toMm(), stock.height().toMm()), Ink.PAPER);
        for (SheetAnswer.Placed placed : laid.panes()) {
            SheetProblem.Pane pane = problem.panes().get(placed.pane());
            double w = (placed.turned() ? pane.height() : pane.width()).toMm();
            double h = (placed.turned() ? pane.width() : pane.height()).toMm();
            List<At> box = frame.rectangle(placed.x().toMm(), placed.y().toMm(), w, h);
            sketch.area(box, fill);
            sketch.outline(box, Ink.SOFT, sketch.em(0.8));
            label(pane, box);
        }
        for (SheetAnswer.Rest rest : laid.rests()) {
            List<At> box = frame.rectangle(rest.x().toMm(), rest.y().toMm(), rest.width().toMm(), rest.height().toMm());
            String said = sketch.say("sheet.left", rest.width(), rest.height());
            if (widthOf(box) > sketch.widthOf(said, sketch.em(10), false) + sketch.em(6)
                    && heightOf(box) > sketch.em(14)) {
                sketch.text(middle(box), said, Ink.SOFT, 10, false, Anchor.MIDDLE);
            }
        }
        sketch.outline(frame.rectangle(0, 0, stock.width().toMm(), stock.height().toMm()), Ink.INK, sketch.em(1.2));
        int number = 0;
        for (SheetAnswer.Cut cut : laid.cuts()) {
            At a = frame.at(cut.x1().toMm(), cut.y1().toMm());
            At b = frame.at(cut.x2().toMm(), cut.y2().toMm());
            sketch.line(a, b, Ink.SAW, sketch.em(1.4));
            At at = Sketch.blend(a, b, sketch.em(9) / Math.max(1, Math.hypot(b.x() - a.x(), b.y() - a.y())));
            double half = sketch.em(5);
            if (Math.hypot(b.x() - a.x(), b.y() - a.y()) > sketch.em(26)) {
                sketch.area(
                        Sketch.rectangle(at.x() - half, at.y() - half * 0.85, at.x() + half, at.y() + half * 0.85),
                        Ink.PANEL);
                sketch.text(at, Integer.toString(++number), Ink.SAW, 8, true, Anchor.MIDDLE);
            } else {
                number++;
            }
        }
    }

    private void label(SheetProblem.Pane pane, List<At> box) {
        String size = sketch.say("sheet.pane", pane.width(), pane.height());
        At at = middle(box);
        double room = widthOf(box) - sketch.em(6);
        boolean two = heightOf(box) > sketch.em(30);
        String whole = (pane.name() + " " + pane.mark()).strip();
        String name = sketch.widthOf(whole, sketch.em(10.5), true) < room
                ? whole
                : pane.mark().isEmpty() ? pane.name().split("[ ,]", 2)[0] : pane.mark();
        if (sketch.widthOf(name, sketch.em(10.5), true) < room && heightOf(box) > sketch.em(14)) {
            sketch.text(two ? at.plus(0, -sketch.em(7)) : at, name, Ink.PENCIL, 10.5, true, Anchor.MIDDLE);
        }
        if (two && sketch.widthOf(size, sketch.em(10), false) < room) {
            sketch.text(at.plus(0, sketch.em(7)), size, Ink.PENCIL, 10, false, Anchor.MIDDLE);
        }
    }

    private static Ink fill(Material material) {
        return switch (material.role()) {
            case GLAZING -> material == Material.MIRROR ? Ink.SILVER : Ink.GLASS;
            case MAT -> Ink.MAT;
            default -> Ink.BOARD;
        };
    }

    private static double widthOf(List<At> box) {
        return Math.abs(box.get(2).x() - box.get(0).x());
    }

    private static double heightOf(List<At> box) {
        return Math.abs(box.get(2).y() - box.get(0).y());
    }

    private static At middle(List<At> box) {
        return Sketch.blend(box.get(0), box.get(2), 0.5);
    }

    /** From millimetres on the sheet to the picture; sheets that stand are laid down. */
    private record Frame(double left, double top, double unit, boolean turned, double width, double height) {
        At at(double x, double y) {
            return turned
                    ? new At(left + y * unit, top + x * unit)
                    : new At(left + x * unit, top + (height - y) * unit);
        }

        List<At> rectangle(double x, double y, double w, double h) {
            At a = at(x, y);
            At b = at(x + w, y + h);
            return Sketch.rectangle(
                    Math.min(a.x(), b.x()), Math.min(a.y(), b.y()), Math.max(a.x(), b.x()), Math.max(a.y(), b.y()));
        }
    }
}
