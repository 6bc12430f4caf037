package neatcorner.files.outline;

import java.awt.geom.Arc2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.phrase.Words;

/**
 * Closed shapes of a DXF drawing (text form): polylines of both kinds with their bulges, circles, and
 * lines that join end to end. A DXF is a list of pairs, a group code on one line and its value on the
 * next. y runs up there and is turned over here.
 */
final class DxfReader {
    /** Entities that only explain a drawing. */
    private static final Set<String> REMARKS =
            Set.of("TEXT", "MTEXT", "DIMENSION", "POINT", "VIEWPORT", "LEADER", "ATTDEF", "SEQEND");

    private static final double TOUCHING = 1e-4;
    private final String[] lines;
    private final List<Path2D> closed = new ArrayList<>();
    private final List<double[]> loose = new ArrayList<>();
    private Optional<Double> scale = Optional.empty();
    private int at;

    private DxfReader(String text) {
        this.lines = text.lines().toArray(String[]::new);
    }

    static List<OutlineFile.Drawn> read(String text) {
        DxfReader reader = new DxfReader(text);
        reader.read();
        reader.join();
        return reader.closed.stream().map(path -> new OutlineFile.Drawn(path, reader.scale)).toList();
    }

    /** One pair of the file. */
    private record Pair(int code, String value, int line) {
        double number() {
            try {
                double number = Double.parseDouble(value);
                if (Double.isFinite(number)) {
                    return number;
                }
            } catch (NumberFormatException refused) {
                // said below, with its place
            }
            throw new DrawingException(
                    "line " + line, Words.of("refused.dxf_reader.is_number_group_code", value, code));
        }
    }

    private Optional<Pair> next() {
        if (at + 1 >= lines.length) {
            return Optional.empty();
        }
        try {
            Pair pair = new Pair(Integer.parseInt(lines[at].strip()), lines[at + 1].strip(), at + 2);
            at += 2;
            return Optional.of(pair);
        } catch (NumberFormatException refused) {
            throw new DrawingException(
                    "line " + (at + 1), Words.of("refused.dxf_reader.is_dxf_has_whole", shown(lines[at])));
        }
    }

    private static String shown(String line) {
        return line.length() > 40 ? line.substring(0, 37) + "…" : line;
    }

    private void read() {
        boolean entities = false;
        for (Optional<Pair> pair = next(); pair.isPresent(); pair = next()) {
            Pair p = pair.get();
            if (p.code() == 9 && p.value().equals("$INSUNITS")) {
                next().ifPresent(unit -> scale = unit(unit.value()));
            } else if (p.code() == 2 && p.value().equals("ENTITIES")) {
                entities = true;
            } else if (p.code() == 0 && p.value().equals("ENDSEC")) {
                entities = false;
            } else if (p.code() == 0 && entities) {
                entity(p);
            }
        }
    }

    /** Codes of the header's insertion units; 0 and the rest say nothing a maker would mean. */
    private static Optional<Double> unit(String code) {
        return switch (code) {
            case "1" -> Optional.of(25.4);
            case "2" -> Optional.of(304.8);
            case "4" -> Optional.of(1.0);
            case "5" -> Optional.of(10.0);
            case "6" -> Optional.of(1000.0);
            default -> Optional.empty();
        };
    }

    private List<Pair> body() {
        List<Pair> body = new ArrayList<>();
        while (at + 1 < lines.length && !lines[at].strip().equals("0")) {
            next().ifPresent(body::add);
        }
        return body;
    }

    private static double value(List<Pair> body, int code) {
        return body.stream().filter(p -> p.code() == code).findFirst().map(Pair::number).orElse(0.0);
    }

    private void entity(Pair name) {
        List<Pair> body = body();
        switch (name.value()) {
            case "LWPOLYLINE" -> polyline(vertices(body), ((int) value(body, 70) & 1) == 1);
            case "POLYLINE" -> {
                List<double[]> vertices = new ArrayList<>();
                while (at + 1 < lines.length && lines[at + 1].strip().equals("VERTEX")) {
                    next();
                    List<Pair> vertex = body();
                    vertices.add(new double[] {value(vertex, 10), -value(vertex, 20), value(vertex, 42)});
                }
                polyline(vertices, ((int) value(body, 70) & 1) == 1);
            }
            case "CIRCLE" -> {
                double r = value(body, 40);
                closed.add(new Path2D.Double(
                        new Ellipse2D.Double(value(body, 10) - r, -value(body, 20) - r, 2 * r, 2 * r)));
            }
            case "LINE" ->
                loose.add(new double[] {value(body, 10), -value(body, 20), value(body, 11), -value(body, 21), 0});
            case "ARC" -> arc(body);
            case String other when REMARKS.contains(other) -> {
            }
            case String other ->
                throw new DrawingException(
                        "line " + name.line(), Words.of("refused.dxf_reader.is_entity_outline_may", other));
        }
    }

