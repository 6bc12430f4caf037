package neatcorner.app.view;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import neatcorner.app.desk.Page;
import neatcorner.core.practice.Attempt;
import neatcorner.core.practice.Practice;
import neatcorner.core.report.Finding;
import neatcorner.core.saw.Seen;
import neatcorner.core.shop.Machine;
import neatcorner.core.shop.MachineKind;
import neatcorner.core.shop.Proof;
import neatcorner.core.shop.ProofKind;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** Machines, proving and the error budget on the real interface. */
class SawPageTest extends OnTheDemo {
    private Machine saw() throws Exception {
        return on(() -> desk.shop().machines().named("mitre saw").orElseThrow());
    }

    private void select(String id, Object item) throws Exception {
        on(() -> {
            @SuppressWarnings("unchecked") // Whatever is chosen is one of its own items.
            ComboBox<Object> box = (ComboBox<Object>) view.lookup(id);
            box.setValue(item);
            return true;
        });
        settle();
    }

    private void chooseItem(String id, String name) throws Exception {
        select(id, on(() -> ((ComboBox<?>) view.lookup(id)).getItems().stream()
                .filter(item -> item.toString().equals(name))
                .findFirst()
                .orElseThrow()));
    }

    private void focus(String id) throws Exception {
        on(() -> {
            view.lookup(id).requestFocus();
            return true;
        });
    }

    private void typeIn(String id, String text) throws Exception {
        focus(id);
        hand.push(KeyCode.SHORTCUT, KeyCode.A);
        hand.write(text).push(KeyCode.ENTER);
    }

    private boolean says(String words) throws Exception {
        return on(() -> all(view, Label.class::isInstance)
                .map(label -> ((Label) label).getText().replace('\u00a0', ' '))
                .anyMatch(text -> text.contains(words)));
    }

    /** By one key to the saw; what is seen is typed, kept, does its work in the plan, and is undone. */
    @Test
    void aProofIsTypedKeptAndUndone() throws Exception {
        int before = saw().proofs().size();
        hand.push(KeyCode.SHORTCUT, KeyCode.M);
        assertThat(on(desk::page)).isEqualTo(Page.PROVING);
        chooseItem("#proving-how", "GAP");
        select("#proving-where", Seen.INSIDE);
        typeIn("#proving-gap", "2.6 mm");
        typeIn("#proving-over", "150 mm");
        assertThat(says("too pointed")).isTrue();
        assertThat(says("back toward square")).isTrue();
        focus("#keep-proof");
        hand.push(KeyCode.SPACE);
        assertThat(saw().proofs()).hasSize(before + 1);
        Proof.OfAngle kept = saw().angle(ProofKind.LEFT).orElseThrow();
        assertThat(kept.error().toDegrees()).isCloseTo(0.4965, within(0.001));
        assertThat(plan().findings()).extracting(Finding::id).contains("saw_not_true");
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(saw().proofs()).hasSize(before);
        assertThat(plan().findings()).extracting(Finding::id).doesNotContain("saw_not_true");
        hand.push(KeyCode.ESCAPE);
        assertThat(on(desk::page)).isEqualTo(Page.JOB);
    }

    @Test
    void whatCannotBeSeenIsRefusedAndNothingKept() throws Exception {
        int before = saw().proofs().size();
        hand.push(KeyCode.SHORTCUT, KeyCode.M);
        chooseItem("#proving-how", "GAP");
        typeIn("#proving-gap", "80 mm");
        assertThat(says("the gap, over this length")).isTrue();
        chooseItem("#proving-how", "ON_PIECE");
        typeIn("#proving-gauge", "20");
        assertThat(says("another setting")).isTrue();
        typeIn("#proving-gauge", "twenty");
        assertThat(says("another setting")).as("what was typed before stands").isTrue();
        assertThat(saw().proofs()).hasSize(before);
    }

    /** The job's own saw is chosen at Cuts, speaks in every cut, and is undone. */
    @Test
    void aJobIsCutOnAnotherSaw() throws Exception {
        take(2);
        go(Station.CUTS);
        select("#job-saw", Optional.of("hand mitre box"));
        assertThat(plan().saw().saw().orElseThrow().name()).isEqualTo("hand mitre box");
        assertThat(plan().findings()).extracting(Finding::id).contains("saw_unproved");
        hand.push(KeyCode.SHORTCUT, KeyCode.Z);
        assertThat(plan().saw().saw().orElseThrow().name()).isEqualTo("mitre saw");
    }

    @Test
    void theErrorBudgetIsReachedFromGlueUp() throws Exception {
        take(2);
        go(Station.GLUE_UP);
        focus("#go-budget");
        hand.push(KeyCode.SPACE);
        assertThat(on(desk::page)).isEqualTo(Page.BUDGET);
        WaitForAsyncUtils.waitFor(90, TimeUnit.SECONDS, () -> says("What to better first"));
        assertThat(says("last corner out by")).isTrue();
        assertThat(says("play left for the pane")).isTrue();
    }

