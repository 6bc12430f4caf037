package neatcorner.core.making;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.EdgeRun;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.frame.Slatting;
import neatcorner.core.job.Panel;
import neatcorner.core.job.PanelKey;
import neatcorner.core.job.Placement;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.job.SlatKey;
import neatcorner.core.job.Slats;
import neatcorner.core.job.Trim;
import neatcorner.core.job.TrimKey;
import neatcorner.core.making.MakingKey.What;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Words;
import neatcorner.core.rack.Material;
import neatcorner.core.recall.Known;
import neatcorner.core.recall.Recent;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Planned;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Safety;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Band;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.section.Silhouette;
import neatcorner.core.section.Strip;
import neatcorner.core.section.StripKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** Plans how the section is made from boards. */
public final class MakingPlanner {
    /** Thinner strips are routed in a tunnel of feather boards. Common practice, no source. */
    private static final Length THIN = Length.inches(0, 3, 8);
    /** Narrower strips are worked on the edge of a wider board and ripped off last. Common practice, no source. */
    private static final Length NARROW = Length.inches(0, 3, 4);
    /** A bit with a bearing cuts no further in than this share of its radius. Common practice, no source. */
    private static final double UNDER_BEARING = 0.75;
    private static final Length ROUGH_STEP = Length.inches(0, 1, 4);
    private static final Recent<Task, Orders> ORDERS = new Recent<>(32, MakingPlanner::ordered);

    /** What the order of the cuts hangs on. */
    private record Task(Section section, Habits habits, boolean rabbetLater) {
    }

    /**
     * The cuts in order.
     *
     * @param strips blanks of the strips
     * @param cuts   of each strip on its own, those of the stack with those of an only strip
     * @param stack  cuts of the glued stack; empty for an only strip
     */
    private record Orders(List<Silhouette> strips, List<List<Ordering.Placed>> cuts, List<Ordering.Placed> stack) {
    }

    /**
     * Sides that are wider or narrower than the rest.
     *
     * @param letters of all such sides
     * @param orders  the cuts of their own section
     */
    private record Odd(Words letters, Section section, Orders orders) {
        /** The same cut on these sides. */
        Optional<Setup> setup(Function<Orders, List<Ordering.Placed>> cuts, Feature feature) {
            return cuts.apply(orders).stream()
                    .filter(placed -> placed.feature().name().equals(feature.name()))
                    .map(Ordering.Placed::setup)
                    .findFirst();
        }
    }

    private final Frame frame;
    private final Section section;
    private final Ledger ledger;
    private List<Odd> odd = List.of();
    private final List<MakingStep> steps = new ArrayList<>();
    private final List<Words> cautions = new ArrayList<>();

    private MakingPlanner(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.section = common(frame);
        this.ledger = ledger;
    }

    /** The making of a frame's section. */
    public static Planned<MakingPlan> plan(Frame frame) {
        Ledger ledger = new Ledger();
        return ledger.planned(new MakingPlanner(frame, ledger).plan());
    }

    private MakingPlan plan() {
        if (!frame.isWoodwork()) {
            step(
                    Tool.TABLE_SAW,
                    Words.of("making.profile", section.species()),
                    List.of(Words.of("making.profile.how")),
                    section.wood());
            return new MakingPlan(steps, cautions);
        }
        if (frame.job().outline().isCurved() && !frame.isSolid()) {
            curved();
            frame.job().body().trim().ifPresent(this::bent);
            find();
            return new MakingPlan(steps, cautions);
        }
        if (frame.isSolid()) {
            onePiece();
            frame.job().body().trim().ifPresent(this::bent);
            find();
            return new MakingPlan(steps, cautions);
        }
        boolean later = frame.job().rabbeting() != Rabbeting.BEFORE_MITRING && isRabbeted();
        Orders orders = ORDERS.of(new Task(section, frame.habits(), later));
        odd = odd(later);
        Silhouette stack = Silhouette.NONE;
        for (int i = 0; i < section.strips().size(); i++) {
            int strip = i;
            mill(i, orders.strips().get(i));
            stack = stack.plus(cut(orders.strips().get(i), of -> of.cuts().get(strip), orders));
            if (i > 0) {
                glue(Words.of("making.glue_strip", i + 1), List.of(Words.of("making.glue_strip.how")), stack);
            }
        }
        stack = cut(stack, Orders::stack, orders);
        if (section.band().isPresent()) {
            stack = band(section.band().get(), stack);
        }
        bars(orders);
        frame.job().body().slats().ifPresent(this::slats);
        frame.job().body().panel().ifPresent(this::panel);
        if (later) {
            rabbetLater(stack);
        }
        shapedEdge(later ? "making.edge.glued" : "making.edge.pieces", section.wood());
        outer("making.outer.joined");
        find();
        return new MakingPlan(steps, cautions);
    }

