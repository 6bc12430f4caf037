package neatcorner.core.job;

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
import neatcorner.core.rack.Material;
import neatcorner.core.section.Section;
import neatcorner.core.shop.Habits;
import neatcorner.core.words.Station;

/**
 * What is wanted. Everything it holds is asked for and changed here; the groups keep together, and check, what shares
 * a life.
 *
 * @param heading   title, order and quantity
 * @param body      the frame as a body
 * @param contents  what goes in
 * @param overrides habits that are different here
 * @param choices   what was decided of the making
 * @param progress  how far the work has come
 */
public record Job(Heading heading, Body body, Contents contents, Habits overrides, Choices choices, Progress progress) {

    /** A job of which nothing is decided or done yet. */
    public static Job of(Heading heading, Body body, Contents contents) {
        return new Job(heading, body, contents, Habits.USUAL, Choices.NONE, Progress.NONE);
    }

    /** A new job: one frame around a pane of glass, everything else as usual. */
    public static Job starting(String title, Length glassWidth, Length glassHeight, Section section) {
        Outline outline = new Boxed.Rectangle(new Size(Line.GLASS, glassWidth), new Size(Line.GLASS, glassHeight));
        return of(
                new Heading(title, "", 1),
                new Body(outline, section, Map.of(), Lean.FLAT),
                new Contents(
                        List.of(Layer.of(Material.PICTURE_GLASS), Layer.of(Material.PAPER),
                                Layer.of(Material.CORRUGATED)),
                        Optional.empty()));
    }

    /** What the frame is called. */
    public String title() {
        return heading.title();
    }

    /** Whom or what it is for; may be empty. */
    public String order() {
        return heading.order();
    }

    /** How many alike. */
    public int quantity() {
        return heading.quantity();
    }

    /** The shape, with the sizes that are given. */
    public Outline outline() {
        return body.outline();
    }

    /** The moulding. */
    public Section section() {
        return body.section();
    }

    /** The faces of sides that are wider or narrower than the rest, by {@link Side#faceId()}. */
    public Map<String, Length> faces() {
        return body.faces();
    }

    /** How the sides stand. */
    public Lean lean() {
        return body.lean();
    }

    /** The glued frame under the tape; any reading may be missing. */
    public Map<Tape, Length> measured() {
        return progress.measured();
    }

    /** What was written down on the way, oldest first. */
    public List<Note> notes() {
        return progress.notes();
    }

    /** The stations that are ticked off. */
    public Set<Station> settled() {
        return progress.settled();
    }

    /** The size that is given on this axis; empty for shapes that are not given by width and height. */
    public Optional<Size> given(Axis axis) {
        return outline() instanceof Boxed boxed ? Optional.of(boxed.given(axis)) : Optional.empty();
    }

    /** The face of a side. */
    public Length faceOf(Side side) {
        return faces().getOrDefault(side.faceId(), section().face());
    }

    /** Whether it is a plain rectangle that lies flat. */
    public boolean isPlain() {
        return outline() instanceof Boxed.Rectangle && lean().isFlat();
    }

    /** With another title. */
    public Job withTitle(String other) {
        return with(new Heading(other, order(), quantity()));
    }

    /** For another order. */
    public Job withOrder(String other) {
        return with(new Heading(title(), other, quantity()));
    }

    /** So many alike. */
    public Job withQuantity(int other) {
        return with(new Heading(title(), order(), other));
    }

    /** With another given size on one axis; only for shapes given by width and height. */
    public Job withGiven(Axis axis, Size other) {
        return withOutline(outline().with(axis, other));
    }

    /** With another shape. */
    public Job withOutline(Outline other) {
        return with(new Body(other, section(), faces(), lean()));
    }

    /** Of another moulding. */
    public Job withSection(Section other) {
        return with(new Body(outline(), other, faces(), lean()));
    }

    /** With other faces for single sides. */
    public Job withFaces(Map<String, Length> other) {
        return with(new Body(outline(), section(), other, lean()));
    }

    /** With a face of its own for a side, or again like the rest. */
    public Job withFace(String side, Optional<Length> face) {
        Map<String, Length> changed = new TreeMap<>(faces());
        face.ifPresentOrElse(f -> changed.put(side, f), () -> changed.remove(side));
        return withFaces(changed);
    }

    /** With sides that stand otherwise. */
    public Job withLean(Lean other) {
        return with(new Body(outline(), section(), faces(), other));
    }

    /** With another body: shape, moulding, faces and lean at once. */
    public Job with(Body other) {
        return new Job(heading, other, contents, overrides, choices, progress);
    }

    /** With other contents. */
    public Job withContents(Contents other) {
        return new Job(heading, body, other, overrides, choices, progress);
    }

    /** With other habits. */
    public Job withOverrides(Habits other) {
        return new Job(heading, body, contents, other, choices, progress);
    }

    /** With other decisions. */
    public Job withChoices(Choices other) {
        return new Job(heading, body, contents, overrides, other, progress);
    }

    /** With one measurement more or changed. */
    public Job withMeasured(Tape tape, Length length) {
        return with(progress.withMeasured(tape, length));
    }

    /** With these measurements only. */
    public Job withMeasured(Map<Tape, Length> other) {
        return with(progress.withMeasured(other));
    }

    /** With a note more. */
    public Job withNote(Note note) {
        return with(progress.withNote(note));
    }

    /** With these stations ticked off. */
    public Job withSettled(Set<Station> other) {
        return with(progress.withSettled(other));
    }

    private Job with(Heading other) {
        return new Job(other, body, contents, overrides, choices, progress);
    }

    private Job with(Progress other) {
        return new Job(heading, body, contents, overrides, choices, other);
    }
}
