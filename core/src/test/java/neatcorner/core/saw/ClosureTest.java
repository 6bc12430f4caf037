package neatcorner.core.saw;

import static neatcorner.core.Sample.in;
import static neatcorner.core.Sample.job;
import static neatcorner.core.Sample.shop;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Size;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** A frame put together from pieces that are a little off. */
class ClosureTest {
    private static final double QUARTER = Math.toRadians(0.25);

    static List<Member> rectangle() {
        return sides(new Edit[0]);
    }

    static List<Member> polygon(int count) {
        return sides(drawn(count));
    }

    private static Edit drawn(int count) {
        return new Edit.Draw(
                new Outline.Regular(count, Outline.Across.SIDE, new Size(Line.SIGHT, Length.mm(300))));
    }

    static List<Member> unequal() {
        return sides(new Edit.Face("bottom", Optional.of(in("3"))));
    }

    static List<Member> leaning(int count, Lean.Way way) {
        return sides(
                drawn(count),
                new Edit.Tilt(new Lean(20, way)));
    }

    private static List<Member> sides(Edit... edits) {
        var job = job("8", "10");
        for (Edit edit : edits) {
            job = edit.apply(job);
        }
        return Frame.of(job, shop()).result().members();
    }

    private static List<List<Member>> all() {
        return List.of(rectangle(), polygon(3), polygon(6), polygon(12), unequal(),
                leaning(4, Lean.Way.OUTWARDS), leaning(6, Lean.Way.INWARDS));
    }

    private static List<PieceError> alike(int count, double swing) {
        return IntStream.range(0, count).mapToObj(_ -> PieceError.swung(swing, swing)).toList();
    }

    @Test
    void piecesThatAreRightClose() {
        for (List<Member> sides : all()) {
            Closure closed = Closure.of(sides, alike(sides.size(), 0));
            // Members are cut to whole nanometres.
            assertThat(closed.openings().widest()).isCloseTo(0, within(1e-4));
            assertThat(closed.openings().least()).isCloseTo(0, within(1e-4));
            assertThat(new Band(sides).pulled(alike(sides.size(), 0)))
                    .allMatch(open -> open.widest() < 1e-6);
        }
    }

    /** 2n cuts that are off by δ put 2n·δ into the last corner: plain geometry, and ¼° in a rectangle is 2°. */
    @Test
    void twoCutsACornerAddUpInTheLast() {
        for (int count : List.of(3, 4, 5, 6, 8, 12)) {
            Closure left = Closure.of(polygon(count), alike(count, QUARTER));
            assertThat(left.turn()).isCloseTo(2 * count * QUARTER, within(1e-9));
        }
        assertThat(Math.toDegrees(Closure.of(rectangle(), alike(4, QUARTER)).turn())).isCloseTo(2, within(1e-9));
    }

    /** The trade's rule, plain geometry: opposite sides that differ by d leave d / √2 across the last joint. */
    @Test
    void unequalOppositeSidesOpenTheLastCorner() {
        List<PieceError> longer = new ArrayList<>(alike(4, 0));
        longer.set(2, new PieceError(EndError.NONE, EndError.NONE, 1));
        Closure left = Closure.of(rectangle(), longer);
        assertThat(Math.abs(left.openings().toeBack())).isCloseTo(Math.sqrt(0.5), within(1e-4));
        assertThat(left.turn()).isCloseTo(0, within(1e-12));
    }

    /** Independent: headings and ends walked as complex numbers, of flat frames of any angles and widths. */
    @Property(tries = 200, seed = Seed.FIXED)
    void isWhatAWalkRoundTheFrameSays(@ForAll @IntRange(min = 0, max = 4) int which, @ForAll Random random) {
        List<Member> sides = all().get(which);
        List<PieceError> errors = sides.stream()
                .map(_ -> new PieceError(
                        new EndError(random.nextGaussian() * 0.01, 0),
                        new EndError(random.nextGaussian() * 0.01, 0),
                        random.nextGaussian()))
                .toList();
        double x = 0;
        double y = 0;
        double heading = 0;
        for (int i = 0; i < sides.size(); i++) {
            if (i > 0) {
                heading += Math.PI - toEdge(sides, errors, i - 1, true) - toEdge(sides, errors, i, false);
            }
            double length = sides.get(i).longPoint().value().toMm() + errors.get(i).length();
            x += length * Math.cos(heading);
            y -= length * Math.sin(heading);
        }
        double first = toEdge(sides, errors, 0, false);
        // The first piece lies along x with its wood below; its cut runs from its start at this angle to its edge.
        double[] joint = {Math.cos(first), -Math.sin(first)};
        double[] normal = {-Math.sin(first), -Math.cos(first)};
        double last = heading + Math.PI - toEdge(sides, errors, sides.size() - 1, true);
        double face = sides.getFirst().section().face().toMm();
        double lastFace = sides.getLast().section().face().toMm();
        double heelX = x - lastFace / Math.sin(toEdge(sides, errors, sides.size() - 1, true)) * -Math.cos(last);
        double heelY = y - lastFace / Math.sin(toEdge(sides, errors, sides.size() - 1, true)) * Math.sin(last);
        heelX -= face / Math.sin(first) * joint[0];
        heelY -= face / Math.sin(first) * joint[1];
        Closure left = Closure.of(sides, errors);
        assertThat(left.openings().toeBack()).isCloseTo(x * normal[0] + y * normal[1], within(1e-3));
        assertThat(left.slip()).isCloseTo(x * joint[0] + y * joint[1], within(1e-3));
        assertThat(left.openings().heelBack()).isCloseTo(heelX * normal[0] + heelY * normal[1], within(1e-3));
    }

