package neatcorner.core.section;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Stream;
import neatcorner.core.outline.Point;
import neatcorner.core.recall.Known;

/**
 * Wood cut through, in millimetres: x runs outwards from the sight line, y from the back to the front.
 * It is kept as columns side by side; in each lie spans of wood, one over the other, whose lower and
 * upper ends run straight from the column's left to its right. Curves are as fine as whoever made
 * them, so areas of curved fronts are off by what a chord leaves of its arc: with 12 chords to a
 * quarter circle 0.3 % of the circle's own area.
 */
public final class Silhouette {
    /** Wood thinner than this is none. */
    private static final double NOTHING = 1e-7;
    /** Ends this near are one. */
    private static final double MEET = 1e-6;
    /** A front this near to level touches a straight edge. */
    private static final double FLAT = 0.05;
    /** No wood at all. */
    public static final Silhouette NONE = new Silhouette(List.of());
    private final List<Column> columns;

    /**
     * Wood one over the other.
     *
     * @param lowFrom  lower end at the column's left
     * @param lowTo    lower end at its right
     * @param highFrom upper end at its left
     * @param highTo   upper end at its right
     */
    record Span(double lowFrom, double lowTo, double highFrom, double highTo) {
        private static final double LEVEL = 1e-6;

        /** Ends that rounding has crossed meet. */
        Span {
            highFrom = Math.max(lowFrom, highFrom);
            highTo = Math.max(lowTo, highTo);
        }

        double low() {
            return (lowFrom + lowTo) / 2;
        }

        double high() {
            return (highFrom + highTo) / 2;
        }

        boolean isWood() {
            return Math.max(highFrom - lowFrom, highTo - lowTo) > NOTHING;
        }

        private Span part(double from, double to) {
            return new Span(lowFrom + (lowTo - lowFrom) * from, lowFrom + (lowTo - lowFrom) * to,
                    highFrom + (highTo - highFrom) * from, highFrom + (highTo - highFrom) * to);
        }

        private boolean isLevelLike(Span other) {
            return Math.abs(lowFrom - other.lowTo) < LEVEL
                    && Math.abs(lowTo - other.lowTo) < LEVEL
                    && Math.abs(highFrom - other.highTo) < LEVEL
                    && Math.abs(highTo - other.highTo) < LEVEL;
        }
    }

    /** A strip of the section from one x to the next. */
    record Column(double from, double to, List<Span> spans) {
        private double width() {
            return to - from;
        }

        /** Whether both are cut through alike, and level. */
        boolean isLike(Column other) {
            return spans.size() == 1 && other.spans.size() == 1 && spans.getFirst().isLevelLike(other.spans.getFirst());
        }

        /** How much wood stands at its right end. */
        double endHeight() {
            return spans.stream().mapToDouble(s -> s.highTo - s.lowTo).sum();
        }

        private List<Span> within(double left, double right) {
            double a = (left - from) / width();
            double b = (right - from) / width();
            return parts(spans, a, b);
        }
    }

    private Silhouette(List<Column> columns) {
        this.columns = met(columns);
    }

    /** Ends that meet but for rounding meet exactly, so that outlines can be followed from column to column. */
    private static List<Column> met(List<Column> columns) {
        List<Column> met = new ArrayList<>(columns.size());
        for (Column column : columns) {
            Column before = met.isEmpty() ? null : met.getLast();
            met.add(
                    before == null || before.to != column.from
                            ? column
                            : new Column(
                                    column.from,
                                    column.to,
                                    column.spans.stream()
                                            .map(s -> new Span(
                                                    meeting(before, s.lowFrom),
                                                    s.lowTo,
                                                    meeting(before, s.highFrom),
                                                    s.highTo))
                                            .toList()));
        }
        return List.copyOf(met);
    }

    private static double meeting(Column before, double y) {
        for (Span span : before.spans) {
            if (Math.abs(span.lowTo - y) < MEET) {
                return span.lowTo;
            }
            if (Math.abs(span.highTo - y) < MEET) {
                return span.highTo;
            }
        }
        return y;
    }

    /** A rectangle; nothing when it has no width or height. */
    public static Silhouette box(double left, double low, double right, double high) {
        return right - left <= NOTHING || high - low <= NOTHING ? NONE
                : new Silhouette(List.of(new Column(left, right, List.of(new Span(low, low, high, high)))));
    }

