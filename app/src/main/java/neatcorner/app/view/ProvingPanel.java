package neatcorner.app.view;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import neatcorner.app.desk.Desk;
import neatcorner.core.edit.ShopEdit;
import neatcorner.core.frame.Mitre;
import neatcorner.core.gauge.Gauge;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Gap;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.MeasureText;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.saw.Correction;
import neatcorner.core.saw.Seen;
import neatcorner.core.saw.Trial;
import neatcorner.core.saw.TrialSteps;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.Machines;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;
import neatcorner.core.words.Phrasebook;

/** A machine is proved: what was cut, what was seen, what it says, and what is kept of it. */
final class ProvingPanel extends Panel {
    private static final Length USUAL_LEG = Length.inches(6);
    private final Runnable changed;
    private String chosen = "";
    private ProofKind kind = ProofKind.LEFT;
    private Optional<Angle> at = Optional.empty();
    private How how = How.NOTHING;
    private Optional<Seen> where = Optional.empty();
    private Optional<Length> gap = Optional.empty();
    private Length over = USUAL_LEG;
    private Optional<Angle> shown = Optional.empty();

    /** In which way something is seen. */
    private enum How {
        NOTHING,
        TIGHT,
        GAP,
        ON_PAIR,
        ON_PIECE,
        DIFFERENCE
    }

    /**
     * The panel.
     *
     * @param changed is told when something else is to be drawn
     */
    ProvingPanel(Desk desk, Runnable changed) {
        super(desk, NoTyping.HERE);
        this.changed = changed;
        heading(Labels.get("proving.heading"));
        choice(
                        Labels.get("machines.which"),
                        () -> machines().all().stream().map(Machine::name).toList(),
                        () -> machine().map(Machine::name).orElse(""),
                        name -> name,
                        name -> chosen(() -> chosen = name))
                .setId("proving-machine");
        choice(
                        Labels.get("proving.what"),
                        () -> machine().map(one -> one.kind().proofs()).orElse(List.of()),
                        this::kind,
                        what -> book().say(Phrasebook.keyOf(what)),
                        what -> chosen(() -> {
                            kind = what;
                            at = Optional.empty();
                            where = Optional.empty();
                            how = How.NOTHING;
                        }))
                .setId("proving-what");
        TextField angle = line(
                Labels.get("proving.at"),
                () -> book().write(at()),
                text -> typed(() -> at = Optional.of(MeasureText.angle(text))));
        GaugeHand.waits(angle, Gauge.ANGLE_GAUGE).setId("proving-at");
        onlyWhile(angle, () -> kind() != ProofKind.STOP && kind() != ProofKind.FENCE);
        heading(Labels.get("proving.steps"));
        rows(box -> machine().ifPresent(one -> steps(box, TrialSteps.of(one, kind(), at()))));
        heading(Labels.get("proving.seen"));
        readings();
        rows(this::verdict);
        Button keep = new Button(Labels.get("proving.keep"));
        keep.setId("keep-proof");
        keep.getStyleClass().add("remedy");
        onUpdate(() -> keep.setDisable(proof().isEmpty()));
        keep.setOnAction(_ -> complain(keep, keep()));
        getChildren().add(keep);
        rows(this::kept);
    }

    private void readings() {
        choice(
                        Labels.get("proving.how"),
                        this::hows,
                        this::how,
                        one -> Labels.get("proving.how." + one.name().toLowerCase(Locale.ROOT)),
                        one -> chosen(() -> how = one))
                .setId("proving-how");
        var places = choice(
                Labels.get("proving.where"),
                () -> Seen.in(kind(), at()),
                this::where,
                one -> book().say(Phrasebook.keyOf(one)),
                one -> chosen(() -> where = Optional.of(one)));
        places.setId("proving-where");
        onlyWhile(places, () -> how() == How.GAP);
        TextField wide = line(
                Labels.get("proving.gap"),
                () -> gap.map(Gap::new).map(book()::write).orElse(""),
                text -> typed(() -> gap = Optional.of(desk().parsed(text))));
        GaugeHand.waits(wide, Gauge.CALIPER).setId("proving-gap");
        wide.setPromptText(Labels.get("proving.gap_prompt"));
        onlyWhile(wide, () -> how() == How.GAP || how() == How.DIFFERENCE);
        TextField length = line(
                Labels.get("proving.over"),
                () -> book().exactly(over),
                text -> typed(() -> over = desk().parsed(text)));
        GaugeHand.waits(length, Gauge.CALIPER).setId("proving-over");
        onlyWhile(length, () -> how() == How.GAP || how() == How.TIGHT);
        TextField gauge = line(
                Labels.get("proving.gauge"),
                () -> shown.map(book()::write).orElse(""),
                text -> typed(() -> shown = Optional.of(MeasureText.angle(text))));
        GaugeHand.waits(gauge, Gauge.ANGLE_GAUGE).setId("proving-gauge");
        onlyWhile(gauge, () -> how() == How.ON_PAIR || how() == How.ON_PIECE);
    }

