package neatcorner.core.frame;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import neatcorner.core.job.Axis;
import neatcorner.core.job.Borders;
import neatcorner.core.job.Habit;
import neatcorner.core.job.Habits;
import neatcorner.core.job.Job;
import neatcorner.core.job.Line;
import neatcorner.core.job.Size;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Recess;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Words;

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
    /** The terms that lead to a line from the one before it; lines this frame does not have are missing. */
    private final Map<Line, List<Term>> steps = new EnumMap<>(Line.class);

    /**
     * What lies between two lines.
     *
     * @param words  key of its words
     * @param each   what one of them measures
     * @param times  how often it counts, negative when it is taken off going outwards
     * @param source the entry that gives it
     */
    record Term(String words, Length each, int times, String source) {
        Length total() {
            return each.times(times);
        }
    }

    private Chain(Axis axis, Size given) {
        this.axis = axis;
        this.given = given;
    }

    static Chain of(Job job, Habits habits, Axis axis) {
        Chain chain = new Chain(axis, job.given(axis));
        List<Term> faces = axis == Axis.WIDTH || job.bottomFace().isEmpty()
                ? List.of(new Term("faces", job.section().face(), 2, "section.face"))
                : List.of(new Term("top_face", job.section().face(), 1, "section.face"),
                        new Term("bottom_face", job.faceOfBottom(), 1, "section.bottom_face"));
        switch (job.section().recess()) {
            case Recess.Rabbet(Length lip, _) -> {
                chain.steps.put(Line.ART, List.of());
                job.contents().borders().ifPresent(borders -> chain.steps.put(Line.MAT, chain.mat(borders, habits)));
                chain.steps.put(Line.GLASS, List.of());
                chain.steps.put(Line.RABBET, List.of(new Term("play", habits.get(Habit.PLAY), 1, Habit.PLAY.id())));
                chain.steps.put(Line.SIGHT, List.of(new Term("lips", lip, -2, "section.lip")));
            }
            case Recess.Floater _ -> {
                chain.steps.put(Line.ART, List.of());
                chain.steps.put(Line.RABBET, List.of(new Term("gaps", habits.get(Habit.FLOAT_GAP), 2, Habit.FLOAT_GAP.id())));
                chain.steps.put(Line.SIGHT, List.of());
            }
            case Recess.Bar() -> chain.steps.put(Line.SIGHT, List.of());
        }
        chain.steps.put(Line.OUTSIDE, faces);
        if (!chain.has(chain.given.line())) {
            throw new ImpossibleFrame(Words.of("impossible.line", axis, chain.given.line()));
        }
        return chain;
    }

    private List<Term> mat(Borders borders, Habits habits) {
        Term overlap = new Term("overlaps", habits.get(Habit.MAT_OVERLAP), -2, Habit.MAT_OVERLAP.id());
        return axis == Axis.WIDTH
                ? List.of(overlap, new Term("side_borders", borders.sides(), 2, "border.sides"))
                : List.of(overlap, new Term("top_border", borders.top(), 1, "border.top"),
                        new Term("bottom_border", borders.bottom(), 1, "border.bottom"));
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

    /** The size at a line, with its sum, under the given name. */
    Figure.Sum walk(String id, Line line) {
        Figure.Sum sum = Figure.sum(id).start("given." + given.line().id(axis), given.length());
        for (Term term : way(line)) {
            String words = term.words() + (term.words().endsWith("s") ? ".each" : "");
            if (term.times() > 0) {
                sum.plus(words, term.total(), term.each());
            } else {
                sum.minus(words, term.total().negated(), term.each());
            }
        }
        return sum;
    }
}
