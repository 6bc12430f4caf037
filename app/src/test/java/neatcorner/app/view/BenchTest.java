package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.when;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Objects;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Window;
import javax.imageio.ImageIO;
import neatcorner.app.desk.BenchDesk;
import neatcorner.app.desk.Desk;
import neatcorner.app.desk.Page;
import neatcorner.core.card.Card;
import neatcorner.core.card.CardCode;
import neatcorner.core.card.Scene;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.sawing.Measure;
import neatcorner.core.sawing.SawSetting;
import neatcorner.core.words.Station;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Instrument;
import neatcorner.core.work.LogLine;
import neatcorner.core.work.WorkLog;
import neatcorner.files.store.ShopStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The bench on the real interface: one card for one act, carried by one key. */
class BenchTest extends OnTheDemo {
    private static final int SHUTTERS = 25;
    private static final int OTHER = 2;
    private static final int MILLED = 1;

    private void toTheBench(int job) throws Exception {
        take(job);
        hand.push(KeyCode.F11);
        assertThat(on(desk::page)).isEqualTo(Page.BENCH);
        until(() -> desk.bench().told().isPresent());
        settle();
    }

    private Card card() throws Exception {
        return on(() -> desk.bench().card().orElseThrow());
    }

    private int count() throws Exception {
        return on(() -> desk.bench().told().orElseThrow().cards().size());
    }

    private int numberOf(Act act) {
        return desk.bench().told().orElseThrow().cards().stream()
                .map(Card::act)
                .toList()
                .indexOf(act);
    }

    private void goTo(int card) throws Exception {
        on(() -> {
            desk.bench().goTo(card);
            return true;
        });
    }

    private boolean says(String words) throws Exception {
        return on(() -> isSaid(words));
    }

    private boolean isSaid(String words) {
        return all(view, Label.class::isInstance)
                .map(label -> ((Label) label).getText().replace('\u00a0', ' '))
                .anyMatch(text -> text.contains(words));
    }

    /** Six pressings, and a window with shutters and more parts: from the first card to the last by space alone. */
    @ParameterizedTest
    @ValueSource(ints = {0, SHUTTERS})
    void oneKeyCarriesAJobToItsEnd(int job) throws Exception {
        toTheBench(job);
        int cards = count();
        // Of very many cards those in the middle are not waited for one by one.
        for (int i = 0; i < cards; i++) {
            assertThat(on(() -> desk.bench().at())).isEqualTo(i);
            if (i < 60 || i > cards - 20) {
                hand.push(KeyCode.SPACE);
            } else {
                on(() -> {
                    desk.bench().done();
                    return true;
                });
            }
        }
        assertThat(on(() -> desk.bench().doneCount())).isEqualTo(cards);
        assertThat(on(() -> desk.bench().isDone())).isTrue();
        assertThat(on(desk::unsaved)).isEmpty();
        hand.push(KeyCode.U);
        assertThat(on(() -> desk.bench().doneCount())).isEqualTo(cards - 1);
        hand.push(KeyCode.ESCAPE);
        assertThat(on(desk::page)).isEqualTo(Page.JOB);
    }