    /** The job's section; where no side is as wide as that, the first side's. */
    private static Section common(Frame frame) {
        Section own = frame.job().section();
        boolean straight = !frame.job().outline().isCurved() && !frame.isSolid();
        return !straight
                        || frame.members().stream()
                                .anyMatch(m -> m.section().face().equals(own.face()))
                ? own
                : frame.members().getFirst().section();
    }

    private static Words letters(List<Member> members) {
        return Words.plain(members.stream().map(m -> m.side().letters()).collect(Collectors.joining(", ")));
    }

    private List<Odd> odd(boolean later) {
        Map<Section, List<Member>> bySection = frame.members().stream()
                .filter(m -> !m.section().face().equals(section.face()))
                .collect(Collectors.groupingBy(Member::section, LinkedHashMap::new, Collectors.toList()));
        return bySection.entrySet().stream().map(entry -> new Odd(letters(entry.getValue()), entry.getKey(),
                ORDERS.of(new Task(entry.getKey(), frame.habits(), later)))).toList();
    }

    /**
     * The board, the opening, where it is no rectangle its outside, then the edges of the front, the rabbet last: no
     * fence runs along any of it.
     */
    private void onePiece() {
        Silhouette plain = Silhouette.box(0, 0, section.face().toMm(), section.thickness().toMm());
        Strip board = section.strips().getFirst();
        Length wide = frame.width(Line.OUTSIDE);
        Length high = frame.height(Line.OUTSIDE);
        if (board.species().stuff().isSheet()) {
            List<Words> how = new ArrayList<>();
            how.add(Words.of("making.sheet_board.how", wide.max(high), wide.min(high)));
            edges(board, how);
            step(
                    Tool.TABLE_SAW,
                    Words.of("making.from_sheet", Words.of("making.the_board"), board.thickness(), board.species()),
                    how,
                    plain,
                    List.of(SectionKey.THICKNESS));
        } else {
            step(Tool.PLANER, Words.of("making.board", wide.max(high), wide.min(high), board.thickness()),
                    List.of(Words.of("making.board.how", rough(board.thickness()), board.species())), plain,
                    List.of(SectionKey.THICKNESS));
        }
        boolean shapedAtOnce = frame.job().body().edge().isPresent() && !isRabbeted();
        if (!shapedAtOnce) {
            opening(plain);
        }
        if (!(frame.job().outline() instanceof Boxed.Rectangle)) {
            step(Tool.HAND_ROUTER, Words.of("making.outside"), List.of(Words.of("making.outside.how")), plain);
        }
        alongTheEdges(plain);
        shapedEdge(shapedAtOnce ? "making.edge.whole" : "making.edge.board", section.wood());
        outer("making.outer.board");
    }

    /**
     * The outside last, which clamps, fences and bits use while it is straight.
     *
     * @param when phrase of what it is sawn in
     */
    private void outer(String when) {
        OuterShaping.of(frame).ifPresent(outer -> {
            String form = outer.shape().form().name().toLowerCase(Locale.ROOT);
            List<Words> how = new ArrayList<>(List.of(
                    Words.of(when),
                    Words.of("making.outer." + form + ".how", outer.shape().size(), outer.radius()),
                    Words.of("making.outside.how")));
            Length off = outer.offMitre();
            if (off.isPositive()) {
                how.add(Words.of("making.outer.metal", off));
            }
            step(
                    Tool.HAND_ROUTER,
                    Words.of("making.outer." + form, outer.shape().size()),
                    how,
                    section.wood());
            ledger.warn(Safety.ROUTER);
        });
    }

