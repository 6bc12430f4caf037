package neatcorner.core.making;

import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Silhouette;
import neatcorner.core.words.FigureKey;

/**
 * Something to be cut away.
 *
 * @param id     its name for machines
 * @param name   its name for people
 * @param region what is taken, in the section's axes
 * @param deep   the most that is taken in any direction that a cutter advances
 * @param setups ways to cut it, the better first; one or more
 * @param sizes  the numbers of the section it gives that can be read when it is cut
 */
record Feature(
        String id,
        Words name,
        Silhouette region,
        Length deep,
        List<Setup> setups,
        List<? extends FigureKey<Length>> sizes) {
    /** One of which nothing is read. */
    Feature(String id, Words name, Silhouette region, Length deep, List<Setup> setups) {
        this(id, name, region, deep, setups, List.of());
    }

    /** Without the ways in which the blade leans over what is kept, where there are others. */
    Feature withoutLeaningOver() {
        List<Setup> safer = setups.stream().filter(setup -> setup.tilt().filter(Setup.Tilt::over).isEmpty()).toList();
        return safer.isEmpty() ? this : new Feature(id, name, region, deep, safer, sizes);
    }
}