    /** A piece cut the wrong way is made again from what is left, costs its wood, and the work goes on to the end. */
    @Test
    void aSpoiltPieceIsMadeAgain() throws Exception {
        toTheBench(0);
        int cards = count();
        goTo(40);
        hand.push(KeyCode.SPACE);
        Act.Saw act = (Act.Saw) card().act();
        hand.push(KeyCode.W).push(KeyCode.DIGIT1);
        settle();
        assertThat(says("is made again")).isTrue();
        assertThat(on(() -> desk.bench().log().spoilt())).as("nothing yet").isEmpty();
        hand.push(KeyCode.ENTER);
        until(() -> desk.bench().told().isPresent());
        settle();
        assertThat(on(() -> desk.bench().log().spoilt())).hasSize(1);
        int after = count();
        assertThat(after).isBetween(cards, cards + 2);
        Act.Saw again = new Act.Saw(act.part(), act.piece(), true, 1);
        goTo(on(() -> numberOf(again)) - 1);
        assertThat(says("Once more: ")).isTrue();
        hand.push(KeyCode.U);
        until(() -> desk.bench().card().filter(card -> card.act().equals(act)).isPresent());
        settle();
        assertThat(on(() -> desk.bench().log().spoilt())).as("good after all").isEmpty();
        assertThat(count()).isEqualTo(cards);
        hand.push(KeyCode.W).push(KeyCode.DIGIT1).push(KeyCode.ENTER);
        until(() -> desk.bench().told().isPresent());
        settle();
        goTo(on(() -> numberOf(again)) - 1);
        hand.push(KeyCode.SPACE).push(KeyCode.SPACE);
        assertThat(on(() -> desk.bench().log()).isDone(again)).isTrue();
        assertThat(on(desk::unsaved)).isEmpty();
        hand.push(KeyCode.ESCAPE);
        go(Station.LOG);
        assertThat(says("of wood lost")).isTrue();
        assertThat(says("Wood lost, pieces spoiled: 1")).isTrue();
        assertThat(says("How long it took")).isTrue();
    }

    /** Two jobs take turns at one setting: the saw is set once, and the stop anew for each. */
    @Test
    void jobsGoThroughOneSettingTogether() throws Exception {
        String other = begun(OTHER);
        String first = begun(0);
        until(() -> !desk.bench().also().isEmpty());
        assertThat(on(() -> desk.bench().also())).extracting(BenchDesk.Also::job).containsExactly(other);
        int cuts = on(() -> desk.bench().also().getFirst().cuts());
        SawSetting setting = setting();
        hand.push(KeyCode.T);
        while (on(() -> desk.jobId()).equals(first)) {
            assertThat(setting().isLike(setting)).isTrue();
            hand.push(KeyCode.SPACE);
        }
        for (int i = 0; i < cuts; i++) {
            until(() -> desk.jobId().equals(other) && desk.bench().card().isPresent());
            settle();
            assertThat(on(desk::page)).isEqualTo(Page.BENCH);
            assertThat(setting().isLike(setting)).isTrue();
            if (i == 0 && ((Scene.AtTheSaw) card().scene()).cut().measure() instanceof Measure.Stop) {
                assertThat(says("Set the stop for this cut")).isTrue();
            }
            hand.push(KeyCode.SPACE);
        }
        until(() -> desk.jobId().equals(first) && desk.bench().card().isPresent());
        settle();
        assertThat(setting().isLike(setting)).isFalse();
        assertThat(on(desk::unsaved)).isEmpty();
    }

    /** A job at its first cut. */
    private String begun(int job) throws Exception {
        toTheBench(job);
        while (!(card().scene() instanceof Scene.AtTheSaw)) {
            hand.push(KeyCode.SPACE);
        }
        hand.push(KeyCode.ESCAPE);
        hand.push(KeyCode.F11);
        return on(desk::jobId);
    }

    private SawSetting setting() throws Exception {
        return ((Scene.AtTheSaw) card().scene()).cut().setting();
    }

