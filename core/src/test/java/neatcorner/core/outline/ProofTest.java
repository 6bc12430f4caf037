package neatcorner.core.outline;

import static neatcorner.core.outline.Outlines.frame;
import static neatcorner.core.outline.Outlines.job;
import static neatcorner.core.outline.Outlines.mm;
import static neatcorner.core.outline.Outlines.polygon;
import static neatcorner.core.outline.Outlines.union;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.Seed;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * The proof that frames close, by geometry that knows nothing of mitres: the pieces laid in the plane or
 * in space touch along whole faces, leave no gap, do not overlap, and enclose what was wanted.
 */
class ProofTest {
    @Provide
    Arbitrary<Outline.Free> polygons() {
        return Outlines.random(250, 900);
    }

    @Provide
    Arbitrary<List<Double>> widths() {
        return Arbitraries.doubles().between(20, 60).list().ofMaxSize(12);
    }

    /** Not every random star leaves room for its faces; those that do not are refused in words, never wrongly made. */
    private static Optional<Frame> made(Job job) {
        try {
            return Optional.of(frame(job));
        } catch (Refusal refused) {
            assertThat(refused.getMessage()).isNotBlank();
            return Optional.empty();
        }
    }

    private static Geometry ring(Frame frame) {
        return without(polygon(frame.lines().get(Line.OUTSIDE)), polygon(frame.inner()));
    }

    /** How much area two shapes do not share. */
    private static double apart(Geometry one, Geometry other) {
        return OverlayNGRobust.overlay(one, other, OverlayNG.SYMDIFFERENCE).getArea();
    }

    private static Geometry without(Geometry one, Geometry other) {
        return OverlayNGRobust.overlay(one, other, OverlayNG.DIFFERENCE);
    }

    /** A piece as it is in the finished frame: sawn to its curve where it has one. */
    private static Geometry piece(Member member) {
        return polygon(member.curve()
                .map(c -> Stream.concat(c.outer().stream(), c.inner().reversed().stream())
                        .toList())
                .orElse(member.outline()));
    }

    private static void assertCloses(Frame frame, double tolerance) {
        List<Geometry> pieces = frame.members().stream().map(ProofTest::piece).toList();
        double sum = pieces.stream().mapToDouble(Geometry::getArea).sum();
        Geometry wood = union(pieces);
        assertThat(wood.getArea()).as("no overlap").isCloseTo(sum, within(sum * tolerance));
        assertThat(apart(wood, ring(frame))).as("no gap, nothing outside").isLessThan(sum * tolerance);
    }

    @Property(tries = 2000, seed = Seed.FIXED)
    void piecesOfAnyPolygonFillTheRingBetweenOutsideAndOpening(
            @ForAll("polygons") Outline.Free outline, @ForAll("widths") List<Double> widths) {
        Optional<Frame> made = made(job(outline).withFaces(Outlines.faces(outline, widths)));
        Assume.that(made.isPresent());
        Frame frame = made.get();
        assertCloses(frame, 1e-8);
        assertThat(polygon(frame.lines().get(Line.SIGHT)).getArea())
                .as("the opening that was wanted")
                .isCloseTo(polygon(outline.places()).getArea(), within(1e-3));
        assertThat(frame.angles().stream().mapToDouble(a -> a.toDegrees()).sum())
                .as("angles of an n-gon")
                .isCloseTo(180.0 * (frame.members().size() - 2), within(1e-6));
    }

    /**
     * JTS draws parallels by its own method (buffer, mitred joins); equal faces must give the same lines. JTS cuts
     * corners that are nearly straight by up to a twentieth of the distance, hence the tolerance.
     */
    @Property(tries = 500, seed = Seed.FIXED)
    void linesAreTheBuffersAnIndependentLibraryDraws(@ForAll("polygons") Outline.Free outline) {
        Optional<Frame> frame = made(job(outline));
        Assume.that(frame.isPresent());
        BufferParameters mitred = new BufferParameters(8, BufferParameters.CAP_FLAT, BufferParameters.JOIN_MITRE, 100);
        mitred.setSimplifyFactor(0);
        Geometry sight = polygon(frame.get().lines().get(Line.SIGHT));
        for (Line line : List.of(Line.RABBET, Line.OUTSIDE)) {
            double distance = line == Line.OUTSIDE ? 38.1 : 6.35;
            Geometry drawn = BufferOp.bufferOp(sight, distance, mitred);
            assertThat(apart(drawn, polygon(frame.get().lines().get(line)))).isLessThan(drawn.getArea() * 1e-4);
        }
    }

    /** The four corners of a piece's end: back outside, back sight, front sight, front outside. */
    private static List<Vector> face(Member member, boolean atEnd) {
        double depth = member.section().width().toMm();
        double thickness = member.section().thickness().toMm();
        return List.of(
                member.end(0, 0, atEnd),
                member.end(-depth, 0, atEnd),
                member.end(-depth, thickness, atEnd),
                member.end(0, thickness, atEnd));
    }

    @Property(tries = 2000, seed = Seed.FIXED)
    void leaningPiecesMeetCornerOnCornerInSpace(
            @ForAll("polygons") Outline.Free outline,
            @ForAll @DoubleRange(min = 0.5, max = 80) double lean,
            @ForAll Lean.Way way) {
        Optional<Frame> frame = made(job(outline).withLean(new Lean(lean, way)));
        Assume.that(frame.isPresent());
        List<Member> members = frame.get().members();
        for (int i = 0; i < members.size(); i++) {
            List<Vector> end = face(members.get(i), true);
            List<Vector> start = face(members.get((i + 1) % members.size()), false);
            for (int k = 0; k < 4; k++) {
                assertThat(end.get(k).minus(start.get(k)).length())
                        .as("corner " + k + " at " + members.get(i).side().to())
                        .isLessThan(1e-4);
            }
        }
        assertThat(polygon(frame.get().lines().get(Line.SIGHT)).getArea())
                .isCloseTo(polygon(outline.places()).getArea(), within(1e-3));
    }