    /**
     * What lies between a level and a front that may jump.
     *
     * @param stops where the front may bend or jump, rising, two or more
     * @param front its height; asked a hair inside the stops, so that jumps are kept
     */
    static Silhouette under(double low, List<Double> stops, DoubleUnaryOperator front) {
        List<Column> columns = new ArrayList<>();
        for (int i = 1; i < stops.size(); i++) {
            double from = stops.get(i - 1);
            double to = stops.get(i);
            double hair = (to - from) * 1e-9;
            if (hair > 0) {
                columns.add(new Column(
                        from,
                        to,
                        List.of(new Span(
                                low,
                                low,
                                Math.max(low, front.applyAsDouble(from + hair)),
                                Math.max(low, front.applyAsDouble(to - hair))))));
            }
        }
        return new Silhouette(columns);
    }

    /** Whether there is no wood at all. */
    public boolean isNone() {
        return columns.isEmpty();
    }

    List<Column> columns() {
        return columns;
    }

    /** How two lists of spans of one column become one. */
    private interface Merge {
        List<Span> of(List<Span> mine, List<Span> others);
    }

    /** Both together; where they touch they become one. */
    public Silhouette plus(Silhouette other) {
        return merged(other, (mine, others) -> {
            List<Span> all = new ArrayList<>(mine);
            all.addAll(others);
            all.sort(Comparator.comparingDouble(Span::low));
            List<Span> joined = new ArrayList<>();
            for (Span span : all) {
                Span last = joined.isEmpty() ? null : joined.getLast();
                if (last != null && span.low() <= last.high() + NOTHING) {
                    joined.set(joined.size() - 1, last.high() >= span.high() ? last
                            : new Span(last.lowFrom(), last.lowTo(), span.highFrom(), span.highTo()));
                } else {
                    joined.add(span);
                }
            }
            return joined;
        });
    }

    /** What is left when the other is taken away. */
    public Silhouette without(Silhouette other) {
        return merged(other, (mine, others) -> {
            List<Span> left = mine;
            for (Span cut : others) {
                List<Span> next = new ArrayList<>();
                for (Span span : left) {
                    if (cut.low() >= span.high() || cut.high() <= span.low()) {
                        next.add(span);
                        continue;
                    }
                    if (cut.low() > span.low()) {
                        next.add(new Span(span.lowFrom(), span.lowTo(), cut.lowFrom(), cut.lowTo()));
                    }
                    if (cut.high() < span.high()) {
                        next.add(new Span(cut.highFrom(), cut.highTo(), span.highFrom(), span.highTo()));
                    }
                }
                left = next;
            }
            return left;
        });
    }

    private Silhouette merged(Silhouette other, Merge merge) {
        double[] at = stops(columns, other.columns);
        List<Column> result = new ArrayList<>(at.length);
        int mine = 0;
        int others = 0;
        for (int i = 1; i < at.length; i++) {
            double left = at[i - 1];
            double right = at[i];
            mine = past(columns, mine, left, right);
            others = past(other.columns, others, left, right);
            List<Span> a = spans(columns, mine, left, right);
            List<Span> b = spans(other.columns, others, left, right);
            if (b.isEmpty()) {
                add(result, left, right, a);
                continue;
            }
            double[] parts = crossings(a, b);
            for (int k = 1; k < parts.length; k++) {
                List<Span> both = parts.length == 2
                        ? merge.of(a, b)
                        : merge.of(parts(a, parts[k - 1], parts[k]), parts(b, parts[k - 1], parts[k]));
                add(result, between(left, right, parts[k - 1]), between(left, right, parts[k]), both);
            }
        }
        return new Silhouette(result);
    }

    private static void add(List<Column> result, double from, double to, List<Span> spans) {
        List<Span> wood = spans;
        for (Span span : spans) {
            if (!span.isWood()) {
                wood = spans.stream().filter(Span::isWood).toList();
                break;
            }
        }
        if (!wood.isEmpty()) {
            result.add(new Column(from, to, wood));
        }
    }

    private static List<Span> parts(List<Span> spans, double from, double to) {
        List<Span> parts = new ArrayList<>(spans.size());
        for (Span span : spans) {
            parts.add(span.part(from, to));
        }
        return parts;
    }

