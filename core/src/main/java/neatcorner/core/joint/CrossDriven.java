package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Species;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.FigureKey;

/** Glued, with pins, nails or screws driven through the outside edges. */
record CrossDriven(Wire wire) implements Joint {
    /** With pins. */
    static final Joint PINNED = new CrossDriven(Wire.PIN);
    /** With pins through one edge only. */
    static final Joint SIDE_PINNED = new CrossDriven(Wire.SIDE_PIN);
    /** With finish nails. */
    static final Joint NAILED = new CrossDriven(Wire.NAIL);
    /** With screws. */
    static final Joint SCREWED = new CrossDriven(Wire.SCREW);

    private static final int MOST_PINS = 4;
    /** Of a nail's thickness; a tighter hole splits hard wood, a wider one holds less. Common practice, no source. */
    static final double NAIL_BIT = 0.75;
    private static final double LEVEL = 1e-6;
    private static final double ASLANT_WITHDRAWAL = 0.6;
    private static final double ASLANT_LATERAL = 2 / 3.0;

    @Override
    public JointKind kind() {
        return wire.kind();
    }

    @Override
    public boolean isAddedLater() {
        return true;
    }

    @Override
    public Craft craft() {
        return new Craft(
                Shows.ON_EDGE,
                wire.sort().minutes(),
                wire.sort() == Wire.Sort.SCREW ? JoiningTool.DRILL : JoiningTool.HAMMER);
    }

    @Override
    public Grade grade() {
        return wire.sort() == Wire.Sort.SCREW ? Grade.REINFORCED : Grade.FASTENED;
    }

    /** Pins from one side are for whoever wants the other edge clean. */
    @Override
    public boolean isOnlyChosen() {
        return wire == Wire.SIDE_PIN;
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
                ASLANT_WITHDRAWAL * wire.sort().withdrawal(at.wood(), Math.max(0, past)),
                ASLANT_LATERAL * wire.sort().lateral(at.wood()));
        double across = fromTip * Math.sin(lean) / closing;
        double all = count(used) * each;
        return Hold.either(
                at.glue(), Hold.of(all * Math.min(across, Math.max(0, at.length() - across)), all, all));
    }

    private long count(Fitted used) {
        return IntStream.rangeClosed(1, MOST_PINS)
                .filter(number -> used.setting(wire.level(number)).isPresent())
                .count();
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(wire.length());
    }

    @Override
    public Optional<Ware> ware() {
        return Optional.of(wire.ware());
    }

    @Override
    public List<Safety> cautions() {
        return List.of(wire.sort() == Wire.Sort.SCREW ? Safety.BORING : Safety.PINS);
    }

    @Override
    public boolean isDriven() {
        return true;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Pins(wire, frame, List.of(), ledger).fitted(wish);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return switch (wire.sort()) {
            case PIN -> pinned(frame);
            case NAIL ->
                List.of(Words.of(
                        "close.finish_nails",
                        frame.habits().drawers().bit(Length.mm(NAIL_BIT * wire.thick()))));
            case SCREW ->
                List.of(Words.of(
                        "close.screws",
                        frame.habits()
                                .drawers()
                                .bit(Screw.EIGHT, frame.job().section().species().hardness())));
        };
    }

    private List<Words> pinned(Frame frame) {
        return Stream.concat(
                        bored(frame, wire.thick()).stream(),
                        wire == Wire.SIDE_PIN
                                ? Stream.of(Words.of(
                                        frame.isFourSquare() ? "close.side_pins" : "close.side_pins_many"))
                                : Fitted.fastened(frame, JointKind.PINNED).stream())
                .toList();
    }

    /** Hard wood splits, or turns a pin so thick in mm aside, unless it is bored. */
    static Optional<Words> bored(Frame frame, double thick) {
        return Optional.of(Words.of(
                        "close.bore_pins", frame.habits().drawers().bit(Length.mm(NAIL_BIT * thick))))
                .filter(_ -> frame.job().section().species().hardness() == Species.Hardness.HARD
                        && !frame.job().outline().isCurved());
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
        boolean turned = wire == Wire.SIDE_PIN && !isLevel(first) && isLevel(second);
        for (int i = 1; i <= MOST_PINS; i++) {
            boolean onFirst = i <= MOST_PINS / 2 && !turned;
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

    /** Whether it lies level on the wall. */
    private static boolean isLevel(Member member) {
        return Math.abs(member.place().along().y()) < LEVEL;
    }

    private Insert driven(Vector corner, Member member, Vector along, JointOption used) {
        double lean = used.lean().radians();
        Vector start = corner.plus(along.times(used.setting(wire.fromTip()).orElse(0.0)));
        Vector way = member.place().outward().times(-Math.sin(lean)).minus(along.times(Math.cos(lean)));
        return Insert.wire(start, start.plus(way.times(used.setting(wire.length()).orElse(0.0))), wire.thick());
    }
}
