package neatcorner.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.core.frame.Frame;
import neatcorner.core.job.SquareCorner;
import neatcorner.core.job.Through;
import neatcorner.core.measure.Length;
import neatcorner.core.outline.Hull;
import neatcorner.core.outline.Vector;
import neatcorner.core.phrase.Words;
import neatcorner.core.report.Ledger;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;
import neatcorner.core.words.Station;

/**
 * Where two things stand in the crossing of a lap: on the diagonal, not in line with the grain, clear of the rabbet.
 */
final class LapPlaces {
    /** How many a corner takes. */
    static final int A_CORNER = 2;
    /** In a whole crossing, as shares of it, from both outside edges. */
    private static final double[][] WHOLE = {{1 / 3.0, 1 / 3.0}, {2 / 3.0, 2 / 3.0}};
    /** In the triangle of a mitred lap: from the edge of the piece that runs through behind, and of the other. */
    private static final double[][] HALF = {{0.5, 0.2}, {0.8, 0.5}};
    /** So many times its thickness of crossing are wanted for one. Common practice, no source. */
    private static final int WHOLE_ROOM = 5;

    private static final int HALF_ROOM = 6;

    private final Frame frame;
    private final boolean mitred;
    private final Length acrossThrough;
    private final Length acrossStanding;

    LapPlaces(Frame frame) {
        this.frame = frame;
        Length lip = frame.job().section().recess().opening();
        this.mitred = frame.job().squared().orElseThrow().corner() == SquareCorner.MITRE_LAPPED;
        this.acrossThrough = Crossing.narrowest(frame, true).minus(lip);
        this.acrossStanding = Crossing.narrowest(frame, false).minus(lip);
    }

    /** How wide the crossing is, clear of the rabbet. */
    Length room() {
        return acrossThrough.min(acrossStanding);
    }

    /** So many times the thickness of one. */
    int wanted() {
        return mitred ? HALF_ROOM : WHOLE_ROOM;
    }

    /** Both, from both outside edges. */
    List<Figure<Length>> entered(String id, Ledger ledger) {
        double[][] shares = mitred ? HALF : WHOLE;
        return Stream.iterate(0, i -> i < A_CORNER, i -> i + 1)
                .flatMap(i -> Stream.of(
                        place(id, i, true, acrossThrough.times(shares[i][0]), ledger),
                        place(id, i, false, acrossStanding.times(shares[i][1]), ledger)))
                .toList();
    }

    private Figure<Length> place(String id, int number, boolean through, Length value, Ledger ledger) {
        boolean stile = frame.job().squared().orElseThrow().through() == Through.STILES == through;
        return ledger.enter(Figure.formula(key(id, number, through))
                .named(Words.of("figure.joint." + id + "_" + (number + 1) + (stile ? "_stile" : "_rail")))
                .note("peg_place")
                .gives(value));
    }

    private static FigureKey<Length> key(String id, int number, boolean through) {
        return FigureKey.length(
                Station.CORNERS, "joint." + id + "_" + (number + 1) + (through ? "_through" : "_standing"));
    }

    /** Both as they lie in the second corner, so thick, from one level to another, in mm. */
    List<Insert> through(String id, JointOption used, double thick, double from, double to) {
        Crossing crossing = Crossing.of(frame);
        List<Insert> both = new ArrayList<>();
        for (int i = 0; i < A_CORNER; i++) {
            int number = i;
            used.setting(key(id, i, true)).ifPresent(beside -> {
                double over = used.setting(key(id, number, false)).orElseThrow();
                List<Vector> round = crossing.round(beside, over, thick, to);
                both.add(new Insert(
                        Insert.Form.PLATE,
                        round,
                        Hull.rod(crossing.at(beside, over, from), crossing.at(beside, over, to), thick)));
            });
        }
        return both;
    }
}
