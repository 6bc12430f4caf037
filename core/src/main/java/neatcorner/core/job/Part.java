package neatcorner.core.job;

import java.util.List;
import java.util.Optional;
import neatcorner.core.phrase.Refusal;
import neatcorner.core.section.Recess;

/**
 * One part of what is made: the frame itself, and whatever is put around, into or behind it afterwards.
 *
 * @param name      what it is called, other than all other parts of its job; not blank, up to 30 characters
 * @param placement by which part it lies; empty for the first, whose sizes the maker gives
 * @param body      its shape, moulding, faces and lean; the sizes of a placed part follow from the part it lies by
 * @param choices   what was decided of its making
 * @param progress  how far the work on it has come
 */
public record Part(String name, Optional<Placement> placement, Body body, Choices choices, Progress progress) {
    private static final int LONGEST = 30;

    public Part {
        if (name.isBlank() || name.length() > LONGEST || !name.equals(name.strip())) {
            throw Refusal.of("part.name", name, LONGEST);
        }
        if (placement.isPresent() && body.section().recess() instanceof Recess.Over) {
            throw Refusal.of("part.over", name);
        }
        if (placement.filter(Placement.Inside.class::isInstance).isPresent()
                && body.trim().isPresent()) {
            throw Refusal.of("part.trim_inside", name);
        }
        if (body.outer().isPresent() && placement
                        .filter(place -> place instanceof Placement.Inside || place instanceof Placement.InBack)
                        .isPresent()) {
            throw Refusal.of("part.outer", name);
        }
    }

    /** A part of which nothing is decided or done yet. */
    public static Part of(String name, Placement placement, Body body) {
        return new Part(name, Optional.of(placement), body, Choices.NONE, Progress.NONE);
    }

    /** How many alike of it one job has. */
    public int copies() {
        return placement.map(Placement::copies).orElse(1);
    }

    /** How it hangs in the opening of another part; empty where it does not. */
    public Optional<Placement.Hinged> hung() {
        return placement.filter(Placement.Hinged.class::isInstance).map(Placement.Hinged.class::cast);
    }

    /** Whether nothing differs that its size or its pieces follow from. */
    boolean isShapedLike(Part other) {
        return placement.equals(other.placement)
                && body.equals(other.body)
                && progress.equals(other.progress)
                && choices.joint().equals(other.choices.joint());
    }

    /** Finished so. */
    public Part finished(List<Coat> coats) {
        return with(choices.withFinish(coats));
    }

    /** Called otherwise. */
    Part named(String other) {
        return new Part(other, placement, body, choices, progress);
    }

    /** Lying otherwise. */
    Part with(Placement other) {
        return new Part(name, Optional.of(other), body, choices, progress);
    }

    /** With another body. */
    Part with(Body other) {
        return new Part(name, placement, other, choices, progress);
    }

    /** With other decisions. */
    Part with(Choices other) {
        return new Part(name, placement, body, other, progress);
    }

    /** Further, or less far. */
    Part with(Progress other) {
        return new Part(name, placement, body, choices, other);
    }
}
