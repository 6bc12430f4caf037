package neatcorner.core.job;

import java.util.Optional;
import neatcorner.core.outline.Lean;
import neatcorner.core.outline.Outline;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.section.Section;

/**
 * What a part has beyond the pieces that go round it.
 *
 * @param cross bars across it
 * @param edge  how its inner edge is sawn; empty where it is straight
 * @param slats between its upright sides; empty where it has none
 * @param trim  bent over its curved top; empty where it has none
 */
public record Extras(CrossBars cross, Optional<ShapedEdge> edge, Optional<Slats> slats, Optional<Trim> trim) {
    /** Nothing. */
    public static final Extras NONE =
            new Extras(CrossBars.NONE, Optional.empty(), Optional.empty(), Optional.empty());

    /** With other bars across. */
    public Extras with(CrossBars other) {
        return new Extras(other, edge, slats, trim);
    }

    /** With the inner edge sawn otherwise, or straight. */
    public Extras withEdge(Optional<ShapedEdge> other) {
        return new Extras(cross, other, slats, trim);
    }

    /** With other slats, or none. */
    public Extras withSlats(Optional<Slats> other) {
        return new Extras(cross, edge, other, trim);
    }

    /** With another trim, or none. */
    public Extras withTrim(Optional<Trim> other) {
        return new Extras(cross, edge, slats, other);
    }

    /**
     * Refuses what a part of this shape, moulding and lean cannot have.
     *
     * @throws Refusal that says what it is for
     */
    void check(Outline outline, Section section, Lean lean) {
        cross.check(outline, section, lean);
        edge.ifPresent(_ -> ShapedEdge.check(outline, section, lean, cross));
        if (slats.isPresent() && !Slats.canBe(outline, section, lean, cross, edge)) {
            throw Refusal.of("job.slats");
        }
        if (trim.isPresent() && !Trim.canBe(outline, section, lean)) {
            throw Refusal.of("job.trim");
        }
    }

    /** What of it a part of this shape, moulding and lean can have. */
    Extras keptIn(Outline outline, Section section, Lean lean) {
        CrossBars across = cross.canBe(outline, section, lean) ? cross : CrossBars.NONE;
        Optional<ShapedEdge> shaped = edge.filter(_ -> ShapedEdge.canBe(outline, section, lean, across));
        return new Extras(
                across,
                shaped,
                slats.filter(_ -> Slats.canBe(outline, section, lean, across, shaped)),
                trim.filter(_ -> Trim.canBe(outline, section, lean)));
    }
}
