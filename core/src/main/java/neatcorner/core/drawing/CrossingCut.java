package neatcorner.core.drawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import neatcorner.core.drawing.Mark.At;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.Slab;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.joint.Insert;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.plan.Plan;
import neatcorner.core.words.Figure;

/** The corner cut through along the middle of the piece that stands between, front up. */
final class CrossingCut extends CrossingView {
    /** So many faces of each piece are shown. */
    private static final double SHOWN_CUT = 1.9;

    private CrossingCut(Plan plan, Reader reader, double width, double height) {
        super(plan, reader, width, height);
    }

    /** The picture. */
    static Picture draw(Plan plan, Reader reader, double width, double height) {
        return new CrossingCut(plan, reader, width, height).picture();
    }

    @Override
    void draw() {
        double thick = plan.job().section().thickness().toMm();
        double face = crossing.through().section().face().toMm();
        double reach = reach(SHOWN_CUT);
        double above = sketch.em(54);
        double below = sketch.em(10);
        double beside = sketch.em(92);
        double unit = Math.min((width - beside - sketch.em(16)) / reach, (height - above - below) / thick);
        double left = (width - beside - reach * unit) / 2 + sketch.em(4);
        double base = above + (height - above - below + thick * unit) / 2;
        for (Member member : List.of(crossing.standing(), crossing.through())) {
            boolean through = member.equals(crossing.through());
            for (Slab slab : member.slabs()) {
                double[] run = run(slab, reach);
                if (run[1] > run[0]) {
                    List<At> shape = List.of(
                            new At(left + run[0] * unit, base - slab.high() * unit),
                            new At(left + run[1] * unit, base - slab.high() * unit),
                            new At(left + run[1] * unit, base - slab.low() * unit),
                            new At(left + run[0] * unit, base - slab.low() * unit));
                    sketch.area(shape, new Paint.Wood(species, Paint.Shade.FACE));
                    if (through) {
                        sketch.hatched(shape, Ink.PENCIL);
                    } else {
                        sketch.wood(shape.get(0), shape.get(1), shape.get(2), shape.get(3), species, 3, false);
                    }
                    sketch.outline(shape, Ink.PENCIL, sketch.em(1.2));
                }
            }
        }
        for (Insert insert : inserts()) {
            if (insert.form() == Insert.Form.BLOCK) {
                continue;
            }
            List<At> places = insert.places().stream()
                    .map(p -> new At(left + crossing.fromThrough(flat(p)) * unit, base - p.z() * unit))
                    .toList();
            if (insert.form() == Insert.Form.WIRE) {
                sketch.line(places.getFirst(), places.getLast(), Ink.GIVEN, sketch.em(2.4));
            } else {
                pegOrPlate(insert, places, base, unit);
            }
        }
        sizes(left, base, face, thick, unit, reach);
    }

    /** A peg lies in the wood as far as it goes; a plate lies on the back. */
    private void pegOrPlate(Insert insert, List<At> places, double base, double unit) {
        double from = places.stream().mapToDouble(At::x).min().orElseThrow();
        double to = places.stream().mapToDouble(At::x).max().orElseThrow();
        boolean plate = insert.isBehind();
        List<At> shape = plate
                ? Sketch.rectangle(from, base, to, base + sketch.em(3))
                : Sketch.rectangle(from, base - insert.high() * unit, to, base - insert.low() * unit);
        sketch.area(shape, plate ? Ink.METAL : Ink.KEY);
        sketch.outline(shape, Ink.PENCIL, sketch.em(1));
    }

    private void sizes(double left, double base, double face, double thick, double unit, double reach) {
        List<Figure<Length>> settings = plan.joints().cuts().settings();
        double top = base - thick * unit;
        if (settings.isEmpty()) {
            return;
        }
        var depth = settings.getFirst();
        boolean housed = plan.job().squared().orElseThrow().corner() == SquareCorner.HOUSED;
        double deep = depth.value().toMm() * unit;
        double y = top - sketch.em(28);
        if (housed) {
            double to = left + face * unit;
            sketch.dimension(plan, new At(to - deep, y), new At(to, y), depth.key(), "");
        } else {
            double x = left + reach * unit + sketch.em(12);
            sketch.ruler(new At(x, base - deep), new At(x, base));
            double half = sketch.tagSize(depth, "")[0];
            sketch.tag(plan, new At(x + half + sketch.em(6), base - deep / 2), depth.key(), "");
            settings.stream()
                    .filter(setting -> setting.value().equals(crossing.through().section().face())
                            && !setting.key().equals(depth.key()))
                    .reduce((_, last) -> last)
                    .ifPresent(shoulder -> sketch.dimension(
                            plan, new At(left, y), new At(left + face * unit, y), shoulder.key(), ""));
        }
    }

    /** From where to where a slab lies on the middle line of the piece that stands between, from the tip. */
    private double[] run(Slab slab, double reach) {
        double line = crossing.standing().section().face().toMm() / 2;
        List<Double> at = new ArrayList<>();
        List<Point> outline = slab.outline();
        for (int i = 0; i < outline.size(); i++) {
            Point a = outline.get(i);
            Point b = outline.get((i + 1) % outline.size());
            double p = crossing.fromStanding(a) - line;
            double q = crossing.fromStanding(b) - line;
            if (p > 0 != q > 0) {
                at.add(crossing.fromThrough(a.towards(b, p / (p - q))));
            }
        }
        at.sort(Comparator.naturalOrder());
        return at.isEmpty() ? new double[] {0, 0} : new double[] {at.getFirst(), Math.min(reach, at.getLast())};
    }
}
