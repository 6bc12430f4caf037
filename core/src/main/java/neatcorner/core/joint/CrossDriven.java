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
import neatcorner.core.wood.Screw;
import neatcorner.core.words.FigureKey;

/** Glued, with pins or screws driven crosswise through the outside edges. */
record CrossDriven(Wire wire) implements Joint {
    /** With pins. */
    static final Joint PINNED = new CrossDriven(Wire.PIN);
    /** With screws. */
    static final Joint SCREWED = new CrossDriven(Wire.SCREW);

    private static final int MOST_PINS = 4;
    private static final double ASLANT_WITHDRAWAL = 0.6;
    private static final double ASLANT_LATERAL = 2 / 3.0;

    @Override
    public JointKind kind() {
        return wire.kind();
    }

    @Override
    public Grade grade() {
        return wire == Wire.PIN ? Grade.FASTENED : Grade.REINFORCED;
    }

    /**
     * Either the glue or what is driven; each holds by the lesser of its withdrawal, of which six tenths are left
     * aslant to the grain, and of what it bears across, of which two thirds are left there (Wood Handbook, from
     * memory).
     */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double length = used.setting(wire.length()).orElse(0.0);
        double fromTip = used.setting(wire.fromTip()).orElse(0.0);
        double lean = used.lean().radians();
        double closing = Math.sin(at.toGrain() + lean);
        double past = length - fromTip * Math.sin(at.toGrain()) / closing;
        double each = Math.min(
                ASLANT_WITHDRAWAL * wire.withdrawal(at.wood(), Math.max(0, past)),
                ASLANT_LATERAL * wire.lateral(at.wood()));
        double across = fromTip * Math.sin(lean) / closing;
        double all = used.count() * each;
        return Hold.either(
                at.glue(), Hold.of(all * Math.min(across, Math.max(0, at.length() - across)), all, all));
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(wire.length());
    }

    @Override
    public Optional<Safety> caution() {
        return Optional.of(wire == Wire.PIN ? Safety.PINS : Safety.BORING);
    }

    @Override
    public boolean isDriven() {
        return true;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Pins(wire, frame, ledger).fitted(wish);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return wire == Wire.PIN
                ? Fitted.fastened(frame, kind())
                : List.of(Words.of(
                        "close.screws",
                        Screw.EIGHT.bit(frame.job().section().species().hardness())));
    }

    /**
     * Each enters some way from the corner along a piece and leans back toward the corner; 1 and 2 on one side, 3 and
     * 4 on the other.
     */
    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        List<Insert> pins = new ArrayList<>();
        Member first = frame.members().getFirst();
        Member second = frame.members().get(1);
        for (int i = 1; i <= MOST_PINS; i++) {
            boolean onFirst = i <= MOST_PINS / 2;
            used.setting(wire.level(i))
                    .ifPresent(level -> pins.add(driven(
                            first.end(0, level, true),
                            onFirst ? first : second,
                            onFirst
                                    ? first.place().along().times(-1)
                                    : second.place().along(),
                            used)));
        }
        return pins;
    }

    private Insert driven(Vector corner, Member member, Vector along, JointOption used) {
        double lean = used.lean().radians();
        Vector start = corner.plus(along.times(used.setting(wire.fromTip()).orElse(0.0)));
        Vector way = member.place().outward().times(-Math.sin(lean)).minus(along.times(Math.cos(lean)));
        return Insert.wire(start, start.plus(way.times(used.setting(wire.length()).orElse(0.0))), wire.thick());
    }
}
