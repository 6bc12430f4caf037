package neatcorner.core.hang;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.frame.OuterShaping;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Line;
import neatcorner.core.outline.Vector;
import neatcorner.core.section.Relief;
import neatcorner.core.section.Section;

/**
 * What the hardware is screwed to: the backs of the sides, beside a hollow in them.
 */
final class Mount {
    /** A narrower strip beside a hollow holds no ring's screw. Common practice, no source. */
    private static final Length LEAST_LAND = Length.mm(10);
    /** Wood beside the middle of a screw that it needs, in mm. Common practice, no source. */
    private static final double BESIDE = 3;

    private final Frame frame;

    Mount(Frame frame) {
        this.frame = frame;
    }

    /** From the outside of the top to the middle of what a plate or a cleat is screwed to there. */
    Length down() {
        Length sawnOff = OuterShaping.of(frame).map(OuterShaping::offTop).orElse(Length.ZERO);
        return alongAxis(true)
                .map(Member::stock)
                .orElse(frame.job().section())
                .backWidth()
                .plus(sawnOff)
                .over(2);
    }

    /** How deep the wood is under a ring's screw, or under one in the middle of the top, from its back or hollow. */
    Length depth(boolean ring) {
        double[] wood = wood(ring);
        return Length.mm(wood[1] - wood[0]);
    }

    /** Where that wood begins before the back: over zero in a hollow. */
    Length floor(boolean ring) {
        return Length.mm(wood(ring)[0]);
    }

    private double[] wood(boolean ring) {
        Section section = ring ? narrowestUpright() : alongAxis(true).map(Member::stock).orElse(frame.job().section());
        Length in = ring
                ? land(section).orElse(section.backWidth().over(2))
                : section.backWidth().over(2);
        double middle = section.face().minus(in).toMm();
        return section.wood().rooms(middle - BESIDE, middle + BESIDE).stream()
                .findFirst()
                .orElse(new double[] {0, 0});
    }

    /** Whether a ring would sit in the hollow, the wood beside it being too narrow. */
    boolean isInHollow() {
        return narrowestUpright().relief().isPresent() && land(narrowestUpright()).isEmpty();
    }

    /** Whether rings sit beside the hollow and so not in the middle of the back. */
    boolean isBesideHollow() {
        return land(narrowestUpright()).isPresent();
    }

    /** The least wood between the hollow and the front. */
    Length inFrontOfHollow() {
        Section section = narrowestUpright();
        Relief hollow = section.relief().orElseThrow();
        double outer = section.face().minus(hollow.from()).toMm();
        return Length.mm(section.wood().lowestFront(outer - hollow.width().toMm(), outer)).minus(hollow.depth());
    }

    /**
     * From the outside to the ring.
     *
     * @param level   whether the sides stand upright, so that both rings are as far in
     * @param outside where the outside is crossed at the ring's height, in mm, left and right
     * @param inside  the same of the line within
     */
    Length inset(boolean level, double[] outside, double[] inside) {
        Section section = narrowestUpright();
        Length middle = land(section).orElse(section.backWidth().over(2));
        return level ? middle : Length.mm((inside[0] - outside[0]) * middle.ratio(section.backWidth()));
    }

    /**
     * The middle of the widest solid strip beside the hollow, from the outside; empty where there is no hollow, or no
     * strip wide enough.
     */
    private static Optional<Length> land(Section section) {
        return section.relief().flatMap(hollow -> {
            Length inner = section.backWidth()
                    .minus(hollow.from())
                    .minus(hollow.width())
                    .max(Length.ZERO);
            if (hollow.from().max(inner).isUnder(LEAST_LAND)) {
                return Optional.empty();
            }
            return Optional.of(
                    inner.isOver(hollow.from())
                            ? hollow.from().plus(hollow.width()).plus(inner.over(2))
                            : hollow.from().over(2));
        });
    }

    private Section narrowestUpright() {
        return alongAxis(false).map(Member::stock).orElse(frame.job().section());
    }

    /** Of the sides that lie level at the top or stand upright, the one with the narrowest back. */
    private Optional<Member> alongAxis(boolean level) {
        List<Member> members = frame.members();
        return members.stream().filter(m -> isAlong(m.place().along(), level) && (!level || isAtTop(m)))
                .min(Comparator.comparing(m -> m.stock().backWidth()));
    }

    private static boolean isAlong(Vector way, boolean level) {
        return Math.abs(level ? way.y() : way.x()) < 1e-9 && Math.abs(way.z()) < 1e-9;
    }

    private boolean isAtTop(Member member) {
        return member.place().start().y() < frame.height(Line.OUTSIDE).toMm() / 2;
    }
}
