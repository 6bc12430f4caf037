package neatcorner.core.joint;

import java.util.List;
import java.util.Locale;
import neatcorner.core.job.JointKind;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.shop.Drawers;
import neatcorner.core.wood.Screw;
import neatcorner.core.wood.Strength;
import neatcorner.core.wood.Ware;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/** What is driven crosswise through the outside edges of a corner. Sizes and rooms are common practice, no source. */
enum Wire {
    /** Thin and headless: two from each side where they have room. */
    PIN(JointKind.PINNED, "pin", Sort.PIN, 4),
    /** The same through one of the two edges only, so that the other shows none. */
    SIDE_PIN(JointKind.SIDE_PINNED, "side_pin", Sort.PIN, 2),
    /** One from each side, beside the slots for keys that are cut later. */
    KEY_PIN(JointKind.PINNED_SPLINED, "key_pin", Sort.PIN, 2),
    /** Thicker, with a head that is set and filled over. */
    NAIL(JointKind.NAILED, "finish_nail", Sort.NAIL, 4),
    /** A screw from each side, square to its edge, its head sunk for a plug. */
    SCREW(JointKind.SCREWED, "screw", Sort.SCREW, 2);

    /** What is driven, whatever way. */
    enum Sort {
        /** Without a head. */
        PIN(
                1.2,
                List.of(90.0, 75.0, 60.0, 45.0),
                Length.inches(0, 3, 16),
                Length.inches(0, 1, 4),
                Length.inches(0, 3, 8),
                Ware.PIN,
                Length.ZERO),
        /** With a small one. */
        NAIL(
                1.8,
                List.of(90.0, 75.0, 60.0),
                Length.inches(0, 5, 16),
                Length.inches(0, 3, 8),
                Length.inches(0, 3, 4),
                Ware.NAIL,
                Length.inches(1)),
        /** With a thread. */
        SCREW(
                Screw.EIGHT.diameter().toMm(),
                List.of(90.0),
                Length.inches(0, 3, 8),
                Length.inches(0, 1, 2),
                Length.inches(0, 1, 2),
                Ware.SCREW,
                Length.inches(1));

        private final double thick;
        private final List<Double> leans;
        private final Length fromCorner;
        private final Length forTwo;
        private final Length forAll;
        private final Ware ware;
        private final Length shortest;

        Sort(
                double thick,
                List<Double> leans,
                Length fromCorner,
                Length forTwo,
                Length forAll,
                Ware ware,
                Length shortest) {
            this.thick = thick;
            this.leans = leans;
            this.fromCorner = fromCorner;
            this.forTwo = forTwo;
            this.forAll = forAll;
            this.ware = ware;
            this.shortest = shortest;
        }

        /** How long hands are busy with the two to four of one corner. Common practice, no source. */
        int minutes() {
            return switch (this) {
                case PIN -> 3;
                case NAIL -> 5;
                case SCREW -> 7;
            };
        }

        /** What its phrases are called by. */
        String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** From side grain, so deep in it in mm, in N. */
        double withdrawal(Strength wood, double deep) {
            return this == SCREW ? wood.screwWithdrawal(thick, deep) : wood.nailWithdrawal(thick, deep);
        }

        /** Across it, in N. */
        double lateral(Strength wood) {
            return this == SCREW ? wood.screwLateral(thick) : wood.nailLateral(thick);
        }
    }

    private final JointKind kind;
    private final String id;
    private final Sort sort;
    private final int most;
    private final FastenerKey length;
    private final FigureKey<Length> fromTip;

    Wire(JointKind kind, String id, Sort sort, int most) {
        this.kind = kind;
        this.id = id;
        this.sort = sort;
        this.most = most;
        this.length = new FastenerKey("joint." + id + "_length", words("length"));
        this.fromTip = FigureKey.length(Station.CORNERS, "joint." + id + "_from_tip");
    }

    JointKind kind() {
        return kind;
    }

    /** What is driven. */
    Sort sort() {
        return sort;
    }

    /** In mm. */
    double thick() {
        return sort.thick;
    }

    /** Between it and the edge in degrees, the best first; flatter ones skate off. */
    List<Double> leans() {
        return sort.leans;
    }

    /** Nearer to the corner it splits it. */
    Length fromCorner() {
        return sort.fromCorner;
    }

    /** In so much height two go in. */
    Length forTwo() {
        return sort.forTwo;
    }

    /** So many a corner at most. */
    int most() {
        return most;
    }

    /** In so much height as many as that go in. */
    Length forAll() {
        return sort.forAll;
    }

    /** As it is bought. */
    Ware ware() {
        return sort.ware;
    }

    /** The lengths at hand that are no shorter than what holds a corner, from the shortest. */
    List<Length> lengths(Drawers drawers) {
        return drawers.sizes(sort.ware).stream()
                .filter(length -> !length.isUnder(sort.shortest))
                .toList();
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

    /** What a number of it is called. */
    final Words words(String what) {
        return Words.of("figure.joint." + sort.id() + "_" + what);
    }
}
