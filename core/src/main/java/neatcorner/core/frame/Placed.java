package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Corner;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Loop;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.section.Recess;
import neatcorner.core.section.Section;
import neatcorner.core.words.Figure;
import neatcorner.core.words.Station;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Readings;

/**
 * How large a placed part is: one of its lines runs beside a line of the part it lies by, everywhere at the same
 * distance.
 *
 * @param base   the part it lies by, lying flat
 * @param name   of that part
 * @param beside the line of that part
 * @param own    the line of its own that is given by it
 * @param out    how far its own line lies outside the other; negative inside
 * @param across how many alike lie side by side, the same distance apart
 * @param high   how high one that stands on the other's upper edge is; empty for all others
 * @param read   what was read of that part's sizes
 */
record Placed(
        Frame base,
        String name,
        Line beside,
        Line own,
        Length out,
        int across,
        Optional<Length> high,
        Readings read) {
    /** Longer blanks of an arch than this, in mm, waste a wide board. Common practice, no source. */
    private static final double LONG_BLANK = 450;
    private static final int MOST_BLANKS = 18;
    /** Less is nothing to anyone who fits wood by hand. Common practice, no source. */
    private static final Length HARDLY = Length.mm(0.25);
    /** Unevenness of a line's distance that no one sees, in mm. */
    private static final double EVEN = 1e-6;

    private Placed(Frame base, String name, Line beside, Line own, Length out, int across) {
        this(base, name, beside, own, out, across, Optional.empty(), Readings.NONE);
    }

    /**
     * A part of this section that is to lie so by another.
     *
     * @param read what was read of the other's sizes
     * @throws Refusal when the other part leans: nothing is placed by leaning sides
     */
    static Placed of(Placement placement, Section section, Frame base, Readings read) {
        Placed placed = of(placement, section, base);
        return new Placed(
                base, placed.name, placed.beside, placed.own, placed.out, placed.across, placed.high, read);
    }

    private static Placed of(Placement placement, Section section, Frame base) {
        if (!base.job().lean().isFlat()) {
            throw Refusal.of("placed.by_leaning", placement.on());
        }
        if (placement instanceof Placement.Around && base.job().body().trim().isPresent()) {
            throw Refusal.of("placed.around_trim", placement.on());
        }
        if ((placement.isAtEdge() || placement instanceof Placement.OnFront) && base.job().body().outer().isPresent()) {
            throw Refusal.of("placed.around_outer", placement.on());
        }
        return switch (placement) {
            case Placement.Around around ->
                new Placed(base, around.on(), Line.OUTSIDE, section.recess().wall(), around.gap(), 1);
            case Placement.Inside inside ->
                new Placed(
                        base,
                        inside.on(),
                        base.job().section().recess().wall(),
                        Line.OUTSIDE,
                        inside.gap().negated(),
                        1);
            case Placement.InBack back -> {
                Recess recess = base.job().section().recess();
                if (!(recess instanceof Recess.Covering) || recess instanceof Recess.Slot || !base.bars().isEmpty()) {
                    throw Refusal.of("placed.in_back", back.on());
                }
                yield new Placed(
                        base, back.on(), recess.wall(), Line.OUTSIDE, back.gap().negated(), 1);
            }
            case Placement.Behind behind -> within(base, behind);
            case Placement.OnFront front -> within(base, front);
            case Placement.OnTop top -> {
                if (!base.isFourSquare()) {
                    throw Refusal.of("placed.on_top", top.on());
                }
                Optional<Length> high = Optional.of(top.high());
                yield new Placed(base, top.on(), Line.OUTSIDE, Line.OUTSIDE, top.gap(), 1, high, Readings.NONE);
            }
            case Placement.Hinged hinged -> {
                if (!base.isFourSquare() || !base.bars().isEmpty()) {
                    throw Refusal.of("placed.hinged", hinged.on());
                }
                yield new Placed(
                        base, hinged.on(), Line.SIGHT, Line.OUTSIDE, hinged.gap().negated(), hinged.copies());
            }
        };
    }

    /** Outside within outside. */
    private static Placed within(Frame base, Placement placement) {
        return new Placed(
                base, placement.on(), Line.OUTSIDE, Line.OUTSIDE, placement.gap().negated(), 1);
    }

    /** An arch alone on a sill as long as the other part is wide, and its ends beyond. */
    private Outline cap(Length up) {
        Length wide = size(Axis.WIDTH);
        double rise = up.ratio(wide) * 2;
        Boxed.Arch arch = Math.abs(rise - 1) < EVEN ? Boxed.Arch.HALF_ROUND : Boxed.Arch.SEGMENTAL;
        double turn = 4 * Math.atan(rise);
        double along = turn * wide.toMm() / 2 / Math.sin(Math.min(turn / 2, Math.PI / 2));
        int blanks = Math.max((int) Math.ceil(along / LONG_BLANK), Boxed.Arched.LEAST_ON_A_SILL);
        return new Boxed.Arched(
                new Size(own, wide),
                new Size(own, up),
                arch,
                arch == Boxed.Arch.HALF_ROUND ? 1 : rise,
                Math.min(blanks, MOST_BLANKS));
    }

    /**
     * The shape it has.
     *
     * @throws Refusal when the parallel of the other part's line is no shape that can be made, or too small
     */
    Outline outline() {
        if (high.isPresent()) {
            return cap(high.get());
        }
        Outline around = atOneLine(base.job().outline());
        if (around.isFourSquare()) {
            return new Boxed.Rectangle(new Size(own, size(Axis.WIDTH)), new Size(own, size(Axis.HEIGHT)));
        }
        Offsets offsets = new Offsets(base.job(), base.habits());
        Loop.Distance distance =
                side -> offsets.of(beside, side) - offsets.of(around.line(), side) + out.toMm();
        List<Side> round = around.round();
        double first = distance.at(round.getFirst());
        if (round.stream().allMatch(side -> Math.abs(distance.at(side) - first) < EVEN)) {
            return around.parallel(own, Length.mm(first));
        }
        return switch (around) {
            case Outline.Free free -> polygon(free.loop(), distance);
            case Outline.Regular regular -> polygon(regular.loop(), distance);
            case Boxed _ -> throw Refusal.of("placed.uneven_faces", name);
        };
    }

    /** A shape whose height is given at another line than its width, with its height at that of its width. */
    private Outline atOneLine(Outline outline) {
        return outline instanceof Boxed boxed
                ? boxed.with(Axis.HEIGHT, new Size(boxed.line(), base.height(boxed.line())))
                : outline;
    }

    private Outline polygon(Loop loop, Loop.Distance distance) {
        List<Point> corners = loop.corners(distance);
        return new Outline.Free(own, corners.stream().map(Corner::of).toList());
    }

    private Length size(Axis axis) {
        return figure(axis).value();
    }

    /**
     * What was read of the line that this one follows, of the part as it is planned; of its outside also what the tape
     * read when its corners were checked. A size that follows a reading itself, as a rabbet, is that reading already.
     */
    private Optional<Length> measured(Axis axis) {
        if (!base.isFourSquare()) {
            return Optional.empty();
        }
        Length planned = base.size(beside, axis).orElseThrow().value();
        return read.of(beside.size(axis))
                .filter(one -> one.planned().equals(planned))
                .map(Deed.Measured::value)
                .or(() -> beside == Line.OUTSIDE
                        ? base.job().part().progress().outside(axis == Axis.WIDTH)
                        : Optional.empty());
    }

    /** Its own line on an axis, worked out from the other's as it came out, or as it is planned. */
    Figure<Length> figure(Axis axis) {
        if (high.isPresent() && axis == Axis.HEIGHT) {
            return Figure.sum(own.size(axis)).start("part_high", high.get(), name).result();
        }
        Optional<Length> measured = measured(axis);
        Length other = measured.orElseGet(() -> base.size(beside, axis).orElseThrow().value());
        if (across > 1 && axis == Axis.WIDTH) {
            return shared(other);
        }
        Figure.Sum sum = Figure.sum(own.size(axis))
                .start((measured.isPresent() ? "of_part_measured." : "of_part.") + axis.id(), other, name, beside);
        if (out.isNegative()) {
            sum.minus("part_gaps", out.times(-2), out.negated());
        } else {
            sum.plus("part_gaps", out.times(2), out);
        }
        return sum.result();
    }

    /**
     * What a part that is cut already has to do with what was read of the other since.
     *
     * @param now  as it would lie by that now
     * @param part its name
     */
    List<Finding> since(Placed now, String part) {
        if (now == this || high.isPresent() || !base.isFourSquare()) {
            return List.of();
        }
        List<Finding> found = new ArrayList<>();
        for (Axis axis : Axis.values()) {
            Length more = now.size(axis).minus(size(axis));
            boolean within = out.isNegative();
            boolean tight = more.isNegative() == within;
            boolean binds = tight && more.abs().isOver(out.abs().times(2));
            if (more.abs().isOver(HARDLY)) {
                String what = !binds ? "cut_before" : within ? "cut_too_wide_for" : "cut_too_narrow_for";
                found.add(Finding.of(
                                binds ? Severity.CAUTION : Severity.NOTE,
                                Station.GLUE_UP,
                                what,
                                part,
                                name,
                                axis,
                                more.abs(),
                                Words.of(more.isNegative() ? "cut_before.smaller" : "cut_before.larger"))
                        .by(more.abs())
                        .remedy(new Remedy.Visit(Station.GLUE_UP)));
            }
        }
        return found;
    }

    /** Of several side by side: (opening − gaps) / number. */
    private Figure<Length> shared(Length opening) {
        Length gaps = out.negated().times(across + 1L);
        return Figure.formula(own.size(Axis.WIDTH))
                .with("of_part.width", opening, name, beside)
                .with("leaf_gaps", gaps, across + 1, out.negated())
                .note("leaf_share", across)
                .gives(opening.minus(gaps).over(across));
    }
}
