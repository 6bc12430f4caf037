package neatcorner.core.mill;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.cut.Lots;
import neatcorner.core.cut.Makes;
import neatcorner.core.frame.Assembly;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Board;
import neatcorner.core.rack.Rack;
import neatcorner.core.shop.Shop;
import neatcorner.core.solve.Answers;

/**
 * What a board or a pile of them will make.
 *
 * @param ofJob how many frames of a job, up to {@value Makes#MOST}
 * @param makes rectangular frames of its section; empty when that holds no glass
 */
public record BoardMakes(int ofJob, Optional<Makes> makes) {
    /**
     * Lays many jobs on the boards, so not on the interface thread.
     *
     * @param job    whose section and whose frame are asked for
     * @param boards that may be milled
     */
    public static BoardMakes of(Job job, List<Board> boards, Shop shop) {
        Shop pile = shop.withRack(new Rack(new ArrayList<>(boards)));
        // What of it is milled already is asked for like the rest.
        Job whole = job.withCuttings(cutting -> cutting.withMade(false, List.of()));
        return new BoardMakes(
                Makes.most(count -> milled(whole.withQuantity(count), pile).isPresent()),
                holdsGlass(job, shop)
                        ? Optional.of(Makes.by(
                                (width, height, count) -> milled(
                                                Job.starting(job.title(), width, height, job.section())
                                                        .withOverrides(job.overrides())
                                                        .withQuantity(count),
                                                pile)
                                        .map(BoardMakes::isWhole)
                                        .orElse(false),
                                boards.stream()
                                        .map(Board::length)
                                        .max(Length::compareTo)
                                        .orElse(Length.ZERO)))
                        : Optional.empty());
    }

    private static boolean holdsGlass(Job job, Shop shop) {
        try {
            return Frame.of(job, shop).result().has(Line.GLASS);
        } catch (Refusal leavesNoFrame) {
            return false;
        }
    }

    /** Everything of all parts of a job; empty when something is missing. */
    private static Optional<Milling> milled(Job job, Shop pile) {
        try {
            return Optional.of(Milling.of(Lots.orders(Assembly.of(job, pile)), pile, Answers.NONE))
                    .filter(milling -> milling.missing().isEmpty());
        } catch (Refusal leavesNoFrame) {
            return Optional.empty();
        }
    }

    /** Without scarfs: with these a frame may be larger than any board is long. */
    private static boolean isWhole(Milling milling) {
        return milling.sawn().stream()
                .flatMap(Milling.Sawn::blanks)
                .allMatch(blank -> blank.wanted().piece().part() == 0);
    }
}
