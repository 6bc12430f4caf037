package neatcorner.core.job;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.outline.Side;
import neatcorner.core.phrase.Range;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.section.Section;

/**
 * The frame as a body: its shape, the wood around it, and how the sides stand.
 *
 * @param outline the shape, with the sizes that are given
 * @param section the moulding
 * @param faces   of sides that are wider or narrower than the rest, by {@link Side#faceId()}; each wider than the
 *                lip by 1 mm, and from 3 to 300 mm
 * @param lean    how the sides stand; only those of straight outlines lean
 * @param construction how its pieces meet
 * @param extras what it has beyond the pieces that go round it
 */
public record Body(
        Outline outline,
        Section section,
        Map<String, Length> faces,
        Lean lean,
        Construction construction,
        Extras extras) {
    public Body {
        faces = Collections.unmodifiableMap(new TreeMap<>(faces));
        check(outline, faces, section);
        if (outline.isCurved() && !lean.isFlat()) {
            throw Refusal.of("job.sides_lean_by_curved", lean.degrees());
        }
        construction.check(outline, section, lean);
        extras.check(outline, section, lean);
        if (construction instanceof Construction.OnePiece && !extras.areInOnePiece()) {
            throw Refusal.of("job.one_piece");
        }
    }

    /** A body whose pieces meet in mitres. */
    public Body(Outline outline, Section section, Map<String, Length> faces, Lean lean) {
        this(outline, section, faces, lean, Construction.MITRED, Extras.NONE);
    }

    /** Whether it is routed from one board and has no joints. */
    public boolean isOnePiece() {
        return construction instanceof Construction.OnePiece;
    }

    /** Whether it could be built so, as it is otherwise. */
    public boolean canBe(Construction other) {
        return other.canBe(outline, section, lean)
                && (!(other instanceof Construction.OnePiece) || extras.areInOnePiece());
    }

    /** Bars across it. */
    public CrossBars cross() {
        return extras.cross();
    }

    /** How its inner edge is sawn; empty where it is straight. */
    public Optional<ShapedEdge> edge() {
        return extras.edge();
    }

    /** Between its upright sides; empty where it has none. */
    public Optional<Slats> slats() {
        return extras.slats();
    }

    /** In grooves of its sides; empty where it has none. */
    public Optional<Panel> panel() {
        return extras.panel();
    }

    /** Whether slats or a panel stand between its sides. */
    public boolean isFilled() {
        return extras.isFilled();
    }

    /** Bent over its curved top; empty where it has none. */
    public Optional<Trim> trim() {
        return extras.trim();
    }

    /** How its outside is sawn; empty where it is as it was joined. */
    public Optional<OuterShape> outer() {
        return extras.outer();
    }

    /** Of another shape. */
    public Body with(Outline other) {
        return new Body(other, section, faces, lean, construction, extras);
    }

    /** Of another shape, with other faces for single sides. */
    public Body with(Outline shape, Map<String, Length> sides) {
        return new Body(shape, section, sides, lean, construction, extras);
    }

    /** Of another moulding. */
    public Body with(Section other) {
        return new Body(outline, other, faces, lean, construction, extras);
    }

    /** With other faces for single sides. */
    public Body with(Map<String, Length> other) {
        return new Body(outline, section, other, lean, construction, extras);
    }

    /** With sides that stand otherwise. */
    public Body with(Lean other) {
        return new Body(outline, section, faces, other, construction, extras);
    }

    /** With pieces that meet otherwise. */
    public Body with(Construction other) {
        return new Body(outline, section, faces, lean, other, extras);
    }

    /** With other things beyond the pieces that go round it. */
    public Body with(Extras other) {
        return new Body(outline, section, faces, lean, construction, other);
    }

    /** With other bars across it. */
    public Body with(CrossBars other) {
        return with(extras.with(other));
    }

    /** With its inner edge sawn otherwise, or straight. */
    public Body withEdge(Optional<ShapedEdge> other) {
        return with(extras.withEdge(other));
    }

    /** With other slats, or none. */
    public Body withSlats(Optional<Slats> other) {
        return with(extras.withSlats(other));
    }

    /** With another panel, or none. */
    public Body withPanel(Optional<Panel> other) {
        return with(extras.withPanel(other));
    }

    /** With another trim over its curve, or none. */
    public Body withTrim(Optional<Trim> other) {
        return with(extras.withTrim(other));
    }

    /** With its outside sawn otherwise, or not at all. */
    public Body withOuter(Optional<OuterShape> other) {
        return with(extras.withOuter(other));
    }

    /** Of another shape, moulding and lean at once, keeping of the rest what goes with them. */
    public Body rebuilt(Outline shape, Section moulding, Map<String, Length> sides, Lean standing) {
        return new Body(
                shape,
                moulding,
                sides,
                standing,
                construction.canBe(shape, moulding, standing) ? construction : Construction.MITRED,
                extras.keptIn(shape, moulding, standing));
    }

    private static void check(Outline outline, Map<String, Length> faces, Section section) {
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
}
