package neatcorner.core.joint;

import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** What is driven across a joint from the back. */
public enum BackFastener {
    /** A bent strip of steel, its point toward the outside corner; two are stacked in tall mouldings. */
    V(JointKind.V_FASTENED, "v", 9, 6, Ware.V_FASTENER),
    /** A wire with a leg in either piece. */
    STAPLE(JointKind.STAPLED, "staple", 12, 5, Ware.STAPLE);

    private final JointKind kind;
    private final String id;
    private final Length needs;
    private final double wing;
    private final Ware ware;
    private final FastenerKey height;

    BackFastener(JointKind kind, String id, double needs, double wing, Ware ware) {
        this.kind = kind;
        this.id = id;
        this.needs = Length.mm(needs);
        this.wing = wing;
        this.ware = ware;
        this.height = new FastenerKey("joint." + id + "_height");
    }

    JointKind kind() {
        return kind;
    }

    /** What its phrases are called by. */
    String id() {
        return id;
    }

    /** What it takes of the back, square to the edge. */
    Length needs() {
        return needs;
    }

    /** Half of what it spans across the joint, in mm. */
    double wing() {
        return wing;
    }

    /** As it is bought. */
    Ware ware() {
        return ware;
    }

    /** Whether one may be driven on top of another. */
    boolean isStacked() {
        return this == V;
    }

    /** How high it is, or how long its legs. */
    public FastenerKey height() {
        return height;
    }

    /** Where the outer one is, along the joint. */
    FigureKey<Length> outer() {
        return FigureKey.length(Station.CORNERS, "joint." + id + "_outer");
    }

    /** Where the inner one is, along the joint. */
    FigureKey<Length> inner() {
        return FigureKey.length(Station.CORNERS, "joint." + id + "_inner");
    }

    /** Why it does not fit, or how a number comes about. */
    Words said(String group, String what, Object... arguments) {
        return Words.of(group + "." + id + "_" + what, arguments);
    }
}
