package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.frame.Member;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Point;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.JoiningTool;
import neatcorner.core.strength.Hold;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.FigureKey;

/**
 * Glued, with something driven across the joints from the back.
 *
 * @param what it is
 */
record BackDriven(BackFastener what) implements Joint {
    /** With V-shaped fasteners. */
    static final Joint V_FASTENED = new BackDriven(BackFastener.V);
    /** With staples. */
    static final Joint STAPLED = new BackDriven(BackFastener.STAPLE);

    /** A mitre shorter than this in mm is not seen from the front. */
    private static final double SEEN = 0.01;
    /** Of a staple's wire, in mm. From memory. */
    private static final double WIRE = 1.2;

    @Override
    public JointKind kind() {
        return what.kind();
    }

    /** Staples hold little: they are for whoever has only those. */
    @Override
    public boolean isOnlyChosen() {
        return what == BackFastener.STAPLE;
    }

    @Override
    public boolean isAddedLater() {
        return true;
    }

    @Override
    public Craft craft() {
        return new Craft(
                Shows.BEHIND,
                what == BackFastener.V ? 2 : 3,
                what == BackFastener.V ? JoiningTool.V_DRIVER : JoiningTool.STAPLER);
    }

    @Override
    public Grade grade() {
        return what == BackFastener.V ? Grade.REINFORCED : Grade.FASTENED;
    }

    /**
     * Either the glue or the fasteners: along one wing of each V the wood shears out, and one leg of a staple bears
     * across like a pin. An estimate.
     */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double each = what == BackFastener.V
                ? at.wood().shear() * used.setting(what.height()).orElse(0.0) * what.wing()
                : at.wood().nailLateral(WIRE);
        double[] places = Stream.of(what.outer(), what.inner())
                .flatMap(key -> used.setting(key).stream())
                .mapToDouble(place -> place)
                .toArray();
        double stacked = (double) used.count() / Math.max(1, places.length);
        double fromTip = Arrays.stream(places).sum();
        double lever = Math.min(fromTip, places.length * at.length() - fromTip);
        return Hold.either(at.glue(), Hold.of(each * stacked * lever, each * used.count(), each * used.count()));
    }

    @Override
    public Optional<FigureKey<Length>> fastener() {
        return Optional.of(what.height());
    }

    @Override
    public Optional<Ware> ware() {
        return Optional.of(what.ware());
    }

    @Override
    public List<Safety> cautions() {
        return List.of(Safety.FASTENERS);
    }

    @Override
    public boolean isDriven() {
        return true;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new BackFasteners(what, frame, ledger).fitted(wish);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return what == BackFastener.V
                ? Fitted.fastened(frame, kind())
                : List.of(Words.of(frame.job().outline().isCurved() ? "close.staples_curved" : "close.staples"));
    }

    /** Each bridges the joint, a V with its point toward the outside corner, a staple square to the joint. */
    @Override
    public List<Insert> inserts(Frame frame, JointOption used) {
        Member before = frame.members().getFirst();
        Point tip = before.outline().get(1);
        Point outside = before.curve().map(curve -> curve.outer().getLast()).orElse(tip);
        Point mitre = before.outline().get(2).minus(tip);
        if (mitre.length() < SEEN) {
            // Sides that stand upright show no mitre from the front: there is no flat back to drive into.
            return List.of();
        }
        Point joint = mitre.unit();
        Point across = joint.outward().times(what.wing());
        List<Insert> fasteners = new ArrayList<>();
        int stacked = used.setting(what.inner()).isPresent() ? used.count() / 2 : used.count();
        double high = used.setting(what.height()).orElse(0.0);
        for (FigureKey<Length> key : List.of(what.outer(), what.inner())) {
            used.setting(key)
                    .ifPresent(along -> fasteners.add(
                            what == BackFastener.V
                                    ? bent(outside, joint, across, along, high * stacked)
                                    : staple(outside.plus(joint.times(along)), across, high)));
        }
        return fasteners;
    }

    private Insert bent(Point outside, Point joint, Point across, double along, double high) {
        Point point = outside.plus(joint.times(along - what.wing() * 0.3));
        Point foot = outside.plus(joint.times(along + what.wing() * 0.4));
        List<Vector> strip = List.of(
                Vector.of(foot.plus(across.times(0.7)), 0),
                Vector.of(point, 0),
                Vector.of(foot.minus(across.times(0.7)), 0));
        return new Insert(Insert.Form.STRIP, strip, Hull.prism(strip, Vector.FORWARD.times(high)));
    }

    private static Insert staple(Point middle, Point across, double high) {
        Vector one = Vector.of(middle.plus(across), 0);
        Vector other = Vector.of(middle.minus(across), 0);
        Vector deep = Vector.FORWARD.times(high);
        return new Insert(
                Insert.Form.STRIP,
                List.of(one.plus(deep), one, other, other.plus(deep)),
                List.of(
                        Hull.rod(one, one.plus(deep), WIRE),
                        Hull.rod(other, other.plus(deep), WIRE),
                        Hull.rod(one, other, WIRE)));
    }
}
