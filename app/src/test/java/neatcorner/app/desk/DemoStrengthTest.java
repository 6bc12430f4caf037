package neatcorner.app.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Weight;
import neatcorner.core.hang.HangPlan;
import neatcorner.core.job.Construction;
import neatcorner.core.job.Job;
import neatcorner.core.job.JointKind;
import neatcorner.core.joint.JointPlanner;
import neatcorner.core.joint.Strain;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Point;
import neatcorner.core.plan.Plan;
import neatcorner.core.plan.Planner;
import neatcorner.core.section.Section;
import neatcorner.core.strength.Bearing;
import neatcorner.core.strength.Burden;
import neatcorner.core.strength.Demand;
import neatcorner.core.words.Figure;
import org.junit.jupiter.api.Test;

/**
 * What the corners of the demonstration's frames bear, once more by the slope-deflection method of the handbooks: of a
 * rectangle that is alike on both sides both upper joints turn alike, and both lower ones, and nothing sways.
 */
class DemoStrengthTest {
    private static final double GRAVITY = 9.80665;
    /** From one place to the next of a section that is counted out, in mm. */
    private static final double GRID = 0.1;

    /** Counted from a section's wood: its area, and its second moment across the face. */
    private record Counted(double area, double second, double edge) {
        static Counted of(Section section) {
            var across = section.wood().outlines().stream()
                    .flatMap(outline -> outline.stream())
                    .mapToDouble(Point::x)
                    .summaryStatistics();
            double thick = section.thickness().toMm();
            double area = 0;
            double first = 0;
            double second = 0;
            double least = across.getMax();
            double most = across.getMin();
            for (double x = across.getMin() + GRID / 2; x < across.getMax(); x += GRID) {
                for (double y = GRID / 2; y < thick; y += GRID) {
                    if (section.wood().contains(x, y)) {
                        area += GRID * GRID;
                        first += x * GRID * GRID;
                        second += x * x * GRID * GRID;
                        least = Math.min(least, x);
                        most = Math.max(most, x);
                    }
                }
            }
            double middle = first / area;
            return new Counted(area, second - area * middle * middle, Math.max(middle - least, most - middle));
        }
    }

    /** A rectangle with two sides that are alike; of its sides only the stiffness to one another counts. */
    private record Box(double wide, double high, double top, double side, double bottom) {
        /** The moments at the upper and at the lower corners, in N·mm. */
        double[] moments(double onTop, double atMiddle, double onBottom, double inwards, double down) {
            double fixedTop = -onTop * wide * wide / 12 - atMiddle * wide / 8;
            double fixedBottom = -onBottom * wide * wide / 12;
            double up = high - down;
            double fixedHigh = inwards * down * up * up / (high * high);
            double fixedLow = -inwards * down * down * up / (high * high);
            double a = 2 * top / wide + 4 * side / high;
            double b = 2 * side / high;
            double c = 2 * bottom / wide + 4 * side / high;
            double p = -fixedTop - fixedHigh;
            double q = -fixedBottom - fixedLow;
            double upper = (p * c - q * b) / (a * c - b * b);
            double lower = (q * a - p * b) / (a * c - b * b);
            return new double[] {
                Math.abs(2 * top / wide * upper + fixedTop), Math.abs(2 * bottom / wide * lower + fixedBottom)
            };
        }
    }

    private static boolean isKnown(Plan plan) {
        Frame frame = plan.frame();
        return frame.isFourSquare()
                && !frame.isSolid()
                && frame.cross().isEmpty()
                && frame.members().get(1).section().face().equals(frame.members().get(3).section().face())
                && frame.job().seen() == frame.job().carrier()
                && plan.get(Burden.class).cases().stream().anyMatch(borne -> borne.bearing().isLasting());
    }

    /** The part that bears all, as it is planned. */
    private static Plan carrying(Job job) {
        return Planner.plan(job.at(job.carrier()), Demo.shop().value());
    }

