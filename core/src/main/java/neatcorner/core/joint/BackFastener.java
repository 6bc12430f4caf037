package neatcorner.core.joint;

import java.util.List;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** What is driven across a joint from the back. Sizes are those commonly sold, from memory. */
public enum BackFastener {
    /** A bent strip of steel, its point toward the outside corner; two are stacked in tall mouldings. */
    V(JointKind.V_FASTENED, "v", 9, 6, List.of(5.0, 7.0, 10.0, 12.0, 15.0)),
    /** A wire with a leg in either piece. */
    STAPLE(JointKind.STAPLED, "staple", 12, 5, List.of(6.0, 8.0, 10.0, 12.0, 14.0));

    private final JointKind kind;
    private final String id;
    private final Length needs;
    private final double wing;
    private final List<Length> heights;
    private final FastenerKey height;

    BackFastener(JointKind kind, String id, double needs, double wing, List<Double> heights) {
        this.kind = kind;
        this.id = id;
        this.needs = Length.mm(needs);
        this.wing = wing;
        this.heights = heights.stream().map(Length::mm).toList();
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

    /** How high they are sold, the lowest first. */
    List<Length> heights() {
        return heights;
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
