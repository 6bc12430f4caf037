package neatcorner.core.job;

import java.util.Collections;
import java.util.List;
import java.util.Map;
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
 */
public record Body(Outline outline, Section section, Map<String, Length> faces, Lean lean) {
    public Body {
        faces = Collections.unmodifiableMap(new TreeMap<>(faces));
        check(outline, faces, section);
        if (outline.isCurved() && !lean.isFlat()) {
            throw Refusal.of("job.sides_lean_by_curved", lean.degrees());
        }
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