    /**
     * The inner edge last, sawn and routed along a pattern: a rabbet bit runs along it while it is straight.
     *
     * @param when phrase of what it is sawn in
     */
    private void shapedEdge(String when, Silhouette stick) {
        frame.job().body().edge().ifPresent(edge -> {
            List<Words> how = new ArrayList<>(List.of(Words.of(when)));
            EdgeRun.alike(frame.edgeRuns()).forEach(runs -> how.add(Words.of(
                    "making.edge.run." + edge.form().name().toLowerCase(Locale.ROOT),
                    EdgeRun.letters(runs),
                    runs.getFirst().count(),
                    runs.getFirst().pitch(),
                    runs.getFirst().radius(edge))));
            how.add(Words.of(
                    edge.corner().isPositive() ? "making.edge.corners" : "making.edge.no_corners", edge.corner()));
            how.add(Words.of("making.edge.trim"));
            step(Tool.HAND_ROUTER, Words.of("making.edge", edge.form(), edge.rise()), how, stick);
            ledger.warn(Safety.ROUTER);
        });
    }

    /** What is cut with a bit that runs along an edge, whatever way that takes. */
    private void alongTheEdges(Silhouette plain) {
        if (section.strips().size() > 1 || section.band().isPresent()) {
            cautions.add(Words.of(frame.isSolid() ? "making.one_piece_built" : "making.curve_built"));
        }
        if (section.relief().isPresent()) {
            cautions.add(Words.of("making.hollow_along"));
        }
        Strip strip = section.strips().getFirst();
        Silhouette front = section.withRecess(new Recess.Bar()).withRelief(Optional.empty()).wood();
        if (strip.front().shape() != Profile.Shape.FLAT) {
            cautions.add(Words.of(frame.isSolid() ? "making.one_piece_front" : "making.curve_front"));
        } else if (!strip.isPlain()) {
            step(Tool.HAND_ROUTER, Words.of("making.curve_edges"), List.of(), front);
        }
        if (isRabbeted()) {
            rabbetLater(front);
        } else if (section.recess() instanceof Recess.Floater(Length ledge, Length thick) && thick.isPositive()) {
            step(
                    Tool.HAND_ROUTER,
                    Words.of("making.wall_later"),
                    List.of(Words.of(
                            "making.wall_later.how", ledge, section.thickness().minus(thick))),
                    section.wood());
        }
        ledger.warn(Safety.ROUTER);
    }

    private boolean isRabbeted() {
        return section.recess() instanceof Recess.Rabbet || section.recess() instanceof Recess.DoubleRabbet;
    }

    /** Straight blanks first; when they are glued the curve, then the edges of the front, the rabbet last. */
    private void curved() {
        Map<Length, List<Member>> widths = new TreeMap<>(Comparator.reverseOrder());
        frame.members().forEach(m -> widths.computeIfAbsent(m.stock().face(), _ -> new ArrayList<>()).add(m));
        Length thickness = section.thickness();
        if (section.species().stuff().isSheet()) {
            Strip strip = section.strips().getFirst();
            widths.forEach((width, members) -> fromSheet(
                    Words.of("making.the_blanks", letters(members)),
                    strip.withWidth(width),
                    Silhouette.box(0, 0, width.toMm(), thickness.toMm()),
                    List.of(SectionKey.THICKNESS)));
        } else {
            widths.forEach((width, members) -> step(Tool.PLANER, Words.of("making.blanks", width, thickness,
                        letters(members)),
                List.of(Words.of("making.blanks.how", rough(thickness), section.species(), width.plus(hair()))),
                Silhouette.box(0, 0, width.toMm(), thickness.toMm()),
                List.of(SectionKey.THICKNESS)));
        }
        Silhouette plain = Silhouette.box(0, 0, section.face().toMm(), thickness.toMm());
        boolean fitted = frame.job().isFitted();
        step(
                Tool.HAND_ROUTER,
                Words.of(fitted ? "making.curve_fitted" : "making.curve"),
                List.of(fitted ? byThePattern() : howSawn()),
                plain);
        alongTheEdges(plain);
    }

    private Words howSawn() {
        boolean round = frame.members().stream().allMatch(m -> m.curve().isPresent())
                && frame.width(Line.OUTSIDE).equals(frame.height(Line.OUTSIDE));
        return round
                ? Words.of(
                        "making.curve.round",
                        frame.width(Line.OUTSIDE).over(2),
                        frame.width(Line.SIGHT).over(2))
                : Words.of("making.curve.shaped");
    }

    /** Pieces that are glued to another part one by one have to meet it first: the far edge waits. */
    private Words byThePattern() {
        Placement place = frame.job().placement().orElseThrow();
        return Words.of("making.curve.fitted." + place.id(), place.on());
    }

    /** Left on the sawn edges for the planer, as boards are laid out with it. */
    private Length hair() {
        return frame.habits().get(Habit.OVER_LENGTH).over(4);
    }