    /** Where a column of either starts or ends, without those that differ only by rounding. */
    private static double[] stops(List<Column> mine, List<Column> others) {
        double[] all = new double[2 * (mine.size() + others.size())];
        int count = 0;
        for (Column column : mine) {
            all[count++] = column.from;
            all[count++] = column.to;
        }
        for (Column column : others) {
            all[count++] = column.from;
            all[count++] = column.to;
        }
        Arrays.sort(all);
        int kept = 0;
        for (double stop : all) {
            if (kept == 0 || stop - all[kept - 1] > 1e-9) {
                all[kept++] = stop;
            }
        }
        return Arrays.copyOf(all, kept);
    }

    /** The ends themselves at 0 and 1: neighbouring columns must meet to the last bit. */
    private static double between(double left, double right, double share) {
        return share == 0 ? left : share == 1 ? right : left + (right - left) * share;
    }

    private static int past(List<Column> columns, int index, double left, double right) {
        double middle = (left + right) / 2;
        while (index < columns.size() && columns.get(index).to < middle) {
            index++;
        }
        return index;
    }

    private static List<Span> spans(List<Column> columns, int index, double left, double right) {
        if (index >= columns.size() || columns.get(index).from >= (left + right) / 2) {
            return List.of();
        }
        Column column = columns.get(index);
        return column.from == left && column.to == right ? column.spans : column.within(left, right);
    }

    /** Shares of a column at which an end of one list crosses an end of the other, with 0 and 1. */
    private static double[] crossings(List<Span> a, List<Span> b) {
        double[] shares = new double[2 + 4 * a.size() * b.size()];
        shares[1] = 1;
        int count = 2;
        for (Span s : a) {
            for (Span t : b) {
                count = crossing(shares, count, s.lowFrom - t.lowFrom, s.lowTo - t.lowTo);
                count = crossing(shares, count, s.lowFrom - t.highFrom, s.lowTo - t.highTo);
                count = crossing(shares, count, s.highFrom - t.lowFrom, s.highTo - t.lowTo);
                count = crossing(shares, count, s.highFrom - t.highFrom, s.highTo - t.highTo);
            }
        }
        double[] found = Arrays.copyOf(shares, count);
        Arrays.sort(found);
        return found;
    }

    private static int crossing(double[] shares, int count, double from, double to) {
        if (from < -NOTHING && to > NOTHING || from > NOTHING && to < -NOTHING) {
            shares[count] = from / (from - to);
            return count + 1;
        }
        return count;
    }

    /** Whether there is wood. */
    public boolean contains(double x, double y) {
        for (Column column : columns) {
            if (x >= column.from && x <= column.to) {
                double share = (x - column.from) / column.width();
                for (Span span : column.spans) {
                    if (y >= span.lowFrom + (span.lowTo - span.lowFrom) * share
                            && y <= span.highFrom + (span.highTo - span.highFrom) * share) {
                        return true;
                    }
                }
            }
        }
        return false;
    }

    /** The area, in mm². */
    public double area() {
        return columns.stream().mapToDouble(c -> c.spans.stream()
                .mapToDouble(s -> c.width() * (s.highFrom - s.lowFrom + s.highTo - s.lowTo) / 2).sum()).sum();
    }

    /** The middle of the area. */
    public Point centroid() {
        double area = area();
        return new Point(
                sum((x, low, high) -> x * (high - low)) / area,
                sum((_, low, high) -> (high * high - low * low) / 2) / area);
    }

    /**
     * The second moment of area about the level line through the middle, in mm⁴: how the piece resists
     * bending out of the frame's plane, toward the wall.
     */
    public double momentOutOfPlane() {
        double y = centroid().y();
        return sum((_, low, high) -> (Math.pow(high - y, 3) - Math.pow(low - y, 3)) / 3);
    }

    /** The same about the upright line: bending in the frame's plane, as under a heavy pane. */
    public double momentInPlane() {
        double middle = centroid().x();
        return sum((x, low, high) -> (x - middle) * (x - middle) * (high - low));
    }

    /** What is summed over a section. */
    private interface Integrand {
        double at(double x, double low, double high);
    }

