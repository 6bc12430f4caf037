package neatcorner.core.job;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Axis;
import neatcorner.core.outline.Boxed;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Side;
import neatcorner.core.outline.Size;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.rack.Material;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habits;
import neatcorner.core.words.Station;

/**
 * What is wanted.
 *
 * @param title      what the frame is called, not blank, up to 120 characters
 * @param order      whom or what it is for; may be empty
 * @param quantity   how many alike, from 1 to 999
 * @param outline    the shape, with the sizes that are given
 * @param section    the moulding
 * @param faces      of sides that are wider or narrower than the rest, by {@link Side#faceId()}; each from
 *                   3 to 300 mm
 * @param lean       how the sides stand
 * @param contents   what goes in
 * @param overrides  habits that are different here
 * @param choices    what was decided of the making
 * @param measured   the glued frame under the tape; any may be missing
 * @param notes      written down on the way, oldest first
 * @param settled    stations the maker has ticked off
 */
public record Job(String title, String order, int quantity, Outline outline, Section section,
                  Map<String, Length> faces, Lean lean, Contents contents, Habits overrides, Choices choices,
                  Map<Tape, Length> measured, List<Note> notes, Set<Station> settled) {
    public Job {
        if (title.isBlank() || title.length() > 120) {
            throw Refusal.of("job.title_has_characters_have", title.strip().length());
        }
        if (order.length() > 120) {
            throw Refusal.of("job.order_has_characters_have", order.length());
        }
        if (quantity < 1 || quantity > 999) {
            throw Refusal.of("job.quantity_is", quantity);
        }
        faces = Collections.unmodifiableMap(new TreeMap<>(faces));
        checkFaces(outline, faces, section);
        if (outline.isCurved() && !lean.isFlat()) {
            throw Refusal.of("job.sides_lean_by_curved", lean.degrees());
        }
        measured.forEach((tape, length) -> Range.within(tape.words(), length, Size.LEAST, Length.mm(15_000)));
        measured = measured.isEmpty() ? Map.of() : Collections.unmodifiableMap(new EnumMap<>(measured));
        notes = List.copyOf(notes);
        settled = settled.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(settled));
    }

    private static void checkFaces(Outline outline, Map<String, Length> faces, Section section) {
        List<String> known = outline.round().stream().map(Side::faceId).distinct().toList();
        faces.forEach((side, face) -> {
            if (!known.contains(side)) {
                throw Refusal.of("job.face_is_given_for", side, String.join(", ", known));
            }
            Range.within("face_of", face, Length.mm(3).max(section.lip().plus(Length.mm(1))), Length.mm(300), side);
            try {
                section.withFace(face);
            } catch (Refusal refused) {
                throw Refusal.of("job.face_of_is_which", side, face, refused.words());
            }
        });
    }

    /** A new job: one frame around a pane of glass, everything else as usual. */
    public static Job starting(String title, Length glassWidth, Length glassHeight, Section section) {
        Contents contents = new Contents(List.of(Layer.of(Material.PICTURE_GLASS), Layer.of(Material.PAPER),
                Layer.of(Material.CORRUGATED)), Optional.empty());
        return new Job(
                title,
                "",
                1,
                new Boxed.Rectangle(new Size(Line.GLASS, glassWidth), new Size(Line.GLASS, glassHeight)),
                section,
                Map.of(),
                Lean.FLAT,
                contents,
                Habits.USUAL,
                Choices.NONE,
                Map.of(),
                List.of(),
                Set.of());
    }

    /** The size that is given on this axis; empty for shapes that are not given by width and height. */
    public Optional<Size> given(Axis axis) {
        return outline instanceof Boxed boxed ? Optional.of(boxed.given(axis)) : Optional.empty();
    }

    /** The face of a side. */
    public Length faceOf(Side side) {
        return faces.getOrDefault(side.faceId(), section.face());
    }

    /** Whether it is a plain rectangle that lies flat. */
    public boolean isPlain() {
        return outline instanceof Boxed.Rectangle && lean.isFlat();
    }

    /** With another title. */
    public Job withTitle(String other) {
        return new Job(other, order, quantity, outline, section, faces, lean, contents, overrides, choices,
                measured, notes, settled);
    }

    /** For another order. */
    public Job withOrder(String other) {
        return new Job(title, other, quantity, outline, section, faces, lean, contents, overrides, choices,
                measured, notes, settled);
    }

    /** So many alike. */
    public Job withQuantity(int other) {
        return new Job(title, order, other, outline, section, faces, lean, contents, overrides, choices,
                measured, notes, settled);
    }

    /** With another given size on one axis; only for shapes given by width and height. */
    public Job withGiven(Axis axis, Size other) {
        if (!(outline instanceof Boxed boxed)) {
            throw Refusal.of("job.this_outline_is_not", axis.id());
        }
        return withOutline(boxed.with(axis, other));
    }

    /** With another shape. */
    public Job withOutline(Outline other) {
        return new Job(
                title, order, quantity, other, section, faces, lean, contents, overrides, choices, measured, notes,
                settled);
    }

    /** With sides that stand otherwise. */
    public Job withLean(Lean other) {
        return new Job(
                title, order, quantity, outline, section, faces, other, contents, overrides, choices, measured, notes,
                settled);
    }

    /** Of another moulding. */
    public Job withSection(Section other) {
        return new Job(title, order, quantity, outline, other, faces, lean, contents, overrides, choices,
                measured, notes, settled);
    }

    /** With other faces for single sides. */
    public Job withFaces(Map<String, Length> other) {
        return new Job(title, order, quantity, outline, section, other, lean, contents, overrides, choices,
                measured, notes, settled);
    }

    /** With a face of its own for a side, or again like the rest. */
    public Job withFace(String side, Optional<Length> face) {
        Map<String, Length> changed = new TreeMap<>(faces);
        face.ifPresentOrElse(f -> changed.put(side, f), () -> changed.remove(side));
        return withFaces(changed);
    }

    /** With other contents. */
    public Job withContents(Contents other) {
        return new Job(title, order, quantity, outline, section, faces, lean, other, overrides, choices,
                measured, notes, settled);
    }

    /** With other habits. */
    public Job withOverrides(Habits other) {
        return new Job(title, order, quantity, outline, section, faces, lean, contents, other, choices,
                measured, notes, settled);
    }

    /** With other decisions. */
    public Job withChoices(Choices other) {
        return new Job(title, order, quantity, outline, section, faces, lean, contents, overrides, other,
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
        return new Job(title, order, quantity, outline, section, faces, lean, contents, overrides, choices,
                other, notes, settled);
    }

    /** With a note more. */
    public Job withNote(Note note) {
        List<Note> more = new ArrayList<>(notes);
        more.add(note);
        return new Job(title, order, quantity, outline, section, faces, lean, contents, overrides, choices,
                measured, more, settled);
    }

    /** With these stations ticked off. */
    public Job withSettled(Set<Station> other) {
        return new Job(title, order, quantity, outline, section, faces, lean, contents, overrides, choices,
                measured, notes, other);
    }
}
