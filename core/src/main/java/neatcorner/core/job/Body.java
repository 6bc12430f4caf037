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
 * @param cross   bars across it
 * @param edge    how its inner edge is sawn; empty where it is straight
 * @param slats   between its upright sides; empty where it has none
 */
public record Body(
        Outline outline,
        Section section,
        Map<String, Length> faces,
        Lean lean,
        Construction construction,
        CrossBars cross,
        Optional<ShapedEdge> edge,
        Optional<Slats> slats) {
    public Body {
        faces = Collections.unmodifiableMap(new TreeMap<>(faces));
        check(outline, faces, section);
        if (outline.isCurved() && !lean.isFlat()) {
            throw Refusal.of("job.sides_lean_by_curved", lean.degrees());
        }
        construction.check(outline, lean);
        cross.check(outline, section, lean);
        edge.ifPresent(_ -> ShapedEdge.check(outline, section, lean, cross));
        if (slats.isPresent() && !Slats.canBe(outline, section, lean, cross, edge)) {
            throw Refusal.of("job.slats");
        }
    }

    /** A body whose pieces meet in mitres. */
    public Body(Outline outline, Section section, Map<String, Length> faces, Lean lean) {
        this(outline, section, faces, lean, Construction.MITRED, CrossBars.NONE, Optional.empty(), Optional.empty());
    }

    /** Of another shape. */
    public Body with(Outline other) {
        return new Body(other, section, faces, lean, construction, cross, edge, slats);
    }

    /** Of another shape, with other faces for single sides. */
    public Body with(Outline shape, Map<String, Length> sides) {
        return new Body(shape, section, sides, lean, construction, cross, edge, slats);
    }

    /** Of another moulding. */
    public Body with(Section other) {
        return new Body(outline, other, faces, lean, construction, cross, edge, slats);
    }

    /** With other faces for single sides. */
    public Body with(Map<String, Length> other) {
        return new Body(outline, section, other, lean, construction, cross, edge, slats);
    }

    /** With sides that stand otherwise. */
    public Body with(Lean other) {
        return new Body(outline, section, faces, other, construction, cross, edge, slats);
    }

    /** With pieces that meet otherwise. */
    public Body with(Construction other) {
        return new Body(outline, section, faces, lean, other, cross, edge, slats);
    }

    /** With other bars across it. */
    public Body with(CrossBars other) {
        return new Body(outline, section, faces, lean, construction, other, edge, slats);
    }

    /** With its inner edge sawn otherwise, or straight. */
    public Body withEdge(Optional<ShapedEdge> other) {
        return new Body(outline, section, faces, lean, construction, cross, other, slats);
    }

    /** With other slats, or none. */
    public Body withSlats(Optional<Slats> other) {
        return new Body(outline, section, faces, lean, construction, cross, edge, other);
    }

    /** Of another shape, moulding and lean at once, keeping of the rest what goes with them. */
    public Body rebuilt(Outline shape, Section moulding, Map<String, Length> sides, Lean standing) {
        CrossBars across = cross.canBe(shape, moulding, standing) ? cross : CrossBars.NONE;
        Optional<ShapedEdge> shaped = edge.filter(_ -> ShapedEdge.canBe(shape, moulding, standing, across));
        return new Body(
                shape,
                moulding,
                sides,
                standing,
                construction.canBe(shape, standing) ? construction : Construction.MITRED,
                across,
                shaped,
                slats.filter(_ -> Slats.canBe(shape, moulding, standing, across, shaped)));
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
