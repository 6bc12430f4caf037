package neatcorner.files.outline;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The ends of loose lines by where they are, so that the line that goes on at a place is found at once
 * among any number of them. A line is {x1, y1, x2, y2, bulge} and is given away once.
 */
final class LooseEnds {
    private final List<double[]> lines;
    private final double touching;
    private final boolean[] taken;
    private final Map<Cell, List<Integer>> cells = new HashMap<>();

    /** Squares as wide as two ends may lie apart: what touches an end lies in its square or in one beside it. */
    private record Cell(long x, long y) {
    }

    LooseEnds(List<double[]> lines, double touching) {
        this.lines = lines;
        this.touching = touching;
        this.taken = new boolean[lines.size()];
        for (int i = 0; i < lines.size(); i++) {
            double[] line = lines.get(i);
            cells.computeIfAbsent(cell(line[0], line[1]), c -> new ArrayList<>(2)).add(i);
            cells.computeIfAbsent(cell(line[2], line[3]), c -> new ArrayList<>(2)).add(i);
        }
    }

    private Cell cell(double x, double y) {
        return new Cell((long) Math.floor(x / touching), (long) Math.floor(y / touching));
    }

    /** Takes a line; false when it was taken before. */
    boolean take(int line) {
        boolean isFree = !taken[line];
        taken[line] = true;
        return isFree;
    }

    /** Takes a line that begins or ends at a place, turned so that it begins there. */
    Optional<double[]> takeAt(double x, double y) {
        Cell here = cell(x, y);
        for (long dx = -1; dx <= 1; dx++) {
            for (long dy = -1; dy <= 1; dy++) {
                List<Integer> near = cells.get(new Cell(here.x() + dx, here.y() + dy));
                if (near == null) {
                    continue;
                }
                near.removeIf(line -> taken[line]);
                for (int i : near) {
                    double[] line = lines.get(i);
                    boolean ahead = Math.hypot(line[0] - x, line[1] - y) < touching;
                    if (ahead || Math.hypot(line[2] - x, line[3] - y) < touching) {
                        take(i);
                        return Optional.of(ahead ? line : new double[] {line[2], line[3], line[0], line[1], -line[4]});
                    }
                }
            }
        }
        return Optional.empty();
    }
}
