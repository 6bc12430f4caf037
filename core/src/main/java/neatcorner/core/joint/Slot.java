package neatcorner.core.joint;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Safety;
import neatcorner.core.shop.Habit;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** How the slots across a corner are cut in which its keys lie. */
public enum Slot {
    /** By the saw, the corner standing in a cradle: as wide as its kerf. */
    SAWN(JointKind.SPLINED, "", Safety.SPLINE_SLOT) {
        @Override
        List<Tool> tools(Frame frame) {
            return List.of(new Tool(frame.habits().get(Habit.KERF).max(LEAST_KERF), Optional.empty(), 0));
        }
    },
    /** By the saw likewise, between pins that hold the corner meanwhile. */
    BETWEEN_PINS(JointKind.PINNED_SPLINED, "pinned_", Safety.SPLINE_SLOT) {
        @Override
        List<Tool> tools(Frame frame) {
            return SAWN.tools(frame);
        }
    },
    /** By a slot cutter in the router table, the frame lying flat. */
    CUTTER(JointKind.CUTTER_SPLINED, "cutter_", Safety.KEY_ROUTER) {
        @Override
        List<Tool> tools(Frame frame) {
            return CUTTERS;
        }
    },
    /** By a dovetail bit, the corner standing in a cradle over the router table: they cannot be drawn out. */
    DOVETAIL(JointKind.DOVETAIL_SPLINED, "dovetail_", Safety.KEY_ROUTER) {
        @Override
        List<Tool> tools(Frame frame) {
            return DOVETAILS;
        }
    };

    /**
     * What cuts the slot.
     *
     * @param width  of the slot at its deepest
     * @param most   how deep it reaches; empty where it reaches deeper than any corner wants
     * @param narrow how much the slot is narrower on either side for every mm nearer to the outside
     */
    record Tool(Length width, Optional<Length> most, double narrow) {
        /** How wide a slot so deep is where it comes out. */
        Length mouth(Length deep) {
            return width.minus(deep.times(2 * narrow));
        }
    }

    private static final Length LEAST_KERF = Length.inches(0, 1, 16);
    /** A slot takes this part of an edge at most, or it splits. Common practice, no source. */
    static final int OF_EDGE = 3;
    /** Beyond its bearing a slot cutter reaches so far. From memory. */
    private static final Optional<Length> CUTTER_REACH = Optional.of(Length.inches(0, 1, 2));
    /** Sizes commonly sold, from memory. */
    private static final List<Tool> CUTTERS = List.of(
            new Tool(Length.inches(0, 1, 16), CUTTER_REACH, 0),
            new Tool(Length.inches(0, 3, 32), CUTTER_REACH, 0),
            new Tool(Length.inches(0, 1, 8), CUTTER_REACH, 0));
    /** Bits by the width of their end, how high they cut and the slope of their flank; sizes from memory. */
    private static final List<Tool> DOVETAILS = List.of(
            dovetail(Length.inches(0, 1, 4), Length.inches(0, 3, 8), 7.5),
            dovetail(Length.inches(0, 3, 8), Length.inches(0, 3, 8), 9),
            dovetail(Length.inches(0, 1, 2), Length.inches(0, 1, 2), 14));

    private final JointKind kind;
    private final String id;
    private final Safety watch;
    private final FastenerKey height;

    Slot(JointKind kind, String id, Safety watch) {
        this.kind = kind;
        this.id = id;
        this.watch = watch;
        this.height = new FastenerKey("joint." + id + "slot_height", words("slot_height"));
    }

    private static Tool dovetail(Length width, Length high, double degrees) {
        return new Tool(width, Optional.of(high), Math.tan(Math.toRadians(degrees)));
    }

    /** What may cut it, the narrowest first. */
    abstract List<Tool> tools(Frame frame);

    /** The widest that an edge takes; empty where it splits by the narrowest. */
    Optional<Tool> tool(Frame frame) {
        Length most = frame.job().section().edgeHeight().over(OF_EDGE);
        return tools(frame).stream().filter(tool -> !tool.width().isOver(most)).max(Comparator.comparing(Tool::width));
    }

    /** The joint with such keys. */
    JointKind kind() {
        return kind;
    }

    /** For whoever cuts it. */
    Safety watch() {
        return watch;
    }

    /** Whether the corner stands on its tip in a cradle. */
    boolean isInCradle() {
        return this != CUTTER;
    }

    /** Whether a saw cuts it. */
    boolean isBySaw() {
        return this == SAWN || this == BETWEEN_PINS;
    }

    /** How deep the slot is above the corner's tip. */
    public FastenerKey height() {
        return height;
    }

    /** How wide it is at its deepest. */
    FigureKey<Length> width() {
        return key("slot_width");
    }

    /** How far up from the back a slot lies, from 1. */
    FigureKey<Length> level(int number) {
        return key("slot_level_" + number);
    }

    /** Another number of it. */
    FigureKey<Length> key(String what) {
        return FigureKey.length(Station.CORNERS, "joint." + id + what);
    }

    /** What a number is called, whatever cuts the slot. */
    static Words words(String what) {
        return Words.of("figure.joint." + what);
    }
}
