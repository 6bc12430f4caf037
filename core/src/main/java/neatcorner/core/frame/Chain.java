package neatcorner.core.frame;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.job.BorderKey;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.FaceKey;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Recess;
import neatcorner.core.section.SectionKey;
import neatcorner.core.shop.Habit;
import neatcorner.core.shop.Habits;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/**
 * The chain of sums across a frame on one axis. Between neighbouring lines lie terms; from the line
 * at which a size is given, the chain walks outwards adding them or inwards taking them off:
 *
 * <p>art + borders − two overlaps = mat = glass; + play = rabbet; − two lips = sight; + two faces =
 * outside. In a floater, art + two gaps = inside of the walls = sight.
 */
final class Chain {
    private final Axis axis;
    private final Size given;
    /** Whether the given size follows from another part. */
    private final boolean isPlaced;
    /** The terms that lead to a line from the one before it; lines this frame does not have are missing. */
    private final Map<Line, List<Term>> steps = new EnumMap<>(Line.class);

    /**
     * What lies between two lines.
     *
     * @param words  key of its words
     * @param each   what one of them measures
     * @param times  how often it counts, negative when it is taken off going outwards
     * @param source the entry that gives it; empty where none gives it as it is
     */
    record Term(String words, Length each, int times, Optional<FigureKey<Length>> source) {
        Term(String words, Length each, int times, FigureKey<Length> source) {
            this(words, each, times, Optional.of(source));
        }

        Term(String words, Length each, int times) {
            this(words, each, times, Optional.empty());
        }

        Length total() {
            return each.times(times);
        }
    }

    private Chain(Axis axis, Size given, boolean isPlaced) {
        this.axis = axis;
        this.given = given;
        this.isPlaced = isPlaced;
    }

    static Chain of(Job job, Boxed outline, Habits habits, Offsets offsets, Axis axis) {
        Chain chain = new Chain(axis, outline.given(axis), job.placement().isPresent());
        List<Term> faces = faces(job, offsets, axis);
        Recess recess = job.section().recess();
        if (recess instanceof Recess.Covering) {
            chain.steps.put(Line.ART, List.of());
            job.contents().borders().ifPresent(borders -> chain.steps.put(Line.MAT, chain.mat(borders, habits)));
            chain.steps.put(Line.GLASS, List.of());
            chain.steps.put(Line.RABBET, List.of(new Term("play", habits.get(Habit.PLAY), 1, Habit.PLAY)));
            chain.steps.put(
                    Line.SIGHT,
                    List.of(
                            job.lean().isFlat()
                                    ? new Term("lips", recess.lip(), -2, SectionKey.LIP)
                                    : new Term("lip_runs", runs(job, offsets, axis, Line.SIGHT, Line.RABBET), -1)));
        } else {
            if (recess instanceof Recess.Floater) {
                chain.steps.put(Line.ART, List.of());
                chain.steps.put(
                        Line.RABBET, List.of(new Term("gaps", habits.get(Habit.FLOAT_GAP), 2, Habit.FLOAT_GAP)));
            }
            if (recess instanceof Recess.Over over) {
                chain.steps.put(Line.GLASS, List.of());
                chain.steps.put(
                        Line.SIGHT, List.of(new Term("mirror_overlaps", over.overlap(), -2, SectionKey.OVERLAP)));
            } else {
                chain.steps.put(Line.SIGHT, List.of());
            }
        }
        chain.steps.put(Line.OUTSIDE, faces);
        if (!chain.has(chain.given.line())) {
            throw new Refusal(Words.of("impossible.line", axis, chain.given.line()));
        }
        return chain;
    }