    /** The rough board a thickness is milled from. */
    private Length rough(Length thickness) {
        Length rough = Length.inches(1);
        while (rough.minus(frame.habits().get(Habit.PLANING)).isUnder(thickness)) {
            rough = rough.plus(ROUGH_STEP);
        }
        return rough;
    }

    private static Orders ordered(Task task) {
        Section section = task.section();
        Features features = new Features(section, task.habits());
        boolean many = section.strips().size() > 1;
        List<Silhouette> strips = new ArrayList<>();
        List<List<Ordering.Placed>> orders = new ArrayList<>();
        Silhouette stack = Silhouette.NONE;
        for (int i = 0; i < section.strips().size(); i++) {
            Silhouette blank = features.blank(i);
            List<Feature> cuts = new ArrayList<>(features.ofStrip(i));
            if (!many) {
                cuts.addAll(features.ofStack(blank, task.rabbetLater()));
            }
            strips.add(blank);
            orders.add(Ordering.of(blank, cuts));
            stack = stack.plus(orders.getLast().isEmpty() ? blank : orders.getLast().getLast().after());
        }
        return new Orders(
                List.copyOf(strips),
                List.copyOf(orders),
                many ? Ordering.of(stack, features.ofStack(stack, task.rabbetLater())) : List.of());
    }

    /** The numbers that are given of the width and the thickness of a strip, where they are its own. */
    private List<FigureKey<Length>> sizes(int index) {
        Strip strip = section.strips().get(index);
        if (section.strips().size() > 1) {
            return List.of(
                    new StripKey(index, StripKey.What.WIDTH), new StripKey(index, StripKey.What.THICKNESS));
        }
        List<FigureKey<Length>> sizes = new ArrayList<>();
        if (strip.width().equals(frame.job().section().face())) {
            sizes.add(SectionKey.FACE);
        }
        if (strip.thickness().equals(section.thickness())) {
            sizes.add(SectionKey.THICKNESS);
        }
        return sizes;
    }

    /** From the board to a strip of the right width and thickness. */
    private void mill(int index, Silhouette blank) {
        Strip strip = section.strips().get(index);
        Words name = section.strips().size() == 1 ? Words.of("making.the_strip") : Words.of("making.strip", index + 1);
        if (strip.species().stuff().isSheet()) {
            fromSheet(name, strip, blank, sizes(index));
            return;
        }
        if (strip.source() == Strip.Source.GROOVED_BOARD) {
            List<Words> tongue = new ArrayList<>(List.of(Words.of("making.tongue_off.how", strip.width())));
            odd.forEach(sides -> tongue.add(Words.of(
                    "making.tongue_off.odd",
                    sides.letters,
                    sides.section.strips().get(index).width())));
            step(Tool.TABLE_SAW, Words.of("making.tongue_off", name), tongue, blank, sizes(index));
            return;
        }
        boolean turned = isTurned(strip);
        Length wide = turned ? strip.thickness() : strip.width();
        Length thick = turned ? strip.width() : strip.thickness();
        Length planing = frame.habits().get(Habit.PLANING);
        Length half = rough(thick).minus(frame.habits().get(Habit.RESAW_KERF)).over(2).minus(planing);
        List<Words> how = new ArrayList<>();
        how.add(Words.of("making.rough", rough(thick), strip.species()));
        if (!thick.isOver(half)) {
            how.add(Words.of("making.resaw", thick));
        }
        how.add(Words.of("making.rip", wide.plus(hair()), wide, thick));
        if (turned) {
            how.add(Words.of("making.turned"));
        }
        for (Odd sides : odd) {
            Length width = sides.section.strips().get(index).width();
            how.add(Words.of("making.rip_odd", sides.letters, width.plus(hair()), width));
        }
        step(Tool.PLANER, Words.of("making.mill", name, strip.width(), strip.thickness()), how, blank, sizes(index));
        if (strip.thickness().isUnder(THIN) && !strip.isPlain()) {
            cautions.add(Words.of("making.thin", name, strip.thickness()));
        }
        if (strip.width().isUnder(NARROW)) {
            cautions.add(Words.of("making.narrow", name, strip.width()));
        }
        if (strip.species().isSplintering() && !strip.isPlain()) {
            cautions.add(Words.of("making.splinters", strip.species()));
        }
    }

