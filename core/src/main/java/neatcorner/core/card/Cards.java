package neatcorner.core.card;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Piece;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.finish.FinishPlan;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.glue.GluePlan;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.joint.SquareCuts;
import neatcorner.core.making.MakingStep;
import neatcorner.core.making.Tool;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Quantity;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.pane.Pane;
import neatcorner.core.phrase.Phrases;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Safety;
import neatcorner.core.sawing.SawCut;
import neatcorner.core.sawing.Sawing;
import neatcorner.core.sawing.Stroke;
import neatcorner.core.sawing.ToSaw;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Sizing;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.WorkLog;

/**
 * All cards of a job, in the order hands follow: the wood, what is made of it, every cut; then of each part its
 * corners, its glue-up, what is worked after that, and its finish; then what goes in, and the wall.
 */
public final class Cards {
    /** Steps that say that the frame is measured across, and not how much it is. */
    private static final Set<String> CHECKS = Set.of("close.diagonals", "close.checks", "close.checks_blanks");
    /** Steps that hold a package where points are given. */
    private static final Set<String> HELD = Set.of("fit.points", "fit.points_in_panes", "fit.blocks");
    /** A number that is said only on a card. */
    private static final FigureKey<Length> LENGTH = FigureKey.length(Station.CUTS, "card.length");
    /** The same. */
    private static final FigureKey<Angle> ANGLE = FigureKey.angle(Station.CUTS, "card.angle");
    private final Plan plan;
    private final List<Card> cards = new ArrayList<>();
    /** How often a step of a name was said of a part at a station. */
    private final Map<Act, Integer> said = new HashMap<>();
    /** Steps of a glue-up that were said before the pieces were cut. */
    private final Set<Words> before = new HashSet<>();
    /** Parts that are glued and not finished. */
    private final List<Plan> unfinished = new ArrayList<>();
    /** Steps of glue-ups that wait until all is finished, by the part. */
    private final Map<String, List<Words>> onceFinished = new LinkedHashMap<>();
    private final Partners partners;
    private final Spare spare;

    private Cards(Plan plan, Partners partners) {
        this.plan = plan;
        this.partners = partners;
        this.spare = new Spare(plan);
    }

    /** The cards of a job, by its plan; whichever of its parts that looks at. */
    public static List<Card> of(Plan plan) {
        ToSaw toSaw = plan.toSaw();
        return of(plan, toSaw, toSaw.inOrder());
    }

    /** The same with its cuts brought into one order already, by which they are made where all are made at once. */
    public static List<Card> of(Plan plan, ToSaw toSaw, Sawing sawing) {
        Cards cards = new Cards(plan, new Partners(plan, toSaw.sticks()));
        List<Plan> parts = Planner.ofParts(plan);
        cards.take(toSaw.sticks());
        Set<String> ready = ready(toSaw.sticks());
        parts.stream()
                .filter(part -> !ready.contains(part.job().section().name()))
                .forEach(part -> cards.make(part, Turn.STICKS));
        Waves waves = Waves.of(plan, cards.spare, toSaw, sawing);
        for (int i = 0; i < parts.size(); i++) {
            Plan part = parts.get(i);
            cards.fitTo(part, waves.of(i));
            cards.saw(waves, i, toSaw);
            if (i == 0) {
                cards.sawAgain(toSaw);
            }
            cards.make(part, Turn.PIECES);
            cards.steps(part, Station.CORNERS, atTheBench(part), cards.cautions(Station.CORNERS));
            if (isGrooved(part)) {
                cards.fit(part);
            }
            cards.glue(part);
            cards.finish(part, parts.subList(i + 1, parts.size()));
        }
        Plan holder = Planner.at(plan, plan.job().holder());
        List<String> behind = cards.behind(holder);
        parts.stream()
                .filter(part -> !behind.contains(part.job().part().name()))
                .forEach(cards::attach);
        if (!isGrooved(holder)) {
            cards.fit(holder);
        }
        parts.forEach(cards::attach);
        Plan carrier = Planner.at(plan, plan.job().carrier());
        cards.hang(carrier);
        return List.copyOf(cards.cards);
    }

