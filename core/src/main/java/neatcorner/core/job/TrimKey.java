package neatcorner.core.job;

import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.core.measure.Length;

/** The lengths that are given of bent strips. */
public enum TrimKey implements ExtraKey<Trim> {
    /** How thick one is. */
    STRIP(Trim::strip, (t, l) -> new Trim(l, t.strips(), t.proud(), t.beyond())),
    /** How far their front stands out before that of the part. */
    PROUD(Trim::proud, (t, l) -> new Trim(t.strip(), t.strips(), l, t.beyond())),
    /** How far they run on past both ends of the curve. */
    BEYOND(Trim::beyond, (t, l) -> new Trim(t.strip(), t.strips(), t.proud(), l));

    private final Function<Trim, Length> of;
    private final BiFunction<Trim, Length, Trim> in;

    TrimKey(Function<Trim, Length> of, BiFunction<Trim, Length, Trim> in) {
        this.of = of;
        this.in = in;
    }

    @Override
    public Length of(Trim trim) {
        return of.apply(trim);
    }

    @Override
    public Trim in(Trim trim, Length length) {
        return in.apply(trim, length);
    }

    /** {@code trim.strip} and the like. */
    @Override
    public String id() {
        return "trim." + name().toLowerCase(Locale.ROOT);
    }
}