    /**
     * Whether a board as thick as it is wide gives it, turned on edge, where it takes a thicker one as it lies. A
     * narrow one is ripped off the edge of a wider board when it is worked, and so lies.
     */
    private boolean isTurned(Strip strip) {
        return odd.isEmpty()
                && !strip.width().isUnder(NARROW)
                && rough(strip.width()).isUnder(rough(strip.thickness()));
    }

    /** Strips are ripped from a sheet as thick as they are. */
    private void fromSheet(Words name, Strip strip, Silhouette blank, List<FigureKey<Length>> sizes) {
        List<Words> how = new ArrayList<>(List.of(Words.of("making.from_sheet.how", strip.sheetWidth())));
        for (Odd sides : odd) {
            how.add(Words.of(
                    "making.from_sheet.odd",
                    sides.letters,
                    sides.section.strips().getFirst().sheetWidth()));
        }
        edges(strip, how);
        step(
                Tool.TABLE_SAW,
                Words.of("making.from_sheet", name, strip.sheetThickness(), strip.species()),
                how,
                blank,
                sizes);
    }

    /** What is to be known of the edges of a sheet, and of its dust. */
    private void edges(Strip strip, List<Words> how) {
        how.add(Words.of("making.sheet_edges." + strip.species().stuff().name().toLowerCase(Locale.ROOT)));
        ledger.warn(Safety.BOARD_DUST);
        ledger.warn(Safety.SHEETS);
    }

    /** Glazing bars are strips of their own, with a rabbet along both edges. */
    private void bars(Orders orders) {
        if (frame.bars().isEmpty()) {
            return;
        }
        Length width = frame.bars().getFirst().stock().face();
        Length thickness = section.thickness();
        Silhouette blank = Silhouette.box(0, 0, width.toMm(), thickness.toMm());
        step(
                Tool.PLANER,
                Words.of("making.mill", Words.of("making.the_bars"), width, thickness),
                List.of(
                        Words.of("making.rough", rough(thickness), section.species()),
                        Words.of("making.rip", width.plus(hair()), width, thickness),
                        Words.of("making.bar_edges")),
                blank);
        cut(blank, _ -> Ordering.of(blank, new Features(section, frame.habits()).ofBar(width, blank)), orders);
    }

    /** Slats are milled by themselves; their grooves are stopped, or slots at their tilt, mirrored left and right. */
    private void slats(Slats slats) {
        Length length = frame.slats().getFirst().longPoint().value();
        step(
                Tool.PLANER,
                Words.of("making.mill", frame.slats().getFirst().side().all(), slats.width(), slats.thickness()),
                List.of(
                        Words.of("making.rip", slats.width().plus(hair()), slats.width(), slats.thickness()),
                        Words.of("making.slats.how", frame.slats().size(), length)),
                Silhouette.box(0, 0, slats.width().toMm(), slats.thickness().toMm()),
                List.of(SlatKey.WIDTH, SlatKey.THICKNESS));
        Slatting even = frame.slatting().orElseThrow();
        Length pitch = Length.mm(even.pitch());
        List<Words> how = new ArrayList<>();
        how.add(Words.of("making.slat_layout", Length.mm(even.first()), pitch));
        how.add(
                slats.degrees() == 0
                        ? Words.of(
                                "making.slat_groove",
                                slats.thickness(),
                                slats.groove(),
                                pitch.minus(slats.high()))
                        : Words.of(
                                "making.slat_slots",
                                slats.thickness(),
                                slats.width(),
                                slats.groove(),
                                slats.tilt()));
        if (slats.degrees() > 0) {
            how.add(Words.of("making.slat_mirror"));
        }
        step(Tool.ROUTER_TABLE, Words.of("making.slat_ends"), how, section.wood());
        ledger.warn(Safety.ROUTER);
    }

    /** A groove in the middle of every inner edge, and a panel that goes into it. */
    private void panel(Panel panel) {
        Member piece = frame.panel().getFirst();
        boolean sheet = panel.species().stuff().isSheet();
        step(
                sheet ? Tool.TABLE_SAW : Tool.PLANER,
                Words.of(
                        sheet ? "making.leaf_panel.sawn" : "making.leaf_panel",
                        piece.shortPoint(),
                        piece.longPoint(),
                        panel.thickness(),
                        panel.species()),
                List.of(Words.of(sheet ? "making.leaf_panel.sheet" : "making.leaf_panel.boards")),
                piece.section().wood(),
                List.of(PanelKey.THICKNESS));
        step(
                Tool.ROUTER_TABLE,
                Words.of("making.leaf_grooves", panel.thickness(), panel.groove()),
                List.of(
                        Words.of("making.leaf_grooves.how", panel.thickness()),
                        Words.of("making.leaf_grooves.stopped", panel.groove().minus(panel.play().over(2)))),
                section.wood(),
                List.of(PanelKey.GROOVE));
        ledger.warn(Safety.ROUTER);
        if (sheet) {
            ledger.warn(Safety.SHEETS);
        }
    }

