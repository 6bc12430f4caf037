package neatcorner.core.job;

import java.util.Locale;
import java.util.function.BiFunction;
import java.util.function.Function;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * A length that is given of something behind the frame: {@code fixture.1.depth} and the like.
 *
 * @param index of it, counted from 0
 * @param of    which length
 */
public record FixtureKey(int index, Of of) implements FigureKey.OfLength {
    /** The lengths that are given. */
    public enum Of {
        /** How wide. */
        WIDTH(
                Fixture::width,
                (f, l) -> new Fixture(f.kind(), f.right(), f.up(), l, f.height(), f.depth(), f.mass())),
        /** How high. */
        HEIGHT(
                Fixture::height,
                (f, l) -> new Fixture(f.kind(), f.right(), f.up(), f.width(), l, f.depth(), f.mass())),
        /** From front to back. */
        DEPTH(
                Fixture::depth,
                (f, l) -> new Fixture(f.kind(), f.right(), f.up(), f.width(), f.height(), l, f.mass())),
        /** Of the middle. */
        RIGHT(
                Fixture::right,
                (f, l) -> new Fixture(f.kind(), l, f.up(), f.width(), f.height(), f.depth(), f.mass())),
        /** Over the middle. */
        UP(
                Fixture::up,
                (f, l) -> new Fixture(f.kind(), f.right(), l, f.width(), f.height(), f.depth(), f.mass()));

        private final Function<Fixture, Length> read;
        private final BiFunction<Fixture, Length, Fixture> write;

        Of(Function<Fixture, Length> read, BiFunction<Fixture, Length, Fixture> write) {
            this.read = read;
            this.write = write;
        }
    }

    /** This length of it. */
    public Length of(Fixture fixture) {
        return of.read.apply(fixture);
    }

    /** One like it with another such length. */
    public Fixture in(Fixture fixture, Length length) {
        return of.write.apply(fixture, length);
    }

    @Override
    public String id() {
        return "fixture." + (index + 1) + "." + name();
    }

    @Override
    public Station station() {
        return Station.BRIEF;
    }

    @Override
    public Words words() {
        return Words.of("figure.fixture." + name());
    }

    private String name() {
        return of.name().toLowerCase(Locale.ROOT);
    }
}