    @Test
    void aMachineIsAddedChangedAndUsedFirst() throws Exception {
        hand.push(KeyCode.SHORTCUT, KeyCode.K);
        hand.clickOn("#shop-machines");
        select("#machine-kind", MachineKind.MITRE_BOX);
        hand.clickOn("#add-machine");
        assertThat(on(() -> desk.shop().machines().named("hand mitre box 2"))).isPresent();
        typeIn("#machine-detents", "45 30");
        assertThat(says("from square outwards")).isTrue();
        typeIn("#machine-detents", "0 30 45");
        typeIn("#machine-name", "old box");
        hand.clickOn("#use-first");
        assertThat(on(() -> desk.shop().machines().all().getFirst().name())).isEqualTo("old box");
        assertThat(on(() -> desk.shop().machines().all().getFirst().detents())).hasSize(3);
        hand.clickOn("#machine-gone");
        assertThat(on(() -> desk.shop().machines().named("old box"))).isEmpty();
    }

    /** Four corners open inside: the saw, not known to which side, what would tell, and how it is mended. */
    @Test
    void aGapingFrameIsDiagnosed() throws Exception {
        take(0);
        on(() -> {
            desk.goTo(Page.DOCTOR);
            return true;
        });
        settle();
        for (int corner = 0; corner < 4; corner++) {
            chooseItem("#doctor-across-" + corner, "MORE");
            typeIn("#doctor-across-" + corner + "-gap", "0.4 mm");
        }
        assertThat(says("cuts to the left are")).isTrue();
        assertThat(says("cuts to the right are")).isTrue();
        assertThat(says("an angle gauge on the")).isTrue();
        assertThat(says("running out to nothing at the inside")).isTrue();
        assertThat(says("The pane then")).isTrue();
        typeIn("#doctor-across-0-gap", "9 mm");
        assertThat(says("no error of a saw")).isTrue();
        focus("#doctor-again");
        hand.push(KeyCode.SPACE);
        assertThat(says("How it is mended")).isFalse();
    }

    /** Below the sticks and on a page of its own one goes from cut to cut; a setting leads to its first cut. */
    @Test
    void oneGoesFromCutToCut() throws Exception {
        take(0);
        go(Station.CUTS);
        until(() -> !desk.improver().isWorking() && desk.cuts().sawing().isPresent());
        settle();
        focus("#cut-next");
        hand.push(KeyCode.SPACE).push(KeyCode.SPACE);
        assertThat(on(() -> desk.cuts().cut().orElseThrow().number())).isEqualTo(3);
        assertThat(says("the saw is set 2 × and 5 lengths are carried to it; stick by stick 48 × and 25")).isTrue();
        hand.clickOn("#go-order");
        assertThat(on(desk::page)).isEqualTo(Page.ORDER);
        assertThat(says("cut 3 of 48")).isTrue();
        focus("#run-25");
        hand.push(KeyCode.SPACE);
        assertThat(says("Swing left 45.0°")).isTrue();
        assertThat(says("the corner closes tight at 90.0°")).isTrue();
        assertThat(says("Set the saw for it")).isTrue();
        assertThat(on(() -> ((PictureView) view.lookup("#order-picture")).getWidth())).isGreaterThan(500);
        take(18);
        until(() -> desk.cuts().sawing().isPresent());
        settle();
        assertThat(on(() -> desk.cuts().cut().orElseThrow().number())).isEqualTo(1);
    }

    /** An exercise is answered, judged once and kept; the next one is another. */
    @Test
    void anExerciseIsAnsweredAndKept() throws Exception {
        on(() -> {
            desk.goTo(Page.PRACTICE);
            return true;
        });
        until(() -> desk.practice().exercise().isPresent());
        settle();
        assertThat(on(() -> view.lookup("#practice-judge").isDisabled())).isTrue();
        hand.clickOn("#practice-0-0");
        hand.clickOn("#practice-1-1");
        hand.clickOn("#practice-judge");
        int points = on(() -> desk.practice().judged().orElseThrow().points());
        assertThat(says(points + " of 100 points")).isTrue();
        hand.clickOn("#practice-0-1");
        assertThat(on(() -> desk.practice().answers())).containsExactly(0, 1);
        var first = on(() -> desk.practice().exercise().orElseThrow().asks());
        hand.clickOn("#practice-next");
        until(() -> desk.practice().exercise().isPresent());
        assertThat(on(() -> desk.practice().exercise().orElseThrow().asks())).isNotEqualTo(first);
        assertThat(on(() -> desk.practice().record())).extracting(Attempt::points).containsExactly(points);
        on(() -> {
            desk.practice().practise(Practice.STICKS);
            return true;
        });
        until(() -> desk.practice().exercise().isPresent());
        settle();
        hand.clickOn("#practice-0-2");
        assertThat(on(() -> desk.practice().answers()).getFirst()).isEqualTo(2);
    }
}
