package neatcorner.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.Sample;
import neatcorner.core.Seed;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.OuterShape;
import neatcorner.core.job.OuterShape.Form;
import neatcorner.core.joint.HiddenPlan;
import neatcorner.core.joint.JointOption;
import neatcorner.core.joint.Slot;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Polygons;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;

/** Outsides sawn to a shape once they are joined. */
class OuterShapingTest {
    private static final GeometryFactory JTS = new GeometryFactory();
    private static final int FINE = 90;

    /** A frame of one strip with a rabbet: its sizes in mm. */
    record Case(double width, double height, double face, double thick, double lip, OuterShape shape) {
        private Job straight() {
            return Sample.given(Line.OUTSIDE, width + " mm", height + " mm")
                    .withSection(Sample.rabbeted(face + " mm", thick + " mm", lip + " mm", thick / 2 + " mm"));
        }

        private Job job() {
            return new Edit.ShapeOutside(Optional.of(shape)).apply(straight());
        }

        /** Box and shape by other means: an opening of the box by a disk, triangles taken off, a disk over the box. */
        private Geometry sawn() {
            double size = shape.size().toMm();
            Geometry box = box(0, 0, width, height);
            return switch (shape.form()) {
                case ROUND_CORNERS -> box.buffer(-size, FINE).buffer(size, FINE);
                case CUT_CORNERS -> {
                    Geometry left = box;
                    for (double x : new double[] {0, width}) {
                        for (double y : new double[] {0, height}) {
                            left = left.difference(polygon(List.of(
                                    new Point(x, y),
                                    new Point(Math.abs(x - size), y),
                                    new Point(x, Math.abs(y - size)))));
                        }
                    }
                    yield left;
                }
                case ARCHED_TOP -> {
                    double radius = (width * width / 4 + size * size) / (2 * size);
                    Geometry disk = JTS.createPoint(new Coordinate(width / 2, radius)).buffer(radius, 5000);
                    yield box.intersection(disk.union(box(0, size, width, height)));
                }
            };
        }
    }

    private static Geometry box(double x, double y, double toX, double toY) {
        return JTS.toGeometry(new Envelope(x, toX, y, toY));
    }

    private static Geometry polygon(List<Point> places) {
        return JTS.createPolygon(Stream.concat(places.stream(), Stream.of(places.getFirst()))
                .map(p -> new Coordinate(p.x(), p.y()))
                .toArray(Coordinate[]::new));
    }

    @Provide
    Arbitrary<Case> cases() {
        return Arbitraries.randomValue(random -> {
            double face = 20 + random.nextInt(130);
            return new Case(
                    2 * face + 60 + random.nextInt(900),
                    2 * face + 60 + random.nextInt(900),
                    face,
                    12 + random.nextInt(25),
                    4 + random.nextInt(12),
                    new OuterShape(
                            Form.values()[random.nextInt(Form.values().length)],
                            Length.mm(1 + random.nextInt((int) (2.5 * face)))));
        });
    }

    private static Plan plan(Job job) {
        return Planner.plan(job, Sample.shop());
    }

    /** What is refused has a largest size, which is not refused, and a millimetre more is. */
    @Property(tries = 150, seed = Seed.FIXED)
    void whatIsSawnIsPlainWoodAndStaysAsLargeAsItWas(@ForAll("cases") Case one) {
        double plain = one.face() - one.lip();
        Geometry stays = box(plain, plain, one.width() - plain, one.height() - plain);
        boolean isRoom = one.shape().size().toMm()
                <= (one.shape().form() == Form.ARCHED_TOP
                        ? Math.min(one.width() / 2, one.height())
                        : Math.min(one.width(), one.height()) / 2);
        // Arcs of both are of straight runs: within a thousandth of a size the two need not agree.
        boolean clearly = isRoom
                && one.sawn().buffer(-one.shape().size().toMm() / 1000).covers(stays);
        boolean hardly = isRoom
                && one.sawn().buffer(one.shape().size().toMm() / 1000 + 1e-6).covers(stays);
        Frame frame;
        try {
            frame = plan(one.job()).frame();
        } catch (Refusal refused) {
            assertThat(clearly).as("%s: %s", one, refused.words()).isFalse();
            Length most = (Length) refused.words().args().get(1);
            if (!most.isUnder(Length.mm(1))) {
                plan(new Edit.ShapeOutside(Optional.of(one.shape().withSize(most))).apply(one.straight()));
            }
            Edit more = new Edit.ShapeOutside(Optional.of(one.shape().withSize(most.plus(Length.mm(1)))));
            assertThatThrownBy(() -> plan(more.apply(one.straight())))
                    .as("%s, %s", one, most)
                    .isInstanceOf(Refusal.class);
            return;
        }
        assertThat(hardly).as("%s", one).isTrue();
        List<Point> line = frame.outer();
        assertThat(Polygons.area(line)).isCloseTo(one.sawn().getArea(), within(0.002 * one.shape().size().toMm()
                * (one.width() + one.shape().size().toMm())));
        assertThat(polygon(line).symDifference(one.sawn()).getArea())
                .isLessThan(0.002 * one.shape().size().toMm() * (one.width() + one.shape().size().toMm()));
        assertThat(Polygons.isConvex(line)).isTrue();
        assertThat(Polygons.extent(line, Axis.WIDTH)).isCloseTo(one.width(), within(1e-6));
        assertThat(Polygons.extent(line, Axis.HEIGHT)).isCloseTo(one.height(), within(1e-6));
    }

    private static Optional<Plan> made(Case one) {
        try {
            return Optional.of(plan(one.job()));
        } catch (Refusal refused) {
            return Optional.empty();
        }
    }