    private Machines machines() {
        return desk().shop().machines();
    }

    /** The machine that is proved; empty where the shop has none. */
    Optional<Machine> machine() {
        return machines().named(chosen)
                .or(() -> desk().plan().saw().saw())
                .or(() -> machines().all().stream().findFirst());
    }

    private ProofKind kind() {
        return machine()
                .map(one -> one.kind().proofs())
                .map(all -> all.contains(kind) ? kind : all.getFirst())
                .orElse(kind);
    }

    private How how() {
        return hows().contains(how) ? how : hows().getFirst();
    }

    private List<How> hows() {
        return kind() == ProofKind.STOP
                ? List.of(How.NOTHING, How.DIFFERENCE)
                : kind() == ProofKind.FENCE || kind() == ProofKind.TILT && at().radians() == 0
                        ? List.of(How.NOTHING, How.TIGHT, How.GAP)
                        : List.of(How.NOTHING, How.TIGHT, How.GAP, How.ON_PAIR, How.ON_PIECE);
    }

    private Seen where() {
        List<Seen> all = Seen.in(kind(), at());
        return where.filter(all::contains).orElseGet(() -> all.isEmpty() ? Seen.INSIDE : all.getFirst());
    }

    /** What is set: as typed, else what this frame is cut with on that side. */
    private Angle at() {
        return switch (kind()) {
            case TILT -> at.orElse(Angle.degrees(0));
            case FENCE, STOP -> Angle.degrees(0);
            case LEFT, RIGHT -> at.orElseGet(() -> inFrame(kind() == ProofKind.RIGHT));
        };
    }

    private Angle inFrame(boolean toRight) {
        return desk().plan().saw().ring().stream()
                .flatMap(side -> Stream.of(swing(side.left(), true, toRight), swing(side.right(), false, toRight)))
                .flatMap(Optional::stream)
                .findFirst()
                .orElse(Angle.degrees(45));
    }

    private static Optional<Angle> swing(Mitre cut, boolean leftEnd, boolean toRight) {
        return cut.swingsRight(leftEnd) == toRight
                ? Optional.of(new Angle(Math.abs(cut.swing().radians())))
                : Optional.empty();
    }

    private Optional<String> chosen(Runnable change) {
        change.run();
        update();
        changed.run();
        return Optional.empty();
    }

    private Optional<String> typed(Runnable change) {
        return tried(() -> chosen(change));
    }

    /** The test as it is typed so far; empty where something is missing. */
    private Optional<Trial> trial() {
        Optional<Trial.Reading> reading = switch (how()) {
            case NOTHING -> Optional.empty();
            case TIGHT -> Optional.of(new Trial.Reading.Tight(over));
            case GAP -> gap.map(wide -> new Trial.Reading.Gap(where(), wide, over));
            case ON_PAIR -> shown.map(Trial.Reading.OnPair::new);
            case ON_PIECE -> shown.map(Trial.Reading.OnPiece::new);
            case DIFFERENCE -> gap.map(Trial.Reading.Difference::new);
        };
        return reading.map(seen -> new Trial(kind(), at(), seen));
    }

