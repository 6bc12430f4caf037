package neatcorner.app.view;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.clash.Clashes;
import neatcorner.core.drawing.Turn;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Member;
import neatcorner.core.job.JointKind;
import neatcorner.core.joint.HiddenPlan;
import neatcorner.core.joint.JointOption;
import neatcorner.core.joint.JointPlan;
import neatcorner.core.joint.JointPlanner;
import neatcorner.core.joint.Joints;
import neatcorner.core.joint.Movement;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Habit;
import neatcorner.core.strength.Burden;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Origin;

/** One corner close up, and the ways to join it. */
final class CornersDetail extends Panel {
    /** Fasteners whose length the maker may say. */
    private static final List<FigureKey<Length>> FASTENERS = Joints.fasteners();

    /** Ways to look at a corner in space, by what they are called. */
    private static final Map<String, Turn> SEEN_FROM = new LinkedHashMap<>();

    static {
        SEEN_FROM.put("corners.seen_inside", Turn.NONE);
        SEEN_FROM.put("corners.seen_outside", Turn.OUTSIDE);
        SEEN_FROM.put("corners.seen_behind", Turn.BEHIND);
    }

    CornersDetail(Desk desk, TagField.Typing typing) {
        super(desk, typing);
        ComboBox<Integer> looked = choice(
                Labels.get("corners.looked_at"),
                () -> IntStream.range(0, members().size()).boxed().toList(),
                desk::corner,
                side -> book().say("corners.corner", members().get(side).side().to(), angle(side)),
                side -> {
                    desk.lookAtCorner(side);
                    return Optional.empty();
                });
        looked.setId("corner-looked-at");
        onlyWhile(looked, () -> !desk.plan().frame().isSolid());
        choice(
                        Labels.get("corners.seen_from"),
                        () -> orNone(SEEN_FROM.keySet()),
                        () -> SEEN_FROM.entrySet().stream()
                                .filter(seen -> seen.getValue().equals(desk.turn()))
                                .map(Map.Entry::getKey)
                                .findFirst(),
                        seen -> Labels.get(seen.orElse("corners.seen_turned")),
                        seen -> {
                            seen.map(SEEN_FROM::get).ifPresent(desk::lookFrom);
                            return Optional.empty();
                        })
                .setId("seen-from");
        MeetingChoice.add(this);
        heading(() -> book().say("corners.chosen", plan().said()));
        rows(box -> plan().cuts().settings().forEach(setting -> box.getChildren().add(figureRow(setting))));
        for (FigureKey<Length> key : FASTENERS) {
            getChildren().add(entryRow(() -> used(key), key));
        }
        rows(box -> plan().used().settings().stream()
                .skip(1)
                .forEach(setting -> box.getChildren().add(figureRow(setting))));
        rows(this::fastener);
        rows(box -> desk().plan().figure(Clashes.LEAST).map(this::figureRow).ifPresent(box.getChildren()::add));
        rows(this::work);
        heading(Labels.get("corners.ways"));
        choice(
                        Labels.get("corners.joint"),
                        this::kinds,
                        () -> desk.plan().job().choices().joint(),
                        kind -> kind.map(k -> book().say(k.words()))
                                .orElseGet(() -> book().say("corners.free", plan().recommended())),
                        kind -> desk.edit(new Edit.ChooseJoint(kind)))
                .setId("joint");
        rows(this::options);
        rows(this::strength);
        MendChoice.add(this);
        hidden();
        habit(Habit.SAFE_MARGIN, () -> desk.plan().frame().takesHidden());
        rows(this::movement);
        habit(Habit.KERF);
        habit(
                Habit.CRADLE_FLOOR,
                () -> Joints.of(desk.plan().joints().chosen()).isInCradle());
        habit(Habit.BIG_SIDE, () -> !desk.plan().frame().isSolid());
    }

    /** Neat Corner's own choice, and those that go with pieces that meet so. */
    private List<Optional<JointKind>> kinds() {
        return orNone(
                plan().options().stream().map(JointOption::kind).toList());
    }

    /** How the ends are cut, step by step. */
    private void work(VBox box) {
        List<Words> work = plan().work();
        if (!work.isEmpty()) {
            box.getChildren().add(text(Labels.get("corners.work"), "heading"));
        }
        for (int i = 0; i < work.size(); i++) {
            box.getChildren().add(text(i + 1 + ". " + book().say(work.get(i))));
        }
    }

