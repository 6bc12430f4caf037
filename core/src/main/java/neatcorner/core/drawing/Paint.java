package neatcorner.core.drawing;

import neatcorner.core.wood.Species;

/** What an area is filled or a line is drawn with. */
public sealed interface Paint {
    /** Its colour, {@code 0xRRGGBB}. */
    int rgb(Palette palette);

    /** A plain ink. */
    static Paint of(Ink ink) {
        return new Of(ink);
    }

    /** A plain ink. */
    record Of(Ink ink) implements Paint {
        @Override
        public int rgb(Palette palette) {
            return palette.rgb(ink);
        }
    }

    /** Wood of a species. */
    record Wood(Species species, Shade shade) implements Paint {
        @Override
        public int rgb(Palette palette) {
            return switch (shade) {
                case FACE -> palette.wood(species.colour());
                case PALE -> Palette.mixed(species.colour(), palette.rgb(Ink.PANEL), 0.62);
                case GRAIN -> palette.wood(Palette.mixed(species.colour(), 0x3A2412, 0.22));
                case EDGE -> palette.wood(Palette.mixed(species.colour(), 0x1E140A, 0.8));
            };
        }
    }

    /**
     * Wood in light from one side.
     *
     * @param light from 0, in the dark, to 1
     */
    record Lit(Species species, double light) implements Paint {
        @Override
        public int rgb(Palette palette) {
            return palette.wood(Palette.mixed(0x1E140A, species.colour(), 0.35 + 0.65 * light));
        }
    }

    /** Which of a species' colours. */
    enum Shade {
        /** The face itself. */
        FACE,
        /** Wood that stays behind. */
        PALE,
        /** The lines of the grain. */
        GRAIN,
        /** Outlines. */
        EDGE
    }
}
