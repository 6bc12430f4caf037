package neatcorner.core.frame;

import java.util.List;
import neatcorner.core.job.CrossBars;
import neatcorner.core.job.Fixture;
import neatcorner.core.job.Job;
import neatcorner.core.job.Layer;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * What a part weighs, and all of what hangs together with it; estimates.
 *
 * @param wood    the members of this part
 * @param total   all parts, with everything in the package
 * @param carried what the corners of this part have to hold together: all of it where the package lies in this part or
 *                the hardware is on it, else its own wood
 */
public record Weight(Figure<Mass> wood, Figure<Mass> total, Mass carried) {
    /** The wood of this part alone. */
    public static final FigureKey<Mass> WOOD = FigureKey.mass(Station.HANG, "weight.wood");
    /** Everything that hangs. */
    public static final FigureKey<Mass> TOTAL = FigureKey.mass(Station.HANG, "weight.total");

    /**
     * Weighs the part that is looked at, and all: what each part of a section holds of each wood, and area × thickness
     * × density of each layer.
     */
    public static Planned<Weight> of(Assembly assembly) {
        Ledger ledger = new Ledger();
        return ledger.planned(of(assembly, ledger));
    }

    private static Weight of(Assembly assembly, Ledger ledger) {
        Job job = assembly.job();
        Frame frame = assembly.seen();
        Species species = frame.job().section().species();
        Words name = job.parts().size() == 1
                ? species.stuff().isGrown() ? WOOD.words() : species.words()
                : Words.of(
                        frame.job().part().copies() > 1 ? "working.wood_of_one" : "working.wood_of",
                        job.part().name());
        Figure<Mass> wood = ledger.enter(Figure.formula(WOOD)
                .named(name)
                .note("wood_weight", Math.round(frame.job().section().areaMm2()), frame.job().section().species(),
                        Math.round(frame.job().section().species().density())).gives(wood(frame)));
        Figure.Formula<Mass> sum = Figure.formula(TOTAL);
        Mass total = Mass.ZERO;
        for (Frame part : assembly.frames()) {
            Mass own = wood(part).times(part.job().part().copies());
            total = total.plus(own);
            if (job.parts().size() == 1) {
                sum.with("wood", own);
            } else {
                sum.with("wood_of", own, part.job().part().name());
            }
        }
        Frame holder = assembly.frame(job.holder());
        for (Layer layer : holder.job().contents().layers()) {
            Mass mass = mass(holder, layer);
            total = total.plus(mass);
            sum.with("layer_weight", mass, layer.material(), layer.thickness());
        }
        if (!job.packed().behind().isEmpty()) {
            total = behind(assembly, total, sum);
        }
        boolean bears = job.seen() == job.holder() || job.seen() == job.carrier();
        return new Weight(
                wood, ledger.enter(sum.note("weight_estimate").gives(total)), bears ? total : wood.value());
    }

    /** What lies behind hangs by the frame where nothing holds it on the wall; the sides are opened for it. */
    private static Mass behind(Assembly assembly, Mass before, Figure.Formula<Mass> sum) {
        Mass total = before;
        List<Fixture> behind = assembly.job().packed().behind();
        boolean mounted = assembly.job().packed().isScreenMounted();
        for (Fixture fixture : behind) {
            if (!mounted && fixture.kind() == Fixture.Kind.SCREEN) {
                total = total.plus(fixture.mass());
                sum.with("fixture_weight", fixture.mass(), fixture.kind());
            }
        }
        double sawn = SideOpening.of(assembly).stream()
                .mapToDouble(opening -> opening.kg(assembly))
                .sum();
        if (sawn > 0) {
            Mass away = Mass.kg(Math.min(sawn, total.toKg()));
            total = Mass.kg(total.toKg() - away.toKg());
            sum.with("openings_weight", away);
        }
        return total;
    }

