package neatcorner.core.making;

import java.util.List;
import java.util.Optional;
import neatcorner.core.measure.Length;
import neatcorner.core.phrase.Words;
import neatcorner.core.section.Silhouette;
import neatcorner.core.words.Figure;
import neatcorner.core.words.FigureKey;

/**
 * One step from the board to the section.
 *
 * @param tool      with what
 * @param what      what is done
 * @param how       bit, surfaces and what else must be known, line by line
 * @param fence     from the fence to the cutter; empty where there is no fence to set
 * @param height    of the cutter; empty where there is none to set
 * @param passes    how deep the cutter stands in each pass, the last at its full height; empty for one pass
 * @param lies      how the stick lies for it; empty where it does not matter
 * @param stick     what it looks like afterwards
 * @param taken     what this step took away; nothing when wood came together
 * @param supported whether the stick is carried as it should be
 * @param sizes     the numbers given of the wood that it makes, which can be read after it
 */
public record MakingStep(
        Tool tool,
        Words what,
        List<Words> how,
        Optional<Figure<Length>> fence,
        Optional<Figure<Length>> height,
        List<Length> passes,
        Optional<Lies> lies,
        Silhouette stick,
        Silhouette taken,
        boolean supported,
        List<FigureKey<Length>> sizes) {
    /**
     * How the stick lies.
     *
     * @param down    on the table
     * @param against along the fence
     */
    public record Lies(Surface down, Surface against) {
    }

    public MakingStep {
        how = List.copyOf(how);
        passes = List.copyOf(passes);
        sizes = List.copyOf(sizes);
    }
}
