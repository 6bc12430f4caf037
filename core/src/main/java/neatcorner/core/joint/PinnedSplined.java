package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.Adhesive;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.strength.Hold;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/** Two together: pins hold the glued corner without clamps, and keys are sawn in between them when it has set. */
final class PinnedSplined implements Joint {
    private final Splined keys = new Splined(Slot.BETWEEN_PINS);
    private final CrossDriven pins = new CrossDriven(Wire.KEY_PIN);

    @Override
    public JointKind kind() {
        return JointKind.PINNED_SPLINED;
    }

    @Override
    public Craft craft() {
        return pins.craft().and(keys.craft());
    }

    @Override
    public Grade grade() {
        return keys.grade();
    }

    @Override
    public boolean isInCradle() {
        return keys.isInCradle();
    }

    /** The better of keys and pins: steel gives before glue is at its limit, so they do not bear together. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        return Hold.either(keys.hold(at, used), pins.hold(at, used));
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return keys.fastener();
    }

    @Override
    public List<Safety> cautions() {
        return Stream.concat(pins.cautions().stream(), keys.cautions().stream()).toList();
    }

    @Override
    public boolean isDriven() {
        return true;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        Fitted slots = keys.fitted(frame, wish, ledger);
        if (!slots.fits()) {
            return slots;
        }
        double half = slots.setting(Slot.BETWEEN_PINS.width()).orElseThrow() / 2;
        List<double[]> taken = keys.levels(slots)
                .mapToObj(level -> new double[] {level - half, level + half})
                .toList();
        Fitted driven = new Pins(Wire.KEY_PIN, frame, taken, ledger).fitted(Optional.empty());
        if (!driven.fits()) {
            return Fitted.not(kind(), Words.of("obstacle.pins_beside_keys", Pins.BESIDE));
        }
        List<Figure<Length>> settings =
                Stream.concat(slots.settings().stream(), driven.settings().stream()).toList();
        return new Fitted(kind(), settings, slots.count() + driven.count(), List.of(), driven.lean());
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return pins.whileClosed(frame);
    }

    @Override
    public List<Words> whenSet(Adhesive adhesive) {
        return keys.whenSet(adhesive);
    }

    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        List<Insert> both = new ArrayList<>(keys.inserts(frame, used));
        both.addAll(pins.inserts(frame, used));
        return both;
    }
}
