package neatcorner.core.making;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import neatcorner.core.Seed;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Point;
import neatcorner.core.section.Edging;
import neatcorner.core.section.Profile;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;
import neatcorner.core.section.Silhouette;
import neatcorner.core.section.Strip;
import neatcorner.core.shop.Habits;
import neatcorner.core.wood.Species;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Polygon;

/**
 * Fence, height and tilt against the wood: the cutter set up as it is said, beside the stick as it lies, by a general
 * geometry library.
 */
class CutterTest {
    private static final GeometryFactory JTS = new GeometryFactory();
    /** Blades and stacks that leave a straight wall on the fence's side; other bits have shapes of their own. */
    private static final Set<String> STRAIGHT = Set.of(
            "bit.rip",
            "bit.two_passes",
            "bit.tilted_passes",
            "bit.dado",
            "bit.straight",
            "bit.groove",
            "bit.groove_wall");

    private static Section section(Random random) {
        double face = 16 + random.nextInt(70);
        double thick = 14 + random.nextInt(30);
        Length lip = Length.mm(3 + random.nextInt((int) (face / 3) - 2));
        Length depth = Length.mm(thick * (0.3 + random.nextInt(3) / 10.0));
        Recess recess = switch (random.nextInt(5)) {
            case 0 -> new Recess.Bar();
            case 1 -> new Recess.Floater(Length.mm(8 + random.nextInt(20)), Length.mm(thick * 0.3));
            case 2 -> new Recess.TiltedRabbet(lip.over(2), depth, random.nextBoolean() ? -8.0 : 20.0);
            case 3 -> new Recess.Slot(lip, Length.mm(thick / 3), Length.mm(thick / 5));
            default -> new Recess.Rabbet(lip, depth);
        };
        boolean edged = random.nextBoolean();
        Profile.Shape shape =
                edged ? Profile.Shape.FLAT : Profile.Shape.values()[random.nextInt(Profile.Shape.values().length)];
        Profile front = shape == Profile.Shape.FLAT
                ? Profile.FLAT
                : new Profile(shape, Length.mm(1 + random.nextInt((int) (thick / 2) - 2)));
        Section plain = new Section("s", Species.BEECH, Length.mm(face), Length.mm(thick), recess, front);
        if (edged) {
            Edging edge = new Edging(
                    random.nextBoolean() ? Edging.Kind.BEVEL : Edging.Kind.STEP,
                    Length.mm(face / (3 + random.nextInt(3))),
                    Length.mm(thick / (3 + random.nextInt(5))));
            Strip strip = plain.strips().getFirst();
            return new Section(
                    "s",
                    List.of(random.nextBoolean() ? strip.withInner(edge) : strip.withOuter(edge)),
                    recess,
                    Optional.empty(),
                    Optional.empty());
        }
        return random.nextInt(4) > 0 || recess instanceof Recess.Floater
                ? plain
                : plain.withRelief(Optional.of(new Relief(Length.mm(4), Length.mm(face / 4), Length.mm(2))));
    }

    /** The stick beside the fence and on the table: x from the fence, y over the table. */
    private static Geometry lying(Silhouette stick, Silhouette before, Setup setup) {
        Geometry whole = JTS.createPolygon();
        for (List<Point> outline : stick.outlines()) {
            Coordinate[] ring = Stream.concat(outline.stream(), outline.stream().limit(1)).map(p -> new Coordinate(
                    off(setup.against(), p, before), off(setup.down(), p, before))).toArray(Coordinate[]::new);
            whole = whole.union(JTS.createPolygon(ring).buffer(0));
        }
        return whole;
    }

    private static double off(Surface surface, Point p, Silhouette before) {
        return switch (surface) {
            case BACK -> p.y() - before.low();
            case FRONT -> before.high() - p.y();
            case INNER -> p.x() - before.left();
            case OUTER -> before.right() - p.x();
        };
    }

    /** From {@code from} to {@code to} beyond the near side of the cutter, as high as it stands. */
    private static Polygon beside(Setup setup, double from, double to) {
        double high = setup.height().toMm();
        double lean = setup.tilt().map(tilt -> (tilt.over() ? -1 : 1) * tilt.angle().tan() * high).orElse(0.0);
        double near = setup.fence().toMm();
        return JTS.createPolygon(new Coordinate[] {
            new Coordinate(near + from, 0),
            new Coordinate(near + to, 0),
            new Coordinate(near + to + lean, high),
            new Coordinate(near + from + lean, high),
            new Coordinate(near + from, 0)
        });
    }

    /**
     * What is taken lies all on the cutter's side and under its top, the wall is where the cutter stands, and nothing
     * that is kept is cut.
     */
    @Property(tries = 400, seed = Seed.FIXED)
    void theCutterTakesWhatIsToBeTakenAndNothingElse(@ForAll long seed) {
        Section section = section(new Random(seed));
        Features features = new Features(section, Habits.USUAL);
        List<Feature> cuts = Stream.concat(
                        features.ofStrip(0).stream(), features.ofStack(features.blank(0), false).stream())
                .toList();
        Silhouette left = features.blank(0);
        for (Ordering.Placed placed : Ordering.of(features.blank(0), cuts)) {
            left = placed.after();
            assertThat(placed.setup().tilt().map(tilt -> tilt.angle().toDegrees()).orElse(0.0))
                    .as("a blade that no saw tilts so far: %s", section)
                    .isLessThanOrEqualTo(45.0001);
            if (STRAIGHT.contains(placed.setup().bit().key())) {
                String said = section + " " + placed.setup();
                Geometry before = lying(placed.before(), placed.before(), placed.setup());
                Geometry after = lying(placed.after(), placed.before(), placed.setup());
                Geometry taken = before.difference(after.buffer(1e-6));
                Geometry kept = lying(section.wood(), placed.before(), placed.setup());
                assertThat(kept.intersection(beside(placed.setup(), 0, 0.2)).getArea())
                        .as("kept wood in the cutter: %s", said)
                        .isLessThan(0.05);
                assertThat(taken.intersection(beside(placed.setup(), -500, 0)).getArea())
                        .as("waste left beside the fence: %s", said)
                        .isLessThan(0.05);
                // The second pass of a tilted rabbet takes what its ledge rises toward the sight edge.
                double top = placed.setup().bit().key().equals("bit.tilted_passes")
                        ? section.thickness().toMm()
                        : placed.setup().height().toMm();
                assertThat(taken.getEnvelopeInternal().getMaxY())
                        .as("waste over the cutter: %s", said)
                        .isLessThan(top + 0.01);
                assertThat(taken.intersection(beside(placed.setup(), 0, 0.2)).getArea())
                        .as("cuts nothing: %s", said)
                        .isGreaterThan(0.02);
            }
        }
        assertThat(left.without(section.wood()).area()
                        + section.wood().without(left).area())
                .as("%s", section)
                .isLessThan(0.05);
    }
}
