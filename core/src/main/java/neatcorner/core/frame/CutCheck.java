package neatcorner.core.frame;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Station;

/** Looks at every cut for what a saw or a piece of wood will not do. */
final class CutCheck {
    /** Pieces with a shorter edge than this split while they are handled. Common practice, no source. */
    private static final Length SLIVER = Length.mm(12);
    /** Grain that leaves the curve by more breaks off at the ends of a segment. Common practice, no source. */
    private static final Angle SHORT_GRAIN = Angle.degrees(24);
    private final Frame frame;
    private final Ledger ledger;

    private CutCheck(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
    }

    static void check(Frame frame, Ledger ledger) {
        CutCheck check = new CutCheck(frame, ledger);
        check.slivers();
        check.inwardRabbets();
        if (frame.job().outline() instanceof Boxed.Segmented shape) {
            check.curves(shape);
        }
    }

    private Remedy seeCuts() {
        return new Remedy.Visit(Station.CUTS);
    }

    private void slivers() {
        frame.members().stream()
                .filter(m -> m.shorterEdge().isUnder(SLIVER))
                .min(Comparator.comparing(Member::shorterEdge))
                .ifPresent(m -> ledger.find(Finding.of(
                                Severity.CAUTION,
                                Station.CUTS,
                                "sliver",
                                m.side().words(),
                                m.shorterEdge(),
                                SLIVER)
                        .by(SLIVER.minus(m.shorterEdge()))
                        .remedy(new Remedy.Visit(Station.BRIEF))));
    }

    /**
     * At a corner that points inwards a pane reaches past the rabbet of one piece into the other's wood where
     * the mitre leaves the middle of the corner: with faces a and b by lip·(b/a − 1).
     */
    private void inwardRabbets() {
        List<Member> members = frame.members();
        Length lip = frame.job().section().lip();
        if (!lip.isPositive() || frame.job().contents().layers().isEmpty()) {
            return;
        }
        List<Angle> angles = frame.angles();
        for (int i = 0; i < members.size(); i++) {
            Member here = members.get(i);
            Member before = members.get((i + members.size() - 1) % members.size());
            double ratio = Math.max(
                    here.section().face().ratio(before.section().face()),
                    before.section().face().ratio(here.section().face()));
            if (angles.get(i).radians() > Math.PI + 1e-9 && ratio > 1 + 1e-9) {
                Member wide = here.section().face().isOver(before.section().face()) ? here : before;
                Length sliver = lip.times(ratio - 1);
                ledger.find(Finding.of(
                                Severity.CAUTION,
                                Station.CUTS,
                                "sliver_in_rabbet",
                                here.side().from(),
                                wide.side().letters(),
                                sliver)
                        .by(sliver)
                        .remedy(new Remedy.OnJob(
                                Words.of("remedy.like_faces"),
                                new Edit.Face(
                                        wide.side().faceId(),
                                        Optional.of((wide == here ? before : here)
                                                .section()
                                                .face())))));
                return;
            }
        }
    }

    private void curves(Boxed.Segmented shape) {
        Length board = frame.habits().get(Habit.BOARD_WIDTH);
        Optional<Segments> best = Segments.best(frame, shape, board);
        best.ifPresent(b -> b.enter(ledger, board));
        Angle runOut = frame.members().stream()
                .flatMap(m -> m.curve().stream())
                .map(Curve::runOut)
                .max(Comparator.naturalOrder())
                .orElseThrow();
        if (runOut.compareTo(SHORT_GRAIN) > 0) {
            int enough = shape.segments();
            while (runOut.toDegrees() * shape.segments() / enough > SHORT_GRAIN.toDegrees()) {
                enough++;
            }
            ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "short_grain", runOut, SHORT_GRAIN)
                    .by(runOut.minus(SHORT_GRAIN))
                    .remedy(new Remedy.OnJob(
                            Words.of("remedy.segments", enough), new Edit.Draw(shape.withSegments(enough)))));
        }
        Length widest = frame.members().stream()
                .flatMap(m -> m.curve().stream())
                .map(c -> c.blank().value())
                .max(Length::compareTo)
                .orElseThrow();
        if (widest.isOver(board)) {
            ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "blank_too_wide", widest, board)
                    .by(widest.minus(board))
                    .remedy(best.<Remedy>map(b -> new Remedy.OnJob(
                                    Words.of("remedy.segments", b.count()),
                                    new Edit.Draw(shape.withSegments(b.count()))))
                            .orElseGet(this::seeCuts)));
        }
    }
}