    /** The work at the corners of a part; what the saw does of it was told cut by cut. */
    private static List<Words> atTheBench(Plan part) {
        return part.joints().work().stream().filter(step -> !SquareCuts.isSawn(step)).toList();
    }

    /** Whether a part holds panels in grooves, which go in while it is closed. */
    private static boolean isGrooved(Plan part) {
        return part.job().seen() == part.job().holder()
                && part.job().section().recess() instanceof Recess.Slot;
    }

    /** Mouldings of which every stick lies there as it is sold: nobody makes them. */
    private static Set<String> ready(List<StickLayout> sticks) {
        Map<String, Boolean> all = new HashMap<>();
        sticks.forEach(stick -> all.merge(stick.section().name(), !stick.bought(), Boolean::logicalAnd));
        return all.entrySet().stream()
                .filter(Map.Entry::getValue)
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }

    private List<Safety> cautions(Station station) {
        return plan.safety().stream().filter(one -> one.station() == station).sorted().toList();
    }

    private List<Safety> cautions(Station station, Collection<Safety> among) {
        return cautions(station).stream().filter(among::contains).toList();
    }

    private Act step(Plan part, Station station, String what) {
        String name = part.job().part().name();
        int nth = said.merge(new Act.Step(name, station, what, 0), 1, Integer::sum);
        return new Act.Step(name, station, what, nth);
    }

    private void take(List<StickLayout> sticks) {
        if (sticks.isEmpty()) {
            return;
        }
        Map<List<Object>, List<StickLayout>> alike = new LinkedHashMap<>();
        sticks.forEach(stick -> alike.computeIfAbsent(
                        List.of(stick.section().name(), stick.length(), stick.source().said()), _ -> new ArrayList<>())
                .add(stick));
        List<Words> lines = alike.values().stream()
                .map(these -> Words.of(
                        "card.take_line",
                        these.size(),
                        these.getFirst().length(),
                        these.getFirst().section().name(),
                        these.getFirst().source().said()))
                .toList();
        cards.add(new Card(
                step(Planner.at(plan, 0), Station.CUTS, "card.take"),
                0,
                Words.of("card.take"),
                Optional.empty(),
                lines,
                List.of(Words.of("card.take_check")),
                List.of(),
                Optional.empty(),
                new Scene.OnTheRack()));
    }

    /** On what a section is worked. */
    private enum Turn {
        STICKS,
        PIECES,
        JOINED;

        static Turn of(MakingStep step) {
            if (step.tool() != Tool.HAND_ROUTER) {
                return STICKS;
            }
            return step.how().stream().anyMatch(how -> how.key().equals("making.edge.pieces")) ? PIECES : JOINED;
        }
    }

    /** What is done to the section at its turn. */
    private void make(Plan part, Turn turn) {
        for (MakingStep step : part.making().steps()) {
            if (Turn.of(step) != turn) {
                continue;
            }
            List<Words> says = new ArrayList<>();
            step.fence().ifPresent(fence -> says.add(Words.of("card.fence", fence)));
            step.height().ifPresent(height -> says.add(Words.of("card.height", height)));
            if (step.passes().size() > 1) {
                says.add(Words.of("card.passes", step.passes().size()));
            }
            List<Words> how = step.how();
            says.addAll(how.subList(Math.min(Card.MOST_CHECKS, how.size()), how.size()));
            Optional<Figure<?>> set = step.fence().or(step::height).map(one -> one);
            cards.add(new Card(
                    step(part, Station.SECTION, step.what().key()),
                    part.job().seen(),
                    step.what(),
                    set.or(() -> number(step.what())),
                    says,
                    how.subList(0, Math.min(Card.MOST_CHECKS, how.size())),
                    cautions(Station.SECTION, belonging(step.tool())),
                    Optional.empty(),
                    new Scene.InTheMachine(step)));
        }
    }

