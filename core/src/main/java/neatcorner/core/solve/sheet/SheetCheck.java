package neatcorner.core.solve.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Whether an answer may be cut as it stands: its cuts are made one after the other, each from edge to edge of
 * a part of the sheet that is there by then, and every pane must come out as a part of its own, with nothing narrower
 * falling off than can be snapped. Nothing of the search is used.
 */
public final class SheetCheck {
    private static final System.Logger LOG = System.getLogger(SheetCheck.class.getName());
    private final SheetProblem problem;
    private final long kerf;
    private final long leastStrip;

    /** A part of a sheet, in nanometres. */
    private record Part(long x, long y, long width, long height) {
    }

    private SheetCheck(SheetProblem problem) {
        this.problem = problem;
        this.kerf = problem.kerf().nanometres();
        this.leastStrip = problem.leastStrip().nanometres();
    }

    /** What is wrong with an answer; empty when it may be cut. */
    public static Optional<String> wrong(SheetProblem problem, SheetAnswer answer) {
        return new SheetCheck(problem).wrong(answer);
    }

    /** Whether it may be cut; what is wrong is written to the log, since it is a fault of the search. */
    static boolean isLegal(SheetProblem problem, SheetAnswer answer) {
        Optional<String> wrong = wrong(problem, answer);
        wrong.ifPresent(what -> LOG.log(System.Logger.Level.ERROR, "a sheet plan was dropped: " + what));
        return wrong.isEmpty();
    }

    private Optional<String> wrong(SheetAnswer answer) {
        int[] made = new int[problem.panes().size()];
        int[] used = new int[problem.stock().size()];
        long cost = 0;
        for (SheetAnswer.Laid laid : answer.sheets()) {
            used[laid.stock()]++;
            cost += problem.stock().get(laid.stock()).cost();
            laid.panes().forEach(pane -> made[pane.pane()]++);
            Optional<String> wrong = wrong(laid);
            if (wrong.isPresent()) {
                return wrong;
            }
        }
        if (!Arrays.equals(made, problem.panes().stream().mapToInt(SheetProblem.Pane::count).toArray())) {
            return Optional.of("panes made are " + Arrays.toString(made));
        }
        for (int k = 0; k < used.length; k++) {
            if (used[k] > problem.stock().get(k).count().orElse(Integer.MAX_VALUE)) {
                return Optional.of("sheet " + k + " is used " + used[k] + " times");
            }
        }
        return cost == answer.cost() && answer.bound() <= cost
                ? Optional.empty()
                : Optional.of("cost is " + cost + ", said is " + answer.cost() + " over a bound of " + answer.bound());
    }

    private Optional<String> wrong(SheetAnswer.Laid laid) {
        SheetProblem.Stock sheet = problem.stock().get(laid.stock());
        long trim = problem.trim().nanometres();
        List<Part> parts = new ArrayList<>(List.of(new Part(
                trim,
                trim,
                sheet.width().nanometres() - 2 * trim,
                sheet.height().nanometres() - 2 * trim)));
        for (SheetAnswer.Cut cut : laid.cuts()) {
            boolean upright = cut.x1().equals(cut.x2());
            Optional<Part> part = parts.stream()
                    .filter(p -> upright
                            ? cut.x1().nanometres() > p.x
                                    && cut.x1().nanometres() < p.x + p.width
                                    && cut.y1().nanometres() == p.y
                                    && cut.y2().nanometres() == p.y + p.height
                            : cut.y1().nanometres() > p.y
                                    && cut.y1().nanometres() < p.y + p.height
                                    && cut.x1().nanometres() == p.x
                                    && cut.x2().nanometres() == p.x + p.width)
                    .findFirst();
            if (part.isEmpty()) {
                return Optional.of("a cut on sheet " + laid.stock() + " does not go from edge to edge: " + cut);
            }
            Part p = part.get();
            parts.remove(p);
            long first = upright ? cut.x1().nanometres() - p.x : cut.y1().nanometres() - p.y;
            long rest = (upright ? p.width : p.height) - first - kerf;
            if (first < leastStrip || rest > 0 && rest < leastStrip) {
                return Optional.of("a strip narrower than " + problem.leastStrip() + " falls off sheet " + laid.stock()
                        + " at " + cut);
            }
            parts.add(upright ? new Part(p.x, p.y, first, p.height) : new Part(p.x, p.y, p.width, first));
            if (rest > 0) {
                parts.add(
                        upright
                                ? new Part(p.x + first + kerf, p.y, rest, p.height)
                                : new Part(p.x, p.y + first + kerf, p.width, rest));
            }
        }
        for (SheetAnswer.Placed pane : laid.panes()) {
            SheetProblem.Pane own = problem.panes().get(pane.pane());
            long width = (pane.turned() ? own.height() : own.width()).nanometres();
            long height = (pane.turned() ? own.width() : own.height()).nanometres();
            if (pane.turned() && !own.canTurn()
                    || !parts.remove(new Part(pane.x().nanometres(), pane.y().nanometres(), width, height))) {
                return Optional.of("pane " + pane.pane() + " at " + pane.x() + ", " + pane.y()
                        + " does not come out of sheet " + laid.stock());
            }
        }
        return Optional.empty();
    }
}
