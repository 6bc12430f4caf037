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
 * V-shaped fasteners or staples driven from the back, dead square: one near the outside, one near the inside
 * where the back is wide enough, none at the very tip. Each stands on the back, not over a hollow or in
 * the rabbet, and ends at least 1/8 in below the front that is over it; two are stacked in tall mouldings.
 */
final class BackFasteners {
    private static final Length CLEAR = Length.inches(0, 1, 8);
    /** Shares of the mitre on the back that are best for one alone and for two. */
    private static final double ALONE = 0.5;
    private static final double OUTER = 0.3;
    private static final double INNER = 0.75;
    private static final int STEPS = 60;
    private final BackFastener what;
    private final Frame frame;
    private final Ledger ledger;

    BackFasteners(BackFastener what, Frame frame, Ledger ledger) {
        this.what = what;
        this.frame = frame;
        this.ledger = ledger;
    }

    /** Places along the mitre, in mm from the outer corner. */
    private record Places(double outer, OptionalDouble inner) {
    }

    Fitted fitted(Optional<Length> wish) {
        if (!frame.job().lean().isFlat()) {
            return Fitted.not(what.kind(), what.said("obstacle", "lean"));
        }
        Section section = frame.job().section();
        Length back = section.withFace(frame.narrowFace()).backWidth();
        if (back.isUnder(what.needs())) {
            return Fitted.not(what.kind(), what.said("obstacle", "back", back, what.needs()));
        }
        List<Meeting> meetings = Meeting.of(frame);
        double mitre = meetings.stream().mapToDouble(BackFasteners::mitreAtBack).min().orElseThrow();
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
        Optional<Length> tallest = frame.habits().drawers().longest(what.ware(), Length.mm(most));
        if (tallest.isEmpty()) {
            return Fitted.not(what.kind(), most < 0 ? what.said("obstacle", "hollow", what.needs())
                    : what.said("obstacle", "thin", Length.mm(most).plus(CLEAR), heights().getFirst(), CLEAR));
        }
        Length height = wish.orElseGet(() -> bestHeight(heights, mitre, tallest.get()));
        List<Words> obstacles = new ArrayList<>();
        if (height.toMm() > most + 1e-9) {
            obstacles.add(what.said("obstacle", "too_high", height, Length.mm(most), height.minus(Length.mm(most))));
        }
        return fitted(
                places(heights, mitre, Math.min(height.toMm(), most)).orElseThrow(),
                height,
                mitre,
                most,
                back,
                obstacles);
    }

    /** At hand, the lowest first. */
    private List<Length> heights() {
        return frame.habits().drawers().sizes(what.ware());
    }

    /** The highest at which as many stand as with the lowest: two low ones hold better than a high one alone. */
    private Length bestHeight(double[] heights, double mitre, Length tallest) {
        boolean two = places(heights, mitre, heights().getFirst().toMm()).orElseThrow().inner().isPresent();
        return heights().stream()
                .filter(h -> !h.isOver(tallest))
                .sorted(Comparator.reverseOrder())
                .filter(h -> places(heights, mitre, h.toMm())
                        .filter(p -> p.inner().isPresent() == two)
                        .isPresent())
                .findFirst()
                .orElse(heights().getFirst());
    }

    private Fitted fitted(Places places, Length height, double mitre, double most, Length back, List<Words> obstacles) {
        boolean stacked = what.isStacked() && height.times(2).toMm() <= most;
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(what.height())
                .with("wood_over_back", Length.mm(most).plus(CLEAR))
                .with("clear", CLEAR)
                .note(what.id() + (stacked ? "_stacked" : "_height"))
                .rounded(Rounding.DOWN)
                .gives(height)));
        settings.add(
                place(what.outer(), places.inner().isPresent() ? "outer" : "only", places.outer(), mitre, back));
        places.inner().ifPresent(inner -> settings.add(place(what.inner(), "inner", inner, mitre, back)));
        return new Fitted(
                what.kind(),
                settings,
                (places.inner().isPresent() ? 2 : 1) * (stacked ? 2 : 1),
                obstacles,
                Angle.RIGHT);
    }

    private Figure<Length> place(FigureKey<Length> key, String name, double at, double mitre, Length back) {
        return ledger.enter(Figure.formula(key)
                .named(what.said("figure.joint", name + (frame.job().outline().isCurved() ? "_curved" : "")))
                .with("back_width", back)
                .with("mitre_at_back", Length.mm(mitre))
                .note(what.id() + "_place")
                .gives(Length.mm(at)));
    }

    /** Two places as near to the best ones as the back allows, else one; empty when none is high enough. */
    private Optional<Places> places(double[] heights, double mitre, double height) {
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
                        .filter(at -> at - outer.getAsDouble() >= what.needs().toMm())
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
    private double height(Meeting meeting, double at) {
        return Math.min(
                height(meeting.before().joint(true), meeting.before().section(), at),
                height(meeting.after().joint(false), meeting.after().section(), at));
    }

    private double height(Mitre cut, Section section, double at) {
        double x = section.face().toMm() - at * Math.sin(cut.toEdge().radians());
        double half = what.needs().over(2).toMm();
        return x + half > section.face().toMm() + 1e-9 ? 0 : section.wood().rooms(x - half, x + half).stream()
                .filter(room -> room[0] < 0.01).mapToDouble(room -> room[1]).max().orElse(0);
    }
}
