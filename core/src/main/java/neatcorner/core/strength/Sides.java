package neatcorner.core.strength;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.measure.Share;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Side;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.shop.Habit;
import neatcorner.core.strength.Burden.Bent;
import neatcorner.core.strength.Burden.Borne;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * How the sides of a frame that hangs or stands bend, and whether they break. What is framed is taken to lie on the
 * lower sides all along, as paper, card and thin sheets do.
 */
public final class Sides {
    /** How far the middle of the side that bends the most leaves the line between its corners, after years. */
    public static final FigureKey<Length> BOW = FigureKey.length(Station.CORNERS, "strength.bow");
    /** What the side that is strained the most takes of what it may bear. */
    public static final FigureKey<Share> USE = FigureKey.share(Station.CORNERS, "strength.side_use");

    /** Wood under a load for years bends about as much again (Wood Handbook, from memory). */
    private static final double OVER_YEARS = 2;
    /** A longer bow than this share of a side is seen. Common practice, no source. */
    private static final double SEEN = 300;

    /** By more of its span a side does not bend as a beam is reckoned to; it breaks. */
    private static final double BENDS = 0.1;

    /** A shorter bow is nothing that a tape shows. */
    private static final Length TOLD = Length.mm(0.5);
    /** A tenth more or less is no difference in an estimate. */
    private static final double CLEARLY = 1.1;

    private final Frame frame;
    private final Burden burden;
    private final Ledger ledger;

    private Sides(Frame frame, Burden burden, Ledger ledger) {
        this.frame = frame;
        this.burden = burden;
        this.ledger = ledger;
    }

    static void check(Frame frame, Burden burden, Ledger ledger) {
        new Sides(frame, burden, ledger).check();
    }

    /** A side in one way the frame is borne. */
    private record Found(Side side, Bearing bearing, Bent bent) {
        double use(double breaking) {
            return bent.stress() * bearing.reserve() / breaking;
        }

        Length bow() {
            return Length.mm(Math.abs(bent.bow())).times(OVER_YEARS);
        }

        /** The lesser of what is seen and, inwards, of what is free beside the glass. */
        Length most(Optional<Length> play) {
            Length seen = Length.mm(bent.span() / SEEN);
            return bent.bow() > 0 ? play.map(seen::min).orElse(seen) : seen;
        }
    }

    private Stream<Found> found(Borne borne) {
        return IntStream.range(0, borne.sides().size())
                .mapToObj(i -> new Found(
                        frame.members().get(i).side(),
                        borne.bearing(),
                        borne.sides().get(i)));
    }

    private void check() {
        double breaking = burden.strength().orElseThrow().bending();
        Optional<Length> play = frame.has(Line.GLASS)
                ? Optional.of(frame.habits().get(Habit.PLAY).over(2)).filter(Length::isPositive)
                : Optional.empty();
        List<Found> lasting = burden.cases().stream()
                .filter(borne -> borne.bearing().isLasting())
                .flatMap(this::found)
                .toList();
        if (lasting.isEmpty()) {
            return;
        }
        Found strained = lasting.stream()
                .max(Comparator.comparingDouble(found -> found.use(breaking)))
                .orElseThrow();
        Found bent = lasting.stream().max(Comparator.comparing(Found::bow)).orElseThrow();
        ledger.enter(Figure.formula(USE)
                .note("side_use", strained.side().words(), strained.bearing(), (int) strained.bearing().reserve())
                .gives(share(strained.use(breaking))));
        if (bent.bow().isOver(TOLD) && bent.bow().isUnder(Length.mm(bent.bent().span() * BENDS))) {
            ledger.enter(Figure.formula(BOW)
                    .with("bow_at_once", Length.mm(Math.abs(bent.bent().bow())))
                    .with("bow_span", Length.mm(bent.bent().span()))
                    .note(bent.bent().bow() > 0 ? "bow_in" : "bow_out", bent.side().words(), bent.bearing())
                    .rounded(Rounding.UP)
                    .gives(bent.bow()));
        }
        Found past = lasting.stream()
                .max(Comparator.comparingDouble(found -> found.bow().ratio(found.most(play))))
                .orElseThrow();
        find(strained, past, breaking, play);
    }

    private void find(Found strained, Found bent, double breaking, Optional<Length> play) {
        if (strained.use(breaking) > 1) {
            ledger.find(Finding.of(
                            Severity.STOP,
                            Station.CORNERS,
                            "side_breaks",
                            strained.side().words(),
                            strained.bearing(),
                            share(strained.use(breaking)),
                            burden.mass())
                    .by(share(strained.use(breaking)))
                    .remedy(new Remedy.Visit(Station.SECTION)));
        } else if (bent.bow().isOver(bent.most(play).times(CLEARLY))) {
            double times = bent.bow().ratio(bent.most(play));
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.CORNERS,
                            bent.bent().bow() > 0 ? "side_bows_in" : "side_sags",
                            bent.side().words(),
                            Length.mm(bent.bent().span()),
                            bent.bow(),
                            bent.most(play),
                            bent.bearing(),
                            wider(times))
                    .by(bent.bow().minus(bent.most(play)))
                    .remedy(new Remedy.Visit(Station.SECTION)));
        }
    }

    /** In whole per cent: it is an estimate. */
    private static Share share(double use) {
        return Share.whole(use);
    }

    /** The face of a section that bends so many times less: a rectangle's goes by its third root. */
    private Length wider(double times) {
        return frame.narrowFace().times(Math.cbrt(times));
    }
}
