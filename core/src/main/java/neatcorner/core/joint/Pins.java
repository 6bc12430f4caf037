package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.words.Figure;

/**
 * Pins driven crosswise: through each outside edge of a corner, at different levels so that they pass
 * each other. A pin is shorter than the narrowest face less 1/8 in (common practice, no source), so that it
 * cannot come out at the sight edge even when the grain turns it. More than half of it lies past the
 * joint, and 1/8 in of wood stays past its point, at the rabbet, at a hollow in the back and at the profile. In flat
 * corners pins lean toward the corner, as much as it takes and no more than an edge allows.
 */
final class Pins {
    private static final Length CLEAR = Length.inches(0, 1, 8);
    /** How much of a pin at most may lie before the joint. */
    private static final double MOST_BEFORE = 0.5;
    /** How much of a pin best lies before the joint. */
    private static final double BEFORE = 0.4;
    private final Wire wire;
    private final Frame frame;
    private final Ledger ledger;
    private final List<Meeting.Way> ways;

    Pins(Wire wire, Frame frame, Ledger ledger) {
        this.wire = wire;
        this.frame = frame;
        this.ledger = ledger;
        this.ways = Meeting.of(frame).stream().flatMap(meeting -> meeting.ways().stream()).toList();
    }

    /** Where pins of one length go. */
    private record Driven(Length length, double fromTip, double lean, double[] room) {
    }

    Fitted fitted(Optional<Length> wish) {
        if (!frame.isConvex()) {
            return Fitted.not(wire.kind(), Words.of("obstacle." + wire.id() + "_inward"));
        }
        if (frame.job().outline().isCurved()) {
            return Fitted.not(wire.kind(), Words.of("obstacle." + wire.id() + "_curved"));
        }
        Length most = frame.narrowFace().minus(CLEAR);
        Optional<Driven> longest = wire.standard().stream()
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
                    "obstacle." + wire.id() + (wish.orElseThrow().isOver(limit) ? "_too_long" : "_too_short"),
                    wish.get(),
                    limit,
                    wish.get().minus(limit).abs()));
        } else if (chosen.isEmpty()) {
            return Fitted.not(
                    wire.kind(),
                    Words.of(
                            "obstacle." + wire.id() + "_no_room",
                            wire.standard().getFirst(),
                            frame.narrowFace()));
        }
        return fitted(chosen.or(() -> longest).orElseThrow(), wish, obstacles);
    }

    private Fitted fitted(Driven driven, Optional<Length> wish, List<Words> obstacles) {
        Length low = Length.mm(driven.room()[0]);
        Length high = Length.mm(driven.room()[1]).minus(low);
        boolean four = !high.isUnder(wire.forFour());
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(wire.length())
                .with("narrow_face", frame.narrowFace())
                .with("clear", CLEAR)
                .note(wire == Wire.PIN ? "pin_length" : "screw_length_cross")
                .rounded(Rounding.DOWN)
                .gives(wish.orElse(driven.length()))));
        settings.add(ledger.enter(Figure.formula(wire.fromTip()).with("fastener_long", driven.length())
                .note(wire.id() + "_from_tip").gives(Length.mm(driven.fromTip()))));
        settings.add(level(1, low, high, four ? 0.2 : 1.0 / 3));
        if (four) {
            settings.add(level(2, low, high, 0.6));
        }
        settings.add(level(3, low, high, four ? 0.4 : 2.0 / 3));
        if (four) {
            settings.add(level(4, low, high, 0.8));
        }
        return new Fitted(wire.kind(), settings, four ? 4 : 2, obstacles, Angle.degrees(driven.lean()));
    }

    /** The steepest way in which pins of this length hold at every corner. */
    private Optional<Driven> driven(Length length) {
        for (double lean : wire.leans()) {
            double beta = Math.toRadians(lean);
            double perMm = ways.stream().mapToDouble(way -> new PinPath(way, 1, beta).toJoint()).max().orElseThrow();
            double fromTip = Math.max(wire.fromCorner().toMm(), BEFORE * length.toMm() / perMm);
            if (fromTip * perMm > MOST_BEFORE * length.toMm() + 1e-9) {
                continue;
            }
            List<double[]> rooms = List.of(new double[] {-1e9, 1e9});
            for (Meeting.Way way : ways) {
                rooms = PinPath.both(rooms, new PinPath(way, fromTip, beta).heights(length.toMm(), CLEAR.toMm()));
            }
            double[] room = PinPath.tallest(rooms);
            if (room[1] - room[0] >= wire.forTwo().toMm()) {
                return Optional.of(new Driven(length, fromTip, lean, room));
            }
        }
        return Optional.empty();
    }

    private Figure<Length> level(int number, Length low, Length high, double share) {
        return ledger.enter(Figure.formula(wire.level(number)).with("pin_room", high).with("pin_room_from", low)
                .note(wire.id() + "_level").gives(low.plus(high.times(share))));
    }
}
