package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Hold;
import neatcorner.core.words.FigureKey;

/** Glued, with pins driven crosswise through the outside edges. */
final class Pinned implements Joint {
    private static final int MOST_PINS = 4;
    /** Of a pin, in mm. Common practice, no source. */
    private static final double THICK = 1.2;

    private static final double ASLANT_WITHDRAWAL = 0.6;
    private static final double ASLANT_LATERAL = 2 / 3.0;

    @Override
    public JointKind kind() {
        return JointKind.PINNED;
    }

    @Override
    public Grade grade() {
        return Grade.FASTENED;
    }

    /**
     * Either the glue or the pins; a pin holds by the lesser of its withdrawal, of which six tenths are left aslant to
     * the grain, and of what it bears across, of which two thirds are left there (Wood Handbook, from memory).
     */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double length = used.setting(Pins.LENGTH).orElse(0.0);
        double fromTip = used.setting(Pins.FROM_TIP).orElse(0.0);
        double lean = used.lean().radians();
        double closing = Math.sin(at.toGrain() + lean);
        double past = length - fromTip * Math.sin(at.toGrain()) / closing;
        double each = Math.min(
                ASLANT_WITHDRAWAL * at.wood().nailWithdrawal(THICK, Math.max(0, past)),
                ASLANT_LATERAL * at.wood().nailLateral(THICK));
        double across = fromTip * Math.sin(lean) / closing;
        double all = used.count() * each;
        return Hold.either(
                at.glue(), Hold.of(all * Math.min(across, Math.max(0, at.length() - across)), all, all));
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(Pins.LENGTH);
    }

    @Override
    public Optional<Safety> caution() {
        return Optional.of(Safety.PINS);
    }

    @Override
    public boolean isDriven() {
        return true;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Pins(frame, ledger).fitted(wish);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return Fitted.fastened(frame, kind());
    }

    /**
     * A pin enters some way from the corner along a piece and leans back toward the corner; 1 and 2 on one side, 3 and
     * 4 on the other.
     */
    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        List<Insert> pins = new ArrayList<>();
        Member first = frame.members().getFirst();
        Member second = frame.members().get(1);
        for (int i = 1; i <= MOST_PINS; i++) {
            boolean onFirst = i <= MOST_PINS / 2;
            used.setting(Pins.level(i))
                    .ifPresent(level -> pins.add(pin(
                            first.end(0, level, true),
                            onFirst ? first : second,
                            onFirst
                                    ? first.place().along().times(-1)
                                    : second.place().along(),
                            used)));
        }
        return pins;
    }

    private static Insert pin(Vector corner, Member member, Vector along, JointOption used) {
        double lean = used.lean().radians();
        Vector start = corner.plus(along.times(used.setting(Pins.FROM_TIP).orElse(0.0)));
        Vector way = member.place().outward().times(-Math.sin(lean)).minus(along.times(Math.cos(lean)));
        return Insert.wire(start, start.plus(way.times(used.setting(Pins.LENGTH).orElse(0.0))), THICK);
    }
}
