package neatcorner.core.pane;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Layer;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Form;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Safety;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** How large everything in the package is cut; whatever must drop in is rounded down. */
public final class PanePlanner {
    private final Frame frame;
    private final Ledger ledger;

    private PanePlanner(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
    }

    /** The panes of a frame. */
    public static Planned<Panes> plan(Frame frame) {
        Ledger ledger = new Ledger();
        PanePlanner planner = new PanePlanner(frame, ledger);
        List<Pane> openings = planner.matOpenings();
        List<Pane> sheets = planner.sheets();
        sheets.stream().findFirst().ifPresent(first -> ledger.lead(Station.FIT, first.width().key()));
        return ledger.planned(new Panes(sheets, openings));
    }

    private List<Pane> sheets() {
        if (frame.job().contents().materials().anyMatch(Material::isGlass)) {
            ledger.warn(Safety.GLASS);
        }
        if (!frame.bars().isEmpty()) {
            return panes();
        }
        if (frame.job().isStretcher()) {
            Length around = frame.job().section().thickness().plus(frame.habits().get(Habit.WRAP_FOLD)).times(2);
            return List.of(new Pane(
                    Words.of("sheet.fabric"),
                    Optional.empty(),
                    1,
                    fabric(Axis.WIDTH, around),
                    fabric(Axis.HEIGHT, around)));
        }
        if (!frame.job().section().recess().takesPackage()) {
            // Nothing holds anything there; that is found where it is fitted.
            return List.of();
        }
        List<Pane> sheets = new ArrayList<>();
        List<Layer> layers = frame.job().contents().layers();
        for (int i = 0; i < layers.size(); i++) {
            Material material = layers.get(i).material();
            long before = layers.subList(0, i).stream()
                    .filter(layer -> layer.material().role() == material.role())
                    .count();
            String id =
                    "cut." + material.role().name().toLowerCase(Locale.ROOT) + (before == 0 ? "" : "_" + (before + 1));
            Line line = material.role() == Material.Role.ART || !frame.has(Line.GLASS) ? Line.ART : Line.GLASS;
            sheets.add(new Pane(shaped(Words.of("sheet.of", material)), Optional.of(material), 1,
                    cut(id, line, Axis.WIDTH, material.role()), cut(id, line, Axis.HEIGHT, material.role())));
        }
        return List.copyOf(sheets);
    }

    /** What is not a rectangle is cut from one: its shape is said, and that the sizes are the box around it. */
    private Words shaped(Words sheet) {
        return frame.job().outline() instanceof Boxed.Rectangle
                ? sheet
                : Words.of("sheet.shaped", sheet, Form.of(frame.job().outline()));
    }

    /** One pane for every opening of a window, with the same play all round. */
    private List<Pane> panes() {
        Boxed.Window window = (Boxed.Window) frame.job().outline();
        Length lips = frame.job().section().lip().times(2);
        return frame.job().contents().layers().stream()
                .map(layer -> new Pane(
                        Words.of("sheet.panes", window.rows() * window.columns(), layer.material()),
                        Optional.of(layer.material()),
                        window.rows() * window.columns(),
                        pane(layer.material().role(), Axis.WIDTH, window.columns(), window.bar(), lips),
                        pane(layer.material().role(), Axis.HEIGHT, window.rows(), window.bar(), lips)))
                .toList();
    }

    private Figure<Length> pane(Material.Role role, Axis axis, int panes, Length bar, Length lips) {
        Length sight = frame.size(Line.SIGHT, axis).orElseThrow().value().minus(bar.times(panes - 1L)).over(panes);
        return ledger.enter(Figure.sum(
                        FigureKey.length(Station.FIT, "cut." + role.name().toLowerCase(Locale.ROOT) + "." + axis.id()))
                .named(Words.of("figure.cut." + axis.id()))
                .start("pane_sight", sight)
                .plus("pane_lips", lips)
                .minus("play", frame.habits().get(Habit.PLAY))
                .rounded(Rounding.DOWN)
                .result());
    }

    private Figure<Length> cut(String id, Line line, Axis axis, Material.Role role) {
        Figure<Length> size = frame.size(line, axis).orElseThrow();
        if (role == Material.Role.BACKING && frame.job().section().recess() instanceof Recess.DoubleRabbet step) {
            return ledger.enter(Figure.sum(FigureKey.length(Station.FIT, id + "." + axis.id()))
                    .named(Words.of("figure.cut." + axis.id()))
                    .start("glass_size", size.value())
                    .plus("step_behind.each", step.wider().times(2), step.wider())
                    .rounded(Rounding.DOWN)
                    .result());
        }
        return ledger.enter(new Figure<>(
                FigureKey.length(Station.FIT, id + "." + axis.id()),
                Words.of("figure.cut." + axis.id()),
                size.value(),
                Rounding.DOWN,
                size.origin(),
                size.working()));
    }

    private Figure<Length> fabric(Axis axis, Length around) {
        return ledger.enter(Figure.sum(FigureKey.length(Station.FIT, "cut.fabric." + axis.id()))
                .named(Words.of("figure.cut." + axis.id()))
                .start("outside", frame.size(Line.OUTSIDE, axis).orElseThrow().value())
                .plus("wrap", around)
                .rounded(Rounding.UP)
                .result());
    }

    /** The mat on the picture covers its edge; every mat before it opens a reveal wider. */
    private List<Pane> matOpenings() {
        int mats = (int) frame.job().contents().materials().filter(m -> m.role() == Material.Role.MAT).count();
        List<Pane> openings = new ArrayList<>();
        for (int i = 0; i < mats; i++) {
            int wider = mats - 1 - i;
            Words name = mats == 1 ? Words.of("sheet.mat_opening") : Words.of("sheet.mat_opening.nth", i + 1);
            openings.add(new Pane(
                    shaped(name), Optional.empty(), 1, opening(Axis.WIDTH, wider), opening(Axis.HEIGHT, wider)));
        }
        return List.copyOf(openings);
    }

    private Figure<Length> opening(Axis axis, int wider) {
        Length overlap = frame.habits().get(Habit.MAT_OVERLAP);
        Length reveal = frame.habits().get(Habit.MAT_REVEAL).times((long) wider);
        return ledger.enter(Figure.sum(FigureKey.length(
                        Station.FIT, "cut.mat_opening" + (wider == 0 ? "" : "_before_" + wider) + "." + axis.id()))
                .named(Words.of("figure.cut.mat_opening." + axis.id()))
                .start("art", frame.size(Line.ART, axis).orElseThrow().value())
                .minus("overlaps.each", overlap.times(2), overlap)
                .plus("reveals.each", reveal.times(2), reveal)
                .result());
    }
}
