package neatcorner.core.outline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import neatcorner.core.Seed;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Distances of convex bodies against closed forms and against points sampled in both. */
class HullTest {
    private static Vector any(Random random, double size) {
        return new Vector(size * random.nextDouble(), size * random.nextDouble(), size * random.nextDouble());
    }

    /** No two sampled points are nearer than said, and some are not much further. */
    @Property(tries = 300, seed = Seed.FIXED)
    void noPointsAreNearerThanSaid(@ForAll long seed) {
        Random random = new Random(seed);
        Vector away = any(random, 15);
        Hull one = new Hull(Stream.generate(() -> any(random, 10)).limit(2 + random.nextInt(7)).toList(), 0);
        Hull other = new Hull(
                Stream.generate(() -> any(random, 10).plus(away)).limit(2 + random.nextInt(7)).toList(), 0);
        double gap = one.gap(other);
        assertThat(other.gap(one)).isCloseTo(gap, within(1e-6));
        for (int i = 0; i < 400; i++) {
            Vector between = Sampling.in(one, random).minus(Sampling.in(other, random));
            assertThat(between.length()).isGreaterThanOrEqualTo(gap - 1e-6);
        }
        // Something parts them by the gap: along the way between, all of the one lies before all of the other.
        if (gap > 1e-3) {
            double parted = 0;
            for (int i = 0; i < 4000; i++) {
                Vector way = new Vector(
                                random.nextGaussian(), random.nextGaussian(), random.nextGaussian())
                        .unit();
                double first = one.places().stream().mapToDouble(way::dot).max().orElseThrow();
                double second = other.places().stream().mapToDouble(way::dot).min().orElseThrow();
                parted = Math.max(parted, second - first);
            }
            assertThat(parted).isLessThanOrEqualTo(gap + 1e-6).isGreaterThan(gap * 0.6 - 0.3);
        }
    }

    /** Two rods askew: the distance of two lines is the part of what is between them that is square to both. */
    @Test
    void rodsThatCrossAreAsFarApartAsTheirLinesLessTheirThickness() {
        Hull level = Hull.rod(new Vector(-10, 0, 0), new Vector(10, 0, 0), 2);
        Hull other = Hull.rod(new Vector(3, -10, 5), new Vector(3, 10, 5), 1);
        assertThat(level.gap(other)).isCloseTo(3.5, within(1e-9));
        Hull through = Hull.rod(new Vector(3, -10, 0.5), new Vector(3, 10, 0.5), 1);
        assertThat(level.gap(through)).isCloseTo(-1, within(1e-9));
        Hull end = Hull.rod(new Vector(13, 4, 0), new Vector(13, 20, 0), 0);
        assertThat(level.gap(end)).isCloseTo(4, within(1e-9));
    }

    @Test
    void aRodThroughAPlateMeetsIt() {
        Hull plate = Hull.prism(
                List.of(new Vector(0, 0, 4), new Vector(30, 0, 4), new Vector(0, 30, 4)), new Vector(0, 0, 3));
        assertThat(plate.gap(Hull.rod(new Vector(5, 5, -10), new Vector(5, 5, 20), 1))).isLessThan(0);
        assertThat(plate.gap(Hull.rod(new Vector(20, 20, -10), new Vector(20, 20, 20), 2)))
                .isCloseTo(Math.sqrt(2) * 5 - 1, within(1e-6));
        assertThat(plate.gap(Hull.rod(new Vector(5, 5, 8), new Vector(5, 5, 20), 0.5))).isCloseTo(0.75, within(1e-6));
    }

    /** Closed forms: a brick's section square to an edge is its end, and a rod's at 45° an ellipse √2 times as long. */
    @Test
    void whatAPlaneCutsIsTheSectionOfTheBody() {
        List<Vector> end = List.of(
                new Vector(0, 0, 0), new Vector(3, 0, 0), new Vector(3, 5, 0), new Vector(0, 5, 0));
        Hull brick = Hull.prism(end, new Vector(0, 0, 7));
        assertThat(brick.cut(new Vector(9, 9, 2), Vector.FORWARD)).hasSize(4);
        assertThat(area(brick.cut(new Vector(9, 9, 2), Vector.FORWARD))).isCloseTo(15, within(1e-9));
        assertThat(area(brick.cut(new Vector(0, 0, 0), Vector.FORWARD)))
                .as("its end itself")
                .isCloseTo(15, within(1e-9));
        assertThat(brick.cut(new Vector(0, 0, 8), Vector.FORWARD)).isEmpty();
        // Aslant through two edges and the far corner's diagonal: the same as seen along the normal.
        assertThat(area(brick.cut(new Vector(0, 0, 2), new Vector(0, -1, 1))))
                .isCloseTo(15 * Math.sqrt(2), within(1e-9));
        Hull rod = Hull.rod(new Vector(0, 0, -9), new Vector(0, 0, 9), 2);
        List<Vector> oval = rod.cut(new Vector(0, 0, 0), new Vector(0, 1, 1));
        assertThat(area(oval)).isCloseTo(Math.PI * Math.sqrt(2), within(0.1));
        assertThat(oval.stream().mapToDouble(Vector::length).max().orElseThrow()).isCloseTo(Math.sqrt(2), within(0.05));
    }

    private static double area(List<Vector> outline) {
        Vector sum = outline.getFirst().times(0);
        for (int i = 0; i < outline.size(); i++) {
            sum = sum.plus(outline.get(i).cross(outline.get((i + 1) % outline.size())));
        }
        return sum.length() / 2;
    }
}
