package neatcorner.core.job;

import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.core.measure.Length;

/** The lengths that are given of slats. */
public enum SlatKey implements ExtraKey<Slats> {
    /** How wide one is. */
    WIDTH(Slats::width, (s, l) -> new Slats(l, s.thickness(), s.pitch(), s.degrees(), s.groove(), s.play())),
    /** How thick one is. */
    THICKNESS(Slats::thickness, (s, l) -> new Slats(s.width(), l, s.pitch(), s.degrees(), s.groove(), s.play())),
    /** From one to the next, as wished. */
    PITCH(Slats::pitch, (s, l) -> new Slats(s.width(), s.thickness(), l, s.degrees(), s.groove(), s.play())),
    /** How deep their ends stand in the upright sides. */
    GROOVE(Slats::groove, (s, l) -> new Slats(s.width(), s.thickness(), s.pitch(), s.degrees(), l, s.play())),
    /** Left at their ends, both together. */
    PLAY(Slats::play, (s, l) -> new Slats(s.width(), s.thickness(), s.pitch(), s.degrees(), s.groove(), l));

    private final Function<Slats, Length> of;
    private final BiFunction<Slats, Length, Slats> in;

    SlatKey(Function<Slats, Length> of, BiFunction<Slats, Length, Slats> in) {
        this.of = of;
        this.in = in;
    }

    @Override
    public Length of(Slats slats) {
        return of.apply(slats);
    }

    @Override
    public Slats in(Slats slats, Length length) {
        return in.apply(slats, length);
    }

    /** {@code slat.pitch} and the like. */
    @Override
    public String id() {
        return "slat." + name().toLowerCase(Locale.ROOT);
    }
}
