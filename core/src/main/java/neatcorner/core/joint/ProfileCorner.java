package neatcorner.core.joint;

import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Construction;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Angle;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Stuff;

/** The corner pieces that are made for a metal profile; what they hold only their maker can say. */
final class ProfileCorner implements Joint {
    @Override
    public JointKind kind() {
        return JointKind.PROFILE_CORNER;
    }

    @Override
    public Craft craft() {
        return new Craft(Shows.BEHIND, 2);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    /** Not judged here. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        return Hold.of(Double.MAX_VALUE, Double.MAX_VALUE, Double.MAX_VALUE);
    }

    @Override
    public boolean goesWith(Construction construction) {
        return true;
    }

    @Override
    public boolean isFor(Stuff stuff) {
        return !stuff.isWorkedLikeWood();
    }

    @Override
    public boolean isGlued() {
        return false;
    }

    @Override
    public Optional<Words> instead() {
        return Optional.of(Words.of("joint.not_judged"));
    }

    @Override
    public List<Safety> cautions() {
        return List.of();
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Fitted(kind(), List.of(), 0, List.of(), Angle.RIGHT);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return List.of(Words.of("close.profile_corner"));
    }
}
