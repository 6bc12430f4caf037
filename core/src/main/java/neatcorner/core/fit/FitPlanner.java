package neatcorner.core.fit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Edit;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Layer;
import neatcorner.core.rack.Material;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.Station;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Words;

/** Plans the fit-up. */
public final class FitPlanner {
    /** A mat that covers less lets the edge of a moving picture show. Common practice, no source. */
    private static final Length LEAST_OVERLAP = Length.inches(0, 1, 8);
    private static final Length STRAINER_SCREW = Length.inches(4);
    /** A side this many times as long as its face is wide bows under its wire. Common practice, no source. */
    private static final double SLENDER = 30;
    /** A side this many times as long as it is thick bows off the wall. Common practice, no source. */
    private static final double FLAT = 60;
    private final Frame frame;
    private final Ledger ledger;

    private FitPlanner(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
    }

    /** The fit-up of a frame. */
    public static FitPlan plan(Frame frame, Ledger ledger) {
        return new FitPlanner(frame, ledger).plan();
    }

    private FitPlan plan() {
        Optional<FitPlan.Sheet> opening = matOpening();
        List<FitPlan.Sheet> sheets = sheets();
        findMat();
        findSlender();
        Optional<FitPlan.Strainer> strainer = isStrained() ? Optional.of(strainer()) : Optional.empty();
        return new FitPlan(sheets, opening, points(), strainer, order());
    }

    /** Only a square recess that is closed from behind takes a strainer. */
    private boolean isStrained() {
        return frame.job().choices().strainer() && frame.isFourSquare() && frame.job().section().recess() instanceof Recess.Covering;
    }

    private List<FitPlan.Sheet> sheets() {
        if (!frame.bars().isEmpty()) {
            return panes();
        }
        if (frame.job().section().recess() instanceof Recess.Bar) {
            Length around = frame.job().section().thickness().plus(frame.habits().get(Habit.WRAP_FOLD)).times(2);
            return List.of(new FitPlan.Sheet(Words.of("sheet.fabric"), Optional.empty(), 1, fabric(Axis.WIDTH, around), fabric(Axis.HEIGHT, around)));
        }
        List<FitPlan.Sheet> sheets = new ArrayList<>();
        for (Layer layer : frame.job().contents().layers()) {
            Material.Role role = layer.material().role();
            String id = "cut." + role.name().toLowerCase(Locale.ROOT);
            if (sheets.stream().anyMatch(s -> s.width().id().startsWith(id))) {
                continue;
            }
            boolean art = role == Material.Role.ART;
            Line line = art || !frame.has(Line.GLASS) ? Line.ART : Line.GLASS;
            sheets.add(new FitPlan.Sheet(Words.of("sheet.of", layer.material()), Optional.of(layer.material()), 1,
                    cut(id, line, Axis.WIDTH, role), cut(id, line, Axis.HEIGHT, role)));
        }
        if (frame.job().contents().materials().anyMatch(Material::isGlass)) {
            ledger.warn(Safety.GLASS);
        }
        return List.copyOf(sheets);
    }

    /** One pane for every opening of a window, with the same play all round. */
    private List<FitPlan.Sheet> panes() {
        Boxed.Window window = (Boxed.Window) frame.job().outline();
        Length lips = frame.job().section().lip().times(2);
        ledger.warn(Safety.GLASS);
        return frame.job().contents().layers().stream().map(layer -> new FitPlan.Sheet(
                Words.of("sheet.panes", window.rows() * window.columns(), layer.material()), Optional.of(layer.material()),
                window.rows() * window.columns(),
                pane(layer.material().role(), Axis.WIDTH, window.columns(), window.bar(), lips),
                pane(layer.material().role(), Axis.HEIGHT, window.rows(), window.bar(), lips))).toList();
    }

    private Figure<Length> pane(Material.Role role, Axis axis, int panes, Length bar, Length lips) {
        Length sight = frame.size(Line.SIGHT, axis).orElseThrow().value().minus(bar.times(panes - 1L)).over(panes);
        return ledger.enter(Station.FIT, Figure.sum("cut." + role.name().toLowerCase(Locale.ROOT) + "." + axis.id())
                .named(Words.of("figure.cut." + axis.id())).start("pane_sight", sight).plus("pane_lips", lips)
                .minus("play", frame.habits().get(Habit.PLAY)).rounded(Rounding.DOWN).result());
    }

    /** Whatever must drop in is rounded down; the art is what it is. */
    private Figure<Length> cut(String id, Line line, Axis axis, Material.Role role) {
        Figure<Length> size = frame.size(line, axis).orElseThrow();
        boolean asItIs = role == Material.Role.ART;
        if (role == Material.Role.BACKING && frame.job().section().recess() instanceof Recess.DoubleRabbet step) {
            return ledger.enter(Station.FIT, Figure.sum(id + "." + axis.id()).named(Words.of("figure.cut." + axis.id())).start("glass_size", size.value())
                    .plus("step_behind.each", step.wider().times(2), step.wider()).rounded(Rounding.DOWN).result());
        }
        return ledger.enter(Station.FIT, new Figure<>(id + "." + axis.id(), Words.of("figure.cut." + axis.id()),
                size.value(), asItIs ? Rounding.NEAREST : Rounding.DOWN, Origin.WORKED, size.working()));
    }