    private static Set<Safety> belonging(Tool tool) {
        return switch (tool) {
            case TABLE_SAW, DADO -> Set.of(Safety.RIPPING, Safety.SHEETS, Safety.BOARD_DUST);
            case ROUTER_TABLE, HAND_ROUTER -> Set.of(Safety.ROUTER, Safety.BOARD_DUST);
            case PLANER -> Set.of(Safety.RIPPING, Safety.BOARD_DUST);
            case HAND_PLANE, GLUE -> Set.of();
        };
    }

    /** The cuts that come to the saw before a part is joined. */
    private void saw(Waves waves, int part, ToSaw toSaw) {
        WorkLog log = plan.get(WorkLog.class);
        Map<String, String> parts = Lots.parts(Lots.orders(plan.assembly()));
        List<Remake> remakes = remakes(plan, toSaw.sticks(), log);
        for (SawCut cut : waves.of(part)) {
            Act.Saw act = act(cut, parts, 0);
            boolean alone = cut.stroke() == Stroke.LEFT || cut.stroke() == Stroke.RIGHT;
            boolean spoilt = remakes.stream()
                    .map(remake -> remake.wrong().act())
                    .anyMatch(wrong -> wrong.piece().equals(act.piece())
                            && wrong.part().equals(act.part()));
            // What only a piece that is spoiled would get from it is not cut any more.
            if (!(spoilt && alone) || log.isDone(act)) {
                cards.add(card(act, cut.title(), cut, spare.of(cut, part), toSaw.kerf()));
            }
        }
    }

    /** The cuts of pieces that were spoiled, once more. */
    private void sawAgain(ToSaw toSaw) {
        WorkLog log = plan.get(WorkLog.class);
        Map<String, String> parts = Lots.parts(Lots.orders(plan.assembly()));
        List<Remake> remakes = remakes(plan, toSaw.sticks(), log);
        for (Remake remake : remakes) {
            int number = remake.number(toSaw.sticks().size(), remakes);
            for (SawCut once : new ToSaw(List.of(remake.layout()), toSaw.habits(), toSaw.machines()).inOrder().cuts()) {
                SawCut cut = once.onStick(number);
                Act.Saw act = act(cut, parts, remake.again());
                if (!remake.isSpoilt(remakes) || log.isDone(act)) {
                    Words title = Words.of("card.again", cut.title());
                    cards.add(card(act, title, cut, Optional.of(remake.words()), toSaw.kerf()));
                }
            }
        }
    }

    /** What must be done and read of what a part is fitted to, where pieces of it are cut only now. */
    private void fitTo(Plan part, List<SawCut> cuts) {
        if (part.job().seen() == 0 || cuts.isEmpty()) {
            return;
        }
        part.glue().steps().stream().filter(Cards::comesFirst).forEach(step -> {
            before.add(step);
            add(part, Station.GLUE_UP, step, List.of(), List.of(), Optional.empty());
        });
        Plan base = Planner.at(plan, plan.job().indexOf(part.job().part().placement().orElseThrow().on()));
        Line followed = part.assembly().followed(part.job().seen()).orElseThrow();
        for (Axis axis : Axis.values()) {
            base.frame().size(followed, axis).filter(_ -> base.frame().isFourSquare()).ifPresent(size ->
                    measure(
                            base,
                            size,
                            Words.of("card.size_of", base.job().part().name(), followed, axis),
                            Words.of("card.size_how", part.job().part().name())));
        }
    }

    /** Whether a step of a part's glue-up comes before its pieces are cut. */
    private static boolean comesFirst(Words step) {
        return step.key().equals("attach.as_it_came_out");
    }

    /** A size as it came out; one that is measured before already is not asked for again. */
    private void measure(Plan part, Figure<Length> size, Words title, Words how) {
        Act act = Act.Size.of(part.job().part().name(), size.key());
        if (cards.stream().anyMatch(card -> card.act().equals(act))) {
            return;
        }
        cards.add(new Card(
                act,
                part.job().seen(),
                title,
                Optional.of(size),
                List.of(Words.of("card.planned", size), how),
                List.of(),
                act.station() == Station.HANG ? cautions(Station.HANG) : List.of(),
                Optional.empty(),
                new Scene.OnTheBench(act.station())));
    }

