package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.edit.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.Placement;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.outline.SizeKey;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Habits;
import neatcorner.core.shop.Shop;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/** Which given numbers could give way so that a worked-out number becomes what the maker typed. */
public final class GiveWay {
    private GiveWay() {
    }

    /**
     * One number that could give way.
     *
     * @param number its name
     * @param value  what it would become
     * @param edit   the step that does it
     */
    public record Option(Words number, Length value, Edit edit) {
    }

    /**
     * The ways to bring a size at a line to {@code wanted}, the given size first, then every number
     * the sum passes. Ways that lead out of range, or that would need a number between two
     * nanometres, are left out; the list may be empty, and of a part that gets its sizes from another it is, unless
     * that is the opening it hangs in.
     */
    public static List<Option> options(Job job, Shop shop, SizeKey size, Length wanted) {
        Optional<Placement.Hinged> hung = job.part().hung();
        if (hung.isPresent()) {
            return ofLeaf(job, shop, hung.get(), size, wanted);
        }
        if (job.placement().isPresent()) {
            return List.of();
        }
        Axis axis = size.axis();
        if (!(job.outline() instanceof Boxed boxed)) {
            return scaled(job, shop, size, wanted);
        }
        Habits habits = shop.sawing(job.saw()).habitsUnder(job.overrides());
        Chain chain = Chain.of(job, boxed, habits, new Offsets(job, habits), axis);
        if (!chain.has(size.line())) {
            return List.of();
        }
        Length delta = wanted.minus(chain.walk(size, size.line()).result().value());
        Size given = boxed.given(axis);
        List<Option> options = new ArrayList<>();
        Length newGiven = given.length().plus(delta);
        add(options, job, shop, given.line().size(axis).words(), newGiven,
                new Edit.Give(axis, given.line(), newGiven));
        for (Chain.Term term : chain.way(size.line())) {
            if (term.source().isPresent() && delta.nanometres() % term.times() == 0) {
                Length value = term.each().plus(new Length(delta.nanometres() / term.times()));
                FigureKey<Length> source = term.source().get();
                add(options, job, shop, source.words(), value, new Edit.Enter(source, value));
            }
        }
        return List.copyOf(options);
    }

    /** The opening a leaf hangs in can be as the leaf wants it. */
    private static List<Option> ofLeaf(
            Job job, Shop shop, Placement.Hinged hung, SizeKey size, Length wanted) {
        Assembly whole = Assembly.of(job, shop);
        Axis axis = size.axis();
        Optional<Figure<Length>> now = whole.seen().size(size.line(), axis);
        if (now.isEmpty()) {
            return List.of();
        }
        Length delta = wanted.minus(now.get().value());
        Length outside = whole.seen().size(Line.OUTSIDE, axis).orElseThrow().value();
        Length opening = whole.frame(job.indexOf(hung.on()))
                .size(Line.SIGHT, axis)
                .orElseThrow()
                .value();
        List<Option> options = new ArrayList<>();
        add(
                options,
                job,
                shop,
                Words.of("giveway.opening", hung.on()),
                opening.plus(delta.times(axis == Axis.WIDTH ? (long) hung.copies() : 1L)),
                new Edit.Give(axis, Line.OUTSIDE, outside.plus(delta)));
        return List.copyOf(options);
    }

    /**
     * Shapes that have no sums of their own on an axis keep their shape and grow until the size is as
     * wanted; every size of theirs grows evenly with what was given, so two trials find it.
     */
    private static List<Option> scaled(Job job, Shop shop, SizeKey size, Length wanted) {
        Length now = Frame.of(job, shop).result().size(size.line(), size.axis()).map(Figure::value).orElse(Length.ZERO);
        double one = now.toMm();
        double two = sizeOf(grown(job, 1.01), shop, size);
        if (now.isZero() || Double.isNaN(two)) {
            return List.of();
        }
        Outline outline = grown(job, 1 + 0.01 * (wanted.toMm() - one) / (two - one)).outline();
        List<Option> options = new ArrayList<>();
        add(options, job, shop, size.words(), wanted, new Edit.Draw(outline));
        return List.copyOf(options);
    }

    private static double sizeOf(Job job, Shop shop, SizeKey size) {
        try {
            return Frame.of(job, shop).result().size(size.line(), size.axis()).orElseThrow().value().toMm();
        } catch (Refusal refused) {
            return Double.NaN;
        }
    }

    private static Job grown(Job job, double factor) {
        return job.withOutline(job.outline().grown(factor));
    }

    private static void add(List<Option> options, Job job, Shop shop, Words number, Length value, Edit edit) {
        if (works(job, shop, edit)) {
            options.add(new Option(number, value, edit));
        }
    }

    private static boolean works(Job job, Shop shop, Edit edit) {
        try {
            Frame.of(edit.apply(job), shop);
            return true;
        } catch (Refusal refused) {
            return false;
        }
    }

    /** The size a number stands for, when it is one that other numbers lead to. */
    public static Optional<SizeKey> sizeOf(Job job, FigureKey<?> number) {
        return switch (number) {
            case SizeKey size -> Optional.of(size);
            case MemberKey<?>(Side side, MemberKey.What what, _)
            when what == MemberKey.What.LONG && job.isPlain() && isOutside(job, side) ->
                Optional.of(new SizeKey(
                        Line.OUTSIDE,
                        side.name() == Side.Name.TOP || side.name() == Side.Name.BOTTOM ? Axis.WIDTH : Axis.HEIGHT));
            default -> Optional.empty();
        };
    }

    /** Whether a piece is as long as the outside: one that stands between others is not. */
    private static boolean isOutside(Job job, Side side) {
        return job.squared()
                .map(squared -> squared.corner().isLap() || squared.through().runs(side))
                .orElse(true);
    }
}
