package neatcorner.app.view;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.Edit;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.fit.DepthCheck;
import neatcorner.core.fit.SectionFigures;
import neatcorner.core.job.Contents;
import neatcorner.core.job.LayerKey;
import neatcorner.core.job.Rabbeting;
import neatcorner.core.making.MakingStep;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Band;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Holds;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Ready;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.section.SectionKey;
import neatcorner.core.section.Strip;
import neatcorner.core.section.StripKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Moulding;
import neatcorner.core.shop.Sale;
import neatcorner.core.wood.Species;
import neatcorner.core.words.Phrasebook;

/** What the moulding is made of and how; its numbers are typed and dragged on the drawing. */
final class SectionDetail extends Panel {
    SectionDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        heading(() -> book().say("text.section", section().name(), section().species()));
        MouldingChoice.add(this);
        ready();
        MouldingChoice.addBottomRail(this);
        Button keep = quiet(
                "section.keep",
                () -> desk.edit(new ShopEdit.Keep(
                        section(),
                        Moulding.USUALLY_SOLD.stream().map(Sale::length).toList())));
        onUpdate(() -> {
            boolean unknown = desk.shop().stockFor(section()).isEmpty();
            keep.setVisible(unknown);
            keep.setManaged(unknown);
        });
        getChildren().add(keep);
        for (int i = 0; i < Strip.MOST; i++) {
            strip(i);
        }
        getChildren().add(quiet("section.add_strip", () -> change(Section::withStripOnTop)));
        heading(Labels.get("section.back"));
        recess();
        relief();
        band();
        choice(
                        Labels.get("section.rabbeting"),
                        () -> List.of(Rabbeting.values()),
                        () -> desk.plan().job().choices().rabbeting(),
                        r -> book().say(Phrasebook.keyOf(r)),
                        r -> desk.edit(new Edit.ChooseRabbeting(r)))
                .setId("rabbeting");
        choice(
                        Labels.get("section.grain"),
                        () -> List.of(Species.Grain.values()),
                        () -> desk.plan().job().choices().grain(),
                        g -> book().say(Phrasebook.keyOf(g)),
                        g -> desk.edit(new Edit.ChooseGrain(g)))
                .setId("grain");
        heading(Labels.get("section.package"));
        for (int i = 0; i < Contents.MOST_LAYERS; i++) {
            entry(new LayerKey(i));
        }
        rows(box -> Stream.of(
                        DepthCheck.STACK,
                        DepthCheck.LEFT,
                        DepthCheck.FRONT_WOOD,
                        SectionFigures.AREA,
                        SectionFigures.PER_METRE,
                        SectionFigures.STIFF_OUT,
                        SectionFigures.STIFF_IN)
                .flatMap(key -> desk.plan().figure(key).stream())
                .map(this::figureRow)
                .forEach(box.getChildren()::add));
        habit(Habit.POINT_ROOM);
        habit(Habit.FRONT_WOOD);
        habit(Habit.SAFE_MARGIN);
        habit(Habit.BIT_RADIUS);
        heading(Labels.get("making.heading"));
        rows(this::making);
    }

    private Section section() {
        return desk().plan().job().section();
    }

    private List<Species> woods() {
        return Stream.concat(desk().shop().woods().stream(), section().woods().stream()).distinct().toList();
    }

    private Button quiet(String label, Supplier<Optional<String>> change) {
        Button button = new Button(Labels.get(label));
        button.setId(label.replace('.', '-'));
        button.getStyleClass().add("quiet");
        button.setOnAction(_ -> complain(button, change.get()));
        return button;
    }

    /** An edit of the section; what its constructor refuses is said. */
    private Optional<String> change(Function<Section, Section> how) {
        try {
            return desk().edit(new Edit.ChooseSection(how.apply(section())));
        } catch (Refusal refused) {
            return Optional.of(desk().said(refused));
        }
    }

    private void ready() {
        List<Optional<Ready>> items = orNone(List.of(Ready.values()));
        choice(
                        Labels.get("section.ready"),
                        () -> items,
                        Optional::<Ready>empty,
                        r -> r.map(one -> book().say(Phrasebook.keyOf(one))).orElse(Labels.get("section.ready_pick")),
                        r -> r.flatMap(one -> change(now -> one.in(now.species(), book().say(Phrasebook.keyOf(one))))))
                .setId("ready");
    }

    private void strip(int index) {
        VBox rows = new VBox(5);
        Panel inner = new Panel(desk(), typing());
        inner.heading(() -> section().strips().size() == 1
                ? Labels.get("section.strip_only")
                : book().say("making.strip", index + 1));
        inner.choice(
                        Labels.get("section.species"),
                        this::woods,
                        () -> strip(index, Strip::species, Species.ASH),
                        s -> book().say("species.pick", s, s.hardness()),
                        s -> onStrip(index, strip -> strip.withSpecies(s)))
                .setId("species-" + (index + 1));
        OwnWood.add(
                inner,
                "species-" + (index + 1),
                () -> strip(index, Strip::species, Species.ASH),
                s -> onStrip(index, strip -> strip.withSpecies(s)));
        inner.choice(
                        Labels.get("section.front"),
                        () -> List.of(Profile.Shape.values()),
                        () -> strip(index, s -> s.front().shape(), Profile.Shape.FLAT),
                        s -> book().say(Phrasebook.keyOf(s)),
                        s -> onStrip(index, strip -> strip.withFront(s)))
                .setId("front-" + (index + 1));
        inner.choice(
                        Labels.get("section.inner"),
                        () -> List.of(Edging.Kind.values()),
                        () -> strip(index, s -> s.inner().kind(), Edging.Kind.SQUARE),
                        k -> book().say(Phrasebook.keyOf(k)),
                        k -> onStrip(
                                index, strip -> strip.withInner(strip.inner().as(k))))
                .setId("inner-" + (index + 1));
        inner.choice(
                        Labels.get("section.outer"),
                        () -> List.of(Edging.Kind.values()),
                        () -> strip(index, s -> s.outer().kind(), Edging.Kind.SQUARE),
                        k -> book().say(Phrasebook.keyOf(k)),
                        k -> onStrip(
                                index, strip -> strip.withOuter(strip.outer().as(k))))
                .setId("outer-" + (index + 1));
        inner.choice(
                        Labels.get("section.source"),
                        () -> List.of(Strip.Source.values()),
                        () -> strip(index, Strip::source, Strip.Source.BOARD),
                        s -> book().say(Phrasebook.keyOf(s)),
                        s -> onStrip(index, strip -> strip.from(s)))
                .setId("source-" + (index + 1));
        for (StripKey.What what : StripKey.What.values()) {
            inner.entry(new StripKey(index, what));
        }
        Button without = quiet("section.without_strip", () -> change(s -> s.withoutStrip(index)));
        without.setId("without-strip-" + (index + 1));
        inner.getChildren().add(without);
        rows.getChildren().add(inner);
        onUpdate(() -> {
            boolean has = index < section().strips().size();
            rows.setVisible(has);
            rows.setManaged(has);
            without.setVisible(section().strips().size() > 1);
            without.setManaged(without.isVisible());
            if (has) {
                inner.update();
            }
        });
        getChildren().add(rows);
    }

    private <T> T strip(int index, Function<Strip, T> read, T missing) {
        return index < section().strips().size() ? read.apply(section().strips().get(index)) : missing;
    }

    private Optional<String> onStrip(int index, Function<Strip, Strip> how) {
        return change(s -> s.withStrip(index, how.apply(s.strips().get(index))));
    }

    private void recess() {
        choice(
                        Labels.get("section.holds"),
                        () -> List.of(Holds.values()),
                        () -> Holds.of(section().recess()),
                        h -> Labels.get("section.holds." + h.name().toLowerCase(Locale.ROOT)),
                        h -> change(s -> s.withRecess(h.in(s))))
                .setId("holds");
        for (SectionKey key : SectionKey.RECESS) {
            entry(key);
        }
    }

    private void relief() {
        choice(
                        Labels.get("section.relief"),
                        () -> List.of(false, true),
                        () -> section().relief().isPresent(),
                        on -> Labels.get(on ? "section.relief_on" : "section.relief_off"),
                        on -> change(s -> s.withRelief(on ? Optional.of(Relief.usual(s)) : Optional.empty())))
                .setId("relief");
        for (SectionKey key : SectionKey.RELIEF) {
            entry(key);
        }
    }

    private void band() {
        choice(
                        Labels.get("section.band"),
                        () -> List.of(false, true),
                        () -> section().band().isPresent(),
                        on -> Labels.get(on ? "section.band_on" : "section.band_off"),
                        on -> change(s -> s.withBand(on ? Optional.of(Band.usual(s)) : Optional.empty())))
                .setId("band");
        var species = choice(
                Labels.get("section.band_species"),
                this::woods,
                () -> section().band().map(Band::species).orElse(section().species()),
                s -> book().say(s.words()),
                s -> change(now -> now.withBand(now.band().map(b -> b.withSpecies(s)))));
        var edge = choice(
                Labels.get("section.outer"),
                () -> List.of(Edging.Kind.values()),
                () -> section().band().map(b -> b.outer().kind()).orElse(Edging.Kind.SQUARE),
                k -> book().say(Phrasebook.keyOf(k)),
                k -> change(now -> now.withBand(now.band().map(b -> b.withOuter(k)))));
        onUpdate(() -> Stream.of(species, edge).map(Node::getParent).forEach(row -> {
            row.setVisible(section().band().isPresent());
            row.setManaged(row.isVisible());
        }));
        for (SectionKey key : SectionKey.BAND) {
            entry(key);
        }
    }

    private void making(VBox box) {
        List<MakingStep> steps = desk().plan().making().steps();
        for (int i = 0; i < steps.size(); i++) {
            MakingStep step = steps.get(i);
            VBox words = new VBox(1);
            words.getStyleClass().add("option");
            words.getChildren().add(text(i + 1 + ". " + book().say(step.what()), "strong"));
            for (Words how : step.how()) {
                words.getChildren().add(text(book().say(how), "soft"));
            }
            step.fence().ifPresent(f -> words.getChildren().add(figureRow(f)));
            step.height().ifPresent(h -> words.getChildren().add(figureRow(h)));
            if (!step.passes().isEmpty()) {
                words.getChildren().add(text(book().say("making.passes", step.passes().size(),
                        String.join(", ", step.passes().stream().map(book()::write).toList())), "soft"));
            }
            box.getChildren().add(words);
        }
        for (Words caution : desk().plan().making().cautions()) {
            box.getChildren().add(text(book().say(caution), "finding"));
        }
    }
}