    private static double toEdge(List<Member> sides, List<PieceError> errors, int side, boolean right) {
        Member member = sides.get(side);
        EndError error = right ? errors.get(side).right() : errors.get(side).left();
        return (right ? member.right() : member.left()).toEdge().radians() - error.swing();
    }

    /** A blade that leans the same way for both cuts of a corner closes it; one that leans apart opens the front. */
    @Test
    void onlyALeanThatDiffersOpensTheFront() {
        double lean = Math.toRadians(0.5);
        List<PieceError> same = Stream.generate(
                        () -> new PieceError(new EndError(0, lean), new EndError(0, -lean), 0))
                .limit(4)
                .toList();
        List<PieceError> apart = Stream.generate(
                        () -> new PieceError(new EndError(0, lean), new EndError(0, lean), 0))
                .limit(4)
                .toList();
        assertThat(new Band(rectangle()).pulled(same)).allMatch(open -> Math.abs(open.frontOverBack()) < 1e-3);
        double thick = rectangle().getFirst().section().thickness().toMm();
        assertThat(new Band(rectangle()).pulled(apart))
                .allSatisfy(open -> assertThat(open.frontOverBack()).isCloseTo(thick * 2 * lean, within(0.01)));
    }

    /** All corners alike share alike, and what each is left with is 2δ over its joint. */
    @Test
    void aBandSharesBetweenAlikeCorners() {
        for (int count : List.of(3, 4, 6, 12)) {
            List<Member> sides = polygon(count);
            double joint = sides.getFirst().left().length().toMm();
            assertThat(new Band(sides).pulled(alike(count, QUARTER))).allSatisfy(open -> {
                assertThat(open.toeBack()).isCloseTo(0, within(1e-6));
                assertThat(open.heelBack()).isCloseTo(joint * 2 * QUARTER, within(joint * 1e-3));
            });
            assertThat(new Band(sides).pulled(alike(count, -QUARTER))).allSatisfy(open -> {
                assertThat(open.heelBack()).isCloseTo(0, within(1e-6));
                assertThat(open.toeBack()).isCloseTo(joint * 2 * QUARTER, within(joint * 1e-3));
            });
        }
    }

    /** Independent: with its corners turned as it says, a walk round the frame comes back to where it began. */
    @Property(tries = 100, seed = Seed.FIXED)
    void aBandCloses(@ForAll @IntRange(min = 0, max = 4) int which, @ForAll Random random) {
        List<Member> sides = all().get(which);
        List<PieceError> errors = sides.stream()
                .map(_ -> new PieceError(
                        new EndError(random.nextGaussian() * 0.002, 0),
                        new EndError(random.nextGaussian() * 0.002, 0),
                        random.nextGaussian() * 0.2))
                .toList();
        var turns = new Band(sides).turns(errors);
        double x = 0;
        double y = 0;
        double heading = 0;
        double all = 0;
        for (int i = 0; i < sides.size(); i++) {
            double corner = Math.PI
                    - toEdge(sides, errors, (i + sides.size() - 1) % sides.size(), true)
                    - toEdge(sides, errors, i, false)
                    - turns.get(i).z();
            heading += i == 0 ? 0 : corner;
            all += corner;
            double length = sides.get(i).longPoint().value().toMm() + errors.get(i).length();
            x += length * Math.cos(heading);
            y -= length * Math.sin(heading);
        }
        assertThat(all).isCloseTo(2 * Math.PI, within(1e-6));
        assertThat(Math.hypot(x, y)).isLessThan(0.05);
    }
}