    private static double[] byHand(Plan plan) {
        Frame frame = plan.frame();
        Section top = frame.members().get(0).section();
        Section side = frame.members().get(1).section();
        Section bottom = frame.members().get(2).section();
        double wide = frame.width(Line.OUTSIDE).toMm() - across(frame, 1);
        double high = frame.height(Line.OUTSIDE).toMm() - (across(frame, 0) + across(frame, 2)) / 2;
        double all = plan.get(Weight.class).carried().toKg() * GRAVITY;
        double onTop = top.kgPerMetre() * GRAVITY / 1000;
        double onSide = side.kgPerMetre() * GRAVITY / 1000;
        double ofBottom = bottom.kgPerMetre() * GRAVITY / 1000;
        double rest = Math.max(0, all - (onTop + ofBottom) * wide - 2 * onSide * high) / wide;
        HangPlan hang = plan.hang();
        double inwards = hang.wire()
                .map(wire -> all / 2 / Math.tan(wire.angle().value().radians()))
                .orElse(0.0);
        double down = hang.rings()
                .map(rings -> rings.down().value().toMm() - across(frame, 0) / 2)
                .orElse(0.0);
        double lifted = switch (hang.chosen()) {
            case CLEAT -> all / wide;
            default -> 0;
        };
        double atMiddle = switch (hang.chosen()) {
            case SAW_TOOTH -> -all;
            default -> 0;
        };
        double floor = switch (hang.chosen()) {
            case LAID -> all / wide;
            default -> 0;
        };
        return new Box(
                        wide,
                        high,
                        Counted.of(top).second(),
                        Counted.of(side).second(),
                        Counted.of(bottom).second())
                .moments(onTop - lifted, atMiddle, ofBottom + rest - floor, inwards, down);
    }

    /** How wide a side is from the front, with whatever reaches inwards behind its face. */
    private static double across(Frame frame, int side) {
        List<Point> outline = frame.members().get(side).outline();
        return side % 2 == 0
                ? Math.abs(outline.get(0).y() - outline.get(3).y())
                : Math.abs(outline.get(0).x() - outline.get(3).x());
    }

    /** Every rectangle of the demonstration that hangs by itself, to a fiftieth of its greatest moment. */
    @Test
    void theMomentsOfTheDemonstrationAreThoseOfTheHandbook() {
        int checked = 0;
        for (int i = 0; i < Demo.jobs().size(); i++) {
            Plan plan = carrying(Demo.jobs().get(i).value());
            if (!isKnown(plan)) {
                continue;
            }
            double[] byHand = byHand(plan);
            var corners = plan.get(Burden.class).cases().stream()
                    .filter(borne -> borne.bearing().isLasting())
                    .findFirst()
                    .orElseThrow()
                    .corners();
            double most = Math.max(byHand[0], byHand[1]);
            int[] upper = {0, 1};
            int[] lower = {2, 3};
            for (int corner = 0; corner < 2; corner++) {
                assertThat(corners.get(upper[corner]).moment())
                        .as("job " + (i + 1) + ", upper corners")
                        .isCloseTo(byHand[0], within(0.02 * most + 1));
                assertThat(corners.get(lower[corner]).moment())
                        .as("job " + (i + 1) + ", lower corners")
                        .isCloseTo(byHand[1], within(0.02 * most + 1));
            }
            checked++;
        }
        assertThat(checked).isGreaterThan(16);
    }

    /**
     * Glue alone on a mitre: a quarter of the shear along the grain, on the section cut at 45°, whose area is √2 and
     * whose modulus 2 times the section's; with the reserve of four for years.
     */
    @Test
    void whatGlueAloneTakesIsThatOfTheCutSection() {
        int checked = 0;
        for (int i = 0; i < Demo.jobs().size(); i++) {
            Plan plan = carrying(Demo.jobs().get(i).value());
            Frame frame = plan.frame();
            boolean alike = IntStream.range(1, 4)
                    .allMatch(k -> k < frame.members().size()
                            && frame.members().get(k).section().equals(frame.members().getFirst().section()));
            if (!isKnown(plan) || !alike || !(frame.job().body().construction() instanceof Construction.Mitred)) {
                continue;
            }
            Counted counted = Counted.of(frame.members().getFirst().section());
            double stress = plan.get(Burden.class).strength().orElseThrow().shear() / 4;
            double modulus = 2 * counted.second() / counted.edge();
            double area = Math.sqrt(2) * counted.area();
            double use = plan.get(Burden.class).cases().stream()
                    .filter(borne -> borne.bearing() == Bearing.HUNG || borne.bearing() == Bearing.STANDING)
                    .flatMap(borne -> borne.corners().stream())
                    .mapToDouble(demand -> share(demand, stress, modulus, area))
                    .max()
                    .orElseThrow();
            Optional<Double> said = plan.joints()
                    .option(JointKind.GLUED)
                    .lasting()
                    .map(Strain::use);
            assertThat(said).as("job " + (i + 1)).isPresent();
            assertThat(said.get()).as("job " + (i + 1)).isCloseTo(4 * use, within(0.03 * 4 * use + 0.002));
            if (plan.joints().chosen().equals(JointKind.GLUED)) {
                assertThat(plan.figure(JointPlanner.USE).map(Figure::value).orElseThrow().fraction())
                        .isCloseTo(said.get(), within(0.0051));
            }
            checked++;
        }
        assertThat(checked).isGreaterThan(6);
    }

    private static double share(Demand demand, double stress, double modulus, double area) {
        return demand.moment() / (stress * modulus)
                + demand.pull() / (stress * area)
                + demand.slide() / (stress * area);
    }
}
