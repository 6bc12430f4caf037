package neatcorner.core.card;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.glue.GluePlan;
import neatcorner.core.job.Tape;
import neatcorner.core.job.Trouble;
import neatcorner.core.measure.Length;
import neatcorner.core.mend.Mending;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.report.Safety;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.WorkLog;

/** How parts are closed, and how one comes to the other. */
final class GlueCards {
    /** Steps that say that the frame is measured across, and not how much it is. */
    private static final Set<String> CHECKS = Set.of("close.diagonals", "close.checks", "close.checks_blanks");
    /** What begins the names of steps at which something is bored, driven or sawn into a corner. */
    private static final List<String> DRIVEN = List.of(
            "close.fasten",
            "close.bore",
            "close.nails",
            "close.finish_nails",
            "close.lap_",
            "close.side_pins",
            "close.staples",
            "close.screws",
            "close.pockets",
            "close.plates",
            "close.pegs",
            "close.splined",
            "close.pinned_splined",
            "close.cutter_splined",
            "close.dovetail_splined",
            "close.gussets",
            "close.bars",
            "close.cross_bar",
            "close.blocks",
            "attach.ledge_pinned");
    /** Steps that put panels into grooves: the fit-up says the same, and more. */
    private static final Set<String> PANELS =
            Set.of("close.panel", "close.panel_many", "close.panels", "close.panels_many");

    private final Deck deck;
    private final WoodCards wood;
    /** Steps of a glue-up that were said before the pieces were cut. */
    private final Set<Words> before = new HashSet<>();
    /** Steps of glue-ups that wait until all is finished, by the part. */
    private final Map<String, List<Words>> onceFinished = new LinkedHashMap<>();

    GlueCards(Deck deck, WoodCards wood) {
        this.deck = deck;
        this.wood = wood;
    }

    /** The glue-up of a part. */
    void glue(Plan part) {
        List<Safety> glue = Deck.cautions(part, Station.GLUE_UP);
        List<Safety> driven = Stream.concat(glue.stream(), Deck.cautions(part, Station.CORNERS).stream()).toList();
        boolean waited = false;
        if (FitCards.isGrooved(part) && part.glue().steps().stream().noneMatch(GlueCards::isOfPanels)) {
            panels(part);
        }
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
            if (isOfPanels(step) && FitCards.isGrooved(part)) {
                panels(part);
                continue;
            }
            boolean cleaned = step.key().startsWith("close.squeeze_out");
            boolean checks = CHECKS.contains(step.key());
            List<Figure<Length>> across = checks ? part.glue().checks() : List.of();
            deck.say(
                    part,
                    Station.GLUE_UP,
                    step,
                    across.stream().<Figure<?>>map(one -> one).findFirst().or(() -> Deck.number(step)),
                    across.stream().map(one -> Words.of("card.figure", one.name(), one)).toList(),
                    isDriven(step) ? driven : glue,
                    Optional.empty(),
                    checks ? diagonals(part) : List.of());
            if (!waited && cleaned) {
                leave(part);
                waited = true;
            }
        }
        if (!waited) {
            leave(part);
        }
    }

    /** Both diagonals of a frame that the tape judges; what it reads the glue-up takes. */
    private static List<Card.Readable> diagonals(Plan part) {
        return Stream.of(Tape.DIAGONAL_AC, Tape.DIAGONAL_BD)
                .flatMap(tape -> part.glue().planned(tape).stream()
                        .map(planned -> new Card.Readable(
                                Act.Size.given(part.job().part().name(), tape),
                                Words.of("card." + tape.id()),
                                planned)))
                .toList();
    }

    private static boolean isDriven(Words step) {
        return !step.key().equals("close.bars_across") && DRIVEN.stream().anyMatch(step.key()::startsWith);
    }

    private static boolean isOfPanels(Words step) {
        return PANELS.contains(step.key());
    }

    private void panels(Plan part) {
        List<Safety> cautions = Deck.cautions(part, Station.FIT);
        part.fit()
                .order()
                .forEach(step -> deck.say(part, Station.FIT, step, List.of(), cautions, Optional.empty()));
    }

    /** Until the glue holds; then what is worked in the joined frame comes, before anything else is put on it. */
    private void leave(Plan part) {
        boolean onWall = part.glue().steps().stream().anyMatch(step -> step.key().equals("close.on_wall"));
        if (!onWall && !part.glue().times().isEmpty()) {
            deck.say(
                    part,
                    Station.GLUE_UP,
                    Words.of("card.wait"),
                    part.glue().times(),
                    List.of(),
                    Optional.of(part.glue().adhesive().clamp()));
        }
        wood.make(part, WoodCards.Turn.JOINED);
    }

    /**
     * How a corner of a part that went wrong is mended.
     *
     * @param finished whether the finish is on
     */
    void mend(Plan part, boolean finished) {
        Mending mending = part.get(Mending.class);
        if (mending.trouble().isEmpty()) {
            return;
        }
        Trouble trouble = mending.trouble().get();
        WorkLog log = deck.plan().get(WorkLog.class);
        String name = part.job().part().name();
        int times = log.cornersGoneWrong(name);
        boolean framed = log.isFramed();
        for (Mending.Doing doing : mending.doings()) {
            if (doing.isOnFinish() != finished || doing.isEmptying() && !framed) {
                continue;
            }
            List<Words> says = new ArrayList<>(List.of(where(part, trouble)));
            says.addAll(doing.says());
            // Of every time a corner goes wrong the steps are done anew.
            String what = times == 0 ? doing.what().key() : doing.what().key() + "." + times;
            deck.add(new Card(
                    deck.step(part, Station.CORNERS, what),
                    part.job().seen(),
                    doing.what(),
                    Deck.number(doing.what()),
                    says,
                    List.of(),
                    part.safety().stream().filter(doing.cautions()::contains).sorted().toList(),
                    doing.isClamped() ? Optional.of(part.glue().adhesive().clamp()) : Optional.empty(),
                    new Scene.AtTheCorner(trouble.corner())));
        }
    }

    /** Which corner of a part it is that went wrong, and how. */
    static Words where(Plan part, Trouble trouble) {
        String corner = part.frame().members().get(trouble.corner()).side().to();
        return Words.of("card.at_corner", corner, trouble.kind(), trouble.amount());
    }

    /** How a part comes to the other when both are finished; once. */
    void attach(Plan part) {
        List<Words> steps = onceFinished.remove(part.job().part().name());
        if (steps != null) {
            List<Safety> screws = Deck.cautions(part, Station.GLUE_UP, Set.of(Safety.SCREWS));
            steps.forEach(step -> deck.say(part, Station.GLUE_UP, step, List.of(), screws, Optional.empty()));
        }
    }

    /** The parts that go on behind when the package is in: the fit-up says when. */
    List<String> behind(Plan holder) {
        return holder.fit().order().stream()
                .filter(step -> step.key().equals("fit.part_behind"))
                .map(step -> step.args().getFirst().toString())
                .toList();
    }

    /** What is done of a part's glue-up before its pieces are cut. */
    void begin(Plan part) {
        part.glue().steps().stream()
                .filter(step -> step.key().equals("attach.as_it_came_out"))
                .forEach(step -> {
                    before.add(step);
                    deck.say(part, Station.GLUE_UP, step, List.of(), List.of(), Optional.empty());
                });
    }
}
