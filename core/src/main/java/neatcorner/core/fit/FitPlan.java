package neatcorner.core.fit;

import java.util.List;
import neatcorner.core.frame.Member;
import neatcorner.core.measure.Length;
import neatcorner.core.pane.Pane;
import neatcorner.core.pane.Panes;
import neatcorner.core.phrase.Words;
import neatcorner.core.words.Figure;

/**
 * What goes in and how it is held.
 *
 * @param panes       cut sizes
 * @param points      points or screws, for each length of side; empty where nothing is held
 * @param behind      the room behind, and what is free around a screen there; empty where nothing lies behind
 * @param order       fitting up, step by step
 */
public record FitPlan(Panes panes, List<Points> points, List<Figure<Length>> behind, List<Words> order) {
    /** What is cut to size, front to back. */
    public List<Pane> sheets() {
        return panes.sheets();
    }

    /** The openings of the mats, front to back; empty without one. */
    public List<Pane> matOpenings() {
        return panes.matOpenings();
    }

    /**
     * Points along sides of the same length.
     *
     * @param sides   which, in words
     * @param members the members on those sides; empty for panes between bars
     * @param each    how many on each of them
     * @param first   from the corner of the rabbet to the first
     * @param apart   from one to the next; zero where there is one alone
     */
    public record Points(Words sides, List<Member> members, int each, Figure<Length> first, Figure<Length> apart) {
        /** In words. */
        public Words said() {
            return each == 1
                    ? Words.of("text.point", sides, first)
                    : Words.of("text.points", sides, each, first, apart);
        }
    }
}