    /** Simpson's rule on every span: exact, since no integrand is past a cubic there. */
    private double sum(Integrand f) {
        double sum = 0;
        for (Column c : columns) {
            for (Span s : c.spans) {
                sum += c.width()
                        / 6
                        * (f.at(c.from, s.lowFrom, s.highFrom)
                                + 4 * f.at((c.from + c.to) / 2, s.low(), s.high())
                                + f.at(c.to, s.lowTo, s.highTo));
            }
        }
        return sum;
    }

    /** The smallest x of the wood. */
    public double left() {
        return columns.isEmpty() ? 0 : columns.getFirst().from;
    }

    /** The largest x of the wood. */
    public double right() {
        return columns.isEmpty() ? 0 : columns.getLast().to;
    }

    /** The smallest y of the wood. */
    public double low() {
        return spans().mapToDouble(s -> Math.min(s.lowFrom, s.lowTo)).min().orElse(0);
    }

    /** The largest y of the wood. */
    public double high() {
        return spans().mapToDouble(s -> Math.max(s.highFrom, s.highTo)).max().orElse(0);
    }

    private Stream<Span> spans() {
        return columns.stream().flatMap(c -> c.spans.stream());
    }

    /** The lowest that the front lies between two x; the height of the highest wood there. */
    public double lowestFront(double from, double to) {
        return columns.stream().filter(c -> c.to > from + 1e-6 && c.from < to - 1e-6)
                .mapToDouble(c -> Math.min(c.spans.getLast().highFrom, c.spans.getLast().highTo)).min().orElse(0);
    }

    /** The wood's height along its outer edge, from its lowest to its highest point there. */
    public double outerEdge() {
        return columns.isEmpty()
                ? 0
                : columns.getLast().spans.getLast().highTo
                        - columns.getLast().spans.getFirst().lowTo;
    }

    /**
     * The runs, from low to high, that touch a straight edge laid against the wood from one side; in x for
     * the back and the front, in y for the edges.
     *
     * @param way toward the straight edge: level or upright, of length one
     */
    public List<double[]> touching(Point way) {
        if (way.x() != 0) {
            Column end = way.x() < 0 ? columns.getFirst() : columns.getLast();
            return end.spans.stream()
                    .map(s -> way.x() < 0 ? new double[] {s.lowFrom, s.highFrom} : new double[] {s.lowTo, s.highTo})
                    .filter(run -> run[1] - run[0] > NOTHING)
                    .toList();
        }
        double level = way.y() < 0 ? low() : high();
        return columns.stream().filter(c -> {
            Span s = way.y() < 0 ? c.spans.getFirst() : c.spans.getLast();
            double from = way.y() < 0 ? s.lowFrom : s.highFrom;
            double to = way.y() < 0 ? s.lowTo : s.highTo;
            return Math.abs(from - level) < FLAT && Math.abs(to - level) < FLAT;
        }).map(c -> new double[] {c.from, c.to}).toList();
    }

    /**
     * The wood that is further than a margin from the outside in all four directions, as a square of
     * twice the margin could run in it; found on {@code steps} columns.
     */
    public Silhouette shrunk(double margin, int steps) {
        List<Column> result = new ArrayList<>();
        double from = left() + margin;
        double width = (right() - margin - from) / steps;
        for (int i = 0; i < steps && width > 0; i++) {
            double left = from + i * width;
            double right = from + (i + 1) * width;
            List<double[]> rooms = rooms(left - margin, right + margin);
            List<Span> spans = rooms.stream().filter(r -> r[1] - r[0] > 2 * margin + NOTHING)
                    .map(r -> new Span(r[0] + margin, r[0] + margin, r[1] - margin, r[1] - margin)).toList();
            if (!spans.isEmpty()) {
                result.add(new Column(left, right, spans));
            }
        }
        return new Silhouette(result);
    }

