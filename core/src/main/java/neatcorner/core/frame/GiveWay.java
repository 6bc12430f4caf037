package neatcorner.core.frame;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import neatcorner.core.job.Axis;
import neatcorner.core.job.Edit;
import neatcorner.core.job.Job;
import neatcorner.core.job.Line;
import neatcorner.core.job.Shop;
import neatcorner.core.job.Size;
import neatcorner.core.measure.Length;
import neatcorner.core.report.Ledger;
import neatcorner.core.words.Words;

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
     * nanometres, are left out; the list may be empty.
     */
    public static List<Option> options(Job job, Shop shop, Line line, Axis axis, Length wanted) {
        Chain chain = Chain.of(job, shop.habits().over(job.overrides()), axis);
        if (!chain.has(line)) {
            return List.of();
        }
        Length delta = wanted.minus(chain.walk("wanted", line).result().value());
        Size given = job.given(axis);
        List<Option> options = new ArrayList<>();
        Length newGiven = given.length().plus(delta);
        add(options, job, shop, Words.of("figure." + given.line().id(axis)), newGiven,
                new Edit.Give(axis, given.line(), newGiven));
        for (Chain.Term term : chain.way(line)) {
            if (delta.nanometres() % term.times() == 0) {
                Length value = term.each().plus(new Length(delta.nanometres() / term.times()));
                add(options, job, shop, Words.of("figure." + term.source()), value, new Edit.Enter(term.source(), value));
            }
        }
        return List.copyOf(options);
    }

    private static void add(List<Option> options, Job job, Shop shop, Words number, Length value, Edit edit) {
        if (works(job, shop, edit)) {
            options.add(new Option(number, value, edit));
        }
    }

    private static boolean works(Job job, Shop shop, Edit edit) {
        try {
            Frame.of(edit.apply(job), shop, new Ledger());
            return true;
        } catch (IllegalArgumentException refused) {
            return false;
        }
    }

    /** The line and axis a figure's name stands for, when it is a size that other numbers lead to. */
    public static Optional<Line> lineOf(String figure) {
        if (figure.startsWith("member.") && figure.endsWith(".long")) {
            return Optional.of(Line.OUTSIDE);
        }
        return Line.isSizeId(figure)
                ? Optional.of(Line.valueOf(figure.substring(0, figure.indexOf('.')).toUpperCase(Locale.ROOT)))
                : Optional.empty();
    }

    /** The axis of such a figure. */
    public static Axis axisOf(String figure) {
        return figure.endsWith(".width") || figure.startsWith("member.top") || figure.startsWith("member.bottom")
                ? Axis.WIDTH : Axis.HEIGHT;
    }
}
