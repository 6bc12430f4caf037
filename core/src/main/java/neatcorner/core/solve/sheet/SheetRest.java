package neatcorner.core.solve.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import neatcorner.core.measure.Length;

/**
 * Some of the panes and a rectangle they should all come from, as a problem of their own.
 *
 * @param problem those panes, and the rectangle as their only sheet
 * @param panes   which panes of the whole problem they are
 * @param share   of the rectangle that they need not cover, 0 to 1
 */
record SheetRest(SheetProblem problem, int[] panes, double share) {
    /**
     * Equal sides are not looked for by themselves; this round of {@link BlockSearch} takes what can be spared, the
     * next twice as much.
     */
    private static final int SPARING = 1;
    /** Of so few panes what differs more is joined too. */
    private static final int FEW = 16;

    /**
     * Takes panes out of a problem.
     *
     * @param whole  the problem
     * @param counts how many of each of its panes; one or more in all
     * @param width  of the rectangle, in nanometres
     * @param height of the rectangle, in nanometres
     * @return empty when it cannot hold them, by their area or by one that is too large
     */
    static Optional<SheetRest> of(SheetProblem whole, int[] counts, long width, long height) {
        long kerf = whole.kerf().nanometres();
        SheetProblem.Stock room =
                new SheetProblem.Stock("rest", new Length(width), new Length(height), Optional.of(1), 1);
        List<SheetProblem.Pane> panes = new ArrayList<>();
        List<Integer> which = new ArrayList<>();
        double all = (double) (width + kerf) * (height + kerf);
        double free = all;
        for (int i = 0; i < counts.length; i++) {
            SheetProblem.Pane pane = whole.panes().get(i);
            free -= pane.roomTaken(kerf) * counts[i];
            if (counts[i] > 0) {
                if (free < 0 || !SheetProblem.fits(pane, room, whole.kerf(), Length.ZERO, whole.leastStrip())) {
                    return Optional.empty();
                }
                panes.add(new SheetProblem.Pane(pane.name(), pane.width(), pane.height(), counts[i], pane.canTurn(),
                        pane.mark()));
                which.add(i);
            }
        }
        SheetProblem rest = new SheetProblem(panes, List.of(room), whole.kerf(), Length.ZERO, whole.leastStrip());
        return Optional.of(new SheetRest(rest, which.stream().mapToInt(i -> i).toArray(), free / all));
    }

    /**
     * Lays panes on one sheet.
     *
     * @param whole  the problem they and the sheet are of
     * @param counts how many of each of its panes; one or more in all
     * @param stock  the kind of sheet
     * @return empty when no way was found, which proves nothing
     */
    static Optional<SheetLayout> onOne(SheetProblem whole, int[] counts, int stock, BooleanSupplier stop) {
        SheetLayout sheet = new SheetLayout(stock, whole);
        SheetLayout.Area room = sheet.free().getFirst();
        return of(whole, counts, room.width, room.height)
                .filter(rest -> rest.gathered(stop)
                        .withAll()
                        .filter(all -> sheet.placeFirst(rest.inWhole(all)))
                        .isPresent())
                .map(_ -> sheet);
    }

    /** A block of these panes in every lie, with the numbers they have in the whole problem. */
    List<Block> inWhole(BlockSearch.Joined block) {
        return block.lies().stream().map(lie -> lie.renamed(panes)).toList();
    }

    /** A search for blocks of these panes that has gathered. */
    BlockSearch gathered(BooleanSupplier stop) {
        BlockSearch blocks = new BlockSearch(problem, stop);
        blocks.gather(panes.length > FEW ? SPARING : SPARING + 1);
        return blocks;
    }
}
