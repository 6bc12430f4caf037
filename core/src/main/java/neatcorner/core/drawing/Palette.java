package neatcorner.core.drawing;

import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import neatcorner.core.recall.Known;

/**
 * Colours for the inks, {@code 0xRRGGBB}, the same roles by day, in the evening and in print.
 */
public enum Palette {
    /** Unbleached paper, graphite. */
    DAY(0xF3EEE4, 0xFBF8F2, 0x22282E, 0x57606A, 0xD8CFBF, 0x22598F, 0xE4EDF6, 0xB23A2C, 0x2E6B4E, 0x9A5F06,
            0x1E1208, 0xC4DCE6, 0xB9C4CB, 0xEDE9DF, 0xFFFFFF, 0xD9C7A3, 0x6B7480, 0x7A4A22, 0xFFF8EE),
    /** The same bench under a lamp. */
    EVENING(0x1B1F24, 0x252A31, 0xECE7DC, 0xA9B0B8, 0x434A53, 0x8FBDEB, 0x22384F, 0xEE8273, 0x7FC6A0, 0xE3A94F,
            0x1E1208, 0x4A6977, 0x7D8990, 0xB9B4A8, 0xDAD7D0, 0x8F8165, 0xB4BCC6, 0x5B3413, 0xFFF8EE),
    /** Bare paper and a cheap printer, grey perhaps: no tint under words, dark letters, lines that come out. */
    PRINT(0xFFFFFF, 0xFFFFFF, 0x000000, 0x2E343A, 0x8C8C8C, 0x123F70, 0xFFFFFF, 0x8E2418, 0x1D4F37, 0x704300,
            0x1E1208, 0xE2EDF2, 0xD5DBDF, 0xF6F4EF, 0xFFFFFF, 0xE6DAC0, 0x4A525C, 0x7A4A22, 0xFFF8EE);

    /** How much darker wood is in the evening; more would leave letters on cherry neither dark nor light enough. */
    private static final double DIMMED = 0.08;
    private final Map<Ink, Integer> colours = new EnumMap<>(Ink.class);

    Palette(int... rgb) {
        for (Ink ink : Ink.values()) {
            colours.put(ink, rgb[ink.ordinal()]);
        }
    }

    /** The colour of an ink. */
    public int rgb(Ink ink) {
        return Known.in(colours, ink);
    }

    /** Wood of this colour, a little darker in the evening. */
    int wood(int rgb) {
        return mixed(rgb, 0x14100C, this == EVENING ? DIMMED : 0);
    }

    /** As style sheets write it: {@code #RRGGBB}. */
    public String hex(Ink ink) {
        return String.format(Locale.ROOT, "#%06X", rgb(ink));
    }

    /** {@code share} of the way from one colour to the other, 0 to 1. */
    static int mixed(int from, int to, double share) {
        int rgb = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            int a = from >> shift & 0xFF;
            int b = to >> shift & 0xFF;
            rgb |= (int) Math.round(a + (b - a) * share) << shift;
        }
        return rgb;
    }
}
