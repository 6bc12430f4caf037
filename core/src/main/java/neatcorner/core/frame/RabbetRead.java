package neatcorner.core.frame;

import java.util.Optional;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Line;
import neatcorner.core.report.Finding;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Remedy;
import neatcorner.core.report.Severity;
import neatcorner.core.words.Station;
import neatcorner.core.work.Deed;
import neatcorner.core.work.Readings;

/** What becomes of a frame whose rabbet was read: whether the picture goes in, the lip covers it, sheets still fit. */
final class RabbetRead {
    private final Job job;
    private final Readings readings;
    private final Ledger ledger;

    RabbetRead(Job job, Readings readings, Ledger ledger) {
        this.job = job;
        this.readings = readings;
        this.ledger = ledger;
    }

    /** Whether a size was read of the frame that is planned now; what was read of another says nothing of this one. */
    boolean isOf(Length planned, Line line, Axis axis, Deed.Measured read) {
        boolean same = read.planned().equals(planned);
        if (!same) {
            ledger.find(Finding.of(
                            Severity.CAUTION,
                            Station.FIT,
                            "reading_of_another",
                            axis,
                            line,
                            read.value(),
                            read.planned(),
                            planned)
                    .by(read.planned().minus(planned).abs())
                    .remedy(new Remedy.Visit(Station.FIT)));
        }
        return same;
    }

    /**
     * Finds what follows from it.
     *
     * @param art   how large the picture is; empty where none goes in
     * @param glass as it is to be cut now; empty where none is
     */
    void judge(Axis axis, Deed.Measured read, Optional<Length> art, Optional<Length> glass) {
        findTooSmall(axis, read.value(), art);
        Optional<Length> then = glass.flatMap(_ -> readings.takenAtCut(Line.RABBET.size(axis)));
        if (then.isPresent()) {
            findCutBefore(axis, read, then.get(), read.value().minus(glass.orElseThrow()));
        } else {
            find(axis, read);
        }
    }

    /** Whether the picture does not go in any more. */
    void findTooSmall(Axis axis, Length rabbet, Optional<Length> art) {
        art.map(size -> size.minus(rabbet)).filter(Length::isPositive).ifPresent(over ->
                ledger.find(Finding.of(Severity.CAUTION, Station.FIT, "rabbet_too_small", axis, rabbet, over)
                        .by(over)
                        .remedy(new Remedy.Visit(Station.FIT))));
    }

    /** Whether what is off hides behind the lip. */
    private void find(Axis axis, Deed.Measured read) {
        if (!read.isOff()) {
            return;
        }
        Length off = read.off();
        boolean wide = off.abs().isOver(job.section().lip().over(2));
        ledger.find(Finding.of(
                        wide ? Severity.CAUTION : Severity.NOTE,
                        Station.FIT,
                        wide ? "rabbet_came_out_wide" : "rabbet_came_out",
                        axis,
                        read.value(),
                        read.planned(),
                        job.section().lip())
                .by(off.abs())
                .remedy(new Remedy.Visit(Station.FIT)));
    }

    /** Whether sheets were cut before the rabbet was read so, and what becomes of them. */
    private void findCutBefore(Axis axis, Deed.Measured read, Length then, Length play) {
        if (!read.value().minus(then).abs().isOver(read.by().doubt())) {
            return;
        }
        Length left = read.value().minus(then).plus(play);
        String what = left.isNegative()
                ? "cut_too_large"
                : left.isUnder(play.over(2))
                        ? "cut_tight"
                        : left.isOver(job.section().lip()) ? "cut_too_small" : "cut_before_read";
        ledger.find(Finding.of(
                        what.equals("cut_before_read") ? Severity.NOTE : Severity.CAUTION,
                        Station.FIT,
                        what,
                        axis,
                        then,
                        read.value(),
                        left.abs(),
                        play)
                .by(left.abs())
                .remedy(new Remedy.Visit(Station.FIT)));
    }
}
