package neatcorner.core.frame;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.recall.Known;
import neatcorner.core.section.Recess;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;

/**
 * How far outwards of the back sight corner each line of a frame runs at each side, as it is seen from the
 * front. Where a side leans, its face is seen shorter by the cosine of its lean, and the lines of package
 * and opening lie where the package comes to rest ({@link Seat}), not at the back of the stick.
 */
final class Offsets {
    private final Job job;
    private final Habits habits;
    private final Map<Side, Angle> leans = new LinkedHashMap<>();
    private final Map<Side, Seat> seats = new LinkedHashMap<>();

    /**
     * The offsets of a job.
     *
     * @throws Refusal when a face is too narrow to rise as high as the others
     */
    Offsets(Job job, Habits habits) {
        this.job = job;
        this.habits = habits;
        Map<Length, Seat> byFace = new HashMap<>();
        for (Side side : job.outline().round()) {
            Angle lean = leanOf(side);
            leans.put(side, lean);
            seats.put(side, byFace.computeIfAbsent(job.faceOf(side), face ->
                    Seat.of(job.section().withFace(face), Seat.signed(job.lean(), lean.radians()))));
        }
    }

    /**
     * A side's own lean. Faces that differ must rise alike for their rims to meet: f·sin s is the same for
     * all.
     */
    private Angle leanOf(Side side) {
        Angle lean = job.lean().angle();
        Length face = job.faceOf(side);
        if (lean.radians() == 0 || face.equals(job.section().face())) {
            return lean;
        }
        double sine = lean.sin() * job.section().face().ratio(face);
        if (sine >= Math.sin(Math.toRadians(80))) {
            Length least = job.section().face().times(lean.sin() / Math.sin(Math.toRadians(79)));
            throw new Refusal(Words.of("impossible.lean_face", side.words(), face, least));
        }
        return new Angle(Math.asin(sine));
    }

    Angle lean(Side side) {
        return Known.in(leans, side);
    }

    /** A width across the piece, as it is seen from the front. */
    Length run(Side side, Length across) {
        return across.times(Known.in(leans, side).cos());
    }

    /** How far forward of the sight line's back the outside edge's back stands; negative when it lies behind. */
    double rise(Side side, Length across) {
        return across.toMm() * Known.in(leans, side).sin() * job.lean().forward();
    }

    /** From one line outwards to the next, as it is seen from the front. */
    Length between(Side side, Line inner, Line outer) {
        return Length.mm(of(outer, side)).minus(Length.mm(of(inner, side)));
    }

    /** How far a line runs outwards of the back sight corner at a side, in mm. */
    double of(Line line, Side side) {
        Seat seat = Known.in(seats, side);
        return switch (line) {
            case SIGHT -> seat.sight();
            case OUTSIDE -> run(side, job.faceOf(side)).toMm();
            case RABBET -> seat.wall();
            case GLASS, MAT ->
                job.section().recess() instanceof Recess.Over over
                        ? run(side, over.overlap()).toMm()
                        : seat.wall() - habits.get(Habit.PLAY).toMm() / 2;
            case ART ->
                job.section().recess() instanceof Recess.Floater
                        ? -habits.get(Habit.FLOAT_GAP).toMm()
                        : seat.wall()
                                - habits.get(Habit.PLAY).toMm() / 2
                                - job.contents()
                                        .borders()
                                        .map(b -> border(b, side)
                                                - habits.get(Habit.MAT_OVERLAP).toMm())
                                        .orElse(0.0);
        };
    }

    private double border(Borders borders, Side side) {
        boolean even = borders.top().equals(borders.sides()) && borders.bottom().equals(borders.sides());
        if (!(job.outline() instanceof Boxed.Rectangle || even)) {
            throw new Refusal(Words.of("impossible.uneven_borders"));
        }
        return switch (side.name()) {
            case TOP -> borders.top().toMm();
            case BOTTOM -> borders.bottom().toMm();
            default -> borders.sides().toMm();
        };
    }

    /** The inner edge of the wood: the sight line, or the edge of a floater's ledge. */
    double inner(Side side) {
        return -run(side, job.section().recess().ledge()).toMm();
    }

    /** The lines this frame has; of one that lies by another and holds no package, none of the package's. */
    List<Line> lines() {
        List<Line> lines = job.section().recess().lines(job.contents().hasMat());
        return job.placement().isEmpty() || job.seen() == job.holder()
                ? lines
                : lines.stream().filter(line -> line.compareTo(Line.RABBET) >= 0).toList();
    }
}
