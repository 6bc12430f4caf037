package neatcorner.core.frame;

import java.util.List;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Construction;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;

/** A frame routed from one board, whose grain runs the longer way. */
public final class OnePiece {
    /** Sides whose grain runs across them break when they are narrower. Common practice, no source. */
    private static final Length LEAST_ACROSS = Length.inches(1, 1, 4);

    private OnePiece() {
    }

    /** Whether its grain runs across it from the left to the right. */
    private static boolean isLevel(Frame frame) {
        return !frame.height(Line.OUTSIDE).isOver(frame.width(Line.OUTSIDE));
    }

    /** The way its grain runs. */
    public static Point grain(Frame frame) {
        return isLevel(frame) ? new Point(1, 0) : new Point(0, 1);
    }

    /**
     * The board, square at both ends.
     *
     * @throws Refusal when no board is so wide
     */
    static Member board(Frame frame) {
        Length wide = frame.width(Line.OUTSIDE);
        Length high = frame.height(Line.OUTSIDE);
        Length along = wide.max(high);
        Length across = wide.min(high);
        if (across.isOver(Section.WIDEST_BAR)) {
            throw new Refusal(Words.of("impossible.one_piece", across, Section.WIDEST_BAR));
        }
        Section own = frame.job().section();
        Section section =
                new Section(own.name(), own.species(), across, own.thickness(), new Recess.Bar(), Profile.FLAT);
        Side side = new Side(Side.Name.BOARD, 0, "A", "C");
        List<Point> box = isLevel(frame)
                ? List.of(
                        new Point(0, 0),
                        new Point(wide.toMm(), 0),
                        new Point(wide.toMm(), high.toMm()),
                        new Point(0, high.toMm()))
                : List.of(
                        new Point(wide.toMm(), 0),
                        new Point(wide.toMm(), high.toMm()),
                        new Point(0, high.toMm()),
                        new Point(0, 0));
        Point way = box.get(1).minus(box.get(0)).unit();
        Place place =
                new Place(Vector.of(box.getFirst(), 0), Vector.of(way, 0), Vector.of(way.outward(), 0), Vector.FORWARD);
        Figure<Length> length = Figure.formula(MemberKey.length(side, MemberKey.What.LONG)).note("board").gives(along);
        return Member.square(side, section, length, length, place, box);
    }

    static void check(Frame frame, Ledger ledger) {
        Member board = board(frame);
        ledger.enter(board.longPoint());
        ledger.enter(Figure.formula(MemberKey.length(board.side(), MemberKey.What.WIDE))
                .note("board")
                .gives(board.section().face()));
        if (board.section().species().stuff().isSheet()) {
            // Sheets are wide, and have no grain to break along.
            return;
        }
        Remedy joined = new Remedy.OnJob(Words.of("remedy.join_corners"), new Edit.Build(Construction.MITRED));
        Length widest = frame.habits().get(Habit.BOARD_WIDTH);
        if (board.section().face().isOver(widest)) {
            ledger.find(Finding.of(Severity.CAUTION, Station.CUTS, "board_too_wide", board.section().face(), widest)
                    .by(board.section().face().minus(widest)).remedy(joined));
        }
        if (frame.narrowFace().isUnder(LEAST_ACROSS)) {
            ledger.find(Finding.of(Severity.CAUTION, Station.CORNERS, "grain_across", frame.narrowFace(), LEAST_ACROSS)
                    .by(LEAST_ACROSS.minus(frame.narrowFace())).remedy(joined));
        }
    }
}
