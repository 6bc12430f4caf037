package neatcorner.app.desk;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.drawing.Palette;
import neatcorner.core.measure.Graduation;
import neatcorner.core.measure.Unit;
import neatcorner.core.phrase.Refusal;

/**
 * How the window looks; kept in the shop.
 *
 * @param graduation the tape
 * @param palette    day or evening
 * @param textSize   in per cent, from 100 to 160
 */
public record Appearance(Graduation graduation, Palette palette, int textSize) {
    /** Sixteenths, by day, at the usual size. */
    public static final Appearance USUAL = new Appearance(Graduation.INCH_16, Palette.DAY, 100);
    private static final int LEAST = 100;
    private static final int MOST = 160;

    public Appearance {
        if (palette == Palette.PRINT) {
            throw new IllegalArgumentException("a window has no print in it");
        }
        if (textSize < LEAST || textSize > MOST) {
            throw Refusal.of("appearance.text_size_is", textSize);
        }
    }

    /** On another tape. */
    public Appearance with(Graduation other) {
        return new Appearance(other, palette, textSize);
    }

    /** In the other unit; asked again for the same one, on finer marks and round again. */
    public Appearance in(Unit unit) {
        List<Graduation> marks = Stream.of(Graduation.values()).filter(g -> g.unit() == unit).toList();
        return with(graduation.unit() == unit
                ? marks.get((marks.indexOf(graduation) + 1) % marks.size())
                : marks.getFirst());
    }

    /** In the unit that is not in use. */
    public Appearance inOtherUnit() {
        return in(graduation.unit() == Unit.INCH ? Unit.MM : Unit.INCH);
    }

    /** By day or in the evening, whichever it is not. */
    public Appearance inOtherLight() {
        return new Appearance(graduation, palette == Palette.DAY ? Palette.EVENING : Palette.DAY, textSize);
    }

    /** Larger or smaller by so many per cent, as far as it goes. */
    public Appearance larger(int percent) {
        return new Appearance(graduation, palette, Math.clamp(textSize + percent, LEAST, MOST));
    }

    /** As text for the store. */
    public String text() {
        return graduation + " " + palette + " " + textSize;
    }

    /** From the store; what cannot be read is as usual. */
    public static Appearance of(String text) {
        String[] parts = text.split(" ");
        try {
            return new Appearance(Graduation.valueOf(parts[0]), Palette.valueOf(parts[1]), Integer.parseInt(parts[2]));
        } catch (IllegalArgumentException | Refusal | ArrayIndexOutOfBoundsException unreadable) {
            return USUAL;
        }
    }
}
