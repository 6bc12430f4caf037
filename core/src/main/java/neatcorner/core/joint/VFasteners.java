package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.DoubleStream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Mitre;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * V-shaped fasteners driven from the back, dead square: one near the outside, one near the inside
 * where the back is wide enough, none at the very tip. Each stands on the back, not over a hollow or in
 * the rabbet, and ends at least 1/8 in below the front that is over it; two are stacked in tall mouldings.
 * Sizes are those commonly sold, from memory.
 */
public final class VFasteners {
    /** How high the fasteners are. */
    public static final FigureKey<Length> HEIGHT = new FastenerKey("joint.v_height");
    /** Where the outer one is, along the mitre. */
    public static final FigureKey<Length> OUTER_PLACE = FigureKey.length(Station.CORNERS, "joint.v_outer");
    /** Where the inner one is, along the mitre. */
    public static final FigureKey<Length> INNER_PLACE = FigureKey.length(Station.CORNERS, "joint.v_inner");

    private static final Length CLEAR = Length.inches(0, 1, 8);
    /** What a fastener takes of the back, square to the edge. */
    private static final Length NEEDS = Length.mm(9);
    /** Shares of the mitre on the back that are best for one alone and for two. */
    private static final double ALONE = 0.5;
    private static final double OUTER = 0.3;
    private static final double INNER = 0.75;
    private static final int STEPS = 60;
    private static final Length[] STANDARD = {Length.mm(5), Length.mm(7), Length.mm(10), Length.mm(12), Length.mm(15)};
    private final Frame frame;
    private final Ledger ledger;

    VFasteners(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
    }

    /** Places along the mitre, in mm from the outer corner. */
    private record Places(double outer, OptionalDouble inner) {
    }

    Fitted fitted(Optional<Length> wish) {
        if (!frame.job().lean().isFlat()) {
            return Fitted.not(JointKind.V_FASTENED, Words.of("obstacle.v_lean"));
        }
        Section section = frame.job().section();
        Length back = section.withFace(frame.narrowFace()).backWidth();
        if (back.isUnder(NEEDS)) {
            return Fitted.not(JointKind.V_FASTENED, Words.of("obstacle.v_back", back, NEEDS));
        }
        List<Meeting> meetings = Meeting.of(frame);
        double mitre = meetings.stream().mapToDouble(VFasteners::mitreAtBack).min().orElseThrow();
        double[] heights = new double[STEPS + 1];
        for (int i = 0; i <= STEPS; i++) {
            double at = mitre * i / STEPS;
            heights[i] = meetings.stream()
                            .mapToDouble(meeting -> height(meeting, at))
                            .min()
                            .orElseThrow()
                    - CLEAR.toMm();
        }
        double most = Arrays.stream(heights).max().orElseThrow();
        Optional<Length> tallest = JointPlanner.longest(Length.mm(most), STANDARD);
        if (tallest.isEmpty()) {
            return Fitted.not(JointKind.V_FASTENED, most < 0 ? Words.of("obstacle.v_hollow", NEEDS)
                    : Words.of("obstacle.v_thin", Length.mm(most).plus(CLEAR), STANDARD[0], CLEAR));
        }
        Length height = wish.orElseGet(() -> bestHeight(heights, mitre, tallest.get()));
        List<Words> obstacles = new ArrayList<>();
        if (height.toMm() > most + 1e-9) {
            obstacles.add(Words.of("obstacle.v_too_high", height, Length.mm(most), height.minus(Length.mm(most))));
        }
        return fitted(
                places(heights, mitre, Math.min(height.toMm(), most)).orElseThrow(),
                height,
                mitre,
                most,
                back,
                obstacles);
    }

    /** The highest at which as many stand as with the lowest: two low ones hold better than a high one alone. */
    private static Length bestHeight(double[] heights, double mitre, Length tallest) {
        boolean two = places(heights, mitre, STANDARD[0].toMm()).orElseThrow().inner().isPresent();
        return Arrays.stream(STANDARD)
                .filter(h -> !h.isOver(tallest))
                .sorted(Comparator.reverseOrder())
                .filter(h -> places(heights, mitre, h.toMm())
                        .filter(p -> p.inner().isPresent() == two)
                        .isPresent())
                .findFirst()
                .orElse(STANDARD[0]);
    }