    /** What it proves; empty where something is missing or cannot be. */
    Optional<Proof> proof() {
        try {
            return trial().map(trial -> trial.proof(desk().today()));
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }

    /** What is drawn: the test as it is typed, else the last one of its kind that was kept. */
    Optional<Proof> drawn() {
        return proof().or(() -> how() == How.NOTHING ? last() : Optional.empty());
    }

    private Optional<Proof> last() {
        return machine().flatMap(one -> one.last(kind()));
    }

    /** What is drawn, in one sentence. */
    Optional<String> title() {
        return proof().map(this::headline)
                .or(() -> drawn().map(was -> Labels.get("proving.last", was.day().toString(), headline(was))));
    }

    /** The one number of what is drawn: how far off a cut is, or the stop. */
    Optional<String> figure() {
        return drawn().map(proof -> switch (proof) {
            case Proof.OfAngle angle -> book().write(off(angle));
            case Proof.OfStop stop -> book().write(new Gap(stop.difference()));
        });
    }

    private static Angle off(Proof.OfAngle proof) {
        return new Angle(Math.abs(proof.error().radians()));
    }

    private void verdict(VBox box) {
        try {
            Optional<Proof> proof = trial().map(trial -> trial.proof(desk().today()));
            proof.ifPresent(given -> said(given, box));
        } catch (Refusal refused) {
            box.getChildren().add(text(Labels.brief(desk().said(refused)), "refusal"));
        }
    }

    private void said(Proof proof, VBox box) {
        if (!(proof instanceof Proof.OfAngle angle)) {
            return;
        }
        box.getChildren().add(text(headline(angle), "strong"));
        desk().plan().saw().does(angle).ifPresent(words -> box.getChildren().add(text(book().say(words))));
        machine().flatMap(one -> Correction.of(one, angle)).ifPresentOrElse(
                correction -> correction.ways().forEach(way -> box.getChildren().add(text(book().say(way)))),
                () -> box.getChildren().add(text(Labels.get("proving.nothing_to_set"), "soft")));
    }

    /** What a test says, in one sentence. */
    String headline(Proof proof) {
        return switch (proof) {
            case Proof.OfAngle angle -> {
                Angle off = off(angle);
                String says = off.radians() == 0 ? "proving.true" : proves(angle);
                yield Labels.get(says, book().write(off), book().write(angle.doubt()));
            }
            case Proof.OfStop stop -> Labels.get("proving.differ", book().write(new Gap(stop.difference())));
        };
    }

    private static String proves(Proof.OfAngle proof) {
        boolean far = proof.error().radians() > 0;
        return switch (proof.kind()) {
            case LEFT, RIGHT -> far ? "proving.pointed" : "proving.blunt";
            case TILT -> proof.at().radians() > 0
                    ? far ? "proving.pointed" : "proving.blunt"
                    : far ? "proving.leans_right" : "proving.leans_left";
            case FENCE -> far ? "proving.swings_right" : "proving.swings_left";
            case STOP -> throw new IllegalArgumentException("a stop has no angle");
        };
    }

    private Optional<String> keep() {
        return tried(() -> {
            Optional<Proof> proof = trial().map(trial -> trial.proof(desk().today()));
            if (proof.isEmpty()) {
                return Optional.of(Labels.get("proving.missing"));
            }
            return machine().flatMap(one -> desk().edit(new ShopEdit.Prove(one.name(), proof.get())));
        });
    }

    /** What was kept, the newest first; a wrong one can be forgotten. */
    private void kept(VBox box) {
        Optional<Machine> machine = machine();
        List<Proof> proofs = machine.map(Machine::proofs).orElse(List.of());
        if (proofs.isEmpty()) {
            return;
        }
        box.getChildren().add(text(Labels.get("proving.kept"), "heading"));
        for (Proof proof : new ArrayList<>(proofs).reversed()) {
            Button forget = new Button("×");
            forget.getStyleClass().add("quiet");
            forget.setAccessibleText(Labels.get("proving.forget", proof.day().toString()));
            forget.setOnAction(_ -> machine.ifPresent(one ->
                    complain(forget, desk().edit(new ShopEdit.Forget(one.name(), proof)))));
            HBox row = spread(
                    text(proof.day() + "  " + book().say(Phrasebook.keyOf(proof.kind())), "soft"),
                    new HBox(6, text(found(proof), "strong"), forget));
            box.getChildren().add(row);
        }
    }

    private String found(Proof proof) {
        return switch (proof) {
            case Proof.OfAngle angle ->
                Labels.get("proving.found", book().write(angle.error()), book().write(angle.at()));
            case Proof.OfStop stop -> book().write(new Gap(stop.difference()));
        };
    }
}
