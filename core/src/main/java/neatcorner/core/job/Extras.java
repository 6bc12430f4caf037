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
 * @param panel in grooves of its sides; empty where it has none; no part has both slats and a panel
 * @param trim  bent over its curved top; empty where it has none
 * @param outer how its outside is sawn; empty where it is as it was joined
 */
public record Extras(
        CrossBars cross,
        Optional<ShapedEdge> edge,
        Optional<Slats> slats,
        Optional<Panel> panel,
        Optional<Trim> trim,
        Optional<OuterShape> outer) {
    /** Nothing. */
    public static final Extras NONE = new Extras(
            CrossBars.NONE,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    /** With other bars across. */
    public Extras with(CrossBars other) {
        return new Extras(other, edge, slats, panel, trim, outer);
    }

    /** With the inner edge sawn otherwise, or straight. */
    public Extras withEdge(Optional<ShapedEdge> other) {
        return new Extras(cross, other, slats, panel, trim, outer);
    }

    /** With another panel, or none; in place of slats. */
    public Extras withPanel(Optional<Panel> other) {
        return new Extras(cross, edge, other.isPresent() ? Optional.empty() : slats, other, trim, outer);
    }

    /** With other slats, or none; in place of a panel. */
    public Extras withSlats(Optional<Slats> other) {
        return new Extras(cross, edge, other, other.isPresent() ? Optional.empty() : panel, trim, outer);
    }

    /** With another trim, or none. */
    public Extras withTrim(Optional<Trim> other) {
        return new Extras(cross, edge, slats, panel, other, outer);
    }

    /** With the outside sawn otherwise, or not at all. */
    public Extras withOuter(Optional<OuterShape> other) {
        return new Extras(cross, edge, slats, panel, trim, other);
    }

    /** Whether one board can have them. */
    boolean areInOnePiece() {
        return cross.isNone() && !isFilled();
    }

    /** Whether something stands between its sides. */
    boolean isFilled() {
        return slats.isPresent() || panel.isPresent();
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
        if (panel.isPresent() && (slats.isPresent() || !Slats.canBe(outline, section, lean, cross, edge))) {
            throw Refusal.of("job.panel");
        }
        if (trim.isPresent() && !Trim.canBe(outline, section, lean)) {
            throw Refusal.of("job.trim");
        }
        outer.ifPresent(_ -> OuterShape.check(outline, section, lean));
    }

    /** What of it a part of this shape, moulding and lean can have. */
    Extras keptIn(Outline outline, Section section, Lean lean) {
        CrossBars across = cross.canBe(outline, section, lean) ? cross : CrossBars.NONE;
        Optional<ShapedEdge> shaped = edge.filter(_ -> ShapedEdge.canBe(outline, section, lean, across));
        return new Extras(
                across,
                shaped,
                slats.filter(_ -> Slats.canBe(outline, section, lean, across, shaped)),
                panel.filter(_ -> Slats.canBe(outline, section, lean, across, shaped)),
                trim.filter(_ -> Trim.canBe(outline, section, lean)),
                outer.filter(_ -> OuterShape.canBe(outline, section, lean)));
    }
}