    /** Strips thin enough to bend, sawn off the edge of a board that is planed again for each. */
    private void bent(Trim trim) {
        Section strip = frame.trim().getFirst().section();
        step(
                Tool.TABLE_SAW,
                Words.of("making.bent", trim.strips(), strip.face(), trim.strip()),
                List.of(
                        Words.of("making.bent.how", strip.face(), trim.strip()),
                        Words.of("making.bent.grain"),
                        Words.of("making.bent.thin")),
                strip.wood(),
                List.of(TrimKey.STRIP));
        ledger.warn(Safety.RIPPING);
    }

    private void step(Tool tool, Words what, List<Words> how, Silhouette stick) {
        step(tool, what, how, stick, List.of());
    }

    private void step(
            Tool tool, Words what, List<Words> how, Silhouette stick, List<? extends FigureKey<Length>> sizes) {
        steps.add(new MakingStep(
                tool,
                what,
                how,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                stick,
                Silhouette.NONE,
                true,
                List.copyOf(sizes)));
    }

    private void glue(Words what, List<Words> how, Silhouette stick) {
        step(Tool.GLUE, what, how, stick);
    }

    private Silhouette cut(Silhouette blank, Function<Orders, List<Ordering.Placed>> cuts, Orders orders) {
        Silhouette stick = blank;
        for (Ordering.Placed placed : cuts.apply(orders)) {
            steps.add(step(placed, odd(cuts, placed)));
            stick = placed.after();
            if (!placed.supported()) {
                ledger.find(Finding.of(
                                Severity.CAUTION,
                                Station.SECTION,
                                "no_support",
                                placed.feature().name(),
                                placed.setup().down(),
                                Length.mm(placed.setup()
                                        .down()
                                        .contact(placed.before())
                                        .total()))
                        .by(Length.mm(
                                placed.setup().down().contact(placed.before()).total()))
                        .remedy(new Remedy.Visit(Station.SECTION)));
            }
        }
        return stick;
    }

    /** What is set otherwise on sides of another width. */
    private List<Words> odd(Function<Orders, List<Ordering.Placed>> cuts, Ordering.Placed placed) {
        List<Words> lines = new ArrayList<>();
        for (Odd sides : odd) {
            Optional<Setup> same = sides.setup(cuts, placed.feature()).filter(setup -> setup.lies(placed.setup()));
            Length face = sides.section.face();
            boolean planed = placed.setup().tool() == Tool.HAND_PLANE
                    || sides.setup(cuts, placed.feature()).filter(own -> own.tool() == Tool.HAND_PLANE).isPresent();
            if (planed) {
                lines.add(Words.of("making.odd_plane", sides.letters, face));
            } else if (same.isEmpty()) {
                lines.add(Words.of("making.odd_anew", sides.letters, face));
            } else if (!same.get().equals(placed.setup())) {
                Setup own = same.get();
                lines.add(Words.of(
                        own.fence().isPositive() ? "making.odd_fence" : "making.odd_height",
                        sides.letters,
                        face,
                        own.height(),
                        own.fence()));
                own.tilt()
                        .filter(tilt -> !own.tilt().equals(placed.setup().tilt()))
                        .map(tilt -> Words.of("making.odd_tilt", tilt.angle()))
                        .ifPresent(lines::add);
                if (!own.bit().equals(placed.setup().bit())) {
                    lines.add(Words.of("making.odd_bit", own.bit()));
                }
            }
        }
        return lines;
    }

