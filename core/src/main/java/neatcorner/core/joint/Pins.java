package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
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
    /** How much of a pin lies before the joint, the best first; in a sharp corner more, or its point comes out. */
    private static final List<Double> BEFORE = List.of(0.4, 0.45, MOST_BEFORE);
    /** Wood that stays beside what else lies there, so that no saw meets them. Common practice, no source. */
    static final Length BESIDE = Length.inches(0, 1, 16);
    private static final int STEPS = 48;
    private final Wire wire;
    private final Frame frame;
    private final Ledger ledger;
    private final List<Meeting.Way> ways;
    private final List<double[]> taken;

    /**
     * Pins for a frame.
     *
     * @param taken heights over the back that other things of the corner take, from low to high, in mm; may be empty
     */
    Pins(Wire wire, Frame frame, List<double[]> taken, Ledger ledger) {
        this.wire = wire;
        this.frame = frame;
        this.taken = taken;
        this.ledger = ledger;
        this.ways = Meeting.of(frame).stream().flatMap(meeting -> meeting.ways().stream()).toList();
    }

    /** Where pins of one length go. */
    private record Driven(Length length, double fromTip, double lean, double[] room, List<Level> levels) {
    }

    /** How far over the back one goes in, in mm, and which it is: 1 and 2 on the first side, 3 and 4 on the other. */
    private record Level(int number, double at) {
    }

    Fitted fitted(Optional<Length> wish) {
        if (!frame.isConvex()) {
            return Fitted.not(wire.kind(), Words.of("obstacle." + wire.sort().id() + "_inward"));
        }
        if (frame.job().outline().isCurved()) {
            return Fitted.not(wire.kind(), Words.of("obstacle." + wire.sort().id() + "_curved"));
        }
        List<Length> lengths = wire.lengths(frame.habits().drawers());
        Length most = frame.narrowFace().minus(CLEAR);
        Optional<Driven> longest = lengths.stream()
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
                    "obstacle." + wire.sort().id() + (wish.orElseThrow().isOver(limit) ? "_too_long" : "_too_short"),
                    wish.get(),
                    limit,
                    wish.get().minus(limit).abs()));
        } else if (chosen.isEmpty()) {
            return Fitted.not(
                    wire.kind(),
                    Words.of(
                            "obstacle." + wire.sort().id() + "_no_room",
                            lengths.stream().findFirst().orElse(wire.ware().sizes().getLast()),
                            frame.narrowFace()));
        }
        return fitted(chosen.or(() -> longest).orElseThrow(), wish, obstacles);
    }

    private Fitted fitted(Driven driven, Optional<Length> wish, List<Words> obstacles) {
        List<Figure<Length>> settings = new ArrayList<>();
        settings.add(ledger.enter(Figure.formula(wire.length())
                .with("narrow_face", frame.narrowFace())
                .with("clear", CLEAR)
                .note(wire.sort().id() + "_length_cross")
                .rounded(Rounding.DOWN)
                .gives(wish.orElse(driven.length()))));
        settings.add(ledger.enter(Figure.formula(wire.fromTip())
                .named(wire.words("from_tip"))
                .with("fastener_long", driven.length())
                .note(wire.sort().id() + "_from_tip")
                .gives(Length.mm(driven.fromTip()))));
        driven.levels().forEach(level -> settings.add(level(level, driven)));
        return new Fitted(
                wire.kind(), settings, driven.levels().size(), obstacles, Angle.degrees(driven.lean()));
    }

    /** The steepest way in which pins of this length hold at every corner. */
    private Optional<Driven> driven(Length length) {
        return wire.leans().stream()
                .flatMap(lean -> BEFORE.stream().map(before -> driven(length, lean, before)))
                .flatMap(Optional::stream)
                .findFirst();
    }

    /** With so much of them before the joint of the corner where most is. */
    private Optional<Driven> driven(Length length, double lean, double before) {
        double beta = Math.toRadians(lean);
        double perMm = ways.stream()
                .mapToDouble(way -> new PinPath(way, 1, beta).toJoint())
                .max()
                .orElseThrow();
        double fromTip = Math.max(wire.fromCorner().toMm(), before * length.toMm() / perMm);
        if (fromTip * perMm > MOST_BEFORE * length.toMm() + 1e-9) {
            return Optional.empty();
        }
        List<double[]> rooms = List.of(new double[] {-1e9, 1e9});
        for (Meeting.Way way : ways) {
            rooms = PinPath.both(rooms, new PinPath(way, fromTip, beta).heights(length.toMm(), CLEAR.toMm()));
        }
        double[] room = PinPath.tallest(rooms);
        List<Level> levels = levels(room);
        return levels.isEmpty() ? Optional.empty() : Optional.of(new Driven(length, fromTip, lean, room, levels));
    }

    /** Where they go in, up the room there is: those of one side between those of the other; empty without room. */
    private List<Level> levels(double[] room) {
        double high = room[1] - room[0];
        if (high < wire.forTwo().toMm()) {
            return List.of();
        }
        if (!taken.isEmpty()) {
            return beside(room);
        }
        DoubleFunction<Double> up = share -> room[0] + share * high;
        if (wire == Wire.SIDE_PIN) {
            return List.of(new Level(1, up.apply(1.0 / 3)), new Level(2, up.apply(2.0 / 3)));
        }
        boolean all = wire.most() > 2 && high >= wire.forAll().toMm();
        return all
                ? List.of(
                        new Level(1, up.apply(0.2)),
                        new Level(2, up.apply(0.6)),
                        new Level(3, up.apply(0.4)),
                        new Level(4, up.apply(0.8)))
                : List.of(new Level(1, up.apply(1.0 / 3)), new Level(3, up.apply(2.0 / 3)));
    }

    /**
     * One a side, as far from what is taken, the ends of the room and one another as may be; empty where that is not
     * far enough.
     */
    private List<Level> beside(double[] room) {
        double most = 0;
        List<Level> best = List.of();
        for (int i = 0; i <= STEPS; i++) {
            for (int j = i + 1; j <= STEPS; j++) {
                double low = room[0] + (room[1] - room[0]) * i / STEPS;
                double high = room[0] + (room[1] - room[0]) * j / STEPS;
                double free = Math.min(
                        Math.min(low - room[0], room[1] - high),
                        Math.min(Math.min(besideTaken(low), besideTaken(high)), high - low - wire.thick()));
                if (free >= BESIDE.toMm() && free > most + 1e-9) {
                    most = free;
                    best = List.of(new Level(1, low), new Level(3, high));
                }
            }
        }
        return best;
    }

    private double besideTaken(double at) {
        return taken.stream()
                        .mapToDouble(band -> Math.max(band[0] - at, at - band[1]))
                        .min()
                        .orElse(Double.POSITIVE_INFINITY)
                - wire.thick() / 2;
    }

    private Figure<Length> level(Level level, Driven driven) {
        Length low = Length.mm(driven.room()[0]);
        return ledger.enter(Figure.formula(wire.level(level.number()))
                .named(wire.words("level_" + level.number()))
                .with("pin_room", Length.mm(driven.room()[1]).minus(low))
                .with("pin_room_from", low)
                .note(taken.isEmpty() ? wire.sort().id() + "_level" : "key_pin_level")
                .gives(Length.mm(level.at())));
    }
}
