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
import neatcorner.core.strength.Hold;
import neatcorner.core.words.FigureKey;

/** Glued, with V-shaped fasteners driven from the back. */
final class VFastened implements Joint {
    /** A mitre shorter than this in mm is not seen from the front. */
    private static final double SEEN = 0.01;
    /** Half of what a fastener spans, in mm, as it is drawn. */
    private static final double WING = 6;

    @Override
    public JointKind kind() {
        return JointKind.V_FASTENED;
    }

    @Override
    public Grade grade() {
        return Grade.REINFORCED;
    }

    /** Either the glue or the fasteners: along one wing of each the wood shears out. An estimate. */
    @Override
    public Hold hold(Faying at, Fitted used) {
        double each = at.wood().shear() * used.setting(VFasteners.HEIGHT).orElse(0.0) * WING;
        double[] places = Stream.of(VFasteners.OUTER_PLACE, VFasteners.INNER_PLACE)
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
        return Optional.of(VFasteners.HEIGHT);
    }

    @Override
    public Optional<Safety> caution() {
        return Optional.of(Safety.FASTENERS);
    }

    @Override
    public boolean isDriven() {
        return true;
    }

    @Override
    public Fitted fitted(Frame frame, Optional<Length> wish, Ledger ledger) {
        return new VFasteners(frame, ledger).fitted(wish);
    }

    @Override
    public List<Words> whileClosed(Frame frame) {
        return Fitted.fastened(frame, kind());
    }

    /** Each bridges the joint with its point toward the outside corner. */
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
        Point across = joint.outward();
        List<Insert> fasteners = new ArrayList<>();
        int stacked = used.setting(VFasteners.INNER_PLACE).isPresent() ? used.count() / 2 : used.count();
        for (FigureKey<Length> key : List.of(VFasteners.OUTER_PLACE, VFasteners.INNER_PLACE)) {
            used.setting(key).ifPresent(along -> {
                Point point = outside.plus(joint.times(along - WING * 0.3));
                Point foot = outside.plus(joint.times(along + WING * 0.4));
                List<Vector> strip = List.of(
                        Vector.of(foot.plus(across.times(WING * 0.7)), 0),
                        Vector.of(point, 0),
                        Vector.of(foot.minus(across.times(WING * 0.7)), 0));
                double high = used.setting(VFasteners.HEIGHT).orElse(0.0);
                fasteners.add(new Insert(
                        Insert.Form.STRIP, strip, Hull.prism(strip, Vector.FORWARD.times(high * stacked))));
            });
        }
        return fasteners;
    }
}