    /** The pieces that were spoiled, as they are made again. */
    static List<Remake> remakes(Plan plan, List<StickLayout> sticks, WorkLog log) {
        return Remake.of(sticks, log.spoilt(), Lots.parts(Lots.orders(plan.assembly())));
    }

    /** What becomes of a piece that did not come out as planned; empty for one that did, or was not read. */
    public static Optional<Words> verdict(Plan plan, Card card) {
        return card.act() instanceof Act.Saw sawn
                ? new Partners(plan, plan.toSaw().sticks()).verdict(sawn)
                : Optional.empty();
    }

    /** The pieces that could be cut as short as one that came out so; empty where there are none, or they are cut. */
    public static Optional<Words> toShare(Plan plan, Act.Saw sawn) {
        return new Partners(plan, plan.toSaw().sticks()).toShare(sawn);
    }

    /** How a piece would be made again if it were spoiled now; empty for what is no piece of this job. */
    public static Optional<Remake> again(Plan plan, Deed.WentWrong wrong) {
        List<Deed.WentWrong> spoilt = new ArrayList<>(plan.get(WorkLog.class).spoilt());
        spoilt.add(wrong);
        return Remake.of(plan.toSaw().sticks(), spoilt, Lots.parts(Lots.orders(plan.assembly()))).stream()
                .filter(remake -> remake.wrong() == wrong)
                .findFirst();
    }

    private static Act.Saw act(SawCut cut, Map<String, String> parts, int again) {
        Piece piece = cut.on().placed().piece();
        return new Act.Saw(
                parts.getOrDefault(piece.job(), piece.job()),
                piece.id(),
                cut.stroke() == Stroke.RIGHT || cut.stroke() == Stroke.BOTH,
                again);
    }

    private Card card(Act.Saw act, Words title, SawCut planned, Optional<Words> from, Length kerf) {
        Length less = planned.stroke().makesLength() ? partners.less(act) : Length.ZERO;
        SawCut cut = planned.lessBy(less);
        List<Words> says = new ArrayList<>(settings(cut));
        from.ifPresent(says::add);
        if (less.isPositive()) {
            says.add(Words.of("card.to_partner", less));
        }
        Set<Safety> always = Set.of(Safety.SAW, Safety.METAL);
        Set<Safety> clamped = Set.of(Safety.SAW, Safety.METAL, Safety.SHORT_PIECE);
        return new Card(
                act,
                plan.job().indexOf(act.part()),
                title,
                Optional.of(plain(cut.measure().length())),
                says,
                cut.checks().stream().limit(Card.MOST_CHECKS).toList(),
                cautions(Station.CUTS, cut.held().clamped() ? clamped : always),
                Optional.empty(),
                new Scene.AtTheSaw(cut, kerf, less));
    }

    private static List<Words> settings(SawCut cut) {
        List<Words> says = new ArrayList<>(List.of(cut.measure().words(), cut.setting().words()));
        if (cut.anew().setting()) {
            says.add(Words.of("card.set_saw"));
        }
        if (cut.anew().stop()) {
            says.add(Words.of("card.set_stop"));
        }
        cut.checks().stream().skip(Card.MOST_CHECKS).forEach(says::add);
        cut.remains().ifPresent(rest -> says.add(Words.of("card.rest", rest)));
        return says;
    }

    private void glue(Plan part) {
        List<Safety> glue = cautions(Station.GLUE_UP);
        List<Safety> driven = Stream.concat(glue.stream(), cautions(Station.CORNERS).stream()).toList();
        boolean measured = false;
        boolean waited = false;
        for (Words step : part.glue().steps()) {
            if (before.contains(step)) {
                continue;
            }
            if (GluePlan.isOnceFinished(step)) {
                onceFinished.computeIfAbsent(part.job().part().name(), _ -> new ArrayList<>())
                        .add(step);
                continue;
            }
            if (!waited && step.key().equals("attach.flushed")) {
                leave(part);
                waited = true;
            }
            boolean cleaned = step.key().startsWith("close.squeeze_out");
            boolean checks = CHECKS.contains(step.key());
            List<Figure<Length>> across = checks ? part.glue().checks() : List.of();
            add(
                    part,
                    Station.GLUE_UP,
                    step,
                    across.stream().<Figure<?>>map(one -> one).findFirst().or(() -> number(step)),
                    across.stream().map(one -> Words.of("card.figure", one.name(), one)).toList(),
                    measured && !cleaned ? driven : glue,
                    Optional.empty());
            measured |= checks;
            if (!waited && cleaned) {
                leave(part);
                waited = true;
            }
        }
        if (!waited && part.glue().steps().stream().noneMatch(step -> step.key().equals("close.on_wall"))) {
            leave(part);
        }
    }

