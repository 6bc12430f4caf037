package neatcorner.core.making;

import java.util.List;
import neatcorner.core.measure.Length;
import neatcorner.core.section.Silhouette;
import neatcorner.core.words.Words;

/**
 * Something to be cut away.
 *
 * @param id     its name for machines
 * @param name   its name for people
 * @param region what is taken, in the section's axes
 * @param deep   the most that is taken in any direction that a cutter advances
 * @param setups ways to cut it, the better first; one or more
 */
record Feature(String id, Words name, Silhouette region, Length deep, List<Setup> setups) {
}
