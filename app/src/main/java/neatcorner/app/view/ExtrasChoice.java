package neatcorner.app.view;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Paneling;
import neatcorner.core.frame.Slatting;
import neatcorner.core.frame.Trimming;
import neatcorner.core.job.Body;
import neatcorner.core.job.Job;
import neatcorner.core.job.PanelKey;
import neatcorner.core.job.Placement;
import neatcorner.core.job.SlatKey;
import neatcorner.core.job.Slats;
import neatcorner.core.job.Trim;
import neatcorner.core.job.TrimKey;
import neatcorner.core.wood.Species;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** What stands between the sides of a leaf, what is bent over a curve, and the numbers of both. */
final class ExtrasChoice {
    private static final int MOST_TILT = 75;
    private static final int TILT_STEP = 5;
    private final Panel panel;

    private ExtrasChoice(Panel panel) {
        this.panel = panel;
    }

    static void add(Panel panel) {
        new ExtrasChoice(panel).build();
    }

    /** What can stand between the sides. */
    enum Between {
        NOTHING,
        SLATS,
        PANEL
    }

    private Desk desk() {
        return panel.desk();
    }

    private Job job() {
        return desk().plan().job();
    }

    private Body body() {
        return job().body();
    }

    private void build() {
        var between = panel.choice(
                Labels.get("brief.between"),
                () -> List.of(Between.values()),
                this::between,
                what -> Labels.get(
                        switch (what) {
                            case NOTHING -> "brief.none";
                            case SLATS -> "brief.slats_in";
                            case PANEL -> "brief.panel_in";
                        }),
                this::fill);
        between.setId("between");
        panel.onlyWhile(
                between,
                () -> Slats.canBe(body())
                        && job().placement()
                                .filter(place -> !(place instanceof Placement.Hinged))
                                .isEmpty());
        slats();
        inGrooves();
        trim();
    }

    private Between between() {
        return body().slats().isPresent()
                ? Between.SLATS
                : body().panel().isPresent() ? Between.PANEL : Between.NOTHING;
    }

    private Optional<String> fill(Between what) {
        return desk().edit(
                switch (what) {
                    case NOTHING ->
                        body().panel().isPresent()
                                ? new Edit.Fill(Optional.empty())
                                : new Edit.Slat(Optional.empty());
                    case SLATS -> new Edit.Slat(Optional.of(Slats.usual(job().section())));
                    case PANEL ->
                        new Edit.Fill(Optional.of(neatcorner.core.job.Panel.usual(job().section())));
                });
    }

    private void slats() {
        for (SlatKey key : SlatKey.values()) {
            panel.entry(key);
        }
        var tilt = panel.choice(
                Labels.get("brief.slat_tilt"),
                () -> IntStream.iterate(0, degrees -> degrees <= MOST_TILT, degrees -> degrees + TILT_STEP)
                        .boxed()
                        .toList(),
                () -> body().slats().map(Slats::degrees).orElse(0),
                degrees -> degrees + "°",
                degrees -> desk().edit(
                        new Edit.Slat(body().slats().map(slats -> slats.withDegrees(degrees)))));
        tilt.setId("slat-tilt");
        panel.onlyWhile(tilt, () -> body().slats().isPresent());
        worked(Slatting::isOne);
    }

    private void inGrooves() {
        var species = panel.choice(
                Labels.get("brief.panel_of"),
                this::woods,
                () -> body().panel()
                        .map(neatcorner.core.job.Panel::species)
                        .orElseGet(() -> job().section().species()),
                wood -> panel.book().say("species.pick", wood, wood.hardness()),
                wood -> desk().edit(new Edit.Fill(body().panel().map(now -> now.of(wood)))));
        species.setId("panel-of");
        panel.onlyWhile(species, () -> body().panel().isPresent());
        for (PanelKey key : PanelKey.values()) {
            panel.entry(key);
        }
        worked(Paneling::isOne);
    }

    private List<Species> woods() {
        return Stream.of(
                        desk().shop().woods().stream(),
                        job().section().woods().stream(),
                        body().panel().stream().map(neatcorner.core.job.Panel::species))
                .flatMap(woods -> woods)
                .distinct()
                .toList();
    }

    /** How many strips are bent over a curved top. */
    private void trim() {
        var box = panel.choice(
                Labels.get("brief.trim"),
                () -> IntStream.rangeClosed(0, Trim.MOST).boxed().toList(),
                () -> body().trim().map(Trim::strips).orElse(0),
                number -> number == 0
                        ? Labels.get("brief.none")
                        : Labels.get(number == 1 ? "brief.trim_one" : "brief.trim_of", number),
                number -> desk().edit(new Edit.Bend(Optional.of(number)
                        .filter(strips -> strips > 0)
                        .map(body().trim().orElseGet(Trim::usual)::withStrips))));
        box.setId("trim");
        panel.onlyWhile(box, () -> Trim.canBe(body()));
        for (TrimKey key : TrimKey.values()) {
            panel.entry(key);
        }
        worked(Trimming::isOne);
    }

    /** The numbers that follow from those. */
    private void worked(Predicate<FigureKey<?>> ones) {
        panel.rows(rows -> desk().plan().figures(Station.CUTS).stream()
                .filter(figure -> ones.test(figure.key()))
                .map(panel::figureRow)
                .forEach(rows.getChildren()::add));
    }
}