    private Fitted fitted(Places places, Length height, double mitre, double most, Length back, List<Words> obstacles) {
        boolean stacked = height.times(2).toMm() <= most;
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(HEIGHT)
                .with("wood_over_back", Length.mm(most).plus(CLEAR))
                .with("clear", CLEAR)
                .note(stacked ? "v_stacked" : "v_height")
                .rounded(Rounding.DOWN)
                .gives(height)));
        settings.add(
                place(OUTER_PLACE, places.inner().isPresent() ? "v_outer" : "v_only", places.outer(), mitre, back));
        places.inner().ifPresent(inner -> settings.add(place(INNER_PLACE, "v_inner", inner, mitre, back)));
        return new Fitted(
                JointKind.V_FASTENED,
                settings,
                (places.inner().isPresent() ? 2 : 1) * (stacked ? 2 : 1),
                obstacles,
                Angle.RIGHT);
    }

    private Figure<Length> place(FigureKey<Length> key, String name, double at, double mitre, Length back) {
        return ledger.enter(Figure.formula(key)
                .named(Words.of("figure.joint." + name + (frame.job().outline().isCurved() ? "_curved" : "")))
                .with("back_width", back)
                .with("mitre_at_back", Length.mm(mitre))
                .note("v_place")
                .gives(Length.mm(at)));
    }

    /** Two places as near to the best ones as the back allows, else one; empty when none is high enough. */
    private static Optional<Places> places(double[] heights, double mitre, double height) {
        double[] good = DoubleStream.iterate(0, i -> i <= STEPS, i -> i + 1)
                .filter(i -> heights[(int) i] >= height - 1e-9)
                .map(i -> mitre * i / STEPS)
                .toArray();
        OptionalDouble outer = nearest(good, mitre * OUTER);
        if (outer.isEmpty()) {
            return Optional.empty();
        }
        OptionalDouble inner = nearest(
                Arrays.stream(good)
                        .filter(at -> at - outer.getAsDouble() >= NEEDS.toMm())
                        .toArray(),
                mitre * INNER);
        return Optional.of(
                inner.isPresent()
                        ? new Places(outer.getAsDouble(), inner)
                        : new Places(nearest(good, mitre * ALONE).getAsDouble(), inner));
    }

    private static OptionalDouble nearest(double[] good, double wanted) {
        return Arrays.stream(good)
                .boxed()
                .min(Comparator.comparingDouble(at -> Math.abs(at - wanted)))
                .map(OptionalDouble::of)
                .orElse(OptionalDouble.empty());
    }

    /** From the outer corner to the corner of the rabbet, along the joint. */
    private static double mitreAtBack(Meeting meeting) {
        return Math.min(
                along(meeting.before().joint(true), meeting.before().section()),
                along(meeting.after().joint(false), meeting.after().section()));
    }

    private static double along(Mitre cut, Section section) {
        return section.backWidth().toMm() / Math.sin(cut.toEdge().radians());
    }

    /** How much wood stands over the back on both sides of the joint here; none over a hollow or a rabbet. */
    private static double height(Meeting meeting, double at) {
        return Math.min(
                height(meeting.before().joint(true), meeting.before().section(), at),
                height(meeting.after().joint(false), meeting.after().section(), at));
    }

    private static double height(Mitre cut, Section section, double at) {
        double x = section.face().toMm() - at * Math.sin(cut.toEdge().radians());
        double half = NEEDS.over(2).toMm();
        return x + half > section.face().toMm() + 1e-9 ? 0 : section.wood().rooms(x - half, x + half).stream()
                .filter(room -> room[0] < 0.01).mapToDouble(room -> room[1]).max().orElse(0);
    }
}