    /** Until the glue holds; then what is worked in the joined frame comes, before anything else is put on it. */
    private void leave(Plan part) {
        if (!part.glue().times().isEmpty()) {
            add(
                    part,
                    Station.GLUE_UP,
                    Words.of("card.wait"),
                    part.glue().times(),
                    List.of(),
                    Optional.of(part.glue().adhesive().clamp()));
        }
        make(part, Turn.JOINED);
    }

    /** Finishes what is glued, unless strips are glued on it yet: glue does not hold on a finish. */
    private void finish(Plan part, List<Plan> later) {
        unfinished.add(part);
        boolean waits = later.stream()
                .filter(other -> other.job().isFitted())
                .flatMap(other -> other.job().part().placement().stream())
                .anyMatch(where -> unfinished.stream()
                        .anyMatch(one -> one.job().part().name().equals(where.on())));
        if (!waits) {
            unfinished.forEach(this::finish);
            unfinished.clear();
        }
    }

    private void finish(Plan part) {
        for (FinishPlan.Step step : part.finish().steps()) {
            Words what = step.coat().product().isBlank()
                    ? Words.of("card.coat_bare", step.coat().kind())
                    : Words.of("card.coat", step.coat().kind(), step.coat().product());
            Duration pause = step.coat().pause();
            add(part, Station.FINISH, what, List.of(), FinishPlan.cautions(step.coat().kind()),
                    pause.isZero() ? Optional.empty() : Optional.of(pause));
        }
    }

    /** The rabbet as it came out, on both axes, before anything is cut to it. */
    private void measure(Plan holder) {
        if (!holder.job().isPlain() || !holder.frame().has(Line.GLASS) || toCut(holder).isEmpty()) {
            return;
        }
        for (Axis axis : Axis.values()) {
            Figure<Length> rabbet =
                    holder.frame().size(Line.RABBET, axis).orElseThrow();
            measure(
                    holder,
                    rabbet,
                    Words.of(isGrooved(holder) ? "card.groove" : "card.rabbet", axis),
                    Words.of(
                            isGrooved(holder)
                                    ? "card.groove_how"
                                    : holder.job().quantity() > 1 ? "card.rabbets_how" : "card.rabbet_how"));
        }
    }

    /** How a part comes to the other when both are finished; once. */
    private void attach(Plan part) {
        List<Words> steps = onceFinished.remove(part.job().part().name());
        if (steps != null) {
            steps.forEach(step ->
                    add(part, Station.GLUE_UP, step, List.of(), cautions(Station.CORNERS), Optional.empty()));
        }
    }

    /** The parts that go on behind when the package is in: the fit-up says when. */
    private List<String> behind(Plan holder) {
        return holder.fit().order().stream()
                .filter(step -> step.key().equals("fit.part_behind"))
                .map(step -> step.args().getFirst().toString())
                .toList();
    }

    private void fit(Plan holder) {
        List<Safety> cautions = cautions(Station.FIT);
        measure(holder);
        toCut(holder).forEach(pane -> cut(holder, pane, true, cautions));
        holder.fit().matOpenings().forEach(opening -> cut(holder, opening, false, cautions));
        for (Words step : holder.fit().order()) {
            List<Words> points = HELD.contains(step.key())
                    ? holder.fit().points().stream().map(FitPlan.Points::said).toList()
                    : List.of();
            add(holder, Station.FIT, step, points, cautions, Optional.empty());
            if (step.key().equals("fit.part_behind")) {
                attach(Planner.at(plan, plan.job().indexOf(step.args().getFirst().toString())));
            }
        }
    }

