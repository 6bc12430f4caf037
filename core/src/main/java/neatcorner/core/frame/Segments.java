package neatcorner.core.frame;

import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.measure.Count;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Edge;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Loop;
import neatcorner.core.outline.Point;
import neatcorner.core.recall.Recent;
import neatcorner.core.report.Ledger;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.Figure;

/**
 * How many blanks a curve is best sawn from. Blanks are ripped side by side from a board of one width,
 * so each costs its length times its share of that width; the fewest square millimetres win, the
 * smaller number between equals. Blanks that are too short to hold are not counted.
 *
 * @param count of blanks; for an arch of the whole arch or each half of a pointed one
 * @param cost  mm² of board
 */
record Segments(int count, double cost) {
    private static final Recent<Task, Optional<Segments>> BEST = new Recent<>(32, Segments::searched);

    /** What the best number hangs on; lengths in mm. */
    private record Task(Boxed.Segmented shape, double width, double height, double wood, double board, double held) {
    }

    /** The best number whose blanks fit the board and are long enough to hold; empty when there is none. */
    static Optional<Segments> best(Frame frame, Boxed.Segmented shape, Length board) {
        double width = frame.width(Line.OUTSIDE).toMm();
        double height = frame.height(Line.OUTSIDE).toMm();
        return BEST.of(new Task(
                shape.withSegments(shape.leastSegments()),
                width,
                height,
                frame.job().section().face().toMm(),
                board.toMm(),
                frame.habits().get(Habit.SAFE_HOLD).toMm()));
    }

    private static Optional<Segments> searched(Task task) {
        Boxed.Segmented shape = task.shape();
        return IntStream.rangeClosed(shape.leastSegments(), shape.mostSegments())
                .mapToObj(n -> new Segments(n, cost(shape.withSegments(n).loop(task.width(), task.height()), task)))
                .filter(s -> Double.isFinite(s.cost()))
                .min((a, b) -> Double.compare(a.cost() * (1 + 1e-9 * a.count()), b.cost() * (1 + 1e-9 * b.count())));
    }

    /** Board used by the blanks of an outside line; infinite when one is wider than the board or too short to hold. */
    private static double cost(Loop outside, Task task) {
        double sum = 0;
        for (Loop.Part part : outside.parts()) {
            if (part.edge() instanceof Edge.Arc arc) {
                Point along = arc.heading(0.5);
                Point outward = along.outward();
                double top = arc.at(0.5).dot(outward);
                double low = Math.min(
                        arc.at(0, -task.wood()).dot(outward),
                        arc.at(1, -task.wood()).dot(outward));
                double blank = top - low;
                blank = Math.ceil(blank - 1e-6);
                double side = Math.tan(arc.sweep() / 2);
                double length = arc.at(1).minus(arc.at(0)).dot(along)
                        + side * (top - arc.at(0).dot(outward)) + side * (top - arc.at(1).dot(outward));
                sum += length < task.held()
                        ? Double.POSITIVE_INFINITY
                        : length * task.board() / Math.floor(task.board() / blank + 1e-9);
            }
        }
        return sum;
    }

    void enter(Ledger ledger, Length board) {
        ledger.enter(Figure.formula(Frame.BEST_COUNT)
                .with("board_width", board)
                .note("curve_best")
                .gives(new Count(count)));
    }
}
