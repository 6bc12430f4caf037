package neatcorner.core.card;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import neatcorner.core.fit.FitPlan;
import neatcorner.core.job.Layer;
import neatcorner.core.job.LayerKey;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.pane.Pane;
import neatcorner.core.phrase.Words;
import neatcorner.core.plan.Plan;
import neatcorner.core.rack.Material;
import neatcorner.core.report.Safety;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Sizing;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;

/** What is cut to the rabbet, and goes into it. */
final class FitCards {
    /** Steps that hold a package where points are given. */
    private static final Set<String> HELD = Set.of(
            "fit.points", "fit.points_in_panes", "fit.points_alone", "fit.points_in_panes_alone", "fit.blocks");
    /** Steps at which something is screwed. */
    private static final Set<String> SCREWED = Set.of(
            "fit.canvas",
            "fit.canvas_proud",
            "fit.float_screws",
            "fit.float_screws_round",
            "fit.float_battens",
            "fit.blocks",
            "fit.strainer_screws",
            "fit.strainer_clips",
            "fit.part_behind");
    /** Steps at which glass is taken in the hand. */
    private static final Set<String> GLAZED = Set.of(
            "fit.glazing",
            "fit.mirror",
            "fit.mirror_heavy",
            "fit.mirror_profile",
            "fit.round_corners");

    private final Deck deck;
    private final GlueCards glue;

    FitCards(Deck deck, GlueCards glue) {
        this.deck = deck;
        this.glue = glue;
    }

    /** The rabbet as it came out, on both axes, before anything is cut to it. */
    private void measure(Plan holder) {
        boolean cutToRabbet = holder.frame().has(Line.GLASS)
                && holder.frame().has(Line.RABBET)
                && holder.frame().bars().isEmpty();
        if (!cutToRabbet || toCut(holder).isEmpty()) {
            return;
        }
        for (Axis axis : Axis.values()) {
            Figure<Length> rabbet =
                    holder.frame().size(Line.RABBET, axis).orElseThrow();
            deck.measure(
                    holder,
                    rabbet,
                    Words.of(isGrooved(holder) ? "card.groove" : "card.rabbet", axis),
                    Words.of(how(holder)));
        }
    }

    private static String how(Plan holder) {
        boolean several = holder.job().quantity() > 1;
        if (!holder.job().isPlain()) {
            return several ? "card.rabbets_how_round" : "card.rabbet_how_round";
        }
        return isGrooved(holder) ? "card.groove_how" : several ? "card.rabbets_how" : "card.rabbet_how";
    }

    /** All that is cut and put into a part. */
    void fit(Plan holder) {
        List<Safety> cautions = Deck.cautions(holder, Station.FIT);
        measure(holder);
        List<Pane> panes = toCut(holder);
        for (int i = 0; i < panes.size(); i++) {
            cut(holder, panes.get(i), layers(holder, panes, i), cautions);
        }
        holder.fit().matOpenings().forEach(opening -> cut(holder, opening, List.of(), cautions));
        if (isGrooved(holder)) {
            // The rest belongs to the glue-up.
            return;
        }
        for (Words step : holder.fit().order()) {
            List<Words> points = HELD.contains(step.key())
                    ? holder.fit().points().stream().map(FitPlan.Points::said).toList()
                    : List.of();
            deck.say(holder, Station.FIT, step, points, belonging(step, cautions), Optional.empty());
            if (step.key().equals("fit.part_behind")) {
                glue.attach(deck.part(step.args().getFirst().toString()));
            }
        }
    }

    /** Those cautions that belong to a step of the usual fit-up; all of them to any other. */
    private static List<Safety> belonging(Words step, List<Safety> cautions) {
        boolean usual = step.key().startsWith("fit.") && !step.key().startsWith("fit.over.");
        return cautions.stream()
                .filter(one -> !usual || switch (one) {
                    case GLASS -> GLAZED.contains(step.key()) || HELD.contains(step.key());
                    case FIXING -> SCREWED.contains(step.key());
                    default -> true;
                })
                .toList();
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
     * @param layers what it is of the package: it lies in the rabbet and may be marked there; none for a hole
     */
    private void cut(Plan holder, Pane pane, List<LayerKey> layers, List<Safety> cautions) {
        int many = pane.count() * holder.job().quantity();
        boolean glass = pane.material().filter(Material::isGlass).isPresent();
        Words what = many > 1 ? Words.of("card.panes", pane.name(), many) : Words.of("card.pane", pane.name());
        List<Words> says = new ArrayList<>(List.of(Words.of("card.pane_size", pane.width(), pane.height())));
        Habits habits = holder.frame().habits();
        boolean byTransfer = habits.sizing() == Sizing.BY_TRANSFER;
        if (!layers.isEmpty() && byTransfer && holder.job().isPlain() && !isGrooved(holder)) {
            says.add(Words.of("card.pane_by_transfer", habits.said(Habit.PLAY)));
        }
        Act act = deck.step(holder, Station.FIT, Deck.name(what));
        List<Card.Readable> reads = new ArrayList<>(List.of(
                new Card.Readable(act, pane.width().name(), pane.width().value())));
        reads.addAll(Deck.readable(holder, layers));
        deck.add(new Card(
                act,
                holder.job().seen(),
                what,
                Optional.of(pane.width()),
                says,
                List.of(),
                cautions.stream().filter(one -> glass && one == Safety.GLASS).toList(),
                Optional.empty(),
                new Scene.OnTheBench(Station.FIT),
                reads));
    }

    /** The layers of the package that a pane is: of several of one material each pane is one, in their order. */
    private static List<LayerKey> layers(Plan holder, List<Pane> panes, int pane) {
        Optional<Material> material = panes.get(pane).material();
        List<Layer> all = holder.job().contents().layers();
        List<LayerKey> alike = IntStream.range(0, all.size())
                .filter(i -> material.filter(all.get(i).material()::equals).isPresent())
                .mapToObj(LayerKey::new)
                .toList();
        int before = count(panes.subList(0, pane), material);
        return count(panes, material) == alike.size() ? List.of(alike.get(before)) : alike;
    }

    private static int count(List<Pane> panes, Optional<Material> material) {
        return (int) panes.stream().filter(pane -> pane.material().equals(material)).count();
    }

    /** Whether a part holds panels in grooves, which go in while it is closed. */
    static boolean isGrooved(Plan part) {
        return part.job().seen() == part.job().holder()
                && part.job().section().recess() instanceof Recess.Slot;
    }
}