    private MakingStep step(Ordering.Placed placed, List<Words> otherwise) {
        Setup setup = placed.setup();
        String number = Integer.toString(steps.size() + 1);
        List<Words> how = new ArrayList<>();
        if (setup.tool() == Tool.HAND_PLANE) {
            how.add(setup.bit());
            placed.because().ifPresent(how::add);
            how.addAll(otherwise);
            return byHand(placed, how);
        }
        how.add(Words.of("making.lie", setup.bit(), setup.down(), setup.against()));
        setup.tilt().map(Setup.Tilt::said).ifPresent(how::add);
        placed.because().ifPresent(how::add);
        refused(placed).ifPresent(how::add);
        how.addAll(otherwise);
        Figure<Length> height = ledger.enter(Figure.formula(new MakingKey(number, What.HEIGHT))
                .named(Words.of("figure.making.height", placed.feature().name()))
                .note("making_height", setup.down())
                .gives(setup.height()));
        Optional<Figure<Length>> fence = setup.fence().isPositive()
                ? Optional.of(ledger.enter(Figure.formula(new MakingKey(number, What.FENCE))
                        .named(Words.of("figure.making.fence", placed.feature().name()))
                        .note("making_fence", setup.against())
                        .gives(setup.fence())))
                : Optional.empty();
        return new MakingStep(
                setup.tool(),
                Words.of("making.cut", placed.feature().name()),
                how,
                fence,
                Optional.of(height),
                passes(placed.feature().deep().min(setup.height()), setup),
                Optional.of(new MakingStep.Lies(setup.down(), setup.against())),
                placed.after(),
                placed.before().without(placed.after()),
                placed.supported(),
                List.copyOf(placed.feature().sizes()));
    }

    private static MakingStep byHand(Ordering.Placed placed, List<Words> how) {
        return new MakingStep(
                placed.setup().tool(),
                Words.of("making.cut", placed.feature().name()),
                how,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                placed.after(),
                placed.before().without(placed.after()),
                placed.supported(),
                List.copyOf(placed.feature().sizes()));
    }

    /** A way that would have been taken first, and why it was not. */
    private static Optional<Words> refused(Ordering.Placed placed) {
        Setup first = placed.feature().setups().getFirst();
        if (placed.setup().equals(first)) {
            return placed.feature().setups().stream().filter(Setup::trapped).findFirst()
                    .map(trap -> Words.of("making.trapped", trap.down(), trap.against()));
        }
        return Optional.of(Ordering.missingOnEdge(placed.before(), first)
                .map(second -> Words.of(
                        "making.not_two_passes",
                        second,
                        Length.mm(second.contact(placed.before()).total())))
                .orElseGet(() -> Words.of(
                        "making.not_first",
                        first.tool(),
                        first.down(),
                        Length.mm(first.down().contact(placed.before()).total()),
                        first.against(),
                        Length.mm(first.against().contact(placed.before()).total()))));
    }

    /** Even bites up to the full depth. */
    private static List<Length> passes(Length deep, Setup setup) {
        int count = (int) Math.ceil(deep.ratio(setup.bite()) - 1e-9);
        List<Length> passes = new ArrayList<>();
        for (int i = 1; i <= count && count > 1; i++) {
            passes.add(setup.height().times((double) i / count));
        }
        return passes;
    }

    private Silhouette band(Band band, Silhouette stack) {
        Strip strip = band.strip();
        step(Tool.PLANER, Words.of("making.mill", Words.of("making.the_band"), strip.thickness(), strip.width()),
                List.of(Words.of("making.rip", strip.width().plus(hair()), strip.width(), strip.thickness())), stack,
                List.of(SectionKey.BAND_WIDTH, SectionKey.BAND_HEIGHT));
        Silhouette whole = section.wood();
        List<Words> how = new ArrayList<>(List.of(Words.of("making.glue_band.how")));
        if (!band.reveal().isZero()) {
            how.add(Words.of(
                    band.reveal().isPositive() ? "making.shims_frame" : "making.shims_band",
                    band.reveal().abs()));
        }
        if (strip.outer().kind() != Edging.Kind.SQUARE) {
            how.add(Words.of("making.band_edge", strip.outer().kind(), strip.outer().width()));
        }
        glue(Words.of("making.glue_band"), how, whole);
        return whole;
    }

    /** The opening of a frame in one piece: bored, sawn close, routed along a template. */
    private void opening(Silhouette stack) {
        step(
                Tool.HAND_ROUTER,
                Words.of("making.opening"),
                List.of(Words.of(
                        "making.opening.how",
                        Known.in(frame.widths(), Line.SIGHT),
                        Known.in(frame.heights(), Line.SIGHT))),
                stack);
    }