    /** A strip that came out narrow and thin is entered where it was given, number by number; undo takes it back. */
    @Test
    void whatWasMilledOtherwiseIsEntered() throws Exception {
        toTheBench(MILLED);
        goTo(on(() -> numberOf(desk.bench().told().orElseThrow().cards().stream()
                .filter(card -> card.title().key().equals("making.mill"))
                .findFirst()
                .orElseThrow()
                .act())));
        int part = card().part();
        hand.push(KeyCode.M);
        hand.write("14.6").push(KeyCode.ENTER);
        assertThat(says("another unit")).isTrue();
        hand.push(KeyCode.CONTROL, KeyCode.A).write("1.46").push(KeyCode.ENTER);
        until(() -> desk.bench().card().isPresent());
        settle();
        hand.write(".72").push(KeyCode.ENTER);
        until(() -> desk.bench().card().isPresent());
        settle();
        assertThat(says("the plan goes by what was read")).isTrue();
        assertThat(on(() -> desk.plan().job().at(part).section().face())).isEqualTo(Length.inches(1.46));
        assertThat(on(() -> desk.plan().job().at(part).section().thickness())).isEqualTo(Length.inches(0.72));
        assertThat(on(() -> desk.bench().log().measured())).hasSize(2);
        hand.push(KeyCode.ESCAPE);
        hand.push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.CONTROL, KeyCode.Z).push(KeyCode.F11);
        until(() -> desk.bench().card().isPresent());
        settle();
        assertThat(says("measure it once more")).isTrue();
        assertThat(on(desk::unsaved)).isEmpty();
    }

    /** A corner that opened is mended among the cards, with a timer for its clamp, or it was good after all. */
    @Test
    void aCornerThatOpenedIsMended() throws Exception {
        toTheBench(0);
        int cards = count();
        assertThat(on(() -> desk.bench().mishaps().corners())).as("of sticks on the rack").isEmpty();
        goTo(on(() -> numberOf(new Act.Step("frame", Station.GLUE_UP, "card.wait", 1))));
        hand.push(KeyCode.SPACE).push(KeyCode.LEFT);
        hand.push(KeyCode.W).push(KeyCode.DIGIT1).push(KeyCode.C);
        settle();
        hand.write("900 mm").push(KeyCode.ENTER);
        assertThat(on(() -> desk.bench().log().wentWrong())).as("so far is none").isEmpty();
        hand.push(KeyCode.SHORTCUT, KeyCode.A);
        hand.write("1.5 mm").push(KeyCode.ENTER);
        until(() -> desk.bench().card().filter(card -> card.title().key().startsWith("mend.")).isPresent());
        settle();
        assertThat(says("Corner C: it has come apart")).isTrue();
        assertThat(count()).isGreaterThan(cards);
        hand.push(KeyCode.U);
        until(() -> desk.bench().told().isPresent());
        settle();
        assertThat(count()).isEqualTo(cards);
        hand.push(KeyCode.W).push(KeyCode.DIGIT1).push(KeyCode.C);
        settle();
        hand.write("1.5 mm").push(KeyCode.ENTER);
        until(() -> desk.bench().card().filter(card -> card.title().key().startsWith("mend.")).isPresent());
        while (on(() -> desk.bench().card().orElseThrow().title().key().startsWith("mend."))) {
            hand.push(KeyCode.SPACE);
        }
        assertThat(on(() -> desk.bench().waiting()).getFirst().card().title().key()).isEqualTo("mend.clamp");
        assertThat(card().act().station()).isEqualTo(Station.FINISH);
        hand.push(KeyCode.ESCAPE);
        go(Station.LOG);
        assertThat(says("corner C: it has come apart")).isTrue();
        assertThat(on(desk::unsaved)).isEmpty();
    }

    /** What was done, read and remarked is there after a restart; the work goes on where it was left. */
    @Test
    void aRestartLosesNothing() throws Exception {
        toTheBench(0);
        hand.push(KeyCode.SPACE).push(KeyCode.SPACE);
        hand.push(KeyCode.N);
        settle();
        hand.write("a knot near the end").push(KeyCode.ENTER);
        hand.push(KeyCode.LEFT).push(KeyCode.RIGHT);
        WorkLog log = on(() -> desk.bench().log());
        assertThat(log.entries()).hasSize(4);
        assertThat(on(() -> all(view, Label.class::isInstance).map(label -> ((Label) label).getText()).toList()))
                .contains("a knot near the end");
        String job = on(desk::jobId);
        on(() -> {
            desk.close();
            desk = new Desk(
                    ShopStore.open(folder.resolve("shop.neatcorner"), Clock.systemUTC()),
                    Clock.systemUTC(),
                    Platform::runLater,
                    search());
            desk.open(job);
            desk.goTo(Page.BENCH);
            return desk.bench().told();
        });
        until(() -> desk.bench().told().isPresent());
        settle();
        assertThat(on(() -> desk.bench().log())).isEqualTo(log);
        assertThat(on(() -> desk.bench().at())).isEqualTo(2);
    }

    /** The rabbet is measured before glass is cut: a slip is asked for again, the true reading changes the glass. */
    @Test
    void theReadingOfTheRabbetChangesTheGlass() throws Exception {
        toTheBench(0);
        Length before = plan().fit().sheets().getFirst().width().value();
        Length rabbet = plan().frame().size(Line.RABBET, Axis.WIDTH).orElseThrow().value();
        goTo(on(() -> numberOf(Act.Size.of("frame", Line.RABBET.size(Axis.WIDTH)))));
        hand.push(KeyCode.M);
        settle();
        hand.write("12 mm").push(KeyCode.ENTER);
        assertThat(says("another unit, or a slip")).isTrue();
        assertThat(on(() -> desk.bench().log().entries())).isEmpty();
        Length came = rabbet.plus(Length.mm(0.8));
        hand.push(KeyCode.SHORTCUT, KeyCode.A);
        hand.write(came.toExactMm() + " mm").push(KeyCode.ENTER);
        until(() -> desk.bench().told().isPresent());
        settle();
        assertThat(plan().fit().sheets().getFirst().width().value().minus(before)).isEqualTo(Length.mm(0.8));
        assertThat(card().act()).isEqualTo(Act.Size.of("frame", Line.RABBET.size(Axis.WIDTH)));
        assertThat(says("planned")).isTrue();
        hand.push(KeyCode.ESCAPE);
        go(Station.LOG);
        assertThat(says("How it came out")).isTrue();
        on(() -> {
            ((TextField) view.lookup("#search-logs")).setText("rabb meas");
            return true;
        });
        until(() -> desk.logs().found().isPresent());
        settle();
        assertThat(on(() -> desk.logs().found().orElseThrow()))
                .singleElement()
                .satisfies(found -> assertThat(found.line().deed()).isInstanceOf(Deed.Measured.class));
        assertThat(says("Found: 1")).isTrue();
    }

    /** A photo of the card in hand is kept with it, and who was at the bench stands by all that is written. */
    @Test
    void aPhotoStaysWithItsCard() throws Exception {
        toTheBench(0);
        on(() -> {
            ((Button) view.lookup("#bench-who")).fire();
            return true;
        });
        hand.write("Wren").push(KeyCode.ENTER);
        Path file = folder.resolve("corner.png");
        ImageIO.write(new BufferedImage(30, 20, BufferedImage.TYPE_INT_RGB), "png", file.toFile());
        when(files.which()).thenReturn(Optional.of(file));
        hand.push(KeyCode.P);
        until(() -> !desk.bench().log().photos(desk.bench().card().orElseThrow().act()).isEmpty());
        until(() -> view.lookup(".bench-photo") != null);
        LogLine line = on(() -> desk.bench().log().entries().getLast());
        assertThat(line.by()).isEqualTo("Wren");
        Path nothing = Files.writeString(folder.resolve("not.png"), "no picture");
        when(files.which()).thenReturn(Optional.of(nothing));
        hand.push(KeyCode.P);
        until(() -> isSaid("must be a PNG or a JPEG"));
        assertThat(on(() -> desk.bench().log().entries().getLast())).isEqualTo(line);
    }

    /** A reader of codes types: at the bench of another job that opens the card's own, and is no key of the bench. */
    @Test
    void thePrintedCodeOpensTheJobThere() throws Exception {
        toTheBench(0);
        int there = count() / 2;
        String code = on(() -> CardCode.of(
                        desk.jobId(),
                        desk.bench().told().orElseThrow().cards().get(there).act())
                .text());
        toTheBench(3);
        hand.write(code);
        hand.push(KeyCode.ENTER);
        until(() -> desk.plan().job().title().startsWith("Seaweed") && desk.bench().at() == there);
        assertThat(on(() -> desk.bench().log().entries())).isEmpty();
        hand.write("#neat-corner:card:nowhere:00000000");
        hand.push(KeyCode.ENTER);
        assertThat(says("no job here")).isTrue();
        hand.push(KeyCode.ESCAPE);
        assertThat(on(() -> desk.bench().at())).isEqualTo(there);
    }

    /** The jaw is moved and sent: it lands on the card, a slip is asked about, a broken reading is not taken. */
    @Test
    void aCaliperSaysHowThePieceCameOut() throws Exception {
        toTheBench(0);
        goTo(on(() -> numberOf(desk.bench().told().orElseThrow().cards().stream()
                .map(Card::act)
                .filter(act -> act instanceof Act.Saw saw && saw.right())
                .findFirst()
                .orElseThrow())));
        hand.push(KeyCode.CONTROL, KeyCode.G);
        GaugeWindow gauges = on(() -> (GaugeWindow) Window.getWindows().stream()
                .map(window -> window.getScene().getRoot().lookup("#gauges"))
                .filter(Objects::nonNull)
                .findFirst()
                .orElseThrow());
        Length planned = on(() -> desk.bench().readable().orElseThrow().planned());
        send(gauges, "length", String.valueOf((planned.toMm() - 0.4) / 25.4));
        Deed.Measured read = on(() -> desk.bench().log().measured(desk.bench().card().orElseThrow().act()))
                .orElseThrow();
        assertThat(read.off().toMm()).isBetween(-0.41, -0.39);
        assertThat(read.by()).isEqualTo(Instrument.CALIPER);
        send(gauges, "length", "1");
        assertThat(says("another unit")).isTrue();
        hand.push(KeyCode.ESCAPE);
        assertThat(on(() -> desk.bench().log().measured())).containsExactly(read);
        Deed.Measured replayed = replay(gauges, "# one reading\nlength " + (planned.toMm() + 0.2) + " mm\n", read);
        on(() -> {
            ((CheckBox) gauges.lookup("#gauge-half-way")).setSelected(true);
            return true;
        });
        send(gauges, "angle", "45");
        until(() -> isSaid("fell silent"));
        assertThat(on(() -> desk.bench().log().measured())).containsExactly(replayed);
        on(() -> {
            gauges.getScene().getWindow().hide();
            return true;
        });
    }

    /** A file of readings is sent line by line; its comments are not. */
    private Deed.Measured replay(GaugeWindow gauges, String lines, Deed.Measured before) throws Exception {
        when(files.which()).thenReturn(Optional.of(Files.writeString(folder.resolve("readings.txt"), lines)));
        on(() -> {
            ((Button) gauges.lookup("#gauge-file")).fire();
            return true;
        });
        until(() -> gauges.lookup("#gauge-replay").isVisible());
        on(() -> {
            ((Button) gauges.lookup("#gauge-replay")).fire();
            return true;
        });
        settle();
        Deed.Measured now = on(() -> desk.bench().log().measured().getFirst());
        assertThat(now.off().toMm()).isBetween(0.19, 0.21);
        assertThat(now.act()).isEqualTo(before.act());
        assertThat(on(() -> gauges.lookup("#gauge-replay").isVisible())).isFalse();
        return now;
    }

    private void send(GaugeWindow gauges, String gauge, String number) throws Exception {
        on(() -> {
            ((TextField) gauges.lookup("#gauge-number-" + gauge)).setText(number);
            ((Button) gauges.lookup("#gauge-send-" + gauge)).fire();
            return true;
        });
        settle();
    }
}
