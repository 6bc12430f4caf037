package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.job.Placement;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Rounding;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.section.Recess;
import neatcorner.core.strength.Hold;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Glued, with a three-sided block in the inner angle of every corner, where nothing is framed: in bars under cloth and
 * in parts that lie behind others. It ends short of the front, so that it touches no cloth. Sizes are common practice,
 * no source.
 */
final class Blocked implements Joint {
    /** How long the two sides are by which it is glued. */
    static final FastenerKey LEG = new FastenerKey("joint.block_leg");

    private static final FigureKey<Length> HIGH = FigureKey.length(Station.CORNERS, "joint.block_high");
    /** It stays so far behind the front. */
    private static final Length SHORT_OF_FRONT = Length.inches(0, 1, 8);

    private static final Length LEAST = Length.inches(0, 3, 4);
    private static final Length MOST = Length.inches(2);
    private static final Length LEAST_HIGH = Length.inches(0, 3, 8);
    /** Of an inner edge, so that two blocks do not meet on one. */
    private static final int SHARE = 3;
    /** Wood bears across its grain about a third of what it bears in shear along it (Wood Handbook, from memory). */
    private static final double APART = 1 / 3.0;

    @Override
    public JointKind kind() {
        return JointKind.BLOCKED;
    }

    @Override
    public boolean isAddedLater() {
        return true;
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.BEHIND, 7);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    @Override
    public boolean goesWith(Construction construction) {
        return construction instanceof Construction.Mitred
                || construction.isSquared(
                        corner -> corner == SquareCorner.BUTTED || corner == SquareCorner.HOUSED);
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(LEG);
    }

    @Override
    public List<Safety> cautions() {
        return List.of(Safety.GUSSETS);
    }

    /** The glue of the ends and of the block, whose sides are pulled off across the grain or roll along it. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double leg = used.setting(LEG).orElse(0.0);
        double high = used.setting(HIGH).orElse(0.0);
        double apart = APART * at.wood().shear();
        return Hold.both(
                at.glued(),
                Hold.of(
                        apart * high * leg * leg / 6,
                        apart * high * leg,
                        Faying.ROLLING * at.wood().shear() * high * leg));
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        if (!isFree(frame)) {
            return Fitted.not(kind(), Words.of("obstacle.block_seen"));
        }
        if (!frame.isConvex() || frame.job().outline().isCurved()) {
            return Fitted.not(kind(), Words.of("obstacle.block_angle"));
        }
        Length high = frame.job().section().thickness().minus(SHORT_OF_FRONT);
        Length most = inner(frame).over(SHARE).min(MOST);
        if (high.isUnder(LEAST_HIGH) || most.isUnder(LEAST)) {
            return Fitted.not(
                    kind(),
                    high.isUnder(LEAST_HIGH)
                            ? Words.of("obstacle.block_thin", frame.job().section().thickness(), high, LEAST_HIGH)
                            : Words.of("obstacle.block_short", most, LEAST));
        }
        Length leg = wish.orElse(most);
        List<Words> obstacles =
                leg.isOver(most) ? List.of(Words.of("obstacle.block_long", leg, most, leg.minus(most))) : List.of();
        return new Fitted(
                kind(),
                List.of(
                        ledger.enter(Figure.formula(LEG)
                                .with("inner_edge", inner(frame))
                                .note("block_leg", MOST)
                                .rounded(Rounding.DOWN)
                                .gives(leg)),
                        ledger.enter(Figure.sum(HIGH)
                                .start("thickness", frame.job().section().thickness())
                                .minus("behind_front", SHORT_OF_FRONT)
                                .rounded(Rounding.DOWN)
                                .result())),
                1,
                obstacles,
                Angle.RIGHT);
    }

    /** Whether its inner angles are covered by cloth or by what it lies behind, and nothing lies in them. */
    private static boolean isFree(Frame frame) {
        boolean behind = frame.job()
                .placement()
                .filter(place -> place instanceof Placement.InBack || place instanceof Placement.Behind)
                .isPresent();
        return frame.job().section().recess() instanceof Recess.Bar && (behind || frame.job().isStretcher());
    }

    /** The shortest inner edge. */
    private static Length inner(Frame frame) {
        return frame.members().stream()
                .map(member -> member.shortPoint().value())
                .reduce(Length::min)
                .orElseThrow();
    }

    @Override
    public List<Words> whenSet(Adhesive adhesive) {
        return List.of(Words.of("close.blocks", adhesive.clamp()));
    }

    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        if (used.setting(LEG).isEmpty()) {
            return List.of();
        }
        double leg = used.setting(LEG).orElseThrow();
        double high = used.setting(HIGH).orElseThrow();
        List<Vector> places = new ArrayList<>(triangle(frame, leg, 0));
        places.addAll(triangle(frame, leg, high));
        return List.of(new Insert(Insert.Form.BLOCK, places, new Hull(places, 0)));
    }

    /** At a level, the inner corner first. */
    private static List<Vector> triangle(Frame frame, double leg, double level) {
        Member first = frame.members().getFirst();
        Member second = frame.members().get(1);
        if (frame.isSquared()) {
            Crossing crossing = Crossing.of(frame);
            double in = crossing.through().section().face().toMm();
            double beside = crossing.standing().section().face().toMm();
            return List.of(
                    crossing.at(in, beside, level),
                    crossing.at(in + leg, beside, level),
                    crossing.at(in, beside + leg, level));
        }
        Vector inner = first.end(-first.section().face().toMm(), level, true);
        return List.of(
                inner,
                inner.minus(first.place().along().times(leg)),
                inner.plus(second.place().along().times(leg)));
    }
}
