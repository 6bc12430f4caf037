package neatcorner.core.hang;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Layer;
import neatcorner.core.rack.Material;
import neatcorner.core.job.Station;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.report.Ledger;
import neatcorner.core.words.Figure;

/**
 * What a frame weighs, an estimate.
 *
 * @param wood  the members
 * @param total with everything in the package
 */
public record Weight(Figure<Mass> wood, Figure<Mass> total) {
    /** Weighs a frame: section area × mean length × density, and area × thickness × density of each layer. */
    public static Weight of(Frame frame, Ledger ledger) {
        double cubicMetres = Stream.concat(frame.members().stream(), frame.bars().stream()).mapToDouble(Weight::cubicMetres).sum();
        double density = frame.job().section().species().density();
        Figure<Mass> wood = ledger.enter(Station.HANG, Figure.formula("weight.wood")
                .note("wood_weight", Math.round(frame.job().section().areaMm2()), frame.job().section().species(),
                        Math.round(density)).gives(Mass.kg(cubicMetres * density)));
        Figure.Formula sum = Figure.formula("weight.total").with("wood", wood.value());
        Mass total = wood.value();
        for (Layer layer : frame.job().contents().layers()) {
            Mass mass = mass(frame, layer);
            total = total.plus(mass);
            sum.with("layer_weight", mass, layer.material(), layer.thickness());
        }
        return new Weight(wood, ledger.enter(Station.HANG, sum.note("weight_estimate").gives(total)));
    }

    /** Mean of long and short point, as for any trapezoid, times the area cut through; a curve as long as its middle. */
    private static double cubicMetres(Member member) {
        Length mean = member.longPoint().value().plus(member.shortPoint().value()).over(2);
        double along = member.curve().map(c -> (way(c.outer()) + way(c.inner())) / 2).orElse(mean.toMm());
        return member.section().areaMm2() * 1e-6 * along * 1e-3;
    }

    private static double way(List<Point> run) {
        return Polygons.around(run) - run.getFirst().to(run.getLast());
    }

    private static Mass mass(Frame frame, Layer layer) {
        Line line = frame.has(Line.GLASS) ? Line.GLASS : Line.ART;
        double area = frame.area(line) * 1e-6;
        if (layer.material().role() == Material.Role.ART && frame.has(Line.ART)) {
            area = frame.area(Line.ART) * 1e-6;
        } else if (layer.material().role() == Material.Role.MAT) {
            Length overlap = frame.habits().get(Habit.MAT_OVERLAP).times(2);
            double within = frame.width(Line.ART).minus(overlap).ratio(frame.width(Line.ART))
                    * frame.height(Line.ART).minus(overlap).ratio(frame.height(Line.ART));
            area -= frame.area(Line.ART) * within * 1e-6;
        }
        return Mass.kg(Math.max(0, area) * layer.thickness().toMm() * 1e-3 * layer.material().density());
    }
}
