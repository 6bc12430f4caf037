package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.measure.Mass;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.words.FigureKey;

/** Glued, with splines (keys) let in across the corner. */
final class Splined implements Joint {
    private static final int MOST_KEYS = 3;

    @Override
    public JointKind kind() {
        return JointKind.SPLINED;
    }

    @Override
    public Mass most() {
        return Mass.kg(25);
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
                Vector corner = first.end(0, level, true);
                keys.add(new Insert(
                        Insert.Form.PLATE,
                        List.of(
                                corner,
                                corner.minus(first.place().along().times(leg)),
                                corner.plus(second.place().along().times(leg)))));
            });
        }
        return keys;
    }
}
