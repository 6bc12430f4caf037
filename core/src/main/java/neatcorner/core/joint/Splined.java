package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
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
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;
import neatcorner.core.words.FigureKey;

/**
 * Glued, with splines (keys) let in across the corner.
 *
 * @param slot how their slots are cut
 */
record Splined(Slot slot) implements Joint {
    private static final int MOST_KEYS = 3;
    /**
     * All of a glued triangle at its limit turns with so much of its area to the power of 3/2 (the mean distance from
     * its middle, reckoned).
     */
    static final double TWIST = 0.4;

    @Override
    public JointKind kind() {
        return slot.kind();
    }

    @Override
    public boolean isAddedLater() {
        return true;
    }

    @Override
    public Craft craft() {
        return new Craft(
                Shows.ON_EDGE,
                slot == Slot.DOVETAIL ? 15 : 10,
                slot.isBySaw() ? JoiningTool.KEY_CRADLE : JoiningTool.ROUTER_TABLE);
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    @Override
    public boolean isInCradle() {
        return slot.isInCradle();
    }

    /**
     * The glue and the keys together. Half of a key is glued in either piece, a right triangle as high as the slot; the
     * glue on both its faces shears, or the key itself breaks where it crosses the joint, its grain across. That a
     * dovetailed one cannot be drawn out is not counted.
     */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double high = used.setting(slot.height()).orElse(0.0);
        double wide = used.setting(slot.width()).orElse(0.0);
        double half = high * high * Math.tan(at.angle() / 2) / 2;
        double glued = 2 * at.wood().shear();
        double pull = Math.min(glued * half, at.wood().bending() * wide * high);
        double moment = Math.min(
                glued * TWIST * Math.pow(half, 1.5), at.wood().bending() * wide * high * high / 6);
        long count = levels(used).count();
        return Hold.both(at.glue(), Hold.of(count * moment, count * pull, count * glued * half));
    }

    /** How far up from the back the keys lie, in mm. */
    DoubleStream levels(Fitted used) {
        return IntStream.rangeClosed(1, MOST_KEYS)
                .mapToObj(number -> used.setting(slot.level(number)))
                .flatMapToDouble(level -> level.stream().mapToDouble(at -> at));
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(slot.height());
    }

    @Override
    public List<Safety> cautions() {
        return List.of(slot.watch());
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new Splines(slot, frame, ledger).fitted(wish);
    }

    /** A blade in a corner that only just holds itself would open it. */
    @Override
    public List<Words> whenSet(Adhesive adhesive) {
        return List.of(Words.of("close." + slot.kind().id(), adhesive.cure()));
    }

    /** A key's long edge lies square to the middle of the corner, the slot's height from the tip. */
    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        Member first = frame.members().getFirst();
        Member second = frame.members().get(1);
        double half = frame.angles().get(1).radians() / 2;
        double high = used.setting(slot.height()).orElse(0.0);
        double wide = used.setting(slot.width()).orElse(0.0);
        double mouth = slot.tool(frame)
                .map(tool -> tool.mouth(Length.mm(high)).toMm())
                .orElse(wide);
        Vector toFirst = first.place().along().times(-high / Math.cos(half));
        Vector toSecond = second.place().along().times(high / Math.cos(half));
        Vector front = first.place().front();
        List<Insert> keys = new ArrayList<>();
        levels(used.fitted()).forEach(level -> {
            Vector tip = first.end(0, level, true);
            List<Vector> deep = List.of(tip.plus(toFirst), tip.plus(toSecond));
            List<Vector> body = new ArrayList<>();
            for (double side : new double[] {-0.5, 0.5}) {
                body.add(tip.plus(front.times(side * mouth)));
                deep.forEach(place -> body.add(place.plus(front.times(side * wide))));
            }
            List<Vector> key = List.of(tip, deep.get(0), deep.get(1));
            keys.add(new Insert(Insert.Form.PLATE, key, new Hull(body, 0)));
        });
        return keys;
    }
}
