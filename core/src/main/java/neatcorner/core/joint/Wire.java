package neatcorner.core.joint;

import java.util.List;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Strength;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** What is driven crosswise through the outside edges of a corner. Sizes and rooms are common practice, no source. */
enum Wire {
    /** Thin and headless: two from each side where they have room. */
    PIN(
            JointKind.PINNED,
            "pin",
            1.2,
            List.of(90.0, 75.0, 60.0, 45.0),
            Length.inches(0, 3, 16),
            Length.inches(0, 1, 4),
            Length.inches(0, 3, 8),
            List.of(
                    Length.inches(0, 1, 2),
                    Length.inches(0, 5, 8),
                    Length.inches(0, 3, 4),
                    Length.inches(1),
                    Length.inches(1, 1, 4),
                    Length.inches(1, 1, 2),
                    Length.inches(2))) {
        @Override
        double withdrawal(Strength wood, double deep) {
            return wood.nailWithdrawal(thick(), deep);
        }

        @Override
        double lateral(Strength wood) {
            return wood.nailLateral(thick());
        }
    },
    /** A screw from each side, square to its edge, its head sunk for a plug. */
    SCREW(
            JointKind.SCREWED,
            "screw",
            Screw.EIGHT.diameter().toMm(),
            List.of(90.0),
            Length.inches(0, 3, 8),
            Length.inches(0, 1, 2),
            Length.inches(12),
            List.of(
                    Length.inches(1),
                    Length.inches(1, 1, 4),
                    Length.inches(1, 1, 2),
                    Length.inches(2),
                    Length.inches(2, 1, 2),
                    Length.inches(3))) {
        @Override
        double withdrawal(Strength wood, double deep) {
            return wood.screwWithdrawal(thick(), deep);
        }

        @Override
        double lateral(Strength wood) {
            return wood.screwLateral(thick());
        }
    };

    private final JointKind kind;
    private final String id;
    private final double thick;
    private final List<Double> leans;
    private final Length fromCorner;
    private final Length forTwo;
    private final Length forFour;
    private final List<Length> standard;
    private final FastenerKey length;
    private final FigureKey<Length> fromTip;

    Wire(
            JointKind kind,
            String id,
            double thick,
            List<Double> leans,
            Length fromCorner,
            Length forTwo,
            Length forFour,
            List<Length> standard) {
        this.kind = kind;
        this.id = id;
        this.thick = thick;
        this.leans = leans;
        this.fromCorner = fromCorner;
        this.forTwo = forTwo;
        this.forFour = forFour;
        this.standard = standard;
        this.length = new FastenerKey("joint." + id + "_length");
        this.fromTip = FigureKey.length(Station.CORNERS, "joint." + id + "_from_tip");
    }

    JointKind kind() {
        return kind;
    }

    /** What its figures and phrases are called by. */
    String id() {
        return id;
    }

    /** In mm. */
    double thick() {
        return thick;
    }

    /** Between it and the edge in degrees, the best first; flatter ones skate off. */
    List<Double> leans() {
        return leans;
    }

    /** Nearer to the corner it splits it. */
    Length fromCorner() {
        return fromCorner;
    }

    /** In so much height one goes in from each side. */
    Length forTwo() {
        return forTwo;
    }

    /** In so much height two do. */
    Length forFour() {
        return forFour;
    }

    /** Lengths that are sold, from the shortest. */
    List<Length> standard() {
        return standard;
    }

    /** How long it is. */
    FastenerKey length() {
        return length;
    }

    /** How far in from the corner it goes in. */
    FigureKey<Length> fromTip() {
        return fromTip;
    }

    /** How far up from the back it goes in: 1 and 2 on the first side, 3 and 4 on the other. */
    FigureKey<Length> level(int number) {
        return FigureKey.length(Station.CORNERS, "joint." + id + "_level_" + number);
    }

    /** From side grain, so deep in it in mm, in N. */
    abstract double withdrawal(Strength wood, double deep);

    /** Across it, in N. */
    abstract double lateral(Strength wood);
}