    /** Left and right, or top and bottom; a number that a lean has shortened cannot give way. */
    private static List<Term> faces(Job job, Offsets offsets, Axis axis) {
        Side one = across(job, axis).getFirst();
        Side other = across(job, axis).getLast();
        if (job.faceOf(one).equals(job.faceOf(other))) {
            return List.of(job.lean().isFlat() ? new Term("faces", job.faceOf(one), 2, source(job, one))
                    : new Term("face_runs", offsets.between(one, Line.SIGHT, Line.OUTSIDE), 2));
        }
        return Stream.of(one, other)
                .map(side -> new Term(
                        (side.isCurved() ? "top" : side.id()) + "_face",
                        job.lean().isFlat() ? job.faceOf(side) : offsets.between(side, Line.SIGHT, Line.OUTSIDE),
                        1,
                        job.lean().isFlat() ? Optional.of(source(job, side)) : Optional.empty()))
                .toList();
    }

    /** The two sides a size on this axis passes through. */
    private static List<Side> across(Job job, Axis axis) {
        List<Side> sides = job.outline().round();
        return axis == Axis.WIDTH ? List.of(named(sides, Side.Name.LEFT), named(sides, Side.Name.RIGHT))
                : List.of(sides.getFirst(), named(sides, Side.Name.BOTTOM));
    }

    /** The side of this name; in a ring all sides are alike. */
    private static Side named(List<Side> sides, Side.Name name) {
        return sides.stream().filter(side -> side.name() == name).findFirst().orElse(sides.getFirst());
    }

    private static FigureKey<Length> source(Job job, Side side) {
        return job.faces().containsKey(side.faceId()) ? FaceKey.of(side) : SectionKey.FACE;
    }

    private static Length runs(Job job, Offsets offsets, Axis axis, Line inner, Line outer) {
        return Length.sum(across(job, axis).stream().map(side -> offsets.between(side, inner, outer)).toList());
    }

    private List<Term> mat(Borders borders, Habits habits) {
        Term overlap = new Term("overlaps", habits.get(Habit.MAT_OVERLAP), -2, Habit.MAT_OVERLAP);
        return axis == Axis.WIDTH
                ? List.of(overlap, new Term("side_borders", borders.sides(), 2, BorderKey.SIDES))
                : List.of(overlap, new Term("top_border", borders.top(), 1, BorderKey.TOP),
                        new Term("bottom_border", borders.bottom(), 1, BorderKey.BOTTOM));
    }

    boolean has(Line line) {
        return steps.containsKey(line);
    }

    /** The terms passed on the way from the given line to {@code line}, signed for that way. */
    List<Term> way(Line line) {
        boolean outwards = line.compareTo(given.line()) > 0;
        List<Term> passed = steps.entrySet().stream()
                .filter(step -> outwards
                        ? step.getKey().compareTo(given.line()) > 0 && step.getKey().compareTo(line) <= 0
                        : step.getKey().compareTo(line) > 0 && step.getKey().compareTo(given.line()) <= 0)
                .flatMap(step -> step.getValue().stream()).toList();
        return outwards ? passed
                : passed.reversed().stream().map(t -> new Term(t.words(), t.each(), -t.times(), t.source())).toList();
    }

    /** The size at a line further in, from what a tape read at another, under this key. */
    Figure.Sum from(Line read, Length value, FigureKey<Length> key, Line line) {
        Figure.Sum sum = Figure.sum(key).start("read." + read.size(axis).id(), value);
        steps.entrySet().stream()
                .filter(step -> step.getKey().compareTo(line) > 0 && step.getKey().compareTo(read) <= 0)
                .flatMap(step -> step.getValue().stream())
                .forEach(term -> sum.minus(said(term), term.total(), term.each()));
        return sum;
    }

    private static String said(Term term) {
        return term.words() + (term.words().endsWith("s") ? ".each" : "");
    }

    /** The size at a line, with its sum, under this key. */
    Figure.Sum walk(FigureKey<Length> key, Line line) {
        Figure.Sum sum = Figure.sum(key)
                .start((isPlaced ? "follows." : "given.") + given.line().size(axis).id(), given.length());
        for (Term term : way(line)) {
            String words = said(term);
            if (term.times() > 0) {
                sum.plus(words, term.total(), term.each());
            } else {
                sum.minus(words, term.total().negated(), term.each());
            }
        }
        return sum;
    }
}