    private Figure<Length> fabric(Axis axis, Length around) {
        return ledger.enter(Station.FIT, Figure.sum("cut.fabric." + axis.id()).named(Words.of("figure.cut." + axis.id()))
                .start("outside", frame.size(Line.OUTSIDE, axis).orElseThrow().value())
                .plus("wrap", around).rounded(Rounding.UP).result());
    }

    private Optional<FitPlan.Sheet> matOpening() {
        if (!frame.job().contents().hasMat()) {
            return Optional.empty();
        }
        return Optional.of(new FitPlan.Sheet(Words.of("sheet.mat_opening"), Optional.empty(), 1, opening(Axis.WIDTH), opening(Axis.HEIGHT)));
    }

    private Figure<Length> opening(Axis axis) {
        return ledger.enter(Station.FIT, Figure.sum("cut.mat_opening." + axis.id())
                .start("art", frame.size(Line.ART, axis).orElseThrow().value())
                .minus("overlaps.each", frame.habits().get(Habit.MAT_OVERLAP).times(2), frame.habits().get(Habit.MAT_OVERLAP)).result());
    }

    private void findMat() {
        Optional<Borders> borders = frame.job().contents().borders();
        if (borders.isPresent() && frame.habits().get(Habit.MAT_OVERLAP).isUnder(LEAST_OVERLAP)) {
            ledger.find(Finding.of(Severity.CAUTION, Station.FIT, "mat_overlap", frame.habits().get(Habit.MAT_OVERLAP),
                    LEAST_OVERLAP, Habit.MAT_OVERLAP.usual())
                    .by(LEAST_OVERLAP.minus(frame.habits().get(Habit.MAT_OVERLAP)))
                    .remedy(new Remedy.OnJob(Words.of("remedy.mat_overlap", Habit.MAT_OVERLAP.usual()),
                            new Edit.Enter(Habit.MAT_OVERLAP.id(), Habit.MAT_OVERLAP.usual()))));
        }
        borders.filter(b -> b.bottom().isUnder(b.top())).ifPresent(b -> ledger.find(Finding.of(Severity.NOTE, Station.FIT,
                "mat_low", b.bottom(), b.top()).by(b.top().minus(b.bottom()))
                .remedy(new Remedy.OnJob(Words.of("remedy.bottom_border", b.top()), new Edit.Enter("border.bottom", b.top())))));
    }

    private List<FitPlan.Points> points() {
        if (frame.job().contents().layers().isEmpty() || frame.job().section().recess() instanceof Recess.Bar
                || frame.job().section().recess() instanceof Recess.Slot) {
            return List.of();
        }
        if (frame.isFourSquare()) {
            return Stream.of(Axis.values()).map(axis -> points("points." + axis.id(), Words.of("pair." + axis.id()),
                    frame.members().stream().filter(m -> (axis == Axis.WIDTH) == (m.place().along().y() == 0)).toList())).toList();
        }
        Map<Length, List<Member>> alike = new LinkedHashMap<>();
        Length step = new Length(1000);
        frame.members().forEach(m -> alike.computeIfAbsent(Rounding.NEAREST.toWhole(m.rabbet().value(), step), _ -> new ArrayList<>()).add(m));
        return alike.values().stream().map(group -> points("points." + group.getFirst().side().id(),
                Words.plain(group.stream().map(m -> m.side().letters()).collect(Collectors.joining(", "))), group)).toList();
    }

    /** One near each corner and none further from the next than the habit says. */
    private FitPlan.Points points(String id, Words name, List<Member> members) {
        Length side = members.getFirst().rabbet().value();
        Length spacing = frame.habits().get(Habit.POINT_SPACING);
        Length first = spacing.over(2).min(side.over(4));
        Length between = side.minus(first.times(2));
        int each = (int) Math.ceil(between.ratio(spacing) - 1e-9) + 1;
        Length apart = between.over(each - 1.0);
        ledger.enter(Station.FIT, Figure.formula(id + ".count").named(Words.of("figure.points.count", name)).with("side", side).note("points", spacing).gives(new Count(each)));
        return new FitPlan.Points(name, members, each,
                ledger.enter(Station.FIT, Figure.formula(id + ".first").named(Words.of("figure.points.first", name)).with("side", side).note("points", spacing).gives(first)),
                ledger.enter(Station.FIT, Figure.formula(id + ".apart").named(Words.of("figure.points.apart", name)).with("side", side).note("points", spacing).gives(apart)));
    }

