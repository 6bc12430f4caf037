package neatcorner.core.report;

import static neatcorner.core.Sample.in;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Note;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.section.SectionKey;
import neatcorner.core.solve.Answer;
import neatcorner.core.solve.Answers;
import neatcorner.core.solve.Problem;
import neatcorner.core.solve.stick.StickAnswer;
import neatcorner.core.solve.stick.StickProblem;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class LedgerTest {
    @Test
    void aFigureIsEnteredOnce() {
        Ledger ledger = new Ledger();
        Figure<?> figure = ledger.enter(Figure.given(SectionKey.FACE, in("2")));
        assertThat(ledger.planned("made").figures()).containsEntry(SectionKey.FACE, figure);
        assertThatIllegalStateException().isThrownBy(() -> ledger.enter(Figure.given(SectionKey.FACE, in("3"))));
    }

    /** The gravest first, and of those equally grave the station that comes first. */
    @Test
    void findingsAreSortedByGravityThenByStation() {
        List<Finding> findings = Planner.plan(Sample.stretched("90", "100").withQuantity(40), Sample.shop()).findings();
        assertThat(findings)
                .hasSizeGreaterThan(2)
                .isSortedAccordingTo(Comparator.comparing(Finding::severity).thenComparing(Finding::station));
    }

    /** A subject that asks for what is planned after it is a bug, said by name. */
    @Test
    void aDraftHasWhatWasPlannedBefore() {
        Draft draft = Draft.of(Sample.job("8", "10"), Sample.shop());
        assertThatIllegalStateException()
                .isThrownBy(() -> draft.get(Frame.class))
                .withMessageContaining("Frame is asked for before");
        assertThat(draft.with(String.class, "made").get(String.class)).isEqualTo("made");
    }

    @Test
    void aCautionCountsOnceAndThereMayBeNone() {
        Ledger ledger = new Ledger();
        assertThat(ledger.planned("").safety()).isEmpty();
        ledger.warn(Safety.SAW);
        ledger.warn(Safety.SAW);
        assertThat(ledger.planned("").safety()).containsExactly(Safety.SAW);
    }

    /** Every number of every plan stands under its own key, and no two are printed alike. */
    @ParameterizedTest
    @MethodSource("neatcorner.core.joint.Joints#kinds")
    void everyFigureHasANameOfItsOwn(JointKind joint) {
        Stream.of(
                        Sample.job("8", "10"),
                        Sample.matted("2", "2", "2"),
                        Sample.floating("20", "30"),
                        Sample.stretched("20", "30"))
                .map(job -> Planner.plan(new Edit.ChooseJoint(Optional.of(joint)).apply(job), Sample.shop()))
                .forEach(plan -> {
                    plan.figures().forEach((key, figure) -> {
                        assertThat(figure.key()).isEqualTo(key);
                        assertThat(figure.value()).isInstanceOf(key.kind());
                    });
                    assertThat(plan.figures().keySet())
                            .extracting(FigureKey::id)
                            .doesNotHaveDuplicates();
                });
    }

    @Test
    void aStationStandsOpenSettledOrWithAFinding() {
        Plan plan = Planner.plan(new Edit.Settle(Station.HANG, true).apply(Sample.job("4", "6")), Sample.shop());
        assertThat(plan.standing(Station.HANG)).isEqualTo(Plan.Standing.SETTLED);
        assertThat(plan.standing(Station.LOG)).isEqualTo(Plan.Standing.OPEN);
        assertThat(plan.standing(Station.CUTS)).as("pieces too short to hold").isEqualTo(Plan.Standing.FINDING);
        assertThat(plan.standing(Station.FINISH)).as("a note alone does not count").isEqualTo(Plan.Standing.OPEN);
    }

    /** A note changes no number: what is settled stays, also when a better way to cut is known than the quick one. */
    @Test
    void aNoteLeavesSettledStationsSettled() {
        Plan settled = Planner.plan(
                new Edit.Settle(Station.CUTS, true).apply(Sample.job("12", "14")), Sample.shop(), new OneEach());
        assertThat(settled.cuts().sticks()).as("another answer than the quick one").hasSize(4);
        Plan noted = Planner.edited(settled, new Edit.Write(new Note(Instant.EPOCH, "asked for Friday")));
        assertThat(noted.job().settled()).containsExactly(Station.CUTS);
        assertThat(Planner.edited(noted, new Edit.Give(Axis.WIDTH, Line.GLASS, in("13"))).job().settled()).isEmpty();
    }

    /** Every piece on a stick of its own. */
    private static final class OneEach implements Answers {
        @Override
        @SuppressWarnings("unchecked")
        public <A extends Answer> Optional<A> to(Problem<A> problem) {
            StickProblem sticks = (StickProblem) problem;
            List<StickAnswer.Laid> laid = new ArrayList<>();
            for (int kind = 0; kind < sticks.pieces().size(); kind++) {
                laid.addAll(Collections.nCopies(
                        sticks.pieces().get(kind).count(),
                        new StickAnswer.Laid(
                                sticks.stock().size() - 1,
                                List.of(new StickAnswer.Placed(kind, sticks.trim(), StickProblem.Lie.AS_IS)))));
            }
            return Optional.of((A) new StickAnswer(laid, 1, 1));
        }
    }

    /** Same input, same plan: nothing hangs on a clock, on chance or on the order of a hash. */
    @Test
    void planningIsAPureFunction() {
        Plan once = Planner.plan(Sample.matted("2", "2", "2").withQuantity(9), Sample.shop());
        Plan again = Planner.plan(Sample.matted("2", "2", "2").withQuantity(9), Sample.shop());
        assertThat(again).isEqualTo(once);
        assertThat(again.figures().keySet().stream().toList()).isEqualTo(once.figures().keySet().stream().toList());
    }
}