    /** What may lie hidden in the corner. */
    private void hidden() {
        rows(box -> {
            if (!desk().plan().frame().takesHidden() || desk().plan().job().isFitted()) {
                return;
            }
            box.getChildren().add(text(Labels.get("corners.hidden"), "heading"));
            for (HiddenPlan.Fit fit : desk().plan().hidden().others(plan().chosen())) {
                VBox words = new VBox(1);
                words.getStyleClass().add("option");
                words.getChildren()
                        .add(text(
                                book().say(
                                                "hidden.fits",
                                                fit.fastener().kind(),
                                                fit.fastener().thick(),
                                                fit.fastener().along(),
                                                fit.fastener().deep()),
                                "strong"));
                words.getChildren().add(text(book().say(fit.place()), "soft"));
                box.getChildren().add(words);
            }
            if (desk().plan().hidden().fits().isEmpty()) {
                box.getChildren().add(text(book().say(desk().plan().hidden().none()), "soft"));
            }
        });
    }

    /** What corners and sides take of what they may bear, where that is judged. */
    private void strength(VBox box) {
        List<Figure<?>> strength = desk().plan().figures(JointPlanner.STRENGTH);
        if (!strength.isEmpty()) {
            box.getChildren().add(text(Labels.get("corners.strength"), "heading"));
            strength.stream().map(this::figureRow).forEach(box.getChildren()::add);
            desk().plan().get(Burden.class).said().stream()
                    .map(said -> text(book().say(said), "soft"))
                    .forEach(box.getChildren()::add);
        }
    }

    /** How far mitres open; other corners do not. */
    private void movement(VBox box) {
        if (desk().plan().frame().isOpening()) {
            box.getChildren().add(text(Labels.get("corners.movement"), "heading"));
            Stream.of(Movement.DRY, Movement.DAMP)
                    .flatMap(key -> desk().plan().figure(key).stream())
                    .map(this::figureRow)
                    .forEach(box.getChildren()::add);
        }
    }

    private List<Member> members() {
        return desk().plan().frame().members();
    }

    private Angle angle(int side) {
        return desk().plan().frame().angles().get((side + 1) % members().size());
    }

    private JointPlan plan() {
        return desk().plan().joints();
    }

    private Optional<Figure<Length>> used(FigureKey<Length> key) {
        return plan().used().settings().stream().filter(f -> f.key().equals(key)).findFirst()
                .map(f -> desk().plan().job().choices().fastener().isPresent() ? f.from(Origin.GIVEN) : f);
    }

    private void fastener(VBox box) {
        if (plan().used().count() > 0) {
            box.getChildren()
                    .add(spread(
                            text(Labels.get("corners.count"), "soft"),
                            text(Integer.toString(plan().used().count()), "strong")));
        }
        if (desk().plan().job().choices().fastener().isPresent()) {
            Button free = new Button(book().say("remedy.fastener"));
            free.getStyleClass().add("quiet");
            free.setOnAction(_ -> complain(free, desk().edit(new Edit.ChooseFastener(Optional.<Length>empty()))));
            box.getChildren().add(free);
        }
    }

    private void options(VBox box) {
        for (JointOption option : plan().options()) {
            VBox words = new VBox(1);
            HBox head = spread(
                    text(book().say(option.kind().words()), "strong"),
                    text(
                            Labels.get("corners." + state(option)),
                            option.isGood() && option.suits() ? "good-word" : "caution-word"));
            words.getChildren().add(head);
            boolean used = option.kind().equals(plan().chosen());
            for (Words why : used ? option.why() : option.against()) {
                words.getChildren().add(text(book().say(why), "soft"));
            }
            if (option.isGood() && option.minutes() > 0) {
                words.getChildren()
                        .add(text(
                                used
                                        ? book().say("joint.minutes", option.minutes())
                                        : book().say(option.brief()),
                                "soft"));
            }
            words.getStyleClass().add("option");
            box.getChildren().add(words);
        }
    }

    private static String state(JointOption option) {
        if (!option.fits()) {
            return "no_room";
        }
        return !option.enough() ? "weak" : option.suits() ? "good" : "unsuited";
    }
}