    /** The rabbet cut in the glued frame: its corners keep the bit's radius. */
    private void rabbetLater(Silhouette stack) {
        Length radius = frame.habits().get(Habit.BIT_RADIUS);
        boolean squared = frame.job().rabbeting() != Rabbeting.AFTER_ROUNDED;
        boolean cornered = frame.job().outline().isCornered();
        boolean canvas = frame.job().contents().materials().anyMatch(material -> material == Material.CANVAS_ON_BARS);
        List<Words> corners =
                cornered && (squared || !canvas) ? List.of(squared ? chiselled() : rounded()) : List.of();
        if (section.recess() instanceof Recess.DoubleRabbet step) {
            Silhouette before = section.withRecess(new Recess.Rabbet(step.lip(), step.depth())).wood();
            rout("feature.rabbet", step.lip(), step.depth(), List.of(), stack, before);
            rout("feature.rabbet_behind", step.backLip(), step.backDepth(), corners, before, section.wood());
        } else {
            rout("feature.rabbet", section.lip(), section.recessDepth(), corners, stack, section.wood());
        }
        ledger.warn(Safety.ROUTER);
        if (!squared && cornered && !frame.job().contents().layers().isEmpty()) {
            ledger.find(Finding.of(
                            canvas ? Severity.CAUTION : Severity.NOTE,
                            Station.FIT,
                            canvas ? "round_corners_canvas" : "round_corners",
                            frame.habits().said(Habit.BIT_RADIUS))
                    .by(radius)
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.square_corners"), new Edit.ChooseRabbeting(Rabbeting.AFTER_SQUARED))));
        }
    }

    private Words rounded() {
        return Words.of("making.round_package", frame.habits().said(Habit.BIT_RADIUS));
    }

    /** A bit of radius r leaves r / tan(θ/2) of both walls of a corner of θ: all of r where it is square. */
    private Words chiselled() {
        if (frame.job().outline().isCurved()) {
            return Words.of("making.square_corners_only", frame.habits().said(Habit.BIT_RADIUS));
        }
        double sharpest = frame.angles().stream()
                .mapToDouble(Angle::radians)
                .min()
                .orElseThrow();
        boolean square = frame.angles().stream().allMatch(angle -> Math.abs(angle.radians() - Math.PI / 2) < 1e-6);
        return square
                ? Words.of("making.square_corners", frame.habits().said(Habit.BIT_RADIUS))
                : Words.of(
                        "making.sharp_corners",
                        Length.mm(frame.habits().get(Habit.BIT_RADIUS).toMm() / Math.tan(sharpest / 2)));
    }

    private void rout(
            String feature, Length lip, Length depth, List<Words> corners, Silhouette before, Silhouette after) {
        Words name = Words.of(feature);
        MakingKey key = feature.equals("feature.rabbet") ? MakingKey.RABBET_LATER : MakingKey.STEP_LATER;
        Figure<Length> height = ledger.enter(Figure.formula(key)
                .named(Words.of("figure.making.depth", name))
                .note("making_height", Surface.BACK)
                .gives(depth));
        Setup setup = Setup.of(
                Tool.HAND_ROUTER,
                Words.of("bit.straight"),
                Surface.BACK,
                Surface.INNER,
                Length.ZERO,
                depth,
                Features.routerBite(section.species()));
        List<Words> how = new ArrayList<>(
                List.of(Words.of(
                        lip.isOver(frame.habits().get(Habit.BIT_RADIUS).times(UNDER_BEARING))
                                ? "making.rabbet_later.wide"
                                : "making.rabbet_later.how",
                        lip,
                        frame.habits().said(Habit.BIT_RADIUS))));
        how.addAll(corners);
        steps.add(new MakingStep(
                Tool.HAND_ROUTER,
                Words.of(frame.isSolid() ? "making.rabbet_solid" : "making.rabbet_later", name),
                how,
                Optional.empty(),
                Optional.of(height),
                passes(depth, setup),
                Optional.empty(),
                after,
                before.without(after),
                true,
                List.copyOf(feature.equals("feature.rabbet") ? Features.RABBET : Features.STEP_BEHIND)));
    }

    private void find() {
        if (steps.stream().anyMatch(s -> s.tool() == Tool.ROUTER_TABLE)) {
            ledger.warn(Safety.ROUTER);
        }
        // What is planed was ripped before.
        if (steps.stream().anyMatch(s -> EnumSet.of(Tool.TABLE_SAW, Tool.DADO, Tool.PLANER).contains(s.tool()))) {
            ledger.warn(Safety.RIPPING);
        }
    }
}