    private static Mass wood(Frame frame) {
        return Mass.kg(frame.members().stream().mapToDouble(member -> kg(frame, member)).sum() + bars(frame)
                + cross(frame)
                + frame.slats().stream().mapToDouble(slat -> kg(frame, slat)).sum()
                + frame.panel().stream().mapToDouble(panel -> kg(frame, panel)).sum()
                + Trimming.kg(frame)
                - sawnAway(frame)
                - OuterShaping.of(frame).map(OuterShaping::kg).orElse(0.0));
    }

    /** What is sawn out of shaped inner edges: before a rabbet, all through where there is none. */
    private static double sawnAway(Frame frame) {
        if (frame.job().body().edge().isEmpty()) {
            return 0;
        }
        Section section = frame.job().section();
        double area = Polygons.area(frame.inner()) - frame.area(Line.SIGHT);
        return area * section.woodInFrontOfRabbet().toMm() * 1e-9
                * section.strips().getLast().species().density();
    }

    /**
     * The volume of a piece is exact: between two flat cuts a line along it is as long as its place in the
     * section says, so the whole is area times the length through the middle of the area (a prism cut aslant).
     * Curves are as long there as the parallel of their outside that runs through that middle. Pieces that meet square
     * share the corners otherwise than mitred ones, but hold as much together.
     */
    private static double kg(Frame frame, Member member) {
        double grams = 0;
        for (Section.Part part : member.section().parts()) {
            if (!part.wood().isNone()) {
                grams += part.gPerMm() * along(frame, member, part.middle());
            }
        }
        return grams * 1e-3;
    }

    private static double along(Frame frame, Member member, Point middle) {
        double in = member.section().face().toMm() - middle.x();
        if (member.curve().isPresent()) {
            double outer = way(member.curve().get().outer());
            double inner = way(member.curve().get().inner());
            return outer + (inner - outer) * in / member.section().width().toMm();
        }
        if (!member.slabs().isEmpty()) {
            double outer = way(frame.run(Line.OUTSIDE, frame.members().indexOf(member)));
            return outer
                    + (member.shortPoint().value().toMm() - outer)
                            * in
                            / member.section().width().toMm();
        }
        Vector from = member.end(-in, middle.y(), false);
        Vector to = member.end(-in, middle.y(), true);
        return to.minus(from).dot(member.place().along());
    }

    /**
     * Bars lose a rabbet on both edges, all but the web where they lie on the lips, and half of each where they cross.
     */
    private static double bars(Frame frame) {
        if (frame.bars().isEmpty()) {
            return 0;
        }
        Section section = frame.job().section();
        double depth = section.recessDepth().toMm();
        double front = section.thickness().toMm() - depth;
        double lip = section.lip().toMm();
        double bar = frame.bars().getFirst().section().face().toMm();
        double web = bar - 2 * lip;
        double volume = frame.bars().stream()
                .mapToDouble(b -> b.shortPoint().value().toMm() * (bar * front + web * depth) + 2 * lip * web * depth)
                .sum();
        long uprights = frame.bars().stream().filter(b -> b.side().name() == Side.Name.UPRIGHT).count();
        long crossings = uprights * (frame.bars().size() - uprights);
        return (volume - crossings * (bar * bar * front + web * web * depth)) * 1e-9 * section.species().density();
    }

    /** Where bars cross each loses half. */
    private static double cross(Frame frame) {
        CrossBars cross = frame.job().body().cross();
        double crossing = Math.pow(frame.job().section().face().toMm(), 2)
                * frame.job().section().thickness().toMm()
                * 1e-9
                * frame.job().section().species().density();
        return frame.cross().stream().mapToDouble(bar -> kg(frame, bar)).sum()
                - cross.upright() * cross.level() * crossing;
    }

    private static double way(List<Point> run) {
        return Polygons.around(run) - run.getFirst().to(run.getLast());
    }

    private static Mass mass(Frame frame, Layer layer) {
        Line line = frame.has(Line.GLASS) ? Line.GLASS : frame.has(Line.ART) ? Line.ART : Line.SIGHT;
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