    private static List<double[]> vertices(List<Pair> body) {
        List<double[]> vertices = new ArrayList<>();
        for (Pair p : body) {
            switch (p.code()) {
                case 10 -> vertices.add(new double[] {p.number(), 0, 0});
                case 20 -> last(vertices, p)[1] = -p.number();
                case 42 -> last(vertices, p)[2] = p.number();
                default -> {
                }
            }
        }
        return vertices;
    }

    private static double[] last(List<double[]> vertices, Pair pair) {
        if (vertices.isEmpty()) {
            throw new DrawingException(
                    "line " + (pair.line() - 1), Words.of("refused.dxf_reader.is_group_code_before", pair.code()));
        }
        return vertices.getLast();
    }

    private void polyline(List<double[]> vertices, boolean isClosed) {
        if (vertices.size() < 2) {
            return;
        }
        double[] first = vertices.getFirst();
        double[] last = vertices.getLast();
        boolean returns = Math.hypot(first[0] - last[0], first[1] - last[1]) < TOUCHING;
        if (!isClosed && !returns) {
            for (int i = 1; i < vertices.size(); i++) {
                loose.add(new double[] {
                    vertices.get(i - 1)[0],
                    vertices.get(i - 1)[1],
                    vertices.get(i)[0],
                    vertices.get(i)[1],
                    vertices.get(i - 1)[2]
                });
            }
            return;
        }
        Path2D path = new Path2D.Double();
        path.moveTo(first[0], first[1]);
        for (int i = 0; i < vertices.size(); i++) {
            double[] to = vertices.get((i + 1) % vertices.size());
            bulge(path, vertices.get(i)[0], vertices.get(i)[1], to[0], to[1], vertices.get(i)[2]);
        }
        path.closePath();
        closed.add(path);
    }

    /**
     * A bulge is the tangent of a quarter of the arc's angle, positive to the left of the way; y is turned over here.
     */
    private static void bulge(Path2D path, double x1, double y1, double x2, double y2, double bulge) {
        double chord = Math.hypot(x2 - x1, y2 - y1);
        if (Math.abs(bulge) < 1e-9 || chord < 1e-9) {
            path.lineTo(x2, y2);
            return;
        }
        double angle = 4 * Math.atan(bulge);
        double radius = chord / 2 / Math.sin(Math.abs(angle) / 2);
        double middle = Math.sqrt(Math.max(0, radius * radius - chord * chord / 4))
                * Math.signum(bulge)
                * (Math.abs(angle) > Math.PI ? -1 : 1);
        double cx = (x1 + x2) / 2 + (y2 - y1) / chord * middle;
        double cy = (y1 + y2) / 2 - (x2 - x1) / chord * middle;
        double start = Math.toDegrees(Math.atan2(-(y1 - cy), x1 - cx));
        path.append(
                new Arc2D.Double(
                        cx - radius, cy - radius, 2 * radius, 2 * radius, start, Math.toDegrees(angle), Arc2D.OPEN),
                true);
    }

    private void arc(List<Pair> body) {
        double r = value(body, 40);
        double from = Math.toRadians(value(body, 50));
        double to = Math.toRadians(value(body, 51));
        double sweep = (to - from + 4 * Math.PI) % (2 * Math.PI);
        double cx = value(body, 10);
        double cy = -value(body, 20);
        loose.add(new double[] {
            cx + r * Math.cos(from),
            cy - r * Math.sin(from),
            cx + r * Math.cos(to),
            cy - r * Math.sin(to),
            Math.tan(sweep / 4)
        });
    }

    /** Chains loose lines and arcs end to end until they return to where they started. */
    private void join() {
        LooseEnds ends = new LooseEnds(loose, TOUCHING);
        for (int i = 0; i < loose.size(); i++) {
            if (ends.take(i)) {
                chain(loose.get(i), ends).ifPresent(closed::add);
            }
        }
    }

    private static Optional<Path2D> chain(double[] first, LooseEnds ends) {
        Path2D path = new Path2D.Double();
        path.moveTo(first[0], first[1]);
        bulge(path, first[0], first[1], first[2], first[3], first[4]);
        double[] last = first;
        while (Math.hypot(last[2] - first[0], last[3] - first[1]) > TOUCHING) {
            Optional<double[]> next = ends.takeAt(last[2], last[3]);
            if (next.isEmpty()) {
                return Optional.empty();
            }
            last = next.get();
            bulge(path, last[0], last[1], last[2], last[3], last[4]);
        }
        path.closePath();
        return Optional.of(path);
    }
}
