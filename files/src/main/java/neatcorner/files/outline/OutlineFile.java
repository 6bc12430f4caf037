package neatcorner.files.outline;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.phrase.Words;
import neatcorner.files.disk.FileRefused;
import neatcorner.files.disk.WholeFile;

/** An outline out of a drawing: the closed shape with the largest area in an SVG or a DXF file. */
public final class OutlineFile {
    private static final long MOST_BYTES = 50_000_000;
    private static final double FURTHEST = 1e9;
    private static final double MM_PER_INCH = 25.4;

    private OutlineFile() {
    }

    /** What one unit of a drawing is. */
    public enum Scale {
        /** A millimetre. */
        MM(1),
        /** A centimetre. */
        CM(10),
        /** An inch. */
        INCH(MM_PER_INCH),
        /** A typographic point, 1/72 in. */
        POINT(MM_PER_INCH / 72),
        /** A CSS pixel, 1/96 in. */
        PIXEL(MM_PER_INCH / 96);

        private final double mm;

        Scale(double mm) {
            this.mm = mm;
        }

        /** Millimetres in one unit. */
        public double mm() {
            return mm;
        }
    }

    /** A drawing that does not say its unit. */
    public static final class UnitMissing extends DrawingException {
        private final String size;

        UnitMissing(String size) {
            super("units", Words.of("refused.outline_file.units", size));
            this.size = size;
        }

        /** How wide and high the outline is in its own units. */
        public String size() {
            return size;
        }
    }

    /**
     * An outline found.
     *
     * @param corners in millimetres, y down
     * @param offMm   how far its straight sides may lie off the curves that were drawn, in mm; 0 without curves
     */
    public record Found(List<Point> corners, double offMm) {
        /** As the outline of a frame at a line. */
        public Outline outline(Line line) {
            return new Outline.Free(line, corners.stream().map(Corner::of).toList());
        }
    }

    /**
     * A closed shape as drawn.
     *
     * @param path  in the drawing's units, y down
     * @param scale what a unit is; empty when the drawing does not say
     */
    record Drawn(Path2D path, Optional<Double> scale) {
        Drawn {
            double[] at = new double[6];
            for (PathIterator i = path.getPathIterator(null); !i.isDone(); i.next()) {
                int kind = i.currentSegment(at);
                int numbers = kind == PathIterator.SEG_CLOSE
                        ? 0
                        : kind == PathIterator.SEG_CUBICTO ? 6 : kind == PathIterator.SEG_QUADTO ? 4 : 2;
                for (int k = 0; k < numbers; k++) {
                    if (!(Math.abs(at[k]) <= FURTHEST)) {
                        throw new DrawingException("drawing", Words.of("refused.outline_file.has_place_at_lie", at[k]));
                    }
                }
            }
        }
    }

    /**
     * Reads a file by its ending, {@code .svg} or {@code .dxf}.
     *
     * @param scale what a unit is; needed only when the file does not say
     * @throws UnitMissing      when neither says
     * @throws DrawingException when there is no outline in it, naming what and where
     * @throws FileRefused      when the file cannot be read
     */
    public static Found read(Path file, Optional<Scale> scale) {
        byte[] bytes = WholeFile.readBytes(file, MOST_BYTES);
        boolean svg = file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".svg");
        return of(
                svg
                        ? SvgReader.read(new ByteArrayInputStream(bytes))
                        : DxfReader.read(new String(bytes, StandardCharsets.ISO_8859_1)),
                scale);
    }

    /** Reads the text of a drawing, SVG or else DXF. */
    public static Found read(String text, boolean svg, Optional<Scale> scale) {
        return of(
                svg
                        ? SvgReader.read(new ByteArrayInputStream(text.getBytes(StandardCharsets.UTF_8)))
                        : DxfReader.read(text),
                scale);
    }

    private static Found of(List<Drawn> drawn, Optional<Scale> scale) {
        Drawn largest = drawn.stream()
                .filter(d -> hasSize(d.path()))
                .max(Comparator.comparingDouble(d -> area(d.path())))
                .orElseThrow(
                        () -> new DrawingException("drawing", Words.of("refused.outline_file.has_no_closed_outline")));
        Optional<Double> unit = largest.scale().or(() -> scale.map(Scale::mm));
        if (unit.isEmpty()) {
            var box = largest.path().getBounds2D();
            throw new UnitMissing(String.format(Locale.ROOT, "%.4g × %.4g", box.getWidth(), box.getHeight()));
        }
        return Straightening.of(largest.path(), unit.get());
    }

    private static boolean hasSize(Path2D path) {
        return path.getBounds2D().getWidth() > 0 && path.getBounds2D().getHeight() > 0;
    }

    private static double area(Path2D path) {
        return Math.abs(Polygons.area(Straightening.points(path, path.getBounds2D().getWidth() / 500 + 1e-9)));
    }
}