    private void findSlender() {
        if (frame.job().choices().strainer() || !frame.isFourSquare() || !(frame.job().section().recess() instanceof Recess.Covering)) {
            return;
        }
        Length face = frame.narrowFace();
        Length thickness = frame.job().section().thickness();
        Remedy strainer = new Remedy.OnJob(Words.of("remedy.strainer"), new Edit.Strain(true));
        if (frame.longSide().ratio(face) > SLENDER) {
            ledger.find(Finding.of(Severity.CAUTION, Station.FIT, "slender", frame.longSide(), face, Math.round(frame.longSide().ratio(face)))
                    .by(frame.longSide()).remedy(strainer));
        } else if (frame.longSide().ratio(thickness) > FLAT) {
            ledger.find(Finding.of(Severity.CAUTION, Station.FIT, "flat_thin", frame.longSide(), thickness, Math.round(frame.longSide().ratio(thickness)))
                    .by(frame.longSide()).remedy(strainer));
        }
    }

    private FitPlan.Strainer strainer() {
        Length slack = frame.habits().get(Habit.STRAINER_SLACK);
        Figure<Length> rail = strainer("strainer.rail", Line.RABBET, Axis.WIDTH, slack, Length.ZERO);
        Figure<Length> stile = strainer("strainer.stile", Line.RABBET, Axis.HEIGHT, slack, FitPlan.Strainer.WIDTH.times(2));
        boolean wide = rail.value().isOver(stile.value().plus(FitPlan.Strainer.WIDTH.times(2)));
        Figure<Length> brace = wide ? strainer("strainer.brace", Line.RABBET, Axis.HEIGHT, slack, FitPlan.Strainer.WIDTH.times(2))
                : strainer("strainer.brace", Line.RABBET, Axis.WIDTH, slack, FitPlan.Strainer.WIDTH.times(2));
        Length proud = frame.job().contents().stack().plus(FitPlan.Strainer.THICKNESS).minus(frame.job().section().recessDepth());
        if (proud.isPositive()) {
            Length deeper = frame.job().section().recessDepth().plus(proud);
            boolean room = !frame.job().section().woodInFrontOfRabbet().minus(proud).isUnder(frame.habits().get(Habit.FRONT_WOOD));
            ledger.find(Finding.of(Severity.NOTE, Station.FIT, "strainer_proud", proud).by(proud).remedy(room
                    ? new Remedy.OnJob(Words.of("remedy.rabbet_depth", deeper), new Edit.Enter("section.rabbet_depth", deeper))
                    : new Remedy.OnJob(Words.of("remedy.no_strainer"), new Edit.Strain(false))));
        }
        Length shortSide = frame.width(Line.RABBET).min(frame.height(Line.RABBET)).minus(slack);
        Length longSide = frame.width(Line.RABBET).max(frame.height(Line.RABBET)).minus(slack);
        return new FitPlan.Strainer(rail, stile, brace, screws(shortSide, 2), screws(longSide, 3));
    }

    private Figure<Length> strainer(String id, Line line, Axis axis, Length slack, Length rails) {
        return ledger.enter(Station.FIT, Figure.sum(id).start("rabbet", frame.size(line, axis).orElseThrow().value())
                .minus("slack", slack).minus("strainer_rails", rails, FitPlan.Strainer.WIDTH).rounded(Rounding.DOWN).result());
    }

    /** Near each end, and between at the middle ({@code parts} = 2) or the thirds (3). */
    private static List<Length> screws(Length side, int parts) {
        Length first = STRAINER_SCREW.min(side.over(4));
        List<Length> places = new ArrayList<>();
        places.add(first);
        for (int i = 1; i < parts; i++) {
            places.add(side.times((double) i / parts));
        }
        places.add(side.minus(first));
        return List.copyOf(places);
    }

    private List<Words> order() {
        List<Words> order = new ArrayList<>();
        switch (frame.job().section().recess()) {
            case Recess.Covering _ -> {
                frame.job().contents().materials().map(Material::role).distinct()
                        .forEach(role -> order.add(Words.of(frame.job().contents().isMirror() && role == Material.Role.GLAZING
                                ? "fit.mirror" : "fit." + role.name().toLowerCase(Locale.ROOT))));
                if (frame.job().choices().rabbeting() == Rabbeting.AFTER_ROUNDED && !order.isEmpty()) {
                    order.addFirst(Words.of("fit.round_corners", frame.habits().get(Habit.BIT_RADIUS)));
                }
                if (frame.job().section().recess() instanceof Recess.Slot) {
                    return List.of(Words.of("fit.panel"));
                }
                if (!order.isEmpty()) {
                    order.add(Words.of("fit.points"));
                }
                if (isStrained()) {
                    order.add(Words.of("fit.strainer"));
                }
                order.add(Words.of("fit.dust_paper"));
            }
            case Recess.Floater _ -> {
                order.add(Words.of("fit.float_centre", frame.habits().get(Habit.FLOAT_GAP)));
                order.add(Words.of("fit.float_screws"));
            }
            case Recess.Bar() -> order.add(Words.of("fit.stretch"));
        }
        return order;
    }
}