    /** Heights between which there is wood everywhere from one x to another, from low to high; may be empty. */
    public List<double[]> rooms(double from, double to) {
        List<double[]> rooms = List.of(new double[] {-1e9, 1e9});
        double reached = from;
        for (Column c : columns) {
            if (c.to <= from + 1e-9 || c.from >= to - 1e-9) {
                continue;
            }
            if (c.from > reached + 1e-6) {
                return List.of();
            }
            reached = c.to;
            List<double[]> next = new ArrayList<>();
            for (double[] room : rooms) {
                for (Span s : c.spans) {
                    double low = Math.max(room[0], Math.max(s.lowFrom, s.lowTo));
                    double high = Math.min(room[1], Math.min(s.highFrom, s.highTo));
                    if (high > low) {
                        next.add(new double[] {low, high});
                    }
                }
            }
            rooms = next;
        }
        return reached < to - 1e-6 ? List.of() : rooms;
    }

    /** The outlines of the wood, each going round once with the wood on its left; one for a whole section. */
    public List<List<Point>> outlines() {
        Map<Point, List<Point>> edges = new HashMap<>();
        for (int i = 0; i <= columns.size(); i++) {
            Column before = i == 0 ? null : columns.get(i - 1);
            Column here = i == columns.size() ? null : columns.get(i);
            if (here != null) {
                for (Span s : here.spans) {
                    edge(edges, new Point(here.from, s.lowFrom), new Point(here.to, s.lowTo));
                    edge(edges, new Point(here.to, s.highTo), new Point(here.from, s.highFrom));
                }
            }
            if (before != null && here != null && before.to == here.from) {
                upright(edges, here.from, before.spans, here.spans);
            } else {
                if (before != null) {
                    upright(edges, before.to, before.spans, List.of());
                }
                if (here != null) {
                    upright(edges, here.from, List.of(), here.spans);
                }
            }
        }
        return chained(edges);
    }

    private static void edge(Map<Point, List<Point>> edges, Point from, Point to) {
        if (!from.equals(to)) {
            edges.computeIfAbsent(from, _ -> new ArrayList<>()).add(to);
        }
    }

    /** Edges at one x: up where only the left has wood, down where only the right has. */
    private static void upright(Map<Point, List<Point>> edges, double x, List<Span> left, List<Span> right) {
        TreeSet<Double> stops = new TreeSet<>();
        left.forEach(s -> stops.addAll(List.of(s.lowTo, s.highTo)));
        right.forEach(s -> stops.addAll(List.of(s.lowFrom, s.highFrom)));
        List<Double> at = List.copyOf(stops);
        for (int i = 1; i < at.size(); i++) {
            double middle = (at.get(i - 1) + at.get(i)) / 2;
            boolean l = left.stream().anyMatch(s -> s.lowTo < middle && middle < s.highTo);
            boolean r = right.stream().anyMatch(s -> s.lowFrom < middle && middle < s.highFrom);
            if (l && !r) {
                edge(edges, new Point(x, at.get(i - 1)), new Point(x, at.get(i)));
            } else if (r && !l) {
                edge(edges, new Point(x, at.get(i)), new Point(x, at.get(i - 1)));
            }
        }
    }

    private static List<List<Point>> chained(Map<Point, List<Point>> edges) {
        List<List<Point>> loops = new ArrayList<>();
        List<Point> starts = edges.keySet().stream()
                .sorted(Comparator.comparingDouble(Point::x).thenComparingDouble(Point::y))
                .toList();
        for (Point start : starts) {
            while (!Known.in(edges, start).isEmpty()) {
                List<Point> loop = new ArrayList<>();
                Point at = start;
                do {
                    loop.add(at);
                    List<Point> ways = Known.in(edges, at);
                    at = ways.removeLast();
                } while (!at.equals(start) && !edges.getOrDefault(at, List.of()).isEmpty());
                loops.add(straightened(loop));
            }
        }
        return loops.stream().filter(loop -> loop.size() > 2).toList();
    }

    /** Without points that lie on the line between their neighbours. */
    private static List<Point> straightened(List<Point> loop) {
        List<Point> kept = new ArrayList<>();
        for (int i = 0; i < loop.size(); i++) {
            Point before = kept.isEmpty() ? loop.getLast() : kept.getLast();
            Point here = loop.get(i);
            Point after = loop.get((i + 1) % loop.size());
            if (Math.abs(here.minus(before).cross(after.minus(here))) > 1e-7 * (1 + before.to(after))) {
                kept.add(here);
            }
        }
        return List.copyOf(kept);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Silhouette that && columns.equals(that.columns);
    }

    @Override
    public int hashCode() {
        return columns.hashCode();
    }
}
