package neatcorner.core.solve.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import org.jspecify.annotations.Nullable;

/** A sheet being filled: rectangles that are free, and how each that was used is cut apart. */
final class SheetLayout {
    private final int stock;
    private final long kerf;
    private final SnapRule rule;
    private final Area whole;
    private final List<Area> free = new ArrayList<>();

    /**
     * What an area is filled with.
     *
     * @param upperFirst whether the strip above is cut off first
     */
    private record Occupied(Block block, boolean upperFirst, Area beside, Area above) {
    }

    /** A rectangle of the sheet: free, or holding a block with what is cut off beside and above it. */
    static final class Area {
        final long x;
        final long y;
        final long width;
        final long height;
        private @Nullable Occupied occupied;

        private Area(long x, long y, long width, long height) {
            this.x = x;
            this.y = y;
            this.width = width;
            this.height = height;
        }

        /** Square nanometres. */
        double size() {
            return (double) width * height;
        }
    }

    /** Which rest is cut off first. */
    enum Split {
        SHORTER_REST, LONGER_REST, LARGER_REST, ROWS;

        boolean upperFirst(Area area, Block block) {
            long right = area.width - block.width();
            long up = area.height - block.height();
            return switch (this) {
                case SHORTER_REST -> up >= right;
                case LONGER_REST -> up < right;
                case LARGER_REST -> (double) up * area.width >= (double) right * area.height;
                case ROWS -> true;
            };
        }
    }

    SheetLayout(int stock, SheetProblem problem) {
        SheetProblem.Stock sheet = problem.stock().get(stock);
        long trim = problem.trim().nanometres();
        this.stock = stock;
        this.kerf = problem.kerf().nanometres();
        this.rule = SnapRule.of(problem);
        this.whole = new Area(
                trim,
                trim,
                sheet.width().nanometres() - 2 * trim,
                sheet.height().nanometres() - 2 * trim);
        free.add(whole);
    }

    int stock() {
        return stock;
    }

    List<Area> free() {
        return free;
    }

    double largestFree() {
        return free.stream().mapToDouble(Area::size).max().orElse(0);
    }

    /** Of the whole sheet without its trims, in square nanometres. */
    double area() {
        return whole.size();
    }

    /** Whether a block can be cut out of a rectangle: it fits, and no strip falls off that is too narrow to snap. */
    boolean fits(Area area, long width, long height) {
        return rule.allows(area.width - width) && rule.allows(area.height - height);
    }

    /** Puts a block into the largest free rectangle in the first of its lies that fits; says whether one did. */
    boolean placeFirst(List<Block> lies) {
        Area area = free.stream().max(Comparator.comparingDouble(Area::size)).orElseThrow();
        Optional<Block> fits = lies.stream().filter(lie -> fits(area, lie.width(), lie.height())).findFirst();
        fits.ifPresent(lie -> place(area, lie, true));
        return fits.isPresent();
    }

    /**
     * Puts a block into a corner of a free rectangle and cuts the rest off, the strip above first or the strip beside.
     */
    void place(Area area, Block block, boolean upperFirst) {
        long right = Math.max(0, area.width - block.width() - kerf);
        long up = Math.max(0, area.height - block.height() - kerf);
        Area beside = new Area(area.x + area.width - right, area.y, right, upperFirst ? block.height() : area.height);
        Area above = new Area(area.x, area.y + area.height - up, upperFirst ? area.width : block.width(), up);
        area.occupied = new Occupied(block, upperFirst, beside, above);
        free.remove(area);
        for (Area rest : List.of(beside, above)) {
            if (rest.width > 0 && rest.height > 0) {
                free.add(rest);
            }
        }
    }

    SheetAnswer.Laid laid() {
        List<SheetAnswer.Placed> panes = new ArrayList<>();
        List<SheetAnswer.Cut> cuts = new ArrayList<>();
        List<SheetAnswer.Rest> rests = new ArrayList<>();
        apart(whole, panes, cuts, rests);
        return new SheetAnswer.Laid(stock, panes, cuts, rests);
    }

    private void apart(
            Area area, List<SheetAnswer.Placed> panes, List<SheetAnswer.Cut> cuts, List<SheetAnswer.Rest> rests) {
        if (area.width <= 0 || area.height <= 0) {
            return;
        }
        Occupied occupied = area.occupied;
        if (occupied == null) {
            rests.add(rest(area.x, area.y, area.width, area.height));
            return;
        }
        long right = area.x + occupied.block().width();
        long top = area.y + occupied.block().height();
        long farX = area.x + area.width;
        long farY = area.y + area.height;
        for (boolean upper : new boolean[] {occupied.upperFirst(), !occupied.upperFirst()}) {
            if (upper && top < farY) {
                cuts.add(cut(area.x, top, occupied.upperFirst() ? farX : right, top));
            } else if (!upper && right < farX) {
                cuts.add(cut(right, area.y, right, occupied.upperFirst() ? top : farY));
            }
        }
        apart(occupied.block(), area.x, area.y, panes, cuts, rests);
        apart(occupied.beside(), panes, cuts, rests);
        apart(occupied.above(), panes, cuts, rests);
    }

    private void apart(
            Block block,
            long x,
            long y,
            List<SheetAnswer.Placed> panes,
            List<SheetAnswer.Cut> cuts,
            List<SheetAnswer.Rest> rests) {
        if (block instanceof Block.Single single) {
            panes.add(new SheetAnswer.Placed(single.pane(), new Length(x), new Length(y), single.turned()));
        } else if (block instanceof Block.Pair pair) {
            long between = pair.beside() ? x + pair.first().width() : y + pair.first().height();
            cuts.add(
                    pair.beside()
                            ? cut(between, y, between, y + pair.height())
                            : cut(x, between, x + pair.width(), between));
            part(pair.first(), x, y, pair, panes, cuts, rests);
            part(
                    pair.second(),
                    pair.beside() ? between + kerf : x,
                    pair.beside() ? y : between + kerf,
                    pair,
                    panes,
                    cuts,
                    rests);
        }
    }

    /** One of a pair, with the rest that falls off where it is less wide or less high than its neighbour. */
    private void part(
            Block block,
            long x,
            long y,
            Block.Pair pair,
            List<SheetAnswer.Placed> panes,
            List<SheetAnswer.Cut> cuts,
            List<SheetAnswer.Rest> rests) {
        long over = pair.beside() ? pair.height() - block.height() : pair.width() - block.width();
        if (over > 0) {
            long edge = pair.beside() ? y + block.height() : x + block.width();
            cuts.add(pair.beside() ? cut(x, edge, x + block.width(), edge) : cut(edge, y, edge, y + block.height()));
            if (over > kerf) {
                rests.add(
                        pair.beside()
                                ? rest(x, edge + kerf, block.width(), over - kerf)
                                : rest(edge + kerf, y, over - kerf, block.height()));
            }
        }
        apart(block, x, y, panes, cuts, rests);
    }

    private static SheetAnswer.Cut cut(long x1, long y1, long x2, long y2) {
        return new SheetAnswer.Cut(new Length(x1), new Length(y1), new Length(x2), new Length(y2));
    }

    private static SheetAnswer.Rest rest(long x, long y, long width, long height) {
        return new SheetAnswer.Rest(new Length(x), new Length(y), new Length(width), new Length(height));
    }
}
