package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Hold;
import neatcorner.core.words.FigureKey;

/** Glued, with splines (keys) let in across the corner. */
final class Splined implements Joint {
    private static final int MOST_KEYS = 3;
    /**
     * All of a glued triangle at its limit turns with so much of its area to the power of 3/2 (the mean distance from
     * its middle, reckoned).
     */
    private static final double TWIST = 0.4;

    @Override
    public JointKind kind() {
        return JointKind.SPLINED;
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    /**
     * The glue and the keys together. Half of a key is glued in either piece, a right triangle as high as the slot; the
     * glue on both its faces shears, or the key itself breaks where it crosses the joint, its grain across.
     */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double high = used.setting(Splines.HEIGHT).orElse(0.0);
        double wide = used.setting(Splines.WIDTH).orElse(0.0);
        double half = high * high * Math.tan(at.angle() / 2) / 2;
        double glued = 2 * at.wood().shear();
        double pull = Math.min(glued * half, at.wood().bending() * wide * high);
        double moment = Math.min(
                glued * TWIST * Math.pow(half, 1.5), at.wood().bending() * wide * high * high / 6);
        int count = used.count();
        return Hold.both(at.glue(), Hold.of(count * moment, count * pull, count * glued * half));
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(Splines.HEIGHT);
    }

    @Override
    public Optional<Safety> caution() {
        return Optional.of(Safety.SPLINE_SLOT);
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Splines(frame, ledger).fitted(wish);
    }

    @Override
    public List<Words> whenSet(Adhesive adhesive) {
        return List.of(Words.of("close.splines", adhesive.clamp()));
    }

    /** A key's long edge lies square to the middle of the corner, the slot's height from the tip. */
    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        Member first = frame.members().getFirst();
        Member second = frame.members().get(1);
        double half = frame.angles().get(1).radians() / 2;
        double leg = used.setting(Splines.HEIGHT).orElse(0.0) / Math.cos(half);
        List<Insert> keys = new ArrayList<>();
        for (int i = 1; i <= MOST_KEYS; i++) {
            used.setting(Splines.level(i)).ifPresent(level -> {
                double wide = used.setting(Splines.WIDTH).orElse(0.0);
                Vector corner = first.end(0, level - wide / 2, true);
                List<Vector> key = List.of(
                        corner,
                        corner.minus(first.place().along().times(leg)),
                        corner.plus(second.place().along().times(leg)));
                keys.add(new Insert(
                        Insert.Form.PLATE, key, Hull.prism(key, first.place().front().times(wide))));
            });
        }
        return keys;
    }
}