    /** With faces that differ each side has its own lean: rims meet at the back, and both cuts lie in one plane. */
    @Property(tries = 500, seed = Seed.FIXED)
    void leaningPiecesOfDifferentFacesShareTheirCut(
            @ForAll @IntRange(min = 3, max = 9) int sides,
            @ForAll @DoubleRange(min = 5, max = 50) double lean,
            @ForAll Lean.Way way,
            @ForAll("widths") List<Double> widths) {
        Outline.Regular outline = new Outline.Regular(sides, Outline.Across.FLATS, mm(Line.SIGHT, 600));
        Optional<Frame> frame =
                made(job(outline).withFaces(Outlines.faces(outline, widths)).withLean(new Lean(lean, way)));
        Assume.that(frame.isPresent());
        List<Member> members = frame.get().members();
        for (int i = 0; i < members.size(); i++) {
            List<Vector> end = face(members.get(i), true);
            List<Vector> start = face(members.get((i + 1) % members.size()), false);
            assertThat(end.get(0).minus(start.get(0)).length()).as("outside, back").isLessThan(1e-4);
            assertThat(end.get(1).minus(start.get(1)).length()).as("sight, back").isLessThan(1e-4);
            Vector normal = end.get(1).minus(end.get(0)).cross(end.get(2).minus(end.get(0))).unit();
            start.forEach(p -> assertThat(p.minus(end.get(0)).dot(normal))
                    .as("in the plane of the cut")
                    .isCloseTo(0, within(1e-4)));
        }
    }

    @Property(tries = 300, seed = Seed.FIXED)
    void blanksOfARingCoverItsWood(
            @ForAll @IntRange(min = 3, max = 36) int segments,
            @ForAll @DoubleRange(min = 320, max = 900) double width,
            @ForAll @DoubleRange(min = 0.6, max = 1) double ratio) {
        Optional<Frame> frame =
                made(job(new Boxed.Round(mm(Line.SIGHT, width), mm(Line.SIGHT, width * ratio), segments)));
        Assume.that(frame.isPresent());
        assertCloses(frame.get(), 1e-6);
        frame.get()
                .members()
                .forEach(m -> assertThat(without(piece(m), polygon(m.outline())).getArea())
                        .as("it lies in its blank")
                        .isLessThan(1e-3));
        frame.get().members().forEach(m -> assertThat(m.left().swing().toDegrees()).as("one setting for every end")
                .isCloseTo(180.0 / segments, within(1e-6)));
    }

    @Property(tries = 300, seed = Seed.FIXED)
    void archesClose(
            @ForAll Boxed.Arch arch,
            @ForAll @IntRange(min = 1, max = 8) int segments,
            @ForAll @DoubleRange(min = 250, max = 800) double width,
            @ForAll @DoubleRange(min = 0.2, max = 0.95) double rise) {
        double share = switch (arch) {
            case HALF_ROUND -> 1;
            case SEGMENTAL -> rise;
            case POINTED -> 1.1 + 2 * rise;
        };
        int blanks = arch == Boxed.Arch.POINTED ? segments : segments + 1;
        Optional<Frame> frame =
                made(job(new Boxed.Arched(mm(Line.SIGHT, width), mm(Line.SIGHT, width * 2.5), arch, share, blanks)));
        Assume.that(frame.isPresent());
        assertCloses(frame.get(), 1e-6);
        assertThat(frame.get().width(Line.SIGHT).toMm()).isCloseTo(width, within(1e-5));
        assertThat(frame.get().height(Line.SIGHT).toMm()).isCloseTo(width * 2.5, within(1e-5));
    }

    @Property(tries = 200, seed = Seed.FIXED)
    void panesAndBarsFillAWindow(
            @ForAll @IntRange(min = 1, max = 5) int rows,
            @ForAll @IntRange(min = 2, max = 5) int columns,
            @ForAll @DoubleRange(min = 18, max = 60) double bar) {
        Frame frame = frame(
                job(new Boxed.Window(mm(Line.OUTSIDE, 900), mm(Line.OUTSIDE, 1400), rows, columns, Length.mm(bar))));
        Geometry sight = polygon(frame.lines().get(Line.SIGHT));
        Geometry panes = sight.difference(union(frame.bars().stream().map(m -> polygon(m.outline())).toList()));
        assertThat(frame.bars()).hasSize(rows + columns - 2);
        assertThat(panes.getNumGeometries()).isEqualTo(rows * columns);
        for (int i = 1; i < panes.getNumGeometries(); i++) {
            assertThat(panes.getGeometryN(i).getArea())
                    .as("panes are alike")
                    .isCloseTo(panes.getGeometryN(0).getArea(), within(1e-2));
        }
    }

    /** Width and height may be given at two lines; a pointed arch then has just that height there, or is refused. */
    @Property(tries = 300, seed = Seed.FIXED)
    void aPointedArchIsAsHighAsWasAskedForWhereItWasAskedFor(
            @ForAll @DoubleRange(min = 200, max = 900) double width,
            @ForAll @DoubleRange(min = 1.2, max = 4) double ratio,
            @ForAll @DoubleRange(min = 1.2, max = 4) double rise,
            @ForAll Line at) {
        Optional<Frame> frame =
                made(job(new Boxed.Arched(mm(Line.SIGHT, width), mm(at, width * ratio), Boxed.Arch.POINTED, rise, 3)));
        Assume.that(frame.isPresent());
        assertThat(frame.get().height(at).toMm()).isCloseTo(width * ratio, within(2e-5));
    }
}
