package neatcorner.core.job;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import neatcorner.core.measure.Finite;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Section;

/**
 * What is wanted.
 *
 * @param title      what the frame is called, not blank, up to 120 characters
 * @param order      whom or what it is for; may be empty
 * @param quantity   how many alike, from 1 to 999
 * @param width      the one width that is given
 * @param height     the one height that is given
 * @param section    the moulding
 * @param bottomFace of a bottom rail that is wider or narrower than the rest, from 3 to 300 mm
 * @param contents   what goes in
 * @param overrides  habits that are different here
 * @param choices    what was decided of the making
 * @param measured   the glued frame under the tape; any may be missing
 * @param notes      written down on the way, oldest first
 * @param settled    stations the maker has ticked off
 */
public record Job(String title, String order, int quantity, Size width, Size height, Section section,
                  Optional<Length> bottomFace, Contents contents, Habits overrides, Choices choices,
                  Map<Tape, Length> measured, List<Note> notes, Set<Station> settled) {
    public Job {
        if (title.isBlank() || title.length() > 120) {
            throw new IllegalArgumentException("title has " + title.strip().length() + " characters; it must have from 1 to 120");
        }
        if (order.length() > 120) {
            throw new IllegalArgumentException("order has " + order.length() + " characters; it must have 120 or fewer");
        }
        if (quantity < 1 || quantity > 999) {
            throw new IllegalArgumentException("quantity is " + quantity + "; it must be from 1 to 999");
        }
        bottomFace.ifPresent(face -> Finite.within("bottom face", face,
                Length.mm(3).max(section.lip().plus(Length.mm(1))), Length.mm(300)));
        measured.forEach((tape, length) -> Finite.within("measured " + tape.id(), length, Size.LEAST, Length.mm(15_000)));
        measured = measured.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(measured));
        notes = List.copyOf(notes);
        settled = settled.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(settled));
    }

    /** A new job: one frame around a pane of glass, everything else as usual. */
    public static Job starting(String title, Length glassWidth, Length glassHeight, Section section) {
        Contents contents = new Contents(List.of(Layer.of(Material.PICTURE_GLASS), Layer.of(Material.PAPER),
                Layer.of(Material.CORRUGATED)), Optional.empty());
        return new Job(title, "", 1, new Size(Line.GLASS, glassWidth), new Size(Line.GLASS, glassHeight), section,
                Optional.empty(), contents, Habits.USUAL, Choices.NONE, Map.of(), List.of(), Set.of());
    }

    /** The size that is given on this axis. */
    public Size given(Axis axis) {
        return axis == Axis.WIDTH ? width : height;
    }

    /** The face of the bottom rail. */
    public Length faceOfBottom() {
        return bottomFace.orElse(section.face());
    }

    /** With another title. */
    public Job withTitle(String other) {
        return new Job(other, order, quantity, width, height, section, bottomFace, contents, overrides, choices,
                measured, notes, settled);
    }

    /** For another order. */
    public Job withOrder(String other) {
        return new Job(title, other, quantity, width, height, section, bottomFace, contents, overrides, choices,
                measured, notes, settled);
    }

    /** So many alike. */
    public Job withQuantity(int other) {
        return new Job(title, order, other, width, height, section, bottomFace, contents, overrides, choices,
                measured, notes, settled);
    }

    /** With another given size on one axis. */
    public Job withGiven(Axis axis, Size other) {
        return new Job(title, order, quantity, axis == Axis.WIDTH ? other : width, axis == Axis.HEIGHT ? other : height,
                section, bottomFace, contents, overrides, choices, measured, notes, settled);
    }

    /** Portrait for landscape and the other way round. */
    public Job turned() {
        return new Job(title, order, quantity, height, width, section, bottomFace, contents, overrides, choices,
                measured, notes, settled);
    }

    /** Of another moulding. */
    public Job withSection(Section other) {
        return new Job(title, order, quantity, width, height, other, bottomFace, contents, overrides, choices,
                measured, notes, settled);
    }

    /** With another bottom rail; empty for one like the rest. */
    public Job withBottomFace(Optional<Length> other) {
        return new Job(title, order, quantity, width, height, section, other, contents, overrides, choices,
                measured, notes, settled);
    }

    /** With other contents. */
    public Job withContents(Contents other) {
        return new Job(title, order, quantity, width, height, section, bottomFace, other, overrides, choices,
                measured, notes, settled);
    }

    /** With other habits. */
    public Job withOverrides(Habits other) {
        return new Job(title, order, quantity, width, height, section, bottomFace, contents, other, choices,
                measured, notes, settled);
    }

    /** With other decisions. */
    public Job withChoices(Choices other) {
        return new Job(title, order, quantity, width, height, section, bottomFace, contents, overrides, other,
                measured, notes, settled);
    }

    /** With one measurement more or changed. */
    public Job withMeasured(Tape tape, Length length) {
        EnumMap<Tape, Length> changed = new EnumMap<>(Tape.class);
        changed.putAll(measured);
        changed.put(tape, length);
        return withMeasured(changed);
    }

    /** With these measurements only. */
    public Job withMeasured(Map<Tape, Length> other) {
        return new Job(title, order, quantity, width, height, section, bottomFace, contents, overrides, choices,
                other, notes, settled);
    }

    /** With a note more. */
    public Job withNote(Note note) {
        List<Note> more = new ArrayList<>(notes);
        more.add(note);
        return new Job(title, order, quantity, width, height, section, bottomFace, contents, overrides, choices,
                measured, more, settled);
    }

    /** With these stations ticked off. */
    public Job withSettled(Set<Station> other) {
        return new Job(title, order, quantity, width, height, section, bottomFace, contents, overrides, choices,
                measured, notes, other);
    }
}
