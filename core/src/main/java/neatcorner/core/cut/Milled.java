package neatcorner.core.cut;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import neatcorner.core.edit.Entry;
import neatcorner.core.job.Job;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.section.Section;
import neatcorner.core.work.Act;
import neatcorner.core.work.Deed;
import neatcorner.core.work.WorkLog;

/** Sections of which a number was read as it came out: their sticks are those of the section they were meant to be. */
final class Milled {
    /** Nothing was read. */
    static final Milled NOTHING = new Milled(List.of(), Map.of());
    private final List<Job> parts;
    private final Map<Act, Deed.Measured> read;

    private Milled(List<Job> parts, Map<Act, Deed.Measured> read) {
        this.parts = parts;
        this.read = read;
    }

    /** The sections of a job's parts, by what was read of them. */
    static Milled of(Job job, WorkLog log) {
        Map<Act, Deed.Measured> read = log.measured().stream()
                .filter(one -> one.act() instanceof Act.Size && one.isOff())
                .collect(Collectors.toMap(Deed.Measured::act, one -> one));
        return read.isEmpty()
                ? NOTHING
                : new Milled(
                        IntStream.range(0, job.parts().size()).mapToObj(job::at).toList(), read);
    }

    /** What a section was meant to be; the same where nothing of it was read, or it came out so. */
    Section meant(Section section) {
        for (Job part : parts) {
            Section meant = meant(section, part);
            if (!meant.equals(section)) {
                return meant;
            }
        }
        return section;
    }

    private Section meant(Section section, Job part) {
        if (!part.section().name().equals(section.name())) {
            return section;
        }
        try {
            Job now = part.withSection(section);
            Job back = now;
            for (Entry entry : Entry.of(now)) {
                Act act = Act.Size.given(part.part().name(), entry.key());
                Optional<Length> planned = Optional.ofNullable(read.get(act))
                        .filter(one -> one.value().equals(entry.read().apply(now)))
                        .map(Deed.Measured::planned);
                back = planned.isPresent() ? entry.write().apply(back, planned.get()) : back;
            }
            return back.section();
        } catch (Refusal noSuchSection) {
            return section;
        }
    }
}
