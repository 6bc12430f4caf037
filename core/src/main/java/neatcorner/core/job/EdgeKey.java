package neatcorner.core.job;

import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.core.measure.Length;

/** The numbers that are given of an inner edge that is sawn to a shape. */
public enum EdgeKey implements ExtraKey<ShapedEdge> {
    /** How long a repeat is wished. */
    PITCH(ShapedEdge::pitch, ShapedEdge::withPitch),
    /** How far it runs into the wood. */
    RISE(ShapedEdge::rise, ShapedEdge::withRise),
    /** What stays straight at both ends of a side. */
    CORNER(ShapedEdge::corner, ShapedEdge::withCorner);

    private final Function<ShapedEdge, Length> of;
    private final BiFunction<ShapedEdge, Length, ShapedEdge> in;

    EdgeKey(Function<ShapedEdge, Length> of, BiFunction<ShapedEdge, Length, ShapedEdge> in) {
        this.of = of;
        this.in = in;
    }

    @Override
    public Length of(ShapedEdge edge) {
        return of.apply(edge);
    }

    @Override
    public ShapedEdge in(ShapedEdge edge, Length length) {
        return in.apply(edge, length);
    }

    /** {@code edge.pitch} and the like. */
    @Override
    public String id() {
        return "edge." + name().toLowerCase(Locale.ROOT);
    }
}
