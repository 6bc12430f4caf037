package neatcorner.core.sawing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.cut.StickLayout;
import neatcorner.core.frame.Member;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;

/**
 * Sticks of paper, two sheets each, back and front a stick's thickness apart, that are cut as their cards say and by
 * nothing else: which strip, how the blade stands, how far it is from the strip's left end along the fence. The fence
 * is y = 0, the table is the back, the maker stands where y is large.
 */
public final class Paper {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final double FAR = 1e5;
    private final List<List<Strip>> sticks = new ArrayList<>();
    private final double kerf;

    /** What is in one piece. */
    private record Strip(Geometry back, Geometry front) {
        double left() {
            return Math.min(back.getEnvelopeInternal().getMinX(), front.getEnvelopeInternal().getMinX());
        }

        boolean isThere() {
            return !back.isEmpty() && !front.isEmpty();
        }

        Strip by(AffineTransformation way) {
            return new Strip(way.transform(back), way.transform(front));
        }

        /** What of it lies on one side of a blade. */
        Strip cut(Blade blade, double at, double thick, double side) {
            return new Strip(
                    back.intersection(blade.half(at, 0, side)), front.intersection(blade.half(at, thick, side)));
        }

        /** Whether both sheets are alike, to a twentieth of a millimetre all round. */
        boolean isLike(Strip other) {
            Strip here = by(AffineTransformation.translationInstance(other.left() - left(), 0));
            return here.back.symDifference(other.back).getArea() < 0.05 * other.back.getLength()
                    && here.front.symDifference(other.front).getArea() < 0.05 * other.front.getLength();
        }
    }

    /**
     * A blade that is turned about where it meets table and fence.
     *
     * @param swing to the right, in rad
     * @param tilt  to the right at the top, in rad
     */
    private record Blade(double swing, double tilt) {
        double alongFence(double kerf) {
            return kerf / Math.cos(swing) / Math.cos(tilt);
        }

        /** All on one side of it at this height over the table, where it meets the fence at x. */
        Geometry half(double x, double high, double side) {
            double there = x + high * Math.tan(tilt) / Math.cos(swing);
            double lean = Math.tan(swing) * FAR;
            return polygon(there - lean, -FAR, there + lean, FAR, there + lean + side, FAR, there - lean + side, -FAR);
        }
    }

    private Paper(List<StickLayout> layouts, double kerf) {
        this.kerf = kerf;
        layouts.forEach(stick -> {
            Geometry whole = polygon(
                    0, 0, stick.length().toMm(), 0, stick.length().toMm(), wide(stick), 0, wide(stick));
            sticks.add(new ArrayList<>(List.of(new Strip(whole, whole))));
        });
    }

    private static double wide(StickLayout stick) {
        return stick.section().width().toMm();
    }

    private static double thick(StickLayout stick) {
        return stick.placed().getFirst().piece().member().stock().thickness().toMm();
    }

    private static Geometry polygon(double... xy) {
        Coordinate[] ring = new Coordinate[xy.length / 2 + 1];
        for (int i = 0; i < xy.length / 2; i++) {
            ring[i] = new Coordinate(xy[2 * i], xy[2 * i + 1]);
        }
        ring[ring.length - 1] = ring[0];
        return FACTORY.createPolygon(ring);
    }

    /** What is wrong with the pieces when all cards are followed; empty when every piece is as it should be. */
    public static Optional<String> wrong(Sawing sawing, List<StickLayout> layouts, double kerf) {
        Paper paper = new Paper(layouts, kerf);
        sawing.cuts().forEach(paper::cut);
        for (int i = 0; i < layouts.size(); i++) {
            for (StickLayout.Placed placed : layouts.get(i).placed()) {
                if (paper.sticks.get(i).stream().noneMatch(wanted(placed, wide(layouts.get(i)))::isLike)) {
                    return Optional.of("stick " + (i + 1) + " did not give " + placed.piece().id() + " "
                            + wanted(placed, wide(layouts.get(i))) + " from " + paper.sticks.get(i));
                }
            }
        }
        return Optional.empty();
    }

    private void cut(SawCut cut) {
        List<Strip> strips = sticks.get(cut.on().number() - 1);
        Strip strip = strips.stream()
                .min(Comparator.comparing(one -> Math.abs(one.left() - cut.held().strip().furthest().toMm())))
                .orElseThrow();
        strips.remove(strip);
        double wide = wide(cut.on().stick());
        AffineTransformation over = cut.on().turned()
                ? AffineTransformation.reflectionInstance(0, wide / 2, 1, wide / 2)
                : new AffineTransformation();
        Strip lying = strip.by(over);
        SawSetting set = cut.setting();
        Blade blade = new Blade(
                set.swing().radians() * (set.toRight() ? 1 : -1), set.tilt().radians() * (set.topToRight() ? 1 : -1));
        double measured = lying.left() + cut.measure().length().toMm();
        boolean leftFace = cut.stroke().makesLength() || cut.measure() instanceof Measure.Stop;
        double from = leftFace ? measured : measured - blade.alongFence(kerf);
        double thick = thick(cut.on().stick());
        strips.add(lying.cut(blade, from, thick, -FAR).by(over));
        strips.add(lying.cut(blade, from + blade.alongFence(kerf), thick, FAR).by(over));
        strips.removeIf(one -> !one.isThere());
    }

    /** A piece as its numbers say, on strips that may be wider than its face where its ends are square. */
    private static Strip wanted(StickLayout.Placed placed, double wide) {
        Member member = placed.piece().member();
        boolean whole = placed.piece().part().isEmpty();
        double thick = whole ? member.stock().thickness().toMm() : 0;
        double more = wide / member.left().face().toMm();
        double left = thick * member.left().through() / member.left().along();
        double right = thick * member.right().through() / member.right().along();
        return new Strip(wanted(placed.corners(), wide, more, 0, 0), wanted(placed.corners(), wide, more, left, right));
    }

    private static Geometry wanted(StickLayout.Corners corners, double wide, double more, double left, double right) {
        double from = corners.leftAtFence().toMm() + left;
        double to = corners.rightAtFence().toMm() - right;
        return polygon(from, 0, to, 0, to + more * corners.rightLean().toMm(), wide,
                from + more * corners.leftLean().toMm(), wide);
    }
}
