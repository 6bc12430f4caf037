package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Pins driven crosswise: through each outside edge of a corner, at different levels so that they pass
 * each other. A pin is shorter than the narrowest face less 1/8 in (common practice, no source), so that it
 * cannot come out at the sight edge even when the grain turns it. More than half of it lies past the
 * joint, and 1/8 in of wood stays past its point, at the rabbet, at a hollow in the back and at the profile. In flat
 * corners pins lean toward the corner, as much as it takes and no more than an edge allows.
 */
public final class Pins {
    /** How long the pins are. */
    public static final FigureKey<Length> LENGTH = new FastenerKey("joint.pin_length");
    /** How far in from the corner they go in. */
    public static final FigureKey<Length> FROM_TIP = FigureKey.length(Station.CORNERS, "joint.pin_from_tip");

    /** Between pin and edge, the steeper the better; flatter ones skate off. Common practice, no source. */
    private static final double[] LEANS = {90, 75, 60, 45};
    private static final Length CLEAR = Length.inches(0, 1, 8);
    /** Nearer to the corner a pin splits it. Common practice, no source. */
    private static final Length FROM_CORNER = Length.inches(0, 3, 16);
    /** Pins need so much height: two from each side, or one. */
    private static final Length FOR_FOUR = Length.inches(0, 3, 8);
    private static final Length FOR_TWO = Length.inches(0, 1, 4);
    /** How much of a pin at most may lie before the joint. */
    private static final double MOST_BEFORE = 0.5;
    /** How much of a pin best lies before the joint. */
    private static final double BEFORE = 0.4;
    private static final Length[] STANDARD = {Length.inches(0, 1, 2), Length.inches(0, 5, 8), Length.inches(0, 3, 4),
        Length.inches(1), Length.inches(1, 1, 4), Length.inches(1, 1, 2), Length.inches(2)};
    private final Frame frame;
    private final Ledger ledger;
    private final List<Meeting.Way> ways;

    Pins(Frame frame, Ledger ledger) {
        this.frame = frame;
        this.ledger = ledger;
        this.ways = Meeting.of(frame).stream().flatMap(meeting -> meeting.ways().stream()).toList();
    }

    /** Where pins of one length go. */
    private record Driven(Length length, double fromTip, double lean, double[] room) {
    }

    Fitted fitted(Optional<Length> wish) {
        if (!frame.isConvex()) {
            return Fitted.not(JointKind.PINNED, Words.of("obstacle.pin_inward"));
        }
        if (frame.job().outline().isCurved()) {
            return Fitted.not(JointKind.PINNED, Words.of("obstacle.pin_curved"));
        }
        Length most = frame.narrowFace().minus(CLEAR);
        Optional<Driven> longest = Arrays.stream(STANDARD)
                .filter(length -> !length.isOver(most))
                .sorted(Comparator.reverseOrder())
                .map(this::driven)
                .flatMap(Optional::stream)
                .findFirst();
        Optional<Driven> chosen = wish.map(length -> length.isOver(most) ? Optional.<Driven>empty() : driven(length))
                .orElse(longest);
        List<Words> obstacles = new ArrayList<>();
        if (chosen.isEmpty() && longest.isPresent()) {
            Length limit = longest.get().length();
            obstacles.add(Words.of(
                    wish.orElseThrow().isOver(limit) ? "obstacle.pin_too_long" : "obstacle.pin_too_short",
                    wish.get(),
                    limit,
                    wish.get().minus(limit).abs()));
        } else if (chosen.isEmpty()) {
            return Fitted.not(JointKind.PINNED, Words.of("obstacle.pin_no_room", STANDARD[0], frame.narrowFace()));
        }
        return fitted(chosen.or(() -> longest).orElseThrow(), wish, obstacles);
    }

    private Fitted fitted(Driven driven, Optional<Length> wish, List<Words> obstacles) {
        Length low = Length.mm(driven.room()[0]);
        Length high = Length.mm(driven.room()[1]).minus(low);
        boolean four = !high.isUnder(FOR_FOUR);
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(LENGTH).with("narrow_face", frame.narrowFace())
                .with("clear", CLEAR).note("pin_length").rounded(Rounding.DOWN).gives(wish.orElse(driven.length()))));
        settings.add(ledger.enter(Figure.formula(FROM_TIP).with("pin_length", driven.length())
                .note("pin_from_tip").gives(Length.mm(driven.fromTip()))));
        settings.add(level(1, low, high, four ? 0.2 : 1.0 / 3));
        if (four) {
            settings.add(level(2, low, high, 0.6));
        }
        settings.add(level(3, low, high, four ? 0.4 : 2.0 / 3));
        if (four) {
            settings.add(level(4, low, high, 0.8));
        }
        return new Fitted(JointKind.PINNED, settings, four ? 4 : 2, obstacles, Angle.degrees(driven.lean()));
    }

    /** The steepest way in which pins of this length hold at every corner. */
    private Optional<Driven> driven(Length length) {
        for (double lean : LEANS) {
            double beta = Math.toRadians(lean);
            double perMm = ways.stream().mapToDouble(way -> new PinPath(way, 1, beta).toJoint()).max().orElseThrow();
            double fromTip = Math.max(FROM_CORNER.toMm(), BEFORE * length.toMm() / perMm);
            if (fromTip * perMm > MOST_BEFORE * length.toMm() + 1e-9) {
                continue;
            }
            List<double[]> rooms = List.of(new double[] {-1e9, 1e9});
            for (Meeting.Way way : ways) {
                rooms = PinPath.both(rooms, new PinPath(way, fromTip, beta).heights(length.toMm(), CLEAR.toMm()));
            }
            double[] room = PinPath.tallest(rooms);
            if (room[1] - room[0] >= FOR_TWO.toMm()) {
                return Optional.of(new Driven(length, fromTip, lean, room));
            }
        }
        return Optional.empty();
    }

    /** How far up from the back a pin goes in: 1 and 2 on the first side, 3 and 4 on the other. */
    public static FigureKey<Length> level(int number) {
        return FigureKey.length(Station.CORNERS, "joint.pin_level_" + number);
    }

    private Figure<Length> level(int number, Length low, Length high, double share) {
        return ledger.enter(Figure.formula(level(number)).with("pin_room", high).with("pin_room_from", low)
                .note("pin_level").gives(low.plus(high.times(share))));
    }
}
