package neatcorner.core.section;

import java.util.Optional;
import neatcorner.core.measure.Length;

/** The ways a section can hold the package, each with numbers to start from. */
public enum Holds {
    /** A plain rabbet. */
    RABBET,
    /** Two steps. */
    DOUBLE_RABBET,
    /** A groove for a panel. */
    SLOT,
    /** Two grooves, for a pane and for the back of a box. */
    TWO_SLOTS,
    /** A floater's ledge. */
    FLOATER,
    /** A floater's wall, its ledge fitted in behind it. */
    FLOATER_WALL,
    /** It lies over a mirror that hangs. */
    OVER,
    /** Nothing. */
    BAR,
    /** A rabbet cut with the blade tilted, for sides that lean. */
    TILTED_RABBET;

    /** How a recess holds. */
    public static Holds of(Recess recess) {
        return switch (recess) {
            case Recess.Rabbet _ -> RABBET;
            case Recess.TiltedRabbet _ -> TILTED_RABBET;
            case Recess.DoubleRabbet _ -> DOUBLE_RABBET;
            case Recess.Slot slot -> slot.behind().isPresent() ? TWO_SLOTS : SLOT;
            case Recess.Floater floater -> floater.isWall() ? FLOATER_WALL : FLOATER;
            case Recess.Over _ -> OVER;
            case Recess.Bar _ -> BAR;
        };
    }

    /** A recess of this kind for a section, with the lip and depth it has now where it has any. */
    public Recess in(Section section) {
        Length lip = section.lip().isPositive() ? section.lip() : Length.inches(0, 1, 4).min(section.face().over(3));
        Length depth = section.recess() instanceof Recess.Covering
                ? section.recessDepth()
                : section.stacked().times(0.6);
        return switch (this) {
            case RABBET -> new Recess.Rabbet(lip, depth);
            case TILTED_RABBET -> new Recess.TiltedRabbet(lip, depth, 10);
            case DOUBLE_RABBET -> new Recess.DoubleRabbet(lip, depth,
                    lip.plus(Length.inches(0, 1, 4).min(section.face().minus(lip).over(3))), depth.over(3));
            case SLOT -> new Recess.Slot(lip, section.stacked().over(3), section.stacked().over(3));
            case TWO_SLOTS ->
                new Recess.Slot(
                        lip,
                        section.stacked().times(0.7),
                        section.stacked().over(8).max(Length.mm(2)),
                        Optional.of(new Recess.Slot.Groove(
                                section.stacked().over(8).max(Length.mm(2)),
                                section.stacked().over(8).max(Length.mm(2)))));
            case FLOATER -> new Recess.Floater(Length.inches(0, 3, 4), section.stacked().over(4).max(Length.mm(3)));
            case FLOATER_WALL -> Recess.Floater.WALL;
            case OVER ->
                new Recess.Over(
                        Length.inches(0, 3, 4).min(section.face().over(2)),
                        Length.inches(0, 3, 8),
                        Length.inches(0, 1, 4));
            case BAR -> new Recess.Bar();
        };
    }
}