    /** The picture itself is not for the knife. */
    private static List<Pane> toCut(Plan holder) {
        return holder.fit().sheets().stream()
                .filter(pane -> pane.material()
                        .filter(material -> material.role() == Material.Role.ART)
                        .isEmpty())
                .toList();
    }

    /**
     * All that are alike of a sheet, or of the hole in one.
     *
     * @param fitted whether it lies in the rabbet and may be marked there
     */
    private void cut(Plan holder, Pane pane, boolean fitted, List<Safety> cautions) {
        int many = pane.count() * holder.job().quantity();
        boolean glass = pane.material().filter(Material::isGlass).isPresent();
        Words what = many > 1 ? Words.of("card.panes", pane.name(), many) : Words.of("card.pane", pane.name());
        List<Words> says = new ArrayList<>(List.of(Words.of("card.pane_size", pane.width(), pane.height())));
        Habits habits = holder.frame().habits();
        if (fitted && habits.sizing() == Sizing.BY_TRANSFER && holder.job().isPlain()) {
            says.add(Words.of("card.pane_by_transfer", habits.said(Habit.PLAY)));
        }
        cards.add(new Card(
                step(holder, Station.FIT, name(what)),
                holder.job().seen(),
                what,
                Optional.of(pane.width()),
                says,
                List.of(),
                glass ? cautions : cautions.stream().filter(one -> one != Safety.GLASS).toList(),
                Optional.empty(),
                new Scene.OnTheBench(Station.FIT)));
    }

    private void hang(Plan carrier) {
        for (Words step : carrier.hang().order()) {
            Optional<Figure<Length>> taut =
                    carrier.hang().wire().map(HangPlan.Wire::drop).filter(drop -> step.args().contains(drop));
            if (taut.isPresent()) {
                measure(carrier, taut.get(), step, Words.of("card.taut_how"));
            } else {
                add(carrier, Station.HANG, step, List.of(), cautions(Station.HANG), Optional.empty());
            }
        }
    }

    private void steps(Plan part, Station station, List<Words> steps, List<Safety> cautions) {
        steps.forEach(step -> add(part, station, step, List.of(), cautions, Optional.empty()));
    }

    private void add(Plan part, Station station, Words what, List<Words> says, List<Safety> cautions,
                     Optional<Duration> pause) {
        add(part, station, what, number(what), says, cautions, pause);
    }

    private void add(Plan part, Station station, Words what, Optional<Figure<?>> figure, List<Words> also,
                     List<Safety> cautions, Optional<Duration> pause) {
        List<Words> says = new ArrayList<>(also);
        if (plan.job().quantity() > 1) {
            says.add(Words.of("card.each", plan.job().quantity()));
        }
        cards.add(new Card(
                step(part, station, name(what)),
                part.job().seen(),
                what,
                figure,
                says,
                List.of(),
                cautions,
                pause,
                new Scene.OnTheBench(station)));
    }

    /** What names a step: its phrase; of one that says nothing but a coat or a sheet, also which. */
    private static String name(Words what) {
        return what.args().stream()
                .findFirst()
                .filter(_ -> what.key().startsWith("card."))
                .map(which -> which instanceof Words words ? words.key() : which.toString())
                .map(which -> what.key() + "." + which.toLowerCase(Locale.ROOT))
                .orElse(what.key());
    }

    /** The first length or angle that is said: words may carry more than their phrase asks for. */
    private static Optional<Figure<?>> number(Words words) {
        List<Figure<?>> said = new ArrayList<>();
        Phrases.say(words, value -> {
            switch (value) {
                case Figure<?> figure when isLargeOnCard(figure.value()) -> said.add(figure);
                case Length length -> said.add(plain(length));
                case Angle angle -> said.add(Figure.said(ANGLE, angle, Origin.WORKED));
                default -> { }
            }
            return "";
        });
        return said.stream().findFirst();
    }

    private static boolean isLargeOnCard(Quantity value) {
        return value instanceof Length || value instanceof Angle;
    }

    private static Figure<Length> plain(Length length) {
        return Figure.said(LENGTH, length, Origin.WORKED);
    }
}