    /** The wood that is gone is as thick as the stick: a prism. */
    @Property(tries = 60, seed = Seed.FIXED)
    void itWeighsLessByWhatIsSawnOff(@ForAll("cases") Case one) {
        made(one).ifPresent(sawn -> {
            Plan before = plan(one.straight());
            double away = one.width() * one.height() - one.sawn().getArea();
            double kg = away * one.thick() * 1e-9 * before.job().section().species().density();
            assertThat(before.get(Weight.class).wood().value().toKg()
                            - sawn.get(Weight.class).wood().value().toKg())
                    .as("%s", one)
                    .isCloseTo(kg, within(0.003 * kg + 1e-6));
            assertThat(sawn.frame().pieces().map(Member::longPoint).map(f -> f.value().toMm()))
                    .as("pieces are cut as before")
                    .isEqualTo(before.frame()
                            .pieces()
                            .map(Member::longPoint)
                            .map(f -> f.value().toMm())
                            .toList());
        });
    }

    /** Splines reach past what is sawn off by a quarter of an inch at least, and hidden fasteners keep clear of it. */
    @Property(tries = 100, seed = Seed.FIXED)
    void nothingInTheCornersIsSawnAway(@ForAll("cases") Case one) {
        made(one).ifPresent(plan -> {
            Frame frame = plan.frame();
            Geometry line = one.sawn().buffer(0.05 + one.shape().size().toMm() / 2000);
            double off = OuterShaping.of(frame).orElseThrow().offMitre().toMm();
            double tip = Math.sqrt(0.5);
            assertThat(line.covers(JTS.createPoint(new Coordinate(off * tip, off * tip)))).isTrue();
            JointOption splined = plan.joints().option(JointKind.SPLINED);
            if (splined.fits()) {
                assertThat(splined.setting(Slot.SAWN.height()).orElseThrow()).isGreaterThan(off + 6.3);
            }
            for (HiddenPlan.Fit fit : plan.get(HiddenPlan.class).fits()) {
                double in = one.face() - fit.across() - fit.fastener().along().toMm() / 2 * tip;
                assertThat(line.covers(JTS.createPoint(new Coordinate(in, in))))
                        .as("%s: %s", one, fit)
                        .isTrue();
            }
            Plan pinned = plan(new Edit.ChooseJoint(Optional.of(JointKind.PINNED)).apply(plan.job()));
            JointOption pins = pinned.joints().used();
            double fromTip = pins.setting(FigureKey.length(Station.CORNERS, "joint.pin_from_tip")).orElse(0.0);
            double out = one.sawn().distance(JTS.createPoint(new Coordinate(one.width() - fromTip, 0)));
            double down = one.sawn().distance(JTS.createPoint(new Coordinate(one.width(), fromTip)));
            if (Math.abs(Math.max(out, down) - 0.05) > 0.05) {
                assertThat(pinned.findings().stream().anyMatch(OuterShapingTest::isMet))
                        .as("%s, pins %s from the corner", one, fromTip)
                        .isEqualTo(pins.fits() && Math.max(out, down) > 0.05);
            }
        });
    }

    private static boolean isMet(Finding finding) {
        return finding.what().key().equals("finding.outer_meets");
    }

    @Property(tries = 150, seed = Seed.FIXED)
    void theWayOutOfLittleWoodIsOne(@ForAll("cases") Case one) {
        made(one).ifPresent(plan -> {
            double wall = one.face() - one.lip();
            double stays = one.sawn()
                    .getBoundary()
                    .distance(box(wall, wall, one.width() - wall, one.height() - wall));
            Optional<Finding> little = plan.findings().stream()
                    .filter(finding -> finding.what().key().equals("finding.outer_leaves_little"))
                    .findFirst();
            double least = Math.min(12, wall);
            if (Math.abs(stays - least) > 0.05) {
                assertThat(little.isPresent()).as("%s leaves %s", one, stays).isEqualTo(stays < least);
            }
            little.flatMap(Finding::remedy)
                    .filter(Remedy.OnJob.class::isInstance)
                    .map(Remedy.OnJob.class::cast)
                    .ifPresent(remedy -> assertThat(Planner.edited(plan, remedy.edit()).findings())
                            .as("%s", one)
                            .noneMatch(finding -> finding.what().key().equals("finding.outer_leaves_little")));
        });
    }

    /**
     * A chord of 33 in with a rise of 1 1/2 in has a radius of 91 1/2 in: Machinery's Handbook, segments of circles,
     * from memory.
     */
    @Test
    void theRadiusOfAnArchIsThatOfItsSegment() {
        Case arch = new Case(
                838.2, 1752.6, 139.7, 12.7, 12.7, new OuterShape(Form.ARCHED_TOP, Length.inches(1, 1, 2)));
        assertThat(OuterShaping.of(plan(arch.job()).frame()).orElseThrow().radius())
                .isEqualTo(Length.inches(91, 1, 2));
    }

    @Test
    void whatFollowsAnOutsideOrHasNoneOfItsOwnIsRefused() {
        OuterShape round = new OuterShape(Form.ROUND_CORNERS, Length.mm(20));
        Case one = new Case(600, 400, 60, 20, 8, round);
        Frame frame = plan(one.job()).frame();
        assertThat(PartOffer.named("rim").by(frame, "rim")).isEmpty();
        assertThat(PartOffer.named("strainer").by(frame, "strainer")).isPresent();
        Job board = one.straight().with(one.straight().body().with(Construction.ONE_PIECE));
        assertThat(plan(new Edit.ShapeOutside(Optional.of(round)).apply(board)).frame().outer())
                .hasSizeGreaterThan(4);
        assertThatThrownBy(() -> new Edit.ShapeOutside(Optional.of(round)).apply(Sample.floating("12", "9")))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("outside");
    }
}
