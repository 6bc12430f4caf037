package neatcorner.core.wood;

import java.util.Locale;
import neatcorner.core.phrase.Named;
import neatcorner.core.phrase.Words;

/** What kind of thing a frame is made of, and so what may be done to it. */
public enum Stuff implements Named {
    /** Solid wood: sawn from boards, planed, moving across its grain. */
    WOOD,
    /** Thin leaves glued crosswise: comes in sheets, works like wood, hardly moves. */
    LAYERED,
    /** Fibres or chips pressed to a sheet: no grain, soft edges that swell, sharp to tools. */
    PRESSED,
    /** Metal: neither glued nor routed with what a frame maker has for wood. */
    METAL;

    /** Whether it grew: it moves with the air, and splits along its grain. */
    public boolean isGrown() {
        return this == WOOD;
    }

    /** Whether it comes in sheets. */
    public boolean isSheet() {
        return this == LAYERED || this == PRESSED;
    }

    /** Whether wood glue, pins and a router do for it what they do for wood. */
    public boolean isWorkedLikeWood() {
        return this != METAL;
    }

    @Override
    public Words words() {
        return Words.of("stuff." + name().toLowerCase(Locale.ROOT));
    }
}
